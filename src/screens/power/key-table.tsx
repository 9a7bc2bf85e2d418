"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef, useState } from "react";
import type { KeyRow, PowerReport } from "@/core/power";
import { cavityLabel } from "@/core/words";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { KeyHeads, KeyLine, TABLE_WIDTHS } from "./key-row";
import type { Looked } from "./trying";

interface Props {
  readonly report: PowerReport;
  readonly before: PowerReport | null;
  readonly looked: Looked | null;
  readonly onLook: (looked: Looked) => void;
}

const FILTERS = {
  all: { name: "All", test: (_row: KeyRow) => true },
  trouble: { name: "Trouble", test: (row: KeyRow) => row.trouble },
  consumers: { name: "Consumers", test: (row: KeyRow) => row.role === "consumer" },
  feeds: { name: "Feeds", test: (row: KeyRow) => row.role === "feed" },
} as const;
type Filter = keyof typeof FILTERS;

/**
 * Every feed and consumer against the key: expected volts, and whether it lives or is dead as it must. A cell opens to
 * its current path.
 */
export function KeyTable({ report, before, looked, onLook }: Props) {
  const [filter, setFilter] = useState<Filter>("all");
  const [query, setQuery] = useState("");
  const rows = useMemo(() => {
    const words = query.trim().toLowerCase();
    const text = ({ at, pin }: KeyRow) =>
      `${cavityLabel(at)} ${pin.description ?? ""} ${pin.circuit ?? ""}`.toLowerCase();
    return report.rows.filter((row) => FILTERS[filter].test(row) && (words === "" || text(row).includes(words)));
  }, [report, filter, query]);
  return (
    <div className="flex h-full min-h-0 flex-col print:block">
      <div className="no-print flex flex-wrap items-center gap-2 border-b border-rule px-3 py-2">
        <Segments
          label="Show"
          value={filter}
          onChange={setFilter}
          segments={(Object.keys(FILTERS) as Filter[]).map((key) => ({
            key,
            label: FILTERS[key].name,
            count: report.rows.filter(FILTERS[key].test).length,
          }))}
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
        <Rows rows={rows} before={before} looked={looked} onLook={onLook} />
      )}
    </div>
  );
}

/** Only what is in sight is drawn; on paper, all of it. */
function Rows({ rows, before, looked, onLook }: Omit<Props, "report"> & { rows: readonly KeyRow[] }) {
  const scroller = useRef<HTMLDivElement>(null);
  const narrow = looked !== null;
  const was = useMemo(() => new Map((before?.rows ?? []).map((row) => [row.pin.id, row])), [before]);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 900, height: 700 },
    estimateSize: () => 54,
    getItemKey: (at) => rows[at]?.pin.id ?? at,
  });
  return (
    <div
      ref={scroller}
      role="table"
      aria-label="Key table"
      aria-rowcount={rows.length + 1}
      className="min-h-0 flex-1 overflow-auto print:overflow-visible"
      tabIndex={0}
    >
      <KeyHeads states={(rows[0]?.cells ?? []).map((cell) => cell.state)} narrow={narrow} />
      <div
        className={`no-print relative ${TABLE_WIDTHS[narrow ? "narrow" : "wide"]}`}
        style={{ height: list.getTotalSize() }}
      >
        {list.getVirtualItems().map(({ index, key, start }) => {
          const row = rows[index] as KeyRow;
          return (
            <div
              key={key}
              ref={list.measureElement}
              data-index={index}
              className="absolute right-0 left-0"
              style={{ top: start }}
            >
              <KeyLine
                row={row}
                was={was.get(row.pin.id)}
                looked={looked}
                onLook={onLook}
                index={index}
                narrow={narrow}
              />
            </div>
          );
        })}
      </div>
      <div className="hidden print:block">
        {rows.map((row, at) => (
          <KeyLine key={row.pin.id} row={row} was={undefined} looked={null} onLook={onLook} index={at} narrow={false} />
        ))}
      </div>
    </div>
  );
}
