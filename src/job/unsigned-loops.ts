import { INTERLOCKS } from "@/core/functions";
import { applyOps, type RowOp } from "./ops";
import type { JobDocument } from "./schema";

type LoopTables = Pick<JobDocument, "pins" | "gaps" | "debts">;

/**
 * Interlock inputs that operations close by a loop for good, though nobody has signed what keeps the driver safe instead
 * and it is not owed as a temporary fix.
 *
 * @param tables the job as it stands before
 * @returns the inputs' cavities
 */
export function unsignedLoops(tables: LoopTables, ops: readonly RowOp[]): string[] {
  const touched = new Set(ops.flatMap((op) => (op.table === "gap" && op.op !== "delete" ? [op.id] : [])));
  if (touched.size === 0) return [];
  const after = applyOps<LoopTables>(
    tables,
    ops.filter(({ table }) => table === "gap" || table === "debt"),
  );
  const quantityOf = new Map(tables.pins.map(({ id, quantity }) => [id, quantity]));
  const owed = new Set(
    after.debts.flatMap(({ type, subject, settled }) => (type === "bypass" && settled === null ? [subject] : [])),
  );
  return after.gaps.flatMap(({ id, way, note }) =>
    touched.has(id) &&
    way === "loop" &&
    note.trim() === "" &&
    INTERLOCKS.has(quantityOf.get(id) ?? null) &&
    !owed.has(`pin:${id}`)
      ? [id]
      : [],
  );
}
