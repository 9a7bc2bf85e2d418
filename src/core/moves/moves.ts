import { directionOf } from "../forms";
import { assign, type SignalPin } from "../signals";

/**
 * What becomes of a cavity when one plug stands in for another. `stays`: the same label · `moves`: into another cavity ·
 * `added`: nothing comes from the old plug, and a wire is needed · `sealed`: left empty, with its plug · `capped`: a wire
 * of the old plug for which there is no place · `common`: a ground or feed that the new plug has once, joined with another.
 */
export type MoveHow = "stays" | "moves" | "added" | "sealed" | "capped" | "common";

/** Why it comes to lie there. */
export type MoveWhy =
  | "same-signal"
  | "by-hand"
  | "spare"
  | "no-source"
  | "no-place"
  | "same-common"
  /** Several of the old plug would fit as well: which it is must be measured. */
  | "ambiguous";

export interface Move {
  readonly from: SignalPin | null;
  readonly to: SignalPin | null;
  readonly how: MoveHow;
  readonly why: MoveWhy;
  /** Of one that is joined with another: that one. */
  readonly joins: SignalPin | null;
  /** Others of the old plug that would fit as well. */
  readonly alike: readonly SignalPin[];
}

/** What contradicts a choice made by hand. */
export type MoveFault =
  | { readonly code: "taken-twice"; readonly to: SignalPin; readonly by: readonly SignalPin[] }
  | { readonly code: "not-in-plugs"; readonly id: string };

export interface MovePlan {
  readonly moves: readonly Move[];
  readonly faults: readonly MoveFault[];
}

const isSpare = ({ form }: SignalPin) => form.kind === "spare";
/** What many cavities of a plug may share: any of them serves all. */
const isCommon = ({ form, quantity }: SignalPin) =>
  form.kind === "ground" ||
  form.kind === "supply-in" ||
  form.kind === "supply-out" ||
  form.kind === "shield" ||
  quantity === "sensor-ground";

/** What it is to whoever plugs in: the same on both faces where one stands in for the other. */
const signalOf = ({ form, quantity, index }: SignalPin) => `${quantity} ${directionOf(form.kind)} ${index ?? ""}`;

/** How ill a cavity of the new plug fits one of the old; null where another signal is there. */
function misfit(from: SignalPin, to: SignalPin): number | null {
  if (isSpare(from) || isSpare(to) || from.quantity === null || from.quantity !== to.quantity) return null;
  if (directionOf(from.form.kind) !== directionOf(to.form.kind)) return null;
  const number = from.index === to.index ? 0 : from.index === null || to.index === null ? 8 : null;
  if (number === null) return null;
  return number + (from.form.kind === to.form.kind ? 0 : 4) + (from.cavity === to.cavity ? 0 : 1);
}

/**
 * Which cavity becomes which when the plugs of `to` stand in for those of `from`: every cavity of the new plug once,
 * and no wire of the old lost. Signals of one quantity, direction and number belong together, and of several the
 * assignment of least misfit is taken, one that keeps its label before one that moves.
 *
 * @param chosen by a cavity of the old plug, where somebody put it; null: capped
 */
export function proposeMoves(
  from: readonly SignalPin[],
  to: readonly SignalPin[],
  chosen: ReadonlyMap<string, string | null> = new Map(),
): MovePlan {
  const used = from.filter((pin) => !isSpare(pin));
  const byId = new Map(to.map((pin) => [pin.id, pin]));
  const known = new Map(used.map((pin) => [pin.id, pin]));
  const faults: MoveFault[] = [...chosen.keys()].flatMap((id) =>
    known.has(id) ? [] : [{ code: "not-in-plugs" as const, id }],
  );
  const placed = new Map<string, SignalPin>();
  const byHand = new Set<string>();
  const claims = new Map<string, SignalPin[]>();
  for (const [id, target] of chosen) {
    const pin = known.get(id);
    if (pin === undefined) continue;
    byHand.add(id);
    if (target === null) continue;
    if (!byId.has(target)) faults.push({ code: "not-in-plugs", id: target });
    else claims.set(target, [...(claims.get(target) ?? []), pin]);
  }
  for (const [target, by] of claims) {
    const pin = byId.get(target) as SignalPin;
    const [first] = by;
    if (by.length > 1) faults.push({ code: "taken-twice", to: pin, by });
    if (first !== undefined) placed.set(first.id, pin);
  }
  const taken = new Set([...placed.values()].map(({ id }) => id));
  const sources = used.filter((pin) => !byHand.has(pin.id));
  const targets = to.filter((pin) => !taken.has(pin.id));
  const costs = sources.map((source) => targets.map((target) => misfit(source, target)));
  assign(costs).forEach((at, nth) => {
    const target = at === null ? undefined : targets[at];
    if (target !== undefined) placed.set((sources[nth] as SignalPin).id, target);
  });
  const source = new Map([...placed].map(([id, target]) => [target.id, known.get(id) as SignalPin]));
  const ofNew = to.map((target): Move => {
    const pin = source.get(target.id);
    if (pin === undefined)
      return isSpare(target)
        ? { from: null, to: target, how: "sealed", why: "spare", joins: null, alike: [] }
        : { from: null, to: target, how: "added", why: "no-source", joins: null, alike: [] };
    const alike = byHand.has(pin.id) || isCommon(pin) ? [] : alikeOf(pin, used);
    return {
      from: pin,
      to: target,
      how: pin.cavity === target.cavity ? "stays" : "moves",
      why: byHand.has(pin.id) ? "by-hand" : alike.length > 0 ? "ambiguous" : "same-signal",
      joins: null,
      alike,
    };
  });
  const left = used
    .filter((pin) => !placed.has(pin.id))
    .map((pin): Move => {
      const partner = isCommon(pin)
        ? used.find((one) => one.id !== pin.id && placed.has(one.id) && signalOf(one) === signalOf(pin))
        : undefined;
      const joins = partner === undefined || chosen.get(pin.id) === null ? null : (placed.get(partner.id) ?? null);
      return joins === null
        ? {
            from: pin,
            to: null,
            how: "capped",
            why: byHand.has(pin.id) ? "by-hand" : "no-place",
            joins: null,
            alike: [],
          }
        : { from: pin, to: null, how: "common", why: "same-common", joins, alike: [] };
    });
  return { moves: [...ofNew, ...left], faults };
}

/** Cavities of the old plug that nothing tells from this one. */
const alikeOf = (pin: SignalPin, all: readonly SignalPin[]): readonly SignalPin[] =>
  all.filter((one) => one.id !== pin.id && signalOf(one) === signalOf(pin) && one.form.kind === pin.form.kind);
