import type { NetlistFault } from "./netlist";

export type RelayState = "energised" | "released";

/** What is worth a word in a solution. Words: core/words/circuit.ts. */
export type SolveFinding =
  | {
      readonly code: "over-rating";
      readonly element: string;
      readonly nodes: readonly string[];
      readonly amps: number;
      readonly ratedAmps: number;
    }
  /** Only diodes that do not conduct hold these nodes. */
  | { readonly code: "undefined-voltage"; readonly element: null; readonly nodes: readonly string[] }
  /** A relay that never settles; the nodes are its coil's. */
  | { readonly code: "buzzing"; readonly element: string; readonly nodes: readonly string[] };

export interface Solution {
  /** The switches' setting. */
  readonly state: string;
  /** By node, V to the reference; null where nothing that conducts leads there. */
  readonly volts: ReadonlyMap<string, number | null>;
  /** By element (contacts as `id#0`), A, from a to b; of a source, out of a. */
  readonly amps: ReadonlyMap<string, number>;
  /** The same by number, as {@link branchesOf} counts nodes and branches: NaN for a node that floats. */
  readonly byNumber: { readonly volts: Float64Array; readonly amps: Float64Array };
  readonly relays: ReadonlyMap<string, RelayState>;
  /** Islands without a way to the reference, each a list of its nodes. */
  readonly floating: readonly (readonly string[])[];
  readonly findings: readonly SolveFinding[];
}

export type SolveResult =
  | { readonly ok: true; readonly solution: Solution }
  | { readonly ok: false; readonly fault: NetlistFault };

/** A branch that differs from the network as it was built: open, or a linear one of another resistance. */
export interface Change {
  /** An element's id; of a relay it is its coil, and a contact is `id#0`. */
  readonly id: string;
  /** Ω; infinite for an open. */
  readonly ohms: number;
}

/** A {@link Change} as the equations have it. */
export interface BranchChange {
  readonly branch: number;
  /** Ω; infinite for an open. */
  readonly ohms: number;
}

/** What a solution is asked for, beside the switches' setting. */
export interface SolveOptions {
  readonly changes?: readonly Change[];
  /** Relays that are pulled in to begin with: those of the state from which the key is turned. None by default. */
  readonly pulledIn?: ReadonlySet<string>;
}

export const isFault = (value: object): value is NetlistFault => "code" in value;
