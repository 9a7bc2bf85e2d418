import type { NetElement } from "../../circuit";
import { type CavityFacts, DIODE } from "../../harness";
import { type Adapter, RELAY_COIL_OHMS } from "../../signals";
import { fuseForLoad } from "../../wire";
import { BODY, PLUS } from "../nodes";

/** One end of a link: its node, and what is known of its cavity. */
export interface LinkEnd {
  readonly node: string;
  readonly pin: CavityFacts;
}

/** What an adapter needs of its surroundings. */
export interface Around {
  /** Node of a cavity by its label on the host, as `contactFeed` names it. */
  readonly feed: (label: string) => string | undefined;
  /** A feed of the host that lives in crank, or with the ignition, for coils and pull-ups. */
  readonly feedAlive: (alive: "crank" | "run") => string | undefined;
  readonly jointOhms: number;
}

export interface LinkElements {
  readonly elements: readonly NetElement[];
  readonly assumed: readonly string[];
}

type Bare = NetElement extends infer E ? (E extends NetElement ? Omit<E, "id"> : never) : never;

const diode = (a: string, b: string): Bare => ({ type: "diode", a, b, ...DIODE });

/** Contact, coil and pull-in of the usual relay that a plan adds. */
const CONTACT_OHMS = 0.005;
const PULL_IN = 7.5;
const DROP_OUT = 2.5;

/**
 * A link as elements between its two ends, adapters in their order: `joint` where copper alone is planned. Adapters that change a
 * signal and pass no current of their own leave the two ends apart.
 */
export function linkElements(id: string, from: LinkEnd, to: LinkEnd, adapters: readonly Adapter[], around: Around, directOhms: number): LinkElements {
  return new LinkBuilder(id, from, to, around).build(adapters, directOhms);
}

/** Adapters that do not carry the current on: what goes in and what comes out are two circuits. */
const APART: ReadonlySet<Adapter["type"]> = new Set(["reluctor-conditioner", "frequency-scaler", "pattern-converter", "coil-simulator", "igniter", "pwm-filter", "analogue-scaler", "gauge-driver", "second-sender", "threshold-switch", "lambda-converter", "can-gateway", "security-module", "level-shifter", "inverter"]);

class LinkBuilder {
  private readonly elements: NetElement[] = [];
  private readonly assumed: string[] = [];
  private count = 0;
  private at: string;

  constructor(private readonly id: string, private readonly from: LinkEnd, private readonly to: LinkEnd, private readonly around: Around) {
    this.at = from.node;
  }

  build(adapters: readonly Adapter[], directOhms: number): LinkElements {
    const relay = adapters.find((adapter) => adapter.type === "relay");
    if (adapters.some((adapter) => APART.has(adapter.type))) return { elements: [], assumed: [] };
    for (const adapter of adapters) this.add(adapter, relay !== undefined);
    if (relay === undefined && this.at !== this.to.node) this.push({ type: "resistor", a: this.at, b: this.to.node, ohms: directOhms });
    return { elements: this.elements, assumed: this.assumed };
  }

  private push(element: Bare): void {
    this.elements.push({ ...element, id: `link ${this.id}${this.count === 0 ? "" : ` ${this.count}`}` } as NetElement);
    this.count += 1;
  }

  private inner(): string {
    return `inside ${this.id} ${this.count}`;
  }

