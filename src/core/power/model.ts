import type { NetElement } from "../circuit";
import { type Harness, type HarnessEdge, type HarnessPart, nodeName, spansOf, type Wire } from "../harness";
import { wireOhms } from "../wire";
import { type LinkEnd, linkElements } from "./adapters";
import { nodeNames } from "./node-names";
import { reachedByCable, unpluggedParts } from "./left-out";
import { translatePart } from "./parts";
import { batterySource, SETTINGS, settingValue } from "./settings";
import { BLOCK, BODY, MINUS, type Assumption, type Piece, type Place, PLUS, type PowerFacts, type PowerModel, type PowerProblem } from "./types";
import { FEED_STATES } from "./uses";

/** Taken for wires whose size or length nobody knows: signal wire, and from one end of a van to the middle. */
const USUAL_MM2 = 0.75;
const USUAL_M = 1.5;
/** Longer, thicker or stronger than anything on a vehicle: a slip of the keys. */
const ABSURD_M = 50;
const ABSURD_MM2 = 150;
const ABSURD_FUSE_AMPS = 500;
/** Copper's own temperature under everyday load, °C: our assumption. */
const CONDUCTOR_C = 40;
/** A plug's two contacts, Ω, and a battery's post. */
const MATE_OHMS = 0.003;
const POST_OHMS = 0.0002;
/** Where the plan joins two cavities and no loose end shows, a new wire of this length is drawn, m. */
const NEW_WIRE_M = 1;
/** Sources without resistance would fight each other without bound. */
const LEAST_SOURCE_OHMS = 0.001;

/** A terminal crimped on a wire, Ω: the thicker the wire, the better it is joined (about 10 mV at the wire's usual current). */
const terminalOhms = (sizeMm2: number) => Math.min(0.002, 0.005 / sizeMm2);

/** The plan as a netlist: every wire, joint, contact, fuse, relay, switch, element and link of the job, with what stands for what. */
export function buildModel(facts: PowerFacts): PowerModel {
  return new ModelBuilder(facts).build();
}

/** Wires as they were laid before, by harness: what is tried leaves nearly all of them as they are. */
const LAID = new WeakMap<Harness, Map<string, Piece>>();
/** Parts as they were laid before: only batteries and starters take something from the settings. */
interface LaidPart {
  readonly translated: ReturnType<typeof translatePart>;
  readonly pieces: readonly Piece[];
}
const LAID_PARTS = new WeakMap<Harness, Map<string, LaidPart>>();
const OF_SETTINGS: ReadonlySet<string> = new Set(["battery", "starter"]);

class ModelBuilder {
  private readonly pieces: Piece[] = [];
  private readonly problems: PowerProblem[] = [];
  private readonly assumed = new Map<string, number>();
  private readonly charging = new Set<string>();
  private readonly pressed = new Set<string>();
  private readonly nodeName: string[];
  private readonly harness: Harness;
  private readonly jointOhms: number;

  constructor(private readonly facts: PowerFacts) {
    this.harness = facts.harness;
    this.jointOhms = settingValue(facts.settings, "joint-ohms") / 1000;
    this.nodeName = nodeNames(facts.harness);
  }

