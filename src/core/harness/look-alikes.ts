import type { Kind } from "../forms";
import { FUNCTIONS } from "./functions";
import type { CavityFacts, ConnectorFacts, Harness } from "./types";

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
export const HARMS = ["nothing", "does not work", "works wrongly", "may destroy electronics", "short circuit"] as const;
export type Harm = (typeof HARMS)[number];

export interface Crossing {
  readonly cavity: string;
  readonly one: string;
  readonly two: string;
  readonly harm: Harm;
  readonly why: string;
}

export interface LookAlike {
  /** The two connectors' ids, in the harness's order; joined by a space they name the pair. */
  readonly ids: readonly [string, string];
  readonly labels: readonly [string, string];
  readonly harm: Harm;
  readonly crossings: readonly Crossing[];
  /** Facts that nobody has entered and that could rule the pair out. */
  readonly unsure: readonly string[];
}

/** Parts that a plug does not go on. */
const BOLTED: ReadonlySet<string> = new Set(["battery", "ground-stud", "splice-pack"]);
/** A pair whose leads differ by more than this does not reach each other's place, m. */
const REACH_M = 0.5;

/**
 * Connectors of one loom that could be plugged into each other's place: as many cavities under the same labels, no known
 * difference in face, keying or gender, and leads of about the same length. The most dangerous first; a pair whose crossing would do nothing is left out.
 */
export function findLookAlikes(harness: Harness, shapes: ReadonlyMap<string, Shape>): LookAlike[] {
  const pinsOf = groupPins(harness);
  const typeOf = new Map(harness.parts.flatMap((part) => part.connectorIds.map((id) => [id, part.type] as const)));
  const groups = new Map<string, ConnectorFacts[]>();
  for (const connector of harness.connectorById.values()) {
    const pins = pinsOf.get(connector.id) ?? [];
    if (pins.length < 2 || BOLTED.has(typeOf.get(connector.id) ?? "")) continue;
    const name = JSON.stringify([connector.side, connector.branchId, pins.map((pin) => pin.cavity).toSorted()]);
    groups.set(name, [...(groups.get(name) ?? []), connector]);
  }
  const found: LookAlike[] = [];
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

const rank = (pair: LookAlike) => HARMS.indexOf(pair.harm) * 100 + Math.min(99, pair.crossings.filter((one) => one.harm !== "nothing").length) - pair.unsure.length / 10;

function groupPins(harness: Harness): Map<string, CavityFacts[]> {
  const pins = new Map<string, CavityFacts[]>();
  for (const pin of harness.pinById.values()) {
    const own = pins.get(pin.connectorId);
    if (own === undefined) pins.set(pin.connectorId, [pin]);
    else own.push(pin);
  }
  return pins;
}

function compare(one: ConnectorFacts, two: ConnectorFacts, pinsOf: ReadonlyMap<string, CavityFacts[]>, shapes: ReadonlyMap<string, Shape>): LookAlike | null {
  const [a, b] = [shapes.get(one.id), shapes.get(two.id)];
  const unsure: string[] = [];
  for (const key of ["rows", "columns", "keying", "gender"] as const) {
    const [x, y] = [a?.[key] ?? null, b?.[key] ?? null];
    if (x !== null && y !== null && x !== y) return null;
    if (x === null || y === null) unsure.push(key);
  }
  const [own, its] = [pinsOf.get(one.id) ?? [], pinsOf.get(two.id) ?? []];
  const [reachOne, reachTwo] = [leadOf(own), leadOf(its)];
  if (reachOne !== null && reachTwo !== null && Math.abs(reachOne - reachTwo) > REACH_M) return null;
  if (reachOne === null || reachTwo === null) unsure.push("length of the leads");
  const opposite = new Map(its.map((pin) => [pin.cavity, pin]));
  const crossings = own.map((pin) => crossing(pin, opposite.get(pin.cavity) as CavityFacts));
  const harm = HARMS[Math.max(...crossings.map((crossed) => HARMS.indexOf(crossed.harm)))] as Harm;
  if (harm === "nothing") return null;
  return { ids: [one.id, two.id], labels: [one.label, two.label], harm, crossings, unsure };
}

/** The shortest lead sets how far a plug reaches. */
function leadOf(pins: readonly CavityFacts[]): number | null {
  const lengths = pins.flatMap((pin) => (pin.lengthM === null ? [] : [pin.lengthM]));
  return lengths.length === 0 ? null : Math.min(...lengths);
}

type Nature = "feed" | "ground" | "reference" | "drive" | "signal" | "bus" | "empty";

function natureOf({ kind, quantity }: { kind: Kind; quantity: CavityFacts["quantity"] }): Nature {
  if (kind === "spare") return "empty";
  if (kind === "ground" || quantity === "ground" || quantity === "sensor-ground") return "ground";
  if (kind === "supply-in" || kind === "supply-out") return quantity === "sensor-supply" ? "reference" : "feed";
  if (kind === "reference-in" || kind === "reference-out") return "reference";
  if (kind === "can" || kind === "lin" || kind === "serial") return "bus";
  return /^(load|low-side|high-side|injector|coil|motor|switch)/.test(kind) ? "drive" : "signal";
}

const NATURE_WORDS: Readonly<Record<Nature, string>> = { feed: "battery voltage", ground: "ground", reference: "5 V", drive: "a driven wire", signal: "a signal", bus: "a data wire", empty: "nothing" };

function crossing(one: CavityFacts, two: CavityFacts): Crossing {
  const told = (pin: CavityFacts) => pin.description ?? functionOf(pin) ?? NATURE_WORDS[natureOf(pin)];
  const [harm, why] = harmOf(one, two);
  return { cavity: one.cavity, one: told(one), two: told(two), harm, why };
}

/** What it does when two wires change places, told by what each carries. The same both ways round. */
function harmOf(one: CavityFacts, two: CavityFacts): readonly [Harm, string] {
  const [a, b] = [natureOf(one), natureOf(two)];
  const pair = (x: Nature, y: Nature) => (a === x && b === y) || (a === y && b === x);
  if (pair("feed", "ground")) return ["short circuit", "battery voltage on what leads to ground: the fuse blows, or the wire burns"];
  for (const weak of ["reference", "signal", "bus"] as const) if (pair("feed", weak)) return ["may destroy electronics", `battery voltage on ${NATURE_WORDS[weak]}`];
  if (pair("reference", "ground")) return ["may destroy electronics", "the 5 V supply on ground: every sensor on it is lost"];
  if (pair("drive", "signal") || pair("drive", "reference") || pair("drive", "bus")) return ["may destroy electronics", "a driven or switched wire on a measuring input or its 5 V"];
  if (a === "empty" || b === "empty") return a === b ? ["nothing", "both are empty"] : ["does not work", "a wire meets an empty cavity"];
  if (a !== b) return ["does not work", `${NATURE_WORDS[a]} where ${NATURE_WORDS[b]} belongs`];
  if (a === "feed" || a === "ground" || a === "reference") return ["nothing", "the same on both"];
  if (one.quantity === two.quantity && one.index === two.index && one.circuit === two.circuit) return ["nothing", "the same on both"];
  if (one.quantity !== null && one.quantity === two.quantity) return ["works wrongly", `the same kind of part, ${one.index ?? "one"} in place of ${two.index ?? "the other"}`];
  return a === "signal" ? ["works wrongly", "each reads the other's value"] : ["works wrongly", "each drives the other's part"];
}

const functionOf = ({ quantity }: CavityFacts) => FUNCTIONS.find((one) => quantity !== null && one.quantities.includes(quantity))?.name;
