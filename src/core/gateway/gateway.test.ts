import { describe, expect, test } from "vitest";
import type { Quantity, Side } from "../forms";
import {
  type BusValueAt,
  busLoad,
  conversionOf,
  frameBits,
  gatewayTable,
  longestStub,
  type RelayChoice,
  type RelayRow,
} from ".";

describe("units", () => {
  test.each([
    // Fixed points and exact definitions, in both directions.
    ["degC", "degF", 100, 212],
    ["°F", "°C", -40, -40],
    ["K", "degC", 273.15, 0],
    ["km/h", "mph", 160.9344, 100],
    ["m/s", "km/h", 10, 36],
    ["rpm", "1/min", 850, 850],
    ["bar", "psi", 1, 14.503773773],
    ["kPa", "mbar", 101.325, 1013.25],
    ["l", "gal", 3.785411784, 1],
    ["kg/h", "g/s", 36, 10],
    ["mV", "V", 12_600, 12.6],
    ["mi", "km", 1, 1.609344],
    ["", "", 3, 3],
    ["turns", "turns", 3, 3],
  ])("%s in %s: %d is %d", (from, to, value, wanted) => {
    const way = conversionOf(from, to);
    expect(typeof way === "string" ? way : way.gain * value + way.shift).toBeCloseTo(wanted, 6);
  });

  test.each([
    ["degC", "km/h", "units-differ"],
    ["turns", "rpm", "units-differ"],
    ["degC", "", "unit-not-told"],
    ["", "rpm", "unit-not-told"],
  ])("%s in %s is refused", (from, to, fault) => expect(conversionOf(from, to)).toBe(fault));
});

describe("the load of a bus", () => {
  // Davis et al. 2007, equations 3 and 4: the longest frame has 55 + 10 s bits, or 80 + 10 s with 29 bits of identifier.
  test.each([0, 1, 2, 3, 4, 5, 6, 7, 8])("a frame of %d bytes", (bytes) => {
    expect(frameBits(bytes, false)).toBe(55 + 10 * bytes);
    expect(frameBits(bytes, true)).toBe(80 + 10 * bytes);
  });

  test("ten messages of 8 bytes each 10 ms fill 27 % of 500 kbit/s; what nobody tells is counted apart", () => {
    const sent = Array.from({ length: 10 }, () => ({ bytes: 8, extended: false, periodMs: 10 as number | null }));
    expect(busLoad(sent, 500_000)).toEqual({ busy: 0.27, messages: 10, unknown: 0 });
    expect(busLoad([...sent, { bytes: 8, extended: false, periodMs: null }], 500_000)).toEqual({
      busy: 0.27,
      messages: 11,
      unknown: 1,
    });
    expect(busLoad([{ bytes: 64, extended: false, periodMs: 10 }], 500_000)).toMatchObject({ unknown: 1 });
    expect(busLoad(sent, null).busy).toBeNull();
  });

  test("a stub is as long as the standard has it, longer where a bit lasts longer, and never above 2 m", () => {
    expect(longestStub(1e6)).toBeCloseTo(0.3);
    expect(longestStub(500e3)).toBeCloseTo(0.6);
    expect(longestStub(33_333)).toBe(2);
  });
});

