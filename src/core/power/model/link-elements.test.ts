import { describe, expect, test } from "vitest";
import { NETLIST_FORMAT, type NetElement, type Netlist, Network, readNetlist } from "../../circuit";
import { type Kind, type Params, parseForm } from "../../forms";
import { type CavityFacts, DIODE } from "../../parts";
import { type Adapter, parseAdapter, type WrittenAdapter } from "../../signals";
import type { NetlistKey } from "../../state";
import { BODY, PLUS } from "../nodes";
import { type Around, linkElements } from "./link-elements";

const pin = (kind: Kind, params: Params = {}): CavityFacts => ({
  id: kind,
  connectorId: "C",
  cavity: "1",
  circuit: null,
  colour: null,
  colourBase: null,
  colourTracer: null,
  sizeMm2: 1,
  lengthM: 1,
  description: null,
  form: parseForm(kind, params),
  quantity: null,
  index: null,
  ends: [],
});

interface Bench {
  readonly adapters: readonly WrittenAdapter[];
  readonly from?: CavityFacts;
  readonly to?: CavityFacts;
  /** What is at the two ends beside the link. */
  readonly around?: readonly NetElement[];
  readonly state?: NetlistKey;
}

const SURROUNDINGS: Around = {
  feed: (from) => (from === "ground" ? BODY : from.connector === "FB" ? "permanent feed" : undefined),
  feedAlive: (alive) => (alive === "crank" ? "crank feed" : "run feed"),
  jointOhms: 0.001,
};
const parsed = (written: WrittenAdapter): Adapter =>
  parseAdapter(written, (label) => {
    const [connector = "", cavity = ""] = label.split("-");
    return { type: "cavity", pinId: label, side: "host", connector, cavity };
  });
const resistor = (id: string, a: string, b: string, ohms: number): NetElement => ({ id, type: "resistor", a, b, ohms });
const key = (id: string, b: string, ...closedIn: NetlistKey[]): NetElement => ({
  id,
  type: "switch",
  a: PLUS,
  b,
  closedIn,
  ohms: 0.01,
});

/** A link on a bench: battery, three feeds of the key, whatever stands at its ends. */
function onBench({
  adapters,
  from = pin("supply-out"),
  to = pin("supply-in", { amps: "2" }),
  around = [],
  state = "run",
}: Bench) {
  const link = linkElements(
    "l",
    { node: "from", pin: from },
    { node: "to", pin: to },
    adapters.map(parsed),
    SURROUNDINGS,
    0.002,
  );
  const elements: NetElement[] = [
    { id: "battery", type: "source", a: PLUS, b: BODY, volts: 12, ohms: 0.01 },
    key("permanent", "permanent feed", "off", "accessory", "run", "crank", "running"),
    key("run", "run feed", "run", "running"),
    key("crank", "crank feed", "crank"),
    resistor("leak", "to", BODY, 1e6),
    ...around,
    ...link.elements.map(({ element }) => element),
  ];
  const netlist: Netlist = { format: NETLIST_FORMAT, reference: BODY, state, elements };
  expect(readNetlist(JSON.parse(JSON.stringify(netlist))).ok).toBe(true);
  const built = Network.build(netlist);
  const solved = built.ok ? built.network.solve(state) : built;
  if (!solved.ok) throw new Error(solved.fault.code);
  const { volts, amps, relays } = solved.solution;
  return {
    link,
    relays,
    volts: (node: string) => volts.get(node) as number,
    amps: (id: string) => amps.get(id) as number,
  };
}
const fed = (node = "from") => resistor("fed", PLUS, node, 0.01);
const load = resistor("load", "to", BODY, 10);

