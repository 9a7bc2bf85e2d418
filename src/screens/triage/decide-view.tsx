"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { useEffect, useMemo, useRef, useState } from "react";
import { functionName } from "@/core/functions";
import type { ReportRow, TriageChoice } from "@/core/slice";
import { CHOICE_WORDS, capital, wireText } from "@/core/words";
import { subjectName } from "@/job/evidence";
import type { BranchRow, ConnectorRow } from "@/job/schema";
import { decideCutOps, reopenCutOps } from "@/job/triage-ops";
import { Button, buttonLook } from "@/ui/controls";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { CutPanel } from "./cut-panel";
import { FunctionList } from "./function-list";
import { WireRow } from "./wire-row";

const FILTERS = {
  all: { name: "All", test: (_row: ReportRow) => true },
  decide: { name: "To decide", test: (row: ReportRow) => row.decided === null && row.proposed !== "keep" },
  needed: { name: "Needed", test: (row: ReportRow) => row.class === "needed" || row.class === "shared" },
  free: { name: "Free", test: (row: ReportRow) => row.class === "free" || row.class === "dead" },
  unknown: { name: "Unknown", test: (row: ReportRow) => row.class === "unknown" },
  decided: { name: "Decided", test: (row: ReportRow) => row.decided !== null },
} as const;
type Filter = keyof typeof FILTERS;
type Item =
  | { readonly type: "branch"; readonly branch: BranchRow; readonly rows: readonly ReportRow[] }
  | { readonly type: "connector"; readonly connector: ConnectorRow; readonly rows: readonly ReportRow[] }
  | { readonly type: "wire"; readonly row: ReportRow };

