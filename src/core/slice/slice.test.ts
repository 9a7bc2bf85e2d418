import { describe, expect, test } from "vitest";
import { added, facts, harness, randoms } from "../../../tests/support/harness";
import { flows, stopsOneByOne } from "../../../tests/support/plain-slicer";
import { FUNCTIONS } from "../functions";
import { buildHarness, type Harness } from "../harness";
import { pathText, pointText, stopText, wireText } from "../words";
import { consequencesOf, otherFeeds, pathPoints, pathsThrough, sliceHarness, stopsWithout } from "./index";

const ALL = new Set(FUNCTIONS.map((one) => one.key));
const slice = (built: Harness, kept: ReadonlySet<string> = ALL) => sliceHarness(built, kept);
const classes = (built: Harness, kept?: ReadonlySet<string>) =>
  Object.fromEntries(slice(built, kept).uses.map((use) => [use.wire.id.slice(5), use.class]));

/** A horn through its relay and a brake lamp, on one fused feed and one ground. */
const HORN = `
host Battery-+ 1 supply-out battery-supply
host Battery-- 2 ground ground
host G1-1 2 ground ground
host FB-9 1 supply-in battery-supply alive=permanent
host FB-1 10 supply-out battery-supply alive=permanent
host Horn_relay-30 10 supply-in battery-supply
host Horn_relay-86 10 supply-in battery-supply
host Horn_relay-85 11 load-in horn
host Horn_relay-87 12 supply-out horn
host Horn-1 12 load-in horn
host Horn-2 13 ground ground
host Horn_push-1 11 switch-out horn to=ground
host Brake_light_switch-1 10 supply-in battery-supply
host Brake_light_switch-2 14 switch-out brake-switch to=battery
host Brake_lamp_left-1 14 load-in lighting
host Brake_lamp_left-2 13 ground ground
host Spare-1 20 spare -
host Spare-2 20 spare -
host G2-1 13 ground ground`;

describe("what no function needs", () => {
  /** A fuse way and what it feeds, a load with nothing at its other end, and a wire between two empty cavities. */
  const built = harness(`
host Battery-+ 1 supply-out battery-supply
host Battery-- 2 ground ground
host FB-9 1 supply-in battery-supply alive=permanent
host FB-1 10 supply-out battery-supply alive=permanent
host Cigar_lighter-1 10 load-in -
host Cigar_lighter-2 2 ground ground
host Old-1 20 spare -
host Old-2 20 spare -`);
  test("is free where current could flow through it: two places to go are enough", () =>
    expect(classes(built, new Set())).toMatchObject({ "FB-1": "free" }));
  test("and dead where there is no place, or one alone", () =>
    expect(classes(built, new Set())).toMatchObject({ "Old-1": "dead" }));
});

