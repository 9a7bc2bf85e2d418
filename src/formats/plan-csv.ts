import type { Side } from "@/core/forms";
import { deriveLines, SHEET_HEADS, sheetRows } from "@/core/plan";
import type { JobDocument } from "@/job/schema";
import { signalPins } from "@/job/signal-pins";
import { writePinTable, writeTable } from "./pin-table";

/** The pin-to-pin table of all decided links as CSV. */
export function planCsv(document: JobDocument): string {
  const pins = new Map(document.pins.map((row) => [row.id, row]));
  const rows = sheetRows(deriveLines(signalPins(document), document.links).lines, (id) => pins.get(id));
  const text = (value: number | null) => (value === null ? "" : String(value));
  return writeTable([
    [...SHEET_HEADS],
    ...rows.map((row) => [row.quantity, row.donor, row.donorColour, text(row.donorSizeMm2), row.adapter, row.host, row.hostColour, text(row.hostSizeMm2), row.note]),
  ]);
}

/** One side's pin table as the contract's CSV, in table order; a confirmed guess is written as given. */
export function pinTableCsv(document: JobDocument, side: Side): string {
  const connectors = new Map(document.connectors.filter((row) => row.side === side).map((row) => [row.id, row.label]));
  const pins = document.pins.filter((row) => connectors.has(row.connectorId)).toSorted((a, b) => a.position - b.position);
  return writePinTable(pins.map((row) => ({
    connector: connectors.get(row.connectorId) ?? "", cavity: row.cavity, circuit: row.circuit, colour: row.colour === null ? null : { written: row.colour },
    sizeMm2: row.sizeMm2, lengthM: row.lengthM, description: row.description, params: row.params, extra: row.extra,
    kind: { value: row.kind, source: row.kindSource }, quantity: { value: row.quantity, source: row.quantitySource },
  })));
}
