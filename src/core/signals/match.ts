import { directionOf, fieldOf, type Quantity } from "../forms";
import { BestProvider } from "./best-provider";
import { carriesQuantity } from "./buses";
import { ConnectedLoads, FEEDS } from "./connected-loads";
import { heldOption, type Neighbours } from "./held-rules";
import { linkOptions } from "./link-options";
import { connectorKey, Mates, otherSide, push, sameIndex, studConnectors } from "./mates";
import { VERDICT_RANK } from "./option-builder";
import { laidFeedOf, stayingWith, switchedFeedOf } from "./own-side";
import type { UnmatchedReason } from "./reasons";
import { type LinkOption, type ProposedLink, pointOf, type SignalPin, type Surroundings } from "./types";
import { noProviderReason, type Unmatched, unreadReason } from "./unmatched";

export interface Matching {
  readonly links: readonly ProposedLink[];
  readonly unmatched: readonly Unmatched[];
}

/** What people have decided already: these pairs stand, and those are not proposed again. Ids of pins. */
export interface Decided {
  readonly joined: readonly { readonly providerId: string; readonly consumerId: string }[];
  readonly refused: readonly { readonly providerId: string; readonly consumerId: string }[];
}

export const NOTHING_DECIDED: Decided = { joined: [], refused: [] };

/**
 * The ways between two pins that a person pairs, reckoned with what is connected to the provider in `links` and by
 * circuit.
 */
export function optionsBetween(
  provider: SignalPin,
  consumer: SignalPin,
  pins: readonly SignalPin[],
  links: readonly { provider: SignalPin; consumer: SignalPin }[],
): readonly [LinkOption, ...LinkOption[]] {
  const matcher = new Matcher(pins, NOTHING_DECIDED);
  for (const link of links) if (link.consumer.id !== consumer.id) matcher.connect(link.provider, link.consumer);
  return matcher.ways(provider, consumer);
}

/** Matches one job once; what is connected on the way counts for what comes after. */
export class Matcher {
  private readonly byQuantity = new Map<Quantity, SignalPin[]>();
  private readonly byCircuit = new Map<string, SignalPin[]>();
  private readonly feeds: SignalPin[];
  private readonly buses: readonly SignalPin[];
  private readonly loads = new ConnectedLoads(this.byQuantity, this.byCircuit);
  private readonly best = new BestProvider(
    this.loads,
    (provider, consumer) => this.ways(provider, consumer),
    (provider) => this.readerOf(provider, null) !== null,
  );
  private readonly links: ProposedLink[] = [];
  private readonly reasons = new Map<string, UnmatchedReason>();

  /** Connectors that carry grounds alone, and the battery: their grounds have a post or stud of their own. */
  private readonly studs: ReadonlySet<string>;
  private readonly neighbours: Neighbours;

  private readonly served = new Set<string>();
  private readonly used = new Set<string>();
  private readonly refused: ReadonlySet<string>;

  constructor(
    private readonly pins: readonly SignalPin[],
    decided: Decided,
    /** By consumer's id: the only provider that it may have. */
    private readonly kept: ReadonlyMap<string, string> = new Map(),
  ) {
    const byId = new Map(pins.map((pin) => [pin.id, pin]));
    this.refused = new Set(decided.refused.map((pair) => pairKey(pair.providerId, pair.consumerId)));
    for (const { providerId, consumerId } of decided.joined) {
      const [provider, consumer] = [byId.get(providerId), byId.get(consumerId)];
      if (provider === undefined || consumer === undefined) continue;
      this.served.add(consumerId);
      this.used.add(providerId);
      this.connect(provider, consumer);
    }
    this.studs = studConnectors(pins);
    const starterRelay = pins.find(
      ({ side, quantity, form, leaves }) =>
        side === "host" &&
        quantity === "start-supply" &&
        form.kind === "supply-out" &&
        fieldOf(form, "alive") === "crank" &&
        leaves !== true,
    );
    this.neighbours = {
      onCircuit: (pin) => this.mates(pin).filter(({ id }) => id !== pin.id),
      isStud: (pin) => this.studs.has(connectorKey(pin)),
      starterRelay: starterRelay ?? null,
    };
    for (const pin of pins) {
      if (pin.leaves === true) {
        this.reasons.set(pin.id, { code: "leaves" });
        continue;
      }
      if (pin.quantity !== null) push(this.byQuantity, pin.quantity, pin);
      if (pin.circuit !== null) push(this.byCircuit, `${pin.side} ${pin.circuit}`, pin);
    }
    this.buses = pins.filter((pin) => pin.form.kind === "can" && pin.leaves !== true);
    this.feeds = pins.filter((pin) => pin.form.kind === "supply-out" && pin.side === "host" && pin.leaves !== true);
  }

