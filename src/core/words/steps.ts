import type {
  CautionKey,
  Expected,
  MeterSetting,
  Probe,
  ReadFault,
  ReadingVerdict,
  Step,
  StepBasis,
  StepGroup,
} from "../proving";
import type { Units } from "../units";
import { USUAL_WIRE } from "../wire";
import { dialText } from "./dials";
import { lengthText, sizeWords, temperatureText } from "./measures";
import { amps, digits, fixed, ohms, percent, ratedVolts, sentences, smallVolts, volts } from "./numbers";
import { cavityLabel } from "./points";
import { feedWords, keyWords, stateWords } from "./states";

export const GROUP_WORDS: Readonly<Record<StepGroup, string>> = {
  "before-power": "Before power",
  "first-power": "First power",
  "grounds-under-load": "Grounds under load",
  dials: "Dials read true",
};

/** In plain words; they defer to makers' procedures, local law and licensed practice. */
export const CAUTIONS: Readonly<Record<CautionKey, string>> = {
  "battery-off": sentences(
    "Both battery leads off, the negative first, and kept away from the posts.",
    "Ignition and injection computers hold charge for a minute after that, and exhaust and cooling parts burn.",
    "Never put a meter on airbag or pretensioner circuits. Follow the makers' procedures.",
  ),
  "first-power": sentences(
    "Shorts burn and gas explodes: fit only the computer's fuse and leave the fuel pump's out.",
    "A hand on the battery's isolator; no fuel vapour, no rings or bracelets near the posts, extinguisher in reach.",
    "Follow the makers' procedures.",
  ),
  crank: sentences(
    "The engine turns. Hands, hair and leads clear of belts and fan, gearbox in Park or neutral, wheels chocked,",
    "nobody under the vehicle. No fuel and no spark: the fuel pump's fuse out, injectors and ignition coils unplugged.",
    "Follow the makers' procedures.",
  ),
  dial: sentences(
    "Where the engine runs for it: parking brake on, wheels chocked, hands and hair clear of belts and fan, exhaust led outside.",
    "On the road a second person reads, and local law comes first. Follow the makers' procedures.",
  ),
};

const METER_WORDS: Readonly<Record<MeterSetting, string>> = {
  "lowest-ohms": "Ohms, lowest range",
  "middle-ohms-plugged": "Ohms, middle range; connector plugged in, fuse out",
  "highest-ohms-unplugged": "Ohms, highest range; both ends unplugged",
  "coil-ohms": "Ohms, 200 Ω range; the relay fitted",
  "dc-20v": "Volts DC, 20 V range",
  "dc-20v-first-power": "Volts DC, 20 V range; only the computer's fuse fitted, the fuel pump's out",
  "dc-2v": "Volts DC, 2 V range",
  "the-dial": "No meter: read the dial itself",
};

export const meterText = ({ meter }: Step): string => METER_WORDS[meter];

/** What is printed where a probe goes. */
export function probeLabel({ at }: Probe): string {
  switch (at.type) {
    case "cavity":
      return cavityLabel(at);
    case "pole":
      return at.pole === "plus" ? "Battery positive" : "Battery negative";
    case "relay-terminal":
      return `Coil ${at.terminal}`;
    case "other-probe":
      return "The other probe";
  }
}

const SIDE_WORDS = {
  feed: "its feed side",
  driver: "its driver side",
  ground: "its ground side",
  coil: "one end of its coil",
} as const;

/** How to get there. */
export function probeWhere({ at, place, description }: Probe): string {
  switch (at.type) {
    case "cavity":
      return `${at.connector}, cavity ${at.cavity}${place === null ? "" : `, ${place}`}: ${description ?? "no description"}. Back-probe, do not spread the terminal`;
    case "pole":
      return at.pole === "plus"
        ? "Battery positive post"
        : "Battery negative post, or its lead while the battery is off";
    case "other-probe":
      return "Both tips together, held tight";
    case "relay-terminal":
      return `The relay's socket, terminal ${at.terminal}: ${SIDE_WORDS[at.other]}`;
  }
}

