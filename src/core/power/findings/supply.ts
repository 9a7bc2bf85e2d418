import { cachedBy } from "../../cached-by";
import type { Kind, Quantity } from "../../forms";
import type { Harness } from "../../harness";
import { closedIn, DEAD_VOLTS, type KeyPosition, neverClosed } from "../../state";
import type { NetSpan } from "../model/spans";
import { BLOCK, BODY, MINUS } from "../nodes";
import { originKey } from "../plan-element";
import { voltsAt } from "../solved/flow";
import { opening, type PathStep, pathDown } from "../solved/path";
import { type KeyCell, type KeyRow, leastVolts } from "../tables/keys";
import { atPoint, type PowerModel, type PowerSolution } from "../types";
import { feedCures } from "./feed-cures";
import { type Lost, mostLostOn } from "./most-lost";
import { thickerWire } from "./thicker";
import { type DeadCause, type Finding, SEVERITIES, type Severity } from "./types";

/** What the engine does not start, run or stop without. */
const ENGINE: ReadonlySet<Quantity> = new Set<Quantity>([
  "battery-supply",
  "ignition-supply",
  "relay-supply",
  "start-supply",
  "starter-request",
  "starter-relay",
  "fuel-pump",
  "main-relay",
  "ignition-coil",
  "injector",
  "security-data",
]);

function severityOf({ at, pin: { quantity } }: KeyRow): Severity {
  if (quantity === "fuel-pump" || quantity === "starter-request") return "stop";
  return at.side === "donor" && quantity !== null && ENGINE.has(quantity) ? "stop" : "fault";
}

/** A consumer in a position in which it is dead or too low, with what is behind it. */
interface Member {
  readonly row: KeyRow;
  readonly cell: KeyCell;
  readonly root: Root | null;
}

/** Consumers that are dead or too low where they must be live, those of one cause together. */
export function supplyFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  const { harness } = solution.model.facts;
  const [dead, low] = [new Map<string, Member[]>(), new Map<string, Member[]>()];
  const put = (groups: Map<string, Member[]>, key: string, member: Member) => {
    const own = groups.get(key);
    if (own === undefined) groups.set(key, [member]);
    else own.push(member);
  };
  for (const row of rows) {
    if (row.role !== "consumer") continue;
    const untold = row.cells.find((cell) => cell.state === "run");
    if (untold !== undefined && !row.trouble && hasNoWay(solution, row))
      put(dead, copperKey(harness, row), { row, cell: untold, root: null });
    for (const cell of row.cells) {
      if (cell.verdict === "low") put(low, row.pin.id, { row, cell, root: null });
      if (cell.verdict !== "missing" && cell.verdict !== "floating") continue;
      const root = rootOf(solution, cell.state, row.node);
      // What is connected to one piece of copper that nothing leads to is dead by one cause.
      put(dead, root === null ? copperKey(harness, row) : root.key, { row, cell, root });
    }
  }
  return [...[...dead].map(([key, members]) => deadFinding(solution, key, members)), ...lowFindings(solution, low)];
}

const copperKey = (harness: Harness, row: KeyRow) =>
  `copper ${harness.netOf[harness.nodeOfPin.get(row.pin.id) as number]}`;

/**
 * Whether nothing leads to a consumer from any source, whatever is switched: its wire is missing, or both of its ends
 * are at ground. What a link feeds through electronics of its own is not followed.
 */
function hasNoWay({ model }: PowerSolution, { node, pin, cells }: KeyRow): boolean {
  // Live over the load itself, it is that load's worked side, and no feed.
  if (cells.some(({ volts }) => Math.abs(volts ?? 0) >= DEAD_VOLTS)) return false;
  const own = model.facts.links.find((link) => link.consumerId === pin.id);
  return !fedOf(model).has(node) && (own === undefined || own.adapters.length === 0);
}

