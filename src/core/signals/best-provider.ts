import { fieldOf, type Quantity } from "../forms";
import type { ConnectedLoads } from "./connected-loads";
import { VERDICT_RANK } from "./option-builder";
import type { LinkOption, ProposedLink, SignalPin } from "./types";

/** Finds, of several providers, the one that serves a consumer best. */
export class BestProvider {
  /** By provider, until something more is connected to it; and by what it depends on, its number. */
  private readonly likenesses = new Map<string, number>();
  private readonly numbers = new Map<string, number>();

  constructor(
    private readonly loads: ConnectedLoads,
    private readonly ways: (provider: SignalPin, consumer: SignalPin) => readonly [LinkOption, ...LinkOption[]],
    /** Whether something of its own side reads it already. */
    private readonly isRead: (provider: SignalPin) => boolean,
  ) {}

  /** Something more is connected to it now. */
  changed({ id }: SignalPin): void {
    this.likenesses.delete(id);
  }

  bestOf(quantity: Quantity, consumer: SignalPin, providers: readonly SignalPin[]): ProposedLink | null {
    let best: ProposedLink | null = null;
    // Providers that differ in name alone give the same answer, and the first of them is taken: a table of 20,000 rows
    // has thousands of like grounds and feeds, and reckoning each pair took minutes.
    const weighed = new Set<number>();
    for (const provider of providers) {
      const likeness = this.likeness(provider);
      if (weighed.has(likeness)) continue;
      weighed.add(likeness);
      const candidate: ProposedLink = { quantity, provider, consumer, options: this.ways(provider, consumer) };
      if (best === null || this.better(candidate, best)) best = candidate;
    }
    return best;
  }

  /**
   * All of a provider that a way across, or its rank, can depend on, as a number: the same for those that differ in
   * name alone.
   */
  private likeness(provider: SignalPin): number {
    const known = this.likenesses.get(provider.id);
    if (known !== undefined) return known;
    const { form, sizeMm2, index, opensWhenWorked, isBallast } = provider;
    const has = this.loads.has(provider);
    const text = JSON.stringify([
      form,
      form.kind === "ground" ? sizeMm2 : null,
      this.loads.loadOn(provider),
      has,
      index,
      opensWhenWorked,
      isBallast,
      ONE_READER.has(form.kind) && this.isRead(provider),
    ]);
    const found = this.numbers.get(text) ?? this.numbers.size;
    this.numbers.set(text, found);
    this.likenesses.set(provider.id, found);
    return found;
  }

  /** Verdict first; then the partner of the same number; then, among equals, the one that fewer are connected to. */
  private better(a: ProposedLink, b: ProposedLink): boolean {
    const key = (link: ProposedLink) => [
      VERDICT_RANK[link.options[0].verdict],
      link.provider.index === link.consumer.index ? 0 : 1,
      link.options[0].missing.length,
      // A feed that is too weak is named for want of a better one.
      link.options[0].reason.code === "feed-too-weak" ? 1 : 0,
      link.options[0].minutes,
      ...(link.provider.form.kind === "ground"
        ? groundFit(link.provider, link.consumer)
        : [this.loads.has(link.provider) ? 1 : 0]),
    ];
    const [left, right] = [key(a), key(b)];
    const at = left.findIndex((value, index) => value !== right[index]);
    return at >= 0 && (left[at] as number) < (right[at] as number);
  }
}

/** Whether somebody reads it already decides what can be done with it. */
const ONE_READER: ReadonlySet<string> = new Set(["resistive-out", "reluctor-out", "lambda-out"]);

/**
 * A ground meant for power first; then one whose copper is no thinner than what returns through it, the thinnest such.
 */
function groundFit(provider: SignalPin, consumer: SignalPin): [role: number, thinner: number, areaMm2: number] {
  const [area, needed] = [provider.sizeMm2 ?? 0, consumer.sizeMm2 ?? 0];
  return [fieldOf(provider.form, "role") === "power" ? 0 : 1, area >= needed ? 0 : 1, area];
}