/** What a step's subject is called: what gives, where it is a link, and what is proved. */
export function subjectNames({ about }: Step): readonly [provider: string, subject: string] {
  switch (about.type) {
    case "link":
      return [cavityLabel(about.provider), cavityLabel(about.consumer)];
    case "ground":
      return ["its stud", cavityLabel(about.at)];
    case "relay":
      return ["", about.part];
    case "job":
      return ["", ""];
  }
}

/** What a step is marked with beside its state; null for a link that is decided, and for the job itself. */
export function standingText({ about }: Step): string | null {
  if (about.type === "link") return about.proposed ? "proposed only" : null;
  return about.type === "job" ? null : "no link of the plan";
}

/** What is checked, in one line. */
export function stepTitle(step: Step): string {
  const [provider, consumer] = subjectNames(step);
  switch (step.kind) {
    case "leads":
      return "The meter's own leads";
    case "battery":
      return "Battery at rest";
    case "ground-ohms":
      return `Ground ${consumer} to battery negative`;
    case "feed-short":
      return `Feed ${consumer} is not shorted to ground`;
    case "continuity":
      return `Continuity ${provider} to ${consumer}`;
    case "wire-short":
      return `Wire ${provider} to ${consumer} is not shorted to ground`;
    case "coil":
      return `Relay coil for ${consumer}`;
    case "feed-volts":
      return `Feed ${consumer} is ${step.basis.type === "dead" ? "dead" : "live"} ${stepWhen(step)}`;
    case "ground-drop":
      return `Ground ${consumer} ${stepWhen(step)}`;
    case "gauge-point":
      return step.basis.type === "gauge-point"
        ? `Dial ${consumer} at ${fixed(step.expected.nominal ?? 0, 0)} ${step.expected.unit}`
        : `Dial ${consumer}`;
  }
}

export const stepWhen = ({ keyState }: Step): string =>
  keyState === "battery-off" ? "with the battery off" : stateWords[keyState];
export const stepKey = ({ keyState }: Step): string => keyWords[keyState];

/** What counts of a reading that moves while the engine is cranked: the least of a feed, the most of a ground. */
export const crankExtremeText = ({ kind }: Step): string => (kind === "ground-drop" ? "most" : "least");

/** What is read there: `feed, Ignition feed`. */
export const crankPlaceText = ({ kind, red }: Step): string =>
  [kind === "ground-drop" ? "ground" : "feed", red.description].filter((part) => part !== null).join(", ");

/** The expectation: `9.6 to 11.6 V`, `at most 0.37 Ω`, `OL, or above 2.4 Ω`. */
export function expectedText({ unit, low, high, openIsRight }: Expected): string {
  if (unit !== "Ω" && unit !== "V" && low !== null && high !== null)
    return `${digits(low, 3)} to ${digits(high, 3)} ${unit}`;
  const show = (value: number) =>
    unit === "Ω" ? ohms(value) : value < 1 ? `${digits(value, 2)} V` : ratedVolts(value);
  if (openIsRight && low !== null) return `OL, or above ${show(low)}`;
  if (low !== null && high !== null)
    return unit === "V" ? `${fixed(low, 1)} to ${fixed(high, 1)} V` : `${digits(low)} to ${show(high)}`;
  if (high !== null) return `at most ${show(high)}`;
  return low === null ? "any" : `at least ${show(low)}`;
}

const usualWire = (units: Units) =>
  `${lengthText(USUAL_WIRE.lengthM, units)} of ${sizeWords(USUAL_WIRE.areaMm2, units)}`;
const inputRange = (units: Units) =>
  `a battery 60 to 100 % charged at ${temperatureText(5, units)} to ${temperatureText(30, units)}, joints of 0.5 to 4 mΩ, everything on or nothing`;

