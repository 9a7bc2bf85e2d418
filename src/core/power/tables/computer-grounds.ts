import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import type { Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { KeyPosition } from "../../state";
import { nodeNamesOf } from "../model/node-names";
import { mostAmps } from "../solved/flow";
import type { PowerSolution } from "../types";

/** What a few sensors take together from the computer's own supply, A. */
const SENSORS_AMPS = 0.05;
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

/** What sensors with a feed of their own send back through each net, A, as their pin tables state it. */
const fedSensorsOf = cachedBy((harness: Harness) => {
  const byNet = new Map<number, number>();
  for (const part of harness.parts) {
    if (part.type !== "sensor") continue;
    const pins = part.terminals.flatMap(({ pinId }) => (pinId === null ? [] : [harness.pinById.get(pinId)]));
    const back = pins.find((pin) => pin !== undefined && isSensorGround(pin));
    const heated = pins.some((pin) => pin?.quantity === "oxygen-heater");
    const net = back === undefined ? undefined : harness.netOf[harness.nodeOfPin.get(back.id) as number];
    if (net === undefined || heated) continue;
    const amps = Math.max(...pins.map((pin) => (pin?.form.kind === "supply-in" ? (pin.form.amps?.value ?? 0) : 0)));
    byNet.set(net, (byNet.get(net) ?? 0) + amps);
  }
  return byNet;
});

/** More than this through a sensor ground is somebody else's current, A. */
export const sensorGroundLimit = (harness: Harness, pinId: string): number =>
  SENSORS_AMPS + (fedSensorsOf(harness).get(harness.netOf[harness.nodeOfPin.get(pinId) as number] as number) ?? 0);

/** Current at a cavity's wires and links in a state: the strongest, A. */
export function ampsAtPin(solution: PowerSolution, state: KeyPosition, node: string): number {
  let most = 0;
  for (const span of solution.model.spans.at.get(node) ?? []) {
    const { type } = span.planned.origin;
    if (type === "wire" || type === "link" || type === "mate") most = Math.max(most, mostAmps(solution, span, [state]));
  }
  return most;
}
