import { type CavityFacts, type Harness, nodeName } from "../../harness";
import { printedOf } from "../model/printed";
import { onceFor } from "../once-for";
import { voltsAt } from "../solved/flow";
import type { PowerState } from "../states";
import { ampsAtPin } from "../tables/computer-grounds";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import type { Finding } from "./types";

/** Outputs and feeds of which a table says how much they may give. */
const limitedOf = onceFor((harness: Harness) => [...harness.pinById.values()].flatMap((pin) => {
  const limit = Number(pin.params.maxAmps);
  const at = harness.nodeOfPin.get(pin.id);
  const type = at === undefined ? undefined : harness.partAt[at]?.type;
  return limit > 0 && pin.kind.endsWith("-out") && at !== undefined && type !== "alternator" && type !== "battery" ? [{ pin, at, limit, node: printedOf(harness).nodeName[at] as string }] : [];
}));

/** An output that gives more than its table allows, in the state in which it gives most. */
interface Overload {
  readonly pin: CavityFacts;
  readonly where: string;
  readonly node: string;
  readonly limit: number;
  readonly state: PowerState;
  readonly amps: number;
  readonly volts: number;
}

/** Outputs and feeds that give more than their table allows; two that give it to each other are one finding. */
export function driverFindings(solution: PowerSolution): Finding[] {
  const { harness } = solution.model.facts;
  const over = limitedOf(harness).flatMap(({ pin, at, limit, node }): Overload[] => {
    const worst = (["run", "crank", "running"] as const).map((state) => ({ state, amps: ampsAtPin(solution, state, node) })).reduce((most, one) => (one.amps > most.amps ? one : most));
    const volts = voltsAt(solution, worst.state, node);
    return worst.amps <= limit * 1.005 || volts == null ? [] : [{ pin, where: nodeName(harness, at), node, limit, volts, ...worst }];
  });
  const paired = new Set<Overload>();
  return over.flatMap((one, at): Finding[] => {
    if (paired.has(one)) return [];
    const other = over.slice(at + 1).find((two) => !paired.has(two) && fight(solution, one, two));
    if (other !== undefined) { paired.add(other); return [shorted(one, other)]; }
    return [{ key: `driver ${one.pin.id}`, code: "driver-overload", severity: "danger", title: `${one.where} gives ${one.amps.toFixed(1)} A ${stateWords[one.state]}`, why: `Its table allows ${one.limit} A.`, state: one.state, amount: { value: one.amps, limit: one.limit, unit: "A" }, node: one.node, pinId: one.pin.id, where: one.where, also: [], cures: [{ text: "A relay for part of what hangs on it, or another feed", edit: null }] }];
  });
}

/** One sinks: a driver to ground. */
const sinks = ({ pin }: Overload) => pin.kind === "low-side-out" || pin.params.to === "ground";

/** Most of what goes out of one goes into the other, which leads it to ground: they are joined by copper, or by a link between their copper. */
function fight({ model: { facts: { harness, links } } }: PowerSolution, one: Overload, two: Overload): boolean {
  const [source, sink] = sinks(one) ? [two, one] : [one, two];
  if (one.state !== two.state || sinks(one) === sinks(two) || sink.amps < MOST_OF * source.amps) return false;
  const net = (pinId: string) => harness.netOf[harness.nodeOfPin.get(pinId) as number];
  const [from, to] = [net(source.pin.id), net(sink.pin.id)];
  return from === to || links.some((link) => { const ends = [net(link.providerId), net(link.consumerId)]; return ends.includes(from) && ends.includes(to); });
}

/** Of what a feed gives, this part into one driver is a short through it. */
const MOST_OF = 0.6;

function shorted(one: Overload, two: Overload): Finding {
  const [source, sink] = sinks(one) ? [two, one] : [one, two];
  return {
    key: `driver ${source.pin.id} ${sink.pin.id}`, code: "driver-overload", severity: "danger", title: `${source.where} and ${sink.where} short each other ${stateWords[one.state]}: ${one.amps.toFixed(0)} A`,
    why: `${source.where} brings the battery to the copper that ${sink.where} leads to ground. Their tables allow ${source.limit} A and ${sink.limit} A.`,
    state: one.state, amount: { value: one.amps, limit: Math.min(one.limit, two.limit), unit: "A" }, node: sink.node, pinId: sink.pin.id, where: sink.where, also: [source.where],
    cures: [{ text: `Refuse the link that joins them, and let one of the two work it alone`, edit: null }],
  };
}
