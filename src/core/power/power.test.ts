import { describe, expect, test } from "vitest";
import { added } from "../../../tests/support/harness";
import { assumedOf, relayName, toldFindings, toldProblem } from "../../../tests/support/told";
import { computer, input, mainFuse, type Plan, SOUND, solved, stud, VAN } from "../../../tests/support/van";
import { readNetlist } from "../circuit";
import type { PartFacts } from "../parts";
import { type Adapter, parseAdapter, type WrittenAdapter } from "../signals";
import { KEY_POSITIONS, type KeyPosition, usualState } from "../state";
import { wireOhms } from "../wire";
import { originText } from "../words";
import {
  BLOCK,
  batterySource,
  buildModel,
  cableTable,
  coldTorque,
  elementFaults,
  type Fill,
  factsOf,
  keyTable,
  netlistOf,
  PLUS,
  PowerAnalysis,
  packCells,
  pointOfNode,
  reportPower,
  SETTINGS,
  type SettingKey,
  settingsOf,
  solveIn,
  solvePower,
  unpackCells,
} from "./index";
import { starterAmps } from "./settings";

const report = (plan: Plan = {}) => {
  const whole = reportPower(solved(plan));
  return { ...whole, findings: toldFindings(whole) };
};
const adapter = (written: WrittenAdapter): Adapter =>
  parseAdapter(written, (label) => {
    const [connector = "", cavity = ""] = label.split(/-(?=.)/);
    return { type: "cavity", pinId: label, side: "host", connector, cavity };
  });
const codes = (plan: Plan = {}) => report(plan).findings.map((finding) => `${finding.code} ${finding.where}`);
const verdicts = (plan: Plan, pinId: string) =>
  keyTable(solved(plan))
    .find((row) => row.pin.id === pinId)
    ?.cells.map((cell) => cell.verdict);

describe("from plan to netlist", () => {
  const model = buildModel(factsOf(input()));
  test("it is a netlist of the contract, every wire of a known size in it with its copper and its two terminals", () => {
    expect(readNetlist(JSON.parse(JSON.stringify(netlistOf(solvePower(model))))).ok).toBe(true);
    const wires = model.elements.filter(({ origin }) => origin.type === "wire");
    expect(wires).toHaveLength(model.facts.harness.wires.length);
    const own = model.elementOf.get("wire:ECU-1");
    expect(own?.element).toMatchObject({
      type: "resistor",
      ohms: expect.closeTo(wireOhms({ lengthM: 2, areaMm2: 1, conductorC: 40 }) + 0.004, 9),
    });
  });
  test("a node leads back to its cavity and the cavity to its node, and no two share a name", () => {
    for (const [pinId, node] of model.nodeOfPin) expect(model.names.pinsOf.get(node)).toContain(pinId);
    expect(new Set(model.names.nodeName).size).toBe(model.names.nodeName.length);
    expect(pointOfNode(model, model.nodeOfPin.get("ECU-1") ?? "")).toMatchObject({
      type: "cavity",
      pinId: "ECU-1",
      side: "donor",
    });
  });
  test("what is taken for a size or length that nobody knows is told and counted", () => {
    const bare = buildModel(factsOf(input({ van: VAN.replace("RD 1mm 2m amps=4", "RD amps=4") })));
    expect(assumedOf(bare)).toEqual(
      expect.arrayContaining(["0.75 mm² where a wire's size is not known", "1.5 m where a wire's length is not known"]),
    );
    expect(bare.elementOf.get("wire:ECU-1")?.origin).toMatchObject({ assumed: ["size", "length"] });
  });
  test("adapters of links are in it: relay with its coil and contact, diode, resistor, fuse", () => {
    const types = (...adapters: WrittenAdapter[]) =>
      buildModel(factsOf(input({ links: [["KEY-15", "ECU-1", ...adapters.map(adapter)]] })))
        .elements.filter(({ origin }) => origin.type === "link")
        .map(({ element }) => element.type);
    expect(types()).toEqual(["resistor"]);
    expect(types({ type: "relay", coilOhms: 85, contactFeed: "KEY-IG", contactAmps: 20, coilAmps: 0.2 })).toEqual([
      "relay",
    ]);
    expect(types({ type: "relay", coilOhms: 85, contactFeed: null, contactAmps: 20, coilAmps: 0.2 })).toEqual([
      "fuse",
      "relay",
    ]);
    expect(types({ type: "blocking-diode", volts: 50, amps: 1 })).toEqual(["diode", "resistor"]);
    expect(types({ type: "fuse", amps: 10 })).toEqual(["fuse", "resistor"]);
    expect(types({ type: "series-resistor", ohms: 100 })).toEqual(["resistor", "resistor"]);
    expect(types({ type: "voltage-divider", upperOhms: 1000, lowerOhms: 2000 })).toEqual([
      "resistor",
      "resistor",
      "resistor",
    ]);
    expect(types({ type: "can-gateway" })).toEqual([]);
  });
});

