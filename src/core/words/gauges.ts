import type { CurveFault } from "../gauges";
import { digits } from "./numbers";

/** What is wrong with a curve, where, and the cure. */
export function curveFaultWords(name: string, fault: CurveFault): { readonly message: string; readonly hint: string } {
  switch (fault.code) {
    case "too-few-points":
      return { message: `${name}: fewer than two points.`, hint: "Give at least two points [x, y]." };
    case "not-rising":
      return {
        message: `${name}: point ${fault.at + 1} (x ${digits(fault.x, 6)}) does not lie beyond the one before it.`,
        hint: "Put the points in the order of x, each x once.",
      };
    case "not-monotone":
      return {
        message: `${name} is not monotone: at point ${fault.at + 1} (${digits(fault.x, 6)}, ${digits(fault.y, 6)}) it turns back.`,
        hint: "Measure that point again: the curve only rises or only falls.",
      };
    case "not-positive":
      return {
        message: `${name}: point ${fault.at + 1} has ${digits(fault.y, 6)}, and a logarithmic curve needs more than 0.`,
        hint: "Correct the value, or take the curve as linear.",
      };
  }
}
