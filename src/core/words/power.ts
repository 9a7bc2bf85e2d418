import {
  type AssumedFact,
  type EditFault,
  type KeyCell,
  type KeyRow,
  type KeyVerdict,
  leastVolts,
  type PowerEdit,
  type PowerProblem,
  type ReturnVerdict,
  SETTINGS,
  type SettingKey,
} from "../power";
import type { Units } from "../units";
import { netlistFaultText } from "./circuit";
import type { ProblemWords } from "./harness";
import { lengthText, sizeWords } from "./measures";
import { amps, count, digits, ohms, ratedAmps, ratedVolts, smallVolts, volts } from "./numbers";
import { pointText, wireText } from "./points";
import { feedWords, stateWords } from "./states";

/** A value that nobody has given, as it is taken. */
export function assumptionText(fact: AssumedFact, units: Units): string {
  switch (fact.code) {
    case "feeds-as-stated":
      return "feeds with no wire to the battery in the pin tables are live as their rows say";
    case "fills-as-decided":
      return "what was decided to be fitted where no link serves is 2 m of the cavity's wire, a feed behind a fuse that holds";
    case "dummy-loads-usual":
      return "dummy loads draw what is usual of the parts in whose place they stand";
    case "ground-cable-to-body":
      return "the battery's negative cable goes to the body";
    case "usual-battery":
      return "a battery of the usual size, since the pin tables show none";
    case "links-as-proposed":
      return "links that wait for your approval are solved as proposed";
    case "host-alternator-gone":
      return "the host's own alternator went with its engine";
    case "replaced-parts-unplugged":
      return "the old engine's senders and switches are unplugged where a link replaces their signal";
    case "sockets-empty":
      return "nothing is plugged into sockets";
    case "usual-watts":
      return "loads without a stated current draw what is usual: bulbs by category, motors and heaters by name";
    case "battery-by-settings":
      return "the battery is as the settings have it";
    case "switches-usual":
      return "all lamps and wipers on (night, rain), brake pressed, gearbox in Park";
    case "controlled-loads":
      return "motors, heaters and lamps on permanent feeds have a control of their own: on in run, off when parked";
    case "fuse-way-in-run":
      return "a fuse box output of which it is not known when it is live is taken as live in run only";
    case "mean-currents":
      return "what works in pulses (injectors, coils, valves) draws its mean current, as its pin table states it";
    case "outputs-on":
      return "a computer's outputs are on in the states in which their work is needed, while it has its supply";
    case "start-inputs-asked":
      return "a computer works its starter output only while every start input that is connected to something is on";
    case "starter-amps":
      return `a starter of ${amps(fact.amps)}, since its cavity states none`;
    case "asleep-amps":
      return `a computer asleep draws ${amps(fact.amps)} from each permanent feed`;
    case "fused-feed":
      return `a new ${ratedAmps(fact.amps)} fused feed from the battery, since the relay's contact names none`;
    case "wire-size":
      return `${sizeWords(fact.sizeMm2, units)} where a wire's size is not known`;
    case "wire-length":
      return `${lengthText(fact.lengthM, units)} where a wire's length is not known`;
    case "new-wire-length":
      return `a new wire of ${lengthText(fact.lengthM, units)} where a link joins two cavities whose wires both lead elsewhere`;
  }
}

/** What the solution takes as given, and why the usual value of each is usual. */
export const SETTING_WORDS: Readonly<Record<SettingKey, { readonly name: string; readonly why: string }>> = {
  "battery-c": { name: "Battery temperature", why: "a mild day" },
  "battery-ah": { name: "Battery capacity", why: "a common size" },
  "battery-cca": { name: "Cold cranking current", why: "usual for 60 Ah" },
  "battery-charge": { name: "Battery charge", why: "in daily use" },
  "battery-health": { name: "Cold cranking current still there", why: "some years old; a battery tester shows it" },
  "starter-kw": { name: "Starter's rated power", why: "a common size; counts where its cavity states no current" },
  "engine-bay-c": { name: "Air in the engine bay", why: "warm engine" },
  "cabin-c": { name: "Air in the cabin", why: "summer" },
  "alternator-a": { name: "Alternator's rated current", why: "a common size" },
  "alternator-v": { name: "Alternator's regulated voltage", why: "a warm regulator" },
  "alternator-idle": { name: "Part of it at idle", why: "usual at twice the engine's idle speed" },
  "joint-ohms": { name: "Each new joint", why: "a sound crimp" },
  "wires-together": { name: "Loaded wires in a bundle", why: "a small bundle" },
};

