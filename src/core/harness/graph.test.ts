import { describe, expect, test } from "vitest";
import { added, facts, harness } from "../../../tests/support/harness";
import { fuseBox, LIBRARY, partProblems, spansOf, terminalsOf } from "../parts";
import { harnessProblemWords, wireText } from "../words";
import { buildHarness, endsOf, type HarnessProblem } from "./index";

const between = (built: ReturnType<typeof harness>) => built.wires.map((wire) => wireText(endsOf(built, wire)));

describe("the graph", () => {
  test("two cavities of a circuit are a wire, three a splice, one has an end that nobody shows", () => {
    expect(between(harness("host A-1 7\nhost B-1 7"))).toEqual(["A-1 to B-1"]);
    expect(between(harness("host A-1 7\nhost B-1 7\nhost C-1 7"))).toEqual([
      "A-1 to splice 7",
      "B-1 to splice 7",
      "C-1 to splice 7",
    ]);
    expect(between(harness("host A-1 7"))).toEqual(["A-1, other end not known yet"]);
  });
  test("one number on two sides or in two branches is two circuits", () => {
    expect(harness("host A-1 7\ndonor B-1 7").wires).toHaveLength(2);
    const text = "host A-1 7\nhost B-1 7";
    const two = facts(text, { branches: [{ id: "dash", side: "host", label: "Dash" }] });
    expect(
      harness(text, {
        ...two,
        wires: [],
        connectors: two.connectors.map((one, at) => (at === 0 ? { ...one, branchId: "dash" } : one)),
      }).wires,
    ).toHaveLength(2);
  });
  test("a cavity without circuit has a wire if it has a colour, and none if it is spare", () => {
    expect(harness("host A-1 - unknown - RD").wires).toHaveLength(1);
    expect(harness("host A-1 - spare - RD\nhost A-2 - unknown").wires).toHaveLength(0);
  });
  test("a wire between two cavities takes the thinner size and the longer length of what its ends say", () => {
    const [wire] = harness("host A-1 7 unknown - RD 0.5mm 1m\nhost B-1 7 unknown - RD 0.75mm 2m").wires;
    expect(wire).toMatchObject({ sizeMm2: 0.5, lengthM: 2, pinIds: ["A-1", "B-1"], colourBase: "RD" });
  });
  test("a ground stud, a battery and a fuse box are known by their label and cavities", () => {
    const built = harness(
      "host Battery-+ 1 supply-out battery-supply\nhost Battery-- 2 ground ground\nhost G1-1 2 ground ground\nhost FB-9 1 supply-in battery-supply alive=permanent\nhost FB-1 3 supply-out battery-supply alive=permanent maxAmps=15",
    );
    expect(built.parts.map((part) => [part.label, part.type, part.guessed])).toEqual([
      ["Battery", "battery", true],
      ["G1", "ground-stud", true],
      ["FB", "fuse-box", true],
    ]);
    expect(built.parts[2]?.elements).toEqual([{ id: "F1", type: "fuse", a: "9", b: "1", amps: 15, ohms: 0.1 / 15 }]);
    expect(built.problems).toEqual([]);
  });
  test("what a person says of a connector is taken in place of the guess", () => {
    const built = harness("host FB-1 3 supply-out battery-supply\nhost FB-2 4 ground ground", {
      parts: [
        {
          id: "p",
          side: "host",
          type: "lamp",
          label: "Not a fuse box",
          terminals: [
            { name: "a", pinId: "FB-1" },
            { name: "b", pinId: "FB-2" },
          ],
          elements: [{ id: "L", type: "lamp", a: "a", b: "b", ratedVolts: 12, ratedWatts: 5 }],
        },
      ],
    });
    expect(built.parts.map((part) => part.label)).toEqual(["Not a fuse box"]);
    expect(built.edges.filter((edge) => edge.type === "load")).toHaveLength(1);
  });
  test("a computer over two plugs keeps like labels apart", () => {
    const built = harness("donor C1-1 5 ground ground role=power\ndonor C2-1 6 low-side-out fuel-pump", {
      parts: [
        {
          id: "ecm",
          side: "donor",
          type: "computer",
          label: "Computer",
          terminals: [
            { name: "C1-1", pinId: "C1-1" },
            { name: "C2-1", pinId: "C2-1" },
          ],
          elements: [],
        },
      ],
    });
    expect(built.parts[0]?.elements).toMatchObject([{ type: "switch", a: "C2-1", b: "C1-1" }]);
  });
});

