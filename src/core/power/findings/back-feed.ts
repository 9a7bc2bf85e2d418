import { pointAt } from "../../harness";
import type { Point } from "../../points";
import { DEAD_VOLTS } from "../../state";
import { pointOfNode } from "../model/node-names";
import type { Origin } from "../plan-element";
import { type PathStep, pathThrough } from "../solved/path";
import type { KeyCell, KeyRow } from "../tables/keys";
import { atPoint, type PowerSolution } from "../types";
import type { Cure, Finding } from "./types";

/** Below this nothing works and no relay holds, V: a lamp may glow. */
const HOLDS_VOLTS = 2.5;

/** Nodes live where they must be dead: current that found a way back, with that way and the diode that closes it. */
export function backFeedFindings(solution: PowerSolution, rows: readonly KeyRow[]): Finding[] {
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
    const { through, holdsRelay, path } = entry;
    const others = new Map(members.filter((one) => one.row !== row).map((one) => [one.row.pin.id, one.row.at]));
    return {
      code: "back-feed",
      key: `back ${key}`,
      severity: most < HOLDS_VOLTS ? "note" : held ? "stop" : "fault",
      volts: cell.volts ?? 0,
      through,
      holdsRelay,
      path,
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
 * a relay that
 * is held, the question is who holds it.
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
function pointsOf({ model }: PowerSolution, steps: readonly PathStep[]): Point[] {
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
