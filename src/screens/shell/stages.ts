import type { BlockerTarget } from "@/core/plan";
import type { PowerReport } from "@/core/power";
import { isProposed } from "@/core/proving";
import type { HarnessReport } from "@/core/slice";
import type { JobDocument } from "@/job/schema";
import type { Mark } from "@/ui/marks";
import { type Derived, isUnknown } from "./derive";

export type StageKey = "scope" | "intake" | "triage" | "map" | "power" | "plan" | "security" | "prove";

/**
 * How a stage stands: its mark with the word beside it, and how much of it is open; null while that is being worked
 * out.
 */
interface StageState {
  readonly mark: Mark;
  readonly state: string;
  readonly open: number | null;
}

export interface Stage extends StageState {
  readonly key: StageKey;
  /** Where its link leads; a stage of several views leads to the one to begin with. */
  readonly path: string;
  readonly name: string;
  readonly digit: string;
}

/** The views of intake, in the order in which they are of use. */
export const INTAKE_VIEWS = [
  { path: "import", name: "Import" },
  { path: "pins", name: "Pin tables" },
  { path: "harness", name: "Harness" },
  { path: "faces", name: "Faces" },
  { path: "variants", name: "Variants" },
  { path: "inventory", name: "Inventory" },
  { path: "look-alikes", name: "Confusable connectors" },
  { path: "evidence", name: "Evidence" },
] as const;

/** The views of the map: all of it, and the benches of what is judged by its needle, its lever and its plugs. */
export const MAP_VIEWS = [
  { path: "map", name: "Functions and links" },
  { path: "gauges", name: "Gauges" },
  { path: "gearbox", name: "Gearbox" },
  { path: "moves", name: "Cavity moves" },
] as const;

export const SECURITY_VIEWS = [
  { path: "security", name: "Anti-theft parts" },
  { path: "calibration", name: "Calibration list" },
] as const;

/** What the stages are told from. `report`, `power` and `expected` are null until their worker has answered. */
export interface StageFacts extends Pick<Derived, "pins" | "plan" | "steps"> {
  readonly document: Pick<JobDocument, "cuts" | "choices">;
  readonly report: HarnessReport | null;
  readonly power: PowerReport | null;
  readonly expected: object | null;
}

const sidesOf = ({ pins }: StageFacts): number =>
  (["donor", "host"] as const).filter((side) => pins.some((pin) => pin.connector.side === side)).length;

function intakeState(facts: StageFacts): StageState {
  const missing = 2 - sidesOf(facts);
  if (missing > 0)
    return { mark: "open", state: missing === 2 ? "no pin tables yet" : "one pin table is missing", open: missing };
  const unknown = facts.pins.filter(isUnknown).length;
  return unknown > 0
    ? { mark: "proposed", state: "to decide", open: unknown }
    : { mark: "decided", state: "decided", open: 0 };
}

function triageState(facts: StageFacts): StageState {
  const { report, document } = facts;
  if (sidesOf(facts) === 0) return { mark: "open", state: "open", open: 0 };
  if (report === null) return { mark: "open", state: "working it out", open: null };
  const toDecide = report.rows.filter((row) => row.decided === null && row.proposed !== "keep").length;
  const toDo = document.cuts.filter((row) => row.choice !== "keep" && !row.done).length;
  const open = toDecide + toDo;
  if (report.numbers.atRisk.length > 0) return { mark: "blocked", state: "a function stopped", open };
  return {
    mark: open > 0 ? "proposed" : "decided",
    state: toDecide > 0 ? "to decide" : toDo > 0 ? "to do" : "decided",
    open,
  };
}

function mapState({ plan: { lines } }: StageFacts): StageState {
  const open = lines.filter(
    (line) => line.state === "proposed" || line.state === "open" || line.state === "blocked",
  ).length;
  if (lines.some((line) => line.state === "blocked" || line.stale)) return { mark: "blocked", state: "blocked", open };
  if (open > 0) return { mark: "proposed", state: "to decide", open };
  return lines.some((line) => line.state === "decided")
    ? { mark: "decided", state: "decided", open }
    : { mark: "open", state: "open", open };
}

