import { deflateRawSync } from "node:zlib";
import { describe, expect, test } from "vitest";
import { CFB, utils, type WorkSheet, write } from "xlsx";
import { readPaper } from "./paper";

type Cell = string | number | null | { v: number; z: string };
const sheetOf = (rows: readonly (readonly Cell[])[], more: Partial<WorkSheet> = {}): WorkSheet => {
  const sheet = utils.aoa_to_sheet(
    rows.map((row) => row.map((cell) => (typeof cell === "object" && cell !== null ? cell.v : cell))),
  );
  rows.forEach((row, r) => {
    row.forEach((cell, c) => {
      if (typeof cell !== "object" || cell === null) return;
      sheet[utils.encode_cell({ r, c })] = { t: "n", v: cell.v, z: cell.z };
    });
  });
  return Object.assign(sheet, more);
};
const book = (sheets: Readonly<Record<string, WorkSheet>>, bookType: "xlsx" | "ods" | "biff8" = "xlsx") =>
  new Uint8Array(write({ SheetNames: Object.keys(sheets), Sheets: { ...sheets } }, { type: "array", bookType }));
const table = (bytes: Uint8Array, options = {}) => {
  const result = readPaper(bytes, "donor", options);
  if (!result.ok) throw new Error(result.refusal.message);
  return result.table;
};
const refusal = (bytes: Uint8Array) => {
  const result = readPaper(bytes, "donor");
  return result.ok ? null : result.refusal;
};
const ROWS: Cell[][] = [
  ["Engine harness, as measured"],
  ["Connector", "Pin", "Wire colour", "mm2", "Function", "Runs to"],
  ["C1", 1, "YE/BK", 0.5, "Coolant temperature signal", "C1-2"],
  ["C1", 2, "BK", 2.5, "Engine ground", "G101"],
];

