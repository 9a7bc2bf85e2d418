import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { senderNetworks, speedometerRatio } from "../gauges";
import { deriveLines } from "../plan";
import type { SignalPin } from "../signals";
import {
  dialChecks,
  driverTable,
  errorCurves,
  instrumentsOf,
  lampBench,
  needlePoints,
  networkHeat,
  ohmsCurves,
  SPEEDS,
  safeFraction,
  senderBench,
  senderWays,
  shownAt,
  shownSpeed,
  speedometerBench,
  tachometerBench,
  trueAt,
} from "./index";

/** `side connector-cavity circuit kind quantity params`, called by its connector and cavity. */
const pinsOf = (text: string): SignalPin[] =>
  pinsFrom(text.replace(/^\s*(\w+) (\S+) (\S+)/gm, "$1 $2@$3")).map((pin) => ({
    ...pin,
    id: `${pin.connector}-${pin.cavity}`,
  }));
const instrument = (text: string, at: string, chosen?: string) => {
  const pins = pinsOf(text);
  const found = instrumentsOf(pins, deriveLines(pins, []).lines, new Map([[at, chosen]])).find(
    ({ pin }) => pin.id === at,
  );
  if (found === undefined) throw new Error(at);
  return found;
};

/** The gauge wants just 100 Ω more than the sender has, at every temperature. */
const SENDER = "donor S-1 s resistive-out coolant-temperature curve=20:900|60:400|120:100";
const GAUGE = "host G-1 g resistive-in coolant-temperature curve=20:1000|60:500|120:200";

describe("which instruments there are", () => {
  const all = `${SENDER}
    donor C-1 c pwm-out coolant-temperature hz=100
    donor C-2 s resistive-in coolant-temperature
    ${GAUGE}
    host T-1 t resistive-out fuel-level curve=0:240|60:20
    host G-2 t resistive-in fuel-level curve=0:240|60:20
    host R-1 r frequency-in engine-speed pulsesPerRev=2
    host L-1 l load-in charge-warning amps=0.18;otherEnd=battery
    host V-1 v spare vehicle-speed
    host X-1 x logic-in brake-switch active=low`;
  const pins = pinsOf(all);
  const found = instrumentsOf(pins, deriveLines(pins, []).lines);
  test("needles, dials and lamps of the host, a cable's among them, and nothing else", () =>
    expect(found.map(({ pin, type, byCable }) => `${pin.id} ${type}${byCable ? " by cable" : ""}`)).toEqual([
      "G-1 sender",
      "G-2 sender",
      "R-1 tachometer",
      "L-1 charge-lamp",
      "V-1 speedometer by cable",
    ]));
  test("what drives each now, what could, and what else reads that", () => {
    const [coolant, fuel] = found;
    expect(coolant?.candidates.map(({ id }) => id)).toEqual(["S-1", "C-1"]);
    expect(coolant?.driver?.id).toBe("S-1");
    expect(coolant?.readBy?.id).toBe("C-2");
    expect(fuel?.now?.id).toBe("T-1");
    expect(fuel?.driver?.id).toBe("T-1");
  });
  test("what is on its own side is no candidate, nor what goes; two on one wire are told once", () => {
    const more = pinsOf(
      `${all}\n    host G-3 g resistive-in coolant-temperature\n    host T-9 q resistive-out coolant-temperature`,
    );
    const gone = more.map((pin) => (pin.id === "C-1" ? { ...pin, leaves: true } : pin));
    const again = instrumentsOf(gone, deriveLines(gone, []).lines);
    expect(again.filter(({ quantity }) => quantity === "coolant-temperature").map(({ pin }) => pin.id)).toEqual([
      "G-1",
    ]);
    expect(again[0]?.candidates.map(({ id }) => id)).toEqual(["S-1"]);
  });
  test("the host's own sender stays with its gauge, and no second one is offered", () => {
    const own = senderBench(instrument(all, "G-2"), {});
    expect(own.drivenBy).toBe("own");
    const networks = own.spec === null ? [] : senderNetworks(own.spec);
    expect(senderWays(own, networks, false).map(({ code, hinders }) => `${code} ${hinders}`)).toEqual([
      "own-sender null",
      "new-gauge null",
    ]);
  });
  test("somebody's choice stands", () => expect(instrument(all, "G-1", "C-1").driver?.id).toBe("C-1"));
});

