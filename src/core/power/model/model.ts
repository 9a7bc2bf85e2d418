import { branchesOf, type NamedBranches, type NetElement, NumberedMap, withValues } from "../../circuit";
import { fieldOf } from "../../forms";
import { type Harness, type HarnessEdge, pointAt, type Wire } from "../../harness";
import { RATED_VOLTS } from "../../parts";
import type { Point } from "../../points";
import { closedInShorthand, liveIn } from "../../state";
import { USUAL_WIRE, wireOhms } from "../../wire";
import { BODY, MINUS, PLUS } from "../nodes";
import type { Origin, PlanElement } from "../plan-element";
import { batterySource, settingValue } from "../settings";
import type { TriedStrap } from "../tried";
import type { AssumedFact, Assumption, PowerFacts, PowerLink, PowerModel, PowerProblem } from "../types";
import { fillElements } from "./fill-elements";
import { joinedFeeds } from "./joined-feeds";
import { reachedByCable, unpluggedParts } from "./left-out";
import { type Around, type LinkEnd, linkElements } from "./link-elements";
import { type NodeNames, nodeNamesOf } from "./node-names";
import { elementsOfPart } from "./part-elements";
import { type NetSpan, type Spans, spansOf } from "./spans";
import {
  CONDUCTOR_C,
  type Elements,
  elementsOfWire,
  matesOf,
  terminalOhms,
  wireElement,
  wiresOf,
} from "./wire-elements";

/** A battery's post, Ω. */
const POST_OHMS = 0.0002;
/** Where the plan joins two cavities and no loose end shows, a new wire of this length is drawn, m. */
const NEW_WIRE_M = 1;

/**
 * The plan as a netlist: every wire, joint, contact, fuse, relay, switch, element and link of the job, with what stands
 * for what.
 *
 * @param like of the plan before something was tried: where values alone differ, it is numbered as that one is
 */
export function buildModel(facts: PowerFacts, like: PowerModel | null = null): PowerModel {
  return new ModelBuilder(facts, like).build();
}

class ModelBuilder {
  private readonly elements: PlanElement[] = [];
  private readonly problems: PowerProblem[] = [];
  private readonly assumed = new Map<string, Assumption>();
  private readonly names: NodeNames;
  private readonly harness: Harness;
  private readonly jointOhms: number;

  constructor(
    private readonly facts: PowerFacts,
    private readonly like: PowerModel | null,
  ) {
    this.harness = facts.harness;
    this.jointOhms = settingValue(facts.settings, "joint-ohms") / 1000;
    this.names = nodeNamesOf(facts.harness);
  }

  build(): PowerModel {
    this.addWires();
    this.elements.push(...matesOf(this.harness));
    this.addAssumedFeeds();
    this.addAll(fillElements(this.facts, this.names));
    this.addLinks();
    this.addTried();
    this.addParts();
    if (!this.elements.some(({ element }) => element.type === "source")) this.addUsualBattery();
    let numbered = this.numbered();
    if (this.groundBody(numbered.spans)) numbered = this.numbered();
    const { net, spans } = numbered;
    return {
      facts: this.facts,
      elements: this.elements,
      elementOf: new NumberedMap(net.named, (at) => (spans.all[at] as NetSpan).planned),
      net,
      spans,
      names: this.names,
      nodeOfPin: this.names.nodeOfPin,
      assumptions: [...this.assumed.values()],
      problems: [...this.problems, ...this.refusedSettings()],
    };
  }

  private numbered(): { readonly net: NamedBranches; readonly spans: Spans } {
    const elements = this.elements.map(({ element }) => element);
    const same = this.like && withValues(this.like.net, elements);
    const net = same ?? branchesOf({ reference: MINUS, elements });
    return { net, spans: spansOf(this.elements, net, same && (this.like as PowerModel).spans) };
  }

  private refusedSettings(): PowerProblem[] {
    return [...this.facts.settings.values()].flatMap(({ key, refused }): PowerProblem[] =>
      refused === undefined ? [] : [{ code: "absurd", what: "setting", setting: key, value: refused, pinId: null }],
    );
  }

  private assume(fact: AssumedFact): void {
    const key = JSON.stringify(fact);
    this.assumed.set(key, { ...fact, count: (this.assumed.get(key)?.count ?? 0) + 1 });
  }

