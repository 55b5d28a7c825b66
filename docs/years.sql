-- Fills a running sample world with the years of a busy garden: :N past pots, 500 a year, of every way that has ended there; each with 10
-- visits, 4 readings, 2 bottles poured out in 4 feeds each; 5 years of weather; four times the plantings. docs/years-benchmark.py runs it.
-- Ids are counted, so that rows come in their order: a million of them take a minute, not an hour.
SET foreign_key_checks = 0, unique_checks = 0, autocommit = 0;
SET @garden = (SELECT id FROM garden LIMIT 1), @done = (SELECT COUNT(*) FROM batch WHERE LEFT(id, 2) = 'a0');

INSERT INTO planting SELECT CAST(CONCAT('9', seq, SUBSTR(p.id, 3)) AS UUID), garden_id, CONCAT(name, ' ', seq), area_square_metres, pots,
  pot_millilitres, crop_id, appetite, soil, eaten, touched, iron_sensitive, salt_sensitive, sheltered, sown_on, harvest_on, ended_at, version
FROM planting p JOIN seq_1_to_3 WHERE @done = 0;
INSERT INTO planting_stage (garden_id, planting_id, stage, began_at)
SELECT garden_id, CAST(CONCAT('9', seq, SUBSTR(s.planting_id, 3)) AS UUID), stage, began_at FROM planting_stage s JOIN seq_1_to_3 WHERE @done = 0;
INSERT INTO weather_day (id, garden_id, day, low_celsius, high_celsius, rain_millimetres, wind_metres_per_second, origin, entered_at)
SELECT CAST(CONCAT('b0000000-0000-4000-8000-', LPAD(HEX(seq), 12, '0')) AS UUID), @garden, CURRENT_DATE - INTERVAL seq DAY,
  8 + 6 * SIN(seq / 58), 15 + 8 * SIN(seq / 58), IF(seq MOD 3 = 0, 4, 0), 3, 'IMPORTED', NOW()
FROM seq_1_to_1825 WHERE @done = 0;

CREATE TEMPORARY TABLE ended (k INT PRIMARY KEY, id UUID, gone DATETIME(6), product VARCHAR(60), keep_id VARCHAR(30), place UUID);
INSERT INTO ended SELECT ROW_NUMBER() OVER (ORDER BY b.method_id, b.set_at) - 1, b.id, n.since, o.product_id, o.keep_id, o.place_id
FROM batch b
JOIN pot_now n ON n.batch_id = b.id AND NOT n.stands
JOIN (SELECT batch_id, MIN(product_id) product_id, MIN(keep_id) keep_id, MIN(place_id) place_id FROM bottle GROUP BY batch_id) o
  ON o.batch_id = b.id
WHERE LEFT(b.id, 2) <> 'a0' AND b.refills_id IS NULL AND b.split_from_id IS NULL;
SET @kinds = (SELECT COUNT(*) FROM ended);
CREATE TEMPORARY TABLE pot (n INT PRIMARY KEY, id UUID, like_id UUID, days INT, gone DATETIME(6), set_at DATETIME(6), seconds INT,
  product VARCHAR(60), keep_id VARCHAR(30), place UUID);
INSERT INTO pot SELECT seq, CAST(CONCAT('a0000000-0000-4000-8000-', LPAD(HEX(seq), 12, '0')) AS UUID), e.id, 40 + FLOOR(seq * 365 / 500),
  e.gone - INTERVAL 40 + FLOOR(seq * 365 / 500) DAY, b.set_at - INTERVAL 40 + FLOOR(seq * 365 / 500) DAY,
  TIMESTAMPDIFF(SECOND, b.set_at, e.gone), e.product, e.keep_id, e.place
FROM seq_1_to_:N JOIN ended e ON e.k = seq MOD @kinds JOIN batch b ON b.id = e.id WHERE seq > @done;

INSERT INTO batch (id, garden_id, method_id, name, vessel_id, lid, set_at, origin)
SELECT p.id, @garden, b.method_id, CONCAT(LEFT(b.name, 50), ' ', p.n), b.vessel_id, b.lid, p.set_at, b.origin
FROM pot p JOIN batch b ON b.id = p.like_id;
INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason)
SELECT CAST(CONCAT('a1000000-0000-4000-8000-', LPAD(HEX(p.n * 16 + s.sequence), 12, '0')) AS UUID), @garden, p.id, s.sequence, s.state, s.stage,
  s.began_at - INTERVAL p.days DAY, s.reason
FROM pot p JOIN batch_state s ON s.batch_id = p.like_id;
INSERT INTO batch_part SELECT p.id, part_id, @garden, position, material_id, grams, millilitres FROM pot p JOIN batch_part o ON o.batch_id = p.like_id;
INSERT INTO batch_stay (id, garden_id, batch_id, place_id, from_at)
SELECT CAST(CONCAT('a2000000-0000-4000-8000-', LPAD(HEX(p.n), 12, '0')) AS UUID), @garden, p.id, MIN(s.place_id), p.set_at
FROM pot p JOIN batch_stay s ON s.batch_id = p.like_id GROUP BY p.n;
INSERT INTO batch_outcome SELECT p.id, stage, @garden, method_id, took_days, yield_share, ended_at - INTERVAL p.days DAY
FROM pot p JOIN batch_outcome o ON o.batch_id = p.like_id;
COMMIT;
INSERT INTO batch_check (id, garden_id, batch_id, checked_at, act, note)
SELECT CAST(CONCAT('a3000000-0000-4000-8000-', LPAD(HEX(p.n * 16 + seq), 12, '0')) AS UUID), @garden, p.id,
  p.set_at + INTERVAL p.seconds * seq DIV 11 SECOND, 'LOOKED', ''
