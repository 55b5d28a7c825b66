-- The whole book: what the garden's tap brings, places with air and weather, vessels of every shape, batches of any parts,
-- decisions that a gardener took against advice, and the gardener's own methods.

ALTER TABLE garden
  ADD COLUMN tap VARCHAR(20) NOT NULL DEFAULT 'UNKNOWN',
  ADD COLUMN climate VARCHAR(20) NOT NULL DEFAULT 'MARITIME',
  ADD COLUMN lift_grams DECIMAL(10, 2) NOT NULL DEFAULT 15000,
  ADD COLUMN welcomed BOOLEAN NOT NULL DEFAULT TRUE,
  ADD CONSTRAINT garden_tap CHECK (tap IN ('FREE_CHLORINE', 'CHLORAMINE', 'NONE', 'UNKNOWN')),
  ADD CONSTRAINT garden_climate CHECK (climate IN ('MARITIME', 'INLAND', 'NORTHERN', 'DRY_WARM', 'HUMID_WARM')),
  ADD CONSTRAINT garden_lift CHECK (lift_grams BETWEEN 1000 AND 200000);

ALTER TABLE place
  ADD COLUMN outdoors BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN room_litres DECIMAL(12, 2) NULL,
  ADD CONSTRAINT place_room CHECK (room_litres BETWEEN 100 AND 10000000);

ALTER TABLE vessel
  ADD COLUMN material VARCHAR(12) NOT NULL DEFAULT 'GLASS',
  ADD COLUMN retired_on DATE NULL,
  DROP CONSTRAINT vessel_kind;
UPDATE vessel SET material = 'PLASTIC' WHERE kind = 'BUCKET';
ALTER TABLE vessel
  ALTER COLUMN material DROP DEFAULT,
  ADD CONSTRAINT vessel_kind CHECK (kind IN ('JAR', 'BUCKET', 'DRUM', 'BOX', 'TRAY', 'BIN')),
  ADD CONSTRAINT vessel_material CHECK (
    material IN ('GLASS', 'CERAMIC', 'PLASTIC', 'STAINLESS', 'BARE_METAL', 'WOOD', 'BASKET', 'CARDBOARD'));

CREATE TABLE batch_part (
  batch_id UUID NOT NULL,
  part_id VARCHAR(30) NOT NULL,
  garden_id UUID NOT NULL,
  position INT NOT NULL,
  material_id VARCHAR(40) NOT NULL,
  grams DECIMAL(12, 4) NULL,
  millilitres DECIMAL(12, 4) NULL,
  PRIMARY KEY (batch_id, part_id),
  CONSTRAINT batch_part_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_part_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  CONSTRAINT batch_part_amount CHECK (
    (grams > 0 AND millilitres IS NULL) OR (grams IS NULL AND millilitres > 0))
) DEFAULT CHARSET = utf8mb4;
INSERT INTO batch_part (batch_id, part_id, garden_id, position, material_id, grams)
  SELECT id, 'plant', garden_id, 0, 'soft-leaves', plant_grams FROM batch
  UNION ALL SELECT id, 'sugar', garden_id, 1, sugar_id, sugar_grams FROM batch
  UNION ALL SELECT id, 'cap', garden_id, 2, sugar_id, cap_grams FROM batch WHERE cap_grams > 0;
ALTER TABLE batch
  DROP CONSTRAINT batch_plant,
  DROP CONSTRAINT batch_sugar,
  DROP CONSTRAINT batch_cap,
  DROP COLUMN sugar_id,
  DROP COLUMN plant_grams,
  DROP COLUMN sugar_grams,
  DROP COLUMN cap_grams;

ALTER TABLE batch_state
  DROP CONSTRAINT batch_state_state,
  ADD CONSTRAINT batch_state_state CHECK (state IN ('WATER_STANDING', 'WORKING', 'EMPTIED', 'THROWN_AWAY'));

-- What a gardener did although the tool advised against it. Only appended.
CREATE TABLE batch_decision (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  batch_id UUID NOT NULL,
  rule VARCHAR(40) NOT NULL,
  words VARCHAR(500) NOT NULL,
  decided_at DATETIME(6) NOT NULL,
  CONSTRAINT batch_decision_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT batch_decision_batch FOREIGN KEY (batch_id) REFERENCES batch (id),
  INDEX batch_decision_batch_id (batch_id)
) DEFAULT CHARSET = utf8mb4;

ALTER TABLE batch_check
  DROP CONSTRAINT batch_check_act,
  ADD CONSTRAINT batch_check_act CHECK (
    act IN ('LOOKED', 'STIRRED', 'VENTED', 'TURNED', 'DRAINED', 'TOPPED_UP', 'SUGAR_ADDED'));

ALTER TABLE feed
  DROP CONSTRAINT feed_ratio,
  ADD CONSTRAINT feed_ratio CHECK (ratio_water >= 0),
  ADD COLUMN decision VARCHAR(500) NOT NULL DEFAULT '';

-- A gardener's own methods. Rows are never changed but for replaced_by and retired_at: a pot keeps the wording it was made by.
CREATE TABLE own_method (
  garden_id UUID NOT NULL,
  id VARCHAR(60) NOT NULL,
  title VARCHAR(120) NOT NULL,
  yaml MEDIUMTEXT NOT NULL,
  written_at DATETIME(6) NOT NULL,
  replaced_by VARCHAR(60) NULL,
  retired_at DATETIME(6) NULL,
  PRIMARY KEY (garden_id, id),
  CONSTRAINT own_method_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;
