import type { Side } from "@/core/forms";
import { readPinTable } from "@/formats/pin-table";
import { addWireOps } from "@/job/harness-ops";
import { planImport } from "@/job/import-table";
import type { JobDocument, PartRow, PinRow } from "@/job/schema";
import { carryOut } from "@/job/table-wires";

/** A cavity by its label. */
export function pinOf(document: JobDocument, label: string): PinRow {
  const found = document.pins.find((row) => {
    const connector = document.connectors.find((one) => one.id === row.connectorId);
    return `${connector?.label}-${row.cavity}` === label;
  });
  if (found === undefined) throw new Error(`the sample's plan names ${label}, which its tables do not have`);
  return found;
}

/** The job with a new wire in it. */
export function withWire(
  document: JobDocument,
  from: string,
  to: string,
  wire: { readonly colour: string; readonly sizeMm2: number; readonly lengthM: number },
  makeId: () => string,
): JobDocument {
  return carryOut(
    document,
    addWireOps({ fromPinId: pinOf(document, from).id, toPinId: pinOf(document, to).id, ...wire, stock: "new" }, makeId),
  );
}

/**
 * The job with a table read as anyone's would be, under ids that are the same at every run, so that its export is too.
 */
export function withTable(document: JobDocument, side: Side, table: Uint8Array, name: string): JobDocument {
  const result = readPinTable(table, side);
  if (!result.ok) throw new Error(`${name}: ${result.refusal.message}`);
  const [issue] = result.table.issues;
  if (issue !== undefined)
    throw new Error(`${name}: line ${"line" in issue ? issue.line : "?"}: ${JSON.stringify(issue)}`);
  const connectors = document.connectors.filter((row) => row.side === side);
  const ids = new Set(connectors.map((row) => row.id));
  let count = connectors.length + document.pins.filter((row) => ids.has(row.connectorId)).length;
  const makeId = () => {
    count += 1;
    return `${side}-${count}`;
  };
  return carryOut(document, planImport(document, side, result.table.pins, { makeId }).ops);
}

/** A computer of several plugs is one part: their feeds and grounds are one inside. */
export function computerOf(
  document: JobDocument,
  plugs: readonly string[],
  told: Pick<PartRow, "id" | "side" | "label" | "origin" | "diagram" | "note">,
): PartRow {
  const labelOf = new Map(
    document.connectors.flatMap((row) =>
      row.side === told.side && plugs.includes(row.label) ? [[row.id, row.label] as const] : [],
    ),
  );
  const name = (plug: string | undefined, cavity: string) => (plugs.length === 1 ? cavity : `${plug}-${cavity}`);
  return {
    ...told,
    type: "computer",
    terminals: document.pins.flatMap(({ id, cavity, connectorId }) =>
      labelOf.has(connectorId) ? [{ name: name(labelOf.get(connectorId), cavity), pinId: id }] : [],
    ),
    elements: [],
  };
}
