import type { CavityFacts, ConnectorFacts } from "../parts";
import { CHASSIS, guessedElements, guessPart, spansOf } from "../parts";
import { safetyMarks } from "./marks";
import { components, packGraph } from "./packed";
import { pointAt } from "./points";
import { copperProblems, mateProblems, openProblems, partFaults, toldEndProblems } from "./problems";
import { reach } from "./reach";
import { COPPER, letThrough } from "./through";
import type {
  EdgeType,
  Harness,
  HarnessEdge,
  HarnessFacts,
  HarnessNode,
  HarnessPart,
  HarnessProblem,
  Wire,
  WireFacts,
} from "./types";

/**
 * Both harnesses as one graph: wires join cavities, and splices where more than two meet; halves of an in-line
 * connector are joined cavity to cavity; parts join their own cavities by their elements; the plan's decided links join
 * the sides. What is wrong in the facts is named in `problems`, left out, and the rest is built.
 */
export function buildHarness(facts: HarnessFacts): Harness {
  return new Builder(facts).build();
}

class Builder {
  private readonly nodes: HarnessNode[] = [
    { type: "chassis" },
    { type: "pole", pole: "plus" },
    { type: "pole", pole: "minus" },
  ];
  private readonly edges: HarnessEdge[] = [];
  private readonly edgesAt: number[][] = [[], [], []];
  private readonly wires: Omit<Wire, "mark">[] = [];
  private readonly problems: HarnessProblem[] = [];
  private readonly connectorById: Map<string, ConnectorFacts>;
  private readonly pinById: Map<string, CavityFacts>;
  private readonly nodeOfPin = new Map<string, number>();
  private readonly openOfPin = new Map<string, number>();
  private readonly pinsOf = new Map<string, CavityFacts[]>();
  private static readonly CHASSIS = 0;
  private static readonly PLUS = 1;
  private static readonly MINUS = 2;

  constructor(private readonly facts: HarnessFacts) {
    this.connectorById = new Map(facts.connectors.map((one) => [one.id, one]));
    this.pinById = new Map(facts.pins.map((one) => [one.id, one]));
    for (const pin of facts.pins) {
      this.nodeOfPin.set(pin.id, this.node({ type: "cavity", pinId: pin.id }));
      const own = this.pinsOf.get(pin.connectorId);
      if (own === undefined) this.pinsOf.set(pin.connectorId, [pin]);
      else own.push(pin);
    }
  }

  build(): Harness {
    this.layWires();
    this.mate();
    const parts = this.placeParts();
    this.join();
    this.groundBattery(parts);
    this.assumeFeeds(parts);
    const { nodes, edges, edgesAt, pinById, connectorById, nodeOfPin } = this;
    const packed = packGraph(nodes.length, edges);
    const netOf = components(packed, letThrough(edges, COPPER));
    const pinAt = nodes.map((node) => (node.type === "cavity" ? pinById.get(node.pinId) : undefined));
    const partAt = new Array<HarnessPart | undefined>(nodes.length);
    for (const part of parts)
      for (const { pinId } of part.terminals) {
        const node = pinId === null ? undefined : nodeOfPin.get(pinId);
        if (node !== undefined) partAt[node] = part;
      }
    const markOf = safetyMarks({ pinAt, netOf, connectorById, edges, edgesAt });
    const wires = this.wires.map((wire): Wire => ({ ...wire, mark: markOf(wire) }));
    const harness: Harness = {
      nodes,
      edges,
      edgesAt,
      packed,
      netOf,
      pinAt,
      partAt,
      wires,
      parts,
      pinById,
      connectorById,
      partById: new Map(parts.map((part) => [part.id, part])),
      wireById: new Map(wires.map((wire) => [wire.id, wire])),
      nodeOfPin,
      chassis: Builder.CHASSIS,
      plus: Builder.PLUS,
      minus: Builder.MINUS,
      problems: this.problems,
    };
    this.problems.push(
      ...copperProblems(harness),
      ...toldEndProblems(harness),
      ...openProblems(this.facts.connectors, this.pinsOf),
    );
    return harness;
  }

  private node(node: HarnessNode): number {
    this.edgesAt.push([]);
    return this.nodes.push(node) - 1;
  }

  private edge(
    id: string,
    type: EdgeType,
    a: number,
    b: number,
    partId: string | null = null,
    elementId: string | null = null,
  ): number {
    const at = this.edges.push({ id, type, a, b, partId, elementId }) - 1;
    this.edgesAt[a]?.push(at);
    if (a !== b) this.edgesAt[b]?.push(at);
    return at;
  }

