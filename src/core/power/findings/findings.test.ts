import { describe, expect, test } from "vitest";
import { RELAY } from "../../../../tests/support/relay";
import { fuseName, relayName, type ToldFinding, told, toldFindings, toldProblem } from "../../../../tests/support/told";
import { ALTERNATOR, computer, input, type Plan, SOUND, solved, VAN } from "../../../../tests/support/van";
import type { PartFacts } from "../../parts";
import { wireOhms } from "../../wire";
import { cavityLabel } from "../../words";
import { type FindingCode, PowerAnalysis, reportPower } from "../index";
import { thickerWire } from "./thicker";

const findings = (plan: Plan) => toldFindings(reportPower(solved(plan)));
const found = (plan: Plan, code: FindingCode, where?: string): ToldFinding => {
  const all = findings(plan);
  const one = all.find((finding) => finding.code === code && (where === undefined || finding.where === where));
  if (one === undefined)
    throw new Error(`no ${code}: ${all.map((finding) => `${finding.code} ${finding.where}`).join("; ")}`);
  return one;
};
const has = (plan: Plan, code: FindingCode) => findings(plan).some((finding) => finding.code === code);
/** What goes when the first cure that can be tried, or the first of a kind, is tried. */
const cured = (plan: Plan, finding: ToldFinding, type?: string) => {
  const edit = finding.cures.find(
    (cure) => cure.edit !== null && (type === undefined || cure.edit.type === type),
  )?.edit;
  if (edit == null) throw new Error(`no cure of ${finding.key}: ${finding.cures.map((cure) => cure.text).join("; ")}`);
  const desk = new PowerAnalysis();
  desk.load(input(plan));
  return desk.tryEdits([edit]);
};
const part = (
  id: string,
  type: string,
  terminals: Readonly<Record<string, string | null>>,
  elements: PartFacts["elements"],
): PartFacts => ({
  id,
  side: "added",
  type,
  label: id,
  terminals: Object.entries(terminals).map(([name, pinId]) => ({ name, pinId })),
  elements,
});
const line = (text: string) => `${VAN}  ${text}\n`;

