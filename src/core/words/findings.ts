import type { DeadCause, Finding, Origin, Severity } from "../power";
import type { Units } from "../units";
import type { FuseCheck } from "../wire";
import { sizeWords, temperatureText } from "./measures";
import {
  amps,
  capital,
  days,
  fixed,
  hours,
  listed,
  ohms,
  ratedAmps,
  ratedVolts,
  seconds,
  sentences,
  smallVolts,
  volts,
} from "./numbers";
import { itemText, originText } from "./origins";
import { cavityLabel, pathText, pointText } from "./points";
import { closesWords, keyWords, stateWords, whenWords } from "./states";

export const SEVERITY_WORDS: Readonly<Record<Severity, { readonly word: string; readonly means: string }>> = {
  danger: { word: "Danger", means: "something gets hotter than it is rated for, or current takes an unintended path" },
  stop: { word: "Engine", means: "the engine does not start, does not run, or does not stop" },
  fault: { word: "Fault", means: "another consumer, signal or gauge is outside its limits" },
  note: { word: "Note", means: "within limits, with little to spare" },
};

/** Where a finding is, by what is printed on it. */
export const findingPlace = (finding: Finding): string => itemText(finding.at);
const findingHead = (finding: Finding): string => capital(findingPlace(finding));

const lostText = ({ origin, volts: lost }: { readonly origin: Origin; readonly volts: number }): string =>
  `${originText(origin)}: ${smallVolts(lost)}`;

/** Other places that the same cause brings down. */
export const findingAlso = ({ also }: Pick<Finding, "also">): string[] => also.map(itemText);

const CHECK_TITLES: Readonly<Record<FuseCheck["code"], string>> = {
  continuous: "carries more than 0.75 of its rating",
  wire: "is rated above its wire",
  inrush: "may blow on inrush",
  short: "does not protect its wire in a short",
};

/** Thing and trouble in one line. */
export function findingTitle(finding: Finding, units: Units): string {
  const head = findingHead(finding);
  const when = stateWords[finding.state];
  switch (finding.code) {
    case "dead-feed":
      return `${head} has no voltage ${whenWords(finding.keys)}`;
    case "low-volts":
      return `${head} has ${volts(finding.volts)} ${when}`;
    case "back-feed":
      return finding.input === null
        ? `${head} is live ${when}`
        : `${head} is held at ${volts(finding.volts)} ${when}, and its computer reads ${ratedVolts(finding.input.limitVolts)}`;
    case "shared-ground":
      return `${head}, a sensor ground, carries ${amps(finding.amps)} ${when}`;
    case "ground-offset":
      return `Ground of ${finding.part} is ${smallVolts(Math.abs(finding.volts))} ${finding.volts < 0 ? "below" : "above"} battery negative ${when}`;
    case "ground-missing":
      return finding.part === null ? "The engine has no ground strap" : `${finding.part} has no ground`;
    case "fuse-load":
    case "fuse-wire":
    case "fuse-inrush":
      return `${head} (${ratedAmps(finding.ratedAmps)}) ${finding.failing.map(({ code }) => CHECK_TITLES[code]).join(", and ")}`;
    case "unfused-wire":
      return `${capital(originText(finding.wire))}${finding.wires > 1 ? ` and ${finding.wires - 1} more from there have` : " has"} no fuse before ${finding.wires > 1 ? "them" : "it"}`;
    case "wire-hot":
      return `${finding.wires > 1 ? `${finding.wires} wires of circuit ${finding.circuit} carry` : `${head} carries`} ${amps(finding.amps)} ${when}`;
    case "relay-contact":
      return `The contact of ${findingPlace(finding)} carries ${amps(finding.amps)}`;
    case "relay-coil":
      return `${head} may not pull in ${when} when it is warm`;
    case "relay-buzz":
      return `${head} chatters ${when}`;
    case "driver-overload":
      return `${head} supplies ${amps(finding.amps)} ${when}`;
    case "two-drivers":
      return `${cavityLabel(finding.against.at)} and ${findingPlace(finding)} short each other ${when}: ${amps(finding.amps)}`;
    case "wrong-live":
      return `${head} is live ${when} though all that should switch it is open`;
    case "no-flyback":
      return `${head} switches the coil at ${cavityLabel(finding.load)} with no way for its current when it opens`;
    case "cranks-in-gear":
      return finding.passed.length === 0
        ? `Nothing asks the lever or the clutch before ${head} turns`
        : `${head} turns with the lever in gear and the clutch released`;
    case "drain":
      return `Parked, ${amps(finding.amps)} flow: half the battery is gone in ${days(finding.daysToHalf)}`;
    case "charge":
      return finding.what === "none"
        ? `With the engine running nothing charges the battery: it supplies ${amps(finding.amps)}`
        : `With everything on ${amps(finding.neededAmps)} are needed, and the alternator supplies ${amps(finding.givenAmps)} ${finding.what === "road" ? "at most" : "at idle"}`;
    case "cranking":
      return finding.what === "battery"
        ? `The battery drops to ${volts(finding.volts)} while cranking at ${temperatureText(finding.batteryC, units)}`
        : finding.what === "starter"
          ? `${head} has ${volts(finding.volts)} while cranking: ${volts(finding.lostVolts)} are lost on the way`
          : `${head} has ${volts(finding.volts)} while cranking, ${volts(finding.volts - finding.neededVolts)} to spare`;
    case "bus-termination":
      return `The bus at ${findingPlace(finding)} has ${finding.ended === 0 ? "no terminator" : finding.ended === 1 ? "one terminator" : `${finding.ended} terminators`}`;
  }
}

