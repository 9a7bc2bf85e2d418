import { sizeWords, soldAtLeast, type Units } from "../../units";
import type { Place } from "../piece";
import type { Cure } from "./types";

/** What is added to the area that would just do: joints and other wires on the way keep their share. */
const TO_SPARE = 1.1;

/**
 * The wire made as thick as it takes: what a wire loses falls as its area grows (Ohm, R = ρ·L/A), so that it loses `missing` less at
 * A · lost / (lost − missing). Where no size would, twice the area is the start.
 *
 * @param lost    volts that the wire loses now, > 0
 * @param missing volts that there should be more, ≥ 0
 * @example thickerWire({ ...wire, sizeMm2: 0.5 }, "C1-2 to KEY-15", 2, 1, "metric").text // "1.5 mm² instead of 0.5 mm² for C1-2 to KEY-15, where 2.0 V are lost"
 */
export function thickerWire({ wireId, sizeMm2 }: Extract<Place, { type: "wire" }>, name: string, lost: number, missing: number, units: Units): Cure {
  const left = lost - missing;
  const wanted = Math.max(2 * sizeMm2, left > 0 ? (TO_SPARE * sizeMm2 * lost) / left : 0);
  const size = soldAtLeast(wanted, units);
  const text = lost < 1 ? `${(1000 * lost).toFixed(0)} mV are` : `${lost.toFixed(1)} V are`;
  return { text: `${sizeWords(size, units)} instead of ${sizeWords(sizeMm2, units)} for ${name}, where ${text} lost`, edit: { type: "wire", wireId, sizeMm2: size } };
}
