import { describe, expect, test } from "vitest";
import { RELAY } from "../../../../tests/support/relay";
import { type ToldFinding, toldFindings } from "../../../../tests/support/told";
import { input, type Plan, part, SOUND, solved, VAN } from "../../../../tests/support/van";
import type { PartFacts } from "../../parts";
import { parseAdapter, type WrittenAdapter } from "../../signals";
import {
  buildModel,
  type Fill,
  type FindingCode,
  factsOf,
  PowerAnalysis,
  type PowerEdit,
  reportPower,
  solvePower,
} from "../index";

/** Rules of contracts/verbs.md, each with its limit from both sides. */
const findings = (plan: Plan, code: FindingCode): ToldFinding[] =>
  toldFindings(reportPower(solved(plan))).filter((finding) => finding.code === code);

const adapter = (written: WrittenAdapter) =>
  parseAdapter(written, () => {
    throw new Error("names a cavity");
  });
/** A computer of the donor's whose elements are as its cavities tell. */
const computerOf = (label: string, cavities: number): PartFacts =>
  part(
    label,
    "computer",
    Object.fromEntries(Array.from({ length: cavities }, (_, at) => [`${at + 1}`, `${label}-${at + 1}`])),
    [
      { id: "I1", type: "resistor", a: "1", b: "2", ohms: 10_000, joint: false },
      { id: "S3", type: "power", a: "3", b: "2", watts: 6, minVolts: 6 },
    ],
    "donor",
  );

const SOUND_PLAN: Plan = {};
const SPUR = `${VAN}  donor Spur-1 S9 supply-in battery-supply RD 1mm 2m amps=4 alive=permanent "Spur"
  donor Spur-2 S9 supply-out battery-supply RD 1mm 2m alive=permanent "On"
`;

describe("a wire that nothing protects", () => {
  const box = (sizeMm2: number, lengthM: number): Plan => ({
    van: `${VAN}  host Box-in 1 supply-in battery-supply RD ${sizeMm2}mm ${lengthM}m alive=permanent "Feed"
  host Box-1 9 supply-out battery-supply GN 4mm 1m alive=permanent "Way"
`,
    parts: [
      part("Box", "fuse-box", { in: "Box-in", 1: "Box-1" }, [
        { id: "F1", type: "fuse", a: "in", b: "1", amps: 20, ohms: 0.004 },
      ]),
    ],
  });
  test.each([
    ["10 mm² over 1.5 m to a fuse box is a tail", 10, 1.5, false],
    ["over 1.6 m it is none", 10, 1.6, true],
    ["6 mm² is none, however short", 6, 0.3, true],
  ])("%s", (_, sizeMm2, lengthM, isBare) => {
    const bare = findings(box(sizeMm2, lengthM), "unfused-wire");
    expect(bare.length > 0).toBe(isBare);
    if (isBare) expect(bare[0]).toMatchObject({ severity: "danger" });
  });
  test("the cable from battery to starter and alternator is none, at 10 mm² and more", () => {
    expect(findings({}, "unfused-wire")).toEqual([]);
    // What a person has fitted from an unfused cable is as bare as it; a feed of its own has a fuse that holds.
    const bareBehind = (fill: Fill) =>
      toldFindings(reportPower(solvePower(buildModel(factsOf({ ...input({ van: SPUR }), fills: [fill] }))))).filter(
        ({ code, where, title }) => code === "unfused-wire" && /Spur/.test(where + title),
      ).length;
    expect(bareBehind({ pinId: "Spur-1", as: "own-wire", fromPinId: "Starter-30" })).toBe(1);
    expect(bareBehind({ pinId: "Spur-1", as: "feed" })).toBe(0);
    const thin = VAN.replace("start-supply RD 25mm 1m amps=150", "start-supply RD 6mm 1m amps=150");
    expect(findings({ van: thin }, "unfused-wire")).toHaveLength(1);
  });
  test("what goes on behind it is under the one finding, and a fuse that fits the thinnest cures it", () => {
    const van = `${VAN}  host Lamp-1 1 load-in lighting RD 4mm 0.5m amps=4 otherEnd=ground "Spot"
  host Relay-30 1 supply-in battery-supply RD 4mm 1m alive=permanent "Contact"
  host Relay-87 88 supply-out cooling-fan YE 1mm 1m "Contact, out"
  host Fan-1 88 supply-in cooling-fan YE 1mm 1m amps=5 "Fan"
`;
    const relay = part("Relay", "relay", { 30: "Relay-30", 87: "Relay-87", 85: null, 86: null }, [
      RELAY,
      { id: "S", type: "switch", a: "30", b: "87", closedIn: ["run"], ohms: 0.01 },
    ]);
    const bare = findings({ van, parts: [relay] }, "unfused-wire");
    expect(bare.some((one) => one.also.some((place) => place.includes("Fan-1")))).toBe(true);
    expect(bare.map((one) => one.where).filter((place) => place.includes("Fan"))).toEqual([]);
    // 1 mm² is rated for less than 4 mm² is: it decides.
    const cure = bare.find((one) => one.also.some((place) => place.includes("Fan-1")))?.cures[0]?.text ?? "";
    expect(Number(/([\d.]+) A at most/.exec(cure)?.[1])).toBeLessThanOrEqual(15);
  });
});

