import {
  type CrankRow,
  type CrankTable,
  type GearboxItem,
  type GearboxState,
  type GearboxSwap,
  type GearboxTopic,
  isOverloaded,
  type Lockout,
  type LockoutFault,
  type SwapItem,
  type TriedCure,
} from "../transmission";
import { KIND_WORDS } from "./forms";
import { amps, count, digits, listed, ratedAmps, volts } from "./numbers";
import { originText } from "./origins";
import { cavityLabel } from "./points";

/** How the vehicle stands in a row: `in R, brake released`. */
export function standText({
  range,
  clutch,
  brake,
  security,
}: Omit<CrankRow, "key" | "cranks" | "wanted" | "amps" | "path" | "open" | "dead">): string {
  const parts = [
    range === null ? null : `lever in ${range}`,
    clutch === null ? null : `clutch ${clutch}`,
    brake === null ? null : `brake ${brake}`,
    security === null ? null : security === "ok" ? "key known" : "key not known",
  ].filter((part) => part !== null);
  return parts.length === 0 ? "however it stands" : parts.join(", ");
}

/** What is wrong with a row, and where it comes from. */
export function crankRowText(row: CrankRow): string {
  const way = row.path.map((point) => cavityLabel(point)).join(" – ");
  if (row.cranks)
    return `It cranks, and must not. The start signal comes by ${way === "" ? "a way that is not in the tables" : way}.`;
  if (row.open.length > 0)
    return `It does not crank, and should: ${listed(row.open.map(originText))} ${row.open.length === 1 ? "is" : "are"} open on the way ${way}.`;
  if (row.dead !== null)
    return `It does not crank, and should: ${cavityLabel(row.dead.at)} has ${row.dead.volts === null ? "no way to the battery" : volts(row.dead.volts)} while cranking. Probe there, black at battery negative.`;
  return way === ""
    ? "It does not crank, and should: no way leads from the battery to the solenoid."
    : `It does not crank, and should: the way ${way} carries no current.`;
}

/** The table at a glance. */
export function crankSummary({ rows, noStarter, unsolved, asks, leverUnread, contacts }: CrankTable): string {
  if (noStarter) return "The plan has no starter with its motor and solenoid yet, so nothing can be said of cranking.";
  if (unsolved > 0)
    return `${count(unsolved, "way")} of standing could not be solved, so nothing is proved: see the problems in Power.`;
  const unsafe = rows.filter(({ cranks, wanted }) => cranks && !wanted).length;
  const lame = rows.filter(({ cranks, wanted }) => !cranks && wanted).length;
  if (unsafe > 0) return `It cranks in ${unsafe} of ${rows.length} ways in which it must not.`;
  if (lame > 0) return `It does not crank in ${lame} of ${rows.length} ways in which it should.`;
  if (contacts.length === 0 && !asks.range && !asks.clutch)
    return leverUnread
      ? "It cranks with the key alone: no contact of the lever is in the plan, so nothing asks whether it is in gear."
      : "It cranks with the key alone: nothing asks lever or clutch.";
  return `All ${rows.length} ways are as they should be.`;
}

const PLACE_WORDS = { "coil-feed": "in the feed of the coil", "coil-ground": "in the ground of the coil" } as const;

/** What a cure does. */
export const interlockCureText = ({ place, contact, between: [one, two] }: TriedCure): string =>
  `Lead the start signal through ${originText(contact)}, ${PLACE_WORDS[place]}: between ${cavityLabel(one)} and ${cavityLabel(two)}`;

export const interlockEffectText = (cure: TriedCure): string =>
  isOverloaded(cure)
    ? `its contact would carry ${amps(cure.amps)}, and is rated for ${ratedAmps(cure.ratedAmps ?? 0)}`
    : rowsAfterText(cure);

const rowsAfterText = ({ failing, unsafe }: TriedCure): string =>
  failing === 0
    ? "every way is then as it should be"
    : unsafe > 0
      ? `it would still crank in ${count(unsafe, "way")} in which it must not`
      : `it would then not crank in ${count(failing, "way")} in which it should`;

