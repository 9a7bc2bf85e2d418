import { describe, expect, test } from "vitest";
import { pinFrom } from "../../../tests/support/pins";
import { optionText } from "../words";
import { linkOptions } from "./link-options";
import type { SignalPin, Surroundings } from "./types";

const alone: Surroundings = { connectedAmps: 0, feeds: [], readBy: null };
const computer = pinFrom("donor C2-1 resistive-in coolant-temperature");
const read: Surroundings = { ...alone, readBy: computer };
const ends = (provider: string, consumer: string): [SignalPin, SignalPin] => [
  pinFrom(`donor P-1 ${provider}`),
  pinFrom(`host C-1 ${consumer}`),
];
const ways = (provider: string, consumer: string, around = alone) => {
  const [from, to] = ends(provider, consumer);
  const options = linkOptions(from, to, around);
  // Whatever is said of it can be read.
  for (const option of options) expect(optionText(option, { provider: from, consumer: to }).length).toBeGreaterThan(10);
  return options;
};
const best = (provider: string, consumer: string, around = alone) => ways(provider, consumer, around)[0];
const told = (provider: string, consumer: string, around = alone) => {
  const { verdict, adapters } = best(provider, consumer, around);
  return [verdict, ...adapters.map(({ type }) => type)].join(" ");
};

describe("senders and gauges", () => {
  const sender = "resistive-out coolant-temperature curve=40:1000|80:300|120:110";
  const gauge = (curve: string) => `resistive-in coolant-temperature curve=${curve}`;

  test.each([
    ["the same curve, other points of it", gauge("40:1000|60:650|80:300|120:110"), "direct"],
    ["47 Ω more all along", gauge("40:1047|80:347|120:157"), "adapter resistor-network"],
    ["one that falls where the other rises", gauge("40:20|80:90|120:180"), "adapter second-sender"],
    ["no curve", "resistive-in coolant-temperature", "manual"],
    ["points that turn back", gauge("40:1000|80:1200|120:110"), "manual"],
    ["no value in common", gauge("130:90|150:40"), "manual"],
  ])("%s: %s", (_what, wanted, expected) => expect(told(sender, wanted)).toBe(expected));

  test("47 Ω all along is found as 47 Ω in series", () =>
    expect(best(sender, gauge("40:1047|80:347|120:157")).adapters).toEqual([
      { type: "resistor-network", seriesOhms: 47, parallelOhms: null },
    ]));
  test("one that a computer reads is shared with nobody, whatever its curve; a tank has room for one", () => {
    expect(told(sender, gauge("40:1000|80:300|120:110"), read)).toBe("adapter second-sender");
    expect(told("resistive-out fuel-level", "resistive-in fuel-level", read)).toBe("manual second-sender");
  });
  test("what is missing is named at its end", () =>
    expect(best("resistive-out coolant-temperature", gauge("40:1000|80:300")).missing).toMatchObject([
      { at: { connector: "P" }, fact: "curve" },
    ]));
});

