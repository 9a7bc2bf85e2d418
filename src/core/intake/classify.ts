import type { Kind, Quantity, Side } from "../forms";
import { type Reading, readConcepts } from "./concepts";
import { FAMILIES, type Family } from "./data/families";
import { PLACES, type Place } from "./data/places";
import { TERMINAL_RULES } from "./data/terminals";
import { contradictsDevice, type DeviceForm, deviceForm } from "./device-form";
import { kindAt } from "./kind-at";
import { pickupsByPlug } from "./pickups";
import { rankQuantity } from "./quantity-rank";
import type { IntakeReason, QuantityReason } from "./reasons";

/** The part of a pin-table row that its meaning is read from. */
export interface DescribedPin {
  readonly connector: string;
  readonly cavity: string;
  readonly description: string | null;
}

/** A reading with how far to trust it. Of the guesses at ≥ 0.9 at least 95 % are meant to be right. */
export interface Guess<T> {
  readonly value: T;
  /** 0 … 1. From 0.5 a guess counts as known; below, people see `unknown`. */
  readonly confidence: number;
  readonly why: IntakeReason;
}

export interface PinReading {
  readonly kind: Guess<Kind>;
  readonly quantity: Guess<Quantity | null>;
  /** Cylinder, bank or bus-wire number read from the words, or null. */
  readonly index: string | null;
}

/** From this confidence a guess is taken as known (contracts/pin-table.md). */
export const KNOWN_FROM = 0.5;

/** What a quantity read from the connector's label alone is worth beside one from the row's own words. */
const FROM_LABEL = 0.93;

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

const plainLabel = (connector: string) =>
  connector
    .toLowerCase()
    .replace(/(?<=[a-z])\.(?=\s|$)/g, "")
    .replace(/[_-]/g, " ");

interface Label {
  readonly reading: Reading;
  readonly place: Place;
}

function readLabel(connector: string): Label {
  const plain = plainLabel(connector);
  const place = PLACES.find(([, pattern]) => pattern.test(plain))?.[0] ?? "unknown";
  // What an engine burns, and a plain "at", say nothing of a plug's cavities.
  return { reading: readConcepts(connector.replace(/\b(?:diesel|petrol|gasoline|at)\b/gi, " ")), place };
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
  const told = /^(30|8[5-7])[ab]?\b(?!\s*(?:a|amps?)\b)/i.test(description);
  if (told && /\b(relay|rly)\b/i.test(pin.connector)) return `terminal ${description}`;
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
    const hidden =
      label.place === "unknown" ||
      (label.place === "in-line" && /^(c|j|x|p)?\s?\d*\s?(plug|connector)$/i.test(connector));
    places.set(connector, hidden ? (busy && side === "donor" ? "computer" : "in-line") : label.place);
  }
  return places;
}

