import {
  type Change,
  NETLIST_FORMAT,
  type NetElement,
  type Netlist,
  Network,
  type Solution,
  type SolveResult,
  type SwitchSetting,
  withValues,
} from "../../circuit";
import { fieldOf } from "../../forms";
import { pointAt } from "../../harness";
import {
  type Alive,
  isClosedWhen,
  type KeyPosition,
  type NetlistKey,
  neverClosed,
  usualState,
  type VehicleState,
} from "../../state";
import { other } from "../model/spans";
import { MINUS } from "../nodes";
import type { PowerModel, PowerProblem, PowerSolution } from "../types";
import { solveCharged } from "./charging";

/** The resistances that differ in a state from those of the plan at rest. */
export const chargedIn = ({ charged }: PowerSolution, state: KeyPosition): readonly Change[] =>
  state === "running" || state === "coasting" ? charged : [];

/** The netlist of contracts/netlist.md that the plan comes to in a state, to be written out and solved elsewhere. */
export const netlistOf = (solution: PowerSolution, state: NetlistKey = "run"): Netlist => ({
  format: NETLIST_FORMAT,
  reference: MINUS,
  state,
  elements: elementsIn(solution, state),
});

/** How the plan's switches stand in a state of the vehicle: their predicates over it decide. */
export function settingOf({ elementOf }: Pick<PowerModel, "elementOf">, state: VehicleState): SwitchSetting {
  return {
    name: JSON.stringify(state),
    isClosed: ({ id }) => isClosedWhen(elementOf.get(id)?.closed ?? neverClosed, state),
  };
}

/**
 * The plan solved in any state of the vehicle: another range, a pedal, a switch that it names. All share the network's
 * one order of elimination.
 */
export function solveIn({ network, model, charged }: PowerSolution, state: VehicleState): SolveResult | null {
  if (network === null) return null;
  const changes = state.key === "running" || state.key === "coasting" ? charged : [];
  return network.solve(settingOf(model, state), { changes });
}

/**
 * The plan in one state of the vehicle alone, lever and pedals as told: paths and volts are asked of it as of the whole.
 * Null where it has no solution.
 */
export function standing(solution: PowerSolution, state: VehicleState): PowerSolution | null {
  const result = solveIn(solution, state);
  if (result === null || !result.ok) return null;
  const { key, ...stance } = state;
  return { ...solution, states: new Map([[key, result.solution]]), stance };
}

/** The plan's elements as they are in a state. */
export function elementsIn(solution: PowerSolution, state: KeyPosition): NetElement[] {
  const ohms = new Map(chargedIn(solution, state).map((change) => [change.id, change.ohms]));
  return solution.model.elements.map(({ element }) =>
    element.type === "source" && ohms.has(element.id) ? { ...element, ohms: ohms.get(element.id) as number } : element,
  );
}

/** The plan made ready for questions about one state; null where it could not be. */
export function networkIn(solution: PowerSolution, state: KeyPosition): Network | null {
  const { network, model } = solution;
  if (network === null || chargedIn(solution, state).length === 0) return network;
  const whole = withValues(model.net, elementsIn(solution, state));
  const built = whole === null ? null : Network.of(whole, network);
  return built?.ok ? built.network : null;
}

/**
 * Solves the plan in every key state. What cannot be solved is named, and the rest is solved without it.
 *
 * @param tried the solution of the plan as it is, where this is that plan with something tried on it: then the facts are not searched again for what is wrong with them
 */
export function solvePower(model: PowerModel, tried: PowerSolution | null = null): PowerSolution {
  const problems: PowerProblem[] = [...model.problems];
  const built = Network.of(model.net, tried?.network);
  if (!built.ok) {
    problems.push({ code: "source-loop", fault: built.fault, pinId: null });
    return { model, states: new Map(), charged: [], problems, network: null };
  }
  const { network } = built;
  const states = new Map<KeyPosition, Solution>();
  const keep = (state: KeyPosition, result: SolveResult) => {
    if (result.ok) states.set(state, result.solution);
    else problems.push({ code: "no-solution", state, fault: result.fault, pinId: null });
  };
  const setting = (key: KeyPosition) => settingOf(model, usualState(key));
  for (const key of ["off", "accessory", "run", "crank"] as const) keep(key, network.solve(setting(key)));
  const { result, under: charged } = solveCharged(network, model, setting("running"));
  keep("running", result);
  if (result.ok) {
    // Relays are as they were when the key was turned off.
    const pulledIn = new Set([...result.solution.relays].flatMap(([id, is]) => (is === "energised" ? [id] : [])));
    keep("coasting", network.solve(setting("coasting"), { pulledIn, changes: charged }));
  }
  if (tried === null)
    problems.push(
      ...oneSided(model),
      ...fighting(model, states.get("off")),
      ...contradictions(model),
      ...withoutReturn(model),
    );
  return { model, states, charged, problems, network };
}

