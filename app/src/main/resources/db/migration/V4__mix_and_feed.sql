-- Feeds of several brews for several plantings, what plants are and show, and crops.

ALTER TABLE planting
  ADD COLUMN crop_id VARCHAR(40) NULL,
  ADD COLUMN appetite VARCHAR(8) NOT NULL DEFAULT 'MEDIUM',
  ADD COLUMN soil VARCHAR(12) NOT NULL DEFAULT 'LOAM',
  ADD COLUMN eaten VARCHAR(8) NOT NULL DEFAULT 'RAW',
  ADD COLUMN touched BOOLEAN NOT NULL DEFAULT TRUE,
  ADD COLUMN iron_sensitive BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN salt_sensitive BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN sheltered BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN sown_on DATE NULL,
  ADD COLUMN harvest_on DATE NULL,
  ADD COLUMN ended_at DATETIME(6) NULL,
  ADD COLUMN version INT NOT NULL DEFAULT 0,
  ADD CONSTRAINT planting_appetite CHECK (appetite IN ('LIGHT', 'MEDIUM', 'HEAVY')),
  ADD CONSTRAINT planting_soil CHECK (soil IN ('SANDY', 'LOAM', 'CLAY', 'POTTING_MIX')),
  ADD CONSTRAINT planting_eaten CHECK (eaten IN ('RAW', 'COOKED', 'NOT')),
  ADD CONSTRAINT planting_harvest CHECK (sown_on IS NULL OR harvest_on IS NULL OR harvest_on >= sown_on);

-- How far a planting has grown; the latest counts.
CREATE TABLE planting_stage (
  garden_id UUID NOT NULL,
  planting_id UUID NOT NULL,
  stage VARCHAR(12) NOT NULL,
  began_at DATETIME(6) NOT NULL,
  PRIMARY KEY (planting_id, began_at),
  CONSTRAINT planting_stage_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT planting_stage_planting FOREIGN KEY (planting_id) REFERENCES planting (id),
  CONSTRAINT planting_stage_stage CHECK (
    stage IN ('SEEDLING', 'LEAFY', 'BUDDING', 'FLOWERING', 'FRUITING', 'RIPENING', 'RESTING'))
) DEFAULT CHARSET = utf8mb4;

INSERT INTO planting_stage (garden_id, planting_id, stage, began_at)
SELECT garden_id, id, stage, UTC_TIMESTAMP(6) FROM planting;

ALTER TABLE planting DROP CONSTRAINT planting_stage;
ALTER TABLE planting DROP COLUMN stage;

