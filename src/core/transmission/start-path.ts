import type { CavityPoint } from "../points";
import {
  type NetSpan,
  type Origin,
  type PathStep,
  type PowerSolution,
  pathDown,
  pathThrough,
  pointOfNode,
  voltsAt,
} from "../power";
import { DEAD_VOLTS, type KeyPosition } from "../state";

/** The way of a start signal, from the battery to the solenoid, through the coils of the relays that lead it on. */
export interface StartPath {
  readonly path: readonly CavityPoint[];
  readonly open: readonly Origin[];
  /** Where the starter itself has too little to turn: its cable, else its solenoid's coil; null where neither does. */
  readonly dead: { readonly at: CavityPoint; readonly volts: number | null } | null;
}

/** Less than this at a starter's cable or its solenoid turns nothing, V. */
const TURNS_VOLTS = 6;

/** A relay's coil may be led by another's contact; beyond that it is no start circuit any more. */
const MOST_RELAYS = 4;

/**
 * @param solved the plan in one state alone
 * @param motors of the starters
 */
export function startPath(solved: PowerSolution, key: KeyPosition, motors: readonly NetSpan[]): StartPath {
  const steps = startSteps(solved, key, motors);
  const cavities = new Map<string, CavityPoint>();
  for (const node of steps.flatMap(({ from, to, span }) => (span.role === "source" ? [to] : [from, to]))) {
    const point = pointOfNode(solved.model, node);
    if (point.type === "cavity") cavities.set(point.pinId, point);
  }
  const open = steps.filter(({ open: isOpen, span }) => isOpen && !isContact(span));
  return {
    path: [...cavities.values()],
    open: [...new Map(open.map(({ span }) => [span.name, span.planned.origin])).values()],
    dead: motors.map((motor) => deadAt(solved, key, motor)).find((one) => one !== null) ?? null,
  };
}

function deadAt(solved: PowerSolution, key: KeyPosition, motor: NetSpan): StartPath["dead"] {
  const [contact] = throughMotor(solved, motor);
  if (contact === undefined) return null;
  const { element } = contact.span.planned;
  const cable = contact.span.a === motor.a ? contact.span.b : contact.span.a;
  for (const node of [cable, ...(element.type === "relay" ? [element.coilA] : [])]) {
    const point = pointOfNode(solved.model, node);
    const volts = voltsAt(solved, key, node) ?? null;
    if (point.type === "cavity" && (volts === null || Math.abs(volts) < TURNS_VOLTS)) return { at: point, volts };
  }
  return null;
}

/** The same step by step: what works a relay's coil before what its contact leads on. */
export const startSteps = (solved: PowerSolution, key: KeyPosition, motors: readonly NetSpan[]): PathStep[] =>
  motors.flatMap((motor) => chain(solved, key, throughMotor(solved, motor), MOST_RELAYS));

const isContact = ({ name, planned }: NetSpan): boolean =>
  planned.element.type === "relay" && name !== planned.element.id;

/** What leads to a motor from inside of its starter: the solenoid's contact, or the switch that stands for it. */
const throughMotor = ({ model }: PowerSolution, motor: NetSpan): readonly PathStep[] =>
  (model.spans.at.get(motor.a) ?? []).flatMap((span) =>
    span === motor ? [] : [{ span, from: span.a, to: span.b, amps: 0, open: false }],
  );

/** Before what a relay's contact leads on comes what works its coil: the way up to it, and down to ground. */
function chain(solved: PowerSolution, key: KeyPosition, steps: readonly PathStep[], relays: number): PathStep[] {
  if (relays === 0) return [...steps];
  return steps.flatMap((step) => {
    const { element } = step.span.planned;
    if (element.type !== "relay" || !isContact(step.span)) return [step];
    return [...chain(solved, key, throughCoil(solved, key, element), relays - 1), step];
  });
}

function throughCoil(
  solved: PowerSolution,
  key: KeyPosition,
  { coilA, coilB }: { readonly coilA: string; readonly coilB: string },
): PathStep[] {
  const through = pathThrough(solved, key, coilA).steps;
  const live = Math.abs(voltsAt(solved, key, coilA) ?? 0) >= DEAD_VOLTS;
  // A coil that is fed and draws nothing has its ground open: the way that it would take down is looked for.
  const reachesGround = through.some(({ from, to }) => from === coilB || to === coilB);
  return live && !reachesGround ? [...through, ...pathDown(solved, key, coilB, coilA)] : [...through];
}