describe("a needle", () => {
  const bench = senderBench(instrument(`${SENDER}\n${GAUGE}`, "G-1"), { series: "any" });
  const networks = bench.spec === null ? [] : senderNetworks(bench.spec);
  test("the hundred ohms that it lacks are found, and the error is gone", () => {
    expect(bench.band).toEqual([20, 120]);
    const series = networks.find(({ form }) => form === "series");
    expect(series?.seriesOhms).toBeCloseTo(100, 1);
    expect(networks[0]?.worstError).toBeLessThan(0.05);
    expect(senderWays(bench, networks, false)[0]).toMatchObject({ code: "network", hinders: null });
  });
  test("by wire alone it shows what its curve has at the sender's ohms; with the network the truth", () => {
    if (bench.spec === null) throw new Error("no search");
    // 400 Ω lie two thirds of the way from 500 to 200 Ω: 60 °C + 20 °C.
    expect(shownAt(bench.spec, null, 60)).toBeCloseTo(80, 6);
    const points = needlePoints("coolant-temperature", { normal: 60 }, bench.spec, networks[0] ?? null);
    expect(points.map(({ at, x }) => `${at} ${x}`)).toEqual(["normal 60", "hot 105", "danger 115"]);
    expect(points[0]?.plain).toBeCloseTo(80, 6);
    expect(points[0]?.shown).toBeCloseTo(60, 1);
    expect(errorCurves(bench.spec, null).plain[40]).toEqual([60, expect.closeTo(20, 6)]);
  });
  test("both curves in ohms, and what the gauge sees through the network", () => {
    if (bench.spec === null) throw new Error("no search");
    const series = { form: "series" as const, seriesOhms: 100, parallelOhms: null };
    const [first, ...others] = ohmsCurves(bench.spec, series);
    expect(first).toEqual({ x: 20, wanted: 1000, given: 900, seen: 1000 });
    expect(others.at(-1)).toEqual({ x: 120, wanted: 200, given: 100, seen: 200 });
  });
  test("a resistor's heat is that of the most current: 100 Ω at 10 V with 100 Ω of sender takes a quarter watt", () => {
    if (bench.spec === null) throw new Error("no search");
    const series = { form: "series" as const, seriesOhms: 100, parallelOhms: null, worstError: 0, at: 0 };
    expect(networkHeat(bench.spec, series, 10)).toBeCloseTo(0.25, 6);
  });
  test("a sender that a computer reads is bent by nobody, however well it would fit", () => {
    const ways = senderWays(bench, networks, true);
    expect(ways.filter(({ hinders }) => hinders === "read-by-computer").map(({ code }) => code)).toEqual([
      "wire",
      "network",
    ]);
    expect(ways[0]?.code).toBe("second-sender");
  });
  test("more than a twentieth of the band is too much: 5 °C of 100 pass, a hair more does not", () => {
    const network = (worstError: number) => [
      { form: "series" as const, seriesOhms: 1, parallelOhms: null, worstError, at: 20 },
    ];
    const of = (error: number) =>
      senderWays(bench, network(error), false).find(({ code }) => code === "network")?.hinders;
    expect([of(5), of(5.001)]).toEqual([null, "error-too-large"]);
  });
  test("a computer's output drives it through a gauge driver, which sinks the gauge's own ohms", () => {
    const driven = senderBench(instrument(`donor C-1 c pwm-out coolant-temperature hz=100\n${GAUGE}`, "G-1"), {});
    expect(driven.drivenBy).toBe("output");
    expect(senderWays(driven, [], false)[0]).toMatchObject({ code: "gauge-driver", worstError: 0 });
    expect(
      driverTable(
        [
          [20, 1000],
          [120, 200],
        ],
        [20, 120],
        "linear",
      )[5],
    ).toEqual([70, 600]);
  });
  test.each([
    ["no gauge curve", `${SENDER}\nhost G-1 g resistive-in coolant-temperature`, {}, "no-gauge-curve"],
    ["no sender curve", `donor S-1 s resistive-out coolant-temperature\n${GAUGE}`, {}, "no-sender-curve"],
    [
      "a sender that turns back",
      `donor S-1 s resistive-out coolant-temperature curve=20:900|60:400|80:450\n${GAUGE}`,
      {},
      "curve",
    ],
    [
      "two points of one value",
      `donor S-1 s resistive-out coolant-temperature curve=20:900|20:400|80:350\n${GAUGE}`,
      {},
      "curve",
    ],
    [
      "curves apart",
      `donor S-1 s resistive-out coolant-temperature curve=-40:900|-10:400\n${GAUGE}`,
      {},
      "no-common-band",
    ],
    ["a band beyond the curves", `${SENDER}\n${GAUGE}`, { band: [0, 90] as const }, "band-outside"],
    ["a band upside down", `${SENDER}\n${GAUGE}`, { band: [90, 30] as const }, "band-outside"],
    ["a band beyond their upper end", `${SENDER}\n${GAUGE}`, { band: [30, 121] as const }, "band-outside"],
    ["nothing to drive it", GAUGE, {}, "no-driver"],
  ])("%s is said, and the rest computed", (_, text, given, code) => {
    const told = senderBench(instrument(text, "G-1"), given);
    expect(told.faults.map((fault) => fault.code)).toContain(code);
    expect(told.spec === null).toBe(code !== "band-outside");
  });
});

