import type { Side } from "@/core/forms";
import { readPinTable } from "@/formats/pin-table";
import { planImport } from "@/job/import-table";
import { applyOps } from "@/job/ops";
import type { JobDocument } from "@/job/schema";

/** The job with a table read as anyone's would be, under ids that are the same at every run, so that its export is too. */
export function withTable(document: JobDocument, side: Side, table: Uint8Array, name: string): JobDocument {
  const result = readPinTable(table, side);
  if (!result.ok) throw new Error(`${name}: ${result.refusal.message}`);
  const [issue] = result.table.issues;
  if (issue !== undefined) throw new Error(`${name}: line ${"line" in issue ? issue.line : "?"}: ${JSON.stringify(issue)}`);
  let count = 0;
  const makeId = () => {
    count += 1;
    return `${side}-${count}`;
  };
  return applyOps(document, planImport(document, side, result.table.pins, false, makeId).ops);
}
