import { type CavityFacts, nodeName } from "../../harness";
import { sizeWords } from "../../units";
import { BLOCK, MINUS } from "../nodes";
import { voltsAt } from "../solved/flow";
import { pathThrough } from "../solved/path";
import { POWER_STATES, type PowerState } from "../states";
import { ampsAtPin, computerGrounds, isPowerGround, isReturn, offsetLimit, SENSORS_AMPS } from "../tables/computer-grounds";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import { thickerWire } from "./thicker";
import type { Cure, Finding } from "./types";

/** Thick enough for a starter's return, mm². */
const STRAP_MM2 = 16;
const STRAP_M = 0.5;

export function groundFindings(solution: PowerSolution): Finding[] {
  return [...missingBlock(solution), ...sharedReturns(solution), ...offsets(solution)];
}

const solvedStates = (solution: PowerSolution) => POWER_STATES.filter((state) => solution.states.has(state));

/** Sensor returns through which somebody else's current goes. */
function sharedReturns(solution: PowerSolution): Finding[] {
  const { harness } = solution.model.facts;
  const nets = new Map<number, { pin: CavityFacts; node: string; at: number; amps: number; state: PowerState }>();
  // The computer's own cavity stands for the whole return.
  for (const { pin, at, node } of computerGrounds(harness)) {
    if (!isReturn(pin)) continue;
    for (const state of solvedStates(solution)) {
      const amps = ampsAtPin(solution, state, node);
      const known = nets.get(harness.netOf[at] as number);
      if (amps > SENSORS_AMPS && amps > (known?.amps ?? 0)) nets.set(harness.netOf[at] as number, { pin, node, at, amps, state });
    }
  }
  return [...nets.values()].map(({ pin, node, at, amps, state }): Finding => {
    const volts = voltsAt(solution, state, node) ?? 0;
    return {
      key: `shared ${pin.id}`, code: "shared-ground", severity: amps > 5 ? "danger" : "fault", title: `${nodeName(harness, at)}, a sensor's return, carries ${amps.toFixed(amps < 1 ? 2 : 1)} A ${stateWords[state]}`,
      why: `Sensors take a few milliamperes. Its wire also leads to ${reaches(solution, node)}, so that other current returns through it and lifts it by ${(1000 * Math.abs(volts)).toFixed(0)} mV: every sensor on it reads wrong by that.`,
      state, amount: { value: amps, limit: SENSORS_AMPS, unit: "A" }, node, pinId: pin.id, where: nodeName(harness, at), also: [], cures: partingCures(solution, node),
    };
  });
}

/** The grounds on the same copper, by name. */
function reaches(solution: PowerSolution, node: string): string {
  const { harness } = solution.model.facts;
  const own = solution.model.printed.pinsOf.get(node)?.[0];
  const net = own === undefined ? undefined : harness.netOf[harness.nodeOfPin.get(own) as number];
  const names = [...harness.nodeOfPin].filter(([pinId, at]) => harness.netOf[at] === net && isPowerGround(harness.pinById.get(pinId) as CavityFacts) && harness.partAt[at]?.type === "ground-stud").map(([, at]) => nodeName(harness, at));
  return names.slice(0, 3).join(", ") || "a power ground";
}

/** An added wire that joins a return to a ground is taken out; a link goes to the computer's own return. */
function partingCures(solution: PowerSolution, node: string): Cure[] {
  const { harness } = solution.model.facts;
  return (solution.model.spans.at.get(node) ?? []).flatMap(({ piece: { place, name } }): Cure[] => {
    if (place.type !== "wire") return [];
    const wire = harness.wireById.get(place.wireId);
    if (wire?.added !== true) return [];
    return [{ text: `Take out the wire from ${name}: the return ends at its own computer alone`, edit: { type: "unwire", wireId: wire.id } }];
  });
}

/** Computers whose ground lies high under load. */
function offsets(solution: PowerSolution): Finding[] {
  const { harness } = solution.model.facts;
  return harness.parts.filter((part) => part.type === "computer" && part.side !== "host").flatMap((part): Finding[] => {
    const grounds = part.terminals.flatMap(({ pinId }) => { const pin = pinId === null ? undefined : harness.pinById.get(pinId); const node = pinId === null ? undefined : solution.model.nodeOfPin.get(pinId); return pin !== undefined && node !== undefined && isPowerGround(pin) ? [{ pin, node }] : []; });
    const worst = grounds.flatMap(({ pin, node }) => solvedStates(solution).map((state) => ({ pin, node, state, volts: voltsAt(solution, state, node) ?? 0, limit: offsetLimit(state) }))).toSorted((a, b) => Math.abs(b.volts) / b.limit - Math.abs(a.volts) / a.limit)[0];
    if (worst === undefined || Math.abs(worst.volts) <= worst.limit) return [];
    const at = harness.nodeOfPin.get(worst.pin.id) as number;
    return [{
      key: `offset ${part.id}`, code: "ground-offset", severity: "fault", title: `${part.label}'s ground lies ${(1000 * Math.abs(worst.volts)).toFixed(0)} mV off ${stateWords[worst.state]}`,
      why: `At ${nodeName(harness, at)} against the battery's negative: what returns through the same copper lifts it. ${1000 * worst.limit} mV is the most that sensors bear.`,
      state: worst.state, amount: { value: worst.volts, limit: worst.limit, unit: "V" }, node: worst.node, pinId: worst.pin.id, where: nodeName(harness, at), also: [], cures: [...thickerCures(solution, worst.state, worst.node, Math.abs(worst.volts) - worst.limit), ...groundCures(solution, worst.pin)],
    }];
  });
}