  run(): Matching {
    for (const [quantity, members] of this.byQuantity) {
      if (quantity === "airbag") for (const pin of members) this.reasons.set(pin.id, { code: "airbag" });
      else if (quantity === "other") for (const pin of members) this.reasons.set(pin.id, { code: "quantity-other" });
      else if (quantity === "ground" || quantity === "sensor-ground") this.matchGrounds(quantity, members);
      else this.matchQuantity(quantity, members);
    }
    const linked = new Set([
      ...this.served,
      ...this.used,
      ...this.links.flatMap((link) => [link.provider.id, link.consumer.id]),
    ]);
    const unmatched = this.pins
      .filter((pin) => !linked.has(pin.id) && pin.form.kind !== "spare")
      .map((pin) => ({ pin, reason: this.reasons.get(pin.id) ?? unreadReason(pin) }));
    return { links: this.links, unmatched };
  }

  private matchQuantity(quantity: Quantity, members: readonly SignalPin[]): void {
    const able = members.filter((pin) => directionOf(pin.form.kind) !== "none");
    const buses = able.filter((pin) => directionOf(pin.form.kind) === "shared");
    this.matchBuses(quantity, buses);
    const providers = new Mates([
      ...able.filter((pin) => directionOf(pin.form.kind) === "provider"),
      // A solenoid is worked by the starter relay where there is one, and not by the key past it.
      ...(quantity === "starter-request" && this.neighbours.starterRelay !== null
        ? [this.neighbours.starterRelay]
        : []),
    ]);
    const consumers = new Mates(able.filter((pin) => directionOf(pin.form.kind) === "consumer"));
    for (const consumer of consumers.pins) this.serve(quantity, consumer, providers);
    for (const provider of providers.pins) this.explainProvider(quantity, provider, consumers);
  }

  private serve(quantity: Quantity, consumer: SignalPin, providers: Mates): void {
    if (this.served.has(consumer.id)) return;
    const own = this.notRefused(providers.of(consumer.side, consumer.index), consumer);
    const kept = this.kept.get(consumer.id);
    const across = this.notRefused(providers.of(otherSide(consumer.side), consumer.index), consumer).filter(
      ({ id }) => kept === undefined || id === kept,
    );
    const wired =
      own.find((provider) => provider.circuit !== null && provider.circuit === consumer.circuit) ??
      switchedFeedOf(consumer, this.neighbours.onCircuit(consumer));
    const home = wired ?? own.find((provider) => this.joined(provider, consumer, quantity));
    const stays = stayingWith(quantity, consumer, home, wired);
    if (stays !== undefined) {
      this.reasons.set(consumer.id, { code: "own-side", partner: pointOf(stays) });
      return;
    }
    const laid = laidFeedOf(consumer, this.byCircuit.get(`${otherSide(consumer.side)} ${consumer.circuit}`) ?? []);
    if (laid !== undefined) {
      this.reasons.set(consumer.id, { code: "laid-to", partner: pointOf(laid) });
      return;
    }
    const best = this.best.bestOf(quantity, consumer, across) ?? this.fromBus(quantity, consumer);
    if (consumer.form.kind === "reference-in" && best !== null) {
      this.reasons.set(consumer.id, { code: "reference-own-computer" });
      return;
    }
    const reason = best?.options[0].reason;
    if (reason?.code === "driven-already") {
      this.reasons.set(consumer.id, { code: "own-side", partner: reason.by });
      return;
    }
    const refused = best === null ? null : this.refusedBetter(best);
    if (refused !== null) this.reasons.set(consumer.id, { code: "rest-worse", refused: pointOf(refused) });
    else if (best !== null) {
      this.links.push(best);
      this.connect(best.provider, best.consumer);
      this.connectContact(best);
    } else if (home !== undefined) {
      this.reasons.set(consumer.id, { code: "own-side-none-across", partner: pointOf(home), quantity });
    } else {
      this.reasons.set(consumer.id, noProviderReason(quantity, consumer, providers.pins));
    }
  }

