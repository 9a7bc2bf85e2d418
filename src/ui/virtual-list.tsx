import { useVirtualizer } from "@tanstack/react-virtual";
import { type ReactNode, useCallback, useEffect, useMemo, useRef } from "react";

interface Props<T> {
  readonly label: string;
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  /** px */
  readonly heightOf: (item: T) => number;
  /** The key of the item that is kept in sight. */
  readonly current: string | null;
  /** Above the items, scrolled with them. */
  readonly head?: ReactNode;
  /** Its lines grow with what is opened in them: `heightOf` is where they begin, and each is measured. */
  readonly measured?: boolean;
  /** px, for the first picture: a page is never empty before the browser has measured anything. */
  readonly width: number;
  readonly className?: string;
  readonly children: (item: T) => ReactNode;
}

/** A pane with a list as long as it may be, of which only what is in sight is drawn. */
export function VirtualList<T>({
  label,
  items,
  keyOf,
  heightOf,
  current,
  head,
  measured = false,
  width,
  className,
  children,
}: Props<T>) {
  const scroller = useRef<HTMLDivElement>(null);
  const asked = useRef({ keyOf, heightOf });
  asked.current = { keyOf, heightOf };
  // The same functions as long as the items are: otherwise every item is measured again at each drawing.
  const estimateSize = useCallback((at: number) => asked.current.heightOf(items[at] as T), [items]);
  const getItemKey = useCallback((at: number) => asked.current.keyOf(items[at] as T), [items]);
  const list = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width, height: 600 },
    estimateSize,
    getItemKey,
  });
  useEffect(() => {
    const at = items.findIndex((item) => asked.current.keyOf(item) === current);
    if (at >= 0) list.scrollToIndex(at, { align: "auto" });
  }, [current, items, list]);
  return (
    <div
      ref={scroller}
      className={`min-h-0 flex-1 overflow-auto ${className ?? ""}`}
      tabIndex={0}
      role="group"
      aria-label={label}
    >
      {head}
      <div className="relative" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((virtual) => (
          <div
            key={virtual.key}
            data-index={virtual.index}
            ref={measured ? list.measureElement : undefined}
            className="absolute top-0 left-0 w-full"
            style={{
              height: measured ? undefined : virtual.size,
              transform: `translateY(${virtual.start}px)`,
            }}
          >
            {children(items[virtual.index] as T)}
          </div>
        ))}
      </div>
    </div>
  );
}

/** Goes from the current key to its neighbours, as the arrow keys do; from none, to the first. */
export function useMove(order: readonly string[], current: string | null, onMove: (key: string) => void) {
  const places = useMemo(() => new Map(order.map((key, at) => [key, at])), [order]);
  return (by: number) => {
    const at = places.get(current ?? "");
    const next = order[Math.max(0, Math.min(order.length - 1, at === undefined ? 0 : at + by))];
    if (next !== undefined) onMove(next);
  };
}
