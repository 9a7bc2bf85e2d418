import { directionOf, fieldOf, type Quantity } from "../forms";
import { CONTINUOUS_PART } from "../wire";
import { sameIndex } from "./mates";
import { loadAmps } from "./switched";
import type { SignalPin } from "./types";

/** Quantities that feed: a consumer of them looks across unless copper already joins it to a feed of its own side. */
export const FEEDS: ReadonlySet<Quantity> = new Set([
  "battery-supply",
  "ignition-supply",
  "accessory-supply",
  "start-supply",
  "relay-supply",
]);

/** What is connected to each provider: what its own side has wired to it, and what links add, A. */
export class ConnectedLoads {
  /** Amperes connected to each provider by links made so far; null once one of them is not known. */
  private readonly linked = new Map<string, number | null>();
  /** A of what is wired to a circuit, or shares its quantity where none is written; null where one is not known. */
  private readonly wired = new Map<string, number | null>();

  constructor(
    private readonly byQuantity: ReadonlyMap<Quantity, readonly SignalPin[]>,
    private readonly byCircuit: ReadonlyMap<string, readonly SignalPin[]>,
  ) {}

  /** Whether a link takes from the provider already. */
  has = ({ id }: SignalPin): boolean => this.linked.has(id);

  /** What a feed can still give continuously, A; null where that is not known. */
  freeOf(feed: SignalPin): number | null {
    const limit = fieldOf(feed.form, "maxAmps");
    const connected = this.connectedOn(feed, feed);
    return limit === null || connected === null ? null : CONTINUOUS_PART * limit - connected;
  }

  /** Load that the provider's own side has wired to it, and what links have added, A; null where one is not known. */
  connectedOn(provider: SignalPin, consumer: SignalPin): number | null {
    const linked = this.linked.has(provider.id) ? (this.linked.get(provider.id) as number | null) : 0;
    if (linked === null) return null;
    const mates =
      provider.circuit === null
        ? this.unwiredMates(provider)
        : (this.byCircuit.get(`${provider.side} ${provider.circuit}`) ?? []);
    let sum = linked;
    for (const mate of mates) {
      if (mate.id === provider.id || mate.id === consumer.id) continue;
      const amps = drawOf(mate);
      if (amps === null) return null;
      sum += amps;
    }
    return sum;
  }

  /**
   * Where no circuit is written, an output's own side counts as connected to it by quantity, as the matcher pairs
   * it.
   */
  private unwiredMates(provider: SignalPin): SignalPin[] {
    if (provider.quantity === null || FEEDS.has(provider.quantity)) return [];
    return (this.byQuantity.get(provider.quantity) ?? []).filter(
      (pin) =>
        pin.side === provider.side &&
        pin.circuit === null &&
        directionOf(pin.form.kind) === "consumer" &&
        sameIndex(pin, provider),
    );
  }

  /**
   * {@link connectedOn} for whatever takes from the other side: of the provider's own copper nothing is left out then.
   */
  loadOn(provider: SignalPin): number | null {
    const linked = this.linked.has(provider.id) ? (this.linked.get(provider.id) as number | null) : 0;
    if (linked === null) return null;
    const { side, circuit, quantity, index } = provider;
    const key = circuit === null ? JSON.stringify([side, quantity, index]) : `${side} ${circuit}`;
    let wired = this.wired.get(key);
    if (wired === undefined) {
      // An output draws nothing itself, so that it need not be left out.
      const mates = circuit === null ? this.unwiredMates(provider) : (this.byCircuit.get(key) ?? []);
      wired = mates.map(drawOf).reduce((sum, amps) => (sum === null || amps === null ? null : sum + amps), 0);
      this.wired.set(key, wired);
    }
    return wired === null ? null : linked + wired;
  }

  connect(provider: SignalPin, consumer: SignalPin): void {
    const amps = drawOf(consumer);
    const before = this.linked.has(provider.id) ? (this.linked.get(provider.id) as number | null) : 0;
    this.linked.set(provider.id, amps === null || before === null ? null : before + amps);
  }
}

/**
 * What a pin draws from its feed or driver, A. Inputs that read draw nothing that counts; null where it is not known.
 */
function drawOf(pin: SignalPin): number | null {
  if (pin.form.kind === "supply-in") return fieldOf(pin.form, "amps");
  if (pin.form.kind === "load-in") return loadAmps(pin);
  return 0;
}
