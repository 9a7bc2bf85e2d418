import type { NetElement } from "../../circuit";
import type { Point } from "../../points";
import type { KeyPosition } from "../../state";
import { pointOfNode } from "../model/node-names";
import type { NetSpan } from "../model/spans";
import type { Origin } from "../plan-element";
import type { PowerSolution } from "../types";
import { voltsAt } from "./flow";
import { pathThrough } from "./path";
import { chargedIn } from "./solve";

/** One thing on a drawn path, between two points with voltages. */
export interface DrawnElement {
  readonly key: string;
  readonly symbol: "source" | "fuse" | "switch" | "contact" | "wire" | "joint" | "diode" | "lamp" | "load" | "coil";
  readonly origin: Origin;
  readonly element: NetElement;
  /**
   * The resistance that a source has while the engine turns, Ω, where that is another one; null where it is its own.
   */
  readonly chargedOhms: number | null;
  /** A, along the path. */
  readonly amps: number;
  /** Lost across it along the path, V; null where one end floats. */
  readonly drop: number | null;
  readonly open: boolean;
  /** The wire's colour as its table writes it, for its stripe; null for what is no wire. */
  readonly colour: { readonly base: string | null; readonly tracer: string | null } | null;
}

export interface DrawnPoint {
  /** A loop has its first node last as well. */
  readonly key: string;
  readonly point: Point;
  readonly volts: number | null;
  readonly asked: boolean;
}

/** The schematic of one path: points in order, with an element between each and the next. */
export interface DrawnPath {
  readonly state: KeyPosition;
  readonly points: readonly DrawnPoint[];
  readonly elements: readonly DrawnElement[];
}

export function drawnPath(solution: PowerSolution, state: KeyPosition, node: string): DrawnPath {
  const { model } = solution;
  const { steps } = pathThrough(solution, state, node);
  const nodes =
    steps.length === 0 ? [node] : [(steps[0] as (typeof steps)[number]).from, ...steps.map((step) => step.to)];
  const volts = (at: string) => voltsAt(solution, state, at) ?? null;
  const charged = new Map(chargedIn(solution, state).map((change) => [change.id, change.ohms]));
  return {
    state,
    points: nodes.map(
      (at, nth): DrawnPoint => ({
        key: `${nth} ${at}`,
        point: pointOfNode(model, at),
        volts: volts(at),
        asked: at === node,
      }),
    ),
    elements: steps.map(({ span, from, to, amps, open }, nth): DrawnElement => {
      const [a, b] = [volts(from), volts(to)];
      const { element, origin } = span.planned;
      const wire = origin.type === "wire" ? model.facts.harness.wireById.get(origin.wireId) : undefined;
      return {
        key: `${nth} ${span.name}`,
        symbol: symbolOf(span),
        origin,
        element,
        chargedOhms: charged.get(span.name) ?? null,
        amps,
        drop: a === null || b === null ? null : a - b,
        open,
        colour: origin.type === "wire" ? { base: wire?.colourBase ?? null, tracer: wire?.colourTracer ?? null } : null,
      };
    }),
  };
}

function symbolOf(span: NetSpan): DrawnElement["symbol"] {
  const { element, origin } = span.planned;
  switch (element.type) {
    case "source":
    case "fuse":
    case "switch":
    case "diode":
    case "lamp":
      return element.type;
    case "relay":
      return span.name === element.id ? "coil" : "contact";
    case "resistor":
      return origin.type === "wire" ? "wire" : span.role === "path" ? "joint" : "load";
    default:
      return "load";
  }
}
