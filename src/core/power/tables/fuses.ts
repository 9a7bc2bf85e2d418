import { cachedBy } from "../../cached-by";
import { KEY_POSITIONS } from "../../state";
import {
  CONTINUOUS_PART,
  continuousAmps,
  FUSE_RATINGS,
  type FuseVerdict,
  fuseForLoad,
  judgeFuse,
  protectionOf,
  type Surroundings,
} from "../../wire";
import { protectionMap, type ReachedWire } from "../model/protection";
import { type NetSpan, other } from "../model/spans";
import { type Origin, originKey, type WireOrigin } from "../plan-element";
import { settingValue } from "../settings";
import { ampsFrom, mostAmps } from "../solved/flow";
import type { PowerModel, PowerSolution } from "../types";

/** A wire behind a fuse. */
export interface ProtectedWire {
  readonly origin: WireOrigin;
  /** The link by which it is reached from the fuse; null where it is of the fuse's own harness. */
  readonly linkId: string | null;
  /** Its continuous load, A. */
  readonly amps: number;
  /** Its rating where it lies, and what would flow into a short at its far end, A. */
  readonly wireAmps: number;
  readonly shortAmps: number;
  readonly surroundings: Surroundings;
}

/** A way of the table to build from. */
export interface FuseRow {
  readonly key: string;
  readonly origin: Origin;
  readonly ratedAmps: number;
  /** The circuit that it feeds, as its cavity is numbered; null where no table numbers it. */
  readonly circuit: string | null;
  /** The wire behind it that it protects least: one that burns first in a short, else the one of the lowest rating. */
  readonly wire: ProtectedWire | null;
  /** All that are rated for less than it lets through, that of the lowest rating first. */
  readonly thin: readonly ProtectedWire[];
  /** With everything on, continuously; and the most in any state. A. */
  readonly continuousAmps: number;
  readonly peakAmps: number;
  /** What it could carry continuously beyond that, A; below 0 it carries too much. */
  readonly marginAmps: number;
  readonly inrush: { readonly amps: number; readonly seconds: number } | null;
  readonly shortAmps: number;
  readonly ambientC: number;
  readonly verdict: FuseVerdict | null;
  /** What it feeds. */
  readonly loads: readonly Origin[];
  /** The rating that its load and its wire both agree with; null where none does. */
  readonly better: number | null;
}

/** By how much a cold lamp or a motor at rest takes more, and for how long, s (contracts/verbs.md). */
const LAMP_INRUSH = 10;
const MOTOR_INRUSH = 5;
const INRUSH_SECONDS = 0.05;
/** What is in the way of a short beside the plan's own copper: the battery's inside and the fault itself, Ω. */
const SHORT_OHMS = 0.015;
/** Where less than this flows in every state nobody knows what the fuse is for, and no other rating is offered, A. */
const TOLD_AMPS = 0.05;
/** A load that takes less than this is no load of a fuse, A. */
const LEAST_AMPS = 1e-4;

/** Where a side's wires lie: the donor's in the engine bay, the host's in the cabin. */
export function ambientOf({ facts }: PowerModel, wireId: string): number {
  const wire = facts.harness.wireById.get(wireId);
  return settingValue(facts.settings, wire?.side === "donor" ? "engine-bay-c" : "cabin-c");
}

const BATTERY_VOLTS = 12.6;

function judgedWire(
  model: PowerModel,
  { origin, ohms, linkId }: ReachedWire,
  carried: ReadonlyMap<string, number>,
): ProtectedWire {
  return {
    origin,
    linkId,
    amps: carried.get(origin.wireId) ?? 0,
    shortAmps: BATTERY_VOLTS / (SHORT_OHMS + ohms),
    ...wirePlace(model, origin),
  };
}

/** Where a wire lies, and its rating there, A. */
export function wirePlace(
  model: PowerModel,
  { wireId, sizeMm2 }: WireOrigin,
): Pick<ProtectedWire, "wireAmps" | "surroundings"> {
  const loaded = settingValue(model.facts.settings, "wires-together");
  const surroundings = { ambientC: ambientOf(model, wireId), loaded };
  return { wireAmps: wireRating(sizeMm2, surroundings.ambientC, loaded), surroundings };
}

