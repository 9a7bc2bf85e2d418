import type { Side } from "../forms";
import { label } from "../signals";
import type { Line, PlanLines } from "./lines";

/** Where a hold is mended. The screen and the thing in it. */
export type HoldTarget =
  | { readonly view: "import"; readonly side: Side }
  | { readonly view: "pins"; readonly pinId: string }
  | { readonly view: "triage"; readonly tab: "decide" | "loose"; readonly functionKey?: string }
  | { readonly view: "map"; readonly lineKey: string }
  | { readonly view: "power"; readonly findingKey: string }
  | { readonly view: "prove"; readonly stepKey: string };

/** One thing that keeps the job from going on, the gravest first. */
export interface Hold {
  readonly code: "no-table" | "stopped-function" | "power-finding" | "loose-end" | "debt" | "failed-step" | "stale-line" | "blocked-line" | "open-line" | "unknown-pin" | "proposed-line" | "direct-lines" | "next-step";
  readonly text: string;
  readonly detail: string;
  readonly target: HoldTarget;
}

export interface PlanFacts {
  readonly sides: Readonly<Record<Side, number>>;
  readonly plan: PlanLines;
  /** Cavities whose form nobody knows yet. */
  readonly unknownPins: readonly { readonly id: string; readonly label: string; readonly description: string | null }[];
  /** `probes` says where both go, `red C1-2, black BAT −`. */
  readonly steps: readonly { readonly key: string; readonly title: string; readonly expected: string; readonly probes: string; readonly outcome: "pass" | "fail" | "stop" | null; readonly stale: boolean }[];
}

/** What still holds the job back, in the order in which to take it. Empty when all is decided and proven. */
export function findHolds({ sides, plan, unknownPins, steps }: PlanFacts): Hold[] {
  const missing = (["donor", "host"] as const).filter((side) => sides[side] === 0);
  const tables = missing.map((side): Hold => ({
    code: "no-table", text: `The ${side} has no pin table yet`, detail: "Import it: a file, or pasted text", target: { view: "import", side },
  }));
  if (tables.length > 0) return tables;

  const failed = steps.filter((step) => !step.stale && (step.outcome === "fail" || step.outcome === "stop")).map((step): Hold => ({
    code: "failed-step", text: `${step.title} failed`, detail: `expected ${step.expected}; ${step.probes}`, target: { view: "prove", stepKey: step.key },
  }));
  const lines = (code: Hold["code"], wanted: (line: Line) => boolean, text: (line: Line) => string): Hold[] =>
    plan.lines.filter(wanted).map((line) => ({ code, text: text(line), detail: line.stale ?? line.why, target: { view: "map", lineKey: line.key } }));
  const name = (line: Line) => `${quantityWords(line.quantity)}, ${label(line.provider)} to ${label(line.consumer)}`;
  const direct = plan.lines.filter((line) => line.state === "proposed" && line.verdict === "direct");
  const next = steps.find((step) => step.outcome === null || step.stale);

  return [
    ...failed,
    ...lines("stale-line", (line) => line.stale !== null, (line) => `${name(line)}: decide again`),
    ...lines("blocked-line", (line) => line.state === "blocked", (line) => `${name(line)}: no way yet`),
    ...lines("open-line", (line) => line.state === "open", (line) => `${name(line)}: a choice or a fact is missing`),
    ...unknownPins.map((pin): Hold => ({ code: "unknown-pin", text: `${pin.label}: what it does is not known`, detail: pin.description ?? "no description", target: { view: "pins", pinId: pin.id } })),
    ...lines("proposed-line", (line) => line.state === "proposed" && line.verdict !== "direct", (line) => `${name(line)}: accept or change the adapter`),
    ...(direct[0] === undefined ? [] : [{ code: "direct-lines", text: `${direct.length} direct ${direct.length === 1 ? "link waits" : "links wait"} for your yes`, detail: "copper alone works", target: { view: "map", lineKey: direct[0].key } } as const]),
    ...(next === undefined ? [] : [{ code: "next-step", text: `Read: ${next.title}`, detail: `expects ${next.expected}; ${next.probes}`, target: { view: "prove", stepKey: next.key } } as const]),
  ];
}

const quantityWords = (quantity: string | null) => {
  const words = (quantity ?? "signal").replaceAll("-", " ").replace(/^ac /, "A/C ");
  return words.charAt(0).toUpperCase() + words.slice(1);
};
