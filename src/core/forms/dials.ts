import type { Units } from "../units";
import type { Quantity } from "./kinds";

export const DIAL_UNITS = ["°C", "°F", "bar", "psi", "l", "gal", "km/h", "mph", "rpm"] as const;
export type DialUnitName = (typeof DIAL_UNITS)[number];

/** How a dial's value is read: value = SI · factor + shift. */
export interface DialUnit {
  readonly unit: DialUnitName;
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

/** The unit in which a quantity is read off a dial. */
export function dialOf(quantity: Quantity, units: Units): DialUnit {
  if (quantity.endsWith("temperature")) return DIALS.temperature[units];
  if (quantity.endsWith("pressure")) return DIALS.pressure[units];
  if (quantity === "fuel-level") return DIALS.level[units];
  if (quantity === "vehicle-speed") return DIALS.speed[units];
  return RPM;
}
