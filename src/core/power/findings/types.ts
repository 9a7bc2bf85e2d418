import type { CavityPoint, Point } from "../../points";
import type { KeyPosition } from "../../state";
import type { FuseCheck } from "../../wire";
import type { Origin, WireOrigin } from "../plan-element";
import type { PowerEdit } from "../tried";
import type { Item } from "../types";
import type { Lost } from "./most-lost";

/**
 * The one rule of severity: what happens if nothing is done.
 * - `danger`: something gets hotter than it is rated for, or current takes an unintended path.
 * - `stop`: the engine does not start, does not run, or does not stop.
 * - `fault`: another consumer, signal or gauge is outside its limits.
 * - `note`: all is within limits, with less to spare than one wants.
 */
export const SEVERITIES = ["danger", "stop", "fault", "note"] as const;
export type Severity = (typeof SEVERITIES)[number];

/**
 * What is behind a dead feed: the first opening on its way, and where that is a relay, what keeps the relay released.
 */
export type DeadCause =
  | { readonly type: "open"; readonly origin: Origin }
  | {
      readonly type: "switch-open";
      readonly origin: Origin;
      readonly state: KeyPosition;
      readonly closedIn: readonly KeyPosition[];
    }
  | { readonly type: "way-untold"; readonly origin: Origin }
  | {
      readonly type: "relay-released";
      readonly origin: Origin;
      readonly coilVolts: number;
      readonly pullInVolts: number;
      /** `chatter`: its coil has enough, and it loses that as it pulls in. */
      readonly by: "feed" | "ground" | "chatter";
      readonly behind: DeadCause | null;
    };

/** What is wrong by its code, with the numbers compared. Words: core/words/findings.ts. */
export type FindingFacts =
  | { readonly code: "dead-feed"; readonly keys: readonly KeyPosition[]; readonly cause: DeadCause | null }
  | {
      readonly code: "low-volts";
      readonly volts: number;
      readonly neededVolts: number;
      readonly mostLost: Lost | null;
    }
  | {
      readonly code: "back-feed";
      readonly volts: number;
      readonly through: Origin | null;
      readonly holdsRelay: boolean;
      readonly path: readonly Point[];
      /** An input that is held above what its computer reads there, V; null where a feed or consumer is live. */
      readonly input: { readonly limitVolts: number; readonly isStated: boolean } | null;
    }
  | { readonly code: "shared-ground"; readonly amps: number; readonly volts: number; readonly joins: readonly Point[] }
  | { readonly code: "ground-offset"; readonly part: string; readonly volts: number; readonly limitVolts: number }
  | {
      readonly code: "ground-missing";
      /** The computer that has none; null for the engine's block. */
      readonly part: string | null;
      readonly leastMm2: number;
      readonly volts: number | null;
    }
  | {
      readonly code: "fuse-load" | "fuse-wire" | "fuse-inrush";
      readonly ratedAmps: number;
      readonly failing: readonly FuseCheck[];
      readonly wire: WireOrigin | null;
    }
  | {
      readonly code: "wire-hot";
      readonly wires: number;
      readonly circuit: string | null;
      readonly amps: number;
      readonly limitAmps: number;
      readonly weakest: WireOrigin;
      readonly ambientC: number;
      readonly loaded: number;
    }
  | {
      readonly code: "unfused-wire";
      /** The thinnest of those that leave the place, and how many do. */
      readonly wire: WireOrigin;
      readonly wires: number;
      readonly wireAmps: number;
      readonly ambientC: number;
    }
  | {
      readonly code: "wrong-live";
      readonly volts: number;
      /** What should switch it, all of it open. */
      readonly switches: readonly CavityPoint[];
      readonly isFuel: boolean;
    }
  | { readonly code: "no-flyback"; readonly load: CavityPoint }
  /** The starter engages though these, which ask the lever or the clutch, are open. */
  | { readonly code: "cranks-in-gear"; readonly amps: number; readonly passed: readonly Origin[] }
  | {
      readonly code: "two-drivers";
      readonly amps: number;
      readonly limitAmps: number;
      readonly against: { readonly at: CavityPoint; readonly limitAmps: number };
    }
  | {
      readonly code: "relay-contact";
      readonly amps: number;
      readonly ratedAmps: number;
      /** Nobody has read what the contact is rated for. */
      readonly isAssumed: boolean;
    }
  | {
      readonly code: "relay-coil";
      readonly volts: number;
      readonly pullInVolts: number;
      readonly warmPullInVolts: number;
    }
  | { readonly code: "relay-buzz" }
  | { readonly code: "driver-overload"; readonly amps: number; readonly limitAmps: number }
  | {
      readonly code: "drain";
      readonly amps: number;
      readonly daysToHalf: number;
      readonly loads: readonly { readonly origin: Origin; readonly amps: number }[];
    }
  | {
      readonly code: "charge";
      readonly what: "none";
      readonly amps: number;
      readonly hours: number;
      readonly hasAlternator: boolean;
    }
  | { readonly code: "charge"; readonly what: "idle" | "road"; readonly neededAmps: number; readonly givenAmps: number }
  | {
      readonly code: "cranking";
      readonly what: "battery";
      readonly volts: number;
      readonly amps: number;
      readonly ohms: number;
      readonly batteryC: number;
    }
  | {
      readonly code: "cranking";
      readonly what: "starter";
      readonly volts: number;
      readonly lostVolts: number;
      readonly amps: number;
      readonly mostLost: Lost | null;
    }
  | { readonly code: "cranking"; readonly what: "computer"; readonly volts: number; readonly neededVolts: number }
  | { readonly code: "bus-termination"; readonly ended: number; readonly ohms: number | null };

