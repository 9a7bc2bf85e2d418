import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Drawn, DrawnBox, DrawnLine } from "./layout";
import { PAPER_MM, sheetsOf } from "./sheets";

const box = (x: number, y: number, width: number, height: number): DrawnBox => ({
  id: `${x} ${y}`,
  type: "part",
  x,
  y,
  width,
  height,
  part: null,
  text: [],
  ports: [],
});
const line = (...points: [number, number][]): DrawnLine => ({
  id: JSON.stringify(points),
  points,
  run: null,
  link: null,
  label: null,
});
const drawn = (width: number, height: number, more: Partial<Drawn> = {}): Drawn => ({
  width,
  height,
  boxes: [],
  lines: [],
  ...more,
});
const MM = 25.4 / 96;

describe("a drawing on paper", () => {
  test.each([
    // 186 × 259 mm of an A4 are 703 × 979 px; lying, 1032 × 650.
    ["what fits stands on one sheet, not made larger", 300, 400, "A4", 1, false, 1],
    ["what is wide lies on one", 1000, 300, "A4", 1, true, 1],
    ["what is a little too large is made smaller", 1000, 1300, "A4", 1, false, 0.703],
    ["on A3 the same is not", 1000, 1300, "A3", 1, false, 1],
    ["what could not be read so small is cut", 1500, 900, "A4", 2, false, 0.7],
    ["on a larger paper it is whole", 1500, 900, "A3", 1, true, 0.998],
  ] as const)("%s", (_, width, height, paper, many, isLandscape, scale) => {
    const told = sheetsOf(drawn(width, height), paper);
    expect(told).toMatchObject({ isLandscape, scale: expect.closeTo(scale, 2) });
    expect(told.sheets.length).toBe(many);
  });

  test("it is cut beside a part, and a wire that goes on has the same letter on both sheets, each naming the other", () => {
    const told = sheetsOf(
      drawn(1500, 900, {
        boxes: [box(950, 100, 120, 60)],
        lines: [line([100, 50], [1400, 50]), line([200, 400], [300, 400]), line([1400, 300], [100, 300], [100, 500])],
      }),
      "A4",
    );
    expect(told.sheets.map(({ x, width }) => [x, width])).toEqual([
      [0, 926],
      [926, 574],
    ]);
    expect(told.sheets.map(({ marks }) => marks)).toEqual([
      [
        { letter: "A", x: 926, y: 50, to: 2, row: 0 },
        { letter: "B", x: 926, y: 300, to: 2, row: 0 },
      ],
      [
        { letter: "A", x: 926, y: 50, to: 1, row: 0 },
        { letter: "B", x: 926, y: 300, to: 1, row: 0 },
      ],
    ]);
  });

  test("marks of wires beside each other stand one further in than the other", () => {
    const lines = [0, 20, 40, 200].map((x) => line([100 + x, 10], [100 + x, 1900]));
    const [first] = sheetsOf(drawn(600, 1950, { lines }), "A4").sheets;
    expect(first?.marks.map(({ letter, row }) => [letter, row])).toEqual([
      ["A", 0],
      ["B", 1],
      ["C", 2],
      ["D", 0],
    ]);
  });

  test("a part as wide as a paper is cut through: there is no other place", () => {
    const told = sheetsOf(drawn(3000, 300, { boxes: [box(10, 10, 2900, 100)] }), "A4");
    expect(told.sheets.length).toBe(3);
  });

  test("sheets cover the drawing side by side, none is larger than its paper, and marks come in pairs", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 6000 }),
        fc.integer({ min: 100, max: 6000 }),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 5800 }), fc.integer({ min: 0, max: 5800 })), { maxLength: 20 }),
        fc.constantFrom("A4", "A3", "Letter" as const),
        (width, height, places, paper) => {
          const inside = places.filter(([x, y]) => x + 150 < width && y + 80 < height);
          const lines = inside.map(([x, y]) => line([x, y], [width - 1, y], [width - 1, height - 1]));
          const told = sheetsOf(
            drawn(width, height, { boxes: inside.map(([x, y]) => box(x, y, 150, 80)), lines }),
            paper as "A4",
          );
          const [short, long] = PAPER_MM[paper as "A4"];
          const [across, down] = told.isLandscape ? [long, short] : [short, long];
          for (const sheet of told.sheets) {
            expect(sheet.width * told.scale * MM).toBeLessThanOrEqual(across - 24 + 0.001);
            expect(sheet.height * told.scale * MM).toBeLessThanOrEqual(down - 38 + 0.001);
          }
          const area = told.sheets.reduce((sum, sheet) => sum + sheet.width * sheet.height, 0);
          expect(area).toBeCloseTo(width * height, 3);
          const letters = told.sheets.flatMap(({ marks, number }) => marks.map((mark) => ({ ...mark, number })));
          for (const mark of letters) {
            const [other, ...more] = letters.filter((one) => one.letter === mark.letter && one.number !== mark.number);
            expect(more).toEqual([]);
            expect(other).toMatchObject({ x: mark.x, y: mark.y, to: mark.number, number: mark.to });
          }
        },
      ),
      { numRuns: 60 },
    ));
});
