import type { Quantity } from "../../forms";
import { type CavityFacts, KEY_STATES } from "../../harness";
import { FEED_STATES } from "../model/uses";
import { DEAD_VOLTS } from "../nodes";
import { onceFor } from "../once-for";
import { voltsAt } from "../solved/flow";
import { opening, type PathStep, pathDown, pathThrough } from "../solved/path";
import type { PowerState } from "../states";
import { type KeyCell, type KeyRow, leastVolts } from "../tables/keys";
import type { PowerSolution } from "../types";
import { thickerWire } from "./thicker";
import type { Cure, Finding, Severity } from "./types";

/** What the engine does not start, run or stop without. */
const ENGINE: ReadonlySet<Quantity> = new Set<Quantity>(["battery-supply", "ignition-supply", "relay-supply", "start-supply", "starter-request", "starter-relay", "fuel-pump", "main-relay", "ignition-coil", "injector", "security-data"]);

/** The state in words, as one says it beside the vehicle. */
export const stateWords: Readonly<Record<PowerState, string>> = {
  off: "with the key off", accessory: "in accessory", run: "in run", crank: "while cranking", running: "with the engine running", "run-on": "with the key just turned off and the engine still turning",
};

/** Several states as one says them. */
export const whenWords = (states: readonly PowerState[]): string => (KEY_STATES.every((state) => states.includes(state)) ? "in every key position" : states.map((state) => stateWords[state]).join(" and "));

const severityOf = (row: KeyRow): Severity => (row.side === "donor" && row.pin.quantity !== null && ENGINE.has(row.pin.quantity) ? "stop" : row.pin.quantity === "fuel-pump" || row.pin.quantity === "starter-request" ? "stop" : "fault");

/** Consumers that are dead or too low where they must live, those of one cause together. */
export function supplyFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  const { harness } = solution.model.facts;
  const groups = new Map<string, Member[]>();
  const put = (key: string, member: Member) => { const own = groups.get(key); if (own === undefined) groups.set(key, [member]); else own.push(member); };
  for (const row of rows) {
    if (row.role !== "consumer") continue;
    for (const cell of row.cells) {
      if (cell.verdict === "low") put(`low ${row.pin.id}`, { row, cell, root: null });
      if (cell.verdict !== "missing" && cell.verdict !== "floating") continue;
      const root = rootOf(solution, cell.state, row.node);
      // What hangs on one piece of copper that nothing leads to is dead by one cause.
      put(root === null ? `dead copper ${harness.netOf[harness.nodeOfPin.get(row.pin.id) as number]}` : `dead ${root.key}`, { row, cell, root });
    }
  }
  return [...groups].map(([key, members]) => (key.startsWith("low") ? lowFinding(solution, members) : deadFinding(solution, key, members)));
}

type Member = { readonly row: KeyRow; readonly cell: KeyCell; readonly root: Root | null };

