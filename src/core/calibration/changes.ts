import { fieldOf } from "../forms";
import type { Filling, Line } from "../plan";
import type { SignalPin } from "../signals";
import type { GearboxSwap, SwapItem } from "../transmission";
import type { SecurityWay } from "./security";

/** What a computer's calibration is asked to do. Words: core/words/calibration.ts. */
export type CalibrationWhat =
  | { readonly code: "parameter"; readonly parameter: string }
  | { readonly code: "not-fitted"; readonly pin: SignalPin }
  | { readonly code: "tyre"; readonly tyre: string | null; readonly finalDrive: number | null }
  | { readonly code: "gearbox"; readonly swap: GearboxSwap; readonly pins: readonly [SignalPin, ...SignalPin[]] }
  | { readonly code: "security-off" };

/** Which part of the plan asks for it. */
export type CalibrationAsker =
  | { readonly type: "link"; readonly line: Line }
  | { readonly type: "gap"; readonly filling: Filling }
  | { readonly type: "gauge"; readonly pin: SignalPin }
  | { readonly type: "gearbox" }
  | { readonly type: "security" };

/** One change of a computer's calibration that the plan asks for. */
export interface CalibrationChange {
  /** The same as long as the same thing asks for it: what was done is kept by it. */
  readonly key: string;
  readonly computer: string;
  readonly what: CalibrationWhat;
  readonly was: number | null;
  readonly becomes: number | null;
  readonly askedBy: CalibrationAsker;
}

/** What of the plan bears on calibrations. */
export interface CalibrationSources {
  readonly lines: readonly Line[];
  readonly fillings: readonly Filling[];
  /** Speedometers with a tyre or final drive that somebody entered. */
  readonly dials: readonly {
    readonly pin: SignalPin;
    readonly driver: SignalPin | null;
    readonly tyre: string | null;
    readonly finalDrive: number | null;
  }[];
  readonly swap: GearboxSwap;
  readonly swapItems: readonly SwapItem[];
  readonly security: SecurityWay | null;
  /** The engine computer's connector, as far as the tables tell. */
  readonly engineComputer: string | null;
}

/** A key of letters, digits, - and _ only, at most 40 long. */
const keyOf = (...parts: readonly string[]) =>
  parts
    .join("-")
    .replace(/[^A-Za-z0-9_-]/g, "_")
    .slice(0, 40);

/** Every change that the plan asks of a calibration, gathered from all of its parts. */
export function calibrationChanges(sources: CalibrationSources): CalibrationChange[] {
  const { lines, fillings, dials, swap, swapItems, security, engineComputer } = sources;
  const ofLinks = lines
    .filter(({ state }) => state === "decided")
    .flatMap((line) =>
      line.adapters.flatMap((adapter): CalibrationChange[] =>
        adapter.type !== "calibration"
          ? []
          : [
              {
                key: keyOf("cal", line.decision?.id ?? line.key),
                computer: settableOf(line).connector,
                what: { code: "parameter", parameter: adapter.parameter ?? "" },
                was: adapter.from,
                becomes: adapter.to,
                askedBy: { type: "link", line },
              },
            ],
      ),
    );
  // What is lived without is told by a code until its computer no longer looks for it.
  const ofGaps = fillings
    .filter(({ pin, way }) => pin.side !== "host" && (way === "without" || way === "dummy-load"))
    .map(
      (filling): CalibrationChange => ({
        key: keyOf("off", filling.pin.id),
        computer: filling.pin.connector,
        what: { code: "not-fitted", pin: filling.pin },
        was: null,
        becomes: null,
        askedBy: { type: "gap", filling },
      }),
    );
  const ofDials = dials
    .filter(
      ({ tyre, finalDrive, driver }) =>
        (tyre !== null || finalDrive !== null) && driver !== null && driver.side === "donor",
    )
    .map(
      ({ pin, driver, tyre, finalDrive }): CalibrationChange => ({
        key: keyOf("tyre", pin.id),
        computer: (driver as SignalPin).connector,
        what: { code: "tyre", tyre, finalDrive },
        was: null,
        becomes: finalDrive,
        askedBy: { type: "gauge", pin },
      }),
    );
  // One line for all cavities of a computer that carry the same: they are one segment of its calibration.
  const segments = new Map<string, [SignalPin, ...SignalPin[]]>();
  for (const { pin, ways } of swapItems) {
    if (!ways.includes("calibration")) continue;
    const key = `${pin.connector} ${pin.quantity}`;
    const segment = segments.get(key);
    if (segment === undefined) segments.set(key, [pin]);
    else segment.push(pin);
  }
  const ofGearbox = [...segments.values()].map(
    (own): CalibrationChange => ({
      key: keyOf("box", swap, own[0].id),
      computer: own[0].connector,
      what: { code: "gearbox", swap, pins: own },
      was: null,
      becomes: null,
      askedBy: { type: "gearbox" },
    }),
  );
  const ofSecurity: CalibrationChange[] =
    security !== "set-off"
      ? []
      : [
          {
            key: "security-off",
            computer: engineComputer ?? "",
            what: { code: "security-off" },
            was: null,
            becomes: null,
            askedBy: { type: "security" },
          },
        ];
  const all = [...ofSecurity, ...ofLinks, ...ofDials, ...ofGearbox, ...ofGaps];
  return [...new Map(all.map((change) => [change.key, change])).values()];
}

