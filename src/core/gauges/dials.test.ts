import fc from "fast-check";
import { describe, expect, test } from "vitest";
import {
  chargeLamp,
  correctionTable,
  monotoneAt,
  networkWatts,
  type Point,
  pulsesPerKm,
  ratioOf,
  rollingMetres,
  speedometerRatio,
} from "./index";

describe("a tachometer", () => {
  test.each([
    [3, 2, 3, 2],
    [2, 4, 1, 2],
    [2.5, 3, 5, 6],
    [0.5, 2, 1, 4],
    [60, 2, 30, 1],
  ])("that wants %d of %d pulses: %d/%d", (wanted, given, num, den) =>
    expect(ratioOf(wanted, given)).toEqual({ num, den, value: wanted / given }),
  );

  const rising = fc
    .array(fc.tuple(fc.double({ min: 50, max: 2000, noNaN: true }), fc.double({ min: 0, max: 2000, noNaN: true })), {
      minLength: 2,
      maxLength: 8,
    })
    .map((steps): Point[] => {
      let [x, y] = [0, 0];
      return steps.map(([dx, dy]) => {
        x += dx;
        y += dy;
        return [x, y] as const;
      });
    });

  test("the cubic goes through every point, and rises with them everywhere between", () =>
    fc.assert(
      fc.property(rising, (points) => {
        for (const [x, y] of points) expect(monotoneAt(points, x)).toBeCloseTo(y, 6);
        const [from, to] = [points[0]?.[0] as number, points.at(-1)?.[0] as number];
        let before = Number.NEGATIVE_INFINITY;
        for (let step = 0; step <= 200; step++) {
          const y = monotoneAt(points, from + ((to - from) * step) / 200);
          expect(y).toBeGreaterThanOrEqual(before - 1e-6);
          before = y;
        }
      }),
    ));

  test("a straight line stays one; a bend is rounded within it; the slope at a level place is none", () => {
    const line: Point[] = [
      [0, 0],
      [1000, 900],
      [3000, 2700],
    ];
    expect(monotoneAt(line, 1750)).toBeCloseTo(1575, 9);
    // By hand: slopes 1, 0 (turned level), 0; half way 0.5 · 1 + 0.125 · 1 · 1 = 0.625 of the step.
    expect(
      monotoneAt(
        [
          [0, 0],
          [1, 1],
          [2, 1],
        ],
        0.5,
      ),
    ).toBeCloseTo(0.625, 9);
    expect(
      monotoneAt(
        [
          [0, 0],
          [1, 1],
          [2, 1],
        ],
        1.5,
      ),
    ).toBeCloseTo(1, 9);
  });

  test("its table has every full 500 between the first and the last point", () => {
    const table = correctionTable([
      [620, 700],
      [2000, 2100],
      [3480, 3500],
    ]);
    expect(table.map(([shown]) => shown)).toEqual([1000, 1500, 2000, 2500, 3000]);
    expect(table[2]).toEqual([2000, 2100]);
    const whole = correctionTable([
      [500, 600],
      [1500, 1500],
    ]);
    expect(whole.map(([shown]) => shown)).toEqual([500, 1000, 1500]);
    expect(correctionTable([[1000, 900]])).toEqual([]);
  });
});

describe("a speedometer", () => {
  test.each([
    // rim + 2 × section × aspect, by 3.05 for radial and 2.99 for diagonal tyres (ETRTO), reckoned by hand.
    ["235/70R16", 2.24297],
    ["185/65 R 15", 1.895575],
    ["155R13", 1.78242],
    ["205/55ZR16 91W", 1.9273],
    ["7.00-16", 2.25711512],
    ["5,60-15", 1.9727733],
  ])("%s rolls %d m in a turn", (code, metres) => expect(rollingMetres(code)).toBeCloseTo(metres, 4));

  test.each(["", "tyre", "235/70", "R16", "0/70R16", "235/0R16", "235/70X16"])("“%s” is no tyre", (code) =>
    expect(rollingMetres(code)).toBeNull(),
  );

  test("pulses of a shaft sensor: turns of the wheel in a km, by final drive and teeth", () =>
    expect(pulsesPerKm(2, 4, 8)).toBe(16_000));

  test("no fraction with both terms up to 99 is nearer: every one is tried", () =>
    fc.assert(
      fc.property(fc.double({ min: 0.011, max: 90, noNaN: true }), (value) => {
        const { num, den, errorPercent, legal } = speedometerRatio(value, 1);
        let nearest = Number.POSITIVE_INFINITY;
        for (let d = 1; d <= 99; d++)
          for (let n = 1; n <= 99; n++) nearest = Math.min(nearest, Math.abs(n / d - value));
        expect(Math.abs(num / den - value)).toBeLessThanOrEqual(nearest + 1e-12);
        expect(errorPercent).toBeCloseTo((num / den / value - 1) * 100, 9);
        expect(legal).toBe(errorPercent >= -1e-9);
      }),
      { numRuns: 60 },
    ));

  test("one that shows less than the truth is told so", () => {
    expect(speedometerRatio(1.005, 1)).toMatchObject({ legal: false });
    expect(speedometerRatio(3, 2)).toMatchObject({ num: 3, den: 2, errorPercent: 0, legal: true });
  });
});

describe("a charge lamp", () => {
  test("passes its watts over the volts; a resistor across it the rest; none where it is enough", () => {
    expect(chargeLamp(2, 12, 0.3)).toEqual({
      amps: expect.closeTo(1 / 6, 12),
      parallelOhms: expect.closeTo(90, 9),
      watts: expect.closeTo(1.6, 9),
    });
    expect(chargeLamp(3, 12, 0.25)).toEqual({ amps: 0.25, parallelOhms: null, watts: null });
  });
});

test("the hotter resistor of a network: power by hand at the band's end where the most current flows", () => {
  const spec = {
    sender: [
      [0, 200],
      [100, 50],
    ],
    gauge: [
      [0, 200],
      [100, 50],
    ],
    interpolate: "linear",
    band: [0, 100],
    series: "E24",
  } as const;
  const feed = { volts: 10, gaugeOhms: 50 };
  const watts = (
    form: "none" | "series" | "parallel" | "series-then-parallel" | "parallel-then-series",
    rs: number | null,
    rp: number | null,
  ) => networkWatts(spec, { form, seriesOhms: rs, parallelOhms: rp }, feed);
  expect(watts("none", null, null)).toBe(0);
  // 10 V over 50 + 50 + 100 Ω: 50 mA through 100 Ω.
  expect(watts("series", 100, null)).toBeCloseTo(0.05 ** 2 * 100, 9);
  // At 200 Ω: 200 ∥ 200 = 100, 10 V over 150 Ω, half of it through the resistor; less at 50 Ω.
  expect(watts("parallel", null, 200)).toBeCloseTo((10 / 150 / 2) ** 2 * 200, 9);
  // At 50 Ω: 50 ∥ 50 + 25 = 50, 10 V over 100 Ω: 25 Ω carry all of it, 50 Ω half: the series one is hotter (62.5 mW each way).
  expect(watts("parallel-then-series", 150, 50)).toBeCloseTo((10 / (50 + 150 + 25)) ** 2 * 150, 9);
  // At 50 Ω: (50 + 150) ∥ 200 = 100, 10 V over 150 Ω, half of it through either.
  expect(watts("series-then-parallel", 150, 200)).toBeCloseTo(
    Math.max((10 / 150 / 2) ** 2 * 200, ((10 / (50 + (350 * 200) / 550)) * (350 / 550)) ** 2 * 200),
    9,
  );
});