/** The wire on its way to the battery's negative that loses most, made thicker. */
function thickerCures(solution: PowerSolution, state: PowerState, node: string, missing: number): Cure[] {
  const path = pathThrough(solution, state, node);
  const down = path.steps.slice(path.steps.findIndex((step) => step.from === node));
  const drops = down.flatMap(({ span: { piece }, from, to }) => (piece.place.type === "wire" ? [{ place: piece.place, name: piece.name, volts: Math.abs((voltsAt(solution, state, from) ?? 0) - (voltsAt(solution, state, to) ?? 0)) }] : []));
  const most = drops.toSorted((a, b) => b.volts - a.volts)[0];
  if (most === undefined) return [];
  return [thickerWire(most.place, most.name, most.volts, missing, solution.model.facts.units)];
}

/** Another ground of the host with less on it. */
function groundCures(solution: PowerSolution, pin: CavityFacts): Cure[] {
  const { model } = solution;
  const { harness } = model.facts;
  const linked = new Set(model.facts.links.flatMap((link) => (link.consumerId === pin.id ? [link.providerId] : [])));
  const now = Math.abs(voltsAt(solution, "running", model.nodeOfPin.get(pin.id) ?? MINUS) ?? 0);
  return [...harness.pinById.values()].flatMap((one) => {
    const node = model.nodeOfPin.get(one.id);
    const at = harness.nodeOfPin.get(one.id);
    const volts = node === undefined ? null : voltsAt(solution, "running", node);
    if (one.kind !== "ground" || isReturn(one) || linked.has(one.id) || at === undefined || volts === null || volts === undefined || harness.connectorById.get(one.connectorId)?.side !== "host" || Math.abs(volts) > now * 0.7) return [];
    return harness.partAt[at]?.type === "ground-stud" || harness.partAt[at]?.type === "battery" ? [{ one, at, volts }] : [];
  }).toSorted((a, b) => Math.abs(a.volts) - Math.abs(b.volts)).slice(0, 2).map(({ one, at }): Cure => ({ text: `Ground it at ${nodeName(harness, at)} instead`, edit: { type: "relink", consumerId: pin.id, providerId: one.id } }));
}

/** What is thinner carries no starter's current back, mm². */
const STRAP_LEAST_MM2 = 6;

/** The engine's block without a strap: all that bolts to it, the starter first, has no return, or returns through thin wires. */
function missingBlock(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const spans = model.spans;
  if ((spans.at.get(BLOCK) ?? []).length === 0) return [];
  const reached = new Set([MINUS]);
  for (const node of reached) {
    for (const span of spans.at.get(node) ?? []) {
      const { element, place } = span.piece;
      const thick = place.type === "wire" ? place.sizeMm2 >= STRAP_LEAST_MM2 : element.type === "resistor" && span.role === "path";
      // A computer's grounds are one inside, but no strap.
      if (!thick || (place.type === "part" && model.facts.harness.partById.get(place.partId)?.type === "computer")) continue;
      reached.add(span.a).add(span.b);
    }
  }
  if (reached.has(BLOCK)) return [];
  const { harness } = model.facts;
  const grounds = [...harness.pinById.values()].filter((pin) => { const at = harness.nodeOfPin.get(pin.id); return at !== undefined && harness.partAt[at]?.type === "ground-stud"; });
  const sideOf = (pin: CavityFacts) => harness.connectorById.get(pin.connectorId)?.side;
  const [engine, body] = [grounds.find((pin) => sideOf(pin) === "donor"), grounds.find((pin) => sideOf(pin) === "host" && pin.params.role === "power") ?? grounds.find((pin) => sideOf(pin) === "host")];
  const volts = voltsAt(solution, "crank", BLOCK);
  return [{
    key: "ground block", code: "ground-missing", severity: "danger", title: "The engine has no ground strap",
    why: `No cable of ${sizeWords(STRAP_LEAST_MM2, model.facts.units)} or more joins the engine block to the battery's negative. ${volts === null || volts === undefined ? "What bolts to it has no return at all." : `The starter's current would return through the harness; the block stands at ${volts.toFixed(1)} V while cranking.`}`,
    state: "crank", amount: { value: volts ?? 0, limit: 0.3, unit: "V" }, node: BLOCK, pinId: engine?.id ?? null, where: "engine block", also: [],
    cures: engine === undefined || body === undefined ? [] : [{ text: `A strap of ${sizeWords(STRAP_MM2, model.facts.units)} from ${nodeName(harness, harness.nodeOfPin.get(engine.id) as number)} to ${nodeName(harness, harness.nodeOfPin.get(body.id) as number)}`, edit: { type: "strap", fromPinId: engine.id, toPinId: body.id, sizeMm2: STRAP_MM2, lengthM: STRAP_M } }],
  }];
}
