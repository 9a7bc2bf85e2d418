"use client";

import { fieldOf } from "@/core/forms";
import { type KeyCell, type KeyRow, TROUBLE } from "@/core/power";
import type { KeyPosition } from "@/core/state";
import { aliveWords, cavityLabel, cellText, fixed, KEY_VERDICT_WORDS, STATE_HEADS } from "@/core/words";
import { StateMark } from "@/ui/marks";
import { Plate } from "@/ui/plate";
import { VERDICT_MARKS } from "./marks";
import type { Looked } from "./trying";

/** Two decimals in every cell, so that a column is read down. */
const tableVolts = (volts: number | null) => (volts === null ? "—" : fixed(volts, 2));
/** Beside an open path, and on a tablet, there is less room; the cavity and the six states stay. */
const COLUMNS = {
  wide: "grid-cols-[minmax(170px,1.4fr)_96px_repeat(6,minmax(112px,1fr))] not-print:max-lg:grid-cols-[minmax(126px,1.4fr)_repeat(6,minmax(104px,1fr))]",
  narrow: "grid-cols-[minmax(126px,1.4fr)_repeat(6,minmax(104px,1fr))]",
} as const;
/** How wide the table is at least. */
export const TABLE_WIDTHS = {
  wide: "min-w-[920px] not-print:max-lg:min-w-[750px]",
  narrow: "min-w-[750px]",
} as const;

const columns = (narrow: boolean) => {
  const room = narrow ? "narrow" : "wide";
  return `${COLUMNS[room]} ${TABLE_WIDTHS[room]}`;
};

export function KeyHeads({ states, narrow }: { states: readonly KeyPosition[]; narrow: boolean }) {
  return (
    <div
      role="row"
      className={`sticky top-0 z-10 grid ${columns(narrow)} border-b border-rule2 bg-fill text-[13px] font-bold`}
    >
      <div role="columnheader" className="px-3 py-1.5">
        Cavity
      </div>
      {!narrow && (
        <div role="columnheader" className="px-2 py-1.5 not-print:max-lg:hidden">
          Must be live
        </div>
      )}
      {states.map((state) => (
        <div key={state} role="columnheader" className="px-3 py-1.5 text-right">
          {STATE_HEADS[state]}
        </div>
      ))}
    </div>
  );
}

/** A feed or consumer: when it must be live, and its volts in each key position. */
export function KeyLine({
  row,
  was,
  looked,
  onLook,
  index,
  narrow,
}: {
  row: KeyRow;
  was: KeyRow | undefined;
  looked: Looked | null;
  onLook: (looked: Looked) => void;
  index: number;
  narrow: boolean;
}) {
  const alive = fieldOf(row.pin.form, "alive");
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`keep grid ${columns(narrow)} min-h-[54px] items-center border-b border-rule`}
    >
      <div role="rowheader" className="min-w-0 px-3 py-1">
        <Plate side={row.at.side} label={cavityLabel(row.at)} />
        <span className="mt-0.5 block truncate text-[13px] text-ink2" title={row.pin.description ?? undefined}>
          {row.pin.description ?? row.role}
        </span>
      </div>
      {!narrow && (
        <div role="cell" className="px-2 text-[13px] not-print:max-lg:hidden">
          {alive === null ? <span className="text-ink2">not known</span> : aliveWords[alive]}
        </div>
      )}
      {row.cells.map((cell) => (
        <Cell
          key={cell.state}
          row={row}
          cell={cell}
          was={was?.cells.find((one) => one.state === cell.state)}
          narrow={narrow}
          on={looked?.node === row.node && looked.state === cell.state}
          onLook={onLook}
        />
      ))}
    </div>
  );
}

function Cell({
  row,
  cell,
  was,
  narrow,
  on,
  onLook,
}: {
  row: KeyRow;
  cell: KeyCell;
  was: KeyCell | undefined;
  narrow: boolean;
  on: boolean;
  onLook: (looked: Looked) => void;
}) {
  const bad = TROUBLE.has(cell.verdict);
  const changed =
    was !== undefined &&
    ((was.volts === null) !== (cell.volts === null) || Math.abs((was.volts ?? 0) - (cell.volts ?? 0)) >= 0.05);
  return (
    <div role="cell" className="h-full">
      <button
        type="button"
        aria-pressed={on}
        title={cellText(row, cell)}
        onClick={() => onLook({ node: row.node, state: cell.state, label: cavityLabel(row.at) })}
        className={`flex h-full min-h-[53px] w-full flex-col items-end justify-center px-3 text-right ${on ? "bg-ink text-bench" : bad ? "bg-fill" : ""}`}
      >
        <span className="font-mono text-[14px] font-semibold whitespace-nowrap">
          {changed && (
            <span
              className={`text-[13px] font-normal line-through ${narrow ? "block" : "mr-1"} ${on ? "" : "text-ink2"}`}
            >
              {tableVolts(was.volts)}
            </span>
          )}
          {tableVolts(cell.volts)}
          {cell.volts === null || (changed && !narrow) ? "" : " V"}
        </span>
        <span
          className={`flex items-center gap-1 text-[13px] whitespace-nowrap ${bad ? `font-bold ${on ? "" : "text-stop"}` : on ? "" : "text-ink2"}`}
        >
          <StateMark mark={VERDICT_MARKS[cell.verdict]} />
          {KEY_VERDICT_WORDS[cell.verdict]}
        </span>
      </button>
    </div>
  );
}