const pumped = (feed: "relay" | "ignition"): Plan => ({
  van: `${VAN}  donor Pump-1 P1 load-in fuel-pump YE 2.5mm 2m amps=6 otherEnd=ground "Pump"
  donor Pump-2 6 ground ground BK 2.5mm 1m "Pump ground"
  donor ECU-9 E9 high-side-out fuel-pump YE 1.5mm 1m maxAmps=10 "Pump"
`,
  links: [
    ...SOUND,
    ["G2-1", "Pump-2"],
    ...(feed === "relay" ? ([["ECU-9", "Pump-1"]] as const) : ([["KEY-15", "Pump-1"]] as const)),
  ],
  bare: true,
  parts: [
    part(
      "Engine computer",
      "computer",
      { 1: "ECU-1", 2: "ECU-2", 9: "ECU-9" },
      [
        { id: "P1", type: "power", a: "1", b: "2", watts: 30, minVolts: 6 },
        { id: "S9", type: "switch", a: "1", b: "9", closedIn: [], ohms: 0.1 },
      ],
      "donor",
    ),
    part(
      "Pump",
      "motor",
      { 1: "Pump-1", 2: "Pump-2" },
      [{ id: "M", type: "resistor", a: "1", b: "2", ohms: 2, joint: false }],
      "donor",
    ),
  ],
});

describe("what must be switched and is not", () => {
  test("a pump that the computer alone feeds is as it should be", () =>
    expect(findings(pumped("relay"), "wrong-live")).toEqual([]));
  test("a pump on the ignition goes on whatever the computer's output does: a danger, at the pump, with the output named", () => {
    const [one, ...more] = findings(pumped("ignition"), "wrong-live");
    expect(more).toEqual([]);
    expect(one).toMatchObject({ severity: "danger", where: "Pump-1", state: "run" });
    expect(one?.why).toContain("ECU-9");
    expect(one?.why).toContain("stalled");
  });
  test("without the wire of its second feed its link alone works it; where two lead there a person must look", () => {
    const plan = pumped("relay");
    const van = plan.van ?? "";
    const wired = { ...plan, van: van.replace("donor Pump-1 P1 load-in", "host Pump-1 3 load-in") };
    const [one] = findings(wired, "wrong-live");
    // The one wire from the key to the pump.
    expect(one?.cures[0]?.edit).toEqual({ type: "unwire", wireId: "wire:KEY-15" });
    const desk = new PowerAnalysis();
    desk.load(input(wired));
    const effect = desk.tryEdits([one?.cures[0]?.edit as PowerEdit]);
    expect(effect.gone).toContain(one?.key);
    expect(effect.come.map(({ code }) => code)).not.toContain("dead-feed");
    // Linked by nothing else it would stand without any feed.
    expect(findings({ ...wired, links: SOUND }, "wrong-live").every(({ cures }) => cures[0]?.edit === null)).toBe(true);
  });
  test("where nothing at all switches it nothing can be said", () => {
    const plan = pumped("ignition");
    const without = (plan.van ?? "").replace(/ {2}donor ECU-9.*\n/, "");
    const parts = (plan.parts ?? []).map((one) =>
      one.type === "computer"
        ? { ...one, terminals: one.terminals.slice(0, 2), elements: one.elements.slice(0, 1) }
        : one,
    );
    expect(findings({ ...plan, van: without, parts }, "wrong-live")).toEqual([]);
  });
});