describe("block, body and battery", () => {
  /** A starter bolted to the engine, and what may lead back from its block to the body. */
  const started = (
    straps: Readonly<Record<string, number>>,
    more: { readonly cavities?: string; readonly wires?: readonly ReturnType<typeof added>[] } = {},
  ) =>
    harness(
      `
host Battery-+ 1 supply-out battery-supply RD 25mm 0.5m
host Battery-- 2 ground ground BK 25mm 0.5m role=power
host Body_stud-1 2 ground ground BK 25mm 0.5m role=power
host Starter-30 1 supply-in start-supply RD 25mm 1m amps=150
host Key-30 1 supply-in battery-supply RD 4mm 1m
host Key-50 3 supply-out starter-request WH 2.5mm 1m alive=crank
host Starter-50 3 load-in starter-request WH 2.5mm 1m otherEnd=ground
donor Engine_ground-1 - ground ground BK 16mm 0.5m${more.cavities ?? ""}`,
      {
        wires: [
          ...Object.entries(straps).map(([id, sizeMm2]) => added(id, "Engine ground-1", "Body stud-1", { sizeMm2 })),
          ...(more.wires ?? []),
        ],
      },
    );
  const starting = new Set(["starting"]);
  const straps = (built: Harness) =>
    slice(built, starting).uses.flatMap(({ wire, by, sole }) => (wire.id.startsWith("wire:strap") ? [[by, sole]] : []));
  const stops = (built: Harness, ...gone: string[]) =>
    new Set(
      stopsWithout(built, slice(built, starting), new Set(gone.map((id) => `wire:${id}`)), starting).map(
        ({ purpose }) => purpose,
      ),
    );
  test("the strap between block and body is needed to start, and without it the starter has no way back", () => {
    const built = started({ strap: 16 });
    expect(straps(built)).toEqual([[["starting"], ["starting"]]]);
    expect(stops(built)).toEqual(new Set());
    expect(stops(built, "strap")).toEqual(new Set(["return"]));
  });
  test("of two straps each is needed and has a second way", () => {
    const built = started({ "strap 1": 16, "strap 2": 25 });
    expect(straps(built)).toEqual([
      [["starting"], []],
      [["starting"], []],
    ]);
    expect(stops(built, "strap 1")).toEqual(new Set());
    expect(stops(built, "strap 1", "strap 2")).toEqual(new Set(["return"]));
  });
  test("where the tables show none, nothing stops for want of it; a thin wire is none", () => {
    // It lies beside the bolt of the body's stud, and is a second way for that alone.
    expect(straps(started({ strap: 4 }))).toEqual([[["starting"], []]]);
    expect(stops(started({}))).toEqual(new Set());
    expect(stops(started({ strap: 4 }), "strap")).toEqual(new Set());
  });
  test("a computer's thin grounds and two contacts to their cases are no second way back", () => {
    const thin = [
      added("ground", "Engine ground-2", "ECU-1", { sizeMm2: 1 }),
      added("link", "ECU-1", "Body stud-1", { sizeMm2: 1 }),
      added("lamp", "Oil pressure switch-1", "Old oil switch-1", { sizeMm2: 1 }),
    ];
    const cavities = `
donor Engine_ground-2 - ground ground BK 1mm 0.5m
donor ECU-1 - ground ground BK 1mm 1m role=power
donor Oil_pressure_switch-1 - switch-out oil-pressure-warning GN 1mm 1m to=ground
host Old_oil_switch-1 - switch-out oil-pressure-warning GN 1mm 1m to=ground`;
    const built = started({ strap: 16 }, { cavities, wires: thin });
    expect(straps(built)).toEqual([[["starting"], ["starting"]]]);
    expect(stops(built, "strap")).toEqual(new Set(["return"]));
    const lamp = slice(built, new Set(["starting"])).uses.find(({ wire }) => wire.id === "wire:lamp");
    expect(lamp?.by).toEqual([]);
  });
  test("nor are a computer's grounds where they are thick: they are one inside, and no strap goes through a computer", () => {
    const built = started(
      { strap: 16 },
      {
        cavities: `
donor Engine_ground-2 - ground ground BK 6mm 0.5m
donor Engine_computer-1 - ground ground BK 6mm 1m role=power
donor Engine_computer-2 - ground ground BK 6mm 1m role=power
donor Engine_computer-3 - supply-in ignition-supply RD 1mm 1m amps=4`,
        wires: [
          added("one", "Engine ground-2", "Engine computer-1", { sizeMm2: 6 }),
          added("two", "Engine computer-2", "Body stud-1", { sizeMm2: 6 }),
        ],
      },
    );
    expect(stops(built, "strap")).toEqual(new Set(["return"]));
  });
  test("a strap that becomes the last one is told before the other is cut", () => {
    const built = started({ "strap 1": 16, "strap 2": 25 });
    const told = consequencesOf(built, slice(built, starting), new Set(["wire:strap 1"]), new Set(), starting);
    expect(told.lastWays).toEqual([{ wireId: "wire:strap 2", functionKey: "starting" }]);
    expect(told.stops).toEqual([]);
  });
});

