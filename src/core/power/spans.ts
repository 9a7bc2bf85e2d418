import type { Piece, PowerModel } from "./types";
import type { PowerSolution, PowerState } from "./solve";

/** One way through an element from node to node; a relay has its coil and each contact. */
export interface NetSpan {
  /** The name of its current in a solution: the element's id, of contacts `id#0`. */
  readonly name: string;
  readonly a: string;
  readonly b: string;
  readonly piece: Piece;
  /** `path`: current goes on; `load`: it is used; `source`: it comes from here. */
  readonly role: "path" | "load" | "source";
}

/** All ways through the model's elements, and those at each node. */
export interface Spans {
  readonly all: readonly NetSpan[];
  readonly at: ReadonlyMap<string, readonly NetSpan[]>;
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

const KNOWN = new WeakMap<PowerModel, Spans>();

export function spansOfModel(model: PowerModel): Spans {
  const known = KNOWN.get(model);
  if (known !== undefined) return known;
  const all = model.pieces.flatMap((piece): NetSpan[] => {
    const { element } = piece;
    if (element.type !== "relay") return [{ name: element.id, a: element.a, b: element.b, piece, role: roleOf(piece) }];
    return [
      { name: element.id, a: element.coilA, b: element.coilB, piece, role: "load" },
      ...element.contacts.map(({ a, b }, at): NetSpan => ({ name: `${element.id}#${at}`, a, b, piece, role: "path" })),
    ];
  });
  const at = new Map<string, NetSpan[]>();
  for (const span of all) for (const node of [span.a, span.b]) { const own = at.get(node); if (own === undefined) at.set(node, [span]); else own.push(span); }
  const spans = { all, at };
  KNOWN.set(model, spans);
  return spans;
}

export const other = (span: NetSpan, node: string): string => (span.a === node ? span.b : span.a);

/** Volts of a node in a state: null where it floats, undefined where the state has no solution. */
export const voltsAt = ({ states }: PowerSolution, state: PowerState, node: string): number | null | undefined => states.get(state)?.volts.get(node);

/** Current through a span from the given node on, A. */
export function ampsFrom({ states }: PowerSolution, state: PowerState, span: NetSpan, node: string): number {
  const amps = states.get(state)?.amps.get(span.name) ?? 0;
  // A source's current is told as it leaves its + end.
  const fromA = span.role === "source" ? -amps : amps;
  return span.a === node ? fromA : -fromA;
}

/** Whether a span conducts in a state as it was solved. */
export function isClosed(solution: PowerSolution, state: PowerState, span: NetSpan): boolean {
  const { element } = span.piece;
  const solved = solution.states.get(state);
  if (element.type === "switch" && state === "run-on" && solution.model.pressed.has(element.id)) return false;
  if (element.type === "switch") return element.closedIn.includes(state === "run-on" ? "off" : state) || (state === "run-on" && solution.model.charging.has(element.id));
  if (element.type === "fuse") return element.blown !== true;
  if (element.type !== "relay" || span.name === element.id) return true;
  const contact = element.contacts[Number(span.name.split("#").at(-1))];
  return (contact?.when === "energised") === (solved?.relays.get(element.id) === "energised");
}
