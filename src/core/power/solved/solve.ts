import { type Change, NETLIST_FORMAT, type NetElement, type Netlist, Network, retuned, type Solution, type SolveResult } from "../../circuit";
import { KEY_STATES, type KeyState, nodeName } from "../../harness";
import { other } from "../model/spans";
import { MINUS } from "../nodes";
import type { PowerState } from "../states";
import type { PowerModel, PowerProblem, PowerSolution } from "../types";
import { solveCharged } from "./charging";

/** The resistances that differ in a state from those of the plan at rest. */
export const chargedIn = ({ charged }: PowerSolution, state: PowerState): readonly Change[] => (state === "running" || state === "run-on" ? charged : []);

/** The netlist of contracts/netlist.md that the plan comes to in a state, to be written out and solved elsewhere. */
export const netlistOf = (solution: PowerSolution, state: KeyState = "run"): Netlist => ({ format: NETLIST_FORMAT, reference: MINUS, state, elements: elementsIn(solution, state) });

function elementsIn(solution: PowerSolution, state: PowerState): NetElement[] {
  const ohms = new Map(chargedIn(solution, state).map((change) => [change.id, change.ohms]));
  return solution.model.pieces.map(({ element }) => (element.type === "source" && ohms.has(element.id) ? { ...element, ohms: ohms.get(element.id) as number } : element));
}

/** The plan made ready for questions about one state; null where it could not be. */
export function networkIn(solution: PowerSolution, state: PowerState): Network | null {
  const { network, model } = solution;
  if (network === null || chargedIn(solution, state).length === 0) return network;
  const whole = retuned(model.net, elementsIn(solution, state));
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
    problems.push({ code: "source-loop", where: built.fault.element ?? "the sources", message: built.fault.message, cure: "Give each battery and alternator its inner resistance.", pinId: null });
    return { model, states: new Map(), charged: [], problems, network: null };
  }
  const { network } = built;
  const states = new Map<PowerState, Solution>();
  const take = (state: PowerState, result: SolveResult) => {
    if (result.ok) states.set(state, result.solution);
    else problems.push({ code: "no-solution", where: `the state ${state}`, message: result.fault.message, cure: "Look at the loads and resistances of the nodes named.", pinId: null });
  };
  for (const state of KEY_STATES) if (state !== "running") take(state, network.solve(state));
  const { result, under: charged } = solveCharged(network, model);
  take("running", result);
  if (result.ok) {
    const pulledIn = new Set([...result.solution.relays].flatMap(([id, is]) => (is === "energised" ? [id] : [])));
    take("run-on", network.solve("off", { pulledIn, alsoClosed: model.charging, changes: [...charged, ...[...model.pressed].map((id) => ({ id, ohms: Number.POSITIVE_INFINITY }))] }));
  }
  if (tried === null) problems.push(...oneSided(model), ...fighting(model, states.get("off")), ...contradictions(model), ...withoutReturn(model));
  return { model, states, charged, problems, network };
}

/** A plan has two sides; with one of them alone there is a vehicle without an engine, or an engine without a vehicle. */
function oneSided({ facts: { harness } }: PowerModel): PowerProblem[] {
  const [missing] = (["host", "donor"] as const).filter((side) => ![...harness.connectorById.values()].some((connector) => connector.side === side));
  if (missing === undefined || harness.connectorById.size === 0) return [];
  return [{ code: "one-side", where: `the ${missing}`, message: missing === "host" ? "The host's pin table is not here yet, and with it the battery and every feed: nothing can be said of the donor's consumers." : "The donor's pin table is not here yet: the host is solved as it stands, without an engine.", cure: `Import the ${missing}'s pin table.`, pinId: null }];
}

/** Current that one battery at rest may take from another before they are told apart, A. */
const FIGHT_AMPS = 0.5;

/** Batteries in parallel of different voltage: one charges the other without end. */
function fighting(model: PowerModel, off: Solution | undefined): PowerProblem[] {
  if (off === undefined) return [];
  return model.pieces.flatMap(({ element, place, name }): PowerProblem[] => {
    if (element.type !== "source" || place.type !== "part" || model.facts.harness.partById.get(place.partId)?.type !== "battery") return [];
    const amps = off.amps.get(element.id) ?? 0;
    if (amps > -FIGHT_AMPS) return [];
    return [{ code: "two-batteries", where: name, message: `With the key off it takes ${(-amps).toFixed(1)} A from another battery: the two are joined at different voltages (this one is given as ${element.volts} V).`, cure: "Correct its voltage, part them by a relay, or leave one of them out.", pinId: null }];
  });
}

/** Consumers of which nothing, whatever is switched, leads back to the battery. */
function withoutReturn(model: PowerModel): PowerProblem[] {
  const spans = model.spans;
  // What a computer may switch is a way back.
  const switched = [...model.facts.harness.nodeOfPin].flatMap(([pinId, at]) => (["computer", "assembly"].includes(model.facts.harness.partAt[at]?.type ?? "") ? [model.nodeOfPin.get(pinId) as string] : []));
  const reached = new Set([MINUS, ...switched]);
  for (const node of reached) for (const span of spans.at.get(node) ?? []) if (span.role === "path") reached.add(span.a).add(span.b);
  const { harness } = model.facts;
  return [...harness.pinById.values()].flatMap((pin): PowerProblem[] => {
    const [node, at] = [model.nodeOfPin.get(pin.id), harness.nodeOfPin.get(pin.id)];
    if (pin.kind !== "supply-in" || node === undefined || at === undefined) return [];
    const partId = harness.partAt[at]?.id;
    const loads = (spans.at.get(node) ?? []).filter((span) => span.role === "load" && span.piece.place.type === "part" && span.piece.place.partId === partId);
    if (loads.length === 0 || loads.some((span) => reached.has(other(span, node)))) return [];
    return [{ code: "no-return", where: nodeName(harness, at), message: "What it feeds has no way back to the battery's negative, whatever is switched on.", cure: "Add the ground that the tables leave out: a wire from its other side to a stud, or the cavity's circuit.", pinId: pin.id }];
  });
}

/** Feeds on one piece of copper whose tables say that they live at different times. */
function contradictions({ facts: { harness } }: PowerModel): PowerProblem[] {
  const byNet = new Map<number, { pinId: string; node: number; alive: string }[]>();
  for (const [pinId, node] of harness.nodeOfPin) {
    const pin = harness.pinById.get(pinId);
    const alive = pin?.params.alive;
    // What a driver's own cavity says of its output is no statement about the copper of a feed.
    if (pin?.kind !== "supply-out" || alive === undefined || alive === "relay") continue;
    const net = harness.netOf[node] as number;
    byNet.set(net, [...(byNet.get(net) ?? []), { pinId, node, alive }]);
  }
  return [...byNet.values()].flatMap((feeds): PowerProblem[] => {
    const [first] = feeds;
    const other = feeds.find((feed) => feed.alive !== first?.alive);
    if (first === undefined || other === undefined) return [];
    return [{ code: "contradiction", where: `${nodeName(harness, first.node)} and ${nodeName(harness, other.node)}`, message: `They are one piece of copper, and the tables say that one lives in ${first.alive} and the other in ${other.alive}. Both cannot be.`, cure: "Correct `alive` of one of them, or find the wire that joins them.", pinId: other.pinId }];
  });
}
