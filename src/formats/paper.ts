import type { Side } from "@/core/forms";
import { type PinTableResult, type ReadOptions, readPinTable, readRows, refuse } from "./pin-table";
import { MAX_BYTES } from "./text";
import { readWorkbook } from "./workbook";

/**
 * Reads a pin table from whatever it was kept in: text, or a workbook, of which the first sheet with a header is taken or the
 * one that is asked for. What is no table is refused with what to do instead.
 */
export function readPaper(bytes: Uint8Array, side: Side, options: ReadOptions = {}): PinTableResult {
  const kind = kindOf(bytes);
  if (kind !== null && kind !== "workbook") return refuse("not-text", { hint: CURES[kind] });
  if (bytes.byteLength > MAX_BYTES) return refuse("too-large");
  if (kind === null) return readPinTable(bytes, side, options);
  const book = readWorkbook(bytes);
  if (!book.ok) return refuse(book.code);
  const chosen = book.papers.filter(({ sheet }) => options.sheet === undefined || sheet === options.sheet);
  const results = chosen.map((paper) => () => readRows(paper, side, options));
  let first: PinTableResult | null = null;
  for (const make of results) {
    const result = make();
    if (result.ok || result.refusal.code === "too-many-rows") return result;
    first ??= result;
  }
  return first ?? refuse("no-header");
}

type NoTable = "pdf" | "picture" | "document";

const CURES: Readonly<Record<NoTable, string>> = {
  pdf: "It is a PDF. Where its text can be marked, copy the table and paste it here; else put the page beside the entry grid and type what it shows.",
  picture: "It is a picture. Put it beside the entry grid and type what it shows.",
  document: "It is a text document. Copy its table and paste it here, or save the table as XLSX, ODS or CSV.",
};

const starts = (bytes: Uint8Array, text: string, at = 0) =>
  [...text].every((char, index) => bytes[at + index] === char.charCodeAt(0));

/** What a file is by its first bytes; null for what may be text. */
function kindOf(bytes: Uint8Array): NoTable | "workbook" | null {
  if (starts(bytes, "%PDF")) return "pdf";
  if (starts(bytes, "\u0089PNG") || starts(bytes, "\u00ff\u00d8\u00ff") || starts(bytes, "GIF8")) return "picture";
  if (starts(bytes, "RIFF") && starts(bytes, "WEBP", 8)) return "picture";
  if (starts(bytes, "II*\0") || starts(bytes, "MM\0*")) return "picture";
  if (starts(bytes, "ftyp", 4) && /^(hei|hev|mif|msf|avi)/.test(String.fromCharCode(...bytes.subarray(8, 12))))
    return "picture";
  if (starts(bytes, "\u00d0\u00cf\u0011\u00e0")) return "workbook";
  if (!starts(bytes, "PK\u0003\u0004")) return null;
  const names = new TextDecoder("latin1").decode(bytes.subarray(0, 4000));
  if (/opendocument\.text|word\/document\.xml/.test(names)) return "document";
  return "workbook";
}
