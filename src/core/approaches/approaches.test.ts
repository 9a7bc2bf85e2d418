import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import type { BusValueAt } from "../gateway";
import type { GapWay } from "../plan";
import { APPROACHES, bookOf, type Choice, type Compared, harnessesOf, outcomeOf, pinsUnder, STATED } from ".";

const DONOR = `
  donor C1-1 supply-in battery-supply amps=3;alive=permanent
  donor C1-2 reluctor-in crankshaft-position
  donor C1-3 injector-out injector index=1
  donor C1-4 injector-out injector index=2
  donor C1-5 coil-out ignition-coil index=1
  donor C1-6 resistive-in coolant-temperature
  donor C1-7 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
  donor C1-8 can powertrain-data bitrate=500000;terminated=yes
  donor C1-9 serial security-data
  donor C1-10 low-side-out malfunction-lamp maxAmps=0.5;clamp=own
  donor C1-11 spare none
  donor T1-1 can powertrain-data bitrate=500000;terminated=yes
  donor T1-2 low-side-out shift-solenoid maxAmps=2
  donor SEC-1 serial security-data
  donor SEC-2 key-reader none`.replace("key-reader none", "unknown key-reader");
const HOST = `
  host BAT-1 supply-out battery-supply alive=permanent;maxAmps=40
  host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=up
  host IP-2 load-in malfunction-lamp amps=0.2;otherEnd=battery`;
const HOST_COMPUTER = `
  host H1-1 reluctor-in crankshaft-position
  host H1-2 injector-out injector index=1
  host H1-3 injector-out injector index=2
  host H1-4 coil-out ignition-coil index=1`;

const of = (text: string, more: Partial<Compared> = {}): Compared => ({
  pins: pinsFrom(text),
  computers: [],
  decisions: [],
  isKept: () => true,
  chosen: new Map<string, GapWay>(),
  busValues: [],
  relayChoices: new Map(),
  lengthOf: () => null,
  book: bookOf([]),
  ...more,
});
const outcome = (approach: Choice["approach"], lengthens: Choice["lengthens"] = null, compared = of(DONOR + HOST)) =>
  outcomeOf({ approach, lengthens }, compared);
const counts = <K extends string>(groups: Readonly<Record<K, readonly unknown[]>>) =>
  Object.fromEntries(Object.entries<readonly unknown[]>(groups).map(([key, list]) => [key, list.length]));
const workOf = (made: ReturnType<typeof outcome>) =>
  Object.fromEntries(made.work.map(({ key, count }) => [key, count]));

describe("whose connectors are whose", () => {
  test("the engine's computer is told by what it drives, its partner by what it works, and a part's connectors belong together", () => {
    const pins = pinsFrom(`${DONOR}\n  donor C2-1 knock-in knock\n  donor SOCKET-1 can powertrain-data`);
    const known = harnessesOf(pins, [{ side: "donor", connectors: ["C1", "C2"] }]);
    expect([...known.engineComputer.donor].sort()).toEqual(["C1", "C2"]);
    expect([...known.engineComputer.host]).toEqual([]);
    expect([...known.security]).toEqual(["SEC"]);
    expect([...known.partner]).toEqual(["T1"]);
    expect([...harnessesOf(pins, []).engineComputer.donor]).toEqual(["C1"]);
  });

  test.each([
    ["a coil pack", "donor COILS-1 coil-in ignition-coil\n donor COILS-2 coil-in ignition-coil"],
    ["a throttle body that drives itself", "donor T-1 motor-out throttle-motor\n donor T-2 motor-out throttle-motor"],
  ])("%s is no computer", (_, text) => expect(harnessesOf(pinsFrom(text), []).engineComputer.donor.size).toBe(0));
});