describe("what a wire is needed for", () => {
  test("a relay's contact needs its coil, the coil its switch; what both functions pass is shared", () => {
    const built = harness(HORN);
    const by = Object.fromEntries(slice(built).uses.map((use) => [use.wire.id.slice(5), use.by]));
    expect(by["Horn relay-85"]).toEqual(["horn"]);
    expect(by["Horn relay-86"]).toEqual(["horn"]);
    expect(by["Horn relay-30"]).toEqual(["horn"]);
    expect(by["Brake light switch-1"]).toContain("brake-lamps");
    expect(by["FB-1"]).toEqual(expect.arrayContaining(["horn", "brake-lamps"]));
    expect(by["Battery-+"]).toEqual(expect.arrayContaining(["horn", "brake-lamps"]));
    expect(by["Horn-2"]).toEqual(["horn"]);
    expect(by["G2-1"]).toEqual(expect.arrayContaining(["horn", "brake-lamps"]));
  });
  test("kept alone, a function leaves the other's wires free and its own share needed", () => {
    expect(classes(harness(HORN), new Set(["horn"]))).toMatchObject({
      "Brake light switch-1": "free",
      "Brake light switch-2": "free",
      "FB-1": "needed",
      "Horn relay-85": "needed",
      "Spare-1": "dead",
    });
  });
  test("it goes by current and not by name: the horn's own ground, moved to another circuit, is no longer shared", () => {
    const built = harness(HORN.replace("Horn-2 13", "Horn-2 30").concat("\nhost G3-1 30 ground ground"));
    const by = Object.fromEntries(slice(built).uses.map((use) => [use.wire.id.slice(5), use.by]));
    expect(by["Brake lamp left-2"]).not.toContain("horn");
    expect(by["Horn-2"]).toEqual(["horn"]);
  });
  test("a cavity that nobody knows keeps its wire from being called free", () => {
    expect(classes(harness("host A-1 5 unknown -\nhost B-1 5 unknown -"))).toEqual({ "A-1": "unknown" });
  });
  test("an output that sinks needs its computer's feed and ground; grounds with ends not shown stay needed", () => {
    const built = harness(`
donor Fuel_pump-1 8 supply-in relay-supply
donor Fuel_pump-2 9 load-in fuel-pump
donor Engine_computer-1 9 low-side-out fuel-pump
donor Engine_computer-2 20 supply-in battery-supply alive=permanent
donor Engine_computer-3 21 ground ground role=power
donor Engine_computer-4 22 ground ground role=power
donor Engine_computer-5 23 analogue-in knock`);
    expect(classes(built, new Set(["fuel-pump"]))).toEqual({
      "Fuel pump-1": "needed",
      "Fuel pump-2": "needed",
      "Engine computer-2": "needed",
      "Engine computer-3": "needed",
      "Engine computer-4": "needed",
      "Engine computer-5": "free",
    });
  });
  test("a decided link carries a donor's feed from the host's battery", () => {
    const built = harness(
      "host Battery-+ 1 supply-out battery-supply\nhost FB-9 1 supply-in battery-supply alive=permanent\nhost FB-2 4 supply-out battery-supply alive=permanent\ndonor Injector-1 7 supply-in relay-supply\ndonor Injector-2 8 injector-in injector",
      { joins: [{ id: "l", fromPinId: "FB-2", toPinId: "Injector-1" }] },
    );
    const by = Object.fromEntries(slice(built).uses.map((use) => [use.wire.id.slice(5), use.by]));
    expect(by["FB-2"]).toEqual(["engine-running"]);
    expect(by["Battery-+"]).toEqual(["engine-running"]);
  });
  test("the host's own provider is let go once a link serves its consumer", () => {
    const text =
      "host Coil-- 20 frequency-out engine-speed\nhost Instruments-1 20 frequency-in engine-speed\ndonor Computer-1 30 frequency-out engine-speed";
    const before = Object.fromEntries(slice(harness(text)).uses.map((use) => [use.wire.id, use.by.length]));
    expect(before["wire:Coil--"]).toBe(1);
    const linked = slice(harness(text, { joins: [{ id: "l", fromPinId: "Computer-1", toPinId: "Instruments-1" }] }));
    expect(linked.uses.find((use) => use.wire.id === "wire:Computer-1")?.by).toEqual(["tachometer"]);
  });
  test("with the tachometer on the donor's computer the old coil and its breaker go, and the old oil switch with its lamp's", () => {
    const text = `host IP-1 20 frequency-in engine-speed
host Coil-1 20 frequency-out engine-speed
host Distributor-1 20 switch-out ignition-coil to=ground
host IP-4 5 load-in oil-pressure-warning amps=0.2 otherEnd=battery
host Oil_switch-1 5 switch-out oil-pressure-warning to=ground
donor ECU-1 30 frequency-out engine-speed
donor Oil_pressure_switch-1 31 switch-out oil-pressure-warning to=ground`;
    const kept = new Set(["tachometer", "oil-warning"]);
    const by = (joins: NonNullable<Parameters<typeof harness>[1]>["joins"]) =>
      Object.fromEntries(
        slice(harness(text, { joins: joins ?? [] }), kept).uses.map((use) => [use.wire.id.slice(5), use.by]),
      );
    expect(by([])).toMatchObject({ "Coil-1": ["tachometer"], "IP-4": ["oil-warning"] });
    const linked = by([
      { id: "rev", fromPinId: "ECU-1", toPinId: "IP-1" },
      { id: "oil", fromPinId: "Oil pressure switch-1", toPinId: "IP-4" },
    ]);
    expect(linked).toMatchObject({ "Coil-1": [], "Distributor-1": [], "IP-4": [] });
    expect(linked).toMatchObject({ "ECU-1": ["tachometer"], "Oil pressure switch-1": ["oil-warning"] });
  });
  test("airbag, anti-lock and steering circuits are marked; a ground that they share marks only their own lead", () => {
    const uses = slice(
      harness(
        'host Airbag_module-1 1 load-in airbag\nhost Airbag_module-2 2 ground ground\nhost Lamp-1 2 ground ground\nhost G1-1 2 ground ground\nhost Wheel-1 3 analogue-out wheel-speed\nhost Column-1 4 analogue-out other "steering angle"',
      ),
    ).uses;
    expect(Object.fromEntries(uses.map((use) => [use.wire.id.slice(5), use.mark]))).toEqual({
      "Airbag module-1": "airbag",
      "Airbag module-2": "airbag",
      "Lamp-1": null,
      "G1-1": null,
      "Wheel-1": "anti-lock",
      "Column-1": "steering",
    });
  });
  test("the path is shown from the battery through the wire", () => {
    const built = harness(HORN);
    const done = slice(built);
    const wire = built.wires.find((one) => one.id === "wire:Brake light switch-2");
    const path = pathsThrough(built, done, wire?.edge as number).find((one) => one.functionKey === "brake-lamps");
    expect(pathText(pathPoints(built, path?.legs ?? []))).toBe(
      "battery positive → FB-9 → FB-1 → splice 10 → Brake light switch-1 → Brake light switch-2 → Brake lamp left-1 → Brake lamp left-2 → splice 13 → G2-1 → body → G1-1 → Battery negative",
    );
    const ground = built.wires.find((one) => one.id === "wire:Horn-2");
    const back = pathsThrough(built, done, ground?.edge as number).find((one) => one.functionKey === "horn");
    expect(pathText(pathPoints(built, back?.legs ?? []))).toMatch(
      /^battery positive → .*Horn-1 → Horn-2 → splice 13 → .*attery negative$/,
    );
  });
});

