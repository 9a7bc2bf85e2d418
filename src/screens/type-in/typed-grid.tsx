"use client";

import { type KeyboardEvent, useRef } from "react";
import { flushSync } from "react-dom";
import { KNOWN_FROM } from "@/core/intake";
import { KIND_WORDS, quantityWords } from "@/core/words";
import type { PinTable } from "@/formats/pin-table";
import { Button } from "@/ui/controls";
import { EMPTY_ROW, isBlank, nextRow, TYPED_COLUMNS, type TypedColumn, type TypedRow, typedCell } from "./typed-rows";

interface Props {
  readonly rows: readonly TypedRow[];
  readonly onRows: (rows: readonly TypedRow[]) => void;
  /** What was typed as it is read; null while nothing is. */
  readonly table: PinTable | null;
}

const HEADS: Readonly<Record<TypedColumn, string>> = {
  connector: "Connector",
  cavity: "Cavity",
  colour: "Colour",
  size: "Size",
  circuit: "Circuit",
  description: "What it does",
  to: "Runs to",
};
const GRID =
  "grid grid-cols-[70px_46px_78px_54px_56px_minmax(110px,1fr)_66px_40px] min-w-[570px] items-center gap-1 px-2";
/** Where one begins to type: connector and cavity are there already. */
const FIRST: TypedColumn = "colour";

/**
 * A grid that keeps pace with a paper: Enter brings the next cavity, a ditto mark what stands above, Ctrl Enter the next
 * connector. What each row is taken for stands below it.
 */
export function TypedGrid({ rows, onRows, table }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const focus = (at: number, column: TypedColumn) =>
    grid.current?.querySelector<HTMLInputElement>(`[data-cell="${at} ${column}"]`)?.focus();
  /** At once: whoever types at full speed goes on in the new row. */
  const setNow = (next: readonly TypedRow[]) => flushSync(() => onRows(next));
  const set = (at: number, column: TypedColumn, text: string) =>
    onRows(rows.map((row, index) => (index === at ? { ...row, [column]: text } : row)));
  const settle = (at: number, column: TypedColumn) => {
    const typed = rows[at]?.[column] ?? "";
    const meant = typedCell(rows, at, column, typed);
    if (meant !== typed) set(at, column, meant);
  };
  const addAfter = (at: number, row: TypedRow, column: TypedColumn) => {
    setNow([...rows.slice(0, at + 1), row, ...rows.slice(at + 1)]);
    focus(at + 1, column);
  };
  const onKey = (event: KeyboardEvent, at: number, column: TypedColumn) => {
    const row = { ...(rows[at] ?? EMPTY_ROW), [column]: typedCell(rows, at, column, rows[at]?.[column] ?? "") };
    if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      addAfter(at, { ...EMPTY_ROW, cavity: "1" }, "connector");
    } else if (event.key === "Enter") {
      event.preventDefault();
      const settled = rows.map((one, index) => (index === at ? row : one));
      if (at < rows.length - 1) {
        setNow(settled);
        focus(at + 1, column);
      } else {
        setNow([...settled, nextRow(row)]);
        focus(at + 1, FIRST);
      }
    } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      focus(at + (event.key === "ArrowDown" ? 1 : -1), column);
    }
  };
  const readAt = readings(rows, table);
  return (
    <section aria-label="Rows" className="flex min-h-0 flex-col border border-rule2 bg-sheet">
      <div ref={grid} className="min-h-0 flex-1 overflow-auto">
        <div
          className={`${GRID} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
        >
          {TYPED_COLUMNS.map((column) => (
            <span key={column}>{HEADS[column]}</span>
          ))}
        </div>
        {rows.map((row, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place
          <div key={at} className="border-b border-rule py-1">
            <div className={GRID}>
              {TYPED_COLUMNS.map((column) => (
                <input
                  key={column}
                  data-cell={`${at} ${column}`}
                  aria-label={`${HEADS[column]}, row ${at + 1}`}
                  className="field h-10! min-w-0 px-1.5! text-[13px]"
                  value={row[column]}
                  onChange={(event) => set(at, column, event.target.value)}
                  onBlur={() => settle(at, column)}
                  onKeyDown={(event) => onKey(event, at, column)}
                />
              ))}
              <button
                type="button"
                aria-label={`Remove row ${at + 1}`}
                className="size-10"
                onClick={() =>
                  onRows(rows.length === 1 ? [{ ...EMPTY_ROW, cavity: "1" }] : rows.filter((_, index) => index !== at))
                }
              >
                ×
              </button>
            </div>
            {readAt[at]?.map(({ text, isError }) => (
              <p key={text} className={`px-2 text-[13px] ${isError ? "text-stop" : "text-ink2"}`}>
                {text}
              </p>
            ))}
          </div>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-3 border-t border-rule px-2 text-[13px] text-ink2">
        <Button onClick={() => addAfter(rows.length - 1, nextRow(rows.at(-1) ?? EMPTY_ROW), FIRST)}>Next cavity</Button>
        <Button onClick={() => addAfter(rows.length - 1, { ...EMPTY_ROW, cavity: "1" }, "connector")}>
          Next connector
        </Button>
        <span>Enter: next cavity. Ctrl Enter: next connector. " is the same as above.</span>
      </div>
    </section>
  );
}

interface Told {
  readonly text: string;
  readonly isError: boolean;
}

/** What each row is taken for, or what is wrong with it; by its place in the grid. */
function readings(rows: readonly TypedRow[], table: PinTable | null): Record<number, readonly Told[]> {
  if (table === null) return {};
  const told: Record<number, Told[]> = {};
  const places = rows.flatMap((row, at) => (isBlank(row) ? [] : [at]));
  places.forEach((place, index) => {
    const line = table.headerLine + 1 + index;
    const pin = table.pins.find((one) => one.line === line);
    const issues = table.issues.filter((one) => one.line === line);
    const known = pin !== undefined && pin.kind.confidence >= KNOWN_FROM && pin.kind.value !== "unknown";
    const meaning = known
      ? `${[quantityWords(pin.quantity.value), KIND_WORDS[pin.kind.value]].filter((one) => one !== "").join(", ")}, ${Math.round(100 * pin.kind.confidence)} %`
      : "";
    told[place] = [
      ...(meaning === "" ? [] : [{ text: meaning, isError: false }]),
      ...issues.map(({ message, level }) => ({
        text: message.replace(/^Line \d+, /, ""),
        isError: level === "error",
      })),
    ];
  });
  return told;
}
