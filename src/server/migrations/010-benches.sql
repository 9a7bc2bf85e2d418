-- What was entered on the bench of an instrument; the id is its cavity.
CREATE TABLE IF NOT EXISTS bench (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  given        TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT bench_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- What was chosen of several ways for gearbox, lockout and security.
CREATE TABLE IF NOT EXISTS choice (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  way          VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  given        TEXT NOT NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT choice_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- Connectors for which others stand in, and the cavities that move.
CREATE TABLE IF NOT EXISTS stand_in (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  from_ids     TEXT NOT NULL,
  to_ids       TEXT NOT NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT stand_in_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- One cavity that moves, as somebody decided or did it.
CREATE TABLE IF NOT EXISTS move (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  stand_in_id  VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  from_pin_id  VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  to_pin_id    VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  by_hand      TINYINT NOT NULL,
  done         TINYINT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT move_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- What tells one computer, module or key from another.
CREATE TABLE IF NOT EXISTS identity (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  part         VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label        VARCHAR(200) NOT NULL,
  side         VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  serial       VARCHAR(200) NOT NULL,
  part_number  VARCHAR(200) NOT NULL,
  software     VARCHAR(200) NOT NULL,
  calibration  VARCHAR(200) NOT NULL,
  paired_set   VARCHAR(200) NOT NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT identity_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- The record of anti-theft work.
CREATE TABLE IF NOT EXISTS security_entry (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  type         VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  who          VARCHAR(200) NOT NULL,
  says         TEXT NOT NULL,
  hash         VARCHAR(128) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  tried_without VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  outcome      VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  taken_at     DATETIME(3) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT security_entry_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- Changes of a computer's calibration: entered by hand, or what was done of those that the plan asks for.
CREATE TABLE IF NOT EXISTS calibration (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  computer     VARCHAR(200) NOT NULL,
  what         VARCHAR(200) NOT NULL,
  was          VARCHAR(200) NOT NULL,
  becomes      VARCHAR(200) NOT NULL,
  why          TEXT NOT NULL,
  codes        VARCHAR(200) NOT NULL,
  software     VARCHAR(200) NOT NULL,
  by_hand      TINYINT NOT NULL,
  done_by      VARCHAR(200) NULL,
  proven_by    VARCHAR(200) NOT NULL,
  note         TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT calibration_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
