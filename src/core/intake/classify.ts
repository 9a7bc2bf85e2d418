import type { Quantity, Side } from "../forms";
import { clarityOf, type Reading, readConcepts } from "./concepts";
import { conceptsAt, without } from "./concepts-at";
import { FAMILIES } from "./data/families";
import type { Place } from "./data/places";
import { type DeviceForm, deviceForm } from "./device-form";
import { FEED_WORDS } from "./found";
import { kindAt } from "./kind-at";
import { type Label, readLabel } from "./label";
import { pickupsByPlug } from "./pickups";
import { type DescribedPin, KNOWN_FROM, nothing, type PinReading, round, told } from "./pin-reading";
import { findQuantity, sensorReturn, supplyInstead } from "./quantity-at";
import { rankQuantity } from "./quantity-rank";
import type { IntakeReason } from "./reasons";
import { isGroundedLoad, LOAD_NEGATIVE, lonelyDash, relayPin, terminalOf } from "./told-by-place";

/**
 * Proposes a kind and a quantity for each row of one side's table, in the rows' order. A row is read from its words,
 * its connector's label, and what the connector's other rows show it to be.
 *
 * @example classifyPins([{ connector: "ECM J1", cavity: "12", description: "INJ 1" }], "donor")[0].kind.value // "injector-out"
 */
export function classifyPins(pins: readonly DescribedPin[], side: Side): PinReading[] {
  const sparks = sparkPlugs(pins);
  const readings = pins.map((pin) => readConcepts(wordsToRead(pin, sparks)));
  const labels = new Map<string, Label>();
  for (const pin of pins) {
    if (!labels.has(pin.connector)) labels.set(pin.connector, readLabel(pin.connector));
  }
  const places = placeConnectors(pins, readings, labels, side);
  const rows = pins.map((pin, at) => {
    const words = readings[at] as Reading;
    const label = labels.get(pin.connector) as Label;
    const isSaid = [words, label.reading].some(({ concepts }) => concepts.has("hall") || concepts.has("reluctor"));
    return { pin, isSaid, reading: readPin(pin, words, label, places.get(pin.connector) ?? "unknown", side) };
  });
  return pickupsByPlug(rows, KNOWN_FROM);
}