describe("supply", () => {
  const far: Plan = {
    van: VAN.replace(
      'RD 1mm 2m amps=4 alive=run-crank minVolts=8 "Ignition"',
      'RD 0.35mm 9m amps=4 alive=run-crank minVolts=10 "Ignition"',
    ),
  };
  test("a computer behind a long thin wire has too little, and the wire that loses most is named with its drop (Ohm)", () => {
    const low = found(far, "low-volts");
    expect(low).toMatchObject({ severity: "stop", where: "ECU-1", amount: { limit: 10, unit: "V" } });
    const said = /Most is lost in the wire at ECU-1: ([\d.]+) V at ([\d.]+) A/.exec(low.why);
    expect(Number(said?.[1]) / Number(said?.[2])).toBeCloseTo(
      wireOhms({ lengthM: 9, areaMm2: 0.35, conductorC: 40 }),
      1,
    );
  });
  test("a thicker one cures it, and all that comes is a note of how little is to spare", () => {
    const low = found(far, "low-volts");
    const effect = cured(far, low, "wire");
    expect(effect.gone).toContain(low.key);
    expect(effect.come.map((finding) => finding.severity)).toEqual(["note"]);
  });
  test("what one thin wire deprives is one finding; what each one's own wire deprives is one each", () => {
    // 3 A in all. 9 m of 0.35 mm² have 0.5 Ω (ISO 6722-1): 1.5 V are lost in the common wire, 1 and 0.5 V in their own.
    const lows = (common: string, own: string) =>
      findings({
        van: `${VAN.replace("KEY-15 3 supply-out ignition-supply WH 2.5mm 1m", `KEY-15 3 supply-out ignition-supply WH ${common}`)}
  host Radio-1 3 supply-in ignition-supply WH ${own} amps=2 alive=run minVolts=11.8 "Radio"
  host Radio-2 6 ground ground BK 4mm 0.2m "Radio ground"
  host Camera-1 3 supply-in ignition-supply WH ${own} amps=1 alive=run minVolts=11.9 "Camera"
  host Camera-2 6 ground ground BK 4mm 0.2m "Camera ground"\n`,
      }).filter(({ code }) => code === "low-volts");
    expect(lows("2.5mm 1m", "1mm 1m")).toEqual([]);
    const [one, ...more] = lows("0.35mm 9m", "1mm 1m");
    expect(more).toEqual([]);
    expect([one?.where, ...(one?.also ?? [])].toSorted()).toEqual(["Camera-1", "Radio-1"]);
    expect(one?.why).toContain("Most is lost in the wire KEY-15 to splice 3");
    expect(lows("2.5mm 1m", "0.35mm 9m").map(({ where, also }) => [where, also])).toEqual([
      ["Radio-1", []],
      ["Camera-1", []],
    ]);
    // Most is lost in the common wire, but mending that alone would not do: each is told by itself.
    const both = lows("0.35mm 7m", "0.35mm 6m");
    expect(new Set(both.map(({ why }) => /Most is lost in the wire ([^:]+):/.exec(why)?.[1]))).toEqual(
      new Set(["KEY-15 to splice 3"]),
    );
    expect(both.map(({ where, also }) => [where, also])).toEqual([
      ["Radio-1", []],
      ["Camera-1", []],
    ]);
  });
  test("the feed that it has already is no way out", () => {
    expect(
      found(far, "low-volts").cures.some((cure) => cure.edit?.type === "relink" && cure.edit.providerId === "KEY-15"),
    ).toBe(false);
  });
  test("consumers that one opening brings down are one finding", () => {
    const van = VAN.replace(
      "host Wiper-1 4 supply-in ignition-supply WH 1.5mm 1m amps=4 alive=run",
      "host Wiper-1 4 supply-in ignition-supply WH 1.5mm 1m amps=4 alive=run-crank",
    );
    const dead = findings({ van, links: [["KEY-IG", "ECU-1"], ...SOUND.slice(1)] }).filter(
      (finding) => finding.code === "dead-feed",
    );
    expect(dead).toHaveLength(1);
    expect(dead[0]).toMatchObject({ where: "ECU-1", also: ["Wiper-1"] });
  });
});

describe("what nothing leads to", () => {
  const island = (more = ""): Plan => ({
    van: `${VAN}  donor Coil_1-1 E9 supply-in relay-supply RD 1mm 1m amps=2 alive=relay "Coil feed"
  donor Coil_2-1 E9 supply-in relay-supply RD 1mm 1m amps=2 alive=relay "Coil feed"
  donor Coil_3-1 E9 supply-in relay-supply RD 1mm 1m amps=2 alive=relay "Coil feed"
${more}`,
  });
  test("consumers on one piece of copper are one finding", () => {
    const dead = findings(island()).filter((finding) => finding.code === "dead-feed");
    expect(dead.map((finding) => [finding.where, finding.also])).toEqual([["Coil 1-1", ["Coil 2-1", "Coil 3-1"]]]);
    expect(dead[0]?.why).toBe("Nothing in the pin tables or the plan feeds them.");
  });
  test("one on copper of its own is another", () =>
    expect(
      findings(island('  donor Valve-1 E8 supply-in relay-supply RD 1mm 1m amps=2 alive=relay "Valve feed"\n')).filter(
        (finding) => finding.code === "dead-feed",
      ),
    ).toHaveLength(2));
  test("a consumer on a permanent feed is dead in every key position, said so", () => {
    const [dead] = findings({
      van: line('donor Memory-1 E7 supply-in battery-supply RD 1mm 1m amps=1 alive=permanent "Memory"'),
    }).filter((finding) => finding.code === "dead-feed");
    expect(dead?.title).toBe("Memory-1 has no voltage in every key position");
  });
});