describe("workbooks", () => {
  test.each(["xlsx", "ods", "biff8"] as const)("%s: cells as they are displayed, lines by their rows", (type) => {
    const { pins, sheet, headerLine, issues } = table(book({ Pins: sheetOf(ROWS) }, type));
    expect([sheet, headerLine]).toEqual(["Pins", 2]);
    expect(pins.map((pin) => [pin.line, pin.connector, pin.cavity, pin.sizeMm2, pin.colour?.base])).toEqual([
      [3, "C1", "1", 0.5, "YE"],
      [4, "C1", "2", 2.5, "BK"],
    ]);
    expect(issues.map(({ code }) => code)).toEqual(["preamble", "other-end-differs"]);
    expect(pins[1]?.to).toEqual({ written: "G101", ends: [{ ground: "G101" }], resolved: true });
  });
  test("of fifty sheets the first with a header is read, or the one that is asked for", () => {
    const sheets = Object.fromEntries(
      Array.from({ length: 50 }, (_, at) => [
        `Sheet ${at + 1}`,
        at === 30 || at === 40
          ? sheetOf(ROWS.map((row) => row.map((cell) => (cell === "C1" ? `C${at}` : cell))))
          : sheetOf([["a picture"]]),
      ]),
    );
    expect(table(book(sheets)).pins[0]?.connector).toBe("C30");
    expect(table(book(sheets)).sheets).toHaveLength(50);
    expect(table(book(sheets), { sheet: "Sheet 41" }).pins[0]?.connector).toBe("C40");
    expect(readPaper(book(sheets), "donor", { sheet: "Sheet 2" })).toMatchObject({
      ok: false,
      sheet: "Sheet 2",
      lines: [{ line: 1, cells: ["a picture"] }],
    });
  });
  test("a cell merged over rows stands in each of them, a head merged over columns above its own heads", () => {
    const rows: Cell[][] = [
      ["Connector", "Pin", "Wire", null],
      [null, null, "Colour", "mm2"],
      ["C7", "1", "RD", 1],
      [null, "2", "BN", 1.5],
      ["C8", "1", "GN", 2],
    ];
    const merges = ["A1:A2", "B1:B2", "C1:D1", "A3:A4"].map((one) => utils.decode_range(one));
    const { pins, headerLine } = table(book({ Pins: sheetOf(rows, { "!merges": merges }) }));
    expect(headerLine).toBe(2);
    expect(pins.map((pin) => `${pin.connector}-${pin.cavity} ${pin.colour?.base} ${pin.sizeMm2}`)).toEqual([
      "C7-1 RD 1",
      "C7-2 BN 1.5",
      "C8-1 GN 2",
    ]);
  });
  test("a label that became a date is an error with its place and cure, in a workbook and in its CSV", () => {
    const rows: Cell[][] = [
      ["Connector", "Pin", "Colour"],
      ["C1", { v: 46027, z: "d-mmm" }, "RD"],
      ["C1", "5-2", "BK"],
    ];
    const read = table(book({ Pins: sheetOf(rows) }));
    expect(read.issues).toMatchObject([
      { level: "error", code: "date-for-label", line: 2, column: "cavity", found: "5-Jan" },
    ]);
    expect(read.issues[0]?.message).toMatch(/set the column's format to text/);
    expect(read.pins.map(({ cavity }) => cavity)).toEqual(["5-2"]);
    const csv = table(new TextEncoder().encode("connector,pin\nC1,5-Jan\nC1,5-2\nC1,2026-01-05\n"));
    expect(csv.issues.map(({ code, line }) => `${code} ${line}`)).toEqual(["date-for-label 2", "date-for-label 4"]);
  });
  test("hidden columns are read and told; hidden sheets are looked at last", () => {
    const hidden = sheetOf(ROWS.slice(1), { "!cols": [{}, {}, { hidden: true }] });
    expect(table(book({ Pins: hidden })).issues).toMatchObject([{ code: "hidden-column", found: "Wire colour" }, {}]);
    const both = { Old: sheetOf(ROWS), New: sheetOf(ROWS.slice(1)) };
    const bytes = new Uint8Array(
      write(
        { SheetNames: Object.keys(both), Sheets: both, Workbook: { Sheets: [{ Hidden: 1 }, { Hidden: 0 }] } },
        { type: "array", bookType: "xlsx" },
      ),
    );
    expect(table(bytes).sheet).toBe("New");
  });
  test("formulas are not run: what was last shown is read", () => {
    const sheet = sheetOf(ROWS.slice(1));
    sheet.D2 = { t: "n", v: 0.75, w: "0.75", f: "1/0" };
    expect(table(book({ Pins: sheet })).pins[0]?.sizeMm2).toBe(0.75);
  });
  test("16,000 empty rows and a far corner are no rows", () => {
    const sheet = sheetOf(ROWS.slice(1));
    sheet.IV16001 = { t: "s", v: "" };
    sheet["!ref"] = "A1:IV16001";
    expect(table(book({ Pins: sheet }))).toMatchObject({ rowCount: 2, columns: { length: 6 } });
  });
  test("more rows than a table may have are refused, not cut", () => {
    const rows = [["Connector", "Pin"], ...Array.from({ length: 20_001 }, (_, at) => ["C1", at])];
    expect(refusal(book({ Pins: sheetOf(rows) }))?.code).toBe("too-many-rows");
  });
});

describe("what is no table", () => {
  const text = (content: string, length = 100) => {
    const bytes = new Uint8Array(length);
    bytes.set([...content].map((char) => char.charCodeAt(0)));
    return bytes;
  };
  test.each([
    ["a PDF", text("%PDF-1.7"), /PDF.*copy the table/],
    ["a photograph of 30 MB", text("\u00ff\u00d8\u00ff\u00e0", 30_000_000), /picture.*entry grid/],
    ["a screen shot", text("\u0089PNG\r\n"), /picture/],
    ["a telephone's picture", text("\0\0\0\u0018ftypheic"), /picture/],
    ["a text document", text("PK\u0003\u0004 mimetypeapplication/vnd.oasis.opendocument.text"), /text document/],
  ])("%s is refused with what to do", (_name, bytes, hint) =>
    expect(refusal(bytes)).toMatchObject({ code: "not-text", hint: expect.stringMatching(hint) }),
  );
  test("a workbook with a password, and one that is cut short", () => {
    const locked = CFB.utils.cfb_new();
    CFB.utils.cfb_add(locked, "/EncryptedPackage", new Uint8Array(600));
    CFB.utils.cfb_add(locked, "/EncryptionInfo", new Uint8Array(600));
    expect(refusal(new Uint8Array(CFB.write(locked, { type: "buffer" }) as Buffer))?.code).toBe("protected");
    expect(refusal(book({ Pins: sheetOf(ROWS) }).subarray(0, 900))?.code).toBe("damaged");
  });
  test("a workbook that unpacks to more than it may is refused before it is unpacked", () => {
    const size = 250_000_000;
    const packed = deflateRawSync(new Uint8Array(1000));
    const name = new TextEncoder().encode("xl/worksheets/sheet1.xml");
    const part = (signature: number, length: number) => {
      const bytes = new Uint8Array(length);
      new DataView(bytes.buffer).setUint32(0, signature, true);
      return bytes;
    };
    const local = part(0x04034b50, 30);
    const entry = part(0x02014b50, 46);
    new DataView(entry.buffer).setUint32(24, size, true);
    const bytes = Uint8Array.from([...local, ...name, ...packed, ...entry, ...name, ...part(0x06054b50, 22)]);
    expect(refusal(bytes)?.code).toBe("too-large");
  });
});
