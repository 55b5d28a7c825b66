-- Living pots: places that go with the weather, pots that move, readings of meters, several bottles of a pot with their places and
-- decisions, what a pot was made from, photos, and readings that come in from outside.

ALTER TABLE garden
  ADD COLUMN stand_ins BOOLEAN NOT NULL DEFAULT TRUE;

ALTER TABLE place
  ADD COLUMN kind VARCHAR(16) NOT NULL DEFAULT 'INDOORS',
  ADD COLUMN version INT NOT NULL DEFAULT 0,
  ADD COLUMN offset_kelvin DECIMAL(4, 1) NULL,
  ADD COLUMN damping DECIMAL(3, 2) NULL,
  ADD COLUMN lag_minutes INT NULL,
  MODIFY COLUMN temperature_celsius DECIMAL(4, 1) NULL;
UPDATE place SET kind = 'WALL' WHERE outdoors;
ALTER TABLE place
  ADD CONSTRAINT place_kind CHECK (
    kind IN ('INDOORS', 'CUPBOARD', 'COOL_ROOM', 'FRIDGE', 'SHED', 'WALL', 'SUN_STEP', 'GLASSHOUSE', 'COMPOST_WARM')),
  ADD CONSTRAINT place_model CHECK (
    (temperature_celsius IS NOT NULL AND offset_kelvin IS NULL AND damping IS NULL AND lag_minutes IS NULL)
    OR (temperature_celsius IS NULL AND offset_kelvin BETWEEN -15 AND 30 AND damping BETWEEN 0 AND 2
      AND lag_minutes BETWEEN 0 AND 1440));

-- What a gardener wrote down or took in. Only appended: the latest entry of a day counts.
CREATE TABLE weather_day (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  day DATE NOT NULL,
  low_celsius DECIMAL(4, 1) NOT NULL,
  high_celsius DECIMAL(4, 1) NOT NULL,
  rain_millimetres DECIMAL(6, 1) NOT NULL,
  wind_metres_per_second DECIMAL(5, 1) NOT NULL,
  origin VARCHAR(10) NOT NULL,
  entered_at DATETIME(6) NOT NULL,
  CONSTRAINT weather_day_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT weather_day_span CHECK (low_celsius <= high_celsius),
  CONSTRAINT weather_day_rain CHECK (rain_millimetres >= 0 AND wind_metres_per_second >= 0),
  CONSTRAINT weather_day_origin CHECK (origin IN ('TYPED', 'IMPORTED')),
  INDEX weather_day_garden_id_day (garden_id, day, entered_at)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE batch_stay (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  place_id UUID NOT NULL,
  from_at DATETIME(6) NOT NULL,
  CONSTRAINT batch_stay_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_stay_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT batch_stay_place FOREIGN KEY (place_id) REFERENCES place (id),
  INDEX batch_stay_batch_id_from_at (batch_id, from_at)
) DEFAULT CHARSET = utf8mb4;
INSERT INTO batch_stay (id, garden_id, batch_id, place_id, from_at)
  SELECT UUID(), garden_id, id, place_id, set_at FROM batch;

ALTER TABLE batch
  DROP CONSTRAINT batch_place;
ALTER TABLE batch
  DROP COLUMN place_id;
ALTER TABLE batch
  ADD COLUMN origin VARCHAR(300) NOT NULL DEFAULT '',
  ADD COLUMN refills_id UUID NULL,
  ADD COLUMN split_from_id UUID NULL,
  ADD COLUMN split_share DECIMAL(7, 6) NULL,
  ADD COLUMN split_at DATETIME(6) NULL;
ALTER TABLE batch
  ADD CONSTRAINT batch_refills FOREIGN KEY (refills_id) REFERENCES batch (id),
  ADD CONSTRAINT batch_split_from FOREIGN KEY (split_from_id) REFERENCES batch (id),
  ADD CONSTRAINT batch_split CHECK (
    (split_from_id IS NULL AND split_share IS NULL AND split_at IS NULL)
    OR (split_share > 0 AND split_share < 1 AND split_at IS NOT NULL));

ALTER TABLE batch_part
  ADD COLUMN bottle_id UUID NULL,
  ADD CONSTRAINT batch_part_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id);

ALTER TABLE batch_check
  DROP CONSTRAINT batch_check_act,
  ADD CONSTRAINT batch_check_act CHECK (
    act IN ('LOOKED', 'STIRRED', 'VENTED', 'TURNED', 'DRAINED', 'TOPPED_UP', 'SUGAR_ADDED', 'DRY_ADDED', 'RESEALED',
      'SKIMMED', 'DAMPED', 'COVERED', 'AIR_ON', 'AIR_OFF', 'STONES_CLEANED')),
  ADD COLUMN replaced_share DECIMAL(7, 6) NULL,
  ADD CONSTRAINT batch_check_replaced CHECK (replaced_share BETWEEN 0 AND 1);

