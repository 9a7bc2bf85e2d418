import type { PowerSolution, PowerState } from "./solve";
import { ampsFrom, isClosed, type NetSpan, other, type Spans, spansOfModel, voltsAt } from "./spans";
import { DEAD_VOLTS, MINUS } from "./types";

/** One element on a path with the current through it, from node to node. */
export interface PathStep {
  readonly span: NetSpan;
  readonly from: string;
  readonly to: string;
  readonly amps: number;
  /** In this state it is open: here the path ends. */
  readonly open: boolean;
}

/** The way that current takes from a source through a node to the battery's negative, or would take. */
export interface CurrentPath {
  readonly state: PowerState;
  readonly steps: readonly PathStep[];
  /** The node that it was asked for. */
  readonly node: string;
}

/** Less than this is no current that would show a way, A. */
const NO_AMPS = 1e-4;
const MOST_STEPS = 200;

/**
 * The path through a node in a state: against the strongest current from the node up to a source, and with the strongest down to
 * the battery's negative. Where no current shows the way, the shortest one is taken, and what is open on it is marked.
 */
export function pathThrough(solution: PowerSolution, state: PowerState, node: string): CurrentPath {
  const spans = spansOfModel(solution.model);
  const dead = Math.abs(voltsAt(solution, state, node) ?? 0) < DEAD_VOLTS;
  const up = (dead ? null : follow(solution, state, spans, node, -1)) ?? shortest(solution, state, spans, node, (span) => span.role === "source");
  const down = follow(solution, state, spans, node, 1, new Set(up.flatMap((step) => [step.from, step.to]).filter((one) => one !== node))) ?? [];
  const turned = up.map((step): PathStep => ({ ...step, from: step.to, to: step.from, amps: -step.amps })).reverse();
  return { state, steps: [...turned, ...down], node };
}

/** With (1) or against (−1) the strongest current from node to node. Null where none flows at the start. */
function follow(solution: PowerSolution, state: PowerState, spans: Spans, start: string, way: 1 | -1, not: ReadonlySet<string> = new Set()): PathStep[] | null {
  const steps: PathStep[] = [];
  const seen = new Set([start, ...not]);
  for (let node = start; steps.length < MOST_STEPS;) {
    let best: NetSpan | null = null;
    let most = NO_AMPS;
    for (const span of spans.at.get(node) ?? []) {
      const amps = way * ampsFrom(solution, state, span, node);
      if (amps > most && (!seen.has(other(span, node)) || span.role === "source")) { most = amps; best = span; }
    }
    if (best === null) return steps.length === 0 ? null : steps;
    const next = other(best, node);
    steps.push({ span: best, from: node, to: next, amps: way * most, open: false });
    if (best.role === "source" || (way === 1 && next === MINUS)) return steps;
    seen.add(next);
    node = next;
  }
  return steps;
}

/** The shortest way from a node to what is looked for; what is open in the state counts as longer, and is marked. */
function shortest(solution: PowerSolution, state: PowerState, spans: Spans, start: string, wanted: (span: NetSpan) => boolean, not: string | null = null): PathStep[] {
  const cost = new Map([[start, 0]]);
  const by = new Map<string, { span: NetSpan; from: string }>();
  const done = new Set<string>();
  // Prices are small whole numbers: a list for each does for a queue (Dial 1969).
  const waiting: string[][] = [[start]];
  for (let sofar = 0; sofar < waiting.length;) {
    const node = waiting[sofar]?.pop();
    if (node === undefined) { sofar += 1; continue; }
    if (done.has(node)) continue;
    done.add(node);
    for (const span of spans.at.get(node) ?? []) {
      if (span.role === "load") continue;
      if (wanted(span) && !(span.role === "source" && span.b === node)) {
        const steps: PathStep[] = [{ span, from: node, to: other(span, node), amps: 0, open: !isClosed(solution, state, span) }];
        for (let at = node; at !== start;) { const step = by.get(at) as { span: NetSpan; from: string }; steps.unshift({ span: step.span, from: step.from, to: at, amps: 0, open: !isClosed(solution, state, step.span) }); at = step.from; }
        return steps;
      }
      if (span.role === "source") continue;
      const next = other(span, node);
      // Grounds lead everywhere; a feed does not come from there.
      if (done.has(next) || next === MINUS || next === not) continue;
      const price = sofar + 1 + (isClosed(solution, state, span) ? 0 : 20);
      if (price >= (cost.get(next) ?? Number.POSITIVE_INFINITY)) continue;
      cost.set(next, price);
      waiting[price] ??= [];
      waiting[price].push(next);
      by.set(next, { span, from: node });
    }
  }
  return [];
}

/** The shortest way from a node down to the battery's negative past another node, what is open on it marked. */
export const pathDown = (solution: PowerSolution, state: PowerState, node: string, not: string): PathStep[] => shortest(solution, state, spansOfModel(solution.model), node, (span) => span.role !== "source" && (span.a === MINUS || span.b === MINUS), not);

/** The first open element on the way to a node that has no feed, told from the source on. */
export const opening = (path: CurrentPath): PathStep | undefined => path.steps.find((step) => step.open);