  build(): PowerModel {
    const laid = LAID.get(this.harness) ?? new Map<string, Piece>();
    LAID.set(this.harness, laid);
    for (const wire of this.harness.wires) {
      if (this.facts.gone.has(wire.id)) continue;
      const known = laid.get(wire.id);
      if (known !== undefined && !this.facts.tried.wires.has(wire.id)) { this.pieces.push(known); continue; }
      const count = this.pieces.length;
      const wrong = this.problems.length;
      this.layWire(wire);
      const piece = this.pieces[count];
      // One that rests on assumptions is laid anew each time, so that they are counted.
      if (piece?.place.type === "wire" && piece.place.assumed.length === 0 && this.problems.length === wrong && !this.facts.tried.wires.has(wire.id)) laid.set(wire.id, piece);
    }
    for (const edge of this.harness.edges) {
      if (edge.type === "mate") this.layMate(edge);
      else if (edge.type === "assumed") this.layAssumed(edge);
    }
    this.layLinks();
    this.layTried();
    this.layParts();
    this.groundBody();
    if (!this.pieces.some(({ element }) => element.type === "source")) this.batteryless();
    const pinsOf = new Map<string, string[]>();
    const nodeOfPin = new Map([...this.harness.nodeOfPin].map(([pinId, at]) => {
      const node = this.nodeName[at] as string;
      const known = pinsOf.get(node);
      if (known === undefined) pinsOf.set(node, [pinId]);
      else known.push(pinId);
      return [pinId, node];
    }));
    const assumptions = [...this.assumed].map(([says, count]): Assumption => ({ says, count }));
    for (const { key, refused } of this.facts.settings.values()) {
      const { name, low, high, unit } = SETTINGS[key];
      if (refused !== undefined) this.problems.push({ code: "absurd", where: name, message: `It is given as ${refused} ${unit}; ${SETTINGS[key].usual} ${unit} is taken instead.`, cure: `Give a value between ${low} and ${high} ${unit}.`, pinId: null });
    }
    return { facts: this.facts, pieces: this.pieces, pieceOf: new Map(this.pieces.map((piece) => [piece.element.id, piece])), nodeName: this.nodeName, nodeOfPin, pinsOf, assumptions, problems: this.problems, charging: this.charging, pressed: this.pressed };
  }

  private assume(says: string): void {
    this.assumed.set(says, (this.assumed.get(says) ?? 0) + 1);
  }

  private add(element: NetElement, place: Place, name: string): void {
    this.pieces.push({ element, place, name });
  }

  private node = (at: number): string => this.nodeName[at] as string;

  private layWire(wire: Wire): void {
    const [a, b] = [this.node(wire.a), this.node(wire.b)];
    if (a === b) return;
    const name = this.wireName(wire);
    const assumed: ("size" | "length")[] = [];
    const tried = this.facts.tried.wires.get(wire.id);
    const sizeMm2 = this.bounded(tried?.sizeMm2 ?? wire.sizeMm2, ABSURD_MM2, USUAL_MM2, wire, name, "size", "mm²", assumed);
    const lengthM = this.bounded(tried?.lengthM ?? wire.lengthM, ABSURD_M, USUAL_M, wire, name, "length", "m", assumed);
    const copperOhms = wireOhms({ lengthM, areaMm2: sizeMm2, conductorC: CONDUCTOR_C });
    const jointOhms = terminalOhms(sizeMm2) * 2;
    this.add({ id: wire.id, type: "resistor", a, b, ohms: copperOhms + jointOhms }, { type: "wire", wireId: wire.id, copperOhms, jointOhms, sizeMm2, lengthM, assumed }, name);
  }

  /** By both ends; one of which the tables do not show its other end, by the cavity that it is in. */
  private wireName(wire: Wire): string {
    const open = [wire.a, wire.b].some((at) => this.harness.nodes[at]?.type === "open");
    const [pinId] = wire.pinIds;
    if (open && pinId !== undefined) return `the wire at ${nodeName(this.harness, this.harness.nodeOfPin.get(pinId) as number)}`;
    return `${nodeName(this.harness, wire.a)} to ${nodeName(this.harness, wire.b)}`;
  }

  /** A size or length as given; the usual one where nobody gave it, or none that can be. */
  private bounded(value: number | null, most: number, usual: number, wire: Wire, name: string, what: "size" | "length", unit: string, assumed: ("size" | "length")[]): number {
    if (value !== null && value > 0 && value <= most) return value;
    assumed.push(what);
    if (value === null) this.assume(`${usual} ${unit} where a wire's ${what} is not known`);
    else this.problems.push({ code: "absurd", where: name, message: `Its ${what} is given as ${value} ${unit}; ${usual} ${unit} is taken instead.`, cure: `Correct the ${what} in the pin table or at the wire.`, pinId: wire.pinIds[0] ?? null });
    return usual;
  }

  private layMate(edge: HarnessEdge): void {
    const pins = [edge.a, edge.b].map((at) => this.harness.pinAt[at]?.id ?? "") as [string, string];
    this.add({ id: edge.id, type: "resistor", a: this.node(edge.a), b: this.node(edge.b), ohms: MATE_OHMS }, { type: "mate", pinIds: pins }, `${nodeName(this.harness, edge.a)} in ${nodeName(this.harness, edge.b)}`);
  }

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