/** Ratings found before: a harness has few sizes and places, and many wires. A. */
const ratings = new Map<string, number>();
function wireRating(sizeMm2: number, ambientC: number, loaded: number): number {
  const key = `${sizeMm2} ${ambientC} ${loaded}`;
  const known = ratings.get(key) ?? continuousAmps(sizeMm2, { ambientC, loaded });
  ratings.set(key, known);
  return known;
}

/** Of the wires that a short burns first the one that burns soonest, else that of the lowest rating. */
function leastProtected(wires: readonly ProtectedWire[], ratedAmps: number): ProtectedWire | null {
  const margin = ({ origin, surroundings, shortAmps, wireAmps }: ProtectedWire) => {
    if (wireAmps >= ratedAmps) return 1;
    const { wireSeconds, slowestSeconds } = protectionOf({
      ratedAmps,
      areaMm2: origin.sizeMm2,
      surroundings,
      shortAmps,
    });
    return wireSeconds === Number.POSITIVE_INFINITY ? 1 : Math.min(1, wireSeconds / slowestSeconds);
  };
  let least: { readonly wire: ProtectedWire; readonly margin: number } | null = null;
  for (const wire of wires) {
    const one = { wire, margin: margin(wire) };
    if (
      least === null ||
      one.margin < least.margin ||
      (one.margin === least.margin && wire.wireAmps < least.wire.wireAmps)
    )
      least = one;
  }
  return least?.wire ?? null;
}

export function fuseTable(solution: PowerSolution): FuseRow[] {
  const { model } = solution;
  return model.spans.all.flatMap((span): FuseRow[] => {
    const { element, origin } = span.planned;
    if (element.type !== "fuse") return [];
    const behind = hangsOn(solution, span);
    const lasting = mostAmps(solution, span, ["run", "running", "off"]);
    const peakAmps = mostAmps(solution, span, KEY_POSITIONS);
    const { returnOhms, behind: byFuse } = protectionMap(model);
    const copper = byFuse.get(span.name);
    const ohmsAround = ({ span: load, node }: FedLoad) =>
      SHORT_OHMS + (copper?.ohmsTo.get(node) ?? 0) + (returnOhms.get(other(load, node)) ?? 0);
    const start = behind.loads.reduce((sum, load) => sum + startAmps(solution, load, ohmsAround(load)), 0);
    const inrush = start > peakAmps * 1.5 ? { amps: start, seconds: INRUSH_SECONDS } : null;
    const judgedWires = (copper?.wires ?? []).map((one) => judgedWire(model, one, behind.amps));
    const wire = leastProtected(judgedWires, element.amps);
    const shortAmps = wire?.shortAmps ?? Number.POSITIVE_INFINITY;
    const ambientC = wire?.surroundings.ambientC ?? settingValue(model.facts.settings, "cabin-c");
    const judged = (ratedAmps: number) => {
      const weakest = leastProtected(judgedWires, ratedAmps);
      return weakest === null
        ? null
        : judgeFuse({
            ratedAmps,
            areaMm2: weakest.origin.sizeMm2,
            surroundings: weakest.surroundings,
            continuousAmps: lasting,
            ...(inrush === null ? {} : { inrush }),
            shortAmps: weakest.shortAmps,
          });
    };
    const verdict = judged(element.amps);
    const failing = verdict?.checks.some((check) => !check.holds) ?? false;
    const least = fuseForLoad(lasting) ?? element.amps;
    const better =
      failing && behind.isKnown && peakAmps > TOLD_AMPS
        ? (FUSE_RATINGS.find((rating) => rating >= least && judged(rating)?.checks.every((check) => check.holds)) ??
          null)
        : null;
    const thin = judgedWires
      .filter((one) => one.wireAmps < element.amps)
      .toSorted((one, two) => one.wireAmps - two.wireAmps);
    return [
      {
        key: element.id,
        origin,
        ratedAmps: element.amps,
        circuit: circuitAt(model, span),
        wire,
        thin,
        continuousAmps: lasting,
        peakAmps,
        marginAmps: CONTINUOUS_PART * element.amps - lasting,
        inrush,
        shortAmps,
        ambientC,
        verdict,
        loads: distinctOrigins(behind.loads.map(({ span }) => span.planned.origin)),
        better,
      },
    ];
  });
}

