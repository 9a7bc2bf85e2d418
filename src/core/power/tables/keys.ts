import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { CavityPoint } from "../../points";
import { DEAD_VOLTS, type KeyPosition, liveIn } from "../../state";
import { nodeNamesOf } from "../model/node-names";
import { type NetSpan, other } from "../model/spans";
import { neededIn } from "../model/switch-states";
import { BLOCK, BODY, MINUS } from "../nodes";
import { ampsFrom, solvedStates, voltsAt } from "../solved/flow";
import type { PowerModel, PowerSolution } from "../types";
import { toldNodes } from "./told-feeds";

/** How a feed or consumer stands in one state. */
export type KeyVerdict =
  /** As it must be. */
  | "alive"
  | "dead"
  /** Wrong. */
  | "missing"
  | "low"
  | "back-fed"
  | "floating"
  /** It is alive where nobody asked for it, and where that does no harm. */
  | "also"
  /** Live as it must be, if its feed is live then: no table says when it is. */
  | "untold";

export interface KeyCell {
  readonly state: KeyPosition;
  /** At the cavity against the battery's negative, V, as a meter reads it; null where it floats. */
  readonly volts: number | null;
  /** Across the consumer itself; the cavity's volts where it is a feed, or where its other side is open. */
  readonly across: number | null;
  readonly needed: boolean | null;
  readonly verdict: KeyVerdict;
  /** Fed, and next to nothing flows: its other side is open now, or live as well. */
  readonly idle: boolean;
}

export interface KeyRow {
  readonly pin: CavityFacts;
  readonly at: CavityPoint;
  readonly role: "feed" | "consumer";
  readonly node: string;
  /** Least voltage with which it works, V. */
  readonly leastVolts: number;
  readonly cells: readonly KeyCell[];
  readonly trouble: boolean;
}

/** What a consumer needs that states no `minVolts`: while cranking, and otherwise, V (our assumption). */
const CRANK_VOLTS = 6.5;
const USUAL_VOLTS = 10;

/** Volts that a consumer must have in a state. */
export const leastVolts = (pin: CavityFacts, state: KeyPosition): number => {
  const stated = fieldOf(pin.form, "minVolts") ?? 0;
  return stated > 0 ? stated : state === "crank" ? CRANK_VOLTS : USUAL_VOLTS;
};

/** Of what it needs: less than this comes from its other side, as an input's pull-up does, and not from its feed (ours). */
const FED_PART = 0.6;
/** Less than this flows through a load whose other side is switched off, A. */
const NO_FLOW = 1e-3;

const isFeed = (pin: CavityFacts) => pin.form.kind === "supply-out";
const isConsumer = (pin: CavityFacts) =>
  pin.form.kind === "supply-in" || (pin.form.kind === "load-in" && fieldOf(pin.form, "otherEnd") !== "battery");

interface Asked {
  readonly row: Omit<KeyRow, "cells" | "trouble">;
  readonly partId: string | undefined;
  readonly states: readonly KeyPosition[] | null;
}

/** When a feed is said to be live; null where nobody says, or only its relay knows. */
function feedStates(pin: CavityFacts): readonly KeyPosition[] | null {
  const alive = fieldOf(pin.form, "alive");
  return alive === null || alive === "relay" ? null : liveIn(alive);
}

/** Rows of the table, without the answers: feeds and consumers at the ends of the harnesses. */
const askedOf = cachedBy((harness: Harness): Asked[] => {
  const { nodeOfPin } = nodeNamesOf(harness);
  return [...harness.pinById.values()].flatMap((pin): Asked[] => {
    if (!isFeed(pin) && !isConsumer(pin)) return [];
    const [at, node] = [harness.nodeOfPin.get(pin.id), nodeOfPin.get(pin.id)];
    const connector = harness.connectorById.get(pin.connectorId);
    if (at === undefined || node === undefined || connector === undefined || connector.mateId !== null) return [];
    const role = isFeed(pin) ? "feed" : "consumer";
    const states = role === "feed" ? feedStates(pin) : neededIn(pin);
    return [
      {
        row: { pin, at: cavityPoint(harness, pin.id), role, node, leastVolts: leastVolts(pin, "run") },
        partId: harness.partAt[at]?.id,
        states,
      },
    ];
  });
});

/** Every feed and consumer against every key state: volts, and alive or dead as it must be. */
export function keyTable(solution: PowerSolution): KeyRow[] {
  const { facts, spans } = solution.model;
  const solved = solvedStates(solution);
  const told = new Map(solved.map((state) => [state, toldNodes(solution, state)]));
  return askedOf(facts.harness).map(({ row, partId, states }): KeyRow => {
    const { pin, node, role } = row;
    const loads = role === "consumer" ? ownLoads(solution.model, spans.at.get(node) ?? [], node, partId) : [];
    const cells = solved.map((state): KeyCell => {
      const cell = cellOf(solution, pin, node, busiest(solution, state, node, loads), role, state, states);
      const isTold = told.get(state)?.has(node) !== false;
      return isTold || (cell.verdict !== "alive" && cell.verdict !== "also") ? cell : { ...cell, verdict: "untold" };
    });
    return { ...row, cells, trouble: cells.some((cell) => TROUBLE.has(cell.verdict)) };
  });
}