/** Why just that is expected. */
export function stepWhy({ basis, kind, keyState }: Step, units: Units): string {
  switch (basis.type) {
    case "wires":
      return wiresWhy(basis, kind, units);
    case "leads":
      return `Good leads have ${ohms(basis.mostOhms / 3)} to ${ohms(basis.mostOhms)}; what they read is allowed for in every reading on the lowest range after this`;
    case "load":
      return `What is connected there has about ${ohms(basis.ohms)} by its ${amps(basis.amps)}, and a tenth of that at the least (a cold lamp): less is a short`;
    case "unplugged-feed":
      return sentences(
        basis.amps === null
          ? "Its current is not known yet,"
          : `What is connected there takes ${amps(basis.amps)} and has next to no ohms itself,`,
        "so that a short would not show: unplug all that is on this wire, and nothing may lead to ground",
        `(damp leaves ${ohms(basis.leastOhms)} and more)`,
      );
    case "unplugged":
      return `With both ends unplugged nothing leads to ground; damp may read some tens of kΩ (${ohms(basis.leastOhms)} is assumed as the least)`;
    case "coil":
      return `The coil planned is ${ohms(basis.ohms)}; ±${percent(basis.tolerance)} covers parts and temperature`;
    case "usual-coil":
      return `Its coil is not known yet: usual 12 V relays have ${digits(basis.lowOhms)} to ${ohms(basis.highOhms)} (assumed)`;
    case "battery":
      return `A lead-acid battery at rest reads 12.6 V charged and 12.2 V half charged (assumed: ${temperatureText(20, units)}); every reading after this depends on it`;
    case "live":
      return basis.planFails
        ? `It must be live here (${feedWords[basis.alive]}), and the solved plan gives ${volts(basis.volts)}: the plan itself is wrong here, see Power`
        : sentences(
            `It must be live here (${feedWords[basis.alive]}): the solved plan gives ${volts(basis.volts)},`,
            `${fixed(basis.low, 1)} to ${volts(basis.high)} with ${inputRange(units)}${keyState === "crank" ? "" : ";"}`,
            keyState !== "crank" && `nearer to the battery's ${ratedVolts(basis.batteryVolts)} while loads are off`,
          );
    case "dead":
      return `It must be dead here (${feedWords[basis.alive]}): the solved plan gives ${volts(basis.volts)}; up to ${ratedVolts(basis.mostVolts)} may leak`;
    case "gauge-point":
      return gaugePointWhy(basis, units);
    case "drop":
      return sentences(
        `The solved plan gives ${smallVolts(basis.volts)} with everything on${keyState === "crank" ? " and the starter turning" : ""};`,
        `more than ${smallVolts(basis.mostVolts)} is a poor joint or current of another circuit`,
      );
  }
}

function gaugePointWhy(
  { by, ohms: put, quantity, x }: Extract<StepBasis, { type: "gauge-point" }>,
  units: Units,
): string {
  const at = dialText(quantity, x, units);
  switch (by) {
    case "resistor":
      return `Unplug the sender and put ${put === null ? "its resistance" : ohms(put)} from its wire to ground: that is what it has at ${at}, so the needle must stand there`;
    case "computer":
      return `Bring it to ${at} by the value that the donor's computer itself tells (diagnosis): the needle must stand beside it`;
    case "satellite-speed":
      return `Drive at a steady ${at} by satellite speed: shown must never be less, and at most a tenth and 4 km/h more (UN Regulation No. 39)`;
  }
}

function wiresWhy(basis: Extract<StepBasis, { type: "wires" }>, kind: Step["kind"], units: Units): string {
  const [what, after] =
    kind === "continuity"
      ? ["Wire only: ", ""]
      : ["Its wires are ", ". Ohms only find an open here: the ground is proven by its drop under load, later"];
  const assumed = basis.assumed ? `; a length or size is not known yet, so ${usualWire(units)} is assumed for it` : "";
  const leads = basis.leads.read
    ? `the meter's own leads ${ohms(basis.leads.ohms)}`
    : `leads that have not been read may add ${ohms(basis.leads.ohms)}`;
  return `${what}${ohms(basis.ohms)} by length and size, and ${leads}${assumed}${after}`;
}

