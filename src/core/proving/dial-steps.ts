import type { DialCheck } from "../benches";
import { dialOf } from "../forms";
import { pointOf } from "../signals";
import type { Units } from "../units";
import { poleProbe, probeAt } from "./step-parts";
import type { PlannedPin, Step } from "./types";

/** A dial read at one point whose true value is known, in the unit that the job's dials are read in. */
export function dialStep(check: DialCheck, pin: PlannedPin, driver: PlannedPin, units: Units): Step {
  const { factor, shift, unit, decimals } = dialOf(check.quantity, units);
  const shown = (value: number) => Number((value * factor + shift).toFixed(decimals + 1));
  return {
    key: `dial ${pin.id} ${check.x}`,
    kind: "gauge-point",
    group: "dials",
    about: { type: "link", provider: pointOf(driver), consumer: pointOf(pin), proposed: false },
    red: probeAt(pin),
    black: poleProbe("minus"),
    meter: "the-dial",
    keyState: "run",
    expected: {
      unit,
      low: shown(check.low),
      high: shown(check.high),
      nominal: shown(check.x),
      openIsRight: false,
      stopBelow: null,
      stopAbove: null,
    },
    basis: {
      type: "gauge-point",
      quantity: check.quantity,
      x: check.x,
      by: check.by,
      ohms: check.ohms,
      allowed: check.high - check.x,
    },
    caution: "dial",
    lineKey: null,
  };
}