describe("with one side's table alone", () => {
  const lines = (side: string) =>
    VAN.split("\n")
      .filter((one) => one.trim().startsWith(side))
      .join("\n");
  const alone = (side: string): Plan => ({ van: lines(side), links: [], bare: true });
  test("of the donor nothing is said but that the host is missing", () => {
    const { findings: all, problems } = reportPower(solved(alone("donor")));
    expect(all).toEqual([]);
    expect(problems.map(toldProblem).map((one) => [one.code, one.where, one.cure])).toEqual([
      ["one-side", "the host", "Import the host's pin table."],
    ]);
  });
  test("the host is solved as it stands; what would be told of an engine is not", () => {
    const { findings: all, problems, rows } = reportPower(solved(alone("host")));
    expect(problems.map((one) => one.code)).toContain("one-side");
    expect(all.map((one) => one.key)).not.toContain("ground block");
    expect(all.some((one) => one.code === "charge" || one.code === "cranking")).toBe(false);
    expect(
      rows.find((row) => cavityLabel(row.at) === "Wiper-1")?.cells.find((cell) => cell.state === "run")?.verdict,
    ).toBe("alive");
  });
});

describe("current that comes back", () => {
  const lamp: Plan = {
    van: `${VAN}  host Panel-1 1 supply-in battery-supply RD 0.75mm 1m alive=permanent amps=0.2 "Lamp feed"
  host Panel-2 3 load-in charge-warning BU 0.75mm 1m amps=0.2 otherEnd=battery "Lamp"
`,
    parts: [
      part("Panel", "lamp", { 1: "Panel-1", 2: "Panel-2" }, [
        { id: "L1", type: "lamp", a: "1", b: "2", ratedVolts: 12, ratedWatts: 60 },
      ]),
    ],
  };
  test("a lamp between a permanent feed and the ignition keeps the ignition alive with the key off, and the way is told", () => {
    const back = found(lamp, "back-feed");
    expect(back.state).toBe("off");
    expect(back.amount.value).toBeGreaterThan(2.5);
    expect(back.why).toMatch(/^Current flows back through Panel L1: .*Panel-2.*→/);
    expect(back.severity).toBe("stop");
  });
  test("what the ignition is assumed to take shows a lamp too small to lift it; what it may take does not count on that", () => {
    const small: Plan = {
      van: `${VAN}  host Panel-1 3 supply-in ignition-supply WH 0.75mm 1m alive=run-crank amps=0.2 "Panel feed"
  host Panel-2 1 load-in charge-warning BU 0.75mm 1m amps=0.2 "Lamp"
  host Panel-3 6 ground ground BK 1mm 1m "Panel ground"
`,
      parts: [
        part("Panel", "assembly", { 1: "Panel-1", 2: "Panel-2", 3: "Panel-3" }, [
          { id: "feed", type: "resistor", a: "1", b: "3", ohms: 1000, joint: false },
          { id: "L1", type: "lamp", a: "1", b: "2", ratedVolts: 12, ratedWatts: 1 },
        ]),
      ],
    };
    const cell = reportPower(solved(small))
      .rows.find((row) => cavityLabel(row.at) === "Panel-1")
      ?.cells.find((one) => one.state === "off");
    expect(Math.abs(cell?.across ?? 9)).toBeLessThan(1);
    expect([cell?.verdict, Math.abs(cell?.volts ?? 9) < 1]).toEqual(["dead", true]);
    // The lamp's 1 W is live there once the computers take less than their tables say.
    expect(found(small, "back-feed").severity).toBe("stop");
  });
  test("with both of its ends alive the lamp is fed, and not dead", () =>
    expect(findings(lamp).some((finding) => finding.code === "dead-feed")).toBe(false));
  test("without the lamp nothing lives", () => expect(has({}, "back-feed")).toBe(false));
});

describe("a thicker wire", () => {
  const wire = {
    type: "wire",
    wireId: "wire:w",
    isTried: false,
    from: { type: "body" },
    to: { type: "engine-block" },
    copperOhms: 0,
    jointOhms: 0,
    sizeMm2: 0.5,
    lengthM: 1,
    assumed: [],
  } as const;
  test.each([
    [2, 1, 1.5],
    [2, 0, 1],
    [2, 1.9, 12],
    [0.3, 0.1, 1],
  ])("that loses %s V where %s V are missing: %s mm²", (lost, missing, size) => {
    const { edit, ...cure } = thickerWire(wire, lost, missing, "metric");
    expect(edit).toEqual({ type: "wire", wireId: "wire:w", sizeMm2: size });
    expect(cure).toEqual({ code: "thicker-wire", sizeMm2: size, wire, lostVolts: lost });
    // Ohm: so much thicker, it loses so much less, and no less than is missing.
    expect(lost - (lost * 0.5) / size).toBeGreaterThanOrEqual(missing);
  });
  test("where none is thick enough, twice the area is the start", () =>
    expect(thickerWire(wire, 1, 3, "metric").edit).toMatchObject({ sizeMm2: 1 }));
});

