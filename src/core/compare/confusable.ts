import type { Form } from "../forms";
import { FUNCTIONS } from "../functions";
import type { Harness } from "../harness";
import type { CavityFacts, ConnectorFacts } from "../parts";

/** What a connector is like, as far as someone has looked. */
export interface Shape {
  readonly connectorId: string;
  /** Rows × columns of its face; null while nobody has entered them. */
  readonly rows: number | null;
  readonly columns: number | null;
  readonly keying: string | null;
  readonly gender: "male" | "female" | null;
}

/** What a crossing would do, the worst last. */
export const HARMS = ["none", "no-function", "wrong-function", "destroys", "short"] as const;
export type Harm = (typeof HARMS)[number];

export interface Crossing {
  readonly cavity: string;
  readonly one: Carried;
  readonly two: Carried;
  readonly harm: Harm;
  readonly reason: CrossingReason;
}

/** What a cavity carries: as its table describes it, by its function, or by its nature alone. */
export type Carried =
  | { readonly type: "described"; readonly description: string }
  | { readonly type: "function"; readonly functionKey: string }
  | { readonly type: "nature"; readonly nature: Nature };

/** What happens when two wires change places. Words: core/words/harness.ts. */
export type CrossingReason =
  | {
      readonly code:
        | "feed-on-ground"
        | "reference-on-ground"
        | "drive-on-input"
        | "both-empty"
        | "empty-cavity"
        | "same"
        | "other-value"
        | "other-part";
    }
  | { readonly code: "feed-on-weak"; readonly nature: Nature }
  | { readonly code: "other-nature"; readonly one: Nature; readonly two: Nature }
  | { readonly code: "same-part"; readonly one: string | null; readonly two: string | null };

export interface ConfusablePair {
  /** The two connectors' ids, in the harness's order; joined by a space they name the pair. */
  readonly ids: readonly [string, string];
  readonly labels: readonly [string, string];
  readonly harm: Harm;
  readonly crossings: readonly Crossing[];
  /** Facts that nobody has entered and that could rule the pair out. */
  readonly unsure: readonly Unsure[];
}

/** A fact of a pair that nobody has entered. */
export type Unsure = "rows" | "columns" | "keying" | "gender" | "lead-length";

/** Parts that a plug does not go on. */
const BOLTED: ReadonlySet<string> = new Set(["battery", "ground-stud", "splice-pack"]);
/** A pair whose leads differ by more than this does not reach each other's place, m. */
const REACH_M = 0.5;

/**
 * Connectors of one harness that could be plugged into each other's place: as many cavities under the same labels, no
 * known difference in face, keying or gender, and leads of about the same length. The most dangerous first; a pair
 * whose crossing would do nothing is left out.
 */
export function findConfusablePairs(harness: Harness, shapes: ReadonlyMap<string, Shape>): ConfusablePair[] {
  const pinsOf = groupPins(harness);
  const typeOf = new Map(harness.parts.flatMap((part) => part.connectorIds.map((id) => [id, part.type] as const)));
  const groups = new Map<string, ConnectorFacts[]>();
  for (const connector of harness.connectorById.values()) {
    const pins = pinsOf.get(connector.id) ?? [];
    if (pins.length < 2 || BOLTED.has(typeOf.get(connector.id) ?? "")) continue;
    const name = JSON.stringify([connector.side, connector.branchId, pins.map((pin) => pin.cavity).toSorted()]);
    groups.set(name, [...(groups.get(name) ?? []), connector]);
  }
  const found: ConfusablePair[] = [];
  for (const members of groups.values()) {
    members.forEach((one, at) => {
      for (const two of members.slice(at + 1)) {
        const pair = compare(one, two, pinsOf, shapes);
        if (pair !== null) found.push(pair);
      }
    });
  }
  return found.toSorted((a, b) => rank(b) - rank(a) || a.labels.join().localeCompare(b.labels.join()));
}

const rank = (pair: ConfusablePair) =>
  HARMS.indexOf(pair.harm) * 100 +
  Math.min(99, pair.crossings.filter((one) => one.harm !== "none").length) -
  pair.unsure.length / 10;

function groupPins(harness: Harness): Map<string, CavityFacts[]> {
  const pins = new Map<string, CavityFacts[]>();
  for (const pin of harness.pinById.values()) {
    const own = pins.get(pin.connectorId);
    if (own === undefined) pins.set(pin.connectorId, [pin]);
    else own.push(pin);
  }
  return pins;
}

