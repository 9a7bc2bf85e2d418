import { describe, expect, test } from "vitest";
import { facts, harness } from "../../../tests/support/harness";
import { RELAY } from "../../../tests/support/relay";
import { ALL_FUNCTIONS, FUNCTIONS } from "../functions";
import { buildHarness, type Harness, type HarnessFacts } from "../harness";
import { stopText, wireText } from "../words";
import { consequencesOf, type Guard, guardsOf, HarnessAnalysis, sliceByChoice, sliceHarness, triage } from "./index";

const guards = (built: Harness): Record<string, Guard | null> => {
  const guardOf = guardsOf(built);
  return Object.fromEntries(built.wires.map((wire) => [wire.id.slice(5), guardOf(wire)]));
};
const relay = (elements: HarnessFacts["parts"][number]["elements"]): HarnessFacts["parts"][number] => ({
  id: "K",
  side: "host",
  type: "relay",
  label: "Fan relay",
  terminals: ["30", "85", "86", "87"].map((name) => ({ name, pinId: `Fan relay-${name}` })),
  elements,
});

describe("what is never offered for removal", () => {
  const TABLE = `
donor ECU-1 S1 ground sensor-ground BK 0.5mm 1m role=sensor-return "Sensor ground"
donor Crank_sensor-2 S1 ground sensor-ground BK 0.5mm 1m "Ground"
donor ECU-2 S2 shield - BK 0.35mm 1m "Screen"
donor Crank_sensor-3 S2 shield - BK 0.35mm 1m "Screen"
donor ECU-3 M1 low-side-out main-relay BN 0.5mm 1m "Main relay"
donor Main_relay-85 M1 load-in main-relay BN 0.5mm 1m "Coil"
donor Alternator-B+ A1 supply-out battery-supply RD 16mm 1m "Output"
donor Fuse_box-1 A1 supply-in battery-supply RD 16mm 1m "Feed"
donor ECU-4 B1 logic-in brake-switch GN 0.5mm 1m "Brake switch"
donor Brake_light_switch-2 B1 switch-out brake-switch GN 0.5mm 1m "Out"
donor Range_switch-1 P1 switch-out park-neutral GN 0.5mm 1m to=ground "Park and neutral"
donor ECU-5 P1 logic-in park-neutral GN 0.5mm 1m "Park and neutral"
donor Block-1 G1 ground ground BK 16mm 0.5m "Engine block strap"
host Body-1 G1 ground ground BK 16mm 0.5m "Body"
donor Gearbox-1 G2 ground ground BK 16mm 0.5m "Ground"
host Frame-1 G2 ground ground BK 16mm 0.5m "Ground"
donor Loose-1 X1 unknown - GY 0.5mm 1m "Purpose not clear"
donor Horn-1 H1 load-in horn GY 0.5mm 1m "Horn"
donor Horn_switch-1 H1 switch-out horn GY 0.5mm 1m to=battery "Horn"`;
  test.each([
    ["ECU-1", "sensor-ground"],
    ["ECU-2", "screen"],
    ["ECU-3", "main-relay"],
    ["Alternator-B+", "charging-cable"],
    ["ECU-4", "brake-input"],
    ["Range switch-1", "interlock"],
    ["Block-1", "ground-strap"],
    ["Gearbox-1", "ground-strap"],
    ["Loose-1", "end-unknown"],
    ["Horn-1", null],
  ] as const)("the wire at %s: %s", (pinId, guard) => expect(guards(harness(TABLE))[pinId]).toBe(guard));
  test("nothing kept needs them, and none of them is proposed for removal; the horn's is", () => {
    const built = harness(TABLE);
    const done = triage(built, sliceHarness(built, new Set()), [], new Set());
    const removed = done.rows.filter((row) => row.proposed === "remove");
    expect(removed.map((row) => row.wire.id)).toEqual(["wire:Horn-1"]);
    expect(done.rows.find((row) => row.guard === "end-unknown")?.proposed).toBe("park");
  });
  test("where a sensor ground is joined to power grounds, its own wires are guarded and theirs are not", () => {
    const joined = harness(`
donor ECU-1 G1 ground sensor-ground BK 0.5mm 1m role=sensor-return "Sensor ground"
donor Lamp-2 G1 ground ground BK 1mm 1m "Ground"
donor Stud-1 G1 ground ground BK 4mm 0.3m "Stud"`);
    expect(guards(joined)).toEqual({ "ECU-1": "sensor-ground", "Lamp-2": null, "Stud-1": null });
  });
  test("an airbag's feed is marked through every in-line piece, as far as it goes on alone", () => {
    const table = `
host Airbag_module-1 F1 supply-in ignition-supply YE 0.5mm 1m "Feed"
host Sill_half-3 F1 unknown - YE 0.5mm 1m "Through"
host Dash_half-3 F2 unknown - YE 0.5mm 1m "Through"
host Fuse_box-7 F2 supply-out ignition-supply YE 0.5mm 1m "Way 7"
host Fuse_box-8 F3 supply-out ignition-supply YE 0.5mm 1m "Way 8"
host Radio-1 F3 supply-in ignition-supply YE 0.5mm 1m "Feed"`;
    const plain = facts(table);
    const mates = new Map([
      ["host:Sill half", "host:Dash half"],
      ["host:Dash half", "host:Sill half"],
    ]);
    const connectors = plain.connectors.map((one) => ({ ...one, mateId: mates.get(one.id) ?? null }));
    const found = guards(buildHarness(facts(table, { connectors })));
    expect(found["Airbag module-1"]).toBe("airbag");
    expect(found["Dash half-3"] ?? found["Fuse box-7"]).toBe("airbag");
    expect(found["Fuse box-8"]).toBeNull();
  });
});

