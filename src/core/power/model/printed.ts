import { type CavityFacts, type Harness, nodeName } from "../../harness";
import { BLOCK, BODY, MINUS, PLUS } from "../nodes";
import { onceFor } from "../once-for";

/** A harness by what is printed on it, and by what links look for. */
export interface Printed {
  /** A name for each node of the harness, as it is printed, and no two alike. */
  readonly nodeName: readonly string[];
  /** What is printed at each node, whichever side it is on. */
  readonly label: readonly string[];
  readonly nodeOfPin: ReadonlyMap<string, string>;
  readonly pinsOf: ReadonlyMap<string, readonly string[]>;
  /** By cavity: the end of its wire that the tables do not show. */
  readonly openOf: ReadonlyMap<string, number>;
  /** Cavities of the host by their label, and its feeds. */
  readonly hostByLabel: ReadonlyMap<string, CavityFacts>;
  readonly hostFeeds: readonly CavityFacts[];
}

export const printedOf = onceFor((harness: Harness): Printed => {
  const names = makeNames(harness);
  const pinsOf = new Map<string, string[]>();
  const nodeOfPin = new Map([...harness.nodeOfPin].map(([pinId, at]) => {
    const node = names[at] as string;
    const own = pinsOf.get(node);
    if (own === undefined) pinsOf.set(node, [pinId]);
    else own.push(pinId);
    return [pinId, node];
  }));
  const ofHost = [...harness.pinById.values()].filter((pin) => harness.connectorById.get(pin.connectorId)?.side === "host");
  return {
    nodeName: names, label: harness.nodes.map((_, at) => nodeName(harness, at)), nodeOfPin, pinsOf, openOf: new Map(harness.nodes.flatMap((node, at) => (node.type === "open" ? [[node.pinId, at] as const] : []))),
    hostByLabel: new Map(ofHost.map((pin) => [nodeName(harness, harness.nodeOfPin.get(pin.id) as number), pin])), hostFeeds: ofHost.filter((pin) => pin.kind === "supply-out"),
  };
});

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
