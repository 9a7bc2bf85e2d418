import { plain, plainOhms } from "../signals";
import type { Expected, Judgement, Step } from "./types";

export type ReadValue = { readonly ok: true; readonly value: number | null } | { readonly ok: false; readonly message: string };

const SCALE: Readonly<Record<string, number>> = { m: 1e-3, "": 1, k: 1e3, M: 1e6 };

/**
 * A reading as typed from a meter: `12.4`, `12,4 V`, `0.02`, `340 mV`, `1.2k`, `OL`. Null is an open circuit.
 * @example parseReading("340 mV", "V") // { ok: true, value: 0.34 }
 */
export function parseReading(written: string, unit: "Ω" | "V"): ReadValue {
  const text = written.trim().replace(",", ".").replace("−", "-");
  if (/^(ol|0l|o\.l|0\.l|∞|inf|open|1 ?\.)$/i.test(text)) return { ok: true, value: null };
  const parts = /^([+-]?\d*\.?\d+)\s*([mkM]?)\s*(v|volts?|Ω|ω|ohms?)?$/i.exec(text);
  if (!parts) return { ok: false, message: `“${written.slice(0, 20)}” is no reading. Type a number as the meter shows it (12.4), or OL.` };
  const said = parts[3]?.toLowerCase();
  if (said !== undefined && said.startsWith("v") !== (unit === "V")) return { ok: false, message: `This step is read in ${unit === "V" ? "volts" : "ohms"}; check the meter's setting.` };
  // Upper and lower case M differ by a factor of a thousand million, so only they are told apart by case.
  const prefix = parts[2] === "K" ? "k" : (parts[2] ?? "");
  return { ok: true, value: Number(parts[1]) * (SCALE[prefix] ?? 1) };
}

/** Judges a reading against its step. */
export function judge(step: Step, value: number | null): Judgement {
  const { expected } = step;
  if (value === null) {
    return expected.openIsRight
      ? { value, outcome: "pass", verdict: "Open, as it should be" }
      : { value, outcome: "fail", verdict: expected.unit === "Ω" ? "Open: the path is broken" : "The meter shows no voltage range; check its setting" };
  }
  const stop = (expected.stopBelow !== null && value < expected.stopBelow) || (expected.stopAbove !== null && value > expected.stopAbove);
  if (expected.low !== null && value < expected.low) return { value, outcome: stop ? "stop" : "fail", verdict: `${stop ? "Stop: " : ""}${lowWords(step, value)}` };
  if (expected.high !== null && value > expected.high) return { value, outcome: stop ? "stop" : "fail", verdict: `${stop ? "Stop: " : ""}${highWords(step, value)}` };
  return { value, outcome: "pass", verdict: "Within its limits" };
}

function lowWords(step: Step, value: number): string {
  if (step.kind === "wire-short") return "too low: the wire touches ground";
  if (step.kind === "feed-short") return "too low: shorted, or something else hangs on it";
  if (step.kind === "feed-volts") return value < 1 ? `dead in ${step.keyState}` : `too low in ${step.keyState}`;
  return "too low";
}

function highWords(step: Step, value: number): string {
  if (step.kind === "feed-volts" && step.expected.nominal === 0) return value > 6 ? `alive in ${step.keyState}, where it must be dead` : "something leaks into it";
  if (step.kind === "ground-drop") return "the ground is poor";
  return step.expected.unit === "Ω" ? "too much resistance" : "too high";
}

/** The expectation in words: `9.6 to 11.6 V`, `at most 0.37 Ω`, `OL, or above 2.4 Ω`. */
export function expectedText({ unit, low, high, openIsRight }: Expected): string {
  const show = (value: number) => (unit === "Ω" ? plainOhms(value) : `${plain(value)} V`);
  if (openIsRight && low !== null) return `OL, or above ${show(low)}`;
  if (low !== null && high !== null) return `${plain(low)} to ${show(high)}`;
  if (high !== null) return `at most ${show(high)}`;
  return low === null ? "any" : `at least ${show(low)}`;
}

/** What a proof is bound to: when this changes, a reading made under it is stale. */
export const basisOf = (step: Step) => JSON.stringify([step.red.label, step.black.label, step.keyState, step.expected.low, step.expected.high, step.expected.openIsRight]);
