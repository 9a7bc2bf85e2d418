import type { PowerInput, PowerReport } from "@/core/power";
import { byIdentity, deltaOf, withDelta } from "./delta";
import { PageWorker } from "./page-worker";
import type { RemotePowerAnalysis } from "./power.worker";

export type { LaterEffect } from "./power.worker";

/** Solves the plan off the page's own thread; plan and report cross as what differs from those before. */
class PowerWorker {
  private sent: PowerInput | null = null;
  private received: PowerReport | null = null;
  private readonly worker = new PageWorker<RemotePowerAnalysis>(
    () => new Worker(new URL("./power.worker.ts", import.meta.url), { type: "module" }),
    // One that is started anew knows nothing.
    () => {
      this.sent = null;
      this.received = null;
    },
  );
  readonly ask = this.worker.ask.bind(this.worker);
  readonly start = this.worker.start.bind(this.worker);

  async load(input: PowerInput): Promise<PowerReport> {
    const { harness, ...rest } = input;
    const { harness: harnessBefore, ...restBefore } = this.sent ?? { harness: null };
    const delta = {
      harness: deltaOf(harnessBefore, harness, byIdentity),
      rest: deltaOf(this.sent === null ? null : (restBefore as typeof rest), rest, byIdentity),
    };
    this.sent = input;
    this.received = withDelta(this.received, await this.ask((analysis) => analysis.load(delta)));
    return this.received;
  }
}

export const powerWorker = new PowerWorker();
