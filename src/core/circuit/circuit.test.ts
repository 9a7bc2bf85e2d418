import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { Network, readNetlist } from "./index";

const reference = (name: string) => JSON.parse(readFileSync(`tests/reference/circuit/${name}.json`, "utf8"));

describe("cases with known answers, from an independent simulator", () => {
  test.each(["ladder", "rectifier", "feed-and-ground", "relay-lamp", "small-vehicle-crank"])("%s", (name) => {
    const read = readNetlist(reference(name));
    if (!read.ok) throw new Error(read.fault.message);
    const built = Network.build(read.netlist);
    if (!built.ok) throw new Error(built.fault.message);
    const result = built.network.solve(read.netlist.state);
    if (!result.ok) throw new Error(result.fault.message);
    const expected = reference(`${name}.expected`);
    const { solution } = result;
    for (const [node, volts] of Object.entries(expected.volts as Record<string, number | null>)) {
      const ours = solution.volts.get(node);
      if (volts === null) expect(ours, node).toBeNull();
      else expect(Math.abs((ours as number) - volts), `${node}: ${ours} for ${volts}`).toBeLessThan(Math.max(1e-6, 1e-6 * Math.abs(volts)));
    }
    for (const [id, amps] of Object.entries(expected.amps as Record<string, number>)) expect(Math.abs((solution.amps.get(id) as number) - amps), `${id}: ${solution.amps.get(id)} for ${amps}`).toBeLessThan(Math.max(1e-8, 1e-5 * Math.abs(amps)));
    expect(Object.fromEntries(solution.relays)).toEqual(expected.relays);
    expect(solution.floating.flat().toSorted()).toEqual((expected.floating as string[]).flat().toSorted());
    expect(solution.findings.map((finding) => finding.code).toSorted()).toEqual((expected.findings as { code: string }[]).map((finding) => finding.code).toSorted());
  });
});
