import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { buildHarness } from "@/core/harness";
import { heronTables } from "@/demo/heron";
import { parseDocument, writeDocument } from "./document";
import { harnessFacts } from "./harness-facts";
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

describe("rows that say where their wires go", () => {
  const to = (...names: string[]): Partial<PinRow> => ({
    otherEnd: names.join(", "),
    ends: names.map((name) => (name.startsWith("S") ? { splice: name } : { pinId: name })),
  });
  const named = ({ wires }: JobDocument) =>
    wires.map((row) => `${row.fromPinId} ${row.toPinId ?? row.splice ?? row.endsAt}`).toSorted();
  test("have that wire, told from one end or from both, with its own colour and size", () => {
    const one = pin("a", null, { ...to("b"), colour: "red", sizeMm2: 2.5, lengthM: 3 });
    expect(named(made(one, pin("b", null)))).toEqual(["a b"]);
    const both = made(one, pin("b", null, { ...to("a"), sizeMm2: 1.5 }));
    expect(named(both)).toEqual(["a b"]);
    expect(both.wires[0]).toMatchObject({ colour: "red", sizeMm2: 1.5, lengthM: 3 });
    // The other row's size is of another wire where it has another.
    const other = made(one, pin("b", null, { ...to("c"), sizeMm2: 0.5 }), pin("c", null));
    expect(named(other)).toEqual(["a b", "b c"]);
    expect(other.wires.find(({ id }) => id === "a")).toMatchObject({ sizeMm2: 2.5 });
  });
  test("meet at a splice that they name, and several splices of one circuit are one", () => {
    expect(named(made(pin("a", null, to("S1")), pin("b", null, to("S1")), pin("c", null, to("S2"))))).toEqual([
      "a S1",
      "b S1",
      "c S2",
    ]);
    expect(named(made(pin("a", "7", to("S1")), pin("b", "7", to("S2")), pin("c", "7")))).toEqual([
      "a S1 + S2",
      "b S1 + S2",
      "c S1 + S2",
    ]);
  });
  test("join what their circuit leaves: a wire is not drawn twice, and what stands alone comes to it", () => {
    expect(named(made(pin("a", "7", to("b")), pin("b", "7")))).toEqual(["a b"]);
    expect(named(made(pin("a", "7", to("b")), pin("b", "7"), pin("c", "7")))).toEqual(["a b", "a splice", "c splice"]);
    expect(named(made(pin("a", "7", to("S1")), pin("b", "7")))).toEqual(["a S1", "b S1"]);
  });
  test("may say several ends, or one that is not there, or their own", () => {
    const two = made(pin("a", null, to("b", "S1")), pin("b", null));
    expect(two.wires.map(({ id }) => id).toSorted()).toEqual(["a", "a-2"]);
    expect(named(made(pin("a", null, to("gone"))))).toEqual(["a open"]);
    expect(named(made(pin("a", null, to("a"))))).toEqual(["a open"]);
    expect(named(made(pin("a", "7", to("gone")), pin("b", "7")))).toEqual(["a b"]);
  });
  test("may go to another branch or side, which circuits do not", () => {
    expect(named(made(pin("a", "7", to("b")), pin("b", "7", { connectorId: DONOR })))).toEqual(["a b"]);
    const splices = made(pin("a", null, to("S1")), pin("b", null, { ...to("S1"), connectorId: DONOR }));
    const { netOf, nodeOfPin } = buildHarness(harnessFacts(splices));
    const net = (id: string) => netOf[nodeOfPin.get(id) as number];
    expect(net("a")).not.toBe(net("b"));
  });
  test("are one copper in the harness where they meet", () => {
    const document = made(pin("a", null, to("S1")), pin("b", "9", to("S1")), pin("c", "9"), pin("d", null, to("c")));
    const { netOf, nodeOfPin } = buildHarness(harnessFacts(document));
    expect(new Set(["a", "b", "c", "d"].map((id) => netOf[nodeOfPin.get(id) as number])).size).toBe(1);
  });
  test("that contradict each other are told, and a wire that runs to itself", () => {
    const document = made(
      pin("a", null, to("b")),
      pin("b", null, to("c")),
      pin("c", null),
      pin("d", null, to("c")),
      pin("e", null, to("e")),
    );
    const { problems } = buildHarness(harnessFacts(document));
    expect(problems.filter(({ code }) => code.startsWith("end") || code.startsWith("other"))).toMatchObject([
      { code: "other-end-differs", at: { pinId: "a" }, names: { pinId: "b" }, says: [{ pinId: "c" }] },
      { code: "ends-at-itself", at: { pinId: "e" } },
      { code: "end-claimed-twice", at: { pinId: "c" }, by: [{ pinId: "b" }, { pinId: "d" }] },
    ]);
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
    what: fc.constantFrom("insert", "delete", "circuit", "size", "kind", "ends", "ends"),
    ends: fc.uniqueArray(fc.constantFrom("p0", "p1", "p2", "p3", "p4", "S1", "S2", "gone"), { maxLength: 2 }),
    circuit: fc.constantFrom(null, "1", "2", "3"),
    size: fc.constantFrom(null, 0.5, 1, 2.5),
  });
  type Wish = typeof change extends fc.Arbitrary<infer T> ? T : never;
  const opOf = (document: JobDocument, { at, what, circuit, size, ends: to }: Wish): RowOp | null => {
    const row = document.pins.find((one) => one.id === `p${at}`);
    if (row === undefined)
      return what === "insert" ? insertOp("pin", pin(`p${at}`, circuit, { sizeMm2: size, position: 9 - at })) : null;
    if (what === "delete") return deleteOp("pin", row);
    if (what === "ends") {
      const told = to.map((name) => (name.startsWith("S") ? { splice: name } : { pinId: name }));
      return updateOp("pin", row.id, row, { otherEnd: to.length === 0 ? null : to.join(", "), ends: told });
    }
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
