-- What is true now stands in rows of its own, so that nothing that is shown costs more with the years. The histories stay and can
-- make these rows anew at any time; they are written in the same transaction.

CREATE TABLE IF NOT EXISTS pot_now (
  batch_id UUID NOT NULL,
  garden_id UUID NOT NULL,
  vessel_id UUID NOT NULL,
  method_id VARCHAR(60) NOT NULL,
  sequence INT NOT NULL,
  stands BOOLEAN NOT NULL,
  since DATETIME(6) NOT NULL,
  PRIMARY KEY (batch_id),
  KEY pot_now_garden_id_stands_since (garden_id, stands, since, batch_id),
  KEY pot_now_garden_id_vessel_id_method_id (garden_id, vessel_id, method_id),
  KEY pot_now_garden_id_vessel_id_since (garden_id, vessel_id, stands, since),
  CONSTRAINT pot_now_batch FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
) DEFAULT CHARSET = utf8mb4;

INSERT IGNORE INTO pot_now (batch_id, garden_id, vessel_id, method_id, sequence, stands, since)
SELECT b.id, b.garden_id, b.vessel_id, b.method_id, s.sequence, s.state IN ('WATER_STANDING', 'WORKING', 'HOLDING'), s.began_at
FROM batch b
JOIN batch_state s ON s.batch_id = b.id
  AND s.sequence = (SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = b.id)
WHERE b.taken_back_at IS NULL;

CREATE TABLE IF NOT EXISTS bottle_now (
  bottle_id UUID NOT NULL,
  garden_id UUID NOT NULL,
  level_millilitres DECIMAL(14,4) NOT NULL,
  in_store BOOLEAN NOT NULL,
  since DATETIME(6) NOT NULL,
  PRIMARY KEY (bottle_id),
  KEY bottle_now_garden_id_in_store_since (garden_id, in_store, since, bottle_id),
  CONSTRAINT bottle_now_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id) ON DELETE CASCADE
) DEFAULT CHARSET = utf8mb4;

INSERT IGNORE INTO bottle_now (bottle_id, garden_id, level_millilitres, in_store, since)
SELECT b.id, b.garden_id, COALESCE(SUM(e.change_millilitres), 0), COALESCE(SUM(e.change_millilitres), 0) >= 0.01,
  COALESCE(MAX(e.entered_at), b.bottled_at)
FROM bottle b
LEFT JOIN bottle_entry e ON e.bottle_id = b.id
WHERE b.taken_back_at IS NULL
GROUP BY b.id, b.garden_id, b.bottled_at;

CREATE INDEX IF NOT EXISTS batch_outcome_garden_id_method_id_stage_ended_at ON batch_outcome (garden_id, method_id, stage, ended_at);
DROP INDEX IF EXISTS batch_outcome_garden_id_method_id_ended_at ON batch_outcome;
CREATE INDEX IF NOT EXISTS planting_look_garden_id_looked_at ON planting_look (garden_id, looked_at);
CREATE INDEX IF NOT EXISTS planting_watering_garden_id_watered_at ON planting_watering (garden_id, watered_at);
-- Whoever looks for a name is answered with the latest first, and as soon as there are enough.
CREATE INDEX IF NOT EXISTS bottle_garden_id_bottled_at ON bottle (garden_id, bottled_at);
