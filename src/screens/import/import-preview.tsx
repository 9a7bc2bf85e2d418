"use client";

import { useState } from "react";
import { KNOWN_FROM } from "@/core/intake";
import { count } from "@/core/words";
import type { Column, PinTable } from "@/formats/pin-table";
import type { ImportPlan } from "@/job/import-table";
import { Segments } from "@/ui/segments";
import { Absent, Changes, Kept, OpenEnds } from "./import-lists";
import { PreviewRows } from "./preview-rows";

interface Props {
  readonly name: string;
  readonly table: PinTable;
  readonly plan: ImportPlan;
  readonly removeAbsent: boolean;
  readonly onRemoveAbsent: (remove: boolean) => void;
  readonly agreed: ReadonlySet<string>;
  readonly onAgree: (agreed: ReadonlySet<string>) => void;
  readonly onColumn: (at: number, column: Column | null, unit: string | null) => void;
  readonly onSheet: (sheet: string) => void;
}

type View = "all" | "problems" | "changes" | "kept" | "ends" | "absent";

/**
 * What was understood, what is proposed, what is wrong, and what would change in the job: all before anything is taken.
 */
export function ImportPreview(props: Props) {
  const { table, plan, onColumn } = props;
  const [wanted, setView] = useState<View>("all");
  const { kept, isKept } = useSeenKept(plan);
  const segments = [
    { key: "all" as const, label: "All rows", count: table.rowCount, isShown: true },
    { key: "problems" as const, label: "Problems", count: table.issues.length, isShown: table.issues.length > 0 },
    { key: "changes" as const, label: "Changes", count: plan.changed.length, isShown: plan.changed.length > 0 },
    { key: "kept" as const, label: "Kept against it", count: plan.kept.length, isShown: isKept },
    { key: "ends" as const, label: "Ends not found", count: plan.ends.open.length, isShown: plan.ends.open.length > 0 },
    { key: "absent" as const, label: "Not in it", count: plan.absent.length, isShown: plan.absent.length > 0 },
  ].filter(({ isShown }) => isShown);
  const view = segments.some(({ key }) => key === wanted) ? wanted : "all";
  return (
    <section className="flex min-h-0 flex-1 flex-col border border-rule2 bg-sheet" aria-label="What was read">
      <div className="flex flex-wrap items-center gap-x-4 border-b border-rule px-3 py-1.5">
        <WhatWasRead {...props} />
        <Sheets {...props} />
        <Segments label="Show" value={view} onChange={setView} segments={segments} />
      </div>
      {view === "absent" ? (
        <Absent absent={plan.absent} removeAbsent={props.removeAbsent} onRemoveAbsent={props.onRemoveAbsent} />
      ) : view === "changes" ? (
        <Changes changed={plan.changed} />
      ) : view === "kept" ? (
        <Kept kept={kept} agreed={props.agreed} onAgree={props.onAgree} />
      ) : view === "ends" ? (
        <OpenEnds open={plan.ends.open} />
      ) : (
        <PreviewRows table={table} only={view} onColumn={onColumn} />
      )}
    </section>
  );
}

/** What is agreed to leaves the plan's list, and stays in sight so that it can be taken back. */
function useSeenKept({ kept }: ImportPlan) {
  const [seen, setSeen] = useState(kept);
  const places = new Set(seen.map(({ place }) => place));
  const fresh = kept.filter(({ place }) => !places.has(place));
  if (fresh.length > 0) setSeen([...seen, ...fresh]);
  return { kept: seen, isKept: seen.length > 0 };
}

const SEPARATOR_WORDS = { ",": "commas", ";": "semicolons", "\t": "tabs" } as const;

function WhatWasRead({ name, table, plan }: Props) {
  const errors = table.issues.filter((issue) => issue.level === "error").length;
  const unknown = table.pins.filter(
    ({ kind }) => kind.source === "proposed" && (kind.confidence < KNOWN_FROM || kind.value === "unknown"),
  );
  const form =
    table.separator === null
      ? `sheet “${table.sheet}”`
      : `separated by ${SEPARATOR_WORDS[table.separator]}, ${table.encoding.toUpperCase()}`;
  return (
    <div className="min-w-72 flex-1">
      <h2 className="truncate text-base" title={name}>
        {name}
        <span className="font-normal text-ink2">: {form}</span>
      </h2>
      <p className="text-[13px]">
        <strong>{count(table.pins.length, "row")} good</strong>, {count(errors, "error")},{" "}
        {count(table.issues.length - errors, "warning")}; of {unknown.length} it is not known what they do.{" "}
        <strong>In the job:</strong> {plan.added} new, {plan.changed.length} changed, {plan.same} the same
        {plan.absent.length > 0 ? `, ${plan.absent.length} that this table does not have` : ""}.
        {plan.ends.found + plan.ends.open.length > 0 && (
          <>
            {" "}
            <strong>Other ends:</strong> {plan.ends.found} found, {plan.ends.open.length} not.
          </>
        )}
      </p>
    </div>
  );
}

function Sheets({ table, onSheet }: Props) {
  if (table.sheets.length < 2) return null;
  return (
    <label className="flex items-center gap-2 text-[13px]">
      Sheet
      <select className="field max-w-56" value={table.sheet ?? ""} onChange={(event) => onSheet(event.target.value)}>
        {table.sheets.map((sheet) => (
          <option key={sheet}>{sheet}</option>
        ))}
      </select>
    </label>
  );
}
