import type { Network } from "./network";
import type { BranchChange } from "./solution";
import type { Stage } from "./stage";

/** The pivot of a change, in parts of what it was, below which it may have cut something off. */
const NEARLY_CUT = 1e-6;
/** Current through the only path to a part that counts as none, A. */
const NO_CURRENT = 1e-9;

/** What changes make of a stage: its voltages less so many A in at one group and out at another. */
export interface Predicted {
  readonly stage: Stage;
  readonly currents: readonly Current[];
  /** The branch that is opened and was the only path to a part, which floats now; −1 for none. */
  readonly cutOff: number;
  /** Else only the relays' decisions are sure. */
  readonly isExact: boolean;
}

interface Current {
  readonly from: number;
  readonly to: number;
  readonly amps: number;
}

/** A stage as it was, perhaps with a part cut off. */
export const unchanged = (stage: Stage, cutOff = -1): Predicted => ({ stage, currents: [], cutOff, isExact: true });

/** Volts of a group; NaN where it floats. */
export function groupVolts({ stage, currents, cutOff }: Predicted, group: number): number {
  if (cutOff >= 0 && stage.solePaths.leadsTo(cutOff, group)) return Number.NaN;
  let volts = stage.x[group] as number;
  if (group === 0 || currents.length === 0) return volts;
  const column = stage.column(group);
  for (const { from, to, amps } of currents) volts -= amps * between(column, from, to);
  return volts;
}

/** What a solution has between two groups, the reference's 0 not among it, V. */
export const between = (volts: Float64Array, i: number, j: number): number =>
  (i === 0 ? 0 : (volts[i - 1] as number)) - (j === 0 ? 0 : (volts[j - 1] as number));

/** Where a change by itself leaves one stage, while nothing bent leaves its line. */
export type Effect =
  /** As it was. */
  | { readonly type: "same" }
  /** As it was, but for a part that is cut off. */
  | { readonly type: "cut" }
  /** Moved by so many A from one of its ends to the other. */
  | { readonly type: "line"; readonly amps: number };

const SAME: Effect = { type: "same" };
const CUT: Effect = { type: "cut" };

/**
 * What a change does to the straight lines of a stage (Sherman & Morrison 1950), found without a copy of anything. Null
 * where that cannot be told: the branch is bent itself, or the change nearly cuts something off.
 */
export function effectOf({ equations }: Network, stage: Stage, { branch: at, ohms }: BranchChange): Effect | null {
  const { from, to, siemens, isStraight } = equations;
  if (stage.closed[at] === 0) return SAME;
  if (isStraight[at] === 0) return null;
  const isOpen = ohms === Number.POSITIVE_INFINITY;
  const rise = (isOpen ? 0 : 1 / ohms) - (siemens[at] as number);
  if (from[at] === to[at] || rise === 0) return SAME;
  const amps = rise * (stage.drive[at] as number);
  if (isOpen && stage.solePaths.has(at)) return Math.abs(amps) < NO_CURRENT ? CUT : null;
  const pivot = 1 + rise * stage.ohmsAcross(at);
  return Math.abs(pivot) > NEARLY_CUT ? { type: "line", amps: amps / pivot } : null;
}