describe("what the tables leave out", () => {
  const lamp = `  host Panel-1 3 supply-in ignition-supply WH 0.75mm 1m amps=0.1 alive=run-crank "Ignition"
  host Panel-2 8 load-in oil-pressure-warning BN 0.75mm 1m amps=0.2 otherEnd=battery "Oil lamp"
  host Old_switch-1 8 switch-out oil-pressure-warning BN 0.75mm 1m to=ground "Oil switch"
  donor New_switch-1 O1 switch-out oil-pressure-warning BU 0.75mm 1m to=ground "Oil switch"
`;
  const switches = (links: Plan["links"]) =>
    buildModel(factsOf(input({ van: VAN + lamp, links }))).elements.flatMap(({ origin }) =>
      origin.type === "part" && origin.label.includes("switch") ? [origin.label] : [],
    );
  test("where a link brings the donor's signal, the host's own switch for it is unplugged; without one it stays", () => {
    expect(switches(SOUND).some((name) => name.startsWith("Old switch"))).toBe(true);
    const linked = switches([...SOUND, ["New switch-1", "Panel-2"]]);
    expect(linked.some((name) => name.startsWith("Old switch"))).toBe(false);
    expect(linked.some((name) => name.startsWith("New switch"))).toBe(true);
  });
  test("a battery whose negative reaches no stud is taken to be bolted to the body, and says so; one that does is not", () => {
    const says = "the battery's negative cable goes to the body";
    const told = (van: string) => assumedOf(buildModel(factsOf(input({ van }))));
    expect(told(VAN)).not.toContain(says);
    expect(told(VAN.replace("host G1-1 2 ground", "host G1-1 22 ground"))).toContain(says);
  });
  test("the engine's straps alone do not ground the body: a thin wire is no cable", () => {
    const thin = VAN.replace("host G1-1 2 ground ground BK 10mm", "host G1-1 2 ground ground BK 1mm");
    expect(
      buildModel(factsOf(input({ van: thin }))).elements.some(({ element }) => element.id === "assumed:minus"),
    ).toBe(true);
  });
});

describe("what Kirchhoff asks of the whole plan", () => {
  test("in every state the batteries and alternators give what the loads take, in watts", () => {
    const solution = solved();
    for (const [state, { volts, amps }] of solution.states) {
      const across = (a: string, b: string) => (volts.get(a) ?? 0) - (volts.get(b) ?? 0);
      let balance = 0;
      let given = 0;
      for (const { element } of solution.model.elements) {
        const current = amps.get(element.id) ?? 0;
        if (element.type === "relay") {
          balance +=
            current * across(element.coilA, element.coilB) +
            element.contacts.reduce(
              (sum, { a, b }, at) => sum + (amps.get(`${element.id}#${at}`) ?? 0) * across(a, b),
              0,
            );
          continue;
        }
        if (element.type === "source") {
          balance -= current * across(element.a, element.b);
          given += Math.abs(current * across(element.a, element.b));
        } else balance += current * across(element.a, element.b);
      }
      expect(Math.abs(balance), state).toBeLessThan(1e-6 * Math.max(1, given));
    }
  });
});

describe("key states", () => {
  test("a sound plan has nothing wrong, and the computer lives in run and crank alone", () => {
    expect(report().findings.filter((finding) => finding.severity !== "note")).toEqual([]);
    expect(verdicts({}, "ECU-1")).toEqual(["dead", "dead", "alive", "alive", "alive", "dead"]);
  });
  test("on the terminal that drops out it must live in crank, and the finding names the switch", () => {
    const plan = { links: [["KEY-IG", "ECU-1"], ...SOUND.slice(1)] } as Plan;
    expect(verdicts(plan, "ECU-1")).toEqual(["dead", "dead", "alive", "missing", "alive", "dead"]);
    const [first] = report(plan).findings;
    expect(first).toMatchObject({ code: "dead-feed", severity: "stop", where: "ECU-1", state: "crank" });
    expect(first?.why).toContain("KEY IG is open while cranking");
    expect(first?.cures.map((cure) => cure.edit?.type)).toContain("relink");
  });
  test("the starter turns only with its solenoid, and takes its cavity's current", () => {
    const { states } = solved();
    const motor = "part:donor:Starter/motor";
    expect(states.get("run")?.amps.get(motor)).toBeCloseTo(0, 6);
    expect(states.get("crank")?.amps.get(motor)).toBeGreaterThan(120);
    expect(states.get("crank")?.amps.get(motor)).toBeLessThan(180);
  });
  test("a computer that gives the start request works the solenoid while cranking, and then alone", () => {
    const van = `${VAN}  donor Start_computer-1 T1 supply-in ignition-supply RD 2.5mm 1m alive=run-crank amps=0.5 "Ignition"
  donor Start_computer-2 T2 ground ground BK 2.5mm 1m role=power "Ground"
  donor Start_computer-3 T3 high-side-out starter-request WH 2.5mm 1m maxAmps=20 "To the solenoid"
`;
    const links: Plan["links"] = [
      ...SOUND.filter(([, consumer]) => consumer !== "Starter-50"),
      ["KEY-15", "Start computer-1"],
      ["G1-1", "Start computer-2"],
      ["Start computer-3", "Starter-50"],
    ];
    const { states } = solved({ van, links });
    const motor = "part:donor:Starter/motor";
    expect(states.get("crank")?.amps.get(motor)).toBeGreaterThan(100);
    for (const key of ["run", "running"] as const) expect(states.get(key)?.amps.get(motor), key).toBeCloseTo(0, 6);
  });
  test("a lamp on a permanent feed is off when parked, for something works it; one whose other side a switch works is on when that is", () => {
    const cabin = (more: string) =>
      `${VAN}  host Interior_lamp-1 1 supply-in battery-supply RD 0.75mm 1m alive=permanent amps=1 "Feed"\n${more}`;
    const parked = (van: string) =>
      report({ van })
        .charge.parkedLoads.filter((row) => row.origin.type === "part" && row.origin.label.startsWith("Interior lamp"))
        .reduce((sum, row) => sum + row.amps, 0);
    expect(parked(cabin('  host Interior_lamp-2 6 ground ground BK 0.75mm 1m "Ground"\n'))).toBe(0);
    expect(
      parked(
        cabin(
          '  host Interior_lamp-2 8 unknown - WH 0.75mm 1m "Door switch"\n  host Door_switch-1 8 switch-out door WH 0.75mm 1m to=ground "Switch"\n',
        ),
      ),
    ).toBe(0);
    expect(
      parked(
        cabin(
          '  host Interior_lamp-2 8 unknown - WH 0.75mm 1m "Worked side"\n  host G9-1 8 ground ground BK 4mm 0.3m role=chassis "Stud"\n',
        ),
      ),
    ).toBeGreaterThan(0.5);
  });
  test("a relay that the plan adds feeds in crank what its coil's feed does not carry", () => {
    const plan: Plan = {
      links: [
        [
          "KEY-15",
          "ECU-1",
          adapter({ type: "relay", coilOhms: 85, contactFeed: "Battery-+", contactAmps: 20, coilAmps: 0.2 }),
        ],
        ...SOUND.slice(1),
      ],
    };
    expect(verdicts(plan, "ECU-1")?.slice(2, 5)).toEqual(["alive", "alive", "alive"]);
    expect(report(plan).relays.find((row) => relayName(row).includes("ECU-1"))?.pulledIn).toEqual([
      "run",
      "crank",
      "running",
    ]);
  });
});

