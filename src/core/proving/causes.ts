import type { Line } from "../plan";
import { aliveOf, type KeyPosition, label, livesIn } from "../signals";
import type { Cause, Judgement, Step } from "./types";

/** What the causes are read from: the plan, every step, and what has been read so far. */
export interface CauseFacts {
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly outcomes: ReadonlyMap<string, Judgement["outcome"]>;
}

interface Weighed {
  readonly weight: number;
  readonly text: string;
  readonly because: string;
  readonly next: string;
}

/**
 * The two or three likeliest causes of a failed step that the plan itself shows. Weights are our own judgement of how
 * often each happens, raised or lowered by what the other readings say; they are for ranking, not odds.
 */
export function likelyCauses(step: Step, judgement: Judgement, facts: CauseFacts): Cause[] {
  if (judgement.outcome === "pass") return [];
  const line = facts.lines.find((one) => one.key === step.lineKey);
  const weighed = line === undefined ? batteryCauses() : causesOf(step, judgement, line, facts);
  const best = weighed.filter((cause) => cause.weight > 0).sort((a, b) => b.weight - a.weight).slice(0, 3);
  const sum = best.reduce((total, cause) => total + cause.weight, 0);
  return best.map(({ weight, ...cause }) => ({ ...cause, share: weight / sum }));
}

function causesOf(step: Step, judgement: Judgement, line: Line, facts: CauseFacts): Weighed[] {
  switch (step.kind) {
    case "feed-volts": return step.expected.nominal === 0 ? backFeedCauses(line) : deadFeedCauses(step, line, facts);
    case "feed-short": case "wire-short": return shortCauses(line);
    case "ground-ohms": case "ground-drop": return groundCauses(line, facts);
    case "coil": return coilCauses(judgement, line);
    default: return continuityCauses(judgement, line);
  }
}

/** The outcome of a neighbour's step of the same kind and key state: null where it has not been read. */
function neighbours(step: Step, line: Line, facts: CauseFacts): { passed: Line[]; failed: Line[] } {
  const found = { passed: [] as Line[], failed: [] as Line[] };
  for (const other of facts.lines) {
    if (other.key === line.key || other.provider.id !== line.provider.id) continue;
    const twin = facts.steps.find((one) => one.lineKey === other.key && one.kind === step.kind && one.keyState === step.keyState);
    const outcome = twin && facts.outcomes.get(twin.key);
    if (outcome === "pass") found.passed.push(other);
    else if (outcome !== undefined) found.failed.push(other);
  }
  return found;
}

function deadFeedCauses(step: Step, line: Line, facts: CauseFacts): Weighed[] {
  const position = step.keyState as KeyPosition;
  const feed = label(line.provider);
  const { passed, failed } = neighbours(step, line, facts);
  const alive = aliveOf(line.provider);
  const deadByPlan = alive !== null && alive !== "relay" && !livesIn(alive).includes(position);
  const ranBefore = facts.steps.some((one) => one.lineKey === line.key && one.kind === "feed-volts" && one.keyState !== position && one.expected.nominal !== 0 && facts.outcomes.get(one.key) === "pass");
  const relay = line.adapters.some((adapter) => adapter.type === "relay");
  return [
    { weight: deadByPlan ? 6 : ranBefore ? 4 : 0, text: `${feed} opens in ${position}`, because: deadByPlan ? `its table says that it lives in ${alive}` : "it lived in another key position", next: `Read ${feed} in ${position}: battery voltage clears it` },
    { weight: passed.length > 0 ? 0.3 : failed.length > 0 ? 5 : ranBefore ? 0.5 : 3, text: `The fuse that feeds ${feed} is blown or missing`, because: failed.length > 0 ? `${failed.map((one) => label(one.consumer)).join(", ")} on the same feed fails too` : passed.length > 0 ? `${passed.map((one) => label(one.consumer)).join(", ")} on the same feed is sound` : "nothing else on this feed has been read", next: `Read both sides of its fuse against BAT −` },
    { weight: ranBefore ? 0.4 : passed.length > 0 ? 4 : 2, text: `The wire or a joint between ${feed} and ${label(line.consumer)} is open`, because: passed.length > 0 ? "the feed is alive for its neighbour" : "it is the one path that is new", next: `Read ${feed} in ${position}; alive there means an open joint after it` },
    { weight: relay ? 2.5 : 0, text: `The relay for ${label(line.consumer)} is missing or does not pull in`, because: "the plan has a relay in this feed", next: "Listen for it, then read its coil and contact terminals" },
  ];
}

