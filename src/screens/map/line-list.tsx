"use client";

import Link from "next/link";
import { type GroupKey, groupOf, type Line } from "@/core/plan";
import { MAP_GROUP_WORDS } from "@/core/words";
import { buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { VirtualList } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { LineDetail } from "./line-detail";
import { LINE_COLUMNS, LineRow } from "./line-row";
import type { Decide } from "./use-decide";
import type { Proofs } from "./use-proofs";

export const FILTERS = {
  all: { name: "Links", test: (_line: Line) => true },
  decide: {
    name: "To decide",
    test: (line: Line) => line.state === "proposed" || line.state === "open" || line.state === "blocked",
  },
  trouble: { name: "Trouble", test: (line: Line) => line.state === "blocked" || line.state === "open" || line.stale },
  decided: { name: "Decided", test: (line: Line) => line.state === "decided" },
} as const;

type Item =
  | { readonly type: "group"; readonly name: GroupKey; readonly count: number; readonly open: number }
  | { readonly type: "line"; readonly line: Line };

interface Props {
  readonly lines: readonly Line[];
  readonly items: readonly Item[];
  readonly selected: string | null;
  readonly opened: string | null;
  readonly onToggle: (key: string) => void;
  readonly decide: Decide;
  readonly proofs: Proofs;
  /** Another counterpart is to be looked for. */
  readonly onOther: (pinId: string) => void;
}

/** The lines in their groups; an opened one shows its circuit in its place. */
export function LineList({ lines, items, selected, opened, onToggle, decide, proofs, onOther }: Props) {
  return (
    <VirtualList
      label="Links"
      items={items}
      keyOf={keyOf}
      heightOf={(item) => (item.type === "group" ? 36 : 66)}
      measured
      width={1000}
      current={selected}
      head={
        <>
          <MapHeads />
          {items.length === 0 && <NoLines none={lines.length === 0} />}
        </>
      }
    >
      {(item) => {
        if (item.type === "group") return <GroupHead group={item} />;
        const { line } = item;
        return (
          <>
            <LineRow
              line={line}
              selected={line.key === selected}
              open={line.key === opened}
              onToggle={() => onToggle(line.key)}
            />
            {line.key === opened && (
              <LineDetail line={line} decide={decide} proofs={proofs} onOther={() => onOther(line.consumer.id)} />
            )}
          </>
        );
      }}
    </VirtualList>
  );
}

const keyOf = (item: Item) => (item.type === "group" ? item.name : item.line.key);

export function inGroups(lines: readonly Line[]): Item[] {
  const groups = new Map<GroupKey, Line[]>();
  for (const line of lines) {
    const group = groupOf(line.quantity);
    groups.set(group, [...(groups.get(group) ?? []), line]);
  }
  return [...groups].flatMap(([group, members]): Item[] => [
    { type: "group", name: group, count: members.length, open: members.filter(FILTERS.decide.test).length },
    ...members.map((line) => ({ type: "line", line }) as const),
  ]);
}

function MapHeads() {
  const { donor, host } = useJob().document.job;
  return (
    <div
      className={`${LINE_COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
    >
      <span className="px-2.5">Quantity</span>
      <span className="truncate px-2.5" title={donor}>
        <b className="wide text-ink">Donor</b> {donor}
      </span>
      <span className="self-stretch bg-lane pt-2 text-center">between</span>
      <span className="flex justify-end gap-1.5 px-2.5" title={host}>
        <span className="truncate">{host}</span>
        <b className="wide text-ink">Host</b>
      </span>
      <span className="px-2.5">Verdict and why</span>
    </div>
  );
}

function GroupHead({ group }: { group: Extract<Item, { type: "group" }> }) {
  return (
    <h2 className="flex h-9 items-end gap-2.5 border-b border-rule px-2.5 pb-1.5 text-[13px] font-bold">
      {MAP_GROUP_WORDS[group.name]}
      <span className="font-normal text-ink2">
        {group.count} {group.count === 1 ? "link" : "links"}
        {group.open > 0 ? `, ${group.open} to decide` : ""}
      </span>
    </h2>
  );
}

/** Without a line: no tables yet, no counterpart at all, or none in this list. */
function NoLines({ none }: { none: boolean }) {
  const { jobId, pins } = useJob();
  return (
    <Empty
      title={
        pins.length === 0
          ? "No pin tables yet"
          : none
            ? "No signal of one side has a counterpart on the other"
            : "No line here"
      }
    >
      <p>
        {pins.length === 0
          ? "Once both tables are here, each quantity stands here as a line from its provider to its consumer, with the adapter that it needs and why."
          : none
            ? "See what stands without a counterpart, and why; or pair two cavities by hand (P)."
            : "Every line has left this list. Choose another filter."}
      </p>
      {pins.length === 0 && (
        <Link href={`/jobs/${jobId}/import`} className={buttonLook(true)}>
          To the import
        </Link>
      )}
    </Empty>
  );
}