describe("a feed of which no table says when it is live", () => {
  const boxed = (alive: string): Plan => ({
    van: `${VAN}  host Fuse_box-in 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Fuse_box-3 60 supply-out ignition-supply GN 1mm 1m maxAmps=10 ${alive} "Way 3"
  host Radio-1 60 supply-in ignition-supply GN 1mm 1m amps=1 alive=run "Feed"
  host Radio-2 6 ground ground BK 1mm 1m "Ground"\n`,
  });
  test("what it feeds is not known to be live, and says what to enter; nothing is taken for fine", () => {
    const run = KEY_POSITIONS.indexOf("run");
    expect(verdicts(boxed("alive=permanent"), "Radio-1")?.[run]).toBe("alive");
    expect(verdicts(boxed(""), "Radio-1")?.[run]).toBe("untold");
    expect(verdicts(boxed(""), "Fuse box-3")?.[run]).toBe("untold");
    // What is fed by another way stays as it is.
    expect(verdicts(boxed(""), "ECU-1")?.[run]).toBe("alive");
  });
});

describe("loads that a computer works", () => {
  // The tables' sum: a coil of 5 A, injectors of 2.4 A, a heater of 2 A, all of them at 13.5 V.
  const engine = `${VAN}  donor Coil-1 C9 supply-in relay-supply RD 10mm 0.2m amps=5 alive=run-crank "Feed"
  donor Coil-2 T9 coil-in ignition-coil GY 1mm 0.5m "Trigger"
  donor Coil-3 E2 ground ground BK 4mm 0.3m role=power "Ground"
  donor Injector-1 C9 supply-in relay-supply RD 10mm 0.2m amps=2.4 alive=run-crank "Feed"
  donor Injector-2 I9 injector-in injector GY 4mm 0.2m "Worked side"
  donor Lambda-1 C9 supply-in relay-supply RD 10mm 0.2m amps=2 alive=run-crank "Heater feed"
  donor Lambda-2 H9 load-in oxygen-heater GY 4mm 0.2m "Heater"
  donor Module-1 C9 supply-in ignition-supply RD 10mm 0.2m amps=0.01 alive=run-crank "Feed"
  donor Module-2 E2 ground ground BK 10mm 0.3m role=power "Ground"
  donor Module-3 I9 injector-out injector GY 4mm 0.2m "Injectors"
  donor Module-4 H9 low-side-out oxygen-heater GY 4mm 0.2m "Heater"
  donor Module-5 T9 coil-out ignition-coil GY 1mm 0.5m drive=logic "Trigger"\n`;
  const plan: Plan = { van: engine, links: [...SOUND, ["KEY-15", "Coil-1"]] };
  const amps = (state: KeyPosition, part: string) =>
    Math.max(
      0,
      ...[...(solved(plan).states.get(state)?.amps ?? [])].flatMap(([name, value]) =>
        name.startsWith(`part:donor:${part}/`) ? [Math.abs(value)] : [],
      ),
    );
  const voltsOn = (state: KeyPosition) => {
    const solution = solved(plan);
    return solution.states.get(state)?.volts.get(solution.model.nodeOfPin.get("Coil-1") as string) as number;
  };
  test.each([
    ["run", 0, 0, 0],
    ["crank", 5, 2.4, 0],
    ["running", 5, 2.4, 2],
  ] as const)(
    "%s: coil %s A, injectors %s A, heater %s A by their tables, at the volts that are there",
    (state, coil, injectors, heater) => {
      const part = voltsOn(state) / 13.5;
      for (const [name, stated] of [
        ["Coil", coil],
        ["Injector", injectors],
        ["Lambda", heater],
      ] as const) {
        expect(amps(state, name), name).toBeLessThan(stated * part * 1.001 + 0.01);
        expect(amps(state, name), name).toBeGreaterThan(stated * part * 0.95 - 0.001);
      }
    },
  );
  test("the fuse before them carries what the tables add up to, and the plan says that pulses count by their mean", () => {
    const [before, after] = [{}, plan].map((one) => report(one).fuses[0]?.continuousAmps ?? 0) as [number, number];
    expect((after - before) / (voltsOn("running") / 13.5)).toBeCloseTo(9.4, 0);
    expect(assumedOf(report(plan)).join()).toContain("draws its mean current");
  });
});

