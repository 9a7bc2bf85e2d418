"use client";

import Link from "next/link";
import type { RefObject } from "react";
import { functionName } from "@/core/functions";
import type { ReportRow } from "@/core/slice";
import { count } from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { VirtualList } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { type Item, type Section, subjectOf } from "./wire-groups";
import { MARK_WORDS, WireRow } from "./wire-row";

export const FILTERS = {
  all: { name: "All", test: (_row: ReportRow) => true },
  decide: { name: "To decide", test: (row: ReportRow) => row.decided === null && row.proposed !== "keep" },
  needed: { name: "Needed", test: (row: ReportRow) => row.class === "needed" || row.class === "shared" },
  free: { name: "Free", test: (row: ReportRow) => row.class === "free" || row.class === "dead" },
  unknown: { name: "Unknown", test: (row: ReportRow) => row.class === "unknown" },
  decided: { name: "Decided", test: (row: ReportRow) => row.decided !== null },
} as const;
export type Filter = keyof typeof FILTERS;

/** What of the wires is shown. */
export interface Shown {
  readonly filter: Filter;
  readonly search: string;
  /** Wires of one function alone. */
  readonly onlyFunction: string | null;
}

interface Props {
  readonly rows: readonly ReportRow[];
  readonly items: readonly Item[];
  readonly shown: Shown;
  readonly onShow: (part: Partial<Shown>) => void;
  readonly selected: string | null;
  readonly onSelect: (subject: string) => void;
  /** Wires that go without harm. */
  readonly safe: number;
  readonly onAcceptSafe: () => void;
  readonly searchField: RefObject<HTMLInputElement | null>;
}

/** The wires by connector, with what shows some of them alone. */
export function WireList({ items, shown, onShow, selected, onSelect, ...head }: Props) {
  const job = useJob();
  const removed = new Set(job.document.cuts.flatMap((row) => (row.choice === "remove" ? [row.subject] : [])));
  return (
    <section
      aria-label="Wires"
      className="flex min-h-0 min-w-0 flex-col border-x border-rule2 max-lg:border-x-0 max-lg:border-y"
    >
      <ListHead shown={shown} onShow={onShow} {...head} />
      <VirtualList
        label="Wires by connector"
        items={items}
        keyOf={subjectOf}
        heightOf={(item) => (item.type === "wire" ? 62 : 40)}
        width={600}
        current={selected}
        head={job.report !== null && items.length === 0 ? <NoWire some={head.rows.length > 0} /> : null}
      >
        {(item) => {
          const subject = subjectOf(item);
          const common = { selected: subject === selected, onSelect: () => onSelect(subject) };
          if (item.type === "section") return <SectionHead item={item} />;
          return item.type === "wire" ? (
            <WireRow row={item.row} fullName={item.inSection === true} {...common} />
          ) : (
            <GroupHead item={item} removed={removed.has(subject)} {...common} />
          );
        }}
      </VirtualList>
    </section>
  );
}

function ListHead({
  rows,
  shown,
  onShow,
  safe,
  onAcceptSafe,
  searchField,
}: Pick<Props, "rows" | "shown" | "onShow" | "safe" | "onAcceptSafe" | "searchField">) {
  return (
    <>
      <div className="flex flex-wrap items-center gap-1.5 border-b border-rule p-2">
        <Segments
          label="Show"
          value={shown.filter}
          onChange={(filter) => onShow({ filter })}
          segments={(Object.keys(FILTERS) as Filter[]).map((key) => ({
            key,
            label: FILTERS[key].name,
            count: rows.filter(FILTERS[key].test).length,
          }))}
        />
        <SearchField
          label="Search wires"
          placeholder="Cavity, circuit, colour"
          value={shown.search}
          onChange={(search) => onShow({ search })}
          field={searchField}
        />
        <Button hotkey="A" disabled={safe === 0} onClick={onAcceptSafe}>
          Remove {safe} free …
        </Button>
      </div>
      {shown.onlyFunction !== null && (
        <p className="flex items-center gap-2 border-b border-rule px-3 py-1.5 text-[13px]">
          Wires of <strong>{functionName(shown.onlyFunction)}</strong>
          <button type="button" className="min-h-10 underline" onClick={() => onShow({ onlyFunction: null })}>
            show all
          </button>
        </p>
      )}
    </>
  );
}

function NoWire({ some }: { some: boolean }) {
  const { jobId } = useJob();
  if (some)
    return (
      <Empty title="No wire here">
        <p>Choose another filter, or search for something else.</p>
      </Empty>
    );
  return (
    <Empty title="No wires yet">
      <p>Import both pin tables: the harness is built from them.</p>
      <Link href={`/jobs/${jobId}/import`} className={buttonLook(true)}>
        To the import
      </Link>
    </Empty>
  );
}

const SECTION_WORDS: Readonly<Record<Section, readonly [title: string, says: string]>> = {
  goes: ["Goes", "needed by nothing that is kept"],
  between: ["Between what goes and what stays", "both need it"],
};

function SectionHead({ item: { section, rows } }: { item: Extract<Item, { type: "section" }> }) {
  const [title, says] = SECTION_WORDS[section];
  return (
    <div className="flex h-full items-end gap-2.5 border-b border-rule2 bg-lane px-3 pb-1.5">
      <h3 className="min-w-0 truncate text-base font-bold">{title}</h3>
      <span className="shrink-0 text-[13px] text-ink2">
        {count(rows.length, "wire")}, {says}
      </span>
    </div>
  );
}

function GroupHead({
  item,
  selected,
  removed,
  onSelect,
}: {
  item: Exclude<Item, { type: "wire" | "section" }>;
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
      {item.rows.some((row) => row.mark === "airbag") && (
        <strong className="shrink-0 text-[13px] text-warn">{MARK_WORDS.airbag}: leave it closed</strong>
      )}
    </button>
  );
}
