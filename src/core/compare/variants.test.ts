import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { compareVariants, type TableCavity, type VariantDifference } from "./index";

/** A table as one writes it: `connector-cavity circuit colour size words`. */
const table = (text: string): TableCavity[] =>
  text
    .trim()
    .split("\n")
    .map((line) => {
      const [place = "", circuit = "-", colour = "-", size = "-", ...words] = line.trim().split(/\s+/);
      const [connector = "", cavity = ""] = place.split("-");
      return {
        connector,
        cavity,
        circuit: circuit === "-" ? null : circuit,
        colour: colour === "-" ? null : colour,
        sizeMm2: size === "-" ? null : Number(size),
        description: words.length === 0 ? null : words.join(" "),
      };
    });
const told = (here: string, there: string): Record<string, VariantDifference> =>
  Object.fromEntries(
    compareVariants(table(here), table(there)).map(({ connector, cavity, difference }) => [
      `${connector}-${cavity}`,
      difference,
    ]),
  );

describe("two tables of one harness", () => {
  test("places that are alike, whatever the circuits are numbered", () =>
    expect(
      told("C1-1 101 RD 1.0 Battery feed\nC1-2 102 BK 1.0 Ground", "C1-1 7 RD 1.0 battery  feed\nC1-2 8 BK 1.0 GROUND"),
    ).toEqual({
      "C1-1": { type: "same" },
      "C1-2": { type: "same" },
    }));
  test.each([
    ["YE/BK", "BK/YE", "turned"],
    ["YE", "YE/BK", "tracer-there-only"],
    ["YE/BK", "YE", "tracer-here-only"],
    ["YE/BK", "YE/RD", "other-tracer"],
    ["YE/BK", "GN/BK", "none"],
    ["YE", "GN", "none"],
  ] as const)("%s became %s: %s", (one, two, likeness) =>
    expect(told(`C1-1 1 ${one} 1 Feed`, `C1-1 1 ${two} 1 Feed`)["C1-1"]).toEqual({
      type: "colour",
      here: one,
      there: two,
      likeness,
    }),
  );
  test("a thicker wire of the same colour and use", () =>
    expect(told("C1-1 1 RD 1 Feed", "C1-1 1 RD 2.5 Feed")["C1-1"]).toEqual({
      type: "size",
      hereMm2: 1,
      thereMm2: 2.5,
    }));
  test("two that changed places", () => {
    const [one, two] = [
      "C1-1 1 RD 1 Coolant sensor\nC1-2 2 GN 1 Oil sensor",
      "C1-1 2 GN 1 Oil sensor\nC1-2 1 RD 1 Coolant sensor",
    ];
    expect(told(one, two)).toMatchObject({
      "C1-1": { type: "moved", to: { connector: "C1", cavity: "2" }, leaves: "swapped" },
      "C1-2": { type: "moved", to: { connector: "C1", cavity: "1" }, leaves: "swapped" },
    });
  });
  test("one that moved on: its old place is empty, or has another use", () => {
    expect(told("C1-1 1 RD 1 Coolant sensor", "C2-5 1 RD 1 Coolant sensor")).toMatchObject({
      "C1-1": { type: "moved", to: { connector: "C2", cavity: "5" }, leaves: "empty" },
      "C2-5": { type: "only-there", from: { connector: "C1", cavity: "1" } },
    });
    expect(
      told("C1-1 1 RD 1 Coolant sensor", "C1-1 9 GN 1 Knock sensor\nC2-5 1 RD 1 Coolant sensor")["C1-1"],
    ).toMatchObject({ type: "moved", leaves: "another" });
  });
  test("another use under the same colour is the dangerous one, and is told", () => {
    expect(told("C1-1 1 RD 1 Battery feed", "C1-1 5 RD 1 Starter request")["C1-1"]).toEqual({
      type: "use",
      sameColour: true,
    });
    expect(told("C1-1 1 RD 1 Battery feed", "C1-1 5 GN 1 Starter request")["C1-1"]).toEqual({
      type: "use",
      sameColour: false,
    });
  });
  test("ten grounds of one name are no identity: none is said to have moved", () => {
    const grounds = (from: number) =>
      Array.from({ length: 10 }, (_, at) => `C${from}-${at + 1} - BK 1 Ground`).join("\n");
    expect(new Set(Object.values(told(grounds(1), grounds(2))).map(({ type }) => type))).toEqual(
      new Set(["only-here", "only-there"]),
    );
  });
  test("a table against itself is the same throughout, and every place of both is told once", () => {
    const cell = fc.record({
      connector: fc.constantFrom("C1", "C2"),
      cavity: fc.integer({ min: 1, max: 6 }).map(String),
      circuit: fc.option(fc.constantFrom("1", "2", "3")),
      colour: fc.option(fc.constantFrom("RD", "BK", "YE/BK")),
      sizeMm2: fc.option(fc.constantFrom(0.5, 1)),
      description: fc.option(fc.constantFrom("Feed", "Ground", "Sensor")),
    });
    const tables = fc.uniqueArray(cell, {
      selector: ({ connector, cavity }) => `${connector}-${cavity}`,
      maxLength: 12,
    });
    fc.assert(
      fc.property(tables, tables, (one, two) => {
        expect(compareVariants(one, one).every(({ difference }) => difference.type === "same")).toBe(true);
        const places = (rows: readonly { connector: string; cavity: string }[]) =>
          rows.map((row) => `${row.connector}-${row.cavity}`).toSorted();
        expect(places(compareVariants(one, two))).toEqual([...new Set(places([...one, ...two]))].toSorted());
        // Seen from the other table, what is alike is alike.
        const same = (a: readonly TableCavity[], b: readonly TableCavity[]) =>
          places(compareVariants(a, b).filter(({ difference }) => difference.type === "same"));
        expect(same(one, two)).toEqual(same(two, one));
      }),
      { seed: 9, numRuns: 300 },
    );
  });
});
