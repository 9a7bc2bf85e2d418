import type { Quantity, Side } from "../forms";
import type { Reading } from "./concepts";
import { FAMILIES, type Family } from "./data/families";
import type { Place } from "./data/places";
import { contradictsDevice } from "./device-form";
import type { Label } from "./label";
import { type RankedRule, rankQuantity } from "./quantity-rank";
import type { QuantityReason } from "./reasons";

/** What a quantity read from the connector's label alone is worth beside one from the row's own words. */
const FROM_LABEL = 0.93;

/** A quantity with how sure it is, and what told it. */
export interface Found {
  readonly quantity: Quantity;
  readonly sure: number;
  readonly why: QuantityReason;
}

/** A row in its place: what its words say, and what its connector's name does. */
interface Spoken {
  readonly spoken: ReadonlySet<string>;
  readonly own: RankedRule | null;
  readonly named: ReadonlySet<string>;
  /** What the connector is named after. */
  readonly labelled: Quantity | null;
  readonly index: string | null;
  readonly place: Place;
  readonly side: Side;
}

/**
 * What a place makes of what the words say, where the words alone would mislead. The first that answers counts; null
 * goes on.
 */
const AT_PLACES: readonly ((at: Spoken) => Found | null)[] = [
  // What an ammeter stands in is the battery's feed, whoever is named at its two ends.
  ({ place }) => (place === "ammeter" ? { quantity: "battery-supply", sure: 0.85, why: "with-label" } : null),
  // A key's position and a fuse are named by who has them: they hand on a feed.
  ({ own, place }) => {
    const gives = place === "key-switch" ? KEY_GIVES : place === "fuse-box" ? FUSE_GIVES : null;
    const quantity = own === null ? undefined : gives?.[own.quantity];
    return quantity === undefined || own === null ? null : { quantity, sure: own.sure * FROM_LABEL, why: "own-words" };
  },
  // A relay of a feed is worked by a computer that controls it; it is no feed of the computer's.
  ({ own, spoken, place }) =>
    place === "computer" &&
    own !== null &&
    SWITCHED_FEEDS.has(own.quantity) &&
    spoken.has("relay") &&
    (spoken.has("control") || spoken.has("coil"))
      ? { quantity: "other", sure: 0.7, why: "own-words" }
      : null,
  // "Start signal" at a computer is what the key asks of it, no feed.
  ({ own, spoken, place }) =>
    place === "computer" && own?.quantity === "start-supply" && !FEED_WORDS.some((one) => spoken.has(one))
      ? { quantity: "starter-request", sure: Math.max(own.sure, 0.66), why: "own-words" }
      : null,
  // At the switch or pickup itself, who has its signal says nothing of what it is.
  ({ own, spoken, labelled, place }) => {
    if (own === null || labelled === null || labelled === own.quantity) return null;
    if ((place === "switch" || place === "sensor") && OWN_NAMED[labelled]?.includes(own.quantity) === true)
      return { quantity: labelled, sure: 0.9, why: "with-label" };
    const leadsTo = place === "switch" && (spoken.has("to") || spoken.has("groundswitching")) && !spoken.has("from");
    return leadsTo && FAMILIES[labelled].type === "contact" && FAMILIES[own.quantity].type !== "contact"
      ? { quantity: labelled, sure: 0.85, why: "with-label" }
      : null;
  },
  // Coil's ends are the relay's, whatever they are called.
  ({ spoken, labelled, place }) =>
    place === "relay" &&
    labelled !== null &&
    ["din85", "din86", "coil"].some((one) => spoken.has(one)) &&
    !spoken.has("ground")
      ? { quantity: labelled, sure: 0.9, why: "with-label" }
      : null,
  // What a relay feeds is that load's own wire.
  ({ own, labelled, place }) => {
    const family = labelled === null ? null : FAMILIES[labelled];
    return place === "actuator" &&
      own?.quantity === "relay-supply" &&
      family?.type === "actuator" &&
      family.used === "body"
      ? { quantity: labelled as Quantity, sure: 0.8, why: "with-label" }
      : null;
  },
  // What a relay named after a load gives is that load's.
  ({ own, labelled, place }) =>
    place === "relay" && own?.quantity === "relay-supply" && labelled !== null && FAMILIES[labelled].type === "body"
      ? { quantity: labelled, sure: 0.8, why: "with-label" }
      : null,
  // The fan of a heater is its blower.
  ({ own, labelled, place }) =>
    place === "actuator" && own?.quantity === "cooling-fan" && labelled === "heater-blower"
      ? { quantity: labelled, sure: 0.9, why: "with-label" }
      : null,
  // A starter is told to turn by the key, and its post hands the battery on.
  ({ own, spoken, place }) => {
    if (place !== "starter") return null;
    if (own?.quantity === "ignition-supply" && spoken.has("from") && !spoken.has("battery"))
      return { quantity: "start-supply", sure: 0.85, why: "own-words" };
    return spoken.has("alternator") ? { quantity: "battery-supply", sure: 0.8, why: "own-words" } : null;
  },
  // A pickup of the engine's speed is the crankshaft's.
  ({ own, spoken, place, side }) =>
    side === "donor" && place === "computer" && own?.quantity === "engine-speed" && spoken.has("sensor")
      ? { quantity: "crankshaft-position", sure: 0.85, why: "own-words" }
      : null,
  // What feeds an instrument is no reading of it.
  ({ own, spoken, place }) =>
    place === "instruments" && own === null && FEED_WORDS.some((one) => spoken.has(one))
      ? { quantity: "ignition-supply", sure: 0.62, why: "part-feed" }
      : null,
  // A lamp stays one, whichever switch leads it to ground.
  ({ own, labelled, place }) =>
    place === "lamp" && labelled === "lighting" && own?.quantity === "door"
      ? { quantity: "lighting", sure: 0.85, why: "with-label" }
      : null,
  // What a body sends to a coil is its feed.
  ({ own, spoken, place, side }) =>
    side === "host" &&
    place === "in-line" &&
    own?.quantity === "ignition-coil" &&
    spoken.has("to") &&
    !["negative", "points", "control", "spark", "out"].some((one) => spoken.has(one))
      ? { quantity: "ignition-supply", sure: 0.68, why: "part-feed" }
      : null,
  // "Crank signal" at an engine's computer is the starter's or the crankshaft's: asked, unless it comes from the key.
  ({ spoken, place, side }) =>
    side === "donor" &&
    place === "computer" &&
    spoken.has("cranksignal") &&
    !["key", "from", "switch", "starter"].some((one) => spoken.has(one))
      ? { quantity: "starter-request", sure: 0.45, why: "own-words" }
      : null,
  // A single gear is an instrument's lamp.
  ({ spoken, place }) =>
    place === "instruments" && spoken.has("gearposition")
      ? { quantity: "gear-display", sure: 0.9, why: "own-words" }
      : null,
  // Instruments show what has been chosen; they ask for nothing.
  ({ own, spoken, place }) => {
    const shown = place === "instruments" && own !== null ? SHOWN[own.quantity] : undefined;
    return shown === undefined || own === null || ASKING.some((one) => spoken.has(one))
      ? null
      : { quantity: shown, sure: own.sure * 0.8, why: "own-words" };
  },
  // A regulator wakes with the ignition.
  ({ own, spoken, place }) =>
    place === "alternator" && own?.quantity === "wake-up" && spoken.has("ignition")
      ? { quantity: "ignition-supply", sure: 0.8, why: "own-words" }
      : null,
  // What feeds a part of the engine comes on with the ignition.
  ({ own, spoken, labelled, place }) =>
    own === null &&
    spoken.has("twelve") &&
    FED_PARTS.has(place) &&
    (labelled === null || isOfEngine(FAMILIES[labelled]))
      ? { quantity: "ignition-supply", sure: 0.62, why: "part-feed" }
      : null,
  // The negative of a load is no sensor's return.
  ({ own, spoken, place }) =>
    own?.quantity === "sensor-ground" &&
    (place === "lamp" || place === "instruments" || place === "diagnostic") &&
    !spoken.has("sensor")
      ? { quantity: "ground", sure: 0.8, why: "own-words" }
      : null,
  // A key switch and a bulkhead give feeds: what is said to crank is the starter's.
  ({ spoken, place, side }) => {
    if (!spoken.has("crankshaft") || SENSED.some((one) => spoken.has(one))) return null;
    if (place === "key-switch") return { quantity: "start-supply", sure: 0.9, why: "own-words" };
    return place === "in-line" && side === "host"
      ? { quantity: "starter-request", sure: 0.75, why: "own-words" }
      : null;
  },
  // Gauges are fed with the ignition.
  ({ own, spoken, place }) =>
    place === "fuse-box" && own === null && spoken.has("gauge")
      ? { quantity: "ignition-supply", sure: 0.62, why: "own-words" }
      : null,
  // What an instrument for the engine's speed has from a coil are pulses.
  ({ spoken, named, place }) =>
    place === "instruments" && spoken.has("coil") && named.has("tacho")
      ? { quantity: "engine-speed", sure: 0.93, why: "with-label" }
      : null,
  // Pump and valves of the brakes are fed past the key.
  ({ own, spoken, named, place }) =>
    place === "computer" && own === null && named.has("abs") && FEED_WORDS.some((one) => spoken.has(one))
      ? { quantity: "battery-supply", sure: 0.6, why: "with-label" }
      : null,
  // The fan that a driver switches is the heater's.
  ({ own, spoken, named, place, side }) =>
    side === "host" &&
    place === "switch" &&
    own?.quantity === "cooling-fan" &&
    !spoken.has("cooling") &&
    !named.has("fan")
      ? { quantity: "heater-blower", sure: 0.7, why: "own-words" }
      : null,
  // A body shows the engine's speed, whatever it is picked up from.
  ({ spoken, place, side }) =>
    side === "host" && place !== "computer" && spoken.has("tacho")
      ? { quantity: "engine-speed", sure: 0.95, why: "own-words" }
      : null,
  // A fuse is named by the feed that it hands on, where it says which; what it feeds is told beside it.
  ({ own, spoken, place, side }) => {
    const isFed = place === "fuse-box" || (place === "in-line" && side === "host");
    if (!isFed || own === null || FAMILIES[own.quantity].type !== "body") return null;
    if (spoken.has("coil") || spoken.has("switch")) return null;
    if (spoken.has("permanent")) return { quantity: "battery-supply", sure: 0.85, why: "own-words" };
    if (spoken.has("ignition")) return { quantity: "ignition-supply", sure: 0.82, why: "own-words" };
    return spoken.has("accessory") ? { quantity: "accessory-supply", sure: 0.82, why: "own-words" } : null;
  },
  // What the key sends through a bulkhead works the starter.
  ({ own, spoken, place }) =>
    (place === "in-line" || place === "key-switch") && own?.quantity === "starter-relay" && !spoken.has("relay")
      ? { quantity: "starter-request", sure: own.sure * FROM_LABEL, why: "own-words" }
      : null,
  // "Ign out 2" of a computer that reads and drives is a coil's, numbered.
  ({ spoken, index, place }) =>
    place === "computer" && index !== null && spoken.has("ignition") && spoken.has("out")
      ? { quantity: "ignition-coil", sure: 0.78, why: "own-words" }
      : null,
];

