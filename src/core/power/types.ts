import type { Change, NamedBranches, NetlistFault, Network, Solution } from "../circuit";
import type { Harness } from "../harness";
import type { Point, WireEnds } from "../points";
import type { Adapter } from "../signals";
import type { Alive, KeyPosition, VehicleState } from "../state";
import type { Units } from "../units";
import type { NodeNames } from "./model/node-names";
import type { Spans } from "./model/spans";
import type { PlanElement } from "./plan-element";
import type { SettingKey, Settings } from "./settings";
import type { Tried } from "./tried";

/** A link of the plan as the solution takes it. */
export interface PowerLink {
  readonly id: string;
  readonly providerId: string;
  readonly consumerId: string;
  readonly adapters: readonly Adapter[];
  /** Proposed only: nobody has approved it yet. */
  readonly proposed: boolean;
}

/** What was decided to be fitted at a cavity that no link serves, or whose output nothing takes. */
export type Fill = { readonly pinId: string } & (
  | {
      /**
       * `feed`, `ground`: a wire of its own to the battery or the body · `loop`: an input held on · `switch`: one that
       * is fitted to an input · `dummy-load`: a resistor on an output
       */
      readonly as: "feed" | "ground" | "loop" | "switch" | "dummy-load";
    }
  /** A wire to what gives the same on its own side. */
  | { readonly as: "own-wire"; readonly fromPinId: string }
);

/** What the solution is made from. The harness has its links joined, proposed ones among them. */
export interface PowerFacts {
  readonly harness: Harness;
  readonly links: readonly PowerLink[];
  /** Wires that were taken out, or are to be. */
  readonly gone: ReadonlySet<string>;
  readonly settings: Settings;
  /** What somebody decided to fit where no link serves. */
  readonly fills: readonly Fill[];
  /** In whose sizes wire is sold. */
  readonly units: Units;
  /** What is tried, and not decided. */
  readonly tried: Tried;
  /** Nothing is on that a driver switches on; else all of it. */
  readonly quiet?: boolean;
}

/** A value that nobody has given and that the solution rests on. Words: core/words/power.ts. */
export type AssumedFact =
  | {
      readonly code:
        | "feeds-as-stated"
        | "fills-as-decided"
        | "dummy-loads-usual"
        | "ground-cable-to-body"
        | "usual-battery"
        | "links-as-proposed"
        | "host-alternator-gone"
        | "replaced-parts-unplugged"
        | "sockets-empty";
    }
  | {
      readonly code:
        | "usual-watts"
        | "battery-by-settings"
        | "switches-usual"
        | "controlled-loads"
        | "fuse-way-in-run"
        | "mean-currents"
        | "outputs-on"
        | "start-inputs-asked";
    }
  | { readonly code: "starter-amps" | "asleep-amps" | "fused-feed"; readonly amps: number }
  | { readonly code: "wire-size"; readonly sizeMm2: number }
  | { readonly code: "wire-length" | "new-wire-length"; readonly lengthM: number };

export type Assumption = AssumedFact & {
  /** How many places rest on it. */
  readonly count: number;
};

/** What is wrong with the facts themselves; left out or bounded, and the rest is solved. Words: core/words/power.ts. */
export type PowerProblem = { readonly pinId: string | null } & (
  | { readonly code: "one-side"; readonly missing: "host" | "donor" }
  | { readonly code: "source-loop"; readonly fault: NetlistFault }
  | {
      readonly code: "source-without-resistance";
      readonly part: string;
      readonly elementId: string;
      readonly ohms: number;
      readonly takenOhms: number;
    }
  | { readonly code: "two-batteries"; readonly part: string; readonly amps: number; readonly volts: number }
  | { readonly code: "no-return"; readonly at: Point }
  | {
      readonly code: "contradiction";
      readonly one: Point;
      readonly two: Point;
      readonly aliveOne: Alive;
      readonly aliveTwo: Alive;
    }
  | { readonly code: "absurd"; readonly what: "setting"; readonly setting: SettingKey; readonly value: number }
  | {
      readonly code: "absurd";
      readonly what: "fuse";
      readonly part: string;
      readonly elementId: string;
      readonly amps: number;
      readonly takenAmps: number;
    }
  | ({
      readonly code: "absurd";
      readonly what: "size" | "length";
      readonly value: number;
      readonly taken: number;
    } & WireEnds)
  | { readonly code: "stranded-current"; readonly part: string; readonly elementId: string }
  | { readonly code: "no-solution"; readonly state: KeyPosition; readonly fault: NetlistFault }
);

/** The plan as a netlist, traced both ways. */
export interface PowerModel {
  readonly facts: PowerFacts;
  readonly elements: readonly PlanElement[];
  /** By an element's id. */
  readonly elementOf: ReadonlyMap<string, PlanElement>;
  /** Its elements as numbered branches, and the ways through them. */
  readonly net: NamedBranches;
  readonly spans: Spans;
  /** What the nodes of the harness are called. */
  readonly names: NodeNames;
  /** By cavity: the node of the netlist. */
  readonly nodeOfPin: ReadonlyMap<string, string>;
  readonly assumptions: readonly Assumption[];
  readonly problems: readonly PowerProblem[];
}

/** The plan solved in every key position. */
export interface PowerSolution {
  readonly model: PowerModel;
  /** A position that has no solution is missing, and among the problems. */
  readonly states: ReadonlyMap<KeyPosition, Solution>;
  /**
   * What has another resistance while the engine turns than at rest: a battery that takes current, an alternator at its
   * limit.
   */
  readonly charged: readonly Change[];
  readonly problems: readonly PowerProblem[];
  /** How lever and pedals stand in these solutions, where not as usual. */
  readonly stance?: Partial<Omit<VehicleState, "key">>;
  /** Made ready and solved; null where it could not be. A plan with little changed begins where it ended. */
  readonly network: Network | null;
}

/** A thing on the vehicle that a finding or a table names. */
export type Item =
  | { readonly type: "point"; readonly point: Point }
  | { readonly type: "element"; readonly origin: PlanElement["origin"] }
  | { readonly type: "alternator" };

export const atPoint = (point: Point): Item => ({ type: "point", point });
export const atElement = ({ origin }: Pick<PlanElement, "origin">): Item => ({ type: "element", origin });
