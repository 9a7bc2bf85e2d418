import { dialOf, type Quantity } from "../forms";
import type { Units } from "../units";
import { digits, fixed } from "./numbers";

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
  return `${Math.abs(shown) < 1e-9 ? "0" : digits(shown, Math.abs(shown) >= 100 ? 3 : 2)} ${unit}`;
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
