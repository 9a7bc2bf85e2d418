import { type Harness, nodeName } from "../harness";
import { BLOCK, BODY, MINUS, PLUS } from "./types";

/** A name for each node of the harness, as it is printed, and no two alike. Kept with the harness: what is tried leaves it as it is. */
export function nodeNames(harness: Harness): string[] {
  const known = NAMES.get(harness);
  if (known !== undefined) return known;
  const names = makeNames(harness);
  NAMES.set(harness, names);
  return names;
}

const NAMES = new WeakMap<Harness, string[]>();

function makeNames(harness: Harness): string[] {
  const labels = new Map(harness.parts.map((part) => [part.id, part.label]));
  const taken = new Set([BLOCK]);
  return harness.nodes.map((node, at) => {
    if (node.type === "chassis") return BODY;
    if (node.type === "pole") return node.pole === "plus" ? PLUS : MINUS;
    const side = node.type === "cavity" || node.type === "open" ? harness.connectorById.get(harness.pinById.get(node.pinId)?.connectorId ?? "")?.side : node.type === "splice" ? node.side : undefined;
    const printed = node.type === "terminal" ? `${labels.get(node.partId) ?? "part"} ${node.terminal}` : nodeName(harness, at);
    const name = side === undefined ? printed : `${side} ${printed}`;
    let own = name;
    for (let count = 2; taken.has(own); count++) own = `${name} (${count})`;
    taken.add(own);
    return own;
  });
}