function powerState(facts: StageFacts): StageState {
  const { power } = facts;
  if (sidesOf(facts) === 0) return { mark: "open", state: "open", open: 0 };
  if (power === null) return { mark: "open", state: "solving", open: null };
  const found = power.findings.filter((finding) => finding.severity !== "note").length;
  if (power.findings.some(({ severity }) => severity === "stop" || severity === "danger"))
    return { mark: "blocked", state: "the engine stops or something burns", open: found };
  if (power.problems.some((problem) => problem.code === "one-side"))
    return { mark: "open", state: "one side is missing", open: found };
  return found > 0
    ? { mark: "proposed", state: "to mend", open: found }
    : { mark: "decided", state: "no finding", open: 0 };
}

const planState = ({ plan }: StageFacts): StageState =>
  plan.lines.some((line) => line.state === "decided")
    ? { mark: "decided", state: "ready", open: 0 }
    : { mark: "open", state: "open", open: 0 };

function proveState(facts: StageFacts): StageState {
  // A link that is only proposed is not made yet, and not counted.
  const steps = facts.steps.filter(({ step }) => !isProposed(step));
  const current = steps.filter((view) => view.judgement !== null && !view.stale);
  const proven = current.filter((view) => view.judgement?.outcome === "pass").length;
  // Grounds, relays and steps with voltage come with the solved plan: until then nobody knows how many there are.
  const open = facts.expected === null && sidesOf(facts) > 0 ? null : steps.length - proven;
  if (current.length > proven) return { mark: "blocked", state: "failed", open };
  if (open === null) return { mark: "open", state: "solving", open };
  if (steps.length === 0) return { mark: "open", state: "open", open };
  return open === 0 ? { mark: "proven", state: "proven", open } : { mark: "proposed", state: "to prove", open };
}

/** The way to deal with the anti-theft parts is chosen, or there is none of them. */
function securityState({ document, pins }: StageFacts): StageState {
  const hasParts = pins.some(({ row }) => row.quantity === "security-data" || row.quantity === "key-reader");
  if (document.choices.some(({ id, way }) => id === "security-way" && way !== "open"))
    return { mark: "decided", state: "decided", open: 0 };
  return hasParts ? { mark: "proposed", state: "to decide", open: 1 } : { mark: "open", state: "open", open: 0 };
}

/** The stages in the order of work, each with its state and how much of it is open. */
export function stagesOf(facts: StageFacts): Stage[] {
  return [
    { key: "scope", path: "scope", name: "Scope", digit: "1", mark: "decided", state: "decided", open: 0 },
    {
      key: "intake",
      path: sidesOf(facts) === 0 ? "import" : "pins",
      name: "Intake",
      digit: "2",
      ...intakeState(facts),
    },
    { key: "triage", path: "triage", name: "Triage", digit: "3", ...triageState(facts) },
    { key: "map", path: "map", name: "Map", digit: "4", ...mapState(facts) },
    { key: "power", path: "power", name: "Power", digit: "5", ...powerState(facts) },
    { key: "plan", path: "plan", name: "Plan sheet", digit: "6", ...planState(facts) },
    { key: "security", path: "security", name: "Security", digit: "7", ...securityState(facts) },
    { key: "prove", path: "prove", name: "Prove", digit: "8", ...proveState(facts) },
  ];
}

/** The stage that a view belongs to, by the last part of its address. */
export function stageAt(path: string): StageKey | null {
  if (path === "type-in" || INTAKE_VIEWS.some((view) => view.path === path)) return "intake";
  if (MAP_VIEWS.some((view) => view.path === path)) return "map";
  if (SECURITY_VIEWS.some((view) => view.path === path)) return "security";
  return (["scope", "triage", "power", "plan", "prove"] as const).find((key) => key === path) ?? null;
}

/** The address at which a blocker is mended. */
export function blockerAddress(jobId: string, { target }: { readonly target: BlockerTarget }): string {
  return `/jobs/${jobId}/${targetPath(target)}`;
}

function targetPath(target: BlockerTarget): string {
  switch (target.view) {
    case "import":
      return `import?side=${target.side}`;
    case "pins":
      return `pins?pin=${encodeURIComponent(target.pinId)}`;
    case "triage":
      return `triage?tab=${target.tab}${target.functionKey === undefined ? "" : `&function=${target.functionKey}`}`;
    case "power":
      return `power?finding=${encodeURIComponent(target.findingKey)}`;
    case "map":
      return `map?line=${encodeURIComponent(target.lineKey)}`;
    case "prove":
      return `prove?step=${encodeURIComponent(target.stepKey)}`;
  }
}
