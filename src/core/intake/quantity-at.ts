import type { Quantity, Side } from "../forms";
import type { Reading } from "./concepts";
import { FAMILIES } from "./data/families";
import type { Place } from "./data/places";
import { contradictsDevice } from "./device-form";
import { FEED_WORDS, type Found, FROM_LABEL } from "./found";
import type { Label } from "./label";
import { quantityByPlace, type Spoken } from "./quantity-by-place";
import { rankQuantity } from "./quantity-rank";

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
  const told = quantityByPlace(at);
  if (told !== null) return told;
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
  const isBus = own !== null && FAMILIES[own.quantity].type === "bus";
  const strong = own !== null && !keyCoil && (own.sure >= 0.82 || apart || isBus);
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