-- What plants showed. A look that was wrong is struck, not erased.
CREATE TABLE planting_look (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  planting_id UUID NOT NULL,
  looked_at DATETIME(6) NOT NULL,
  look VARCHAR(12) NOT NULL,
  dry BOOLEAN NOT NULL,
  note VARCHAR(200) NOT NULL DEFAULT '',
  struck_at DATETIME(6) NULL,
  CONSTRAINT planting_look_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT planting_look_planting FOREIGN KEY (planting_id) REFERENCES planting (id),
  CONSTRAINT planting_look_look CHECK (look IN ('LUSH', 'UPRIGHT', 'UNCHANGED', 'PALE', 'SCORCHED', 'LIMP')),
  INDEX planting_look_garden_id_planting_id_looked_at (garden_id, planting_id, looked_at)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE planting_watering (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  planting_id UUID NOT NULL,
  watered_at DATETIME(6) NOT NULL,
  CONSTRAINT planting_watering_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT planting_watering_planting FOREIGN KEY (planting_id) REFERENCES planting (id),
  INDEX planting_watering_garden_id_planting_id_watered_at (garden_id, planting_id, watered_at)
) DEFAULT CHARSET = utf8mb4;

-- Crops that the gardener added, or described anew; the shipped ones live in the core.
CREATE TABLE own_crop (
  garden_id UUID NOT NULL,
  id VARCHAR(40) NOT NULL,
  name VARCHAR(60) NOT NULL,
  appetite VARCHAR(8) NOT NULL,
  eaten VARCHAR(8) NOT NULL,
  touched BOOLEAN NOT NULL,
  iron_sensitive BOOLEAN NOT NULL,
  salt_sensitive BOOLEAN NOT NULL,
  soil VARCHAR(12) NOT NULL,
  days VARCHAR(200) NOT NULL,
  PRIMARY KEY (garden_id, id),
  CONSTRAINT own_crop_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;

-- The brews of a feed: from a bottle, or something from the kitchen.
CREATE TABLE feed_brew (
  feed_id UUID NOT NULL,
  position INT NOT NULL,
  garden_id UUID NOT NULL,
  bottle_id UUID NULL,
  addition VARCHAR(20) NULL,
  ratio_water DECIMAL(12, 4) NOT NULL,
  brew_millilitres DECIMAL(12, 4) NOT NULL,
  PRIMARY KEY (feed_id, position),
  CONSTRAINT feed_brew_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT feed_brew_feed FOREIGN KEY (feed_id) REFERENCES feed (id),
  CONSTRAINT feed_brew_bottle FOREIGN KEY (bottle_id) REFERENCES bottle (id),
  CONSTRAINT feed_brew_source CHECK ((bottle_id IS NULL) <> (addition IS NULL)),
  CONSTRAINT feed_brew_amount CHECK (ratio_water >= 0 AND brew_millilitres > 0)
) DEFAULT CHARSET = utf8mb4;

INSERT INTO feed_brew (feed_id, position, garden_id, bottle_id, ratio_water, brew_millilitres)
SELECT id, 0, garden_id, bottle_id, ratio_water, brew_millilitres FROM feed;

CREATE TABLE feed_planting (
  feed_id UUID NOT NULL,
  planting_id UUID NOT NULL,
  garden_id UUID NOT NULL,
  PRIMARY KEY (feed_id, planting_id),
  CONSTRAINT feed_planting_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT feed_planting_feed FOREIGN KEY (feed_id) REFERENCES feed (id),
  CONSTRAINT feed_planting_planting FOREIGN KEY (planting_id) REFERENCES planting (id),
  INDEX feed_planting_garden_id_planting_id (garden_id, planting_id)
) DEFAULT CHARSET = utf8mb4;

INSERT INTO feed_planting (feed_id, planting_id, garden_id)
SELECT id, planting_id, garden_id FROM feed WHERE planting_id IS NOT NULL;

ALTER TABLE feed DROP FOREIGN KEY feed_bottle;
ALTER TABLE feed DROP FOREIGN KEY feed_planting;
ALTER TABLE feed DROP CONSTRAINT feed_ratio;
ALTER TABLE feed DROP CONSTRAINT feed_brew;
ALTER TABLE feed DROP CONSTRAINT feed_target;
ALTER TABLE feed ADD INDEX feed_garden_id_poured_at (garden_id, poured_at);
ALTER TABLE feed DROP INDEX feed_garden_id_planting_id_poured_at;
ALTER TABLE feed
  DROP COLUMN bottle_id,
  DROP COLUMN planting_id,
  DROP COLUMN ratio_water,
  DROP COLUMN brew_millilitres,
  MODIFY COLUMN decision VARCHAR(2000) NOT NULL DEFAULT '',
  ADD COLUMN undone_at DATETIME(6) NULL,
  ADD CONSTRAINT feed_target CHECK (target IN ('SOIL', 'SEEDLINGS', 'LEAVES', 'SEED_SOAK', 'LEAF_WIPE')),
  ADD CONSTRAINT feed_mix CHECK (mix_millilitres > 0);

ALTER TABLE bottle_entry DROP CONSTRAINT bottle_entry_kind;
ALTER TABLE bottle_entry
  ADD CONSTRAINT bottle_entry_kind CHECK (
    (kind = 'FILLED' AND change_millilitres > 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'POURED' AND change_millilitres < 0 AND feed_id IS NOT NULL AND batch_id IS NULL)
    OR (kind = 'UNDONE' AND change_millilitres > 0 AND feed_id IS NOT NULL AND batch_id IS NULL)
    OR (kind = 'MADE_INTO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NOT NULL)
    OR (kind = 'LET_GO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'MEASURED' AND feed_id IS NULL AND batch_id IS NULL));
