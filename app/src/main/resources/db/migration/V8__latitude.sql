-- Where the garden lies, for sunrise and sunset; empty for where gardens of its climate usually lie.
ALTER TABLE garden ADD COLUMN latitude DOUBLE NULL AFTER climate;
