"use client";

import { useSearchParams } from "next/navigation";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { FunctionLine, GapWay, WishLine } from "@/core/plan";
import type { Units } from "@/core/units";
import { FUNCTION_STATE_WORDS, gapHead, gapWayText, lackText, mapFunctionName, wishLackText } from "@/core/words";
import { keepOps } from "@/job/triage-ops";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { shownState } from "./function-marks";
import { FunctionPane } from "./function-pane";
import { type Acceptance, useAcceptances } from "./use-acceptance";
import { acceptNow, type Decide, decideWay, isToDecide } from "./use-decide";
import { alikeTo, canBeDropped, fillOps, isOpen } from "./use-functions";
import { offeredWay, useProofs } from "./use-proofs";
import { useWishes } from "./use-wishes";
import { WishPane } from "./wish-pane";

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
  const { units } = job.document.job;
  const wanted = useSearchParams().get("function");
  const [selected, setSelected] = useState<string | null>(wanted);
  const [find, setFind] = useState("");
  const [isWide, setWide] = useState(false);
  useEffect(() => {
    if (wanted !== null) setSelected(wanted);
  }, [wanted]);
  const wishes = useWishes(functions);
  const seen = useAcceptances(functions, wishes);
  const shown = functions.filter((one) => fits(one, find, units));
  const shownWishes = wishes.filter(({ says }) => contains(says, find));
  const wish = shownWishes.find(({ key }) => key === selected);
  const current =
    wish === undefined ? (shown.find(({ key }) => key === selected) ?? shown.find(isOpen) ?? shown[0]) : undefined;
  const move = useMove(
    [...shownWishes, ...shown].map(({ key }) => key),
    wish?.key ?? current?.key ?? null,
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
          <ListSet name="Owner's wishes" members={shownWishes}>
            {(one) => (
              <ListItem
                key={one.key}
                id={one.key}
                name={one.says}
                {...stateOf(one, seen)}
                lack={one.lack === null ? null : wishLackText(one.lack, units)}
                lackType={one.lack?.type}
                isCurrent={one === wish}
                onChoose={() => setSelected(one.key)}
              />
            )}
          </ListSet>
          {setsOf(shown).map(([set, members]) => (
            <ListSet key={set} name={set} members={members}>
              {(one) => (
                <ListItem
                  key={one.key}
                  id={one.key}
                  name={mapFunctionName(one.key)}
                  {...stateOf(one, seen)}
                  lack={one.lack === null ? null : lackText(one.lack, units)}
                  lackType={one.lack?.type}
                  isCurrent={one === current}
                  onChoose={() => setSelected(one.key)}
                />
              )}
            </ListSet>
          ))}
          {shown.length + shownWishes.length === 0 && (
            <li>
              <Empty title="Nothing fits">
                <p>No function has “{find}” in its name, its connectors or its quantities.</p>
              </Empty>
            </li>
          )}
        </ul>
      </div>
      {wish !== undefined && (
        <WishPane key={wish.key} wish={wish} functions={functions} seen={seen.get(wish.key)} onFunction={setSelected} />
      )}
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

interface SetProps<T> {
  readonly name: string;
  readonly members: readonly T[];
  readonly children: (one: T) => ReactNode;
}

/** One set of the list, with how much of it is to do; without members it is not there. */
function ListSet<T extends Pick<FunctionLine, "state">>({ name, members, children }: SetProps<T>) {
  if (members.length === 0) return null;
  return (
    <li>
      <h2 className="flex items-baseline gap-2 px-3 pt-3 pb-1.5 text-[13px] font-bold">
        {name}
        <span className="font-normal text-ink2">{tally(members)}</span>
      </h2>
      <ul aria-label={name}>{members.map(children)}</ul>
    </li>
  );
}

const stateOf = (one: FunctionLine | WishLine, seen: ReadonlyMap<string, Acceptance>) => ({
  ...shownState(one, seen.get(one.key)),
  isOpen: isOpen(one),
});

interface ItemProps extends ReturnType<typeof stateOf> {
  readonly id: string;
  readonly name: string;
  readonly lack: string | null;
  readonly lackType: string | undefined;
  readonly isCurrent: boolean;
  readonly onChoose: () => void;
}

function ListItem({ id, name, mark, word, isBad, isOpen, lack, lackType, isCurrent, onChoose }: ItemProps) {
  const item = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isCurrent) item.current?.scrollIntoView({ block: "nearest" });
  }, [isCurrent]);
  return (
    <li>
      <button
        ref={item}
        type="button"
        aria-current={isCurrent}
        data-function={id}
        data-lack={lackType}
        onClick={onChoose}
        className={`grid min-h-11 w-full grid-cols-[20px_1fr_auto] items-center gap-x-2 border-t border-rule px-3 py-1.5 text-left ${isCurrent ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
      >
        <StateMark mark={mark} />
        <span className={`min-w-0 truncate ${isOpen ? "font-semibold" : ""}`} title={name}>
          {name}
        </span>
        <span className={`text-[13px] ${isBad ? "text-stop" : "text-ink2"}`}>{word}</span>
        {lack !== null && (
          <span className="col-start-2 col-end-4 truncate text-[13px] text-ink2" title={lack}>
            {lack}
          </span>
        )}
      </button>
    </li>
  );
}

const tally = (members: readonly Pick<FunctionLine, "state">[]) => {
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
  ].join(" ");
  return contains(text, find);
}

/** Every word that is looked for stands in the text. */
const contains = (text: string, find: string) =>
  find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.toLowerCase().includes(word));