describe("any state of the vehicle", () => {
  const inhibited = (): Plan => ({
    van: `${VAN}  host Range_switch-1 5 supply-in start-supply WH 1.5mm 1m alive=crank "Start feed"
  host Range_switch-2 9 switch-out park-neutral WH 1.5mm 1m to=battery "Park and neutral"
`,
    links: [...SOUND.filter(([from]) => from !== "KEY-50"), ["Range switch-2", "Starter-50"]],
  });
  const starterAmps = (state: Parameters<typeof usualState>[1]) => {
    const result = solveIn(solved(inhibited()), usualState("crank", state));
    return result?.ok ? (result.solution.amps.get("part:donor:Starter/motor") ?? 0) : Number.NaN;
  };
  test("the starter turns in Park and in Neutral, and in no other range", () => {
    expect(starterAmps({ range: "P" })).toBeGreaterThan(100);
    expect(starterAmps({ range: "N" })).toBeCloseTo(starterAmps({ range: "P" }), 6);
    for (const range of ["R", "D", "2", null]) expect(Math.abs(starterAmps({ range }))).toBeLessThan(1e-6);
  });
  test("a state solved so is the one that the plan was solved in, where it is the usual one", () => {
    const solution = solved();
    for (const key of KEY_POSITIONS.filter((one) => one !== "coasting")) {
      const result = solveIn(solution, usualState(key));
      for (const [node, volts] of solution.states.get(key)?.volts ?? [])
        expect(result?.ok && (result.solution.volts.get(node) ?? 0), `${key} ${node}`).toBeCloseTo(volts ?? 0, 6);
    }
  });
});