describe("bad facts are named with their place and cure, and the rest is built", () => {
  const mated = (text: string, branch = true) => {
    const made = facts(text, { branches: [{ id: "b", side: "host", label: "B" }] });
    return facts(text, {
      branches: made.branches,
      connectors: made.connectors.map((one) => ({
        ...one,
        mateId: one.label === "X1" ? "host:X2" : one.label === "X2" ? "host:X1" : null,
        branchId: branch && one.label !== "X1" ? "b" : null,
      })),
    });
  };
  test("a wire with both ends in one cavity", () => {
    const built = harness("host A-1 7\nhost B-1 7", { wires: [added("w", "A-1", "A-1")] });
    expect(built.problems).toMatchObject([{ code: "same-cavity", at: { pinId: "A-1" } }]);
    expect(built.wires).toHaveLength(1);
  });
  test("a circuit that loops on itself: by an added wire, by a mate within one branch", () => {
    expect(harness("host A-1 7\nhost B-1 7", { wires: [added("w", "B-1", "A-1")] }).problems).toMatchObject([
      { code: "loop", by: "wire", from: { pinId: "B-1" }, to: { pinId: "A-1" } },
    ]);
    expect(buildHarness(mated("host X1-1 7\nhost X2-1 7", false)).problems).toMatchObject([{ code: "loop" }]);
    expect(buildHarness(mated("host X1-1 7\nhost X2-1 7")).problems).toEqual([]);
  });
  test("a mate of unequal count and of unequal size", () => {
    expect(buildHarness(mated("host X1-1 7\nhost X1-2 8\nhost X2-1 7")).problems).toMatchObject([
      { code: "unequal-mate", connector: "X1", other: "X2", cavities: 2, otherCavities: 1, unopposed: ["2"] },
    ]);
    expect(buildHarness(mated("host X1-1 7 unknown - RD 0.5mm\nhost X2-1 7 unknown - RD 1mm")).problems).toMatchObject([
      { code: "conflict", of: "mate", sizes: [{ cavity: "1", hereMm2: 0.5, thereMm2: 1 }] },
    ]);
  });
  test("elements that name a missing terminal, a terminal on a cavity that is gone, a terminal told twice", () => {
    const part = (terminals: { name: string; pinId: string | null }[]) =>
      harness("host A-1 7", {
        parts: [
          {
            id: "p",
            side: "host",
            type: "lamp",
            label: "Lamp",
            terminals,
            elements: [{ id: "L", type: "lamp", a: "1", b: "9", ratedVolts: 12, ratedWatts: 5 }],
          },
        ],
      });
    expect(part([{ name: "1", pinId: "A-1" }]).problems).toMatchObject([
      { code: "missing-terminal", fault: { code: "unknown-terminal", terminal: "9" } },
    ]);
    expect(
      part([
        { name: "1", pinId: "gone" },
        { name: "9", pinId: null },
      ]).problems,
    ).toMatchObject([{ code: "dangling" }]);
    expect(
      part([
        { name: "1", pinId: "A-1" },
        { name: "9", pinId: null },
        { name: "9", pinId: null },
      ]).problems,
    ).toMatchObject([{ code: "repeated-terminal" }]);
  });
  test("a fuse box with no feed", () => {
    const built = harness(
      "host FB-1 3 supply-out ignition-supply alive=run\nhost FB-2 4 supply-out ignition-supply alive=run",
    );
    expect(built.problems).toMatchObject([{ code: "no-feed", part: "FB", ways: ["1", "2"] }]);
    expect(built.edges.filter((edge) => edge.id === "assumed:FB-1")).toHaveLength(1);
  });
  test("ends of one wire told differently", () => {
    expect(harness("host A-1 7 unknown - RD 1mm\nhost B-1 7 unknown - RD/BK 1mm").problems).toMatchObject([
      { code: "conflict", differs: { what: "colour", one: "RD", two: "RD/BK" } },
    ]);
  });
  test("rows that name what is not there are passed over", () => {
    const built = harness("host A-1 7", {
      wires: [added("w", "A-1", "nowhere")],
      joins: [{ id: "j", fromPinId: "A-1", toPinId: "nowhere" }],
    });
    expect(built.edges.filter((edge) => edge.type === "join")).toHaveLength(0);
    expect(built.wires).toHaveLength(1);
  });
});

