import { cachedBy } from "../../cached-by";
import { cavityPoint, type Harness, pointAt } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { CavityPoint, Point } from "../../points";
import { BLOCK, BODY, MINUS, PLUS } from "../nodes";
import type { Origin } from "../plan-element";
import type { PowerModel } from "../types";

/** What the harness's nodes are called in a netlist, and back. */
export interface NodeNames {
  /** By node of the harness. */
  readonly nodeName: readonly string[];
  /** The point that a node is; nodes inside of parts and links are not here. */
  readonly pointOf: ReadonlyMap<string, Point>;
  readonly nodeOfPin: ReadonlyMap<string, string>;
  readonly pinsOf: ReadonlyMap<string, readonly string[]>;
  /** By cavity: the end of its wire that the tables do not show. */
  readonly openOf: ReadonlyMap<string, number>;
  /** Feeds of the host. */
  readonly hostFeeds: readonly CavityFacts[];
}

export const nodeNamesOf = cachedBy((harness: Harness): NodeNames => {
  const nodeName = harness.nodes.map((node, at) => {
    switch (node.type) {
      case "chassis":
        return BODY;
      case "pole":
        return node.pole === "plus" ? PLUS : MINUS;
      case "cavity":
        return `cavity ${node.pinId}`;
      case "open":
        return `end ${node.pinId}`;
      case "splice":
        return `splice ${node.side} ${node.label} ${at}`;
      case "terminal":
        return `terminal ${node.partId} ${node.terminal}`;
    }
  });
  const pinsOf = new Map<string, string[]>();
  const nodeOfPin = new Map(
    [...harness.nodeOfPin].map(([pinId, at]) => {
      const node = nodeName[at] as string;
      const own = pinsOf.get(node);
      if (own === undefined) pinsOf.set(node, [pinId]);
      else own.push(pinId);
      return [pinId, node];
    }),
  );
  return {
    nodeName,
    pointOf: new Map<string, Point>([
      ...nodeName.map((name, at) => [name, pointAt(harness, at)] as const),
      [BLOCK, { type: "engine-block" }],
    ]),
    nodeOfPin,
    pinsOf,
    openOf: new Map(harness.nodes.flatMap((node, at) => (node.type === "open" ? [[node.pinId, at] as const] : []))),
    hostFeeds: [...harness.pinById.values()].filter(
      (pin) => pin.form.kind === "supply-out" && harness.connectorById.get(pin.connectorId)?.side === "host",
    ),
  };
});

const insideOf = (origin: Origin | undefined): string =>
  origin?.type === "part" ? origin.label : origin?.type === "tried-load" ? origin.name : "";

/** The point that a node of the netlist is. */
export const pointOfNode = ({ names, spans }: Pick<PowerModel, "names" | "spans">, node: string): Point =>
  names.pointOf.get(node) ?? { type: "inside", of: insideOf(spans.at.get(node)?.[0]?.planned.origin) };

/** The cavity of a pin as findings name it. */
export const cavityOf = ({ facts: { harness } }: Pick<PowerModel, "facts">, pinId: string): CavityPoint =>
  cavityPoint(harness, pinId);
