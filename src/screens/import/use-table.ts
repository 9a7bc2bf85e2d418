import { useEffect, useMemo, useState } from "react";
import type { Side } from "@/core/forms";
import { type PinTableResult, type ReadOptions, tableColumns } from "@/formats/pin-table";
import type { Fault } from "@/job/checked";
import { type ImportPlan, planImport } from "@/job/import-table";
import type { JobDocument } from "@/job/schema";
import { tableWorker } from "@/workers/table-worker";
import { rememberedHeads } from "./remembered";

/** A table as it was chosen. */
export interface Source {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** What a person said of how the table is to be read. */
export type Told = Pick<ReadOptions, "columns" | "headerLine" | "sheet" | "connector">;

/** The table that is looked at before it is taken: read off the page's thread, and what it would change. */
export function useTable(document: JobDocument) {
  const [source, setSource] = useState<Source | null>(null);
  const [told, setTold] = useState<Told>({});
  const [result, setResult] = useState<PinTableResult | null>(null);
  const [reading, setReading] = useState(false);
  const [removeAbsent, setRemoveAbsent] = useState(false);
  const [agreed, setAgreed] = useState<ReadonlySet<string>>(new Set());
  const read = async (next: Source, side: Side, how: Told = {}) => {
    setSource(next);
    setTold(how);
    setReading(true);
    const options = { ...how, name: next.name, remembered: rememberedHeads() };
    setResult(await tableWorker.ask((worker) => worker.readPaper(next.bytes, side, options)));
    setReading(false);
  };
  const discard = () => {
    setSource(null);
    setTold({});
    setResult(null);
    setRemoveAbsent(false);
    setAgreed(new Set());
  };
  const table = result?.ok === true ? result.table : null;
  const refused = result?.ok === false ? result : null;
  const plan = useMemo(
    () =>
      table &&
      planImport(document, table.side, table.pins, { removeAbsent, agreed, columns: tableColumns(table.columns) }),
    [table, document, removeAbsent, agreed],
  );
  const takes = useTakes(plan);
  return {
    source,
    told,
    table,
    refused,
    reading,
    plan,
    takes,
    removeAbsent,
    setRemoveAbsent,
    agreed,
    setAgreed,
    read,
    discard,
  };
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