  /** A value that no wire of the other side brings may travel on its bus. */
  private fromBus(quantity: Quantity, consumer: SignalPin): ProposedLink | null {
    const bus = this.buses.find(
      (pin) => pin.side !== consumer.side && carriesQuantity(pin, quantity) && !this.isRefused(pin, consumer),
    );
    return bus === undefined ? null : { quantity, provider: bus, consumer, options: this.ways(bus, consumer) };
  }

  private matchBuses(quantity: Quantity, buses: readonly SignalPin[]): void {
    const hosts = buses.filter((pin) => pin.side === "host");
    const taken = new Set([...this.served, ...this.used]);
    for (const donor of buses.filter((pin) => pin.side === "donor" && !taken.has(pin.id))) {
      const free = hosts.filter(
        (host) =>
          !taken.has(host.id) &&
          host.form.kind === donor.form.kind &&
          sameIndex(host, donor) &&
          !this.isRefused(donor, host),
      );
      const host = free.find((one) => one.index === donor.index) ?? free[0];
      const mate = buses.find((pin) => pin.side === "donor" && pin.id !== donor.id && sameIndex(pin, donor));
      if (host === undefined) {
        this.reasons.set(
          donor.id,
          mate
            ? { code: "bus-own-side", partner: pointOf(mate) }
            : { code: "no-bus-across", kind: donor.form.kind, quantity, further: false },
        );
        continue;
      }
      taken.add(host.id);
      this.links.push({ quantity, provider: donor, consumer: host, options: this.ways(donor, host) });
    }
    for (const host of hosts.filter((pin) => !taken.has(pin.id)))
      this.reasons.set(host.id, { code: "no-bus-across", kind: host.form.kind, quantity, further: true });
  }

  private matchGrounds(quantity: Quantity, members: readonly SignalPin[]): void {
    const grounds = members.filter((pin) => pin.form.kind === "ground");
    const hosts = grounds.filter((pin) => pin.side === "host");
    const studs = hosts.filter((pin) => this.neighbours.isStud(pin));
    for (const donor of grounds.filter((pin) => pin.side === "donor" && !this.served.has(pin.id))) {
      if (quantity === "sensor-ground") {
        this.reasons.set(donor.id, { code: "sensor-ground-own-computer" });
        continue;
      }
      const own = this.neighbours.isStud(donor)
        ? undefined
        : this.neighbours.onCircuit(donor).find((pin) => pin.form.kind === "ground" && this.neighbours.isStud(pin));
      if (own !== undefined) {
        this.reasons.set(donor.id, { code: "grounded-at", partner: pointOf(own) });
        continue;
      }
      const best = this.best.bestOf(
        quantity,
        donor,
        studs.filter((host) => !this.isRefused(host, donor)),
      );
      const refused = best === null ? null : this.refusedBetter(best);
      if (best === null) this.reasons.set(donor.id, { code: "no-ground-across" });
      else if (refused !== null) this.reasons.set(donor.id, { code: "rest-worse", refused: pointOf(refused) });
      else this.links.push(best);
    }
    for (const host of hosts)
      this.reasons.set(
        host.id,
        quantity === "sensor-ground" ? { code: "sensor-ground-own-computer" } : { code: "ground-unused" },
      );
  }

  private notRefused(providers: readonly SignalPin[], consumer: SignalPin): readonly SignalPin[] {
    return this.refused.size === 0 ? providers : providers.filter((provider) => !this.isRefused(provider, consumer));
  }

