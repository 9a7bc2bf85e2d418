import { branchesOf, type NamedBranches, type NetElement, NumberedMap, retuned } from "../../circuit";
import { type Harness, type HarnessEdge, nodeName, type Wire } from "../../harness";
import { lengthText } from "../../units";
import { wireOhms } from "../../wire";
import { BODY, MINUS, PLUS } from "../nodes";
import type { Piece, Place } from "../piece";
import { batterySource, SETTINGS, settingValue } from "../settings";
import { pointLabel } from "../solved/drawn-path";
import type { Assumption, PowerFacts, PowerModel, PowerProblem } from "../types";
import { type LinkEnd, linkElements } from "./adapters";
import { broughtUp } from "./brought-up";
import { layPart } from "./lay-part";
import { CONDUCTOR_C, type Laid, laidMates, laidWires, layWire, terminalOhms, USUAL_MM2, wirePiece } from "./lay-wire";
import { reachedByCable, unpluggedParts } from "./left-out";
import { type Printed, printedOf } from "./printed";
import { type NetSpan, type Spans, spansOf } from "./spans";
import { FEED_STATES } from "./uses";

/** A battery's post, Ω. */
const POST_OHMS = 0.0002;
/** Where the plan joins two cavities and no loose end shows, a new wire of this length is drawn, m. */
const NEW_WIRE_M = 1;

/**
 * The plan as a netlist: every wire, joint, contact, fuse, relay, switch, element and link of the job, with what stands for what.
 *
 * @param like of the plan before something was tried: where values alone differ, it is numbered as that one is
 */
export function buildModel(facts: PowerFacts, like: PowerModel | null = null): PowerModel {
  return new ModelBuilder(facts, like).build();
}

class ModelBuilder {
  private readonly pieces: Piece[] = [];
  private readonly problems: PowerProblem[] = [];
  private readonly assumed = new Map<string, number>();
  private readonly charging = new Set<string>();
  private readonly pressed = new Set<string>();
  private readonly printed: Printed;
  private readonly harness: Harness;
  private readonly jointOhms: number;

  constructor(private readonly facts: PowerFacts, private readonly like: PowerModel | null) {
    this.harness = facts.harness;
    this.jointOhms = settingValue(facts.settings, "joint-ohms") / 1000;
    this.printed = printedOf(facts.harness);
  }

  build(): PowerModel {
    laidWires(this.harness, this.facts.units).forEach((laid, at) => {
      const wire = this.harness.wires[at] as Wire;
      const tried = this.facts.tried.wires.get(wire.id);
      if (!this.facts.gone.has(wire.id)) this.take(tried === undefined ? laid : layWire(this.harness, wire, this.facts.units, tried));
    });
    this.pieces.push(...laidMates(this.harness));
    const fed = broughtUp(this.facts);
    for (const edge of this.harness.edges) if (edge.type === "assumed" && !fed.has(edge.b)) this.layAssumed(edge);
    this.layLinks();
    this.layTried();
    this.layParts();
    if (!this.pieces.some(({ element }) => element.type === "source")) this.batteryless();
    let numbered = this.numbered();
    if (this.groundBody(numbered.spans)) numbered = this.numbered();
    const { net, spans } = numbered;
    const assumptions = [...this.assumed].map(([says, count]): Assumption => ({ says, count }));
    for (const { key, refused } of this.facts.settings.values()) {
      const { name, low, high, unit } = SETTINGS[key];
      if (refused !== undefined) this.problems.push({ code: "absurd", where: name, message: `It is given as ${refused} ${unit}; ${SETTINGS[key].usual} ${unit} is taken instead.`, cure: `Give a value between ${low} and ${high} ${unit}.`, pinId: null });
    }
    return { facts: this.facts, pieces: this.pieces, pieceOf: new NumberedMap(net.named, (at) => (spans.all[at] as NetSpan).piece), net, spans, printed: this.printed, nodeOfPin: this.printed.nodeOfPin, assumptions, problems: this.problems, charging: this.charging, pressed: this.pressed };
  }

