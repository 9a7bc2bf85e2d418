import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { parseDocument, writeDocument } from "./document";
import { deleteOp, insertOp, invert, type RowOp, updateOp } from "./ops";
import type { JobDocument, PinRow, WireRow } from "./schema";
import { carryOut, followsTables, inStep, touchedBy, withWires } from "./table-wires";

const heron = heronTables();
const HOST = heron.connectors.find((row) => row.side === "host")?.id as string;
const DONOR = heron.connectors.find((row) => row.side === "donor")?.id as string;
const first = heron.pins[0] as PinRow;
const pin = (id: string, circuit: string | null, more: Partial<PinRow> = {}): PinRow => ({
  ...first,
  id,
  connectorId: HOST,
  cavity: `cavity ${id}`,
  circuit,
  colour: null,
  colourBase: null,
  colourTracer: null,
  sizeMm2: null,
  lengthM: null,
  kind: "supply-in",
  kindConfidence: 1,
  ...more,
});
const bare: JobDocument = { ...heron, pins: [], wires: [] };
const made = (...pins: PinRow[]) =>
  carryOut(
    bare,
    pins.map((row, position) => insertOp("pin", { ...row, position })),
  );
const ends = ({ wires }: JobDocument) => wires.map((row) => `${row.fromPinId} ${row.endsAt} ${row.toPinId ?? "-"}`);
const update = (document: JobDocument, id: string, to: Partial<PinRow>) => {
  const row = document.pins.find((one) => one.id === id) as PinRow;
  return updateOp("pin", id, row, to) as RowOp;
};
const byId = (rows: readonly WireRow[]) => rows.toSorted((a, b) => (a.id < b.id ? -1 : 1));

describe("a circuit's wires", () => {
  test("of one cavity, of two, of three, and of two again", () => {
    expect(ends(made(pin("a", "7")))).toEqual(["a open -"]);
    const two = made(pin("a", "7"), pin("b", "7"));
    expect(ends(two)).toEqual(["a cavity b"]);
    const three = carryOut(two, [insertOp("pin", pin("c", "7", { position: 9 }))]);
    expect(ends(three).toSorted()).toEqual(["a splice -", "b splice -", "c splice -"]);
    expect(ends(carryOut(three, [update(three, "a", { circuit: "8" })])).toSorted()).toEqual([
      "a open -",
      "b cavity c",
    ]);
  });
  test("of two sides or branches are apart, and a branch laid later parts them", () => {
    expect(ends(made(pin("a", "7"), pin("b", "7", { connectorId: DONOR }))).length).toBe(2);
    const other = heron.connectors.find((row) => row.side === "host" && row.id !== HOST);
    const two = made(pin("a", "7"), pin("b", "7", { connectorId: other?.id ?? "" }));
    expect(ends(two)).toEqual(["a cavity b"]);
    const branch = updateOp("connector", HOST, two.connectors.find((row) => row.id === HOST) ?? {}, { branchId: "b1" });
    expect(ends(carryOut(two, [branch as RowOp])).toSorted()).toEqual(["a open -", "b open -"]);
  });
  test("a spare cavity with a colour has none, one with a colour and no circuit has an end that nobody shows", () => {
    const red = { colour: "red", colourBase: "RD" } as const;
    expect(ends(made(pin("a", null, { ...red, kind: "spare" })))).toEqual([]);
    expect(ends(made(pin("a", null, red)))).toEqual(["a open -"]);
    expect(ends(made(pin("a", null)))).toEqual([]);
  });
});

