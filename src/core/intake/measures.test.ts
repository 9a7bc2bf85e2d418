import { describe, expect, test } from "vitest";
import { COLOUR_CODES, colourCode, readColour, readLength, readSize } from "./index";

const plain = { decimalComma: false, headerUnit: null };
const comma = { decimalComma: true, headerUnit: null };
const gauge = { decimalComma: false, headerUnit: "awg" };

describe("wire sizes", () => {
  test.each([
    ["0.5", plain, 0.5],
    ["0.5mm2", plain, 0.5],
    ["0.75 mm²", plain, 0.75],
    ["20AWG", plain, 0.5176],
    ["20 ga", plain, 0.5176],
    ["AWG 18", plain, 0.8231],
    ["18 AWG", plain, 0.8231],
    ["14 ga", plain, 2.0809],
    ["0,75", comma, 0.75],
    ["20", gauge, 0.5176],
    ["0.5", gauge, 0.5],
    ["1.0", gauge, 1],
    ["2/0 AWG", plain, 67.4309],
    ["1.5 sq mm", plain, 1.5],
  ])("%s", (written, hints, expected) => expect(readSize(written, hints)).toBeCloseTo(expected, 3));
  test.each(["thick", "-1", "0", "900", "0.5 m", "NaN", "1e3", "", "0,75"])("%s is no size", (written) =>
    expect(readSize(written, plain)).toBeNull(),
  );
});

describe("lengths", () => {
  test.each([
    ["1.85", plain, 1.85],
    ["1850mm", plain, 1.85],
    ["1850 mm", plain, 1.85],
    ["6ft", plain, 1.8288],
    ["72in", plain, 1.8288],
    ["4.5 ft", plain, 1.3716],
    ["6ft 2in", plain, 1.8796],
    ["6' 2\"", plain, 1.8796],
    ["1,85", comma, 1.85],
    ["185 cm", plain, 1.85],
    ["1850", { decimalComma: false, headerUnit: "mm" }, 1.85],
    ["0", plain, 0],
  ])("%s", (written, hints, expected) => expect(readLength(written, hints)).toBeCloseTo(expected, 4));
  test.each(["long", "-1", "5000", "3 parsecs", "1.2.3", "constructor"])("%s is no length", (written) =>
    expect(readLength(written, plain)).toBeNull(),
  );
});

describe("colours", () => {
  test.each([
    ["YE/BK", "YE/BK"],
    ["yellow/black", "YE/BK"],
    ["YEL/BLK", "YE/BK"],
    ["GNYE", "GN/YE"],
    ["gn-ye", "GN/YE"],
    ["light green", "GN"],
    ["DK GRN/GRY", "GN/GY"],
    ["BLK/LT BLU", "BK/BU"],
    ["sw/bl", "BK/BU"],
    ["rt", "RD"],
    ["ro", "RD"],
    ["ge", "YE"],
    ["gr", "GY"],
    ["WHT-BRN", "WH/BN"],
    ["Dark Blue", "BU"],
    ["TQ", "TQ"],
    ["SR", "SR"],
    ["GD/RD", "GD/RD"],
    ["PPL/WHT", "VT/WH"],
    ["red with white stripe", "RD/WH"],
    ["BK w/ RD", "BK/RD"],
    ["white w/ black tracer", "WH/BK"],
    ["brown white", "BN/WH"],
    ["W/R", "WH/RD"],
    ["RD", "RD"],
    ["BLKWHT", "BK/WH"],
    ["RD/RD", "RD"],
  ])("%s is %s", (written, expected) => expect(colourCode(readColour(written))).toBe(expected));
  test.each(["", "??", "plaid", "red/plaid", "constructor", "1234"])("%s is kept as written and unread", (written) =>
    expect(readColour(written)).toEqual({ written, base: null, tracer: null }),
  );
  test("every pair of codes reads back, written with a stroke or together", () => {
    for (const base of COLOUR_CODES)
      for (const tracer of COLOUR_CODES)
        if (base !== tracer)
          for (const written of [`${base}/${tracer}`, `${base}${tracer}`, `${base}-${tracer}`.toLowerCase()])
            expect(colourCode(readColour(written)), written).toBe(`${base}/${tracer}`);
  });
});
