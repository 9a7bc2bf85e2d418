import { awgText, mm2ToAwg } from "./sizes";

import type { Units } from "./units";

export const FOOT_M = 0.3048;
/** Above 0000 gauge there are thousands of circular mils: the area of a circle of 0.001 in. */
const LARGEST_GAUGE_MM2 = 115;
const KCMIL_MM2 = 0.506707;

/** A wire's size in the job's units: `0.5` mm², or `20 AWG`, the nearest. */
export function sizeText(areaMm2: number | null, units: Units): string {
  if (areaMm2 === null) return "";
  if (units === "metric") return String(Number(areaMm2.toPrecision(3)));
  return areaMm2 > LARGEST_GAUGE_MM2 ? `${Number((areaMm2 / KCMIL_MM2).toPrecision(3))} kcmil` : `${awgText(mm2ToAwg(areaMm2))} AWG`;
}

/** The same with its unit: `0.5 mm²`, `20 AWG`. */
export const sizeWords = (areaMm2: number, units: Units): string => (units === "metric" ? `${sizeText(areaMm2, units)} mm²` : sizeText(areaMm2, units));

export const sizeUnit = (units: Units) => (units === "metric" ? "mm²" : "AWG");

export function lengthText(lengthM: number | null, units: Units): string {
  if (lengthM === null) return "";
  return units === "metric" ? `${Number(lengthM.toPrecision(3))} m` : `${Number((lengthM / FOOT_M).toPrecision(3))} ft`;
}

const OUNCE_KG = 0.0283495;

/** A mass in the job's units: `1.24 kg`, `340 g`; in pounds and ounces where the job is imperial. */
export function massText(kg: number, units: Units): string {
  if (units === "metric") return kg >= 1 ? `${Number(kg.toPrecision(3))} kg` : `${Math.round(kg * 1000)} g`;
  return kg >= 0.4536 ? `${Number((kg / (16 * OUNCE_KG)).toPrecision(3))} lb` : `${Number((kg / OUNCE_KG).toPrecision(2))} oz`;
}

/** A temperature in the job's units: `20 °C`, `68 °F`. */
export const temperatureText = (celsius: number, units: Units): string => (units === "metric" ? `${Math.round(celsius)} °C` : `${Math.round((celsius * 9) / 5 + 32)} °F`);

/** Degrees Celsius of so many Fahrenheit. */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;