describe("a motor's current", () => {
  const pump = (lengthM: number) => {
    const solution = solved({
      van: `${VAN}  host Washer-1 3 supply-in ignition-supply WH 1mm ${lengthM}m amps=7.5 alive=run-crank "Pump feed"
  host Washer-2 6 ground ground BK 2.5mm 0.5m "Pump ground"
`,
      parts: [
        part("Washer", "motor", { 1: "Washer-1", 2: "Washer-2" }, [
          { id: "M", type: "power", a: "1", b: "2", watts: 7.5 * 13.5, minVolts: 8 },
        ]),
      ],
    });
    const run = solution.states.get("run");
    const volts = (pinId: string) => run?.volts.get(solution.model.nodeOfPin.get(pinId) ?? "") ?? 0;
    return { volts: volts("Washer-1") - volts("Washer-2"), amps: run?.amps.get("part:Washer/M") ?? 0 };
  };
  test("is the stated one at the stated voltage, and falls with it", () => {
    const near = pump(0.5);
    expect(near.amps).toBeCloseTo((7.5 * near.volts) / 13.5, 6);
    expect(near.volts).toBeGreaterThan(11);
    expect(near.amps).toBeLessThan(7.5);
  });
  test("a long wire takes voltage from it and never makes it draw more", () =>
    expect(pump(12).amps).toBeLessThan(pump(0.5).amps - 0.5));
});

describe("a coil's current when its driver opens", () => {
  const valve = (clamp: string): Plan => ({
    van: `${VAN}  donor ECU-20 V2 low-side-out purge-valve BN 0.5mm 1m maxAmps=1 clamp=${clamp} "Valve"
  donor Valve-2 V2 load-in purge-valve BN 0.5mm 1m amps=0.5 otherEnd=battery inductive=yes "Valve"
`,
  });
  test("a driver without a clamp of its own needs a diode", () => {
    const [one, ...more] = findings(valve("none"), "no-flyback");
    expect(more).toEqual([]);
    expect(one).toMatchObject({ severity: "fault", where: "ECU-20" });
    expect(one?.title).toContain("Valve-2");
  });
  test("one with a clamp needs none", () => expect(findings(valve("own"), "no-flyback")).toEqual([]));
  test("a diode beside the coil is one", () =>
    expect(
      findings(
        {
          ...valve("none"),
          parts: [
            part("Valve", "solenoid", { 2: "Valve-2", 1: "Valve-1" }, [
              { id: "D", type: "diode", a: "2", b: "chassis", saturationAmps: 1e-9, emission: 1.9 },
            ]),
          ],
        },
        "no-flyback",
      ),
    ).toEqual([]));
});

describe("a starter that asks the lever", () => {
  const asked = (isPassed: boolean): Plan => ({
    van: `${VAN}  donor Lever-1 L1 supply-in starter-request WH 2.5mm 1m "From the key"
  donor Lever-2 L2 switch-out park-neutral WH 2.5mm 1m "To the starter"
`,
    links: [
      ...SOUND.filter(([, consumer]) => consumer !== "Starter-50"),
      ["KEY-50", "Lever-1"],
      isPassed ? ["KEY-50", "Starter-50"] : ["Lever-2", "Starter-50"],
    ],
    parts: [
      part(
        "Lever",
        "switch",
        { 1: "Lever-1", 2: "Lever-2" },
        [
          {
            id: "S",
            type: "switch",
            a: "1",
            b: "2",
            closedIn: ["off", "accessory", "run", "crank", "running"],
            ohms: 0.01,
          },
        ],
        "donor",
      ),
    ],
  });
  test("through the lever's switch it turns in Park alone", () =>
    expect(findings(asked(false), "cranks-in-gear")).toEqual([]));
  test("straight from the key past it, it turns in gear: a danger that names the switch", () => {
    const [one, ...more] = findings(asked(true), "cranks-in-gear");
    expect(more).toEqual([]);
    expect(one).toMatchObject({ severity: "danger", state: "crank" });
    expect(one?.why).toContain("Lever");
    expect(one?.amount.value).toBeGreaterThan(100);
  });
  test("where nothing asks, that is a note and no danger; where nothing turns it, nothing is said", () => {
    expect(findings({}, "cranks-in-gear")).toMatchObject([{ severity: "note", amount: { limit: null } }]);
    expect(findings({ links: SOUND.filter(([from]) => from !== "KEY-50") }, "cranks-in-gear")).toEqual([]);
  });
});

