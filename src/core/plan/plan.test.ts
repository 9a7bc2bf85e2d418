import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import { ADAPTER_TYPES, type Adapter } from "../signals";
import { type Decision, deriveLines, describeAdapter, describeChain, findHolds, groupOf, sheetRows } from "./index";

const pins = pinsFrom(`
  host KEY-15 supply-out ignition-supply maxAmps=15;alive=run-crank
  donor C1-2~0.75 supply-in ignition-supply amps=5;alive=run-crank
  host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=none;highVolts=6.5;maxVolts=18
  donor C1-23 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
  donor C1-25 resistive-out coolant-temperature
  host IP-2 resistive-in coolant-temperature`);
const decision = (part: Partial<Decision>): Decision => ({ id: "d1", providerId: "host KEY-15", consumerId: "donor C1-2", quantity: "ignition-supply", decision: "accepted", verdict: "direct", adapters: [], why: "as proposed", byHand: false, note: "", ...part });
const states = (decisions: readonly Decision[]) => deriveLines(pins, decisions).lines.map((line) => `${line.quantity} ${line.state}${line.stale === null ? "" : " stale"}`);
const facts = (decisions: readonly Decision[], more: Partial<Parameters<typeof findHolds>[0]> = {}) => ({ sides: { donor: 3, host: 3 }, plan: deriveLines(pins, decisions), unknownPins: [], steps: [], ...more });

describe("lines", () => {
  test("proposals stand by their verdict; the groups are in the order of work", () => {
    expect(states([])).toEqual(["ignition-supply proposed", "engine-speed proposed", "coolant-temperature open"]);
  });
  test("a decision takes its proposal's place, a refusal stays visible", () => {
    expect(states([decision({})])).toEqual(["ignition-supply decided", "engine-speed proposed", "coolant-temperature open"]);
    expect(states([decision({ decision: "refused" })])[0]).toBe("ignition-supply refused");
  });
  test("a decision that the facts no longer bear is stale; one by hand is the person's own", () => {
    const other = { verdict: "adapter", adapters: [{ type: "fuse", amps: 10 }] } as const;
    expect(states([decision(other)])[0]).toBe("ignition-supply decided stale");
    expect(states([decision({ ...other, byHand: true })])[0]).toBe("ignition-supply decided");
  });
  test("a decision whose cavity is gone makes no line", () => expect(states([decision({ consumerId: "donor gone" })])).toHaveLength(3));
});

describe("what holds the job back", () => {
  test("a missing table comes before all else", () => {
    expect(findHolds(facts([], { sides: { donor: 0, host: 3 } }))).toMatchObject([{ code: "no-table", target: { view: "import", side: "donor" } }]);
  });
  test("then what needs a choice, then cavities not known, then what waits for a yes", () => {
    const holds = findHolds(facts([], { unknownPins: [{ id: "p", label: "C1-40", description: null }] }));
    expect(holds.map((hold) => hold.code)).toEqual(["open-line", "unknown-pin", "proposed-line", "direct-lines"]);
    expect(holds[0]?.target).toEqual({ view: "map", lineKey: "donor C1-25>host IP-2" });
  });
  test("a failed step outranks all but a missing table; a stale one is to be read again", () => {
    const step = { key: "s", title: "Feed lives", expected: "12 V", probes: "red C1-2, black BAT −", outcome: "fail", stale: false } as const;
    expect(findHolds(facts([], { steps: [step] }))[0]).toMatchObject({ code: "failed-step", detail: "expected 12 V; red C1-2, black BAT −" });
    expect(findHolds(facts([], { steps: [{ ...step, stale: true }] })).at(-1)?.code).toBe("next-step");
  });
  test("nothing is left when all is decided and proven", () => {
    const only = deriveLines(pins.slice(0, 2), [decision({})]);
    expect(findHolds(facts([], { plan: only, steps: [{ key: "s", title: "t", expected: "e", probes: "p", outcome: "pass", stale: false }] }))).toEqual([]);
  });
});

describe("in words", () => {
  test("an adapter with its values; a missing value is a question mark", () => {
    expect(describeAdapter({ type: "pull-up", ohms: 2200, volts: 12 })).toBe("pull-up 2.2 kΩ to 12 V");
    expect(describeAdapter({ type: "relay", coilAmps: 0.17, coilOhms: 85, contactAmps: null, contactFeed: null })).toBe("relay, coil 85 Ω, contact ? A from a feed to choose");
    expect(describeChain([{ type: "blocking-diode", volts: 50, amps: 1 }, { type: "frequency-scaler", ratio: 1.5, outVolts: 12 }])).toBe("blocking diode 1 A, then pulse scaler × 1.5");
  });
  test("every type of the closed list has words", () => {
    for (const type of ADAPTER_TYPES) expect(describeAdapter({ type } as Adapter)).toMatch(/[a-z]{3}/);
  });
  test("the sheet holds decided links alone, donor left", () => {
    const { lines } = deriveLines(pins, [decision({ note: "checked" })]);
    expect(sheetRows(lines, () => ({ colour: "RD", sizeMm2: 1 }))).toEqual([{
      group: "Power and ground", quantity: "ignition-supply", donor: "C1-2", donorColour: "RD", donorSizeMm2: 1, adapter: "direct", host: "KEY-15", hostColour: "RD", hostSizeMm2: 1, note: "checked",
    }]);
  });
  test("a quantity of no group is everything else", () => expect(groupOf("horn")).toBe("Everything else"));
});
