import { useCallback, useRef, useState } from "react";

/**
 * How long after a failure the worker is started anew, ms, each time longer; after the last a person has to ask for it.
 */
const RETRY_MS = [500, 3000, 15_000] as const;

export interface WorkerFailure {
  readonly message: string;
  /** It is started again by itself. */
  readonly again: boolean;
}

export interface FailureWatch {
  readonly failure: WorkerFailure | null;
  /** Counts up each time that the work is to be begun anew: an effect that depends on it runs again. */
  readonly attempt: number;
  readonly failed: (error: unknown) => void;
  readonly answered: () => void;
  readonly retry: () => void;
}

/** Watches a worker: says that it failed, and has it started again. */
export function useFailureWatch(): FailureWatch {
  const [failure, setFailure] = useState<WorkerFailure | null>(null);
  const [attempt, setAttempt] = useState(0);
  const fails = useRef(0);
  const retry = useCallback(() => setAttempt((before) => before + 1), []);
  const failed = useCallback(
    (error: unknown) => {
      const wait = RETRY_MS[fails.current];
      fails.current += 1;
      setFailure({ message: error instanceof Error ? error.message : String(error), again: wait !== undefined });
      if (wait !== undefined) setTimeout(retry, wait);
    },
    [retry],
  );
  const answered = useCallback(() => {
    fails.current = 0;
    setFailure(null);
  }, []);
  return { failure, attempt, failed, answered, retry };
}