describe("two relays that wait for one another's ground", () => {
  /** Each coil returns through the other's contact: neither ever pulls in, and what the first feeds is dead. */
  const waiting = (id: string, feeds: readonly string[]): PartFacts =>
    part(id, "relay", Object.fromEntries(["86", "85", "31", "87", ...feeds].map((name) => [name, `${id}-${name}`])), [
      {
        ...RELAY,
        contacts: [
          { a: "31", b: "87", when: "energised", ohms: 0.01 },
          ...(feeds.length === 0 ? [] : [{ a: "30", b: "out", when: "energised" as const, ohms: 0.01 }]),
        ],
      },
    ]);
  const cavity = (id: string, own: string, others: string) =>
    `  host ${id}-86 3 supply-in ignition-supply WH 1mm 0.3m alive=run-crank "Coil feed"
  host ${id}-85 ${own} ground ground BN 1mm 0.3m "Coil, other side"
  host ${id}-31 6 ground ground BK 1mm 0.3m "Ground"
  host ${id}-87 ${others} ground ground BN 1mm 0.3m "Contact"
`;
  test("are told as the cause of what they feed, and are not followed for ever", () => {
    const van = `${VAN}${cavity("A", "X1", "X2")}${cavity("B", "X2", "X1")}  host A-30 3 supply-in ignition-supply WH 1mm 0.3m alive=run-crank "Contact feed"
  host A-out F1 supply-out ignition-supply YE 1mm 1m "Out"
  host Fan-1 F1 supply-in ignition-supply YE 1mm 1m amps=3 alive=run "Fan"
  host Fan-2 6 ground ground BK 1mm 0.4m "Fan ground"
`;
    const parts = [waiting("A", ["30", "out"]), waiting("B", [])];
    const dead = findings({ van, parts }, "dead-feed");
    const fan = dead.find(({ where, also }) => [where, ...also].includes("Fan-1"));
    expect(fan?.why.match(/does not pull in/g)).toHaveLength(2);
  });
});

describe("what nothing feeds, whatever is switched", () => {
  const horn = (line: string): Plan => ({ van: `${VAN}${line}` });
  test("a load with both ends at ground, or with its wire on nothing, has no voltage: a fault, and no feed is guessed", () => {
    const both = '  host Horn-1 2 load-in horn BK 1mm 1m amps=5 otherEnd=ground "Horn"\n';
    expect(findings(horn(both), "dead-feed")).toMatchObject([{ severity: "fault", where: "Horn-1", cures: [] }]);
    const loose = '  host Horn-1 77 load-in horn BK 1mm 1m amps=5 otherEnd=ground "Horn"\n';
    expect(findings(horn(loose), "dead-feed")).toMatchObject([{ severity: "fault", where: "Horn-1", cures: [] }]);
  });
  test("one behind an open switch is fed, and one that a computer may feed is not judged", () => {
    const pushed =
      '  host Horn_switch-1 3 supply-in ignition-supply WH 1mm 1m "Feed"\n  host Horn_switch-2 77 switch-out horn BK 1mm 1m to=battery "Horn"\n  host Horn-1 77 load-in horn BK 1mm 1m amps=5 otherEnd=ground "Horn"\n';
    expect(findings(horn(pushed), "dead-feed")).toEqual([]);
    const driven =
      '  host Body_computer-1 77 pwm-out horn BK 1mm 1m "Horn"\n  host Body_computer-2 2 ground ground BK 1mm 1m "Ground"\n  host Horn-1 77 load-in horn BK 1mm 1m amps=5 otherEnd=ground "Horn"\n';
    expect(findings(horn(driven), "dead-feed")).toEqual([]);
  });
});

