-- A feed that is told afterwards came from no bottle of this store; the hour in which it can be taken back counts from its entry.
ALTER TABLE feed ADD COLUMN entered_at DATETIME(6) NULL;
UPDATE feed SET entered_at = poured_at;
ALTER TABLE feed MODIFY COLUMN entered_at DATETIME(6) NOT NULL;
ALTER TABLE feed_brew DROP CONSTRAINT feed_brew_source;
ALTER TABLE feed_brew
  ADD COLUMN product_id VARCHAR(60) NULL AFTER addition,
  ADD CONSTRAINT feed_brew_source CHECK (
    (bottle_id IS NOT NULL) + (addition IS NOT NULL) + (product_id IS NOT NULL) = 1);