  private add(adapter: Adapter, withRelay: boolean): void {
    const number = (key: string) => (typeof adapter[key] === "number" ? (adapter[key] as number) : null);
    switch (adapter.type) {
      case "relay": this.relay(adapter); return;
      // A relay's own blocking and flyback diodes are placed with its coil.
      case "blocking-diode": {
        if (withRelay) return;
        const after = this.inner();
        // Against the way that current must not take: a driver that sinks is blocked from feeding back.
        const sinks = this.from.pin.kind === "low-side-out";
        this.push(sinks ? diode(after, this.at) : diode(this.at, after));
        this.at = after;
        return;
      }
      case "flyback-diode": if (!withRelay) this.push(diode(BODY, this.to.node)); return;
      case "fuse": {
        const amps = number("amps") ?? fuseForLoad(Number(this.to.pin.params.amps) || 5) ?? 10;
        if (this.from.pin.kind === "supply-out" && adapter.feed === "battery") this.at = PLUS;
        const after = this.inner();
        this.push({ type: "fuse", a: this.at, b: after, amps, ohms: 0.1 / amps });
        this.at = after;
        return;
      }
      case "series-resistor": {
        const after = this.inner();
        this.push({ type: "resistor", a: this.at, b: after, ohms: number("ohms") ?? 1000 });
        this.at = after;
        return;
      }
      case "voltage-divider": {
        const after = this.inner();
        this.push({ type: "resistor", a: this.at, b: after, ohms: number("upperOhms") ?? 10_000 });
        this.push({ type: "resistor", a: after, b: BODY, ohms: number("lowerOhms") ?? 10_000 });
        this.at = after;
        return;
      }
      case "pull-up": {
        const feed = this.around.feedAlive("run");
        if (feed !== undefined && feed !== this.to.node) this.push({ type: "resistor", a: feed, b: this.to.node, ohms: number("ohms") ?? 2200 });
        return;
      }
      case "pull-down": case "dummy-load": this.push({ type: "resistor", a: this.to.node, b: BODY, ohms: number("ohms") ?? 1000 }); return;
      case "low-side-switch": case "high-side-switch": case "dc-converter": {
        // What it lets through hangs on what works it: as a relay of no coil current to speak of.
        const contact = adapter.type === "low-side-switch" ? BODY : PLUS;
        this.push({ type: "relay", coilA: this.from.node, coilB: BODY, coilOhms: 10_000, pullInVolts: 3, dropOutVolts: 2, contacts: [{ a: contact, b: this.to.node, when: "energised", ohms: 0.02 }] });
        this.at = this.to.node;
        return;
      }
      default: return;
    }
  }

  /** A relay between provider and consumer: worked by the provider, its contact from `contactFeed`, else from a new fused feed of the battery. */
  private relay(adapter: Adapter): void {
    const { from, to, around } = this;
    const named = typeof adapter.contactFeed === "string" ? (adapter.contactFeed === "ground" ? BODY : around.feed(adapter.contactFeed)) : undefined;
    let contact = named;
    if (contact === undefined) {
      const amps = fuseForLoad(Number(to.pin.params.amps) || 5) ?? 30;
      contact = this.inner();
      this.push({ type: "fuse", a: PLUS, b: contact, amps, ohms: 0.1 / amps });
      this.assumed.push(`a new ${amps} A fused feed from the battery, since the relay's contact names none`);
    }
    const sinks = from.pin.kind === "low-side-out" || (from.pin.kind === "switch-out" && from.pin.params.to === "ground");
    const coilOhms = typeof adapter.coilOhms === "number" ? adapter.coilOhms : RELAY_COIL_OHMS;
    let [coilA, coilB] = sinks ? [contact === BODY ? (around.feedAlive("run") ?? PLUS) : contact, from.node] : [from.node, BODY];
    const helper = from.pin.params.alive === "run" && to.pin.params.alive === "run-crank" ? around.feedAlive("crank") : undefined;
    if (helper !== undefined && !sinks) {
      // Held by the provider and, while cranking, by a second feed; a diode each keeps the two apart.
      const coil = this.inner();
      this.push(diode(coilA, coil));
      this.push(diode(helper, coil));
      coilA = coil;
    }
    if (coilA === coilB) coilB = BODY;
    this.push({ type: "relay", coilA, coilB, coilOhms, pullInVolts: PULL_IN, dropOutVolts: DROP_OUT, contacts: [{ a: contact, b: to.node, when: "energised", ohms: CONTACT_OHMS + around.jointOhms }] });
    this.at = to.node;
  }
}