/** What is wrong with the facts: where, what, and the way out. */
export function powerProblemWords(problem: PowerProblem, units: Units): ProblemWords {
  switch (problem.code) {
    case "one-side":
      return {
        where: `the ${problem.missing}`,
        message:
          problem.missing === "host"
            ? "The host's pin table is not here yet, and with it the battery and every feed: nothing can be said of the donor's consumers."
            : "The donor's pin table is not here yet: the host is solved as it stands, without an engine.",
        cure: `Import the ${problem.missing}'s pin table.`,
      };
    case "source-loop":
      return {
        where: "the sources",
        message: netlistFaultText(problem.fault),
        cure: "Give each battery and alternator its inner resistance.",
      };
    case "source-without-resistance":
      return {
        where: problem.part,
        message: `Its source ${problem.elementId} has ${ohms(problem.ohms)} inside: beside another source the current would have no limit. ${ohms(problem.takenOhms)} is used.`,
        cure: "Give the source its inner resistance at the part.",
      };
    case "two-batteries":
      return {
        where: problem.part,
        message: `With the key off it takes ${amps(problem.amps)} from another battery: the two are joined at different voltages (this one is entered as ${ratedVolts(problem.volts)}).`,
        cure: "Correct its voltage, separate them with a relay, or leave one of them out.",
      };
    case "no-return":
      return {
        where: pointText(problem.at),
        message: "What it feeds has no way back to battery negative, whatever is switched on.",
        cure: "Add the ground that the pin tables leave out: a wire from its other side to a ground, or the cavity's circuit.",
      };
    case "contradiction":
      return {
        where: `${pointText(problem.one)} and ${pointText(problem.two)}`,
        message: `They are joined by wire, and the pin tables say that one is ${feedWords[problem.aliveOne]} and the other ${feedWords[problem.aliveTwo]}. Both cannot be.`,
        cure: "Correct when one of them is live, or find the wire that joins them.",
      };
    case "absurd":
      return absurdWords(problem, units);
    case "stranded-current":
      return {
        where: `${problem.part} ${problem.elementId}`,
        message: "It is entered as a current that flows whatever the voltage; the plan is solved without it.",
        cure: "Enter it as a load of watts or ohms.",
      };
    case "no-solution":
      return {
        where: stateWords[problem.state],
        message: netlistFaultText(problem.fault),
        cure: "Look at the loads and resistances of the nodes named.",
      };
  }
}

function absurdWords(problem: Extract<PowerProblem, { code: "absurd" }>, units: Units): ProblemWords {
  switch (problem.what) {
    case "setting": {
      const { unit, usual, low, high } = SETTINGS[problem.setting];
      const { name } = SETTING_WORDS[problem.setting];
      return {
        where: name,
        message: `It is entered as ${digits(problem.value)} ${unit}; ${usual} ${unit} is used instead.`,
        cure: `Give a value between ${low} and ${high} ${unit}.`,
      };
    }
    case "fuse":
      return {
        where: problem.part,
        message: `${problem.elementId} is entered as a fuse of ${ratedAmps(problem.amps)}; no vehicle has one. It is solved as ${ratedAmps(problem.takenAmps)}.`,
        cure: "Correct its rating at the part.",
      };
    default: {
      const text = (value: number) =>
        value <= 0 ? digits(value) : problem.what === "size" ? sizeWords(value, units) : lengthText(value, units);
      return {
        where: wireText(problem),
        message: `Its ${problem.what} is entered as ${text(problem.value)}; ${text(problem.taken)} is used instead.`,
        cure: `Correct the ${problem.what} in the pin table or at the wire.`,
      };
    }
  }
}

const RANGE_WORDS = { size: "Size", length: "Length", watts: "Power", amps: "Rating" } as const;

/** Why an edit cannot be tried, with what can be. */
export function editFaultText(fault: EditFault, units: Units): string {
  if (fault.code === "nothing-given") return "Give a size, a length or both.";
  if (fault.code === "one-end") return "A wire needs two different ends.";
  const text = (value: number): string => {
    switch (fault.what) {
      case "size":
        return sizeWords(value, units);
      case "length":
        return lengthText(value, units);
      case "setting":
        return `${digits(value)} ${SETTINGS[fault.setting].unit}`;
      default:
        return `${digits(value)} ${fault.what === "watts" ? "W" : "A"}`;
    }
  };
  const name = fault.what === "setting" ? SETTING_WORDS[fault.setting].name : RANGE_WORDS[fault.what];
  const given = Number.isNaN(fault.value)
    ? ""
    : fault.value > 0 || fault.what === "setting"
      ? `, not ${text(fault.value)}`
      : `; that is no ${name.toLowerCase()}`;
  return `${name}: give ${text(fault.low)} to ${text(fault.high)}${given}.`;
}

