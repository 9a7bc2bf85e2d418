-- Wires of the pin tables become rows beside those that people added, and end at a cavity, at the splice of their circuit, or where no table shows it.
ALTER TABLE wire
  ADD COLUMN IF NOT EXISTS ends_at VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'cavity',
  ADD COLUMN IF NOT EXISTS origin  VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'added',
  MODIFY COLUMN to_pin_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD CONSTRAINT IF NOT EXISTS wire_end CHECK ((ends_at = 'cavity') = (to_pin_id IS NOT NULL));

-- Changes look for the cavities of the circuits that they touch.
CREATE INDEX IF NOT EXISTS pin_circuit ON pin (job_id, circuit);
