import { type Remote, releaseProxy, wrap } from "comlink";

/** A worker that died or could not answer; the next question starts another. */
export class WorkerFailed extends Error {
  override readonly name = "WorkerFailed";
}

interface Running<T> {
  readonly worker: Worker;
  readonly remote: Remote<T>;
  /** Rejects when the worker dies: an answer will never come then. */
  readonly died: Promise<never>;
}

/**
 * The page's one worker of a kind: started at its first question. Where it dies, or throws, every question that waits
 * fails, and the next one starts it anew; what it kept is gone then, and whoever asks has to give it again.
 */
export class PageWorker<T> {
  private running: Running<T> | null = null;

  /**
   * @param make starts one
   * @param lost told when one is gone, with all that it knew
   */
  constructor(
    private readonly make: () => Worker,
    private readonly lost: () => void = () => undefined,
  ) {}

  /** Starts it before there is anything to ask, so that it is ready when there is. */
  start(): void {
    this.running ??= this.run();
  }

  async ask<P extends Promise<unknown>>(question: (remote: Remote<T>) => P): Promise<Awaited<P>> {
    this.running ??= this.run();
    const asked = this.running;
    try {
      return await Promise.race([question(asked.remote), asked.died]);
    } catch (error) {
      this.stop(asked);
      throw error instanceof WorkerFailed
        ? error
        : new WorkerFailed(error instanceof Error ? error.message : String(error));
    }
  }

  private run(): Running<T> {
    const worker = this.make();
    const died = new Promise<never>((_, reject) => {
      worker.addEventListener("error", (event) =>
        reject(new WorkerFailed(event.message || "the worker could not be started")),
      );
      worker.addEventListener("messageerror", () => reject(new WorkerFailed("its answer could not be read")));
    });
    // Where nobody waits for it, its death is found at the next question.
    died.catch(() => undefined);
    return { worker, remote: wrap<T>(worker), died };
  }

  private stop(asked: Running<T>): void {
    if (this.running === asked) {
      this.running = null;
      this.lost();
    }
    asked.remote[releaseProxy]();
    asked.worker.terminate();
  }
}
