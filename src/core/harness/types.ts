import type { Side } from "../forms";
import type { SafetyMark } from "../functions";
import type { ColourCode } from "../intake";
import type { BranchFacts, CavityFacts, ConnectorFacts, PartFacts, PartFault } from "../parts";
import type { Point, WireEnds } from "../points";
import type { PackedGraph } from "./packed";

/** Where a wire that starts at a cavity ends: at another, at the splice of its circuit, or where no table shows it. */
export const WIRE_ENDS = ["cavity", "splice", "open"] as const;
/** A wire that the pin tables speak of, or one that a person added. */
export const WIRE_ORIGINS = ["table", "added"] as const;

/** A wire as the job has it, a row of its own. */
export interface WireFacts {
  readonly id: string;
  readonly fromPinId: string;
  readonly endsAt: (typeof WIRE_ENDS)[number];
  /** The other cavity; null where it ends elsewhere. */
  readonly toPinId: string | null;
  /** The name of the splice that it ends at; null where its circuit alone tells which it is. */
  readonly splice: string | null;
  /** Splices without a name of one circuit, branch and side are one. */
  readonly circuit: string | null;
  readonly colour: string | null;
  readonly colourBase: ColourCode | null;
  readonly colourTracer: ColourCode | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly origin: (typeof WIRE_ORIGINS)[number];
}

/** Two cavities that a decided link of the plan joins. */
export interface PlannedJoin {
  readonly id: string;
  readonly fromPinId: string;
  readonly toPinId: string;
}

/** Both harnesses as the job holds them. */
export interface HarnessFacts {
  readonly branches: readonly BranchFacts[];
  readonly connectors: readonly ConnectorFacts[];
  readonly pins: readonly CavityFacts[];
  readonly parts: readonly PartFacts[];
  /** All of them, those of the tables too. */
  readonly wires: readonly WireFacts[];
  readonly joins: readonly PlannedJoin[];
}

export type HarnessNode =
  | { readonly type: "cavity"; readonly pinId: string }
  /** Three or more ends of one circuit. */
  | { readonly type: "splice"; readonly label: string; readonly side: Side }
  /** The end of a wire of which the tables show one cavity only. */
  | { readonly type: "open"; readonly pinId: string }
  | { readonly type: "terminal"; readonly partId: string; readonly terminal: string }
  | { readonly type: "chassis" }
  | { readonly type: "pole"; readonly pole: "plus" | "minus" };

/**
 * `assumed`: nothing in the tables says so, and without it nothing would work; `joint`: metal inside of a part, a fuse
 * among it; `path`: a contact or an output, open at times.
 */
export type EdgeType = "wire" | "mate" | "join" | "joint" | "path" | "load" | "source" | "assumed";

export interface HarnessEdge {
  /** `wire:`, `mate:`, `join:`, `part:` or `assumed:` and what it stands for. */
  readonly id: string;
  readonly type: EdgeType;
  readonly a: number;
  readonly b: number;
  /** The part and its element, where the edge is inside of one. */
  readonly partId: string | null;
  readonly elementId: string | null;
}

/** A length of copper with an identity of its own. */
export interface Wire {
  /** `wire:` and the id of its row. */
  readonly id: string;
  readonly side: Side;
  readonly branchId: string | null;
  readonly circuit: string | null;
  readonly colour: string | null;
  readonly colourBase: ColourCode | null;
  readonly colourTracer: ColourCode | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  /** Cavities at its ends: two, or one where the other end is a splice or not in the tables. */
  readonly pinIds: readonly string[];
  readonly edge: number;
  readonly a: number;
  readonly b: number;
  readonly added: boolean;
  /** What may hurt where it is touched. */
  readonly mark: SafetyMark | null;
}

export interface HarnessPart extends PartFacts {
  /** Guessed from its connector's cavities; nobody has said so. */
  readonly guessed: boolean;
  readonly connectorIds: readonly string[];
}

