import { dequal } from "dequal/lite";
import { mergedInto, standsFor } from "@/job/merging";
import type { RowOp } from "@/job/ops";
import { type JobDocument, LISTS } from "@/job/schema";

/** Whether every row still stands, in the columns to be changed, as the person saw it. */
export function meets(document: JobDocument, ops: readonly RowOp[]): boolean {
  const rows = new Map<string, Record<string, unknown>>();
  const made = new Set<string>();
  for (const [table, list] of Object.entries(LISTS)) {
    const wanted = new Set(ops.filter((op) => op.table === table).map((op) => op.id));
    if (wanted.size > 0) for (const row of document[list]) if (wanted.has(row.id)) rows.set(`${table} ${row.id}`, row);
  }
  for (const op of ops) {
    const key = `${op.table} ${op.id}`;
    if (op.op === "insert") {
      if (rows.has(key)) return false;
      made.add(key);
      continue;
    }
    if (made.has(key)) continue;
    const row = op.table === "job" ? (document.job as Record<string, unknown>) : rows.get(key);
    if (row === undefined) return false;
    if (op.op === "update" && !standsFor(row, op)) return false;
    if (op.op === "delete" && !dequal(row, op.row)) return false;
  }
  return true;
}

/** The same as if made on the document as it is now; null where a row is gone or already there. */
export function rebase(document: JobDocument, ops: readonly RowOp[]): RowOp[] | null {
  const rebased: RowOp[] = [];
  for (const op of ops) {
    if (op.op === "insert") {
      rebased.push(op);
      continue;
    }
    const row =
      op.table === "job"
        ? document.job
        : (document[LISTS[op.table]] as { id: string }[]).find((one) => one.id === op.id);
    if (row === undefined) return null;
    if (op.op === "delete") rebased.push({ ...op, row });
    else {
      const from = Object.fromEntries(
        Object.keys(op.to).map((column) => [column, (row as Record<string, unknown>)[column]]),
      );
      rebased.push({ ...mergedInto(row as Record<string, unknown>, op), from });
    }
  }
  return meets(document, rebased) ? rebased : null;
}