function backFeedCauses(line: Line): Weighed[] {
  const alive = aliveOf(line.provider);
  return [
    { weight: alive === "permanent" ? 4 : 2, text: `${label(line.provider)} is live in this key position`, because: alive === null ? "its table does not say when it lives" : `its table says ${alive}`, next: `Read ${label(line.provider)} with the key off` },
    { weight: 2.5, text: "Current comes back through a lamp, a relay's coil or the alternator", because: "the new links join circuits that were apart", next: `Unplug ${label(line.consumer)}'s neighbours one by one and watch the reading` },
    { weight: 1, text: "Two feeds are joined at a splice", because: "a wire of another feed lies in the same joint", next: `Measure from ${label(line.consumer)} to each other feed, battery off` },
  ];
}

function shortCauses(line: Line): Weighed[] {
  return [
    { weight: 3, text: `Something else hangs on the feed of ${label(line.consumer)}`, because: `${label(line.provider)} may feed other loads of the host`, next: `Unplug ${line.consumer.connector} and read again: unchanged means the harness` },
    { weight: 2, text: "The wire is pinched or its insulation cut", because: "the new run passes brackets and the bulkhead", next: "Read while moving the harness along its run" },
    { weight: 1, text: `${line.consumer.connector} is faulty or its pins are crossed`, because: "a crossed pair of feed and ground reads so", next: `Compare the colours at ${label(line.consumer)} with the sheet` },
  ];
}

function groundCauses(line: Line, facts: CauseFacts): Weighed[] {
  const shared = facts.lines.filter((one) => one.key !== line.key && one.provider.id === line.provider.id && one.consumer.kind === "ground");
  const outcomes = shared.flatMap((one) => facts.steps.filter((step) => step.lineKey === one.key && step.kind.startsWith("ground")).map((step) => facts.outcomes.get(step.key)));
  const othersFail = outcomes.some((outcome) => outcome === "fail" || outcome === "stop");
  const othersPass = outcomes.some((outcome) => outcome === "pass");
  const names = shared.map((one) => label(one.consumer)).join(", ");
  return [
    { weight: othersFail ? 5 : othersPass ? 0.5 : 3, text: `${label(line.provider)} is not bolted to clean metal`, because: shared.length === 0 ? "nothing else of the plan shares it" : `it is shared with ${names}${othersPass ? ", which reads well" : othersFail ? ", which fails too" : ""}`, next: `Read from ${label(line.provider)}'s stud to BAT −` },
    { weight: othersPass ? 4 : 2, text: `The wire or joint between ${label(line.consumer)} and ${label(line.provider)} is poor`, because: othersPass ? "the stud itself is sound" : "it is the part that was made new", next: `Read from ${label(line.consumer)} to ${label(line.provider)}` },
    { weight: othersPass ? 0.3 : 1.5, text: "The strap from engine or body to the battery's negative is missing or poor", because: "all grounds return through it", next: "Read from the engine block, then the body, to BAT −" },
  ];
}

function continuityCauses(judgement: Judgement, line: Line): Weighed[] {
  const open = judgement.value === null;
  return [
    { weight: open ? 3 : 1, text: `A joint between ${label(line.provider)} and ${label(line.consumer)} is open or was never made`, because: open ? "no path at all" : "more resistance than copper has", next: "Read from each end to the interface connector" },
    { weight: open ? 2 : 0.7, text: "The wire sits in the wrong cavity", because: "its neighbours look alike", next: `Read ${label(line.provider)} against the cavities beside ${label(line.consumer)}` },
    { weight: open ? 0.5 : 3, text: "A crimp or terminal is poor", because: open ? "" : "there is a path, but a bad one", next: "Move each joint while reading" },
  ];
}

function coilCauses(judgement: Judgement, line: Line): Weighed[] {
  const open = judgement.value === null || judgement.value > 85;
  return [
    { weight: open ? 3 : 0.5, text: "The relay is not fitted, or its coil is open", because: open ? "no or little current would flow" : "", next: "Read the relay's own terminals on the bench" },
    { weight: 2, text: "It is another relay than planned", because: `the plan for ${label(line.consumer)} counts on its coil's resistance`, next: "Compare the part with the sheet" },
    { weight: open ? 0.5 : 2, text: "A diode or a second coil lies across it", because: "the reading changes with the leads swapped", next: "Swap the leads and read again" },
  ];
}

function batteryCauses(): Weighed[] {
  return [
    { weight: 3, text: "The battery is discharged", because: "nothing else is in this measurement", next: "Charge it and read again after an hour at rest" },
    { weight: 1, text: "Something draws current with the key off", because: "a load pulls the voltage down", next: "Take the negative lead off and read again" },
  ];
}