describe("voltages and duties", () => {
  const map = (curve: string, more = "") => `analogue-out manifold-pressure curve=${curve}${more}`;
  const reads = (curve: string, more = "") => `analogue-in manifold-pressure curve=${curve}${more}`;
  test.each([
    [map("20000:0.5|100000:4.5"), reads("20000:0.5|100000:4.5"), "direct"],
    [map("20000:0.5|100000:4.5"), reads("20000:1|100000:9"), "adapter analogue-scaler"],
    [map("20000:0.5|100000:4.5"), reads("20000:4.5|100000:0.5"), "adapter analogue-scaler"],
    [map("20000:0.5|100000:4.5", ";ratiometric=yes"), reads("20000:0.5|100000:4.5"), "manual"],
    [
      "analogue-out manifold-pressure range=0..5",
      "analogue-in manifold-pressure range=0..10",
      "adapter analogue-scaler",
    ],
    ["analogue-out manifold-pressure range=0..5", "analogue-in manifold-pressure range=0..5", "manual"],
    [map("20000:0.5|100000:4.5"), "resistive-in manifold-pressure curve=20000:30|100000:180", "adapter gauge-driver"],
    [map("20000:0.5|100000:4.5"), reads("20000:1|100000:9", ";settable=yes"), "calibration calibration"],
    [map("20000:0.5|100000:4.5"), "load-in oil-pressure amps=0.2", "manual threshold-switch"],
  ])("%s into %s: %s", (given, wanted, expected) => expect(told(given, wanted)).toBe(expected));

  test("gain and offset are those of the straight line through both curves", () => {
    expect(best(map("20000:0.5|100000:4.5"), reads("20000:1|100000:9")).adapters).toEqual([
      { type: "analogue-scaler", gain: 2, offsetVolts: 0 },
    ]);
    expect(best(map("20000:0.5|100000:4.5"), reads("20000:4.5|100000:0.5")).adapters).toEqual([
      { type: "analogue-scaler", gain: -1, offsetVolts: 5 },
    ]);
    expect(
      best("analogue-out manifold-pressure range=1..5", "analogue-in manifold-pressure range=0..10").adapters,
    ).toEqual([{ type: "analogue-scaler", gain: 2.5, offsetVolts: -2.5 }]);
  });

  const duty = "pwm-out coolant-temperature curve=0:10|100:90;hz=100";
  test("an open duty into a voltage is pulled up, filtered, and scaled where it must; ripple is 2 % at half duty", () => {
    const option = best(`${duty};drive=open-collector`, "analogue-in coolant-temperature curve=0:0.5|100:4.5");
    expect(option.adapters.map(({ type }) => type)).toEqual(["pull-up", "pwm-filter", "analogue-scaler"]);
    // A first-order filter: ΔV/V = D(1 − D)·T/τ with τ = 1/(2π·f_c), at D = ½.
    const filter = option.adapters.find((one) => one.type === "pwm-filter");
    const ripple = ((0.25 / 100) * 2 * Math.PI * (filter?.cutoffHz ?? Number.NaN)) / 1;
    expect(ripple).toBeCloseTo(0.02, 4);
    expect(filter).toMatchObject({ hz: 100, outMinVolts: 1.2, outMaxVolts: 10.8 });
  });
  test.each([
    [
      `${duty};drive=push-pull;amplitude=5`,
      "pwm-in coolant-temperature curve=0:10|100:90;hz=105;amplitude=5",
      "direct",
    ],
    [
      `${duty};drive=push-pull;amplitude=5`,
      "pwm-in coolant-temperature curve=0:10|100:90;hz=250;amplitude=5",
      "manual",
    ],
    [
      `${duty};drive=push-pull;amplitude=12`,
      "pwm-in coolant-temperature curve=0:10|100:90;hz=100;amplitude=5",
      "adapter level-shifter",
    ],
    [`${duty};drive=low-side`, "pwm-in coolant-temperature curve=0:10|100:90;hz=100;amplitude=12", "adapter pull-up"],
    [`${duty};drive=push-pull`, "pwm-in coolant-temperature curve=0:10|100:90;hz=100;amplitude=12", "manual"],
    [duty, "pwm-in coolant-temperature curve=0:10|100:90;hz=100;amplitude=12", "manual"],
    [
      `${duty};drive=push-pull;amplitude=12`,
      "resistive-in coolant-temperature curve=0:300|100:30",
      "adapter gauge-driver",
    ],
  ])("%s into %s: %s", (given, wanted, expected) => expect(told(given, wanted)).toBe(expected));
});

