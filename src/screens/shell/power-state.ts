"use client";

import { usePathname } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Line } from "@/core/plan";
import {
  type DrawnPath,
  type ElementFault,
  type Expectations,
  type KeyRow,
  type PowerEdit,
  type PowerReport,
  unpackCells,
  type WayProof,
  type WeighedLink,
} from "@/core/power";
import type { KeyPosition } from "@/core/state";
import type { CrankTable, TriedCure } from "@/core/transmission";
import { powerInput } from "@/job/power-facts";
import type { JobDocument } from "@/job/schema";
import { type LaterEffect, powerWorker } from "@/workers/power-worker";
import { type FailureWatch, useFailureWatch } from "./worker-failure";

export interface PowerState {
  /** What the worker last said of the solved plan; null until it has. */
  readonly power: PowerReport | null;
  /** What a meter should read, by cavity and state; null until it has been worked out. */
  readonly expected: Expectations | null;
  /** The report is older than the document: an answer is on its way. */
  readonly powerStale: boolean;
  /** The volts of what is tried, which are there before its findings are. */
  readonly askTryRows: (edits: readonly PowerEdit[]) => Promise<readonly KeyRow[] | null>;
  readonly askTry: (edits: readonly PowerEdit[]) => Promise<LaterEffect>;
  readonly askPath: (state: KeyPosition, node: string, edits: readonly PowerEdit[]) => Promise<DrawnPath>;
  /** Which single faults would bring a reading about. */
  readonly askFaults: (pinId: string, state: KeyPosition, volts: number) => Promise<readonly ElementFault[]>;
  /** Volts at cavities in one state, of the plan as the last report has it. */
  readonly askVolts: (state: KeyPosition, pinIds: readonly string[]) => Promise<ReadonlyMap<string, number | null>>;
  /** Currents through wires in one state, A. */
  readonly askWireAmps: (state: KeyPosition, wireIds: readonly string[]) => Promise<ReadonlyMap<string, number | null>>;
  /** What the solved plan says of each way of some links. */
  readonly askProofs: (links: readonly WeighedLink[]) => Promise<readonly (readonly WayProof[])[]>;
  /** Who may crank when, by every way of standing, with some edits carried out. */
  readonly askCrank: (edits: readonly PowerEdit[]) => Promise<CrankTable | null>;
  /** Ways to lead the start signal through what asks, each tried. */
  readonly askCrankCures: () => Promise<readonly TriedCure[]>;
  readonly askNetlist: () => Promise<object>;
  readonly powerWatch: Pick<FailureWatch, "failure" | "retry">;
}

/**
 * How long nothing may have changed before the plan is solved anew, ms: at once where it is looked at, when there is a
 * pause elsewhere.
 */
const REST_MS = { looked: 120, elsewhere: 1500 } as const;
/**
 * And how long after that, elsewhere, before what a meter should read is worked out: the page has better things to do
 * while it is new.
 */
const READINGS_MS = 5000;
/** Screens that show the solution, and the one that shows what a meter should read by it. */
const SHOWS_SOLUTION = /\/(power|prove)$/;
const SHOWS_READINGS = /\/prove$/;

/** Keeps the worker's solution in step with the document and its plan. */
export function usePower(document: JobDocument, lines: readonly Line[]): PowerState {
  const {
    pins,
    connectors,
    branches,
    parts,
    wires,
    links,
    cuts,
    settings,
    gaps,
    job: { units },
  } = document;
  // Only these lists bear the solution; a reading or a note must not solve it anew.
  const facts = useMemo(
    () => ({ job: { units }, pins, connectors, branches, parts, wires, links, cuts, settings, gaps, lines }),
    [units, pins, connectors, branches, parts, wires, links, cuts, settings, gaps, lines],
  );
  const [answer, setAnswer] = useState<{ readonly report: PowerReport; readonly facts: object } | null>(null);
  const [expected, setExpected] = useState<Expectations | null>(null);
  const path = usePathname();
  const [looked, read] = [SHOWS_SOLUTION.test(path), SHOWS_READINGS.test(path)];
  const latest = useRef(facts);
  latest.current = facts;
  const loaded = useRef<object | null>(null);
  const rows = useRef<readonly KeyRow[]>([]);
  const busy = useRef<Promise<void> | null>(null);
  const { failure, attempt, failed, answered, retry } = useFailureWatch();

  const work = useRef(async () => {
    // One question at a time; what changed meanwhile is asked when the answer is there.
    while (loaded.current !== latest.current) {
      const now = latest.current;
      const report = await powerWorker.load(powerInput(now, now.lines));
      loaded.current = now;
      rows.current = report.rows;
      setAnswer({ report, facts: now });
    }
  });
  /** A new worker knows nothing: it is given the plan again. */
  const forget = useCallback(
    (error: unknown) => {
      loaded.current = null;
      failed(error);
    },
    [failed],
  );
  const ready = useRef(() => {
    busy.current ??= work
      .current()
      .catch((error: unknown) => {
        loaded.current = null;
        throw error;
      })
      .finally(() => {
        busy.current = null;
      });
    return busy.current;
  });
  // Edits come in rows: the plan is solved when there is a moment's rest, or when somebody asks.
  useEffect(() => {
    const timer = setTimeout(
      () => void ready.current().then(answered, failed),
      loaded.current === null && looked ? 0 : REST_MS[looked ? "looked" : "elsewhere"],
    );
    return () => clearTimeout(timer);
  }, [facts, looked, attempt, answered, failed]);
  // What a meter should read solves the plan three times more: once it stands, and there is a pause again.
  useEffect(() => {
    if (answer === null) return;
    let current = true;
    const timer = setTimeout(
      () =>
        void ready
          .current()
          .then(() => powerWorker.ask((desk) => desk.expected()))
          .then((volts) => current && setExpected(volts), forget),
      read ? 0 : READINGS_MS,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [answer, read, forget]);

  return useMemo(
    () => ({
      power: answer?.report ?? null,
      expected,
      powerStale: answer === null || answer.facts !== facts,
      askTryRows: async (edits) => {
        await ready.current();
        const cells = await powerWorker.ask((desk) => desk.tryRows(edits));
        return cells && unpackCells(rows.current, cells);
      },
      askTry: async (edits) => {
        await ready.current();
        return powerWorker.ask((desk) => desk.tryEdits(edits));
      },
      askPath: async (state, node, edits) => {
        await ready.current();
        return powerWorker.ask((desk) => desk.path(state, node, edits));
      },
      askFaults: async (pinId, state, volts) => {
        await ready.current();
        return powerWorker.ask((desk) => desk.elementFaults(pinId, state, volts));
      },
      askVolts: async (state, pinIds) => {
        await ready.current();
        return new Map(await powerWorker.ask((desk) => desk.volts(state, pinIds)));
      },
      askWireAmps: async (state, wireIds) => {
        await ready.current();
        return new Map(await powerWorker.ask((desk) => desk.wireAmps(state, wireIds)));
      },
      askProofs: async (links) => {
        await ready.current();
        return powerWorker.ask((desk) => desk.prove(links));
      },
      askCrank: async (edits) => {
        await ready.current();
        return powerWorker.ask((desk) => desk.crank(edits));
      },
      askCrankCures: async () => {
        await ready.current();
        return powerWorker.ask((desk) => desk.crankCures());
      },
      askNetlist: async () => {
        await ready.current();
        return powerWorker.ask((desk) => desk.netlist());
      },
      powerWatch: { failure, retry },
    }),
    [answer, expected, facts, failure, retry],
  );
}
