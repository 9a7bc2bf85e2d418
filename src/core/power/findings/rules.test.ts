import { describe, expect, test } from "vitest";
import { type ToldFinding, toldFindings } from "../../../../tests/support/told";
import { type Plan, SOUND, solved, VAN } from "../../../../tests/support/van";
import type { PartFacts } from "../../parts";
import { type FindingCode, reportPower } from "../index";

/** Rules of contracts/verbs.md, each with its limit from both sides. */
const findings = (plan: Plan, code: FindingCode): ToldFinding[] =>
  toldFindings(reportPower(solved(plan))).filter((finding) => finding.code === code);

const part = (
  id: string,
  type: string,
  terminals: Readonly<Record<string, string | null>>,
  elements: PartFacts["elements"],
  side: PartFacts["side"] = "host",
): PartFacts => ({
  id,
  side,
  type,
  label: id,
  terminals: Object.entries(terminals).map(([name, pinId]) => ({ name, pinId })),
  elements,
});

describe("a wire that nothing protects", () => {
  const box = (sizeMm2: number, lengthM: number): Plan => ({
    van: `${VAN}  host Box-in 1 supply-in battery-supply RD ${sizeMm2}mm ${lengthM}m alive=permanent "Feed"\n  host Box-1 9 supply-out battery-supply GN 4mm 1m alive=permanent "Way"\n`,
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
    const thin = VAN.replace("start-supply RD 25mm 1m amps=150", "start-supply RD 6mm 1m amps=150");
    expect(findings({ van: thin }, "unfused-wire")).toHaveLength(1);
  });
  test("what goes on behind it is under the one finding, and a fuse that fits the thinnest cures it", () => {
    const van = `${VAN}  host Lamp-1 1 load-in lighting RD 4mm 0.5m amps=4 otherEnd=ground "Spot"\n  host Relay-30 1 supply-in battery-supply RD 4mm 1m alive=permanent "Contact"\n  host Relay-87 88 supply-out cooling-fan YE 1mm 1m "Contact, out"\n  host Fan-1 88 supply-in cooling-fan YE 1mm 1m amps=5 "Fan"\n`;
    const relay = part("Relay", "relay", { 30: "Relay-30", 87: "Relay-87", 85: null, 86: null }, [
      {
        id: "K",
        type: "relay",
        coilA: "86",
        coilB: "85",
        coilOhms: 85,
        pullInVolts: 7,
        dropOutVolts: 3,
        contacts: [{ a: "30", b: "87", when: "energised", ohms: 0.01 }],
      },
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
  van: `${VAN}  donor Pump-1 P1 load-in fuel-pump YE 2.5mm 2m amps=6 otherEnd=ground "Pump"\n  donor Pump-2 6 ground ground BK 2.5mm 1m "Pump ground"\n  donor ECU-9 E9 high-side-out fuel-pump YE 1.5mm 1m maxAmps=10 "Pump"\n`,
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
      van: `${VAN}  host Washer-1 3 supply-in ignition-supply WH 1mm ${lengthM}m amps=7.5 alive=run-crank "Pump feed"\n  host Washer-2 6 ground ground BK 2.5mm 0.5m "Pump ground"\n`,
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
    van: `${VAN}  donor ECU-20 V2 low-side-out purge-valve BN 0.5mm 1m maxAmps=1 clamp=${clamp} "Valve"\n  donor Valve-2 V2 load-in purge-valve BN 0.5mm 1m amps=0.5 otherEnd=battery inductive=yes "Valve"\n`,
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
    van: `${VAN}  donor Lever-1 L1 supply-in starter-request WH 2.5mm 1m "From the key"\n  donor Lever-2 L2 switch-out park-neutral WH 2.5mm 1m "To the starter"\n`,
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
  test("where nothing asks, nothing is found", () => expect(findings({}, "cranks-in-gear")).toEqual([]));
});

describe("two relays that wait for one another's ground", () => {
  /** Each coil returns through the other's contact: neither ever pulls in, and what the first feeds is dead. */
  const waiting = (id: string, feeds: readonly string[]): PartFacts =>
    part(id, "relay", Object.fromEntries(["86", "85", "31", "87", ...feeds].map((name) => [name, `${id}-${name}`])), [
      {
        id: "K",
        type: "relay",
        coilA: "86",
        coilB: "85",
        coilOhms: 85,
        pullInVolts: 7,
        dropOutVolts: 3,
        contacts: [
          { a: "31", b: "87", when: "energised", ohms: 0.01 },
          ...(feeds.length === 0 ? [] : [{ a: "30", b: "out", when: "energised" as const, ohms: 0.01 }]),
        ],
      },
    ]);
  const cavity = (id: string, own: string, others: string) =>
    `  host ${id}-86 3 supply-in ignition-supply WH 1mm 0.3m alive=run-crank "Coil feed"\n  host ${id}-85 ${own} ground ground BN 1mm 0.3m "Coil, other side"\n  host ${id}-31 6 ground ground BK 1mm 0.3m "Ground"\n  host ${id}-87 ${others} ground ground BN 1mm 0.3m "Contact"\n`;
  test("are told as the cause of what they feed, and are not followed for ever", () => {
    const van = `${VAN}${cavity("A", "X1", "X2")}${cavity("B", "X2", "X1")}  host A-30 3 supply-in ignition-supply WH 1mm 0.3m alive=run-crank "Contact feed"\n  host A-out F1 supply-out ignition-supply YE 1mm 1m "Out"\n  host Fan-1 F1 supply-in ignition-supply YE 1mm 1m amps=3 alive=run "Fan"\n  host Fan-2 6 ground ground BK 1mm 0.4m "Fan ground"\n`;
    const parts = [waiting("A", ["30", "out"]), waiting("B", [])];
    const dead = findings({ van, parts }, "dead-feed");
    const fan = dead.find(({ where, also }) => [where, ...also].includes("Fan-1"));
    expect(fan?.why.match(/does not pull in/g)).toHaveLength(2);
  });
});
