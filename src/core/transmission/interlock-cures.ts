import { fieldOf } from "../forms";
import type { CavityPoint } from "../points";
import {
  isInterlock,
  type NetSpan,
  type Origin,
  originKey,
  type PlanElement,
  type PowerEdit,
  type PowerSolution,
  pointOfNode,
  standing,
  starterMotors,
} from "../power";
import { usualState } from "../state";
import { crankTable, failingRows } from "./crank";
import { startSteps } from "./start-path";

/** Where an interlock's contact is put into the start circuit. */
export type CurePlace = "coil-feed" | "coil-ground";

/** One way to lead the start signal through a contact that asks lever or clutch. */
export interface InterlockCure {
  readonly place: CurePlace;
  readonly contact: Origin;
  /** Between which two cavities the contact comes to lie. */
  readonly between: readonly [CavityPoint, CavityPoint];
  readonly edits: readonly PowerEdit[];
}

/** A cure with what the crank table says of it once it is carried out. */
export interface TriedCure extends InterlockCure {
  readonly failing: number;
  /** Rows of those that crank where they should not. */
  readonly unsafe: number;
  /** Through the contact while it cranks, A, and what its cavities state; null where they state nothing. */
  readonly amps: number;
  readonly ratedAmps: number | null;
}

/** Whether the contact would carry more than its cavities state. */
export const isOverloaded = ({ amps, ratedAmps }: Pick<TriedCure, "amps" | "ratedAmps">): boolean =>
  ratedAmps !== null && amps > ratedAmps;

/** A new wire of a start circuit: the current of a solenoid or of a relay's coil, mm², m. */
const NEW_WIRE = { sizeMm2: 2.5, lengthM: 2 } as const;

/**
 * Ways to lead the start signal through each contact that asks, in the feed of the first coil that the key works, or in
 * its ground: the wire there is taken out, and two new ones lead through the contact. None is known to hold before it
 * is tried.
 */
export function interlockCures(solution: PowerSolution): InterlockCure[] {
  const { model } = solution;
  const solved = standing(solution, usualState("crank"));
  if (solved === null) return [];
  const steps = startSteps(solved, "crank", starterMotors(model));
  const cavityAt = (node: string): CavityPoint | null => {
    const point = pointOfNode(model, node);
    return point.type === "cavity" ? point : null;
  };
  // Copper with a cavity at both ends can be taken out and led elsewhere.
  const places = steps.flatMap(({ span, from, to }): { span: NetSpan; ends: readonly [CavityPoint, CavityPoint] }[] => {
    const [one, two] = [cavityAt(from), cavityAt(to)];
    const { origin } = span.planned;
    return one === null || two === null || !(origin.type === "wire" || (origin.type === "link" && origin.as === "wire"))
      ? []
      : [{ span, ends: [one, two] }];
  });
  const coil = firstCoil(
    solution,
    steps.map(({ span }) => span),
  );
  if (coil === null) return [];
  const contacts = model.elements.flatMap((element) => contactEnds(element, cavityAt));
  return places.flatMap(({ span, ends }): InterlockCure[] => {
    const place: CurePlace | null =
      span.a === coil.coilA || span.b === coil.coilA
        ? "coil-feed"
        : span.a === coil.coilB || span.b === coil.coilB
          ? "coil-ground"
          : null;
    if (place === null) return [];
    return contacts.map(({ origin, a, b }) => ({
      place,
      contact: origin,
      between: ends,
      edits: [
        removal(span),
        { type: "strap", fromPinId: ends[0].pinId, toPinId: a.pinId, ...NEW_WIRE },
        { type: "strap", fromPinId: b.pinId, toPinId: ends[1].pinId, ...NEW_WIRE },
      ],
    }));
  });
}

function removal({ planned: { origin } }: NetSpan): PowerEdit {
  if (origin.type === "wire") return { type: "unwire", wireId: origin.wireId };
  if (origin.type !== "link" || origin.from.type !== "cavity" || origin.to.type !== "cavity")
    throw new Error("only copper between cavities is removed");
  return { type: "unlink", providerId: origin.from.pinId, consumerId: origin.to.pinId };
}

/** The coil that the key's signal meets first: of a relay, else of the starter's solenoid. */
function firstCoil(
  { model }: PowerSolution,
  spans: readonly NetSpan[],
): { readonly coilA: string; readonly coilB: string } | null {
  for (const { planned, name } of spans) {
    const { element, origin } = planned;
    if (element.type === "relay" && name !== element.id && origin.type === "part") return element;
  }
  const solenoid = model.elements.find(({ origin }) => origin.type === "part" && origin.role === "starter-solenoid");
  return solenoid?.element.type === "relay" ? solenoid.element : null;
}

function contactEnds(
  element: PlanElement,
  cavityAt: (node: string) => CavityPoint | null,
): { readonly origin: Origin; readonly a: CavityPoint; readonly b: CavityPoint }[] {
  if (!isInterlock(element) || element.element.type !== "switch") return [];
  const [a, b] = [cavityAt(element.element.a), cavityAt(element.element.b)];
  return a === null || b === null ? [] : [{ origin: element.origin, a, b }];
}

/**
 * The cures, each tried: those first after which no row fails, then those that leave the fewest unsafe.
 *
 * @param tried the plan with some edits carried out; null where they cannot be tried
 */
export function triedCures(
  solution: PowerSolution,
  tried: (edits: readonly PowerEdit[]) => PowerSolution | null,
): TriedCure[] {
  return interlockCures(solution)
    .flatMap((cure): TriedCure[] => {
      const after = tried(cure.edits);
      if (after === null) return [];
      const failing = failingRows(crankTable(after));
      const { amps, ratedAmps } = contactLoad(after, cure.contact);
      return [
        { ...cure, failing: failing.length, unsafe: failing.filter(({ cranks }) => cranks).length, amps, ratedAmps },
      ];
    })
    .toSorted(
      (a, b) => a.unsafe - b.unsafe || a.failing - b.failing || Number(isOverloaded(a)) - Number(isOverloaded(b)),
    );
}

/** The current through a contact while the engine is cranked as it should be, against the least of its cavities' ratings. */
function contactLoad(
  { model, states }: PowerSolution,
  contact: Origin,
): { readonly amps: number; readonly ratedAmps: number | null } {
  const key = originKey(contact);
  const planned = model.elements.find(({ origin }) => originKey(origin) === key);
  if (planned?.element.type !== "switch") return { amps: 0, ratedAmps: null };
  const rated = [planned.element.a, planned.element.b].flatMap((node) => {
    const point = pointOfNode(model, node);
    const pin = point.type === "cavity" ? model.facts.harness.pinById.get(point.pinId) : undefined;
    return pin === undefined ? [] : (fieldOf(pin.form, "maxAmps") ?? []);
  });
  return {
    amps: Math.abs(states.get("crank")?.amps.get(planned.element.id) ?? 0),
    ratedAmps: rated.length === 0 ? null : Math.min(...rated),
  };
}