describe("grounds", () => {
  const thin: Plan = {
    van: VAN.replace("E2 ground ground BK 2.5mm 1m role=power", "E2 ground ground BK 0.35mm 4m role=power"),
  };
  test("a computer's thin ground lifts it by its current times the copper (Ohm)", () => {
    const offset = found(thin, "ground-offset");
    expect(offset).toMatchObject({ severity: "fault", where: "ECU-2", amount: { unit: "V" } });
    const solution = solved(thin);
    const amps = Math.abs(solution.states.get(offset.state)?.amps.get("wire:ECU-2") ?? 0);
    expect(offset.amount.value).toBeGreaterThan(0.98 * amps * wireOhms({ lengthM: 4, areaMm2: 0.35, conductorC: 40 }));
    expect(offset.amount.value).toBeLessThan(1.3 * amps * wireOhms({ lengthM: 4, areaMm2: 0.35, conductorC: 40 }));
  });
  test("two computers on one poor strap are one finding; each on a wire of its own is one each", () => {
    const second = (circuit: string, size: string) =>
      `  donor TCU-1 E1 supply-in ignition-supply RD 1mm 1m amps=4 alive=run-crank minVolts=8 "Ignition"
  donor TCU-2 ${circuit} ground ground BK ${size} role=power "Power ground"\n`;
    const both = (van: string): Plan => ({
      van,
      parts: [
        {
          ...computer,
          id: "tcu",
          label: "Gearbox computer",
          terminals: [
            { name: "1", pinId: "TCU-1" },
            { name: "2", pinId: "TCU-2" },
          ],
        },
      ],
    });
    const offs = (plan: Plan) =>
      findings(plan).flatMap(({ code, where, also }) => (code === "ground-offset" ? [[where, also]] : []));
    // Both end at a splice, from which 4 m of 0.35 mm² lead to the body's stud.
    const strap = `  donor Bolt-1 E2 ground ground BK 0.35mm 4m role=power "Engine loom's ground"\n`;
    expect(
      offs({
        ...both(VAN + second("E2", "2.5mm 1m") + strap),
        links: [...SOUND.filter(([, consumer]) => consumer !== "ECU-2"), ["G1-1", "Bolt-1"]],
      }),
    ).toEqual([["TCU-2", ["ECU-2"]]]);
    // Where mending the common wire would not do, each is told by itself.
    expect(
      offs({
        ...both(
          VAN.replace("E2 ground ground BK 2.5mm 1m", "E2 ground ground BK 0.35mm 6m") +
            second("E2", "0.35mm 6m") +
            strap.replace("0.35mm 4m", "0.35mm 3.5m"),
        ),
        links: [...SOUND.filter(([, consumer]) => consumer !== "ECU-2"), ["G1-1", "Bolt-1"]],
      }).map(([, also]) => also),
    ).toEqual([[], []]);
    const own = VAN.replace("E2 ground ground BK 2.5mm 1m", "E2 ground ground BK 0.35mm 4m");
    expect(
      offs({
        ...both(own + second("E3", "0.35mm 4m")),
        links: [...SOUND, ["G1-1", "TCU-2"]],
      }).toSorted(),
    ).toEqual([
      ["ECU-2", []],
      ["TCU-2", []],
    ]);
  });
  test("a thicker wire takes it away", () =>
    expect(cured(thin, found(thin, "ground-offset"), "wire").gone).toContain(found(thin, "ground-offset").key));
  test("one that is below battery negative is off as much: the alternator's return pulls the block down (Ohm)", () => {
    const van =
      `${VAN.replace("donor ECU-2 E2", "donor ECU-2 B1")}${ALTERNATOR}  host Heater-1 1 supply-in battery-supply RD 10mm 1m amps=70 alive=run "Heater"
  host Heater-2 2 ground ground BK 10mm 1m role=chassis "Heater ground"
`.replace('BK 25mm 0.5m role=power "Engine earth"', 'BK 2.5mm 1m role=power "Engine earth"');
    const low = found({ van, links: SOUND.filter(([, consumer]) => consumer !== "ECU-2") }, "ground-offset");
    expect(["running", "coasting"]).toContain(low.state);
    expect(low.title).toMatch(/below battery negative/);
    expect(low.amount.value).toBeLessThan(-(low.amount.limit ?? Number.POSITIVE_INFINITY));
  });
  test("more is allowed while cranking than otherwise", () =>
    expect(found(thin, "ground-offset").amount.limit).toBe(found(thin, "ground-offset").state === "crank" ? 0.5 : 0.2));
});