describe("grounds", () => {
  test("volts at cavities are those of the key table, cavity by cavity and key by key; what is not there has none", () => {
    const desk = new PowerAnalysis();
    expect(() => desk.volts("run", ["KEY-15"])).toThrow(/load the job/);
    const { rows } = desk.load(input({ links: SOUND }));
    for (const row of rows)
      for (const { state, volts } of row.cells) {
        const [told] = desk.volts(state, [row.pin.id]);
        expect(told?.[0]).toBe(row.pin.id);
        if (volts !== null) expect(told?.[1]).toBeCloseTo(volts, 9);
      }
    expect(desk.volts("run", ["KEY-15"])[0]?.[1]).toBeGreaterThan(10);
    expect(Math.abs(desk.volts("off", ["KEY-15"])[0]?.[1] ?? 0)).toBeLessThan(1);
    expect(desk.volts("run", ["gone"])).toEqual([["gone", null]]);
  });
  test("a feed or ground of its own, decided for a cavity that no link serves, is in the plan as the cavity wants it", () => {
    const volts = (fills: readonly Fill[], van = VAN, links = SOUND.slice(1)) => {
      const desk = new PowerAnalysis();
      desk.load({ ...input({ links, van }), fills });
      return (["off", "run", "crank"] as const).map((state) => {
        const [told] = desk.volts(state, ["ECU-1"]);
        return (told?.[1] ?? 0) > 8;
      });
    };
    const feed = { pinId: "ECU-1", as: "feed" } as const;
    const wants = (alive: string) => VAN.replace("amps=4 alive=run-crank minVolts=8", `amps=4${alive}`);
    expect(volts([])).toEqual([false, false, false]);
    expect(volts([feed])).toEqual([false, true, true]);
    expect(volts([feed], wants(" alive=permanent"))).toEqual([true, true, true]);
    expect(volts([feed], wants(" alive=run"))).toEqual([false, true, false]);
    // A relay that the computer works is closed with the key on; where nobody knows when it must be live, nothing is taken.
    expect(volts([feed], wants(" alive=relay"))).toEqual([false, true, true]);
    expect(volts([feed], wants(""))).toEqual([false, false, false]);
    // Fed, and without its ground, the computer takes nothing; with a ground of its own it does.
    const drawn = (fills: readonly Fill[]) => {
      const { states } = solvePower(buildModel(factsOf({ ...input({ links: [] }), fills })));
      return states.get("run")?.amps.get("fill:ECU-1") ?? 0;
    };
    expect(drawn([feed])).toBeCloseTo(0, 2);
    expect(drawn([feed, { pinId: "ECU-2", as: "ground" }])).toBeGreaterThan(3);
    expect(drawn([feed, { pinId: "gone", as: "ground" }])).toBeCloseTo(0, 2);
  });
  test("a dummy load draws what it stands for while its computer works the output, and is nothing where nobody knows what that is", () => {
    const van = (output: string) => `${VAN}  donor ECU-3 E3 ${output} WH 1mm 1m "Purge valve"\n`;
    const ecu: typeof computer = { ...computer, terminals: [...computer.terminals, { name: "3", pinId: "ECU-3" }] };
    const drawn = (output: string, fills: readonly Fill[] = [{ pinId: "ECU-3", as: "dummy-load" }]) => {
      const desk = new PowerAnalysis();
      desk.load({
        ...input({ van: van(output), parts: [mainFuse, ecu, stud("Engine earth", "donor", "Block-1")], bare: true }),
        fills,
      });
      return (["off", "run", "running"] as const).map((state) => desk.wireAmps(state, ["fill:ECU-3"])[0]?.[1] ?? null);
    };
    // 30 Ω behind 0.1 Ω of driver, copper apart: 12.5 to 14.5 V.
    const [off, run, running] = drawn("low-side-out purge-valve maxAmps=1.5");
    expect(Math.abs(off ?? 1)).toBeLessThan(0.01);
    expect(Math.abs(run ?? 1)).toBeLessThan(0.01);
    expect(running).toBeGreaterThan(11.5 / 30.5);
    expect(running).toBeLessThan(14.6 / 30);
    // With the key off its feed is dead: the output has no volts.
    const desk = new PowerAnalysis();
    desk.load({ ...input({ van: van("low-side-out purge-valve") }), fills: [{ pinId: "ECU-3", as: "dummy-load" }] });
    expect(Math.abs(desk.volts("off", ["ECU-3"])[0]?.[1] ?? 0)).toBeLessThan(0.5);
    expect(drawn("low-side-out purge-valve maxAmps=0.2")).toEqual([null, null, null]);
    expect(drawn("low-side-out purge-valve maxAmps=1.5", [])).toEqual([null, null, null]);
  });
  test("a loop or fitted switch stands between an input and the pole that turns it on; where nobody has said which, nowhere", () => {
    const volts = (params: string, as: "loop" | "switch", quantity = "brake-switch") => {
      const desk = new PowerAnalysis();
      const van = `${VAN}  donor ECU-3 E3 logic-in ${quantity} WH 1mm 1m ${params} "Input"\n`;
      desk.load({ ...input({ van }), fills: [{ pinId: "ECU-3", as }] });
      return (["off", "run", "crank"] as const).map((state) => desk.volts(state, ["ECU-3"])[0]?.[1] ?? null);
    };
    const high = (known: number | null | undefined) => (known ?? 0) > 8;
    expect(volts("active=high", "loop").map(high)).toEqual([false, true, true]);
    expect(volts("active=low", "loop").map((one) => Math.abs(one ?? 9) < 0.1)).toEqual([true, true, true]);
    // The brake is pressed in run, and released while it is cranked (usual states).
    expect(volts("active=high", "switch").map(high)).toEqual([false, true, false]);
    expect(volts("active=high", "switch", "starter-request").map(high)).toEqual([false, false, true]);
    expect(volts("pull=none", "loop").map(high)).toEqual([false, false, false]);
  });
  test("a wire of its own side joins a cavity to what gives the same there", () => {
    const volts = (fills: readonly Fill[]) => {
      const desk = new PowerAnalysis();
      desk.load({ ...input({ van: `${VAN}  donor ECU-3 E3 logic-in ignition-supply WH 1mm 1m "Input"\n` }), fills });
      return desk.volts("run", ["ECU-3"])[0]?.[1] ?? 0;
    };
    expect(volts([])).toBeLessThan(1);
    expect(volts([{ pinId: "ECU-3", as: "own-wire", fromPinId: "ECU-1" }])).toBeGreaterThan(10);
    expect(volts([{ pinId: "ECU-3", as: "own-wire", fromPinId: "gone" }])).toBeLessThan(1);
    expect(volts([{ pinId: "ECU-3", as: "own-wire", fromPinId: "ECU-3" }])).toBeLessThan(1);
  });
  test("what flows in a wire is what is lost along it over its resistance (Ohm), in every key position", () => {
    const desk = new PowerAnalysis();
    expect(() => desk.wireAmps("run", ["wire:x"])).toThrow(/load the job/);
    desk.load(input({ links: SOUND }));
    const solution = solved();
    const wires = solution.model.elements.filter(({ origin }) => origin.type === "wire");
    let flowing = 0;
    for (const state of ["off", "run", "crank", "running"] as const) {
      const volts = solution.states.get(state)?.volts;
      for (const [id, amps] of desk.wireAmps(
        state,
        wires.map(({ element }) => element.id),
      )) {
        const { element } = wires.find((one) => one.element.id === id) ?? {};
        if (element?.type !== "resistor") throw new Error(id);
        const lost = Math.abs((volts?.get(element.a) ?? 0) - (volts?.get(element.b) ?? 0));
        expect(amps ?? 0, `${state} ${id}`).toBeCloseTo(lost / element.ohms, 3);
        if ((amps ?? 0) > 1) flowing += 1;
      }
    }
    expect(flowing).toBeGreaterThan(5);
    expect(desk.wireAmps("run", ["wire:gone"])).toEqual([["wire:gone", null]]);
  });
  test("an engine without a strap is a danger, and a strap cures it", () => {
    const plan: Plan = { links: SOUND.slice(0, 4) };
    const missing = report(plan).findings.find((finding) => finding.code === "ground-missing");
    expect(missing).toMatchObject({ severity: "danger", where: "engine block" });
    const strap = missing?.cures[0]?.edit;
    if (strap?.type !== "strap") throw new Error("the cure is a strap");
    const desk = new PowerAnalysis();
    desk.load(input(plan));
    expect(desk.tryEdits([strap]).gone).toContain("ground block");
  });
  test("the block lies off by the starter's current through its strap (Ohm)", () => {
    const { states, model } = solved();
    const crank = states.get("crank");
    const strap = model.elements.find(
      ({ origin }) => origin.type === "link" && origin.to.type === "cavity" && origin.to.pinId === "Block-1",
    );
    const volts = (crank?.volts.get(BLOCK) ?? 0) - (crank?.volts.get(model.nodeOfPin.get("Block-1") ?? "") ?? 0);
    expect(volts / (crank?.amps.get("part:Engine earth/J1") ?? 1)).toBeCloseTo(-0.0003, 6);
    expect(strap).toBeDefined();
  });
  test("a sensor's return that ends on a power ground carries other current, and says where", () => {
    const van = `${VAN}  donor ECU-3 E3 ground sensor-ground BK 0.5mm 1m "Sensor return"
  donor Sender-1 E3 ground sensor-ground BK 0.5mm 0.3m "Return"
`;
    const withReturn = { ...computer, terminals: [...computer.terminals, { name: "3", pinId: "ECU-3" }] };
    const joined = input({ van, wires: [added("w", "ECU-3", "Block-1", { sizeMm2: 1, lengthM: 0.5 })] });
    const desk = new PowerAnalysis();
    const told = desk.load({
      ...joined,
      harness: {
        ...joined.harness,
        parts: joined.harness.parts.map((part) => (part.id === "ecu" ? withReturn : part)),
      },
    });
    const shared = toldFindings(told).find((finding) => finding.code === "shared-ground");
    expect(shared).toMatchObject({ where: "ECU-3", state: "crank" });
    expect(shared?.cures[0]?.edit).toEqual({ type: "unwire", wireId: "wire:w" });
  });
});

