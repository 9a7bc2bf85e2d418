import type { KeyState } from "../../harness";
import { ampsFrom, voltsAt } from "../solved/flow";
import type { PowerSolution } from "../types";
import { ampsAtPin, computerGrounds, isReturn, offsetLimit, SENSORS_AMPS } from "./computer-grounds";
import { RETURN_STATES } from "./loads";

export interface GroundRow {
  readonly key: string;
  readonly label: string;
  readonly side: string;
  /** Offset to the battery's negative by state, V; null where it floats. */
  readonly volts: Readonly<Partial<Record<KeyState, number | null>>>;
  /** What returns here in all, by state, A. */
  readonly amps: Readonly<Partial<Record<KeyState, number>>>;
  /** What hangs on it, the strongest first. */
  readonly returns: readonly { readonly label: string; readonly amps: Readonly<Partial<Record<KeyState, number>>> }[];
  readonly bolted: boolean;
}

/** Each stud with what returns through it, and its offset. */
export function groundTable(solution: PowerSolution): GroundRow[] {
  const { model } = solution;
  const { harness } = model.facts;
  const spans = model.spans;
  const by = <T>(make: (state: KeyState) => T) => Object.fromEntries(RETURN_STATES.filter((state) => solution.states.has(state)).map((state) => [state, make(state)])) as Partial<Record<KeyState, T>>;
  return harness.parts.filter((part) => part.type === "ground-stud").map((part): GroundRow => {
    const nodes = part.terminals.flatMap(({ pinId }) => (pinId === null ? [] : [model.nodeOfPin.get(pinId) as string]));
    const own = new Set(nodes);
    const arriving = nodes.flatMap((node) => (spans.at.get(node) ?? []).filter((span) => span.piece.place.type !== "part" && !(own.has(span.a) && own.has(span.b))).map((span) => ({ node, span })));
    const returns = arriving.map(({ node, span }) => ({ label: span.piece.name.replace(/^link /, ""), amps: by((state) => -ampsFrom(solution, state, span, node)) }));
    const joint = nodes.flatMap((node) => (spans.at.get(node) ?? []).filter((span) => span.piece.place.type === "part" && span.piece.place.partId === part.id).map((span) => ({ node, span })));
    return {
      key: part.id, label: part.label, side: part.side, volts: by((state) => voltsAt(solution, state, nodes[0] ?? "") ?? null), amps: by((state) => joint.reduce((sum, { node, span }) => sum + ampsFrom(solution, state, span, node), 0)),
      returns: returns.toSorted((a, b) => Math.abs(b.amps.crank ?? 0) + Math.abs(b.amps.running ?? 0) - Math.abs(a.amps.crank ?? 0) - Math.abs(a.amps.running ?? 0)), bolted: joint.length > 0,
    };
  });
}

/** Whether a computer's ground is near enough to the battery's negative, and a sensor's return free of other current. V, A. */
export type ReturnVerdict =
  | { readonly code: "apart"; readonly amps: number; readonly limit: number }
  | { readonly code: "shared"; readonly amps: number; readonly limit: number; readonly state: KeyState }
  | { readonly code: "near" | "off" | "host"; readonly volts: number; readonly limit: number; readonly state: KeyState }
  | { readonly code: "floats"; readonly state: KeyState };

export interface ReturnRow {
  readonly pinId: string;
  readonly label: string;
  readonly role: "sensor return" | "computer ground";
  readonly verdict: ReturnVerdict;
  readonly volts: Readonly<Partial<Record<KeyState, number | null>>>;
}

/** What is wrong stands first. */
const isWrong = ({ verdict: { code } }: ReturnRow): boolean => code === "shared" || code === "off" || code === "floats";

/** Grounds of computers and returns of sensors, with their offset to the battery's negative. */
export function returnTable(solution: PowerSolution): ReturnRow[] {
  const { printed, facts: { harness } } = solution.model;
  const states = RETURN_STATES.filter((state) => solution.states.has(state));
  return computerGrounds(harness).map(({ pin, at, node }): ReturnRow => ({
    pinId: pin.id, label: printed.label[at] as string, role: isReturn(pin) ? "sensor return" : "computer ground", verdict: isReturn(pin) ? keptApart(solution, node, states) : nearEnough(solution, node, states, harness.connectorById.get(pin.connectorId)?.side === "host"), volts: Object.fromEntries(states.map((state) => [state, voltsAt(solution, state, node) ?? null])),
  })).toSorted((a, b) => Number(isWrong(b)) - Number(isWrong(a)));
}

function keptApart(solution: PowerSolution, node: string, states: readonly KeyState[]): ReturnVerdict {
  const worst = states.map((state) => ({ state, amps: ampsAtPin(solution, state, node) })).reduce((most, one) => (one.amps > most.amps ? one : most), { state: "run" as KeyState, amps: 0 });
  return worst.amps > SENSORS_AMPS ? { code: "shared", ...worst, limit: SENSORS_AMPS } : { code: "apart", amps: worst.amps, limit: SENSORS_AMPS };
}

/** @param own the host's own computer: what it has always borne is no fault of the swap's */
function nearEnough(solution: PowerSolution, node: string, states: readonly KeyState[], own: boolean): ReturnVerdict {
  const all = states.map((state) => ({ state, volts: voltsAt(solution, state, node) ?? null, limit: offsetLimit(state) }));
  const floating = all.find((one) => one.volts === null);
  if (floating !== undefined) return { code: "floats", state: floating.state };
  const [worst] = all.map((one) => ({ ...one, volts: Math.abs(one.volts ?? 0) })).toSorted((a, b) => b.volts / b.limit - a.volts / a.limit);
  return worst === undefined ? { code: "floats", state: "run" } : { code: worst.volts <= worst.limit ? "near" : own ? "host" : "off", ...worst };
}