  /** Where nothing but the engine's straps would join the body to the battery, its negative cable is taken to reach the body: the end that tables leave out. */
  private groundBody(): void {
    const reached = reachedByCable(this.pieces, this.harness.parts);
    if (reached.has(BODY)) return;
    const end = this.harness.nodes.findIndex((node, at) => node.type === "open" && reached.has(this.node(at)) && this.harness.partAt[this.harness.nodeOfPin.get(node.pinId) as number]?.type === "battery");
    const says = "the battery's negative cable goes to the body";
    this.assume(says);
    this.add({ id: "assumed:minus", type: "resistor", a: end < 0 ? MINUS : this.node(end), b: BODY, ohms: 2 * POST_OHMS }, { type: "assumed", says, pinId: null }, "battery negative to body");
  }

  private layLinks(): void {
    const { harness } = this;
    const openOf = new Map(harness.nodes.flatMap((node, at) => (node.type === "open" ? [[node.pinId, at] as const] : [])));
    // A link joins where the wire ends that the tables do not follow; where they do, at the cavity itself.
    const endOf = (pinId: string) => openOf.get(pinId) ?? (harness.nodeOfPin.get(pinId) as number);
    const pins = [...harness.pinById.values()];
    const byLabel = new Map(pins.map((pin) => [`${harness.connectorById.get(pin.connectorId)?.side} ${nodeName(harness, harness.nodeOfPin.get(pin.id) as number)}`, pin]));
    const nodeOf = (pinId: string) => this.node(harness.nodeOfPin.get(pinId) as number);
    const hostFeeds = pins.filter((pin) => pin.kind === "supply-out" && harness.connectorById.get(pin.connectorId)?.side === "host");
    const around = {
      feed: (label: string) => { const pin = byLabel.get(`host ${label}`); return pin && nodeOf(pin.id); },
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
      if (!loose) this.assume(`a new wire of ${NEW_WIRE_M} m where a link joins two cavities that have no loose end`);
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
    if (a === b) return;
    const copperOhms = wireOhms({ lengthM, areaMm2: sizeMm2, conductorC: CONDUCTOR_C });
    const jointOhms = terminalOhms(sizeMm2) * 2;
    this.add({ id, type: "resistor", a, b, ohms: copperOhms + jointOhms }, { type: "wire", wireId: id, copperOhms, jointOhms, sizeMm2, lengthM, assumed: [] }, `new wire ${a} to ${b}`);
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
      this.layPart(part, own);
    }
  }

  private layPosts(edges: readonly HarnessEdge[]): void {
    for (const edge of edges) {
      if (edge.id.endsWith("/+") || edge.id.endsWith("/-")) this.add({ id: edge.id, type: "resistor", a: this.node(edge.a), b: this.node(edge.b), ohms: POST_OHMS }, { type: "assumed", says: "battery post", pinId: null }, "battery post");
    }
  }

  private layPart(part: HarnessPart, edges: readonly HarnessEdge[]): void {
    const known = LAID_PARTS.get(this.harness) ?? new Map<string, LaidPart>();
    LAID_PARTS.set(this.harness, known);
    const before = OF_SETTINGS.has(part.type) || this.facts.tried.fuses.size > 0 ? undefined : known.get(part.id);
    const translated = before?.translated ?? this.translate(part, edges);
    const { elements, assumed, charging, pressed } = translated;
    for (const says of assumed) this.assume(says);
    for (const id of charging) this.charging.add(id);
    for (const id of pressed) this.pressed.add(id);
    if (before !== undefined) { this.pieces.push(...before.pieces); return; }
    const [count, wrong] = [this.pieces.length, this.problems.length];
    for (const { element, elementId } of elements) {
      this.add(this.sane(element, part, elementId), { type: "part", partId: part.id, elementId }, this.elementName(part, element, elementId));
    }
    if (this.problems.length === wrong && this.facts.tried.fuses.size === 0) known.set(part.id, { translated, pieces: this.pieces.slice(count) });
  }

