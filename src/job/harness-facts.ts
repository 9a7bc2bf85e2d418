import { cachedBy } from "@/core/cached-by";
import type { Shape } from "@/core/compare";
import type { HarnessFacts } from "@/core/harness";
import type { CavityFacts } from "@/core/parts";
import type { TriageFacts } from "@/core/slice";
import { toldEnds } from "./new-rows";
import type { JobDocument, PinRow, WireRow } from "./schema";
import { formOf, knownQuantity } from "./signal-pins";

/** The job's harness as core takes it; forms and quantities below the known level count as not known. */
export function harnessFacts(
  document: Pick<JobDocument, "pins" | "connectors" | "branches" | "parts" | "wires" | "links">,
): HarnessFacts {
  return {
    branches: document.branches,
    connectors: document.connectors,
    pins: document.pins.toSorted((a, b) => a.position - b.position).map(cavityFacts),
    parts: document.parts,
    wires: inTableOrder(document),
    joins: document.links
      .filter((link) => link.decision === "accepted")
      .map((link) => ({ id: link.id, fromPinId: link.providerId, toPinId: link.consumerId })),
  };
}

/** The same object for the same row, so that only what changed needs to be sent to a worker. */
const cavityFacts = cachedBy((row: PinRow): CavityFacts => {
  const { id, connectorId, cavity, circuit, colour, colourBase, colourTracer, sizeMm2, lengthM, description } = row;
  return {
    id,
    connectorId,
    cavity,
    circuit,
    colour,
    colourBase,
    colourTracer,
    sizeMm2,
    lengthM,
    description,
    form: formOf(row),
    quantity: knownQuantity(row),
    index: row.params.index ?? row.indexLabel,
    ends: toldEnds(row),
    ...(row.otherEnd !== null && row.ends.length === 0 ? { openEnd: row.otherEnd } : {}),
  };
});

/** Wires of the tables in the order of the cavities that they start at, then those that people added. */
function inTableOrder({ pins, wires }: Pick<JobDocument, "pins" | "wires">): readonly WireRow[] {
  const positionOf = new Map(pins.map((row) => [row.id, row.position]));
  const key = (row: WireRow) =>
    row.origin === "added" ? Number.POSITIVE_INFINITY : (positionOf.get(row.fromPinId) ?? Number.POSITIVE_INFINITY);
  return wires
    .map((row) => [key(row), row] as const)
    .toSorted(([a], [b]) => (a === b ? 0 : a - b))
    .map(([, row]) => row);
}

/** Functions that somebody kept or dropped; of all others `core/slice` has the default. */
export const functionChoices = ({ kept }: Pick<JobDocument, "kept">): Map<string, boolean> =>
  new Map(kept.map((row) => [row.id, row.kept]));

export const triageFacts = (document: Pick<JobDocument, "cuts">): TriageFacts[] =>
  document.cuts
    .filter((row) => row.subject.startsWith("wire:"))
    .map((row) => ({
      wireId: row.subject,
      choice: row.choice,
      override: row.override,
      done: row.done,
      unplanned: row.unplanned,
    }));

/** Connectors that were decided to be taken out whole, by themselves or with their branch. */
export function removedConnectors({ cuts, connectors }: Pick<JobDocument, "cuts" | "connectors">): Set<string> {
  const removed = new Set(cuts.filter((row) => row.choice === "remove").map((row) => row.subject));
  return new Set(
    connectors
      .filter((row) => removed.has(`connector:${row.id}`) || removed.has(`branch:${row.branchId}`))
      .map((row) => row.id),
  );
}

/** Connectors that the inventory says go elsewhere than where they were found. */
export const movedConnectors = ({ counts }: Pick<JobDocument, "counts">): (readonly [string, string])[] =>
  counts
    .filter((row) => row.subject.startsWith("connector:") && row.goesTo !== "" && row.goesTo !== row.foundAt)
    .map((row) => [row.subject.slice("connector:".length), row.goesTo] as const);

export const shapesOf = (document: Pick<JobDocument, "connectors">): Map<string, Shape> =>
  new Map(
    document.connectors.map((row) => [
      row.id,
      {
        connectorId: row.id,
        rows: row.face?.rows ?? null,
        columns: row.face?.columns ?? null,
        keying: row.keying,
        gender: row.gender,
      },
    ]),
  );
