import type { KeyVerdict, Severity } from "@/core/power";
import type { Mark } from "@/ui/marks";

/** The shape beside a verdict of the key table; its word stands in the one catalogue. */
export const VERDICT_MARKS: Readonly<Record<KeyVerdict, Mark>> = {
  alive: "proven",
  dead: "refused",
  also: "proposed",
  missing: "blocked",
  low: "blocked",
  "back-fed": "blocked",
  floating: "blocked",
  untold: "open",
};

export const SEVERITY_MARKS: Readonly<Record<Severity, Mark>> = {
  danger: "blocked",
  stop: "blocked",
  fault: "proposed",
  note: "open",
};
