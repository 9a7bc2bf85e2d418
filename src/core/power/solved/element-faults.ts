import { Predictor } from "../../circuit";
import type { KeyPosition } from "../../state";
import { usualState } from "../../state";
import { MINUS } from "../nodes";
import type { Origin, PlanElement } from "../plan-element";
import type { PowerSolution } from "../types";
import { pathThrough } from "./path";
import { networkIn, settingOf } from "./solve";

/** A fault of one element that would bring a reading about. */
export interface ElementFault {
  readonly origin: Origin;
  readonly fault: "open" | "resistance" | "blown" | "stuck-open";
  /** Of a poor joint: the resistance that fits, Ω. */
  readonly ohms: number | null;
  /** What would be read with it, V; null where the place would float. */
  readonly volts: number | null;
}

/** A prediction as near as this explains a reading, V, or as this part of it. */
const NEAR_VOLTS = 0.25;
const NEAR_PART = 0.03;
/** A joint or wire may have gone to about this, Ω, and still conduct. */
const WORST_OHMS = 1000;
const MOST = 6;

/**
 * The elements on a cavity's path whose single fault would bring the reading about: opened, or of the resistance that
 * fits. Each is a low-rank change of one factored network, so that a hundred cost hardly more than one.
 */
export function elementFaults(
  solution: PowerSolution,
  pinId: string,
  state: KeyPosition,
  volts: number,
): ElementFault[] {
  const { model } = solution;
  const node = model.nodeOfPin.get(pinId);
  const network = node === undefined ? null : networkIn(solution, state);
  if (node === undefined || network === null) return [];
  const predictor = Predictor.make(network, settingOf(model, usualState(state)));
  if ("code" in predictor) return [];
  const near = (prediction: number | null) =>
    prediction !== null && Math.abs(prediction - volts) <= Math.max(NEAR_VOLTS, NEAR_PART * Math.abs(volts));
  const found = candidates(solution, state, node).flatMap(
    ({ element, origin }): (ElementFault & { readonly miss: number })[] => {
      if (element.type !== "resistor" && element.type !== "fuse" && element.type !== "switch") return [];
      const at = (ohms: number) => predictor.predict([{ id: element.id, ohms }]).volts(node);
      const open = at(Number.POSITIVE_INFINITY);
      // A place that floats reads 0 on a meter, which leads it there itself.
      const shown = open ?? 0;
      if (near(shown))
        return [
          {
            origin,
            fault: element.type === "fuse" ? "blown" : element.type === "switch" ? "stuck-open" : "open",
            ohms: null,
            volts: open,
            miss: Math.abs(shown - volts),
          },
        ];
      if (element.type !== "resistor") return [];
      const ohms = fitting(at, element.ohms, volts);
      const fitted = ohms === null ? null : at(ohms);
      return ohms !== null && near(fitted)
        ? [{ origin, fault: "resistance", ohms, volts: fitted, miss: Math.abs((fitted ?? 0) - volts) }]
        : [];
    },
  );
  return found
    .toSorted((a, b) => a.miss - b.miss)
    .slice(0, MOST)
    .map(({ miss: _, ...one }) => one);
}

/**
 * The resistance at which the reading is met, Ω, by halving on a logarithmic scale; null where it lies outside of what
 * the element can do.
 */
function fitting(at: (ohms: number) => number | null, from: number, volts: number): number | null {
  const [sound, worst] = [at(from), at(WORST_OHMS)];
  if (sound === null || worst === null || (volts - sound) * (volts - worst) > 0) return null;
  let [low, high] = [Math.log(from), Math.log(WORST_OHMS)];
  for (let step = 0; step < 24; step++) {
    const middle = (low + high) / 2;
    const there = at(Math.exp(middle));
    if (there === null) return null;
    if ((there - volts) * (sound - volts) > 0) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/**
 * What lies on the node's way from the source and on to the battery's negative, in its order, and the coils' ways of
 * relays on it.
 */
function candidates(solution: PowerSolution, state: KeyPosition, node: string): PlanElement[] {
  const found = new Map<string, PlanElement>();
  const visit = (at: string, depth: number) => {
    for (const { span } of pathThrough(solution, state, at).steps) {
      found.set(span.planned.element.id, span.planned);
      const { element } = span.planned;
      if (element.type === "relay" && depth < 2)
        for (const coil of [element.coilA, element.coilB])
          if (coil !== MINUS && solution.model.spans.at.has(coil)) visit(coil, depth + 1);
    }
  };
  visit(node, 0);
  return [...found.values()];
}