/**
 * A plan has two sides; with one of them alone there is a vehicle without an engine, or an engine without a vehicle.
 */
function oneSided({ facts: { harness } }: PowerModel): PowerProblem[] {
  const [missing] = (["host", "donor"] as const).filter(
    (side) => ![...harness.connectorById.values()].some((connector) => connector.side === side),
  );
  if (missing === undefined || harness.connectorById.size === 0) return [];
  return [{ code: "one-side", missing, pinId: null }];
}

/** Current that one battery at rest may take from another before they are told apart, A. */
const FIGHT_AMPS = 0.5;

/** Batteries in parallel of different voltage: one charges the other without end. */
function fighting(model: PowerModel, off: Solution | undefined): PowerProblem[] {
  if (off === undefined) return [];
  return model.elements.flatMap(({ element, origin }): PowerProblem[] => {
    if (
      element.type !== "source" ||
      origin.type !== "part" ||
      model.facts.harness.partById.get(origin.partId)?.type !== "battery"
    )
      return [];
    const amps = off.amps.get(element.id) ?? 0;
    if (amps > -FIGHT_AMPS) return [];
    return [{ code: "two-batteries", part: origin.label, amps: -amps, volts: element.volts, pinId: null }];
  });
}

/** Consumers of which nothing, whatever is switched, leads back to the battery. */
function withoutReturn(model: PowerModel): PowerProblem[] {
  const spans = model.spans;
  // What a computer may switch is a way back.
  const switched = [...model.facts.harness.nodeOfPin].flatMap(([pinId, at]) =>
    ["computer", "assembly"].includes(model.facts.harness.partAt[at]?.type ?? "")
      ? [model.nodeOfPin.get(pinId) as string]
      : [],
  );
  const reached = new Set([MINUS, ...switched]);
  for (const node of reached)
    for (const span of spans.at.get(node) ?? []) if (span.role === "path") reached.add(span.a).add(span.b);
  const { harness } = model.facts;
  return [...harness.pinById.values()].flatMap((pin): PowerProblem[] => {
    const [node, at] = [model.nodeOfPin.get(pin.id), harness.nodeOfPin.get(pin.id)];
    if (pin.form.kind !== "supply-in" || node === undefined || at === undefined) return [];
    const partId = harness.partAt[at]?.id;
    const loads = (spans.at.get(node) ?? []).filter(
      (span) => span.role === "load" && span.planned.origin.type === "part" && span.planned.origin.partId === partId,
    );
    if (loads.length === 0 || loads.some((span) => reached.has(other(span, node)))) return [];
    return [{ code: "no-return", at: pointAt(harness, at), pinId: pin.id }];
  });
}

/** Feeds on one piece of copper whose tables say that they are live at different times. */
function contradictions({ facts: { harness } }: PowerModel): PowerProblem[] {
  const byNet = new Map<number, { pinId: string; node: number; alive: Alive }[]>();
  for (const [pinId, node] of harness.nodeOfPin) {
    const pin = harness.pinById.get(pinId);
    const alive = pin === undefined ? null : fieldOf(pin.form, "alive");
    // What a driver's own cavity says of its output is no statement about the copper of a feed.
    if (pin?.form.kind !== "supply-out" || alive === null || alive === "relay") continue;
    const net = harness.netOf[node] as number;
    byNet.set(net, [...(byNet.get(net) ?? []), { pinId, node, alive }]);
  }
  return [...byNet.values()].flatMap((feeds): PowerProblem[] => {
    const [first] = feeds;
    const other = feeds.find((feed) => feed.alive !== first?.alive);
    if (first === undefined || other === undefined) return [];
    return [
      {
        code: "contradiction",
        one: pointAt(harness, first.node),
        two: pointAt(harness, other.node),
        aliveOne: first.alive,
        aliveTwo: other.alive,
        pinId: other.pinId,
      },
    ];
  });
}