  private add(element: NetElement, origin: Origin): void {
    this.elements.push({ element, origin });
  }

  private addAll({ elements, problems, assumed }: Elements): void {
    this.elements.push(...elements);
    this.problems.push(...problems);
    for (const fact of assumed) this.assume(fact);
  }

  private node = (at: number): string => this.names.nodeName[at] as string;
  private pointOf = (node: string): Point => this.names.pointOf.get(node) ?? { type: "inside", of: "" };

  private addWires(): void {
    wiresOf(this.harness).forEach((known, at) => {
      const wire = this.harness.wires[at] as Wire;
      const tried = this.facts.tried.wires.get(wire.id);
      if (!this.facts.gone.has(wire.id))
        this.addAll(tried === undefined ? known : elementsOfWire(this.harness, wire, tried));
    });
  }

  private addAssumedFeeds(): void {
    const fed = joinedFeeds(this.facts);
    for (const edge of this.harness.edges)
      if (edge.type === "assumed" && edge.a === this.harness.plus && !fed.has(edge.b)) this.addAssumedFeed(edge);
  }

  /** What is permanent is a cable; what is switched has a contact in it. */
  private addAssumedFeed(edge: HarnessEdge): void {
    const [a, b] = [this.node(edge.a), this.node(edge.b)];
    if (a === b) return;
    const pin = this.harness.pinAt[edge.b];
    const isWay = this.harness.partAt[edge.b]?.type === "fuse-box";
    const alive = (pin === undefined ? null : fieldOf(pin.form, "alive")) ?? (isWay ? "run" : "permanent");
    this.assume({ code: "feeds-as-stated" });
    const ohms = 2 * terminalOhms(pin?.sizeMm2 ?? USUAL_WIRE.areaMm2) + (alive === "permanent" ? 0 : 0.01);
    const closed = { key: liveIn(alive) };
    this.elements.push({
      element: { id: edge.id, type: "switch", a, b, closedIn: closedInShorthand(closed), ohms },
      origin: { type: "assumed-feed", at: pointAt(this.harness, edge.b), alive },
      closed,
    });
  }

  /**
   * Where nothing but the engine's straps would join the body to the battery, its negative cable is taken to reach the
   * body: the end that tables leave out. Says whether it is.
   */
  private groundBody(spans: Spans): boolean {
    const reached = reachedByCable(spans, this.harness);
    if (reached.has(BODY)) return false;
    const end = this.harness.nodes.findIndex(
      (node, at) =>
        node.type === "open" &&
        reached.has(this.node(at)) &&
        this.harness.partAt[this.harness.nodeOfPin.get(node.pinId) as number]?.type === "battery",
    );
    this.assume({ code: "ground-cable-to-body" });
    this.add(
      { id: "assumed:minus", type: "resistor", a: end < 0 ? MINUS : this.node(end), b: BODY, ohms: 2 * POST_OHMS },
      { type: "assumed-ground" },
    );
    return true;
  }

  private addLinks(): void {
    const around = this.around();
    for (const link of this.facts.links) this.addLink(link, around);
  }

  private around(): Around {
    const nodeOf = (pinId: string) => this.names.nodeOfPin.get(pinId);
    const feedOf = (...wanted: readonly string[]) =>
      this.names.hostFeeds.find(({ form }) => wanted.includes(fieldOf(form, "alive") ?? ""));
    return {
      feed: (from) => (from === "ground" ? BODY : nodeOf(from.pinId)),
      feedAlive: (alive) => {
        const pin = alive === "crank" ? feedOf("crank") : feedOf("run-crank", "run");
        return pin && nodeOf(pin.id);
      },
      jointOhms: this.jointOhms,
    };
  }

