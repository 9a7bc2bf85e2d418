-- What an owner wants beside what the tables tell of, and the functions that carry it.
CREATE TABLE IF NOT EXISTS wish (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  says         VARCHAR(200) NOT NULL,
  functions    TEXT NOT NULL,
  position     INT UNSIGNED NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT wish_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- The shop's own prices and minutes, where they differ from the stated ones; the id is the book's line.
CREATE TABLE IF NOT EXISTS price (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  minutes      DOUBLE NULL,
  money        DOUBLE NULL,
  amount       DOUBLE NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT price_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- What travels on a bus, from a file: a value of a message, and what it means to a wire.
CREATE TABLE IF NOT EXISTS bus_signal (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  pin_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  file         VARCHAR(200) NOT NULL,
  message      VARCHAR(200) NOT NULL,
  frame        INT UNSIGNED NOT NULL,
  extended     TINYINT NOT NULL,
  bytes        INT UNSIGNED NOT NULL,
  sender       VARCHAR(200) NULL,
  period_ms    DOUBLE NULL,
  name         VARCHAR(200) NOT NULL,
  quantity     VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  unit         VARCHAR(200) NOT NULL,
  factor       DOUBLE NOT NULL,
  shift        DOUBLE NOT NULL,
  low          DOUBLE NULL,
  high         DOUBLE NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT bus_signal_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- How a gateway sends a value on: how often, for how long without its source, and what then; the id is what it serves.
CREATE TABLE IF NOT EXISTS relayed (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  sent         TINYINT NOT NULL,
  source_id    VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  rate_ms      DOUBLE NULL,
  timeout_ms   DOUBLE NULL,
  silent       VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (job_id, id),
  CONSTRAINT relayed_of_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- What of the two harnesses is made longer, where they do not reach each other.
ALTER TABLE job
  ADD COLUMN IF NOT EXISTS lengthens VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL;
