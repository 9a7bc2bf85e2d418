"use client";

import { KNOWN_FROM } from "@/core/intake";
import { cavityChangeText, count } from "@/core/words";
import { COLUMNS, type Column, type PinTable } from "@/formats/pin-table";
import type { ImportPlan } from "@/job/import-table";
import { useJob } from "../shell/job-provider";
import { PreviewRows } from "./preview-rows";

interface Props {
  readonly name: string;
  readonly table: PinTable;
  readonly plan: ImportPlan;
  readonly removeAbsent: boolean;
  readonly onRemoveAbsent: (remove: boolean) => void;
  readonly onColumn: (at: number, column: Column | null) => void;
}

/**
 * What was understood, what is proposed, what is wrong, and what would change in the job: all before anything is taken.
 */
export function ImportPreview(props: Props) {
  const { table, plan, onColumn } = props;
  return (
    <div className="space-y-4">
      <WhatWasRead {...props} />
      <Columns table={table} onColumn={onColumn} />
      {table.issues.length > 0 && <Problems issues={table.issues} />}
      {plan.changed.length > 0 && <Differences changed={plan.changed} />}
      <PreviewRows pins={table.pins} />
    </div>
  );
}

const SEPARATOR_WORDS = {
  ",": "Separated by commas",
  ";": "Separated by semicolons",
  "\t": "Separated by tabs",
} as const;

function WhatWasRead({ name, table, plan, removeAbsent, onRemoveAbsent }: Props) {
  const errors = table.issues.filter((issue) => issue.level === "error").length;
  const guesses = table.pins.filter((pin) => pin.kind.source === "proposed");
  const unknown = guesses.filter((pin) => pin.kind.confidence < KNOWN_FROM || pin.kind.value === "unknown");
  return (
    <section className="border border-rule2 bg-sheet p-4" aria-label="What was read">
      <h2 className="text-lg">{name}</h2>
      <p className="mt-1">
        <strong>{count(table.rowCount, "row")}</strong>, {table.pins.length} good, {count(errors, "error")},{" "}
        {count(table.issues.length - errors, "warning")}.{" "}
        {table.separator === null ? `Sheet ${table.sheet}` : SEPARATOR_WORDS[table.separator]},{" "}
        {table.encoding.toUpperCase()}. What {count(guesses.length, "cavity", "cavities")} do is proposed from the
        description; of {unknown.length} it is not known.
      </p>
      <p className="mt-1">
        <strong>In the job:</strong> {plan.added} new, {plan.changed.length} changed, {plan.same} the same,{" "}
        {plan.absent.length} that this table does not have.
      </p>
      {plan.absent.length > 0 && (
        <label className="mt-2 flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={removeAbsent}
            onChange={(event) => onRemoveAbsent(event.target.checked)}
          />
          <AbsentText absent={plan.absent} />
        </label>
      )}
    </section>
  );
}

const MOST_NAMED = 6;

function AbsentText({ absent }: Pick<ImportPlan, "absent">) {
  const names = absent.slice(0, MOST_NAMED).map((pin) => `${pin.connector}-${pin.cavity}`);
  return (
    <span>
      Remove what this table does not have
      {absent.some((pin) => pin.linked) ? ", except cavities that a decision uses" : ""}: {names.join(", ")}
      {absent.length > MOST_NAMED ? " …" : ""}
    </span>
  );
}

const COLUMN_WORDS: Readonly<Record<Column, string>> = {
  connector: "connector",
  cavity: "cavity",
  circuit: "circuit",
  colour: "colour",
  size: "size",
  length: "length",
  description: "description",
  kind: "what it is",
  quantity: "what it carries",
  params: "how it works",
  to: "where it runs to",
  part: "part",
  remarks: "remarks",
  amps: "current",
  load: "load",
  fuse: "fuse",
  ohms: "resistance",
  volts: "volts",
  live: "when it is live",
};

function Columns({ table, onColumn }: Pick<Props, "table" | "onColumn">) {
  return (
    <section className="border border-rule2 bg-sheet p-4" aria-label="Columns">
      <h2 className="text-base">How each column is taken</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        {table.columns.map((read, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: columns never move, and headers may repeat
          <label key={at} className="w-40">
            <span className="block truncate font-mono text-[13px]" title={read.header}>
              {read.header || `column ${at + 1}`}
              {read.unit === null ? "" : ` (${read.unit})`}
            </span>
            <select
              className="field"
              value={read.column ?? ""}
              onChange={(event) => onColumn(at, COLUMNS.find((one) => one === event.target.value) ?? null)}
            >
              <option value="">kept beside the row</option>
              {COLUMNS.map((column) => (
                <option key={column} value={column}>
                  {COLUMN_WORDS[column]}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
    </section>
  );
}

const MOST_PROBLEMS = 200;

function Problems({ issues }: Pick<PinTable, "issues">) {
  return (
    <section className="border-[1.5px] border-ink bg-sheet p-4" aria-label="Problems">
      <h2 className="text-base">Problems</h2>
      <table className="mt-2 w-full text-left text-[13px]">
        <thead className="text-ink2">
          <tr>
            <th className="w-20 font-semibold">Line</th>
            <th className="w-28 font-semibold">Column</th>
            <th className="w-20 font-semibold">Grade</th>
            <th className="font-semibold">What and how to mend it</th>
          </tr>
        </thead>
        <tbody>
          {issues.slice(0, MOST_PROBLEMS).map((issue, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the list is made anew at each reading
            <tr key={at} className="border-t border-rule align-top">
              <td className="py-1.5 font-mono">{issue.line}</td>
              <td className="py-1.5">{issue.column ?? ""}</td>
              <td className={`py-1.5 font-semibold ${issue.level === "error" ? "text-stop" : ""}`}>{issue.level}</td>
              <td className="max-w-0 py-1.5 break-words">{issue.message}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {issues.length > MOST_PROBLEMS && (
        <p className="mt-2 text-ink2">{issues.length - MOST_PROBLEMS} more of the kind.</p>
      )}
    </section>
  );
}

const MOST_CHANGES = 100;

function Differences({ changed }: Pick<ImportPlan, "changed">) {
  const { units } = useJob().document.job;
  return (
    <section className="border border-rule2 bg-sheet p-4" aria-label="Differences">
      <h2 className="text-base">What changes in the job</h2>
      <ul className="mt-2 space-y-1 text-[13px]">
        {changed.slice(0, MOST_CHANGES).map((pin) => (
          <li key={`${pin.connector} ${pin.cavity}`} className="break-words">
            <span className="font-mono font-semibold">
              {pin.connector}-{pin.cavity}
            </span>{" "}
            {pin.columns.map((one) => cavityChangeText(one, units)).join("; ") || "only how sure the proposal is"}
          </li>
        ))}
      </ul>
      {changed.length > MOST_CHANGES && <p className="mt-2 text-ink2">{changed.length - MOST_CHANGES} more.</p>}
    </section>
  );
}
