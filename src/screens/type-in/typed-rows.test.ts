import { expect, test } from "vitest";
import { readPinTable } from "@/formats/pin-table";
import { EMPTY_ROW, isBlank, nextRow, type TypedRow, typedCell, typedTable } from "./typed-rows";

const row = (more: Partial<TypedRow>): TypedRow => ({ ...EMPTY_ROW, ...more });

test("the next row is of the same connector and of the next cavity, and blank for all else", () => {
  const next = nextRow(row({ connector: "C4", cavity: "09", colour: "RD" }));
  expect(next).toEqual(row({ connector: "C4", cavity: "10" }));
  expect([isBlank(next), isBlank(row({ colour: "RD" }))]).toEqual([true, false]);
});
test.each(['"', "do", "do.", "ditto", "''"])("%s is what stands above", (mark) => {
  const rows = [row({ colour: "GN/YE" }), row({})];
  expect(typedCell(rows, 1, "colour", mark)).toBe("GN/YE");
  expect(typedCell(rows, 0, "colour", mark)).toBe("");
});
test("a word that only begins so is itself", () =>
  expect(typedCell([], 0, "description", "do not cut")).toBe("do not cut"));
test("what was typed is read as any table", () => {
  const rows = [
    row({ connector: "C4", cavity: "1", colour: "RD", size: "1.5", description: "Main, feed", to: "C4-2" }),
    row({ connector: "C4", cavity: "2", size: "18 AWG", description: '=SUM("x")' }),
  ];
  const read = readPinTable(new TextEncoder().encode(typedTable(rows)), "host");
  expect(read.ok && read.table.issues.map(({ code }) => code)).toEqual([]);
  expect(read.ok && read.table.pins.map((pin) => [pin.cavity, pin.sizeMm2, pin.description, pin.otherEnd])).toEqual([
    ["1", 1.5, "Main, feed", "C4-2"],
    ["2", 0.823, '=SUM("x")', null],
  ]);
});
