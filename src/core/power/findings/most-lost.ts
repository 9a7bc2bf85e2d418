import type { KeyPosition } from "../../state";
import type { Origin } from "../plan-element";
import { voltsAt } from "../solved/flow";
import { type PathStep, pathThrough } from "../solved/path";
import type { PowerSolution } from "../types";

/** A stretch of a current's way, with what is lost in it. */
export interface Lost {
  readonly origin: Origin;
  readonly amps: number;
  readonly volts: number;
}

/** Where on the way of the current through a node most of the voltage is lost; null where nothing flows. */
export function mostLostOn(solution: PowerSolution, state: KeyPosition, node: string): Lost | null {
  const dropOf = (step: PathStep) =>
    Math.abs((voltsAt(solution, state, step.from) ?? 0) - (voltsAt(solution, state, step.to) ?? 0));
  const [most] = pathThrough(solution, state, node)
    .steps.filter((step) => step.span.role === "path")
    .map((step) => ({ origin: step.span.planned.origin, amps: Math.abs(step.amps), volts: dropOf(step) }))
    .toSorted((a, b) => b.volts - a.volts);
  return most ?? null;
}
