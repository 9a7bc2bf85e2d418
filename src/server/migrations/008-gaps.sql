-- What a person chose to do about a cavity that nothing serves, or that nothing takes; its id is the cavity's.
CREATE TABLE IF NOT EXISTS gap (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  way          VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT gap_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
