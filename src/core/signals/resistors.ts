import { fieldOf, usualValues } from "../forms";
import { e24AtLeast } from "../gauges";
import { SUPPLY } from "./option-builder";
import type { SignalPin } from "./types";

/** Power of preferred resistors, W. */
const WATTS = [0.25, 0.5, 1, 2, 5, 10, 25, 50, 100] as const;
/** The resistor that is used to at most half of its rating, W; null where none is sold. */
export const wattsFor = (watts: number): number | null => WATTS.find((rating) => rating / 2 >= watts) ?? null;

/** A resistor that stands in for a load, and to which pole its other end goes. */
export interface DummyLoad {
  /** Ω */
  readonly ohms: number;
  /** Rated, W: twice what it turns into heat while the engine charges. Null where no single resistor is sold for it. */
  readonly watts: number | null;
  readonly otherEnd: "battery" | "ground";
}

/**
 * What an output that is watched for an open circuit is loaded with: the E24 resistor that draws what is usual of the
 * part there, and no more (R ≥ V_charging / I). Of several usual loads the first that the driver carries; the least
 * where its limit is not known. Null where the output's side is not known, or nothing usual is within its limit.
 */
export function dummyLoad({ form, quantity }: Pick<SignalPin, "form" | "quantity">): DummyLoad | null {
  const otherEnd = otherEndOf(form);
  if (otherEnd === null) return null;
  const limit = form.kind === "low-side-out" || form.kind === "high-side-out" ? fieldOf(form, "maxAmps") : null;
  const usual = usualValues("load-in", quantity, "amps").map(({ value }) => Number(value));
  const amps = limit === null ? Math.min(...usual) : usual.find((one) => one <= limit);
  const ohms = amps === undefined ? null : e24AtLeast(SUPPLY.charging / amps);
  return ohms === null ? null : { ohms, watts: wattsFor(SUPPLY.charging ** 2 / ohms), otherEnd };
}

/** A load is tied to the pole that its driver does not switch. */
function otherEndOf(form: SignalPin["form"]): DummyLoad["otherEnd"] | null {
  switch (form.kind) {
    case "low-side-out":
      return "battery";
    case "high-side-out":
      return "ground";
    case "pwm-out": {
      const drive = fieldOf(form, "drive");
      if (drive === null) return null;
      return drive === "low-side" || drive === "open-collector" ? "battery" : "ground";
    }
    default:
      return null;
  }
}
