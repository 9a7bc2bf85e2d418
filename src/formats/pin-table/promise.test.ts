import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { emptyDocument } from "@/job/document";
import { planImport } from "@/job/import-table";
import { faultsInOps, insertOp } from "@/job/ops";
import { EMPTY } from "../../../tests/support/empty";
import { readPinTable } from "./read";

const bytes = (text: string) => new TextEncoder().encode(text);
const quoted = (cell: string) => `"${cell.replaceAll('"', '""')}"`;
const table = (headers: readonly string[], rows: readonly (readonly string[])[]) =>
  bytes([headers, ...rows].map((row) => row.map(quoted).join(",")).join("\r\n"));

const longs = fc.constantFrom(190, 191, 200, 201, 9_999, 10_000, 10_001).map((length) => "x".repeat(length));
const header = fc.oneof(
  fc.constantFrom("size", "length", "colour", "circuit", "description", "params", "kind", "quantity", "Note", ""),
  fc.string({ maxLength: 20, unit: "grapheme" }),
  longs,
);
const cell = fc.oneof(
  fc.constantFrom("", "0", "-1", "300", "301 mm2", "1e9", "0.0001", "40 AWG", "100 m", "101 m", "5000 ft", "YE/BK"),
  fc.constantFrom("alive=permanent", "cylinder=3", "x=y;x=y", "=", ";", "sensor-ground", "injector", "\u0000", "'=1"),
  fc.string({ maxLength: 30, unit: "grapheme" }),
  longs,
);

describe("what the preview of a table promises", () => {
  test("is what the server takes, whatever stands in headers and cells", () => {
    const tables = fc
      .array(header, { minLength: 0, maxLength: 6 })
      .chain((headers) =>
        fc.tuple(fc.constant(headers), fc.array(fc.tuple(cell, cell, ...headers.map(() => cell)), { maxLength: 8 })),
      );
    let taken = 0;
    fc.assert(
      fc.property(tables, ([headers, rows]) => {
        const read = readPinTable(table(["connector", "cavity", ...headers], rows), "donor");
        if (!read.ok) return;
        const { ops } = planImport(emptyDocument(EMPTY.job), "donor", read.table.pins);
        taken += ops.length;
        expect(faultsInOps(ops)).toEqual([]);
      }),
      { numRuns: 400 },
    );
    expect(taken).toBeGreaterThan(400);
  });
  test("of a header longer than a name may be: its column is kept under the beginning, two alike told apart", () => {
    const long = "A heading that explains itself ".repeat(12).trim();
    const read = readPinTable(
      table(["connector", "cavity", `${long} one`, `${long} two`], [["C", "1", "a", "b"]]),
      "donor",
    );
    const [pin] = read.ok ? read.table.pins : [];
    const beginning = long.slice(0, 190);
    expect(pin?.extra).toEqual({ [beginning]: "a", [`${beginning} (2)`]: "b" });
    expect(read.ok && read.table.issues.map(({ code, level }) => `${level} ${code}`)).toEqual([
      "warning long-header",
      "warning long-header",
    ]);
  });
  test("of a cell beside the row that is longer than a text may be: the row is left out, with its place", () => {
    const read = readPinTable(
      table(
        ["connector", "cavity", "Sheet"],
        [
          ["C", "1", "x".repeat(10_001)],
          ["C", "2", "y"],
        ],
      ),
      "donor",
    );
    expect(read.ok && read.table.pins.map(({ cavity }) => cavity)).toEqual(["2"]);
    expect(read.ok && read.table.issues).toMatchObject([{ code: "text-too-long", line: 2, column: "Sheet" }]);
  });
});

test("a change that is larger than a request may be is faulted before it is sent", () => {
  const [pin] = (() => {
    const read = readPinTable(table(["connector", "cavity"], [["C", "1"]]), "donor");
    return read.ok
      ? planImport(emptyDocument(EMPTY.job), "donor", read.table.pins, { makeId: () => "id" }).ops.slice(1)
      : [];
  })();
  const row = { ...(pin as { row: object }).row, description: "é".repeat(10_000) } as Parameters<
    typeof insertOp<"pin">
  >[1];
  // 20 kB each: 2,399 are just within 48 MB, and twice as many letters as bytes would not tell.
  const of = (count: number) => Array.from({ length: count }, (_, at) => insertOp("pin", { ...row, id: `p${at}` }));
  expect(faultsInOps(of(2_300))).toEqual([]);
  expect(faultsInOps(of(2_600))).toMatchObject([{ path: "ops", message: expect.stringMatching(/5\d MB at once, 48/) }]);
});
