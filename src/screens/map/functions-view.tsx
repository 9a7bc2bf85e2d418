"use client";

import { useSearchParams } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import type { FunctionLine, FunctionState, GapWay } from "@/core/plan";
import type { Units } from "@/core/units";
import { FUNCTION_STATE_WORDS, gapHead, gapWayText, lackText, mapFunctionName } from "@/core/words";
import { keepOps } from "@/job/triage-ops";
import { type Mark, StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { FunctionPane } from "./function-pane";
import { type Acceptance, useAcceptances } from "./use-acceptance";
import { acceptNow, type Decide, decideWay, isToDecide } from "./use-decide";
import { alikeTo, canBeDropped, fillOps, isOpen } from "./use-functions";
import { offeredWay, useProofs } from "./use-proofs";

export const FUNCTION_MARKS: Readonly<Record<FunctionState, Mark>> = {
  cannot: "blocked",
  "fact-missing": "open",
  "to-decide": "proposed",
  whole: "decided",
  "not-wanted": "refused",
};

const NO_LINES: FunctionLine["lines"] = [];

interface Props {
  readonly functions: readonly FunctionLine[];
  readonly decide: Decide;
  readonly onOpenLine: (key: string) => void;
  readonly onOther: (pinId: string) => void;
}

/** What must work at the end, function by function, and beside it all of the one that is chosen. */
export function FunctionsView({ functions, decide, onOpenLine, onOther }: Props) {
  const job = useJob();
  const wanted = useSearchParams().get("function");
  const [selected, setSelected] = useState<string | null>(wanted);
  const [find, setFind] = useState("");
  const [isWide, setWide] = useState(false);
  useEffect(() => {
    if (wanted !== null) setSelected(wanted);
  }, [wanted]);
  const seen = useAcceptances(functions);
  const shown = functions.filter((one) => fits(one, find, job.document.job.units));
  const current = shown.find(({ key }) => key === selected) ?? shown.find(isOpen) ?? shown[0];
  const move = useMove(
    shown.map(({ key }) => key),
    current?.key ?? null,
    setSelected,
  );
  const next = current?.lines.find(isToDecide);
  const proofs = useProofs(current?.lines ?? NO_LINES);
  const offered = next === undefined ? null : offeredWay(next, proofs);
  const gap = current?.gaps.find(({ chosen }) => chosen === null);
  const fill = (way: GapWay | undefined) => {
    if (gap !== undefined && way !== undefined && gap.ways.includes(way))
      job.change(`${gapHead(gap)}: ${gapWayText(way, gap).toLowerCase()}`, (person) =>
        fillOps(job.document, alikeTo(gap, current?.gaps ?? []), way, person),
      );
  };
  useKeys({
    o: () => {
      const at = shown.findIndex(({ key }) => key === current?.key);
      const after = [...shown.slice(at + 1), ...shown.slice(0, at + 1)].find(isOpen);
      if (after !== undefined) setSelected(after.key);
    },
    u: () => fill(gap?.ways[0]),
    s: () => fill("without"),
    x: () =>
      current !== undefined &&
      canBeDropped(current) &&
      job.change(`${mapFunctionName(current.key)}: not wanted`, keepOps(job.document, [current.key], false)),
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    y: () => next !== undefined && offered !== null && acceptNow(next, offered, decide),
    b: () => next !== undefined && offered === null && decideWay(next, next.options[0], decide, true),
    Enter: () => next !== undefined && onOpenLine(next.key),
  });
  if (functions.length === 0)
    return (
      <Empty title="No function yet">
        <p>Once both tables are here, everything that the vehicle must do stands here with what it still lacks.</p>
      </Empty>
    );
  return (
    <div
      className={`grid min-h-0 flex-1 ${isWide ? "grid-cols-1" : "grid-cols-[minmax(290px,340px)_1fr] divide-x divide-rule2 max-lg:grid-cols-1 max-lg:grid-rows-[minmax(0,2fr)_minmax(0,3fr)] max-lg:divide-x-0 max-lg:divide-y"}`}
    >
      <div className={isWide ? "hidden" : "flex min-h-0 flex-col"}>
        <input
          type="search"
          aria-label="Find a function, connector or quantity"
          placeholder="Function, connector, quantity"
          className="field m-2 w-auto"
          value={find}
          onChange={(event) => setFind(event.target.value)}
        />
        <ul
          aria-label="Functions"
          data-solved={job.powerStale ? "no" : "yes"}
          className="min-h-0 flex-1 overflow-auto border-t border-rule"
          tabIndex={0}
        >
          {setsOf(shown).map(([set, members]) => (
            <li key={set}>
              <h2 className="flex items-baseline gap-2 px-3 pt-3 pb-1.5 text-[13px] font-bold">
                {set}
                <span className="font-normal text-ink2">{tally(members)}</span>
              </h2>
              <ul aria-label={set}>
                {members.map((one) => (
                  <FunctionItem
                    key={one.key}
                    told={one}
                    seen={seen.get(one.key)}
                    isCurrent={one.key === current?.key}
                    onChoose={() => setSelected(one.key)}
                  />
                ))}
              </ul>
            </li>
          ))}
          {shown.length === 0 && (
            <li>
              <Empty title="Nothing fits">
                <p>No function has “{find}” in its name, its connectors or its quantities.</p>
              </Empty>
            </li>
          )}
        </ul>
      </div>
      {current !== undefined && (
        <FunctionPane
          key={current.key}
          told={current}
          seen={seen.get(current.key)}
          proofs={proofs}
          decide={decide}
          onOpenLine={onOpenLine}
          onOther={onOther}
          isWide={isWide}
          onWide={setWide}
        />
      )}
    </div>
  );
}

interface ItemProps {
  readonly told: FunctionLine;
  readonly seen: Acceptance | undefined;
  readonly isCurrent: boolean;
  readonly onChoose: () => void;
}

function FunctionItem({ told, seen, isCurrent, onChoose }: ItemProps) {
  const item = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isCurrent) item.current?.scrollIntoView({ block: "nearest" });
  }, [isCurrent]);
  const { lack } = told;
  const { units } = useJob().document.job;
  const { mark, word, isBad } = shownState(told, seen);
  return (
    <li>
      <button
        ref={item}
        type="button"
        aria-current={isCurrent}
        data-function={told.key}
        data-lack={lack?.type}
        onClick={onChoose}
        className={`grid min-h-11 w-full grid-cols-[20px_1fr_auto] items-center gap-x-2 border-t border-rule px-3 py-1.5 text-left ${isCurrent ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
      >
        <StateMark mark={mark} />
        <span className={`min-w-0 truncate ${isOpen(told) ? "font-semibold" : ""}`}>{mapFunctionName(told.key)}</span>
        <span className={`text-[13px] ${isBad ? "text-stop" : "text-ink2"}`}>{word}</span>
        {lack !== null && (
          <span className="col-start-2 col-end-4 truncate text-[13px] text-ink2" title={lackText(lack, units)}>
            {lackText(lack, units)}
          </span>
        )}
      </button>
    </li>
  );
}

/** What is seen on the vehicle goes before what is planned, as long as the plan is the same. */
export function shownState(
  { state }: FunctionLine,
  seen: Acceptance | undefined,
): { readonly mark: Mark; readonly word: string; readonly isBad: boolean } {
  if (state !== "whole" || seen === undefined)
    return { mark: FUNCTION_MARKS[state], word: STATE_SHORT[state], isBad: state === "cannot" };
  if (seen.stale) return { mark: "decided", word: "whole, to be seen again", isBad: false };
  return seen.works
    ? { mark: "proven", word: "works", isBad: false }
    : { mark: "blocked", word: "does not work", isBad: true };
}

/** Where every row has the word, it is short; the pane has it in full. */
const STATE_SHORT: Readonly<Record<FunctionState, string>> = {
  ...FUNCTION_STATE_WORDS,
  cannot: "not as it is",
};

const tally = (members: readonly FunctionLine[]) => {
  const open = members.filter(isOpen).length;
  return `${members.length}, ${open === 0 ? "nothing to do" : `${open} to do`}`;
};

function setsOf(functions: readonly FunctionLine[]): [string, FunctionLine[]][] {
  const sets = new Map<string, FunctionLine[]>();
  for (const one of functions) sets.set(one.set, [...(sets.get(one.set) ?? []), one]);
  return [...sets];
}

/** By its name, what it lacks, its cavities' labels and quantities. */
function fits(told: FunctionLine, find: string, units: Units): boolean {
  const wanted = find.trim().toLowerCase();
  if (wanted === "") return true;
  const pins = [
    ...told.lines.flatMap(({ provider, consumer }) => [provider, consumer]),
    ...told.gaps.map(({ pin }) => pin),
  ];
  const text = [
    mapFunctionName(told.key),
    told.set,
    FUNCTION_STATE_WORDS[told.state],
    told.lack === null ? "" : lackText(told.lack, units),
    ...pins.flatMap(({ connector, cavity, quantity }) => [
      `${connector}-${cavity}`,
      quantity?.replaceAll("-", " ") ?? "",
    ]),
  ]
    .join(" ")
    .toLowerCase();
  return wanted.split(/\s+/).every((word) => text.includes(word));
}