describe("what a cut would do", () => {
  const cut = (built: Harness, ids: string[], gone: string[] = [], kept: ReadonlySet<string> = ALL) =>
    consequencesOf(
      built,
      slice(built, kept),
      new Set(ids.map((id) => `wire:${id}`)),
      new Set(gone.map((id) => `wire:${id}`)),
      kept,
    );
  test("what stops is named with what is left without", () => {
    const told = cut(harness(HORN), ["Brake light switch-1"]);
    expect(new Set(told.stops.map((stop) => stop.functionKey))).toEqual(new Set(["brake-lamps", "lights"]));
    expect(told.stops.map((stop) => stopText(stop))).toContain("Brake lamp left-1 has no feed");
  });
  test("a function that is not kept stops nothing", () =>
    expect(cut(harness(HORN), ["Brake light switch-1"], [], new Set(["horn"])).stops).toEqual([]));
  test("what else is connected to the splice is listed with who needs it", () => {
    const [splice] = cut(harness(HORN), ["Brake light switch-1"]).connected;
    expect(splice).toMatchObject({ at: { type: "splice", circuit: "10" } });
    expect(splice?.wires.map((wire) => wireText(wire.ends)).toSorted()).toEqual([
      "FB-1 to splice 10",
      "Horn relay-30 to splice 10",
      "Horn relay-86 to splice 10",
    ]);
  });
  test("connectors without a wire left are named, an earlier cut counted", () => {
    expect(cut(harness(HORN), ["Horn-2"], ["Horn relay-87"]).emptied).toEqual(["Horn"]);
  });
  test("copper: by size, with what nobody measured told apart", () => {
    expect(cut(harness("host A-1 1 unknown - RD 2mm 3m\nhost A-2 2 unknown - RD 2mm"), ["A-1", "A-2"]).copper).toEqual([
      { sizeMm2: 2, wires: 2, lengthM: 3, kg: expect.closeTo(0.05376, 6), unmeasured: 1 },
    ]);
  });

  const TWO_GROUNDS =
    "host Battery-+ 1 supply-out battery-supply\nhost Battery-- 2 ground ground\nhost G0-1 2 ground ground\nhost Horn-1 1 load-in horn\nhost Horn-2 5 ground ground\nhost G1-1 5 ground ground\nhost G2-1 5 ground ground";
  test("of two grounds either may go, then the other becomes the last way, and cutting it too stops the horn because of the first", () => {
    const built = harness(TWO_GROUNDS);
    const first = cut(built, ["G1-1"]);
    expect(first.stops).toEqual([]);
    expect(first.lastWays).toEqual([{ wireId: "wire:G2-1", functionKey: "horn" }]);
    const second = cut(built, ["G2-1"], ["G1-1"]);
    expect(second.stops.map((stop) => stopText(stop))).toEqual(["Horn-2 has no ground"]);
    expect(second.earlier).toEqual(["wire:G1-1"]);
  });
  test("other feeds: those that still live, spare ways first; other grounds for a ground", () => {
    const built = harness(
      HORN.replace(
        "host Spare-1 20 spare -",
        'host FB-2 40 supply-out battery-supply alive=permanent "spare way"\nhost Spare-1 20 spare -',
      ),
    );
    const gone = new Set(["wire:FB-1"]);
    expect(otherFeeds(built, { purpose: "feed" }, gone).map((feed) => pointText(feed.at))).toEqual([
      "FB-2",
      "Battery positive",
    ]);
    expect(otherFeeds(built, { purpose: "return" }, gone).map((feed) => pointText(feed.at))).toEqual(
      expect.arrayContaining(["G1-1", "G2-1"]),
    );
    expect(otherFeeds(built, { purpose: "signal" }, gone)).toEqual([]);
  });
  test("fed from elsewhere, the cut stops nothing any more", () => {
    const base = HORN.replace(
      "host Spare-1 20 spare -",
      "host FB-2 40 supply-out battery-supply alive=permanent\nhost Spare-1 20 spare -",
    );
    expect(cut(harness(base), ["Brake light switch-1"]).stops.length).toBeGreaterThan(0);
    expect(
      cut(harness(base, { wires: [added("w", "FB-2", "Brake light switch-1")] }), ["Brake light switch-1"]).stops,
    ).toEqual([]);
  });
});

