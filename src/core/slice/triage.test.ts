import { describe, expect, test } from "vitest";
import { cavities, facts, harness } from "../../../tests/support/harness";
import { compareVariants, findConfusablePairs, type Shape, type TableCavity } from "../compare";
import { FUNCTIONS } from "../functions";
import { buildHarness, type Harness } from "../harness";
import { connectedText, inventoryName, pointText, stopText, taskText, triageText } from "../words";
import { benchList, findInventory, looseEnds, sliceHarness, type TriageFacts, triage } from "./index";

const ALL = new Set(FUNCTIONS.map((one) => one.key));
const decide = (wireId: string, choice: TriageFacts["choice"], more: Partial<TriageFacts> = {}): TriageFacts => ({
  wireId: `wire:${wireId}`,
  choice,
  override: "",
  done: false,
  unplanned: false,
  ...more,
});
const run = (built: Harness, decisions: TriageFacts[] = [], kept: ReadonlySet<string> = ALL) =>
  triage(built, sliceHarness(built, kept), decisions, kept);

const TABLE = `
host Battery-+ 1 supply-out battery-supply RD 16mm 0.5m
host G1-1 3 ground ground BK 2mm 1m
host Horn-1 1 load-in horn RD 1mm 2m
host Horn-2 3 ground ground BK 1mm 2m
host Wiper_motor-1 1 load-in wiper RD 1mm 3m
host Wiper_motor-2 3 ground ground BK 1mm 3m
host Airbag_module-1 9 load-in airbag YE 0.5mm 1m
host Plug-1 8 unknown - GY 0.5mm 1m`;

describe("each wire has a verdict with its reason", () => {
  test("needed, shared, free, unknown, never the airbag", () => {
    const rows = Object.fromEntries(
      run(harness(TABLE), [], new Set(["horn"])).rows.map((row) => [
        row.wire.id.slice(5),
        [row.proposed, triageText(row.reason)],
      ]),
    );
    expect(rows["Horn-1"]).toEqual(["keep", "Needed by Horn."]);
    expect(rows["Wiper motor-1"]).toEqual(["remove", "Only Wipers and washer needs it, and it is not kept."]);
    expect(rows["Airbag module-1"]?.[1]).toContain("never cut or probed");
    expect(rows["Plug-1"]?.[0]).toBe("park");
    expect(run(harness(TABLE)).rows.find((row) => row.wire.id === "wire:G1-1")?.reason).toMatchObject({
      code: "shared",
      by: ["wipers", "horn"],
    });
  });
  test("the numbers that are always in view", () => {
    const { numbers, stops } = run(
      harness(TABLE),
      [decide("Wiper motor-1", "remove", { done: true }), decide("Plug-1", "park")],
      new Set(["horn"]),
    );
    expect(numbers).toMatchObject({
      wires: 8,
      needed: 4,
      shared: 0,
      free: 3,
      parked: 1,
      removed: 1,
      done: 1,
      atRisk: [],
    });
    expect(numbers.reclaimed).toEqual([
      { sizeMm2: 1, wires: 1, lengthM: 3, kg: expect.closeTo(0.02688, 8), unmeasured: 0 },
    ]);
    expect(stops).toEqual([]);
  });
  test("what was cut against need puts its function at risk", () => {
    const { numbers, stops } = run(harness(TABLE), [decide("Horn-2", "remove", { unplanned: true, done: true })]);
    expect(numbers.atRisk).toEqual(["horn"]);
    expect(stops.map((stop) => stopText(stop))).toEqual(["Horn-2 has no ground"]);
  });
  test("what its connector's move concerns is proposed for moving, with the place", () => {
    const built = harness(TABLE);
    const row = triage(
      built,
      sliceHarness(built, ALL),
      [],
      ALL,
      new Map([["host:Horn", "behind the grille"]]),
    ).rows.find((one) => one.wire.id === "wire:Horn-1");
    expect(row).toMatchObject({ proposed: "move", reason: { code: "moves", place: "behind the grille" } });
  });
  test("the bench list goes connector by connector, along the cavities, and leaves out what is kept", () => {
    const built = harness(TABLE);
    const rows = run(built, [
      decide("Plug-1", "park"),
      decide("Wiper motor-2", "remove"),
      decide("Wiper motor-1", "lengthen"),
      decide("Horn-1", "keep"),
      decide("G1-1", "move"),
    ]).rows;
    expect(benchList(built, rows).map((item) => taskText(item.task))).toEqual([
      "Move the wire at G1-1 to its new cavity",
      "Lengthen the wire at Wiper motor-1 towards splice 1",
      "Remove the wire from Wiper motor-2 to splice 3",
      "Cap off the wire at Plug-1 and tape it back into the harness",
    ]);
  });
});

