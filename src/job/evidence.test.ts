import { describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { gradedValues, sayOps } from "./evidence";
import { neighbourOps, plugOps, withNeighbours } from "./neighbours";
import { applyOps } from "./ops";
import { factOp, kindOp } from "./pin-ops";
import type { FactRow, JobDocument, PinRow } from "./schema";
import { formOf } from "./signal-pins";
import { tellExtra } from "./tell-extra";

const heron: JobDocument = { ...heronTables(), facts: [] };
const load = heron.pins.find((row) => row.kind === "load-in" && row.params.amps !== undefined) as PinRow;
const at = (document: JobDocument, id: string) => document.pins.find((row) => row.id === id) as PinRow;
const fact = (more: Partial<FactRow>): FactRow => ({
  id: "f1",
  subject: `pin:${load.id}`,
  topic: "current",
  says: "450 mA",
  grade: "measured",
  origin: "meter",
  person: "Robin",
  ...more,
});
const said = (document: JobDocument, more: Partial<FactRow> = {}) => {
  const result = sayOps(document, fact(more), () => "f2");
  if (!result.ok) throw new Error(result.fault);
  return applyOps(document, result.ops);
};

describe("what is said of a cavity's value", () => {
  test("is that value, with its grade, and what the table said stands beside it", () => {
    const after = said(heron);
    expect(at(after, load.id)).toMatchObject({ params: { amps: "0.45" }, grades: { amps: "measured" } });
    expect(formOf(at(after, load.id))).toMatchObject({ amps: { value: 0.45, source: "given" } });
    expect(after.facts).toMatchObject([
      { says: load.params.amps, grade: "read", origin: "pin table" },
      { says: "450 mA", grade: "measured" },
    ]);
    // A third saying finds the other two there.
    expect(said(after, { id: "f3", says: "0.5 A", grade: "claimed" }).facts).toHaveLength(3);
  });
  test("must be such a value", () =>
    expect(sayOps(heron, fact({ says: "a lot" }), () => "x")).toMatchObject({ ok: false, fault: /^Give a number/ }));
  test("of anything else is a saying alone", () => {
    const after = said(heron, { topic: "colour of the boot", says: "grey" });
    expect(after.pins).toBe(heron.pins);
    expect(after.facts).toHaveLength(1);
  });
  test("given where it is asked for is seen among what is said, and not twice", () => {
    const given = applyOps(
      heron,
      [factOp(load, "amps", "0.3", "usual")].flatMap((op) => op ?? []),
    );
    expect(gradedValues(given)).toEqual([{ pinId: load.id, topic: "current", says: "0.3", grade: "usual" }]);
    expect(formOf(at(given, load.id))).toMatchObject({ amps: { value: 0.3, source: "usual" } });
    expect(gradedValues(said(given))).toEqual([]);
    expect(gradedValues(heron)).toEqual([]);
  });
  test("may be taken back to nothing", () => {
    const op = factOp(load, "amps", null, "claimed");
    expect(at(applyOps(heron, op === null ? [] : [op]), load.id).params).not.toHaveProperty("amps");
  });
});

describe("a column that a paper brought along, told what it is", () => {
  const one = heron.pins.find((row) => row.kind === "logic-in") as PinRow;
  const side = heron.connectors.find(({ id }) => id === one.connectorId)?.side ?? "donor";
  const withExtra = (cell: string, more: Partial<PinRow> = {}): JobDocument => ({
    ...heron,
    pins: heron.pins.map((row) => (row.id === one.id ? { ...row, ...more, extra: { Seen: cell, Bag: "7" } } : row)),
  });
  const told = (document: JobDocument, as: Parameters<typeof tellExtra>[3]) => {
    const { ops, unread } = tellExtra(document, side, "Seen", as);
    return { row: at(applyOps(document, ops), one.id), unread };
  };
  test.each([
    ["colour", "yellow/black", { colour: null }, { colourBase: "YE", colourTracer: "BK" }],
    ["size", "20 AWG", { sizeMm2: null }, { sizeMm2: 0.5176 }],
    ["length", "6 ft", { lengthM: null }, { lengthM: 1.8288 }],
    ["part", "Pump", {}, { part: "Pump" }],
    ["remarks", "bent", { note: "old" }, { note: "old\nbent" }],
    ["to", "S7", {}, { otherEnd: "S7", ends: [{ splice: "S7" }] }],
  ] as const)("%s: %s", (as, cell, before, expected) => {
    const { row, unread } = told(withExtra(cell, before as Partial<PinRow>), as);
    expect(row).toMatchObject(expected);
    expect([row.extra, unread]).toEqual([{ Bag: "7" }, 0]);
  });
  test("what cannot be read so, or stands there already, stays beside its row", () => {
    expect(told(withExtra("thick", { sizeMm2: null }), "size")).toMatchObject({
      row: { extra: { Seen: "thick" } },
      unread: 1,
    });
    expect(told(withExtra("RD", { colour: "BK" }), "colour")).toMatchObject({ row: { colour: "BK" }, unread: 1 });
  });
  test("a description proposes anew what it does", () => {
    const blank = withExtra("Fuel pump relay control", {
      description: null,
      kindSource: "proposed",
      quantitySource: "proposed",
    });
    expect(told(blank, "description").row).toMatchObject({
      description: "Fuel pump relay control",
      quantity: "fuel-pump",
    });
  });
});

describe("a neighbour that a person has told", () => {
  test("tells the cavity at the other end of its wire what that is, where nobody knows it", () => {
    const wire = heron.wires.find(({ endsAt }) => endsAt === "cavity");
    const [here, there] = [at(heron, wire?.fromPinId ?? ""), at(heron, wire?.toPinId ?? "")];
    const blank: Partial<PinRow> = {
      kind: "unknown",
      kindConfidence: 0.2,
      kindSource: "proposed",
      quantity: null,
      quantityConfidence: 0.2,
      quantitySource: "proposed",
    };
    const document = { ...heron, pins: heron.pins.map((row) => (row.id === there.id ? { ...row, ...blank } : row)) };
    const ops = withNeighbours(document, here, kindOp(here, "low-side-out")).flatMap((op) => op ?? []);
    expect(at(applyOps(document, ops), there.id)).toMatchObject({
      kind: "load-in",
      kindSource: "proposed",
      kindConfidence: 0.8,
    });
    // What is known of it already stays.
    expect(withNeighbours(heron, here, kindOp(here, "low-side-out"))).toHaveLength(1);
  });
  test("tells the cavity that meets it in line, once the halves are plugged together or when it is told", () => {
    const [one, two] = heron.connectors.filter(({ side, mateId }) => side === "host" && mateId === null);
    if (one === undefined || two === undefined) throw new Error("no two connectors");
    const [model] = heron.pins;
    const half = (connectorId: string, id: string, more: Partial<PinRow>): PinRow => ({
      ...(model as PinRow),
      connectorId,
      id,
      cavity: "9",
      kindSource: "proposed",
      quantitySource: "proposed",
      ...more,
    });
    const known = half(one.id, "a", {
      kind: "supply-in",
      kindConfidence: 0.95,
      quantity: "ignition-supply",
      quantityConfidence: 0.95,
    });
    const blank = half(two.id, "b", { kind: "unknown", kindConfidence: 0.2, quantity: null, quantityConfidence: 0.2 });
    // One of another number does not meet it.
    const aside = { ...blank, id: "c", cavity: "10" };
    const document = { ...heron, pins: [known, blank, aside], wires: [] };
    const plugged = applyOps(document, plugOps(document, two.id, one.id));
    expect(at(plugged, "b")).toMatchObject({ kind: "supply-out", quantity: "ignition-supply", kindSource: "proposed" });
    expect(at(plugged, "c").kind).toBe("unknown");
    expect(plugged.connectors.find(({ id }) => id === one.id)?.mateId).toBe(two.id);
    // Told later: the same; parted: nobody is told.
    const later = { ...plugged, pins: [known, blank, aside] };
    expect(neighbourOps(later, known)).toHaveLength(1);
    expect(plugOps(later, two.id, null).every(({ table }) => table === "connector")).toBe(true);
  });
});
