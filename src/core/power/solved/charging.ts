import type { Change, Network, SolveResult, SwitchSetting } from "../../circuit";
import { AT_REST_VOLTS, alternatorsOf, isBattery, ratedAmpsOf, sourcesOf } from "../model/sources";
import type { NetSpan } from "../model/spans";
import { type Settings, settingValue } from "../settings";
import type { PowerModel } from "../types";

/**
 * What a battery in daily use takes some minutes after a start, in parts of its capacity an hour (our estimate; falling
 * from a quarter to a fiftieth within the hour).
 */
const TAKEN_PART = 0.15;
/** An alternator is at its limit when it gives no more than this part beside it. */
const AT_LIMIT = 0.002;
/** Newton's way to a limit is nearly straight: three steps reach it. */
const MOST_ROUNDS = 12;
/** A battery gives when more than this flows out of it, A. */
const GIVES_AMPS = 0.05;

/**
 * The resistance with which a battery takes current in, Ω: far more than it gives it with, for its own voltage rises
 * with its charge (after Salameh, Casacca & Lynch 1992, who keep the two apart).
 */
export const takingOhms = (settings: Settings): number =>
  Math.max(0.2, settingValue(settings, "alternator-v") - AT_REST_VOLTS) /
  (TAKEN_PART * settingValue(settings, "battery-ah"));

/** The engine's running state, with the resistances that its sources have in it. */
export interface Charged {
  readonly result: SolveResult;
  readonly under: readonly Change[];
}

/**
 * Solves the running state. An alternator holds its regulated voltage up to its rated current, and gives no more than
 * that: beyond it is the source behind just the resistance at which that current flows, found by the secant rule. A
 * battery takes current through {@link takingOhms}; where the alternators cannot carry everything it gives the rest as
 * it does at rest.
 */
export function solveCharged(network: Network, model: PowerModel, running: SwitchSetting): Charged {
  const turning = alternatorsOf(model).map(({ span, part }) => new Limited(span, ratedAmpsOf(model.facts, part)));
  if (turning.length === 0) return { result: network.solve(running), under: [] };
  const batteries = sourcesOf(model)
    .filter(isBattery)
    .map(({ span }) => span.name);
  const ohms = takingOhms(model.facts.settings);
  let [takes, returned] = [true, false];
  for (let round = 0; ; round++) {
    const under = [...(takes ? batteries.map((id) => ({ id, ohms })) : []), ...turning.flatMap((one) => one.change)];
    const result = network.solve(running, { changes: under });
    if (!result.ok || round === MOST_ROUNDS) return { result, under };
    const given = (id: string) => result.solution.amps.get(id) ?? 0;
    const flows = batteries.reduce((sum, id) => sum + given(id), 0);
    // One that gives holds the voltage up, without which an overloaded alternator finds no limit: it is let do so at
    // once. On the way
    // to the limit it may only have seemed to, and then takes after all.
    const mustGive = takes && !returned && flows > GIVES_AMPS;
    if (!mustGive) {
      if (!turning.map((one) => one.settle(given(one.id))).every((settled) => settled)) continue;
      if (takes || flows >= -GIVES_AMPS) return { result, under };
    }
    takes = !takes;
    returned = takes;
    for (const one of turning) one.restart();
  }
}

/** An alternator on the way to its limit. */
class Limited {
  readonly id: string;
  private readonly volts: number;
  private readonly free: number;
  private ohms: number;
  private before: { readonly ohms: number; readonly amps: number } | null = null;

  constructor(
    span: NetSpan,
    private readonly limit: number,
  ) {
    const { element } = span.planned;
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
    this.ohms = Math.max(
      this.free,
      before === null || before.amps === amps
        ? Math.max(ohms, (this.volts - AT_REST_VOLTS) / this.limit) + 0.001
        : this.secant(before, amps),
    );
    return false;
  }

  /** Something else has changed: two solutions of before tell nothing now. */
  restart(): void {
    this.before = null;
  }

  /** What lies outside is a source behind a resistance, as two solutions tell it. */
  private secant(before: { readonly ohms: number; readonly amps: number }, amps: number): number {
    const outside = (before.amps * before.ohms - amps * this.ohms) / (amps - before.amps);
    const volts = amps * (this.ohms + outside);
    return volts / this.limit - outside;
  }
}
