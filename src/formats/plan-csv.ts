import type { Side } from "@/core/forms";
import { deriveLines, newWork, sheetRows } from "@/core/plan";
import { cavityLabel, newWorkRows, quantityWords, SHEET_HEADS, sheetAdapter, sheetNote } from "@/core/words";
import { addedWires } from "@/job/added-wires";
import { fillingsOf } from "@/job/gap-ops";
import { decisionsOf } from "@/job/links";
import type { JobDocument } from "@/job/schema";
import { signalPinsIn } from "@/job/signal-pins";
import { writePinTable, writeTable } from "./pin-table";

/** All that is made new as CSV: the decided links pin to pin, then added wires, relays' terminals, fuses and splices. */
export function planCsv(document: JobDocument): string {
  const pins = new Map(document.pins.map((row) => [row.id, row]));
  const signals = signalPinsIn(document);
  const { lines } = deriveLines(signals, decisionsOf(document));
  const rows = sheetRows(lines, (id) => pins.get(id));
  const work = newWork(lines, addedWires(document), fillingsOf(document, signals));
  const text = (value: number | null) => (value === null ? "" : String(value));
  return writeTable([
    [...SHEET_HEADS],
    ...rows.map((row) => [
      quantityWords(row.quantity),
      cavityLabel(row.donor.at),
      row.donor.colour ?? "",
      text(row.donor.sizeMm2),
      sheetAdapter(row),
      cavityLabel(row.host.at),
      row.host.colour ?? "",
      text(row.host.sizeMm2),
      sheetNote(row),
    ]),
    ...work.wires.map((wire) => [
      "added wire",
      cavityLabel(wire.from),
      wire.colour ?? "",
      text(wire.sizeMm2),
      "",
      cavityLabel(wire.to),
      wire.colour ?? "",
      text(wire.sizeMm2),
      [wire.stock, wire.lengthM === null ? "" : `${wire.lengthM} m`].filter((part) => part !== "").join("; "),
    ]),
    ...newWorkRows(work).map((row) => [row.what, row.from, "", "", row.with, row.to, "", "", ""]),
  ]);
}

/** One side's pin table as the contract's CSV, in table order; a confirmed guess is written as given. */
export function pinTableCsv(document: JobDocument, side: Side): string {
  const connectors = new Map(document.connectors.filter((row) => row.side === side).map((row) => [row.id, row.label]));
  const pins = document.pins
    .filter((row) => connectors.has(row.connectorId))
    .toSorted((a, b) => a.position - b.position);
  return writePinTable(
    pins.map((row) => ({
      connector: connectors.get(row.connectorId) ?? "",
      cavity: row.cavity,
      circuit: row.circuit,
      colour: row.colour === null ? null : { written: row.colour },
      sizeMm2: row.sizeMm2,
      lengthM: row.lengthM,
      description: row.description,
      params: row.params,
      grades: row.grades,
      otherEnd: row.otherEnd,
      part: row.part,
      note: row.note,
      extra: row.extra,
      kind: { value: row.kind, source: row.kindSource },
      quantity: { value: row.quantity, source: row.quantitySource },
    })),
  );
}
