import { ALIVE } from "../state";
import type { Kind } from "./kinds";

/** How one value of `params` reads: a bounded number, a word of a closed list, a span, a curve, or free text. */
export type ParamType =
  | { readonly type: "number"; readonly min: number; readonly max: number; readonly unit: string }
  | { readonly type: "word"; readonly words: readonly string[] }
  | { readonly type: "span" }
  | { readonly type: "curve" }
  | { readonly type: "text" };

const number = (min: number, max: number, unit: string) => ({ type: "number", min, max, unit }) as const;
const words = <const W extends readonly string[]>(...list: W) => ({ type: "word", words: list }) as const;
const text = { type: "text" } as const;

const volts = number(0, 60, "V");
const amps = number(0, 1000, "A");
const ohms = number(0, 10_000_000, "Ω");
const pulses = number(0.0001, 100_000, "pulses");

const LEVELS = {
  active: words("low", "high"),
  pull: words("none", "up", "down"),
  pullOhms: ohms,
  pullVolts: volts,
  lowVolts: volts,
  highVolts: number(0, 400, "V"),
  maxVolts: number(0, 400, "V"),
} as const;

const PULSES = {
  pulsesPerRev: pulses,
  pulsesPerShaftRev: pulses,
  pulsesPerKm: number(0.0001, 1_000_000, "pulses"),
  drive: words("open-collector", "push-pull", "sine", "contact"),
  amplitude: number(0, 400, "V"),
  maxHz: number(0, 1_000_000, "Hz"),
  pattern: text,
} as const;

const CURVE = {
  range: { type: "span" },
  curve: { type: "curve" },
  ohms,
  ratiometric: text,
  feedVolts: volts,
  hz: number(0, 1_000_000, "Hz"),
  drive: words("open-collector", "push-pull", "low-side", "high-side"),
  amplitude: number(0, 400, "V"),
} as const satisfies Record<string, ParamType>;

const OUTPUT = { maxAmps: amps, onOhms: ohms, clamp: words("own", "none") } as const;

const PART = {
  volts,
  maxAmps: amps,
  amps,
  ohms,
  band: words("narrow", "wide"),
  drive: words("saturated", "peak-and-hold", "logic", "primary", "bridge", "stepper"),
} as const;

const BUS = {
  bitrate: number(1, 100_000_000, "bit/s"),
  role: text,
  terminated: words("yes", "no"),
  messages: text,
  carries: text,
} as const;

export const COMMON = { index: text, settable: words("yes", "no") } as const satisfies Record<string, ParamType>;

/** What a table may say of a cavity whose form nobody knows yet, and what is of use all the same. */
const UNTOLD = { volts, maxAmps: amps, amps, ohms, alive: words(...ALIVE), minVolts: volts } as const;

/** The families of adapters.md, each kind with the keys that its `params` may hold. */
export const PARAMS_OF = {
  "supply-out": { volts, maxAmps: amps, amps, alive: words(...ALIVE), minVolts: volts, afterRun: text },
  "supply-in": { volts, maxAmps: amps, amps, alive: words(...ALIVE), minVolts: volts, afterRun: text },
  ground: { role: words("power", "chassis", "sensor-return", "shield") },
  "low-side-out": OUTPUT,
  "high-side-out": OUTPUT,
  "switch-out": { to: words("ground", "battery", "free"), closedWhen: text, maxAmps: amps },
  "logic-in": LEVELS,
  "load-in": { ohms, amps, otherEnd: words("battery", "ground", "free"), inductive: words("yes", "no") },
  "frequency-out": PULSES,
  "hall-out": PULSES,
  "reluctor-out": PULSES,
  "frequency-in": { ...PULSES, ...LEVELS },
  "hall-in": { ...PULSES, ...LEVELS },
  "reluctor-in": { ...PULSES, ...LEVELS },
  "analogue-out": CURVE,
  "analogue-in": CURVE,
  "resistive-out": CURVE,
  "resistive-in": CURVE,
  "pwm-out": CURVE,
  "pwm-in": CURVE,
  "reference-out": PART,
  "reference-in": PART,
  "lambda-out": PART,
  "lambda-in": PART,
  "injector-out": PART,
  "injector-in": PART,
  "coil-out": PART,
  "coil-in": { ...PART, henries: number(0.00001, 1, "H") },
  "motor-out": PART,
  "motor-in": PART,
  "knock-out": PART,
  "knock-in": PART,
  can: BUS,
  lin: BUS,
  serial: BUS,
  shield: {},
  spare: {},
  unknown: UNTOLD,
} as const satisfies Record<Kind, Readonly<Record<string, ParamType>>>;