  private layWires(): void {
    const splices = new Map<string, number>();
    for (const wire of this.facts.wires) {
      const from = this.pinById.get(wire.fromPinId);
      const connector = from && this.connectorById.get(from.connectorId);
      if (from === undefined || connector === undefined) continue;
      if (wire.toPinId === from.id) {
        const at = pointAt(this.named(), this.nodeOf(from.id));
        this.problems.push({ code: "same-cavity", at, connectorId: connector.id });
        continue;
      }
      const end = this.endOf(wire, connector, splices);
      if (end !== undefined) this.layWire(wire, connector, end);
    }
  }

  /** The node at which a wire ends; undefined where the cavity is gone. */
  private endOf(wire: WireFacts, { side, branchId }: ConnectorFacts, splices: Map<string, number>): number | undefined {
    switch (wire.endsAt) {
      case "cavity":
        return wire.toPinId === null ? undefined : this.nodeOfPin.get(wire.toPinId);
      case "open": {
        const open = this.node({ type: "open", pinId: wire.fromPinId });
        this.openOfPin.set(wire.fromPinId, open);
        return open;
      }
      case "splice": {
        const name = JSON.stringify([side, branchId, wire.splice === null, wire.splice ?? wire.circuit]);
        const splice =
          splices.get(name) ?? this.node({ type: "splice", label: wire.splice ?? wire.circuit ?? "", side });
        splices.set(name, splice);
        return splice;
      }
    }
  }

  private layWire(row: WireFacts, { side, branchId }: ConnectorFacts, b: number): void {
    const { fromPinId, toPinId, circuit, colour, colourBase, colourTracer, sizeMm2, lengthM, origin } = row;
    const a = this.nodeOf(fromPinId);
    const id = `wire:${row.id}`;
    this.wires.push({
      id,
      side,
      branchId,
      circuit,
      colour,
      colourBase,
      colourTracer,
      sizeMm2,
      lengthM,
      pinIds: toPinId === null ? [fromPinId] : [fromPinId, toPinId],
      edge: this.edge(id, "wire", a, b),
      a,
      b,
      added: origin === "added",
    });
  }

  private mate(): void {
    const done = new Set<string>();
    for (const half of this.facts.connectors) {
      const other = half.mateId === null ? undefined : this.connectorById.get(half.mateId);
      if (other === undefined || done.has(half.id)) continue;
      done.add(half.id).add(other.id);
      const [own, its] = [this.pinsOf.get(half.id) ?? [], this.pinsOf.get(other.id) ?? []];
      this.problems.push(...mateProblems(half, other, own, its));
      const byLabel = new Map(its.map((pin) => [pin.cavity, pin]));
      for (const pin of own) {
        const opposite = byLabel.get(pin.cavity);
        if (opposite !== undefined && pin.id !== opposite.id)
          this.edge(`mate:${pin.id}`, "mate", this.nodeOf(pin.id), this.nodeOf(opposite.id));
      }
    }
  }

  private placeParts(): HarnessPart[] {
    const claimed = new Set(
      this.facts.parts.flatMap((part) =>
        part.terminals.flatMap(({ pinId }) => (pinId === null ? [] : [this.pinById.get(pinId)?.connectorId ?? ""])),
      ),
    );
    const told = this.facts.parts.map((part): HarnessPart => {
      const pins = part.terminals.flatMap(({ name, pinId }) => {
        const pin = pinId === null ? undefined : this.pinById.get(pinId);
        return pin === undefined ? [] : [{ ...pin, cavity: name }];
      });
      // A computer's behaviour follows from its declared pins until someone writes elements of its own.
      const elements =
        part.elements.length === 0 && part.type === "computer" ? guessedElements("computer", pins) : part.elements;
      return { ...part, elements, guessed: false, connectorIds: [...new Set(pins.map((pin) => pin.connectorId))] };
    });
    const guessed = this.facts.connectors
      .filter((connector) => !claimed.has(connector.id))
      .map((connector): HarnessPart => {
        const pins = this.pinsOf.get(connector.id) ?? [];
        return {
          id: connector.id,
          side: connector.side,
          label: connector.label,
          ...guessPart(connector, pins),
          terminals: pins.map((pin) => ({ name: pin.cavity, pinId: pin.id })),
          guessed: true,
          connectorIds: [connector.id],
        };
      });
    const parts = [...told, ...guessed];
    for (const part of parts) this.placePart(part);
    return parts;
  }