describe("what gets too hot", () => {
  const hot: Plan = {
    van: VAN.replace(
      "host Wiper-1 4 supply-in ignition-supply WH 1.5mm 1m amps=4",
      "host Wiper-1 4 supply-in ignition-supply WH 0.5mm 1m amps=14",
    ),
  };
  test("a wire above its rating in its bundle, with the size that would", () => {
    const wire = found(hot, "wire-hot");
    expect(wire).toMatchObject({ severity: "danger", amount: { unit: "A" } });
    expect(wire.amount.value).toBeGreaterThan(wire.amount.limit ?? Number.POSITIVE_INFINITY);
    expect(wire.why).toContain("in a bundle of 4 loaded wires");
    expect(cured(hot, wire, "wire").gone).toContain(wire.key);
  });
  test("wires of one circuit that carry the same current, one after the other, are one finding, cured at once", () => {
    const van = line('host Mid-1 4 unknown - WH 0.5mm 1m "In line"')
      .replace("WH 1.5mm 1m amps=4", "WH 0.5mm 1m amps=14")
      .replace("KEY-IG 4 supply-out ignition-supply WH 2.5mm 1m", "KEY-IG 4 supply-out ignition-supply WH 0.5mm 1m");
    const hots = findings({ van }).filter((finding) => finding.code === "wire-hot");
    const run = hots.find((finding) => finding.title.includes("of circuit 4"));
    expect(run?.title).toMatch(/^2 wires of circuit 4 carry \d+\.\d A/);
    expect(run?.why).toMatch(/^The weakest, .*: 0\.5 mm² is rated for/);
    expect([run?.where, ...(run?.also ?? [])].toSorted()).toEqual([
      "the wire KEY-IG to splice 4",
      "the wire Wiper-1 to splice 4",
    ]);
    const cure = run?.cures[0];
    expect(cure?.text).toMatch(/^[\d.]+ mm² for both$/);
    const desk = new PowerAnalysis();
    desk.load(input({ van }));
    expect(desk.tryEdits(cure?.edit == null ? [] : [cure.edit]).gone).toContain(run?.key);
  });
  test("one that is tried is called new, by the places that it would join", () => {
    const desk = new PowerAnalysis();
    desk.load(input({}));
    const { come } = desk.tryEdits([
      { type: "load", pinId: "KEY-15", watts: 400, name: "Heater", sizeMm2: 1, lengthM: 2 },
    ]);
    expect(come.map((finding) => told(finding).title).find((title) => title.startsWith("The new wire"))).toMatch(
      /^The new wire KEY-15 to Heater, terminal \+ carries \d+\.\d A/,
    );
  });
  test.each([
    [30, null],
    [5.5, "note"],
    [3, "fault"],
  ] as const)("a contact of %s A for a computer of 4 to 5 A: %s", (rating, severity) => {
    const plan: Plan = {
      links: [
        [
          "KEY-15",
          "ECU-1",
          {
            type: "relay",
            coilOhms: 85,
            contactFeed: { type: "cavity", pinId: "Battery-+", side: "host", connector: "Battery", cavity: "+" },
            contactAmps: rating,
            coilAmps: 0.14,
          },
        ],
        ...SOUND.slice(1),
      ],
    };
    expect(findings(plan).find((finding) => finding.code === "relay-contact")?.severity ?? null).toBe(severity);
  });
  const driven = (more: string): Plan => ({
    van: `${VAN}  donor ECU2-1 E5 low-side-out starter-relay BU 0.5mm 2m maxAmps=0.8 "Driver"\n${more}`,
    parts: [
      {
        ...part("Second", "computer", { 1: "ECU2-1", 2: "ECU2-2" }, [
          { id: "D1", type: "switch", a: "1", b: "2", closedIn: ["crank"], ohms: 0.1 },
        ]),
        side: "donor",
      },
    ],
  });
  test("a driver that sinks what a feed brings is one finding that names both", () => {
    const plan = driven('  donor ECU2-2 6 ground ground BK 2.5mm 1m role=power "Ground"\n');
    const shorted = findings({ ...plan, links: [...SOUND, ["KEY-50", "ECU2-1"], ["G2-1", "ECU2-2"]] }).filter(
      (finding) => finding.code === "two-drivers",
    );
    expect(shorted.map((one) => one.title)).toEqual([expect.stringContaining("short each other")]);
    expect(shorted[0]).toMatchObject({ severity: "danger", where: "ECU2-1", also: ["KEY-50"], state: "crank" });
    expect(shorted[0]?.title).toMatch(/^KEY-50 and ECU2-1 short each other while cranking: [\d.]+ A$/);
    expect(shorted[0]?.why).toContain("rated for 15 A and 0.8 A");
    // Without the link that joins them there is no short.
    const links: NonNullable<Plan["links"]> = [...SOUND, ["KEY-50", "ECU2-1"], ["G2-1", "ECU2-2"]];
    expect(shorted[0]?.cures[0]?.edit).toEqual({ type: "unlink", providerId: "KEY-50", consumerId: "ECU2-1" });
    expect(cured({ ...plan, links }, shorted[0] as ToldFinding).gone).toContain(shorted[0]?.key);
  });
  test("a feed that gives too much to a load is told alone", () => {
    const [one] = findings({ van: VAN.replace("amps=4 alive=run-crank", "amps=40 alive=run-crank") }).filter(
      (finding) => finding.code === "driver-overload",
    );
    expect(one?.title).toMatch(/^KEY-15 supplies \d+\.\d A/);
    expect(one?.also).toEqual([]);
  });
  test("a fuse of a wire so long that a short need not blow it", () => {
    const plan = (metres: number): Plan => ({
      van: `${VAN}  host Box-feed 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Box-1 7 supply-out ignition-supply GN 0.5mm 1m alive=permanent "Way 1"
  host Lamp-1 7 supply-in battery-supply GN 0.5mm ${metres}m amps=3 alive=run "Lamp"
  host Lamp-2 6 ground ground BK 2.5mm 1m "Ground"
`,
      parts: [
        part("Box", "fuse-box", { feed: "Box-feed", 1: "Box-1" }, [
          { id: "F1", type: "fuse", a: "feed", b: "1", amps: 25, ohms: 0.004 },
        ]),
      ],
    });
    expect(has(plan(12), "fuse-wire")).toBe(true);
    expect(findings(plan(12)).find((finding) => finding.where === "fuse F1 of Box")?.title).toContain(
      "does not protect its wire in a short",
    );
    // At one metre a short draws some 150 A, six times its rating.
    expect(findings(plan(1)).find((finding) => finding.where === "fuse F1 of Box")?.severity).toBe("note");
  });
});

