"use client";

import { nanoid } from "nanoid";
import { useDeferredValue, useMemo, useState } from "react";
import type { InventoryItem, InventoryKind } from "@/core/slice";
import { inventoryName } from "@/core/words";
import { deleteOp, insertOp, updateOp } from "@/job/ops";
import type { CountRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { type JobContextValue, useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { InventoryList } from "./inventory-list";
import { InventoryOneByOne } from "./inventory-one-by-one";
import { PrintedInventory } from "./inventory-print";
import type { CountEdits, CountState } from "./inventory-row";

type Show = "all" | "needed" | "open" | "source";
const SHOWN: readonly (readonly [Show, string])[] = [
  ["needed", "Needed"],
  ["open", "Not looked at"],
  ["source", "To source"],
  ["all", "All"],
];
const KINDS: Readonly<Record<InventoryKind, string>> = {
  connector: "Connectors",
  relay: "Relays",
  fuse: "Fuses",
  ground: "Grounds",
  sensor: "Sensors",
  other: "Other parts",
};
const EMPTY_TITLES: Readonly<Record<Show, string>> = {
  open: "Everything needed has been looked at",
  source: "Nothing is to be sourced",
  needed: "Nothing here",
  all: "Nothing here",
};
const isNeeded = (item: InventoryItem) => item.neededBy.length > 0 || item.side === "added";

/** Everything that must be in hand, counted one by one; what is needed and missing is to be sourced. */
export function InventoryScreen() {
  const job = useJob();
  const [show, setShow] = useState<Show>("needed");
  const [kind, setKind] = useState<InventoryKind | "">("");
  const [search, setSearch] = useState("");
  const [selected, setSelected] = useState(0);
  const [isOneByOne, setOneByOne] = useState(false);
  const counts = useMemo(() => new Map(job.document.counts.map((row) => [row.subject, row])), [job.document.counts]);
  const items = job.report?.inventory ?? [];
  const tests = testsOf(counts);
  const asked = useDeferredValue(search).trim().toLowerCase();
  const visible = items.filter((item) => tests[show](item) && (kind === "" || item.kind === kind) && fits(item, asked));
  const edits = countEdits(job, counts);
  const move = (by: number) => setSelected((now) => Math.max(0, Math.min(visible.length - 1, now + by)));
  const mark = (state: CountState) => {
    const item = visible[Math.min(selected, visible.length - 1)];
    if (item !== undefined) edits.state(item, state);
    if (show !== "open") move(1);
  };
  useKeys({
    o: () => setOneByOne(!isOneByOne),
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    p: () => mark("present"),
    m: () => mark("missing"),
    d: () => mark("damaged"),
    r: () => mark("replaced"),
  });
  const choose = (one: Show) => {
    setShow(one);
    setSelected(0);
  };
  const many = (one: Show) => items.filter(tests[one]).length;
  return (
    <>
      <ScreenHead title="Inventory">
        <Segments
          label="Show"
          value={show}
          onChange={choose}
          segments={SHOWN.map(([key, label]) => ({ key, label, count: many(key) }))}
        />
        <KindFilter kind={kind} onChange={setKind} />
        <SearchField label="Search the inventory" placeholder="Name or place" value={search} onChange={setSearch} />
        <Button onClick={() => setOneByOne(!isOneByOne)}>{isOneByOne ? "Table" : "One at a time"}</Button>
        <PrintButton>Print</PrintButton>
      </ScreenHead>
      {(job.report === null || items.length > 0) && (
        <Unaccounted waiting={job.report === null} unlooked={many("open")} missing={many("source")} />
      )}
      {isOneByOne ? (
        <InventoryOneByOne
          items={visible}
          counts={counts}
          edits={edits}
          at={selected}
          onMove={move}
          onMark={mark}
          onMarkAll={edits.all}
          onClose={() => setOneByOne(false)}
        />
      ) : (
        <InventoryList
          items={visible}
          counts={counts}
          edits={edits}
          selected={selected}
          onSelect={setSelected}
          empty={job.report === null ? null : <NoItems show={show} none={items.length === 0} />}
        />
      )}
      <PrintedInventory items={visible} counts={counts} name={job.document.job.name} />
    </>
  );
}

function testsOf(counts: ReadonlyMap<string, CountRow>): Readonly<Record<Show, (item: InventoryItem) => boolean>> {
  const isLost = (state: CountRow["state"] | undefined) => state === "missing" || state === "damaged";
  return {
    all: () => true,
    needed: isNeeded,
    open: (item) => isNeeded(item) && !counts.has(item.subject),
    source: (item) => isNeeded(item) && isLost(counts.get(item.subject)?.state),
  };
}

const fits = (item: InventoryItem, asked: string) =>
  `${inventoryName(item.what)} ${item.place ?? ""}`.toLowerCase().includes(asked);

/** What a person says of a thing, as changes of the job. */
function countEdits(job: JobContextValue, counts: ReadonlyMap<string, CountRow>): CountEdits {
  const save = ({ subject }: InventoryItem, to: Partial<CountRow>, label: string) => {
    const row = counts.get(subject);
    const made = { id: nanoid(), subject, state: "present", note: "", foundAt: "", goesTo: "", ...to } as const;
    job.change(label, [row === undefined ? insertOp("stock_count", made) : updateOp("stock_count", row.id, row, to)], {
      quiet: true,
    });
  };
  return {
    all: (items, state) => {
      if (state === "open") return;
      const ops = items.map(({ subject }) => {
        const row = counts.get(subject);
        const made = { id: nanoid(), subject, state, note: "", foundAt: "", goesTo: "" };
        return row === undefined ? insertOp("stock_count", made) : updateOp("stock_count", row.id, row, { state });
      });
      job.change(`${items.length} alike: ${state}`, ops);
    },
    text: (item, field, text, label) => save(item, { [field]: text }, label),
    state: (item, state) => {
      const row = counts.get(item.subject);
      const name = inventoryName(item.what);
      if (state !== "open") save(item, { state }, `${name}: ${state}`);
      else if (row !== undefined) job.change(`${name}: not looked at`, [deleteOp("stock_count", row)], { quiet: true });
    },
  };
}

function KindFilter({ kind, onChange }: { kind: InventoryKind | ""; onChange: (kind: InventoryKind | "") => void }) {
  return (
    <select
      aria-label="Kind of thing"
      className="field w-36"
      value={kind}
      onChange={(event) => onChange(event.target.value as InventoryKind | "")}
    >
      <option value="">All kinds</option>
      {Object.entries(KINDS).map(([key, name]) => (
        <option key={key} value={key}>
          {name}
        </option>
      ))}
    </select>
  );
}

function Unaccounted({ waiting, unlooked, missing }: { waiting: boolean; unlooked: number; missing: number }) {
  return (
    <p className="no-print mx-4 mb-2" role="status">
      {waiting ? (
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
  );
}

const NoItems = ({ show, none }: { show: Show; none: boolean }) => (
  <Empty title={none ? "Nothing to count yet" : EMPTY_TITLES[show]}>
    <p>
      {none
        ? "Import the pin tables: connectors, relays, fuses, grounds and sensors are listed from them."
        : "Choose another list or kind."}
    </p>
  </Empty>
);
