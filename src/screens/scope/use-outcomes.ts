import { useEffect, useMemo, useState } from "react";
import { type Choice, type Outcome, outcomeOf } from "@/core/approaches";
import { comparedOf } from "@/job/approach-facts";
import { useKept } from "../map/use-functions";
import { useJob } from "../shell/job-provider";

/**
 * The job under each of these choices; null while it is being worked out. One is worked out at a time, with the page's
 * turn in between: the largest jobs take a tenth of a second each.
 */
export function useOutcomes(choices: readonly Choice[]): readonly (Outcome | null)[] {
  const { document, report } = useJob();
  const isKept = useKept();
  const compared = useMemo(() => comparedOf(document, isKept), [document, isKept]);
  const [made, setMade] = useState<{ readonly of: object; readonly byKey: ReadonlyMap<string, Outcome> } | null>(null);
  const known = made?.of === compared ? made.byKey : NONE;
  const next = choices.find((choice) => !known.has(keyOf(choice)));
  // Which functions are kept by default follows from the harness: a figure without it would move under the hand.
  const isReady = report !== null;
  useEffect(() => {
    if (next === undefined || !isReady) return;
    const timer = setTimeout(
      () => setMade({ of: compared, byKey: new Map(known).set(keyOf(next), outcomeOf(next, compared)) }),
      0,
    );
    return () => clearTimeout(timer);
  }, [next, compared, known, isReady]);
  return choices.map((choice) => known.get(keyOf(choice)) ?? null);
}

const NONE: ReadonlyMap<string, Outcome> = new Map();
const keyOf = ({ approach, lengthens }: Choice) => `${approach} ${lengthens}`;
