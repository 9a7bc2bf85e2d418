"use client";

import { useRouter } from "next/navigation";
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from "react";
import { toast } from "sonner";
import type { LoadedJob } from "@/job/edit";
import type { RowOp } from "@/job/ops";
import type { JobDocument } from "@/job/schema";
import { type Derived, Deriver } from "./derive";
import { type HarnessState, useHarness } from "./harness-state";
import { blockersOf } from "./next";
import { browserOutbox } from "./outbox";
import { PersonDialog } from "./person-dialog";
import { type PowerState, usePower } from "./power-state";
import { type JobSnapshot, JobSync, type Notice } from "./sync";

/**
 * How often others' changes are asked for, ms: they must be seen within two seconds, also where the machine is busy.
 */
const POLL_MS = 500;
/** A page that nobody sees asks this many times less often. */
const HIDDEN_TURNS = 20;
const PERSON_KEY = "pantograph.person";

type Ops = readonly (RowOp | null)[];

export interface JobContextValue extends JobSnapshot, Derived, HarnessState, PowerState {
  readonly jobId: string;
  readonly person: string;
  /**
   * Makes a change; asks for a name first where this browser has none. Unless `quiet`, a note tells of it with a way
   * back.
   */
  readonly change: (label: string, ops: Ops | ((person: string) => Ops), options?: { quiet?: boolean }) => void;
  readonly step: (role: "undo" | "redo", of?: number) => void;
  /** What was set aside, made over what is there now; or forgotten. */
  readonly again: (key: string) => void;
  readonly discard: (key: string) => void;
  readonly rename: () => void;
}

/** Screens read it by {@link useJob}; a test can be the provider. */
export const JobContext = createContext<JobContextValue | null>(null);

export function useJob(): JobContextValue {
  const job = useContext(JobContext);
  if (job === null) throw new Error("useJob is for screens inside of JobProvider");
  return job;
}

export function JobProvider({ loaded, children }: { loaded: LoadedJob; children: ReactNode }) {
  const sync = useSync(loaded);
  const snapshot = useSyncExternalStore(sync.subscribe, sync.current, sync.current);
  const { asking, person, ask, answer, close } = usePerson();
  const worked = useWorkedOut(snapshot.document);
  const value = useMemo(
    (): JobContextValue => ({
      ...snapshot,
      ...worked,
      jobId: loaded.id,
      person,
      change: (label, ops, options = {}) =>
        ask(() => {
          const made = typeof ops === "function" ? ops(localStorage.getItem(PERSON_KEY) ?? "") : ops;
          const key = sync.change(
            label,
            made.filter((op) => op !== null),
          );
          // The note's way back is this change's own, whatever was made since.
          if (key !== null && options.quiet !== true)
            toast(label, { action: { label: "Undo", onClick: () => void sync.step("undo", key) } });
        }),
      step: (role, of) => ask(() => void sync.step(role, of)),
      again: (key) => sync.again(key),
      discard: (key) => sync.discard(key),
      rename: () => ask(() => undefined, true),
    }),
    [snapshot, worked, person, ask, loaded.id, sync],
  );
  return (
    <JobContext.Provider value={value}>
      {children}
      <PersonDialog open={asking} name={person} onClose={close} onName={answer} />
    </JobContext.Provider>
  );
}

/**
 * Keeps the job in step with the server for the page's life: what the server renders later is older than what this one
 * knows.
 */
function useSync(loaded: LoadedJob): JobSync {
  const router = useRouter();
  const [sync] = useState((): JobSync => {
    const made: JobSync = new JobSync(loaded.id, loaded, {
      fetch: (input, init) => fetch(input, init),
      outbox: browserOutbox(),
      notify: (notice) => tell(notice, made),
      person: () => localStorage.getItem(PERSON_KEY) ?? "",
      reload: () => router.refresh(),
      now: () => Date.now(),
    });
    return made;
  });
  useEffect(() => {
    void sync.restore();
    let turn = 0;
    const timer = setInterval(() => {
      turn += 1;
      // Whoever does not look has the news a little later.
      if (!document.hidden || turn % HIDDEN_TURNS === 0) void sync.work();
    }, POLL_MS);
    const wake = () => void sync.work();
    addEventListener("focus", wake);
    document.addEventListener("visibilitychange", wake);
    return () => {
      clearInterval(timer);
      removeEventListener("focus", wake);
      document.removeEventListener("visibilitychange", wake);
    };
  }, [sync]);
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (sync.current().unsent > 0) event.preventDefault();
    };
    addEventListener("beforeunload", warn);
    return () => removeEventListener("beforeunload", warn);
  }, [sync]);
  return sync;
}

/** Who works in this browser. What needs a name waits until one is given. */
function usePerson() {
  const [person, setPerson] = useState("");
  const [waiting, setWaiting] = useState<{ readonly act: () => void } | null>(null);
  useEffect(() => setPerson(localStorage.getItem(PERSON_KEY) ?? ""), []);
  const ask = useCallback((act: () => void, anew = false) => {
    if (anew || (localStorage.getItem(PERSON_KEY) ?? "") === "") setWaiting({ act });
    else act();
  }, []);
  const answer = (name: string) => {
    localStorage.setItem(PERSON_KEY, name);
    setPerson(name);
    waiting?.act();
    setWaiting(null);
  };
  return { asking: waiting !== null, person, ask, answer, close: () => setWaiting(null) };
}

/**
 * All that follows from the document. What was typed or decided is shown at once; matching and the rest follow when
 * there is time.
 */
function useWorkedOut(document: JobDocument) {
  const [deriver] = useState(() => new Deriver());
  const settled = useDeferredValue(document);
  const plan = useMemo(() => deriver.plan(settled), [deriver, settled]);
  const power = usePower(settled, plan.lines);
  const derived = useMemo(() => deriver.derive(settled, power.expected), [deriver, settled, power.expected]);
  const pins = useMemo(() => deriver.pins(document), [deriver, document]);
  const harness = useHarness(settled);
  return useMemo(
    () => ({
      ...derived,
      ...pins,
      ...harness,
      ...power,
      blockers: blockersOf(document, derived.blockers, power.power, harness.report),
    }),
    [document, derived, pins, harness, power],
  );
}

function tell(notice: Notice, sync: JobSync): void {
  switch (notice.type) {
    case "others": {
      const latest = notice.edits.at(-1);
      if (latest) toast(`${latest.person}: ${latest.label}`, { id: "others" });
      return;
    }
    case "stepped":
      toast(notice.edit.label, {
        action: notice.edit.role === "undo" ? { label: "Redo", onClick: () => void sync.step("redo") } : undefined,
      });
      return;
    case "restored":
      toast("A backup was restored", {
        description:
          "The job is shown as it was when that was made. What you had not saved yet is made on it where it can be.",
        duration: 30_000,
        closeButton: true,
      });
      return;
    case "not-done":
      toast(`Not done: ${notice.label}`, { description: `${notice.message} ${notice.hint}`, duration: 10_000 });
      return;
    case "refused":
    case "conflict": {
      const { key, label, aside } = notice.entry;
      toast(notice.type === "conflict" ? `Someone else changed it first: ${label}` : `Set aside: ${label}`, {
        description: `${aside?.message} ${aside?.hint}`,
        duration: 15_000,
        closeButton: true,
        action: { label: notice.type === "conflict" ? "Apply mine" : "Try again", onClick: () => sync.again(key) },
      });
    }
  }
}
