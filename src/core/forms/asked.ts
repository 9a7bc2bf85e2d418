import type { Form, Known } from "./form";
import type { Kind } from "./kinds";
import { PARAMS_OF } from "./params";

const LEVELS = ["active", "pull", "lowVolts", "highVolts", "maxVolts"] as const;
const PULSES = ["pulsesPerRev", "pulsesPerKm", "drive", "amplitude"] as const;

/**
 * The fields of a kind that plans and solutions ask for most, in the order in which a technician finds them out; all
 * others of the kind may be given too.
 */
const ASKED: Partial<Record<Kind, readonly string[]>> = {
  "supply-out": ["alive", "maxAmps"],
  "supply-in": ["alive", "amps", "minVolts"],
  ground: ["role"],
  "low-side-out": ["maxAmps", "clamp"],
  "high-side-out": ["maxAmps", "clamp"],
  "switch-out": ["to", "closedWhen", "maxAmps"],
  "logic-in": LEVELS,
  "load-in": ["amps", "ohms", "otherEnd", "inductive"],
  "frequency-out": PULSES,
  "frequency-in": ["pulsesPerRev", "pulsesPerKm", "drive", ...LEVELS.slice(1)],
  "analogue-out": ["range", "curve"],
  "analogue-in": ["range", "curve"],
  "resistive-out": ["curve"],
  "resistive-in": ["curve", "feedVolts"],
  "pwm-out": ["hz", "drive", "curve"],
  "pwm-in": ["hz", "drive", "curve"],
  "reference-out": ["volts", "maxAmps"],
  "reference-in": ["volts", "amps"],
  "lambda-out": ["band"],
  "lambda-in": ["band"],
  "injector-out": ["drive", "maxAmps"],
  "injector-in": ["ohms", "drive"],
  "coil-out": ["drive", "maxAmps"],
  "coil-in": ["drive", "ohms", "henries"],
  "motor-out": ["drive", "maxAmps"],
  "motor-in": ["amps", "drive"],
  can: ["bitrate", "terminated"],
  lin: ["bitrate"],
  serial: ["bitrate"],
  unknown: ["alive", "amps"],
};

/** Fields of a kind that are asked for first; the rest of them behind those. */
export function askedFields(kind: Kind): { readonly first: readonly string[]; readonly more: readonly string[] } {
  const first = ASKED[kind] ?? [];
  return { first, more: Object.keys(PARAMS_OF[kind]).filter((key) => !first.includes(key)) };
}

/** Of these one is enough: what a load draws follows from either. */
const EITHER: readonly (readonly string[])[] = [["amps", "ohms"]];
const SOLVED: Partial<Record<Kind, readonly string[]>> = {
  "supply-in": ["alive", "amps"],
  "supply-out": ["alive", "maxAmps"],
  "load-in": ["amps"],
  "injector-in": ["ohms"],
  "coil-in": ["ohms"],
  "motor-in": ["amps"],
};

/** Fields that the electrical solution assumes of a cavity because nobody has given them. */
export function assumedFields(form: Form): readonly string[] {
  const known = (field: string) => {
    const value = (form as unknown as Readonly<Record<string, Known<unknown> | undefined>>)[field];
    return value !== undefined && value.source !== "assumed";
  };
  return (SOLVED[form.kind] ?? []).filter(
    (field) => !(EITHER.find((group) => group.includes(field)) ?? [field]).some(known),
  );
}
