"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { ConfusablePair } from "@/core/compare";
import type { Blocker } from "@/core/plan";
import type { Step } from "@/core/proving";
import type { CircuitOf, CutReport, Decisions, FunctionCircuit, HarnessReport } from "@/core/slice";
import {
  functionChoices,
  harnessFacts,
  movedConnectors,
  removedConnectors,
  shapesOf,
  triageFacts,
} from "@/job/harness-facts";
import type { JobDocument } from "@/job/schema";
import { looseEndRow } from "@/job/triage-ops";
import { harnessWorker } from "@/workers/harness-worker";
import { type FailureWatch, useFailureWatch } from "./worker-failure";

export interface HarnessState {
  /** What the worker last said of the harness; null until it has. */
  readonly report: HarnessReport | null;
  /** The report is older than the document: an answer is on its way. */
  readonly stale: boolean;
  /** What taking these wires out would do, asked of the harness as the last report has it. */
  readonly askCut: (wireIds: readonly string[]) => Promise<CutReport>;
  /** The circuit of a function, with cavities that nothing joins yet, of the harness as the last report has it. */
  readonly askCircuit: (of: CircuitOf, alsoPinIds: readonly string[]) => Promise<FunctionCircuit>;
  readonly askConfusablePairs: () => Promise<readonly ConfusablePair[]>;
  readonly harnessWatch: Pick<FailureWatch, "failure" | "retry">;
}

/**
 * Keeps the worker's harness in step with the document: loaded again when its parts change, asked again when decisions
 * do.
 */
export function useHarness(document: JobDocument): HarnessState {
  const { pins, connectors, branches, parts, wires, links, kept, cuts, counts } = document;
  // Only these lists bear the harness; a reading or a note must not build it anew.
  const facts = useMemo(
    () => ({ pins, connectors, branches, parts, wires, links }),
    [pins, connectors, branches, parts, wires, links],
  );
  const decisions = useMemo(
    (): Decisions => ({
      functions: [...functionChoices({ kept })],
      cuts: triageFacts({ cuts }),
      removedConnectors: [...removedConnectors({ cuts, connectors })],
      moved: movedConnectors({ counts }),
    }),
    [kept, cuts, counts, connectors],
  );
  const [answer, setAnswer] = useState<{
    readonly report: HarnessReport;
    readonly facts: object;
    readonly decisions: Decisions;
  } | null>(null);
  const loaded = useRef<object | null>(null);
  const latest = useRef({ facts, decisions });
  latest.current = { facts, decisions };
  const busy = useRef(false);
  const { failure, attempt, failed, answered, retry } = useFailureWatch();

  const ready = useRef(async () => {
    const { facts: now } = latest.current;
    if (loaded.current === now) return;
    loaded.current = now;
    try {
      await harnessWorker.load(harnessFacts(now));
    } catch (error) {
      loaded.current = null;
      throw error;
    }
  });

  useEffect(() => {
    if (busy.current) return;
    busy.current = true;
    // One question at a time; what changed meanwhile is asked when the answer is there.
    void (async () => {
      try {
        for (
          let asked: typeof latest.current | null = null;
          asked === null || asked.facts !== latest.current.facts || asked.decisions !== latest.current.decisions;
        ) {
          asked = latest.current;
          await ready.current();
          const { decisions: now } = asked;
          const report = await harnessWorker.report(now);
          setAnswer({ report, ...asked });
          answered();
        }
      } catch (error) {
        // A new worker knows nothing: it is given the harness again.
        loaded.current = null;
        failed(error);
      } finally {
        busy.current = false;
      }
    })();
  }, [facts, decisions, attempt, answered, failed]);

  return useMemo(
    () => ({
      report: answer === null ? null : withDecisions(answer.report, answer.decisions, decisions),
      stale: answer === null || answer.facts !== facts || answer.decisions !== decisions,
      askCut: async (wireIds) => {
        await ready.current();
        return harnessWorker.ask((desk) => desk.consequences(decisions, wireIds));
      },
      askCircuit: async (of, alsoPinIds) => {
        await ready.current();
        return harnessWorker.ask((desk) => desk.circuit(decisions.functions, of, alsoPinIds));
      },
      askConfusablePairs: async () => {
        await ready.current();
        return harnessWorker.ask((desk) => desk.confusablePairs([...shapesOf({ connectors }).values()]));
      },
      harnessWatch: { failure, retry },
    }),
    [answer, facts, decisions, connectors, failure, retry],
  );
}

/** What was decided is shown at once; what it does to everything else, the worker says a moment later. */
function withDecisions(report: HarnessReport, then: Decisions, now: Decisions): HarnessReport {
  if (then.cuts === now.cuts) return report;
  const byWire = new Map(now.cuts.map((cut) => [cut.wireId, cut]));
  return { ...report, rows: report.rows.map((row) => ({ ...row, decided: byWire.get(row.wire.id) ?? null })) };
}

/** Functions that a cut has stopped: nothing is more urgent. */
export function stopBlockers(report: HarnessReport | null): Blocker<Step>[] {
  // The most urgent of each function stands first.
  const byFunction = new Map((report?.stops ?? []).toReversed().map((stop) => [stop.functionKey, stop]));
  return [...byFunction.values()].reverse().map((stop) => ({
    code: "stopped-function",
    stop,
    target: { view: "triage", tab: "decide", functionKey: stop.functionKey },
  }));
}

/** Loose ends, and temporary fixes: they must be settled before the end, not before the next step. */
export function owedBlockers(document: JobDocument, report: HarnessReport | null): Blocker<Step>[] {
  const [ends, fixes] = [openEnds(document, report), openFixes(document)];
  const target = { view: "triage", tab: "loose" } as const;
  return [
    ...(ends.length === 0
      ? []
      : [{ code: "loose-end", count: ends.length, ends: ends.map((end) => end.at), target } as const]),
    ...(fixes[0] === undefined ? [] : [{ code: "debt", count: fixes.length, says: fixes[0].says, target } as const]),
  ];
}

export const openEnds = (document: JobDocument, report: HarnessReport | null) =>
  (report?.looseEnds ?? []).filter((end) => looseEndRow(document, end.pinId)?.settled == null);
export const openFixes = (document: Pick<JobDocument, "debts">) =>
  document.debts.filter((row) => row.type !== "loose-end" && row.settled === null);
