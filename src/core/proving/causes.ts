import type { Line } from "../plan";
import type { ElementFault } from "../power";
import { aliveOf, pointOf } from "../signals";
import { liveIn } from "../state";
import type { Cause, CauseFacts, Judgement, Step } from "./types";

/**
 * What the causes are read from: the plan, every step, what has been read so far, and the single faults that the solved
 * plan finds for the reading.
 */
export interface CauseSources {
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly outcomes: ReadonlyMap<string, Judgement["outcome"]>;
  readonly faults: readonly ElementFault[];
}

/** A cause with its weight. */
type Weighed = readonly [weight: number, facts: CauseFacts];

const MOST_CAUSES = 5;
/** The solved plan names one element: that counts as much as a fuse of which nothing else is known. */
const FAULT_WEIGHT = 3;

/**
 * The likeliest causes of a failed step, from the plan's own structure and from the faults that would give the reading.
 * Weights are our own judgement of how often each happens, raised or lowered by what the other readings say; they are
 * for ranking, not odds.
 */
export function likelyCauses(step: Step, judgement: Judgement, sources: CauseSources): Cause[] {
  if (judgement.outcome === "pass") return [];
  const line = sources.lines.find((one) => one.key === step.lineKey);
  const weighed = [
    ...(line === undefined ? causesWithoutLink(step, judgement) : causesOf(step, judgement, line, sources)),
    ...sources.faults.map((fault): Weighed => [FAULT_WEIGHT, { code: "element", fault }]),
  ];
  const best = weighed
    .filter(([weight]) => weight > 0)
    .toSorted(([a], [b]) => b - a)
    .slice(0, MOST_CAUSES);
  const sum = best.reduce((total, [weight]) => total + weight, 0);
  return best.map(([weight, facts]) => ({ ...facts, share: weight / sum }));
}

function causesOf(step: Step, judgement: Judgement, line: Line, sources: CauseSources): readonly Weighed[] {
  switch (step.kind) {
    case "feed-volts":
      return step.expected.nominal === 0 ? backFeedCauses(line) : deadFeedCauses(step, line, sources);
    case "feed-short":
    case "wire-short":
      return shortCauses;
    case "ground-ohms":
    case "ground-drop":
      return groundCauses(line, sources);
    case "coil":
      return coilCauses(judgement);
    default:
      return continuityCauses(judgement);
  }
}

/** Of a ground or a relay that the tables have, and of the battery itself. */
function causesWithoutLink(step: Step, judgement: Judgement): readonly Weighed[] {
  switch (step.about.type) {
    case "ground":
      return weighedGround({ shared: [], othersFail: false, othersPass: false });
    case "relay":
      return coilCauses(judgement);
    default:
      return batteryCauses;
  }
}

/** Lines on the same provider by how their step of the same kind and key state was read. */
function neighbours(
  step: Step,
  line: Line,
  { lines, steps, outcomes }: CauseSources,
): { readonly passed: readonly Line[]; readonly failed: readonly Line[] } {
  const others = lines.filter((other) => other.key !== line.key && other.provider.id === line.provider.id);
  const outcomeOf = (other: Line) => {
    const twin = steps.find(
      (one) => one.lineKey === other.key && one.kind === step.kind && one.keyState === step.keyState,
    );
    return twin && outcomes.get(twin.key);
  };
  return {
    passed: others.filter((other) => outcomeOf(other) === "pass"),
    failed: others.filter((other) => {
      const outcome = outcomeOf(other);
      return outcome !== undefined && outcome !== "pass";
    }),
  };
}

const consumers = (lines: readonly Line[]) => lines.map((line) => pointOf(line.consumer));

function deadFeedCauses(step: Step, line: Line, sources: CauseSources): Weighed[] {
  const { passed, failed } = neighbours(step, line, sources);
  const { keyState } = step;
  const alive = aliveOf(line.provider);
  const deadByPlan =
    alive !== null && alive !== "relay" && keyState !== "battery-off" && !liveIn(alive).includes(keyState);
  const ranBefore = sources.steps.some(
    (one) =>
      one.lineKey === line.key &&
      one.kind === "feed-volts" &&
      one.keyState !== keyState &&
      one.expected.nominal !== 0 &&
      sources.outcomes.get(one.key) === "pass",
  );
  const hasRelay = line.adapters.some((adapter) => adapter.type === "relay");
  return [
    [
      deadByPlan ? 6 : ranBefore ? 4 : 0,
      { code: "feed-opens", state: keyState, statedAlive: deadByPlan ? alive : null },
    ],
    [
      passed.length > 0 ? 0.3 : failed.length > 0 ? 5 : ranBefore ? 0.5 : 3,
      { code: "fuse", failing: consumers(failed), sound: consumers(passed) },
    ],
    [
      ranBefore ? 0.4 : passed.length > 0 ? 4 : 2,
      { code: "feed-wire-open", state: keyState, feedIsSound: passed.length > 0 },
    ],
    [hasRelay ? 2.5 : 0, { code: "relay-missing" }],
  ];
}

function backFeedCauses(line: Line): Weighed[] {
  const statedAlive = aliveOf(line.provider);
  return [
    [statedAlive === "permanent" ? 4 : 2, { code: "feed-live", statedAlive }],
    [2.5, { code: "back-feed" }],
    [1, { code: "feeds-joined" }],
  ];
}

const shortCauses: readonly Weighed[] = [
  [3, { code: "other-load" }],
  [2, { code: "wire-pinched" }],
  [1, { code: "part-faulty" }],
];

function groundCauses(line: Line, { lines, steps, outcomes }: CauseSources): Weighed[] {
  const shared = lines.filter(
    (one) => one.key !== line.key && one.provider.id === line.provider.id && one.consumer.form.kind === "ground",
  );
  const read = shared.flatMap((one) =>
    steps
      .filter((step) => step.lineKey === one.key && (step.kind === "ground-ohms" || step.kind === "ground-drop"))
      .map((step) => outcomes.get(step.key)),
  );
  const othersFail = read.some((outcome) => outcome === "fail" || outcome === "stop");
  return weighedGround({ shared: consumers(shared), othersFail, othersPass: read.includes("pass") });
}

function weighedGround(stud: Omit<Extract<CauseFacts, { code: "stud" }>, "code">): Weighed[] {
  const { othersFail, othersPass } = stud;
  return [
    [othersFail ? 5 : othersPass ? 0.5 : 3, { code: "stud", ...stud }],
    [othersPass ? 4 : 2, { code: "ground-wire", studIsSound: othersPass }],
    [othersPass ? 0.3 : 1.5, { code: "strap" }],
  ];
}

function continuityCauses({ value }: Judgement): Weighed[] {
  const isOpen = value === null;
  return [
    [isOpen ? 3 : 1, { code: "joint-open", isOpen }],
    [isOpen ? 2 : 0.7, { code: "wrong-cavity" }],
    [isOpen ? 0.5 : 3, { code: "poor-terminal", isOpen }],
  ];
}

/** A relay's coil of more than this is open or half of it, Ω. */
const OPEN_COIL_OHMS = 85;

function coilCauses({ value }: Judgement): Weighed[] {
  const isOpen = value === null || value > OPEN_COIL_OHMS;
  return [
    [isOpen ? 3 : 0.5, { code: "coil-open", isOpen }],
    [2, { code: "other-relay" }],
    [isOpen ? 0.5 : 2, { code: "across-coil" }],
  ];
}

const batteryCauses: readonly Weighed[] = [
  [3, { code: "battery-low" }],
  [1, { code: "draws-with-key-off" }],
];
