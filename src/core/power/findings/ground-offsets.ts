import { cavityPoint, type HarnessPart, pointAt } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { KeyPosition } from "../../state";
import { MINUS } from "../nodes";
import { originKey, type WireOrigin } from "../plan-element";
import { solvedStates, voltsAt } from "../solved/flow";
import { pathThrough } from "../solved/path";
import { isPowerGround, isSensorGround, offsetLimit } from "../tables/computer-grounds";
import { atPoint, type PowerSolution } from "../types";
import { thickerWire } from "./thicker";
import type { Cure, Finding } from "./types";

/** A power ground of a computer in the state in which it is furthest from the battery's negative, by its limit. */
interface Offset {
  readonly pin: CavityFacts;
  readonly node: string;
  readonly state: KeyPosition;
  /** Above the battery's negative, V; below it where negative. */
  readonly volts: number;
  readonly limit: number;
}

const beyond = ({ volts, limit }: Offset) => Math.abs(volts) / limit;

function worstOffset(solution: PowerSolution, part: HarnessPart): Offset | undefined {
  const {
    facts: { harness },
    nodeOfPin,
  } = solution.model;
  const grounds = part.terminals.flatMap(({ pinId }) => {
    const [pin, node] = pinId === null ? [] : [harness.pinById.get(pinId), nodeOfPin.get(pinId)];
    return pin !== undefined && node !== undefined && isPowerGround(pin) ? [{ pin, node }] : [];
  });
  return grounds
    .flatMap(({ pin, node }) =>
      solvedStates(solution).map(
        (state): Offset => ({
          pin,
          node,
          state,
          volts: voltsAt(solution, state, node) ?? 0,
          limit: offsetLimit(state),
        }),
      ),
    )
    .toSorted((a, b) => beyond(b) - beyond(a))[0];
}

/** A computer that is off, and the wire on its way to the battery's negative that loses most. */
interface Off extends Offset {
  readonly part: HarnessPart;
  readonly most: LostWire | null;
}

/** Computers whose ground is above the battery's negative under load, or below it; those of one poor wire together. */
export function offsets(solution: PowerSolution): Finding[] {
  const roots = new Map<string, [Off, ...Off[]]>();
  for (const part of solution.model.facts.harness.parts) {
    if (part.type !== "computer" || part.side === "host") continue;
    const worst = worstOffset(solution, part);
    if (worst === undefined || beyond(worst) <= 1) continue;
    const most = lostOnTheWayBack(solution, worst.state, worst.node);
    const one = { ...worst, part, most };
    // Where mending it would not do, it is not the root.
    const key = most === null || most.volts < excess(worst) ? part.id : originKey(most.origin);
    const known = roots.get(key);
    if (known === undefined) roots.set(key, [one]);
    else known.push(one);
  }
  return [...roots].map(([key, offs]) => offsetFinding(solution, key, offs));
}

const excess = ({ volts, limit }: Offset) => Math.abs(volts) - limit;

function offsetFinding(solution: PowerSolution, key: string, offs: readonly [Off, ...Off[]]): Finding {
  const { harness, units } = solution.model.facts;
  const [{ pin, node, state, volts, limit, part, most }, ...others] = offs.toSorted(
    (a, b) => beyond(b) - beyond(a),
  ) as [Off, ...Off[]];
  const missing = Math.max(...offs.map(excess));
  return {
    code: "ground-offset",
    key: `offset ${key}`,
    severity: "fault",
    part: part.label,
    volts,
    limitVolts: limit,
    state,
    amount: { value: volts, limit, unit: "V" },
    node,
    pinId: pin.id,
    at: atPoint(cavityPoint(harness, pin.id)),
    also: others.map((one) => atPoint(cavityPoint(harness, one.pin.id))),
    cures: [
      ...(most === null ? [] : [thickerWire(most.origin, most.volts, missing, units)]),
      ...groundCures(solution, pin),
    ],
  };
}

interface LostWire {
  readonly origin: WireOrigin;
  readonly volts: number;
}

/** The wire on the way from a ground to the battery's negative that loses most. */
function lostOnTheWayBack(solution: PowerSolution, state: KeyPosition, node: string): LostWire | null {
  const { steps } = pathThrough(solution, state, node);
  const dropOf = (from: string, to: string) =>
    Math.abs((voltsAt(solution, state, from) ?? 0) - (voltsAt(solution, state, to) ?? 0));
  const [most] = steps
    .slice(steps.findIndex((step) => step.from === node))
    .flatMap(({ span, from, to }): LostWire[] => {
      const { origin } = span.planned;
      return origin.type === "wire" ? [{ origin, volts: dropOf(from, to) }] : [];
    })
    .toSorted((a, b) => b.volts - a.volts);
  return most ?? null;
}

/** Another ground must be this much nearer to the battery's negative to be worth the work. */
const WORTH_PART = 0.7;

/** Another ground of the host with less on it. */
function groundCures(solution: PowerSolution, pin: CavityFacts): Cure[] {
  const {
    facts: { harness, links },
    nodeOfPin,
  } = solution.model;
  const linked = new Set(links.flatMap((link) => (link.consumerId === pin.id ? [link.providerId] : [])));
  const now = Math.abs(voltsAt(solution, "running", nodeOfPin.get(pin.id) ?? MINUS) ?? 0);
  const better = [...harness.pinById.values()].flatMap((one) => {
    const [node, at] = [nodeOfPin.get(one.id), harness.nodeOfPin.get(one.id)];
    const volts = node === undefined ? null : voltsAt(solution, "running", node);
    const fits =
      one.form.kind === "ground" &&
      !isSensorGround(one) &&
      !linked.has(one.id) &&
      harness.connectorById.get(one.connectorId)?.side === "host";
    if (!fits || at === undefined || volts == null || Math.abs(volts) > now * WORTH_PART) return [];
    return harness.partAt[at]?.type === "ground-stud" || harness.partAt[at]?.type === "battery"
      ? [{ one, at, volts }]
      : [];
  });
  return better
    .toSorted((a, b) => Math.abs(a.volts) - Math.abs(b.volts))
    .slice(0, 2)
    .map(
      ({ one, at }): Cure => ({
        code: "ground-at",
        at: pointAt(harness, at),
        edit: { type: "relink", consumerId: pin.id, providerId: one.id },
      }),
    );
}
