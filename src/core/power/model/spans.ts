import { type NamedBranches, NumberedMap } from "../../circuit";
import type { Origin, PlanElement } from "../plan-element";

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
  readonly planned: PlanElement;
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

const isCopper = (origin: Origin): boolean => {
  switch (origin.type) {
    case "wire":
    case "mate":
    case "battery-post":
    case "assumed-ground":
      return true;
    case "link":
      return origin.as === "wire";
    default:
      return false;
  }
};

const isMotor = (origin: Origin) =>
  origin.type === "tried-load" ||
  (origin.type === "part" && (origin.role === "motor" || origin.role === "starter-motor"));

function roleOf({ element, origin }: PlanElement): NetSpan["role"] {
  switch (element.type) {
    case "source":
      return "source";
    case "resistor":
      return isCopper(origin) || (element.ohms < LOAD_OHMS && !isMotor(origin)) ? "path" : "load";
    case "switch":
    case "fuse":
    case "diode":
      return "path";
    default:
      return "load";
  }
}

/**
 * @param planned one an element of the netlist, in its order
 * @param like   of a netlist numbered alike: ways of the same elements are the same
 */
export function spansOf(
  planned: readonly PlanElement[],
  { nodes, nodeOf, list }: NamedBranches,
  like: Spans | null = null,
): Spans {
  const atNode = like === null ? nodes.map((): readonly NetSpan[] => []) : like.atNode.slice();
  let nth = -1;
  const all = list.map(({ name, contact, a, b }, at): NetSpan => {
    // A contact belongs to the element before it.
    if (contact < 0) nth += 1;
    const own = planned[nth] as PlanElement;
    const known = like?.all[at];
    if (known?.planned === own) return known;
    const span: NetSpan = {
      name,
      a: nodes[a] as string,
      b: nodes[b] as string,
      at,
      i: a,
      j: b,
      planned: own,
      role: own.element.type === "relay" ? (contact < 0 ? "load" : "path") : roleOf(own),
    };
    for (const node of [a, b]) {
      if (known === undefined) (atNode[node] as NetSpan[]).push(span);
      else atNode[node] = (atNode[node] as readonly NetSpan[]).map((one) => (one === known ? span : one));
    }
    return span;
  });
  return { all, at: new NumberedMap(nodeOf, (at) => atNode[at] as readonly NetSpan[]), atNode };
}

export const other = (span: NetSpan, node: string): string => (span.a === node ? span.b : span.a);