describe("loose ends", () => {
  test("a box that is taken out leaves its feeds, grounds and splices by name; what goes with it leaves none", () => {
    const built = harness(
      "host Box-1 1 supply-out battery-supply\nhost Lamp-1 1 load-in lighting\nhost Box-2 2 ground ground\nhost Box-3 3 logic-in door\nhost A-1 3 switch-out door\nhost B-1 3 switch-out door\nhost Box-4 4 unknown -\nhost Box-5 4 unknown -",
    );
    const ends = looseEnds(built, sliceHarness(built, ALL), new Set(["host:Box"]), new Set(), ALL);
    expect(ends.map((end) => [pointText(end.at), end.carried, connectedText(end.connected)])).toEqual([
      ["Box-1", "feed", "Lamp-1"],
      ["Box-2", "ground", "an end not known yet"],
      ["Box-3", "splice", "A-1 and B-1"],
    ]);
  });
  test("cutting the wire gives what connected on it no home; what connected is settled when it goes too", () => {
    const built = harness(
      "host Box-1 1 supply-out battery-supply\nhost A-1 1 load-in lighting\nhost B-1 1 load-in lighting",
    );
    const names = (gone: string[], removed: string[] = []) =>
      looseEnds(
        built,
        sliceHarness(built, ALL),
        new Set(["host:Box", ...removed]),
        new Set(gone.map((id) => `wire:${id}`)),
        ALL,
      ).map((end) => end.connected.map(pointText));
    expect(names(["Box-1"])).toEqual([["A-1", "B-1"]]);
    expect(names(["Box-1", "A-1"])).toEqual([["B-1"]]);
    expect(names(["Box-1", "A-1", "B-1"])).toEqual([]);
    expect(names([], ["host:A", "host:B"])).toEqual([]);
  });
});

describe("look-alikes", () => {
  const shapes = (one: Partial<Shape>, two: Partial<Shape>) =>
    new Map([
      ["host:A", { connectorId: "host:A", rows: null, columns: null, keying: null, gender: null, ...one }],
      ["host:B", { connectorId: "host:B", rows: null, columns: null, keying: null, gender: null, ...two }],
    ]);
  const PAIR =
    "host A-1 1 supply-in battery-supply\nhost A-2 2 analogue-out throttle-position\nhost B-1 3 ground ground\nhost B-2 4 supply-in battery-supply";
  test("the crossed cavities and what that would do, the worst first", () => {
    const [pair] = findConfusablePairs(harness(PAIR), new Map());
    expect(pair).toMatchObject({
      labels: ["A", "B"],
      harm: "short",
      unsure: ["rows", "columns", "keying", "gender", "lead-length"],
    });
    expect(pair?.crossings.map((one) => one.harm)).toEqual(["short", "destroys"]);
  });
  test("a difference in keying, gender or face rules a pair out; so do other labels, another vehicle, leads that do not reach", () => {
    expect(findConfusablePairs(harness(PAIR), shapes({ keying: "1" }, { keying: "2" }))).toEqual([]);
    expect(findConfusablePairs(harness(PAIR), shapes({ rows: 1 }, { rows: 2 }))).toEqual([]);
    expect(findConfusablePairs(harness(PAIR), shapes({ keying: "1" }, { keying: "1" }))[0]?.unsure).not.toContain(
      "keying",
    );
    expect(findConfusablePairs(harness(PAIR.replace("B-2", "B-3")), new Map())).toEqual([]);
    expect(findConfusablePairs(harness(PAIR.replaceAll("host B", "donor B")), new Map())).toEqual([]);
    expect(
      findConfusablePairs(
        harness(
          "host A-1 1 supply-in battery-supply RD 1mm 0.2m\nhost A-2 2 ground ground\nhost B-1 3 ground ground BK 1mm 0.8m\nhost B-2 4 supply-in battery-supply",
        ),
        new Map(),
      ),
    ).toEqual([]);
  });
  test("two of one kind would work wrongly, the same feed and ground would do nothing", () => {
    const built = buildHarness(
      (() => {
        const made = cavities(
          "donor Injector_1-1 1 supply-in relay-supply\ndonor Injector_1-2 2 injector-in injector\ndonor Injector_2-1 1 supply-in relay-supply\ndonor Injector_2-2 3 injector-in injector",
        );
        return facts("", {
          connectors: made.connectors,
          pins: made.pins.map((pin, at) => ({ ...pin, index: at < 2 ? "1" : "2" })),
        });
      })(),
    );
    expect(findConfusablePairs(built, new Map())[0]).toMatchObject({
      harm: "wrong-function",
      crossings: [{ harm: "none" }, { harm: "wrong-function", reason: { code: "same-part", one: "1", two: "2" } }],
    });
    expect(
      findConfusablePairs(
        harness(
          "host A-1 1 supply-in battery-supply\nhost A-2 2 ground ground\nhost B-1 1 supply-in battery-supply\nhost B-2 2 ground ground",
        ),
        new Map(),
      ),
    ).toEqual([]);
  });
});

