import { describe, expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { deriveLines } from "../plan";
import { swapItems } from "../transmission";
import {
  antiTheftSides,
  calibrationChanges,
  calibrationFaults,
  type Identity,
  identityFaults,
  recordGaps,
  securityOptions,
  securityWires,
} from "./index";

const PINS = pinsFrom(`
  donor C1-29@E29 serial security-data
  donor C1-22 low-side-out starter-relay
  donor C1-50 low-side-out injector
  donor Sec-1 supply-in battery-supply alive=permanent
  donor Sec-3 ground ground
  donor Sec-4@E29 serial security-data
  donor Sec-5 unknown key-reader
  donor Sec-7 low-side-out security-lamp
  host FB-1 supply-out battery-supply alive=permanent
  host IP-14 load-in security-lamp amps=0.1;otherEnd=battery
`);
const sides = (told: readonly ("donor" | "host")[] = [], words = (_: string) => "") =>
  antiTheftSides(PINS, (pin) => words(pin.id), new Set(told));

describe("which anti-theft parts there are", () => {
  test("a module with its reader and a data line is found; a side that shows none is asked, not taken to have none", () => {
    const [donor, host] = sides();
    expect(donor.parts.map(({ connector, kind, pins }) => `${connector} ${kind} ${pins.length}`)).toEqual([
      "C1 transponder 1",
      "Sec transponder 2",
    ]);
    expect(host.state).toBe("not-seen");
    expect(sides(["host"])[1].state).toBe("none");
  });
  test.each([
    ["Key resistor in the lock", "resistor-key"],
    ["Keyless entry inside aerial", "keyless"],
  ])("%s is a %s", (words, kind) => {
    const [, host] = sides([], (id) => (id === "host IP-14" ? words : ""));
    expect(host.parts).toMatchObject([{ connector: "IP", kind }]);
  });
});

describe("which ways are open", () => {
  const wires = securityWires(sides()[0].parts, PINS, deriveLines(PINS, []).lines);
  const options = (told: readonly ("donor" | "host")[] = [], programmable = false) =>
    securityOptions(sides(told), wires, PINS, programmable);
  test("the module's wires are those of its own connector, not the engine computer's", () =>
    expect(wires.map(({ pin, ownSide }) => `${pin.id}${ownSide ? " own" : ""}`)).toEqual([
      "donor Sec-1",
      "donor Sec-3",
      "donor Sec-4 own",
      "donor Sec-5",
      "donor Sec-7",
    ]));
  test("keeping the set needs every wire, one set of parts, and the reader at the host's lock", () => {
    const [keep] = options();
    expect(keep).toMatchObject({ way: "keep-paired", closed: null });
    expect(keep?.needs.map(({ code }) => code)).toEqual(["same-set", "wires", "reader-at-lock", "two-keys"]);
    expect(keep?.needs[1]).toMatchObject({ open: 4, all: 5 });
    expect(keep?.governs.map(({ id }) => id)).toEqual(["donor C1-22", "donor Sec-7", "host IP-14"]);
  });
  test("setting it off asks for entitlement and a specialist; a programmable computer has none", () => {
    expect(options().map(({ way, closed }) => `${way} ${closed}`)).toEqual([
      "keep-paired null",
      "host-beside host-not-seen",
      "set-off null",
      "programmable not-programmable",
    ]);
    expect(
      options()
        .find(({ way }) => way === "set-off")
        ?.needs.map(({ code }) => code),
    ).toEqual(["entitlement", "specialist", "lead-time"]);
    expect(
      options([], true)
        .filter(({ closed }) => closed === null)
        .map(({ way }) => way),
    ).toEqual(["programmable"]);
  });
  test("where nothing was seen of the donor, nobody may keep or set off what may not be there", () => {
    const none = securityOptions(
      antiTheftSides([], () => "", new Set()),
      [],
      [],
      false,
    );
    expect(none.map(({ closed }) => closed)).toEqual([
      "donor-not-seen",
      "host-not-seen",
      "donor-not-seen",
      "not-programmable",
    ]);
  });
});

describe("identities that belong together", () => {
  const one = (part: string, label: string, more: Partial<Identity> = {}): Identity => ({
    id: label,
    part,
    label,
    side: "donor",
    serial: "",
    partNumber: "",
    software: "",
    calibration: "",
    pairedSet: "A7",
    ...more,
  });
  const set = [one("engine-computer", "C"), one("security-module", "M"), one("key", "K1")];
  test("one set is sound; another set is named with both, whatever its case", () => {
    expect(identityFaults(set, "keep-paired")).toEqual([]);
    expect(identityFaults([...set, one("key", "K2", { pairedSet: "a7" })], "keep-paired")).toEqual([]);
    expect(identityFaults([...set, one("security-module", "M2", { pairedSet: "B1" })], "keep-paired")).toEqual([
      { code: "sets-differ", one: "C", other: "M2", oneSet: "A7", otherSet: "B1" },
    ]);
  });
  test("what is missing or not known is said, and only where the set is kept", () => {
    expect(identityFaults([one("engine-computer", "C", { pairedSet: "" })], "keep-paired")).toEqual([
      { code: "missing", part: "security-module" },
      { code: "missing", part: "key" },
      { code: "set-unknown", label: "C" },
    ]);
    expect(identityFaults([], "set-off")).toEqual([]);
  });
  test("two parts of one serial are one part written twice", () =>
    expect(
      identityFaults([one("key", "K1", { serial: "99" }), one("key", "K2", { serial: "99" })], null),
    ).toMatchObject([{ code: "twice", serial: "99" }]));
});

describe("the record", () => {
  const entry = (type: "entitled" | "read" | "changed" | "trial", more = {}) => ({
    type,
    hash: "",
    outcome: null,
    ...more,
  });
  test("set off asks for entitlement, a reading with its hash, the change, and a trial that runs", () => {
    expect(recordGaps([], "set-off")).toEqual(["no-entitlement", "no-reading", "no-hash", "no-change", "no-trial"]);
    const whole = [entry("entitled"), entry("read", { hash: "ab" }), entry("changed")];
    expect(recordGaps([...whole, entry("trial", { outcome: "stalls" })], "set-off")).toEqual(["trial-failed"]);
    expect(
      recordGaps([...whole, entry("trial", { outcome: "stalls" }), entry("trial", { outcome: "runs" })], "set-off"),
    ).toEqual([]);
  });
  test("keeping the set asks for entitlement alone, a programmable computer for nothing", () =>
    expect([recordGaps([], "keep-paired"), recordGaps([], "programmable"), recordGaps([], null)]).toEqual([
      ["no-entitlement"],
      [],
      [],
    ]));
});

describe("the calibration list", () => {
  const pins = pinsFrom(`
    donor C1-31 frequency-in vehicle-speed pulsesPerKm=4000;settable=yes;pull=up
    donor T1-4 low-side-out shift-solenoid maxAmps=1
    host S-1 frequency-out vehicle-speed pulsesPerKm=5000;drive=open-collector
    donor C1-40 logic-in clutch-switch active=low
  `);
  const [speed, , , clutch] = pins;
  const link = acceptedLink("host S-1", "donor C1-31", {
    quantity: "vehicle-speed",
    verdict: "calibration",
    adapters: [{ type: "calibration", parameter: "pulsesPerKm", from: 4000, to: 5000 }],
  });
  const sources = {
    lines: deriveLines(pins, [link]).lines,
    fillings: clutch === undefined ? [] : [{ pin: clutch, way: "without" as const, person: "Robin" }],
    dials:
      speed === undefined ? [] : [{ pin: pins[2] as typeof speed, driver: speed, tyre: "185R14", finalDrive: 4.1 }],
    swap: "manual-for-automatic" as const,
    swapItems: swapItems("manual-for-automatic", pins),
    security: "set-off" as const,
    engineComputer: "C1",
  };
  test("gathers links, what is left out, tyres, the gearbox and security, each once", () => {
    const changes = calibrationChanges(sources);
    expect(changes.map(({ what, computer }) => `${what.code} ${computer}`)).toEqual([
      "security-off C1",
      "parameter C1",
      "tyre C1",
      "gearbox T1",
      "not-fitted C1",
    ]);
    expect(changes[1]).toMatchObject({ was: 4000, becomes: 5000 });
    expect(new Set(changes.map(({ key }) => key)).size).toBe(changes.length);
    for (const { key } of changes) expect(key).toMatch(/^[A-Za-z0-9_-]{1,40}$/);
  });
  test("a computer's like outputs are one line of its list, and no change made twice", () => {
    const box = pinsFrom(
      "donor T1-4 low-side-out shift-solenoid\ndonor T1-5 low-side-out shift-solenoid\ndonor T2-4 low-side-out shift-solenoid",
    );
    const changes = calibrationChanges({
      ...sources,
      security: null,
      dials: [],
      fillings: [],
      lines: [],
      swapItems: swapItems("manual-for-automatic", box),
    });
    expect(
      changes.map(({ computer, what }) => `${computer} ${what.code === "gearbox" ? what.pins.length : ""}`),
    ).toEqual(["T1 2", "T2 1"]);
  });
  test("what the host lives without concerns no engine computer", () => {
    const host = pinsFrom("host D-1 logic-in brake-switch active=low")[0];
    const fillings = host === undefined ? [] : [{ pin: host, way: "without" as const, person: "Robin" }];
    expect(calibrationChanges({ ...sources, fillings }).map(({ what }) => what.code)).not.toContain("not-fitted");
  });
  test("a link that is only proposed asks for nothing yet", () =>
    expect(
      calibrationChanges({ ...sources, lines: deriveLines(pins, []).lines }).map(({ what }) => what.code),
    ).not.toContain("parameter"));
  const listed = (id: string, more = {}) => ({
    id,
    computer: "C1",
    what: "Pulses per km",
    was: "4000",
    becomes: "5000",
    software: "",
    doneBy: null,
    ...more,
  });
  const identity = { label: "C1", software: "S12", calibration: "K4" };
  test("a number changed twice is said, and whether both agree", () => {
    expect(calibrationFaults([listed("a"), listed("b", { what: "pulses per KM " })], [identity])).toMatchObject([
      { code: "twice", agree: true },
    ]);
    expect(calibrationFaults([listed("a"), listed("b", { becomes: "6000" })], [identity])).toMatchObject([
      { code: "twice", agree: false },
    ]);
  });
  test("identity comes first, and a definition must belong to the computer's software", () => {
    expect(calibrationFaults([listed("a")], [])).toEqual([{ code: "no-identity", computer: "C1" }]);
    for (const half of [
      { ...identity, software: "" },
      { ...identity, calibration: "" },
    ])
      expect(calibrationFaults([listed("a")], [half])).toEqual([{ code: "no-identity", computer: "C1" }]);
    expect(calibrationFaults([listed("a", { software: "s12" })], [identity])).toEqual([]);
    expect(calibrationFaults([listed("a", { software: "S11" })], [identity])).toMatchObject([
      { code: "other-software", definition: "S11", computerHas: "S12" },
    ]);
  });
});
