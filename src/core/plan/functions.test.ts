import { describe, expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { type BusValueAt, gatewayTable, type RelayChoice } from "../gateway";
import type { Finding } from "../power";
import { acceptanceBasis, FUNCTION_STATES, functionLines } from "./functions";
import type { GapWay } from "./gaps";
import { type Decision, deriveLines } from "./lines";

function functions(
  text: string,
  { decisions = [] as Decision[], dropped = [] as string[], chosen = [] as [string, GapWay][] } = {},
) {
  const pins = pinsFrom(text);
  return functionLines(deriveLines(pins, decisions), pins, (key) => !dropped.includes(key), new Map(chosen));
}
const one = (text: string, more?: Parameters<typeof functions>[1]) => functions(text, more)[0];

const TACHO = `
  donor C1-23 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
  host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=up`;

describe("a function's state", () => {
  test("a link that is proposed waits; accepted it is whole; with a value missing that value is the one thing", () => {
    expect(one(TACHO)).toMatchObject({ key: "tachometer", state: "to-decide", lack: { type: "decision" } });
    const yes = { decisions: [acceptedLink("donor C1-23", "host IP-1")] };
    expect(one(TACHO, yes)).toMatchObject({ state: "whole", lack: null });
    expect(one(TACHO.replace("pulsesPerRev=2;pull", "pull"))).toMatchObject({
      state: "fact-missing",
      lack: { type: "fact", missing: { fact: "pulsesPerRev", at: { connector: "IP", cavity: "1" } } },
    });
  });
  test("what is not wanted lacks nothing; the feeds cannot be done without", () => {
    expect(one(TACHO, { dropped: ["tachometer"] })).toMatchObject({ state: "not-wanted", lack: null });
    const feed = "donor C1-1 supply-in battery-supply amps=3";
    expect(one(feed, { dropped: ["feeds-and-grounds"] })).toMatchObject({ key: "feeds-and-grounds", state: "cannot" });
    expect(one(feed)?.gaps[0]?.ways).toEqual(["new-feed"]);
  });
  test("a decision that no longer fits its facts is to be decided again", () => {
    const slower = { decisions: [acceptedLink("donor C1-23", "host IP-1")] };
    expect(one(TACHO.replace("pulsesPerRev=2;drive", "pulsesPerRev=3;drive"), slower)).toMatchObject({
      state: "to-decide",
      lack: { type: "stale" },
    });
  });
  test("a link, decided or proposed, that the solved plan finds fault with is not whole; what is only noted, or found elsewhere, is", () => {
    const pins = pinsFrom(TACHO);
    const decided = deriveLines(pins, [acceptedLink("donor C1-23", "host IP-1")]);
    const found = (pinId: string, severity: Finding["severity"]) => ({ key: pinId, pinId, severity }) as Finding;
    const state = (...findings: Finding[]) =>
      functionLines(decided, pins, () => true, new Map(), findings).map((told) => [
        told.state,
        told.lack?.type ?? null,
      ]);
    expect(state(found("host IP-1", "fault"))).toEqual([["cannot", "finding"]]);
    expect(state(found("host IP-1", "note"), found("host IP-9", "stop"))).toEqual([["whole", null]]);
    const proposed = functionLines(deriveLines(pins, []), pins, () => true, new Map(), [found("host IP-1", "stop")]);
    expect(proposed[0]).toMatchObject({ state: "cannot", lack: { type: "finding" } });
    // What nobody can decide yet is in no solved plan.
    const open = pinsFrom(TACHO.replace("pulsesPerRev=2;pull", "pull"));
    const told = functionLines(deriveLines(open, []), open, () => true, new Map(), [found("host IP-1", "stop")]);
    expect(told[0]?.lack?.type).toBe("fact");
  });
  test("there is no way, before a value is missing, before a choice: the gravest is told", () =>
    expect(FUNCTION_STATES.slice(0, 3)).toEqual(["cannot", "fact-missing", "to-decide"]));
});

test("what was seen to work rests on the function's own links and fillings, and on no other's", () => {
  const basis = (text: string, more?: Parameters<typeof functions>[1]) => {
    const told = functions(text, more).find(({ key }) => key === "tachometer");
    return told === undefined ? null : acceptanceBasis(told);
  };
  const before = basis(TACHO);
  expect(basis(`${TACHO}\n host IP-2 resistive-in coolant-temperature`)).toBe(before);
  expect(basis(TACHO.replace("pull=up", "pull=none"))).not.toBe(before);
  const gap = "host IP-1 frequency-in engine-speed";
  expect(basis(gap, { chosen: [["host IP-1", "without"]] })).not.toBe(basis(gap));
});

describe("gaps and what stays", () => {
  test("a gauge that nobody serves is a gap with its ways, the cheapest first and to live without it last", () => {
    const gauge = one("host IP-2 resistive-in coolant-temperature");
    expect(gauge).toMatchObject({ key: "coolant-gauge", state: "cannot", gaps: [{ type: "unserved" }] });
    expect(gauge?.gaps[0]?.ways).toEqual(["second-sender", "new-gauge", "without"]);
  });
  test("a gap for which somebody chose a way, or signed to live without, lacks nothing more", () => {
    const gauge = "host IP-2 resistive-in coolant-temperature";
    expect(one(gauge, { chosen: [["host IP-2", "without"]] })).toMatchObject({
      state: "whole",
      gaps: [{ chosen: "without" }],
    });
    expect(one(gauge, { chosen: [["host IP-3", "without"]] })?.state).toBe("cannot");
  });
  test("a lamp that a switch of the body lights stays as it is wired, whatever the two are called; nothing wired is a gap", () => {
    const lamp = "host LAMP-1@54 load-in lighting amps=1.75";
    const contact = "host SW-2@54 supply-out brake-switch";
    const lights = (text: string) => functions(text).find(({ key }) => key === "lights");
    expect(lights(`${lamp}\n${contact}`)).toMatchObject({ state: "whole", staying: 1, gaps: [] });
    expect(lights(lamp)).toMatchObject({ state: "cannot" });
    expect(lights(`${lamp}\n${contact.replace("@54", "@55")}`)).toMatchObject({ state: "cannot" });
    // The engine's computer is another matter: what gives on its circuit may be its own sensor's feed.
    const mixed = functions("donor C1-15@7 logic-in clutch-switch\ndonor C9-1@7 supply-out ignition-supply");
    expect(mixed.find(({ key }) => key === "starting")?.gaps).toHaveLength(1);
  });
  test("what its own computer reads is counted, not listed", () => {
    const [engine] = functions(`
      donor C2-1@5 analogue-in manifold-pressure
      donor MAP-1@5 analogue-out manifold-pressure`);
    expect(engine).toMatchObject({ key: "engine-running", state: "whole", staying: 2, gaps: [] });
  });
  test("an output of the engine's computer for the body that nothing takes is a gap; an injector's is the engine's own", () => {
    expect(one("donor C1-24 low-side-out malfunction-lamp maxAmps=0.4")?.gaps).toMatchObject([
      { type: "unloaded", ways: ["dummy-load", "fit-part", "without"] },
    ]);
    for (const own of ["C2-4 injector-out injector", "C2-9 low-side-out purge-valve maxAmps=1"])
      expect(one(`donor ${own}`)).toMatchObject({ state: "whole", gaps: [] });
  });
  test("the old engine's sensors and the donor's body are no functions of this swap", () =>
    expect(
      functions(`
        host DIST-1 coil-out ignition-coil
        donor B1-4 high-side-out horn`),
    ).toEqual([]));
  test("an interlock that forbids cranking in gear, or the brake's, is never looped", () => {
    const ways = (quantity: string) => one(`donor C1-15 logic-in ${quantity} active=low;pull=up`)?.gaps[0]?.ways;
    expect(ways("power-steering-pressure")).toContain("loop");
    for (const quantity of ["park-neutral", "clutch-switch", "brake-switch"])
      expect(ways(quantity)).not.toContain("loop");
  });
  test("what another of its own side gives is a wire away, and that is the cheapest way", () => {
    const reads = "donor C1-31@1 frequency-in vehicle-speed pulsesPerKm=4000";
    const gives = "donor T1-19@2 frequency-out vehicle-speed pulsesPerKm=4000";
    const [gap] = functions(`${reads}\n${gives}`).find(({ key }) => key === "speedometer")?.gaps ?? [];
    expect(gap).toMatchObject({ from: { connector: "T1", cavity: "19" }, pin: { cavity: "31" } });
    expect(gap?.ways[0]).toBe("own-wire");
    expect(one(reads)?.gaps[0]).toMatchObject({ from: null, ways: ["speed-sensor", "without"] });
    // Another wheel's is no help.
    const wheels = functions("donor A-1#1 frequency-in wheel-speed\ndonor B-1#2 frequency-out wheel-speed");
    expect(wheels.flatMap(({ gaps: own }) => own.map(({ from }) => from))).toEqual([null]);
    // A signal that nobody reads is no gap.
    expect(functions(gives).flatMap(({ gaps }) => gaps)).toEqual([]);
  });
  test("instruments on a bus that the donor lacks stand apart, unless they have a network of their own", () => {
    const bus = "host IP-5#high can body-data";
    expect(one(bus)?.gaps).toMatchObject([{ type: "apart" }]);
    expect(one(`${bus}\nhost BCM-7#high can body-data`)?.gaps ?? []).toEqual([]);
  });
  test("free outputs of a programmable computer are shared out, so that as many as can be are served", () => {
    const tacho = "host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=up";
    const lamp = "host IP-9 load-in malfunction-lamp amps=0.1;otherEnd=battery;inductive=no";
    const fan = "host FAN-1 load-in cooling-fan amps=0.2;otherEnd=battery;inductive=yes";
    const output = (cavity: string, more = "") =>
      `donor ECU-${cavity} low-side-out other maxAmps=0.5;clamp=own;settable=yes${more}`;
    const shares = (text: string) =>
      functions(text).flatMap(({ gaps }) =>
        gaps.map(({ pin, output: given, ways }) => [
          `${pin.connector}-${pin.cavity}`,
          given === null ? null : given.provider.cavity,
          ways[0],
        ]),
      );
    expect(
      shares(`${lamp}\n${fan}\n${output("1")}\n${output("2")}`)
        .map(([, given]) => given)
        .toSorted(),
    ).toEqual(["1", "2"]);
    // One output for two: one of them goes without, and what its form forbids takes none away.
    const scarce = shares(`${tacho}\n${lamp}\n${fan}\n${output("1")}`);
    expect(scarce.filter(([, given]) => given === "1")).toHaveLength(1);
    expect(scarce.find(([pin]) => pin === "IP-1")?.[1]).toBeNull();
    // Not said to be settable, or taken already: not free.
    expect(shares(`${lamp}\n${output("1").replace(";settable=yes", "")}`).map(([, given]) => given)).toEqual([null]);
  });
});

test("a feed of its own that was decided, and that the solved plan finds fault with, makes nothing whole", () => {
  const pins = pinsFrom("donor C1-1 supply-in battery-supply amps=3;alive=permanent");
  const state = (way: GapWay, ...findings: Finding[]) =>
    functionLines(deriveLines(pins, []), pins, () => true, new Map([["donor C1-1", way]]), findings)[0]?.state;
  const found = { key: "f", pinId: "donor C1-1", severity: "stop" } as Finding;
  expect(state("new-feed")).toBe("whole");
  expect(state("new-feed", found)).toBe("cannot");
  expect(state("new-feed", { ...found, severity: "note" })).toBe("whole");
});

describe("a value of the host's bus", () => {
  const BUSES = `
    donor C1-26 can powertrain-data bitrate=500000;messages=a
    host IP-4 can body-data bitrate=500000;messages=b`;
  const value = (side: "donor" | "host", name: string, unit = "rpm"): BusValueAt => ({
    id: name,
    side,
    pinId: side === "donor" ? "donor C1-26" : "host IP-4",
    message: "M",
    frame: 1,
    extended: false,
    name,
    quantity: "engine-speed",
    unit,
    factor: 1,
    shift: 0,
    low: null,
    high: null,
    periodMs: null,
  });
  const told = (values: BusValueAt[], decisions: Decision[] = [], choices: RelayChoice[] = []) => {
    const pins = pinsFrom(BUSES);
    const rows = gatewayTable(values, [], new Map(choices.map((one) => [one.id, one])));
    return functionLines(deriveLines(pins, decisions), pins, () => true, new Map(), [], rows).find(
      ({ key }) => key === "tachometer",
    );
  };
  const gateway = acceptedLink("donor C1-26", "host IP-4", {
    verdict: "adapter",
    adapters: [{ type: "can-gateway", fromBitrate: 500000, toBitrate: 500000, output: null }],
  });
  const both = [value("donor", "N"), value("host", "RPM")];

  test("makes a function of its own, whole once the gateway is decided", () => {
    expect(told([])).toBeUndefined();
    expect(told(both)).toMatchObject({ state: "to-decide", lack: { type: "no-gateway" }, lines: [] });
    expect(told(both, [gateway])).toMatchObject({ state: "whole", lack: null });
    expect(told(both, [{ ...gateway, decision: "refused" }])?.lack?.type).toBe("no-gateway");
  });

  test("that nothing gives, or in another unit, holds it up; one that a person does not send makes none", () => {
    expect(told([value("host", "RPM")], [gateway])).toMatchObject({
      state: "cannot",
      lack: { type: "relay", fault: { code: "no-source" } },
    });
    expect(told([value("donor", "N", "km/h"), value("host", "RPM")], [gateway])?.state).toBe("cannot");
    expect(told([...both, value("donor", "N2")], [gateway])).toMatchObject({
      state: "to-decide",
      lack: { type: "relay", fault: { code: "several-sources" } },
    });
    const never = { id: "RPM", sent: false, sourceId: null, rateMs: null, timeoutMs: null, silent: "stop" } as const;
    expect(told(both, [gateway], [never])).toBeUndefined();
  });

  test("seen to work is seen anew once it is sent otherwise", () => {
    const slow = { id: "RPM", sent: true, sourceId: null, rateMs: 200, timeoutMs: null, silent: "stop" } as const;
    const [as, other] = [told(both, [gateway]), told(both, [gateway], [slow])];
    expect(as && acceptanceBasis(as)).not.toBe(other && acceptanceBasis(other));
  });
});
