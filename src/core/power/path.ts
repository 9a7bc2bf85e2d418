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
 * the battery's negative. Where no current shows the way, the shortest one from a source is taken, and what is open on it is marked.
 */
export function pathThrough(solution: PowerSolution, state: PowerState, node: string): CurrentPath {
  const spans = spansOfModel(solution.model);
  const dead = Math.abs(voltsAt(solution, state, node) ?? 0) < DEAD_VOLTS;
  const up = (dead ? null : follow(solution, state, spans, node, -1)) ?? feedTree(solution, state).from(node);
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

/** The shortest ways from every node to its nearest source, or to the battery's negative, in one state. */
interface Tree {
  readonly from: (node: string) => PathStep[];
}

const FEEDS = new WeakMap<PowerSolution, Map<PowerState, Tree>>();

/** Ways to the nearest source. What is open in the state counts as longer. All are found at once, for a dead feed has many consumers. */
function feedTree(solution: PowerSolution, state: PowerState): Tree {
  const known = FEEDS.get(solution) ?? new Map<PowerState, Tree>();
  FEEDS.set(solution, known);
  const spans = spansOfModel(solution.model);
  const tree = known.get(state) ?? grow(solution, state, spans, spans.all.flatMap((span) => (span.role === "source" ? [{ node: span.a, last: span }] : [])), null);
  known.set(state, tree);
  return tree;
}

/** How much longer a way is for something open on it, in elements. */
const OPEN_PRICE = 20;

/** Grows a tree of shortest ways from some ends, each with the span that it ends in. Never through the battery's negative, nor past a node. */
function grow(solution: PowerSolution, state: PowerState, spans: Spans, ends: readonly { readonly node: string; readonly last: NetSpan }[], not: string | null): Tree {
  const cost = new Map<string, number>();
  const by = new Map<string, { readonly span: NetSpan; readonly to: string | null }>();
  const done = new Set<string>();
  // Prices are small whole numbers: a list for each does for a queue (Dial 1969).
  const waiting: string[][] = [];
  const reach = (node: string, price: number, span: NetSpan, to: string | null) => {
    if (price >= (cost.get(node) ?? Number.POSITIVE_INFINITY)) return;
    cost.set(node, price);
    by.set(node, { span, to });
    waiting[price] ??= [];
    waiting[price].push(node);
  };
  for (const { node, last } of ends) reach(node, isClosed(solution, state, last) ? 0 : OPEN_PRICE, last, null);
  for (let price = 0; price < waiting.length;) {
    const node = waiting[price]?.pop();
    if (node === undefined) { price += 1; continue; }
    if (done.has(node)) continue;
    done.add(node);
    for (const span of spans.at.get(node) ?? []) {
      if (span.role !== "path") continue;
      const next = other(span, node);
      // Grounds lead everywhere; neither a feed nor a return comes from there.
      if (!done.has(next) && next !== MINUS && next !== not) reach(next, price + 1 + (isClosed(solution, state, span) ? 0 : OPEN_PRICE), span, node);
    }
  }
  return {
    from: (node) => {
      const steps: PathStep[] = [];
      for (let at: string | null = node; at !== null;) {
        const step = by.get(at);
        if (step === undefined) return [];
        const to: string = step.to ?? other(step.span, at);
        steps.push({ span: step.span, from: at, to, amps: 0, open: !isClosed(solution, state, step.span) });
        at = step.to;
      }
      return steps;
    },
  };
}

/** The shortest way from a node down to the battery's negative past another node, what is open on it marked. */
export function pathDown(solution: PowerSolution, state: PowerState, node: string, not: string): PathStep[] {
  const known = RETURNS.get(solution) ?? new Map<string, PathStep[]>();
  RETURNS.set(solution, known);
  const key = `${state} ${node} ${not}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const spans = spansOfModel(solution.model);
  const ends = (spans.at.get(MINUS) ?? []).flatMap((span) => (span.role === "path" ? [{ node: other(span, MINUS), last: span }] : []));
  const steps = grow(solution, state, spans, ends, not).from(node);
  known.set(key, steps);
  return steps;
}

/** Returns found before: many consumers hang on one relay. */
const RETURNS = new WeakMap<PowerSolution, Map<string, PathStep[]>>();

/** The first open element on the way to a node that has no feed, told from the source on. */
export const opening = (path: CurrentPath): PathStep | undefined => path.steps.find((step) => step.open);