const SHOWN: Partial<Record<Quantity, Quantity>> = { "cruise-request": "cruise-active", "shift-mode": "gear-display" };
const ASKING = ["switch", "request", "in", "from", "signal"];

const SENSED = ["sensor", "position", "signal", "cranksensor"];

/** Feeds that a relay hands on, or a computer lets a relay hand on. */
const SWITCHED_FEEDS: ReadonlySet<Quantity> = new Set<Quantity>([
  "battery-supply",
  "ignition-supply",
  "accessory-supply",
]);

/** The row's own words first; where they are weak or silent, the connector's label helps. */
export function findQuantity(reading: Reading, label: Label, place: Place, side: Side): Found | null {
  // At a relay, a valve or a compressor a coil is its own.
  const isWorked = place === "actuator" && !label.reading.concepts.has("coil") && !reading.concepts.has("spark");
  const spoken =
    (place === "relay" || isWorked) && !reading.concepts.has("ignition")
      ? new Set([...reading.concepts].filter((concept) => concept !== "coil"))
      : reading.concepts;
  const ranked = rankQuantity(spoken);
  const own = ranked !== null && contradictsDevice(ranked.quantity, spoken, ranked.terms.flat()) ? null : ranked;
  const at: Spoken = {
    spoken,
    own,
    named: label.reading.concepts,
    labelled: label.quantity,
    index: reading.index,
    place,
    side,
  };
  for (const rule of AT_PLACES) {
    const told = rule(at);
    if (told !== null) return told;
  }
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
  if (place === "instruments" && own === null && !spoken.has("pump") && !spoken.has("switch")) {
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
  "starter-relay": "start-supply",
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
export const sensorReturn = (found: Found): Found =>
  found.quantity === "ground" ? { quantity: "sensor-ground", sure: 0.86, why: "sensor-return" } : found;

/** Words of a feed. */
export const FEED_WORDS = ["feed", "supply", "positive", "live"];

/** "Injector feed" is a feed, and "pedal 1 supply" a sensor reference: the thing named is only who receives it. */
export function supplyInstead(found: Found, concepts: ReadonlySet<string>, place: Place): Found {
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
