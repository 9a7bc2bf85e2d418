import { describe, expect, test } from "vitest";
import { pinFrom, pinsFrom } from "../../../tests/support/pins";
import type { CavityPoint } from "../points";
import type { Adapter } from "../signals";
import { newWorkRows } from "../words";
import { type Decision, deriveLines } from "./lines";
import { newWork } from "./new-work";

const [sink, source, load, feed] = pinsFrom(`
donor C1-1 low-side-out fuel-pump maxAmps=1
donor C1-2 high-side-out cooling-fan maxAmps=1
host Pump-1 load-in fuel-pump amps=7
host FB-3 supply-out battery-supply
`) as [ReturnType<typeof pinsFrom>[number], ...ReturnType<typeof pinsFrom>];
const at = (pin: typeof sink | undefined): CavityPoint => ({
  type: "cavity",
  pinId: pin?.id ?? "",
  side: pin?.side ?? "host",
  connector: pin?.connector ?? "",
  cavity: pin?.cavity ?? "",
});
const relay = (contactFeed: CavityPoint | "ground" | null): Adapter => ({
  type: "relay",
  coilAmps: 0.15,
  coilOhms: 90,
  contactAmps: 30,
  contactFeed,
});
const lines = (provider: typeof sink | undefined, adapters: readonly Adapter[]) => {
  const decision = {
    id: "l",
    providerId: provider?.id ?? "",
    consumerId: load?.id ?? "",
    decision: "accepted",
    verdict: "adapter",
    adapters,
    why: "",
    byHand: true,
    note: "",
  } as unknown as Decision;
  return deriveLines(
    [sink, source, load, feed].flatMap((pin) => pin ?? []),
    [decision],
  ).lines;
};
const terminals = (provider: typeof sink | undefined, contact: CavityPoint | "ground" | null) =>
  Object.fromEntries(
    newWork(lines(provider, [relay(contact)]), []).relays.flatMap(({ pins }) =>
      pins.map(({ terminal, to }) => [terminal, typeof to === "string" ? to : `${to.connector}-${to.cavity}`]),
    ),
  );

describe("what is made new", () => {
  test("a relay worked by an output that sinks has its coil at the contact's feed; one that sources, at ground", () => {
    expect(terminals(sink, at(feed))).toEqual({ 30: "FB-3", 85: "C1-1", 86: "FB-3", 87: "Pump-1" });
    expect(terminals(source, at(feed))).toEqual({ 30: "FB-3", 85: "ground", 86: "C1-2", 87: "Pump-1" });
  });
  test("a feed that nobody has chosen is asked for, and no coil hangs between two grounds", () => {
    expect(terminals(sink, null)).toMatchObject({ 30: "feed-to-choose", 86: "feed-to-choose" });
    expect(terminals(sink, "ground")).toMatchObject({ 30: "ground", 86: "feed-to-choose" });
  });
  test("a fuse stands behind the relay's feed, or behind its provider", () => {
    const withRelay = newWork(lines(sink, [{ type: "fuse", amps: 15 }, relay(at(feed))]), []);
    expect(withRelay.fuses).toMatchObject([{ amps: 15, from: { connector: "FB" }, to: { connector: "Pump" } }]);
    expect(newWork(lines(source, [{ type: "fuse", amps: 5 }]), []).fuses).toMatchObject([
      { amps: 5, from: { connector: "C1", cavity: "2" } },
    ]);
  });
  test("a cavity at which a link and an added wire meet is a splice of three wires", () => {
    const wire = { id: "w", from: at(load), to: at(feed), colour: "RD", sizeMm2: 1, lengthM: 1, stock: "new" };
    expect(newWork(lines(sink, []), [wire]).splices).toMatchObject([
      { at: { connector: "Pump" }, ends: [{ connector: "C1" }, { connector: "FB" }] },
    ]);
    expect(newWork(lines(sink, []), []).splices).toEqual([]);
    // What is not decided is not made.
    expect(
      newWork(
        deriveLines(
          [sink, load].flatMap((pin) => pin ?? []),
          [],
        ).lines,
        [],
      ),
    ).toMatchObject({ relays: [], fuses: [], splices: [] });
  });
});

test("what fills a gap stands on the sheet with who decided it", () => {
  const pin = pinFrom("host IP-2 resistive-in coolant-temperature");
  const work = newWork([], [], [{ pin, way: "second-sender", person: "Robin" }]);
  expect(newWorkRows(work)).toEqual([
    {
      what: "Second sender in the engine, made for IP-2",
      from: "IP-2",
      to: "",
      with: "Coolant temperature; decided by Robin",
    },
  ]);
});
