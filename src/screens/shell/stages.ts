import type { HarnessReport } from "@/core/harness";
import type { Hold, HoldTarget } from "@/core/plan";
import type { PowerReport } from "@/core/power";
import type { JobDocument } from "@/job/schema";
import type { Mark } from "@/ui/marks";
import type { Derived } from "./derive";
import { isUnknown } from "./derive";

export interface Stage {
  readonly key: "scope" | "intake" | "triage" | "map" | "power" | "plan" | "prove";
  /** Where its link leads; a stage of several views leads to the one to begin with. */
  readonly path: string;
  readonly name: string;
  readonly digit: string;
  readonly mark: Mark;
  readonly state: string;
  readonly open: number;
}

/** The views of intake, in the order in which they are of use. */
export const INTAKE_VIEWS = [
  { path: "import", name: "Import" }, { path: "pins", name: "Pin tables" }, { path: "harness", name: "Harness" }, { path: "faces", name: "Faces" }, { path: "variants", name: "Variants" },
  { path: "inventory", name: "Inventory" }, { path: "look-alikes", name: "Look-alikes" }, { path: "evidence", name: "Evidence" },
] as const;

interface StageFacts extends Derived {
  readonly document: JobDocument;
  readonly report: HarnessReport | null;
  readonly power: PowerReport | null;
}

/** The stages in the order of work, each with its state and how much of it is open. */
export function stagesOf({ pins, plan, steps, document, report, power }: StageFacts): Stage[] {
  const unknown = pins.filter(isUnknown).length;
  const sides = new Set(pins.map((pin) => pin.connector.side)).size;
  const open = plan.lines.filter((line) => line.state === "proposed" || line.state === "open" || line.state === "blocked").length;
  const blocked = plan.lines.some((line) => line.state === "blocked" || line.stale !== null);
  const decided = plan.lines.filter((line) => line.state === "decided").length;
  const proven = steps.filter((view) => view.judgement?.outcome === "pass" && !view.stale).length;
  const failed = steps.some((view) => view.judgement !== null && view.judgement.outcome !== "pass" && !view.stale);
  const stopped = report?.numbers.atRisk.length ?? 0;
  const toCut = report?.rows.filter((row) => row.decided === null && row.proposed !== "keep").length ?? 0;
  const undone = document.cuts.filter((row) => row.choice !== "keep" && !row.done).length;
  const found = power?.findings.filter((finding) => finding.severity !== "note").length ?? 0;
  const grave = power?.findings.filter((finding) => finding.severity === "stop" || finding.severity === "danger").length ?? 0;
  const half = power?.problems.some((problem) => problem.code === "one-side") ?? false;
  const stage = (key: Stage["key"], path: string, name: string, digit: string, mark: Mark, state: string, count = 0): Stage => ({ key, path, name, digit, mark, state, open: count });
  return [
    stage("scope", "scope", "Scope", "1", "decided", "decided"),
    stage("intake", sides === 0 ? "import" : "pins", "Intake", "2", sides < 2 ? "open" : unknown > 0 ? "proposed" : "decided", sides < 2 ? "open" : unknown > 0 ? "to decide" : "decided", sides < 2 ? 2 - sides : unknown),
    stage("triage", "triage", "Triage", "3", stopped > 0 ? "blocked" : sides === 0 || report === null ? "open" : toCut + undone > 0 ? "proposed" : "decided", stopped > 0 ? "a function stopped" : toCut > 0 ? "to decide" : undone > 0 ? "to do" : "decided", toCut + undone),
    stage("map", "map", "Map", "4", blocked ? "blocked" : decided === 0 && open === 0 ? "open" : open > 0 ? "proposed" : "decided", blocked ? "blocked" : open > 0 ? "to decide" : "decided", open),
    stage("power", "power", "Power", "5", grave > 0 ? "blocked" : power === null || sides === 0 || half ? "open" : found > 0 ? "proposed" : "decided", grave > 0 ? "the engine stops or something burns" : found > 0 ? "to mend" : half ? "one side is missing" : "sound", found),
    stage("plan", "plan", "Plan sheet", "6", decided === 0 ? "open" : "decided", decided === 0 ? "open" : "ready"),
    stage("prove", "prove", "Prove", "7", failed ? "blocked" : steps.length > 0 && proven === steps.length ? "proven" : steps.length === 0 ? "open" : "proposed", failed ? "failed" : "to prove", steps.length - proven),
  ];
}

/** The stage that a view belongs to, by the last part of its address. */
export function stageAt(path: string): Stage["key"] | null {
  if (INTAKE_VIEWS.some((view) => view.path === path)) return "intake";
  return (["scope", "triage", "map", "power", "plan", "prove"] as const).find((key) => key === path) ?? null;
}

/** The address at which a hold is mended. */
export function holdAddress(jobId: string, { target }: Pick<Hold, "target">): string {
  return `/jobs/${jobId}/${targetPath(target)}`;
}

function targetPath(target: HoldTarget): string {
  switch (target.view) {
    case "import": return `import?side=${target.side}`;
    case "pins": return `pins?pin=${encodeURIComponent(target.pinId)}`;
    case "triage": return `triage?tab=${target.tab}${target.functionKey === undefined ? "" : `&function=${target.functionKey}`}`;
    case "power": return `power?finding=${encodeURIComponent(target.findingKey)}`;
    case "map": return `map?line=${encodeURIComponent(target.lineKey)}`;
    case "prove": return `prove?step=${encodeURIComponent(target.stepKey)}`;
  }
}