const NUMBERED_IGNITION = /^ign(?:ition)? ?[-#]?(\d{1,2})$/i;
/** Ignition feeds are two at most: connectors with an "IGN 5" number their coils so, the first two among them. */
const sparkPlugs = (pins: readonly DescribedPin[]): ReadonlySet<string> =>
  new Set(
    pins.flatMap(({ connector, description }) =>
      Number(NUMBERED_IGNITION.exec(description?.trim() ?? "")?.[1] ?? 0) > 3 ? [connector] : [],
    ),
  );

/** At relays, key switches and the like the moulded label is often all there is: "87" says what the row does. */
function wordsToRead(pin: DescribedPin, sparks: ReadonlySet<string>): string {
  const description = pin.description?.trim() ?? "";
  if (sparks.has(pin.connector) && NUMBERED_IGNITION.test(description)) return `spark ${description}`;
  if (/\b(relay|rly)\b/i.test(pin.connector) && /^(30|85|86|87a?)$/i.test(pin.cavity))
    return `${description} terminal ${pin.cavity}`;
  const isNumbered = /^(30|8[5-7])[ab]?\b(?!\s*(?:a|amps?)\b)/i.test(description);
  if (isNumbered && /\b(relay|rly)\b/i.test(pin.connector)) return `terminal ${description}`;
  const terminal = /^(15|30|31|50|49|53|54|56|58|61|75|85|86|87)[a-z]?$/i;
  if (description === "" && terminal.test(pin.cavity)) return `terminal ${pin.cavity}`;
  return terminal.test(description) ? `terminal ${description}` : description;
}

/** Labels such as `C1` say nothing; a plug whose rows both read and drive many things is a computer's. */
function placeConnectors(
  pins: readonly DescribedPin[],
  readings: readonly Reading[],
  labels: ReadonlyMap<string, Label>,
  side: Side,
): Map<string, Place> {
  const seen = new Map<string, Set<string>>();
  pins.forEach((pin, at) => {
    const best = rankQuantity((readings[at] as Reading).concepts);
    if (best) seen.set(pin.connector, (seen.get(pin.connector) ?? new Set()).add(best.quantity));
  });
  const places = new Map<string, Place>();
  for (const [connector, label] of labels) {
    const quantities = [...(seen.get(connector) ?? [])] as Quantity[];
    const types = new Set(quantities.map((quantity) => FAMILIES[quantity].type));
    const busy = quantities.length >= 5 && types.has("actuator") && (types.has("sensor") || types.has("contact"));
    const hidden = label.place === "unknown" || (label.place === "in-line" && isUntold(connector));
    places.set(connector, hidden ? (busy && side === "donor" ? "computer" : "in-line") : label.place);
  }
  return places;
}

/** "C2 plug", "Black 52-way connector", "Plug A (24 pin)": a plug whose name says nothing of what it belongs to. */
const isUntold = (connector: string) =>
  connector
    .trim()
    .toLowerCase()
    .split(/[\s()-]+/)
    .every((word) => UNTOLD.test(word));
const UNTOLD =
  /^(?:|[a-z]?\d*|black|brown|red|orange|yellow|green|blue|violet|gr[ea]y|white|pink|natural|clear|large|small|big|main|left|right|upper|lower|round|square|\d*(?:way|pins?|p|cavit(?:y|ies))|plug|connector|conn\.?)$/;

function readPin(pin: DescribedPin, reading: Reading, label: Label, place: Place, side: Side): PinReading {
  const isToItself = place === "computer" && TO_COMPUTER.test(pin.description ?? "");
  // "Earth, light switch" is the switch's ground; "horn switch to earth" is how it switches.
  const isGround = /^(?:earth|ground|gnd)\b/i.test(pin.description?.trim() ?? "");
  const concepts = conceptsAt(
    isGround && place === "switch" ? "unknown" : place,
    isToItself ? new Set(without(reading.concepts, "to")) : reading.concepts,
  );
  if (concepts.has("unclear")) return nothing({ code: "said-unknown" }, reading);
  // A dash is "nothing" in a computer's list, the negative at a battery, and one of a pair at a part.
  if (concepts.has("lonedash") && !LISTS.has(place)) return lonelyDash(pin, reading, label, place, side);
  // "Not used" settles it, unless it was misspelt; a "spare way" or "spare lamp" is still a way or a lamp.
  if (
    concepts.has("notused") ||
    concepts.has("lonedash") ||
    (concepts.has("spare") && rankQuantity(concepts) === null)
  ) {
    const clarity = reading.readAs.length === 0 ? 1 : clarityOf(reading);
    return {
      kind: { value: "spare", confidence: round(0.97 * clarity), why: { code: "said-not-connected" } },
      quantity: { value: null, confidence: round(0.97 * clarity), why: { code: "spare-carries-nothing" } },
      index: null,
    };
  }
  const terminal = terminalOf(pin, label, rankQuantity(concepts) !== null);
  if (terminal !== null) return terminal;
  if (/\s(?:-|minus|negative|neg\.?)$/i.test(pin.description?.trim() ?? "") && isGroundedLoad(label, place))
    return LOAD_NEGATIVE;
  // A way of a fuse box gives, whatever it is named after.
  if (reading.known === 0 && place === "fuse-box" && reading.unknownWords.some((word) => /[a-z]{3}/.test(word)))
    return told("supply-out", null, { code: "fuse-box-way" });
  const saysNothing = pin.description !== null && reading.unknownWords.length === 0 && ONE_THING.has(place);
  if (reading.known === 0 && place !== "ground-stud" && !saysNothing && !onlyPlaceSpeaks(pin, place)) {
    return nothing(
      pin.description ? { code: "no-known-word", description: pin.description } : { code: "no-description" },
      reading,
    );
  }
  const found = findQuantity({ ...reading, concepts }, label, place, side);
  if (concepts.has("shield")) {
    return {
      kind: { value: "shield", confidence: 0.93, why: { code: "named-screen" } },
      quantity: { value: found?.quantity ?? null, confidence: found ? 0.7 : 0.5, why: { code: "screened-signal" } },
      index: reading.index,
    };
  }
  if (found === null && place === "relay") return relayPin(concepts, reading);
  if (found === null && place === "switch" && FEED_WORDS.some((one) => concepts.has(one)) && !concepts.has("out"))
    return told("supply-in", null, { code: "switch-feed" });
  if (found === null && place === "key-switch" && KEY_FED.some((one) => concepts.has(one)) && !concepts.has("out"))
    return told("supply-in", "battery-supply", { code: "key-switch-feed" });
  if (found === null && place === "in-line" && side === "host" && concepts.has("fuse") && !concepts.has("relay"))
    return told("supply-out", null, { code: "fuse-box-way" });
  if (found === null && place === "fuse-box" && !NO_WAY.some((one) => concepts.has(one)))
    return told("supply-out", null, { code: "fuse-box-way" });
  const device = deviceForm({ ...reading, concepts }, place, side);
  if (device !== null && (found === null || found.quantity === "other")) return deviceReading(device, reading, place);
  if (found === null) return nothing({ code: "no-quantity-named", description: pin.description ?? "" }, reading);

  const inGearbox = found.quantity === "oil-temperature" && label.reading.concepts.has("transmission");
  if (inGearbox)
    return readPin(
      pin,
      { ...reading, concepts: new Set([...concepts, "transmission"]) },
      { ...label, quantity: null, reading: { ...label.reading, concepts: new Set() } },
      place,
      side,
    );
  const quantity =
    place === "sensor" && side === "donor"
      ? sensorReturn(supplyInstead(found, concepts, place))
      : supplyInstead(found, concepts, place);
  const sure = quantity.sure * clarityOf(reading);
  if (device !== null && sure < KNOWN_FROM) return deviceReading(device, reading, place);
  const kind = kindAt({ quantity: quantity.quantity, place, concepts, label: label.reading.concepts, side });
  const { unknownWords: notUnderstood, readAs } = reading;
  return {
    kind: {
      value: kind.kind,
      confidence: round(kind.sure * Math.min(1, sure + 0.05)),
      why: { code: "form", quantity: quantity.quantity, place, side, form: kind.why, notUnderstood, readAs },
    },
    quantity: { value: quantity.quantity, confidence: round(sure), why: { code: quantity.why, notUnderstood, readAs } },
    index: NUMBERED.has(quantity.quantity) ? reading.index : null,
  };
}

/** "Feed to ECU" at the computer itself comes in. */
const TO_COMPUTER = /\bto (?:the )?(?:ecu|ecm|pcm|ems|computer)\b/i;

/** What it is for is in no list of ours; what it is, the row says. */
function deviceReading({ device, kind, sure }: DeviceForm, reading: Reading, place: Place): PinReading {
  const { unknownWords: notUnderstood, readAs } = reading;
  const why: IntakeReason = { code: "device", device, place, notUnderstood, readAs };
  return {
    kind: { value: kind, confidence: sure, why },
    quantity: { value: "other", confidence: 0.55, why },
    index: null,
  };
}

/** What in a fuse box is no way of it: its own feed, the coils of relays that sit there, a ground. */
const NO_WAY = ["in", "from", "coil", "control", "relay", "din30", "din85", "din86", "din31", "ground"];
/** A key switch has one feed: what comes to it. */
const KEY_FED = ["feed", "live", "supply", "from", "in", "fuse"];

const LISTS: ReadonlySet<Place> = new Set([
  "computer",
  "in-line",
  "unknown",
  "instruments",
  "fuse-box",
  "gearbox",
  "diagnostic",
]);

/** Quantities of which a vehicle has several; elsewhere a number in the words is a fuse, a rating or a pulse count. */
const NUMBERED: ReadonlySet<Quantity> = new Set([
  "idle-control",
  "injector",
  "ignition-coil",
  "knock",
  "oxygen",
  "oxygen-heater",
  "camshaft-position",
  "camshaft-phaser",
  "throttle-position",
  "accelerator-position",
  "throttle-motor",
  "shift-solenoid",
  "pressure-solenoid",
  "wheel-speed",
  "gear-range",
  "glow-plug",
  "exhaust-temperature",
  "powertrain-data",
  "body-data",
  "diagnostic-data",
]);

/** What stands for one thing: a row that only says how it works ("closes when pressed") is that thing's. */
const ONE_THING: ReadonlySet<Place> = new Set(["switch", "sensor", "lamp", "actuator"]);

const onlyPlaceSpeaks = (pin: DescribedPin, place: Place) =>
  (place === "sensor" && /^(sig(nal)?|output|\d)$/i.test(pin.description ?? "")) ||
  ((place === "actuator" || place === "sensor") &&
    /^(?:to |from )?(?:ecu|ecm|pcm|ems|computer)$/i.test(pin.description ?? ""));
