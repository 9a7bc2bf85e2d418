import type { CavityPoint } from "../points";
import {
  isInterlock,
  type Origin,
  type PlanElement,
  type PowerModel,
  type PowerSolution,
  solveIn,
  standing,
  starterMotors,
  TURNS_AMPS,
} from "../power";
import { type ClosedWhen, type KeyPosition, usualState, type VehicleState } from "../state";
import { AUTOMATIC } from "./gearbox";
import { type StartPath, startPath } from "./start-path";

/** Positions in which somebody may turn the key; the engine does not run yet. */
export const CRANK_KEYS = ["off", "accessory", "run", "crank"] as const satisfies readonly KeyPosition[];
export type CrankKey = (typeof CRANK_KEYS)[number];
type Pedal = "pressed" | "released";
type Security = "ok" | "locked";

/** How the vehicle may stand, one axis each; null alone where the job has no such thing. */
export interface CrankAxes {
  readonly ranges: readonly (string | null)[];
  readonly clutch: readonly (Pedal | null)[];
  readonly brake: readonly (Pedal | null)[];
  /** Told apart only where it decides on cranking. */
  readonly security: readonly (Security | null)[];
}

/** One way in which the vehicle may stand when somebody turns the key. */
export interface CrankRow {
  readonly key: CrankKey;
  readonly range: string | null;
  readonly clutch: Pedal | null;
  readonly brake: Pedal | null;
  readonly security: Security | null;
  readonly cranks: boolean;
  readonly wanted: boolean;
  /** Through the starter's motor, A. */
  readonly amps: number;
  /** The way of the start signal: what lets it through, or what lacks on it. Empty where nobody would look for one. */
  readonly path: readonly CavityPoint[];
  /** What is open on that way. */
  readonly open: readonly Origin[];
  /** Where the starter itself has too little to turn. */
  readonly dead: StartPath["dead"];
}

/** What asks before the engine is cranked. */
export interface Interlocks {
  readonly range: boolean;
  readonly clutch: boolean;
  readonly brake: boolean;
  readonly security: boolean;
}

/** Who may crank when. */
export interface CrankTable {
  readonly axes: CrankAxes;
  readonly asks: Interlocks;
  readonly rows: readonly CrankRow[];
  /** The plan has no starter with a motor in it, and nothing can be said. */
  readonly noStarter: boolean;
  /** Ways of standing of which the plan has no solution: told as not cranking, and proving nothing. */
  readonly unsolved: number;
  /** Contacts that lever or clutch work. */
  readonly contacts: readonly Origin[];
  /** The lever is there by what its gearbox has, and no contact of it is in the plan. */
  readonly leverUnread: boolean;
}

/** Ranges in the order of the lever's plate; others stand behind them. */
const PLATE = ["P", "R", "N", "D"];
/** Whether an automatic's lever or gearbox is in the plan: a cavity of it that something is connected to. */
const hasAutomatic = ({ facts: { harness }, nodeOfPin, spans }: PowerModel): boolean =>
  [...harness.pinById.values()].some(
    (pin) =>
      AUTOMATIC.has(pin.quantity) &&
      pin.form.kind !== "spare" &&
      (spans.at.get(nodeOfPin.get(pin.id) ?? "") ?? []).some(({ planned: { origin } }) => origin.type !== "part"),
  );

/** Whether something but the part itself is at one of an element's ends: a contact with its wires off asks nobody. */
function isConnected({ spans }: PowerModel, { element }: PlanElement): boolean {
  const nodes = "a" in element ? [element.a, element.b] : [];
  return nodes.some((node) => (spans.at.get(node) ?? []).some(({ planned: { origin } }) => origin.type !== "part"));
}

/** When each switch is closed that something is connected to. */
const closedOf = (model: PowerModel): readonly ClosedWhen[] =>
  model.elements.flatMap((element) =>
    element.closed !== undefined && isConnected(model, element) ? [element.closed] : [],
  );

function axesOf(model: PowerModel): Omit<CrankAxes, "security"> {
  const closed = closedOf(model);
  const named = closed.flatMap(({ range }) => range ?? []);
  const automatic = named.some((range) => range === "P" || range === "N") || hasAutomatic(model);
  const pedal = (has: boolean): readonly (Pedal | null)[] => (has ? ["pressed", "released"] : [null]);
  return {
    ranges: automatic ? [...new Set([...PLATE, ...named])] : [null],
    clutch: pedal(closed.some(({ clutch }) => clutch !== undefined)),
    brake: pedal(closed.some(({ brake }) => brake !== undefined)),
  };
}

type Stand = Pick<CrankRow, "range" | "clutch" | "brake" | "security">;
const mayStart = ({ range }: Stand): boolean => range === null || range === "P" || range === "N";

