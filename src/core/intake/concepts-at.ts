import { FAMILIES } from "./data/families";
import type { Place } from "./data/places";
import { rankQuantity } from "./quantity-rank";

/** Words that make volts a feed. */
const FED = ["given", "feed", "live", "positive", "fuse", "permanent", "battery", "ignition", "accessory", "mainrelay"];

/**
 * What is named beside volts at a computer or instrument, with the volts as what a meter shows there: "brake 12 V on" is the brake's
 * switch, "MIL 0 V lit" its lamp. Where nothing else is named, or a feed is, they are a feed or a ground.
 */
function withoutValues(place: Place, spoken: ReadonlySet<string>): ReadonlySet<string> {
  if (place !== "computer" && place !== "instruments") return spoken;
  const drop = (...words: string[]) => new Set(without(spoken, ...words));
  const typeOf = (rest: ReadonlySet<string>) => {
    const best = rankQuantity(rest);
    return best === null || best.sure < 0.7 ? null : FAMILIES[best.quantity].type;
  };
  const isFed = FED.some((one) => spoken.has(one) && !(one === "ignition" && spoken.has("coil")));
  if (spoken.has("twelve") && !isFed) {
    const rest = drop("twelve", "supply");
    const type = typeOf(rest);
    if (type !== null && NAMED.has(type)) return rest;
  }
  if (spoken.has("zerovolt")) {
    const rest = drop("zerovolt", "sensorground");
    const type = typeOf(rest);
    if (type === "actuator" || type === "contact") return rest;
  }
  if (spoken.has("fivevolt")) {
    const rest = drop("fivevolt", "reference");
    if (typeOf(rest) === "actuator") return rest;
  }
  return spoken;
}
const NAMED: ReadonlySet<string> = new Set(["sensor", "actuator", "contact"]);

/**
 * The words as the place hears them. A switch that leads its wire to ground has that for its ground, not a terminal of its own.
 */
export function conceptsAt(place: Place, said: ReadonlySet<string>): ReadonlySet<string> {
  const spoken = withoutValues(place, said);
  if (place === "instruments") {
    const isSwitched = spoken.has("ground") && spoken.has("lamp") && (spoken.has("switch") || spoken.has("from"));
    // "Oil pressure low" is a lamp's.
    const isLimit = LIMITS.some((one) => spoken.has(one)) && LIMITED.some((one) => spoken.has(one));
    return new Set([
      ...(isSwitched ? without(spoken, "ground", "earth") : spoken),
      ...(isLimit && !MEASURED.some((one) => spoken.has(one)) ? ["warning", "lamp"] : []),
      "instrument",
    ]);
  }
  const switches =
    spoken.has("ground") &&
    (place === "relay"
      ? (spoken.has("from") || spoken.has("control")) && (spoken.has("din85") || spoken.has("din86"))
      : place === "switch"
        ? SWITCHED.some((concept) => spoken.has(concept))
        : place === "actuator"
          ? spoken.has("pwm")
          : (place === "in-line" || place === "computer") &&
            (spoken.has("mainrelay") || (spoken.has("relay") && RELAYED.some((concept) => spoken.has(concept)))));
  return switches ? new Set([...without(spoken, "ground", "earth"), "groundswitching"]) : spoken;
}
const LIMITS = ["low", "high"];
const LIMITED = ["pressure", "level", "temperature", "fuel", "coolant", "oil", "fluid", "tyre"];
const MEASURED = ["sender", "sensor", "gauge", "signal", "can", "speed"];
export const without = (spoken: ReadonlySet<string>, ...words: string[]) =>
  [...spoken].filter((one) => !words.includes(one));
/** Loads whose relay a computer pulls to ground: "pump relay earth" is that wire. */
const RELAYED = ["pump", "fan", "horn", "ac", "glow", "wiper", "starterrelay"];
const SWITCHED = ["horn", "relay", "lamp", "interior", "door", "handbrake", "oilwarning"];
