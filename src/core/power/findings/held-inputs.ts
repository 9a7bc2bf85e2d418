import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import { KEY_POSITIONS, type KeyPosition } from "../../state";
import { voltsAt } from "../solved/flow";
import { pathThrough } from "../solved/path";
import { atPoint, type PowerSolution } from "../types";
import { pointsOf } from "./back-feed";
import type { Cure, Finding } from "./types";

/** What a computer pulls its inputs up to where nobody has said, V. */
const USUAL_PULL_VOLTS = 5;
/** Above the limit by less than this is within what a meter and the solution leave open, V. */
const MARGIN_VOLTS = 0.5;

/**
 * Inputs that something holds above what their computer reads there: a lamp on the same switch lifts an input of 5 V to
 * the battery's voltage as soon as the switch opens.
 */
export function heldInputs(solution: PowerSolution): Finding[] {
  return limitedInputsOf(solution.model.facts.harness).flatMap(({ pin, limit }): Finding[] => {
    const node = solution.model.nodeOfPin.get(pin.id) as string;
    const worst = KEY_POSITIONS.map((state) => ({ state, volts: voltsAt(solution, state, node) ?? 0 })).reduce(
      (most, one) => (one.volts > most.volts ? one : most),
    );
    return worst.volts > limit.volts + MARGIN_VOLTS ? [heldInput(solution, pin, node, worst, limit)] : [];
  });
}

interface InputLimit {
  readonly volts: number;
  readonly isStated: boolean;
}

/** Inputs of computers with what they stand. */
const limitedInputsOf = cachedBy((harness: Harness) =>
  [...harness.nodeOfPin].flatMap(([pinId, at]) => {
    const pin = harness.pinById.get(pinId);
    const limit = pin === undefined || harness.partAt[at]?.type !== "computer" ? null : limitOf(pin);
    return pin === undefined || limit === null ? [] : [{ pin, limit }];
  }),
);

/** The most that an input may have, V; null where it reads the battery's voltage, or nobody can tell. */
function limitOf({ form }: CavityFacts): InputLimit | null {
  if (form.kind !== "logic-in") return null;
  const most = fieldOf(form, "maxVolts");
  if (most !== null) return { volts: most, isStated: true };
  return fieldOf(form, "pull") === "up"
    ? { volts: fieldOf(form, "pullVolts") ?? USUAL_PULL_VOLTS, isStated: fieldOf(form, "pullVolts") !== null }
    : null;
}

/**
 * A diode in the input's own wire, so that the switch can pull it down and the lamp not up: in its link where it has
 * one. In the lamp's wire it would be of no use, for the lamp's current goes the way that the diode lets it.
 */
function inputDiode(solution: PowerSolution, pin: CavityFacts): readonly Cure[] {
  const { harness, links } = solution.model.facts;
  const own = links.find((link) => link.consumerId === pin.id);
  if (own === undefined) return [{ code: "input-diode", at: cavityPoint(harness, pin.id), edit: null }];
  const [from, to] = [cavityPoint(harness, own.providerId), cavityPoint(harness, pin.id)];
  return [{ code: "diode", from, to, edit: { type: "diode", linkId: own.id } }];
}

function heldInput(
  solution: PowerSolution,
  pin: CavityFacts,
  node: string,
  { state, volts }: { readonly state: KeyPosition; readonly volts: number },
  limit: InputLimit,
): Finding {
  const { steps } = pathThrough(solution, state, node);
  const up = steps.slice(0, steps.findIndex((step) => step.to === node) + 1);
  const load = up.findLastIndex((step) => step.span.role === "load");
  return {
    code: "back-feed",
    key: `held ${pin.id}`,
    severity: "fault",
    volts,
    through: up[load]?.span.planned.origin ?? null,
    holdsRelay: false,
    path: pointsOf(solution, up),
    input: { limitVolts: limit.volts, isStated: limit.isStated },
    state,
    amount: { value: volts, limit: limit.volts, unit: "V" },
    node,
    pinId: pin.id,
    at: atPoint(cavityPoint(solution.model.facts.harness, pin.id)),
    also: [],
    cures: inputDiode(solution, pin),
  };
}
