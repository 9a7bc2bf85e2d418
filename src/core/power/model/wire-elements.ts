import { cachedBy } from "../../cached-by";
import { endsOf, type Harness, pointAt, type Wire } from "../../harness";
import type { WireEnds } from "../../points";
import { USUAL_WIRE, wireOhms } from "../../wire";
import type { PlanElement } from "../plan-element";
import type { TriedWire } from "../tried";
import type { AssumedFact, PowerProblem } from "../types";
import { nodeNamesOf } from "./node-names";

/** Longer or thicker than anything on a vehicle: a slip of the keys. */
const ABSURD_M = 50;
const ABSURD_MM2 = 150;
/** Copper's own temperature under everyday load, °C: our assumption. */
export const CONDUCTOR_C = 40;
/** A plug's two contacts, Ω. */
const MATE_OHMS = 0.003;

/**
 * A terminal crimped on a wire, Ω: the thicker the wire, the better it is joined (about 10 mV at the wire's usual
 * current).
 */
export const terminalOhms = (sizeMm2: number) => Math.min(0.002, 0.005 / sizeMm2);

/** Something of the harness as elements of the netlist, with what is assumed of it and what is wrong with it. */
export interface Elements {
  readonly elements: readonly PlanElement[];
  readonly problems: readonly PowerProblem[];
  readonly assumed: readonly AssumedFact[];
}

interface NewWire {
  readonly id: string;
  readonly a: string;
  readonly b: string;
  readonly ends: WireEnds;
  readonly sizeMm2: number;
  readonly lengthM: number;
  readonly assumed: readonly ("size" | "length")[];
  readonly isTried: boolean;
}

/** A wire between two nodes: its copper, and a terminal at each end. */
export function wireElement({ id, a, b, ends, sizeMm2, lengthM, assumed, isTried }: NewWire): PlanElement {
  const copperOhms = wireOhms({ lengthM, areaMm2: sizeMm2, conductorC: CONDUCTOR_C });
  const jointOhms = terminalOhms(sizeMm2) * 2;
  return {
    element: { id, type: "resistor", a, b, ohms: copperOhms + jointOhms },
    origin: { type: "wire", wireId: id, ...ends, copperOhms, jointOhms, sizeMm2, lengthM, assumed, isTried },
  };
}

/** The harness's wires in their order, as its tables have them. */
export const wiresOf = cachedBy((harness: Harness): readonly Elements[] =>
  harness.wires.map((wire) => elementsOfWire(harness, wire)),
);

/** A wire of the harness; with another size or length where one is tried. */
export function elementsOfWire(harness: Harness, wire: Wire, tried?: TriedWire): Elements {
  const { nodeName: names } = nodeNamesOf(harness);
  const [a, b] = [names[wire.a] as string, names[wire.b] as string];
  if (a === b) return { elements: [], problems: [], assumed: [] };
  const ends = endsOf(harness, wire);
  const unsure: ("size" | "length")[] = [];
  const assumed: AssumedFact[] = [];
  const problems: PowerProblem[] = [];
  const bounded = (what: "size" | "length", value: number | null, most: number, usual: number): number => {
    if (value !== null && value > 0 && value <= most) return value;
    unsure.push(what);
    if (value === null)
      assumed.push(what === "size" ? { code: "wire-size", sizeMm2: usual } : { code: "wire-length", lengthM: usual });
    else problems.push({ code: "absurd", what, value, taken: usual, ...ends, pinId: wire.pinIds[0] ?? null });
    return usual;
  };
  const sizeMm2 = bounded("size", tried?.sizeMm2 ?? wire.sizeMm2, ABSURD_MM2, USUAL_WIRE.areaMm2);
  const lengthM = bounded("length", tried?.lengthM ?? wire.lengthM, ABSURD_M, USUAL_WIRE.lengthM);
  return {
    elements: [wireElement({ id: wire.id, a, b, ends, sizeMm2, lengthM, assumed: unsure, isTried: false })],
    problems,
    assumed,
  };
}

/** Halves of in-line connectors: a try changes nothing of them. */
export const matesOf = cachedBy((harness: Harness): readonly PlanElement[] => {
  const { nodeName: names } = nodeNamesOf(harness);
  return harness.edges.flatMap(({ id, type, a, b }): PlanElement[] =>
    type === "mate"
      ? [
          {
            element: { id, type: "resistor", a: names[a] as string, b: names[b] as string, ohms: MATE_OHMS },
            origin: { type: "mate", from: pointAt(harness, a), to: pointAt(harness, b) },
          },
        ]
      : [],
  );
});
