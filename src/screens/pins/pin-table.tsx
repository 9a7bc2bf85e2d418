import { useVirtualizer } from "@tanstack/react-virtual";
import { memo, useEffect, useMemo, useRef } from "react";
import { cavities, sizeUnit } from "@/core/words";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { pinEdits } from "./pin-edits";
import { PIN_COLUMNS, PinLine } from "./pin-line";

type Item =
  | { readonly type: "connector"; readonly pin: PinView; readonly count: number }
  | { readonly type: "pin"; readonly pin: PinView };

interface Props {
  readonly label: string;
  readonly pins: readonly PinView[];
  readonly selected: string | null;
  readonly onSelect: (pinId: string) => void;
}

/** The cavities under their connectors; only those in sight are drawn. */
export const PinTable = memo(function PinTable({ label, pins, selected, onSelect }: Props) {
  const { document, change } = useJob();
  const { units } = document.job;
  const scroller = useRef<HTMLDivElement>(null);
  const items = useMemo(() => byConnector(pins), [pins]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 1000, height: 700 },
    estimateSize: (at) => (items[at]?.type === "connector" ? 42 : 52),
    getItemKey: (at) => `${items[at]?.type} ${items[at]?.pin.row.id}`,
  });
  useEffect(() => {
    const at = items.findIndex((item) => item.type === "pin" && item.pin.row.id === selected);
    if (at >= 0) rows.scrollToIndex(at, { align: "auto" });
  }, [selected, items, rows]);

  return (
    <div ref={scroller} className="min-h-0 overflow-auto" aria-label={label}>
      <div role="table" aria-rowcount={pins.length + 1} className="min-w-[756px]">
        <Heads size={sizeUnit(units)} />
        <div className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((virtual) => {
            const item = items[virtual.index] as Item;
            const { pin } = item;
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

function Heads({ size }: { size: string }) {
  return (
    <div
      role="row"
      className={`${PIN_COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
    >
      {["Cavity", "Wire", size, "What the paper says", "What it is", "How it works"].map((head) => (
        <span role="columnheader" key={head} className={head === size ? "text-right" : undefined}>
          {head}
        </span>
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

function byConnector(pins: readonly PinView[]): Item[] {
  const counts = new Map<string, number>();
  for (const pin of pins) counts.set(pin.connector.id, (counts.get(pin.connector.id) ?? 0) + 1);
  const groups = pins.toSorted((a, b) => a.connector.position - b.connector.position);
  return groups.flatMap((pin, at): Item[] => {
    const first = pin.connector.id !== groups[at - 1]?.connector.id;
    return [
      ...(first ? [{ type: "connector", pin, count: counts.get(pin.connector.id) ?? 0 } as const] : []),
      { type: "pin", pin },
    ];
  });
}
