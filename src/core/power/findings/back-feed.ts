import { nodeName } from "../../harness";
import { type PathStep, pathThrough } from "../solved/path";
import type { KeyCell, KeyRow } from "../tables/keys";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import type { Cure, Finding } from "./types";

/** Below this nothing works and no relay holds, V: a lamp may glow. */
const HOLDS_VOLTS = 2.5;

/** Nodes alive where they must be dead: current that found a way back, with that way and the diode that closes it. */
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
    const { row, cell, entry } = members.find((one) => one.row.node === one.entry.node) ?? (members[0] as (typeof members)[number]);
    const most = Math.max(...members.map((one) => Math.abs(one.cell.volts ?? 0)));
    const held = members.some((one) => one.row.pin.quantity === "ignition-supply");
    return {
      key: `back ${key}`, code: "back-feed", severity: most < HOLDS_VOLTS ? "note" : held ? "stop" : "fault",
      title: `${row.label} lives ${stateWords[cell.state]}`, why: entry.text, state: cell.state, amount: { value: cell.volts ?? 0, limit: 1, unit: "V" }, node: row.node, pinId: row.pin.id, where: row.label,
      also: [...new Set(members.filter((one) => one.row !== row).map((one) => one.row.label))], cures: entry.cures,
    };
  });
}

interface Entry {
  readonly key: string;
  /** The node at which the current comes into the feeds. */
  readonly node: string;
  readonly text: string;
  readonly cures: readonly Cure[];
}

/**
 * Where the current comes in: the last lamp, coil or other load on its way from the source. Where the way leads through a relay that
 * is held, the question is who holds it.
 */
function entryOf(solution: PowerSolution, row: KeyRow, cell: KeyCell, node = row.node, depth = 0): Entry {
  const path = pathThrough(solution, cell.state, node);
  const up = path.steps.slice(0, path.steps.findIndex((step) => step.to === node) + 1);
  const through = up.toReversed().find((step) => step.span.role === "load");
  if (through !== undefined) return { key: through.span.name, node: through.to, text: `Current comes back through ${through.span.piece.name}: ${wayText(up)}.${depth > 0 ? " That holds the relay, and the relay holds the rest." : ""}`, cures: diodeCures(solution, up) };
  const relay = up.toReversed().find((step) => step.span.piece.element.type === "relay" && step.span.name.includes("#"));
  const element = relay?.span.piece.element;
  if (element?.type === "relay" && depth < 4) return entryOf(solution, row, cell, element.coilA, depth + 1);
  return { key: up[0]?.span.name ?? row.pin.id, node, text: `It is joined to what lives for good: ${wayText(up)}.`, cures: [] };
}

function wayText(steps: readonly PathStep[]): string {
  const names = steps.map((step) => step.to.replace(/^(donor|host) /, "")).filter((name) => !/wire that the tables do not show|inside/.test(name));
  return [...new Set(names)].join(" → ");
}

/** A diode at each link of the way, the nearest to the source first. */
function diodeCures({ model }: PowerSolution, steps: readonly PathStep[]): Cure[] {
  const { harness, links } = model.facts;
  const ids = [...new Set(steps.flatMap(({ span: { piece: { place } } }) => (place.type === "link" ? [place.linkId] : [])))];
  return ids.flatMap((id): Cure[] => {
    const link = links.find((one) => one.id === id);
    if (link === undefined) return [];
    const [from, to] = [link.providerId, link.consumerId].map((pinId) => nodeName(harness, harness.nodeOfPin.get(pinId) as number));
    return [{ text: `A diode in the link from ${from} to ${to}, so that it can sink and not feed`, edit: { type: "diode", linkId: id } }];
  });
}
