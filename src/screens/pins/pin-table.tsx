import { useVirtualizer } from "@tanstack/react-virtual";
import { memo, useCallback, useEffect, useMemo, useRef } from "react";
import { cavities, sizeUnit } from "@/core/words";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { MoreHead } from "./more-head";
import { pinEdits } from "./pin-edits";
import { type MoreColumn, PIN_GRID, PinLine, pinColumns } from "./pin-line";

type Item =
  | { readonly type: "connector"; readonly pinId: string; readonly count: number }
  | { readonly type: "pin"; readonly pinId: string };

interface Props {
  readonly label: string;
  readonly pins: readonly PinView[];
  readonly selected: string | null;
  readonly onSelect: (pinId: string) => void;
  readonly more: readonly MoreColumn[];
}

/** Height of the heads, px. */
const HEADS = 36;

/** The cavities under their connectors; only those in sight are drawn. */
export const PinTable = memo(function PinTable({ label, pins, selected, onSelect, more }: Props) {
  const { document, change, pinById } = useJob();
  const { units } = document.job;
  const scroller = useRef<HTMLDivElement>(null);
  const items = useItems(pins);
  // The same functions as long as the rows are: otherwise every row is measured again at each drawing.
  const estimateSize = useCallback((at: number) => (items[at]?.type === "connector" ? 42 : 52), [items]);
  const getItemKey = useCallback((at: number) => `${items[at]?.type} ${items[at]?.pinId}`, [items]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 1000, height: 700 },
    // The heads stay in sight above the rows: as much of the last row would lie below the edge.
    scrollPaddingEnd: HEADS,
    estimateSize,
    getItemKey,
  });
  useEffect(() => {
    const at = items.findIndex((item) => item.type === "pin" && item.pinId === selected);
    if (at >= 0) rows.scrollToIndex(at, { align: "auto" });
  }, [selected, items, rows]);

  return (
    <div ref={scroller} className="min-h-0 overflow-auto" aria-label={label}>
      <div role="table" aria-rowcount={pins.length + 1} style={{ minWidth: pinColumns(more.length).minWidth }}>
        <Heads size={sizeUnit(units)} more={more} />
        <div className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((virtual) => {
            const item = items[virtual.index] as Item;
            const pin = pinById.get(item.pinId);
            if (pin === undefined) return null;
            return (
              <div
                key={virtual.key}
                className="absolute top-0 left-0 w-full"
                style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
              >
                {item.type === "connector" ? (
                  <ConnectorHead pin={pin} count={item.count} />
                ) : (
                  <PinLine
                    pin={pin}
                    selected={pin.row.id === selected}
                    units={units}
                    edits={pinEdits(pin, document, change)}
                    onSelect={() => onSelect(pin.row.id)}
                    more={more}
                  />
                )}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
});

function Heads({ size, more }: { size: string; more: readonly MoreColumn[] }) {
  return (
    <div
      role="row"
      style={pinColumns(more.length)}
      className={`${PIN_GRID} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
    >
      {["Cavity", "Wire", size, "What the paper says", "What it is", "How it works"].map((head) => (
        <span role="columnheader" key={head} className={head === size ? "text-right" : undefined}>
          {head}
        </span>
      ))}
      {more.map((column) => (
        <MoreHead key={column.key} column={column} />
      ))}
    </div>
  );
}

function ConnectorHead({ pin: { connector }, count }: { pin: PinView; count: number }) {
  return (
    <p className="flex h-full items-end gap-2.5 border-b border-rule px-3 pb-1.5">
      <strong className="wide text-sm">{connector.label}</strong>
      <span className="truncate text-[13px] text-ink2">
        {cavities(count)}
        {connector.place ? `; ${connector.place}` : ""}
      </span>
    </p>
  );
}

/**
 * The lines of the table: the same list as long as its cavities are the same in the same order, so that nothing is
 * measured again for what is said of one.
 */
function useItems(pins: readonly PinView[]): readonly Item[] {
  const kept = useRef<readonly Item[]>([]);
  return useMemo(() => {
    const items = byConnector(pins);
    const before = kept.current;
    const same =
      items.length === before.length &&
      items.every((item, at) => item.pinId === before[at]?.pinId && item.type === before[at]?.type);
    if (!same) kept.current = items;
    return kept.current;
  }, [pins]);
}

function byConnector(pins: readonly PinView[]): Item[] {
  const groups = new Map<string, PinView[]>();
  for (const pin of pins) {
    const group = groups.get(pin.connector.id);
    if (group === undefined) groups.set(pin.connector.id, [pin]);
    else group.push(pin);
  }
  const inOrder = [...groups.values()].sort(([a], [b]) => (a?.connector.position ?? 0) - (b?.connector.position ?? 0));
  return inOrder.flatMap((group): Item[] => [
    { type: "connector", pinId: group[0]?.row.id ?? "", count: group.length },
    ...group.map(({ row }): Item => ({ type: "pin", pinId: row.id })),
  ]);
}
