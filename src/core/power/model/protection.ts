import { cachedBy } from "../../cached-by";
import { BLOCK, BODY, MINUS } from "../nodes";
import type { Origin, WireOrigin } from "../plan-element";
import type { PowerModel } from "../types";
import { type NetSpan, other } from "./spans";

/** A wire on the way from a source, and what lies before its far end, Ω: the source's own resistance left out. */
export interface ReachedWire {
  readonly origin: WireOrigin;
  readonly ohms: number;
  /** The link by which it is reached; null where it is of the fuse's own harness. */
  readonly linkId: string | null;
  /** The node at which it is fed, and the wire before it there; null where the source itself is. */
  readonly feedEnd: string;
  readonly after: string | null;
}

/** Which wires a fault to ground would be fed through, whatever is switched: the plan as copper, not as it is solved. */
export interface ProtectionMap {
  /** Wires to which a source leads through copper, contacts and switches, with no fuse before them. */
  readonly unfused: readonly ReachedWire[];
  /** By the name of a fuse. */
  readonly behind: ReadonlyMap<string, Behind>;
  /** What lies between a node and the battery's negative, Ω, where copper joins them. */
  readonly returnOhms: ReadonlyMap<string, number>;
}

/** What is behind a fuse, up to the next fuse or load: its wires, and what lies before each node, Ω. */
export interface Behind {
  readonly wires: readonly ReachedWire[];
  readonly ohmsTo: ReadonlyMap<string, number>;
}

const GROUNDS: ReadonlySet<string> = new Set([MINUS, BODY, BLOCK]);

/** Of each source the end that feeds, where it is one that can burn a wire. */
function sourceEnds({ net, spans }: PowerModel): string[] {
  return net.sources.flatMap((at) => {
    const span = spans.all[at] as NetSpan;
    const { element } = span.planned;
    return element.type === "source" && element.ohms < STRONG_OHMS && element.volts > 0 ? [element.a] : [];
  });
}
/** A feed of which nobody has told what is before it; copper between two cavities of one side is none. */
const isStatedFeed = (origin: Origin): boolean =>
  origin.type === "assumed-feed" || (origin.type === "fill" && origin.as !== "own-wire");
/** A source behind more than this, Ω, is a signal's or a lamp terminal's: it burns nothing. */
const STRONG_OHMS = 0.5;

/**
 * Follows every source through the wiring. The nearer end of a fuse is its feed; a diode is passed in its direction
 * alone; grounds, loads and sources end the way.
 */
export const protectionMap = cachedBy((model: PowerModel): ProtectionMap => {
  const { spans } = model;
  const distance = new Map<string, number>();
  const queue = sourceEnds(model);
  for (const end of queue) distance.set(end, 0);
  const isUnfused = new Set(queue);
  const fuses: { readonly span: NetSpan; readonly from: string; readonly ohms: number }[] = [];
  const unfused = new Map<string, ReachedWire>();
  const lastWire = new Map<string, string | null>();
  const stated: { readonly node: string; readonly ohms: number }[] = [];
  const follow = (isStated: boolean) => {
    for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
      for (const span of spans.at.get(node) ?? []) {
        const next = passes(model, span, node);
        if (next === null) continue;
        const ohms = (distance.get(node) as number) + ohmsOf(span);
        if (isStatedFeed(span.planned.origin) && !isStated) {
          stated.push({ node: next, ohms });
          continue;
        }
        if (span.planned.element.type === "fuse") {
          if (!isUnfused.has(next)) fuses.push({ span, from: node, ohms });
          continue;
        }
        const after = lastWire.get(node) ?? null;
        if (!isStated) put(unfused, span, { ohms, linkId: null, feedEnd: node, after });
        if (distance.has(next)) continue;
        lastWire.set(next, wireIdOf(span) ?? after);
        distance.set(next, ohms);
        isUnfused.add(next);
        queue.push(next);
      }
    }
  };
  follow(false);
  // What is before a feed that a table states, a fuse or none, is not known; the fuses behind it are.
  for (const { node, ohms } of stated) {
    if (distance.has(node)) continue;
    distance.set(node, ohms);
    isUnfused.add(node);
    queue.push(node);
  }
  follow(true);
  return {
    unfused: [...unfused.values()],
    behind: behindFuses(model, fuses, isUnfused),
    returnOhms: returnOhms(model),
  };
});