/** A random but possible harness: a battery, fuses, relays, switches, lamps, splices and shared grounds. */
function randomHarness(seed: number): Harness {
  const random = randoms(seed);
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const lines = [
    "host Battery-+ 1 supply-out battery-supply",
    "host Battery-- 2 ground ground",
    "host G0-1 2 ground ground",
    "host FB-9 1 supply-in battery-supply alive=permanent",
  ];
  const grounds = ["60", "61", "62"];
  for (const circuit of grounds) lines.push(`host G${circuit}-1 ${circuit} ground ground`);
  for (let way = 1; way <= 4; way++) lines.push(`host FB-${way} ${10 + way} supply-out battery-supply alive=permanent`);
  const feeds = ["11", "12", "13", "14"];
  const quantities = ["horn", "wiper", "lighting", "window", "demister", "audio", "washer"];
  for (let one = 0; one < 8; one++) {
    const circuit = `${100 + one}`;
    const quantity = pick(quantities);
    lines.push(
      `host Switch_switch${one}-1 ${pick(feeds)} supply-in battery-supply`,
      `host Switch_switch${one}-2 ${circuit} switch-out ${quantity}`,
    );
    if (random() < 0.4) {
      lines.push(
        `host relay${one}_relay-86 ${circuit} load-in other`,
        `host relay${one}_relay-85 ${pick(grounds)} ground ground`,
        `host relay${one}_relay-30 ${pick(feeds)} supply-in battery-supply`,
        `host relay${one}_relay-87 2${circuit} supply-out ${quantity}`,
        `host Lamp_lamp${one}-1 2${circuit} load-in ${quantity}`,
      );
    } else lines.push(`host Lamp_lamp${one}-1 ${circuit} load-in ${quantity}`);
    lines.push(`host Lamp_lamp${one}-2 ${pick(grounds)} ground ground`);
    if (random() < 0.3) lines.push(`host Lamp_lamp${one}-3 ${pick(grounds)} ground ground`);
  }
  const pins = lines.map((line) => (line.split(" ")[1] as string).replaceAll("_", " "));
  const wires = Array.from({ length: 2 }, (_, at) => added(`x${at}`, pick(pins), pick(pins))).filter(
    (wire) => wire.fromPinId !== wire.toPinId,
  );
  return buildHarness(facts(lines.join("\n"), { wires }));
}