describe("what people say of a wire", () => {
  const saying = (document: JobDocument, id: string, to: Partial<WireRow>) => {
    const row = document.wires.find((one) => one.id === id) as WireRow;
    return carryOut(document, [updateOp("wire", id, row, to) as RowOp]);
  };
  test("stays when the table changes it", () => {
    const noted = saying(made(pin("a", "7"), pin("b", "7")), "a", { note: "behind the dash", stock: "reclaimed" });
    const thicker = carryOut(noted, [update(noted, "b", { sizeMm2: 2.5 })]);
    expect(thicker.wires).toMatchObject([{ sizeMm2: 2.5, note: "behind the dash", stock: "reclaimed" }]);
  });
  test("comes back with a wire that an undo brings back", () => {
    const noted = saying(made(pin("a", "7"), pin("b", "7")), "a", { note: "behind the dash" });
    const ops = withWires(noted, [deleteOp("pin", noted.pins.find((row) => row.id === "a") as PinRow)]);
    const gone = carryOut(noted, ops);
    expect(ends(gone)).toEqual(["b open -"]);
    expect(carryOut(gone, invert(ops)).wires).toEqual(noted.wires);
  });
  test("cannot make it other than its table does", () => {
    const two = made(pin("a", "7", { sizeMm2: 1 }), pin("b", "7"));
    expect(saying(two, "a", { sizeMm2: 9 }).wires).toMatchObject([{ sizeMm2: 1 }]);
  });
});

describe("in step", () => {
  /** Changes of a few cavities and circuits, so that circuits are often joined and parted. */
  const change = fc.record({
    at: fc.nat({ max: 9 }),
    what: fc.constantFrom("insert", "delete", "circuit", "size", "kind"),
    circuit: fc.constantFrom(null, "1", "2", "3"),
    size: fc.constantFrom(null, 0.5, 1, 2.5),
  });
  type Wish = typeof change extends fc.Arbitrary<infer T> ? T : never;
  const opOf = (document: JobDocument, { at, what, circuit, size }: Wish): RowOp | null => {
    const row = document.pins.find((one) => one.id === `p${at}`);
    if (row === undefined)
      return what === "insert" ? insertOp("pin", pin(`p${at}`, circuit, { sizeMm2: size, position: 9 - at })) : null;
    if (what === "delete") return deleteOp("pin", row);
    if (what === "kind") return updateOp("pin", row.id, row, { kind: row.kind === "spare" ? "ground" : "spare" });
    return updateOp("pin", row.id, row, what === "circuit" ? { circuit } : { sizeMm2: size });
  };
  test("whatever is changed, step by step, is as if made from the tables at once, and an undo gives back what was", () => {
    fc.assert(
      fc.property(fc.array(change, { maxLength: 40 }), (wishes) => {
        let document = bare;
        for (const wish of wishes) {
          const op = opOf(document, wish);
          if (op === null) continue;
          const ops = withWires(document, [op]);
          const after = carryOut(document, ops);
          expect(byId(after.wires)).toEqual(byId(inStep(after).wires));
          expect(byId(carryOut(after, invert(ops)).wires)).toEqual(byId(document.wires));
          document = after;
        }
        // By another way: a circuit of n cavities has one wire if n is 2, else n, and each cavity is an end of one.
        for (const circuit of ["1", "2", "3"]) {
          const members = document.pins.filter((row) => row.circuit === circuit);
          const wires = document.wires.filter((row) => row.circuit === circuit);
          expect(wires).toHaveLength(members.length === 2 ? 1 : members.length);
          expect(
            wires.flatMap((row) => [row.fromPinId, ...(row.toPinId === null ? [] : [row.toPinId])]).toSorted(),
          ).toEqual(members.map((row) => row.id).toSorted());
        }
      }),
      { numRuns: 150 },
    );
  });
  test("a change that touches no wire brings none, and what is sent of the tables' wires is not believed", () => {
    const two = made(pin("a", "7"), pin("b", "7"));
    const wordy = [update(two, "a", { description: "horn" })];
    expect(touchedBy(wordy)).toBeNull();
    expect(withWires(two, wordy)).toEqual(wordy);
    const [wire] = two.wires as [WireRow];
    const forged = [deleteOp("wire", wire), insertOp("wire", { ...wire, id: "x", sizeMm2: 99 })];
    expect(forged.every(followsTables)).toBe(true);
    expect(withWires(two, forged)).toEqual([]);
  });
  test("every wire of the sample's tables is a row, and a document of the time before has them once it is read", () => {
    const text = writeDocument(heron);
    const before = JSON.parse(text) as Record<string, unknown>;
    before.wires = [];
    const read = parseDocument(JSON.stringify(before));
    expect(read.ok && writeDocument(read.document)).toBe(text);
    expect(heron.wires.length).toBeGreaterThan(200);
    expect(heron.wires.every((row) => row.origin === "table")).toBe(true);
  });
});
