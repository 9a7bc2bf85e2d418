import { cavityPoint } from "../../harness";
import type { CavityPoint } from "../../points";
import type { KeyPosition } from "../../state";
import type { Origin } from "../plan-element";
import { ampsFrom, voltsAt } from "../solved/flow";
import type { PowerSolution } from "../types";
import { ampsAtPin, computerGrounds, isSensorGround, offsetLimit, sensorGroundLimit } from "./computer-grounds";
import { RETURN_STATES } from "./loads";

export interface GroundRow {
  readonly key: string;
  readonly label: string;
  readonly side: string;
  /** Offset to the battery's negative by state, V; null where it floats. */
  readonly volts: Readonly<Partial<Record<KeyPosition, number | null>>>;
  /** What returns here in all, by state, A. */
  readonly amps: Readonly<Partial<Record<KeyPosition, number>>>;
  /** What returns through it, the largest first. */
  readonly returns: readonly {
    readonly origin: Origin;
    readonly amps: Readonly<Partial<Record<KeyPosition, number>>>;
  }[];
  readonly bolted: boolean;
}

/** Each stud with what returns through it, and its offset. */
export function groundTable(solution: PowerSolution): GroundRow[] {
  const { model } = solution;
  const { harness } = model.facts;
  const spans = model.spans;
  const by = <T>(make: (state: KeyPosition) => T) =>
    Object.fromEntries(
      RETURN_STATES.filter((state) => solution.states.has(state)).map((state) => [state, make(state)]),
    ) as Partial<Record<KeyPosition, T>>;
  return harness.parts
    .filter((part) => part.type === "ground-stud")
    .map((part): GroundRow => {
      const nodes = part.terminals.flatMap(({ pinId }) =>
        pinId === null ? [] : [model.nodeOfPin.get(pinId) as string],
      );
      const own = new Set(nodes);
      const arriving = nodes.flatMap((node) =>
        (spans.at.get(node) ?? [])
          .filter((span) => span.planned.origin.type !== "part" && !(own.has(span.a) && own.has(span.b)))
          .map((span) => ({ node, span })),
      );
      const returns = arriving.map(({ node, span }) => ({
        origin: span.planned.origin,
        amps: by((state) => -ampsFrom(solution, state, span, node)),
      }));
      const joint = nodes.flatMap((node) =>
        (spans.at.get(node) ?? [])
          .filter((span) => span.planned.origin.type === "part" && span.planned.origin.partId === part.id)
          .map((span) => ({ node, span })),
      );
      return {
        key: part.id,
        label: part.label,
        side: part.side,
        volts: by((state) => voltsAt(solution, state, nodes[0] ?? "") ?? null),
        amps: by((state) => joint.reduce((sum, { node, span }) => sum + ampsFrom(solution, state, span, node), 0)),
        returns: returns.toSorted(
          (a, b) =>
            Math.abs(b.amps.crank ?? 0) +
            Math.abs(b.amps.running ?? 0) -
            Math.abs(a.amps.crank ?? 0) -
            Math.abs(a.amps.running ?? 0),
        ),
        bolted: joint.length > 0,
      };
    });
}

/**
 * Whether a computer's ground is near enough to the battery's negative, and a sensor ground free of other current. V,
 * A.
 */
export type ReturnVerdict =
  | { readonly code: "apart"; readonly amps: number; readonly limit: number }
  | { readonly code: "shared"; readonly amps: number; readonly limit: number; readonly state: KeyPosition }
  | {
      readonly code: "near" | "off" | "host";
      readonly volts: number;
      readonly limit: number;
      readonly state: KeyPosition;
    }
  | { readonly code: "floats"; readonly state: KeyPosition };

export interface ReturnRow {
  readonly at: CavityPoint;
  readonly role: "sensor-ground" | "computer-ground";
  readonly verdict: ReturnVerdict;
  readonly volts: Readonly<Partial<Record<KeyPosition, number | null>>>;
}

/** What is wrong stands first. */
const isWrong = ({ verdict: { code } }: ReturnRow): boolean => code === "shared" || code === "off" || code === "floats";

/** Grounds of computers and sensor grounds, with their offset to the battery's negative. */
export function returnTable(solution: PowerSolution): ReturnRow[] {
  const {
    facts: { harness },
  } = solution.model;
  const states = RETURN_STATES.filter((state) => solution.states.has(state));
  return computerGrounds(harness)
    .map(
      ({ pin, node }): ReturnRow => ({
        at: cavityPoint(harness, pin.id),
        role: isSensorGround(pin) ? "sensor-ground" : "computer-ground",
        verdict: isSensorGround(pin)
          ? keptApart(solution, pin.id, node, states)
          : nearEnough(solution, node, states, harness.connectorById.get(pin.connectorId)?.side === "host"),
        volts: Object.fromEntries(states.map((state) => [state, voltsAt(solution, state, node) ?? null])),
      }),
    )
    .toSorted((a, b) => Number(isWrong(b)) - Number(isWrong(a)));
}

function keptApart(
  solution: PowerSolution,
  pinId: string,
  node: string,
  states: readonly KeyPosition[],
): ReturnVerdict {
  const limit = sensorGroundLimit(solution.model.facts.harness, pinId);
  const worst = states
    .map((state) => ({ state, amps: ampsAtPin(solution, state, node) }))
    .reduce((most, one) => (one.amps > most.amps ? one : most), { state: "run" as KeyPosition, amps: 0 });
  return worst.amps > limit ? { code: "shared", ...worst, limit } : { code: "apart", amps: worst.amps, limit };
}

/** @param own the host's own computer: what it has always had is no fault of the swap's */
function nearEnough(
  solution: PowerSolution,
  node: string,
  states: readonly KeyPosition[],
  own: boolean,
): ReturnVerdict {
  const all = states.map((state) => ({
    state,
    volts: voltsAt(solution, state, node) ?? null,
    limit: offsetLimit(state),
  }));
  const floating = all.find((one) => one.volts === null);
  if (floating !== undefined) return { code: "floats", state: floating.state };
  const [worst] = all
    .map((one) => ({ ...one, volts: Math.abs(one.volts ?? 0) }))
    .toSorted((a, b) => b.volts / b.limit - a.volts / a.limit);
  return worst === undefined
    ? { code: "floats", state: "run" }
    : { code: worst.volts <= worst.limit ? "near" : own ? "host" : "off", ...worst };
}
