import { cachedBy } from "../../cached-by";
import { DEAD_VOLTS, type KeyPosition } from "../../state";
import { type NetSpan, other } from "../model/spans";
import { MINUS } from "../nodes";
import type { PowerSolution } from "../types";
import { ampsFrom, isClosed, voltsAt } from "./flow";

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
  readonly state: KeyPosition;
  readonly steps: readonly PathStep[];
  /** The node that it was asked for. */
  readonly node: string;
}

/** Less than this is no current that would show a way, A. */
const NO_AMPS = 1e-4;
const MOST_STEPS = 200;

/**
 * The path through a node in a state: against the strongest current from the node up to a source, and with the
 * strongest down to the battery's negative. Where no current shows the way, the shortest one from a source is taken,
 * and what is open on it is marked.
 */
export function pathThrough(solution: PowerSolution, state: KeyPosition, node: string): CurrentPath {
  const up = wayUp(solution, state, node);
  // The loop closes where it began, at the source's other pole.
  const began = up.at(-1)?.to ?? MINUS;
  const down =
    follow(
      solution,
      state,
      node,
      1,
      new Set(up.flatMap((step) => [step.from, step.to]).filter((one) => one !== node && one !== began)),
      began,
    ) ?? [];
  return { state, steps: [...turned(up), ...down], node };
}

/** From a node up to a source. */
function wayUp(solution: PowerSolution, state: KeyPosition, node: string): PathStep[] {
  const dead = Math.abs(voltsAt(solution, state, node) ?? 0) < DEAD_VOLTS;
  return (
    (dead ? null : (follow(solution, state, node, -1) ?? fromNearby(solution, state, node))) ??
    feedTree(solution, state).from(node)
  );
}

/**
 * A live node that no current leaves, a stub, has its volts from nearby: over what is closed to the nearest node at
 * which current arrives.
 */
function fromNearby(solution: PowerSolution, state: KeyPosition, start: string): PathStep[] | null {
  const by = new Map<string, { readonly span: NetSpan; readonly from: string } | null>([[start, null]]);
  for (const node of by.keys()) {
    const up = node === start ? null : follow(solution, state, node, -1, new Set(by.keys()));
    if (up !== null) {
      const still: PathStep[] = [];
      for (let at = node, step = by.get(at); step != null; at = step.from, step = by.get(at))
        still.unshift({ span: step.span, from: step.from, to: at, amps: 0, open: false });
      return [...still, ...up];
    }
    if (by.size > MOST_STEPS) return null;
    for (const span of solution.model.spans.at.get(node) ?? []) {
      const next = other(span, node);
      if (span.role === "path" && next !== MINUS && !by.has(next) && isClosed(solution, state, span))
        by.set(next, { span, from: node });
    }
  }
  return null;
}

const turned = (steps: readonly PathStep[]): PathStep[] =>
  steps.map((step) => ({ ...step, from: step.to, to: step.from, amps: -step.amps })).reverse();

/** With (1) or against (−1) the strongest current from node to node. Null where none flows at the start. */
function follow(
  solution: PowerSolution,
  state: KeyPosition,
  start: string,
  way: 1 | -1,
  not: ReadonlySet<string> = new Set(),
  end = MINUS,
): PathStep[] | null {
  const steps: PathStep[] = [];
  const seen = new Set([start, ...not]);
  for (let node = start; steps.length < MOST_STEPS; ) {
    let best: NetSpan | null = null;
    let most = NO_AMPS;
    for (const span of solution.model.spans.at.get(node) ?? []) {
      const amps = way * ampsFrom(solution, state, span, node);
      if (amps > most && (!seen.has(other(span, node)) || span.role === "source")) {
        most = amps;
        best = span;
      }
    }
    if (best === null) return steps.length === 0 ? null : steps;
    const next = other(best, node);
    steps.push({ span: best, from: node, to: next, amps: way * most, open: false });
    if (best.role === "source" || (way === 1 && (next === MINUS || next === end))) return steps;
    seen.add(next);
    node = next;
  }
  return steps;
}

/** The shortest ways from every node to its nearest source, or to the battery's negative, in one state. */
interface Tree {
  readonly from: (node: string) => PathStep[];
}

