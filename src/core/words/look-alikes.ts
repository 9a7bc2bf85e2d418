import type { Carried, Crossing, CrossingReason, Harm, Nature, Unsure } from "../compare";
import { functionName } from "../functions";

/** What happens where one of two connectors that look alike goes into the other's place. */
export const HARM_WORDS: Readonly<Record<Harm, string>> = {
  none: "nothing",
  "no-function": "does not work",
  "wrong-function": "works wrongly",
  destroys: "may destroy electronics",
  short: "short circuit",
};
const NATURE_WORDS: Readonly<Record<Nature, string>> = {
  feed: "battery voltage",
  ground: "ground",
  reference: "5 V",
  drive: "a driven wire",
  signal: "a signal",
  bus: "a data wire",
  empty: "nothing",
};
export const UNSURE_WORDS: Readonly<Record<Unsure, string>> = {
  rows: "rows",
  columns: "columns",
  keying: "keying",
  gender: "gender",
  "lead-length": "length of the leads",
};

export function carriedText(carried: Carried): string {
  switch (carried.type) {
    case "described":
      return carried.description;
    case "function":
      return functionName(carried.functionKey);
    case "nature":
      return NATURE_WORDS[carried.nature];
  }
}

export const crossingText = ({ reason }: Pick<Crossing, "reason">): string => CROSSING[reason.code](reason as never);

const CROSSING: { readonly [C in CrossingReason["code"]]: (reason: Extract<CrossingReason, { code: C }>) => string } = {
  "feed-on-ground": () => "battery voltage on a wire that leads to ground: the fuse blows, or the wire overheats",
  "reference-on-ground": () => "the 5 V supply on ground: every sensor on it is lost",
  "drive-on-input": () => "a driven or switched wire on a measuring input or its 5 V",
  "both-empty": () => "both are empty",
  "empty-cavity": () => "a wire meets an empty cavity",
  same: () => "the same on both",
  "other-value": () => "each reads the other's value",
  "other-part": () => "each drives the other's part",
  "feed-on-weak": ({ nature }) => `battery voltage on ${NATURE_WORDS[nature]}`,
  "other-nature": ({ one, two }) => `${NATURE_WORDS[one]} where ${NATURE_WORDS[two]} belongs`,
  "same-part": ({ one, two }) => `the same kind of part, ${one ?? "one"} in place of ${two ?? "the other"}`,
};
