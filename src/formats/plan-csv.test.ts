import { describe, expect, test } from "vitest";
import { SHEET_HEADS } from "@/core/words";
import { heronDocument, heronTables } from "@/demo/heron";
import { readPinTable } from "./pin-table";
import { pinTableCsv, planCsv } from "./plan-csv";

describe("the plan as a table", () => {
  /** Spreadsheets take a table for UTF-8 by its byte order mark. */
  const HEADS = `\ufeff${SHEET_HEADS.join(",")}`;
  const lines = planCsv(heronDocument()).trimEnd().split(/\r?\n/);
  test("begins with its heads, and has a row a decided link", () => {
    expect(lines[0]).toBe(HEADS);
    expect(lines.filter((line) => line.startsWith("ignition feed,"))).toHaveLength(3);
    expect(lines.some((line) => line.includes("C1-2") && line.includes("KEY-IG"))).toBe(true);
  });
  test("then has every wire that was added, and the splice where two links leave one cavity", () => {
    const added = heronDocument().wires.filter(({ origin }) => origin === "added");
    expect(lines.filter((line) => line.startsWith("added wire,"))).toHaveLength(added.length);
    expect(lines.at(-1)).toBe('splice,Ignition relay-87,,,3 wires,"T1-2, Security module-2",,,');
    expect(lines).toHaveLength(1 + 3 + added.length + 1);
  });
  test("of a job in which nothing is decided it is its heads", () =>
    expect(planCsv(heronTables()).trimEnd()).toBe(HEADS));
});

describe("a side's table, written and read again", () => {
  test.each(["donor", "host"] as const)(
    "%s: the same cavities, circuits, sizes and lengths, in the same order",
    (side) => {
      const document = heronTables();
      const again = readPinTable(new TextEncoder().encode(pinTableCsv(document, side)), side);
      expect(again.ok).toBe(true);
      if (!again.ok) return;
      const connectors = new Map(
        document.connectors.filter((row) => row.side === side).map((row) => [row.id, row.label]),
      );
      const own = document.pins
        .filter((row) => connectors.has(row.connectorId))
        .toSorted((a, b) => a.position - b.position);
      expect(again.table.issues).toEqual([]);
      expect(
        again.table.pins.map((pin) => [
          pin.connector,
          pin.cavity,
          pin.circuit,
          pin.sizeMm2,
          pin.lengthM,
          pin.description,
        ]),
      ).toEqual(
        own.map((row) => [
          connectors.get(row.connectorId),
          row.cavity,
          row.circuit,
          row.sizeMm2,
          row.lengthM,
          row.description,
        ]),
      );
    },
  );
});