  private translate(part: HarnessPart, edges: readonly HarnessEdge[]): ReturnType<typeof translatePart> {
    const ground = onEngine(part) ? BLOCK : BODY;
    const nodeOf = (at: number) => (at === this.harness.chassis ? ground : this.node(at));
    const byId = new Map(edges.map((edge) => [edge.id, edge]));
    const terminals = new Map<string, string>();
    for (const element of part.elements) {
      for (const span of spansOf(element)) {
        const edge = byId.get(`part:${part.id}/${span.id}`);
        if (edge !== undefined) terminals.set(span.a, nodeOf(edge.a)).set(span.b, nodeOf(edge.b));
      }
    }
    const pinOf = new Map(part.terminals.map(({ name, pinId }) => [name, pinId === null ? undefined : this.harness.pinById.get(pinId)]));
    return translatePart({ part, node: (terminal) => terminals.get(terminal), pin: (terminal) => pinOf.get(terminal), settings: this.facts.settings });
  }

  /** An element by what one finds on the vehicle: of a box with many cavities, the cavity. */
  private elementName(part: HarnessPart, element: NetElement, elementId: string): string {
    if ((part.type !== "computer" && part.type !== "assembly") || element.type === "relay") return `${part.label} ${elementId}`;
    const spec = part.elements.find((one) => one.id === elementId);
    const cavity = spec === undefined || spec.type === "relay" ? undefined : [spec.b, spec.a].find((terminal) => { const pin = this.pinOf(part, terminal); return pin !== undefined && pin.kind !== "ground" && (element.type !== "lamp" || pin.kind === "load-in"); });
    const at = cavity === undefined ? undefined : this.harness.nodeOfPin.get(this.pinOf(part, cavity)?.id ?? "");
    return at === undefined ? `${part.label} ${elementId}` : `${ELEMENT_WORDS[element.type] ?? element.type} at ${nodeName(this.harness, at)}`;
  }

  private pinOf = (part: HarnessPart, terminal: string) => this.harness.pinById.get(part.terminals.find(({ name }) => name === terminal)?.pinId ?? "");

  private sane(given: NetElement, part: HarnessPart, elementId: string): NetElement {
    const tried = this.facts.tried.fuses.get(`${part.id}/${elementId}`);
    const element = given.type === "fuse" && tried !== undefined ? { ...given, amps: tried, ohms: 0.1 / tried } : given;
    const problem = (message: string, cure: string) => { this.problems.push({ code: "absurd", where: part.label, message, cure, pinId: part.terminals.find(({ pinId }) => pinId !== null)?.pinId ?? null }); };
    if (element.type === "fuse" && element.amps > ABSURD_FUSE_AMPS) {
      problem(`${element.id} is given as a fuse of ${element.amps} A; no vehicle has one. It is solved as 100 A.`, "Correct its rating at the part.");
      return { ...element, amps: 100, ohms: 0.001 };
    }
    if (element.type === "source" && element.ohms < LEAST_SOURCE_OHMS) {
      this.problems.push({ code: "source-loop", where: part.label, message: `Its source ${element.id.split("/").at(-1)} is given ${element.ohms} Ω inside: beside another it would have no bound. 1 mΩ is taken.`, cure: "Give the source its inner resistance at the part.", pinId: part.terminals.find(({ pinId }) => pinId !== null)?.pinId ?? null });
      return { ...element, ohms: LEAST_SOURCE_OHMS };
    }
    return element;
  }

  /** Without a battery in the tables the feeds would have nothing behind them. */
  private batteryless(): void {
    const { volts, ohms } = batterySource(this.facts.settings);
    const says = "a battery of the usual size stands where the tables show none";
    this.assume(says);
    this.add({ id: "battery", type: "source", a: PLUS, b: MINUS, volts, ohms }, { type: "assumed", says, pinId: null }, "battery");
  }
}

const ELEMENT_WORDS: Readonly<Partial<Record<NetElement["type"], string>>> = { lamp: "lamp", power: "load", resistor: "input", switch: "driver", diode: "diode" };

/** Parts that bolt to the engine or gearbox: their case is at the block's voltage, not the body's. */
const ENGINE_PARTS: ReadonlySet<string> = new Set(["starter", "alternator"]);
const DONOR_ENGINE_PARTS: ReadonlySet<string> = new Set(["sensor", "solenoid", "switch", "ground-stud", "motor", "heater", "sender"]);
const onEngine = ({ type, side }: HarnessPart) => ENGINE_PARTS.has(type) || (side === "donor" && DONOR_ENGINE_PARTS.has(type));
