import { buildHarness, type Wire } from "@/core/harness";
import { type Guard, guardsOf } from "@/core/slice";
import { harnessFacts } from "./harness-facts";
import type { RowOp } from "./ops";
import type { CutRow, JobDocument } from "./schema";

/** A removal that may not be made: of an airbag circuit at all, of what is guarded with others or without a reason. */
export interface GuardedCut {
  readonly wireId: string;
  readonly guard: Guard;
  readonly fault: "never" | "with-others" | "no-reason";
}

/** What the guards are told from. */
export type GuardTables = Pick<JobDocument, "pins" | "connectors" | "branches" | "parts" | "wires" | "links" | "cuts">;

/** Removals that operations decide on. What was cut already is a record, and no decision. */
export function removalsOf(ops: readonly RowOp[], cuts: JobDocument["cuts"]): CutRow[] {
  const rows = new Map(cuts.map((row) => [row.id, row]));
  return ops.flatMap((op): CutRow[] => {
    if (op.table !== "cut" || op.op === "delete") return [];
    const decides = op.op === "insert" || "choice" in op.to || "subject" in op.to || "override" in op.to;
    const row = { ...rows.get(op.id), ...(op.op === "insert" ? op.row : op.to) } as CutRow;
    return decides && row.choice === "remove" && !(row.unplanned && row.done) ? [row] : [];
  });
}

/**
 * Which of the removals that the operations decide on the guards forbid: what is guarded goes one by one and with a
 * reason, and an airbag circuit never.
 * @param tables the job as it stands before
 */
export function guardedCuts(tables: GuardTables, ops: readonly RowOp[]): GuardedCut[] {
  const removals = removalsOf(ops, tables.cuts);
  if (removals.length === 0) return [];
  const harness = buildHarness(harnessFacts(tables));
  const guardOf = guardsOf(harness);
  const branchOf = new Map(tables.connectors.map((row) => [row.id, row.branchId]));
  const takes = (row: CutRow, wire: Wire) =>
    row.subject === wire.id ||
    wire.pinIds.some((id) => {
      const connectorId = harness.pinById.get(id)?.connectorId ?? "";
      return row.subject === `connector:${connectorId}` || row.subject === `branch:${branchOf.get(connectorId)}`;
    });
  const faultOf = (row: CutRow, guard: Guard, wire: Wire): GuardedCut["fault"] | null => {
    if (guard === "airbag") return "never";
    if (removals.length > 1 || row.subject !== wire.id) return "with-others";
    return row.override.trim() === "" ? "no-reason" : null;
  };
  return harness.wires.flatMap((wire): GuardedCut[] => {
    const row = removals.find((one) => takes(one, wire));
    const guard = row === undefined ? null : guardOf(wire);
    const fault = row === undefined || guard === null ? null : faultOf(row, guard, wire);
    return guard === null || fault === null ? [] : [{ wireId: wire.id, guard, fault }];
  });
}
