import type { Quantity, Side } from "../forms";
import { FUNCTIONS } from "../functions";
import { type BusValueAt, gatewayTable, type RelayChoice, type RelayRow, stopsRelay } from "../gateway";
import {
  type Decision,
  deriveLines,
  type FunctionLine,
  functionLines,
  type Gap,
  type GapWay,
  type Line,
} from "../plan";
import type { SignalPin } from "../signals";
import type { Book, BookKey } from "./book";
import { type Computer, type Harnesses, harnessesOf, pinsUnder } from "./harnesses";
import { type Approach, type Choice, runsBy } from "./types";

/** Everything that is compared, and what it is compared by. */
export interface Compared {
  readonly pins: readonly SignalPin[];
  readonly computers: readonly Computer[];
  readonly decisions: readonly Decision[];
  readonly isKept: (key: string) => boolean;
  readonly chosen: ReadonlyMap<string, GapWay>;
  /** Values on both buses, and what was chosen of how a gateway sends them on. */
  readonly busValues: readonly BusValueAt[];
  readonly relayChoices: ReadonlyMap<string, RelayChoice>;
  /** By cavity: how long its wire is, m; null where nobody has told. */
  readonly lengthOf: (pinId: string) => number | null;
  readonly book: Book;
}

/** How a function ends: it works, it works with a lamp or code of a computer, it is lost, or a fact is missing to say so. */
export const ENDS = ["whole", "lamp", "lost", "unknown"] as const;
export type End = (typeof ENDS)[number];
export const CROSSINGS = ["direct", "adapted", "gateway", "impossible", "unknown"] as const;
export type Crossing = (typeof CROSSINGS)[number];

/** Something that is done a number of times, by one line of the book. */
export interface WorkItem {
  readonly key: BookKey;
  readonly count: number;
  /** At which cavities, as they are printed; empty where it is one thing for the whole job. */
  readonly at: readonly string[];
  readonly minutes: number;
  readonly money: number;
}

/** What can go wrong by the approach itself. Words: core/words/approaches.ts. */
export type Risk =
  | { readonly code: "entitled-calibration" }
  | { readonly code: "module-and-keys"; readonly connectors: readonly string[] }
  | { readonly code: "tuning" }
  | { readonly code: "partner-alone"; readonly connectors: readonly string[] }
  | { readonly code: "engine-through-adapters"; readonly count: number }
  | { readonly code: "no-way-back" }
  | { readonly code: "all-new" }
  | { readonly code: "two-more-connectors"; readonly links: number }
  | { readonly code: "screened-lengthened"; readonly cavities: readonly string[] }
  | { readonly code: "heat-and-water" }
  | { readonly code: "reach-unmeasured"; readonly wires: number }
  /** Nothing is made longer: that both harnesses meet is taken for granted. */
  | { readonly code: "reach-taken" }
  | { readonly code: "facts-missing"; readonly links: number }
  /** A figure rests on a distance that nobody has measured, m. */
  | { readonly code: "reach-assumed"; readonly metres: number };

export interface Outcome extends Choice {
  /** Why it cannot be taken at all; nothing is counted then. */
  readonly cannot:
    | "no-engine-computer-of-host"
    | "no-engine-computer-of-donor"
    /** The donor's table is that of a programmable computer: its own was left behind. */
    | "donor-is-programmable"
    | null;
  readonly functions: Readonly<Record<End, readonly FunctionLine[]>>;
  readonly links: Readonly<Record<Crossing, readonly Line[]>>;
  /** Values that a gateway sends on to the host's messages. */
  readonly relays: readonly RelayRow[];
  /** How each gap is filled: as somebody chose, else in the cheapest way. */
  readonly fills: readonly { readonly gap: Gap; readonly way: GapWay }[];
  readonly work: readonly WorkItem[];
  /** Wires that are made new or longer. */
  readonly wires: number;
  readonly joints: number;
  readonly metres: number;
  /** Wires whose length is assumed. */
  readonly assumedLengths: number;
  readonly minutes: number;
  /** Parts, and the hours by the shop's rate. */
  readonly partsMoney: number;
  readonly labourMoney: number;
  readonly risks: readonly Risk[];
}