/** The reason, with the numbers compared. */
export function findingWhy(finding: Finding, units: Units): string {
  switch (finding.code) {
    case "dead-feed":
      return finding.cause === null
        ? `Nothing in the pin tables or the plan feeds ${finding.also.length === 0 ? "it" : "them"}.`
        : deadText(finding.cause);
    case "low-volts":
      return sentences(
        `It needs ${ratedVolts(finding.neededVolts)}.`,
        finding.mostLost && `Most is lost in ${lostText(finding.mostLost)} at ${amps(finding.mostLost.amps)}.`,
      );
    case "back-feed":
      if (finding.input !== null)
        return sentences(
          `${finding.through === null ? "It is connected to a feed" : `Current comes through ${originText(finding.through)}`}: ${pathText(finding.path)}.`,
          finding.input.isStated
            ? "Its pin table says what it stands."
            : "What it stands is not known yet: the usual 5 V input is assumed.",
        );
      return finding.through === null
        ? `It is connected to a permanent feed: ${pathText(finding.path)}.`
        : `Current flows back through ${originText(finding.through)}: ${pathText(finding.path)}.${finding.holdsRelay ? " That holds the relay, and the relay holds the rest." : ""}`;
    case "shared-ground":
      return sentences(
        "Sensors draw a few milliamperes.",
        `Its wire is also connected to ${listed(finding.joins.map(pointText)) || "a power ground"}, so other current flows`,
        `in it and lifts it by ${smallVolts(Math.abs(finding.volts))}: every sensor on it reads wrong by that.`,
      );
    case "ground-offset":
      return `At ${findingPlace(finding)}: current of other loads in the same ground wires. ${smallVolts(finding.limitVolts)} is the limit for sensors to read right.`;
    case "ground-missing":
      if (finding.part !== null)
        return sentences(
          "None of its grounds leads to the battery's negative.",
          finding.volts !== null &&
            `They stand at ${volts(finding.volts)} then: what it draws goes back through sensors, screens and other outputs.`,
        );
      return `No cable of ${sizeWords(finding.leastMm2, units)} or more joins the engine block to battery negative. ${blockText(finding.volts)}`;
    case "fuse-load":
    case "fuse-wire":
    case "fuse-inrush":
      return sentences(
        ...finding.failing.map((check) => `${capital(fuseCheckText(check, units))}.`),
        finding.wire &&
          `Its thinnest wire: ${originText(finding.wire)}${finding.wire.assumed.includes("size") ? ", size assumed" : ""}.`,
      );
    case "unfused-wire":
      return sentences(
        `${sizeWords(finding.wire.sizeMm2, units)}${finding.wire.assumed.includes("size") ? ", size assumed," : ""} is rated for`,
        `${amps(finding.wireAmps)} at ${temperatureText(finding.ambientC, units)}, and the battery gives hundreds:`,
        "chafed through, it burns with all that lies beside it.",
      );
    case "wire-hot":
      return hotWireText(finding, units);
    case "relay-contact":
      return finding.isAssumed
        ? `Nobody has read what it is rated for: ${ratedAmps(finding.ratedAmps)} is assumed, as for the usual relay. Read it on the relay and enter it at its output.`
        : `It is rated for ${ratedAmps(finding.ratedAmps)}, and is used to 0.75 of that for long life.`;
    case "relay-coil":
      return sentences(
        `Its coil has ${volts(finding.volts)} then. It pulls in at ${ratedVolts(finding.pullInVolts)} cold and`,
        `${volts(finding.warmPullInVolts)} warm, since copper's resistance rises by 0.4 % a kelvin.`,
      );
    case "relay-buzz":
      return "When it pulls in, it cuts the feed of its own coil, drops out, and pulls in again.";
    case "driver-overload":
      return `It is rated for ${ratedAmps(finding.limitAmps)}.`;
    case "two-drivers":
      return sentences(
        `${cavityLabel(finding.against.at)} is live on the wire that ${findingPlace(finding)} switches to ground.`,
        `They are rated for ${ratedAmps(finding.against.limitAmps)} and ${ratedAmps(finding.limitAmps)}.`,
      );
    case "wrong-live":
      return sentences(
        `${volts(finding.volts)} reach it past ${listed(finding.switches.map(cavityLabel))}.`,
        finding.isFuel && "The pump goes on when the engine has stalled, as after a crash.",
      );
    case "no-flyback":
      return "The driver's table says that it has no clamp of its own, and no diode lies beside the coil: each time it opens, a hundred volts and more go through it.";
    case "cranks-in-gear":
      if (finding.passed.length === 0)
        return "No switch for park, neutral or clutch is in the pin tables: with a gear in, the vehicle leaps forward at the key.";
      return sentences(
        `${amps(finding.amps)} flow while ${listed(finding.passed.map(originText))} ${finding.passed.length === 1 ? "is" : "are"} open:`,
        `the starter's circuit goes past ${finding.passed.length === 1 ? "it" : "them"}. The vehicle leaps forward.`,
      );
    case "drain":
      return `Most of it goes into ${finding.loads.map(({ origin, amps: each }) => `${originText(origin)} ${amps(each)}`).join(", ") || "small loads"}.`;
    case "charge":
      return finding.what === "none"
        ? `${finding.hasAlternator ? "No wire or link connects the alternator's output to it" : "No alternator is in the pin tables"}; with everything on it is empty in ${hours(finding.hours)}, and the engine stops.`
        : finding.what === "road"
          ? "The battery is drained on the road."
          : "At idle the battery supplies the rest; on the road it is charged again.";
    case "cranking":
      return finding.what === "battery"
        ? `${amps(finding.amps)} through ${ohms(finding.ohms)} of its own.`
        : finding.what === "starter"
          ? sentences(
              `${amps(finding.amps)} flow.`,
              finding.mostLost && `Most is lost in ${lostText(finding.mostLost)}.`,
              "With the way back it should lose 1.2 V at most, and keep 8.5 V.",
            )
          : `It needs ${ratedVolts(finding.neededVolts)}; a colder or older battery uses up that margin.`;
    case "bus-termination":
      return `With the battery off a meter across the pair reads ${finding.ohms === null ? "an open circuit" : ohms(finding.ohms)}; two of 120 Ω make 60 Ω.`;
  }
}

