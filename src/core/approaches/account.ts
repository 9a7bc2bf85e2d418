import type { Side } from "../forms";
import type { RelayRow } from "../gateway";
import type { Gap, GapWay, Line } from "../plan";
import type { SignalPin } from "../signals";
import type { Book, BookKey } from "./book";
import type { Harnesses } from "./harnesses";
import { type Choice, runsBy } from "./types";

/** Something that is done a number of times, by one line of the book. */
export interface WorkItem {
  readonly key: BookKey;
  readonly count: number;
  /** At which cavities, as they are printed; empty where it is one thing for the whole job. */
  readonly at: readonly string[];
  readonly minutes: number;
  readonly money: number;
}

/** What a gap costs, and whether its piece works then. */
export const wayOf = ({ chosen, ways }: Gap): GapWay => chosen ?? ways[0] ?? "without";

export const labelOf = ({ connector, cavity }: SignalPin) => `${connector}-${cavity}`;

/** What is counted, and by which lines. */
export interface Accounted {
  readonly pins: readonly SignalPin[];
  /** By cavity: how long its wire is, m; null where nobody has told. */
  readonly lengthOf: (pinId: string) => number | null;
  readonly book: Book;
}

/** Counts the work of a choice. */
export class Account {
  wires = 0;
  joints = 0;
  metres = 0;
  assumed = 0;
  private readonly items = new Map<BookKey, { count: number; at: string[] }>();

  constructor(
    private readonly choice: Choice,
    private readonly compared: Accounted,
    private readonly harnesses: Harnesses,
    private readonly under: readonly SignalPin[],
  ) {}

  work(lines: readonly Line[], gaps: readonly Gap[], relays: readonly RelayRow[]): WorkItem[] {
    const made = lines.filter(({ state }) => state !== "blocked");
    for (const line of made) {
      this.add("link", hostEnd(line));
      for (const { type } of line.adapters) this.add(`adapter-${type}`, hostEnd(line));
    }
    for (const gap of gaps) this.add(`gap-${wayOf(gap)}`, gap.pin);
    // A gateway that is a link already, or fills a gap, is the one.
    const isThere = this.items.has("adapter-can-gateway") || this.items.has("gap-gateway");
    if (relays.length > 0 && !isThere) this.add("adapter-can-gateway", null);
    this.wires += made.length;
    this.join(made);
    this.runEngine();
    if (this.choice.lengthens !== null) this.lengthen(made);
    if (this.metres > 0) this.add("reach", null, this.metres);
    const { book } = this.compared;
    return [...this.items]
      .filter(([, { count }]) => count > 0)
      .map(([key, { count, at }]) => ({
        key,
        count,
        at,
        minutes: count * book[key].minutes,
        money: count * book[key].money,
      }));
  }

  private add(key: BookKey, at: SignalPin | null, count = 1): void {
    const item = this.items.get(key) ?? { count: 0, at: [] };
    item.count += count;
    if (at !== null) item.at.push(labelOf(at));
    this.items.set(key, item);
  }

  /** How far the two harnesses are apart, m. */
  get reach(): number {
    return this.compared.book.reach.amount ?? 0;
  }

  /** How the wires of both sides meet. */
  private join(made: readonly Line[]): void {
    const { approach } = this.choice;
    const ends = (line: Line) => [line.provider, line.consumer];
    if (approach === "plug-in") {
      this.add("interface-box", null);
      for (const connector of new Set(made.flatMap(ends).map(({ side, connector: name }) => `${side} ${name}`)))
        this.add("interface-connector", this.under.find((pin) => `${pin.side} ${pin.connector}` === connector) ?? null);
      for (const pin of made.flatMap(ends)) this.add("terminal", pin);
    } else if (approach === "merged") {
      for (const connector of new Set(made.flatMap(ends).map(({ side, connector: name }) => `${side} ${name}`)))
        this.add("opened-connector", this.under.find((pin) => `${pin.side} ${pin.connector}` === connector) ?? null);
      for (const line of made) this.splice(hostEnd(line));
    } else if (approach === "universal") {
      this.add("new-fuse-box", null);
      this.renew(this.under.filter(isWired));
    } else for (const line of made) this.splice(hostEnd(line));
  }

  /** What runs the engine, and the anti-theft parts that come with it or do not. */
  private runEngine(): void {
    const { approach } = this.choice;
    const { engineComputer, security } = this.harnesses;
    const hasSecurity = security.size > 0 || this.compared.pins.some(isSecurityOfDonor);
    if (approach === "programmable") {
      this.add("tuning", null);
      if (this.harnesses.isProgrammable) return;
      this.add("programmable-computer", null);
      this.renew(
        this.under.filter((pin) => pin.side === "donor" && engineComputer.donor.has(pin.connector) && isWired(pin)),
      );
    } else if (runsBy(approach) === "donor" && hasSecurity)
      this.add(approach === "donor-computer" ? "security-calibration" : "security-parts", null);
  }

  private lengthen(made: readonly Line[]): void {
    const { lengthens } = this.choice;
    if (lengthens === "computer") {
      this.add("computer-place", null);
      return;
    }
    // A wire of the body that is made longer meets the donor's at its far end: that joint is counted with the link.
    const isBody = lengthens === "body";
    const pins = isBody ? made.map(hostEnd) : this.engineWires();
    for (const pin of pins) {
      this.add("lengthened-wire", pin);
      this.splice(pin);
      if (!isBody) this.splice(pin);
    }
    if (!isBody) this.wires += pins.length;
    this.run(pins.length);
  }

  /** Wires between the engine's computer and the engine. */
  engineWires(): readonly SignalPin[] {
    const side: Side = runsBy(this.choice.approach) === "host" ? "host" : "donor";
    const at = this.harnesses.engineComputer[side];
    return this.compared.pins.filter(
      (pin) =>
        pin.side === side &&
        at.has(pin.connector) &&
        isWired(pin) &&
        pin.form.kind !== "supply-in" &&
        pin.form.kind !== "ground",
    );
  }

  private splice(at: SignalPin): void {
    this.joints += 1;
    this.add("joint", at);
  }

  /** New wire across the distance that is assumed between the two. */
  private run(wires: number): void {
    this.metres += wires * this.reach;
    this.assumed += wires;
  }

  /** Wires that are made anew from end to end, as long as the old ones. */
  private renew(pins: readonly SignalPin[]): void {
    for (const pin of pins) {
      const length = this.compared.lengthOf(pin.id);
      this.metres += length ?? this.reach;
      if (length === null) this.assumed += 1;
      this.add("new-wire", pin);
      this.add("terminal", pin);
    }
    this.wires += pins.length;
  }
}

const hostEnd = ({ provider, consumer }: Line): SignalPin => (provider.side === "host" ? provider : consumer);
const isWired = ({ form }: SignalPin) => form.kind !== "spare" && form.kind !== "unknown";
const isSecurityOfDonor = ({ side, quantity }: SignalPin) =>
  side === "donor" && (quantity === "security-data" || quantity === "key-reader");
