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

-- Photographs and scans of things, labels and papers, as base64.
CREATE TABLE IF NOT EXISTS picture (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  subject      VARCHAR(220) NOT NULL,
  name         VARCHAR(200) NOT NULL,
  note         TEXT NOT NULL,
  type         VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  width        INT UNSIGNED NOT NULL,
  height       INT UNSIGNED NOT NULL,
  data         LONGTEXT CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT picture_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
