import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { awgToMm2, METRIC_SIZES } from "../units";
import {
  blowSeconds,
  chargeSeconds,
  conductorC,
  conductorMm,
  continuousAmps,
  damageSeconds,
  dropVolts,
  dwellSeconds,
  fuseForLoad,
  insulatedMm,
  judgeFuse,
  onderdonkSeconds,
  SHORT_C,
  warmPullInVolts,
  wireOhms,
} from "./index";
import { airAt, heatWPerM, nusselt } from "./rating";

const size = fc.constantFrom(...METRIC_SIZES);
const ambient = fc.integer({ min: -20, max: 85 });

describe("sizes", () => {
  test("the diameters over copper and insulation", () => {
    expect(conductorMm(1)).toBeCloseTo(1.29, 2);
    expect([0.5, 1, 2.5, 25].map((area) => Number(insulatedMm(area).toFixed(1)))).toEqual([1.5, 1.9, 2.8, 7.8]);
  });
  test.each([
    () => wireOhms({ lengthM: -1, areaMm2: 1 }),
    () => dropVolts(Number.NaN, { wires: [] }, { wires: [] }),
    () => continuousAmps(1, { ambientC: 200 }),
    () => continuousAmps(1, { ambientC: 20, loaded: 5, wires: 3 }),
    () => conductorC(1, -1, { ambientC: 20 }),
    () => onderdonkSeconds(1, 1, 100, 50),
    () => blowSeconds(1, 0, "slowest"),
  ])("out of range is an error that says so", (call) => expect(call).toThrow(RangeError));
});

describe("voltage drop", () => {
  // ISO 6722-1's column of the most at 20 °C, mΩ/m.
  test.each([
    [0.35, 54.4],
    [0.5, 37.1],
    [0.75, 24.7],
    [1, 18.5],
    [2.5, 7.6],
    [6, 3.14],
    [25, 0.743],
  ])("%s mm² has at most %s mΩ/m at 20 °C", (areaMm2, milliohms) =>
    expect(1000 * wireOhms({ lengthM: 1, areaMm2 })).toBeCloseTo(milliohms, 9),
  );
  test("every size has 2 to 16 % more than solid copper of its nominal area (IEC 60028), and more copper always less", () =>
    fc.assert(
      fc.property(fc.double({ min: 0.13, max: 120, noNaN: true }), (areaMm2) => {
        const solid = 0.017241 / areaMm2;
        expect(wireOhms({ lengthM: 1, areaMm2 }) / solid).toBeGreaterThan(1.02);
        expect(wireOhms({ lengthM: 1, areaMm2 }) / solid).toBeLessThan(1.16);
        expect(wireOhms({ lengthM: 1, areaMm2 })).toBeGreaterThan(wireOhms({ lengthM: 1, areaMm2: areaMm2 * 1.05 }));
      }),
    ));
  // Solid copper of 18 gauge is 20.95 Ω/km (ASTM B258 and B3).
  test("an American gauge lies between its neighbours: 18 has 7 % more than solid copper, and 31 % more at 100 °C", () => {
    expect(wireOhms({ lengthM: 1000, areaMm2: awgToMm2(18) }) / 20.95).toBeCloseTo(1.07, 2);
    expect(wireOhms({ lengthM: 1, areaMm2: 1, conductorC: 100 }) / wireOhms({ lengthM: 1, areaMm2: 1 })).toBeCloseTo(
      1.3144,
      4,
    );
  });
  test("out and back, joints included", () => {
    const drop = dropVolts(
      10,
      { wires: [{ lengthM: 5, areaMm2: 2.5 }], jointOhms: 0.005 },
      { wires: [{ lengthM: 1, areaMm2: 2.5 }] },
    );
    expect(drop.out).toBeCloseTo(10 * (5 * 0.0076 + 0.005), 9);
    expect(drop.total).toBeCloseTo(drop.out + drop.back, 12);
    expect(drop.out - 0.05).toBeCloseTo(5 * drop.back, 9);
  });
});

