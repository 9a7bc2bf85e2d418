import type { NamedBranches, NetElement } from "../circuit";
import type { Harness } from "../harness";
import type { Adapter } from "../signals";
import type { Units } from "../units";
import type { Tried } from "./edits";
import type { Printed } from "./printed";
import type { Settings } from "./settings";
import type { Spans } from "./spans";

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

/** What stands for what on the vehicle. */
export type Place =
  | { readonly type: "wire"; readonly wireId: string; readonly copperOhms: number; readonly jointOhms: number; readonly sizeMm2: number; readonly lengthM: number; readonly assumed: readonly ("size" | "length")[] }
  | { readonly type: "mate"; readonly pinIds: readonly [string, string] }
  | { readonly type: "link"; readonly linkId: string; readonly role: "wire" | "adapter" }
  | { readonly type: "part"; readonly partId: string; readonly elementId: string }
  | { readonly type: "assumed"; readonly says: string; readonly pinId: string | null }
  | { readonly type: "load"; readonly name: string };

/** An element of the netlist with what it stands for. */
export interface Piece {
  readonly element: NetElement;
  readonly place: Place;
  /** By what is printed on it: `wire FB-2 to C1-1`, `fuse FB F2`. */
  readonly name: string;
}

/** A value that nobody has said and that the solution rests on. */
export interface Assumption {
  readonly says: string;
  /** How many places rest on it. */
  readonly count: number;
}

/** What is wrong with the facts themselves; left out or bounded, and the rest is solved. */
export interface PowerProblem {
  readonly code: "source-loop" | "two-batteries" | "no-return" | "contradiction" | "absurd" | "no-battery" | "stranded-current" | "no-solution";
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

/** Nodes of the netlist with names of their own. */
export const MINUS = "battery-";
export const PLUS = "battery+";
export const BODY = "body";
/** The engine, gearbox and what is bolted to them: joined to the body by straps alone. */
export const BLOCK = "engine block";

/** Below this a dead feed is dead, V; above it something leads into it. */
export const DEAD_VOLTS = 1;
