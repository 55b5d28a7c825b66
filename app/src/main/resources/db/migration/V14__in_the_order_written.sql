-- Of entries of one and the same moment the one written later counts later, whatever its id.
ALTER TABLE batch_check ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX batch_check_written (written);
ALTER TABLE reading ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX reading_written (written);
ALTER TABLE bottle_entry ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX bottle_entry_written (written);
ALTER TABLE batch_stay ADD COLUMN written BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX batch_stay_written (written);
