import type { ColourCode } from "../intake";
import type { ElementSpec, PartFault } from "../parts";
import { digits, listed, ohms, ratedAmps, ratedVolts, watts } from "./numbers";
import { closesWords } from "./states";

const COLOUR_WORDS: Readonly<Record<ColourCode, string>> = {
  BK: "black",
  BN: "brown",
  RD: "red",
  OG: "orange",
  YE: "yellow",
  GN: "green",
  BU: "blue",
  VT: "violet",
  GY: "grey",
  WH: "white",
  PK: "pink",
  GD: "gold",
  TQ: "turquoise",
  SR: "silver",
};

/** A wire's colour as one says it: `green with a brown tracer`; empty where it is not known. */
export function colourWords(base: ColourCode | null, tracer: ColourCode | null): string {
  if (base === null) return "";
  return tracer === null
    ? COLOUR_WORDS[base]
    : `${COLOUR_WORDS[base]} with ${/^[aeiou]/.test(COLOUR_WORDS[tracer]) ? "an" : "a"} ${COLOUR_WORDS[tracer]} tracer`;
}

/** An element of a part as one line: `fuse 15 A, feed to 1`. */
export function elementText(element: ElementSpec): string {
  const ends = "a" in element ? `${element.a} to ${element.b}` : "";
  switch (element.type) {
    case "resistor":
      return element.joint ? `joined, ${ends}` : `${ohms(element.ohms)}, ${ends}`;
    case "source":
      return `source ${ratedVolts(element.volts)} behind ${ohms(element.ohms)}, + at ${element.a}, − at ${element.b}`;
    case "current":
      return `${ratedAmps(element.amps)}, ${ends}`;
    case "power":
      return `${watts(element.watts)}, ${ends}`;
    case "switch":
      return element.positions !== undefined
        ? `contact, ${ends}, closed in ${listed(element.positions)}`
        : `contact, ${ends}${element.closedIn.length === 0 ? "" : `, may close in ${closesWords(element.closedIn)}`}`;
    case "fuse":
      return `fuse ${ratedAmps(element.amps)}, ${ends}`;
    case "diode":
      return `diode, anode ${element.a}, cathode ${element.b}`;
    case "lamp":
      return `lamp ${watts(element.ratedWatts)}, ${ends}`;
    case "relay":
      return `coil ${digits(element.coilOhms)} Ω, ${element.coilA} to ${element.coilB}; ${element.contacts.map((one) => `${one.a} to ${one.b} when ${one.when}`).join(", ")}`;
  }
}

/** What is wrong with a part, with the cure. */
export function partFaultText(fault: PartFault): string {
  switch (fault.code) {
    case "unknown-terminal":
      return `${fault.element} names the terminal “${fault.terminal}”, which the part does not have: add the terminal, or name one of ${fault.known.join(", ")}.`;
    case "repeated-element":
      return `Two elements are called ${fault.element}: give each a name of its own.`;
    case "shorted-element":
      return `Both ends of ${fault.element} are on one terminal: put one of them elsewhere.`;
  }
}

const PART_WORDS: Readonly<Record<string, string>> = {
  computer: "computer",
  assembly: "assembly",
  battery: "battery",
  alternator: "alternator",
  starter: "starter",
  "key-switch": "ignition switch",
  "fuse-box": "fuse box",
  relay: "relay",
  flasher: "flasher",
  lamp: "lamp",
  motor: "motor",
  solenoid: "solenoid or valve",
  horn: "horn",
  heater: "heater",
  sensor: "sensor",
  sender: "sender",
  gauge: "gauge",
  switch: "switch",
  "ground-stud": "ground",
  "splice-pack": "splice pack",
  "in-line": "in-line connector",
  plug: "connector only",
};

/** A part's type as the trade calls it; a type of a person's own as it was written. */
export const partWords = (type: string): string => PART_WORDS[type] ?? type;
