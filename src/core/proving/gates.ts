import { isProposed } from "./steps";
import type { Step } from "./types";

/** How a step stands: proven, or not yet. */
export interface StepStanding {
  readonly step: Step;
  readonly proven: boolean;
}

/** What comes before what: without a battery, then with one, then cranking, and dials once the engine may run. */
const rank = ({ group, keyState }: Step): number =>
  group === "before-power" ? 0 : group === "dials" ? 3 : keyState === "crank" ? 2 : 1;

/**
 * By step: the first one that must be proven before it; null where nothing stands in the way. No step with power comes
 * before those without it, and nobody cranks before the feeds and grounds are proven with the key in run. A link that
 * is only proposed is not made, and keeps nothing waiting.
 */
export function gatesOf(steps: readonly StepStanding[]): ReadonlyMap<string, Step | null> {
  const firstOpen = [0, 1, 2].map(
    (one) => steps.find(({ step, proven }) => rank(step) === one && !proven && !isProposed(step))?.step ?? null,
  );
  return new Map(
    steps.map(({ step }) => {
      const before = firstOpen.slice(0, rank(step)).find((open) => open !== null);
      return [step.key, before ?? null];
    }),
  );
}