/** Each family of keys once; several kinds share one. */
const EVERY_KIND: readonly Readonly<Record<string, ParamType>>[] = [
  ...new Set<Readonly<Record<string, ParamType>>>([COMMON, ...Object.values(PARAMS_OF)]),
];

/**
 * The types that `key` may have: this kind's own, or, while the kind is not known, those of every kind. Empty: no such
 * key.
 */
function paramTypes(kind: Kind | null, key: string): readonly ParamType[] {
  const kinds: readonly Readonly<Record<string, ParamType>>[] =
    kind === null || kind === "unknown" ? EVERY_KIND : [COMMON, PARAMS_OF[kind]];
  return kinds.filter((keys) => Object.hasOwn(keys, key)).map((keys) => keys[key] as ParamType);
}

/** What is wrong with one parameter. Words: core/words/forms.ts. */
export type ParamProblem =
  /** `known`: the keys that there are; null where the kind is not known, and every kind's would do. */
  | { readonly code: "unknown-param"; readonly known: readonly string[] | null }
  /** `allowed`: what the value could have been. */
  | { readonly code: "param-out-of-range"; readonly key: string; readonly allowed: readonly ParamType[] };

/** Null where the parameter is good. */
export function paramProblem(kind: Kind | null, key: string, value: string): ParamProblem | null {
  const allowed = paramTypes(kind, key);
  if (allowed.length === 0) return { code: "unknown-param", known: kind === null ? null : paramKeys(kind) };
  return allowed.some((type) => isParamValue(type, value)) ? null : { code: "param-out-of-range", key, allowed };
}

/** The keys a form for this kind offers, in the order of adapters.md; `index` and `settable` last. */
export function paramKeys(kind: Kind): readonly string[] {
  return [...Object.keys(PARAMS_OF[kind]), ...Object.keys(COMMON)];
}

/** How a field of a kind reads; null where the kind has none of that name. */
export function paramTypeOf(kind: Kind, key: string): ParamType | null {
  const keys: Readonly<Record<string, ParamType>> = { ...PARAMS_OF[kind], ...COMMON };
  return Object.hasOwn(keys, key) ? (keys[key] ?? null) : null;
}

/** Whether a value as `params` holds it is good for a field. */
export function isParamValue(type: ParamType, value: string): boolean {
  switch (type.type) {
    case "number": {
      const parsed = value.trim() === "" ? Number.NaN : Number(value);
      return parsed >= type.min && parsed <= type.max;
    }
    case "word":
      return type.words.includes(value);
    case "span":
      return /^-?\d+(\.\d+)?\.\.-?\d+(\.\d+)?$/.test(value);
    case "curve":
      return /^-?[\d.]+(e-?\d+)?:-?[\d.]+(\|-?[\d.]+(e-?\d+)?:-?[\d.]+)*$/.test(value);
    case "text":
      return value !== "";
  }
}

/** `params` of a pin, as text values by key. */
export type Params = Readonly<Record<string, string>>;

/** `key=value;key=value` ⇄ record. The first `=` splits, so a value may contain one. */
export function parseParams(written: string): Record<string, string> {
  const entries = written
    .split(";")
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const parsed: [string, string][] = entries.map((part) => {
    const at = part.indexOf("=");
    return at < 0 ? [part, ""] : [part.slice(0, at).trim(), part.slice(at + 1).trim()];
  });
  return Object.fromEntries(parsed);
}

export function formatParams(params: Params): string {
  return Object.entries(params)
    .map(([key, value]) => `${key}=${value}`)
    .join(";");
}
