import type { HarnessFacts } from "@/core/harness";
import type { Decisions, HarnessReport } from "@/core/slice";
import { byIdentity, deltaOf, withDelta } from "./delta";
import type { RemoteHarnessAnalysis } from "./harness.worker";
import { PageWorker } from "./page-worker";

/** Slices harnesses off the page's own thread; facts and reports cross as what differs from those before. */
class HarnessWorker {
  private sent: HarnessFacts | null = null;
  private received: HarnessReport | null = null;
  private readonly worker = new PageWorker<RemoteHarnessAnalysis>(
    () => new Worker(new URL("./harness.worker.ts", import.meta.url), { type: "module" }),
    // One that is started anew knows nothing.
    () => {
      this.sent = null;
      this.received = null;
    },
  );
  readonly ask = this.worker.ask.bind(this.worker);
  readonly start = this.worker.start.bind(this.worker);

  load(facts: HarnessFacts): Promise<void> {
    const delta = deltaOf(this.sent, facts, byIdentity);
    this.sent = facts;
    return this.ask((analysis) => analysis.loadDelta(delta));
  }

  async report(decisions: Decisions): Promise<HarnessReport> {
    const delta = await this.ask((analysis) => analysis.reportDelta(decisions));
    this.received = withDelta(this.received, delta);
    return this.received;
  }
}

export const harnessWorker = new HarnessWorker();
