import { type Harness, nodeName, type Wire } from "../../harness";
import { lengthText, sizeWords, type Units } from "../../units";
import { wireOhms } from "../../wire";
import { onceFor } from "../once-for";
import type { Piece } from "../piece";
import type { TriedWire } from "../tried";
import type { PowerProblem } from "../types";
import { printedOf } from "./printed";

/** Taken for wires whose size or length nobody knows: signal wire, and from one end of a van to the middle. */
export const USUAL_MM2 = 0.75;
const USUAL_M = 1.5;
/** Longer or thicker than anything on a vehicle: a slip of the keys. */
const ABSURD_M = 50;
const ABSURD_MM2 = 150;
/** Copper's own temperature under everyday load, °C: our assumption. */
export const CONDUCTOR_C = 40;
/** A plug's two contacts, Ω. */
const MATE_OHMS = 0.003;

/** A terminal crimped on a wire, Ω: the thicker the wire, the better it is joined (about 10 mV at the wire's usual current). */
export const terminalOhms = (sizeMm2: number) => Math.min(0.002, 0.005 / sizeMm2);

/** Something of the harness as pieces of the netlist, with what is taken for granted of it and what is wrong with it. */
export interface Laid {
  readonly pieces: readonly Piece[];
  readonly problems: readonly PowerProblem[];
  readonly assumed: readonly string[];
}

interface WireToLay {
  readonly id: string;
  readonly a: string;
  readonly b: string;
  readonly name: string;
  readonly sizeMm2: number;
  readonly lengthM: number;
  readonly assumed: readonly ("size" | "length")[];
}

/** A wire between two nodes: its copper, and a terminal at each end. */
export function wirePiece({ id, a, b, name, sizeMm2, lengthM, assumed }: WireToLay): Piece {
  const copperOhms = wireOhms({ lengthM, areaMm2: sizeMm2, conductorC: CONDUCTOR_C });
  const jointOhms = terminalOhms(sizeMm2) * 2;
  return { element: { id, type: "resistor", a, b, ohms: copperOhms + jointOhms }, place: { type: "wire", wireId: id, copperOhms, jointOhms, sizeMm2, lengthM, assumed }, name };
}

/** The harness's wires in their order, as its tables have them. */
const lists = { metric: onceFor((harness: Harness) => listOf(harness, "metric")), imperial: onceFor((harness: Harness) => listOf(harness, "imperial")) };
const listOf = (harness: Harness, units: Units): readonly Laid[] => harness.wires.map((wire) => layWire(harness, wire, units));
export const laidWires = (harness: Harness, units: Units): readonly Laid[] => lists[units](harness);

/** A wire of the harness; with another size or length where one is tried. */
export function layWire(harness: Harness, wire: Wire, units: Units, tried?: TriedWire): Laid {
  const { nodeName: names } = printedOf(harness);
  const [a, b] = [names[wire.a] as string, names[wire.b] as string];
  if (a === b) return { pieces: [], problems: [], assumed: [] };
  const name = wireName(harness, wire);
  const [assumed, says, problems] = [[], [], []] as [("size" | "length")[], string[], PowerProblem[]];
  const bounded = (value: number | null, most: number, usual: number, what: "size" | "length", text: (value: number, units: Units) => string): number => {
    if (value !== null && value > 0 && value <= most) return value;
    assumed.push(what);
    if (value === null) says.push(`${text(usual, units)} where a wire's ${what} is not known`);
    else problems.push({ code: "absurd", where: name, message: `Its ${what} is given as ${value > 0 ? text(value, units) : value}; ${text(usual, units)} is taken instead.`, cure: `Correct the ${what} in the pin table or at the wire.`, pinId: wire.pinIds[0] ?? null });
    return usual;
  };
  const sizeMm2 = bounded(tried?.sizeMm2 ?? wire.sizeMm2, ABSURD_MM2, USUAL_MM2, "size", sizeWords);
  const lengthM = bounded(tried?.lengthM ?? wire.lengthM, ABSURD_M, USUAL_M, "length", (metres) => lengthText(metres, units));
  return { pieces: [wirePiece({ id: wire.id, a, b, name, sizeMm2, lengthM, assumed })], problems, assumed: says };
}

/** By both ends; one of which the tables do not show its other end, by the cavity that it is in. */
function wireName(harness: Harness, wire: Wire): string {
  const open = [wire.a, wire.b].some((at) => harness.nodes[at]?.type === "open");
  const [pinId] = wire.pinIds;
  if (open && pinId !== undefined) return `the wire at ${nodeName(harness, harness.nodeOfPin.get(pinId) as number)}`;
  return `${nodeName(harness, wire.a)} to ${nodeName(harness, wire.b)}`;
}

/** Halves of in-line connectors: nothing that is tried bears them. */
export const laidMates = onceFor((harness: Harness): readonly Piece[] => {
  const { nodeName: names } = printedOf(harness);
  return harness.edges.flatMap(({ id, type, a, b }): Piece[] => {
    if (type !== "mate") return [];
    const pinIds = [a, b].map((at) => harness.pinAt[at]?.id ?? "") as [string, string];
    return [{ element: { id, type: "resistor", a: names[a] as string, b: names[b] as string, ohms: MATE_OHMS }, place: { type: "mate", pinIds }, name: `${nodeName(harness, a)} in ${nodeName(harness, b)}` }];
  });
});
