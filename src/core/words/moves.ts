import type { Move, MoveFault, MoveHow, MoveWhy } from "../moves";
import { listed } from "./numbers";
import { cavityLabel } from "./points";

export const MOVE_HOW_WORDS: Readonly<Record<MoveHow, string>> = {
  stays: "stays",
  moves: "moves",
  added: "new wire",
  sealed: "empty, sealed",
  capped: "removed, capped",
  common: "joined",
};

const WHY: Readonly<Record<Exclude<MoveWhy, "ambiguous" | "same-common">, string>> = {
  "same-signal": "the same signal, by kind, quantity and number",
  "by-hand": "put there by hand",
  spare: "nothing is there on the new part",
  "no-source": "no wire of the old plug carries this",
  "no-place": "the new part has no cavity for it",
};

/** Why a cavity comes to lie where it does. */
export function moveWhyText({ why, joins, alike }: Move): string {
  if (why === "same-common") return joins === null ? "" : `the new plug has it once: joined into ${cavityLabel(joins)}`;
  if (why === "ambiguous")
    return `nothing in the tables tells it from ${listed(alike.map((pin) => cavityLabel(pin)))}: check by meter`;
  return WHY[why];
}

export function moveFaultText(fault: MoveFault): string {
  switch (fault.code) {
    case "taken-twice":
      return `${cavityLabel(fault.to)} is given to ${listed(fault.by.map((pin) => cavityLabel(pin)))}: choose one of them; the others are capped until then.`;
    case "not-in-plugs":
      return "A cavity that was chosen is in neither plug any more: choose again.";
  }
}
