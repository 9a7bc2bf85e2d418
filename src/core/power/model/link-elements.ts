import type { NetElement } from "../../circuit";
import { fieldOf } from "../../forms";
import { type CavityFacts, DIODE } from "../../parts";
import { type Adapter, type AdapterOf, type ContactFeed, PULL_DOWN_OHMS, RELAY_COIL_OHMS } from "../../signals";
import { fuseForLoad } from "../../wire";
import { BODY, PLUS } from "../nodes";
import type { AssumedFact } from "../types";

/** One end of a link: its node, and what is known of its cavity. */
export interface LinkEnd {
  readonly node: string;
  readonly pin: CavityFacts;
}

/** What an adapter needs of its surroundings. */
export interface Around {
  /** Node of the cavity from which a relay's contact takes its feed. */
  readonly feed: (from: ContactFeed) => string | undefined;
  /** A feed of the host that is live in crank, or with the ignition, for coils and pull-ups. */
  readonly feedAlive: (alive: "crank" | "run") => string | undefined;
  readonly jointOhms: number;
}

export interface LinkElements {
  /** Each with the adapter that it is of; null for the copper of the link itself. */
  readonly elements: readonly { readonly element: NetElement; readonly of: Adapter["type"] | null }[];
  readonly assumed: readonly AssumedFact[];
}

type Bare = NetElement extends infer E ? (E extends NetElement ? Omit<E, "id"> : never) : never;

const diode = (a: string, b: string): Bare => ({ type: "diode", a, b, ...DIODE });

/** Contact, coil and pull-in of the usual relay that a plan adds. */
const CONTACT_OHMS = 0.005;
const PULL_IN = 7.5;
const DROP_OUT = 2.5;

/**
 * A link as elements between its two ends, adapters in their order: `joint` where a wire alone is planned. Adapters
 * that change a signal and pass no current of their own leave the two ends apart.
 */
export function linkElements(
  id: string,
  from: LinkEnd,
  to: LinkEnd,
  adapters: readonly Adapter[],
  around: Around,
  directOhms: number,
): LinkElements {
  return new LinkBuilder(id, from, to, around).build(adapters, directOhms);
}

/** Adapters that do not carry the current on: what goes in and what comes out are two circuits. */
export const APART: ReadonlySet<Adapter["type"]> = new Set([
  "reluctor-conditioner",
  "frequency-scaler",
  "pattern-converter",
  "coil-simulator",
  "igniter",
  "pwm-filter",
  "analogue-scaler",
  "gauge-driver",
  "second-sender",
  "threshold-switch",
  "lambda-converter",
  "can-gateway",
  "security-module",
  "level-shifter",
  "inverter",
]);

/** What a consumer takes, A; a usual small load where nobody says. */
const ampsOf = ({ pin }: LinkEnd): number => fieldOf(pin.form, "amps") || 5;

/** What it works lies between it and a feed: current comes into it. */
const sinksLoad = ({ pin: { form } }: LinkEnd): boolean =>
  form.kind === "low-side-out" || (form.kind === "switch-out" && fieldOf(form, "to") === "ground");

class LinkBuilder {
  private readonly elements: { element: NetElement; of: Adapter["type"] | null }[] = [];
  private readonly assumed: AssumedFact[] = [];
  private count = 0;
  private at: string;

  constructor(
    private readonly id: string,
    private readonly from: LinkEnd,
    private readonly to: LinkEnd,
    private readonly around: Around,
  ) {
    this.at = from.node;
  }

  build(adapters: readonly Adapter[], directOhms: number): LinkElements {
    const relay = adapters.find((adapter) => adapter.type === "relay");
    if (adapters.some((adapter) => APART.has(adapter.type))) return { elements: [], assumed: [] };
    for (const adapter of adapters) this.add(adapter, adapters);
    if (relay === undefined && this.at !== this.to.node)
      this.push(null, { type: "resistor", a: this.at, b: this.to.node, ohms: directOhms });
    return { elements: this.elements, assumed: this.assumed };
  }

  private push(of: Adapter["type"] | null, element: Bare): void {
    this.elements.push({
      element: { ...element, id: `link ${this.id}${this.count === 0 ? "" : ` ${this.count}`}` } as NetElement,
      of,
    });
    this.count += 1;
  }

  private inner(): string {
    return `inside ${this.id} ${this.count}`;
  }

