-- What was filled into a bottle may be brew and sugar; what was strained, drawn or split off by mistake can be taken back.
ALTER TABLE bottle
  ADD COLUMN brew_share DOUBLE NOT NULL DEFAULT 1 AFTER brew_ec,
  ADD COLUMN taken_back_at DATETIME(6) NULL,
  ADD CONSTRAINT bottle_brew_share CHECK (brew_share > 0 AND brew_share <= 1);
ALTER TABLE batch ADD COLUMN taken_back_at DATETIME(6) NULL;
ALTER TABLE bottle_entry DROP CONSTRAINT bottle_entry_kind;
ALTER TABLE bottle_entry
  ADD CONSTRAINT bottle_entry_kind CHECK (
    (kind = 'FILLED' AND change_millilitres > 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'POURED' AND change_millilitres < 0 AND feed_id IS NOT NULL AND batch_id IS NULL)
    OR (kind = 'UNDONE' AND change_millilitres > 0 AND feed_id IS NOT NULL AND batch_id IS NULL)
    OR (kind = 'MADE_INTO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NOT NULL)
    OR (kind = 'LET_GO' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'PUT_BACK' AND change_millilitres < 0 AND feed_id IS NULL AND batch_id IS NULL)
    OR (kind = 'MEASURED' AND feed_id IS NULL AND batch_id IS NULL));