describe("a tachometer", () => {
  const of = (given: string, wanted: string) =>
    instrument(
      `donor E-1 e frequency-out engine-speed ${given}\nhost R-1 r frequency-in engine-speed ${wanted}`,
      "R-1",
    );
  test("pulses wanted over pulses given, in lowest terms", () => {
    expect(tachometerBench(of("pulsesPerRev=2", "pulsesPerRev=3"), {}).ratio).toMatchObject({ num: 3, den: 2 });
    expect(tachometerBench(of("pulsesPerRev=2", ""), {}).ratio).toBeNull();
    expect(tachometerBench(of("pulsesPerRev=2", "pulsesPerRev=2;highVolts=60"), {}).coilVolts).toBe(60);
    expect(tachometerBench(of("pulsesPerRev=2", "pulsesPerRev=2;highVolts=6.5;maxVolts=60"), {}).coilVolts).toBeNull();
  });
  test("measured points give the truth at every 500 rpm shown; points that turn back are said and not used", () => {
    const bench = tachometerBench(of("pulsesPerRev=2", "pulsesPerRev=2"), {
      points: [
        [1000, 900],
        [3000, 2800],
      ],
    });
    expect(bench.table.map(([shown, real]) => [shown, Math.round(real)])).toEqual([
      [1000, 900],
      [1500, 1375],
      [2000, 1850],
      [2500, 2325],
      [3000, 2800],
    ]);
    expect(trueAt(bench.points ?? [], 2000)).toBeCloseTo(1850, 6);
    expect(trueAt(bench.points ?? [], 3001)).toBeNull();
    expect(
      tachometerBench(of("", ""), {
        points: [
          [1000, 900],
          [1000, 950],
        ],
      }).fault,
    ).toMatchObject({ code: "not-rising" });
    expect(
      tachometerBench(of("", ""), {
        points: [
          [1000, 2000],
          [3000, 900],
        ],
      }).fault,
    ).toMatchObject({ code: "falls" });
  });
});

describe("a speedometer", () => {
  const speed = instrument(
    "donor B-1 b frequency-out vehicle-speed\nhost V-1 v frequency-in vehicle-speed pulsesPerKm=4000",
    "V-1",
  );
  test("from tyre, final drive and teeth: 3.05 × 735.4 mm roll, and 14,624 pulses come per km", () => {
    const bench = speedometerBench(speed, { tyre: "235/70R16", finalDrive: 4.1, pulsesPerShaftRev: 8 });
    expect(bench.rollingM).toBeCloseTo(2.24297, 4);
    expect(bench.given?.value).toBeCloseTo((1000 / 2.24297) * 4.1 * 8, 0);
    expect(bench.safe?.errorPercent).toBeGreaterThanOrEqual(0);
  });
  test("pulses that somebody counted stand before those of the wheels", () =>
    expect(
      speedometerBench(speed, { pulsesPerKm: 5000, tyre: "235/70R16", finalDrive: 4.1, pulsesPerShaftRev: 8 }).given,
    ).toEqual({ value: 5000, from: "entered" }));
  test.each([
    [{}, ["no-tyre", "no-final-drive", "no-pulses"]],
    [{ tyre: "round", finalDrive: 4, pulsesPerShaftRev: 8 }, ["bad-tyre"]],
    [{ tyre: "7.00-16", pulsesPerShaftRev: 8 }, ["no-final-drive"]],
  ])("what is missing of %j is asked for", (given, faults) => {
    const bench = speedometerBench(speed, given);
    expect([bench.faults, bench.ratio]).toEqual([faults, null]);
  });
  test("a cable counts turns: 640 a km of 4,000 pulses is 4 in 25, and exact", () => {
    const cable = instrument(
      "donor B-1 b frequency-out vehicle-speed pulsesPerKm=4000\nhost V-1 v spare vehicle-speed",
      "V-1",
    );
    expect(speedometerBench(cable, { revsPerKm: 640 })).toMatchObject({
      byCable: true,
      safe: { num: 4, den: 25, errorPercent: expect.closeTo(0, 9) },
    });
    expect(speedometerBench(cable, {}).faults).toEqual(["no-gauge"]);
  });
  test("the fraction taken never shows too little, and none of all 9,801 that does not is nearer", () =>
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 90, noNaN: true }), (value) => {
        const safe = safeFraction(speedometerRatio(value, 1));
        let nearest = Number.POSITIVE_INFINITY;
        for (let n = 1; n <= 99; n++)
          for (let d = 1; d <= 99; d++) if (n / d >= value * (1 - 1e-11)) nearest = Math.min(nearest, n / d);
        expect(safe === null ? Number.NaN : safe.num / safe.den).toBeCloseTo(nearest, 9);
      }),
      { numRuns: 150 },
    ));
  test("UN R39: never below, at most a tenth and 4 km/h above", () => {
    expect(
      [shownSpeed(100, 0), shownSpeed(100, 14), shownSpeed(100, 14.1), shownSpeed(100, -0.1)].map(
        ({ allowed }) => allowed,
      ),
    ).toEqual([true, true, false, false]);
    expect([shownSpeed(20, 30).allowed, shownSpeed(20, 30.1).allowed]).toEqual([true, false]);
    expect(SPEEDS.every((kmh) => shownSpeed(kmh, 2).shown === kmh * 1.02)).toBe(true);
  });
});

