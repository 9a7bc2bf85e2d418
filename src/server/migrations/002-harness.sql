-- The harness beyond the pin tables: looms and faces, parts and added wires, what was counted, said and asked of them,
-- and what is kept, cut and owed. Lists inside of a row that nothing refers to are JSON.
CREATE TABLE IF NOT EXISTS branch (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  side         VARCHAR(10)  NOT NULL,
  label        VARCHAR(200) NOT NULL,
  origin       TEXT NOT NULL,
  diagram      TEXT NOT NULL,
  note         TEXT NOT NULL,
  position     INT UNSIGNED NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT branch_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT branch_side CHECK (side IN ('donor', 'host'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- A mate is no foreign key: two halves name each other, and both go in one statement.
ALTER TABLE connector
  ADD COLUMN IF NOT EXISTS branch_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD COLUMN IF NOT EXISTS mate_id   VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD COLUMN IF NOT EXISTS face      JSON NOT NULL DEFAULT 'null',
  ADD COLUMN IF NOT EXISTS keying    VARCHAR(200) NULL,
  ADD COLUMN IF NOT EXISTS gender    VARCHAR(10) NULL,
  ADD COLUMN IF NOT EXISTS housing   VARCHAR(200) NULL,
  ADD CONSTRAINT connector_branch FOREIGN KEY IF NOT EXISTS (job_id, branch_id) REFERENCES branch (job_id, id),
  ADD CONSTRAINT IF NOT EXISTS connector_gender CHECK (gender IN ('male', 'female'));

CREATE TABLE IF NOT EXISTS part (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  side         VARCHAR(10)  NOT NULL,
  type         VARCHAR(200) NOT NULL,
  label        VARCHAR(200) NOT NULL,
  terminals    JSON NOT NULL,
  elements     JSON NOT NULL,
  origin       TEXT NOT NULL,
  diagram      TEXT NOT NULL,
  note         TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT part_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT part_side CHECK (side IN ('donor', 'host', 'added'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS own_part (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  name         VARCHAR(200) NOT NULL,
  type         VARCHAR(200) NOT NULL,
  terminals    JSON NOT NULL,
  elements     JSON NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT own_part_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS wire (
  job_id        VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id            VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision  INT UNSIGNED NOT NULL,
  from_pin_id   VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  to_pin_id     VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  circuit       VARCHAR(200) NULL,
  colour        TEXT NULL,
  colour_base   CHAR(2) NULL,
  colour_tracer CHAR(2) NULL,
  size_mm2      DOUBLE NULL,
  length_m      DOUBLE NULL,
  insulation    VARCHAR(200) NULL,
  stock         VARCHAR(20) NOT NULL,
  note          TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT wire_from FOREIGN KEY (job_id, from_pin_id) REFERENCES pin (job_id, id),
  CONSTRAINT wire_to FOREIGN KEY (job_id, to_pin_id) REFERENCES pin (job_id, id),
  CONSTRAINT wire_size CHECK (size_mm2 > 0),
  CONSTRAINT wire_length CHECK (length_m >= 0)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS stock_count (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  subject      VARCHAR(220) NOT NULL,
  state        VARCHAR(20) NOT NULL,
  note         TEXT NOT NULL,
  found_at     TEXT NOT NULL,
  goes_to      TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY stock_count_once (job_id, subject),
  CONSTRAINT stock_count_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT stock_count_state CHECK (state IN ('present', 'missing', 'damaged', 'replaced'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS fact (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  subject      VARCHAR(220) NOT NULL,
  topic        VARCHAR(200) NOT NULL,
  says         VARCHAR(200) NOT NULL,
  grade        VARCHAR(20) NOT NULL,
  origin       TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  KEY fact_about (job_id, subject),
  CONSTRAINT fact_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT fact_grade CHECK (grade IN ('claimed', 'guessed', 'read', 'measured', 'proven'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS question (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  subject      VARCHAR(220) NULL,
  asks         TEXT NOT NULL,
  settled_by   TEXT NOT NULL,
  answer       TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT question_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS variant (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  side         VARCHAR(10)  NOT NULL,
  label        VARCHAR(200) NOT NULL,
  cavities     JSON NOT NULL,
  picks        JSON NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT variant_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT variant_side CHECK (side IN ('donor', 'host'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS alike (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  one_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  two_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  state        VARCHAR(10) NOT NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY alike_pair (job_id, one_id, two_id),
  CONSTRAINT alike_one FOREIGN KEY (job_id, one_id) REFERENCES connector (job_id, id),
  CONSTRAINT alike_two FOREIGN KEY (job_id, two_id) REFERENCES connector (job_id, id),
  CONSTRAINT alike_state CHECK (state IN ('flagged', 'checked'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS kept_function (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  kept         TINYINT(1) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT kept_function_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS cut (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  subject      VARCHAR(220) NOT NULL,
  choice       VARCHAR(20) NOT NULL,
  override     TEXT NOT NULL,
  done         TINYINT(1) NOT NULL,
  done_by      VARCHAR(200) NULL,
  unplanned    TINYINT(1) NOT NULL,
  note         TEXT NOT NULL,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY cut_once (job_id, subject),
  CONSTRAINT cut_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT cut_choice CHECK (choice IN ('keep', 'remove', 'lengthen', 'move', 'park'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS debt (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  type         VARCHAR(20) NOT NULL,
  subject      VARCHAR(220) NULL,
  says         TEXT NOT NULL,
  settled      VARCHAR(20) NULL,
  note         TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT debt_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT debt_type CHECK (type IN ('loose-end', 'bypass', 'temporary-feed', 'unplugged', 'override')),
  CONSTRAINT debt_settled CHECK (settled IN ('new-home', 'cap', 'not-needed', 'paid', 'signed-off'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
