import type { Mark } from "@/ui/marks";
import type { Hold, HoldTarget } from "@/core/plan";
import type { Derived } from "./derive";
import { isUnknown } from "./derive";

export interface Stage {
  readonly path: "scope" | "import" | "pins" | "map" | "plan" | "prove";
  readonly name: string;
  readonly digit: string;
  readonly mark: Mark;
  readonly state: string;
  readonly open: number;
}

/** The stages in the order of work, each with its state and how much of it is open. */
export function stagesOf({ pins, plan, steps }: Derived): Stage[] {
  const unknown = pins.filter(isUnknown).length;
  const sides = new Set(pins.map((pin) => pin.connector.side)).size;
  const open = plan.lines.filter((line) => line.state === "proposed" || line.state === "open" || line.state === "blocked").length;
  const blocked = plan.lines.some((line) => line.state === "blocked" || line.stale !== null);
  const decided = plan.lines.filter((line) => line.state === "decided").length;
  const proven = steps.filter((view) => view.judgement?.outcome === "pass" && !view.stale).length;
  const failed = steps.some((view) => view.judgement !== null && view.judgement.outcome !== "pass" && !view.stale);
  const stage = (path: Stage["path"], name: string, digit: string, mark: Mark, state: string, count = 0): Stage => ({ path, name, digit, mark, state, open: count });
  return [
    stage("scope", "Scope", "1", "decided", "decided"),
    stage("import", "Import", "2", sides === 2 ? "proven" : "open", sides === 2 ? "done" : "open", 2 - sides),
    stage("pins", "Pin tables", "3", sides === 0 ? "open" : unknown > 0 ? "proposed" : "decided", unknown > 0 ? "to decide" : "decided", unknown),
    stage("map", "Map", "4", blocked ? "blocked" : decided === 0 && open === 0 ? "open" : open > 0 ? "proposed" : "decided", blocked ? "blocked" : open > 0 ? "to decide" : "decided", open),
    stage("plan", "Plan sheet", "5", decided === 0 ? "open" : "decided", decided === 0 ? "open" : "ready"),
    stage("prove", "Prove", "6", failed ? "blocked" : steps.length > 0 && proven === steps.length ? "proven" : steps.length === 0 ? "open" : "proposed", failed ? "failed" : "to prove", steps.length - proven),
  ];
}

/** The address at which a hold is mended. */
export function holdAddress(jobId: string, { target }: Pick<Hold, "target">): string {
  return `/jobs/${jobId}/${targetPath(target)}`;
}

function targetPath(target: HoldTarget): string {
  switch (target.view) {
    case "import": return `import?side=${target.side}`;
    case "pins": return `pins?pin=${encodeURIComponent(target.pinId)}`;
    case "map": return `map?line=${encodeURIComponent(target.lineKey)}`;
    case "prove": return `prove?step=${encodeURIComponent(target.stepKey)}`;
  }
}
