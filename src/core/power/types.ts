import type { Change, NamedBranches, Network, Solution } from "../circuit";
import type { Harness } from "../harness";
import type { Adapter } from "../signals";
import type { Units } from "../units";
import type { Printed } from "./model/printed";
import type { Spans } from "./model/spans";
import type { Piece } from "./piece";
import type { Settings } from "./settings";
import type { PowerState } from "./states";
import type { Tried } from "./tried";

/** A link of the plan as the solution takes it. */
export interface PowerLink {
  readonly id: string;
  readonly providerId: string;
  readonly consumerId: string;
  readonly adapters: readonly Adapter[];
  /** Proposed only: nobody has said yes yet. */
  readonly proposed: boolean;
}

/** What the solution is made from. The harness has its links joined, proposed ones among them. */
export interface PowerFacts {
  readonly harness: Harness;
  readonly links: readonly PowerLink[];
  /** Wires that were taken out, or are to be. */
  readonly gone: ReadonlySet<string>;
  readonly settings: Settings;
  /** In which findings are told. */
  readonly units: Units;
  /** What is tried, and not decided. */
  readonly tried: Tried;
  /** Nothing is on that a driver switches on; else all of it. */
  readonly quiet?: boolean;
}

/** A value that nobody has said and that the solution rests on. */
export interface Assumption {
  readonly says: string;
  /** How many places rest on it. */
  readonly count: number;
}

/** What is wrong with the facts themselves; left out or bounded, and the rest is solved. */
export interface PowerProblem {
  readonly code: "one-side" | "source-loop" | "two-batteries" | "no-return" | "contradiction" | "absurd" | "no-battery" | "stranded-current" | "no-solution";
  readonly where: string;
  readonly message: string;
  readonly cure: string;
  readonly pinId: string | null;
}

/** The plan as a netlist, traced both ways. */
export interface PowerModel {
  readonly facts: PowerFacts;
  readonly pieces: readonly Piece[];
  readonly pieceOf: ReadonlyMap<string, Piece>;
  /** Its elements as numbered branches, and the ways through them. */
  readonly net: NamedBranches;
  readonly spans: Spans;
  /** What stands where on the harness. */
  readonly printed: Printed;
  /** By cavity: the node of the netlist. */
  readonly nodeOfPin: ReadonlyMap<string, string>;
  readonly assumptions: readonly Assumption[];
  readonly problems: readonly PowerProblem[];
  /** Switch elements that stand for the turning alternator. */
  readonly charging: ReadonlySet<string>;
  /** Switches that the oil's pressure holds open while the engine turns. */
  readonly pressed: ReadonlySet<string>;
}

/** The plan solved in every state. */
export interface PowerSolution {
  readonly model: PowerModel;
  /** A state that has no solution is missing, and among the problems. */
  readonly states: ReadonlyMap<PowerState, Solution>;
  /** What has another resistance while the engine turns than at rest: a battery that takes current, an alternator at its limit. */
  readonly charged: readonly Change[];
  readonly problems: readonly PowerProblem[];
  /** Made ready and solved; null where it could not be. A plan with little changed begins where it ended. */
  readonly network: Network | null;
}
