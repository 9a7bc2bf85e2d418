import { describe, expect, test } from "vitest";
import { added } from "../../../../tests/support/harness";
import { RELAY as WIRED_RELAY } from "../../../../tests/support/relay";
import { fuseName, relayName, toldFindings } from "../../../../tests/support/told";
import { ALTERNATOR, computer, input, type Plan, SOUND, solved, stud, VAN } from "../../../../tests/support/van";
import type { PartFacts } from "../../parts";
import type { Adapter } from "../../signals";
import { PowerAnalysis, type ReturnVerdict, reportPower } from "../index";
import { voltsAt } from "../solved/flow";
import { standingPoints } from "./standing";

const report = (plan: Plan = {}) => {
  const whole = reportPower(solved(plan));
  return { ...whole, findings: toldFindings(whole) };
};

describe("a relay's coil", () => {
  const RELAY: Adapter = {
    type: "relay",
    coilOhms: 85,
    contactFeed: { type: "cavity", pinId: "Battery-+", side: "host", connector: "Battery", cavity: "+" },
    contactAmps: 20,
    coilAmps: 0.14,
  };
  const relayed = (van = VAN): Plan => ({ van, links: [["KEY-15", "ECU-1", RELAY], ...SOUND.slice(1)] });
  test("in a sound plan has enough in every state, the least while cranking", () => {
    const row = report(relayed()).relays.find((one) => relayName(one).includes("ECU-1"));
    expect(row?.weakest?.state).toBe("crank");
    expect(row?.weakest?.volts).toBeGreaterThan(row?.warmPullInVolts ?? 99);
    expect(report(relayed()).findings.some((finding) => finding.code === "relay-coil")).toBe(false);
  });
  test("on a weak battery may not pull in when warm, though it does cold: the finding says by how much", () => {
    const weak: Plan = {
      ...relayed(),
      settings: [
        { key: "battery-cca", value: 160, origin: "label" },
        { key: "cabin-c", value: 80, origin: "measured" },
      ],
    };
    const { findings, relays } = report(weak);
    const row = relays.find((one) => relayName(one).includes("ECU-1"));
    const found = findings.find((finding) => finding.code === "relay-coil");
    expect(row?.pulledIn).toContain("crank");
    expect(found).toMatchObject({
      severity: "fault",
      state: "crank",
      amount: { unit: "V", limit: row?.warmPullInVolts },
    });
    expect(found?.amount.value).toBeLessThan(row?.warmPullInVolts ?? 0);
    expect(found?.why).toMatch(/^Its coil has [\d.]+ V then\. It pulls in at [\d.]+ V cold and [\d.]+ V warm/);
  });
  test("that is never pulled in has no least", () => {
    const never: Plan = { links: [["KEY-50", "ECU-1", RELAY], ...SOUND.slice(1, 3), ["Battery--", "Block-1"]] };
    const row = report({ ...never, settings: [{ key: "battery-cca", value: 60, origin: "label" }] }).relays.find(
      (one) => relayName(one).includes("ECU-1"),
    );
    expect(row?.weakest === null).toBe(row?.pulledIn.length === 0);
  });
});

