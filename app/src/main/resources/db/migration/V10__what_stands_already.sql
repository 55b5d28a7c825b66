-- A pot that came in as it stood may have been set earlier than it is judged by; a bottle may have come from no pot of this garden.
ALTER TABLE batch ADD COLUMN oldest_at DATETIME(6) NULL AFTER set_at;
ALTER TABLE bottle MODIFY COLUMN batch_id UUID NULL;