  /** A link joins where the wire ends that the tables do not follow; where they do, at the cavity itself. */
  private addLink(link: PowerLink, around: Around): void {
    const { harness } = this;
    const [from, to] = [harness.pinById.get(link.providerId), harness.pinById.get(link.consumerId)];
    if (from === undefined || to === undefined) return;
    const [a, b] = [from, to].map(({ id }) => this.names.openOf.get(id) ?? (harness.nodeOfPin.get(id) as number)) as [
      number,
      number,
    ];
    const ends: [LinkEnd, LinkEnd] = [
      { node: this.node(a), pin: from },
      { node: this.node(b), pin: to },
    ];
    const loose = [a, b].some((at) => harness.nodes[at]?.type === "open");
    const newSize = to.sizeMm2 ?? from.sizeMm2 ?? USUAL_WIRE.areaMm2;
    if (!loose) this.assume({ code: "new-wire-length", lengthM: NEW_WIRE_M });
    const jointOhms = Math.min(this.jointOhms, terminalOhms(newSize));
    const ohms = loose
      ? jointOhms
      : 2 * jointOhms + wireOhms({ lengthM: NEW_WIRE_M, areaMm2: newSize, conductorC: CONDUCTOR_C });
    const { elements, assumed } = linkElements(link.id, ...ends, link.adapters, around, ohms);
    for (const fact of assumed) this.assume(fact);
    if (link.proposed && elements.length > 0) this.assume({ code: "links-as-proposed" });
    const points = {
      from: pointAt(harness, harness.nodeOfPin.get(from.id) as number),
      to: pointAt(harness, harness.nodeOfPin.get(to.id) as number),
    };
    // Copper between two adapters is a part of what they are.
    for (const { element, of } of elements)
      this.add(element, { type: "link", linkId: link.id, as: of ?? link.adapters.at(-1)?.type ?? "wire", ...points });
  }

  private addTried(): void {
    const { harness } = this;
    const nodeOf = (pinId: string) => this.node(harness.nodeOfPin.get(pinId) ?? harness.chassis);
    this.facts.tried.straps.forEach(({ fromPinId, toPinId, ...wire }, at) =>
      this.addNewWire(`tried wire ${at}`, nodeOf(fromPinId), nodeOf(toPinId), wire),
    );
    this.facts.tried.loads.forEach(({ pinId, watts, name, ...wire }, at) => {
      const end = `tried load ${at} +`;
      this.addNewWire(`tried load ${at} wire`, nodeOf(pinId), end, wire, {
        type: "terminal",
        part: name,
        terminal: "+",
      });
      this.add(
        { id: `tried load ${at}`, type: "resistor", a: end, b: BODY, ohms: RATED_VOLTS ** 2 / watts },
        { type: "tried-load", name },
      );
    });
  }

  private addNewWire(
    id: string,
    a: string,
    b: string,
    { sizeMm2, lengthM }: Pick<TriedStrap, "sizeMm2" | "lengthM">,
    to: Point = this.pointOf(b),
  ): void {
    if (a !== b)
      this.elements.push(
        wireElement({ id, a, b, ends: { from: this.pointOf(a), to }, sizeMm2, lengthM, assumed: [], isTried: true }),
      );
  }

  private addParts(): void {
    const { harness } = this;
    const edges = new Map<string, HarnessEdge[]>();
    for (const edge of harness.edges) {
      if (edge.partId === null || edge.elementId === null) continue;
      const known = edges.get(edge.partId);
      if (known === undefined) edges.set(edge.partId, [edge]);
      else known.push(edge);
    }
    const unplugged = unpluggedParts(this.facts);
    const donorCharges = harness.parts.some((part) => part.type === "alternator" && part.side !== "host");
    for (const part of harness.parts) {
      const own = edges.get(part.id) ?? [];
      if (part.type === "alternator" && part.side === "host" && donorCharges)
        this.assume({ code: "host-alternator-gone" });
      else if (unplugged.has(part.id)) this.assume({ code: "replaced-parts-unplugged" });
      else {
        if (part.type === "battery") this.addPosts(own);
        this.addAll(elementsOfPart(this.facts, part, own));
      }
    }
  }

  private addPosts(edges: readonly HarnessEdge[]): void {
    for (const edge of edges) {
      if (edge.type === "joint" && (edge.b === this.harness.plus || edge.b === this.harness.minus))
        this.add(
          { id: edge.id, type: "resistor", a: this.node(edge.a), b: this.node(edge.b), ohms: POST_OHMS },
          { type: "battery-post" },
        );
    }
  }

  /** Without a battery in the tables the feeds would have nothing behind them. */
  private addUsualBattery(): void {
    const { volts, ohms } = batterySource(this.facts.settings);
    this.assume({ code: "usual-battery" });
    this.add({ id: "battery", type: "source", a: PLUS, b: MINUS, volts, ohms }, { type: "assumed-battery" });
  }
}
