import { isClosedWhen, KEY_POSITIONS, type KeyPosition, neverClosed, usualState } from "../../state";
import type { NetSpan } from "../model/spans";
import type { PowerSolution } from "../types";

/** The key positions in which the plan has a solution. */
export const solvedStates = ({ states }: PowerSolution): KeyPosition[] =>
  KEY_POSITIONS.filter((state) => states.has(state));

/** Volts of a node in a state: null where it floats, undefined where the state has no solution. */
export const voltsAt = ({ states }: PowerSolution, state: KeyPosition, node: string): number | null | undefined =>
  states.get(state)?.volts.get(node);

/** Current through a span from the given node on, A. */
export function ampsFrom({ states }: PowerSolution, state: KeyPosition, span: NetSpan, node: string): number {
  const amps = states.get(state)?.byNumber.amps[span.at] ?? 0;
  // A source's current is told as it leaves its + end.
  const fromA = span.role === "source" ? -amps : amps;
  return span.a === node ? fromA : -fromA;
}

/** The strongest current through a span in some states, whichever way, A. */
export const mostAmps = ({ states }: PowerSolution, span: NetSpan, of: readonly KeyPosition[]): number =>
  of.reduce((most, state) => Math.max(most, Math.abs(states.get(state)?.byNumber.amps[span.at] ?? 0)), 0);

/** Whether a span conducts in a state as it was solved. */
export function isClosed(solution: PowerSolution, state: KeyPosition, span: NetSpan): boolean {
  const { element, closed } = span.planned;
  const solved = solution.states.get(state);
  if (element.type === "switch") return isClosedWhen(closed ?? neverClosed, usualState(state, solution.stance));
  if (element.type === "fuse") return element.blown !== true;
  if (element.type !== "relay" || span.name === element.id) return true;
  const contact = element.contacts[Number(span.name.split("#").at(-1))];
  return (contact?.when === "energised") === (solved?.relays.get(element.id) === "energised");
}