describe("the table to build fuses from", () => {
  const box = (amps: number): Plan => ({
    van: `${VAN}  host Box-feed 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Box-1 H7 supply-out battery-supply GN 4mm 1m alive=permanent "Way 1"
  host Heater-1 H7 supply-in battery-supply GN 4mm 2m amps=8 alive=run "Heater"
  host Heater-2 6 ground ground BK 2.5mm 1m "Ground"
`,
    parts: [
      part("Box", "fuse-box", { feed: "Box-feed", 1: "Box-1" }, [
        { id: "F1", type: "fuse", a: "feed", b: "1", amps, ohms: 0.1 / amps },
      ]),
    ],
    links: [...SOUND.slice(1), ["KEY-15", "ECU-1", { type: "fuse", amps: 10 }]],
  });
  const row = (plan: Plan, name: string) => reportPower(solved(plan)).fuses.find((one) => fuseName(one).includes(name));
  test("a way has its circuit, its thinnest wire, its load and what it could carry beyond", () => {
    const way = row(box(20), "F1 of Box");
    expect(way).toMatchObject({ circuit: "H7", ratedAmps: 20, wire: { origin: { sizeMm2: 4 } } });
    expect(way?.continuousAmps).toBeGreaterThan(7);
    expect((way?.marginAmps ?? 0) + (way?.continuousAmps ?? 0)).toBeCloseTo(15, 9);
  });
  test("where it carries too much the margin is below nothing", () =>
    expect(row(box(7.5), "F1 of Box")?.marginAmps).toBeLessThan(0));
  test("a link's own fuse has the circuit of what it feeds", () =>
    expect(row(box(20), "in the link KEY-15 to ECU-1")?.circuit).toBe("E1"));
});