function deadFinding(solution: PowerSolution, key: string, members: readonly Member[]): Finding {
  // Of those that hang on it themselves, one that the engine needs.
  const own = members.filter(({ row, root }) => root?.hungOn === row.node);
  const first = [own, members].map((some) => some.find(({ row }) => severityOf(row) === "stop") ?? some[0]).find((one) => one !== undefined) as Member;
  const { row, cell, root } = first;
  const states = [...new Set(members.filter((one) => one.row === row).map((one) => one.cell.state))];
  const also = [...new Set(members.filter((one) => one.row !== row).map((one) => one.row.label))];
  return {
    key: root === null ? `dead ${(members[0] as Member).row.pin.id}` : key, code: "dead-feed", severity: members.some((one) => severityOf(one.row) === "stop") ? "stop" : "fault",
    title: `${row.label} is dead ${whenWords(states)}`,
    why: root === null ? `Nothing that the tables or the plan show leads to ${also.length === 0 ? "it" : "them"}.` : root.text,
    state: cell.state, amount: { value: cell.volts ?? 0, limit: row.leastVolts, unit: "V" }, node: row.node, pinId: row.pin.id, where: row.label,
    also, cures: feedCures(solution, row, rowsStates(row)),
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
  const cures: Cure[] = most !== undefined && place?.type === "wire" ? [thickerWire(place, most.step.span.piece.name, most.volts, leastVolts(row.pin, cell.state) - (cell.across ?? 0), solution.model.facts.units)] : [];
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
  const known = rootsOf(solution);
  const key = `${state} ${depth > 0} ${node}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const found = findRoot(solution, state, node, depth);
  known.set(key, found);
  return found;
}

/** Roots found before: many consumers hang on the same wire. */
const rootsOf = onceFor((_: PowerSolution) => new Map<string, Root | null>());

function findRoot(solution: PowerSolution, state: PowerState, node: string, depth: number): Root | null {
  const open = opening(solution, state, node);
  if (open === undefined || depth > 6) return null;
  return explain(solution, state, open, node, depth);
}

function explain(solution: PowerSolution, state: PowerState, open: PathStep, hungOn: string, depth: number): Root {
  const { element, name, place } = open.span.piece;
  const untold = place.type === "part" && place.elementId.endsWith(" switched");
  const own: Root = { key: open.span.name, hungOn, text: untold ? `No table says when ${name.replace(/ switched$/, "")} lives, and it is taken as live in run alone: state it at its way.` : element.type === "switch" ? `${place.type === "assumed" ? place.says : `${name} is open ${stateWords[state]}`}: it closes in ${element.closedIn.join(", ") || "no key position"}.` : `${name} is open.` };
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

/** A feed of the host with its volts by state. */
interface HostFeed {
  readonly pin: CavityFacts;
  readonly node: string;
  readonly label: string;
  readonly volts: ReadonlyMap<PowerState, number>;
}

const hostFeeds = onceFor((solution: PowerSolution): readonly HostFeed[] => {
  const { nodeOfPin, printed, facts: { harness } } = solution.model;
  return printed.hostFeeds.map((pin): HostFeed => {
    const node = nodeOfPin.get(pin.id) as string;
    return { pin, node, label: printed.label[harness.nodeOfPin.get(pin.id) as number] as string, volts: new Map([...solution.states.keys()].map((state) => [state, voltsAt(solution, state, node) ?? 0])) };
  });
});

/** Other feeds of the host that live where the consumer must and are dead with the key off; then a relay. */
function feedCures(solution: PowerSolution, row: KeyRow, needed: readonly PowerState[]): Cure[] {
  const permanent = needed.includes("off");
  const amps = Number(row.pin.params.amps) || 0;
  const all = hostFeeds(solution);
  const margin = (feed: HostFeed) => Math.min(...needed.map((state) => feed.volts.get(state) ?? 0));
  const now = new Set(solution.model.facts.links.flatMap((link) => (link.consumerId === row.pin.id ? [link.providerId] : [])));
  const able = all.filter((feed) => feed.node !== row.node && !now.has(feed.pin.id) && margin(feed) > row.leastVolts - 1 && (permanent || Math.abs(feed.volts.get("off") ?? 0) < DEAD_VOLTS) && (Number(feed.pin.params.maxAmps) || Number.POSITIVE_INFINITY) >= amps).toSorted((a, b) => margin(b) - margin(a));
  const others = able.slice(0, MOST_CURES).map((feed): Cure => ({ text: `Feed ${row.label} from ${feed.label}, live in ${needed.filter((state) => state !== "run-on").join(", ")}`, edit: { type: "relink", consumerId: row.pin.id, providerId: feed.pin.id } }));
  if (permanent) return others;
  const contact = all.find(({ pin }) => pin.params.alive === "permanent" && (Number(pin.params.maxAmps) || 0) >= 2 * (amps || 1));
  const coil = able.find(({ pin }) => FEED_STATES[pin.params.alive ?? ""] !== undefined);
  if (contact === undefined || coil === undefined) return others;
  return [...others, { text: `A relay: coil on ${coil.label}, contact from ${contact.label}`, edit: { type: "relay", consumerId: row.pin.id, providerId: coil.pin.id, contactFeed: contact.label } }];
}
