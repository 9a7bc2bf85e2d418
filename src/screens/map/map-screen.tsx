"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { type GroupKey, groupOf, type Line } from "@/core/plan";
import { cavityLabel, count, lineText, MAP_GROUP_WORDS, quantityWords } from "@/core/words";
import { type Choice, decideOps } from "@/job/decide";
import { Button, buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { LineDetail } from "./line-detail";
import { LINE_COLUMNS, LineRow } from "./line-row";
import { PairDialog } from "./pair-dialog";
import { UnmatchedList } from "./unmatched-list";

const FILTERS = {
  all: { name: "All", test: (_line: Line) => true },
  decide: {
    name: "To decide",
    test: (line: Line) => line.state === "proposed" || line.state === "open" || line.state === "blocked",
  },
  trouble: { name: "Trouble", test: (line: Line) => line.state === "blocked" || line.state === "open" || line.stale },
  decided: { name: "Decided", test: (line: Line) => line.state === "decided" },
} as const;
type Filter = keyof typeof FILTERS | "unmatched";
/** What the server draws before the browser has measured anything, so that a page is never empty first. */
const FIRST_VIEW = { width: 1000, height: 700 };
type Item =
  | { readonly type: "group"; readonly name: GroupKey; readonly count: number; readonly open: number }
  | { readonly type: "line"; readonly line: Line };

/** Every quantity as one line from its provider to its consumer. */
export function MapScreen() {
  const job = useJob();
  const wanted = useSearchParams().get("line");
  const [filter, setFilter] = useState<Filter>("all");
  const [selected, setSelected] = useState<string | null>(wanted);
  const [opened, setOpened] = useState<string | null>(wanted);
  const [pairing, setPairing] = useState<{ pinId: string | null } | null>(null);
  const scroller = useRef<HTMLDivElement>(null);

  useEffect(() => {
    if (wanted === null) return;
    setFilter("all");
    setSelected(wanted);
    setOpened(wanted);
  }, [wanted]);

  const { lines } = job.plan;
  const visible = useMemo(() => (filter === "unmatched" ? [] : lines.filter(FILTERS[filter].test)), [lines, filter]);
  const items = useMemo(() => inGroups(visible), [visible]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 6,
    initialRect: FIRST_VIEW,
    estimateSize: (at) => (items[at]?.type === "group" ? 36 : 66),
    getItemKey: (at) => {
      const item = items[at] as Item;
      return item.type === "group" ? item.name : item.line.key;
    },
  });
  useEffect(() => {
    const at = items.findIndex((item) => item.type === "line" && item.line.key === selected);
    if (at >= 0) rows.scrollToIndex(at, { align: "auto" });
  }, [selected, items, rows]);

  const current = lines.find((line) => line.key === selected);
  const choose = (line: Line, text: string, choice: Partial<Choice>) =>
    job.change(
      `${text} ${name(line)}`,
      decideOps(job.document, {
        providerId: line.provider.id,
        consumerId: line.consumer.id,
        quantity: line.quantity,
        decision: "accepted",
        verdict: line.verdict,
        adapters: line.adapters,
        why: lineText(line),
        byHand: false,
        ...choice,
      }),
    );
  const accept = (line: Line) =>
    choose(line, "Accept", line.verdict === "manual" || line.verdict === "impossible" ? { byHand: true } : {});
  const direct = lines.filter((line) => line.state === "proposed" && line.verdict === "direct");
  const acceptDirect = () => {
    if (direct.length === 0) return;
    // One after the other on the document as each leaves it, so that the whole is one change and one undo.
    const ops = direct.flatMap((line) =>
      decideOps(job.document, {
        providerId: line.provider.id,
        consumerId: line.consumer.id,
        quantity: line.quantity,
        decision: "accepted",
        verdict: "direct",
        adapters: [],
        why: lineText(line),
        byHand: false,
      }),
    );
    job.change(`Accept ${count(direct.length, "wire-only link")}`, ops);
  };
  const move = (by: number) => {
    const at = visible.findIndex((line) => line.key === selected);
    const next = visible[Math.max(0, Math.min(visible.length - 1, at < 0 ? 0 : at + by))];
    if (next) setSelected(next.key);
  };
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    a: acceptDirect,
    p: () => setPairing({ pinId: null }),
    Enter: () => selected !== null && setOpened(opened === selected ? null : selected),
    y: () => current && current.state !== "decided" && accept(current),
    x: () => current && current.state !== "refused" && choose(current, "Refuse", { decision: "refused" }),
  });

  const { host, donor } = job.document.job;
  return (
    <>
      <ScreenHead title="Map">
        <Segments
          label="Show"
          value={filter}
          onChange={setFilter}
          segments={[
            ...(Object.keys(FILTERS) as (keyof typeof FILTERS)[]).map((key) => ({
              key,
              label: FILTERS[key].name,
              count: lines.filter(FILTERS[key].test).length,
            })),
            { key: "unmatched", label: "No counterpart found", count: job.plan.unmatched.length },
          ]}
        />
        <span className="flex-1" />
        <Button hotkey="P" onClick={() => setPairing({ pinId: null })}>
          Pair by hand
        </Button>
        <Button
          primary={opened === null && direct.length > 0}
          hotkey="A"
          disabled={direct.length === 0}
          onClick={acceptDirect}
        >
          Accept {direct.length} wire only
        </Button>
        <Link href={`/jobs/${job.jobId}/plan`} className={buttonLook()}>
          Plan sheet
        </Link>
      </ScreenHead>
      <div ref={scroller} className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet">
        {filter === "unmatched" ? (
          <UnmatchedList onPair={(pinId) => setPairing({ pinId })} />
        ) : (
          <>
            <MapHeads donor={donor} host={host} />
            {visible.length === 0 && <NoLines none={lines.length === 0} />}
            <div className="relative" style={{ height: rows.getTotalSize() }}>
              {rows.getVirtualItems().map((virtual) => {
                const item = items[virtual.index] as Item;
                return (
                  <div
                    key={virtual.key}
                    data-index={virtual.index}
                    ref={rows.measureElement}
                    className="absolute top-0 left-0 w-full"
                    style={{ transform: `translateY(${virtual.start}px)` }}
                  >
                    {item.type === "group" ? (
                      <GroupHead group={item} />
                    ) : (
                      <>
                        <LineRow
                          line={item.line}
                          selected={item.line.key === selected}
                          open={item.line.key === opened}
                          onToggle={() => {
                            setSelected(item.line.key);
                            setOpened(opened === item.line.key ? null : item.line.key);
                          }}
                        />
                        {item.line.key === opened && (
                          <LineDetail
                            line={item.line}
                            onChoose={(text, choice) => choose(item.line, text, choice)}
                            onAccept={() => accept(item.line)}
                            onOther={() => setPairing({ pinId: item.line.consumer.id })}
                          />
                        )}
                      </>
                    )}
                  </div>
                );
              })}
            </div>
          </>
        )}
      </div>
      {pairing !== null && (
        <PairDialog
          start={pairing.pinId}
          onClose={() => setPairing(null)}
          onPaired={(key) => {
            setPairing(null);
            setFilter("all");
            setSelected(key);
            setOpened(key);
          }}
        />
      )}
    </>
  );
}

const name = (line: Line) =>
  `${quantityWords(line.quantity)}: ${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}`;

function inGroups(lines: readonly Line[]): Item[] {
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

function MapHeads({ donor, host }: { donor: string; host: string }) {
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
