import { type NamedBranches, NumberedMap } from "../../circuit";
import type { Piece } from "../piece";

/** One way through an element from node to node; a relay has its coil and each contact. */
export interface NetSpan {
  /** The name of its current in a solution: the element's id, of contacts `id#0`. */
  readonly name: string;
  readonly a: string;
  readonly b: string;
  /** Numbers of the branch and its two nodes in the netlist. */
  readonly at: number;
  readonly i: number;
  readonly j: number;
  readonly piece: Piece;
  /** `path`: current goes on; `load`: it is used; `source`: it comes from here. */
  readonly role: "path" | "load" | "source";
}

/** All ways through the model's elements, and those at each node. */
export interface Spans {
  /** By branch of the netlist. */
  readonly all: readonly NetSpan[];
  readonly at: ReadonlyMap<string, readonly NetSpan[]>;
  /** By number of the node. */
  readonly atNode: readonly (readonly NetSpan[])[];
}

/** From this resistance on a resistor of a part uses current rather than passing it on, Ω. */
const LOAD_OHMS = 0.4;

function roleOf({ element, place }: Piece): NetSpan["role"] {
  switch (element.type) {
    case "source": return "source";
    case "resistor": return place.type === "wire" || place.type === "mate" || place.type === "assumed" || (place.type === "link" && place.role === "wire") || (element.ohms < LOAD_OHMS && !element.id.endsWith("/motor")) ? "path" : "load";
    case "switch": case "fuse": case "diode": return "path";
    default: return "load";
  }
}

/**
 * @param pieces one an element of the netlist, in its order
 * @param like   of a netlist numbered alike: ways of the same pieces are the same
 */
export function spansOf(pieces: readonly Piece[], { nodes, nodeOf, list }: NamedBranches, like: Spans | null = null): Spans {
  const atNode = like === null ? nodes.map((): readonly NetSpan[] => []) : like.atNode.slice();
  let piece = -1;
  const all = list.map(({ name, contact, a, b }, at): NetSpan => {
    // A contact belongs to the element before it.
    if (contact < 0) piece += 1;
    const own = pieces[piece] as Piece;
    const known = like?.all[at];
    if (known?.piece === own) return known;
    const span: NetSpan = { name, a: nodes[a] as string, b: nodes[b] as string, at, i: a, j: b, piece: own, role: own.element.type === "relay" ? (contact < 0 ? "load" : "path") : roleOf(own) };
    for (const node of [a, b]) {
      if (known === undefined) (atNode[node] as NetSpan[]).push(span);
      else atNode[node] = (atNode[node] as readonly NetSpan[]).map((one) => (one === known ? span : one));
    }
    return span;
  });
  return { all, at: new NumberedMap(nodeOf, (at) => atNode[at] as readonly NetSpan[]), atNode };
}

export const other = (span: NetSpan, node: string): string => (span.a === node ? span.b : span.a);
