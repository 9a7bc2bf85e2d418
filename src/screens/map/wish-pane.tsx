"use client";

import type { FunctionLine, WishLine } from "@/core/plan";
import { FUNCTION_STATE_WORDS, lackText, mapFunctionName, wishLackText } from "@/core/words";
import { StateMark } from "@/ui/marks";
import { useJob } from "../shell/job-provider";
import { FUNCTION_MARKS } from "./function-marks";
import { OnTheVehicle } from "./on-the-vehicle";
import { type Acceptance, acceptedWish } from "./use-acceptance";
import { WishFields } from "./wish-fields";

interface Props {
  readonly wish: WishLine;
  readonly functions: readonly FunctionLine[];
  readonly seen: Acceptance | undefined;
  readonly onFunction: (key: string) => void;
}

/** What the owner wants: where it stands, what holds it up, and the functions that carry it. */
export function WishPane({ wish, functions, seen, onFunction }: Props) {
  const { units } = useJob().document.job;
  return (
    <section aria-label={wish.says} tabIndex={0} className="min-h-0 overflow-auto">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-4 py-3">
        <h2 className="wide text-xl">{wish.says}</h2>
        <span className={`flex items-center gap-1.5 font-semibold ${wish.state === "cannot" ? "text-stop" : ""}`}>
          <StateMark mark={FUNCTION_MARKS[wish.state]} />
          {FUNCTION_STATE_WORDS[wish.state]}
        </span>
        {wish.lack !== null && <p className="w-full text-ink2">{wishLackText(wish.lack, units)}</p>}
        {wish.state === "whole" && <OnTheVehicle accepted={acceptedWish(wish)} name={wish.says} seen={seen} />}
      </header>
      {wish.carriedBy.length > 0 && (
        <ul aria-label={`Carried by, ${wish.says}`}>
          {wish.carriedBy.map((one) => (
            <li key={one.key} className="border-b border-rule">
              <button
                type="button"
                onClick={() => onFunction(one.key)}
                className="grid min-h-11 w-full grid-cols-[20px_200px_1fr] items-center gap-x-2 px-4 text-left hover:bg-fill"
              >
                <StateMark mark={FUNCTION_MARKS[one.state]} />
                <span className="font-semibold">{mapFunctionName(one.key)}</span>
                <span className="truncate text-[13px] text-ink2">
                  {one.lack === null ? FUNCTION_STATE_WORDS[one.state] : lackText(one.lack, units)}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="px-4 py-3">
        <WishFields key={wish.says} wish={wish} functions={functions} />
      </div>
    </section>
  );
}
