import type { PartFacts } from "./facts";

/** What is thinner carries no starter's current back, mm². */
export const STRAP_LEAST_MM2 = 6;

const ENGINE_PARTS: ReadonlySet<string> = new Set(["starter", "alternator"]);
const DONOR_ENGINE_PARTS: ReadonlySet<string> = new Set([
  "sensor",
  "solenoid",
  "switch",
  "ground-stud",
  "motor",
  "heater",
  "sender",
]);

/** Whether a part bolts to the engine or gearbox: its case is at the block's voltage, not the body's. */
export const onEngine = ({ type, side }: Pick<PartFacts, "type" | "side">): boolean =>
  ENGINE_PARTS.has(type) || (side === "donor" && DONOR_ENGINE_PARTS.has(type));