describe("relays", () => {
  test("one whose coil connected behind its own released contact buzzes, and is named", () => {
    const buzzer: Plan = {
      van: line('host Horn-1 1 supply-in battery-supply RD 1mm 1m alive=permanent "Buzzer feed"'),
      parts: [
        part("Buzzer", "relay", { 30: "Horn-1", x: null }, [
          {
            ...RELAY,
            coilA: "x",
            coilB: "chassis",
            contacts: [{ a: "30", b: "x", when: "released", ohms: 0.01 }],
          },
        ]),
      ],
    };
    expect(found(buzzer, "relay-buzz")).toMatchObject({ where: "Buzzer K", severity: "fault" });
    expect(reportPower(solved(buzzer)).relays.find((row) => relayName(row) === "Buzzer K")?.pulledIn).toEqual([]);
  });
  test("what a relay that chatters should feed is dead because of that, and not for want of volts at its coil", () => {
    const chattering: Plan = {
      van: `${VAN}  host Relay-30 1 supply-in battery-supply RD 1mm 1m alive=permanent "Contact"
  host Relay-87 9 supply-out other GN 1mm 1m "Out"
  host Siren-1 9 supply-in battery-supply GN 1mm 1m amps=1 alive=permanent "Siren"
  host Siren-2 6 ground ground BK 1mm 1m "Siren ground"\n`,
      parts: [
        part("Relay", "relay", { 30: "Relay-30", 87: "Relay-87", x: null }, [
          {
            ...RELAY,
            coilA: "x",
            coilB: "chassis",
            contacts: [
              { a: "30", b: "x", when: "released", ohms: 0.01 },
              { a: "30", b: "87", when: "energised", ohms: 0.01 },
            ],
          },
        ]),
      ],
    };
    expect(found(chattering, "dead-feed", "Siren-1").why).toMatch(
      /^Relay K chatters: it has 1\d\.\d V at its coil, and loses that as it pulls in\.$/,
    );
  });
});

test("where a relay that buzzes hides what a fuse feeds, no other rating is offered", () => {
  const behind = (buzzes: boolean): Plan => ({
    van: `${VAN}  host Box-feed 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Box-1 7 supply-out battery-supply GN 1mm 1m alive=permanent "Way 1"
  host Relay-30 7 supply-in battery-supply GN 1mm 2m alive=permanent "Contact"
`,
    parts: [
      part("Box", "fuse-box", { feed: "Box-feed", 1: "Box-1" }, [
        { id: "F1", type: "fuse", a: "feed", b: "1", amps: 40, ohms: 0.003 },
      ]),
      part("Relay", "relay", { 30: "Relay-30", x: null }, [
        {
          id: "K",
          type: "relay",
          coilA: buzzes ? "x" : "30",
          coilB: "chassis",
          coilOhms: 80,
          pullInVolts: 7,
          dropOutVolts: 3,
          contacts: [{ a: "30", b: "x", when: buzzes ? "released" : "energised", ohms: 0.01 }],
        },
        { id: "R", type: "resistor", a: "x", b: "chassis", ohms: 6, joint: false },
      ]),
    ],
  });
  const ratings = (buzzes: boolean) =>
    found(behind(buzzes), "fuse-wire", "fuse F1 of Box")
      .cures.filter((cure) => cure.edit?.type === "fuse")
      .map((cure) => cure.text);
  expect(ratings(false)).toEqual(["A fuse of 3 A"]);
  expect(ratings(true)).toEqual([]);
});

