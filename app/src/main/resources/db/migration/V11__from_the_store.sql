-- What went into a pot is told by the ledger of the bottle it came out of: several bottles may go into one part.
ALTER TABLE batch_part
  DROP FOREIGN KEY batch_part_bottle,
  DROP COLUMN bottle_id;
CREATE INDEX bottle_entry_garden_id_batch_id ON bottle_entry (garden_id, batch_id);
