"use client";

import Link from "next/link";
import { FUNCTION_STATE_WORDS, lackText, mapFunctionName, wishLackText } from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { shownState } from "../map/function-marks";
import { seenText } from "../map/on-the-vehicle";
import {
  type Acceptance,
  type Accepted,
  acceptedFunction,
  acceptedWish,
  acceptOp,
  useAcceptances,
} from "../map/use-acceptance";
import { useFunctions } from "../map/use-functions";
import { useWishes } from "../map/use-wishes";
import { useJob } from "../shell/job-provider";

interface Item {
  readonly accepted: Accepted;
  readonly set: string;
  readonly name: string;
  readonly state: Parameters<typeof shownState>[0]["state"];
  readonly lack: string | null;
}

/** All that must work at the end, wishes first: each is ticked off once it was seen to work on the vehicle. */
export function useAcceptanceItems(): {
  readonly items: readonly Item[];
  readonly seen: ReadonlyMap<string, Acceptance>;
} {
  const { units } = useJob().document.job;
  const functions = useFunctions();
  const wishes = useWishes(functions);
  const seen = useAcceptances(functions, wishes);
  return {
    seen,
    items: [
      ...wishes.map((wish) => ({
        accepted: acceptedWish(wish),
        set: "Owner's wishes",
        name: wish.says,
        state: wish.state,
        lack: wish.lack === null ? null : wishLackText(wish.lack, units),
      })),
      ...functions
        .filter(({ state }) => state !== "not-wanted")
        .map((told) => ({
          accepted: acceptedFunction(told),
          set: told.set,
          name: mapFunctionName(told.key),
          state: told.state,
          lack: told.lack === null ? null : lackText(told.lack, units),
        })),
    ],
  };
}

export const isAccepted = (item: Item, seen: ReadonlyMap<string, Acceptance>): boolean => {
  const told = seen.get(item.accepted.key);
  return item.state === "whole" && told?.works === true && !told.stale;
};

export function AcceptanceList({ items, seen }: ReturnType<typeof useAcceptanceItems>) {
  const job = useJob();
  const note = ({ accepted, name }: Item, works: boolean) =>
    job.change(`${name}: ${works ? "works" : "does not work"} on the vehicle`, (person) => [
      acceptOp(accepted, works, person),
    ]);
  const { host, name } = job.document.job;
  if (items.length === 0)
    return (
      <div className="mx-4 border border-rule2 bg-sheet">
        <Empty title="Nothing must work yet">
          <p>
            What must work is made from both pin tables and the owner&rsquo;s wishes, and ticked off here once it was
            seen on the vehicle.
          </p>
          <Link href={`/jobs/${job.jobId}/scope?view=wishes`} className={buttonLook(true)}>
            To the wishes
          </Link>
        </Empty>
      </div>
    );
  return (
    <div
      className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet print:m-0 print:border-0"
      tabIndex={0}
      role="group"
      aria-label="What must work at the end"
    >
      <h1 className="hidden text-lg print:block">
        {name}: what must work, {host}
      </h1>
      <table className="w-full text-left">
        <thead className="sticky top-0 bg-sheet text-[13px] text-ink2 print:static">
          <tr className="border-b-[1.5px] border-rule2">
            <th className="w-8" />
            <th className="py-2 font-semibold">What must work</th>
            <th className="font-semibold">In the plan</th>
            <th className="font-semibold">On the vehicle</th>
            <th className="no-print w-56 pr-3 font-semibold">
              <span className="hidden-text">Tick off</span>
            </th>
          </tr>
        </thead>
        {setsOf(items).map(([set, members]) => (
          <tbody key={set}>
            <tr>
              <th colSpan={5} className="px-3 pt-3 pb-1 text-[13px] font-bold">
                {set}
              </th>
            </tr>
            {members.map((item) => {
              const told = seen.get(item.accepted.key);
              const { mark, word, isBad } = shownState(item, told);
              return (
                <tr
                  key={item.accepted.key}
                  data-accept={item.accepted.key}
                  className="border-t border-rule align-baseline"
                >
                  <td className="pl-3">
                    <StateMark mark={mark} />
                  </td>
                  <td className="py-1.5 pr-3 font-semibold">{item.name}</td>
                  <td className="pr-3 text-[13px]">
                    <span className={item.state === "cannot" ? "text-stop" : ""}>
                      {FUNCTION_STATE_WORDS[item.state]}
                    </span>
                    {item.lack !== null && (
                      <span className="block text-ink2">
                        <Link
                          className="underline decoration-rule2 underline-offset-4"
                          href={`/jobs/${job.jobId}/map?function=${item.accepted.key}`}
                        >
                          {item.lack}
                        </Link>
                      </span>
                    )}
                  </td>
                  <td className={`pr-3 text-[13px] ${isBad && told !== undefined ? "text-stop" : ""}`}>
                    {told === undefined ? "" : <span className="hidden-text">{word}. </span>}
                    {seenText(told)}
                  </td>
                  <td className="no-print pr-3 text-right whitespace-nowrap">
                    <Button disabled={item.state !== "whole"} onClick={() => note(item, true)}>
                      It works<span className="hidden-text">: {item.name}</span>
                    </Button>
                    <Button disabled={item.state !== "whole"} onClick={() => note(item, false)}>
                      It does not<span className="hidden-text">: {item.name}</span>
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        ))}
      </table>
    </div>
  );
}

function setsOf(items: readonly Item[]): [string, Item[]][] {
  const sets = new Map<string, Item[]>();
  for (const one of items) sets.set(one.set, [...(sets.get(one.set) ?? []), one]);
  return [...sets];
}
