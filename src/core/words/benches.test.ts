import { describe, expect, test } from "vitest";
import type { CrankRow, TriedCure } from "../transmission";
import {
  crankRowText,
  dialError,
  dialField,
  dialText,
  interlockEffectText,
  networkPartsText,
  networkText,
  senderWayText,
  speedometerText,
  typedDial,
  typedDialWidth,
} from "./index";

describe("a dial in both systems", () => {
  test.each([
    ["coolant-temperature", 90, "90 °C", "194 °F"],
    ["oil-pressure", 300_000, "3.0 bar", "44 psi"],
    ["fuel-level", 45, "45 l", "11.9 gal"],
    ["vehicle-speed", 100, "100 km/h", "62 mph"],
    ["engine-speed", 3000, "3000 rpm", "3000 rpm"],
  ] as const)("%s %d", (quantity, value, metric, imperial) =>
    expect([dialText(quantity, value, "metric"), dialText(quantity, value, "imperial")]).toEqual([metric, imperial]),
  );
  test("a difference has no zero point, and what is typed comes back in the quantity's own unit", () => {
    expect([
      dialError("coolant-temperature", 10, "imperial"),
      dialError("coolant-temperature", -61, "imperial"),
    ]).toEqual(["18 °F", "−110 °F"]);
    expect(typedDial("coolant-temperature", "194 °F", "imperial")).toBeCloseTo(90, 9);
    expect(typedDialWidth("coolant-temperature", "18", "imperial")).toBeCloseTo(10, 9);
    expect(typedDial("oil-pressure", "2,5", "metric")).toBeCloseTo(250_000, 6);
    expect(dialField("oil-pressure", 250_000, "metric")).toBe("2.5");
    for (const odd of ["hot", "90 psi", ""]) expect(typedDial("coolant-temperature", odd, "metric")).toBeNull();
  });
});

describe("what a bench says", () => {
  test("a network by its worst error in the dial's unit and in needles, and what to solder with which watts", () => {
    const network = { form: "series-then-parallel", seriesOhms: 47, parallelOhms: 220, worstError: 4, at: 60 } as const;
    expect(networkText(network, { needle: 1 }, "coolant-temperature", "imperial")).toBe(
      "Worst error 7.2 °F at 140 °F, 2 × the needle's width",
    );
    expect(networkPartsText(network, 0.3)).toBe(
      "47 Ω in series with the sender, 220 Ω across both; the hotter one takes 300 mW, so use at least 1 W",
    );
  });
  test("why a way is not open, with who reads the sender and how far off it would be", () => {
    const way = { code: "network", worstError: 4, minutes: 25, hinders: "read-by-computer" } as const;
    const reader = { side: "donor", connector: "C2", cavity: "1" } as const;
    expect(senderWayText(way, "coolant-temperature", "metric", reader)).toMatch(/^C2-1 reads this sender: .*4 °C/);
  });
  test("a speedometer by mile where miles are driven", () => {
    const taken = (value: number) => ({ value, from: "entered" }) as const;
    const bench = {
      rollingM: null,
      given: taken(4000),
      wanted: taken(640),
      byCable: true,
      ratio: { value: 0.16, num: 4, den: 25, errorPercent: 0, legal: true },
      safe: { num: 4, den: 25, errorPercent: 0 },
      faults: [],
    };
    expect(speedometerText(bench, "metric")).toMatch(/turn 640 times per km, and 4000 pulses come.*4 : 25, exact/);
    expect(speedometerText(bench, "imperial")).toMatch(/turn 1030 times per mile, and 6437 pulses come/);
  });
});

describe("what is said of cranking", () => {
  const point = (connector: string, cavity: string) =>
    ({ type: "cavity", pinId: "p", side: "host", connector, cavity }) as const;
  const row: CrankRow = {
    key: "crank",
    range: "P",
    clutch: null,
    brake: null,
    security: null,
    cranks: false,
    wanted: true,
    amps: 0,
    path: [],
    open: [],
    dead: null,
  };
  test("what lets it through, what lacks, and where to probe", () => {
    expect(
      crankRowText({ ...row, cranks: true, wanted: false, path: [point("KEY", "50"), point("SR", "86")] }),
    ).toMatch(/must not.*KEY-50 – SR-86/);
    expect(crankRowText({ ...row, dead: { at: point("Starter", "30"), volts: 0.02 } })).toMatch(
      /Starter-30 has 0.02 V .*Probe there/,
    );
    expect(crankRowText(row)).toMatch(/no way leads from the battery/);
  });
  test("a cure by what it leaves, and by its contact's rating", () => {
    const cure = { failing: 0, unsafe: 0, amps: 12, ratedAmps: 5 } as TriedCure;
    expect(interlockEffectText(cure)).toMatch(/carry 12.*rated for 5 A/);
    expect(interlockEffectText({ ...cure, ratedAmps: null })).toBe("every way is then as it should be");
    expect(interlockEffectText({ ...cure, ratedAmps: null, failing: 2, unsafe: 1 })).toMatch(
      /still crank in 1 way in which/,
    );
  });
});
