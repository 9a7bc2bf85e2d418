import type { Quantity } from "../../forms";
import { nodeName } from "../../harness";
import { sizeAtLeast } from "../../wire";
import type { KeyCell, KeyRow } from "../keys";
import { opening, pathDown, type PathStep, pathThrough } from "../path";
import type { PowerSolution, PowerState } from "../solve";
import { voltsAt } from "../spans";
import { DEAD_VOLTS } from "../types";
import { FEED_STATES } from "../uses";
import type { Cure, Finding, Severity } from "./types";

/** What the engine does not start, run or stop without. */
const ENGINE: ReadonlySet<Quantity> = new Set<Quantity>(["battery-supply", "ignition-supply", "relay-supply", "start-supply", "starter-request", "starter-relay", "fuel-pump", "main-relay", "ignition-coil", "injector", "security-data"]);

/** The state in words, as one says it beside the vehicle. */
export const stateWords: Readonly<Record<PowerState, string>> = {
  off: "with the key off", accessory: "in accessory", run: "in run", crank: "while cranking", running: "with the engine running", "run-on": "with the key just turned off and the engine still turning",
};

const severityOf = (row: KeyRow): Severity => (row.side === "donor" && row.pin.quantity !== null && ENGINE.has(row.pin.quantity) ? "stop" : row.pin.quantity === "fuel-pump" || row.pin.quantity === "starter-request" ? "stop" : "fault");

/** Consumers that are dead or too low where they must live, those of one cause together. */
export function supplyFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  const groups = new Map<string, { row: KeyRow; cell: KeyCell; root: Root | null }[]>();
  for (const row of rows) {
    if (row.role !== "consumer") continue;
    for (const cell of row.cells) {
      if (cell.verdict === "low") groups.set(`low ${row.pin.id}`, [...(groups.get(`low ${row.pin.id}`) ?? []), { row, cell, root: null }]);
      if (cell.verdict !== "missing" && cell.verdict !== "floating") continue;
      const root = rootOf(solution, cell.state, row.node);
      const key = `dead ${root?.key ?? row.pin.id}`;
      groups.set(key, [...(groups.get(key) ?? []), { row, cell, root }]);
    }
  }
  return [...groups].map(([key, members]) => (key.startsWith("low") ? lowFinding(solution, members) : deadFinding(solution, key, members)));
}

type Member = { readonly row: KeyRow; readonly cell: KeyCell; readonly root: Root | null };

function deadFinding(solution: PowerSolution, key: string, members: readonly Member[]): Finding {
  const first = members.find(({ row, root }) => root?.hungOn === row.node) ?? members.find(({ row }) => severityOf(row) === "stop") ?? (members[0] as Member);
  const { row, cell, root } = first;
  const states = [...new Set(members.filter((one) => one.row === row).map((one) => one.cell.state))];
  return {
    key, code: "dead-feed", severity: members.some((one) => severityOf(one.row) === "stop") ? "stop" : "fault",
    title: `${row.label} is dead ${states.map((state) => stateWords[state]).join(" and ")}`,
    why: root === null ? "Nothing that the tables or the plan show leads to it." : root.text,
    state: cell.state, amount: { value: cell.volts ?? 0, limit: row.leastVolts, unit: "V" }, node: row.node, pinId: row.pin.id, where: row.label,
    also: [...new Set(members.filter((one) => one.row !== row).map((one) => one.row.label))],
    cures: feedCures(solution, row, rowsStates(row)),
  };
}

const rowsStates = (row: KeyRow) => row.cells.filter((cell) => cell.needed === true).map((cell) => cell.state);

function lowFinding(solution: PowerSolution, members: readonly Member[]): Finding {
  const worst = members.reduce((least, one) => ((one.cell.across ?? 0) < (least.cell.across ?? 0) ? one : least));
  const { row, cell } = worst;
  const path = pathThrough(solution, cell.state, row.node);
  const drops = path.steps.filter((step) => step.span.role === "path").map((step) => ({ step, volts: Math.abs((voltsAt(solution, cell.state, step.from) ?? 0) - (voltsAt(solution, cell.state, step.to) ?? 0)) })).toSorted((a, b) => b.volts - a.volts);
  const [most] = drops;
  const place = most?.step.span.piece.place;
  const cures: Cure[] = place?.type === "wire" ? [{ text: `${sizeAtLeast(place.sizeMm2 * 2)} mm² instead of ${place.sizeMm2} mm² from ${most?.step.span.piece.name}`, edit: { type: "wire", wireId: place.wireId, sizeMm2: sizeAtLeast(place.sizeMm2 * 2) } }] : [];
  return {
    key: `low ${row.pin.id}`, code: "low-volts", severity: severityOf(row), title: `${row.label} has ${(cell.across ?? 0).toFixed(1)} V ${stateWords[cell.state]}`,
    why: `It needs ${row.leastVolts} V. ${most === undefined ? "" : `Most is lost in ${most.step.span.piece.name}: ${most.volts.toFixed(2)} V at ${Math.abs(most.step.amps).toFixed(1)} A.`}`,
    state: cell.state, amount: { value: cell.across ?? 0, limit: row.leastVolts, unit: "V" }, node: row.node, pinId: row.pin.id, where: row.label, also: [], cures: [...cures, ...feedCures(solution, row, rowsStates(row))],
  };
}

