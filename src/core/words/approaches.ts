import type { Approach, BookKey, BookUnit, Crossing, End, Lengthened, Outcome, Risk } from "../approaches";
import type { GapWay } from "../plan";
import type { AdapterType } from "../signals";
import type { Units } from "../units";
import { ADAPTER_WORDS } from "./adapters";
import { lengthText } from "./measures";
import { count, fixed, listed } from "./numbers";

/** The schools, each with what it is and what it costs in parts, hours, wires and risk, in a sentence. */
export const APPROACH_WORDS: Readonly<
  Record<Approach, { readonly name: string; readonly short: string; readonly says: string }>
> = {
  "donor-computer": {
    name: "Keep the donor's computer",
    short: "Donor's computer",
    says: "The engine runs as its maker meant it; the body's gauges and switches are adapted to it. Few parts, many wires to understand, and security must be solved.",
  },
  "host-computer": {
    name: "Keep the host's computer",
    short: "Host's computer",
    says: "The body stays as it is and the engine's sensors are converted to what it expects. Few body wires, but every conversion is a risk to how the engine runs.",
  },
  programmable: {
    name: "Programmable computer",
    short: "Programmable",
    says: "A free computer with a harness of its own. Most parts cost and tuning hours, fewest unknown wires, no security module.",
  },
  "paired-security": {
    name: "Donor's computer with its paired security module",
    short: "Donor's and module",
    says: "Module, key reader and keys come along as a set. More wires to carry over, no calibration touched.",
  },
  "plug-in": {
    name: "Plug-in interface",
    short: "Plug-in interface",
    says: "A box between both harnesses, so that neither is cut. Two connectors to find and the neatest way back.",
  },
  merged: {
    name: "Merged harness",
    short: "Merged harness",
    says: "Both harnesses opened and joined into one. Least weight and joints, most hours, no way back.",
  },
  universal: {
    name: "Universal harness",
    short: "Universal harness",
    says: "A new harness on a new fuse box for engine and body. Everything new and known, everything to be routed and crimped.",
  },
};

export const LENGTHENED_WORDS: Readonly<Record<Lengthened, string>> = {
  body: "Lengthen the body harness",
  engine: "Lengthen the engine harness",
  computer: "Move the computer",
};

export const END_WORDS: Readonly<Record<End, string>> = {
  whole: "can be whole",
  lamp: "with a lamp or a code",
  lost: "lost",
  unknown: "not known yet",
};

export const CROSSING_WORDS: Readonly<Record<Crossing, string>> = {
  direct: "direct",
  adapted: "adapted",
  gateway: "by gateway",
  impossible: "impossible",
  unknown: "not known yet",
};

const CANNOT: Readonly<Record<NonNullable<Outcome["cannot"]>, string>> = {
  "no-engine-computer-of-host": "The host's table has no engine computer: there is none to keep.",
  "no-engine-computer-of-donor": "The donor's table has no engine computer yet: import it first.",
  "donor-is-programmable": "The donor's table is that of a programmable computer: its own is not there to keep.",
};
/** Why an approach cannot be taken at all. */
export const cannotText = (cannot: NonNullable<Outcome["cannot"]>): string => CANNOT[cannot];

type Work = Exclude<BookKey, `adapter-${AdapterType}` | `gap-${GapWay}`>;
const WORK_WORDS: Readonly<Record<Work, string>> = {
  labour: "Working hour",
  reach: "Metre of new wire",
  link: "Wire from cavity to cavity",
  joint: "Joint, crimped and sealed",
  terminal: "Terminal, crimped and pushed in",
  "new-wire": "Wire made anew",
  "lengthened-wire": "Wire made longer",
  "interface-connector": "Connector of the interface, with its mate",
  "interface-box": "Interface box",
  "opened-connector": "Harness opened and wrapped again, per connector",
  "new-fuse-box": "New fuse box",
  "programmable-computer": "Programmable computer",
  tuning: "Tuning",
  "security-calibration": "Calibration without the module, by someone entitled",
  "security-parts": "Security module, key reader and keys fitted",
  "computer-place": "New place for the computer: bracket, grommet, seal",
};

