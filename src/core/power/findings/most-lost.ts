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
  const lost = pathThrough(solution, state, node)
    .steps.filter((step) => step.span.role === "path")
    .map((step) => ({ origin: step.span.planned.origin, amps: Math.abs(step.amps), volts: dropOf(step) }));
  const most = Math.max(...lost.map(({ volts }) => volts));
  // Equal joints differ by rounding alone: the first of them on the way stands for all.
  return lost.find(({ volts }) => volts >= most * (1 - SAME_PART)) ?? null;
}

/** Drops that differ by less than this part are equal: ten times what the solution is accurate to. */
const SAME_PART = 1e-5;
