import { BEFORE, type ReadingRow } from "./schema";

/** An operation from before a column was there says nothing of it: its row with what was so then. */
export function withLaterColumns(op: unknown): unknown {
  const { op: type, table, row } = (op ?? {}) as { op?: string; table?: string; row?: object };
  const before = table === undefined ? undefined : (BEFORE as Readonly<Record<string, object>>)[table];
  return before === undefined || type === "update" ? op : { ...(op as object), row: { ...before, ...row } };
}

/** Readings in the order in which the server had them; those that it has not had yet come last. */
export const byArrival = (a: ReadingRow, b: ReadingRow): number =>
  arrival(a) - arrival(b) || a.takenAt.localeCompare(b.takenAt);
const arrival = ({ ordinal }: ReadingRow) => ordinal ?? Number.MAX_SAFE_INTEGER;
