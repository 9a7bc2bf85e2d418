import { type Kind, PARAMS_OF, type Side } from "@/core/forms";
import { readAliveCell, readAmount, readColour, readLength, readSize } from "@/core/intake";
import { guessesOf } from "./describe";
import { endsIn } from "./import-ends";
import { type RowOp, updateOp } from "./ops";
import { factOp } from "./pin-ops";
import type { JobDocument, PinRow } from "./schema";
import { formOf } from "./signal-pins";

/** What a column that a table brought along may be told to be. */
export const TOLD_AS = [
  "circuit",
  "colour",
  "size",
  "length",
  "description",
  "to",
  "part",
  "remarks",
  "amps",
  "ohms",
  "volts",
  "live",
] as const;
export type ToldAs = (typeof TOLD_AS)[number];

/** What became of a column that was told: the operations, and how many cells could not be read so and stay beside their rows. */
export interface ToldExtra {
  readonly ops: readonly RowOp[];
  readonly unread: number;
}

/**
 * A column that was kept beside the rows of one side is told what it is: each cell becomes that of its row, where the
 * row has none yet, and leaves the column. A cell that cannot be read so stays.
 */
export function tellExtra(document: JobDocument, side: Side, header: string, as: ToldAs): ToldExtra {
  const ofSide = new Set(document.connectors.flatMap((row) => (row.side === side ? [row.id] : [])));
  const rows = document.pins.filter((row) => row.extra[header] !== undefined && ofSide.has(row.connectorId));
  const told = rows.flatMap((row) => {
    const to = readAs(document, row, row.extra[header] ?? "", as);
    return to === null ? [] : [{ row, to }];
  });
  const guesses = guessesOf(
    document,
    new Map(told.flatMap(({ row, to }) => (to.description == null ? [] : [[row.id, to.description] as const]))),
  );
  const ops = told.flatMap(({ row, to }): RowOp[] => {
    const { [header]: _told, ...extra } = row.extra;
    const op = updateOp("pin", row.id, row, { ...to, ...guesses.get(row.id), extra });
    return op === null ? [] : [op];
  });
  return { ops, unread: rows.length - told.length };
}

/** What a row becomes by one cell; null where it cannot be read so, or the row says it already. */
function readAs(document: JobDocument, row: PinRow, written: string, as: ToldAs): Partial<PinRow> | null {
  const hints = { decimalComma: true, headerUnit: null };
  switch (as) {
    case "circuit":
      return row.circuit === null ? { circuit: written } : null;
    case "description":
      return row.description === null ? { description: written } : null;
    case "part":
      return row.part === null ? { part: written } : null;
    case "remarks":
      return { note: row.note === "" ? written : `${row.note}\n${written}` };
    case "to":
      return row.otherEnd === null ? endsIn(document, row, written) : null;
    case "colour": {
      const colour = row.colour === null ? readColour(written) : null;
      return colour === null ? null : { colour: colour.written, colourBase: colour.base, colourTracer: colour.tracer };
    }
    case "size": {
      const sizeMm2 = row.sizeMm2 === null ? readSize(written, hints) : null;
      return sizeMm2 === null ? null : { sizeMm2 };
    }
    case "length": {
      const lengthM = row.lengthM === null ? readLength(written, hints) : null;
      return lengthM === null ? null : { lengthM };
    }
    default:
      return factIn(row, written, as);
  }
}

function factIn(row: PinRow, written: string, as: "amps" | "ohms" | "volts" | "live"): Partial<PinRow> | null {
  const { kind } = formOf(row);
  const field = as === "live" ? "alive" : as === "amps" ? currentOf(kind) : as;
  const amount = readAmount(written, true);
  const value = as === "live" ? readAliveCell(written) : amount === null ? null : String(amount.value);
  if (value === null || !Object.hasOwn(PARAMS_OF[kind], field) || field in row.params) return null;
  const op = factOp(row, field, value, "read");
  return op?.op === "update" ? (op.to as Partial<PinRow>) : null;
}

const currentOf = (kind: Kind) => (kind.endsWith("-out") ? "maxAmps" : "amps");