interface Root {
  readonly key: string;
  readonly text: string;
  /** The node whose missing feed is behind it all. */
  readonly hungOn: string;
}

/** What is behind a dead feed: the first opening on its way, and where that is a relay, what keeps the relay released. */
function rootOf(solution: PowerSolution, state: PowerState, node: string, depth = 0): Root | null {
  const path = pathThrough(solution, state, node);
  const open = opening(path);
  if (open === undefined || depth > 6) return null;
  return explain(solution, state, open, node, depth);
}

function explain(solution: PowerSolution, state: PowerState, open: PathStep, hungOn: string, depth: number): Root {
  const { element, name, place } = open.span.piece;
  const own: Root = { key: open.span.name, hungOn, text: element.type === "switch" ? `${place.type === "assumed" ? place.says : `${name} is open ${stateWords[state]}`}: it closes in ${element.closedIn.join(", ") || "no key position"}.` : `${name} is open.` };
  if (element.type !== "relay") return own;
  const [a, b] = [voltsAt(solution, state, element.coilA) ?? 0, voltsAt(solution, state, element.coilB) ?? 0];
  const coil = `${relayName(name)} does not pull in (${Math.abs(a - b).toFixed(1)} V at its coil, ${element.pullInVolts} V needed)`;
  if (Math.abs(a) < DEAD_VOLTS) {
    const behind = rootOf(solution, state, element.coilA, depth + 1);
    return behind === null ? { ...own, text: `${coil}: nothing feeds it.` } : { ...behind, text: depth === 0 ? `${coil}. ${behind.text}` : behind.text };
  }
  const down = pathDown(solution, state, element.coilB, element.coilA).find((step) => step.open);
  if (down === undefined) return { ...own, text: `${coil}.` };
  const behind = explain(solution, state, down, element.coilB, depth + 1);
  return { ...behind, text: `${coil}. ${behind.text}` };
}

/** What stands for a computer being awake is no relay that one could find on the vehicle. */
const relayName = (name: string) => (name.endsWith(" alive") ? `${name.slice(0, -" alive".length)} is not awake: its supply` : name);

const MOST_CURES = 3;

/** Other feeds of the host that live where the consumer must and are dead with the key off; then a relay. */
function feedCures(solution: PowerSolution, row: KeyRow, needed: readonly PowerState[]): Cure[] {
  const { model } = solution;
  const { harness } = model.facts;
  const permanent = needed.includes("off");
  const feeds = [...harness.pinById.values()].flatMap((pin) => {
    const node = model.nodeOfPin.get(pin.id);
    const at = harness.nodeOfPin.get(pin.id);
    if (pin.kind !== "supply-out" || node === undefined || at === undefined || node === row.node || harness.connectorById.get(pin.connectorId)?.side !== "host") return [];
    const lives = needed.every((state) => (voltsAt(solution, state, node) ?? 0) > row.leastVolts - 1);
    const dead = permanent || Math.abs(voltsAt(solution, "off", node) ?? 0) < DEAD_VOLTS;
    const spare = (Number(pin.params.maxAmps) || Number.POSITIVE_INFINITY) - (Number(row.pin.params.amps) || 0);
    return lives && dead && spare >= 0 ? [{ pin, label: nodeName(harness, at), margin: Math.min(...needed.map((state) => voltsAt(solution, state, node) ?? 0)) }] : [];
  }).toSorted((a, b) => b.margin - a.margin);
  const others = feeds.slice(0, MOST_CURES).map(({ pin, label }): Cure => ({ text: `Feed ${row.label} from ${label}, which lives ${needed.map((state) => stateWords[state]).join(", ")}`, edit: { type: "relink", consumerId: row.pin.id, providerId: pin.id } }));
  if (permanent) return others;
  const contact = [...harness.pinById.values()].find((pin) => pin.kind === "supply-out" && pin.params.alive === "permanent" && harness.connectorById.get(pin.connectorId)?.side === "host" && (Number(pin.params.maxAmps) || 0) >= 2 * (Number(row.pin.params.amps) || 1));
  const coil = feeds.find(({ pin }) => FEED_STATES[pin.params.alive ?? ""] !== undefined)?.pin;
  const relay: Cure[] = contact === undefined || coil === undefined ? [] : [{ text: `A relay: coil on ${nodeName(harness, harness.nodeOfPin.get(coil.id) as number)}, contact from ${nodeName(harness, harness.nodeOfPin.get(contact.id) as number)}`, edit: { type: "relay", consumerId: row.pin.id, providerId: coil.id, contactFeed: nodeName(harness, harness.nodeOfPin.get(contact.id) as number) } }];
  return [...others, ...relay];
}