describe("a load whose other side is open", () => {
  // The valve is worked only while the engine runs; in run nothing flows in it, and its feed tells of itself.
  const VALVE = `${VAN}  host Valve-1 4 supply-in ignition-supply WH 1.5mm 1m amps=1 alive=run "Valve feed"
  host Valve-2 V2 load-in purge-valve WH 1mm 1m otherEnd=battery "Valve"
  donor Valve_computer-9 E9 low-side-out purge-valve WH 1mm 1m maxAmps=3 "Valve control"
  donor Valve_computer-2 E2 ground ground BK 2.5mm 1m role=power "Power ground"
`;
  const cells = (van: string) => {
    const row = report({ van, links: [...SOUND, ["Valve computer-9", "Valve-2"]] }).rows.find(
      ({ pin }) => pin.id === "Valve-1",
    );
    return new Map(row?.cells.map((cell) => [cell.state, cell]));
  };
  test("is fed where its cavity has what it needs", () => {
    expect(cells(VALVE).get("run")).toMatchObject({ verdict: "alive", idle: true });
    expect(cells(VALVE).get("running")).toMatchObject({ verdict: "alive", idle: false });
  });
  test("is too low, and not dead, where a wire deprives its feed: told by the volts at its cavity", () => {
    const cell = cells(
      VALVE.replace(
        "KEY-IG 4 supply-out ignition-supply WH 2.5mm",
        "KEY-IG 4 supply-out ignition-supply WH 0.35mm",
      ).replace('amps=4 alive=run "Wiper feed"', 'amps=40 alive=run "Wiper feed"'),
    ).get("run");
    expect(cell).toMatchObject({ verdict: "low", idle: true });
    expect(cell?.across).toBe(cell?.volts);
    expect(cell?.volts).toBeGreaterThan(6);
    expect(cell?.volts).toBeLessThan(10);
  });
  test("is dead where its feed is open, though what works it holds both its sides at 4 V", () => {
    const van = `${VALVE.replace("Valve-1 4 ", "Valve-1 77 ")}  host Divider-1 4 unknown - WH 1mm 1m
  host Divider-2 V2 unknown - WH 1mm 1m
  host Divider-3 6 unknown - WH 1mm 1m
`;
    const divider: PartFacts = {
      id: "divider",
      side: "host",
      type: "assembly",
      label: "Divider",
      terminals: ["1", "2", "3"].map((name) => ({ name, pinId: `Divider-${name}` })),
      elements: [
        { id: "R1", type: "resistor", a: "1", b: "2", ohms: 200, joint: false },
        { id: "R2", type: "resistor", a: "2", b: "3", ohms: 100, joint: false },
      ],
    };
    const { rows } = report({ van, links: [...SOUND, ["Valve computer-9", "Valve-2"]], parts: [divider] });
    const cell = rows.find(({ pin }) => pin.id === "Valve-1")?.cells.find(({ state }) => state === "run");
    expect(cell?.volts).toBeGreaterThan(3.5);
    expect(cell?.volts).toBeLessThan(4.5);
    expect(cell?.verdict).toBe("missing");
  });
});

describe("the verdict beside each ground", () => {
  const verdict = (plan: Plan, pinId: string): ReturnVerdict | undefined =>
    report(plan).returns.find((row) => row.at.pinId === pinId)?.verdict;
  test("a computer's ground is near enough, with the state and limit that it comes nearest to", () => {
    const one = verdict({}, "ECU-2");
    expect(one?.code).toBe("near");
    if (one?.code !== "near") return;
    const solution = solved();
    expect(one.volts).toBeCloseTo(
      Math.abs(voltsAt(solution, one.state, solution.model.nodeOfPin.get("ECU-2") as string) ?? 0),
      9,
    );
    expect(one.limit).toBe(one.state === "crank" ? 0.5 : 0.2);
  });
  test("one behind a long thin wire is too far off, as the finding says too", () => {
    const thin: Plan = {
      van: VAN.replace("E2 ground ground BK 2.5mm 1m role=power", "E2 ground ground BK 0.35mm 4m role=power"),
    };
    expect(verdict(thin, "ECU-2")?.code).toBe("off");
    expect(report(thin).findings.some((finding) => finding.code === "ground-offset" && finding.pinId === "ECU-2")).toBe(
      true,
    );
  });
  test("one that nothing joins floats", () =>
    expect(verdict({ links: [SOUND[0], ...SOUND.slice(2)] as Plan["links"] }, "ECU-2")?.code).toBe("floats"));
  const sensed = (more: Plan = {}): Plan => ({
    van: `${VAN}  donor TCU-1 T1 supply-in ignition-supply RD 1mm 2m amps=4 alive=run-crank "Ignition"
  donor TCU-2 T2 ground ground BK 2.5mm 1m role=power "Power ground"
  donor TCU-3 T3 ground sensor-ground BN 0.5mm 1m role=sensor-return "Sensor return"
`,
    parts: [
      {
        id: "tcu",
        side: "donor",
        type: "computer",
        label: "Gearbox computer",
        terminals: [
          { name: "1", pinId: "TCU-1" },
          { name: "2", pinId: "TCU-2" },
          { name: "3", pinId: "TCU-3" },
        ],
        elements: [],
      },
    ],
    links: [...SOUND, ["KEY-15", "TCU-1"], ["G1-1", "TCU-2"]],
    ...more,
  });
  test("a sensor's return of its own is kept apart; one that is tied to the engine's strap carries other current", () => {
    expect(verdict(sensed(), "TCU-3")?.code).toBe("apart");
    const shared = verdict(sensed({ wires: [added("w", "TCU-3", "Block-1")] }), "TCU-3");
    expect(shared).toMatchObject({ code: "shared", state: "crank", limit: 0.05 });
    expect(shared?.code === "shared" && shared.amps).toBeGreaterThan(1);
    expect(report(sensed({ wires: [added("w", "TCU-3", "Block-1")] })).returns[0]?.at.pinId).toBe("TCU-3");
  });
});

