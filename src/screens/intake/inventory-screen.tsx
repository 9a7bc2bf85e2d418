"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { Download, Search } from "lucide-react";
import { nanoid } from "nanoid";
import { useMemo, useRef, useState } from "react";
import { functionName } from "@/core/functions";
import type { InventoryItem, InventoryKind } from "@/core/slice";
import { inventoryName, listed } from "@/core/words";
import { deleteOp, insertOp, type RowOp, updateOp } from "@/job/ops";
import { COUNTED, type CountRow } from "@/job/schema";
import { Button, Chip } from "@/ui/controls";
import { type Mark, StateMark } from "@/ui/marks";
import { SavedInput } from "@/ui/saved-input";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PaperStyle } from "../shell/paper";
import { ScreenHead } from "../shell/screen-head";

type Show = "all" | "needed" | "open" | "source";
const KINDS: readonly InventoryKind[] = ["connector", "relay", "fuse", "ground", "sensor", "other"];
const KIND_WORDS: Readonly<Record<InventoryKind, string>> = {
  connector: "Connectors",
  relay: "Relays",
  fuse: "Fuses",
  ground: "Grounds",
  sensor: "Sensors",
  other: "Other parts",
};
const COLUMNS =
  "grid grid-cols-[minmax(170px,1.3fr)_150px_minmax(120px,1fr)_minmax(120px,1fr)_minmax(140px,1.2fr)] items-center gap-2 px-3";

