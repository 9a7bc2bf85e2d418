import type { Quantity } from "../forms";
import type { Units } from "../units";
import { digits, fixed } from "./numbers";

/** How a dial's value is written: value = SI · factor + shift. */
interface DialUnit {
  readonly unit: string;
  readonly factor: number;
  readonly shift: number;
  readonly decimals: number;
}

const RPM: DialUnit = { unit: "rpm", factor: 1, shift: 0, decimals: 0 };
/** 1 US gallon = 3.785411784 l; 1 mile = 1.609344 km; 1 psi = 6,894.757 Pa (NIST SP 811). */
const DIALS: Readonly<Record<"temperature" | "pressure" | "level" | "speed", Readonly<Record<Units, DialUnit>>>> = {
  temperature: {
    metric: { unit: "°C", factor: 1, shift: 0, decimals: 0 },
    imperial: { unit: "°F", factor: 1.8, shift: 32, decimals: 0 },
  },
  pressure: {
    metric: { unit: "bar", factor: 1e-5, shift: 0, decimals: 1 },
    imperial: { unit: "psi", factor: 1 / 6894.757, shift: 0, decimals: 0 },
  },
  level: {
    metric: { unit: "l", factor: 1, shift: 0, decimals: 0 },
    imperial: { unit: "gal", factor: 1 / 3.785411784, shift: 0, decimals: 1 },
  },
  speed: {
    metric: { unit: "km/h", factor: 1, shift: 0, decimals: 0 },
    imperial: { unit: "mph", factor: 1 / 1.609344, shift: 0, decimals: 0 },
  },
};

function dialOf(quantity: Quantity, units: Units): DialUnit {
  if (quantity.endsWith("temperature")) return DIALS.temperature[units];
  if (quantity.endsWith("pressure")) return DIALS.pressure[units];
  if (quantity === "fuel-level") return DIALS.level[units];
  if (quantity === "vehicle-speed") return DIALS.speed[units];
  return RPM;
}

/** The unit in which a quantity is read off a dial. */
export const dialUnit = (quantity: Quantity, units: Units): string => dialOf(quantity, units).unit;

/** A value as the dial is read: `94 °C`, `2.4 bar`, `57 mph`. */
export function dialText(quantity: Quantity, value: number, units: Units): string {
  const { unit, factor, shift, decimals } = dialOf(quantity, units);
  return `${fixed(value * factor + shift, decimals)} ${unit}`;
}

/** A difference of two values, one digit finer than the dial. */
export function dialError(quantity: Quantity, value: number, units: Units): string {
  const { unit, factor } = dialOf(quantity, units);
  const shown = value * factor;
  return `${Math.abs(shown) < 1e-9 ? "0" : digits(shown, 2)} ${unit}`;
}

/** A value as a field has it, in the unit beside the field. */
export function dialField(quantity: Quantity, value: number, units: Units): string {
  const { factor, shift } = dialOf(quantity, units);
  return digits(value * factor + shift, 4);
}

/** What a person typed in a dial's unit, in the quantity's own; null where it is no number. */
export function typedDial(quantity: Quantity, typed: string, units: Units): number | null {
  const { unit, factor, shift } = dialOf(quantity, units);
  const number = /^\s*(-?\d+(?:[.,]\d+)?)\s*(.*)$/.exec(typed);
  if (number === null) return null;
  const rest = (number[2] ?? "").trim();
  if (rest !== "" && rest.toLowerCase() !== unit.toLowerCase() && rest !== "°") return null;
  return (Number((number[1] as string).replace(",", ".")) - shift) / factor;
}

/** The same for the width of something on a dial: no shift. */
export const typedDialWidth = (quantity: Quantity, typed: string, units: Units): number | null => {
  const value = typedDial(quantity, typed, units);
  const { factor, shift } = dialOf(quantity, units);
  return value === null ? null : value + shift / factor;
};
export const dialWidthField = (quantity: Quantity, value: number, units: Units): string =>
  digits(value * dialOf(quantity, units).factor, 3);
