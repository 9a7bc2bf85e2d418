import { useEffect, useMemo, useState } from "react";
import type { Side } from "@/core/forms";
import type { ColumnRead, PinTableResult } from "@/formats/pin-table";
import { tableColumns } from "@/formats/pin-table";
import type { Fault } from "@/job/checked";
import { type ImportPlan, planImport } from "@/job/import-table";
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
    setResult(await tableWorker.ask((worker) => worker.readPaper(next.bytes, side, { columns, name: next.name })));
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
    () => table && planImport(document, table.side, table.pins, { removeAbsent, columns: tableColumns(table.columns) }),
    [table, document, removeAbsent],
  );
  const takes = useTakes(plan);
  return { source, table, refusal, reading, plan, takes, removeAbsent, setRemoveAbsent, read, discard };
}

/** Whether the server takes what a plan would change: what is previewed is a promise. Null while it is looked at. */
export type Takes = { readonly ok: true } | { readonly ok: false; readonly fault: Fault } | null;

function useTakes(plan: ImportPlan | null): Takes {
  const [looked, setLooked] = useState<{ readonly plan: ImportPlan; readonly fault: Fault | null } | null>(null);
  useEffect(() => {
    let isCurrent = true;
    if (plan !== null)
      void tableWorker
        .ask((worker) => worker.faultIn(plan.ops))
        .then((fault) => {
          if (isCurrent) setLooked({ plan, fault });
        });
    return () => {
      isCurrent = false;
    };
  }, [plan]);
  if (looked === null || looked.plan !== plan) return null;
  return looked.fault === null ? { ok: true } : { ok: false, fault: looked.fault };
}
