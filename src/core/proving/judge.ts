import { DEAD_VOLTS } from "../state";
import type { Judgement, ReadingUnit, ReadingVerdict, Step } from "./types";

/** Why a typed reading cannot be taken: it is no number, or of the meter's other setting. */
export type ReadFault =
  | { readonly code: "no-reading"; readonly written: string }
  | { readonly code: "other-unit"; readonly unit: ReadingUnit };

export type ReadValue =
  | { readonly ok: true; readonly value: number | null }
  | { readonly ok: false; readonly fault: ReadFault };

const SCALE: Readonly<Record<string, number>> = { m: 1e-3, "": 1, k: 1e3, M: 1e6 };

/**
 * A reading as typed from a meter: `12.4`, `12,4 V`, `0.02`, `340 mV`, `1.2k`, `OL`. Null is an open circuit.
 * @example parseReading("340 mV", "V") // { ok: true, value: 0.34 }
 */
export function parseReading(written: string, unit: ReadingUnit): ReadValue {
  if (unit !== "Ω" && unit !== "V") return parseDial(written, unit);
  const text = written.trim().replace(",", ".").replace("−", "-");
  if (/^(ol|0l|o\.l|0\.l|∞|inf|open|1 ?\.)$/i.test(text)) return { ok: true, value: null };
  const parts = /^([+-]?\d*\.?\d+)\s*([mkM]?)\s*(v|volts?|Ω|ω|ohms?)?$/i.exec(text);
  if (!parts) return { ok: false, fault: { code: "no-reading", written: written.slice(0, 20) } };
  const said = parts[3]?.toLowerCase();
  if (said !== undefined && said.startsWith("v") !== (unit === "V"))
    return { ok: false, fault: { code: "other-unit", unit } };
  // Upper and lower case M differ by a factor of a thousand million, so only they are told apart by case.
  const prefix = parts[2] === "K" ? "k" : (parts[2] ?? "");
  return { ok: true, value: Number(parts[1]) * (SCALE[prefix] ?? 1) };
}

/** A number as a dial shows it, with its unit or without. */
function parseDial(written: string, unit: ReadingUnit): ReadValue {
  const [, number, said = ""] = /^([+-]?\d*[.,]?\d+)\s*(\S*)$/.exec(written.trim().replace("−", "-")) ?? [];
  if (number === undefined) return { ok: false, fault: { code: "no-reading", written: written.slice(0, 20) } };
  if (said !== "" && said.toLowerCase() !== unit.toLowerCase() && said !== "°")
    return { ok: false, fault: { code: "other-unit", unit } };
  return { ok: true, value: Number(number.replace(",", ".")) };
}

/**
 * A usual hand-held multimeter with 3½ digits: part of the reading, and counts of the last digit shown (our assumption,
 * within what makers state).
 */
const METER = { V: { part: 0.005, counts: 2 }, Ω: { part: 0.008, counts: 3 } } as const;

/**
 * How far the true value may lie from what a usual meter shows, ±, in the unit of the reading: a part of it and some
 * counts of the last digit as it was typed. Null for an open circuit and for what is no reading.
 * @example readingUncertainty("12.40", "V") // 0.005 × 12.4 + 2 × 0.01 = 0.082
 */
export function readingUncertainty(written: string, unit: ReadingUnit): number | null {
  // A needle is read as one sees it.
  if (unit !== "Ω" && unit !== "V") return null;
  const read = parseReading(written, unit);
  if (!read.ok || read.value === null) return null;
  const [, decimals = ""] = /[.,](\d+)/.exec(written) ?? [];
  const digits = Number(/\d*[.,]?\d+/.exec(written)?.[0].replace(",", ".") ?? 0);
  // What one of the typed unit is: `340 mV` counts in millivolts.
  const scale = digits === 0 ? 1 : Math.abs(read.value) / digits;
  return METER[unit].part * Math.abs(read.value) + METER[unit].counts * 10 ** -decimals.length * scale;
}

/** Less than this in ohms is no resistance: a voltage on the wire drives the meter, Ω. */
const LIVE_OHMS = -0.05;
/** Judges a reading, as the meter showed it, against its step. */
export function judge(step: Step, value: number | null): Judgement {
  const { expected } = step;
  // Whatever is expected: negative ohms mean that something is live.
  if (value !== null && expected.unit === "Ω" && value < LIVE_OHMS)
    return { value, outcome: "stop", verdict: "live-ohms" };
  if (value === null) {
    return expected.openIsRight
      ? { value, outcome: "pass", verdict: "open-as-expected" }
      : { value, outcome: "fail", verdict: expected.unit === "Ω" ? "path-open" : "no-volts" };
  }
  const stop =
    (expected.stopBelow !== null && value < expected.stopBelow) ||
    (expected.stopAbove !== null && value > expected.stopAbove);
  const outcome = stop ? "stop" : "fail";
  if (expected.low !== null && value < expected.low) return { value, outcome, verdict: lowVerdict(step, value) };
  if (expected.high !== null && value > expected.high) return { value, outcome, verdict: highVerdict(step, value) };
  return { value, outcome: "pass", verdict: "within" };
}

function lowVerdict({ kind }: Step, value: number): ReadingVerdict {
  switch (kind) {
    case "wire-short":
      return "touches-ground";
    case "feed-short":
      return "shorted";
    case "feed-volts":
      return value < DEAD_VOLTS ? "dead" : "low-volts";
    default:
      return "too-low";
  }
}

/** Above this a dead feed is live, and below something leaks into it, V. */
const LIVE_VOLTS = 6;

function highVerdict({ kind, expected }: Step, value: number): ReadingVerdict {
  if (kind === "feed-volts" && expected.nominal === 0) return value > LIVE_VOLTS ? "live" : "leaks";
  if (kind === "ground-drop") return "poor-ground";
  return expected.unit === "Ω" ? "too-much-resistance" : "too-high";
}

/** What a proof is bound to: when this changes, a reading made under it is stale. */
export const basisOf = ({ red, black, keyState, expected: { low, high, openIsRight } }: Step) =>
  JSON.stringify([red.at, black.at, keyState, low, high, openIsRight]);