  private add(adapter: Adapter, all: readonly Adapter[]): void {
    const { type } = adapter;
    const withRelay = all.some(({ type: one }) => one === "relay" || one === "high-side-switch");
    switch (adapter.type) {
      case "relay":
        this.relay(adapter, all);
        return;
      // A relay's own fuse, blocking and flyback diodes are placed with its contact and its coil.
      case "blocking-diode": {
        if (withRelay) return;
        const after = this.inner();
        // Against the way that current must not take: a driver that sinks is blocked from feeding back.
        this.push(type, sinksLoad(this.from) ? diode(after, this.at) : diode(this.at, after));
        this.at = after;
        return;
      }
      case "flyback-diode":
        if (!withRelay) this.push(type, diode(BODY, this.to.node));
        return;
      case "fuse": {
        if (withRelay) return;
        const amps = adapter.amps ?? fuseForLoad(ampsOf(this.to)) ?? 10;
        const after = this.inner();
        this.push(type, { type: "fuse", a: this.at, b: after, amps, ohms: 0.1 / amps });
        this.at = after;
        return;
      }
      case "series-resistor": {
        const after = this.inner();
        this.push(type, { type: "resistor", a: this.at, b: after, ohms: adapter.ohms ?? 1000 });
        this.at = after;
        return;
      }
      case "voltage-divider": {
        const after = this.inner();
        this.push(type, { type: "resistor", a: this.at, b: after, ohms: adapter.upperOhms ?? 10_000 });
        this.push(type, { type: "resistor", a: after, b: BODY, ohms: adapter.lowerOhms ?? 10_000 });
        this.at = after;
        return;
      }
      case "pull-up": {
        const feed = this.around.feedAlive("run");
        if (feed !== undefined && feed !== this.to.node)
          this.push(type, { type: "resistor", a: feed, b: this.to.node, ohms: adapter.ohms ?? 2200 });
        return;
      }
      case "pull-down":
      case "dummy-load":
        this.push(type, { type: "resistor", a: this.to.node, b: BODY, ohms: adapter.ohms ?? PULL_DOWN_OHMS });
        return;
      case "low-side-switch":
      case "high-side-switch":
      case "dc-converter": {
        // What it lets through depends on what works it: as a relay of no coil current to speak of.
        const contact = type === "low-side-switch" ? BODY : this.fusedBattery(all);
        this.push(type, {
          type: "relay",
          coilA: this.from.node,
          coilB: BODY,
          coilOhms: 10_000,
          pullInVolts: 3,
          dropOutVolts: 2,
          contacts: [{ a: contact, b: this.to.node, when: "energised", ohms: 0.02 }],
        });
        this.at = this.to.node;
        return;
      }
      default:
        return;
    }
  }

  /** The battery, behind the fuse that the link brings; where it brings none, bare. */
  private fusedBattery(all: readonly Adapter[]): string {
    const fuse = all.find((one) => one.type === "fuse");
    if (fuse?.type !== "fuse") return PLUS;
    const behind = this.inner();
    const amps = fuse.amps ?? fuseForLoad(ampsOf(this.to)) ?? 10;
    this.push("fuse", { type: "fuse", a: PLUS, b: behind, amps, ohms: 0.1 / amps });
    return behind;
  }

  /**
   * A relay between provider and consumer: worked by the provider, its contact from `contactFeed`, else from a new
   * fused feed of the battery.
   */
  private relay({ type, contactFeed, coilOhms }: AdapterOf<"relay">, all: readonly Adapter[]): void {
    const { from, to, around } = this;
    const has = (wanted: Adapter["type"]) => all.some((one) => one.type === wanted);
    const named = contactFeed === null ? undefined : around.feed(contactFeed);
    const fuse = all.find((one) => one.type === "fuse");
    let contact = named;
    if (named !== undefined && named !== BODY && fuse?.type === "fuse") {
      const amps = fuse.amps ?? fuseForLoad(ampsOf(to)) ?? 30;
      contact = this.inner();
      this.push("fuse", { type: "fuse", a: named, b: contact, amps, ohms: 0.1 / amps });
    } else if (contact === undefined) {
      const amps = fuseForLoad(ampsOf(to)) ?? 30;
      contact = this.inner();
      this.push("fuse", { type: "fuse", a: PLUS, b: contact, amps, ohms: 0.1 / amps });
      this.assumed.push({ code: "fused-feed", amps });
    }
    const sinks = sinksLoad(from);
    let [coilA, coilB] = sinks
      ? [contact === BODY ? (around.feedAlive("run") ?? PLUS) : contact, from.node]
      : [from.node, BODY];
    const helper =
      fieldOf(from.pin.form, "alive") === "run" && fieldOf(to.pin.form, "alive") === "run-crank"
        ? around.feedAlive("crank")
        : undefined;
    if (helper !== undefined && !sinks) {
      // Held by the provider and, while cranking, by a second feed; a diode each keeps the two apart.
      const coil = this.inner();
      this.push("blocking-diode", diode(coilA, coil));
      this.push("blocking-diode", diode(helper, coil));
      coilA = coil;
    } else if (has("blocking-diode")) {
      const coil = this.inner();
      // In the way of the coil's current, and in no other's.
      if (sinks) {
        this.push("blocking-diode", diode(coil, coilB));
        coilB = coil;
      } else {
        this.push("blocking-diode", diode(coilA, coil));
        coilA = coil;
      }
    }
    if (coilA === coilB) coilB = BODY;
    if (has("flyback-diode")) this.push("flyback-diode", diode(coilB, coilA));
    this.push(type, {
      type: "relay",
      coilA,
      coilB,
      coilOhms: coilOhms ?? RELAY_COIL_OHMS,
      pullInVolts: PULL_IN,
      dropOutVolts: DROP_OUT,
      contacts: [{ a: contact, b: to.node, when: "energised", ohms: CONTACT_OHMS + around.jointOhms }],
    });
    this.at = to.node;
  }
}
