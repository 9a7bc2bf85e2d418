import type { ColourCode } from "../intake";
import type { ElementSpec } from "./elements";

const COLOUR_WORDS: Readonly<Record<ColourCode, string>> = {
  BK: "black", BN: "brown", RD: "red", OG: "orange", YE: "yellow", GN: "green", BU: "blue", VT: "violet", GY: "grey", WH: "white", PK: "pink", GD: "gold", TQ: "turquoise", SR: "silver",
};

/** A wire's colour as one says it: `green with a brown tracer`; empty where it is not known. */
export function colourWords(base: ColourCode | null, tracer: ColourCode | null): string {
  if (base === null) return "";
  return tracer === null ? COLOUR_WORDS[base] : `${COLOUR_WORDS[base]} with ${/^[aeiou]/.test(COLOUR_WORDS[tracer]) ? "an" : "a"} ${COLOUR_WORDS[tracer]} tracer`;
}

const number = (value: number) => String(Number(value.toPrecision(3)));

/** An element as one line: `fuse 15 A, feed to 1`. */
export function elementText(element: ElementSpec): string {
  switch (element.type) {
    case "resistor": return element.joint ? `joined, ${element.a} to ${element.b}` : `${number(element.ohms)} Ω, ${element.a} to ${element.b}`;
    case "source": return `source ${number(element.volts)} V behind ${number(element.ohms * 1000)} mΩ, + at ${element.a}, − at ${element.b}`;
    case "current": return `${number(element.amps)} A, ${element.a} to ${element.b}`;
    case "power": return `${number(element.watts)} W, ${element.a} to ${element.b}`;
    case "switch": return `contact, ${element.a} to ${element.b}${element.closedIn.length === 0 ? "" : `, may close in ${element.closedIn.join(", ")}`}`;
    case "fuse": return `fuse ${number(element.amps)} A, ${element.a} to ${element.b}`;
    case "diode": return `diode, anode ${element.a}, cathode ${element.b}`;
    case "lamp": return `lamp ${number(element.ratedWatts)} W, ${element.a} to ${element.b}`;
    case "relay": return `coil ${number(element.coilOhms)} Ω, ${element.coilA} to ${element.coilB}; ${element.contacts.map((one) => `${one.a} to ${one.b} when ${one.when}`).join(", ")}`;
  }
}

/** Types of parts as they are called. */
export const PART_TYPES = [
  "computer", "assembly", "battery", "alternator", "starter", "key-switch", "fuse-box", "relay", "flasher", "lamp", "motor", "solenoid", "horn", "heater", "sensor", "sender", "gauge", "switch", "ground-stud", "splice-pack", "in-line", "plug",
] as const;