describe("bad facts are named, placed, mended, and the rest is solved", () => {
  const wrong = (plan: Plan) => {
    const solution = solved(plan);
    return {
      solution,
      problems: solution.problems.map(toldProblem).map(({ code, where }) => `${code} ${where}`),
      cures: solution.problems.map((problem) => toldProblem(problem).cure),
    };
  };
  test.each([
    ["a 5 km wire", { van: VAN.replace("RD 1mm 2m", "RD 1mm 5000m") }, "absurd ECU-1, other end not known yet"],
    ["a wire of no length", { van: VAN.replace("RD 1mm 2m", "RD 1mm 0m") }, "absurd ECU-1, other end not known yet"],
    ["a wire of no size", { van: VAN.replace("RD 1mm 2m", "RD 0mm 2m") }, "absurd ECU-1, other end not known yet"],
    [
      "a battery temperature of −300 °C",
      { settings: [{ key: "battery-c", value: -300, origin: "x" }] },
      "absurd Battery temperature",
    ],
    [
      "two joined feeds that are live at different times",
      { van: VAN.replace("host KEY-IG 4 ", "host KEY-IG 3 ").replace("host Wiper-1 4 ", "host Wiper-1 3 ") },
      "contradiction KEY-15 and KEY-IG",
    ],
  ] as const)("%s", (_, plan, problem) => {
    const { solution, problems, cures } = wrong(plan as unknown as Plan);
    expect(problems).toContain(problem);
    expect(cures.every((cure) => cure.length > 10)).toBe(true);
    expect([...solution.states.keys()]).toEqual([...KEY_POSITIONS]);
    expect(solution.states.get("run")?.volts.get(solution.model.nodeOfPin.get("KEY-15") ?? "")).toBeGreaterThan(11);
  });
  const box = (
    id: string,
    elements: PartFacts["elements"],
    type = "fuse-box",
    pins: readonly (readonly [string, string])[] = [["feed", "Battery-+"]],
  ): PartFacts => ({
    id,
    side: "added",
    type,
    label: id,
    terminals: [...pins.map(([name, pinId]) => ({ name, pinId })), { name: "x", pinId: null }],
    elements,
  });
  test("a 900 A fuse is solved as one that exists", () => {
    const { solution, problems } = wrong({
      parts: [box("Box", [{ id: "F1", type: "fuse", a: "feed", b: "x", amps: 900, ohms: 0.0001 }])],
    });
    expect(problems).toContain("absurd Box");
    expect(solution.model.elementOf.get("part:Box/F1")?.element).toMatchObject({ amps: 100 });
  });
  test("sources without resistance beside each other, and two batteries at different volts", () => {
    const second = box(
      "Second battery",
      [{ id: "cell", type: "source", a: "feed", b: "chassis", volts: 11, ohms: 0 }],
      "battery",
      [["feed", "Aux-+"]],
    );
    const { solution, problems } = wrong({
      van: `${VAN}  host Aux-+ 1 supply-out battery-supply RD 10mm 1m alive=permanent "Second battery"\n`,
      parts: [second],
    });
    expect(problems).toEqual(
      expect.arrayContaining([
        "source-without-resistance Second battery",
        expect.stringContaining("two-batteries Second battery"),
      ]),
    );
    expect(solution.states.size).toBe(6);
  });
  test("a load given as a current whatever the voltage is left out, and said", () => {
    const { solution, problems } = wrong({
      parts: [box("Odd load", [{ id: "I", type: "current", a: "feed", b: "x", amps: 3 }])],
    });
    expect(problems).toContain("stranded-current Odd load I");
    expect(solution.states.size).toBe(6);
  });
  test("a consumer with no return", () => {
    const lost: PartFacts = {
      id: "Fridge",
      side: "added",
      type: "motor",
      label: "Fridge",
      terminals: [
        { name: "1", pinId: "Wiper-1" },
        { name: "2", pinId: null },
      ],
      elements: [{ id: "load", type: "power", a: "1", b: "2", watts: 50, minVolts: 8 }],
    };
    expect(wrong({ parts: [lost] }).problems).toContain("no-return Wiper-1");
  });
  test("no battery in the tables: one of the usual size stands in, and says so", () => {
    const van = VAN.split("\n")
      .filter((line) => !line.includes("Battery"))
      .join("\n");
    const solution = solved({ van, links: SOUND.slice(0, 2) });
    expect(assumedOf(solution.model)).toContain("a battery of the usual size, since the pin tables show none");
    expect(solution.states.get("run")?.volts.get(PLUS)).toBeGreaterThan(12);
  });
});

