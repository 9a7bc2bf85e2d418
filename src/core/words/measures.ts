import { awgText, FOOT_M, mm2ToAwg, type Units } from "../units";
import { digits, fixed } from "./numbers";

/** Above 0000 gauge there are thousands of circular mils: the area of a circle of 0.001 in. */
const LARGEST_GAUGE_MM2 = 115;
const KCMIL_MM2 = 0.506707;

/** A wire's size in the job's units: `0.5` mm², or `20 AWG`, the nearest. */
export function sizeText(areaMm2: number | null, units: Units): string {
  if (areaMm2 === null) return "";
  if (units === "metric") return digits(areaMm2);
  return areaMm2 > LARGEST_GAUGE_MM2 ? `${digits(areaMm2 / KCMIL_MM2)} kcmil` : `${awgText(mm2ToAwg(areaMm2))} AWG`;
}

/** The same with its unit: `0.5 mm²`, `20 AWG`. */
export const sizeWords = (areaMm2: number, units: Units): string =>
  units === "metric" ? `${sizeText(areaMm2, units)} mm²` : sizeText(areaMm2, units);

export const sizeUnit = (units: Units) => (units === "metric" ? "mm²" : "AWG");

export function lengthText(lengthM: number | null, units: Units): string {
  if (lengthM === null) return "";
  return units === "metric" ? `${digits(lengthM)} m` : `${digits(lengthM / FOOT_M)} ft`;
}

const OUNCE_KG = 0.0283495;
const POUND_KG = 16 * OUNCE_KG;

/** A mass in the job's units: `1.24 kg`, `340 g`; in pounds and ounces where the job is imperial. */
export function massText(kg: number, units: Units): string {
  if (units === "metric") return kg >= 1 ? `${digits(kg)} kg` : `${Math.round(kg * 1000)} g`;
  return kg >= 0.4536 ? `${digits(kg / POUND_KG)} lb` : `${digits(kg / OUNCE_KG, 2)} oz`;
}

/** A temperature in the job's units: `20 °C`, `68 °F`. */
export const temperatureText = (celsius: number, units: Units): string =>
  units === "metric" ? `${fixed(celsius, 0)} °C` : `${fixed((celsius * 9) / 5 + 32, 0)} °F`;

/** Degrees Celsius of so many Fahrenheit. */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;