/** When to stop, and what it would mean. */
export function stepStop({ kind, keyState, basis, expected }: Step): string {
  const below =
    expected.stopBelow === null
      ? ""
      : expected.unit === "Ω"
        ? ohms(expected.stopBelow)
        : ratedVolts(expected.stopBelow);
  const above = expected.stopAbove === null ? "" : ratedVolts(expected.stopAbove);
  switch (kind) {
    case "leads":
      return "A reading that jumps: a poor plug or a worn probe. Change the leads first.";
    case "ground-ohms":
      return "An open ground: the computer would find another way back, through a sensor.";
    case "feed-short":
      return `Below ${below}: do not connect the battery until the short is found.`;
    case "continuity":
      return "A reading that changes when the harness is moved.";
    case "wire-short":
      return "A low reading: a wire that is chafed through, or in a wrong cavity.";
    case "coil":
      return `Below ${below}: the driver would carry more than its rated current.`;
    case "battery":
      return `Below ${below}: charge it first. Above ${above}: not a 12 V battery.`;
    case "feed-volts":
      return basis.type === "dead"
        ? "Battery voltage here: it is back-fed; find the path first."
        : keyState === "crank"
          ? below === ""
            ? "A relay that chatters or a lamp that goes out while cranking: note it, and do not crank on."
            : `Below ${below}, the least that its pin table states: do not crank on.`
          : "Smoke, heat or a fuse that blows: battery off.";
    case "gauge-point":
      return "A needle that runs to its end: take the feed away before its coil burns.";
    case "ground-drop":
      return keyState === "crank"
        ? `Above ${above}: the starter's current returns through the harness. Stop.`
        : `Above ${above}: a ground is open.`;
  }
}

const VERDICT_TEXT: Readonly<Record<ReadingVerdict, string>> = {
  "open-as-expected": "Open, as it should be",
  "path-open": "Open: the path is broken",
  "no-volts": "The meter shows no voltage; check its setting",
  "touches-ground": "too low: the wire touches ground",
  "live-ohms": "negative ohms: something on this wire is live. Find it before you go on",
  shorted: "too low: shorted, or something else is connected to it",
  dead: "dead",
  "low-volts": "too low",
  "too-low": "too low",
  live: "live, where it must be dead",
  leaks: "something leaks into it",
  "poor-ground": "the ground is poor",
  "too-much-resistance": "too much resistance",
  "too-high": "too high",
  within: "Within its limits",
};
/** Verdicts that belong to a key position. */
const IN_STATE: ReadonlySet<ReadingVerdict> = new Set(["dead", "low-volts", "live"]);

/** What a reading says. */
export function verdictText(
  { verdict, outcome }: { readonly verdict: ReadingVerdict; readonly outcome: "pass" | "fail" | "stop" },
  step: Step,
): string {
  const [first = "", ...rest] = VERDICT_TEXT[verdict].split(", ");
  const when = IN_STATE.has(verdict) ? ` ${stepWhen(step)}` : "";
  const text = [`${first}${when}`, ...rest].join(", ");
  return outcome === "stop" ? `Stop: ${text}` : text;
}

export function readFaultText(fault: ReadFault): string {
  return fault.code === "no-reading"
    ? `“${fault.written}” is no reading. Type a number as the meter shows it (12.4), or OL.`
    : fault.unit === "V" || fault.unit === "Ω"
      ? `This step is read in ${fault.unit === "V" ? "volts" : "ohms"}; check the meter's setting.`
      : `This dial is read in ${fault.unit}: type the number that it shows.`;
}

/** How sure a reading is: `± 0.08 V`; empty where nobody knows. */
export const uncertaintyText = (uncertainty: number | null, unit: string | null): string =>
  uncertainty === null || unit === null ? "" : `± ${digits(uncertainty, 1)} ${unit}`;
