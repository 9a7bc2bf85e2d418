import { nanoid } from "nanoid";
import { useMemo } from "react";
import { acceptanceBasis, acceptanceKey, type FunctionLine, type WishLine, wishBasis } from "@/core/plan";
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

/** What is ticked off on the vehicle: its key, and what its working rests on. */
export interface Accepted {
  readonly key: string;
  readonly basis: string;
}

export const acceptedFunction = (told: FunctionLine): Accepted => ({ key: told.key, basis: acceptanceBasis(told) });
export const acceptedWish = (wish: WishLine): Accepted => ({ key: wish.key, basis: wishBasis(wish) });

/** By key: what was last seen of it on the vehicle. */
export function acceptances(
  readings: JobDocument["readings"],
  all: readonly Accepted[],
): ReadonlyMap<string, Acceptance> {
  const latest = new Map<string, ReadingRow>();
  for (const reading of readings.toSorted(byArrival)) latest.set(reading.stepKey, reading);
  return new Map(
    all.flatMap(({ key, basis }): [string, Acceptance][] => {
      const reading = latest.get(acceptanceKey(key));
      if (reading === undefined) return [];
      const { person, takenAt } = reading;
      return [[key, { works: reading.outcome === "pass", person, takenAt, stale: reading.basis !== basis }]];
    }),
  );
}

/** What was last seen of functions and wishes on the vehicle, by key. */
export function useAcceptances(
  functions: readonly FunctionLine[],
  wishes: readonly WishLine[] = NONE,
): ReadonlyMap<string, Acceptance> {
  const { readings } = useJob().document;
  return useMemo(
    () => acceptances(readings, [...wishes.map(acceptedWish), ...functions.map(acceptedFunction)]),
    [readings, functions, wishes],
  );
}
const NONE: readonly WishLine[] = [];

/** Notes that it was seen to work on the vehicle, or not. */
export const acceptOp = ({ key, basis }: Accepted, works: boolean, person: string): RowOp =>
  insertOp("reading", {
    id: nanoid(),
    stepKey: acceptanceKey(key),
    written: works ? "works" : "does not work",
    value: null,
    outcome: works ? "pass" : "fail",
    verdict: works ? "seen to work on the vehicle" : "seen not to work on the vehicle",
    basis,
    unit: null,
    meter: null,
    source: "typed",
    uncertainty: null,
    person,
    takenAt: new Date().toISOString(),
    ordinal: null,
  });
