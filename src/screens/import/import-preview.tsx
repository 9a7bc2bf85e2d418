"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef } from "react";
import { KNOWN_FROM } from "@/core/intake";
import { KIND_WORDS, quantityWords } from "@/core/words";
import { COLUMNS, type Column, type PinTable, type TablePin } from "@/formats/pin-table";
import type { ImportPlan } from "@/job/import-table";
import { Wire } from "@/ui/wire";

interface Props {
  readonly name: string;
  readonly table: PinTable;
  readonly plan: ImportPlan;
  readonly removeAbsent: boolean;
  readonly onRemoveAbsent: (remove: boolean) => void;
  readonly onColumn: (at: number, column: Column | null) => void;
}

/** What was understood, what is proposed, what is wrong, and what would change in the job: all before anything is taken. */
export function ImportPreview({ name, table, plan, removeAbsent, onRemoveAbsent, onColumn }: Props) {
  const errors = table.issues.filter((issue) => issue.level === "error");
  const guesses = table.pins.filter((pin) => pin.kind.source === "proposed");
  const unknown = guesses.filter((pin) => pin.kind.confidence < KNOWN_FROM || pin.kind.value === "unknown");
  return (
    <div className="space-y-4">
      <section className="border border-rule2 bg-sheet p-4" aria-label="What was read">
        <h2 className="text-lg">{name}</h2>
        <p className="mt-1">
          <strong>{table.rowCount} rows</strong>, {table.pins.length} good, {plural(errors.length, "error")},{" "}
          {plural(table.issues.length - errors.length, "warning")}. {SEPARATOR_WORDS[table.separator]},{" "}
          {table.encoding.toUpperCase()}. {guesses.length} kinds are proposed, {unknown.length} of them not known.
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
            Remove what this table does not have
            {plan.absent.some((pin) => pin.linked) ? ", except cavities that a decision uses" : ""}:{" "}
            {plan.absent
              .slice(0, 6)
              .map((pin) => `${pin.connector}-${pin.cavity}`)
              .join(", ")}
            {plan.absent.length > 6 ? " …" : ""}
          </label>
        )}
      </section>

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
                onChange={(event) => onColumn(at, event.target.value === "" ? null : (event.target.value as Column))}
              >
                <option value="">kept beside the row</option>
                {COLUMNS.map((column) => (
                  <option key={column} value={column}>
                    {column}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
      </section>

      {table.issues.length > 0 && (
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
              {table.issues.slice(0, 200).map((issue, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the list is made anew at each reading
                <tr key={at} className="border-t border-rule align-top">
                  <td className="py-1.5 font-mono">{issue.line}</td>
                  <td className="py-1.5">{issue.column ?? ""}</td>
                  <td className={`py-1.5 font-semibold ${issue.level === "error" ? "text-stop" : ""}`}>
                    {issue.level}
                  </td>
                  <td className="max-w-0 py-1.5 break-words">{issue.message}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {table.issues.length > 200 && <p className="mt-2 text-ink2">{table.issues.length - 200} more of the kind.</p>}
        </section>
      )}

      {plan.changed.length > 0 && (
        <section className="border border-rule2 bg-sheet p-4" aria-label="Differences">
          <h2 className="text-base">What changes in the job</h2>
          <ul className="mt-2 space-y-1 text-[13px]">
            {plan.changed.slice(0, 100).map((pin) => (
              <li key={`${pin.connector} ${pin.cavity}`}>
                <span className="font-mono font-semibold">
                  {pin.connector}-{pin.cavity}
                </span>{" "}
                {pin.columns.map((one) => `${one.column}: ${one.from} → ${one.to}`).join("; ") ||
                  "only how sure the proposal is"}
              </li>
            ))}
          </ul>
          {plan.changed.length > 100 && <p className="mt-2 text-ink2">{plan.changed.length - 100} more.</p>}
        </section>
      )}
      <PreviewRows pins={table.pins} />
    </div>
  );
}

const plural = (count: number, thing: string) => `${count} ${thing}${count === 1 ? "" : "s"}`;
const SEPARATOR_WORDS = {
  ",": "Separated by commas",
  ";": "Separated by semicolons",
  "\t": "Separated by tabs",
} as const;

function PreviewRows({ pins }: { pins: readonly TablePin[] }) {
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: pins.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 44,
    overscan: 8,
  });
  const columns =
    "grid grid-cols-[140px_70px_140px_70px_minmax(140px,1fr)_minmax(220px,1.2fr)] gap-2 px-3 items-center min-w-[860px]";
  return (
    <section aria-label="Rows read" className="border border-rule2 bg-sheet">
      <div ref={scroller} className="h-[46vh] overflow-auto">
        <div
          className={`${columns} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
        >
          <span>Connector</span>
          <span>Cavity</span>
          <span>Colour</span>
          <span>mm²</span>
          <span>Description</span>
          <span>Kind and quantity, why</span>
        </div>
        <div className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((item) => {
            const pin = pins[item.index] as TablePin;
            const known = pin.kind.confidence >= KNOWN_FROM;
            return (
              <div
                key={item.key}
                className={`${columns} absolute top-0 left-0 h-11 w-full border-b border-rule`}
                style={{ transform: `translateY(${item.start}px)` }}
              >
                <span className="truncate font-mono text-[13px]">{pin.connector}</span>
                <span className="truncate font-mono text-[13px] font-semibold">{pin.cavity}</span>
                <Wire
                  colour={pin.colour?.written ?? null}
                  base={pin.colour?.base ?? null}
                  tracer={pin.colour?.tracer ?? null}
                />
                <span className="font-mono text-[13px]">{pin.sizeMm2 ?? ""}</span>
                <span className="truncate" title={pin.description ?? ""}>
                  {pin.description}
                </span>
                <span className="min-w-0" title={`${pin.kind.why}. ${pin.quantity.why}`}>
                  <span className="block truncate">
                    <strong className="font-semibold">{KIND_WORDS[known ? pin.kind.value : "unknown"]}</strong>{" "}
                    {known && pin.quantity.value !== null ? quantityWords(pin.quantity.value) : ""}
                  </span>
                  <span className="block truncate text-[13px] text-ink2">
                    {pin.kind.source === "given"
                      ? "given in the table"
                      : `proposed, ${Math.round(pin.kind.confidence * 100)} %: ${pin.kind.why}`}
                  </span>
                </span>
              </div>
            );
          })}
        </div>
      </div>
    </section>
  );
}
