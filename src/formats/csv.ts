/**
 * Separated text, read so that every cell can be named by its line.
 *
 * Why not a common package: the pin-table contract asks for the line on which an unclosed quote opens, for mixed line
 * ends within one file, and for write → read → write identical to the byte; none that was tried gives all three.
 */

export interface CsvRecord {
  /** Line of the file on which the record starts, from 1. */
  readonly line: number;
  readonly cells: readonly string[];
}

export type CsvResult =
  | { readonly ok: true; readonly records: readonly CsvRecord[] }
  | { readonly ok: false; readonly code: "unclosed-quote"; readonly line: number };

/** Splits text into records. Blank lines are passed over; CR, LF and CRLF all end a line. */
export function parseCsv(text: string, separator: string): CsvResult {
  const records: CsvRecord[] = [];
  let cells: string[] = [];
  let cell = "";
  let line = 1;
  let recordLine = 1;
  let at = 0;

  const endCell = () => {
    cells.push(cell);
    cell = "";
  };
  const endRecord = () => {
    endCell();
    if (cells.some((one) => one.trim() !== "")) records.push({ line: recordLine, cells });
    cells = [];
  };

  while (at < text.length) {
    const char = text[at] as string;
    if (char === '"' && cell.trim() === "") {
      const opened = line;
      const quoted = readQuoted(text, at + 1);
      if (quoted === null) return { ok: false, code: "unclosed-quote", line: opened };
      cell = quoted.value;
      line += quoted.lines;
      at = quoted.next;
      // What stands between the closing quote and the separator is kept, so that nothing written is lost.
      while (at < text.length && text[at] !== separator && text[at] !== "\n" && text[at] !== "\r") {
        cell += text[at];
        at += 1;
      }
    } else if (char === separator) {
      endCell();
      at += 1;
    } else if (char === "\n" || char === "\r") {
      at += char === "\r" && text[at + 1] === "\n" ? 2 : 1;
      endRecord();
      line += 1;
      recordLine = line;
    } else {
      cell += char;
      at += 1;
    }
  }
  if (cell !== "" || cells.length > 0) endRecord();
  return { ok: true, records };
}

function readQuoted(text: string, from: number): { value: string; next: number; lines: number } | null {
  let value = "";
  let lines = 0;
  for (let at = from; at < text.length; at += 1) {
    const char = text[at] as string;
    if (char === '"') {
      if (text[at + 1] !== '"') return { value, next: at + 1, lines };
      value += '"';
      at += 1;
    } else {
      if (char === "\n" || (char === "\r" && text[at + 1] !== "\n")) lines += 1;
      value += char;
    }
  }
  return null;
}

/** One record as a line without its end; a cell is quoted where it must be. */
export function formatCsvRecord(cells: readonly string[]): string {
  return cells.map((cell) => (/[",;\t\r\n]|^\s|\s$/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(",");
}

/** Also behind blanks, which a spreadsheet passes over, and with the full-width signs that some take for the same. */
const FORMULA = /^'*(?:[\t\r]|[\s\u200b]*[=+\-@\uff1d\uff0b\uff0d\uff20])/;

/** A spreadsheet would run a cell that begins so; the apostrophe keeps it text. {@link unguardFormula} takes it off. */
export const guardFormula = (cell: string) => (FORMULA.test(cell) ? `'${cell}` : cell);
export const unguardFormula = (cell: string) =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