export type FindingCode = FindingFacts["code"];

/** One way of several that a fuse's circuit is split over: its continuous load, and the fuse that fits, A. */
export interface SplitWay {
  readonly what: "injectors-valves" | "coils" | "heaters" | "computer" | "rest";
  readonly amps: number;
  readonly ratedAmps: number;
}

/** What a cure does, by its code. */
export type CureFacts =
  | {
      readonly code: "other-feed";
      readonly consumer: CavityPoint;
      readonly feed: CavityPoint;
      readonly keys: readonly KeyPosition[];
    }
  | { readonly code: "relay"; readonly coil: CavityPoint; readonly contact: CavityPoint }
  | { readonly code: "diode"; readonly from: Point; readonly to: Point }
  | {
      readonly code: "thicker-wire";
      readonly sizeMm2: number;
      readonly wire: WireOrigin;
      readonly lostVolts: number | null;
    }
  | { readonly code: "thicker-wires"; readonly sizeMm2: number; readonly wires: number; readonly behindFuse: boolean }
  | { readonly code: "fuse-rating"; readonly amps: number }
  | { readonly code: "branch-fuse"; readonly amps: number; readonly wire: WireOrigin }
  | { readonly code: "split-fuse"; readonly ways: readonly SplitWay[] }
  | { readonly code: "second-feed-off"; readonly consumer: CavityPoint }
  | { readonly code: "flyback-diode"; readonly across: CavityPoint }
  | { readonly code: "input-diode"; readonly at: CavityPoint }
  | { readonly code: "fuse-at"; readonly amps: number; readonly wires: number; readonly wire: WireOrigin }
  | { readonly code: "ground-at"; readonly at: Point }
  | { readonly code: "strap"; readonly sizeMm2: number; readonly from: Point; readonly to: Point }
  | { readonly code: "remove-wire"; readonly wire: WireOrigin }
  | { readonly code: "charge-cable"; readonly sizeMm2: number }
  | { readonly code: "bigger-battery"; readonly coldAmps: number }
  | { readonly code: "add-terminator" | "remove-terminator"; readonly ohms: number }
  | {
      readonly code:
        | "measure-drain"
        | "stronger-alternator"
        | "add-alternator"
        | "other-driver"
        | "refuse-link"
        | "coil-before-contact"
        | "stronger-contact"
        | "better-coil-feed"
        | "through-interlock";
    };

/** A way out, with what it would change; null where it cannot be tried here. */
export type Cure = CureFacts & { readonly edit: PowerEdit | null };

/** What is wrong in the solved plan: where, how much, why, and the ways out. */
export type Finding = FindingFacts & {
  /** The same for the same trouble in the next solution. */
  readonly key: string;
  readonly severity: Severity;
  readonly state: KeyPosition;
  readonly amount: {
    readonly value: number;
    readonly limit: number | null;
    readonly unit: "V" | "A" | "mA" | "Ω" | "W";
  };
  /** Node of the netlist at which the path is to be shown. */
  readonly node: string | null;
  readonly pinId: string | null;
  /** Where a probe goes. */
  readonly at: Item;
  /** Other places that the same cause brings down. */
  readonly also: readonly Item[];
  readonly cures: readonly Cure[];
};
