import { type Blocker, withFindings } from "@/core/plan";
import type { PowerReport } from "@/core/power";
import type { Step } from "@/core/proving";
import type { HarnessReport } from "@/core/slice";
import type { JobDocument } from "@/job/schema";
import { owedBlockers, stopBlockers } from "./harness-state";

/** All that holds the job back, what is next first: of the harness, of Power, of the plan and its steps, of debts. */
export function blockersOf(
  document: JobDocument,
  ofPlan: readonly Blocker<Step>[],
  power: PowerReport | null,
  report: HarnessReport | null,
): Blocker<Step>[] {
  const accepted = document.links.filter((link) => link.decision === "accepted");
  return [
    ...stopBlockers(report),
    ...withFindings(ofPlan, power?.findings ?? [], new Set(accepted.map((link) => link.consumerId))),
    ...owedBlockers(document, report),
  ];
}