describe("functions are of a side", () => {
  const BOTH = `
donor ECU-1 I1 injector-out injector GY 0.5mm 1m "Injector"
donor Injector-2 I1 injector-in injector GY 0.5mm 1m "Injector"
donor ECU-2 L1 high-side-out lighting GY 0.5mm 1m "Cabin lamp"
donor Cabin_lamp-1 L1 load-in lighting GY 0.5mm 1m "Cabin lamp"
host Old_computer-1 J1 injector-out injector GY 0.5mm 1m "Injector"
host Old_injector-2 J1 injector-in injector GY 0.5mm 1m "Injector"
host Lamp_switch-1 K1 switch-out lighting GY 0.5mm 1m to=battery "Lamps"
host Side_lamp-1 K1 load-in lighting GY 0.5mm 1m "Side lamp"`;
  const proposed = (chosen: ReadonlyMap<string, boolean>) => {
    const built = harness(BOTH);
    const slice = sliceByChoice(built, chosen);
    return Object.fromEntries(
      triage(built, slice, [], slice.kept).rows.map((row) => [row.wire.id.slice(5), row.proposed]),
    );
  };
  test("the old engine's and the donor's body go unless somebody keeps them", () => {
    expect(proposed(new Map())).toEqual({
      "ECU-1": "keep",
      "ECU-2": "remove",
      "Old computer-1": "remove",
      "Lamp switch-1": "keep",
    });
    expect(proposed(new Map([["old-engine-running", true]]))["Old computer-1"]).toBe("keep");
    expect(proposed(new Map([["lights", false]]))["Lamp switch-1"]).toBe("remove");
  });
  test("what feeds a carburettor goes with the old engine, though no quantity tells it", () => {
    const built = harness(`
host Battery-+ 1 supply-out battery-supply RD 16mm 0.5m
host Battery-- 2 ground ground BK 16mm 0.5m
host FB-in 1 supply-in battery-supply RD 4mm 1m alive=permanent
host FB-1 3 supply-out ignition-supply WH 1mm 1m alive=run
host Choke_heater-1 3 load-in other WH 1mm 1m amps=3 otherEnd=ground "Automatic choke heater"
host Fridge-1 3 supply-in ignition-supply WH 1mm 1m amps=3 "Feed"
host Fridge-2 2 ground ground BK 1mm 1m "Ground"`);
    const slice = sliceByChoice(built, new Map());
    const rows = triage(built, slice, [], slice.kept).rows;
    const of = (id: string) => rows.find((row) => row.wire.id === `wire:${id}`);
    expect(of("Choke heater-1")).toMatchObject({ proposed: "remove", reason: { by: ["old-engine-running"] } });
    expect(of("Fridge-1")).toMatchObject({ proposed: "keep" });
  });
  test("an accessory of which a computer's cavities alone are there is not kept unasked", () => {
    const asked = (more: string) => {
      const analysis = new HarnessAnalysis();
      analysis.load(facts(`donor ECU-1 C1 logic-in cruise-request GY 0.5mm 1m "Cruise switch"\n${more}`));
      return analysis
        .report({ functions: [], cuts: [], removedConnectors: [] })
        .functions.find((one) => one.key === "cruise")?.kept;
    };
    const filler = Array.from({ length: 16 }, (_, at) => `donor ECU-${at + 2} - spare - "Spare"`).join("\n");
    expect(asked(filler)).toBe(false);
    expect(asked(`${filler}\nhost Cruise_switch-1 C9 switch-out cruise-request GY 0.5mm 1m to=ground "Set"`)).toBe(
      true,
    );
  });
  test("no key is there twice, and each has a name of its own", () => {
    expect(new Set(ALL_FUNCTIONS.map(({ key }) => key)).size).toBe(ALL_FUNCTIONS.length);
    expect(new Set(ALL_FUNCTIONS.map(({ name }) => name)).size).toBe(ALL_FUNCTIONS.length);
    expect(ALL_FUNCTIONS.length).toBeGreaterThan(FUNCTIONS.length);
  });
});