describe("heat balance", () => {
  test("air at 300 K is as tables have it", () => {
    const air = airAt(26.85);
    for (const [ours, table] of [
      [air.viscosity, 15.89e-6],
      [air.conductivity, 26.3e-3],
      [air.prandtl, 0.71],
    ] as const)
      expect(Math.abs(ours / table - 1)).toBeLessThan(0.02);
  });
  test("the correlation gives the textbook's pipe: Ra = 5.073·10⁶, Pr = 0.697, Nu = 23", () =>
    expect(nusselt(5.073e6, 0.697)).toBeCloseTo(23.1, 1));
  test("no heat goes to air that is as warm", () => expect(heatWPerM(2, 40, 40)).toBe(0));
  test("at its rating a wire is at its limit: rating and temperature are each other's inverse", () =>
    fc.assert(
      fc.property(size, ambient, (area, ambientC) => {
        expect(conductorC(area, continuousAmps(area, { ambientC }), { ambientC })).toBeCloseTo(100, 5);
      }),
      { numRuns: 30 },
    ));
  test("what the conductor makes is what the surface gives off, wall in between", () =>
    fc.assert(
      fc.property(size, ambient, (area, ambientC) => {
        const amps = continuousAmps(area, { ambientC });
        const watts = amps ** 2 * wireOhms({ lengthM: 1, areaMm2: area, conductorC: 100 });
        const surface = 100 - (watts * Math.log(insulatedMm(area) / conductorMm(area))) / (2 * Math.PI * 0.19);
        expect(heatWPerM(insulatedMm(area), surface, ambientC) / watts).toBeCloseTo(1, 5);
      }),
      { numRuns: 30 },
    ));
  test("more copper carries more, hotter air less, a fuller bundle less, and never more than alone", () =>
    fc.assert(
      fc.property(
        size,
        ambient,
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 0, max: 30 }),
        (area, ambientC, loaded, idle) => {
          const here = continuousAmps(area, { ambientC, loaded, wires: loaded + idle });
          expect(continuousAmps(area * 1.5, { ambientC, loaded, wires: loaded + idle })).toBeGreaterThan(here);
          expect(continuousAmps(area, { ambientC: ambientC + 10, loaded, wires: loaded + idle })).toBeLessThan(here);
          expect(continuousAmps(area, { ambientC, loaded: loaded + 5, wires: loaded + idle + 5 })).toBeLessThanOrEqual(
            here + 1e-6,
          );
          expect(here).toBeLessThanOrEqual(continuousAmps(area, { ambientC }) + 1e-6);
        },
      ),
      { numRuns: 30 },
    ));
  test("a square millimetre in 40 °C air carries about 20 A alone; air at the limit leaves nothing", () => {
    expect(continuousAmps(1, { ambientC: 40 })).toBeGreaterThan(18);
    expect(continuousAmps(1, { ambientC: 40 })).toBeLessThan(22);
    expect(continuousAmps(1, { ambientC: 100 })).toBe(0);
  });
});

describe("a relay's coil when it is warm", () => {
  test("takes more volts as copper's resistance rises: at 23 °C air and its own 30 K, 11.7 % more", () => {
    expect(warmPullInVolts(7.5, 23) / 7.5).toBeCloseTo((1 + 0.00393 * 33) / (1 + 0.00393 * 3), 12);
    expect(warmPullInVolts(7.5, 40)).toBeCloseTo(8.87, 2);
    expect(warmPullInVolts(7.5, -7)).toBeCloseTo(7.5, 9);
  });
  test("its current at pull-in is the same at every temperature", () =>
    fc.assert(
      fc.property(ambient, fc.double({ min: 3, max: 16, noNaN: true }), (ambientC, volts) => {
        const ohms = (celsius: number) => wireOhms({ lengthM: 100, areaMm2: 0.02, conductorC: celsius });
        expect(warmPullInVolts(volts, ambientC) / ohms(ambientC + 30)).toBeCloseTo(volts / ohms(23), 9);
      }),
    ));
  test.each([
    [0, 20],
    [Number.NaN, 20],
    [7, 200],
  ])("%s V at %s °C is an error", (volts, celsius) =>
    expect(() => warmPullInVolts(volts, celsius)).toThrow(RangeError),
  );
});