const GROUNDS: ReadonlySet<string> = new Set([MINUS, BODY, BLOCK]);
const MAY_FEED: ReadonlySet<Kind> = new Set<Kind>([
  "high-side-out",
  "switch-out",
  "pwm-out",
  "coil-out",
  "motor-out",
  "supply-out",
  "unknown",
]);
/** What has circuits of its own inside, or may have. */
const ELECTRONIC: ReadonlySet<string> = new Set(["computer", "assembly", "plug"]);

const mayFeedOf = cachedBy((harness: Harness): readonly string[] =>
  [...harness.nodeOfPin].flatMap(([pinId, at]) =>
    MAY_FEED.has(harness.pinById.get(pinId)?.form.kind ?? "spare") && ELECTRONIC.has(harness.partAt[at]?.type ?? "plug")
      ? [pinId]
      : [],
  ),
);

/**
 * Nodes that a source's positive side reaches with every switch and contact closed, but through no load; and what an
 * output feeds of which only its computer knows how.
 */
const fedOf = cachedBy(({ spans, net, facts: { harness }, nodeOfPin }: PowerModel): ReadonlySet<string> => {
  const fed = new Set(net.sources.map((at) => (spans.all[at] as NetSpan).a));
  for (const pinId of mayFeedOf(harness)) fed.add(nodeOfPin.get(pinId) as string);
  for (const node of fed)
    if (!GROUNDS.has(node))
      for (const span of spans.at.get(node) ?? []) if (span.role === "path") fed.add(span.a).add(span.b);
  return fed;
});

function deadFinding(solution: PowerSolution, key: string, members: readonly Member[]): Finding {
  // Of those that are connected to it themselves, one that the engine needs.
  const own = members.filter(({ row, root }) => root?.hungOn === row.node);
  const first = [own, members]
    .map((some) => some.find(({ row }) => severityOf(row) === "stop") ?? some[0])
    .find((one) => one !== undefined) as Member;
  const { row, cell, root } = first;
  const others = new Map(members.filter((one) => one.row !== row).map((one) => [one.row.pin.id, one.row.at]));
  return {
    code: "dead-feed",
    key: root === null ? `dead ${(members[0] as Member).row.pin.id}` : `dead ${key}`,
    severity: members.some((one) => severityOf(one.row) === "stop") ? "stop" : "fault",
    keys: [...new Set(members.filter((one) => one.row === row).map((one) => one.cell.state))],
    cause: root?.cause ?? null,
    ...placeOf(row, cell, cell.volts ?? 0),
    also: [...others.values()].map(atPoint),
    cures: feedCures(solution, row, neededStates(row)),
  };
}

const placeOf = (row: KeyRow, { state }: KeyCell, value: number) =>
  ({
    state,
    amount: { value, limit: row.leastVolts, unit: "V" },
    node: row.node,
    pinId: row.pin.id,
    at: atPoint(row.at),
  }) as const;

const neededStates = (row: KeyRow) => row.cells.filter((cell) => cell.needed === true).map((cell) => cell.state);

/** A consumer in the position in which it lacks most, and the stretch on its way that loses most. */
interface Low extends Member {
  readonly volts: number;
  readonly missingVolts: number;
  readonly mostLost: Lost | null;
}

/** Consumers that have too little, those together that one stretch of copper deprives. */
function lowFindings(solution: PowerSolution, low: ReadonlyMap<string, readonly Member[]>): Finding[] {
  const roots = new Map<string, [Low, ...Low[]]>();
  for (const members of low.values()) {
    const one = worstOf(solution, members);
    const { row, mostLost, missingVolts } = one;
    // Where mending it would not do, it is not the root.
    const key = mostLost === null || mostLost.volts < missingVolts ? row.pin.id : originKey(mostLost.origin);
    const known = roots.get(key);
    if (known === undefined) roots.set(key, [one]);
    else known.push(one);
  }
  return [...roots].map(([key, lows]) => lowFinding(solution, key, lows));
}

function worstOf(solution: PowerSolution, members: readonly Member[]): Low {
  const worst = members.reduce((least, one) => ((one.cell.across ?? 0) < (least.cell.across ?? 0) ? one : least));
  const { row, cell } = worst;
  const volts = cell.across ?? 0;
  return {
    ...worst,
    volts,
    missingVolts: leastVolts(row.pin, cell.state) - volts,
    mostLost: mostLostOn(solution, cell.state, row.node),
  };
}

