-- Acts count once; one vessel holds one thing; a bottle keeps the nature it was drawn with; unreadable methods are set aside.

-- What was done under a key, with a fingerprint of what was asked; empty for acts from before fingerprints were kept.
CREATE TABLE act (
  garden_id UUID NOT NULL,
  id UUID NOT NULL,
  fingerprint VARCHAR(64) NOT NULL,
  PRIMARY KEY (garden_id, id),
  CONSTRAINT act_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;
INSERT IGNORE INTO act (garden_id, id, fingerprint)
  SELECT garden_id, id, '' FROM batch
  UNION ALL SELECT garden_id, id, '' FROM batch_check
  UNION ALL SELECT garden_id, id, '' FROM bottle
  UNION ALL SELECT garden_id, id, '' FROM feed
  UNION ALL SELECT garden_id, id, '' FROM photo
  UNION ALL SELECT garden_id, id, '' FROM planting
  UNION ALL SELECT garden_id, id, '' FROM planting_look
  UNION ALL SELECT garden_id, id, '' FROM planting_watering
  UNION ALL SELECT garden_id, id, '' FROM plan_goal;

-- What one at a time may do. No foreign key: whoever waits here must not hold the garden's row meanwhile.
CREATE TABLE garden_lock (
  garden_id UUID NOT NULL,
  what VARCHAR(10) NOT NULL,
  PRIMARY KEY (garden_id, what)
) DEFAULT CHARSET = utf8mb4;

-- The vessel that a pot stands in now; none once it has ended. Of two that stand in one from before, the first set has it.
ALTER TABLE batch
  ADD COLUMN holds_vessel_id UUID NULL,
  ADD UNIQUE INDEX batch_holds_vessel_id (holds_vessel_id);
UPDATE batch b
  JOIN (
    SELECT standing.id, ROW_NUMBER() OVER (PARTITION BY standing.vessel_id ORDER BY standing.set_at, standing.id) AS place
    FROM batch standing
    JOIN batch_state s ON s.batch_id = standing.id
      AND s.sequence = (SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = standing.id)
    WHERE s.state IN ('WATER_STANDING', 'WORKING', 'HOLDING')
  ) first_set ON first_set.id = b.id AND first_set.place = 1
  SET b.holds_vessel_id = b.vessel_id;

-- What a bottle holds as it was drawn. Bottles from before are read from the log of their pot, up to that moment.
ALTER TABLE bottle
  ADD COLUMN brew_age_days DECIMAL(12, 4) NULL,
  ADD COLUMN brew_ph DECIMAL(5, 2) NULL,
  ADD COLUMN brew_ec DECIMAL(10, 4) NULL;

-- A title and a school's name stand in it together.
ALTER TABLE own_method MODIFY COLUMN title VARCHAR(300) NOT NULL;
