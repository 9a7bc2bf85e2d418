import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { randoms } from "../../../tests/support/harness";
import { randomNetlist, vehicleNetlist } from "../../../tests/support/networks";
import { branchesOf } from "./branches";
import { type Change, type NetElement, Network } from "./index";
import { NumberedMap } from "./numbered-map";
import { Reduction } from "./reduce";

const resistor = (id: string, a: string, b: string, ohms = 1): NetElement => ({ id, type: "resistor", a, b, ohms });
const source: NetElement = { id: "B", type: "source", a: "+", b: "0", volts: 12, ohms: 1 };

const reduced = (...elements: NetElement[]) => new Reduction(branchesOf({ reference: "0", elements }));

describe("a netlist without what needs no equations", () => {
  test("wires in series become one, a stub goes, and nodes of relays stay", () => {
    const { branches } = reduced(
      source,
      resistor("w1", "+", "a"),
      resistor("w2", "a", "b"),
      resistor("w3", "b", "0"),
      resistor("stub", "b", "tip"),
      resistor("more", "tip", "end"),
    );
    expect(branches.nodes).toEqual(["0", "+"]);
    expect(branches.list.filter((branch) => branch.kind === "linear").map((branch) => 1 / branch.siemens)).toEqual([3]);
  });
  test("a vehicle's wiring shrinks to little more than half its nodes", () => {
    const whole = vehicleNetlist(800);
    expect(new Reduction(branchesOf(whole)).branches.nodes.length).toBeLessThan(0.6 * branchesOf(whole).nodes.length);
  });
  test("a ring keeps as many nodes as make two branches of it: beside a fixed node one, alone two", () => {
    const ring = [resistor("r1", "p", "q", 2), resistor("r2", "q", "r", 2), resistor("r3", "r", "p", 2)];
    const hung = reduced(
      source,
      resistor("R", "+", "0"),
      { id: "L", type: "lamp", a: "p", b: "+", ratedVolts: 12, ratedWatts: 5 },
      ...ring,
    );
    expect(hung.branches.nodes).toHaveLength(4);
    expect(reduced(source, resistor("R", "+", "0"), ...ring).branches.nodes).toHaveLength(4);
  });
  test("the whole solution is that of the network with every node kept: volts, currents and islands", () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
        const list = randomNetlist(randoms(seed));
        // A tiny current load at each node keeps it: what is compared with has nothing to reduce.
        const nodes = branchesOf(list).nodes.filter((node) => node !== list.reference);
        const kept = {
          ...list,
          elements: [
            ...list.elements,
            ...nodes.map(
              (node): NetElement => ({ id: `keep ${node}`, type: "current", a: node, b: list.reference, amps: 0 }),
            ),
          ],
        };
        const solve = (netlist: typeof list) => {
          const built = Network.build(netlist);
          if (!built.ok) throw new Error(built.fault.code);
          const solved = built.network.solve("run");
          if (!solved.ok) throw new Error(solved.fault.code);
          return solved.solution;
        };
        const [reduced, whole] = [solve(list), solve(kept)];
        expect([...reduced.volts.keys()].toSorted()).toEqual([...whole.volts.keys()].toSorted());
        for (const [node, volts] of whole.volts) {
          const ours = reduced.volts.get(node);
          if (volts === null) expect(ours).toBeNull();
          else expect(Math.abs((ours as number) - volts), node).toBeLessThan(1e-7);
        }
        for (const { id } of list.elements)
          if (!id.startsWith("relay"))
            expect(Math.abs((reduced.amps.get(id) as number) - (whole.amps.get(id) as number)), id).toBeLessThan(1e-6);
        expect(reduced.floating.flat().toSorted()).toEqual(whole.floating.flat().toSorted());
      }),
      { numRuns: 80 },
    ));
  const chain = [
    source,
    resistor("w1", "+", "a"),
    resistor("w2", "a", "b"),
    resistor("w3", "b", "0"),
    resistor("stub", "a", "tip"),
  ];
  const solvedWith = (...changes: Change[]) => {
    const built = Network.build({ reference: "0", elements: chain });
    if (!built.ok) throw new Error(built.fault.code);
    const solved = built.network.solve("run", { changes });
    if (!solved.ok) throw new Error(solved.fault.code);
    return solved.solution;
  };
  test("an open inside of what was merged leaves each side with its own end", () => {
    const { volts, amps } = solvedWith({ id: "w2", ohms: Number.POSITIVE_INFINITY });
    expect([volts.get("a"), volts.get("b"), volts.get("tip"), amps.get("w1")]).toEqual([12, 0, 12, 0]);
  });
  test("what lies between two opens floats, and what connected on it; a stub that is opened floats alone", () => {
    const { volts, floating } = solvedWith(
      { id: "w1", ohms: Number.POSITIVE_INFINITY },
      { id: "w2", ohms: Number.POSITIVE_INFINITY },
    );
    expect([volts.get("a"), volts.get("tip"), volts.get("b")]).toEqual([null, null, 0]);
    expect(floating.map((island) => [...island].toSorted())).toEqual([["a", "tip"]]);
    expect(solvedWith({ id: "stub", ohms: Number.POSITIVE_INFINITY }).floating).toEqual([["tip"]]);
  });
  test("a poor joint inside moves the voltages on both of its sides", () => {
    const { volts, amps } = solvedWith({ id: "w2", ohms: 9 });
    expect([volts.get("a"), volts.get("b"), amps.get("w3")].map((value) => (value as number).toFixed(9))).toEqual([
      "10.000000000",
      "1.000000000",
      "1.000000000",
    ]);
  });
  test("a part that is nothing but resistors is still an island", () => {
    const built = Network.build({
      reference: "0",
      elements: [source, resistor("R", "+", "0", 11), resistor("x", "p", "q"), resistor("y", "q", "r")],
    });
    if (!built.ok) throw new Error(built.fault.code);
    const solved = built.network.solve("run");
    expect(solved.ok && solved.solution.floating.map((island) => [...island].toSorted())).toEqual([["p", "q", "r"]]);
  });
});

test("a numbered map is a map to those who read it", () => {
  const map = new NumberedMap(
    new Map([
      ["a", 0],
      ["b", 1],
    ]),
    (at) => 10 * at,
  );
  expect([map.get("a"), map.get("b"), map.get("z"), map.has("b"), map.has("z"), map.size]).toEqual([
    0,
    10,
    undefined,
    true,
    false,
    2,
  ]);
  expect([[...map], [...map.keys()], [...map.values()]]).toEqual([
    [
      ["a", 0],
      ["b", 10],
    ],
    ["a", "b"],
    [0, 10],
  ]);
  const seen: [string, number][] = [];
  map.forEach((value, key) => seen.push([key, value]));
  expect(seen).toEqual([...map.entries()]);
});