describe("the cavities under an approach", () => {
  const pins = pinsFrom(DONOR + HOST);
  const harnesses = harnessesOf(pins, []);
  const under = (approach: Choice["approach"]) =>
    pinsUnder(approach, pins, harnesses).map(({ connector, cavity, form }) => `${connector}-${cavity} ${form.kind}`);

  test("without its security module the donor's line to it is calibrated out; with it, and however they meet, all stays", () => {
    expect(under("donor-computer").filter((one) => /SEC|C1-9/.test(one))).toEqual([]);
    for (const approach of ["paired-security", "plug-in", "merged", "universal"] as const)
      expect(pinsUnder(approach, pins, harnesses)).toBe(pins);
  });

  test("a programmable computer has no bus and no security line, and what it puts out can be set", () => {
    expect(under("programmable").some((one) => /^C1-[89] |SEC/.test(one))).toBe(false);
    const tacho = pinsUnder("programmable", pins, harnesses).find(
      ({ cavity, connector }) => connector === "C1" && cavity === "7",
    );
    expect(tacho?.form).toMatchObject({ kind: "frequency-out", settable: { value: "yes", source: "assumed" } });
    expect(under("programmable")).toContain("T1-2 low-side-out");
    const lamp = pinsFrom(`${DONOR}\n  donor C1-12 low-side-out security-lamp`);
    expect(pinsUnder("programmable", lamp, harnesses).some(({ quantity }) => quantity === "security-lamp")).toBe(false);
  });

  test("the host's computer finds the engine's own parts at the ends of the wires", () => {
    const engine = under("host-computer").filter((one) => one.startsWith("C1"));
    expect(engine).toEqual([
      "C1-2 reluctor-out",
      "C1-3 injector-in",
      "C1-4 injector-in",
      "C1-5 coil-in",
      "C1-6 resistive-out",
    ]);
    const mode = pinsFrom(`${DONOR}\n  donor C1-12 logic-in shift-mode`);
    const kinds = pinsUnder("host-computer", mode, harnesses).filter(({ quantity }) => quantity === "shift-mode");
    expect(kinds.map(({ form }) => form.kind)).toEqual(["switch-out"]);
  });
});

