import type { Kind, Side } from "../forms";
import type { Reading } from "./concepts";
import { FAMILIES } from "./data/families";
import type { Place } from "./data/places";
import { TERMINAL_RULES } from "./data/terminals";
import { kindAt } from "./kind-at";
import { type Label, plainLabel } from "./label";
import { type DescribedPin, nothing, type PinReading, told } from "./pin-reading";
import type { IntakeReason } from "./reasons";

/** One of a pickup's pair, a coil's or battery's negative; elsewhere a sign, or nothing. */
export function lonelyDash(pin: DescribedPin, reading: Reading, label: Label, place: Place, side: Side): PinReading {
  if (place === "battery") return GROUND_POST;
  if (isGroundedLoad(label, place)) return LOAD_NEGATIVE;
  const { quantity } = label;
  const family = quantity === null ? null : FAMILIES[quantity];
  const isPickup = place === "sensor" && family?.type === "sensor" && PICKUPS.has(family.out);
  // A thermistor's or a potentiometer's negative is its return; a valve of the engine is worked in its ground.
  if (place === "sensor" && family?.type === "sensor" && RETURNED.has(family.out))
    return told("ground", "sensor-ground", { code: "load-negative" });
  if (place === "actuator" && family?.type === "actuator" && family.used === "engine" && quantity !== null)
    return told(family.in, quantity, { code: "worked-in-ground" });
  if (!isPickup || quantity === null) {
    const terminal = terminalOf(pin, label, false);
    return terminal ?? nothing({ code: "dash-alone" }, reading);
  }
  const kind = kindAt({
    quantity,
    place,
    concepts: label.reading.concepts,
    label: label.reading.concepts,
    side,
  });
  const why: IntakeReason = { code: "form", quantity, place, side, form: kind.why, notUnderstood: [], readAs: [] };
  return {
    kind: { value: kind.kind, confidence: 0.8, why },
    quantity: { value: quantity, confidence: 0.85, why: { code: "with-label", notUnderstood: [], readAs: [] } },
    index: reading.index,
  };
}
/** Loads of two wires that are switched in their feed; a coil, valve or injector is worked in its ground. */
const GROUNDED_LOADS = ["pump", "fan", "horn", "blower", "demister", "lamp"];
export const isGroundedLoad = (label: Label, place: Place) =>
  place === "lamp" || (place === "actuator" && GROUNDED_LOADS.some((one) => label.reading.concepts.has(one)));
/** Of a part with its own feed. */
export const LOAD_NEGATIVE: PinReading = {
  kind: { value: "ground", confidence: 0.7, why: { code: "load-negative" } },
  quantity: { value: "ground", confidence: 0.7, why: { code: "load-negative" } },
  index: null,
};
const RETURNED: ReadonlySet<Kind> = new Set<Kind>(["resistive-out", "analogue-out"]);
const PICKUPS: ReadonlySet<Kind> = new Set<Kind>(["reluctor-out", "knock-out"]);

/** What is moulded at a part that is moulded alike everywhere; null where that says nothing. */
export function terminalOf(
  { connector, cavity, description }: DescribedPin,
  label: Label,
  isDescribed: boolean,
): PinReading | null {
  const part = plainLabel(connector);
  if (!MOULDED.has(label.place) && label.place !== "unknown") return null;
  const written = description?.trim() ?? "";
  const ruleOf = (name: string) =>
    TERMINAL_RULES.find(
      (one) => one.part.test(part) && one.terminal.test(name.toUpperCase()) && !(one.isWeak === true && isDescribed),
    );
  // "S from neutral switch": the words begin with the terminal's own label.
  const first = /^([A-Z]{1,3}\d?\+?|[+-])(?= )/.exec(written)?.[1] ?? written;
  const moulded = ruleOf(cavity);
  const rule = moulded ?? ruleOf(first);
  if (rule === undefined) return null;
  const why: IntakeReason = { code: "moulded-terminal", terminal: moulded === undefined ? first : cavity };
  return {
    kind: { value: rule.kind, confidence: rule.sure, why },
    quantity: { value: rule.quantity, confidence: rule.sure, why },
    index: null,
  };
}
const MOULDED: ReadonlySet<Place> = new Set([
  "battery",
  "key-switch",
  "alternator",
  "starter",
  "regulator",
  "actuator",
  "relay",
  "in-line",
  "gearbox",
]);

const GROUND_POST: PinReading = {
  kind: { value: "ground", confidence: 0.9, why: { code: "battery-negative" } },
  quantity: { value: "ground", confidence: 0.9, why: { code: "battery-negative" } },
  index: null,
};

/** A relay whose name does not say what it works: coil and contact can still be told. */
export function relayPin(concepts: ReadonlySet<string>, reading: Reading): PinReading {
  if (concepts.has("coil") || concepts.has("din85") || concepts.has("din86"))
    return told("load-in", null, { code: "relay-coil" });
  if (concepts.has("out") || concepts.has("din87"))
    return told("supply-out", "relay-supply", { code: "relay-contact" });
  if (concepts.has("din30") || concepts.has("in") || concepts.has("from"))
    return told("supply-in", "battery-supply", { code: "relay-feed" });
  return nothing({ code: "relay-purpose-untold" }, reading);
}