/** Names that an edit's ids stand for. */
export interface EditNames {
  readonly pin: (id: string) => string;
  readonly wire: (id: string) => string;
  readonly link: (id: string) => string;
  readonly part: (id: string) => string;
  readonly units: Units;
}

/** An edit as one says it: what is done, and where. It names the change in the history too. */
export function editText(edit: PowerEdit, { pin, wire, link, part, units }: EditNames): string {
  const size = (mm2: number) => sizeWords(mm2, units);
  switch (edit.type) {
    case "wire":
      return `${[...(edit.sizeMm2 === undefined ? [] : [size(edit.sizeMm2)]), ...(edit.lengthM === undefined ? [] : [lengthText(edit.lengthM, units)])].join(", ")} for the wire ${wire(edit.wireId)}`;
    case "wires":
      return `${size(edit.sizeMm2)} for ${count(edit.wireIds.length, "wire")}, ${edit.wireIds.slice(0, 2).map(wire).join(", ")}${edit.wireIds.length > 2 ? " …" : ""}`;
    case "relink":
      return `${pin(edit.consumerId)} from ${pin(edit.providerId)}`;
    case "relay":
      return `${pin(edit.consumerId)} through a relay: coil on ${pin(edit.providerId)}, contact fed from ${pin(edit.contactFeedId)}`;
    case "diode":
      return `Diode in the link ${link(edit.linkId)}`;
    case "branch-fuse":
      return `Fuse of ${ratedAmps(edit.amps)} in the link ${link(edit.linkId)}`;
    case "strap":
      return `Wire of ${size(edit.sizeMm2)}, ${lengthText(edit.lengthM, units)}, from ${pin(edit.fromPinId)} to ${pin(edit.toPinId)}`;
    case "unlink":
      return `No link from ${pin(edit.providerId)} to ${pin(edit.consumerId)}`;
    case "unwire":
      return `Without the wire ${wire(edit.wireId)}`;
    case "load":
      return `${edit.name}, ${digits(edit.watts)} W more at ${pin(edit.pinId)}`;
    case "fuse":
      return `${ratedAmps(edit.amps)} for fuse ${edit.elementId} of ${part(edit.partId)}`;
    case "setting":
      return `${SETTING_WORDS[edit.key].name} ${digits(edit.value)} ${SETTINGS[edit.key].unit}`;
  }
}

/** A verdict of the key table as a word. */
export const KEY_VERDICT_WORDS: Readonly<Record<KeyVerdict, string>> = {
  alive: "live",
  dead: "dead",
  also: "also live",
  missing: "must be live",
  low: "too low",
  "back-fed": "back-fed",
  floating: "no feed",
  untold: "not known",
};

/** Why a cell of the key table has its verdict. */
export function cellText({ pin }: Pick<KeyRow, "pin">, { verdict, state, across, needed, idle }: KeyCell): string {
  const when = stateWords[state];
  switch (verdict) {
    case "floating":
      return "Nothing feeds it";
    case "alive":
      return idle ? "Fed; its other side is open now, or live as well" : "Live, as it must be";
    case "missing":
      return `Must be live ${when}, and is dead`;
    case "low":
      return `${volts(across ?? 0)} ${idle ? "at it, its other side open now" : "across it"}, ${ratedVolts(leastVolts(pin, state))} needed`;
    case "dead":
      return needed === false ? "Dead, as it must be" : "Dead";
    case "back-fed":
      return `${volts(across ?? 0)} ${when}, and it must be dead`;
    case "untold":
      return `${volts(across ?? 0)} if its feed is live ${when}: no pin table says when it is. Enter it at the feed, or measure it`;
    case "also":
      return needed === null ? "Live here; when it must be live is not known yet" : `Also live ${when}`;
  }
}

/** What is said of a ground against its limit. */
export function groundText(verdict: ReturnVerdict): string {
  switch (verdict.code) {
    case "apart":
      return `carries ${amps(verdict.amps)}, limit ${amps(verdict.limit)}`;
    case "shared":
      return `carries ${amps(verdict.amps)} ${stateWords[verdict.state]}, limit ${amps(verdict.limit)}: shared with other loads`;
    case "near":
      return `at most ${smallVolts(verdict.volts)} ${stateWords[verdict.state]}, limit ${smallVolts(verdict.limit)}`;
    case "off":
      return `${smallVolts(verdict.volts)} ${stateWords[verdict.state]}, limit ${smallVolts(verdict.limit)}: ground offset`;
    case "host":
      return `${smallVolts(verdict.volts)} ${stateWords[verdict.state]}, limit ${smallVolts(verdict.limit)}: the host's own, as before the swap`;
    case "floats":
      return `not connected to battery negative ${stateWords[verdict.state]}`;
  }
}
