import { ALL_FUNCTIONS, ELSEWHERE, FUNCTIONS, type FunctionDef } from "../functions";
import type { Harness, HarnessEdge, HarnessPart } from "../harness";
import { flood, letThrough, SOLID } from "../harness";
import { type ConnectorFacts, POWERED } from "../parts";
import { conducting } from "./conducting";
import { ENGINE_SIDE, replacedNodes } from "./replaced";

/** Two nodes between which current or a signal must get across, for one function to work. */
export interface Demand {
  readonly from: number;
  readonly to: number;
  readonly purpose: "feed" | "return" | "signal";
  /** The cavity or terminal that it serves. */
  readonly serves: number;
}

/** Parts that hand current on to many: being one of their customers does not make all the others needed. */
const DISTRIBUTES: ReadonlySet<string> = new Set([
  "fuse-box",
  "key-switch",
  "relay",
  "ground-stud",
  "splice-pack",
  "battery",
  "in-line",
  "plug",
]);
/** A net of more cavities distributes something; which of them talk to each other cannot be told from it. */
const TALKING = 4;

/** What each function asks of the harness. Built once for a harness; `forFunction` and `closure` are then quick. */
export class Demands {
  private readonly partOfEdge: ReadonlyMap<string, HarnessPart>;
  private readonly plus: Uint8Array;
  private readonly minus: Uint8Array;
  /** Nodes that are one piece with a pole: their wires hand out current and carry no signal. */
  private readonly rails: Uint8Array;
  private readonly net = new Map<number, number[]>();
  private readonly power = new Map<string, readonly Demand[]>();
  private readonly asked = new Map<string, readonly Demand[]>();
  private readonly replaced: Uint8Array;
  private readonly engaged: ReadonlyMap<string, readonly number[]>;

  constructor(private readonly harness: Harness) {
    this.partOfEdge = new Map(harness.parts.map((part) => [part.id, part]));
    const [solid, conducts] = [letThrough(harness.edges, SOLID), conducting(harness)];
    const solidPlus = flood(harness.packed, [harness.plus], solid);
    const solidMinus = flood(harness.packed, [harness.minus, harness.chassis], solid);
    this.rails = solidPlus.map((one, at) => one | (solidMinus[at] as number));
    // A contact that changes over reaches both poles, never at once: each pole's reach stops where the other's copper
    // begins.
    this.plus = flood(harness.packed, [harness.plus], conducts, solidMinus);
    this.minus = flood(harness.packed, [harness.minus, harness.chassis], conducts, solidPlus);
    for (const node of harness.nodeOfPin.values()) {
      const members = this.net.get(this.netAt(node));
      if (members === undefined) this.net.set(this.netAt(node), [node]);
      else members.push(node);
    }
    this.replaced = replacedNodes(harness);
    this.engaged = this.engage();
  }

  /** Functions that anything in the two harnesses belongs to, in the catalogue's order. */
  present(): FunctionDef[] {
    return ALL_FUNCTIONS.filter((one) => this.engaged.has(one.key));
  }

  /**
   * Whether a function is kept where nobody has said: what the other vehicle has of it is not, nor an accessory of which
   * nothing but a computer's cavities is there.
   */
  isKeptByDefault({ key, isAccessory, parts }: FunctionDef): boolean {
    if (!MAIN.has(key)) return false;
    if (isAccessory !== true) return true;
    return (this.engaged.get(key) ?? []).some((node) => {
      const part = this.harness.partAt[node];
      if (part === undefined || DISTRIBUTES.has(part.type)) return false;
      // A radio is a computer of its own, and the part that does it.
      return !POWERED.has(part.type) || parts?.test(part.label) === true;
    });
  }

  /**
   * What the function's own cavities and parts ask for. Contacts and computers on the way ask for more: see `ofEdge`.
   */
  forFunction(def: FunctionDef): Demand[] {
    const demands: Demand[] = [];
    const asked = new Set<HarnessPart>();
    for (const node of this.engaged.get(def.key) ?? []) {
      if (this.rails[node] !== 1) this.askNet(node, demands);
      else if (this.harness.pinAt[node]?.form.kind === "supply-out") this.askWire(node, "feed", demands);
      for (const one of this.harness.edgesAt[node] ?? []) {
        const edge = this.harness.edges[one] as HarnessEdge;
        if (edge.partId === null || edge.type === "assumed") continue;
        if (edge.type === "load") this.askPoles(node, demands);
        this.askPoles(edge.a === node ? edge.b : edge.a, demands);
      }
      const part = this.harness.partAt[node];
      if (part === undefined || asked.has(part)) continue;
      asked.add(part);
      this.askPart(part, demands);
    }
    return demands;
  }