/** What may hurt at a finding; null where nothing does beyond the usual care. */
export function findingCaution(finding: Finding): string | null {
  switch (finding.code) {
    case "wrong-live":
      return finding.isFuel
        ? sentences(
            "Fuel under pressure: a pump that nothing cuts off runs on after a crash and feeds a fire.",
            "Until it is cut off by its computer or a crash switch, no key on without an extinguisher in reach.",
            "Follow the makers' procedures.",
          )
        : null;
    case "cranks-in-gear":
      return sentences(
        "At the key the vehicle leaps forward: gearbox in neutral, wheels chocked, nobody in front of it or under it,",
        "until the start signal asks lever or clutch. Follow the makers' procedures.",
      );
    case "unfused-wire":
    case "wire-hot":
      return sentences(
        "It burns where it is chafed or overloaded: the battery's negative off before you touch it, and not back on",
        "before it is behind a fuse that fits. Hot parts beside it.",
      );
    case "fuse-wire":
    case "two-drivers":
      return finding.severity === "danger"
        ? "The wire is hot before the fuse blows: the battery's negative off before you work on it."
        : null;
    case "back-feed":
      return finding.severity === "stop"
        ? "The engine may run on with the key off: know how you stop it (fuel, air, clutch in gear with the brake on) before you start it."
        : null;
    default:
      return finding.state === "crank" && finding.pinId !== null
        ? sentences(
            "The engine turns. Hands, hair and leads clear of belts and fan, gearbox in Park or neutral, wheels chocked,",
            "the fuel pump's fuse out, injectors and coils unplugged. Follow the makers' procedures.",
          )
        : null;
  }
}

/** Where the probes go, and with which key: `Red at C1-2, black at battery negative, key in run`. */
export const findingProbe = (finding: Finding): string =>
  `Red at ${findingPlace(finding)}, black at battery negative, ${keyWords[finding.state].toLowerCase()}`;