describe("pickups", () => {
  const crank = (kind: string, params: string) => `${kind} crankshaft-position ${params}`;
  test.each([
    [crank("reluctor-out", "pattern=60-2"), crank("reluctor-in", "pattern=60-2"), "direct"],
    [crank("reluctor-out", "pattern=60-2"), crank("reluctor-in", "pattern=36-1"), "adapter pattern-converter"],
    [crank("reluctor-out", "pattern=60-2"), crank("reluctor-in", "amplitude=1"), "manual"],
    [
      crank("reluctor-out", "pattern=60-2;amplitude=2"),
      crank("hall-in", "pattern=60-2;pull=up"),
      "adapter reluctor-conditioner",
    ],
    [
      crank("reluctor-out", "pattern=36-1"),
      crank("hall-in", "pattern=60-2"),
      "adapter reluctor-conditioner pattern-converter",
    ],
    [crank("hall-out", "pattern=60-2"), crank("hall-in", "pattern=60-2;pull=up"), "direct"],
    [crank("hall-out", "pattern=60-2"), crank("hall-in", "pattern=60-2;pull=none"), "adapter pull-up"],
    [crank("hall-out", "pattern=60-2"), crank("hall-in", "pattern=60-2"), "manual"],
    [crank("hall-out", "pattern=60-2"), crank("hall-in", "pattern=60-2;pull=down"), "manual"],
    [crank("hall-out", "pattern=60-2"), crank("reluctor-in", "pattern=60-2"), "impossible"],
    ["hall-out vehicle-speed pulsesPerKm=4000", "frequency-in vehicle-speed pulsesPerKm=4000;pull=up", "direct"],
    [
      "reluctor-out vehicle-speed pulsesPerKm=4000",
      "frequency-in vehicle-speed pulsesPerKm=4000",
      "adapter reluctor-conditioner",
    ],
    [
      "reluctor-out vehicle-speed pulsesPerKm=4000",
      "frequency-in vehicle-speed pulsesPerKm=2000",
      "adapter reluctor-conditioner frequency-scaler",
    ],
    ["hall-out engine-speed pattern=60-2", "frequency-in engine-speed pulsesPerRev=2", "adapter pattern-converter"],
  ])("%s into %s: %s", (given, wanted, expected) => expect(told(given, wanted)).toBe(expected));
  test("a coil that a computer reads is not shared", () =>
    expect(told(crank("reluctor-out", "pattern=60-2"), crank("reluctor-in", "pattern=60-2"), read)).toBe("manual"));
});

describe("injectors, coils, oxygen sensors", () => {
  test.each([
    ["injector-out injector drive=saturated;maxAmps=2", "injector-in injector ohms=14", "direct"],
    ["injector-out injector drive=peak-and-hold;maxAmps=4", "injector-in injector ohms=2.4", "direct"],
    ["injector-out injector drive=saturated;maxAmps=2", "injector-in injector ohms=2.4", "adapter series-resistor"],
    ["injector-out injector drive=saturated", "injector-in injector ohms=14", "manual"],
    ["injector-out injector maxAmps=2", "injector-in injector ohms=14", "manual"],
    ["coil-out ignition-coil drive=logic", "coil-in ignition-coil drive=logic", "direct"],
    ["coil-out ignition-coil drive=logic", "coil-in ignition-coil drive=primary;amps=7", "adapter igniter"],
    ["coil-out ignition-coil drive=primary;maxAmps=9", "coil-in ignition-coil drive=primary;amps=7", "direct"],
    ["coil-out ignition-coil drive=primary;maxAmps=5", "coil-in ignition-coil drive=primary;amps=7", "impossible"],
    ["coil-out ignition-coil drive=primary;maxAmps=9", "coil-in ignition-coil drive=logic", "impossible"],
    ["coil-out ignition-coil", "coil-in ignition-coil drive=logic", "manual"],
    ["lambda-out oxygen band=narrow", "lambda-in oxygen band=narrow", "direct"],
    ["lambda-out oxygen band=wide", "lambda-in oxygen band=narrow", "adapter lambda-converter"],
    ["lambda-out oxygen band=narrow", "lambda-in oxygen band=wide", "impossible"],
    ["lambda-out oxygen", "lambda-in oxygen band=wide", "manual"],
  ])("%s into %s: %s", (given, wanted, expected) => expect(told(given, wanted)).toBe(expected));

  test("the series resistor keeps the output within its rating at 14.4 V, and is rated for its heat", () => {
    const [part] = best("injector-out injector drive=saturated;maxAmps=2", "injector-in injector ohms=2.4").adapters;
    if (part?.type !== "series-resistor" || part.ohms === null || part.watts === null) throw new Error("no resistor");
    const amps = 14.4 / (2.4 + part.ohms);
    expect(amps).toBeLessThanOrEqual(2);
    expect(amps).toBeGreaterThan(1.9);
    expect(part.watts).toBeGreaterThanOrEqual(2 * amps ** 2 * part.ohms);
  });
  test("an igniter is rated a quarter above the coil and charges it as its inductance asks; what is not known of the coil is named", () => {
    const igniter = (coil: string) =>
      best("coil-out ignition-coil drive=logic", `coil-in ignition-coil drive=primary;${coil}`);
    // 5 mH, 0.5 Ω to 7 A at 14.4 V: 2.78 ms, as in the closed form by hand (wire.test.ts).
    const known = igniter("ohms=0.5;amps=7;henries=0.005");
    expect(known?.adapters).toEqual([{ type: "igniter", maxAmps: 9, dwell: 0.00278 }]);
    expect(known?.missing).toEqual([]);
    // Limited by its resistance: 3 · 10 mH / 3 Ω.
    expect(igniter("ohms=3;henries=0.01")?.adapters).toEqual([{ type: "igniter", maxAmps: 6, dwell: 0.00999 }]);
    const lacking = (coil: string) => igniter(coil)?.missing.map(({ fact }) => fact);
    expect(lacking("ohms=0.5;amps=7")).toEqual(["henries"]);
    expect(lacking("amps=7;henries=0.005")).toEqual(["ohms"]);
    expect(igniter("amps=7")?.adapters).toEqual([{ type: "igniter", maxAmps: 9, dwell: null }]);
    expect(igniter("ohms=0;henries=0.005")?.adapters).toEqual([{ type: "igniter", maxAmps: null, dwell: null }]);
    expect(igniter("")?.adapters).toEqual([{ type: "igniter", maxAmps: null, dwell: null }]);
  });
  test("an output that others hang on already is one for nobody else", () => {
    const shared = { ...alone, connectedAmps: 1 };
    expect(told("coil-out ignition-coil drive=logic", "coil-in ignition-coil drive=logic", shared)).toBe("manual");
    expect(told("injector-out injector drive=saturated;maxAmps=2", "injector-in injector ohms=14", shared)).toBe(
      "manual",
    );
  });
});