const feedTrees = cachedBy((_: PowerSolution) => new Map<KeyPosition, Tree>());

/**
 * Ways to the nearest source. What is open in the state counts as longer. All are found at once, for a dead feed has
 * many consumers.
 */
function feedTree(solution: PowerSolution, state: KeyPosition): Tree {
  const known = feedTrees(solution);
  const tree =
    known.get(state) ??
    grow(
      solution,
      state,
      solution.model.net.sources.map((at) => {
        const last = solution.model.spans.all[at] as NetSpan;
        return { node: last.i, last };
      }),
      null,
    );
  known.set(state, tree);
  return tree;
}

/** How much longer a way is for something open on it, in elements. */
const OPEN_PRICE = 20;

/**
 * Grows a tree of shortest ways from some ends, each with the span that it ends in. Never through the battery's
 * negative, nor past a node.
 */
function grow(
  solution: PowerSolution,
  state: KeyPosition,
  ends: readonly { readonly node: number; readonly last: NetSpan }[],
  not: string | null,
): Tree {
  const {
    spans: { atNode, all },
    net: { nodes, nodeOf },
  } = solution.model;
  const [minus, kept] = [nodeOf.get(MINUS), not === null ? undefined : nodeOf.get(not)];
  const price = new Int32Array(nodes.length).fill(-1);
  /** By node: the branch on its way to the end, and the node behind it; −1 at an end. */
  const by = new Int32Array(nodes.length).fill(-1);
  const to = new Int32Array(nodes.length).fill(-1);
  const done = new Uint8Array(nodes.length);
  // Prices are small whole numbers: a list for each does for a queue (Dial 1969).
  const waiting: number[][] = [];
  const reach = (node: number, costs: number, span: NetSpan, behind: number) => {
    if (price[node] !== -1 && costs >= (price[node] as number)) return;
    price[node] = costs;
    by[node] = span.at;
    to[node] = behind;
    waiting[costs] ??= [];
    waiting[costs].push(node);
  };
  for (const { node, last } of ends) reach(node, isClosed(solution, state, last) ? 0 : OPEN_PRICE, last, -1);
  for (let costs = 0; costs < waiting.length; ) {
    const node = waiting[costs]?.pop();
    if (node === undefined) {
      costs += 1;
      continue;
    }
    if (done[node] === 1) continue;
    done[node] = 1;
    for (const span of atNode[node] as readonly NetSpan[]) {
      if (span.role !== "path") continue;
      const next = span.i === node ? span.j : span.i;
      // Grounds lead everywhere; neither a feed nor a return comes from there.
      if (done[next] === 0 && next !== minus && next !== kept)
        reach(next, costs + 1 + (isClosed(solution, state, span) ? 0 : OPEN_PRICE), span, node);
    }
  }
  return {
    from: (start) => {
      const steps: PathStep[] = [];
      for (let node = nodeOf.get(start) ?? -1; node !== -1; node = to[node] as number) {
        const span = all[by[node] as number];
        if (span === undefined) return [];
        const from = nodes[node] as string;
        steps.push({
          span,
          from,
          to: other(span, from),
          amps: ampsFrom(solution, state, span, from),
          open: !isClosed(solution, state, span),
        });
      }
      return steps;
    },
  };
}

/** The shortest way from a node down to the battery's negative past another node, what is open on it marked. */
export function pathDown(solution: PowerSolution, state: KeyPosition, node: string, not: string): PathStep[] {
  const known = returnsOf(solution);
  const key = `${state} ${node} ${not}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const spans = solution.model.spans;
  const ends = (spans.at.get(MINUS) ?? []).flatMap((span) =>
    span.role === "path" ? [{ node: span.a === MINUS ? span.j : span.i, last: span }] : [],
  );
  const steps = grow(solution, state, ends, not).from(node);
  known.set(key, steps);
  return steps;
}

/** Returns found before: many consumers are fed by one relay. */
const returnsOf = cachedBy((_: PowerSolution) => new Map<string, PathStep[]>());

/** The first open element on the way to a node that has no feed, told from the source on. */
export const opening = (solution: PowerSolution, state: KeyPosition, node: string): PathStep | undefined =>
  turned(wayUp(solution, state, node)).find((step) => step.open);