/** Everything that must be in hand, counted piece by piece; what is needed and missing is to be sourced. */
export function InventoryScreen() {
  const job = useJob();
  const [show, setShow] = useState<Show>("needed");
  const [kind, setKind] = useState<InventoryKind | null>(null);
  const [search, setSearch] = useState("");
  const [selected, setSelected] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);
  const counts = useMemo(() => new Map(job.document.counts.map((row) => [row.subject, row])), [job.document.counts]);
  const items = job.report?.inventory ?? [];
  const needed = (item: InventoryItem) => item.neededBy.length > 0 || item.side === "added";
  const open = (item: InventoryItem) => needed(item) && !counts.has(item.subject);
  const toSource = (item: InventoryItem) => {
    const state = counts.get(item.subject)?.state;
    return needed(item) && (state === "missing" || state === "damaged");
  };
  const tests: Record<Show, (item: InventoryItem) => boolean> = { all: () => true, needed, open, source: toSource };
  const visible = items
    .filter(tests[show])
    .filter((item) => kind === null || item.kind === kind)
    .filter((item) =>
      `${inventoryName(item.what)} ${item.place ?? ""}`.toLowerCase().includes(search.trim().toLowerCase()),
    );
  const list = useVirtualizer({
    count: visible.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 1000, height: 600 },
    estimateSize: () => 60,
    getItemKey: (at) => visible[at]?.subject ?? at,
  });

  const save = (item: InventoryItem, to: Partial<CountRow>, label: string) => {
    const row = counts.get(item.subject);
    const ops: (RowOp | null)[] =
      row === undefined
        ? [
            insertOp("stock_count", {
              id: nanoid(),
              subject: item.subject,
              state: "present",
              note: "",
              foundAt: "",
              goesTo: "",
              ...to,
            }),
          ]
        : [updateOp("stock_count", row.id, row, to)];
    job.change(label, ops, { quiet: true });
  };
  const setState = (item: InventoryItem | undefined, state: string) => {
    if (item === undefined) return;
    const row = counts.get(item.subject);
    const found = COUNTED.find((one) => one === state);
    if (found !== undefined) save(item, { state: found }, `${inventoryName(item.what)}: ${found}`);
    else if (row !== undefined)
      job.change(`${inventoryName(item.what)}: not looked at`, [deleteOp("stock_count", row)], { quiet: true });
  };
  const move = (by: number) =>
    setSelected((now) => {
      const next = Math.max(0, Math.min(visible.length - 1, now + by));
      list.scrollToIndex(next, { align: "auto" });
      return next;
    });
  const mark = (state: string) => {
    setState(visible[selected], state);
    if (show !== "open") move(1);
  };
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    p: () => mark("present"),
    m: () => mark("missing"),
    d: () => mark("damaged"),
    r: () => mark("replaced"),
  });
  const unlooked = items.filter(open).length;
  const missing = items.filter(toSource).length;
  return (
    <>
      <PaperStyle paper="A4" />
      <ScreenHead title="Inventory">
        {(
          [
            ["needed", "Needed"],
            ["open", "Not looked at"],
            ["source", "To source"],
            ["all", "All"],
          ] as const
        ).map(([one, name]) => (
          <Chip
            key={one}
            on={show === one}
            onClick={() => {
              setShow(one);
              setSelected(0);
            }}
          >
            {name} <span className="font-mono">{items.filter(tests[one]).length}</span>
          </Chip>
        ))}
        <span className="mx-1 h-6 border-l border-rule2" />
        <select
          aria-label="Kind of thing"
          className="field w-36"
          value={kind ?? ""}
          onChange={(event) => {
            setKind(KINDS.find((one) => one === event.target.value) ?? null);
            setSelected(0);
          }}
        >
          <option value="">All kinds</option>
          {KINDS.map((one) => (
            <option key={one} value={one}>
              {KIND_WORDS[one]}
            </option>
          ))}
        </select>
        <label className="relative min-w-32 flex-1">
          <span className="hidden-text">Search the inventory</span>
          <Search size={16} className="absolute top-3 left-2.5 text-ink2" aria-hidden="true" />
          <input
            type="search"
            className="field pl-8"
            placeholder="Name or place"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </label>
        <Button onClick={() => print()}>
          <Download size={16} aria-hidden="true" />
          Print
        </Button>
      </ScreenHead>
      <p className="no-print mx-4 mb-2" role="status">
        {job.report === null ? (
          "Listing what both harnesses have …"
        ) : unlooked + missing === 0 ? (
          <strong>Nothing that the plan needs is unaccounted for.</strong>
        ) : (
          <>
            <strong className="font-mono">{unlooked}</strong> needed and not looked at,{" "}
            <strong className={`font-mono ${missing > 0 ? "text-stop" : ""}`}>{missing}</strong> to source.
          </>
        )}
      </p>
      <div
        ref={scroller}
        tabIndex={0}
        role="group"
        aria-label="Inventory"
        className="no-print mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
      >
        <div className="min-w-[820px]">
          <div
            className={`${COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
          >
            <span>What</span>
            <span>Found</span>
            <span>Where it was found</span>
            <span>Where it goes</span>
            <span>Note</span>
          </div>
          {job.report !== null && visible.length === 0 && (
            <Empty
              title={
                show === "open"
                  ? "Everything needed has been looked at"
                  : show === "source"
                    ? "Nothing is to be sourced"
                    : "Nothing here"
              }
            >
              <p>
                {items.length === 0
                  ? "Import the pin tables: connectors, relays, fuses, grounds and sensors are listed from them."
                  : "Choose another list or kind."}
              </p>
            </Empty>
          )}
          <div className="relative" style={{ height: list.getTotalSize() }}>
            {list.getVirtualItems().map((virtual) => {
              const item = visible[virtual.index] as InventoryItem;
              const row = counts.get(item.subject);
              return (
                <div
                  key={virtual.key}
                  role="group"
                  aria-label={inventoryName(item.what)}
                  onFocus={() => setSelected(virtual.index)}
                  style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                  className={`absolute top-0 left-0 w-full border-b border-rule ${COLUMNS} ${virtual.index === selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
                >
                  <span className="flex min-w-0 items-center gap-2">
                    <StateMark mark={markOf(row?.state)} />
                    <span className="min-w-0">
                      <strong className="block truncate font-semibold" title={inventoryName(item.what)}>
                        {inventoryName(item.what)}
                      </strong>
                      <span className="block truncate text-[13px] text-ink2">
                        {item.side} {item.kind}
                        {item.place === null ? "" : `, ${item.place}`}
                        {item.neededBy.length > 0 ? `; for ${listed(item.neededBy.map(functionName), 2)}` : ""}
                      </span>
                    </span>
                  </span>
                  <select
                    aria-label={`${inventoryName(item.what)} was found`}
                    className="field"
                    value={row?.state ?? ""}
                    onChange={(event) => setState(item, event.target.value)}
                  >
                    <option value="">not looked at</option>
                    {COUNTED.map((one) => (
                      <option key={one}>{one}</option>
                    ))}
                  </select>
                  <SavedInput
                    label={`Where ${inventoryName(item.what)} was found`}
                    value={row?.foundAt ?? ""}
                    placeholder={item.place ?? ""}
                    onSave={(text) => save(item, { foundAt: text }, `Where ${inventoryName(item.what)} was found`)}
                  />
                  <SavedInput
                    label={`Where ${inventoryName(item.what)} goes`}
                    value={row?.goesTo ?? ""}
                    onSave={(text) => save(item, { goesTo: text }, `Where ${inventoryName(item.what)} goes`)}
                  />
                  <SavedInput
                    label={`Note on ${inventoryName(item.what)}`}
                    value={row?.note ?? ""}
                    onSave={(text) => save(item, { note: text }, `Note on ${inventoryName(item.what)}`)}
                  />
                </div>
              );
            })}
          </div>
        </div>
      </div>
      <PrintedInventory items={visible} counts={counts} name={job.document.job.name} />
    </>
  );
}

/** The list as it is carried to the vehicle: all of it, with room to write. */
function PrintedInventory({
  items,
  counts,
  name,
}: {
  items: readonly InventoryItem[];
  counts: ReadonlyMap<string, CountRow>;
  name: string;
}) {
  return (
    <table className="hidden w-full border-collapse text-left text-[9pt] print:table">
      <caption className="pb-2 text-left">
        <strong className="wide text-base">Inventory: {name}</strong>
      </caption>
      <thead>
        <tr className="border-y-[1.5px] border-ink">
          {["What", "Kind", "Found", "Where it was found", "Where it goes", "Note"].map((head) => (
            <th key={head} className="py-1 pr-2">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {items.map((item) => {
          const row = counts.get(item.subject);
          return (
            <tr key={item.subject} className="border-b border-rule">
              <td className="py-1 pr-2 font-semibold">{inventoryName(item.what)}</td>
              <td className="pr-2">
                {item.side} {item.kind}
              </td>
              <td className="pr-2">{row?.state ?? "______"}</td>
              <td className="pr-2">{row?.foundAt || item.place}</td>
              <td className="pr-2">{row?.goesTo}</td>
              <td>{row?.note}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function markOf(state: CountRow["state"] | undefined): Mark {
  if (state === undefined) return "open";
  return state === "present" || state === "replaced" ? "proven" : "blocked";
}