/** What fills a gap, whatever it is at. */
export const GAP_WAY_WORDS: Readonly<Record<GapWay, string>> = {
  "free-output": "Free output of a programmable computer",
  "own-wire": "Wire to what its own side gives",
  "own-sensor": "Sensor of its own",
  "second-sender": "Second sender in the engine",
  "speed-sensor": "Speed sensor",
  pulses: "Pulses from a coil or the alternator",
  "fit-switch": "Switch fitted",
  loop: "Input looped",
  "new-feed": "Feed or ground of its own",
  gateway: "Gateway between two buses",
  "new-gauge": "New gauge with its sender",
  "fit-part": "Part fitted",
  "cable-drive": "Cable drive for a speedometer",
  "speed-lockout": "Reverse lockout by speed",
  "brake-lockout": "Reverse lockout by the brake pedal",
  "dummy-load": "Dummy load",
  without: "Lived without",
};

/** A line of the book, as the shop reads it. */
export function bookWords(key: BookKey): string {
  if (key.startsWith("adapter-")) {
    const name = ADAPTER_WORDS[key.slice("adapter-".length) as AdapterType];
    return `${name.slice(0, 1).toUpperCase()}${name.slice(1)}`;
  }
  return key.startsWith("gap-") ? GAP_WAY_WORDS[key.slice("gap-".length) as GapWay] : WORK_WORDS[key as Work];
}

export const BOOK_UNIT_WORDS: Readonly<Record<BookUnit, string>> = {
  each: "each",
  metre: "per metre",
  hour: "per hour",
};

/** Working time as a shop quotes it, in hours. */
export const workHours = (minutes: number): string => `${fixed(minutes / 60, minutes < 600 ? 1 : 0)} h`;
/** Money in the shop's own currency, whole. */
export const money = (amount: number): string => fixed(amount, 0);

/** A risk in words, with what it is about. */
export function riskText(risk: Risk, units: Units): string {
  switch (risk.code) {
    case "entitled-calibration":
      return "The computer starts without its security module only once someone entitled, with proof of ownership and where the law permits, has calibrated it so.";
    case "module-and-keys":
      return `${listed(risk.connectors)} and the keys must come from the same vehicle as the computer; one that is missing is found late.`;
    case "tuning":
      return "How the engine runs, starts cold and what it emits depends on whoever tunes it; the approval for the road may be lost.";
    case "partner-alone":
      return `${listed(risk.connectors)} loses the computer that it talks to: it may stay in a limp mode, or not shift at all.`;
    case "engine-through-adapters":
      return risk.count === 0
        ? "The host's computer takes the engine for its old one: its calibration must fit the new engine."
        : `${count(risk.count, "engine signal")} pass through adapters: each is a way for the engine to run badly, and the host's calibration must fit the new engine.`;
    case "no-way-back":
      return "Nothing can be put back as it was: whatever is cut by mistake is lost.";
    case "all-new":
      return "Every wire is made by hand: what was proven in the vehicles is to be proven anew.";
    case "two-more-connectors":
      return `Each of ${count(risk.links, "link")} has two more contacts in its way, and both connectors must still be had.`;
    case "screened-lengthened":
      return `Screened or twisted wires are made longer at ${listed(risk.cavities, 4)}: screen and twist must go on to the end.`;
    case "heat-and-water":
      return "The computer stands where its maker did not put it: heat, water, shaking and where its breather ends must be judged.";
    case "reach-unmeasured":
      return `Whether ${count(risk.wires, "engine wire")} reach the new place is measured before anything is cut; those that do not are not counted here.`;
    case "facts-missing":
      return `${count(risk.links, "link")} ${risk.links === 1 ? "lacks" : "lack"} a fact: what they need is not counted here.`;
    case "reach-taken":
      return "That both harnesses reach each other is assumed: measure it before anything is cut.";
    case "reach-assumed":
      return `${lengthText(risk.metres, units)} between the two harnesses is assumed, not measured.`;
  }
}
