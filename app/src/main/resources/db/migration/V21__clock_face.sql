-- Whether its people read a clock of twelve or of twenty-four hours.
ALTER TABLE garden ADD COLUMN IF NOT EXISTS clock_face VARCHAR(10) NOT NULL DEFAULT 'HOURS_24';