/**
 * What contradicts itself in the tables or what people entered; left out of the graph, and the rest is built. Words:
 * core/words/harness.ts.
 */
export type HarnessProblem = {
  /** The connector at which it is mended, where there is one. */
  readonly connectorId: string | null;
} & (
  | { readonly code: "loop"; readonly by: "itself"; readonly connector: string }
  | ({ readonly code: "loop"; readonly by: "mate" | "wire"; readonly circuit: string | null } & WireEnds)
  | { readonly code: "mate-twice"; readonly connector: string; readonly other: string }
  | {
      readonly code: "unequal-mate";
      readonly connector: string;
      readonly other: string;
      readonly cavities: number;
      readonly otherCavities: number;
      readonly unopposed: readonly string[];
    }
  | {
      readonly code: "conflict";
      readonly of: "mate";
      readonly connector: string;
      readonly other: string;
      readonly sizes: readonly { readonly cavity: string; readonly hereMm2: number; readonly thereMm2: number }[];
    }
  | ({
      readonly code: "conflict";
      readonly of: "wire";
      readonly circuit: string | null;
      readonly differs: EndsDiffer;
    } & WireEnds)
  | { readonly code: "same-cavity"; readonly at: Point }
  /** A row sends its wire to a cavity of which the own row says that its wire goes elsewhere. */
  | { readonly code: "other-end-differs"; readonly at: Point; readonly names: Point; readonly says: readonly Point[] }
  /** Several rows send their wires to one cavity that says nothing of it. */
  | { readonly code: "end-claimed-twice"; readonly at: Point; readonly by: readonly Point[] }
  /** A row's wire is said to end where it begins. */
  | { readonly code: "ends-at-itself"; readonly at: Point }
  /** Rows of a connector send their wires to places that no table has. */
  | {
      readonly code: "ends-not-found";
      readonly connector: string;
      readonly ends: readonly { readonly cavity: string; readonly written: string }[];
    }
  /** Two connectors of one side are called as two halves of one, and nobody has said what they plug into. */
  | { readonly code: "halves-not-told"; readonly connector: string; readonly other: string }
  | { readonly code: "missing-terminal"; readonly part: string; readonly fault: PartFault }
  | { readonly code: "repeated-terminal"; readonly part: string; readonly terminal: string }
  | { readonly code: "dangling"; readonly part: string; readonly terminal: string }
  | { readonly code: "no-feed"; readonly part: string; readonly ways: readonly string[] }
);

/** A wire whose two ends are told differently. */
export type EndsDiffer =
  | { readonly what: "colour"; readonly one: string; readonly two: string }
  | { readonly what: "size"; readonly oneMm2: number; readonly twoMm2: number };

/** Both harnesses as one graph. Edges name nodes by their place in `nodes`. */
export interface Harness {
  readonly nodes: readonly HarnessNode[];
  readonly edges: readonly HarnessEdge[];
  readonly wires: readonly Wire[];
  readonly parts: readonly HarnessPart[];
  readonly problems: readonly HarnessProblem[];
  readonly pinById: ReadonlyMap<string, CavityFacts>;
  readonly connectorById: ReadonlyMap<string, ConnectorFacts>;
  readonly partById: ReadonlyMap<string, HarnessPart>;
  readonly wireById: ReadonlyMap<string, Wire>;
  /** The node of each cavity. */
  readonly nodeOfPin: ReadonlyMap<string, number>;
  /** Edges at each node. */
  readonly edgesAt: readonly (readonly number[])[];
  readonly packed: PackedGraph;
  /** By node: the copper that it is on; nodes of one number are joined by wires, mates and links alone. */
  readonly netOf: Int32Array;
  /** By node: the cavity that it is, and the part that the cavity is on. */
  readonly pinAt: readonly (CavityFacts | undefined)[];
  readonly partAt: readonly (HarnessPart | undefined)[];
  readonly chassis: number;
  /** Nodes at battery voltage, and those at its other pole; the body stands in where no battery is shown. */
  readonly plus: number;
  readonly minus: number;
}
