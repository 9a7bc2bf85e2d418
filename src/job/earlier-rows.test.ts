import { describe, expect, test } from "vitest";
import { byArrival, withLaterColumns } from "./earlier-rows";
import { RowOpSchema } from "./ops";
import { BEFORE, type ReadingRow, ROW_SCHEMA, TABLES } from "./schema";

describe("the shape of rows", () => {
  test("is that of the schema's number: whoever gives rows a column raises it, and says in BEFORE what was so before", () => {
    const columns = Object.entries(TABLES).map(([table, { shape }]) => `${table}: ${Object.keys(shape).join(" ")}`);
    expect({ ROW_SCHEMA, columns }).toMatchInlineSnapshot(`
      {
        "ROW_SCHEMA": 11,
        "columns": [
          "job: name host donor approach units wishes lengthens",
          "branch: id side label origin diagram note position",
          "connector: id side label place position branchId mateId face keying gender housing",
          "pin: id connectorId cavity circuit colour colourBase colourTracer sizeMm2 lengthM description kind kindConfidence kindSource kindWhy quantity quantityConfidence quantitySource quantityWhy indexLabel params grades extra otherEnd ends part note entered position",
          "link: id providerId consumerId quantity decision verdict adapters why byHand note",
          "reading: id stepKey written value outcome verdict basis unit meter source uncertainty person takenAt ordinal",
          "part: id side type label terminals elements origin diagram note",
          "own_part: id name type terminals elements",
          "wire: id fromPinId endsAt toPinId splice origin circuit colour colourBase colourTracer sizeMm2 lengthM insulation stock note",
          "stock_count: id subject state note foundAt goesTo",
          "fact: id subject topic says grade origin person",
          "question: id subject asks settledBy answer",
          "variant: id side label cavities picks",
          "alike: id oneId twoId state note person",
          "kept_function: id kept",
          "cut: id subject choice override done doneBy unplanned note",
          "debt: id type subject says settled note person",
          "setting: id value origin",
          "picture: id subject name note type width height data person",
          "gap: id way note person",
          "wish: id says functions position",
          "price: id minutes money amount",
          "bus_signal: id pinId file message frame extended bytes sender periodMs name quantity unit factor shift low high bitPlace",
          "relayed: id sent sourceId rateMs timeoutMs silent",
          "bench: id given",
          "choice: id way given note person",
          "stand_in: id fromIds toIds note person",
          "move: id standInId fromPinId toPinId byHand done person",
          "identity: id part label side serial partNumber software calibration pairedSet note person",
          "security_entry: id type who says hash triedWithout outcome takenAt",
          "calibration: id computer what was becomes why codes software byHand doneBy provenBy note",
        ],
      }
    `);
  });
  test.each(Object.entries(BEFORE))("%s: what was so before is what its rows may hold", (table, before) => {
    const { shape } = TABLES[table as keyof typeof BEFORE];
    for (const [column, value] of Object.entries(before))
      expect((shape as Record<string, { parse: (value: unknown) => unknown }>)[column]?.parse(value)).toEqual(value);
  });
});

describe("an operation from before a column was there", () => {
  const connector = { id: "c", side: "donor", label: "C", place: null, position: 0 };
  test.each(["insert", "delete"])("%s: is read with what was so then", (op) => {
    const read = RowOpSchema.parse(withLaterColumns({ op, table: "connector", id: "c", row: connector }));
    expect(read).toMatchObject({ row: { ...connector, ...BEFORE.connector } });
  });
  test("what it does say stands", () => {
    const row = { ...connector, gender: "male" };
    expect(withLaterColumns({ op: "insert", table: "connector", id: "c", row })).toMatchObject({
      row: { gender: "male" },
    });
  });
  test("an update names its columns itself, and what is no operation stays as it is", () => {
    const update = { op: "update", table: "connector", id: "c", from: { label: "C" }, to: { label: "D" } };
    expect(withLaterColumns(update)).toEqual(update);
    for (const odd of [null, 3, "x", {}]) expect(withLaterColumns(odd)).toEqual(odd);
  });
});

test("readings stand as they came to the server, whatever the clocks said, and those not there yet last", () => {
  const reading = (id: string, ordinal: number | null, takenAt: string) => ({ id, ordinal, takenAt }) as ReadingRow;
  const order = [
    reading("waits", null, "2026-01-01T00:00:00.000Z"),
    reading("second", 2, "2026-01-01T00:00:00.000Z"),
    // Its clock is a year ahead.
    reading("first", 1, "2027-01-01T00:00:00.000Z"),
    reading("old, later", 0, "2025-01-01T00:00:01.000Z"),
    reading("old", 0, "2025-01-01T00:00:00.000Z"),
  ].toSorted(byArrival);
  expect(order.map(({ id }) => id)).toEqual(["old", "old, later", "first", "second", "waits"]);
});