  private numbered(): { readonly net: NamedBranches; readonly spans: Spans } {
    const elements = this.pieces.map((piece) => piece.element);
    const same = this.like && retuned(this.like.net, elements);
    const net = same ?? branchesOf({ reference: MINUS, elements });
    return { net, spans: spansOf(this.pieces, net, same && (this.like as PowerModel).spans) };
  }

  private assume(says: string): void {
    this.assumed.set(says, (this.assumed.get(says) ?? 0) + 1);
  }

  private add(element: NetElement, place: Place, name: string): void {
    this.pieces.push({ element, place, name });
  }

  private node = (at: number): string => this.printed.nodeName[at] as string;

  private layAssumed(edge: HarnessEdge): void {
    const [a, b] = [this.node(edge.a), this.node(edge.b)];
    if (a === b) return;
    const pin = this.harness.pinAt[edge.b];
    if (edge.id === "assumed:minus") return;
    const alive = pin?.params.alive ?? (this.isWay(edge.b) ? "run" : "permanent");
    const says = `${nodeName(this.harness, edge.b)} is fed from the battery as its table says (${alive})`;
    this.assume("feeds that no wire of the tables brings up to the battery are taken as their tables say");
    // What lives for good is a cable; what is switched has a contact in it.
    const ohms = 2 * terminalOhms(pin?.sizeMm2 ?? USUAL_MM2) + (alive === "permanent" ? 0 : 0.01);
    this.add({ id: edge.id, type: "switch", a, b, closedIn: FEED_STATES[alive] ?? [], ohms }, { type: "assumed", says, pinId: pin?.id ?? null }, says);
  }

  private isWay = (at: number) => this.harness.partAt[at]?.type === "fuse-box";

  /** Where nothing but the engine's straps would join the body to the battery, its negative cable is taken to reach the body: the end that tables leave out. Says whether it is. */
  private groundBody(spans: Spans): boolean {
    const reached = reachedByCable(spans, this.harness);
    if (reached.has(BODY)) return false;
    const end = this.harness.nodes.findIndex((node, at) => node.type === "open" && reached.has(this.node(at)) && this.harness.partAt[this.harness.nodeOfPin.get(node.pinId) as number]?.type === "battery");
    const says = "the battery's negative cable goes to the body";
    this.assume(says);
    this.add({ id: "assumed:minus", type: "resistor", a: end < 0 ? MINUS : this.node(end), b: BODY, ohms: 2 * POST_OHMS }, { type: "assumed", says, pinId: null }, "battery negative to body");
    return true;
  }

  private layLinks(): void {
    const { harness } = this;
    const { openOf, hostByLabel, hostFeeds } = this.printed;
    // A link joins where the wire ends that the tables do not follow; where they do, at the cavity itself.
    const endOf = (pinId: string) => openOf.get(pinId) ?? (harness.nodeOfPin.get(pinId) as number);
    const nodeOf = (pinId: string) => this.node(harness.nodeOfPin.get(pinId) as number);
    const around = {
      feed: (label: string) => { const pin = hostByLabel.get(label); return pin && nodeOf(pin.id); },
      feedAlive: (alive: "crank" | "run") => { const pin = hostFeeds.find((one) => (alive === "crank" ? one.params.alive === "crank" : one.params.alive === "run-crank" || one.params.alive === "run")); return pin && nodeOf(pin.id); },
      jointOhms: this.jointOhms,
    };
    for (const link of this.facts.links) {
      const [from, to] = [harness.pinById.get(link.providerId), harness.pinById.get(link.consumerId)];
      if (from === undefined || to === undefined) continue;
      const [a, b] = [endOf(from.id), endOf(to.id)];
      const ends: [LinkEnd, LinkEnd] = [{ node: this.node(a), pin: from }, { node: this.node(b), pin: to }];
      const name = `link ${nodeName(harness, harness.nodeOfPin.get(from.id) as number)} to ${nodeName(harness, harness.nodeOfPin.get(to.id) as number)}`;
      const loose = [a, b].some((at) => harness.nodes[at]?.type === "open");
      const newSize = to.sizeMm2 ?? from.sizeMm2 ?? USUAL_MM2;
      if (!loose) this.assume(`a new wire of ${lengthText(NEW_WIRE_M, this.facts.units)} where a link joins two cavities that have no loose end`);
      const jointOhms = Math.min(this.jointOhms, terminalOhms(newSize));
      const ohms = loose ? jointOhms : 2 * jointOhms + wireOhms({ lengthM: NEW_WIRE_M, areaMm2: newSize, conductorC: CONDUCTOR_C });
      const { elements, assumed } = linkElements(link.id, ...ends, link.adapters, around, ohms);
      for (const says of assumed) this.assume(says);
      if (link.proposed && elements.length > 0) this.assume("links that are proposed are taken as they are proposed");
      elements.forEach((element) => this.add(element, { type: "link", linkId: link.id, role: element.type === "resistor" && link.adapters.length === 0 ? "wire" : "adapter" }, element.type === "resistor" || element.type === "fuse" ? `${name}${element.type === "fuse" ? ", fuse" : ""}` : `${element.type} of ${name}`));
    }
  }

