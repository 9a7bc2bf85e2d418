import { useMemo, useState } from "react";
import type { Side } from "@/core/forms";
import type { ColumnRead, PinTableResult } from "@/formats/pin-table";
import { planImport } from "@/job/import-table";
import type { JobDocument } from "@/job/schema";
import { tableWorker } from "@/workers/table-worker";

/** A table as it was chosen. */
export interface Source {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** The table that is looked at before it is taken: read off the page's thread, and what it would change. */
export function useTable(document: JobDocument) {
  const [source, setSource] = useState<Source | null>(null);
  const [result, setResult] = useState<PinTableResult | null>(null);
  const [reading, setReading] = useState(false);
  const [removeAbsent, setRemoveAbsent] = useState(false);
  const read = async (next: Source, side: Side, columns?: readonly ColumnRead[]) => {
    setSource(next);
    setReading(true);
    setResult(await tableWorker.ask((worker) => worker.readPinTable(next.bytes, side, columns)));
    setReading(false);
  };
  const discard = () => {
    setSource(null);
    setResult(null);
    setRemoveAbsent(false);
  };
  const table = result?.ok === true ? result.table : null;
  const refusal = result?.ok === false ? result.refusal : null;
  const plan = useMemo(
    () => table && planImport(document, table.side, table.pins, removeAbsent),
    [table, document, removeAbsent],
  );
  return { source, table, refusal, reading, plan, removeAbsent, setRemoveAbsent, read, discard };
}
