import { mm2ToAwg } from "@/core/intake";

export type Units = "metric" | "imperial";

const FOOT_M = 0.3048;

/** A wire's size in the job's units: `0.5` mm², or `20 AWG`, the nearest. */
export function sizeText(areaMm2: number | null, units: Units): string {
  if (areaMm2 === null) return "";
  return units === "metric" ? String(Number(areaMm2.toPrecision(3))) : `${mm2ToAwg(areaMm2)} AWG`;
}

export const sizeUnit = (units: Units) => (units === "metric" ? "mm²" : "AWG");

export function lengthText(lengthM: number | null, units: Units): string {
  if (lengthM === null) return "";
  return units === "metric" ? `${Number(lengthM.toPrecision(3))} m` : `${Number((lengthM / FOOT_M).toPrecision(3))} ft`;
}

/** `engine-speed` → `Engine speed`. */
export function words(term: string | null): string {
  const text = (term ?? "not known").replaceAll("-", " ").replace(/^ac /, "A/C ");
  return text.charAt(0).toUpperCase() + text.slice(1);
}
