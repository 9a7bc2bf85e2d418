import type { Side } from "../forms";
import type { Harness, HarnessEdge, HarnessPart, Wire } from "../harness";
import { directEdges, waysToPoles } from "./direct-ways";
import type { Slice } from "./slice";

/** A part of a function's circuit, with those of its cavities that the function uses. */
export interface CircuitPart {
  readonly id: string;
  readonly label: string;
  readonly type: string;
  readonly side: Side | "added";
  readonly cavities: readonly { readonly pinId: string; readonly cavity: string }[];
  /** What lies between its cavities, by the edge's type; null for what is no cavity of it. */
  readonly inside: readonly {
    readonly type: string;
    readonly from: string | null;
    readonly to: string | null;
    /** One end is the part's case, on the body or the engine. */
    readonly isCased: boolean;
  }[];
}

/** Copper between two nodes of the circuit, from the battery's side on. */
export interface CircuitRun {
  readonly id: string;
  readonly type: "wire" | "mate" | "join";
  readonly from: string;
  readonly to: string;
  readonly wire: Pick<
    Wire,
    "side" | "circuit" | "colour" | "colourBase" | "colourTracer" | "sizeMm2" | "lengthM" | "added"
  > | null;
}

/**
 * What one function needs, as a drawing needs it: plain data. A run's ends are `pin:` and a cavity's id, `splice:` or
 * `open:` and a number, `case:` and a part's id.
 */
export interface FunctionCircuit {
  readonly parts: readonly CircuitPart[];
  readonly splices: readonly { readonly id: string; readonly label: string }[];
  readonly opens: readonly string[];
  readonly runs: readonly CircuitRun[];
}

/**
 * A circuit: every wire, splice and part on a short way that it needs (direct-ways.ts), across both harnesses with the decided
 * links. Runs lead away from the battery, by their distance from it.
 *
 * @param alsoPinIds cavities that are drawn though nothing joins them yet: the ends of links that are only proposed
 */
export function circuitOf(
  harness: Harness,
  slice: Slice,
  of: CircuitOf,
  alsoPinIds: readonly string[] = [],
): FunctionCircuit {
  return new Drawing(harness, edgesOf(harness, slice, of), alsoPinIds).circuit();
}

/** A function, or all that goes through some cavities: of one cavity, a fuse, a ground, a connector. */
export type CircuitOf =
  | { readonly type: "function"; readonly key: string }
  | { readonly type: "through"; readonly pinIds: readonly string[] };

function edgesOf(harness: Harness, { needs }: Slice, of: CircuitOf): readonly number[] {
  if (of.type === "function") {
    const need = needs.find(({ def }) => def.key === of.key);
    return need === undefined ? [] : directEdges(harness, need);
  }
  const through = new Set(of.pinIds.flatMap((pinId) => harness.nodeOfPin.get(pinId) ?? []));
  return [
    ...new Set([...waysToPoles(harness, through), ...needs.flatMap((need) => directEdges(harness, need, through))]),
  ];
}

class Drawing {
  private readonly cavitiesOf = new Map<HarnessPart, Set<string>>();
  private readonly splices = new Map<string, string>();
  private readonly opens = new Set<string>();
  private readonly depths: ReadonlyMap<number, number>;
  private readonly tails: readonly number[];
  private readonly also: readonly string[];

  constructor(
    private readonly harness: Harness,
    private readonly edges: readonly number[],
    alsoPinIds: readonly string[],
  ) {
    this.depths = this.fromBattery();
    for (const pinId of alsoPinIds) this.takeCavity(pinId);
    this.also = alsoPinIds.map((pinId) => `pin:${pinId}`);
    // The wire that leads from such a cavity to where the link will join it is there already.
    this.tails = alsoPinIds.flatMap((pinId) => {
      const node = harness.nodeOfPin.get(pinId) ?? -1;
      return (harness.edgesAt[node] ?? []).filter((at) => {
        const { type, a, b } = harness.edges[at] as HarnessEdge;
        return type === "wire" && harness.nodes[a === node ? b : a]?.type === "open";
      });
    });
  }

  circuit(): FunctionCircuit {
    const own = [...new Set([...this.edges, ...this.tails])].map((at) => this.harness.edges[at] as HarnessEdge);
    const runs = own.flatMap((edge) => this.run(edge) ?? []);
    for (const edge of own)
      if (edge.partId !== null)
        for (const node of [edge.a, edge.b]) {
          const at = this.harness.nodes[node];
          if (at?.type === "cavity") this.takeCavity(at.pinId);
        }
    const whole = [...this.cavitiesOf].map(([part, pinIds]): CircuitPart => this.part(part, pinIds));
    // A cavity that is only on the inside of a path has nothing to be wired in this drawing.
    const wired = new Set([...runs.flatMap(({ from, to }) => [from, to]), ...this.also]);
    const parts = whole
      .map((part) => ({ ...part, cavities: part.cavities.filter(({ pinId }) => wired.has(`pin:${pinId}`)) }))
      .filter(({ cavities }) => cavities.length > 0);
    return {
      parts,
      splices: [...this.splices].map(([id, label]) => ({ id, label })),
      opens: [...this.opens],
      runs: [...runs, ...parts.flatMap((part) => this.toCase(part))],
    };
  }