function readPin(pin: DescribedPin, reading: Reading, label: Label, place: Place, side: Side): PinReading {
  const isToItself = place === "computer" && TO_COMPUTER.test(pin.description ?? "");
  // "Earth, light switch" is the switch's ground; "horn switch to earth" is how it switches.
  const isGround = /^(?:earth|ground|gnd)\b/i.test(pin.description?.trim() ?? "");
  const concepts = conceptsAt(
    isGround && place === "switch" ? "unknown" : place,
    isToItself ? new Set([...reading.concepts].filter((one) => one !== "to")) : reading.concepts,
  );
  if (concepts.has("unclear")) return nothing({ code: "said-unknown" }, reading);
  // A dash is "nothing" in a computer's list, the negative at a battery, and one of a pair at a part.
  if (concepts.has("lonedash") && !LISTS.has(place)) return lonelyDash(pin, reading, label, place, side);
  // "Not used" settles it; a "spare way" or "spare lamp" is still a way or a lamp.
  if (
    concepts.has("notused") ||
    concepts.has("lonedash") ||
    (concepts.has("spare") && rankQuantity(concepts) === null)
  ) {
    return {
      kind: { value: "spare", confidence: 0.97, why: { code: "said-not-connected" } },
      quantity: { value: null, confidence: 0.97, why: { code: "spare-carries-nothing" } },
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
      { ...label, reading: { ...label.reading, concepts: new Set() } },
      place,
      side,
    );
  const quantity =
    place === "sensor" && side === "donor"
      ? sensorReturn(supplyInstead(found, concepts, place))
      : supplyInstead(found, concepts, place);
  const clarity = 1 - (0.4 * reading.unknownWords.length) / (reading.known + reading.unknownWords.length || 1);
  const sure = quantity.sure * clarity;
  if (device !== null && sure < KNOWN_FROM) return deviceReading(device, reading, place);
  const kind = kindAt({ quantity: quantity.quantity, place, concepts, label: label.reading.concepts, side });
  const notUnderstood = reading.unknownWords;
  return {
    kind: {
      value: kind.kind,
      confidence: round(kind.sure * Math.min(1, sure + 0.05)),
      why: { code: "form", quantity: quantity.quantity, place, side, form: kind.why, notUnderstood },
    },
    quantity: { value: quantity.quantity, confidence: round(sure), why: { code: quantity.why, notUnderstood } },
    index: NUMBERED.has(quantity.quantity) ? reading.index : null,
  };
}

/** "Feed to ECU" at the computer itself comes in. */
const TO_COMPUTER = /\bto (?:the )?(?:ecu|ecm|pcm|ems|computer)\b/i;

/** What it is for is in no list of ours; what it is, the row says. */
function deviceReading({ device, kind, sure }: DeviceForm, reading: Reading, place: Place): PinReading {
  const why: IntakeReason = { code: "device", device, place, notUnderstood: reading.unknownWords };
  return {
    kind: { value: kind, confidence: sure, why },
    quantity: { value: "other", confidence: 0.55, why },
    index: null,
  };
}

/** A switch that leads its wire to ground has that for its ground, not a terminal of its own. */
function conceptsAt(place: Place, spoken: ReadonlySet<string>): ReadonlySet<string> {
  if (place === "instruments") {
    const isSwitched = spoken.has("ground") && spoken.has("lamp") && (spoken.has("switch") || spoken.has("from"));
    return new Set([...(isSwitched ? without(spoken, "ground", "earth") : spoken), "instrument"]);
  }
  const switches =
    spoken.has("ground") &&
    (place === "relay"
      ? (spoken.has("from") || spoken.has("control")) && (spoken.has("din85") || spoken.has("din86"))
      : place === "switch"
        ? SWITCHED.some((concept) => spoken.has(concept))
        : (place === "in-line" || place === "computer") &&
          (spoken.has("mainrelay") || (spoken.has("relay") && RELAYED.some((concept) => spoken.has(concept)))));
  return switches ? new Set([...without(spoken, "ground", "earth"), "groundswitching"]) : spoken;
}
const without = (spoken: ReadonlySet<string>, ...words: string[]) => [...spoken].filter((one) => !words.includes(one));
/** Loads whose relay a computer pulls to ground: "pump relay earth" is that wire. */
const RELAYED = ["pump", "fan", "horn", "ac", "glow", "wiper"];
const SWITCHED = ["horn", "relay", "lamp", "interior", "door", "handbrake", "oilwarning"];

/** One of a pickup's pair, a coil's or battery's negative; elsewhere a sign, or nothing. */
function lonelyDash(pin: DescribedPin, reading: Reading, label: Label, place: Place, side: Side): PinReading {
  if (place === "battery") return GROUND_POST;
  if (isGroundedLoad(label, place)) return LOAD_NEGATIVE;
  const found = rankQuantity(label.reading.concepts);
  const family = found === null ? null : FAMILIES[found.quantity];
  const isPickup = place === "sensor" && family?.type === "sensor" && PICKUPS.has(family.out);
  // A thermistor's or a potentiometer's negative is its return; a valve of the engine is worked in its ground.
  if (place === "sensor" && family?.type === "sensor" && RETURNED.has(family.out))
    return told("ground", "sensor-ground", { code: "load-negative" });
  if (place === "actuator" && family?.type === "actuator" && family.used === "engine" && found !== null)
    return told(family.in, found.quantity, { code: "worked-in-ground" });
  if (!isPickup || found === null) {
    const terminal = terminalOf(pin, label, false);
    return terminal ?? nothing({ code: "dash-alone" }, reading);
  }
  const kind = kindAt({
    quantity: found.quantity,
    place,
    concepts: label.reading.concepts,
    label: label.reading.concepts,
    side,
  });
  const why: IntakeReason = { code: "form", quantity: found.quantity, place, side, form: kind.why, notUnderstood: [] };
  return {
    kind: { value: kind.kind, confidence: 0.8, why },
    quantity: { value: found.quantity, confidence: 0.85, why: { code: "with-label", notUnderstood: [] } },
    index: reading.index,
  };
}
/** Loads of two wires that are switched in their feed; a coil, valve or injector is worked in its ground. */
const GROUNDED_LOADS = ["pump", "fan", "horn", "blower", "demister", "lamp"];
const isGroundedLoad = (label: Label, place: Place) =>
  place === "lamp" || (place === "actuator" && GROUNDED_LOADS.some((one) => label.reading.concepts.has(one)));
const LOAD_NEGATIVE: PinReading = {
  kind: { value: "ground", confidence: 0.7, why: { code: "load-negative" } },
  quantity: { value: "ground", confidence: 0.7, why: { code: "load-negative" } },
  index: null,
};
const RETURNED: ReadonlySet<Kind> = new Set<Kind>(["resistive-out", "analogue-out"]);
const PICKUPS: ReadonlySet<Kind> = new Set<Kind>(["reluctor-out", "knock-out"]);

/** What is moulded at a part that is moulded alike everywhere; null where that says nothing. */
function terminalOf(
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

const LISTS: ReadonlySet<Place> = new Set([
  "computer",
  "in-line",
  "unknown",
  "instruments",
  "fuse-box",
  "gearbox",
  "diagnostic",
]);
const GROUND_POST: PinReading = {
  kind: { value: "ground", confidence: 0.9, why: { code: "battery-negative" } },
  quantity: { value: "ground", confidence: 0.9, why: { code: "battery-negative" } },
  index: null,
};

/** A relay whose name does not say what it works: coil and contact can still be told. */
function relayPin(concepts: ReadonlySet<string>, reading: Reading): PinReading {
  if (concepts.has("coil") || concepts.has("din85") || concepts.has("din86"))
    return told("load-in", null, { code: "relay-coil" });
  if (concepts.has("out") || concepts.has("din87"))
    return told("supply-out", "relay-supply", { code: "relay-contact" });
  if (concepts.has("din30") || concepts.has("in") || concepts.has("from"))
    return told("supply-in", "battery-supply", { code: "relay-feed" });
  return nothing({ code: "relay-purpose-untold" }, reading);
}

/** What the place alone tells of a row. */
const told = (value: Kind, quantity: Quantity | null, why: IntakeReason): PinReading => ({
  kind: { value, confidence: 0.75, why },
  quantity: { value: quantity, confidence: quantity === null ? 0.3 : 0.55, why },
  index: null,
});
/** What in a fuse box is no way of it: its own feed, the coils of relays that sit there, a ground. */
const NO_WAY = ["in", "from", "coil", "control", "relay", "din30", "din85", "din86", "din31", "ground"];
/** A key switch has one feed: what comes to it. */
const KEY_FED = ["feed", "live", "supply", "from", "in"];

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

function nothing(why: IntakeReason, reading: Reading): PinReading {
  return {
    kind: { value: "unknown", confidence: 0.2, why },
    quantity: { value: null, confidence: 0.2, why },
    index: reading.index,
  };
}

interface Found {
  readonly quantity: Quantity;
  readonly sure: number;
  readonly why: QuantityReason;
}

/** The row's own words first; where they are weak or silent, the connector's label helps. */
function findQuantity(reading: Reading, label: Label, place: Place, side: Side): Found | null {
  // What an ammeter stands in is the battery's feed, whoever is named at its two ends.
  if (place === "ammeter") return { quantity: "battery-supply", sure: 0.85, why: "with-label" };
  // At a relay, a valve or a compressor a coil is its own.
  const isWorked = place === "actuator" && !label.reading.concepts.has("coil") && !reading.concepts.has("spark");
  const spoken =
    (place === "relay" || isWorked) && !reading.concepts.has("ignition")
      ? new Set([...reading.concepts].filter((concept) => concept !== "coil"))
      : reading.concepts;
  const ranked = rankQuantity(spoken);
  const own = ranked !== null && contradictsDevice(ranked.quantity, spoken, ranked.terms.flat()) ? null : ranked;
  const feeds = place === "key-switch" ? KEY_GIVES : place === "fuse-box" ? FUSE_GIVES : null;
  const given = own === null ? undefined : feeds?.[own.quantity];
  if (given !== undefined && own !== null) return { quantity: given, sure: own.sure * FROM_LABEL, why: "own-words" };
  // A relay of a feed is worked by a computer that controls it; it is no feed of the computer's.
  if (
    place === "computer" &&
    own !== null &&
    FAMILIES[own.quantity].type === "supply" &&
    own.quantity !== "start-supply" &&
    own.quantity !== "relay-supply" &&
    spoken.has("relay") &&
    (spoken.has("control") || spoken.has("coil"))
  )
    return { quantity: "other", sure: 0.7, why: "own-words" };
  // "Start signal" at a computer is what the key asks of it, no feed.
  if (place === "computer" && own?.quantity === "start-supply" && !FEED_WORDS.some((one) => spoken.has(one)))
    return { quantity: "starter-request", sure: Math.max(own.sure, 0.66), why: "own-words" };
  // At the switch or pickup itself, who has its signal says nothing of what it is.
  const instead = own === null ? undefined : OWN_NAMED[rankQuantity(label.reading.concepts)?.quantity ?? "other"];
  if (own !== null && instead?.includes(own.quantity) === true && (place === "switch" || place === "sensor"))
    return {
      quantity: rankQuantity(label.reading.concepts)?.quantity as Quantity,
      sure: 0.9,
      why: "with-label",
    };
  const switched = rankQuantity(label.reading.concepts)?.quantity;
  if (
    place === "switch" &&
    spoken.has("to") &&
    !spoken.has("from") &&
    switched !== undefined &&
    switched !== own?.quantity
  )
    if (FAMILIES[switched].type === "contact" && own !== null && FAMILIES[own.quantity].type !== "contact")
      return { quantity: switched, sure: 0.85, why: "with-label" };
  // What feeds a part of the engine comes on with the ignition.
  const named12 = rankQuantity(label.reading.concepts);
  const isEngines = named12 === null || isOfEngine(FAMILIES[named12.quantity]);
  if (own === null && spoken.has("twelve") && isEngines && FED_PARTS.has(place))
    return { quantity: "ignition-supply", sure: 0.62, why: "part-feed" };
  // The negative of a load is no sensor's return.
  if (own?.quantity === "sensor-ground" && (place === "lamp" || place === "instruments") && !spoken.has("sensor"))
    return { quantity: "ground", sure: 0.8, why: "own-words" };
  // A key switch gives feeds: what is said to crank is the starter's.
  if (place === "key-switch" && spoken.has("crankshaft") && !spoken.has("sensor"))
    return { quantity: "start-supply", sure: 0.9, why: "own-words" };
  // What an instrument for the engine's speed has from a coil are pulses.
  if (place === "instruments" && spoken.has("coil") && label.reading.concepts.has("tacho"))
    return { quantity: "engine-speed", sure: 0.93, why: "with-label" };
  if (
    place === "computer" &&
    own === null &&
    label.reading.concepts.has("abs") &&
    FEED_WORDS.some((one) => spoken.has(one))
  )
    return { quantity: "battery-supply", sure: 0.6, why: "with-label" };
  // The fan that a driver switches is the heater's.
  if (
    side === "host" &&
    place === "switch" &&
    own?.quantity === "cooling-fan" &&
    !spoken.has("cooling") &&
    !label.reading.concepts.has("fan")
  )
    return { quantity: "heater-blower", sure: 0.7, why: "own-words" };
  // A body shows the engine's speed, whatever it is picked up from.
  if (side === "host" && place !== "computer" && spoken.has("tacho"))
    return { quantity: "engine-speed", sure: 0.95, why: "own-words" };
  // A fuse is named by the feed that it hands on, where it says which; what it feeds is told beside it.
  const isFed = place === "fuse-box" || (place === "in-line" && side === "host");
  if (isFed && own !== null && FAMILIES[own.quantity].type === "body" && !spoken.has("coil") && !spoken.has("switch")) {
    if (spoken.has("permanent")) return { quantity: "battery-supply", sure: 0.85, why: "own-words" };
    if (spoken.has("ignition")) return { quantity: "ignition-supply", sure: 0.82, why: "own-words" };
    if (spoken.has("accessory")) return { quantity: "accessory-supply", sure: 0.82, why: "own-words" };
  }
  // What the key sends through a bulkhead works the starter.
  if ((place === "in-line" || place === "key-switch") && own?.quantity === "starter-relay" && !spoken.has("relay"))
    return { quantity: "starter-request", sure: own.sure * FROM_LABEL, why: "own-words" };
  // "Ign out 2" of a computer that reads and drives is a coil's, numbered.
  if (place === "computer" && reading.index !== null && spoken.has("ignition") && spoken.has("out"))
    return { quantity: "ignition-coil", sure: 0.78, why: "own-words" };
  const named = [...label.reading.concepts].filter((concept) => !LABEL_NOISE.has(concept));
  const both = new Set([...spoken, ...named]);
  const together = rankQuantity(both, spoken);
  const shared =
    together !== null && contradictsDevice(together.quantity, both, together.terms.flat()) ? null : together;
  const keyCoil = own?.quantity === "ignition-coil" && label.reading.concepts.has("security");
  // A weaker word of the row still outweighs a name that has nothing to do with it ("reverse" at a neutral switch).
  const apart =
    own !== null &&
    own.sure >= 0.74 &&
    shared?.terms.every((term) => !term.some((concept) => spoken.has(concept))) === true;
  const strong = own !== null && !keyCoil && (own.sure >= 0.82 || apart);
  // A plug that is named after one thing ("Oil sender") outweighs a word that many things share ("gauge").
  const labelHelps =
    shared !== null &&
    (!MIXED_HOUSINGS.has(place) || SINGLE_PURPOSE.some((concept) => label.reading.concepts.has(concept)));
  if (strong || (own !== null && (!labelHelps || shared.score <= own.score))) {
    return (
      own && {
        quantity: own.quantity,
        sure: own.sure,
        why: "own-words",
      }
    );
  }
  // One word is enough where an instrument stands for few things.
  if (place === "instruments" && own === null) {
    const [, quantity, sure] = GAUGED.find(([concept]) => spoken.has(concept)) ?? [];
    if (quantity !== undefined && sure !== undefined) return { quantity, sure, why: "with-label" };
  }
  // Of the temperatures that a body shows there is one.
  if (place === "in-line" && side === "host" && own === null && spoken.has("temperature") && shared === null)
    return { quantity: "coolant-temperature", sure: 0.62, why: "own-words" };
  if (place === "switch" && own === null && spoken.has("fuse"))
    return { quantity: "ignition-supply", sure: 0.6, why: "with-label" };
  if (place === "ground-stud" && (own === null || own.sure < 0.9))
    return { quantity: "ground", sure: 0.9, why: "ground-point" };
  if (shared === null || !labelHelps) return null;
  return { quantity: shared.quantity, sure: shared.sure * FROM_LABEL, why: "with-label" };
}

const FED_PARTS: ReadonlySet<Place> = new Set<Place>(["gearbox", "actuator", "sensor"]);
const isOfEngine = (family: Family) =>
  family.type === "sensor" || (family.type === "actuator" && family.used === "engine");

/** By what a plug is named after: what its rows seem to be where they only name who has its signal. */
const OWN_NAMED: Partial<Record<Quantity, readonly Quantity[]>> = {
  "crankshaft-position": ["starter-request", "engine-speed"],
  "clutch-switch": ["starter-relay", "starter-request"],
  "park-neutral": ["starter-relay", "starter-request", "start-supply", "crankshaft-position"],
};

/** What a position of the key is for, by who has it. */
const KEY_GIVES: Partial<Record<Quantity, Quantity>> = {
  "ignition-coil": "ignition-supply",
  audio: "accessory-supply",
  "park-neutral": "start-supply",
};
/** Engine loads that a fuse feeds are worked in their ground: it hands on a feed. */
const FUSE_GIVES: Partial<Record<Quantity, Quantity>> = {
  "ignition-coil": "ignition-supply",
  injector: "ignition-supply",
};

const GAUGED: readonly (readonly [concept: string, Quantity, number])[] = [
  ["fuel", "fuel-level", 0.75],
  ["temperature", "coolant-temperature", 0.72],
  ["coolant", "coolant-temperature", 0.75],
  ["oil", "oil-pressure", 0.6],
  ["lamp", "illumination", 0.55],
];

/** Names of housings that do tell what their rows are about, though computers and instruments as such do not. */
const SINGLE_PURPOSE = [
  "security",
  "transmission",
  "abs",
  "airbag",
  "tacho",
  "vehiclespeed",
  "coolant",
  "fuel",
  "oil",
  "temperature",
];

/** Housings that hold so many things that their name says nothing of one row. */
const MIXED_HOUSINGS: ReadonlySet<Place> = new Set(["computer", "fuse-box", "instruments", "key-switch", "diagnostic"]);

/** What a label says of its housing, not of the row in it. */
const LABEL_NOISE: ReadonlySet<string> = new Set([
  "engine",
  "ground",
  "switch",
  "control",
  "plug",
  "main",
  "chassis",
  "body",
  "feed",
  "unclear",
  "spare",
  "notused",
  "to",
  "from",
]);

/** The earth of a sensor's own plug is its return, whatever the table calls it. */
const sensorReturn = (found: Found): Found =>
  found.quantity === "ground" ? { quantity: "sensor-ground", sure: 0.86, why: "sensor-return" } : found;

const FEED_WORDS = ["feed", "supply", "positive", "live"];

/** "Injector feed" is a feed, and "pedal 1 supply" a sensor reference: the thing named is only who receives it. */
function supplyInstead(found: Found, concepts: ReadonlySet<string>, place: Place): Found {
  const family = FAMILIES[found.quantity];
  if (!FEED_WORDS.some((word) => concepts.has(word)) || concepts.has("relay") || concepts.has("lamp")) return found;
  const bare =
    concepts.has("positive") &&
    !["feed", "twelve", "live", "ignition", "battery"].some((concept) => concepts.has(concept));
  if (bare && family.type === "sensor" && ["reluctor-out", "knock-out", "hall-out"].includes(family.out))
    return { ...found, sure: found.sure * 0.75 };
  if (family.type === "sensor" && concepts.has("twelve") && place !== "computer")
    return { quantity: "ignition-supply", sure: 0.75, why: "sensor-feed" };
  const twelveVolts = concepts.has("ignition") || concepts.has("battery") || concepts.has("fuse");
  if (
    family.type === "sensor" &&
    family.out !== "frequency-out" &&
    !twelveVolts &&
    found.quantity !== "mass-air-flow" &&
    found.quantity !== "fuel-level"
  ) {
    return family.out === "resistive-out" || family.out === "knock-out"
      ? { ...found, sure: found.sure * 0.6 }
      : { quantity: "sensor-supply", sure: 0.9, why: "sensor-reference" };
  }
  // "Throttle motor power" is what feeds its driver; a plus alone is one end of the motor.
  if (found.quantity === "throttle-motor" && place === "computer" && !concepts.has("positive"))
    return { quantity: "ignition-supply", sure: 0.7, why: "part-feed" };
  const engineLoad =
    family.type === "actuator" &&
    family.used === "engine" &&
    found.quantity !== "throttle-motor" &&
    (found.quantity !== "idle-control" || concepts.has("twelve"));
  if (engineLoad || found.quantity === "mass-air-flow") {
    return place === "computer" && concepts.has("out")
      ? found
      : { quantity: "ignition-supply", sure: 0.72, why: "part-feed" };
  }
  return found;
}

const round = (value: number) => Math.round(Math.min(0.99, value) * 100) / 100;
