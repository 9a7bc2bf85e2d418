-- A removed job lies in the bin for a while. An epoch names a job's history: a backup that is restored begins another.
ALTER TABLE job
  ADD COLUMN IF NOT EXISTS epoch      VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'first',
  ADD COLUMN IF NOT EXISTS removed_at DATETIME(3) NULL;

-- The migration up to which the rows of an edit's operations have their columns; 0 for edits from before this was noted.
ALTER TABLE edit
  ADD COLUMN IF NOT EXISTS row_schema SMALLINT UNSIGNED NOT NULL DEFAULT 0;

-- Readings in the order in which they came here: the clocks of those who took them differ.
ALTER TABLE reading
  ADD COLUMN IF NOT EXISTS ordinal INT UNSIGNED NOT NULL DEFAULT 0;
