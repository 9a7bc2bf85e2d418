import { KEY_STATES, type KeyState, nodeName } from "../harness";
import type { CavityFacts } from "../harness";
import type { PowerSolution, PowerState } from "./solve";
import { ampsFrom, type NetSpan, spansOfModel, voltsAt } from "./spans";
import { DEAD_VOLTS } from "./types";
import { FEED_STATES, neededIn } from "./uses";

/** How a feed or consumer stands in one state. */
export type KeyVerdict =
  /** As it must be. */
  | "alive" | "dead"
  /** Wrong. */
  | "missing" | "low" | "back-fed" | "floating"
  /** It is alive where nobody asked for it, and where that does no harm. */
  | "also";

export interface KeyCell {
  readonly state: PowerState;
  /** At the cavity against the battery's negative, V, as a meter reads it; null where it floats. */
  readonly volts: number | null;
  /** Across the consumer itself; the cavity's volts where it is a feed. */
  readonly across: number | null;
  readonly needed: boolean | null;
  readonly verdict: KeyVerdict;
  readonly why: string;
}

export interface KeyRow {
  readonly pin: CavityFacts;
  readonly label: string;
  readonly side: "donor" | "host";
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
export const leastVolts = (pin: CavityFacts, state: PowerState): number => {
  const stated = Number(pin.params.minVolts);
  return stated > 0 ? stated : state === "crank" ? CRANK_VOLTS : USUAL_VOLTS;
};

/** Less than this flows through a load whose other side is switched off, A. */
const NO_FLOW = 1e-3;

const isFeed = (pin: CavityFacts) => pin.kind === "supply-out";
const isConsumer = (pin: CavityFacts) => pin.kind === "supply-in" || (pin.kind === "load-in" && pin.params.otherEnd !== "battery");

/** Every feed and consumer against every key state: volts, and alive or dead as it must be. */
export function keyTable(solution: PowerSolution): KeyRow[] {
  const { model } = solution;
  const { harness } = model.facts;
  const spans = spansOfModel(model);
  return [...harness.pinById.values()].flatMap((pin): KeyRow[] => {
    if (!isFeed(pin) && !isConsumer(pin)) return [];
    const [at, node] = [harness.nodeOfPin.get(pin.id), model.nodeOfPin.get(pin.id)];
    const connector = harness.connectorById.get(pin.connectorId);
    if (at === undefined || node === undefined || connector === undefined || connector.mateId !== null) return [];
    const role = isFeed(pin) ? "feed" : "consumer";
    const loads = role === "consumer" ? ownLoads(spans.at.get(node) ?? [], node, harness.partAt[at]?.id) : [];
    const needed = role === "feed" ? (pin.params.alive === undefined ? null : (FEED_STATES[pin.params.alive] ?? null)) : neededIn(pin);
    const states: readonly PowerState[] = [...KEY_STATES, "run-on"];
    const cells = states.flatMap((state): KeyCell[] => {
      if (!solution.states.has(state)) return [];
      return [cellOf(solution, pin, node, busiest(solution, state, node, loads), role, state, needed)];
    });
    return [{ pin, label: nodeName(harness, at), side: connector.side, role, node, leastVolts: leastVolts(pin, "run"), cells, trouble: cells.some((cell) => TROUBLE.has(cell.verdict)) }];
  });
}

export const TROUBLE: ReadonlySet<KeyVerdict> = new Set(["missing", "low", "back-fed", "floating"]);

/** The loads that a cavity feeds in its own part: what they have across them is what counts. */
function ownLoads(at: readonly NetSpan[], node: string, partId: string | undefined): OwnLoad[] {
  const own = at.filter((span) => span.piece.place.type === "part" && span.piece.place.partId === partId);
  const loads = own.filter((span) => span.role === "load").map((span): OwnLoad => ({ ground: span.a === node ? span.b : span.a, span }));
  // Behind the contact of a computer that is awake.
  const awake = own.flatMap((span): OwnLoad[] => { const { element } = span.piece; return span.name.includes("#") && element.type === "relay" ? [{ ground: element.coilB, span }] : []; });
  return [...loads, ...awake];
}

/** Of several loads at a cavity the one that takes most now. */
function busiest(solution: PowerSolution, state: PowerState, node: string, loads: readonly OwnLoad[]): OwnLoad | undefined {
  const taken = (load: OwnLoad) => Math.abs(ampsFrom(solution, state, load.span, node));
  return loads.reduce<OwnLoad | undefined>((best, load) => (best === undefined || taken(load) > taken(best) ? load : best), undefined);
}

interface OwnLoad {
  readonly ground: string;
  readonly span: NetSpan;
}

function cellOf(solution: PowerSolution, pin: CavityFacts, node: string, load: OwnLoad | undefined, role: KeyRow["role"], state: PowerState, states: readonly KeyState[] | null): KeyCell {
  const volts = voltsAt(solution, state, node) ?? null;
  const ground = load === undefined ? 0 : (voltsAt(solution, state, load.ground) ?? null);
  const across = volts === null || ground === null ? null : volts - ground;
  const key: KeyState = state === "run-on" ? "off" : state;
  const needed = states === null ? null : states.includes(key);
  const cell = (verdict: KeyVerdict, why: string): KeyCell => ({ state, volts, across, needed, verdict, why });
  if (needed === true) {
    const least = role === "feed" ? DEAD_VOLTS : leastVolts(pin, state);
    if (volts === null) return cell("floating", "Nothing leads here");
    const flows = load === undefined ? 0 : Math.abs(ampsFrom(solution, state, load.span, node));
    if (volts >= least && flows < NO_FLOW) return cell("alive", "Fed; its other side is open now");
    if (across === null || across < DEAD_VOLTS) return cell("missing", `Must live in ${key}, and is dead`);
    if (across < least) return cell("low", `${across.toFixed(1)} V across it, ${least} V needed`);
    return cell("alive", "Lives, as it must");
  }
  if (across === null || Math.abs(across) < DEAD_VOLTS) return cell("dead", needed === false ? "Dead, as it must be" : "Dead");
  if (needed === false && (state === "off" || state === "run-on")) return cell("back-fed", `${across.toFixed(1)} V with the key off, and it must be dead`);
  return cell("also", needed === null ? "Lives here; nobody said when it must" : `Lives in ${key} as well`);
}
