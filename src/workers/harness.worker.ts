import { expose } from "comlink";
import type { HarnessFacts } from "@/core/harness";
import { type Decisions, HarnessAnalysis, type HarnessReport } from "@/core/slice";
import { byContent, type Delta, deltaOf, withDelta } from "./delta";

/** The analysis as it is asked from the page: only what changed crosses, both ways. */
class RemoteHarnessAnalysis extends HarnessAnalysis {
  private facts: HarnessFacts | null = null;
  private told: HarnessReport | null = null;

  loadDelta(delta: Delta<HarnessFacts>): void {
    this.facts = withDelta(this.facts, delta);
    this.load(this.facts);
  }

  reportDelta(decisions: Decisions): Delta<HarnessReport> {
    const report = this.report(decisions);
    const delta = deltaOf(this.told, report, byContent);
    this.told = report;
    return delta;
  }
}

export type { RemoteHarnessAnalysis };

expose(new RemoteHarnessAnalysis());