export function findingMeter({ amount: { value, unit }, state }: Finding): string {
  const shown =
    unit === "V"
      ? volts(value)
      : unit === "A"
        ? amps(value)
        : unit === "mA"
          ? amps(value / 1000)
          : unit === "Ω"
            ? ohms(value)
            : `${fixed(value, 0)} W`;
  return `${keyWords[state]}: ${shown}`;
}

const blockText = (lifted: number | null): string =>
  lifted === null
    ? "What bolts to it has no ground at all."
    : `The starter's current would return through the harness; the block is ${volts(lifted)} above battery negative while cranking.`;

function hotWireText(finding: Extract<Finding, { code: "wire-hot" }>, units: Units): string {
  const { weakest, limitAmps, ambientC, loaded } = finding;
  const which = finding.wires > 1 ? `The weakest, ${originText(weakest)}: ` : "";
  const assumed = weakest.assumed.includes("size") ? " (assumed)" : "";
  const bundle = loaded > 1 ? ` in a bundle of ${loaded} loaded wires` : "";
  const at = temperatureText(ambientC, units);
  return `${which}${sizeWords(weakest.sizeMm2, units)}${assumed} is rated for ${amps(limitAmps)} at ${at}${bundle}.`;
}

/** A fuse way by its fuse: the switch before it that no table shows is not on the vehicle. */
const wayName = (origin: Origin): string =>
  originText(origin.type === "part" ? { ...origin, role: "own", kind: "fuse" } : origin);

function deadText(cause: DeadCause): string {
  switch (cause.type) {
    case "open":
      return `${capital(originText(cause.origin))} is open.`;
    case "switch-open":
      return `${capital(originText(cause.origin))} is open ${stateWords[cause.state]}: it closes in ${closesWords(cause.closedIn)}.`;
    case "way-untold":
      return `When ${wayName(cause.origin)} is live is not known yet, so it is assumed live in run only: enter it at its way.`;
    case "relay-released": {
      const isComputer = cause.origin.type === "part" && cause.origin.role === "awake";
      const name = originText(cause.origin);
      if (cause.origin.type === "part" && cause.origin.role === "start-input")
        return `${capital(name)} is not on (${volts(cause.coilVolts)} across it, ${ratedVolts(cause.pullInVolts)} needed), so the computer does not work the starter.${cause.behind === null ? "" : ` ${deadText(cause.behind)}`}`;
      if (cause.by === "chatter")
        return `${capital(name)} chatters: it has ${volts(cause.coilVolts)} at its coil, and loses that as it pulls in.`;
      const coil = isComputer
        ? `${capital(name)} is not awake: its supply has ${volts(cause.coilVolts)}, and it needs ${ratedVolts(cause.pullInVolts)}`
        : `${capital(name)} does not pull in (${volts(cause.coilVolts)} at its coil, ${ratedVolts(cause.pullInVolts)} needed)`;
      if (cause.behind !== null) return `${coil}. ${deadText(cause.behind)}`;
      return cause.by === "feed" ? `${coil}: nothing feeds it.` : `${coil}.`;
    }
  }
}

/** An inequality of a fuse with its numbers. */
export function fuseCheckText(check: FuseCheck, units: Units): string {
  switch (check.code) {
    case "continuous":
      return `continuous load ${amps(check.amps)}, allowed ${amps(check.allowedAmps)} (0.75 × ${ratedAmps(check.ratedAmps)})`;
    case "wire":
      return `fuse ${ratedAmps(check.ratedAmps)}, but ${sizeWords(check.areaMm2, units)} is rated for ${amps(check.wireAmps)} at ${temperatureText(check.ambientC, units)}`;
    case "inrush":
      return `${amps(check.amps)} for ${seconds(check.seconds)} of inrush; a quick fuse blows after ${Number.isFinite(check.quickestSeconds) ? seconds(check.quickestSeconds) : "any time, or never"}`;
    case "short":
      return shortText(check);
  }
}

function shortText({
  amps: short,
  wireSeconds,
  slowestSeconds,
}: Extract<FuseCheck, { readonly code: "short" }>): string {
  const head = `in a short at its end ${amps(short)} flow`;
  const fuse =
    slowestSeconds === null
      ? "a slow fuse need not blow at all"
      : `the slowest fuse blows after ${seconds(slowestSeconds)}`;
  const wire =
    wireSeconds === null ? "the wire is rated for more" : `insulation is damaged after ${seconds(wireSeconds)}`;
  return `${head}: ${wire}, ${fuse}`;
}