describe("buses", () => {
  const can = (params: string) => `can powertrain-data ${params}`;
  const same = "bitrate=500000;messages=engine.dbc";
  test.each([
    [can(`${same};terminated=yes`), can(`${same};terminated=yes`), "direct"],
    [can(`${same};terminated=yes`), can(`${same};terminated=no`), "adapter can-termination"],
    [can(`${same};terminated=no`), can(`${same};terminated=no`), "adapter can-termination can-termination"],
    [can(same), can(`${same};terminated=yes`), "manual"],
    [can("bitrate=500000"), can("bitrate=500000"), "manual"],
    [can("bitrate=500000;terminated=yes"), can(`${same};terminated=yes`), "manual"],
    [can("bitrate=500000"), can("bitrate=125000"), "adapter can-gateway"],
    [can(same), can("bitrate=500000;messages=body.dbc"), "adapter can-gateway"],
    ["lin body-data bitrate=19200;messages=a", "lin body-data bitrate=19200;messages=a", "direct"],
    ["lin body-data bitrate=19200;messages=a", "lin body-data bitrate=9600;messages=a", "manual"],
    ["serial security-data bitrate=10400", "serial security-data bitrate=10400", "adapter security-module"],
    ["can powertrain-data bitrate=500000", "lin powertrain-data bitrate=19200", "manual"],
    [can("bitrate=500000;carries=engine-speed"), "frequency-in engine-speed pulsesPerRev=2", "adapter can-gateway"],
    [can("bitrate=500000;carries=engine-speed"), "frequency-in vehicle-speed pulsesPerKm=2", "manual"],
    [
      can("bitrate=500000;carries=coolant-temperature"),
      "resistive-in coolant-temperature curve=40:300|100:30",
      "adapter can-gateway gauge-driver",
    ],
  ])("%s to %s: %s", (given, wanted, expected) => expect(told(given, wanted)).toBe(expected));
});