function lowFinding(solution: PowerSolution, key: string, lows: readonly [Low, ...Low[]]): Finding {
  const graver = (a: Low, b: Low) =>
    SEVERITIES.indexOf(severityOf(a.row)) - SEVERITIES.indexOf(severityOf(b.row)) || b.missingVolts - a.missingVolts;
  const [first, ...others] = lows.toSorted(graver) as [Low, ...Low[]];
  const { row, cell, volts, mostLost } = first;
  const missing = Math.max(...lows.map((one) => one.missingVolts));
  const thicker =
    mostLost?.origin.type === "wire"
      ? [thickerWire(mostLost.origin, mostLost.volts, missing, solution.model.facts.units)]
      : [];
  return {
    code: "low-volts",
    key: `low ${key}`,
    severity: severityOf(row),
    volts,
    neededVolts: row.leastVolts,
    mostLost,
    ...placeOf(row, cell, volts),
    also: others.map((one) => atPoint(one.row.at)),
    cures: [...thicker, ...feedCures(solution, row, neededStates(row))],
  };
}

/** What is behind a dead feed, and by what others of the same cause are known. */
interface Root {
  readonly key: string;
  readonly cause: DeadCause;
  /** The node whose missing feed is behind it all. */
  readonly hungOn: string;
}

function rootOf(solution: PowerSolution, state: KeyPosition, node: string, depth = 0): Root | null {
  const known = rootsOf(solution);
  const key = `${state} ${depth > 0} ${node}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const open = depth > MOST_RELAYS ? undefined : opening(solution, state, node);
  const found = open === undefined ? null : explain(solution, state, open, node, depth);
  known.set(key, found);
  return found;
}

/** A relay that a relay works that a relay works: further than this nobody follows. */
const MOST_RELAYS = 6;

/** Roots found before: many consumers are fed by the same wire. */
const rootsOf = cachedBy((_: PowerSolution) => new Map<string, Root | null>());

/** @param seen relays on the way here: one that waits for another's ground, and that for its own, is told once */
function explain(
  solution: PowerSolution,
  state: KeyPosition,
  open: PathStep,
  hungOn: string,
  depth: number,
  seen: ReadonlySet<string> = new Set(),
): Root {
  const { element, origin, closed } = open.span.planned;
  const own = { key: open.span.name, hungOn };
  if (origin.type === "part" && origin.role === "way-control") return { ...own, cause: { type: "way-untold", origin } };
  if (element.type === "switch")
    return { ...own, cause: { type: "switch-open", origin, state, closedIn: closedIn(closed ?? neverClosed) } };
  if (element.type !== "relay") return { ...own, cause: { type: "open", origin } };
  const [a, b] = [voltsAt(solution, state, element.coilA) ?? 0, voltsAt(solution, state, element.coilB) ?? 0];
  const released = {
    type: "relay-released",
    origin,
    coilVolts: Math.abs(a - b),
    pullInVolts: element.pullInVolts,
  } as const;
  if (released.coilVolts >= element.pullInVolts) return { ...own, cause: { ...released, by: "chatter", behind: null } };
  if (Math.abs(a) < DEAD_VOLTS) {
    const behind = rootOf(solution, state, element.coilA, depth + 1);
    const cause: DeadCause = { ...released, by: "feed", behind: behind?.cause ?? null };
    // Deeper down only what is behind it all is of interest.
    return behind === null ? { ...own, cause } : { ...behind, cause: depth === 0 ? cause : behind.cause };
  }
  const down = pathDown(solution, state, element.coilB, element.coilA).find((step) => step.open);
  if (down === undefined || seen.has(down.span.planned.element.id))
    return { ...own, cause: { ...released, by: "ground", behind: null } };
  const behind = explain(solution, state, down, element.coilB, depth + 1, new Set([...seen, element.id]));
  return { ...behind, cause: { ...released, by: "ground", behind: behind.cause } };
}
