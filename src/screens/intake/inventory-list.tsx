import { useVirtualizer } from "@tanstack/react-virtual";
import { type ReactNode, useEffect, useRef } from "react";
import type { InventoryItem } from "@/core/slice";
import { inventoryName } from "@/core/words";
import type { CountRow } from "@/job/schema";
import { type CountEdits, INVENTORY_COLUMNS, InventoryRow } from "./inventory-row";

const HEADS = ["What", "Found", "Where it was found", "Where it goes", "Note"] as const;

interface Props {
  readonly items: readonly InventoryItem[];
  readonly counts: ReadonlyMap<string, CountRow>;
  readonly edits: CountEdits;
  readonly selected: number;
  readonly onSelect: (at: number) => void;
  /** Shown where there is no item. */
  readonly empty: ReactNode;
}

export function InventoryList({ items, counts, edits, selected, onSelect, empty }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 1000, height: 600 },
    estimateSize: () => 60,
    getItemKey: (at) => items[at]?.subject ?? at,
  });
  useEffect(() => list.scrollToIndex(selected, { align: "auto" }), [selected, list]);
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="table"
      aria-label="Inventory"
      className="no-print mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
    >
      <div className="min-w-[760px]">
        <div
          role="row"
          className={`${INVENTORY_COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
        >
          {HEADS.map((head) => (
            <span key={head} role="columnheader">
              {head}
            </span>
          ))}
        </div>
        {items.length === 0 && empty}
        <div className="relative" style={{ height: list.getTotalSize() }}>
          {list.getVirtualItems().map((virtual) => {
            const item = items[virtual.index] as InventoryItem;
            return (
              <div
                key={virtual.key}
                role="row"
                aria-label={inventoryName(item.what)}
                onFocus={() => onSelect(virtual.index)}
                style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                className={`absolute top-0 left-0 w-full border-b border-rule ${INVENTORY_COLUMNS} ${virtual.index === selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
              >
                <InventoryRow item={item} row={counts.get(item.subject)} edits={edits} />
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