describe("back-feed with what is certain to load it", () => {
  // A lamp of 2 W from a permanent feed to the ignition: at 4 A assumed the computer would hold it down to nothing.
  const glowing = (watts: number): Plan => ({
    van: `${VAN}  host Panel_lamp-1 1 supply-in battery-supply RD 0.75mm 1m alive=permanent amps=${watts / 13.5} "Feed"
  host Panel_lamp-2 3 unknown - WH 0.75mm 1m "Worked side"
`,
  });
  test("a lamp of 2 W holds the ignition of a computer that sleeps", () => {
    const [back] = findings(glowing(2), "back-feed");
    expect(back).toMatchObject({ state: "coasting", severity: "stop" });
    expect(back?.amount.value).toBeGreaterThan(8);
    expect([back?.where, ...(back?.also ?? [])]).toEqual(expect.arrayContaining(["KEY-15", "ECU-1"]));
  });
  test("with no lamp there is none", () => expect(findings({}, "back-feed")).toEqual([]));
});

describe("an input that a lamp holds up", () => {
  /** The host's lamp and switch on one wire, and the computer's input linked to it. */
  const lamp = (input: string, adapters: readonly WrittenAdapter[] = []): Plan => ({
    van: `${VAN}  host Cluster_lamp-1 3 supply-in ignition-supply WH 0.75mm 1m amps=0.2 alive=run-crank "Feed"
  host Cluster_lamp-2 70 unknown - WH 0.75mm 1m "Worked side"
  host Oil_switch-1 70 switch-out oil-pressure-warning BU 0.75mm 1m to=ground "Oil pressure"
  donor Module-1 Q1 logic-in oil-pressure-warning BU 0.75mm 1m active=low pull=up ${input} "Oil pressure"
  donor Module-2 E2 ground ground BK 1mm 1m role=power "Ground"
  donor Module-3 E1 supply-in ignition-supply RD 1mm 1m amps=0.5 alive=run-crank "Feed"\n`,
    parts: [computerOf("Module", 3)],
    links: [...SOUND, ["Oil switch-1", "Module-1", ...adapters.map(adapter)]],
  });
  test("a diode in the input's own wire is the cure, and is tried like any other", () => {
    const desk = new PowerAnalysis();
    desk.load(input(lamp("")));
    const [held] = findings(lamp(""), "back-feed");
    const cure = held?.cures[0]?.edit;
    expect(cure).toMatchObject({ type: "diode" });
    expect(desk.tryEdits(cure == null ? [] : [cure]).gone).toContain(held?.key);
  });
  test("13 V on one of 5 V is a fault while the switch is open, with the lamp named", () => {
    const [held] = findings(lamp(""), "back-feed");
    expect(held).toMatchObject({ severity: "fault", where: "Module-1", state: "running", amount: { limit: 5 } });
    expect(held?.amount.value).toBeGreaterThan(12);
    expect(held?.why).toContain("Cluster lamp");
  });
  test.each([
    ["one that says it stands 18 V has nothing to fear", "maxVolts=18", []],
    [
      "a diode that lets the switch sink and not feed keeps the lamp away",
      "",
      [{ type: "blocking-diode", volts: 50, amps: 1 }],
    ],
  ] as const)("%s", (_, says, adapters) => expect(findings(lamp(says, adapters), "back-feed")).toEqual([]));
});

