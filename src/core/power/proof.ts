import { fieldOf } from "../forms";
import { cavityPoint } from "../harness";
import type { CavityFacts } from "../parts";
import type { CavityPoint } from "../points";
import type { Adapter } from "../signals";
import { type KeyPosition, usualState } from "../state";
import { type Finding, SEVERITIES } from "./findings";
import { APART } from "./model/link-elements";
import { buildModel } from "./model/model";
import { reportPower } from "./report";
import { settingOf, solvePower } from "./solved/solve";
import type { PowerFacts, PowerLink, PowerModel, PowerSolution } from "./types";

/** A link that is weighed: its two ends, and the ways across that are known for it. */
export interface WeighedLink {
  readonly providerId: string;
  readonly consumerId: string;
  /** The adapters of each way, in the order in which they are offered. */
  readonly ways: readonly (readonly Adapter[])[];
}

/** A level that an input does not see: what its cavity has, against what it reads as that level, V. */
export interface LevelMiss {
  readonly at: CavityPoint;
  readonly state: KeyPosition;
  /** With the output working, or at rest. */
  readonly isWorked: boolean;
  readonly volts: number;
  readonly limitVolts: number;
  readonly wanted: "low" | "high";
}

/** What the solved plan says of one way. */
export interface WayProof {
  /**
   * `agrees`: nothing graver than a note comes with it, and its levels are reached. `fails`: something does, or one is
   * not. `apart`: an adapter stands between with electronics of its own, so that the circuit says nothing of what
   * arrives.
   */
  readonly verdict: "agrees" | "fails" | "apart";
  /** What comes with it, or stands at its consumer with it, the gravest first. */
  readonly findings: readonly Finding[];
  readonly levels: readonly LevelMiss[];
}

/**
 * Solves the plan without a link and with each of its ways, and compares: what a way brings is against it, and so is
 * what stays wrong at its consumer. It is compared twice, in the plan with all that is proposed and in the plan as it
 * is decided: of two proposals that overload one fuse together with others each would else be excused by the other.
 */
export function proveWays(main: PowerSolution, link: WeighedLink): WayProof[] {
  const { links } = main.model.facts;
  const others = links.filter(({ consumerId }) => consumerId !== link.consumerId);
  const decided = others.filter(({ proposed }) => !proposed);
  const [before, alone] = [findingsOf(solvedWith(main, others)), findingsOf(solvedWith(main, decided))];
  return link.ways.map((adapters): WayProof => {
    const own: PowerLink = { ...link, id: `tried-${link.consumerId}`, adapters, proposed: false };
    const solution = solvedWith(main, [...others, own]);
    const byItself = new Set(
      findingsOf(solvedWith(main, [...decided, own]))
        .filter((one) => isBrought(one, alone))
        .map(({ key }) => key),
    );
    const findings = findingsOf(solution).filter(
      (one) => isBrought(one, before) || one.pinId === link.consumerId || byItself.has(one.key),
    );
    const levels = levelMisses(solution, link);
    const fails = findings.length > 0 || levels.length > 0;
    const isApart = adapters.some(({ type }) => APART.has(type));
    return { verdict: fails ? "fails" : isApart ? "apart" : "agrees", findings, levels };
  });
}

function solvedWith(main: PowerSolution, links: readonly PowerLink[]): PowerSolution {
  const facts: PowerFacts = { ...main.model.facts, links };
  return solvePower(buildModel(facts, main.model), main);
}

const findingsOf = (solution: PowerSolution): readonly Finding[] =>
  reportPower(solution).findings.filter(({ severity }) => severity !== "note");

/** It was not there before, or was less grave. */
function isBrought({ key, severity }: Finding, before: readonly Finding[]): boolean {
  const was = before.find((one) => one.key === key);
  return was === undefined || SEVERITIES.indexOf(severity) < SEVERITIES.indexOf(was.severity);
}

/** Where a computer listens. */
const LISTENING: readonly KeyPosition[] = ["run", "crank", "running"];
/** Less than this between an output at work and at rest: it does not work there at all, which is another finding's matter, V. */
const NO_SWING_VOLTS = 0.05;

/**
 * Levels that an input does not see, in each key position: its driver solved closed and open, against the thresholds
 * that its table states. An input's own pull-up is not in the circuit, so that a high level by it is not judged.
 */
function levelMisses({ network, model, charged }: PowerSolution, link: WeighedLink): LevelMiss[] {
  const { pinById } = model.facts.harness;
  const [from, to] = [pinById.get(link.providerId), pinById.get(link.consumerId)];
  const node = model.nodeOfPin.get(link.consumerId);
  const driver = from === undefined ? null : driverAt(model, from);
  if (network === null || node === undefined || to?.form.kind !== "logic-in" || driver === null) return [];
  const [low, high] = [fieldOf(to.form, "lowVolts"), fieldOf(to.form, "highVolts")];
  const pullsUp = fieldOf(to.form, "pull") === "up";
  const at = cavityPoint(model.facts.harness, to.id);
  return LISTENING.flatMap((state): LevelMiss[] => {
    const setting = settingOf(model, usualState(state));
    /** Null where it floats: nothing says what the input sees. */
    const volts = (isClosed: boolean): number | null | undefined => {
      const solved = network.solve(
        {
          name: `${setting.name} ${isClosed}`,
          isClosed: (one) => (one.id === driver.id ? isClosed : setting.isClosed(one)),
        },
        { changes: state === "running" ? charged : [] },
      );
      return solved.ok ? solved.solution.volts.get(node) : undefined;
    };
    const [worked, seenAtRest] = [volts(true), volts(false)];
    const atRest = seenAtRest ?? 0;
    if (worked == null || seenAtRest === undefined) return [];
    if (seenAtRest !== null && Math.abs(worked - atRest) < NO_SWING_VOLTS) return [];
    const miss = (isWorked: boolean, seen: number, wanted: "low" | "high"): LevelMiss[] => {
      const limitVolts = wanted === "low" ? low : high;
      const isMissed = limitVolts !== null && (wanted === "low" ? seen > limitVolts : seen < limitVolts);
      return isMissed ? [{ at, state, isWorked, volts: seen, limitVolts, wanted }] : [];
    };
    return driver.toGround
      ? [...miss(true, worked, "low"), ...(pullsUp ? [] : miss(false, atRest, "high"))]
      : [...miss(true, worked, "high"), ...miss(false, atRest, "low")];
  });
}

/** The switch in the netlist that stands for an output, and which pole it leads to; null where the plan has none. */
function driverAt(
  { elements, facts: { harness } }: PowerModel,
  { id, form }: CavityFacts,
): { readonly id: string; readonly toGround: boolean } | null {
  const pole = fieldOf(form, "to");
  if (form.kind === "switch-out" && pole !== "ground" && pole !== "battery") return null;
  if (!["low-side-out", "high-side-out", "switch-out"].includes(form.kind)) return null;
  for (const { element, origin } of elements) {
    if (element.type !== "switch" || origin.type !== "part") continue;
    const part = harness.partById.get(origin.partId);
    const spec = part?.elements.find((one) => one.id === origin.elementId);
    if (spec?.type !== "switch") continue;
    const isOwn = part?.terminals.some(({ name, pinId }) => pinId === id && (name === spec.a || name === spec.b));
    if (isOwn === true) return { id: element.id, toGround: form.kind === "low-side-out" || pole === "ground" };
  }
  return null;
}
