import type { Quantity, Side } from "../forms";
import type { CavityPoint, Point } from "../points";
import type { Finding } from "../power";
import { pointOf } from "../signals";
import type { Stop } from "../slice";
import { type Conflict, concerns, conflictsOf } from "./conflicts";
import type { Line, PlanLines } from "./lines";

/** Where a blocker is mended: the screen and the thing in it. */
export type BlockerTarget =
  | { readonly view: "import"; readonly side: Side }
  | { readonly view: "pins"; readonly pinId: string }
  | { readonly view: "triage"; readonly tab: "decide" | "loose"; readonly functionKey?: string }
  | { readonly view: "map"; readonly lineKey: string }
  | { readonly view: "power"; readonly findingKey: string }
  | { readonly view: "prove"; readonly stepKey: string };

interface LineFacts {
  readonly quantity: Quantity | null;
  readonly provider: CavityPoint;
  readonly consumer: CavityPoint;
  readonly line: Line;
}

/**
 * One thing that keeps the job from going on. `Step` is the step as whoever asks knows it. Words:
 * core/words/blockers.ts.
 */
export type Blocker<Step = unknown> = { readonly target: BlockerTarget } & (
  | { readonly code: "no-table"; readonly side: Side }
  | { readonly code: "stopped-function"; readonly stop: Stop }
  | { readonly code: "power-finding"; readonly finding: Finding }
  | { readonly code: "loose-end"; readonly count: number; readonly ends: readonly Point[] }
  | { readonly code: "debt"; readonly count: number; readonly says: string }
  | { readonly code: "failed-step" | "next-step"; readonly step: Step }
  | ({ readonly code: "stale-line" | "blocked-line" | "open-line" | "proposed-line" } & LineFacts)
  | { readonly code: "conflict"; readonly conflict: Conflict }
  | { readonly code: "direct-lines"; readonly count: number }
  | { readonly code: "unknown-pin"; readonly at: CavityPoint; readonly description: string | null }
);

/** A step with how it was read; null where it has not been. */
export interface ReadStep<Step> {
  readonly key: string;
  readonly step: Step;
  readonly outcome: "pass" | "fail" | "stop" | null;
  readonly stale: boolean;
}

export interface PlanFacts<Step> {
  /** Cavities by side. */
  readonly sides: Readonly<Record<Side, number>>;
  readonly plan: PlanLines;
  /** Cavities whose form nobody knows yet. */
  readonly unknownPins: readonly { readonly at: CavityPoint; readonly description: string | null }[];
  readonly steps: readonly ReadStep<Step>[];
}

const NO_FILLINGS: Parameters<typeof conflictsOf>[1] = new Map();

/** What still keeps the job from going on, in the order in which to take it. Empty when all is decided and proven. */
export function findBlockers<Step>({ sides, plan, unknownPins, steps }: PlanFacts<Step>): Blocker<Step>[] {
  const missing = (["donor", "host"] as const).filter((side) => sides[side] === 0);
  if (missing.length > 0) return missing.map((side) => ({ code: "no-table", side, target: { view: "import", side } }));
  const failed = steps.filter((one) => !one.stale && (one.outcome === "fail" || one.outcome === "stop"));
  const lines = (
    code: "stale-line" | "blocked-line" | "open-line" | "proposed-line",
    wanted: (line: Line) => boolean,
  ): Blocker<Step>[] =>
    plan.lines.filter(wanted).map((line) => ({
      code,
      quantity: line.quantity,
      provider: pointOf(line.provider),
      consumer: pointOf(line.consumer),
      line,
      target: { view: "map", lineKey: line.key },
    }));
  const direct = plan.lines.filter((line) => line.state === "proposed" && line.verdict === "direct");
  const next = steps.find((one) => one.outcome === null || one.stale);
  return [
    ...failed.map(
      ({ key, step }): Blocker<Step> => ({ code: "failed-step", step, target: { view: "prove", stepKey: key } }),
    ),
    ...conflictsOf(plan.lines, NO_FILLINGS).flatMap((conflict): Blocker<Step>[] => {
      const at = plan.lines.find((line) => concerns(conflict, line));
      return at === undefined ? [] : [{ code: "conflict", conflict, target: { view: "map", lineKey: at.key } }];
    }),
    ...lines("stale-line", (line) => line.stale),
    ...lines("blocked-line", (line) => line.state === "blocked"),
    ...lines("open-line", (line) => line.state === "open"),
    ...unknownPins.map(
      ({ at, description }): Blocker<Step> => ({
        code: "unknown-pin",
        at,
        description,
        target: { view: "pins", pinId: at.pinId },
      }),
    ),
    ...lines("proposed-line", (line) => line.state === "proposed" && line.verdict !== "direct"),
    ...(direct[0] === undefined
      ? []
      : [{ code: "direct-lines", count: direct.length, target: { view: "map", lineKey: direct[0].key } } as const]),
    ...(next === undefined
      ? []
      : [{ code: "next-step", step: next.step, target: { view: "prove", stepKey: next.key } } as const]),
  ];
}

/**
 * The list with what Power finds in it. What stops the engine although its link was decided so is more urgent than what
 * is still open. Every other danger and stop may go away as links are decided, but none is left when the first step is
 * read: it stands before that step, and a job without steps still names it.
 * @param decided cavities whose link a person has accepted
 */
export function withFindings<Step>(
  blockers: readonly Blocker<Step>[],
  findings: readonly Finding[],
  decided: ReadonlySet<string>,
): Blocker<Step>[] {
  const serious = findings.filter(({ severity }) => severity === "danger" || severity === "stop");
  const isDecided = ({ severity, pinId }: Finding) => severity === "stop" && pinId !== null && decided.has(pinId);
  const named = (wanted: readonly Finding[]) =>
    wanted.map(
      (finding): Blocker<Step> => ({
        code: "power-finding",
        finding,
        target: { view: "power", findingKey: finding.key },
      }),
    );
  const step = blockers.findIndex(({ code }) => code === "next-step");
  const before = step === -1 ? blockers.length : step;
  return [
    ...named(serious.filter(isDecided)),
    ...blockers.slice(0, before),
    ...named(serious.filter((finding) => !isDecided(finding))),
    ...blockers.slice(before),
  ];
}