function compare(
  one: ConnectorFacts,
  two: ConnectorFacts,
  pinsOf: ReadonlyMap<string, CavityFacts[]>,
  shapes: ReadonlyMap<string, Shape>,
): ConfusablePair | null {
  const [a, b] = [shapes.get(one.id), shapes.get(two.id)];
  const unsure: Unsure[] = [];
  for (const key of ["rows", "columns", "keying", "gender"] as const) {
    const [x, y] = [a?.[key] ?? null, b?.[key] ?? null];
    if (x !== null && y !== null && x !== y) return null;
    if (x === null || y === null) unsure.push(key);
  }
  const [own, its] = [pinsOf.get(one.id) ?? [], pinsOf.get(two.id) ?? []];
  const [reachOne, reachTwo] = [leadOf(own), leadOf(its)];
  if (reachOne !== null && reachTwo !== null && Math.abs(reachOne - reachTwo) > REACH_M) return null;
  if (reachOne === null || reachTwo === null) unsure.push("lead-length");
  const opposite = new Map(its.map((pin) => [pin.cavity, pin]));
  const crossings = own.map((pin) => crossing(pin, opposite.get(pin.cavity) as CavityFacts));
  const harm = HARMS[Math.max(...crossings.map((crossed) => HARMS.indexOf(crossed.harm)))] as Harm;
  if (harm === "none") return null;
  return { ids: [one.id, two.id], labels: [one.label, two.label], harm, crossings, unsure };
}

/** The shortest lead sets how far a plug reaches. */
function leadOf(pins: readonly CavityFacts[]): number | null {
  const lengths = pins.flatMap((pin) => (pin.lengthM === null ? [] : [pin.lengthM]));
  return lengths.length === 0 ? null : Math.min(...lengths);
}

export type Nature = "feed" | "ground" | "reference" | "drive" | "signal" | "bus" | "empty";

function natureOf({ form: { kind }, quantity }: { form: Form; quantity: CavityFacts["quantity"] }): Nature {
  if (kind === "spare") return "empty";
  if (kind === "ground" || quantity === "ground" || quantity === "sensor-ground") return "ground";
  if (kind === "supply-in" || kind === "supply-out") return quantity === "sensor-supply" ? "reference" : "feed";
  if (kind === "reference-in" || kind === "reference-out") return "reference";
  if (kind === "can" || kind === "lin" || kind === "serial") return "bus";
  return /^(load|low-side|high-side|injector|coil|motor|switch)/.test(kind) ? "drive" : "signal";
}

function crossing(one: CavityFacts, two: CavityFacts): Crossing {
  const [harm, reason] = harmOf(one, two);
  return { cavity: one.cavity, one: carriedBy(one), two: carriedBy(two), harm, reason };
}

function carriedBy(pin: CavityFacts): Carried {
  if (pin.description !== null) return { type: "described", description: pin.description };
  const def = functionOf(pin);
  return def === undefined ? { type: "nature", nature: natureOf(pin) } : { type: "function", functionKey: def.key };
}

/** What it does when two wires change places, told by what each carries. The same both ways round. */
function harmOf(one: CavityFacts, two: CavityFacts): readonly [Harm, CrossingReason] {
  const [a, b] = [natureOf(one), natureOf(two)];
  const pair = (x: Nature, y: Nature) => (a === x && b === y) || (a === y && b === x);
  if (pair("feed", "ground")) return ["short", { code: "feed-on-ground" }];
  for (const weak of ["reference", "signal", "bus"] as const)
    if (pair("feed", weak)) return ["destroys", { code: "feed-on-weak", nature: weak }];
  if (pair("reference", "ground")) return ["destroys", { code: "reference-on-ground" }];
  if (pair("drive", "signal") || pair("drive", "reference") || pair("drive", "bus"))
    return ["destroys", { code: "drive-on-input" }];
  if (a === "empty" || b === "empty")
    return a === b ? ["none", { code: "both-empty" }] : ["no-function", { code: "empty-cavity" }];
  if (a !== b) return ["no-function", { code: "other-nature", one: a, two: b }];
  if (a === "feed" || a === "ground" || a === "reference") return ["none", { code: "same" }];
  if (one.quantity === two.quantity && one.index === two.index && one.circuit === two.circuit)
    return ["none", { code: "same" }];
  if (one.quantity !== null && one.quantity === two.quantity)
    return ["wrong-function", { code: "same-part", one: one.index, two: two.index }];
  return ["wrong-function", { code: a === "signal" ? "other-value" : "other-part" }];
}

const functionOf = ({ quantity }: CavityFacts) =>
  FUNCTIONS.find((one) => quantity !== null && one.quantities.includes(quantity));