-- What meters read. A reading of a visit is struck with it; one from outside by a row of its own.
CREATE TABLE reading (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  check_id UUID NULL,
  meter VARCHAR(12) NOT NULL,
  value DECIMAL(14, 4) NOT NULL,
  read_at DATETIME(6) NOT NULL,
  origin VARCHAR(10) NOT NULL,
  struck_at DATETIME(6) NULL,
  CONSTRAINT reading_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT reading_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT reading_check FOREIGN KEY (check_id) REFERENCES batch_check (id),
  CONSTRAINT reading_meter CHECK (meter IN ('THERMOMETER', 'PH', 'EC', 'BRIX', 'OXYGEN', 'SCALE')),
  CONSTRAINT reading_origin CHECK (origin IN ('TYPED', 'STAND_IN', 'POSTED', 'IMPORTED')),
  CONSTRAINT reading_value CHECK (meter <> 'PH' OR value BETWEEN 0 AND 14),
  INDEX reading_garden_id_batch_id_read_at (garden_id, batch_id, read_at)
) DEFAULT CHARSET = utf8mb4;
INSERT INTO reading (id, garden_id, batch_id, check_id, meter, value, read_at, origin)
  SELECT UUID(), garden_id, batch_id, id, 'THERMOMETER', temperature_celsius, checked_at, 'TYPED'
  FROM batch_check WHERE temperature_celsius IS NOT NULL;
ALTER TABLE batch_check
  DROP CONSTRAINT batch_check_temperature,
  DROP COLUMN temperature_celsius;

-- How each finished pot went: the gardener's own times and yields rest on it.
CREATE TABLE batch_outcome (
  batch_id UUID NOT NULL,
  stage INT NOT NULL,
  garden_id UUID NOT NULL,
  method_id VARCHAR(60) NOT NULL,
  took_days DECIMAL(10, 4) NOT NULL,
  yield_share DECIMAL(10, 4) NULL,
  ended_at DATETIME(6) NOT NULL,
  PRIMARY KEY (batch_id, stage),
  CONSTRAINT batch_outcome_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_outcome_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT batch_outcome_took CHECK (took_days >= 0),
  INDEX batch_outcome_garden_id_method_id_ended_at (garden_id, method_id, ended_at)
) DEFAULT CHARSET = utf8mb4;

ALTER TABLE bottle
  ADD COLUMN place_id UUID NULL,
  ADD COLUMN nothing_edible BOOLEAN NOT NULL DEFAULT FALSE,
  ADD CONSTRAINT bottle_place FOREIGN KEY (place_id) REFERENCES place (id);

ALTER TABLE bottle_entry
  ADD COLUMN batch_id UUID NULL,
  ADD COLUMN reason VARCHAR(200) NOT NULL DEFAULT '',
  DROP CONSTRAINT bottle_entry_kind,
  ADD CONSTRAINT bottle_entry_made_into FOREIGN KEY (batch_id) REFERENCES batch (id),
  ADD CONSTRAINT bottle_entry_kind CHECK (
    (kind = 'FILLED' AND change_millilitres > 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'POURED' AND change_millilitres < 0 AND feed_id IS NOT NULL AND batch_id IS NULL)
    OR (kind = 'MADE_INTO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NOT NULL)
    OR (kind = 'LET_GO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'MEASURED' AND feed_id IS NULL AND batch_id IS NULL));

-- A bottle past its date that was looked at and kept on. The latest counts.
CREATE TABLE bottle_decision (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  bottle_id UUID NOT NULL,
  decided_at DATETIME(6) NOT NULL,
  use_by DATE NOT NULL,
  words VARCHAR(200) NOT NULL,
  CONSTRAINT bottle_decision_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT bottle_decision_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id),
  INDEX bottle_decision_bottle_id_decided_at (bottle_id, decided_at)
) DEFAULT CHARSET = utf8mb4;

-- Pictures, drawn anew by the application so that nothing but the picture is left in them.
CREATE TABLE photo (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  taken_at DATETIME(6) NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  picture MEDIUMBLOB NOT NULL,
  small MEDIUMBLOB NOT NULL,
  struck_at DATETIME(6) NULL,
  CONSTRAINT photo_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT photo_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT photo_size CHECK (width > 0 AND height > 0),
  INDEX photo_garden_id_batch_id_taken_at (garden_id, batch_id, taken_at)
) DEFAULT CHARSET = utf8mb4;

-- Who may send readings in. Only the hash of a token is kept.
CREATE TABLE outside_token (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  name VARCHAR(60) NOT NULL,
  token_hash CHAR(64) NOT NULL,
  made_at DATETIME(6) NOT NULL,
  revoked_at DATETIME(6) NULL,
  CONSTRAINT outside_token_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  UNIQUE INDEX outside_token_token_hash (token_hash)
) DEFAULT CHARSET = utf8mb4;

-- Readings from outside that can't be, or that belong to no pot: held back until somebody has looked.
CREATE TABLE held_reading (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  code VARCHAR(40) NOT NULL,
  meter VARCHAR(40) NOT NULL,
  value VARCHAR(40) NOT NULL,
  read_at VARCHAR(40) NOT NULL,
  origin VARCHAR(10) NOT NULL,
  why VARCHAR(300) NOT NULL,
  received_at DATETIME(6) NOT NULL,
  settled_at DATETIME(6) NULL,
  taken BOOLEAN NOT NULL DEFAULT FALSE,
  CONSTRAINT held_reading_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT held_reading_origin CHECK (origin IN ('POSTED', 'IMPORTED')),
  INDEX held_reading_garden_id_settled_at (garden_id, settled_at, received_at)
) DEFAULT CHARSET = utf8mb4;

-- Past pots are paged by the moment they ended; the state of a pot is found by its latest row.
ALTER TABLE batch_state
  DROP CONSTRAINT batch_state_state,
  ADD CONSTRAINT batch_state_state CHECK (
    state IN ('WATER_STANDING', 'WORKING', 'HOLDING', 'EMPTIED', 'THROWN_AWAY')),
  ADD INDEX batch_state_garden_id_state_began_at (garden_id, state, began_at);
ALTER TABLE batch
  ADD INDEX batch_garden_id_vessel_id_set_at (garden_id, vessel_id, set_at);
