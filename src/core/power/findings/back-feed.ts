import { pointAt } from "../../harness";
import type { Point } from "../../points";
import { DEAD_VOLTS, usualState } from "../../state";
import { pointOfNode } from "../model/node-names";
import type { Origin } from "../plan-element";
import { type PathStep, pathThrough } from "../solved/path";
import { settingOf } from "../solved/solve";
import { type KeyCell, type KeyRow, keyTable } from "../tables/keys";
import { atPoint, type Item, type PowerSolution } from "../types";
import { heldInputs } from "./held-inputs";
import type { Cure, Finding } from "./types";

/** Below this nothing works and no relay holds, V: a lamp may glow. */
const HOLDS_VOLTS = 2.5;

/**
 * Nodes live where they must be dead: current that found a way back, with that way and the diode that closes it. Judged
 * with what is certain to load them: a computer that should be asleep may take anything down to nothing.
 */
export function backFeedFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  const least = withLeastLoads(solution);
  const found = backFedIn(solution, rows);
  if (least === null) return found;
  const known = new Set(found.flatMap(({ pinId, also }) => [pinId, ...also.map(pinOf)]));
  const more = backFedIn(least, keyTable(least)).filter(
    ({ pinId, also }) => !known.has(pinId) && !also.some((item) => known.has(pinOf(item))),
  );
  return [...found, ...more, ...heldInputs(solution)];
}

const pinOf = (item: Item): string | null =>
  item.type === "point" && item.point.type === "cavity" ? item.point.pinId : null;

/** The plan coasting, its computers taking nothing; null where there is none to leave out. */
function withLeastLoads(solution: PowerSolution): PowerSolution | null {
  const { network, model, charged, states } = solution;
  const running = states.get("running");
  const logic = model.elements.flatMap(({ element, origin }) =>
    element.type === "power" && origin.type === "part" ? [{ id: element.id, ohms: Number.POSITIVE_INFINITY }] : [],
  );
  if (network === null || running === undefined || logic.length === 0) return null;
  const pulledIn = new Set([...running.relays].flatMap(([id, is]) => (is === "energised" ? [id] : [])));
  const coasting = settingOf(model, usualState("coasting"));
  const changes = [...charged, ...logic];
  const leaking = network.solve(coasting, { pulledIn, changes });
  if (!leaking.ok) return null;
  // With nothing to load a node, what leaks through a diode that blocks would lift it to the battery's voltage.
  const { volts } = leaking.solution;
  const blocking = model.elements.flatMap(({ element }) =>
    element.type === "diode" && (volts.get(element.a) ?? 0) < (volts.get(element.b) ?? 0) - BLOCKS_VOLTS
      ? [{ id: element.id, ohms: Number.POSITIVE_INFINITY }]
      : [],
  );
  const solved =
    blocking.length === 0 ? leaking : network.solve(coasting, { pulledIn, changes: [...changes, ...blocking] });
  return solved.ok ? { ...solution, states: new Map([["coasting", solved.solution]]) } : null;
}
/** A diode with this across it against its direction passes nothing but its leakage, V. */
const BLOCKS_VOLTS = 0.001;

function backFedIn(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
  const groups = new Map<string, { row: KeyRow; cell: KeyCell; entry: Entry }[]>();
  for (const row of rows) {
    const wrong = row.cells.filter((cell) => cell.verdict === "back-fed");
    const cell = wrong.find((one) => one.state === "off") ?? wrong[0];
    if (cell === undefined) continue;
    const entry = entryOf(solution, row, cell);
    groups.set(entry.key, [...(groups.get(entry.key) ?? []), { row, cell, entry }]);
  }
  return [...groups].map(([key, members]): Finding => {
    const { row, cell, entry } =
      members.find((one) => one.row.node === one.entry.node) ?? (members[0] as (typeof members)[number]);
    const most = Math.max(...members.map((one) => Math.abs(one.cell.volts ?? 0)));
    const held = members.some((one) => one.row.pin.quantity === "ignition-supply");
    const holds = most >= HOLDS_VOLTS || members.some((one) => holdsAt(solution, one.row.node, one.cell));
    const { through, holdsRelay, path } = entry;
    const others = new Map(members.filter((one) => one.row !== row).map((one) => [one.row.pin.id, one.row.at]));
    return {
      code: "back-feed",
      key: `back ${key}`,
      severity: !holds ? "note" : held ? "stop" : "fault",
      volts: cell.volts ?? 0,
      through,
      holdsRelay,
      path,
      input: null,
      state: cell.state,
      amount: { value: cell.volts ?? 0, limit: DEAD_VOLTS, unit: "V" },
      node: row.node,
      pinId: row.pin.id,
      at: atPoint(row.at),
      also: [...others.values()].map(atPoint),
      cures: entry.cures,
    };
  });
}