/** The job as it would be under one choice: matched anew, with what people decided where both cavities stay the same. */
export function outcomeOf(choice: Choice, compared: Compared): Outcome {
  const { pins, computers, isKept, chosen } = compared;
  const harnesses = harnessesOf(pins, computers);
  const cannot = impossibleBy(choice.approach, harnesses);
  const under = cannot === null ? pinsUnder(choice.approach, pins, harnesses) : [];
  const same = new Set<SignalPin>(pins);
  const standing = new Set(under.flatMap((pin) => (same.has(pin) ? [pin.id] : [])));
  const decisions = compared.decisions.filter(
    ({ providerId, consumerId }) => standing.has(providerId) && standing.has(consumerId),
  );
  const plan = deriveLines(under, decisions);
  const onBuses = compared.busValues.filter(({ pinId }) => standing.has(pinId));
  const sent = gatewayTable(onBuses, [], compared.relayChoices);
  const told = functionLines(plan, under, isKept, chosen, [], sent).filter(({ state }) => state !== "not-wanted");
  const relays = told.flatMap((one) => one.relays);
  const lines = [...new Set(told.flatMap((one) => one.lines))].filter(({ state }) => state !== "refused");
  const gaps = [...new Map(told.flatMap((one) => one.gaps).map((gap) => [gap.pin.id, gap])).values()];
  const leftAlone = new Set(
    runsBy(choice.approach) === "donor" || (choice.approach === "programmable" && harnesses.isProgrammable)
      ? []
      : pins.filter(({ side, connector }) => side === "donor" && harnesses.partner.has(connector)).map(functionOf),
  );
  const account = new Account(choice, compared, harnesses, under);
  const work = cannot === null ? account.work(lines, gaps, relays) : [];
  const sum = (of: (item: WorkItem) => number) => work.reduce((total, item) => total + of(item), 0);
  const minutes = sum((item) => item.minutes);
  return {
    ...choice,
    cannot,
    functions: grouped(ENDS, told, (one) => endOf(one, leftAlone)),
    links: grouped(CROSSINGS, lines, crossingOf),
    relays,
    fills: gaps.map((gap) => ({ gap, way: wayOf(gap) })),
    work,
    wires: account.wires,
    joints: account.joints,
    metres: account.metres,
    assumedLengths: account.assumed,
    minutes,
    partsMoney: sum((item) => item.money),
    labourMoney: (minutes / 60) * compared.book.labour.money,
    risks: cannot === null ? risksOf(choice, harnesses, under, lines, account) : [],
  };
}

function impossibleBy(approach: Approach, { engineComputer, isProgrammable }: Harnesses): Outcome["cannot"] {
  if (engineComputer.donor.size === 0) return "no-engine-computer-of-donor";
  if (isProgrammable && (approach === "donor-computer" || approach === "paired-security"))
    return "donor-is-programmable";
  return runsBy(approach) === "host" && engineComputer.host.size === 0 ? "no-engine-computer-of-host" : null;
}

function grouped<K extends string, T>(keys: readonly K[], list: readonly T[], keyOf: (one: T) => K): Record<K, T[]> {
  const groups = Object.fromEntries(keys.map((key) => [key, [] as T[]])) as Record<K, T[]>;
  for (const one of list) groups[keyOf(one)].push(one);
  return groups;
}

function crossingOf({ state, verdict, adapters }: Line): Crossing {
  if (state === "blocked" || verdict === "impossible") return "impossible";
  if (adapters.some(({ type }) => type === "can-gateway")) return "gateway";
  if (state === "open") return "unknown";
  return adapters.length === 0 ? "direct" : "adapted";
}

/** What a gap costs, and whether its piece works then. */
const wayOf = ({ chosen, ways }: Gap): GapWay => chosen ?? ways[0] ?? "without";