describe("battery, charge and starting", () => {
  const battery = (said: Readonly<Partial<Record<SettingKey, number>>>) =>
    batterySource(
      settingsOf(Object.entries(said).map(([key, value]) => ({ key: key as SettingKey, value, origin: "x" }))),
    );
  const NEW = { "battery-c": -18, "battery-charge": 100, "battery-health": 100, "battery-cca": 540 };
  test("resistance from the cold cranking test (EN 50342-1): a new one has 7.5 V at its rated current at −18 °C", () => {
    const { volts, ohms } = battery(NEW);
    expect(12.7 - 540 * ohms).toBeCloseTo(7.5, 6);
    expect(volts).toBeCloseTo(12.7 - 0.0015 * 43, 6);
  });
  test("a warm one is not taken for better than its test proves, an old or empty one is worse", () => {
    const cold = battery(NEW).ohms;
    // Makers' curves: a warm battery has 0.43 to 0.63 of what it has at −18 °C; the worse end counts.
    expect(battery({ ...NEW, "battery-c": 20 }).ohms / cold).toBeCloseTo(0.63, 2);
    // One that a tester finds at half its rated current has twice the resistance.
    expect(battery({ ...NEW, "battery-health": 50 }).ohms / cold).toBeCloseTo(2, 9);
    expect(battery({ ...NEW, "battery-charge": 50 }).ohms / cold).toBeCloseTo(1.25, 9);
  });
  // What a meter shows at a usual battery while a usual starter turns a warm engine: 10 to 11.2 V.
  test("213 A leave between 10 and 11.2 V at the usual battery at 20 °C, and less than 9.6 V at −10 °C in a cold engine", () => {
    const at = (celsius: number) => {
      const { volts, ohms } = battery({ "battery-c": celsius });
      return volts - 213 * coldTorque(celsius) * ohms;
    };
    expect(at(20)).toBeGreaterThan(10);
    expect(at(20)).toBeLessThan(11.2);
    expect(at(-10)).toBeLessThan(9.6);
    expect(at(-10)).toBeGreaterThan(7);
  });
  test("a starter's current is what its cavity states, else comes from its kilowatts: 1.1 kW are 200 A", () => {
    const settings = settingsOf([{ key: "starter-kw", value: 1.1, origin: "x" }]);
    expect(starterAmps(settings, 0)).toBeCloseTo(200, 9);
    expect(starterAmps(settings, 180)).toBe(180);
    const bare = report({ links: [], parts: [] }).crank;
    // Nothing turns it, so the battery gives the other loads alone: a cable is sized for the starter all the same.
    expect(bare.amps).toBeLessThan(30);
    expect(bare.starter).toEqual({ amps: expect.closeTo(150, 9), from: "stated" });
  });
  test("colder is worse: less at the battery, and less for the computer", () => {
    const at = (celsius: number) => report({ settings: [{ key: "battery-c", value: celsius, origin: "x" }] }).crank;
    expect(at(-18).batteryVolts).toBeLessThan(at(20).batteryVolts - 1);
    expect(at(-18).computers[0]?.volts ?? 0).toBeLessThan(at(20).computers[0]?.volts ?? 0);
  });
  test("parked current and the days to half the battery", () => {
    const { charge } = report({
      van: `${VAN}  donor ECU-4 E4 supply-in battery-supply RD 1mm 2m amps=2 alive=permanent "Memory"\n`,
      links: [...SOUND, ["Battery-+", "ECU-4"]],
      parts: [],
    });
    expect(charge.daysToHalf === null || charge.daysToHalf > 0).toBe(true);
    expect(charge.parkedAmps * (charge.daysToHalf ?? 0) * 24).toBeCloseTo(
      charge.daysToHalf === null ? 0 : SETTINGS["battery-ah"].usual / 2,
      6,
    );
  });
});