describe("starting", () => {
  const cable = (sizeMm2: number): Plan => ({
    van: VAN.replace("start-supply RD 25mm 1m amps=150", `start-supply RD ${sizeMm2}mm 1m amps=150`),
  });
  test("a starter that loses more than 1.2 V on the way is a fault at its cable, with the wire that loses most", () => {
    expect(findings(cable(25), "cranking").filter((one) => one.severity === "fault")).toEqual([]);
    const [weak] = findings(cable(2.5), "cranking").filter((one) => one.severity === "fault");
    expect(weak).toMatchObject({ where: "Starter-30", amount: { limit: 1.2, unit: "V" } });
    // Ohm: 1 m of 2.5 mm² has 7.6 mΩ at 20 °C, and carries more than 100 A.
    expect(weak?.amount.value).toBeGreaterThan(100 * 0.0076);
    expect(weak?.cures[0]?.text).toMatch(/mm²/);
  });
  test("a battery below 8.5 V while cranking is a fault of the battery", () => {
    const old = (share: number): Plan => ({
      settings: [
        { key: "battery-cca", value: 300, origin: "x" },
        { key: "battery-health", value: share, origin: "x" },
      ],
    });
    const faults = (plan: Plan) => findings(plan, "cranking").filter((one) => one.severity === "fault");
    expect(faults(old(30))).toMatchObject([{ where: "battery positive" }]);
    expect(faults(old(30))[0]?.amount.value).toBeLessThan(8.5);
    expect(faults(old(100))).toEqual([]);
  });
});

describe("a relay's contact", () => {
  const contact = (maxAmps: string): Plan => ({
    van: `${VAN}  host Relay-30 30 supply-in battery-supply RD 6mm 0.2m alive=permanent "Feed"
  host Relay-86 3 load-in other WH 1mm 0.2m ohms=85 "Coil"
  host Relay-85 6 ground ground BK 1mm 0.2m "Coil ground"
  host Relay-87 88 supply-out other RD 6mm 0.2m ${maxAmps} "Out"
  host Heater-1 88 load-in demister RD 6mm 0.2m amps=27 otherEnd=ground "Heater"\n`,
  });
  test.each([
    ["a contact of 20 A that carries 24 A and more is a fault", "maxAmps=20", "fault"],
    ["one of 100 A is not taken for one of 30 A", "maxAmps=100", undefined],
    ["one that nobody has read is a note at most", "", "note"],
  ])("%s", (_, maxAmps, severity) => expect(findings(contact(maxAmps), "relay-contact")[0]?.severity).toBe(severity));
});

describe("a computer without a ground", () => {
  const loose: Plan = { links: SOUND.filter(([, consumer]) => consumer !== "ECU-2") };
  test("is one finding that stops it, with what it brings under it, and a wire to a stud as its cure", () => {
    expect(findings(SOUND_PLAN, "ground-missing")).toEqual([]);
    const [missing, ...more] = findings(loose, "ground-missing");
    expect(more).toEqual([]);
    expect(missing).toMatchObject({ severity: "stop", where: "ECU-2", title: "Engine computer has no ground" });
    expect(missing?.cures[0]?.edit).toMatchObject({ type: "strap", fromPinId: "ECU-2" });
    expect(findings(loose, "ground-offset")).toEqual([]);
    expect(findings(loose, "dead-feed").map((one) => one.where)).not.toContain("ECU-1");
  });
  test("its cure is tried and clears it", () => {
    const desk = new PowerAnalysis();
    desk.load(input(loose));
    const [missing] = findings(loose, "ground-missing");
    const cure = missing?.cures[0]?.edit;
    expect(desk.tryEdits(cure == null ? [] : [cure]).gone).toContain(missing?.key);
  });
});

describe("a switch that lever or clutch works asks them, whatever its part says of the key", () => {
  /** Told as closed in crank alone, as a driver would have it. */
  const clutched = (more: string): Plan => ({
    van: `${VAN}  host Clutch-1 5 unknown clutch-switch WH 1mm 1m "From the key"
  host Clutch-2 95 switch-out clutch-switch WH 1mm 1m "To the starter"\n${more}`,
    parts: [
      part("Clutch switch", "switch", { 1: "Clutch-1", 2: "Clutch-2" }, [
        { id: "S", type: "switch", a: "1", b: "2", closedIn: ["crank"], ohms: 0.01 },
      ]),
    ],
  });
  const through = [...SOUND.filter(([from]) => from !== "KEY-50"), ["Clutch-2", "Starter-50"] as const];
  test("through it the starter does not turn in gear; past it, it does", () => {
    expect(findings({ ...clutched(""), links: through }, "cranks-in-gear")).toEqual([]);
    expect(
      findings({ ...clutched(""), links: [...through, ["KEY-50", "Starter-50"]] }, "cranks-in-gear"),
    ).toMatchObject([{ severity: "danger" }]);
  });
});