describe("a link's adapters on the bench", () => {
  test("copper alone is its joints", () => {
    const { volts, amps } = onBench({ adapters: [], around: [fed(), load] });
    expect(volts("from") - volts("to")).toBeCloseTo(0.002 * amps("link l"), 9);
    expect(amps("link l")).toBeCloseTo(12 / 10.022, 3);
  });
  test("a series resistor takes its share (Ohm)", () => {
    const { volts } = onBench({ adapters: [{ type: "series-resistor", ohms: 20 }], around: [fed(), load] });
    expect(volts("to")).toBeCloseTo((12 * 10) / 30, 2);
  });
  test("a divider gives its ratio, and less under load as its own resistance says", () => {
    const divider: WrittenAdapter = { type: "voltage-divider", upperOhms: 1000, lowerOhms: 500 };
    expect(onBench({ adapters: [divider], around: [fed()] }).volts("to")).toBeCloseTo(4, 2);
    const behind = (1000 * 500) / 1500;
    expect(
      onBench({ adapters: [divider], around: [fed(), resistor("input", "to", BODY, 1000)] }).volts("to"),
    ).toBeCloseTo((4 * 1000) / (1000 + behind), 2);
  });
  test("a pull-up lifts an open driver's line to the run feed, and the driver pulls it down", () => {
    const pulled: Bench = {
      adapters: [{ type: "pull-up", ohms: 1000 }],
      from: pin("low-side-out"),
      to: pin("logic-in"),
    };
    expect(onBench({ ...pulled, around: [resistor("off", "from", BODY, 1e6)] }).volts("to")).toBeGreaterThan(11.9);
    expect(onBench({ ...pulled, around: [resistor("sinks", "from", BODY, 0.5)] }).volts("to")).toBeLessThan(0.01);
  });
  test("a pull-down brings a line that nobody drives to the body", () => {
    expect(
      onBench({ adapters: [{ type: "pull-down", ohms: 1000 }], around: [resistor("stray", PLUS, "from", 1e5)] }).volts(
        "to",
      ),
    ).toBeLessThan(0.2);
  });
  test("a blocking diode lets a feed through and nothing back; for a driver that sinks it stands the other way", () => {
    const diode: WrittenAdapter = { type: "blocking-diode", volts: 50, amps: 3 };
    const forward = onBench({ adapters: [diode], around: [fed(), load] });
    expect(forward.volts("from") - forward.volts("to")).toBeGreaterThan(0.4);
    const back = onBench({
      adapters: [diode],
      around: [resistor("other feed", PLUS, "to", 0.1), resistor("from's load", "from", BODY, 10)],
    });
    expect(back.volts("from")).toBeLessThan(0.01);
    const sink = onBench({
      adapters: [diode],
      from: pin("low-side-out"),
      around: [resistor("sinks", "from", BODY, 0.5), resistor("lamp", PLUS, "to", 50)],
    });
    expect(sink.amps("lamp")).toBeGreaterThan(0.2);
    expect(sink.link.elements[0]?.element).toMatchObject({ ...DIODE, b: "from" });
  });
  test("a fuse is in the way with its own resistance", () => {
    const { amps, link } = onBench({ adapters: [{ type: "fuse", amps: 10 }], around: [fed(), load] });
    expect(amps("link l")).toBeCloseTo(1.2, 1);
    expect(link.elements[0]).toMatchObject({ of: "fuse", element: { type: "fuse", amps: 10, a: "from" } });
  });
  test("a fuse of no stated rating is chosen for what it feeds", () =>
    expect(onBench({ adapters: [{ type: "fuse" }], around: [fed(), load] }).link.elements[0]?.element).toMatchObject({
      amps: 3,
    }));
  test("a flyback diode carries nothing while its coil is driven", () =>
    expect(
      Math.abs(onBench({ adapters: [{ type: "flyback-diode" }], around: [fed(), load] }).amps("link l")),
    ).toBeLessThan(1e-6));
  test("adapters that change a signal leave the two ends apart", () => {
    for (const type of ["can-gateway", "frequency-scaler", "gauge-driver", "igniter"] as const)
      expect(onBench({ adapters: [{ type }], around: [fed()] }).volts("to")).toBeCloseTo(0, 3);
  });
});

