-- Labels compare byte by byte and blanks count: A1, a1 and "A1 " are three cavities.
CREATE TABLE IF NOT EXISTS job (
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  revision     INT UNSIGNED NOT NULL DEFAULT 0,
  row_revision INT UNSIGNED NOT NULL DEFAULT 0,
  created_at   DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_at   DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  name         VARCHAR(200) NOT NULL,
  host         VARCHAR(200) NOT NULL,
  donor        VARCHAR(200) NOT NULL,
  approach     VARCHAR(40)  NOT NULL,
  units        VARCHAR(20)  NOT NULL,
  wishes       TEXT NOT NULL,
  CONSTRAINT job_named CHECK (name <> ''),
  CONSTRAINT job_units CHECK (units IN ('metric', 'imperial'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS connector (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  side         VARCHAR(10)  NOT NULL,
  label        VARCHAR(200) NOT NULL,
  place        TEXT NULL,
  position     INT UNSIGNED NOT NULL,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY connector_label (job_id, side, label),
  CONSTRAINT connector_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT connector_side CHECK (side IN ('donor', 'host')),
  CONSTRAINT connector_labelled CHECK (label <> '')
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS pin (
  job_id              VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id                  VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision        INT UNSIGNED NOT NULL,
  connector_id        VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  cavity              VARCHAR(200) NOT NULL,
  circuit             VARCHAR(200) NULL,
  colour              TEXT NULL,
  colour_base         CHAR(2) NULL,
  colour_tracer       CHAR(2) NULL,
  size_mm2            DOUBLE NULL,
  length_m            DOUBLE NULL,
  description         TEXT NULL,
  kind                VARCHAR(40) NOT NULL,
  kind_confidence     DOUBLE NOT NULL,
  kind_source         VARCHAR(10) NOT NULL,
  kind_why            TEXT NOT NULL,
  quantity            VARCHAR(40) NULL,
  quantity_confidence DOUBLE NOT NULL,
  quantity_source     VARCHAR(10) NOT NULL,
  quantity_why        TEXT NOT NULL,
  index_label         VARCHAR(200) NULL,
  params              JSON NOT NULL,
  extra               JSON NOT NULL,
  position            INT UNSIGNED NOT NULL,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY pin_cavity (job_id, connector_id, cavity),
  CONSTRAINT pin_of_connector FOREIGN KEY (job_id, connector_id) REFERENCES connector (job_id, id),
  CONSTRAINT pin_labelled CHECK (cavity <> ''),
  CONSTRAINT pin_size CHECK (size_mm2 > 0),
  CONSTRAINT pin_length CHECK (length_m >= 0),
  CONSTRAINT pin_sources CHECK (kind_source IN ('given', 'proposed', 'confirmed') AND quantity_source IN ('given', 'proposed', 'confirmed')),
  CONSTRAINT pin_confidences CHECK (kind_confidence BETWEEN 0 AND 1 AND quantity_confidence BETWEEN 0 AND 1)
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- A consumer has one accepted provider at most; refusals may be many.
CREATE TABLE IF NOT EXISTS link (
  job_id            VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id                VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision      INT UNSIGNED NOT NULL,
  provider_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  consumer_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  quantity          VARCHAR(40) NULL,
  decision          VARCHAR(10) NOT NULL,
  verdict           VARCHAR(20) NOT NULL,
  adapters          JSON NOT NULL,
  why               TEXT NOT NULL,
  by_hand           TINYINT(1) NOT NULL,
  note              TEXT NOT NULL,
  accepted_consumer VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin AS (IF(decision = 'accepted', consumer_id, NULL)) PERSISTENT,
  PRIMARY KEY (job_id, id),
  UNIQUE KEY link_pair (job_id, provider_id, consumer_id),
  UNIQUE KEY link_one_provider (job_id, accepted_consumer),
  CONSTRAINT link_provider FOREIGN KEY (job_id, provider_id) REFERENCES pin (job_id, id),
  CONSTRAINT link_consumer FOREIGN KEY (job_id, consumer_id) REFERENCES pin (job_id, id),
  CONSTRAINT link_two_ends CHECK (provider_id <> consumer_id),
  CONSTRAINT link_decision CHECK (decision IN ('accepted', 'refused')),
  CONSTRAINT link_verdict CHECK (verdict IN ('direct', 'adapter', 'calibration', 'manual', 'impossible'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

CREATE TABLE IF NOT EXISTS reading (
  job_id       VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id           VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  row_revision INT UNSIGNED NOT NULL,
  step_key     VARCHAR(200) NOT NULL,
  written      VARCHAR(40) NOT NULL,
  value        DOUBLE NULL,
  outcome      VARCHAR(10) NOT NULL,
  verdict      TEXT NOT NULL,
  basis        TEXT NOT NULL,
  person       VARCHAR(200) NOT NULL,
  taken_at     DATETIME(3) NOT NULL,
  PRIMARY KEY (job_id, id),
  KEY reading_step (job_id, step_key),
  CONSTRAINT reading_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT reading_outcome CHECK (outcome IN ('pass', 'fail', 'stop'))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;

-- What was done, in order. Operations carry what they replaced, so that their inverse needs no second column.
CREATE TABLE IF NOT EXISTS edit (
  job_id      VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision    INT UNSIGNED NOT NULL,
  change_key  VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person      VARCHAR(200) NOT NULL,
  made_at     DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  label       VARCHAR(500) NOT NULL,
  role        VARCHAR(10) NOT NULL,
  of_revision INT UNSIGNED NULL,
  ops         JSON NOT NULL,
  PRIMARY KEY (job_id, revision),
  UNIQUE KEY edit_once (job_id, change_key),
  CONSTRAINT edit_of_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT edit_role CHECK (role IN ('edit', 'undo', 'redo')),
  CONSTRAINT edit_target CHECK ((role = 'edit') = (of_revision IS NULL))
) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin;