describe("the library", () => {
  test("every part is sound, and every terminal is used or declared", () => {
    for (const part of LIBRARY) {
      expect(partProblems(part), part.name).toEqual([]);
      const named = new Set(part.elements.flatMap(terminalsOf));
      for (const terminal of part.terminals) expect(named.has(terminal), `${part.name} ${terminal}`).toBe(true);
      for (const element of part.elements) for (const span of spansOf(element)) expect(span.a).not.toBe(span.b);
    }
  });
  test("names are unique, so that one is chosen by its name", () =>
    expect(new Set(LIBRARY.map((part) => part.name)).size).toBe(LIBRARY.length));
  test("a fuse box has as many ways as asked, and refuses none and too many", () => {
    expect(fuseBox(6).elements).toHaveLength(6);
    expect(() => fuseBox(0)).toThrow(RangeError);
    expect(() => fuseBox(1.5)).toThrow(RangeError);
    expect(() => fuseBox(49)).toThrow(RangeError);
  });
  test("a part's faults are told with the cure", () => {
    expect(
      partProblems({
        terminals: ["1"],
        elements: [
          { id: "x", type: "fuse", a: "1", b: "1", amps: 5, ohms: 0.01 },
          { id: "x", type: "fuse", a: "1", b: "2", amps: 5, ohms: 0.01 },
        ],
      }),
    ).toEqual([
      { code: "unknown-terminal", element: "x", terminal: "2", known: ["1", "chassis"] },
      { code: "repeated-element", element: "x" },
      { code: "shorted-element", element: "x" },
    ]);
  });
});

describe("what the papers leave open", () => {
  const codes = (built: ReturnType<typeof harness>) => built.problems.map(({ code }) => code);
  test("an end that no table has is told once a connector, with what is written", () => {
    const told = facts("donor C1-1 -\ndonor C1-2 -\ndonor C2-1 -");
    const pins = told.pins.map((pin) =>
      pin.connectorId === "donor:C1" ? { ...pin, openEnd: `C9-${pin.cavity}` } : pin,
    );
    const { problems } = buildHarness({ ...told, pins });
    expect(problems).toEqual([
      {
        code: "ends-not-found",
        connector: "C1",
        connectorId: "donor:C1",
        ends: [
          { cavity: "1", written: "C9-1" },
          { cavity: "2", written: "C9-2" },
        ],
      },
    ]);
    expect(harnessProblemWords(problems[0] as HarnessProblem, "metric").message).toBe(
      "2 wires go to a place that no table has: 1 “C9-1” and 2 “C9-2”.",
    );
  });

  test.each([
    ["Bulkhead_C101_(engine_side)", "Bulkhead_C101_(cabin_side)"],
    ["X12_male", "X12_female"],
    ["C7_plug", "C7_socket"],
    ["C7-M", "C7-F"],
  ])("%s and %s are asked about as two halves", (one, other) => {
    const rows = (label: string) => `host ${label}-1 -\nhost ${label}-2 -`;
    expect(codes(harness(`${rows(one)}\n${rows(other)}`))).toEqual(["halves-not-told"]);
  });

  test.each([
    ["parts in two places", "host Body_lamp_1-1 -\nhost Body_lamp_1-2 -\nhost Cabin_lamp_1-1 -\nhost Cabin_lamp_1-2 -"],
    ["other cavities", "host C7_plug-1 -\nhost C7_plug-2 -\nhost C7_socket-1 -\nhost C7_socket-3 -"],
    ["two sides", "host C7_plug-1 -\nhost C7_plug-2 -\ndonor C7_socket-1 -\ndonor C7_socket-2 -"],
    ["sockets by number", "host Socket_3-1 -\nhost Socket_3-2 -\nhost Socket_13-1 -\nhost Socket_13-2 -"],
    ["one cavity", "host C7_plug-1 -\nhost C7_socket-1 -"],
    [
      "three of one name",
      "host C7_plug-1 -\nhost C7_plug-2 -\nhost C7_socket-1 -\nhost C7_socket-2 -\nhost C7_male-1 -\nhost C7_male-2 -",
    ],
  ])("%s: not asked", (_what, text) => expect(codes(harness(text))).toEqual([]));

  test("halves of which one is plugged are not asked about", () => {
    const told = facts("host C7_plug-1 -\nhost C7_plug-2 -\nhost C7_socket-1 -\nhost C7_socket-2 -");
    const connectors = told.connectors.map((one) =>
      one.label === "C7 plug" ? { ...one, mateId: "host:C7 socket" } : one,
    );
    expect(buildHarness({ ...told, connectors }).problems).toEqual([]);
  });
});
