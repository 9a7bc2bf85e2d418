import type { CavityFacts, Harness } from "../../harness";
import { printedOf } from "../model/printed";
import { onceFor } from "../once-for";
import { mostAmps } from "../solved/flow";
import type { PowerState } from "../states";
import type { PowerSolution } from "../types";

/** What a few sensors take together, A: more through a sensor's return is somebody else's. */
export const SENSORS_AMPS = 0.05;
/** By how much a computer's ground may lie above the battery's negative, V: while cranking and otherwise. */
const OFFSET = { crank: 0.5, else: 0.2 } as const;

/** The most that a computer's ground may lie off in a state, V. */
export const offsetLimit = (state: PowerState): number => (state === "crank" ? OFFSET.crank : OFFSET.else);

export const isReturn = (pin: CavityFacts) => pin.quantity === "sensor-ground" || pin.params.role === "sensor-return";
export const isPowerGround = (pin: CavityFacts) => pin.kind === "ground" && !isReturn(pin) && pin.params.role !== "shield";

/** Grounds of computers, and returns of sensors to them. */
export const computerGrounds = onceFor((harness: Harness) => [...harness.nodeOfPin].flatMap(([pinId, at]) => {
  const pin = harness.pinById.get(pinId);
  return pin !== undefined && harness.partAt[at]?.type === "computer" && (isReturn(pin) || isPowerGround(pin)) ? [{ pin, at, node: printedOf(harness).nodeName[at] as string }] : [];
}));

/** Current at a cavity's wires and links in a state: the strongest, A. */
export function ampsAtPin(solution: PowerSolution, state: PowerState, node: string): number {
  let most = 0;
  for (const span of solution.model.spans.at.get(node) ?? []) {
    const { type } = span.piece.place;
    if (type === "wire" || type === "link" || type === "mate") most = Math.max(most, mostAmps(solution, span, [state]));
  }
  return most;
}
