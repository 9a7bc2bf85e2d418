import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { sizeWords } from "../words";
import { awgText, awgToMm2, METRIC_SIZES, mm2ToAwg, soldAtLeast, soldSizes, type Units } from "./index";

const units = fc.constantFrom<Units[]>("metric", "imperial");

describe("sizes", () => {
  test("American gauges have the areas of ASTM B258, mm²", () => {
    for (const [gauge, area] of [
      [22, 0.326],
      [18, 0.823],
      [14, 2.08],
      [10, 5.26],
      [4, 21.15],
      [0, 53.5],
      [-1, 67.4],
      [-3, 107.2],
    ] as const)
      expect(awgToMm2(gauge)).toBeCloseTo(area, area > 10 ? 1 : 2);
  });
  test("the nearest gauge of an area, and back again", () => {
    expect([0.35, 0.5, 0.75, 1, 1.5, 2.5, 4, 25, 70].map((area) => awgText(mm2ToAwg(area)))).toEqual([
      "22",
      "20",
      "18",
      "17",
      "15",
      "13",
      "11",
      "3",
      "00",
    ]);
    fc.assert(
      fc.property(fc.integer({ min: -3, max: 40 }), (gauge) => {
        expect(mm2ToAwg(awgToMm2(gauge))).toBe(gauge);
      }),
    );
  });
  test.each([() => awgToMm2(41), () => awgToMm2(Number.NaN), () => mm2ToAwg(0)])(
    "out of range is an error that says so",
    (call) => expect(call).toThrow(RangeError),
  );
  test("the next size that is sold: metric, or an even gauge", () => {
    expect([0.2, 0.5, 0.51, 13, 500].map((area) => soldAtLeast(area, "metric"))).toEqual([0.35, 0.5, 0.75, 16, 120]);
    expect([0.2, 0.5, 0.52, 13, 500].map((area) => sizeWords(soldAtLeast(area, "imperial"), "imperial"))).toEqual([
      "22 AWG",
      "20 AWG",
      "18 AWG",
      "6 AWG",
      "0000 AWG",
    ]);
  });
  test("sizes rise, each is the next one for itself, and none is skipped", () =>
    fc.assert(
      fc.property(units, fc.double({ min: 0.01, max: 100, noNaN: true }), (system, area) => {
        const sizes = soldSizes(system);
        expect([...sizes]).toEqual(sizes.toSorted((a, b) => a - b));
        for (const size of sizes) expect(soldAtLeast(size, system)).toBe(size);
        const next = soldAtLeast(area, system);
        expect(next).toBeGreaterThanOrEqual(area - 1e-9);
        expect(sizes.filter((size) => size >= area - 1e-9 && size < next)).toEqual([]);
      }),
    ));
  test("metric sizes are those of the standard's table, without doubles", () =>
    expect(new Set(METRIC_SIZES).size).toBe(METRIC_SIZES.length));
});
