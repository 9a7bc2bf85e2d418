import type { ReadingRow } from "@/job/schema";

/** A reading as a page makes it, that the server has not had yet. */
export const readingRow = (id: string, part: Partial<ReadingRow> = {}): ReadingRow => ({
  id,
  stepKey: "s",
  written: "1",
  value: 1,
  outcome: "pass",
  verdict: "",
  basis: "",
  unit: "V",
  meter: null,
  source: "typed",
  uncertainty: null,
  person: "Robin",
  takenAt: "2026-01-02T03:04:05.000Z",
  ordinal: null,
  ...part,
});