describe("a diode across a coil joins nothing", () => {
  const TABLE = `
host Battery-+ 1 supply-out battery-supply RD 16mm 0.5m
host Fan_relay-30 1 supply-in battery-supply RD 2mm 1m "Feed"
host Fan_relay-86 1 supply-in battery-supply RD 0.5mm 1m "Coil feed"
host Fan_relay-85 7 load-in cooling-fan BK 0.5mm 1m "Coil"
host Fan_switch-1 7 switch-out cooling-fan BK 0.5mm 1m to=ground "Switch"
host Fan_relay-87 8 supply-out cooling-fan GN 2mm 1m "Out"
host Fan-1 8 load-in cooling-fan GN 2mm 1m "Fan"
host Side_lamp-1 7 load-in lighting GN 1mm 1m "Side lamp"`;
  test.each([
    ["across the coil", "85", "86"],
    ["the other way round", "86", "85"],
  ])("%s: with the fan dropped its coil wires are free", (_, a, b) => {
    const built = harness(TABLE, {
      parts: [relay([RELAY, { id: "D", type: "diode", a, b, saturationAmps: 1e-9, emission: 1.8 }])],
    });
    // The lamp on the switch's side would be fed through the diode, and keep the coil's feed.
    const rows = triage(built, sliceHarness(built, new Set(["lights"])), [], new Set(["lights"])).rows;
    expect(rows.find((row) => row.wire.id === "wire:Fan relay-86")).toMatchObject({
      class: "free",
      proposed: "remove",
    });
  });
});

describe("a second way must be live when the first is needed", () => {
  // The computer is fed from two key terminals: 15 stays live while cranking, IG drops out.
  const TABLE = `
host Battery-+ 1 supply-out battery-supply RD 16mm 0.5m
host KEY-30 1 supply-in battery-supply RD 4mm 1m alive=permanent
host KEY-15 2 supply-out ignition-supply WH 1mm 1m alive=run-crank
host KEY-IG 3 supply-out ignition-supply WH 1mm 1m alive=run
donor Module-1 2 supply-in ignition-supply RD 1mm 1m alive=run-crank
donor Module-2 9 ground ground BK 1mm 1m
donor Module-3 I1 injector-out injector GY 0.5mm 1m
donor Injector-1 I1 injector-in injector GY 0.5mm 1m`;
  const cut = (table: string) => {
    const built = harness(table, {
      joins: [
        { id: "a", fromPinId: "KEY-15", toPinId: "Module-1" },
        { id: "b", fromPinId: "KEY-IG", toPinId: "Module-1" },
      ],
    });
    const kept = new Set(["engine-running"]);
    const own = built.wires.find((wire) =>
      wireText({ from: wireEnd(built, wire.a), to: wireEnd(built, wire.b) }).includes("KEY-15"),
    );
    return consequencesOf(built, sliceHarness(built, kept), new Set([own?.id ?? ""]), new Set(), kept).stops;
  };
  const wireEnd = (built: Harness, at: number) => {
    const pin = built.pinAt[at];
    return {
      type: "cavity" as const,
      pinId: pin?.id ?? "",
      side: "host" as const,
      connector: pin?.connectorId.slice(5) ?? "",
      cavity: pin?.cavity ?? "",
    };
  };
  test("cutting the one that is live in crank stops it, though the other is there in run", () =>
    expect(cut(TABLE).map(stopText)).toEqual(["Module-1 has no feed"]));
  test("for a consumer that is needed in run alone the other is enough", () =>
    expect(cut(TABLE.replace("RD 1mm 1m alive=run-crank", "RD 1mm 1m alive=run"))).toEqual([]));
});