/** Functions left, wires by connector in the middle, what a decision would do on the right. */
export function DecideView({ wantedFunction }: { wantedFunction: string | null }) {
  const job = useJob();
  const [filter, setFilter] = useState<Filter>("all");
  const [onlyFunction, setOnlyFunction] = useState(wantedFunction);
  const [search, setSearch] = useState("");
  const [selected, setSelected] = useState<string | null>(null);
  const [refusing, setRefusing] = useState<string | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const searchField = useRef<HTMLInputElement>(null);
  useEffect(() => setOnlyFunction(wantedFunction), [wantedFunction]);

  const rows = job.report?.rows ?? [];
  const visible = useMemo(() => {
    const terms = search
      .toLowerCase()
      .split(/\s+/)
      .filter((term) => term !== "");
    const text = (row: ReportRow) =>
      `${wireText(row.ends)} ${row.wire.circuit ?? ""} ${row.wire.colourBase ?? ""}/${row.wire.colourTracer ?? ""} ${row.wire.pinIds.map((id) => job.pinById.get(id)?.row.description ?? "").join(" ")}`.toLowerCase();
    return rows
      .filter(FILTERS[filter].test)
      .filter((row) => onlyFunction === null || row.by.includes(onlyFunction) || row.unkept.includes(onlyFunction))
      .filter((row) => terms.every((term) => text(row).includes(term)));
  }, [rows, filter, onlyFunction, search, job.pinById]);
  const items = useMemo(
    () => inGroups(visible, job.document.connectors, job.document.branches),
    [visible, job.document.connectors, job.document.branches],
  );
  const list = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 600, height: 600 },
    estimateSize: (at) => (items[at]?.type === "wire" ? 62 : 40),
    getItemKey: (at) => subjectOf(items[at] as Item),
  });
  const order = useMemo(() => items.map(subjectOf), [items]);
  useEffect(() => {
    const at = order.indexOf(selected ?? "");
    if (at >= 0) list.scrollToIndex(at, { align: "auto" });
  }, [selected, order, list]);

  const current = rows.find((row) => row.wire.id === selected);
  /** The wires of a connector or branch that is decided as a whole; airbag circuits are left out of it. */
  const wholeOf = (subject: string) =>
    rows
      .filter(
        (row) =>
          row.mark !== "airbag" &&
          (`branch:${row.wire.branchId}` === subject ||
            row.wire.pinIds.some((id) => `connector:${job.pinById.get(id)?.connector.id}` === subject)),
      )
      .map((row) => row.wire.id);
  const decide = (choice: TriageChoice, override = "") => {
    if (selected === null || (current?.mark === "airbag" && choice !== "keep")) return;
    const name = current === undefined ? subjectName(job.document, selected) : wireText(current.ends);
    const subjects = current !== undefined ? [selected] : [selected, ...wholeOf(selected)];
    setRefusing(null);
    job.change(`${capital(CHOICE_WORDS[choice])} ${name}${override === "" ? "" : " against need"}`, (person) =>
      decideCutOps(job.document, { subjects, choice, override, person }),
    );
  };
  /** A removal that stops something kept is refused first; the panel then shows the ways out. */
  const tryRemove = () => {
    if (selected === null || current?.mark === "airbag") return;
    const wires = current !== undefined ? [selected] : wholeOf(selected);
    void job.askCut(wires).then((told) => (told.stops.length > 0 ? setRefusing(selected) : decide("remove")));
  };
  const safe = rows.filter((row) => row.decided === null && row.proposed === "remove" && row.mark === null);
  const acceptSafe = () =>
    safe.length > 0 &&
    job.change(`Remove ${safe.length} wires that nothing kept needs`, (person) =>
      decideCutOps(job.document, { subjects: safe.map((row) => row.wire.id), choice: "remove", person }),
    );
  const move = (by: number) => {
    const at = order.indexOf(selected ?? "");
    const next = order[Math.max(0, Math.min(order.length - 1, at < 0 ? 0 : at + by))];
    if (next !== undefined) {
      setSelected(next);
      setRefusing(null);
    }
  };
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    "/": () => searchField.current?.focus(),
    e: () => decide("keep"),
    r: tryRemove,
    p: () => decide("park"),
    l: () => decide("lengthen"),
    m: () => decide("move"),
    a: acceptSafe,
    Delete: () =>
      selected !== null &&
      job.change(
        `Decide ${current === undefined ? "it" : wireText(current.ends)} anew`,
        reopenCutOps(job.document, [selected]),
      ),
  });

  return (
    <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[212px_minmax(0,1fr)_340px] border border-rule2 bg-sheet max-xl:grid-cols-[200px_minmax(0,1fr)_330px] max-lg:grid-cols-[minmax(0,1fr)] max-lg:grid-rows-[auto_minmax(0,1fr)_minmax(0,1fr)]">
      <FunctionList only={onlyFunction} onOnly={setOnlyFunction} />
      <section
        aria-label="Wires"
        className="flex min-h-0 min-w-0 flex-col border-x border-rule2 max-lg:border-x-0 max-lg:border-y"
      >
        <div className="flex flex-wrap items-center gap-1.5 border-b border-rule p-2">
          <Segments
            label="Show"
            value={filter}
            onChange={setFilter}
            segments={(Object.keys(FILTERS) as Filter[]).map((key) => ({
              key,
              label: FILTERS[key].name,
              count: rows.filter(FILTERS[key].test).length,
            }))}
          />
          <SearchField
            label="Search wires"
            placeholder="Cavity, circuit, colour"
            value={search}
            onChange={setSearch}
            field={searchField}
          />
          <Button hotkey="A" disabled={safe.length === 0} onClick={acceptSafe}>
            Remove {safe.length} free
          </Button>
        </div>
        {onlyFunction !== null && (
          <p className="flex items-center gap-2 border-b border-rule px-3 py-1.5 text-[13px]">
            Wires of <strong>{functionName(onlyFunction)}</strong>
            <button type="button" className="min-h-10 underline" onClick={() => setOnlyFunction(null)}>
              show all
            </button>
          </p>
        )}
        <div
          ref={scroller}
          className="min-h-0 flex-1 overflow-auto"
          tabIndex={0}
          role="group"
          aria-label="Wires by connector"
        >
          {job.report !== null && items.length === 0 && (
            <Empty title={rows.length === 0 ? "No wires yet" : "No wire here"}>
              <p>
                {rows.length === 0
                  ? "Import both pin tables: the harness is built from them."
                  : "Choose another filter, or search for something else."}
              </p>
              {rows.length === 0 && (
                <Link href={`/jobs/${job.jobId}/import`} className={buttonLook(true)}>
                  To the import
                </Link>
              )}
            </Empty>
          )}
          <div className="relative" style={{ height: list.getTotalSize() }}>
            {list.getVirtualItems().map((virtual) => {
              const item = items[virtual.index] as Item;
              return (
                <div
                  key={virtual.key}
                  className="absolute top-0 left-0 w-full"
                  style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                >
                  {item.type === "wire" ? (
                    <WireRow
                      row={item.row}
                      selected={selected === item.row.wire.id}
                      onSelect={() => {
                        setSelected(item.row.wire.id);
                        setRefusing(null);
                      }}
                    />
                  ) : (
                    <GroupHead
                      item={item}
                      selected={selected === subjectOf(item)}
                      removed={job.document.cuts.some(
                        (row) => row.subject === subjectOf(item) && row.choice === "remove",
                      )}
                      onSelect={() => {
                        setSelected(subjectOf(item));
                        setRefusing(null);
                      }}
                    />
                  )}
                </div>
              );
            })}
          </div>
        </div>
      </section>
      <CutPanel
        key={selected}
        subject={selected}
        row={current}
        wireIds={selected === null ? [] : current !== undefined ? [selected] : wholeOf(selected)}
        refused={refusing !== null && refusing === selected}
        onDecide={decide}
        onRemove={tryRemove}
      />
    </div>
  );
}