/** The side of a link whose number may be set. */
const settableOf = ({ provider, consumer }: Line): SignalPin =>
  fieldOf(provider.form, "settable") === "yes" ? provider : consumer;

/** A change as the list has it, asked for by the plan or entered by hand. */
export interface ListedChange {
  readonly id: string;
  readonly computer: string;
  readonly what: string;
  readonly was: string;
  readonly becomes: string;
  readonly software: string;
  readonly doneBy: string | null;
}

export type CalibrationFault =
  /** Two lines change the same number. */
  | {
      readonly code: "twice";
      readonly ids: readonly string[];
      readonly computer: string;
      readonly what: string;
      readonly agree: boolean;
    }
  /** Nothing tells which software the computer has: a definition might belong to another. */
  | { readonly code: "no-identity"; readonly computer: string }
  | {
      readonly code: "other-software";
      readonly id: string;
      readonly computer: string;
      readonly definition: string;
      readonly computerHas: string;
    };

/** What is wrong with the list: a number changed twice, or a definition that belongs to other software. */
export function calibrationFaults(
  changes: readonly ListedChange[],
  identities: readonly { readonly label: string; readonly software: string; readonly calibration: string }[],
): CalibrationFault[] {
  const faults: CalibrationFault[] = [];
  const groups = new Map<string, ListedChange[]>();
  for (const one of changes) {
    const key = `${one.computer.trim().toLowerCase()}|${one.what.trim().toLowerCase()}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  for (const group of groups.values()) {
    const [first] = group;
    if (group.length > 1 && first !== undefined)
      faults.push({
        code: "twice",
        ids: group.map(({ id }) => id),
        computer: first.computer,
        what: first.what,
        agree: group.every(({ becomes }) => becomes === first.becomes),
      });
  }
  const identityOf = (computer: string) =>
    identities.find(({ label }) => label.trim().toLowerCase() === computer.trim().toLowerCase());
  for (const computer of new Set(changes.map((one) => one.computer))) {
    const identity = identityOf(computer);
    if (identity === undefined || identity.software === "" || identity.calibration === "")
      faults.push({ code: "no-identity", computer });
  }
  for (const { id, computer, software } of changes) {
    const has = identityOf(computer)?.software ?? "";
    if (software !== "" && has !== "" && software.toLowerCase() !== has.toLowerCase())
      faults.push({ code: "other-software", id, computer, definition: software, computerHas: has });
  }
  return faults;
}