/** Whether a relay's coil at a node has more than it drops out at, or a computer more than it goes to sleep at. */
const holdsAt = ({ model }: PowerSolution, node: string, { volts }: KeyCell): boolean =>
  (model.spans.at.get(node) ?? []).some(
    ({ role, planned: { element } }) =>
      role === "load" && element.type === "relay" && Math.abs(volts ?? 0) >= element.dropOutVolts,
  );

interface Entry {
  readonly key: string;
  /** The node at which the current comes into the feeds. */
  readonly node: string;
  /** The load that it comes through; null where the node is joined to a permanent feed. */
  readonly through: Origin | null;
  readonly holdsRelay: boolean;
  readonly path: readonly Point[];
  readonly cures: readonly Cure[];
}

/** A relay held by a relay held by a relay: further than this nobody follows. */
const MOST_RELAYS = 4;

/**
 * Where the current comes in: the last lamp, coil or other load on its way from the source. Where the way leads through
 * a relay that is held, the question is who holds it.
 */
function entryOf(solution: PowerSolution, row: KeyRow, cell: KeyCell, node = row.node, depth = 0): Entry {
  const { steps } = pathThrough(solution, cell.state, node);
  const up = steps.slice(0, steps.findIndex((step) => step.to === node) + 1);
  const path = pointsOf(solution, up);
  const load = up.toReversed().find((step) => step.span.role === "load");
  if (load !== undefined)
    return {
      key: load.span.name,
      node: load.to,
      through: load.span.planned.origin,
      holdsRelay: depth > 0,
      path,
      cures: diodeCures(solution, up),
    };
  const relay = up
    .toReversed()
    .map((step) => step.span)
    .find(({ name, planned: { element } }) => element.type === "relay" && name !== element.id)?.planned.element;
  if (relay?.type === "relay" && depth < MOST_RELAYS) return entryOf(solution, row, cell, relay.coilA, depth + 1);
  return { key: up[0]?.span.name ?? row.pin.id, node, through: null, holdsRelay: false, path, cures: [] };
}

/** Points on a way that one could probe, each once in its order. */
export function pointsOf({ model }: PowerSolution, steps: readonly PathStep[]): Point[] {
  const points = new Map(steps.map((step) => [step.to, pointOfNode(model, step.to)]));
  return [...points.values()].filter(({ type }) => type !== "inside" && type !== "open-end");
}

/** A diode at each link of the way, the nearest to the source first. */
function diodeCures({ model }: PowerSolution, steps: readonly PathStep[]): Cure[] {
  const { harness, links } = model.facts;
  const ids = new Set(
    steps.flatMap(
      ({
        span: {
          planned: { origin },
        },
      }) => (origin.type === "link" ? [origin.linkId] : []),
    ),
  );
  return [...ids].flatMap((id): Cure[] => {
    const link = links.find((one) => one.id === id);
    if (link === undefined) return [];
    const [from, to] = [link.providerId, link.consumerId].map((pinId) =>
      pointAt(harness, harness.nodeOfPin.get(pinId) as number),
    ) as [Point, Point];
    return [{ code: "diode", from, to, edit: { type: "diode", linkId: id } }];
  });
}
