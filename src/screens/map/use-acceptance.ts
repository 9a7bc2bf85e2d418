import { nanoid } from "nanoid";
import { useMemo } from "react";
import { acceptanceBasis, acceptanceKey, type FunctionLine } from "@/core/plan";
import { byArrival } from "@/job/earlier-rows";
import { insertOp, type RowOp } from "@/job/ops";
import type { JobDocument, ReadingRow } from "@/job/schema";
import { useJob } from "../shell/job-provider";

/** What somebody saw of a function on the vehicle. */
export interface Acceptance {
  readonly works: boolean;
  readonly person: string;
  readonly takenAt: string;
  /** The plan has changed since. */
  readonly stale: boolean;
}

/** By a function's key: what was last seen of it on the vehicle. */
export function acceptances(
  readings: JobDocument["readings"],
  functions: readonly FunctionLine[],
): ReadonlyMap<string, Acceptance> {
  const latest = new Map<string, ReadingRow>();
  for (const reading of readings.toSorted(byArrival)) latest.set(reading.stepKey, reading);
  return new Map(
    functions.flatMap((told): [string, Acceptance][] => {
      const reading = latest.get(acceptanceKey(told.key));
      return reading === undefined
        ? []
        : [
            [
              told.key,
              {
                works: reading.outcome === "pass",
                person: reading.person,
                takenAt: reading.takenAt,
                stale: reading.basis !== acceptanceBasis(told),
              },
            ],
          ];
    }),
  );
}

export function useAcceptances(functions: readonly FunctionLine[]): ReadonlyMap<string, Acceptance> {
  const { readings } = useJob().document;
  return useMemo(() => acceptances(readings, functions), [readings, functions]);
}

/** Notes that a function was seen to work on the vehicle, or not. */
export const acceptOp = (told: FunctionLine, works: boolean, person: string): RowOp =>
  insertOp("reading", {
    id: nanoid(),
    stepKey: acceptanceKey(told.key),
    written: works ? "works" : "does not work",
    value: null,
    outcome: works ? "pass" : "fail",
    verdict: works ? "seen to work on the vehicle" : "seen not to work on the vehicle",
    basis: acceptanceBasis(told),
    unit: null,
    meter: null,
    source: "typed",
    uncertainty: null,
    person,
    takenAt: new Date().toISOString(),
    ordinal: null,
  });