describe("lamps", () => {
  const lamp = (driver: string, quantity = "charge-warning") =>
    lampBench(instrument(`donor ${driver}\nhost L-1 l load-in ${quantity} amps=0.18;otherEnd=battery`, "L-1"), {});
  test("2.16 W pass 0.18 A; a quarter ampere to excite needs 171 Ω beside the lamp", () => {
    const bench = lamp("Alternator-D+ a low-side-out charge-warning");
    expect(bench.drivenBy).toBe("alternator");
    expect(bench.lamp).toMatchObject({ amps: expect.closeTo(0.18, 9), parallelOhms: expect.closeTo(12 / 0.07, 6) });
  });
  test("a computer's lamp excites nothing; who switches it and to which pole is told", () => {
    expect(lamp("C-1 c low-side-out charge-warning")).toMatchObject({
      lamp: null,
      drivenBy: "computer",
      drives: "to-ground",
    });
    expect(lamp("O-1 o switch-out oil-pressure-warning to=ground", "oil-pressure-warning")).toMatchObject({
      drivenBy: "switch",
      drives: "to-ground",
      amps: expect.closeTo(0.18, 9),
    });
  });
});

describe("two points at which each decided dial is proved", () => {
  const checksOf = (
    text: string,
    link: readonly [string, string],
    adapters: Parameters<typeof acceptedLink>[2] = {},
  ) => {
    const pins = pinsOf(text);
    const { lines } = deriveLines(pins, [acceptedLink(link[0], link[1], adapters)]);
    return dialChecks(instrumentsOf(pins, lines), () => ({}));
  };
  test("a needle with its resistors: the sender's ohms at a quarter and three quarters of the band", () => {
    const checks = checksOf(`${SENDER}\n${GAUGE}`, ["S-1", "G-1"], {
      verdict: "adapter",
      adapters: [{ type: "resistor-network", seriesOhms: 100, parallelOhms: null }],
    });
    // 900 to 400 Ω over 40 °C: 25 of them are 312.5 Ω; 400 to 100 over 60 °C: 35 of them are 175 Ω.
    expect(checks.map(({ x, ohms, by }) => [x, ohms, by])).toEqual([
      [45, 587.5, "resistor"],
      [95, 225, "resistor"],
    ]);
    // A twentieth of the band, and half the needle: a sixtieth of the dial.
    expect(checks[0]?.high).toBeCloseTo(45 + 5 + 100 / 60, 6);
  });
  test("with the gauge's own sender its own ohms; through a driver what the computer reads", () => {
    const second = checksOf(`${SENDER}\n${GAUGE}`, ["S-1", "G-1"], {
      verdict: "adapter",
      adapters: [{ type: "second-sender", curve: null, thread: null }],
    });
    expect(second[0]?.ohms).toBeCloseTo(1000 - (500 * 25) / 40, 6);
    const driven = checksOf(`donor C-1 c pwm-out coolant-temperature hz=100\n${GAUGE}`, ["C-1", "G-1"], {
      verdict: "adapter",
      adapters: [{ type: "gauge-driver", curve: null }],
    });
    expect(driven.map(({ by, ohms }) => `${by} ${ohms}`)).toEqual(["computer null", "computer null"]);
  });
  test("speed never below the true one; nothing is read of what is only proposed", () => {
    const text =
      "donor B-1 b frequency-out vehicle-speed pulsesPerKm=4000;drive=push-pull;amplitude=12\nhost V-1 v frequency-in vehicle-speed pulsesPerKm=4000;highVolts=6;maxVolts=16";
    expect(checksOf(text, ["B-1", "V-1"]).map(({ low, high }) => [low, Math.round(high)])).toEqual([
      [50, 59],
      [80, 92],
    ]);
    const pins = pinsOf(text);
    expect(dialChecks(instrumentsOf(pins, deriveLines(pins, []).lines), () => ({}))).toEqual([]);
  });
});