/** Number of the circuit behind a fuse: that of its way, or of what a link's fuse feeds. */
function circuitAt(
  { names, facts: { harness, links } }: PowerModel,
  { b, planned: { origin } }: NetSpan,
): string | null {
  const consumerId = origin.type === "link" ? links.find((link) => link.id === origin.linkId)?.consumerId : undefined;
  const pins = consumerId === undefined ? (names.pinsOf.get(b) ?? []) : [consumerId];
  return pins.map((pinId) => harness.pinById.get(pinId)?.circuit ?? null).find((circuit) => circuit !== null) ?? null;
}

/** A load behind a fuse, with the node at which it is fed and the most that it takes, A. */
interface FedLoad {
  readonly span: NetSpan;
  readonly node: string;
  readonly amps: number;
}

/** What a load draws as it is switched on, A: cold or at rest it has a part of its resistance, and the wires theirs. */
function startAmps(solution: PowerSolution, { span, amps }: FedLoad, before: number): number {
  const times = span.planned.element.type === "lamp" ? LAMP_INRUSH : isMotor(solution, span) ? MOTOR_INRUSH : 1;
  return times === 1 ? amps : BATTERY_VOLTS / (BATTERY_VOLTS / (times * amps) + before);
}

const isMotor = ({ model }: PowerSolution, { planned: { origin } }: NetSpan) =>
  origin.type === "part" && model.facts.harness.partById.get(origin.partId)?.type === "motor";

/** Each thing once, however many elements stand for it. */
const distinctOrigins = (origins: readonly Origin[]): Origin[] => [
  ...new Map(origins.map((origin) => [originKey(origin), origin])).values(),
];

/** Relays that never settle in some state: what their contacts feed has no load that one could name. */
const buzzing = cachedBy(
  (solution: PowerSolution) =>
    new Set(
      [...solution.states.values()].flatMap(({ findings }) =>
        findings.flatMap(({ code, element }) => (code === "buzzing" && element !== null ? [element] : [])),
      ),
    ),
);

/**
 * What current finds behind a fuse: loads with the most that they take, what each wire on the way carries; and whether
 * that is all, for a relay that buzzes hides what is behind it.
 */
function hangsOn(solution: PowerSolution, { b: start, name: fuse }: NetSpan) {
  const { spans } = solution.model;
  const seen = new Set([start]);
  const queue = [start];
  const loads: FedLoad[] = [];
  const restless = buzzing(solution);
  let isKnown = true;
  const amps = new Map<string, number>();
  for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
    for (const span of spans.at.get(node) ?? []) {
      if (span.name === fuse) continue;
      if (
        span.planned.element.type === "relay" &&
        span.name !== span.planned.element.id &&
        restless.has(span.planned.element.id)
      )
        isKnown = false;
      const away = Math.max(
        ...(["run", "running", "crank", "off"] as const).map((state) => ampsFrom(solution, state, span, node)),
      );
      if (away < LEAST_AMPS) continue;
      if (span.role === "load") {
        loads.push({ span, node, amps: away });
        continue;
      }
      const { origin, element } = span.planned;
      // Behind a relay's contact or a fuse of its own another way begins.
      if (element.type === "fuse" || span.role === "source") continue;
      const next = other(span, node);
      if (seen.has(next)) continue;
      seen.add(next);
      if (origin.type === "wire") amps.set(origin.wireId, away);
      queue.push(next);
    }
  }
  return { loads, amps, isKnown };
}
