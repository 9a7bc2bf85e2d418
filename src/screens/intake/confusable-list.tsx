import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useRef } from "react";
import type { ConfusablePair } from "@/core/compare";
import { capital, HARM_WORDS } from "@/core/words";
import type { AlikeRow } from "@/job/schema";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { isGrave } from "./confusable-pair";

export const pairKey = (pair: ConfusablePair) => pair.ids.join(" ");

interface Props {
  /** Null while they are being compared. */
  readonly pairs: readonly ConfusablePair[] | null;
  readonly told: ReadonlyMap<string, AlikeRow>;
  readonly current: ConfusablePair | undefined;
  readonly onSelect: (key: string) => void;
}

/** The pairs, the most dangerous first; only those in sight are drawn. */
export function ConfusableList({ pairs, told, current, onSelect }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const shown = pairs ?? [];
  const list = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 400, height: 600 },
    estimateSize: () => 58,
    getItemKey: (at) => shown[at]?.ids.join(" ") ?? at,
  });
  useEffect(() => {
    if (current !== undefined) list.scrollToIndex(Math.max(0, shown.indexOf(current)), { align: "auto" });
  }, [current, shown, list]);
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="group"
      aria-label="Pairs"
      className="min-h-0 overflow-auto border-r border-rule2"
    >
      {pairs === null && (
        <p className="p-3 text-ink2" role="status">
          Comparing every connector with every other …
        </p>
      )}
      {pairs?.length === 0 && (
        <Empty title="No such pair">
          <p>
            Pairs of connectors with the same cavities are listed here, with what would happen if they changed places.
            None has this harm.
          </p>
        </Empty>
      )}
      <div className="relative" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((virtual) => {
          const pair = shown[virtual.index] as ConfusablePair;
          return (
            <button
              key={virtual.key}
              type="button"
              aria-pressed={pair === current}
              onClick={() => onSelect(pairKey(pair))}
              style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
              className={`absolute top-0 left-0 flex w-full items-center gap-2.5 border-b border-rule px-3 text-left ${pair === current ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
            >
              <PairLine pair={pair} row={told.get(pairKey(pair))} />
            </button>
          );
        })}
      </div>
    </div>
  );
}

function PairLine({ pair, row }: { pair: ConfusablePair; row: AlikeRow | undefined }) {
  const mark = row?.state === "checked" ? "proven" : row?.state === "flagged" ? "decided" : "open";
  return (
    <>
      <StateMark mark={mark} />
      <span className="min-w-0">
        <span className="block truncate font-semibold">{pair.labels.join(" ↔ ")}</span>
        <span className={`block truncate text-[13px] ${isGrave(pair.harm) ? "font-semibold text-stop" : "text-ink2"}`}>
          {capital(HARM_WORDS[pair.harm])}
          {row === undefined ? "" : `, ${row.state}`}
        </span>
      </span>
    </>
  );
}
