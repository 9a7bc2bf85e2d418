import { describe, expect, test } from "vitest";
import { mergedInto, standsFor } from "./merging";
import type { RowOp } from "./ops";

type Update = Extract<RowOp, { op: "update" }>;
const update = (from: object, to: object): Update =>
  ({ op: "update", table: "pin", id: "p", from, to }) as unknown as Update;

describe("two people at one cavity", () => {
  const mine = update({ params: { a: "1" }, grades: {} }, { params: { a: "1", b: "2" }, grades: { b: "claimed" } });
  test("who give it different values both stand", () => {
    const row = { params: { a: "1", c: "3" }, grades: { c: "measured" } };
    expect(standsFor(row, mine)).toBe(true);
    expect(mergedInto(row, mine)).toMatchObject({
      from: row,
      to: { params: { a: "1", b: "2", c: "3" }, grades: { b: "claimed", c: "measured" } },
    });
  });
  test("who give it the same value do not, be it given, changed or taken away", () => {
    expect(standsFor({ params: { a: "1", b: "9" }, grades: {} }, mine)).toBe(false);
    const taken = update({ params: { a: "1" } }, { params: {} });
    expect(standsFor({ params: { a: "8" } }, taken)).toBe(false);
    expect(standsFor({ params: {} }, taken)).toBe(false);
    expect(mergedInto({ params: { a: "1", z: "5" } }, taken).to).toEqual({ params: { z: "5" } });
  });
  test("who each correct another column of it both stand, and each takes back their own alone", () => {
    const colour = update({ colour: "RD", entered: [] }, { colour: "BK", entered: ["colour"] });
    const row = { colour: "RD", entered: ["sizeMm2"] };
    expect(standsFor(row, colour)).toBe(true);
    expect(mergedInto(row, colour).to).toEqual({ colour: "BK", entered: ["sizeMm2", "colour"] });
    const back = update({ colour: "BK", entered: ["colour"] }, { colour: "RD", entered: [] });
    expect(mergedInto({ colour: "BK", entered: ["sizeMm2", "colour"] }, back).to).toEqual({
      colour: "RD",
      entered: ["sizeMm2"],
    });
    expect(standsFor({ colour: "GN", entered: [] }, colour)).toBe(false);
  });
  test("columns of other tables, and all that hold one value, are compared whole", () => {
    const note = { ...update({ params: { a: "1" } }, { params: {} }), table: "part" } as unknown as Update;
    expect(standsFor({ params: { a: "1", b: "2" } }, note)).toBe(false);
    expect(mergedInto({ params: { b: "2" } }, note)).toBe(note);
  });
});