export const GEARBOX_TOPIC_WORDS: Readonly<Record<GearboxTopic, string>> = {
  range: "Range switch",
  "reverse-lamp": "Reversing lamps",
  display: "Gear display",
  "shift-mode": "Shift mode and kick-down",
  "converter-brake": "Brake input of the converter clutch",
  speed: "Speed sensors",
  solenoid: "Solenoids and their drivers",
  temperature: "Fluid temperature",
  cooler: "Cooler and heater",
};

const STATE_WORDS: Readonly<Record<GearboxState, string>> = {
  "own-side": "served on its own side",
  decided: "decided",
  proposed: "needs a decision",
  missing: "nothing serves it",
};

/** Who serves it; of what gives, who reads it. */
export const gearboxStateText = ({ state, pin }: Pick<GearboxItem, "state" | "pin">): string =>
  state === "missing" && pin.form.kind.endsWith("-out") ? "nothing reads it" : STATE_WORDS[state];

/** What there is to say of an item beside its state; null where that is all. */
export function gearboxItemText({ driver, tappedBy, otherKind, from, line }: GearboxItem): string | null {
  if (driver !== null) {
    if (driver.fits === null)
      return driver.loadAmps === null
        ? "how much the solenoid draws is not known"
        : "what its driver is rated for is not known";
    return driver.fits
      ? `draws ${ratedAmps(driver.loadAmps as number)}, its driver is rated for ${ratedAmps(driver.maxAmps as number)}`
      : `draws ${ratedAmps(driver.loadAmps as number)}: above its driver's ${ratedAmps(driver.maxAmps as number)}`;
  }
  if (otherKind && from !== null && (line?.adapters.length ?? 0) === 0)
    return `${KIND_WORDS[from.form.kind]} into an input of another kind: a conditioner, or the other sensor`;
  if (tappedBy.length > 1)
    return `${listed(tappedBy.map((pin) => cavityLabel(pin)))} read one pickup: each takes from its signal; feed the second from the computer's output, or through a conditioner`;
  return null;
}

export const LOCKOUT_WORDS = {
  "by-speed": "By speed",
  "by-brake": "By the brake pedal",
} as const satisfies Record<Lockout["way"], string>;

/** How a lockout behaves, and what it is made of. */
export function lockoutText({ way, onHz, offHz }: Lockout): string {
  if (way === "by-brake")
    return "A relay worked by the brake switch lets reverse in while the pedal is down, at any speed: cheap, and it does not guard against a wrong shift at speed with the foot on the brake.";
  const levels =
    onHz === null || offHz === null
      ? "at its two levels"
      : `at ${digits(onHz, 3)} Hz, and lets go at ${digits(offHz, 3)} Hz`;
  return `A frequency switch tapped to the speed signal bars reverse ${levels}; it needs a feed, a ground and a fuse, and guards at every speed.`;
}

export const lockoutFaultText = (fault: LockoutFault): string =>
  fault === "not-above-zero"
    ? "Both speeds must be above zero."
    : "It must let go below the speed at which it bars: give a lower second speed.";

export const GEARBOX_SWAP_WORDS: Readonly<Record<GearboxSwap, string>> = {
  kept: "The donor's gearbox comes along",
  "manual-for-automatic": "A manual in place of the automatic",
  "automatic-for-manual": "An automatic in place of the manual",
  "another-automatic": "Another automatic",
};

export const SWAP_TOPIC_WORDS: Readonly<Record<SwapItem["topic"], string>> = {
  interlock: "Interlock input",
  "idle-up": "Idle-up with a gear engaged",
  cruise: "Cruise control's cut-out",
  display: "Gear display",
  codes: "Code for a sensor that is gone",
  "reverse-lamp": "Reversing lamps",
  speed: "Vehicle speed",
  solenoid: "Solenoid output with nothing on it",
  range: "Range input",
};

export const SWAP_WAY_WORDS: Readonly<Record<SwapItem["ways"][number], string>> = {
  link: "a link to what takes its place",
  "loop-signed": "a loop, once somebody signs what keeps the driver safe instead",
  "dummy-load": "a dummy load",
  calibration: "a calibration change",
  without: "live without it",
};