describe("variants", () => {
  const cavity = (
    place: string,
    circuit: string | null,
    colour: string | null,
    description: string | null,
    sizeMm2: number | null = 0.5,
  ): TableCavity => {
    const [connector = "", label = ""] = place.split("-");
    return { connector, cavity: label, circuit, colour, sizeMm2, description };
  };
  const told = (here: TableCavity[], there: TableCavity[]) =>
    Object.fromEntries(compareVariants(here, there).map((row) => [`${row.connector}-${row.cavity}`, row.difference]));
  test("same, other colour, other size, only here, only there", () => {
    const rows = told(
      [
        cavity("C-1", "1", "RD", "Feed"),
        cavity("C-2", "2", "BU", "Fan"),
        cavity("C-3", "3", "GN", "Pump"),
        cavity("C-4", "4", "WH", "Lamp"),
      ],
      [
        cavity("C-1", "1", "RD", "feed "),
        cavity("C-2", "2", "BU/WH", "Fan"),
        cavity("C-3", "3", "GN", "Pump", 1),
        cavity("C-5", "9", "OG", "Horn"),
      ],
    );
    expect(Object.fromEntries(Object.entries(rows).map(([place, one]) => [place, one.type]))).toEqual({
      "C-1": "same",
      "C-2": "colour",
      "C-3": "size",
      "C-4": "only-here",
      "C-5": "only-there",
    });
    expect(rows["C-2"]).toMatchObject({ likeness: "tracer-there-only" });
    expect(rows["C-3"]).toMatchObject({ hereMm2: 0.5, thereMm2: 1 });
  });
  test("a wire that moved is found again; two that change places are called so", () => {
    expect(
      told(
        [cavity("C-1", "1", "RD", "Fan"), cavity("C-2", "2", "BU", "Pump")],
        [cavity("C-1", "2", "BU", "Pump"), cavity("C-2", "1", "RD", "Fan")],
      ),
    ).toMatchObject({
      "C-1": { type: "moved", to: { cavity: "2" }, leaves: "swapped" },
      "C-2": { type: "moved", to: { cavity: "1" } },
    });
    expect(told([cavity("C-1", "1", "RD", "Fan")], [cavity("C-3", "1", "RD", "Fan")])).toMatchObject({
      "C-1": { type: "moved", to: { cavity: "3" }, leaves: "empty" },
      "C-3": { type: "only-there", from: { connector: "C", cavity: "1" } },
    });
  });
  test("renumbered circuits are still the same use; one colour with two uses is a warning", () => {
    expect(told([cavity("C-1", "1", "RD", "Fan")], [cavity("C-1", "77", "RD", "Fan")])["C-1"]?.type).toBe("same");
    expect(told([cavity("C-1", "1", "RD", "Fan")], [cavity("C-1", "2", "RD", "Horn")])["C-1"]).toMatchObject({
      type: "use",
      sameColour: true,
    });
  });
  test("base and tracer exchanged is called a near-match", () =>
    expect(told([cavity("C-1", "1", "BU/WH", "Fan")], [cavity("C-1", "1", "WH/BU", "Fan")])["C-1"]).toMatchObject({
      type: "colour",
      likeness: "turned",
    }));
  test("many wires of one name are not taken for moved", () => {
    expect(
      told(
        [cavity("C-1", null, "BK", "Earth"), cavity("C-2", null, "BK", "Earth")],
        [cavity("C-3", null, "BK", "Earth"), cavity("C-4", null, "BK", "Earth")],
      )["C-1"]?.type,
    ).toBe("only-here");
  });
  test("a table against itself differs nowhere", () => {
    const table = [cavity("C-1", "1", "RD", "Fan"), cavity("C-2", null, null, null), cavity("D-1", "1", "RD", null)];
    expect(compareVariants(table, table).every((row) => row.difference.type === "same")).toBe(true);
  });
});

describe("inventory", () => {
  test("every connector, relay, fuse, ground and sensor with who needs it", () => {
    const built = harness(
      "host FB-9 1 supply-in battery-supply alive=permanent\nhost FB-1 2 supply-out battery-supply alive=permanent\nhost Horn-1 2 load-in horn\nhost Horn-2 3 ground ground\nhost G1-1 3 ground ground\nhost Fuel_sender-1 4 resistive-out fuel-level\nhost Fan_relay-85 5\nhost Fan_relay-86 6",
    );
    const items = findInventory(built, sliceHarness(built, ALL), new Set(["horn"]));
    expect(
      items.filter((item) => item.kind !== "connector").map((item) => [item.kind, inventoryName(item.what)]),
    ).toEqual([
      ["fuse", "FB, fuse F1, 10 A"],
      ["ground", "G1"],
      ["sensor", "Fuel sender"],
      ["relay", "Fan relay"],
    ]);
    expect(items.find((item) => item.what.type === "fuse")?.neededBy).toEqual(["horn"]);
    expect(items.find((item) => item.kind === "relay")?.neededBy).toEqual([]);
    expect(new Set(items.map((item) => item.subject)).size).toBe(items.length);
  });
});
