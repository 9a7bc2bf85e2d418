import type { FunctionLine, FunctionState } from "@/core/plan";
import { FUNCTION_STATE_WORDS } from "@/core/words";
import type { Mark } from "@/ui/marks";
import type { Acceptance } from "./use-acceptance";

export const FUNCTION_MARKS: Readonly<Record<FunctionState, Mark>> = {
  cannot: "blocked",
  "fact-missing": "open",
  "to-decide": "proposed",
  whole: "decided",
  "not-wanted": "refused",
};

/** Where every row has the word, it is short; the pane has it in full. */
const STATE_SHORT: Readonly<Record<FunctionState, string>> = {
  ...FUNCTION_STATE_WORDS,
  cannot: "not as it is",
};

/** What is seen on the vehicle goes before what is planned, as long as the plan is the same. */
export function shownState(
  { state }: Pick<FunctionLine, "state">,
  seen: Acceptance | undefined,
): { readonly mark: Mark; readonly word: string; readonly isBad: boolean } {
  if (state !== "whole" || seen === undefined)
    return { mark: FUNCTION_MARKS[state], word: STATE_SHORT[state], isBad: state === "cannot" };
  if (seen.stale) return { mark: "decided", word: "whole, to be seen again", isBad: false };
  return seen.works
    ? { mark: "proven", word: "works", isBad: false }
    : { mark: "blocked", word: "does not work", isBad: true };
}