export const TROUBLE: ReadonlySet<KeyVerdict> = new Set(["missing", "low", "back-fed", "floating"]);

/** The loads that a cavity feeds in its own part: what they have across them is what counts. */
function ownLoads(
  { names, facts: { harness } }: PowerModel,
  at: readonly NetSpan[],
  node: string,
  partId: string | undefined,
): OwnLoad[] {
  const grounds: readonly string[] = [BODY, BLOCK, MINUS];
  const load = (ground: string, span: NetSpan): OwnLoad => ({
    ground,
    span,
    worked:
      !grounds.includes(ground) &&
      !(names.pinsOf.get(ground) ?? []).some((pinId) => harness.pinById.get(pinId)?.form.kind === "ground"),
  });
  const own = at.filter((span) => span.planned.origin.type === "part" && span.planned.origin.partId === partId);
  const loads = own.filter((span) => span.role === "load").map((span) => load(other(span, node), span));
  // Behind the contact of a computer that is awake.
  const awake = own.flatMap((span): OwnLoad[] => {
    const { element } = span.planned;
    return element.type === "relay" && span.name !== element.id ? [load(element.coilB, span)] : [];
  });
  return [...loads, ...awake];
}

/** The loads that a cavity feeds in its own part. */
export function ownLoadsAt(model: PowerModel, pinId: string): readonly NetSpan[] {
  const [node, at] = [model.nodeOfPin.get(pinId), model.facts.harness.nodeOfPin.get(pinId)];
  if (node === undefined || at === undefined) return [];
  const partId = model.facts.harness.partAt[at]?.id;
  return ownLoads(model, model.spans.at.get(node) ?? [], node, partId)
    .map(({ span }) => span)
    .filter((span) => span.a === node || span.b === node);
}

/**
 * Of several loads at a cavity the one that takes most now; one with a ground of its own before one that something else
 * works, for what that leaves to it says nothing of the feed.
 */
function busiest(
  solution: PowerSolution,
  state: KeyPosition,
  node: string,
  loads: readonly OwnLoad[],
): OwnLoad | undefined {
  if (loads.length < 2) return loads[0];
  const grounded = loads.filter(({ worked }) => !worked);
  const taken = (load: OwnLoad) => Math.abs(ampsFrom(solution, state, load.span, node));
  return (grounded.length > 0 ? grounded : loads).reduce<OwnLoad | undefined>(
    (best, load) => (best === undefined || taken(load) > taken(best) ? load : best),
    undefined,
  );
}

interface OwnLoad {
  readonly ground: string;
  /** Its other side is no ground: something works it there. */
  readonly worked: boolean;
  readonly span: NetSpan;
}

function cellOf(
  solution: PowerSolution,
  pin: CavityFacts,
  node: string,
  load: OwnLoad | undefined,
  role: KeyRow["role"],
  state: KeyPosition,
  states: readonly KeyPosition[] | null,
): KeyCell {
  const volts = voltsAt(solution, state, node) ?? null;
  const ground = load === undefined ? 0 : (voltsAt(solution, state, load.ground) ?? null);
  const across = volts === null || ground === null ? null : volts - ground;
  const needed = states === null ? null : states.includes(state);
  const cell = (verdict: KeyVerdict, idle = false): KeyCell => ({ state, volts, across, needed, verdict, idle });
  if (needed === true) {
    const least = role === "feed" ? DEAD_VOLTS : leastVolts(pin, state);
    if (volts === null) return cell("floating");
    const flows = load === undefined ? 0 : Math.abs(ampsFrom(solution, state, load.span, node));
    const isReleased = load?.worked === true && (across ?? 0) < DEAD_VOLTS;
    if (volts >= least && (flows < NO_FLOW || isReleased)) return cell("alive", true);
    // Its other side is open now: the cavity itself tells that its feed is there, and too low.
    if (isReleased && volts >= FED_PART * least) return { ...cell("low", true), across: volts };
    if (across === null || across < DEAD_VOLTS) return cell("missing");
    return cell(across < least ? "low" : "alive");
  }
  // A lamp that glows from its other side has volts across it, and yet its cavity is dead.
  if (volts === null || across === null || Math.min(Math.abs(across), Math.abs(volts)) < DEAD_VOLTS)
    return cell("dead");
  return cell(needed === false && (state === "off" || state === "coasting") ? "back-fed" : "also");
}
