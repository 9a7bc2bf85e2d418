import type { Quantity, Side } from "../forms";
import { FAMILIES, type Family } from "./data/families";
import type { Place } from "./data/places";
import { FEED_WORDS, type Found, FROM_LABEL } from "./found";
import type { RankedRule } from "./quantity-rank";

/** A row in its place: what its words say, and what its connector's name does. */
export interface Spoken {
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
const RULES: readonly ((at: Spoken) => Found | null)[] = [
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
  // A potentiometer's wiper wipes no screen.
  ({ own, labelled, place }) =>
    place === "sensor" && own?.quantity === "wiper" && labelled !== null
      ? { quantity: labelled, sure: 0.85, why: "with-label" }
      : null,
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
  // What a body sends to a coil is its feed.
  ({ own, spoken, place, side }) =>
    side === "host" &&
    place === "in-line" &&
    own?.quantity === "ignition-coil" &&
    spoken.has("to") &&
    !["negative", "points", "control", "spark", "out"].some((one) => spoken.has(one))
      ? { quantity: "ignition-supply", sure: 0.68, why: "part-feed" }
      : null,
  // "Crank signal" of a pickup is the crankshaft's.
  ({ spoken }) =>
    spoken.has("cranksignal") && ["reluctor", "hall", "sensor"].some((one) => spoken.has(one))
      ? { quantity: "crankshaft-position", sure: 0.9, why: "own-words" }
      : null,
  // "Crank signal" at an engine's computer is the starter's or the crankshaft's: asked, unless it comes from the key.
  ({ spoken, place, side }) =>
    side === "donor" &&
    place === "computer" &&
    spoken.has("cranksignal") &&
    !["key", "from", "switch", "starter"].some((one) => spoken.has(one))
      ? { quantity: "starter-request", sure: 0.45, why: "own-words" }
      : null,
  // What a computer sends out to let the engine start works the relay.
  ({ own, spoken, place }) =>
    place === "computer" && own?.quantity === "starter-request" && spoken.has("out")
      ? { quantity: "starter-relay", sure: 0.85, why: "own-words" }
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
    own?.quantity === "sensor-ground" && (place === "lamp" || place === "instruments") && !spoken.has("sensor")
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

/** What the place makes of the words; null where it has nothing to say. */
export function quantityByPlace(at: Spoken): Found | null {
  for (const rule of RULES) {
    const told = rule(at);
    if (told !== null) return told;
  }
  return null;
}
