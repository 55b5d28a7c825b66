-- Of feeds, looks and waterings of one and the same moment the one written later counts later; what was wrong is struck, with a reason.
ALTER TABLE feed
  ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX feed_written (written),
  ADD COLUMN undone_reason VARCHAR(200) NOT NULL DEFAULT '';
ALTER TABLE planting_look ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX planting_look_written (written);
ALTER TABLE planting_watering
  ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX planting_watering_written (written),
  ADD COLUMN struck_at DATETIME(6) NULL;

-- Between which hours it rains, where somebody knows.
ALTER TABLE weather_day
  ADD COLUMN rain_from TIME NULL,
  ADD COLUMN rain_until TIME NULL,
  ADD CONSTRAINT weather_day_rain_hours CHECK ((rain_from IS NULL) = (rain_until IS NULL) AND (rain_from IS NULL OR rain_from < rain_until));
