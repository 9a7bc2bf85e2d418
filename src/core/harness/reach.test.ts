import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { colourWords, elementText } from "../words";
import { type HarnessEdge, reach } from "./index";

const graph = (pairs: readonly (readonly [number, number])[], size = 8) => {
  const edges = pairs.map(
    ([a, b], at): HarnessEdge => ({
      id: `e${at}`,
      type: at % 3 === 2 ? "load" : "wire",
      a,
      b,
      partId: null,
      elementId: null,
    }),
  );
  return {
    edges,
    edgesAt: Array.from({ length: size }, (_, node) =>
      edges.flatMap((edge, at) => (edge.a === node || edge.b === node ? [at] : [])),
    ),
  };
};
const all = () => true;

describe("what is reached over the harness", () => {
  test("only what passes, never past the node that is not entered, and over what lies beside", () => {
    const line = graph([
      [0, 1],
      [1, 2],
      [2, 3],
      [3, 4],
    ]);
    expect([...reach(line, 0, all)]).toEqual([0, 1, 2, 3, 4]);
    expect([...reach(line, 0, (edge) => edge.type === "wire")]).toEqual([0, 1, 2]);
    expect([...reach(line, 0, all, { not: 2 })]).toEqual([0, 1]);
    expect([...reach(line, 0, all, { not: 2, beside: new Map([[1, [4]]]) })].toSorted()).toEqual([0, 1, 3, 4]);
  });
  const pairs = fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { maxLength: 14 });
  test("as repeated widening has it, and both ways alike", () =>
    fc.assert(
      fc.property(pairs, fc.nat(7), (drawn, from) => {
        const made = graph(drawn);
        const slow = new Set([from]);
        for (let round = 0; round < 8; round++)
          for (const [a, b] of drawn) {
            if (slow.has(a)) slow.add(b);
            if (slow.has(b)) slow.add(a);
          }
        const found = reach(made, from, all);
        expect([...found].toSorted()).toEqual([...slow].toSorted());
        for (const other of found) expect(reach(made, other, all).has(from)).toBe(true);
      }),
    ));
});

describe("in words", () => {
  test("colours as one says them", () =>
    expect([
      colourWords("GN", "BN"),
      colourWords("RD", "OG"),
      colourWords("BK", null),
      colourWords(null, "RD"),
    ]).toEqual(["green with a brown tracer", "red with an orange tracer", "black", ""]));
  test.each([
    [{ id: "x", type: "fuse", a: "feed", b: "1", amps: 15, ohms: 0.01 }, "fuse 15 A, feed to 1"],
    [{ id: "x", type: "resistor", a: "1", b: "2", ohms: 22.04, joint: false }, "22 Ω, 1 to 2"],
    [{ id: "x", type: "resistor", a: "1", b: "2", ohms: 0.001, joint: true }, "joined, 1 to 2"],
    [
      { id: "x", type: "source", a: "+", b: "-", volts: 12.6, ohms: 0.008 },
      "source 12.6 V behind 8 mΩ, + at +, − at -",
    ],
    [
      { id: "x", type: "switch", a: "1", b: "2", closedIn: ["run", "crank"], ohms: 0.01 },
      "contact, 1 to 2, may close in run, crank",
    ],
    [{ id: "x", type: "lamp", a: "1", b: "2", ratedVolts: 13.5, ratedWatts: 21 }, "lamp 21 W, 1 to 2"],
    [{ id: "x", type: "diode", a: "1", b: "2", saturationAmps: 1e-9, emission: 1.8 }, "diode, anode 1, cathode 2"],
    [{ id: "x", type: "power", a: "1", b: "2", watts: 60, minVolts: 7 }, "60 W, 1 to 2"],
    [
      {
        id: "K",
        type: "relay",
        coilA: "86",
        coilB: "85",
        coilOhms: 85,
        pullInVolts: 7.5,
        dropOutVolts: 2.5,
        contacts: [{ a: "30", b: "87", when: "energised", ohms: 0.01 }],
      },
      "coil 85 Ω, 86 to 85; 30 to 87 when energised",
    ],
  ] as const)("%j is “%s”", (element, text) => expect(elementText(element)).toBe(text));
});
