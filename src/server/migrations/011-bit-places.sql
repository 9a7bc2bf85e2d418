-- Where a value lies within its message, so that a gateway's own file can be written; null of files read before.
ALTER TABLE bus_signal
  ADD COLUMN IF NOT EXISTS bit_place TEXT NULL;
