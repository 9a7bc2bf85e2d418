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
import { Account, type Accounted, type WorkItem, wayOf } from "./account";
import { type Computer, type Harnesses, harnessesOf, pinsUnder } from "./harnesses";
import { type Risk, risksOf } from "./risks";
import { type Approach, type Choice, runsBy } from "./types";

/** Everything that is compared, and what it is compared by. */
export interface Compared extends Accounted {
  readonly computers: readonly Computer[];
  readonly decisions: readonly Decision[];
  readonly isKept: (key: string) => boolean;
  readonly chosen: ReadonlyMap<string, GapWay>;
  /** Values on both buses, and what was chosen of how a gateway sends them on. */
  readonly busValues: readonly BusValueAt[];
  readonly relayChoices: ReadonlyMap<string, RelayChoice>;
}

/** How a function ends: it works, it works with a lamp or code of a computer, it is lost, or a fact is missing to say so. */
export const ENDS = ["whole", "lamp", "lost", "unknown"] as const;
export type End = (typeof ENDS)[number];
export const CROSSINGS = ["direct", "adapted", "gateway", "impossible", "unknown"] as const;
export type Crossing = (typeof CROSSINGS)[number];

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
