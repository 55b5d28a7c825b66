-- One garden is the root of everything: every table carries garden_id and every query filters by it.
-- Instants are DATETIME(6) in UTC, calendar days DATE. Rows of *_check, batch_state, bottle_entry and feed are only appended.

CREATE TABLE garden (
  id UUID NOT NULL PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  time_zone VARCHAR(40) NOT NULL,
  unit_system VARCHAR(10) NOT NULL,
  version INT NOT NULL DEFAULT 0,
  CONSTRAINT garden_unit_system CHECK (unit_system IN ('METRIC', 'US'))
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE place (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  name VARCHAR(60) NOT NULL,
  walking_order INT NOT NULL,
  temperature_celsius DECIMAL(4, 1) NOT NULL,
  light VARCHAR(10) NOT NULL,
  CONSTRAINT place_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT place_temperature CHECK (temperature_celsius BETWEEN -40 AND 60),
  CONSTRAINT place_light CHECK (light IN ('DARK', 'SHADE', 'SUN')),
  INDEX place_garden_id_walking_order (garden_id, walking_order)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE vessel (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  code VARCHAR(8) NOT NULL,
  kind VARCHAR(10) NOT NULL,
  capacity_millilitres DECIMAL(12, 2) NOT NULL,
  CONSTRAINT vessel_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT vessel_kind CHECK (kind IN ('JAR', 'BUCKET')),
  CONSTRAINT vessel_capacity CHECK (capacity_millilitres BETWEEN 50 AND 1000000),
  UNIQUE INDEX vessel_garden_id_code (garden_id, code)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE batch (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  method_id VARCHAR(60) NOT NULL,
  name VARCHAR(60) NOT NULL,
  vessel_id UUID NOT NULL,
  place_id UUID NOT NULL,
  lid VARCHAR(10) NOT NULL,
  sugar_id VARCHAR(40) NOT NULL,
  plant_grams DECIMAL(12, 2) NOT NULL,
  sugar_grams DECIMAL(12, 2) NOT NULL,
  cap_grams DECIMAL(12, 2) NOT NULL,
  set_at DATETIME(6) NOT NULL,
  CONSTRAINT batch_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_vessel FOREIGN KEY (vessel_id) REFERENCES vessel (id),
  CONSTRAINT batch_place FOREIGN KEY (place_id) REFERENCES place (id),
  CONSTRAINT batch_plant CHECK (plant_grams > 0),
  CONSTRAINT batch_sugar CHECK (sugar_grams > 0),
  CONSTRAINT batch_cap CHECK (cap_grams >= 0),
  INDEX batch_garden_id_set_at (garden_id, set_at),
  INDEX batch_vessel_id (vessel_id)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE batch_state (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  sequence INT NOT NULL,
  state VARCHAR(20) NOT NULL,
  stage INT NOT NULL,
  began_at DATETIME(6) NOT NULL,
  reason VARCHAR(200) NOT NULL,
  CONSTRAINT batch_state_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_state_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT batch_state_state CHECK (state IN ('WORKING', 'EMPTIED', 'THROWN_AWAY')),
  CONSTRAINT batch_state_stage CHECK (stage >= 0),
  UNIQUE INDEX batch_state_batch_id_sequence (batch_id, sequence),
  INDEX batch_state_garden_id (garden_id)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE batch_check (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  checked_at DATETIME(6) NOT NULL,
  act VARCHAR(20) NOT NULL,
  temperature_celsius DECIMAL(5, 2) NULL,
  note VARCHAR(500) NOT NULL,
  corrects_id UUID NULL,
  CONSTRAINT batch_check_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_check_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT batch_check_corrects FOREIGN KEY (corrects_id) REFERENCES batch_check (id),
  CONSTRAINT batch_check_act CHECK (act IN ('LOOKED', 'STIRRED', 'VENTED', 'SUGAR_ADDED')),
  CONSTRAINT batch_check_temperature CHECK (temperature_celsius BETWEEN -40 AND 100),
  UNIQUE INDEX batch_check_corrects_id (corrects_id),
  INDEX batch_check_garden_id_batch_id_checked_at (garden_id, batch_id, checked_at)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE batch_check_sign (
  check_id UUID NOT NULL,
  garden_id UUID NOT NULL,
  sense VARCHAR(30) NOT NULL,
  sign VARCHAR(40) NOT NULL,
  PRIMARY KEY (check_id, sense),
  CONSTRAINT batch_check_sign_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_check_sign_check FOREIGN KEY (check_id) REFERENCES batch_check (id)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE planting (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  name VARCHAR(60) NOT NULL,
  stage VARCHAR(12) NOT NULL,
  area_square_metres DECIMAL(10, 2) NULL,
  pots INT NULL,
  pot_millilitres DECIMAL(12, 2) NULL,
  CONSTRAINT planting_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT planting_stage CHECK (
    stage IN ('SEEDLING', 'LEAFY', 'BUDDING', 'FLOWERING', 'FRUITING', 'RIPENING', 'RESTING')),
  CONSTRAINT planting_size CHECK (
    (area_square_metres > 0 AND pots IS NULL AND pot_millilitres IS NULL)
    OR (area_square_metres IS NULL AND pots > 0 AND pot_millilitres > 0)),
  INDEX planting_garden_id_name (garden_id, name)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE bottle (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  code VARCHAR(8) NOT NULL,
  name VARCHAR(60) NOT NULL,
  product_id VARCHAR(60) NOT NULL,
  batch_id UUID NOT NULL,
  keep_id VARCHAR(30) NOT NULL,
  filled_millilitres DECIMAL(12, 2) NOT NULL,
  bottled_at DATETIME(6) NOT NULL,
  use_by DATE NOT NULL,
  soil_only BOOLEAN NOT NULL,
  CONSTRAINT bottle_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT bottle_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT bottle_filled CHECK (filled_millilitres > 0),
  UNIQUE INDEX bottle_garden_id_code (garden_id, code),
  INDEX bottle_garden_id_use_by (garden_id, use_by)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE feed (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  bottle_id UUID NOT NULL,
  planting_id UUID NULL,
  poured_at DATETIME(6) NOT NULL,
  target VARCHAR(12) NOT NULL,
  ratio_water DECIMAL(12, 4) NOT NULL,
  mix_millilitres DECIMAL(14, 2) NOT NULL,
  brew_millilitres DECIMAL(12, 4) NOT NULL,
  CONSTRAINT feed_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT feed_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id),
  CONSTRAINT feed_planting FOREIGN KEY (planting_id) REFERENCES planting (id),
  CONSTRAINT feed_target CHECK (target IN ('SOIL', 'SEEDLINGS', 'LEAVES')),
  CONSTRAINT feed_ratio CHECK (ratio_water > 0),
  CONSTRAINT feed_brew CHECK (brew_millilitres > 0),
  INDEX feed_garden_id_planting_id_poured_at (garden_id, planting_id, poured_at)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE bottle_entry (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  bottle_id UUID NOT NULL,
  entered_at DATETIME(6) NOT NULL,
  kind VARCHAR(12) NOT NULL,
  change_millilitres DECIMAL(14, 4) NOT NULL,
  feed_id UUID NULL,
  CONSTRAINT bottle_entry_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT bottle_entry_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id),
  CONSTRAINT bottle_entry_feed FOREIGN KEY (feed_id) REFERENCES feed (id),
  CONSTRAINT bottle_entry_kind CHECK (
    (kind = 'FILLED' AND change_millilitres > 0 AND feed_id IS NULL)
    OR (kind = 'POURED' AND change_millilitres < 0 AND feed_id IS NOT NULL)),
  INDEX bottle_entry_garden_id_bottle_id_entered_at (garden_id, bottle_id, entered_at)
) DEFAULT CHARSET = utf8mb4;
