import { sizeWords, type Units } from "../units";

/** A cavity as one table of a harness has it. */
export interface TableCavity {
  readonly connector: string;
  readonly cavity: string;
  readonly circuit: string | null;
  /** Normalised, `YE/BK`, or as written where it cannot be read. */
  readonly colour: string | null;
  readonly sizeMm2: number | null;
  readonly description: string | null;
}

export type VariantDifference =
  | { readonly type: "same" }
  | { readonly type: "colour" | "size" | "use"; readonly explain: string }
  /** The same wire, in another cavity. */
  | { readonly type: "moved"; readonly to: Pick<TableCavity, "connector" | "cavity">; readonly explain: string }
  | { readonly type: "only-here" | "only-there"; readonly explain: string };

/** One place of either table, as both have it. */
export interface VariantRow {
  readonly connector: string;
  readonly cavity: string;
  readonly here: TableCavity | null;
  readonly there: TableCavity | null;
  readonly difference: VariantDifference;
}

const placeOf = ({ connector, cavity }: Pick<TableCavity, "connector" | "cavity">) => JSON.stringify([connector, cavity]);
const plain = (text: string | null) => (text ?? "").toLowerCase().replace(/[^\p{L}\p{N}]+/gu, " ").trim();

/** By what a wire is known again in another table: its circuit number and what it does; null where it has neither. */
function identities({ circuit, description, colour }: TableCavity): string[] {
  const does = plain(description);
  return [...(circuit !== null && does !== "" ? [`b ${circuit} ${does}`] : []), ...(does !== "" ? [`d ${does} ${colour ?? ""}`, `d ${does}`] : []), ...(circuit !== null ? [`c ${circuit} ${colour ?? ""}`] : [])];
}

/**
 * Two tables of what should be the same harness, place by place: the same, moved to another cavity, another colour or size,
 * another use, or in one table only. A wire counts as moved where its place has another use in the other table and exactly one
 * other place there has its circuit and use (or its use alone, or circuit and colour).
 */
export function compareVariants(here: readonly TableCavity[], there: readonly TableCavity[], units: Units = "metric"): VariantRow[] {
  const places = new Map<string, { here: TableCavity | null; there: TableCavity | null }>();
  for (const one of here) places.set(placeOf(one), { here: one, there: null });
  for (const one of there) places.set(placeOf(one), { here: places.get(placeOf(one))?.here ?? null, there: one });
  const unsettled = [...places.values()].filter((pair) => pair.here === null || pair.there === null || !sameUse(pair.here, pair.there));
  const goneTo = moves(unsettled.flatMap((pair) => (pair.here === null ? [] : [pair.here])), unsettled.flatMap((pair) => (pair.there === null ? [] : [pair.there])));
  const cameFrom = new Map([...goneTo].map(([from, to]) => [placeOf(to), from]));
  return [...places.values()].map((pair): VariantRow => {
    const { connector, cavity } = (pair.here ?? pair.there) as TableCavity;
    return { connector, cavity, ...pair, difference: differenceOf(pair, goneTo, cameFrom, units) };
  });
}

/** Circuit numbers may be renumbered between years, so what it does decides; without words, the circuit does. */
function sameUse(here: TableCavity, there: TableCavity): boolean {
  if (here.description !== null && there.description !== null) return plain(here.description) === plain(there.description) || (here.circuit !== null && here.circuit === there.circuit && here.colour === there.colour);
  return here.circuit === there.circuit;
}

function moves(here: readonly TableCavity[], there: readonly TableCavity[]): Map<TableCavity, TableCavity> {
  const found = new Map<TableCavity, TableCavity>();
  const taken = new Set<TableCavity>();
  const index = (list: readonly TableCavity[]) => {
    const byIdentity = new Map<string, TableCavity[]>();
    for (const one of list) for (const identity of identities(one)) byIdentity.set(identity, [...(byIdentity.get(identity) ?? []), one]);
    return byIdentity;
  };
  const [ours, theirs] = [index(here), index(there)];
  for (const one of here) {
    for (const identity of identities(one)) {
      const [candidate, ...more] = theirs.get(identity) ?? [];
      // Ten grounds of one name are no identity: both tables must have it once.
      if (candidate === undefined || more.length > 0 || (ours.get(identity)?.length ?? 0) > 1 || taken.has(candidate) || placeOf(candidate) === placeOf(one)) continue;
      found.set(one, candidate);
      taken.add(candidate);
      break;
    }
  }
  return found;
}

function differenceOf({ here, there }: { here: TableCavity | null; there: TableCavity | null }, goneTo: ReadonlyMap<TableCavity, TableCavity>, cameFrom: ReadonlyMap<string, TableCavity>, units: Units): VariantDifference {
  if (here !== null && there !== null && sameUse(here, there)) {
    if (here.colour !== there.colour) return { type: "colour", explain: nearColour(here.colour, there.colour) };
    if (here.sizeMm2 !== there.sizeMm2) return { type: "size", explain: `${sizeOrNone(here.sizeMm2, units)} here, ${sizeOrNone(there.sizeMm2, units)} there: the thinner one sets the fuse` };
    return { type: "same" };
  }
  const to = here === null ? undefined : goneTo.get(here);
  if (to !== undefined && here !== null) {
    const swapped = goneTo.get(cameFrom.get(placeOf(here)) ?? here) === there && there !== null && placeOf(cameFrom.get(placeOf(here)) ?? here) === placeOf(to);
    return { type: "moved", to, explain: swapped ? `changes places with ${to.connector}-${to.cavity}: both plugs fit, and each would get the other's wire` : `${to.connector}-${to.cavity} in the other table${there === null ? "; this cavity is empty there" : `; this cavity is ${there.description ?? "another wire"} there`}` };
  }
  const from = there === null ? undefined : cameFrom.get(placeOf(there));
  if (here === null) return { type: "only-there", explain: from === undefined ? "no such cavity in this job's table" : `it is ${from.connector}-${from.cavity} in this job's table` };
  if (there === null) return { type: "only-here", explain: "the other table has nothing at this cavity" };
  const alike = here.colour !== null && here.colour === there.colour;
  return { type: "use", explain: alike ? "the same colour with another use: the colour alone would deceive" : "another use in the other table" };
}

const sizeOrNone = (size: number | null, units: Units) => (size === null ? "no size" : sizeWords(size, units));

function nearColour(here: string | null, there: string | null): string {
  if (here === null || there === null) return `${here ?? "no colour"} here, ${there ?? "no colour"} there`;
  const [base, tracer] = here.split("/");
  const [otherBase, otherTracer] = there.split("/");
  if (base === otherTracer && tracer === otherBase && tracer !== undefined) return "base and tracer change places: easily taken for each other";
  if (base === otherBase) return `the same base, ${tracer === undefined ? "a tracer there only" : otherTracer === undefined ? "a tracer here only" : "another tracer"}: look at the whole length`;
  return `${here} here, ${there} there`;
}