/**
 * Every way in which the vehicle may stand, each solved through the plan with its switches set so. Cranking is wanted
 * with the key in crank alone, in Park or Neutral where there is a lever, with every pedal down that an interlock asks
 * for, and with the key known where the anti-theft parts have a say in cranking.
 */
export function crankTable(solution: PowerSolution): CrankTable {
  const { model } = solution;
  const motors = starterMotors(model);
  const { amps, unsolved } = crankingAmps(solution);
  const axes = axesOf(model);
  const stands = axes.ranges.flatMap((range) =>
    axes.clutch.flatMap((clutch) => axes.brake.map((brake): Stand => ({ range, clutch, brake, security: null }))),
  );
  const cranks = (stand: Stand): boolean => amps("crank", stand) >= TURNS_AMPS;
  /** Whether some way of standing, else as it should be, cranks only without the change. */
  const decides = (change: Partial<Stand>): boolean =>
    stands.some((stand) => mayStart(stand) && cranks(stand) && !cranks({ ...stand, ...change }));
  const security = decides({ security: "locked" });
  const asks: Interlocks = {
    range: axes.ranges.some((range) => range !== null && !mayStart({ range } as Stand)) && decidesRange(stands, cranks),
    // A clutch contact is there to be asked; beside a lever it may be another's, the cruise control's for one.
    clutch: axes.clutch.length > 1 && (axes.ranges[0] === null || decides({ clutch: "released" })),
    brake: axes.brake.length > 1 && decides({ brake: "released" }),
    security,
  };
  const all = CRANK_KEYS.flatMap((key) =>
    stands.flatMap((stand) =>
      (security ? (["ok", "locked"] as const) : [null]).map((known) => ({ key, ...stand, security: known })),
    ),
  );
  const rows = all.map((stand): CrankRow => {
    const wanted =
      stand.key === "crank" &&
      mayStart(stand) &&
      (!asks.clutch || stand.clutch === "pressed") &&
      (!asks.brake || stand.brake === "pressed") &&
      stand.security !== "locked";
    const taken = amps(stand.key, stand);
    const turns = taken >= TURNS_AMPS;
    const solved = turns || wanted ? standing(solution, stateOf(stand.key, stand)) : null;
    const way = solved === null ? { path: [], open: [], dead: null } : startPath(solved, stand.key, motors);
    return { ...stand, cranks: turns, wanted, amps: taken, path: way.path, open: way.open, dead: way.dead };
  });
  return {
    axes: { ...axes, security: security ? ["ok", "locked"] : [null] },
    asks,
    rows,
    noStarter: motors.length === 0,
    unsolved: unsolved.size,
    contacts: model.elements.flatMap((element) =>
      isInterlock(element) && isConnected(model, element) ? [element.origin] : [],
    ),
    leverUnread: axes.ranges[0] !== null && !closedOf(model).some(({ range }) => range?.includes("P") === true),
  };
}

/** Whether the lever decides: somewhere it cranks in Park or Neutral, and in gear nowhere. */
const decidesRange = (stands: readonly Stand[], cranks: (stand: Stand) => boolean): boolean =>
  stands.some((stand) => mayStart(stand) && cranks(stand)) &&
  !stands.some((stand) => !mayStart(stand) && cranks(stand));

const stateOf = (key: CrankKey, { range, clutch, brake, security }: Stand): VehicleState =>
  usualState(key, { range, clutch, brake, security: security ?? "ok" });

/** The strongest current through a starter's motor by key and stand, A, each solved once; and what has no solution. */
function crankingAmps(solution: PowerSolution) {
  const motors = starterMotors(solution.model);
  const known = new Map<string, number>();
  const unsolved = new Set<string>();
  const amps = (key: CrankKey, stand: Stand): number => {
    const name = JSON.stringify([key, stand.range, stand.clutch, stand.brake, stand.security ?? "ok"]);
    const before = known.get(name);
    if (before !== undefined) return before;
    const result = solveIn(solution, stateOf(key, stand));
    if (result?.ok !== true) unsolved.add(name);
    const taken =
      result?.ok === true
        ? Math.max(0, ...motors.map(({ at }) => Math.abs(result.solution.byNumber.amps[at] ?? 0)))
        : 0;
    known.set(name, taken);
    return taken;
  };
  return { amps, unsolved };
}

/** Rows in which the plan does other than it should, those that can hurt first. */
export const failingRows = ({ rows }: Pick<CrankTable, "rows">): readonly CrankRow[] =>
  rows.filter(({ cranks, wanted }) => cranks !== wanted).toSorted((a, b) => Number(b.cranks) - Number(a.cranks));