  /** A computer needs its feeds and grounds; of a smaller part all that no other function claims goes with it. */
  private askPart(part: HarnessPart, demands: Demand[]): void {
    if (DISTRIBUTES.has(part.type)) return;
    if (POWERED.has(part.type)) {
      this.askPower(part.id, demands);
      return;
    }
    for (const { pinId } of part.terminals) {
      const pin = pinId === null ? undefined : this.harness.pinById.get(pinId);
      if (pin !== undefined && pin.form.kind !== "spare" && (pin.quantity === null || !BY_QUANTITY.has(pin.quantity)))
        this.askPoles(this.harness.nodeOfPin.get(pin.id) as number, demands);
    }
  }

  /**
   * What must work for current to get through an edge: a relay's coil, the computer whose output it is. The same list
   * each time for the same part, so that who follows many edges can see that it asked already.
   */
  ofEdge(edge: HarnessEdge): readonly Demand[] {
    if (edge.type !== "path" || edge.partId === null) return NOTHING;
    const name = `${edge.partId} ${POWERED.has(this.partOfEdge.get(edge.partId)?.type ?? "") ? "" : edge.elementId}`;
    const known = this.asked.get(name);
    if (known !== undefined) return known;
    const demands = this.askElement(edge);
    this.asked.set(name, demands);
    return demands;
  }

  private askElement(edge: HarnessEdge): Demand[] {
    const part = this.partOfEdge.get(edge.partId ?? "");
    if (part === undefined) return [];
    const demands: Demand[] = [];
    if (POWERED.has(part.type)) this.askPower(part.id, demands);
    const element = part.elements.find((one) => one.id === edge.elementId);
    if (element?.type === "relay") {
      for (const terminal of [element.coilA, element.coilB]) {
        const node = this.nodeOf(part, terminal);
        if (node !== undefined) this.askPoles(node, demands);
      }
    }
    return demands;
  }

  /**
   * The cavities that each function is told by: those of its quantities, and, of parts known by name, those that no
   * function claims.
   */
  private engage(): Map<string, number[]> {
    const { harness } = this;
    const engaged = new Map<string, number[]>();
    const byPart = new Map(
      harness.parts.map((part): [HarnessPart | undefined, FunctionDef[]] => [
        part,
        FUNCTIONS.filter((one) => one.parts?.test(part.label)),
      ]),
    );
    for (let node = 0; node < harness.pinAt.length; node++) {
      const pin = harness.pinAt[node];
      if (pin === undefined || pin.form.kind === "spare") continue;
      const side = harness.connectorById.get(pin.connectorId)?.side;
      if (this.replaced[node] === 1) continue;
      const claimed = pin.quantity === null ? [] : (BY_QUANTITY.get(pin.quantity) ?? []);
      const named = byPart.get(harness.partAt[node]) ?? [];
      // A part that its name tells is no other equipment.
      const told = claimed.length === 0 || (pin.quantity === "other" && named.length > 0) ? named : claimed;
      for (const def of told) this.put(engaged, def, side, node);
    }
    const other = FUNCTIONS.find(({ key }) => key === OTHER) as FunctionDef;
    for (const node of this.unclaimedLoads(new Set([...engaged.values()].flat())))
      this.put(engaged, other, this.sideOf(node), node);
    return engaged;
  }

  /** The old engine's ignition is no ignition of the donor's, nor the donor's lamps the host's. */
  private put(engaged: Map<string, number[]>, def: FunctionDef, side: ConnectorSide, node: number): void {
    const home = def.home === "engine" ? ENGINE_SIDE : "host";
    const isOther = def.home !== undefined && side !== undefined && side !== home;
    const { key } = isOther ? (ELSEWHERE.get(def.key) as FunctionDef) : def;
    const nodes = engaged.get(key);
    if (nodes === undefined) engaged.set(key, [node]);
    else nodes.push(node);
  }

  private sideOf = (node: number): ConnectorSide =>
    this.harness.connectorById.get(this.harness.pinAt[node]?.connectorId ?? "")?.side;

  /**
   * Feeds of parts that use current for something that no quantity tells: a socket, a fridge. Nothing of them is free
   * until someone says so.
   */
  private unclaimedLoads(engaged: ReadonlySet<number>): number[] {
    return this.harness.parts.flatMap((part) => {
      if (DISTRIBUTES.has(part.type) || part.elements.length === 0) return [];
      const pins = part.terminals
        .flatMap(({ pinId }) => (pinId === null ? [] : [this.harness.pinById.get(pinId)]))
        .filter((pin) => pin !== undefined);
      if (
        pins.some(
          (pin) =>
            engaged.has(this.harness.nodeOfPin.get(pin.id) as number) ||
            (pin.quantity !== null && BY_QUANTITY.has(pin.quantity)),
        )
      )
        return [];
      return pins
        .filter((pin) => pin.form.kind === "supply-in")
        .map((pin) => this.harness.nodeOfPin.get(pin.id) as number);
    });
  }

