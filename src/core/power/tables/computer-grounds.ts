import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import type { Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { KeyPosition } from "../../state";
import { nodeNamesOf } from "../model/node-names";
import { mostAmps } from "../solved/flow";
import type { PowerSolution } from "../types";

/** What a few sensors take together, A: more through a sensor ground is somebody else's. */
export const SENSORS_AMPS = 0.05;
/** By how much a computer's ground may lie above the battery's negative, V: while cranking and otherwise. */
const OFFSET = { crank: 0.5, else: 0.2 } as const;

/** The most that a computer's ground may lie off in a state, V. */
export const offsetLimit = (state: KeyPosition): number => (state === "crank" ? OFFSET.crank : OFFSET.else);

export const isSensorGround = (pin: CavityFacts) =>
  pin.quantity === "sensor-ground" || fieldOf(pin.form, "role") === "sensor-return";
export const isPowerGround = (pin: CavityFacts) =>
  pin.form.kind === "ground" && !isSensorGround(pin) && fieldOf(pin.form, "role") !== "shield";

/** Grounds of computers, and sensor grounds that end at them. */
export const computerGrounds = cachedBy((harness: Harness) =>
  [...harness.nodeOfPin].flatMap(([pinId, at]) => {
    const pin = harness.pinById.get(pinId);
    return pin !== undefined && harness.partAt[at]?.type === "computer" && (isSensorGround(pin) || isPowerGround(pin))
      ? [{ pin, at, node: nodeNamesOf(harness).nodeName[at] as string }]
      : [];
  }),
);

/** Current at a cavity's wires and links in a state: the strongest, A. */
export function ampsAtPin(solution: PowerSolution, state: KeyPosition, node: string): number {
  let most = 0;
  for (const span of solution.model.spans.at.get(node) ?? []) {
    const { type } = span.planned.origin;
    if (type === "wire" || type === "link" || type === "mate") most = Math.max(most, mostAmps(solution, span, [state]));
  }
  return most;
}