describe("wires behind one fuse that are rated for less than it lets through", () => {
  const boxed = (amps: number): Plan => ({
    van: `${VAN}  host Box-feed 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Box-1 H7 supply-out battery-supply GN 0.5mm 1m alive=permanent "Way 1"
  host Heater-1 H7 supply-in battery-supply GN 0.75mm 2m amps=2 alive=run "Heater"
  host Fan-1 H7 supply-in battery-supply GN 4mm 2m amps=2 alive=run "Fan"
  host Heater-2 6 ground ground BK 2.5mm 1m "Ground"
  host Fan-2 6 ground ground BK 2.5mm 1m "Ground"
`,
    parts: [
      {
        id: "Box",
        side: "added",
        type: "fuse-box",
        label: "Box",
        terminals: [
          { name: "feed", pinId: "Box-feed" },
          { name: "1", pinId: "Box-1" },
        ],
        elements: [{ id: "F1", type: "fuse", a: "feed", b: "1", amps, ohms: 0.1 / amps }],
      },
    ],
  });
  const row = (amps: number) => report(boxed(amps)).fuses.find((one) => fuseName(one).endsWith("Box"));
  test("are all named, the thinnest first, and thick ones are not", () => {
    expect(row(20)?.thin.map((wire) => wire.origin.sizeMm2)).toEqual([0.5, 0.75]);
    expect(row(20)?.thin[0]).toEqual(row(20)?.wire);
    expect(row(3)?.thin).toEqual([]);
  });
  test("are made thicker at once: the way out is solved, and cures what one alone does not", () => {
    const desk = new PowerAnalysis();
    const finding = toldFindings(desk.load(input(boxed(20)))).find((one) => one.code === "fuse-wire");
    const together = finding?.cures.find((cure) => cure.edit?.type === "wires");
    expect(together?.text).toMatch(/^\d+ mm² for (both|all \d) wires behind it that are rated for less$/);
    expect(desk.tryEdits(together?.edit == null ? [] : [together.edit]).gone).toContain(finding?.key);
    expect(
      together?.edit?.type === "wires" &&
        desk.tryEdits([{ type: "wire", wireId: together.edit.wireIds[0] as string, sizeMm2: together.edit.sizeMm2 }])
          .gone,
    ).not.toContain(finding?.key);
  });
  test("where hardly anything flows no other rating is offered, for nobody knows what it is for", () => {
    const idle = { ...boxed(20), van: (boxed(20).van as string).replaceAll("amps=2 ", "amps=0.01 ") };
    const fuse = report(idle).fuses.find((one) => fuseName(one).endsWith("Box"));
    expect([(fuse?.peakAmps ?? 9) < 0.05, fuse?.better]).toEqual([true, null]);
    expect(row(20)?.better).toBeGreaterThan(4);
  });
  test("an absurd size is refused for all of them", () => {
    const desk = new PowerAnalysis();
    desk.load(input(boxed(20)));
    expect(desk.tryEdits([{ type: "wires", wireIds: ["a", "b"], sizeMm2: 0.01 }]).fault).toEqual({
      code: "out-of-range",
      what: "size",
      low: 0.2,
      high: 150,
      value: 0.01,
    });
  });
});