  /** The cavities that talk to this one over copper; where the tables do not show the other end, that end. */
  private askNet(node: number, demands: Demand[]): void {
    const quantityOf = (at: number) => this.harness.pinAt[at]?.quantity;
    const members = (this.net.get(this.netAt(node)) ?? []).filter((one) => one !== node && this.replaced[one] === 0);
    const alike = members.filter((one) => quantityOf(one) === quantityOf(node));
    const partners = alike.length > 0 ? alike : members.length < TALKING ? members : [];
    for (const to of partners) demands.push({ from: node, to, purpose: "signal", serves: node });
    if (members.length === 0)
      for (const open of this.openAt(node)) demands.push({ from: node, to: open, purpose: "signal", serves: node });
  }

  private openAt(node: number): number[] {
    return (this.harness.edgesAt[node] ?? []).flatMap((at) => {
      const edge = this.harness.edges[at] as HarnessEdge;
      const other = edge.a === node ? edge.b : edge.a;
      return edge.type === "wire" && this.harness.nodes[other]?.type === "open" ? [other] : [];
    });
  }

  /** The battery's pole or poles that a terminal can be joined to; with neither, whatever its wire goes to. */
  private askPoles(node: number, demands: Demand[]): void {
    const { plus, minus } = this.harness;
    if (this.plus[node] === 1) demands.push({ from: plus, to: node, purpose: "feed", serves: node });
    if (this.minus[node] === 1) demands.push({ from: node, to: minus, purpose: "return", serves: node });
    if (this.plus[node] === 1 || this.minus[node] === 1) return;
    const kind = this.harness.pinAt[node]?.form.kind;
    // A feed or ground of which the tables do not show the source is needed as far as they show it.
    if (kind === "supply-in" || kind === "ground") this.askWire(node, kind === "ground" ? "return" : "feed", demands);
    else this.askNet(node, demands);
  }

  private netAt(node: number): number {
    return this.harness.netOf[node] as number;
  }

  /** The cavity's own wire, to wherever it leads. */
  private askWire(node: number, purpose: Demand["purpose"], demands: Demand[]): void {
    for (const at of this.harness.edgesAt[node] ?? []) {
      const edge = this.harness.edges[at] as HarnessEdge;
      if (edge.type === "wire")
        demands.push({ from: node, to: edge.a === node ? edge.b : edge.a, purpose, serves: node });
    }
  }

  private askPower(partId: string, demands: Demand[]): void {
    let power = this.power.get(partId);
    if (power === undefined) {
      power = this.powerOf(partId);
      this.power.set(partId, power);
    }
    for (const demand of power) demands.push(demand);
  }

  private powerOf(partId: string): Demand[] {
    const demands: Demand[] = [];
    for (const { pinId } of this.partOfEdge.get(partId)?.terminals ?? []) {
      const pin = pinId === null ? undefined : this.harness.pinById.get(pinId);
      if (pin?.form.kind !== "supply-in" && pin?.form.kind !== "ground") continue;
      const node = this.harness.nodeOfPin.get(pin.id) as number;
      this.askPoles(node, demands);
      // Grounds are one inside of a computer: without this, one of them would answer for a wire whose other end is not
      // shown.
      for (const open of this.openAt(node))
        demands.push({ from: node, to: open, purpose: pin.form.kind === "ground" ? "return" : "feed", serves: node });
    }
    return demands;
  }

  private nodeOf(part: HarnessPart, terminal: string): number | undefined {
    const pinId = part.terminals.find((one) => one.name === terminal)?.pinId;
    return pinId == null ? undefined : this.harness.nodeOfPin.get(pinId);
  }
}

type ConnectorSide = ConnectorFacts["side"] | undefined;
const OTHER = "other-equipment";
const MAIN: ReadonlySet<string> = new Set(FUNCTIONS.map(({ key }) => key));
const NOTHING: readonly Demand[] = [];

/** Functions that claim a quantity; feeds and grounds are claimed by none. */
const BY_QUANTITY = new Map<string, FunctionDef[]>();
for (const def of FUNCTIONS)
  for (const quantity of def.quantities) BY_QUANTITY.set(quantity, [...(BY_QUANTITY.get(quantity) ?? []), def]);
