import { soldAtLeast, type Units } from "../../units";
import type { WireOrigin } from "../plan-element";
import type { Cure } from "./types";

/** What is added to the area that would just do: joints and other wires on the way keep their share. */
const TO_SPARE = 1.1;

/**
 * The wire made as thick as needed: what a wire loses falls as its area grows (Ohm, R = ρ·L/A), so that it loses
 * `missing` less at A · lost / (lost − missing). Where no size would, twice the area is the start.
 *
 * @param lost    volts that the wire loses now, > 0
 * @param missing volts that there should be more, ≥ 0
 * @example thickerWire({ ...wire, sizeMm2: 0.5 }, 2, 1, "metric") // { code: "thicker-wire", sizeMm2: 1.5, … }
 */
export function thickerWire(wire: WireOrigin, lost: number, missing: number, units: Units): Cure {
  const left = lost - missing;
  const wanted = Math.max(2 * wire.sizeMm2, left > 0 ? (TO_SPARE * wire.sizeMm2 * lost) / left : 0);
  const sizeMm2 = soldAtLeast(wanted, units);
  return { code: "thicker-wire", sizeMm2, wire, lostVolts: lost, edit: { type: "wire", wireId: wire.wireId, sizeMm2 } };
}
