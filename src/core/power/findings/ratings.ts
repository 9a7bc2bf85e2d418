import { type CavityFacts, type Harness, nodeName } from "../../harness";
import { sizeWords, soldSizes, temperatureText } from "../../units";
import { continuousAmps, fuseForLoad } from "../../wire";
import { printedOf } from "../model/printed";
import { onceFor } from "../once-for";
import { settingValue } from "../settings";
import { mostAmps, voltsAt } from "../solved/flow";
import type { PowerState } from "../states";
import { ampsAtPin } from "../tables/computer-grounds";
import { ambientOf, type FuseRow, type RelayRow } from "../tables/fuses";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import { type Cure, type Finding, type FindingCode, SEVERITIES, type Severity } from "./types";

/** States that last: a wire's temperature follows them. Cranking is over in seconds. */
const LASTING = ["run", "running", "off"] as const;

export const ratingFindings = (solution: PowerSolution, fuses: readonly FuseRow[], relays: readonly RelayRow[]): Finding[] =>
  [...driverFindings(solution), ...hotWires(solution), ...fuseFindings(solution, fuses), ...relayFindings(solution, relays)];

const CODES: Readonly<Record<"continuous" | "wire" | "inrush" | "short", { code: FindingCode; severity: Severity; says: string }>> = {
  continuous: { code: "fuse-load", severity: "fault", says: "carries more for good than it bears" },
  wire: { code: "fuse-wire", severity: "danger", says: "is bigger than its wire" },
  inrush: { code: "fuse-inrush", severity: "note", says: "may melt at switching on" },
  short: { code: "fuse-short", severity: "danger", says: "does not save its wire in a short" },
};

/** One finding a fuse: what does not hold of it, the gravest first. */
function fuseFindings(solution: PowerSolution, rows: readonly FuseRow[]): Finding[] {
  return rows.flatMap((row): Finding[] => {
    const failing = (row.verdict?.checks ?? []).filter((check) => !check.holds).toSorted((a, b) => SEVERITIES.indexOf(CODES[a.code].severity) - SEVERITIES.indexOf(CODES[b.code].severity));
    const [worst] = failing;
    if (worst === undefined) return [];
    const { code, severity } = CODES[worst.code];
    const element = solution.model.pieceOf.get(row.key)?.element;
    return [{
      key: `fuse ${row.key}`, code, severity, title: `${row.name} (${row.ratedAmps} A) ${failing.map((check) => CODES[check.code].says).join(", and ")}`,
      why: `${failing.map((check) => `${check.text.charAt(0).toUpperCase()}${check.text.slice(1)}`).join(". ")}.${row.wire === null ? "" : ` Its thinnest wire: ${row.wire.name}${row.wire.assumed ? ", size assumed" : ""}.`}`, state: "running",
      amount: { value: worst.code === "continuous" ? row.continuousAmps : row.ratedAmps, limit: worst.code === "wire" ? (row.verdict?.wireAmps ?? null) : row.ratedAmps, unit: "A" },
      node: element?.type === "fuse" ? element.b : null, pinId: null, where: row.name, also: [], cures: fuseCures(solution, row, failing.every((check) => check.code === "continuous" || check.code === "inrush")),
    }];
  });
}

function fuseCures(solution: PowerSolution, row: FuseRow, loadOnly: boolean): Cure[] {
  const { wire } = row;
  const rating: Cure[] = row.better === null || row.partId === null || row.elementId === null ? [] : [{ text: `A fuse of ${row.better} A`, edit: { type: "fuse", partId: row.partId, elementId: row.elementId, amps: row.better } }];
  if (loadOnly || wire === null) return rating;
  const { units } = solution.model.facts;
  const bigger = soldSizes(units).find((size) => continuousAmps(size, { ambientC: row.ambientC, loaded: settingValue(solution.model.facts.settings, "wires-together") }) >= row.ratedAmps);
  const own = fuseForLoad(wire.amps) ?? 5;
  return [
    ...rating,
    ...(wire.linkId === null ? [] : [{ text: `A fuse of its own, ${own} A, where ${wire.name} leaves the feed`, edit: { type: "branch-fuse" as const, linkId: wire.linkId, amps: own } }]),
    ...(bigger === undefined || row.thin.length < 2 ? [] : [{ text: `${sizeWords(bigger, units)} for all ${row.thin.length} wires behind it that bear less`, edit: { type: "wires" as const, wireIds: row.thin.map((one) => one.id), sizeMm2: bigger } }]),
    ...(bigger === undefined || row.thin.length > 1 ? [] : [{ text: `${sizeWords(bigger, units)} instead of ${sizeWords(wire.sizeMm2, units)} for ${wire.name}`, edit: { type: "wire" as const, wireId: wire.id, sizeMm2: bigger } }]),
  ];
}