describe("energy", () => {
  const parked = (ohms: number): Plan => ({
    van: line('host Clock-1 1 supply-in battery-supply RD 0.5mm 1m alive=permanent "Clock"'),
    parts: [
      part("Clock", "module", { 1: "Clock-1" }, [
        { id: "R", type: "resistor", a: "1", b: "chassis", ohms, joint: false },
      ]),
    ],
  });
  test("what flows when parked, and the days until half the battery is gone (60 Ah)", () => {
    const drain = found(parked(25), "drain");
    expect(drain.severity).toBe("fault");
    expect(drain.amount.value).toBeGreaterThan(480);
    const days = Number(/in ([\d.]+) days/.exec(drain.title)?.[1]);
    expect(days).toBeCloseTo(30 / (drain.amount.value / 1000) / 24, 1);
    expect(drain.why).toContain("Clock R");
  });
  test("a few milliamperes let it stand for weeks", () => expect(has(parked(5000), "drain")).toBe(false));
  test("a weak battery falls too far while cranking, and a stronger one cures it", () => {
    const weak: Plan = { settings: [{ key: "battery-cca", value: 120, origin: "label" }] };
    const crank = found(weak, "cranking", "battery positive");
    expect(crank.amount.value).toBeLessThan(9.6);
    expect(crank.why).toMatch(/^\d+ A through [\d.]+ mΩ of its own/);
    expect(cured(weak, crank).gone).toContain(crank.key);
  });
  test("loads beyond what the alternator gives: at idle a note, on the road a fault", () => {
    const loaded = (amps: number): Plan => ({
      van:
        VAN.replace('WH 1.5mm 1m amps=4 alive=run "Wiper feed"', `WH 16mm 1m amps=${amps} alive=run "Wiper feed"`) +
        ALTERNATOR,
    });
    const severity = (amps: number) =>
      findings(loaded(amps)).find((finding) => finding.code === "charge")?.severity ?? null;
    expect([severity(10), severity(60), severity(120)]).toEqual([null, "note", "fault"]);
  });
});

describe("a bus", () => {
  const bus = (...terminated: string[]): Plan => ({
    van: `${VAN}${terminated.map((ended, at) => `  donor Node${at}-1 B9 can powertrain-data YE 0.5mm 1m terminated=${ended} "CAN high"\n`).join("")}`,
  });
  test.each([
    [["yes", "yes", "no"], null],
    [["yes", "no"], "120 Ω"],
    [["no", "no"], "an open circuit"],
    [["yes", "yes", "yes"], "40 Ω"],
  ] as const)("ends %j: a meter reads %s", (ends, reads) => {
    const one = findings(bus(...ends)).find((finding) => finding.code === "bus-termination");
    if (reads === null) expect(one).toBeUndefined();
    else expect(one?.why).toContain(`a meter across the pair reads ${reads}`);
  });
});

test("the gravest come first, and each says where, how much, why and what to do", () => {
  const all = findings({
    links: [
      ["KEY-IG", "ECU-1"],
      ["KEY-50", "Starter-50"],
      ["Battery-+", "Starter-30"],
    ],
    settings: [{ key: "battery-cca", value: 200, origin: "label" }],
  });
  const ranks = all.map((finding) => ["danger", "stop", "fault", "note"].indexOf(finding.severity));
  expect(ranks).toEqual(ranks.toSorted((a, b) => a - b));
  expect(all.length).toBeGreaterThan(2);
  for (const finding of all) {
    expect(finding.where.length, finding.key).toBeGreaterThan(0);
    expect(finding.why.length, finding.key).toBeGreaterThan(20);
    expect(Number.isFinite(finding.amount.value), finding.key).toBe(true);
  }
  expect(new Set(all.map((finding) => finding.key)).size).toBe(all.length);
});
