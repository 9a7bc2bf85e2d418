-- What the electrical solution takes as given: battery, air, joints. The id is the value's key.
CREATE TABLE IF NOT EXISTS setting (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  value        DOUBLE NOT NULL,
  origin       TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT setting_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