  /** How many steps each node lies from the battery's positive, along the function's own edges. */
  private fromBattery(): Map<number, number> {
    const { edges, plus } = this.harness;
    const at = new Map<number, number[]>();
    for (const one of this.edges) {
      const edge = edges[one] as HarnessEdge;
      for (const node of [edge.a, edge.b]) at.set(node, [...(at.get(node) ?? []), one]);
    }
    const depths = new Map<number, number>([[plus, 0]]);
    const queue = [plus];
    for (const node of queue)
      for (const one of at.get(node) ?? []) {
        const edge = edges[one] as HarnessEdge;
        const other = edge.a === node ? edge.b : edge.a;
        // Ground is reached from everywhere: nothing lies behind it.
        if (depths.has(other) || other === this.harness.chassis || other === this.harness.minus) continue;
        depths.set(other, (depths.get(node) ?? 0) + 1);
        queue.push(other);
      }
    return depths;
  }

  private takeCavity(pinId: string): void {
    const part = this.harness.partAt[this.harness.nodeOfPin.get(pinId) ?? -1] ?? this.plugOf(pinId);
    if (part !== null) this.cavitiesOf.set(part, (this.cavitiesOf.get(part) ?? new Set()).add(pinId));
  }

  /** A cavity of which nobody knows the part stands in its connector. */
  private readonly plugs = new Map<string, HarnessPart>();
  private plugOf(pinId: string): HarnessPart | null {
    const connector = this.harness.connectorById.get(this.harness.pinById.get(pinId)?.connectorId ?? "");
    if (connector === undefined) return null;
    const known = this.plugs.get(connector.id);
    if (known !== undefined) return known;
    const plug: HarnessPart = {
      id: `plug:${connector.id}`,
      side: connector.side,
      type: "plug",
      label: connector.label,
      terminals: [],
      elements: [],
      guessed: true,
      connectorIds: [connector.id],
    };
    this.plugs.set(connector.id, plug);
    return plug;
  }

  private run(edge: HarnessEdge): CircuitRun | null {
    if (edge.type !== "wire" && edge.type !== "mate" && edge.type !== "join") return null;
    const [a, b] = [this.nodeId(edge.a), this.nodeId(edge.b)];
    if (a === null || b === null) return null;
    const [from, to] = this.depth(edge.a) <= this.depth(edge.b) ? [a, b] : [b, a];
    const wire = edge.type === "wire" ? this.harness.wireById.get(edge.id) : undefined;
    return {
      id: edge.id,
      type: edge.type,
      from,
      to,
      wire:
        wire === undefined
          ? null
          : {
              side: wire.side,
              circuit: wire.circuit,
              colour: wire.colour,
              colourBase: wire.colourBase,
              colourTracer: wire.colourTracer,
              sizeMm2: wire.sizeMm2,
              lengthM: wire.lengthM,
              added: wire.added,
            },
    };
  }

  private depth = (node: number) => this.depths.get(node) ?? Number.POSITIVE_INFINITY;

  private nodeId(at: number): string | null {
    const node = this.harness.nodes[at];
    switch (node?.type) {
      case "cavity":
        this.takeCavity(node.pinId);
        return `pin:${node.pinId}`;
      case "splice":
        this.splices.set(`splice:${at}`, node.label);
        return `splice:${at}`;
      case "open":
        this.opens.add(`open:${at}`);
        return `open:${at}`;
      default:
        return null;
    }
  }

  private part({ id, label, type, side }: HarnessPart, pinIds: ReadonlySet<string>): CircuitPart {
    const cavityAt = (at: number) => {
      const node = this.harness.nodes[at];
      return node?.type === "cavity" ? (this.harness.pinById.get(node.pinId)?.cavity ?? null) : null;
    };
    // A load conducts for no one else, and is on nobody's path; it is what the circuit is for.
    const at = new Set(
      [...pinIds].flatMap((pinId) => this.harness.edgesAt[this.harness.nodeOfPin.get(pinId) ?? -1] ?? []),
    );
    return {
      id,
      label,
      type,
      side,
      cavities: [...pinIds].map((pinId) => ({ pinId, cavity: this.harness.pinById.get(pinId)?.cavity ?? "" })),
      inside: [...at]
        .map((one) => this.harness.edges[one] as HarnessEdge)
        .filter((edge) => edge.partId === id && edge.type !== "assumed")
        .map((edge) => ({
          type: edge.type,
          from: cavityAt(edge.a),
          to: cavityAt(edge.b),
          isCased: edge.a === this.harness.chassis || edge.b === this.harness.chassis,
        })),
    };
  }

  /** What is grounded by its own case has a ground of its own in the drawing; a stud is one. */
  private toCase(part: CircuitPart): CircuitRun[] {
    if (part.type === "ground-stud" || part.type === "battery") return [];
    const [first] = part.inside.filter(({ isCased }) => isCased);
    const pin = part.cavities.find(({ cavity }) => cavity === (first?.from ?? first?.to));
    return first === undefined || pin === undefined
      ? []
      : [{ id: `case:${part.id}`, type: "join", from: `pin:${pin.pinId}`, to: `case:${part.id}`, wire: null }];
  }
}