function subjectOf(item: Item): string {
  switch (item.type) {
    case "branch":
      return `branch:${item.branch.id}`;
    case "connector":
      return `connector:${item.connector.id}`;
    case "wire":
      return item.row.wire.id;
  }
}

/** Wires under their connector, connectors under their branch where they have one. */
function inGroups(
  rows: readonly ReportRow[],
  connectors: readonly ConnectorRow[],
  branches: readonly BranchRow[],
): Item[] {
  const groups = new Map<string, ReportRow[]>();
  for (const row of rows) {
    const group = groups.get(row.connectorId);
    if (group === undefined) groups.set(row.connectorId, [row]);
    else group.push(row);
  }
  const of = (branchId: string | null) =>
    connectors
      .filter((connector) => connector.branchId === branchId)
      .flatMap((connector): Item[] => {
        const own = groups.get(connector.id);
        return own === undefined
          ? []
          : [{ type: "connector", connector, rows: own }, ...own.map((row) => ({ type: "wire", row }) as const)];
      });
  return [
    ...of(null),
    ...branches.flatMap((branch): Item[] => {
      const items = of(branch.id);
      return items.length === 0
        ? []
        : [
            { type: "branch", branch, rows: items.flatMap((item) => (item.type === "connector" ? item.rows : [])) },
            ...items,
          ];
    }),
  ];
}

function GroupHead({
  item,
  selected,
  removed,
  onSelect,
}: {
  item: Exclude<Item, { type: "wire" }>;
  selected: boolean;
  removed: boolean;
  onSelect: () => void;
}) {
  const { label, side } = item.type === "branch" ? item.branch : item.connector;
  const needed = item.rows.filter((row) => row.by.length > 0).length;
  return (
    <button
      type="button"
      onClick={onSelect}
      aria-pressed={selected}
      className={`flex h-full w-full items-end gap-2.5 border-b px-3 pb-1.5 text-left ${item.type === "branch" ? "border-rule2 bg-lane" : "border-rule"} ${selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <strong className={`min-w-0 truncate ${item.type === "branch" ? "text-base font-bold" : "wide text-sm"}`}>
        {label}
      </strong>
      <span className="shrink-0 text-[13px] text-ink2">
        {side}
        {item.type === "branch" ? " branch" : ""}, {item.rows.length} {item.rows.length === 1 ? "wire" : "wires"},{" "}
        {removed ? "to be removed" : needed === 0 ? "none needed" : `${needed} needed`}
      </span>
    </button>
  );
}