/** Wires that carry more than they bear where they lie. */
function hotWires(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const { settings, units } = model.facts;
  const loaded = settingValue(settings, "wires-together");
  const bears = new Map<string, number>();
  return model.spans.all.flatMap((span): Finding[] => {
    const { element, place, name } = span.piece;
    if (place.type !== "wire" || mostAmps(solution, span, LASTING) < 1) return [];
    const states = LASTING.map((state) => ({ state, amps: mostAmps(solution, span, [state]) }));
    const worst = states.reduce((most, one) => (one.amps > most.amps ? one : most));
    const ambientC = ambientOf(model, place.wireId);
    // Battery cables run on their own.
    const together = place.sizeMm2 >= 10 ? 1 : loaded;
    const key = `${place.sizeMm2} ${ambientC} ${together}`;
    const limit = bears.get(key) ?? continuousAmps(place.sizeMm2, { ambientC, loaded: together });
    bears.set(key, limit);
    if (worst.amps <= limit) return [];
    const bigger = soldSizes(units).find((size) => continuousAmps(size, { ambientC, loaded: together }) >= worst.amps * 1.1);
    const cures: Cure[] = bigger === undefined ? [] : [{ text: `${sizeWords(bigger, units)} instead of ${sizeWords(place.sizeMm2, units)}`, edit: { type: "wire", wireId: place.wireId, sizeMm2: bigger } }];
    return [{ key: `hot ${place.wireId}`, code: "wire-hot", severity: "danger", title: `${name.startsWith("the ") ? `T${name.slice(1)}` : `The wire from ${name}`} carries ${worst.amps.toFixed(1)} A ${stateWords[worst.state]}`, why: `${sizeWords(place.sizeMm2, units)}${place.assumed.includes("size") ? " (assumed)" : ""} bears ${limit.toFixed(1)} A at ${temperatureText(ambientC, units)}${together > 1 ? ` in a bundle of ${together} loaded wires` : ""}.`, state: worst.state, amount: { value: worst.amps, limit, unit: "A" }, node: element.type === "resistor" ? element.b : null, pinId: null, where: name, also: [], cures }];
  });
}

/** Relays that never settle, all together: one pulls the next. */
function buzzFindings(solution: PowerSolution): Finding[] {
  const all = [...solution.states].flatMap(([state, { findings }]) => findings.filter((finding) => finding.code === "buzzing").map((finding) => ({ state, finding, name: solution.model.pieceOf.get(finding.element ?? "")?.name ?? "" })));
  // What stands for a computer being awake is no relay that one could hear.
  const names = [...new Set(all.map((one) => one.name).filter((name) => !name.endsWith(" alive")))];
  const [first] = all.filter((one) => one.name === names[0]);
  if (first === undefined) return [];
  return [{ key: "buzz", code: "relay-buzz", severity: "fault", title: `${first.name} buzzes ${stateWords[first.state]}`, why: "Pulled in it takes its own coil's feed away, and so on without end.", state: first.state, amount: { value: 0, limit: null, unit: "V" }, node: first.finding.nodes[0] ?? null, pinId: null, where: first.name, also: names.slice(1), cures: [{ text: "Feed its coil from before its own contact", edit: null }] }];
}

/** A contact is used to this part of its rating. */
const CONTACT_PART = 0.75;

function relayFindings(solution: PowerSolution, rows: readonly RelayRow[]): Finding[] {
  const buzzing = buzzFindings(solution);
  return [...buzzing, ...rows.flatMap((row) => weakCoil(solution, row)), ...rows.filter((row) => row.contactAmps > CONTACT_PART * row.contactRating).map((row): Finding => {
    const element = solution.model.pieceOf.get(row.key)?.element;
    return { key: `contact ${row.key}`, code: "relay-contact", severity: row.contactAmps > row.contactRating ? "danger" : "note", title: `The contact of ${row.name} carries ${row.contactAmps.toFixed(1)} A`, why: `It is rated ${row.contactRating} A, and is used to ${CONTACT_PART} of that for long life.`, state: "running", amount: { value: row.contactAmps, limit: row.contactRating, unit: "A" }, node: element?.type === "relay" ? (element.contacts[0]?.b ?? null) : null, pinId: null, where: row.name, also: [], cures: [{ text: "A relay with a stronger contact, or a second one for part of the load", edit: null }] };
  })];
}

/** A relay whose coil has enough when cold and too little when warm: it is let go in the state that it is needed in. */
function weakCoil({ model }: PowerSolution, { key, name, weakest, warmPullInVolts, pullInVolts }: RelayRow): Finding[] {
  if (weakest === null || weakest.volts >= warmPullInVolts) return [];
  const element = model.pieceOf.get(key)?.element;
  return [{
    key: `coil ${key}`, code: "relay-coil", severity: "fault", title: `${name} may not pull in ${stateWords[weakest.state]} when it is warm`,
    why: `Its coil has ${weakest.volts.toFixed(1)} V then. Cold it takes ${pullInVolts} V, and warm ${warmPullInVolts.toFixed(1)} V, for copper's resistance rises by 0.4 % a kelvin.`,
    state: weakest.state, amount: { value: weakest.volts, limit: warmPullInVolts, unit: "V" }, node: element?.type === "relay" ? element.coilA : null, pinId: null, where: name, also: [], cures: [{ text: "Feed its coil by a thicker wire or from a feed that falls less, or take a relay that pulls in at less", edit: null }],
  }];
}

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
function driverFindings(solution: PowerSolution): Finding[] {
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