FROM pot p STRAIGHT_JOIN seq_1_to_10;
INSERT INTO batch_check_sign SELECT CAST(CONCAT('a3000000-0000-4000-8000-', LPAD(HEX(p.n * 16 + seq), 12, '0')) AS UUID), @garden, 'bubbles', 'few-bubbles'
FROM pot p STRAIGHT_JOIN seq_1_to_10;
INSERT INTO reading (id, garden_id, batch_id, meter, value, read_at, origin)
SELECT CAST(CONCAT('a4000000-0000-4000-8000-', LPAD(HEX(p.n * 4 + seq), 12, '0')) AS UUID), @garden, p.id, 'PH', 4.2 - seq / 10,
  p.set_at + INTERVAL p.seconds * seq DIV 11 SECOND, 'TYPED'
FROM pot p STRAIGHT_JOIN seq_1_to_4;
COMMIT;
INSERT INTO bottle (id, garden_id, code, name, product_id, batch_id, keep_id, filled_millilitres, bottled_at, use_by, soil_only, place_id,
  brew_age_days)
SELECT CAST(CONCAT('a5000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + seq), 12, '0')) AS UUID), @garden, CONCAT('P', 1000 + p.n * 2 + seq),
  LEFT(b.name, 60), p.product, p.id, p.keep_id, 1000, p.gone, DATE(p.gone) + INTERVAL 180 DAY, 0, p.place, 10
FROM pot p JOIN batch b ON b.id = p.like_id JOIN seq_1_to_2;
INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres)
SELECT CAST(CONCAT('a6000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + seq), 12, '0')) AS UUID), @garden,
  CAST(CONCAT('a5000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + seq), 12, '0')) AS UUID), p.gone, 'FILLED', 1000
FROM pot p STRAIGHT_JOIN seq_1_to_2;
COMMIT;
INSERT INTO feed (id, garden_id, poured_at, target, mix_millilitres, entered_at)
SELECT CAST(CONCAT('a7000000-0000-4000-8000-', LPAD(HEX(p.n * 8 + seq), 12, '0')) AS UUID), @garden, p.gone + INTERVAL 4 * seq DAY, 'SOIL', 25000,
  p.gone + INTERVAL 4 * seq DAY
FROM pot p STRAIGHT_JOIN seq_1_to_8;
INSERT INTO feed_brew (feed_id, position, garden_id, bottle_id, ratio_water, brew_millilitres)
SELECT CAST(CONCAT('a7000000-0000-4000-8000-', LPAD(HEX(p.n * 8 + seq), 12, '0')) AS UUID), 0, @garden,
  CAST(CONCAT('a5000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + 1 + seq MOD 2), 12, '0')) AS UUID), 99, 250
FROM pot p STRAIGHT_JOIN seq_1_to_8;
COMMIT;
CREATE TEMPORARY TABLE bed (k INT PRIMARY KEY, id UUID);
INSERT INTO bed SELECT ROW_NUMBER() OVER (ORDER BY id) - 1, id FROM planting;
SET @beds = (SELECT COUNT(*) FROM bed);
INSERT INTO feed_planting (feed_id, planting_id, garden_id)
SELECT CAST(CONCAT('a7000000-0000-4000-8000-', LPAD(HEX(p.n * 8 + seq), 12, '0')) AS UUID), bed.id, @garden
FROM pot p STRAIGHT_JOIN seq_1_to_8 STRAIGHT_JOIN bed ON bed.k = (p.n * 8 + seq) MOD @beds;
INSERT INTO bottle_entry (id, garden_id, bottle_id, entered_at, kind, change_millilitres, feed_id)
SELECT CAST(CONCAT('a8000000-0000-4000-8000-', LPAD(HEX(p.n * 8 + seq), 12, '0')) AS UUID), @garden,
  CAST(CONCAT('a5000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + 1 + seq MOD 2), 12, '0')) AS UUID), p.gone + INTERVAL 4 * seq DAY, 'POURED', -250,
  CAST(CONCAT('a7000000-0000-4000-8000-', LPAD(HEX(p.n * 8 + seq), 12, '0')) AS UUID)
FROM pot p STRAIGHT_JOIN seq_1_to_8;
COMMIT;
INSERT INTO planting_look (id, garden_id, planting_id, looked_at, look, dry)
SELECT CAST(CONCAT('a9000000-0000-4000-8000-', LPAD(HEX(p.n), 12, '0')) AS UUID), @garden, bed.id, p.gone + INTERVAL 30 DAY, 'UPRIGHT', 0
FROM pot p STRAIGHT_JOIN bed ON bed.k = p.n MOD @beds;
INSERT INTO pot_now (batch_id, garden_id, vessel_id, method_id, sequence, stands, since)
SELECT p.id, @garden, n.vessel_id, n.method_id, n.sequence, 0, p.gone FROM pot p JOIN pot_now n ON n.batch_id = p.like_id;
INSERT INTO bottle_now SELECT CAST(CONCAT('a5000000-0000-4000-8000-', LPAD(HEX(p.n * 2 + seq), 12, '0')) AS UUID), @garden, 0, 0,
  p.gone + INTERVAL 4 * (6 + IF(seq = 2, 1, 2)) DAY FROM pot p STRAIGHT_JOIN seq_1_to_2;
COMMIT;
SET foreign_key_checks = 1, unique_checks = 1;
ANALYZE TABLE batch, batch_state, pot_now, bottle, bottle_now, bottle_entry, feed, feed_brew, feed_planting, batch_check, reading, batch_outcome,
  planting_look, weather_day;