describe("the fast slicer and the slow one agree on random harnesses", () => {
  test.each(Array.from({ length: 25 }, (_, seed) => seed))("seed %i", (seed) => {
    const built = randomHarness(seed);
    const done = slice(built);
    expect(done.needs.length).toBeGreaterThan(1);
    const slow = stopsOneByOne(built, done);
    for (const need of done.needs) {
      // Taken out alone, a wire stops the function exactly where the fast one says that there is no other way.
      const sole = new Set(done.uses.filter((use) => use.sole.includes(need.def.key)).map((use) => use.wire.id));
      expect(sole, need.def.key).toEqual(slow.get(need.def.key));
    }
    // Pairs of cuts: what the consequences tell is what a search finds.
    const random = randoms(seed + 1000);
    for (let run = 0; run < 12; run++) {
      const [one, two] = [0, 0].map(() => built.wires[Math.floor(random() * built.wires.length)]) as [
        (typeof built.wires)[number],
        (typeof built.wires)[number],
      ];
      const told = new Set(stopsWithout(built, done, new Set([one.id, two.id]), ALL).map((stop) => stop.functionKey));
      const searched = new Set(
        done.needs
          .filter((need) => need.demands.some((demand) => !flows(built, demand, new Set([one.edge, two.edge]))))
          .map((need) => need.def.key),
      );
      expect(told).toEqual(searched);
    }
  });
  test("a wire that no function needs stops nothing when all such wires go at once", () => {
    for (let seed = 0; seed < 25; seed++) {
      const built = randomHarness(seed);
      const done = slice(built);
      const free = new Set(done.uses.filter((use) => use.by.length === 0).map((use) => use.wire.id));
      expect(stopsWithout(built, done, free, ALL)).toEqual([]);
    }
  });
});
