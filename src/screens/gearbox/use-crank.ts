import { useEffect, useState } from "react";
import type { PowerEdit } from "@/core/power";
import type { CrankTable, TriedCure } from "@/core/transmission";
import { useJob } from "../shell/job-provider";

/** Who may crank when, in the plan as it is with some edits tried on it; null while it is solved. */
export function useCrank(edits: readonly PowerEdit[] = NONE): CrankTable | null {
  const job = useJob();
  const [table, setTable] = useState<CrankTable | null>(null);
  useEffect(() => {
    let current = true;
    setTable(null);
    void job.askCrank(edits).then(
      (found) => current && setTable(found),
      () => undefined,
    );
    return () => {
      current = false;
    };
  }, [edits, job.power]);
  return table;
}
const NONE: readonly PowerEdit[] = [];

/** Cures for an interlock that is left open, each tried; null while they are. */
export function useCrankCures(isNeeded: boolean): readonly TriedCure[] | null {
  const job = useJob();
  const [cures, setCures] = useState<readonly TriedCure[] | null>(null);
  useEffect(() => {
    let current = true;
    setCures(null);
    if (isNeeded)
      void job.askCrankCures().then(
        (found) => current && setCures(found),
        () => undefined,
      );
    return () => {
      current = false;
    };
  }, [isNeeded, job.power]);
  return cures;
}
