import { nanoid } from "nanoid";
import type { VariantRow as ComparedRow, TableCavity } from "@/core/compare";
import { colourCode, readColour } from "@/core/intake";
import { describeOp } from "./describe";
import { addedWireEnds, type ImportedPin, planImport } from "./import-table";
import { applyOps, deleteOp, type RowOp, updateOp } from "./ops";
import type { JobDocument, VariantRow } from "./schema";

/** A colour for comparing: normalised where it can be read, else as written. */
const colourText = (colour: { base: string | null; tracer: string | null; written: string } | null) =>
  colour === null ? null : (colourCode(colour as Parameters<typeof colourCode>[0]) ?? colour.written);

/** The cavities of one side of the job as the comparison takes them. */
export function cavitiesOf(document: JobDocument, side: VariantRow["side"]): TableCavity[] {
  const labels = new Map(document.connectors.filter((row) => row.side === side).map((row) => [row.id, row.label]));
  return document.pins
    .toSorted((a, b) => a.position - b.position)
    .flatMap((pin) => {
      const connector = labels.get(pin.connectorId);
      return connector === undefined
        ? []
        : [
            {
              connector,
              cavity: pin.cavity,
              circuit: pin.circuit,
              colour: pin.colour === null ? null : colourText(readColour(pin.colour)),
              sizeMm2: pin.sizeMm2,
              description: pin.description,
            },
          ];
    });
}

/** A table that was read, kept for comparing. */
export const variantOf = (
  side: VariantRow["side"],
  label: string,
  pins: readonly ImportedPin[],
  makeId: () => string = nanoid,
): VariantRow => ({
  id: makeId(),
  side,
  label,
  cavities: pins.map((pin) => ({
    connector: pin.connector,
    cavity: pin.cavity,
    circuit: pin.circuit,
    colour: colourText(pin.colour),
    sizeMm2: pin.sizeMm2,
    description: pin.description,
  })),
  picks: {},
});

export const placeOf = ({ connector, cavity }: Pick<TableCavity, "connector" | "cavity">) => `${connector}-${cavity}`;

/**
 * Says which table's wire lies on the bench at some places. “There” brings the job's cavity to what the other table
 * has: changed, added, or taken out where the other has none and nothing decided depends on it. “Here” leaves the job
 * as it is. What was picked is kept with the variant.
 */
export function pickOps(
  document: JobDocument,
  variant: VariantRow,
  rows: readonly ComparedRow[],
  pick: "here" | "there",
  makeId: () => string = nanoid,
): RowOp[] {
  const picks = { ...variant.picks, ...Object.fromEntries(rows.map((row) => [placeOf(row), pick])) };
  const picked = updateOp("variant", variant.id, variant, { picks });
  const changes = pick === "here" ? [] : takeThere(document, variant, rows, makeId);
  return [...changes, ...(picked === null ? [] : [picked])];
}

function takeThere(
  document: JobDocument,
  variant: VariantRow,
  rows: readonly ComparedRow[],
  makeId: () => string,
): RowOp[] {
  const idOf = new Map(
    document.connectors.filter((row) => row.side === variant.side).map((row) => [row.label, row.id]),
  );
  const pinAt = new Map(document.pins.map((pin) => [`${pin.connectorId} ${pin.cavity}`, pin]));
  const held = new Set([
    ...document.links.flatMap((link) => [link.providerId, link.consumerId]),
    ...addedWireEnds(document),
  ]);
  const ops: RowOp[] = [];
  let now = document;
  const add = (op: RowOp | null) => {
    if (op !== null) {
      ops.push(op);
      now = applyOps(now, [op]);
    }
  };
  for (const { connector, cavity, there } of rows) {
    const pin = pinAt.get(`${idOf.get(connector)} ${cavity}`);
    if (there === null) {
      if (pin !== undefined && !held.has(pin.id)) add(deleteOp("pin", pin));
      continue;
    }
    if (pin === undefined) {
      for (const op of planImport(now, variant.side, [importedPin(there)], { makeId }).ops) add(op);
      continue;
    }
    const colour = there.colour === null ? null : readColour(there.colour);
    add(
      updateOp("pin", pin.id, pin, {
        circuit: there.circuit,
        sizeMm2: there.sizeMm2,
        colour: colour?.written ?? null,
        colourBase: colour?.base ?? null,
        colourTracer: colour?.tracer ?? null,
      }),
    );
    if (pin.description !== there.description) add(describeOp(now, pin.id, there.description));
  }
  return ops;
}

const unread = { value: null, confidence: 0, why: { code: "not-read-yet" }, source: "proposed" } as const;

function importedPin(there: TableCavity): ImportedPin {
  const colour = there.colour === null ? null : readColour(there.colour);
  return {
    ...there,
    colour,
    lengthM: null,
    kind: { ...unread, value: "unknown" },
    quantity: unread,
    index: null,
    params: {},
    grades: {},
    extra: {},
    otherEnd: null,
    part: null,
    note: "",
  };
}
