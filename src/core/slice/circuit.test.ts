import { describe, expect, test } from "vitest";
import { facts, harness } from "../../../tests/support/harness";
import { buildHarness } from "../harness";
import { directEdges } from "./direct-ways";
import { circuitOf, type FunctionCircuit, sliceByChoice } from "./index";

const VEHICLE = `
  host Battery-+ 1 supply-out battery-supply RD 25mm
  host Battery-- 2 ground ground BK 25mm
  host FB-in 1 supply-in battery-supply RD 10mm
  host FB-1 30 supply-out battery-supply RD 2.5mm
  host Horn_switch-1 30 supply-in horn RD 1.5mm
  host Horn_switch-2 31 switch-out horn GN/BK 1mm
  host Horn-1 31 load-in horn GN/BK 1mm otherEnd=ground
  host Horn-2 2 ground ground BK 1mm
  host G1-1 2 ground ground BK 10mm
  host Radio-1 9 supply-in accessory-supply YE 1mm`;

const circuitIn = (text: string, key: string, also: readonly string[] = [], built = harness(text)): FunctionCircuit =>
  circuitOf(built, sliceByChoice(built, new Map()), { type: "function", key }, also);
const named = ({ parts }: FunctionCircuit) => parts.map(({ label }) => label).toSorted();

describe("a function's circuit", () => {
  const horn = circuitIn(VEHICLE, "horn");
  test("holds the parts and wires on its paths and no others", () => {
    expect(named(horn)).not.toContain("Radio");
    for (const part of ["Battery", "FB", "Horn switch", "Horn"]) expect(named(horn)).toContain(part);
    const colours = horn.runs.map(({ wire }) => wire?.colour).filter((one) => one !== undefined);
    expect(colours).toContain("GN/BK");
    expect(colours).not.toContain("YE");
  });
  test("runs lead away from the battery: to the switch first, then to the horn", () => {
    const lit = horn.runs.find(({ wire }) => wire?.circuit === "31");
    expect([lit?.from, lit?.to]).toEqual(["pin:Horn switch-2", "pin:Horn-1"]);
    const feed = horn.runs.find(({ wire }) => wire?.circuit === "1");
    expect(feed?.from).toBe("pin:Battery-+");
  });
  test("every end of a run is a cavity, splice, open end or case that is drawn", () => {
    const there = new Set([
      ...horn.parts.flatMap(({ id, cavities }) => [`case:${id}`, ...cavities.map(({ pinId }) => `pin:${pinId}`)]),
      ...horn.splices.map(({ id }) => id),
      ...horn.opens,
    ]);
    for (const { from, to } of horn.runs) expect([from, to].filter((one) => !there.has(one))).toEqual([]);
  });
  test("every cavity that is drawn has a wire", () => {
    const ends = new Set(horn.runs.flatMap(({ from, to }) => [from, to]));
    for (const { cavities } of horn.parts)
      for (const { pinId } of cavities) expect(ends.has(`pin:${pinId}`), pinId).toBe(true);
  });
  test("what is grounded by its case has a ground of its own", () => {
    const cased = circuitIn(VEHICLE.replace("\n  host Horn-2 2 ground ground BK 1mm", ""), "horn");
    const own = cased.runs.filter(({ to }) => to.startsWith("case:"));
    expect(own.map(({ from }) => from)).toEqual(["pin:Horn-1"]);
    expect(horn.runs.some(({ to }) => to.startsWith("case:"))).toBe(false);
  });
});

