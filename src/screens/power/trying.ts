"use client";

import { useCallback, useEffect, useMemo, useState } from "react";
import type { DrawnPath, Effect, KeyRow, PowerEdit } from "@/core/power";
import type { KeyPosition } from "@/core/state";
import { type EditNames, editText } from "@/core/words";
import { powerLinks } from "@/job/power-facts";
import { editsOps } from "@/job/power-ops";
import { type JobContextValue, useJob } from "../shell/job-provider";
import { useEditNames } from "./edit-names";

/** A place and state whose current path is looked at. */
export interface Looked {
  readonly node: string;
  readonly state: KeyPosition;
  readonly label: string;
}

export interface Trying {
  readonly edits: readonly PowerEdit[];
  readonly effect: Effect | null;
  /** Its feeds and consumers, which are there first. */
  readonly rows: readonly KeyRow[] | null;
  readonly busy: boolean;
  /** Milliseconds from asking to the volts being there. */
  readonly took: number | null;
  readonly start: (edit: PowerEdit) => void;
  readonly add: (edit: PowerEdit) => void;
  readonly discard: () => void;
  readonly accept: () => void;
}

/** What is tried before it is decided: asked of the worker, shown beside the plan as it is, and taken as one change. */
export function useTrying(): Trying {
  const job = useJob();
  const [edits, setEdits] = useState<readonly PowerEdit[]>([]);
  const [seen, setSeen] = useState<{
    readonly edits: readonly PowerEdit[];
    readonly rows: readonly KeyRow[] | null;
    readonly took: number;
  } | null>(null);
  const [answer, setAnswer] = useState<{ readonly edits: readonly PowerEdit[]; readonly effect: Effect } | null>(null);
  const names = useEditNames();
  useEffect(() => {
    let current = true;
    if (edits.length === 0) {
      setAnswer(null);
      setSeen(null);
      return;
    }
    const started = performance.now();
    void (async () => {
      const rows = await job.askTryRows(edits);
      if (!current) return;
      setSeen({ edits, rows, took: performance.now() - started });
      const { report, ...effect } = await job.askTry(edits);
      if (current) setAnswer({ edits, effect: { ...effect, report: report && rows && { ...report, rows } } });
    })();
    return () => {
      current = false;
    };
    // What was tried on the plan before a change is asked again on the plan after it.
  }, [edits, job.power]);
  const effect = answer?.edits === edits ? answer.effect : null;
  // They stay the same, so that what is drawn once is not drawn again for each step of an answer.
  const start = useCallback((edit: PowerEdit) => setEdits([edit]), []);
  const add = useCallback((edit: PowerEdit) => setEdits((before) => [...before, edit]), []);
  const discard = useCallback(() => setEdits([]), []);
  return {
    edits,
    effect,
    busy: edits.length > 0 && effect === null,
    rows: seen?.edits === edits ? seen.rows : null,
    took: seen?.edits === edits ? seen.took : null,
    start,
    add,
    discard,
    accept: () => {
      if (edits.length === 0 || effect === null || effect.fault !== null) return;
      carryOutEdits(job, edits, names);
      setEdits([]);
    },
  };
}

/** Makes what was tried a change of the job, named by what it does. */
export function carryOutEdits(job: JobContextValue, edits: readonly PowerEdit[], names: EditNames): void {
  const plan = {
    wires: (job.report?.rows ?? []).map((row) => row.wire),
    parts: job.report?.parts ?? [],
    links: powerLinks(job.plan.lines),
  };
  const ops = editsOps(job.document, edits, plan);
  if (ops.length > 0) job.change(edits.map((edit) => editText(edit, names)).join("; "), ops);
}

/** A current path asked of the worker; with edits, the path as it would be, and as it is. */
export function usePath(
  looked: Looked | null,
  edits: readonly PowerEdit[],
  effect: Effect | null,
): { readonly path: DrawnPath | null; readonly before: DrawnPath | null } {
  const job = useJob();
  const [paths, setPaths] = useState<{ readonly path: DrawnPath; readonly before: DrawnPath | null } | null>(null);
  const key = useMemo(() => JSON.stringify([looked, effect === null ? [] : edits]), [looked, edits, effect]);
  useEffect(() => {
    let current = true;
    if (looked === null) return;
    const tried = effect === null || effect.fault !== null ? [] : edits;
    void (async () => {
      const before = tried.length > 0 ? await job.askPath(looked.state, looked.node, []) : null;
      const path = await job.askPath(looked.state, looked.node, tried);
      if (current) setPaths({ path, before });
    })();
    return () => {
      current = false;
    };
  }, [key, job.power]);
  return { path: paths?.path ?? null, before: paths?.before ?? null };
}
