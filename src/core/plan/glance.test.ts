import { expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { glanceOf } from "./glance";
import { type Decision, deriveLines } from "./lines";

const PINS = `
  donor C1-1 supply-in ignition-supply amps=2;alive=run
  donor C1-2 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
  donor C1-3 low-side-out malfunction-lamp maxAmps=0.5;clamp=own
  host KEY-15 supply-out ignition-supply maxAmps=12;alive=run
  host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=up
  host IP-2 load-in malfunction-lamp amps=0.1;otherEnd=battery;inductive=no`;
const glance = (decisions: readonly Decision[] = []) => glanceOf(deriveLines(pinsFrom(PINS), decisions).lines);

test("links between two connectors are one band; the busiest connectors come first", () => {
  const { donors, hosts, bands } = glance();
  expect(donors).toEqual([["C1", 3]]);
  expect(hosts).toEqual([
    ["IP", 2],
    ["KEY", 1],
  ]);
  expect(bands.map(({ donor, host, links, state }) => [donor, host, links, state])).toEqual(
    expect.arrayContaining([
      ["C1", "IP", 2, "open"],
      ["C1", "KEY", 1, "open"],
    ]),
  );
});

test("a band stands as its gravest link does, and leads to that one; what is refused is no link", () => {
  const lamp = acceptedLink("donor C1-3", "host IP-2");
  const tacho = acceptedLink("donor C1-2", "host IP-1", { quantity: "engine-speed" });
  const at = (decisions: readonly Decision[]) => glance(decisions).bands.find(({ host }) => host === "IP");
  expect(at([lamp])).toMatchObject({ links: 2, state: "open", lineKey: "donor C1-2>host IP-1" });
  expect(at([lamp, tacho])).toMatchObject({ links: 2, state: "decided" });
  // Decided as an adapter that nothing would propose now.
  const stale = { ...lamp, verdict: "adapter" as const, adapters: [{ type: "fuse" as const, amps: 5 }] };
  expect(at([stale, tacho])).toMatchObject({ state: "trouble", lineKey: "donor C1-3>host IP-2" });
  expect(at([acceptedLink("donor C1-3", "host IP-2", { decision: "refused" })])).toMatchObject({ links: 1 });
});