/** Fuses in the order in which they are met, those behind others after them. */
function behindFuses(
  model: PowerModel,
  fuses: { readonly span: NetSpan; readonly from: string; readonly ohms: number }[],
  isUnfused: ReadonlySet<string>,
): Map<string, Behind> {
  const { spans } = model;
  const behind = new Map<string, Behind>();
  for (const { span: fuse, from, ohms: before } of fuses) {
    if (behind.has(fuse.name)) continue;
    const start = other(fuse, from);
    const wires = new Map<string, ReachedWire>();
    const seen = new Map<string, { readonly ohms: number; readonly linkId: string | null }>([
      [start, { ohms: before, linkId: linkOf(fuse) }],
    ]);
    const queue = [start];
    for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
      const here = seen.get(node) as { ohms: number; linkId: string | null };
      for (const span of spans.at.get(node) ?? []) {
        if (span === fuse) continue;
        const next = passes(model, span, node);
        if (next === null || isUnfused.has(next)) continue;
        const ohms = here.ohms + ohmsOf(span);
        if (span.planned.element.type === "fuse") {
          fuses.push({ span, from: node, ohms });
          continue;
        }
        const linkId = linkOf(span) ?? here.linkId;
        put(wires, span, { ohms, linkId, feedEnd: node, after: null });
        if (seen.has(next)) continue;
        seen.set(next, { ohms, linkId });
        queue.push(next);
      }
    }
    const ohmsTo = new Map([...seen].map(([node, { ohms }]) => [node, ohms]));
    behind.set(fuse.name, { wires: [...wires.values()], ohmsTo });
  }
  return behind;
}

/** By the fewest pieces: copper's ways to ground are mostly one. */
function returnOhms({ spans }: PowerModel): Map<string, number> {
  const found = new Map([[MINUS, 0]]);
  const queue: string[] = [MINUS];
  for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
    for (const span of spans.at.get(node) ?? []) {
      const next = other(span, node);
      if (span.role !== "path" || found.has(next)) continue;
      found.set(next, (found.get(node) as number) + ohmsOf(span));
      queue.push(next);
    }
  }
  return found;
}

const linkOf = ({ planned: { origin } }: NetSpan) => (origin.type === "link" ? origin.linkId : null);

const ohmsOf = ({ planned: { element } }: NetSpan) =>
  "ohms" in element && element.type !== "source" ? element.ohms : 0;

/**
 * The node on the other side of what passes a current on; null where it does not, or leads to ground. A computer's
 * output ends the way: it switches by a semiconductor that limits its own current (our assumption; its table states the
 * limit).
 */
function passes({ facts: { harness } }: PowerModel, span: NetSpan, node: string): string | null {
  const { origin, element } = span.planned;
  if (span.role !== "path") return null;
  const isOutput =
    (element.type === "switch" || element.type === "relay") &&
    origin.type === "part" &&
    harness.partById.get(origin.partId)?.type === "computer";
  if (isOutput) return null;
  const next = other(span, node);
  if (GROUNDS.has(next)) return null;
  return span.planned.element.type === "diode" && span.planned.element.a !== node ? null : next;
}

const wireIdOf = ({ planned: { origin } }: NetSpan) => (origin.type === "wire" ? origin.wireId : null);

function put(
  wires: Map<string, ReachedWire>,
  { planned: { origin } }: NetSpan,
  reached: Omit<ReachedWire, "origin">,
): void {
  if (origin.type === "wire" && !wires.has(origin.wireId)) wires.set(origin.wireId, { origin, ...reached });
}