describe("the table", () => {
  const value = (side: Side, name: string, quantity: Quantity | null, more: Partial<BusValueAt> = {}): BusValueAt => ({
    id: `${side}-${name}`,
    side,
    pinId: `${side}-can`,
    message: "M",
    frame: 0x100,
    extended: false,
    name,
    quantity,
    unit: "",
    factor: 1,
    shift: 0,
    low: null,
    high: null,
    periodMs: null,
    ...more,
  });
  const choice = (id: string, more: Partial<RelayChoice> = {}): [string, RelayChoice] => [
    id,
    { id, sent: true, sourceId: null, rateMs: null, timeoutMs: null, silent: "stop", ...more },
  ];
  const codes = ({ faults }: RelayRow) => faults.map(({ code }) => code);
  const wire = {
    at: { type: "cavity", pinId: "tacho", side: "host", connector: "DASH", cavity: "4" },
    quantity: "engine-speed",
    output: "pulses",
  } as const;
  const coolant = value("donor", "ECT", "coolant-temperature", {
    unit: "degC",
    low: -40,
    high: 215,
    factor: 1,
    periodMs: 100,
  });
  const rpm = value("donor", "N", "engine-speed", { unit: "rpm", periodMs: 10 });

  test("what the donor carries serves the host's message of the same quantity, converted, at the host's rate", () => {
    const [row] = gatewayTable(
      [coolant, value("host", "CLT", "coolant-temperature", { unit: "degF", periodMs: 200, low: -40, high: 419 })],
      [],
    );
    expect(row).toMatchObject({
      sent: true,
      source: { name: "ECT" },
      conversion: { gain: expect.closeTo(1.8, 9), shift: expect.closeTo(32, 9) },
      rateMs: 200,
      rateFrom: "file",
      timeoutMs: 500,
      timeoutFrom: "file",
      silent: "stop",
      faults: [],
    });
  });

  test("without a period in the files the rate is assumed, and says so", () => {
    const [row] = gatewayTable([value("donor", "N", "engine-speed"), value("host", "RPM", "engine-speed")], []);
    expect(row).toMatchObject({ rateMs: 100, rateFrom: "assumed", timeoutMs: 500, timeoutFrom: "assumed" });
  });

  test("what the old engine sent is missed even where the donor has no source for it", () =>
    expect(gatewayTable([rpm, value("host", "OIL", "oil-pressure")], []).map(codes)).toEqual([["no-source"]]));

  test("what another computer of the body may send, and anything to the donor, is sent only where a person says so", () => {
    const values = [
      rpm,
      value("donor", "V", "vehicle-speed"),
      value("host", "DOOR", "door"),
      value("host", "SPEED", "vehicle-speed"),
      value("host", "WHAT", null),
    ];
    expect(gatewayTable(values, [])).toEqual([]);
    expect(gatewayTable(values, [], new Map([choice("host-SPEED")]))).toMatchObject([{ source: { name: "V" } }]);
    expect(gatewayTable(values, [], new Map([choice("host-DOOR")])).map(codes)).toEqual([["no-source"]]);
    expect(
      gatewayTable([rpm, value("host", "RPM", "engine-speed")], [], new Map([choice("donor-N")])).map(({ id }) => id),
    ).toEqual(["donor-N", "host-RPM"]);
  });

  test("two values of one quantity are asked about, and the chosen one is taken", () => {
    const values = [
      rpm,
      value("donor", "N2", "engine-speed", { unit: "rpm" }),
      value("host", "RPM", "engine-speed", { unit: "rpm" }),
    ];
    expect(gatewayTable(values, [])[0]).toMatchObject({
      source: null,
      faults: [{ code: "several-sources", names: ["N", "N2"] }],
    });
    const chosen = gatewayTable(values, [], new Map([choice("host-RPM", { sourceId: "donor-N2" })]))[0];
    expect(chosen).toMatchObject({ source: { name: "N2" }, faults: [] });
  });

  test.each([
    ["units that measure different things", coolant, { unit: "km/h" }, {}, ["units-differ"]],
    ["a unit that nobody told", coolant, {}, {}, ["unit-not-told"]],
    ["a range that is cut", coolant, { unit: "degC", low: -40, high: 130 }, {}, ["clipped"]],
    ["a range that is cut below", coolant, { unit: "degC", low: 0, high: 215 }, {}, ["clipped"]],
    ["a range that is wide enough but for a step", coolant, { unit: "degC", low: -40, high: 214.5 }, {}, []],
    [
      "one too slow for who waits for it",
      coolant,
      { unit: "degC", periodMs: 50 },
      { rateMs: 100 },
      ["slower-than-expected"],
    ],
    ["a time-out within the source's own period", coolant, { unit: "degC" }, { timeoutMs: 100 }, ["timeout-too-short"]],
    ["a last value that stays", coolant, { unit: "degC" }, { silent: "hold" }, ["holds-old-value"]],
    ["nothing, where it is not sent", coolant, { unit: "km/h" }, { sent: false }, []],
  ] as const)("names %s", (_, from, host, chosen, wanted) => {
    const rows = gatewayTable(
      [from, value("host", "CLT", "coolant-temperature", host)],
      [],
      new Map([choice("host-CLT", chosen)]),
    );
    expect(rows.map(codes)).toEqual([wanted]);
  });

  test("a wire is served from the bus that its engine came with, and falls to zero without it", () => {
    expect(gatewayTable([rpm], [wire])).toMatchObject([
      { serves: { type: "wire", output: "pulses" }, source: { name: "N" }, silent: "zero", timeoutMs: 50, faults: [] },
    ]);
    expect(gatewayTable([coolant], [wire]).map(codes)).toEqual([["no-source"]]);
  });

  test("a value translated back into its own source is a loop, named with all that it runs through", () => {
    const values = [rpm, value("host", "RPM", "engine-speed", { unit: "rpm" })];
    const rows = gatewayTable(values, [], new Map([choice("donor-N")]));
    expect(rows.map(({ id, faults }) => [id, faults[0]])).toEqual([
      ["donor-N", { code: "loop", through: ["N", "RPM", "N"] }],
      ["host-RPM", { code: "loop", through: ["RPM", "N", "RPM"] }],
    ]);
    const cut = gatewayTable(values, [], new Map([choice("donor-N"), choice("host-RPM", { sent: false })]));
    expect(cut.flatMap(codes)).toEqual([]);
  });
});