describe("the short ways", () => {
  // The lamp has its fuse; by way of the other fuse, the heater's switch and a splice pack current gets there too.
  const DETOURED = `${VEHICLE}
  host FB-2 40 supply-out battery-supply GY 2.5mm
  host Heater_switch-1 40 supply-in heater-blower GY 2.5mm
  host Heater_switch-2 41 switch-out heater-blower GY/RD 2.5mm
  host Heater_blower-1 41 load-in heater-blower GY/RD 2.5mm otherEnd=ground
  host Heater_switch-3 30 switch-out horn VT 1mm`;
  const built = harness(DETOURED);
  const slice = sliceByChoice(built, new Map());

  test("leave out what only lies on a way round: it is needed, and it is not drawn", () => {
    const need = slice.needs.find(({ def }) => def.key === "horn");
    const labelOf = (at: number) => built.partById.get(built.edges[at]?.partId ?? "")?.label;
    const needed = new Set(need?.edges.map(labelOf));
    const drawn = new Set(need && directEdges(built, need).map(labelOf));
    expect([needed.has("Horn switch"), drawn.has("Horn switch")]).toEqual([true, true]);
    expect(drawn.has("Heater switch")).toBe(false);
  });

  test("through a cavity, or all of a part's, are those of every function that goes there, and of no other", () => {
    const labels = (...pinIds: string[]) => named(circuitOf(built, slice, { type: "through", pinIds }));
    expect(labels("Horn-1")).toEqual(expect.arrayContaining(["Battery", "FB", "Horn", "Horn switch"]));
    expect(labels("Horn-1")).not.toContain("Heater blower");
    expect(labels("FB-1", "FB-2")).toEqual(expect.arrayContaining(["Horn", "Heater blower"]));
    expect(labels("Radio-1")).not.toContain("Horn");
    // Nothing goes through that fuse yet: it is fed all the same.
    const free = harness(`${VEHICLE}\n  host FB-9 90 supply-out battery-supply GY 2.5mm`);
    const fed = circuitOf(free, sliceByChoice(free, new Map()), { type: "through", pinIds: ["FB-9"] });
    expect(named(fed)).toEqual(expect.arrayContaining(["Battery", "FB"]));
    expect(named(fed)).not.toContain("Horn");
    expect(labels("gone")).toEqual([]);
    expect(labels()).toEqual([]);
  });

  test("join both ends of whatever a function asks for, as the whole of its edges does", () => {
    let many = 0;
    for (const need of slice.needs) {
      const kept = new Set(directEdges(built, need));
      for (const { from, to } of need.demands) {
        const reached = new Set([from]);
        for (const node of reached)
          for (const at of built.edgesAt[node] ?? []) {
            const { a, b } = built.edges[at] as { a: number; b: number };
            if (kept.has(at)) reached.add(a === node ? b : a);
          }
        expect(reached.has(to), need.def.key).toBe(true);
        many += 1;
      }
    }
    expect(many).toBeGreaterThan(5);
  });
});

test("ends of links that nothing joins yet are drawn with their wires; decided, the link joins the ends of both wires", () => {
  const text = `${VEHICLE}\n  donor C1-23 T1 frequency-out engine-speed YE/BK 0.5mm\n  host IP-1 T2 frequency-in engine-speed WH/BK 0.75mm`;
  const wires = (circuit: FunctionCircuit) =>
    circuit.runs.flatMap(({ from, to, wire }) => (wire === null ? [] : [[from, to].toSorted().join(" "), wire.colour]));
  const proposed = circuitIn(text, "tachometer", ["C1-23", "IP-1"]);
  expect(named(proposed)).toEqual(expect.arrayContaining(["C1", "IP"]));
  expect(wires(proposed)).toEqual(expect.arrayContaining(["YE/BK", "WH/BK"]));
  expect(proposed.opens).toHaveLength(2);
  const told = facts(text);
  const joined = buildHarness({ ...told, joins: [{ id: "k", fromPinId: "C1-23", toPinId: "IP-1" }] });
  const decided = circuitIn(text, "tachometer", [], joined);
  expect(wires(decided)).toEqual(expect.arrayContaining(["YE/BK", "WH/BK"]));
  const [join] = decided.runs.filter(({ type }) => type === "join");
  expect([join?.from, join?.to].toSorted()).toEqual([...decided.opens].toSorted());
});