describe("fuses and shorts", () => {
  test.each([
    [10, 1.1, 360_000, Number.POSITIVE_INFINITY],
    [10, 1.35, 0.75, 600],
    [10, 1.6, 0.25, 50],
    [40, 2, 0.15, 5],
    [40, 3.5, 0.04, 0.5],
    [40, 6, 0.02, 0.1],
    [60, 1.35, 60, 1800],
    [60, 2, 2, 60],
    [80, 3.5, 0.2, 7],
    [80, 6, 0.04, 1],
  ])("a fuse of %d A at %d times its rating blows within the limits of ISO 8820-3", (rated, multiple, least, most) => {
    expect(blowSeconds(multiple * rated, rated, "quickest")).toBeCloseTo(least, 9);
    expect(blowSeconds(multiple * rated, rated, "slowest")).toBe(most);
  });
  test("between the standard's points times fall with the current, never below 1.1 times it, slowly below 1.35", () => {
    expect(blowSeconds(10.9, 10, "quickest")).toBe(Number.POSITIVE_INFINITY);
    expect(blowSeconds(13.4, 10, "slowest")).toBe(Number.POSITIVE_INFINITY);
    // Half way from 1.6 to 2 on a logarithmic scale: √(50 · 5).
    expect(blowSeconds(10 * Math.sqrt(1.6 * 2), 10, "slowest")).toBeCloseTo(Math.sqrt(250), 6);
    expect(blowSeconds(120, 10, "slowest")).toBeCloseTo(0.1 / 4, 9);
  });
  test("Onderdonk: 1 mm² at 100 A melts from 30 °C after 8.2 s, and time falls with the square of the current", () => {
    expect(onderdonkSeconds(100, 1, 30, 1083)).toBeCloseTo(8.24, 2);
    expect(onderdonkSeconds(200, 1, 30, 1083)).toBeCloseTo(8.24 / 4, 2);
  });
  test("high currents damage a wire after Onderdonk's time, its continuous rating never", () => {
    expect(damageSeconds(2000, 1, { ambientC: 40 }) / onderdonkSeconds(2000, 1, 40, SHORT_C)).toBeCloseTo(1, 2);
    expect(damageSeconds(continuousAmps(1, { ambientC: 40 }), 1, { ambientC: 40 })).toBe(Number.POSITIVE_INFINITY);
  });
  const wire = { areaMm2: 1, surroundings: { ambientC: 40 }, continuousAmps: 9, shortAmps: 120 } as const;
  const failing = (more: Partial<Parameters<typeof judgeFuse>[0]>) =>
    judgeFuse({ ratedAmps: 15, ...wire, ...more })
      .checks.filter((check) => !check.holds)
      .map((check) => check.code);
  test("a sound one passes every check", () => expect(failing({})).toEqual([]));
  test("a load over 0.75 of the rating", () => expect(failing({ continuousAmps: 11.3 })).toEqual(["continuous"]));
  test("a fuse bigger than its wire", () => expect(failing({ ratedAmps: 25 })).toEqual(["wire"]));
  test("a fuse far bigger lets the wire burn first in a short at its end", () => {
    // 120 A are three times 40 A, where such a fuse may take 0.85 s; 1 mm² goes from 40 to 160 °C in 1.3 s.
    expect(failing({ ratedAmps: 40 })).toEqual(["wire"]);
    // And one and a half times 80 A, where it may take twenty minutes.
    expect(failing({ ratedAmps: 80 })).toEqual(["wire", "short"]);
  });
  test("an inrush that a quick fuse does not outlast", () => {
    expect(failing({ inrush: { amps: 60, seconds: 0.05 } })).toEqual(["inrush"]);
    expect(failing({ inrush: { amps: 30, seconds: 0.1 } })).toEqual([]);
  });
  test("a line so long that a short need not blow the fuse is one that its wire must bear continuously", () => {
    expect(failing({ shortAmps: 18 })).toEqual([]);
    expect(failing({ ratedAmps: 40, shortAmps: 50 })).toEqual(["wire", "short"]);
  });
  test("the fuse for a load", () => expect([1, 7.5, 8, 500].map(fuseForLoad)).toEqual([2, 10, 15, null]));
});

describe("an ignition coil's dwell", () => {
  test("the current found by small steps of U = R·i + L·di/dt reaches what was asked at that time", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.0005, max: 0.02, noNaN: true }),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.double({ min: 0.05, max: 0.97, noNaN: true }),
        (henries, ohms, share) => {
          const amps = (share * 14.4) / ohms;
          const seconds = dwellSeconds({ henries, ohms, amps, volts: 14.4 });
          const steps = 20_000;
          let flowing = 0;
          for (let step = 0; step < steps; step += 1) {
            const middle = flowing + (((14.4 - ohms * flowing) / henries) * seconds) / steps / 2;
            flowing += (((14.4 - ohms * middle) / henries) * seconds) / steps;
          }
          expect(flowing / amps).toBeCloseTo(1, 4);
        },
      ),
      { numRuns: 30 },
    );
  });
  test("by hand: 5 mH and 0.5 Ω to 7 A at 14.4 V; a coil limited by its resistance charges for three time constants", () => {
    // −10 ms · ln(1 − 3.5 / 14.4) = 10 ms · 0.27847
    expect(dwellSeconds({ henries: 0.005, ohms: 0.5, amps: 7, volts: 14.4 })).toBeCloseTo(0.0027847, 6);
    const threes = (3 * 0.01) / 3;
    for (const amps of [null, 4.8, 50])
      expect(chargeSeconds({ henries: 0.01, ohms: 3, amps, volts: 14.4 })).toBeCloseTo(threes, 4);
    expect(chargeSeconds({ henries: 0.01, ohms: 3, amps: 1, volts: 14.4 })).toBeLessThan(threes);
  });
  test("what can never be reached, or is no number, is refused", () => {
    const coil = { henries: 0.005, ohms: 0.5, amps: 7, volts: 14.4 };
    expect(() => dwellSeconds({ ...coil, amps: 28.8 })).toThrow(/amps must be < 28.8/);
    for (const field of ["henries", "ohms", "amps", "volts"] as const)
      for (const value of [0, -1, Number.NaN, Number.POSITIVE_INFINITY])
        expect(() => dwellSeconds({ ...coil, [field]: value })).toThrow(field);
  });
});