describe("an outcome", () => {
  test("an approach without a computer to keep is named, and nothing is counted", () => {
    expect(outcome("host-computer")).toMatchObject({
      cannot: "no-engine-computer-of-host",
      work: [],
      wires: 0,
      minutes: 0,
      risks: [],
    });
    expect(outcome("donor-computer", null, of(HOST)).cannot).toBe("no-engine-computer-of-donor");
    const settable = DONOR.replace("maxAmps=0.5;clamp=own", "maxAmps=0.5;clamp=own;settable=yes");
    expect(outcome("paired-security", null, of(settable + HOST)).cannot).toBe("donor-is-programmable");
    expect(workOf(outcome("programmable", null, of(settable + HOST)))).not.toHaveProperty("programmable-computer");
    expect(outcome("host-computer", null, of(DONOR + HOST + HOST_COMPUTER)).cannot).toBeNull();
  });

  test("links are counted by how they cross, functions by how they end", () => {
    const made = outcome("paired-security");
    expect(counts(made.links)).toEqual({ direct: 3, adapted: 0, gateway: 0, impossible: 0, unknown: 0 });
    const unclear = of((DONOR + HOST).replace("pulsesPerRev=2;pull=up", "pull=up"));
    expect(counts(outcome("paired-security", null, unclear).links)).toMatchObject({ direct: 2, unknown: 1 });
    expect(outcome("paired-security", null, unclear).functions.unknown.map(({ key }) => key)).toEqual(["tachometer"]);
    expect(outcome("paired-security", null, unclear).risks).toContainEqual({ code: "facts-missing", links: 1 });
  });

  test("what is lived without is lost in the body, and a lamp where a computer misses it", () => {
    const text = `${DONOR}\n  donor C1-12 logic-in brake-switch active=high${HOST}\n  host IP-3 resistive-in fuel-level`;
    const alone = of(text, {
      chosen: new Map<string, GapWay>([
        ["donor C1-12", "without"],
        ["host IP-3", "without"],
      ]),
    });
    const { functions } = outcome("paired-security", null, alone);
    expect(functions.lamp.map(({ key }) => key)).toEqual(["brake-lamps"]);
    expect(functions.lost.map(({ key }) => key)).toEqual(["fuel-gauge"]);
    const filled = outcome("paired-security", null, of(text));
    expect(filled.functions.lamp).toEqual([]);
    expect(filled.fills.map(({ gap, way }) => [gap.pin.id, way])).toContainEqual(["host IP-3", "second-sender"]);
    expect(workOf(filled)).toMatchObject({ "gap-second-sender": 1, "gap-fit-switch": 1 });
  });

  test("what a gateway gives counts with it, once; without the donor's bus it is lost", () => {
    const value = (side: "donor" | "host", name: string): BusValueAt => ({
      id: name,
      side,
      pinId: side === "donor" ? "donor C1-8" : "host IP-9",
      message: "M",
      frame: 1,
      extended: false,
      name,
      quantity: "oil-pressure",
      unit: "kPa",
      factor: 1,
      shift: 0,
      low: null,
      high: null,
      periodMs: null,
    });
    const buses = of(`${DONOR}${HOST}\n  host IP-9 can body-data bitrate=500000`, {
      busValues: [value("donor", "P"), value("host", "OilP")],
    });
    const kept = outcome("paired-security", null, buses);
    expect(kept.relays.map(({ id }) => id)).toEqual(["OilP"]);
    expect(kept.functions.whole.map(({ key }) => key)).toContain("oil-warning");
    const gateways = (made: typeof kept) =>
      made.work.filter(({ key }) => key.includes("gateway")).map(({ count }) => count);
    expect(gateways(kept)).toEqual([1]);
    expect(gateways(outcome("paired-security"))).toEqual([]);
    expect(outcome("programmable", null, buses).functions.lost.map(({ key }) => key)).toContain("oil-warning");
  });

  test("a gearbox that loses the computer it talks to is not said to work", () => {
    expect(outcome("programmable").risks).toContainEqual({ code: "partner-alone", connectors: ["T1"] });
    expect(outcome("programmable").functions.whole.map(({ key }) => key)).not.toContain("transmission");
    expect(outcome("paired-security").risks.map(({ code }) => code)).toEqual(["module-and-keys", "reach-taken"]);
  });

  test("the account adds up by hand: three wires, joined once each, made longer by 2 m at the body", () => {
    const compared = of(DONOR + HOST, {
      book: bookOf([
        { id: "reach", minutes: 3, money: 2, amount: 2 },
        { id: "labour", minutes: null, money: 90, amount: null },
        { id: "joint", minutes: 5, money: 1, amount: null },
        { id: "boat", minutes: 1000, money: 1000, amount: null },
      ]),
    });
    const near = outcome("donor-computer", null, compared);
    expect(near).toMatchObject({ wires: 3, joints: 3, metres: 0, assumedLengths: 0 });
    // Two sensors of the engine stand in no table.
    expect(workOf(near)).toEqual({ link: 3, joint: 3, "security-calibration": 1, "gap-own-sensor": 2 });
    // 3 × 6 + 3 × 5 + 90 + 2 × 30 minutes; 3 × 0.5 + 3 × 1 + 250 + 2 × 30.
    expect(near).toMatchObject({ minutes: 183, partsMoney: 314.5, labourMoney: (183 / 60) * 90 });
    const body = outcome("donor-computer", "body", compared);
    expect(body).toMatchObject({ wires: 3, joints: 6, metres: 6, assumedLengths: 3 });
    // Three wires made longer at 6 minutes, three joints more, and 6 m at 3 minutes.
    expect(body.minutes - near.minutes).toBe(3 * 6 + 3 * 5 + 6 * 3);
    expect(body.partsMoney - near.partsMoney).toBeCloseTo(3 * 0.5 + 3 * 1 + 6 * 2, 9);
  });

  test("the engine's wires are cut and joined twice, screened ones named; a moved computer is a place and a question", () => {
    const engine = outcome("paired-security", "engine");
    // All of C1 but its feed and the cavity that is spare.
    expect(workOf(engine)).toMatchObject({ "lengthened-wire": 9, joint: 3 + 18, reach: 13.5 });
    expect(engine.risks).toContainEqual({ code: "screened-lengthened", cavities: ["C1-2"] });
    const moved = outcome("paired-security", "computer");
    expect(workOf(moved)).toMatchObject({ "computer-place": 1 });
    expect(moved.risks).toContainEqual({ code: "reach-unmeasured", wires: 9 });
  });

  test("how harnesses meet: terminals and connectors, joints, or everything anew with the lengths of the tables", () => {
    expect(workOf(outcome("plug-in"))).toMatchObject({ "interface-box": 1, "interface-connector": 3, terminal: 6 });
    expect(outcome("plug-in").joints).toBe(0);
    // Without anti-theft parts in the table there are none to fit.
    const plain = of((DONOR + HOST).replace(/.*(security-data|key-reader).*\n?/g, ""));
    expect(workOf(outcome("plug-in", null, plain))).not.toHaveProperty("security-parts");
    expect(workOf(outcome("plug-in"))).toHaveProperty("security-parts");
    expect(workOf(outcome("merged"))).toMatchObject({ "opened-connector": 3, joint: 3 });
    const known = of(DONOR + HOST, { lengthOf: (id) => (id === "host IP-1" ? null : 2) });
    const all = outcome("universal", null, known);
    // 14 of the donor's cavities and 3 of the host's are wired, but for what nobody knows; one length is assumed.
    const wired = known.pins.filter(({ form }) => form.kind !== "spare" && form.kind !== "unknown").length;
    expect(all).toMatchObject({ metres: 2 * (wired - 1) + 1.5, assumedLengths: 1 });
    expect(workOf(all)).toMatchObject({ "new-wire": wired, terminal: wired, "new-fuse-box": 1 });
  });

  test("what a person decided stands under another approach where both cavities are the same", () => {
    const [feed] = outcome("paired-security").links.direct;
    const refused = {
      id: "x",
      providerId: "host BAT-1",
      consumerId: "donor C1-1",
      quantity: "battery-supply" as const,
      decision: "refused" as const,
      verdict: "direct" as const,
      adapters: [],
      why: "",
      byHand: false,
      note: "",
    };
    expect(feed?.consumer.id).toBe("donor C1-1");
    const compared = of(DONOR + HOST, { decisions: [refused] });
    for (const approach of ["paired-security", "programmable"] as const)
      expect(counts(outcome(approach, null, compared).links)).toMatchObject({ direct: 2 });
    // What a programmable computer puts out at the tachometer is another output: a wire that was accepted for the old one says nothing.
    const tacho = { ...refused, providerId: "donor C1-7", consumerId: "host IP-1", decision: "accepted" as const };
    const states = (approach: Choice["approach"]) =>
      outcome(approach, null, of(DONOR + HOST, { decisions: [tacho] })).links.direct.map(({ state }) => state);
    expect(states("paired-security")).toContain("decided");
    expect(states("programmable")).not.toContain("decided");
  });

  test("its total is its lines' total, whichever it is", () => {
    for (const approach of APPROACHES)
      for (const lengthens of [null, "body", "engine", "computer"] as const) {
        const made = outcome(approach, lengthens, of(DONOR + HOST + HOST_COMPUTER));
        const byHand = made.work.reduce<[number, number]>(
          ([minutes, parts], { key, count }) => [
            minutes + count * STATED[key].minutes,
            parts + count * STATED[key].money,
          ],
          [0, 0],
        );
        expect([made.minutes, made.partsMoney]).toEqual([expect.closeTo(byHand[0], 9), expect.closeTo(byHand[1], 9)]);
        expect(made.joints).toBe(made.work.find(({ key }) => key === "joint")?.count ?? 0);
        expect(made.metres).toBeCloseTo(made.work.find(({ key }) => key === "reach")?.count ?? 0, 9);
      }
  });
});
