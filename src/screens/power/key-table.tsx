"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef, useState } from "react";
import { fieldOf } from "@/core/forms";
import { type KeyCell, type KeyRow, type PowerReport, TROUBLE } from "@/core/power";
import { aliveWords, cavityLabel, cellText, fixed, KEY_VERDICT_WORDS, STATE_HEADS } from "@/core/words";
import { StateMark } from "@/ui/marks";
import { Plate } from "@/ui/plate";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { VERDICT_MARKS } from "./marks";
import type { Looked } from "./trying";

interface Props {
  readonly report: PowerReport;
  readonly before: PowerReport | null;
  readonly looked: Looked | null;
  readonly onLook: (looked: Looked) => void;
}

const FILTERS = { all: "All", trouble: "Trouble", consumers: "Consumers", feeds: "Feeds" } as const;
/** Two decimals in every cell, so that a column is read down. */
const tableVolts = (volts: number | null) => (volts === null ? "—" : fixed(volts, 2));
type Filter = keyof typeof FILTERS;
/** Beside an open path there is less room; the cavity and the six states stay. */
const COLUMNS = {
  wide: "grid-cols-[minmax(170px,1.4fr)_96px_repeat(6,minmax(112px,1fr))] min-w-[920px]",
  narrow: "grid-cols-[minmax(112px,1fr)_repeat(6,minmax(106px,1fr))] min-w-[750px]",
} as const;

/** Every feed and consumer against the key: expected volts, and whether it lives or is dead as it must. A cell opens to its current path. */
export function KeyTable({ report, before, looked, onLook }: Props) {
  const [filter, setFilter] = useState<Filter>("all");
  const [query, setQuery] = useState("");
  const scroller = useRef<HTMLDivElement>(null);
  const narrow = looked !== null;
  const rows = useMemo(() => {
    const words = query.trim().toLowerCase();
    return report.rows.filter(
      (row) =>
        (filter === "all" ||
          (filter === "trouble" ? row.trouble : row.role === (filter === "feeds" ? "feed" : "consumer"))) &&
        (words === "" ||
          `${cavityLabel(row.at)} ${row.pin.description ?? ""} ${row.pin.circuit ?? ""}`.toLowerCase().includes(words)),
    );
  }, [report, filter, query]);
  const was = useMemo(() => new Map((before?.rows ?? []).map((row) => [row.pin.id, row])), [before]);
  const states = report.rows[0]?.cells.map((cell) => cell.state) ?? [];
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 900, height: 700 },
    estimateSize: () => 54,
    getItemKey: (at) => rows[at]?.pin.id ?? at,
  });
  const counts: Record<Filter, number> = {
    all: report.rows.length,
    trouble: report.rows.filter((row) => row.trouble).length,
    consumers: report.rows.filter((row) => row.role === "consumer").length,
    feeds: report.rows.filter((row) => row.role === "feed").length,
  };
  return (
    <div className="flex h-full min-h-0 flex-col print:block">
      <div className="no-print flex flex-wrap items-center gap-2 border-b border-rule px-3 py-2">
        <Segments
          label="Show"
          value={filter}
          onChange={setFilter}
          segments={(Object.keys(FILTERS) as Filter[]).map((key) => ({ key, label: FILTERS[key], count: counts[key] }))}
        />
        <label className="ml-auto flex items-center gap-2 text-[13px]">
          Find{" "}
          <input
            className="field h-10! w-48!"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
            placeholder="cavity, circuit, words"
          />
        </label>
      </div>
      {rows.length === 0 ? (
        <Empty title="Nothing here">
          <p>
            {filter === "trouble"
              ? "No feed or consumer is wrong in any key position."
              : "No feed or consumer has these words."}
          </p>
        </Empty>
      ) : (
        <div
          ref={scroller}
          role="table"
          aria-label="Key table"
          aria-rowcount={rows.length + 1}
          className="min-h-0 flex-1 overflow-auto print:overflow-visible"
          tabIndex={0}
        >
          <div
            role="row"
            className={`sticky top-0 z-10 grid ${COLUMNS[narrow ? "narrow" : "wide"]} border-b border-rule2 bg-fill text-[13px] font-bold`}
          >
            <div role="columnheader" className="px-3 py-1.5">
              Cavity
            </div>
            {!narrow && (
              <div role="columnheader" className="px-2 py-1.5">
                Must be live
              </div>
            )}
            {states.map((state) => (
              <div key={state} role="columnheader" className="px-3 py-1.5 text-right">
                {STATE_HEADS[state]}
              </div>
            ))}
          </div>
          <div
            className={`no-print relative ${narrow ? "min-w-[750px]" : "min-w-[920px]"}`}
            style={{ height: list.getTotalSize() }}
          >
            {list.getVirtualItems().map((item) => {
              const row = rows[item.index] as KeyRow;
              return (
                <div
                  key={item.key}
                  ref={list.measureElement}
                  data-index={item.index}
                  className="absolute right-0 left-0"
                  style={{ top: item.start }}
                >
                  <Line
                    row={row}
                    was={was.get(row.pin.id)}
                    looked={looked}
                    onLook={onLook}
                    index={item.index}
                    narrow={narrow}
                  />
                </div>
              );
            })}
          </div>
          <div className="hidden print:block">
            {rows.map((row, at) => (
              <Line
                key={row.pin.id}
                row={row}
                was={undefined}
                looked={null}
                onLook={onLook}
                index={at}
                narrow={false}
              />
            ))}
          </div>
        </div>
      )}
    </div>
  );
}

function Line({
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
  onLook: Props["onLook"];
  index: number;
  narrow: boolean;
}) {
  const alive = fieldOf(row.pin.form, "alive");
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`keep grid ${COLUMNS[narrow ? "narrow" : "wide"]} min-h-[54px] items-center border-b border-rule`}
    >
      <div role="rowheader" className="min-w-0 px-3 py-1">
        <Plate side={row.at.side} label={cavityLabel(row.at)} />
        <span className="mt-0.5 block truncate text-[13px] text-ink2" title={row.pin.description ?? undefined}>
          {row.pin.description ?? row.role}
        </span>
      </div>
      {!narrow && (
        <div role="cell" className="px-2 text-[13px]">
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
  onLook: Props["onLook"];
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
