import { type CellObject, read, utils, type WorkBook, type WorkSheet } from "xlsx";
import type { CsvRecord } from "./csv";
import { MAX_ROWS, type Paper } from "./pin-table";

/** One sheet of a workbook as text, cell by cell as it is displayed. */
export type SheetResult =
  | { readonly ok: true; readonly papers: readonly Paper[] }
  | { readonly ok: false; readonly code: "protected" | "damaged" | "too-large" };

/** What a packed workbook may hold when it is unpacked, bytes: a small file can be made to hold anything. */
const MOST_UNPACKED = 200_000_000;
const MOST_COLUMNS = 200;

/**
 * Reads XLSX, ODS and the older XLS: every sheet as rows of text as they are displayed. Formulas are not run: what the workbook last showed is
 * read. A cell merged over several rows stands in each of them, one merged over several columns in the first.
 */
export function readWorkbook(bytes: Uint8Array): SheetResult {
  if (unpackedSize(bytes) > MOST_UNPACKED) return { ok: false, code: "too-large" };
  let book: WorkBook;
  try {
    book = read(bytes, {
      type: "array",
      cellFormula: false,
      cellHTML: false,
      cellStyles: true,
      cellDates: true,
      sheetRows: MAX_ROWS + 200,
    });
  } catch (error) {
    return { ok: false, code: /password|encrypt/i.test(String(error)) ? "protected" : "damaged" };
  }
  const isShown = (at: number) => (book.Workbook?.Sheets?.[at]?.Hidden ?? 0) === 0;
  const sheets = book.SheetNames;
  const shown = sheets.filter((_, at) => isShown(at));
  return {
    ok: true,
    // What is hidden is looked at last.
    papers: [...shown, ...sheets.filter((name) => !shown.includes(name))].map((name) =>
      paperOf(name, sheets, book.Sheets[name] ?? {}),
    ),
  };
}

function paperOf(sheet: string, sheets: readonly string[], cells: WorkSheet): Paper {
  const dates = new Set<string>();
  const records: CsvRecord[] = [];
  for (const [row, columns] of [...cellsByRow(cells)].toSorted(([a], [b]) => a - b)) {
    const texts: string[] = Array(Math.max(...columns.keys()) + 1).fill("");
    for (const [column, cell] of columns) {
      texts[column] = displayed(cell);
      if (texts[column] !== "" && cell.t === "d") dates.add(`${row + 1}:${column}`);
    }
    const last = texts.findLastIndex((text) => text.trim() !== "");
    if (last >= 0) records.push({ line: row + 1, cells: texts.slice(0, last + 1) });
  }
  const hidden = (cells["!cols"] ?? []).flatMap((column, at) => (column?.hidden === true ? [at] : []));
  return {
    records,
    encoding: "workbook",
    separator: null,
    sheet,
    sheets,
    hidden,
    isDate: (line, at) => dates.has(`${line}:${at}`),
  };
}

/**
 * The cells that there are, by row and column: a sheet of a few that reaches far is walked by its cells, not its area. A cell that is
 * merged over several rows stands in each of them.
 */
function cellsByRow(cells: WorkSheet): ReadonlyMap<number, ReadonlyMap<number, CellObject>> {
  const rows = new Map<number, Map<number, CellObject>>();
  const put = (row: number, column: number, cell: CellObject) => {
    const columns = rows.get(row);
    if (columns === undefined) rows.set(row, new Map([[column, cell]]));
    else columns.set(column, cell);
  };
  const { e: end } = utils.decode_range(cells["!ref"] ?? "A1:A1");
  for (const [at, cell] of Object.entries(cells)) {
    if (at.startsWith("!")) continue;
    const { r, c } = utils.decode_cell(at);
    if (r <= end.r && c <= end.c && c < MOST_COLUMNS) put(r, c, cell as CellObject);
  }
  for (const { s, e } of cells["!merges"] ?? []) {
    const top = cells[utils.encode_cell(s)] as CellObject | undefined;
    if (top === undefined || s.c >= MOST_COLUMNS) continue;
    for (let row = s.r + 1; row <= Math.min(e.r, end.r, s.r + MAX_ROWS); row++) put(row, s.c, top);
  }
  return rows;
}

function displayed(cell: CellObject | undefined): string {
  if (cell === undefined || cell.t === "z") return "";
  return (cell.w ?? (cell.v === undefined || cell.v === null ? "" : String(cell.v))).replace(/\r\n?/g, "\n");
}

/** The bytes that a zip's directory says it holds; 0 for what is no zip. */
function unpackedSize(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let sum = 0;
  for (let at = 0; at + 46 <= bytes.length; at++) {
    if (bytes[at] !== 0x50 || view.getUint32(at, true) !== 0x02014b50) continue;
    sum += view.getUint32(at + 24, true);
    at += 45;
  }
  return sum;
}