describe("ratings", () => {
  const fused = (amps: number, size: number): Plan => ({
    van: `${VAN}  host Box-feed 1 supply-in battery-supply RD 10mm 0.5m alive=permanent "Feed"
  host Box-1 7 supply-out ignition-supply GN 2.5mm 1m alive=permanent "Way 1"
  host Heater-1 7 supply-in battery-supply GN ${size}mm 2m amps=8 alive=run "Heater"
  host Heater-2 6 ground ground BK 2.5mm 1m "Ground"
`,
    parts: [
      {
        id: "box",
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
  test("a fuse that fits its load and its wire holds", () =>
    expect(codes(fused(15, 4)).filter((code) => code.startsWith("fuse") && code.endsWith("Box"))).toEqual([]));
  test("a fuse bigger than its wire is worth a note where it blows in time, and a danger where the wire burns first", () => {
    const one = (amps: number, sizeMm2: number) =>
      report(fused(amps, sizeMm2)).findings.find((finding) => finding.where === "fuse F1 of Box");
    // 1 mm² is rated for some 15 A there. A short draws hundreds: 20 A blow in 0.1 s, 80 A may take seconds.
    expect(one(20, 1)).toMatchObject({ code: "fuse-wire", severity: "note" });
    expect(one(80, 1)).toMatchObject({ code: "fuse-wire", severity: "danger" });
  });
  test("a load over 0.75 of its rating", () => expect(codes(fused(7.5, 4))).toContain("fuse-load fuse F1 of Box"));
  test("a feed that gives more than its table allows", () =>
    expect(codes({ van: VAN.replace('alive=run maxAmps=15 "Drops', 'alive=run maxAmps=2 "Drops') })).toContain(
      "driver-overload KEY-IG",
    ));
});

test("a moved battery's cable: twice the length loses twice as much, and the table says from which size on half a volt suffices", () => {
  const [short, long] = [cableTable(2, 200, 40), cableTable(4, 200, 40)];
  expect(long[0]?.outVolts).toBeCloseTo(2 * (short[0]?.outVolts ?? 0), 9);
  expect(short.find((row) => row.sizeMm2 === 25)?.outVolts).toBeCloseTo(200 * 2 * 0.000743, 9);
  expect(long.findIndex((row) => row.holds)).toBeGreaterThan(short.findIndex((row) => row.holds));
});
test("a fuse box whose loads are above its feed's rating is told", () => {
  const box = (feed: number, watts: number): Plan => ({
    van: `${VAN}  host Box-feed 1 supply-in battery-supply RD ${feed}mm 1m alive=permanent "Feed"
  host Box-1 7 supply-out battery-supply GN 10mm 1m alive=permanent "Way 1"
  host Heater-1 7 supply-in battery-supply GN 10mm 2m amps=${watts / 13.5} alive=run "Heater"
  host Heater-2 6 ground ground BK 10mm 1m "Ground"
`,
    parts: [
      {
        id: "box",
        side: "added",
        type: "fuse-box",
        label: "Box",
        terminals: [
          { name: "feed", pinId: "Box-feed" },
          { name: "1", pinId: "Box-1" },
        ],
        elements: [{ id: "F1", type: "fuse", a: "feed", b: "1", amps: 60, ohms: 0.002 }],
      },
    ],
  });
  const row = (plan: Plan) => report(plan).boxes.find((one) => one.label === "Box");
  expect(row(box(10, 400))).toMatchObject({ fuseAmps: 60, holds: true, feed: { origin: { sizeMm2: 10 } } });
  expect(row(box(1, 400))?.holds).toBe(false);
});

describe("a reading that disagrees", () => {
  const solution = solved();
  test("a dead feed: what on its path would explain it when open", () => {
    const found = elementFaults(solution, "ECU-1", "run", 0.02);
    expect(found.map((one) => `${originText(one.origin)} ${one.fault}`)).toEqual(
      expect.arrayContaining(["KEY 15 stuck-open", "the wire at ECU-1 open"]),
    );
    for (const one of found) expect(Math.abs((one.volts ?? 0) - 0.02)).toBeLessThan(0.3);
  });
  test("a low feed: the resistance that a joint must have come to", () => {
    const found = elementFaults(solution, "ECU-1", "run", 9.5).filter((one) => one.fault === "resistance");
    expect(found.length).toBeGreaterThan(0);
    for (const one of found) expect(Math.abs((one.volts ?? 0) - 9.5)).toBeLessThan(0.3);
  });
  test("what no single fault of its path gives is explained by none", () =>
    expect(elementFaults(solution, "ECU-1", "run", 30)).toEqual([]));
});

describe("cells sent between threads", () => {
  const table = report().rows;
  const cold = report({ settings: [{ key: "battery-c", value: -18, origin: "measured" }] }).rows;
  test("a table with the cells of another is that other", () => {
    expect(unpackCells(table, packCells(cold))).toEqual(cold);
    expect(cold).not.toEqual(table);
  });
  test("what floats and what is idle stays so", () => {
    const odd = table.map((row, at) =>
      at === 0
        ? {
            ...row,
            trouble: true,
            cells: row.cells.map((cell, nth) => ({
              ...cell,
              volts: null,
              across: null,
              verdict: nth === 0 ? ("floating" as const) : cell.verdict,
              idle: nth === 1,
            })),
          }
        : row,
    );
    expect(unpackCells(table, packCells(odd))).toEqual(odd);
  });
  test("a state that a try leaves without a solution is missing in every row, and one that it gains is there", () => {
    const less = cold.map((row) => ({
      ...row,
      cells: row.cells.filter((cell) => cell.state !== "crank"),
      trouble: false,
    }));
    expect(unpackCells(table, packCells(less))).toEqual(less);
    expect(unpackCells(less, packCells(cold))).toEqual(cold);
    expect(unpackCells([], packCells([]))).toEqual([]);
  });
  test("cells of another plan are refused", () =>
    expect(() => unpackCells(table.slice(1), packCells(table))).toThrow(RangeError));
});