  private placePart(part: HarnessPart): void {
    const nodes = new Map<string, number>([[CHASSIS, Builder.CHASSIS]]);
    for (const { name, pinId } of part.terminals)
      nodes.set(
        name,
        (pinId === null ? undefined : this.nodeOfPin.get(pinId)) ??
          this.node({ type: "terminal", partId: part.id, terminal: name }),
      );
    if (!part.guessed) this.problems.push(...partFaults(part, this.pinById));
    for (const element of part.elements) {
      for (const span of spansOf(element)) {
        const [a, b] = [nodes.get(span.a), nodes.get(span.b)];
        if (a === undefined || b === undefined || a === b) continue;
        const type =
          span.role !== "path" ? span.role : element.type === "resistor" || element.type === "fuse" ? "joint" : "path";
        this.edge(`part:${part.id}/${span.id}`, type, a, b, part.id, element.id);
        if (part.type === "battery" && element.type === "source") {
          this.edge(`part:${part.id}/+`, "joint", a, Builder.PLUS, part.id, element.id);
          this.edge(`part:${part.id}/-`, "joint", b, Builder.MINUS, part.id, element.id);
        }
      }
    }
  }

  /** A link joins where the wire ends that the tables do not follow; where they do, at the cavity itself. */
  private join(): void {
    for (const join of this.facts.joins) {
      const [a, b] = [this.loose(join.fromPinId), this.loose(join.toPinId)];
      if (a !== undefined && b !== undefined) this.edge(`join:${join.id}`, "join", a, b);
    }
  }

  private loose(pinId: string): number | undefined {
    return this.openOfPin.get(pinId) ?? this.nodeOfPin.get(pinId);
  }

  /**
   * A battery's negative lead of which the other end is not shown goes to the body; without a battery the body is the
   * return.
   */
  private groundBattery(parts: readonly HarnessPart[]): void {
    const batteries = parts.filter((part) => part.type === "battery");
    if (batteries.length === 0) this.edge("assumed:minus", "assumed", Builder.CHASSIS, Builder.MINUS);
    const copper = new Set<EdgeType>(["wire", "mate", "joint", "join"]);
    const reached = reach({ edges: this.edges, edgesAt: this.edgesAt }, Builder.MINUS, (edge) => copper.has(edge.type));
    if (reached.has(Builder.CHASSIS)) return;
    const open = [...reached].find((at) => this.nodes[at]?.type === "open");
    this.edge("assumed:minus", "assumed", open ?? Builder.MINUS, Builder.CHASSIS);
  }

  /** A feed that nothing in the tables brings up to the battery is taken as live, and fuse boxes say so. */
  private assumeFeeds(parts: readonly HarnessPart[]): void {
    const drives = new Set(parts.filter((part) => DRIVING.has(part.type)).map((part) => part.id));
    const through = new Set<EdgeType>(["wire", "mate", "joint", "join", "path", "assumed"]);
    const fed = reach(
      { edges: this.edges, edgesAt: this.edgesAt },
      Builder.PLUS,
      (edge) => through.has(edge.type) && !(edge.type === "path" && drives.has(edge.partId ?? "")),
      { not: Builder.CHASSIS },
    );
    const typeOf = new Map(parts.flatMap((part) => part.terminals.map(({ pinId }) => [pinId, part] as const)));
    const unfed = new Map<HarnessPart, CavityFacts[]>();
    for (const pin of this.facts.pins) {
      const part = typeOf.get(pin.id);
      const isWay = part?.type === "fuse-box" && pin.form.kind !== "ground" && pin.form.kind !== "spare";
      if ((pin.form.kind !== "supply-out" && !isWay) || fed.has(this.nodeOf(pin.id)) || this.isSource(pin.id)) continue;
      this.edge(`assumed:${pin.id}`, "assumed", Builder.PLUS, this.nodeOf(pin.id));
      if (isWay) unfed.set(part, [...(unfed.get(part) ?? []), pin]);
    }
    for (const [part, ways] of unfed) {
      this.problems.push({
        code: "no-feed",
        part: part.label,
        ways: ways.map((pin) => pin.cavity),
        connectorId: part.connectorIds[0] ?? null,
      });
    }
  }

  /** An alternator is a feed of its own: what it needs is the way to the battery. */
  private isSource(pinId: string): boolean {
    return (this.edgesAt[this.nodeOf(pinId)] ?? []).some((at) => this.edges[at]?.type === "source");
  }

  private nodeOf = (pinId: string): number => this.nodeOfPin.get(pinId) as number;
  private named = () => ({ nodes: this.nodes, pinById: this.pinById, connectorById: this.connectorById });
}

/** What a computer's driver works is no feed of what is connected beside it. */
export const DRIVING: ReadonlySet<string> = new Set(["computer", "assembly"]);
