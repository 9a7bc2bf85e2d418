import type { Change, Network, SolveResult } from "../../circuit";
import type { CavityFacts, HarnessPart } from "../../harness";
import { type Settings, settingValue } from "../settings";
import type { NetSpan } from "../model/spans";
import type { PowerFacts, PowerModel } from "../types";

/** By how much an alternator's regulated voltage falls from a tenth of its rated current to all of it, V (our estimate; regulators hold 0.2 to 0.4 V). */
const DROOP_VOLTS = 0.3;
/** What a battery in daily use takes some minutes after a start, in parts of its capacity an hour (our estimate; falling from a quarter to a fiftieth within the hour). */
const TAKEN_PART = 0.15;
/** Its voltage at rest, from which that is told, V. */
const AT_REST_VOLTS = 12.6;
/** An alternator is at its limit when it gives no more than this part beside it. */
const AT_LIMIT = 0.002;
/** Newton's way to a limit is nearly straight: three steps reach it. */
const MOST_ROUNDS = 12;
/** A battery gives when more than this flows out of it, A. */
const GIVES_AMPS = 0.05;

/** The resistance behind an alternator's regulated voltage, Ω. */
export const alternatorOhms = (ratedAmps: number): number => DROOP_VOLTS / (0.9 * ratedAmps);

/** The resistance with which a battery takes current in, Ω: far more than it gives it with, for its own voltage rises with its charge (after Salameh, Casacca & Lynch 1992, who keep the two apart). */
export const takingOhms = (settings: Settings): number => Math.max(0.2, settingValue(settings, "alternator-v") - AT_REST_VOLTS) / (TAKEN_PART * settingValue(settings, "battery-ah"));

/** An alternator's rated current, A: as somebody said, else as its cavities state, else a usual one. */
export function ratedAmps(settings: Settings, pins: readonly (CavityFacts | undefined)[]): number {
  const usual = settingValue(settings, "alternator-a");
  if (settings.get("alternator-a")?.origin != null) return usual;
  // A lamp's or sense terminal states its own few amperes.
  const stated = Math.max(0, ...pins.map((pin) => Number(pin?.params.maxAmps) || 0));
  return stated > 10 ? stated : usual;
}

/** Its regulated voltage, V: as somebody said, else as its output's cavity states, else a usual one. */
export function regulatedVolts(settings: Settings, output: CavityFacts | undefined): number {
  const stated = Number(output?.params.volts);
  return settings.get("alternator-v")?.origin == null && stated > AT_REST_VOLTS ? stated : settingValue(settings, "alternator-v");
}

export const ratedAmpsOf = ({ harness, settings }: Pick<PowerFacts, "harness" | "settings">, part: HarnessPart): number =>
  ratedAmps(settings, part.terminals.map(({ pinId }) => (pinId === null ? undefined : harness.pinById.get(pinId))));

/** A source of the netlist with the part that it stands for; null for a battery that no table shows. */
interface Source {
  readonly span: NetSpan;
  readonly part: HarnessPart | null;
}

export function sourcesOf({ net, spans, facts }: PowerModel): Source[] {
  return net.sources.map((at) => {
    const span = spans.all[at] as NetSpan;
    const { place } = span.piece;
    return { span, part: place.type === "part" ? (facts.harness.partById.get(place.partId) ?? null) : null };
  });
}

export const isBattery = ({ part }: Source): boolean => part === null || part.type === "battery";

/** The element that lifts an alternator's lamp terminal: it feeds the lamp and the field, not the vehicle. */
export const EXCITER = "exciter";

/** Alternators that charge, by their main output. */
export const alternatorsOf = (model: PowerModel): (Source & { readonly part: HarnessPart })[] => sourcesOf(model).flatMap(({ span, part }) =>
  (part?.type === "alternator" && span.piece.place.type === "part" && span.piece.place.elementId !== EXCITER ? [{ span, part }] : []));

/** The engine's running state, with the resistances that its sources have in it. */
export interface Charged {
  readonly result: SolveResult;
  readonly under: readonly Change[];
}

/**
 * Solves the running state. An alternator holds its regulated voltage up to its rated current, and gives no more than that: beyond
 * it is the source behind just the resistance at which that current flows, found by the secant rule. A battery takes current through
 * {@link takingOhms}; where the alternators cannot carry everything it gives the rest as it does at rest.
 */
export function solveCharged(network: Network, model: PowerModel): Charged {
  const turning = alternatorsOf(model).map(({ span, part }) => new Limited(span, ratedAmpsOf(model.facts, part)));
  if (turning.length === 0) return { result: network.solve("running"), under: [] };
  const batteries = sourcesOf(model).filter(isBattery).map(({ span }) => span.name);
  const ohms = takingOhms(model.facts.settings);
  let takes = true;
  for (let round = 0; ; round++) {
    const under = [...(takes ? batteries.map((id) => ({ id, ohms })) : []), ...turning.flatMap((one) => one.change)];
    const result = network.solve("running", { changes: under });
    if (!result.ok || round === MOST_ROUNDS) return { result, under };
    const given = (id: string) => result.solution.amps.get(id) ?? 0;
    if (takes && batteries.reduce((sum, id) => sum + given(id), 0) > GIVES_AMPS) { takes = false; continue; }
    if (turning.map((one) => one.settle(given(one.id))).every((settled) => settled)) return { result, under };
  }
}

/** An alternator on the way to its limit. */
class Limited {
  readonly id: string;
  private readonly volts: number;
  private readonly free: number;
  private ohms: number;
  private before: { readonly ohms: number; readonly amps: number } | null = null;

  constructor(span: NetSpan, private readonly limit: number) {
    const { element } = span.piece;
    if (element.type !== "source") throw new Error(`“${span.name}” is no source`);
    this.id = span.name;
    this.volts = element.volts;
    this.free = element.ohms;
    this.ohms = element.ohms;
  }

  /** Nothing where it holds its voltage. */
  get change(): readonly Change[] {
    return this.ohms === this.free ? [] : [{ id: this.id, ohms: this.ohms }];
  }

  /** Whether it gives what it may; else its resistance is moved towards that. */
  settle(amps: number): boolean {
    const over = amps / this.limit - 1;
    if (Math.abs(over) <= AT_LIMIT || (over < 0 && this.ohms === this.free)) return true;
    const { ohms, before } = this;
    this.before = { ohms, amps };
    this.ohms = Math.max(this.free, before === null || before.amps === amps ? Math.max(ohms, (this.volts - AT_REST_VOLTS) / this.limit) + 0.001 : this.secant(before, amps));
    return false;
  }

  /** What lies outside is a source behind a resistance, as two solutions tell it. */
  private secant(before: { readonly ohms: number; readonly amps: number }, amps: number): number {
    const outside = (before.amps * before.ohms - amps * this.ohms) / (amps - before.amps);
    const volts = amps * (this.ohms + outside);
    return volts / this.limit - outside;
  }
}
