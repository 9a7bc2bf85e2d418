import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Curve } from "../forms";
import {
  curveFault,
  inverseAt,
  NETWORK_FORMS,
  networkErrors,
  networkOhms,
  type SenderSpec,
  senderNetworks,
  seriesValues,
  valueAt,
} from "./index";

const read = (name: string) => JSON.parse(readFileSync(`tests/reference/gauge/${name}.json`, "utf8")) as unknown;

const falling = fc
  .array(fc.tuple(fc.double({ min: 1, max: 30, noNaN: true }), fc.double({ min: 0.2, max: 0.9, noNaN: true })), {
    minLength: 2,
    maxLength: 8,
  })
  .map((steps): Curve => {
    let [x, y] = [0, 3000];
    return steps.map(([wide, part]) => {
      x += wide;
      y *= part;
      return [x, y] as const;
    });
  });

describe("curves", () => {
  test("log is straight in ln y: half way between 1000 and 10 Ω are 100 Ω; nothing is extrapolated", () => {
    const curve: Curve = [
      [0, 1000],
      [100, 10],
    ];
    expect(valueAt(curve, 50, "log")).toBeCloseTo(100, 9);
    expect(valueAt(curve, 50)).toBeCloseTo(505, 9);
    expect(inverseAt(curve, 100, "log")).toBeCloseTo(50, 9);
    expect([valueAt(curve, -1), valueAt(curve, 100.1)]).toEqual([null, null]);
    expect([inverseAt(curve, 2000), inverseAt(curve, 1)]).toEqual([0, 100]);
  });

  test("the inverse brings back x, rising or falling, linear or log", () =>
    fc.assert(
      fc.property(falling, fc.double({ min: 0, max: 1, noNaN: true }), fc.boolean(), (curve, part, isLog) => {
        const how = isLog ? "log" : "linear";
        const [from, to] = [curve[0]?.[0] as number, curve.at(-1)?.[0] as number];
        const x = from + part * (to - from);
        const y = valueAt(curve, x, how) as number;
        expect(inverseAt(curve, y, how)).toBeCloseTo(x, 6);
        const rising = curve.map(([one, ohms]) => [one, 1 / ohms] as const);
        if (!isLog) expect(inverseAt(rising, valueAt(rising, x) as number)).toBeCloseTo(x, 6);
      }),
    ));

  test.each([
    [[[1, 5]], "too-few-points"],
    [
      [
        [1, 5],
        [1, 4],
      ],
      "not-rising",
    ],
    [
      [
        [1, 5],
        [2, 4],
        [3, 4],
      ],
      "not-monotone",
    ],
    [
      [
        [1, 5],
        [2, 6],
        [3, 4],
      ],
      "not-monotone",
    ],
  ] as [Curve, string][])("%j: %s", (curve, code) => expect(curveFault(curve)?.code).toBe(code));
  test("ohms of zero are no fault but with log", () => {
    expect(
      curveFault([
        [0, 10],
        [1, 0],
      ]),
    ).toBeNull();
    expect(
      curveFault(
        [
          [0, 10],
          [1, 0],
        ],
        "log",
      ),
    ).toEqual({ code: "not-positive", at: 1, y: 0 });
  });
});

test("E96 has 96 values a decade after IEC 60063's formula, E24 its 24; both reach from 1 Ω to 1 MΩ", () => {
  expect(seriesValues("E24")).toHaveLength(6 * 24 + 1);
  expect(seriesValues("E96")).toHaveLength(6 * 96 + 1);
  // As printed in every table of the standard.
  for (const value of [1, 1.02, 4.99, 49.9, 1020, 97600, 3320]) expect(seriesValues("E96")).toContain(value);
  for (const value of [1, 2.4, 4.7, 910, 82000]) expect(seriesValues("E24")).toContain(value);
});

describe("networks between sender and gauge", () => {
  const spec = read("01") as SenderSpec;
  const { "01": expected } = read("expected") as {
    "01": { form: string; forms: Record<string, [number, number | null, number | null]> };
  };
  test("the best of each form is the one that a search over all values found", () => {
    const found = senderNetworks(spec);
    expect(found[0]?.form).toBe(expected.form);
    for (const { form, seriesOhms, parallelOhms, worstError } of found) {
      const [error, series, parallel] = expected.forms[form] as [number, number | null, number | null];
      expect(worstError).toBeCloseTo(error, 8);
      expect([seriesOhms, parallelOhms]).toEqual([series, parallel]);
    }
  });
  test("with any value the error is no larger than with preferred ones, and its errors are those it names", () => {
    const preferred = senderNetworks(spec);
    for (const any of senderNetworks({ ...spec, series: null })) {
      const bound = preferred.find(({ form }) => form === any.form)?.worstError as number;
      expect(any.worstError).toBeLessThanOrEqual(bound + 1e-9);
      const errors = networkErrors(spec, any).map(([, error]) => Math.abs(error));
      expect(Math.max(...errors)).toBeCloseTo(any.worstError, 6);
    }
  });
  test("a gauge made for a sender with a resistor in series gets that resistor back", () => {
    for (const rs of [47, 220]) {
      const gauge = spec.sender.map(([x, y]) => [x, y + rs] as const);
      const [best] = senderNetworks({ ...spec, gauge, interpolate: "linear" });
      expect(best).toMatchObject({ form: "series", seriesOhms: rs });
      expect(best?.worstError).toBeLessThan(1e-9);
    }
  });
  test("each form by Ohm's and Kirchhoff's laws: conductances add across, ohms in series", () => {
    expect(NETWORK_FORMS.map((form) => networkOhms(form, 100, 50, 300))).toEqual([
      100,
      150,
      1 / (1 / 100 + 1 / 300),
      1 / (1 / 150 + 1 / 300),
      1 / (1 / 100 + 1 / 300) + 50,
    ]);
  });
});