  /** A provider that was refused for this consumer and would have done better: nobody asked for something worse. */
  private refusedBetter({ provider, consumer, options: [best] }: ProposedLink): SignalPin | null {
    if (this.refused.size === 0) return null;
    const rank = VERDICT_RANK[best.verdict];
    return (
      this.pins.find(
        (pin) =>
          pin.id !== provider.id &&
          this.isRefused(pin, consumer) &&
          VERDICT_RANK[this.ways(pin, consumer)[0].verdict] < rank,
      ) ?? null
    );
  }

  /** Pins of one circuit and side. */
  private mates(pin: SignalPin): readonly SignalPin[] {
    return pin.circuit === null ? [] : (this.byCircuit.get(`${pin.side} ${pin.circuit}`) ?? []);
  }

  private isRefused(provider: SignalPin, consumer: SignalPin): boolean {
    return this.refused.size > 0 && this.refused.has(pairKey(provider.id, consumer.id));
  }

  private explainProvider(quantity: Quantity, provider: SignalPin, consumers: Mates): void {
    const mates = consumers.of(provider.side, provider.index);
    const own =
      mates.find((mate) => mate.circuit !== null && mate.circuit === provider.circuit) ??
      mates.find((mate) => mate.circuit === null || provider.circuit === null);
    const [across] = consumers.of(otherSide(provider.side), provider.index);
    if (own !== undefined) this.reasons.set(provider.id, { code: "own-side", partner: pointOf(own) });
    else if (across !== undefined)
      this.reasons.set(provider.id, { code: "served-by-another", consumer: pointOf(across) });
    else this.reasons.set(provider.id, { code: "no-consumer-across", quantity });
  }

  ways(provider: SignalPin, consumer: SignalPin): readonly [LinkOption, ...LinkOption[]] {
    const held = heldOption(provider, consumer, this.neighbours);
    if (held === null) return linkOptions(provider, consumer, this.around(provider, consumer));
    // What would work by its forms is shown no more as something that does.
    if (held.verdict !== "adapter") return [held];
    const [best, ...rest] = linkOptions(provider, consumer, this.around(provider, consumer));
    return best.verdict === "direct" ? [held, ...rest] : [best, ...rest];
  }

  private around(provider: SignalPin, consumer: SignalPin): Surroundings {
    const readBy = () => this.readerOf(provider, consumer);
    const feeds = () => this.feeds.map((pin) => ({ pin, freeAmps: this.loads.freeOf(pin) }));
    return {
      connectedAmps:
        provider.side === consumer.side ? this.loads.connectedOn(provider, consumer) : this.loads.loadOn(provider),
      // Few pairs are of a sensor, and few need a relay; reckoning all of it for each pair took most of the time.
      get readBy() {
        return readBy();
      },
      get feeds() {
        return feeds();
      },
    };
  }

  /** What reads a provider on its own side, the one apart for which it is asked. */
  private readerOf(provider: SignalPin, consumer: SignalPin | null): SignalPin | null {
    return (
      this.mates(provider).find(
        ({ id, form }) => id !== consumer?.id && id !== provider.id && READERS.has(form.kind),
      ) ?? null
    );
  }

  connect(provider: SignalPin, consumer: SignalPin): void {
    this.best.changed(provider);
    this.loads.connect(provider, consumer);
  }

  /** What a relay's contact takes from its feed is taken there, and not from what works its coil. */
  private connectContact({ consumer, options: [best] }: ProposedLink): void {
    const from = best.adapters.find((adapter) => adapter.type === "relay")?.contactFeed;
    if (from == null || from === "ground") return;
    const feed = this.feeds.find(({ id }) => id === from.pinId);
    if (feed !== undefined) this.connect(feed, consumer);
  }

  /** One circuit, or no circuit written on either: then the quantity alone must tell. */
  private joined(provider: SignalPin, consumer: SignalPin, quantity: Quantity): boolean {
    if (provider.circuit !== null && consumer.circuit !== null) return provider.circuit === consumer.circuit;
    return !FEEDS.has(quantity);
  }
}

/** What takes part in a sensor's signal by reading it. */
const READERS: ReadonlySet<string> = new Set(["resistive-in", "analogue-in", "reluctor-in", "hall-in", "lambda-in"]);

const pairKey = (providerId: string, consumerId: string) => JSON.stringify([providerId, consumerId]);