  private layTried(): void {
    const { harness } = this;
    const nodeOf = (pinId: string) => this.node(harness.nodeOfPin.get(pinId) ?? harness.chassis);
    this.facts.tried.straps.forEach(({ fromPinId, toPinId, ...wire }, at) => this.layNew(`tried wire ${at}`, nodeOf(fromPinId), nodeOf(toPinId), wire));
    this.facts.tried.loads.forEach(({ pinId, watts, name, ...wire }, at) => {
      const end = `${name} +`;
      this.layNew(`tried load ${at} wire`, nodeOf(pinId), end, wire);
      this.add({ id: `tried load ${at}`, type: "power", a: end, b: BODY, watts, minVolts: 8 }, { type: "load", name }, name);
    });
  }

  private layNew(id: string, a: string, b: string, { sizeMm2, lengthM }: { readonly sizeMm2: number; readonly lengthM: number }): void {
    if (a !== b) this.pieces.push(wirePiece({ id, a, b, name: `the new wire from ${[a, b].map(pointLabel).join(" to ")}`, sizeMm2, lengthM, assumed: [] }));
  }

  private layParts(): void {
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
      if (part.type === "alternator" && part.side === "host" && donorCharges) {
        this.assume("the host's own alternator went with its engine");
        continue;
      }
      if (unplugged.has(part.id)) {
        this.assume("what a link's signal came from before is unplugged: the old engine's senders and switches");
        continue;
      }
      if (part.type === "battery") this.layPosts(own);
      const laid = layPart(this.facts, part, own);
      this.take(laid);
      for (const id of laid.charging) this.charging.add(id);
      for (const id of laid.pressed) this.pressed.add(id);
    }
  }

  private layPosts(edges: readonly HarnessEdge[]): void {
    for (const edge of edges) {
      if (edge.id.endsWith("/+") || edge.id.endsWith("/-")) this.add({ id: edge.id, type: "resistor", a: this.node(edge.a), b: this.node(edge.b), ohms: POST_OHMS }, { type: "assumed", says: "battery post", pinId: null }, "battery post");
    }
  }

  private take({ pieces, problems, assumed }: Laid): void {
    this.pieces.push(...pieces);
    this.problems.push(...problems);
    for (const says of assumed) this.assume(says);
  }

  /** Without a battery in the tables the feeds would have nothing behind them. */
  private batteryless(): void {
    const { volts, ohms } = batterySource(this.facts.settings);
    const says = "a battery of the usual size stands where the tables show none";
    this.assume(says);
    this.add({ id: "battery", type: "source", a: PLUS, b: MINUS, volts, ohms }, { type: "assumed", says, pinId: null }, "battery");
  }
}