describe("relays of a link", () => {
  const relay = (more: Record<string, string | number | null> = {}): WrittenAdapter => ({
    type: "relay",
    coilOhms: 85,
    contactAmps: 20,
    coilAmps: 0.14,
    contactFeed: "FB-1",
    ...more,
  });
  const relayId = (bench: ReturnType<typeof onBench>) =>
    bench.link.elements.find(({ element }) => element.type === "relay")?.element.id ?? "";
  test("its provider works the coil, its contact brings the other feed", () => {
    const on = onBench({ adapters: [relay()], around: [fed(), load] });
    expect(on.relays.get(relayId(on))).toBe("energised");
    expect(on.amps("permanent")).toBeGreaterThan(1.1);
    expect(on.amps("fed")).toBeCloseTo(12 / 85, 2);
    const off = onBench({ adapters: [relay()], around: [resistor("stray", "from", BODY, 100), load] });
    expect(off.relays.get(relayId(off))).toBe("released");
    expect(off.volts("to")).toBeCloseTo(0, 3);
  });
  test("a provider that sinks works the coil from the contact's own feed", () => {
    const on = onBench({
      adapters: [relay()],
      from: pin("low-side-out"),
      around: [resistor("sinks", "from", BODY, 0.5), load],
    });
    expect(on.relays.get(relayId(on))).toBe("energised");
    const off = onBench({
      adapters: [relay()],
      from: pin("low-side-out"),
      around: [resistor("open", "from", BODY, 1e5), load],
    });
    expect(off.relays.get(relayId(off))).toBe("released");
  });
  test("a contact that names no feed gets a fused one of its own, and that is said", () => {
    const { link } = onBench({
      adapters: [relay({ contactFeed: null })],
      to: pin("supply-in", { amps: "8" }),
      around: [fed(), load],
    });
    expect(link.elements.map(({ element }) => element.type)).toEqual(["fuse", "relay"]);
    expect(link.assumed).toEqual([{ code: "fused-feed", amps: 15 }]);
  });
  test("a provider that drops out while cranking is helped by the crank feed, through a diode each", () => {
    const helped: Bench = {
      adapters: [relay()],
      from: pin("supply-out", { alive: "run" }),
      to: pin("supply-in", { alive: "run-crank", amps: "2" }),
      around: [
        resistor("provider", "run feed", "from", 0.01),
        load,
        resistor("bleeds run", "run feed", BODY, 1000),
        resistor("bleeds crank", "crank feed", BODY, 1000),
      ],
    };
    const [run, crank, off] = (["run", "crank", "off"] as const).map((state) => onBench({ ...helped, state })) as [
      ReturnType<typeof onBench>,
      ReturnType<typeof onBench>,
      ReturnType<typeof onBench>,
    ];
    expect([run, crank, off].map((bench) => bench.relays.get(relayId(bench)))).toEqual([
      "energised",
      "energised",
      "released",
    ]);
    expect(crank.volts("run feed")).toBeLessThan(1);
    expect(run.volts("crank feed")).toBeLessThan(1);
  });
  test("a level that works a switch of its own: sinking, sourcing", () => {
    const sinks = onBench({
      adapters: [{ type: "low-side-switch" }],
      around: [fed(), resistor("lamp", PLUS, "to", 100)],
    });
    expect(sinks.amps("lamp")).toBeCloseTo(0.12, 2);
    const sources = onBench({ adapters: [{ type: "high-side-switch" }], around: [fed(), load] });
    expect(sources.volts("to")).toBeGreaterThan(11.5);
    expect(
      onBench({ adapters: [{ type: "high-side-switch" }], around: [resistor("low", "from", BODY, 10), load] }).volts(
        "to",
      ),
    ).toBeCloseTo(0, 3);
  });
});
