-- What papers say beside the columns of before: where a wire's other end is, which part a row is of, remarks; how each value of a cavity is known,
-- and what of it a person changed. A splice that a paper names has that name.
ALTER TABLE pin
  ADD COLUMN IF NOT EXISTS grades    JSON NOT NULL DEFAULT '{}',
  ADD COLUMN IF NOT EXISTS other_end TEXT NULL,
  ADD COLUMN IF NOT EXISTS ends      JSON NOT NULL DEFAULT '[]',
  ADD COLUMN IF NOT EXISTS part      TEXT NULL,
  ADD COLUMN IF NOT EXISTS note      TEXT NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS entered   JSON NOT NULL DEFAULT '[]';

ALTER TABLE wire
  ADD COLUMN IF NOT EXISTS splice VARCHAR(200) NULL;

-- Changes look for rows that say where their wires go.
CREATE INDEX IF NOT EXISTS pin_other_end ON pin (job_id, other_end(1));
