import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { randoms } from "../../../tests/support/harness";
import { randomNetlist, vehicleNetlist } from "../../../tests/support/networks";
import { branchesOf } from "./branches";
import { LateMap } from "./late-map";
import { type NetElement, Network } from "./index";
import { Reduction } from "./reduce";

const resistor = (id: string, a: string, b: string, ohms = 1): NetElement => ({ id, type: "resistor", a, b, ohms });
const source: NetElement = { id: "B", type: "source", a: "+", b: "0", volts: 12, ohms: 1 };

describe("a netlist without what needs no equations", () => {
  test("wires in series become one, a stub goes, and nodes of relays stay", () => {
    const { netlist } = new Reduction({ reference: "0", elements: [source, resistor("w1", "+", "a"), resistor("w2", "a", "b"), resistor("w3", "b", "0"), resistor("stub", "b", "tip"), resistor("more", "tip", "end")] });
    expect(netlist.elements.filter((element) => element.type === "resistor")).toMatchObject([{ a: expect.any(String), b: expect.any(String), ohms: 3 }]);
  });
  test("a vehicle's wiring shrinks to little more than half its nodes", () => {
    const whole = vehicleNetlist(800);
    expect(branchesOf(new Reduction(whole).netlist).nodes.length).toBeLessThan(0.6 * branchesOf(whole).nodes.length);
  });
  test("the whole solution is that of the network with every node kept: volts, currents and islands", () => fc.assert(fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
    const list = randomNetlist(randoms(seed));
    // A tiny current load at each node keeps it: what is compared with has nothing to reduce.
    const nodes = branchesOf(list).nodes.filter((node) => node !== list.reference);
    const kept = { ...list, elements: [...list.elements, ...nodes.map((node): NetElement => ({ id: `keep ${node}`, type: "current", a: node, b: list.reference, amps: 0 }))] };
    const solve = (netlist: typeof list) => { const built = Network.build(netlist); if (!built.ok) throw new Error(built.fault.message); const solved = built.network.solve("run"); if (!solved.ok) throw new Error(solved.fault.message); return solved.solution; };
    const [reduced, whole] = [solve(list), solve(kept)];
    expect([...reduced.volts.keys()].toSorted()).toEqual([...whole.volts.keys()].toSorted());
    for (const [node, volts] of whole.volts) { const ours = reduced.volts.get(node); if (volts === null) expect(ours).toBeNull(); else expect(Math.abs((ours as number) - volts), node).toBeLessThan(1e-7); }
    for (const { id } of list.elements) if (!id.startsWith("relay")) expect(Math.abs((reduced.amps.get(id) as number) - (whole.amps.get(id) as number)), id).toBeLessThan(1e-6);
    expect(reduced.floating.flat().toSorted()).toEqual(whole.floating.flat().toSorted());
  }), { numRuns: 80 }));
  test("an open inside of what was merged leaves each side with its own end", () => {
    const built = Network.build({ reference: "0", elements: [source, resistor("w1", "+", "a"), resistor("w2", "a", "b"), resistor("w3", "b", "0")] });
    if (!built.ok) throw new Error(built.fault.message);
    const solved = built.network.solve("run", { changes: [{ id: "w2", ohms: Number.POSITIVE_INFINITY }] });
    if (!solved.ok) throw new Error(solved.fault.message);
    expect([solved.solution.volts.get("a"), solved.solution.volts.get("b"), solved.solution.amps.get("w1")]).toEqual([12, 0, 0]);
  });
  test("a part that is nothing but resistors is still an island", () => {
    const built = Network.build({ reference: "0", elements: [source, resistor("R", "+", "0", 11), resistor("x", "p", "q"), resistor("y", "q", "r")] });
    if (!built.ok) throw new Error(built.fault.message);
    const solved = built.network.solve("run");
    expect(solved.ok && solved.solution.floating.map((island) => [...island].toSorted())).toEqual([["p", "q", "r"]]);
  });
});

test("a late map finds what it is asked for, and all when it is gone through", () => {
  let completed = 0;
  const map = new LateMap<number>(new Map([["a", 1]]), (key) => (key === "b" ? 2 : undefined), (known) => { completed += 1; known.set("b", 2).set("c", 3); });
  expect([map.get("a"), map.get("b"), map.get("z"), completed]).toEqual([1, 2, undefined, 0]);
  expect([...map]).toEqual([["a", 1], ["b", 2], ["c", 3]]);
  expect([map.size, map.has("c"), [...map.keys()].length, [...map.values()].length, completed]).toEqual([3, true, 3, 3, 1]);
});
