import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type CsvRecord, formatCsvRecord, guardFormula, parseCsv, unguardFormula } from "./csv";
import { decodeText } from "./text";

/** The obvious reader of text without quotes. */
const plainCsv = (text: string) =>
  text
    .split("\n")
    .map((line) => line.split(","))
    .filter((row) => row.some((cell) => cell.trim() !== ""));

function records(text: string): readonly CsvRecord[] {
  const result = parseCsv(text, ",");
  if (!result.ok) throw new Error(result.code);
  return result.records;
}

describe("reading separated text", () => {
  test("what is written is read back, whatever it holds", () => {
    const cell = fc.string({ unit: fc.constantFrom("a", "b", " ", ",", ";", '"', "\n", "\t", "é"), maxLength: 6 });
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 6 }), (rows) => {
        const kept = rows.filter((row) => row.some((one) => one.trim() !== ""));
        const text = rows.map((row) => `${formatCsvRecord(row)}\r\n`).join("");
        expect(records(text).map((record) => record.cells)).toEqual(kept);
      }),
      { numRuns: 300 },
    );
  });
  test("unquoted text is split as the obvious reader splits it", () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom("a", "b", " ", ",", "\n"), maxLength: 40 }), (text) => {
        expect(records(text).map((record) => record.cells)).toEqual(plainCsv(text));
      }),
      { numRuns: 300 },
    );
  });
  test.each<[string, string, [number, string[]][]]>([
    [
      "CR, LF and CRLF mixed",
      "a,b\r1,2\n3,4\r\n5,6",
      [
        [1, ["a", "b"]],
        [2, ["1", "2"]],
        [3, ["3", "4"]],
        [4, ["5", "6"]],
      ],
    ],
    [
      "blank lines passed over, counted",
      "a,b\n\n\n1,2\n",
      [
        [1, ["a", "b"]],
        [4, ["1", "2"]],
      ],
    ],
    ["a quote in the middle is a character", 'a,5" pipe\n', [[1, ["a", '5" pipe']]]],
    ["text after a closing quote is kept", '"a"b,c\n', [[1, ["ab", "c"]]]],
    [
      "a record over three lines starts on its first",
      'x,y\n"1\n2\n3",z\nu,v\n',
      [
        [1, ["x", "y"]],
        [2, ["1\n2\n3", "z"]],
        [5, ["u", "v"]],
      ],
    ],
    ["an empty last cell", "a,b,\n", [[1, ["a", "b", ""]]]],
  ])("%s", (_name, text, expected) =>
    expect(records(text).map((record) => [record.line, record.cells])).toEqual(expected),
  );
  test("a quote that never closes is told by the line where it opens", () =>
    expect(parseCsv('a,b\nc,d\n"e,f\ng,h\n', ",")).toEqual({ ok: false, code: "unclosed-quote", line: 3 }));
});

test("a guarded cell comes back, and no guarded cell begins as a formula", () => {
  fc.assert(
    fc.property(
      fc.string({ unit: fc.constantFrom("'", "=", "+", "-", "@", "a", "\t", " ", "\u200b", "＝", "＠"), maxLength: 5 }),
      (cell) => {
        expect(unguardFormula(guardFormula(cell))).toBe(cell);
        expect(guardFormula(cell)).not.toMatch(/^[\s\u200b]*[=+\-@＝＋－＠]|^[\t\r]/);
      },
    ),
  );
  for (const cell of [" =1+1", "\u00a0=1", "＝1", "\u200b=1", " ＋1"]) expect(guardFormula(cell)).toBe(`'${cell}`);
  for (const cell of ["a=1", " a", "'quoted'", "1-2"]) expect(guardFormula(cell)).toBe(cell);
});

describe("bytes to text", () => {
  const bytes = (...values: number[]) => new Uint8Array(values);
  test.each<[string, Uint8Array, string, string]>([
    ["UTF-8", new TextEncoder().encode("größe"), "größe", "utf-8"],
    ["Windows-1252, with its own signs", bytes(0x80, 0x96, 0xe4), "€–ä", "windows-1252"],
    ["UTF-16, either order", bytes(0xfe, 0xff, 0x00, 0x41), "A", "utf-16"],
    ["an old end-of-file mark", bytes(0x41, 0x1a), "A", "utf-8"],
  ])("%s", (_name, data, text, encoding) => expect(decodeText(data)).toEqual({ ok: true, text, encoding }));
  test("binary data is no text", () =>
    expect(decodeText(bytes(0x50, 0x4b, 3, 4, 0, 0))).toEqual({ ok: false, code: "not-text" }));
});
