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

export type CavityName = Pick<TableCavity, "connector" | "cavity">;

/** How two colours are near each other, so that one is taken for the other. */
export type ColourLikeness = "turned" | "tracer-there-only" | "tracer-here-only" | "other-tracer" | "none";

/** How one place differs between two tables. Words: core/words/harness.ts. */
export type VariantDifference =
  | { readonly type: "same" }
  | {
      readonly type: "colour";
      readonly here: string | null;
      readonly there: string | null;
      readonly likeness: ColourLikeness;
    }
  | { readonly type: "size"; readonly hereMm2: number | null; readonly thereMm2: number | null }
  /** Another use in the other table; `sameColour`: by its colour alone it would be taken for the same. */
  | { readonly type: "use"; readonly sameColour: boolean }
  /** The same wire, in another cavity: the two change places, or this cavity is empty there, or has another use. */
  | { readonly type: "moved"; readonly to: CavityName; readonly leaves: "swapped" | "empty" | "another" }
  | { readonly type: "only-here" }
  /** `from`: where this job's table has it; null where it has no such wire. */
  | { readonly type: "only-there"; readonly from: CavityName | null };

/** One place of either table, as both have it. */
export interface VariantRow {
  readonly connector: string;
  readonly cavity: string;
  readonly here: TableCavity | null;
  readonly there: TableCavity | null;
  readonly difference: VariantDifference;
}

const placeOf = ({ connector, cavity }: Pick<TableCavity, "connector" | "cavity">) =>
  JSON.stringify([connector, cavity]);
const plain = (text: string | null) =>
  (text ?? "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

/** By what a wire is known again in another table: its circuit number and what it does; null where it has neither. */
function identities({ circuit, description, colour }: TableCavity): string[] {
  const does = plain(description);
  return [
    ...(circuit !== null && does !== "" ? [`b ${circuit} ${does}`] : []),
    ...(does !== "" ? [`d ${does} ${colour ?? ""}`, `d ${does}`] : []),
    ...(circuit !== null ? [`c ${circuit} ${colour ?? ""}`] : []),
  ];
}

/**
 * Two tables of what should be the same harness, place by place: the same, moved to another cavity, another colour or
 * size, another use, or in one table only. A wire counts as moved where its place has another use in the other table
 * and exactly one other place there has its circuit and use (or its use alone, or circuit and colour).
 */
export function compareVariants(here: readonly TableCavity[], there: readonly TableCavity[]): VariantRow[] {
  const places = new Map<string, { here: TableCavity | null; there: TableCavity | null }>();
  for (const one of here) places.set(placeOf(one), { here: one, there: null });
  for (const one of there) places.set(placeOf(one), { here: places.get(placeOf(one))?.here ?? null, there: one });
  const unsettled = [...places.values()].filter(
    (pair) => pair.here === null || pair.there === null || !sameUse(pair.here, pair.there),
  );
  const goneTo = moves(
    unsettled.flatMap((pair) => (pair.here === null ? [] : [pair.here])),
    unsettled.flatMap((pair) => (pair.there === null ? [] : [pair.there])),
  );
  const cameFrom = new Map([...goneTo].map(([from, to]) => [placeOf(to), from]));
  return [...places.values()].map((pair): VariantRow => {
    const { connector, cavity } = (pair.here ?? pair.there) as TableCavity;
    return { connector, cavity, ...pair, difference: differenceOf(pair, goneTo, cameFrom) };
  });
}

/** Circuit numbers may be renumbered between years, so what it does decides; without words, the circuit does. */
function sameUse(here: TableCavity, there: TableCavity): boolean {
  if (here.description !== null && there.description !== null)
    return (
      plain(here.description) === plain(there.description) ||
      (here.circuit !== null && here.circuit === there.circuit && here.colour === there.colour)
    );
  return here.circuit === there.circuit;
}

function moves(here: readonly TableCavity[], there: readonly TableCavity[]): Map<TableCavity, TableCavity> {
  const found = new Map<TableCavity, TableCavity>();
  const taken = new Set<TableCavity>();
  const index = (list: readonly TableCavity[]) => {
    const byIdentity = new Map<string, TableCavity[]>();
    for (const one of list)
      for (const identity of identities(one)) byIdentity.set(identity, [...(byIdentity.get(identity) ?? []), one]);
    return byIdentity;
  };
  const [ours, theirs] = [index(here), index(there)];
  for (const one of here) {
    for (const identity of identities(one)) {
      const [candidate, ...more] = theirs.get(identity) ?? [];
      // Ten grounds of one name are no identity: both tables must have it once.
      if (
        candidate === undefined ||
        more.length > 0 ||
        (ours.get(identity)?.length ?? 0) > 1 ||
        taken.has(candidate) ||
        placeOf(candidate) === placeOf(one)
      )
        continue;
      found.set(one, candidate);
      taken.add(candidate);
      break;
    }
  }
  return found;
}

function differenceOf(
  { here, there }: { here: TableCavity | null; there: TableCavity | null },
  goneTo: ReadonlyMap<TableCavity, TableCavity>,
  cameFrom: ReadonlyMap<string, TableCavity>,
): VariantDifference {
  if (here !== null && there !== null && sameUse(here, there)) {
    if (here.colour !== there.colour)
      return {
        type: "colour",
        here: here.colour,
        there: there.colour,
        likeness: likenessOf(here.colour, there.colour),
      };
    if (here.sizeMm2 !== there.sizeMm2) return { type: "size", hereMm2: here.sizeMm2, thereMm2: there.sizeMm2 };
    return { type: "same" };
  }
  const to = here === null ? undefined : goneTo.get(here);
  if (to !== undefined && here !== null) {
    const swapped =
      goneTo.get(cameFrom.get(placeOf(here)) ?? here) === there &&
      there !== null &&
      placeOf(cameFrom.get(placeOf(here)) ?? here) === placeOf(to);
    return { type: "moved", to: placed(to), leaves: swapped ? "swapped" : there === null ? "empty" : "another" };
  }
  const from = there === null ? undefined : cameFrom.get(placeOf(there));
  if (here === null) return { type: "only-there", from: from === undefined ? null : placed(from) };
  if (there === null) return { type: "only-here" };
  return { type: "use", sameColour: here.colour !== null && here.colour === there.colour };
}

const placed = ({ connector, cavity }: CavityName): CavityName => ({ connector, cavity });

function likenessOf(here: string | null, there: string | null): ColourLikeness {
  if (here === null || there === null) return "none";
  const [base, tracer] = here.split("/");
  const [otherBase, otherTracer] = there.split("/");
  if (base === otherTracer && tracer === otherBase && tracer !== undefined) return "turned";
  if (base !== otherBase) return "none";
  return tracer === undefined ? "tracer-there-only" : otherTracer === undefined ? "tracer-here-only" : "other-tracer";
}