/** The engine's or gearbox's function that a cavity is of; null where it is the body's too. */
const functionOf = ({ quantity }: SignalPin): string | null =>
  FUNCTIONS.find(({ home, quantities }) => home === "engine" && quantity !== null && quantities.includes(quantity))
    ?.key ?? null;

/**
 * The worst that is certain goes first; what nobody knows goes before what only lights a lamp.
 *
 * @param leftAlone functions of a computer that loses the one that it talks to: whether they work, nobody knows
 */
function endOf({ key, lines, gaps, relays, conflicts }: FunctionLine, leftAlone: ReadonlySet<string | null>): End {
  const stopped = relays.flatMap(({ faults }) => faults.filter(stopsRelay));
  if (stopped.some(({ code }) => code === "no-source")) return "lost";
  const without = gaps.filter((gap) => wayOf(gap) === "without");
  if (lines.some(({ state }) => state === "blocked") || without.some(({ pin }) => pin.side === "host")) return "lost";
  if (lines.some(({ state, verdict }) => state === "open" || (state === "decided" && verdict === "impossible")))
    return "unknown";
  if (stopped.length + conflicts.length > 0) return "unknown";
  if (leftAlone.has(key) && key !== "engine-running") return "unknown";
  return without.length > 0 ? "lamp" : "whole";
}

const labelOf = ({ connector, cavity }: SignalPin) => `${connector}-${cavity}`;

/** Counts the work of a choice. */
class Account {
  wires = 0;
  joints = 0;
  metres = 0;
  assumed = 0;
  private readonly items = new Map<BookKey, { count: number; at: string[] }>();

  constructor(
    private readonly choice: Choice,
    private readonly compared: Compared,
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

/** A signal so small, or so fast, that its wire is screened or twisted up to the computer. */
const SCREENED: ReadonlySet<Quantity> = new Set<Quantity>([
  "crankshaft-position",
  "camshaft-position",
  "knock",
  "oxygen",
]);

function risksOf(
  { approach, lengthens }: Choice,
  { engineComputer, security, partner, isProgrammable }: Harnesses,
  under: readonly SignalPin[],
  lines: readonly Line[],
  account: Account,
): Risk[] {
  const risks: Risk[] = [];
  const hasSecurity = security.size > 0;
  if (approach === "donor-computer" && hasSecurity) risks.push({ code: "entitled-calibration" });
  if (runsBy(approach) === "donor" && approach !== "donor-computer" && hasSecurity)
    risks.push({ code: "module-and-keys", connectors: [...security] });
  if (approach === "programmable") risks.push({ code: "tuning" });
  if (runsBy(approach) !== "donor" && !isProgrammable && partner.size > 0)
    risks.push({ code: "partner-alone", connectors: [...partner] });
  if (runsBy(approach) === "host")
    risks.push({
      code: "engine-through-adapters",
      count: lines.filter(
        ({ adapters, consumer, provider }) =>
          [consumer, provider].some((pin) => pin.side === "host" && engineComputer.host.has(pin.connector)) &&
          adapters.length > 0,
      ).length,
    });
  if (approach === "merged" || approach === "universal") risks.push({ code: "no-way-back" });
  if (approach === "universal") risks.push({ code: "all-new" });
  if (approach === "plug-in") risks.push({ code: "two-more-connectors", links: lines.length });
  if (lengthens === "engine") {
    const cavities = account.engineWires().filter(({ quantity }) => quantity !== null && SCREENED.has(quantity));
    if (cavities.length > 0) risks.push({ code: "screened-lengthened", cavities: cavities.map(labelOf) });
  }
  if (lengthens === "computer")
    risks.push({ code: "heat-and-water" }, { code: "reach-unmeasured", wires: account.engineWires().length });
  const open = lines.filter(({ state }) => state === "open").length;
  if (open > 0) risks.push({ code: "facts-missing", links: open });
  if (lengthens === null) risks.push({ code: "reach-taken" });
  if (account.assumed > 0) risks.push({ code: "reach-assumed", metres: account.reach });
  return under.length === 0 ? [] : risks;
}
