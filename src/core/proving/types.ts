import type { DialUnitName, Quantity } from "../forms";
import type { CavityPoint, Point } from "../points";
import type { ElementFault } from "../power";
import type { SignalPin } from "../signals";
import type { Alive, KeyPosition } from "../state";

/** A place for a probe: a cavity, the battery's own post, or a terminal of a planned relay's socket. */
export interface Probe {
  readonly at:
    | CavityPoint
    | Extract<Point, { type: "pole" }>
    | {
        readonly type: "relay-terminal";
        readonly terminal: "85" | "86";
        readonly other: "ground" | "driver" | "feed" | "coil";
      }
    /** The tip of the other probe: what the meter's own leads have. */
    | { readonly type: "other-probe" };
  /** Where its connector sits, and what its table says of it. */
  readonly place: string | null;
  readonly description: string | null;
}

/** The key while a step is read; `battery-off`: both of its leads off. */
export type StepState = "battery-off" | Extract<KeyPosition, "off" | "accessory" | "run" | "crank">;

/** What is read: off a meter, or off the dial itself. */
export type ReadingUnit = "Ω" | "V" | DialUnitName;

export interface Expected {
  readonly unit: ReadingUnit;
  /** Null: no lower or no upper limit. */
  readonly low: number | null;
  readonly high: number | null;
  /** What a sound circuit reads most likely; null where only a limit makes sense. */
  readonly nominal: number | null;
  /** An open circuit (OL) is right. */
  readonly openIsRight: boolean;
  /** Beyond this: stop, do not go on. */
  readonly stopBelow: number | null;
  readonly stopAbove: number | null;
}

export type StepGroup = "before-power" | "first-power" | "grounds-under-load" | "dials";
export type StepKind =
  | "leads"
  | "battery"
  | "ground-ohms"
  | "feed-short"
  | "continuity"
  | "wire-short"
  | "coil"
  | "feed-volts"
  | "ground-drop"
  | "gauge-point";
export type CautionKey = "battery-off" | "first-power" | "crank" | "dial";
export type MeterSetting =
  | "lowest-ohms"
  | "middle-ohms-plugged"
  | "highest-ohms-unplugged"
  | "coil-ohms"
  | "dc-20v"
  | "dc-20v-first-power"
  | "dc-2v"
  | "the-dial";

/** What an expectation is made from, with its numbers: Ω, V, A. */
export type StepBasis =
  | {
      readonly type: "wires";
      readonly ohms: number;
      /** What the meter's own leads read, or may add while nobody has read them, Ω. */
      readonly leads: { readonly ohms: number; readonly read: boolean };
      readonly assumed: boolean;
    }
  | { readonly type: "leads"; readonly mostOhms: number }
  /** Plugged in: what is connected there has this by its current, and at least a tenth of it. */
  | { readonly type: "load"; readonly amps: number; readonly ohms: number; readonly leastOhms: number }
  /** Unplugged: with less than this between what is connected and a short, ohms could not tell the two apart. */
  | { readonly type: "unplugged-feed"; readonly amps: number | null; readonly leastOhms: number }
  | { readonly type: "unplugged"; readonly leastOhms: number }
  | { readonly type: "coil"; readonly ohms: number; readonly tolerance: number }
  /** Nobody has stated the coil: what usual 12 V relays have. */
  | { readonly type: "usual-coil"; readonly lowOhms: number; readonly highOhms: number }
  | { readonly type: "battery" }
  | {
      readonly type: "live";
      readonly alive: Alive;
      readonly volts: number;
      readonly low: number;
      readonly high: number;
      readonly planFails: boolean;
      readonly batteryVolts: number;
    }
  | { readonly type: "dead"; readonly alive: Alive; readonly volts: number; readonly mostVolts: number }
  | { readonly type: "drop"; readonly volts: number; readonly mostVolts: number }
  /** Something known is put in place of what drives the dial, or stands beside it; in the quantity's unit, Ω. */
  | {
      readonly type: "gauge-point";
      readonly quantity: Quantity;
      readonly x: number;
      readonly by: "resistor" | "computer" | "satellite-speed";
      readonly ohms: number | null;
      readonly allowed: number;
    };

/** What a step is about: a link of the plan, something that the tables have and no link needs, or the job itself. */
export type StepSubject =
  | {
      readonly type: "link";
      readonly provider: CavityPoint;
      readonly consumer: CavityPoint;
      /** Nobody has accepted it: it is not made, and cannot be read. */
      readonly proposed: boolean;
    }
  | { readonly type: "ground"; readonly at: CavityPoint }
  | { readonly type: "relay"; readonly part: string }
  | { readonly type: "job" };

/** One check: where both probes go, what to set, what to expect and why. Words: core/words/steps.ts. */
export interface Step {
  readonly key: string;
  readonly kind: StepKind;
  readonly group: StepGroup;
  readonly about: StepSubject;
  readonly red: Probe;
  readonly black: Probe;
  readonly meter: MeterSetting;
  readonly keyState: StepState;
  readonly expected: Expected;
  readonly basis: StepBasis;
  readonly caution: CautionKey;
  /** Line that the step proves, for finding what it shares with others. */
  readonly lineKey: string | null;
}

/** What a reading says, by its code. */
export type ReadingVerdict =
  | "open-as-expected"
  | "path-open"
  | "no-volts"
  | "touches-ground"
  | "live-ohms"
  | "shorted"
  | "dead"
  | "low-volts"
  | "too-low"
  | "live"
  | "leaks"
  | "poor-ground"
  | "too-much-resistance"
  | "too-high"
  | "within";

export interface Judgement {
  readonly value: number | null;
  readonly outcome: "pass" | "fail" | "stop";
  readonly verdict: ReadingVerdict;
}

type Neighbours = readonly CavityPoint[];

/** What may be behind a failed step, by its code; `provider` and `consumer` are the step's own. */
export type CauseFacts =
  | { readonly code: "feed-opens"; readonly state: StepState; readonly statedAlive: Alive | null }
  | { readonly code: "fuse"; readonly failing: Neighbours; readonly sound: Neighbours }
  | { readonly code: "feed-wire-open"; readonly state: StepState; readonly feedIsSound: boolean }
  | { readonly code: "relay-missing" }
  | { readonly code: "feed-live"; readonly statedAlive: Alive | null }
  | { readonly code: "back-feed" }
  | { readonly code: "feeds-joined" }
  | { readonly code: "other-load" }
  | { readonly code: "wire-pinched" }
  | { readonly code: "part-faulty" }
  | { readonly code: "stud"; readonly shared: Neighbours; readonly othersFail: boolean; readonly othersPass: boolean }
  | { readonly code: "ground-wire"; readonly studIsSound: boolean }
  | { readonly code: "strap" }
  | { readonly code: "joint-open"; readonly isOpen: boolean }
  | { readonly code: "wrong-cavity" }
  | { readonly code: "poor-terminal"; readonly isOpen: boolean }
  | { readonly code: "coil-open"; readonly isOpen: boolean }
  | { readonly code: "other-relay" }
  | { readonly code: "across-coil" }
  | { readonly code: "battery-low" }
  | { readonly code: "draws-with-key-off" }
  /** A single fault of one element that would give this reading, by the solved plan. */
  | { readonly code: "element"; readonly fault: ElementFault };

/** A likely cause of a failed step, with its share of the belief among those listed, 0 … 1. */
export type Cause = CauseFacts & { readonly share: number };

/** A cavity as its steps take it. */
export interface PlannedPin extends SignalPin {
  readonly lengthM: number | null;
  readonly place: string | null;
  readonly description: string | null;
}
