-- What a reading is in, what it was read with, how it came here, and how sure it is; null for readings from before this was asked.
ALTER TABLE reading
  ADD COLUMN IF NOT EXISTS unit        VARCHAR(4) NULL,
  ADD COLUMN IF NOT EXISTS meter       VARCHAR(200) NULL,
  ADD COLUMN IF NOT EXISTS source      VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD COLUMN IF NOT EXISTS uncertainty DOUBLE NULL;