describe("grounds by stud", () => {
  test("what returns through the engine's strap is the starter's current while cranking, and the alternator's when it charges", () => {
    const { grounds } = report({ van: VAN + ALTERNATOR, parts: [stud("Body stud", "host", "G1-1")] });
    const engine = grounds.find((one) => one.label === "Engine earth");
    expect(Math.abs(engine?.amps.crank ?? 0)).toBeGreaterThan(120);
    expect(Math.abs(engine?.amps.running ?? 0)).toBeGreaterThan(5);
    expect(Math.sign(engine?.amps.running ?? 0)).toBe(-Math.sign(engine?.amps.crank ?? 0));
    expect(grounds.find((one) => one.label === "Body stud")?.returns.length).toBeGreaterThan(0);
  });
});

describe("what is read beside the links", () => {
  const standing = (plan: Plan) => standingPoints(solved(plan));
  test("a computer's power grounds, and the studs through which current returns; nobody's sensor ground", () => {
    // The wiper's 4 A return at G2-1; with a lamp of 0.1 A in its place nothing would be seen there.
    const lamp = VAN.replace('WH 1.5mm 1m amps=4 alive=run "Wiper feed"', 'WH 1.5mm 1m amps=0.1 alive=run "Lamp feed"');
    const heavy = VAN.replace(
      'WH 1.5mm 1m amps=4 alive=run "Wiper feed"',
      'WH 1.5mm 1m amps=9 alive=run "Blower feed"',
    );
    const studs = [stud("G2", "host", "G2-1")];
    expect(standing({ van: heavy, parts: studs }).groundIds).toEqual(expect.arrayContaining(["ECU-2", "G2-1"]));
    expect(standing({ van: lamp, parts: studs }).groundIds).not.toContain("G2-1");
    const sensed = `${VAN}  donor ECU-3 E3 ground sensor-ground BK 0.5mm 1m role=sensor-return "Sensor ground"\n`;
    expect(standing({ van: sensed }).groundIds).not.toContain("ECU-3");
  });
  test("nothing of a part that has an airbag's cavity: its ground and its relay are never probed", () => {
    const airbag = (quantity: string) => ({
      van: `${VAN}  host Bag-1 3 supply-in ignition-supply RD 1mm 1m amps=1 alive=run "Feed"
  host Bag-2 6 ground ground BK 1mm 1m role=power "Ground"
  host Bag-3 - load-in ${quantity} YE 0.5mm 1m otherEnd=free "Squib"\n`,
      parts: [
        {
          ...computer,
          id: "bag",
          side: "host" as const,
          label: "Bag",
          terminals: ["1", "2", "3"].map((name) => ({ name, pinId: `Bag-${name}` })),
          elements: [{ ...WIRED_RELAY, coilA: "1", coilB: "2", contacts: [] }],
        },
      ],
    });
    expect(standing(airbag("seat-heater")).groundIds).toContain("Bag-2");
    expect(standing(airbag("seat-heater")).relays.map(({ part }) => part)).toEqual(["Bag"]);
    expect(standing(airbag("airbag")).groundIds).not.toContain("Bag-2");
    expect(standing(airbag("airbag")).relays).toEqual([]);
  });
});
