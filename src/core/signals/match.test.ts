import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pinFrom, pinsFrom } from "../../../tests/support/pins";
import { cavityLabel as label, unmatchedText } from "../words";
import { matchSignals, optionsBetween, type SignalPin, saidOf } from "./index";

const summary = (pins: readonly SignalPin[]) =>
  matchSignals(pins).links.map(
    ({ provider, consumer, options }) => `${label(provider)} > ${label(consumer)} ${options[0].verdict}`,
  );
const reasons = (pins: readonly SignalPin[]) =>
  Object.fromEntries(matchSignals(pins).unmatched.map(({ pin, reason }) => [label(pin), unmatchedText(reason, pin)]));

describe("pairing", () => {
  test("a donor's consumer that its own side serves stays there; the host's gauge is served by the donor", () => {
    const pins = pinsFrom(`
      donor C1-4@410 resistive-in coolant-temperature
      donor CTS-1@410 resistive-out coolant-temperature
      host IP-2@21 resistive-in coolant-temperature
      host TS-1@21 resistive-out coolant-temperature`);
    // The engine's own computer reads that sender: the gauge gets one of its own.
    expect(summary(pins)).toEqual(["CTS-1 > IP-2 adapter"]);
    expect(reasons(pins)).toMatchObject({
      "C1-4": expect.stringContaining("Connected to CTS-1"),
      "TS-1": expect.stringContaining("own side"),
    });
  });
  test("what the host's body is wired to do it goes on doing; a gauge on its own sender does not", () => {
    const pins = pinsFrom(`
      host TL-2@525 load-in brake-switch amps=2;otherEnd=ground
      host BL-2@525 switch-out brake-switch to=battery;maxAmps=8
      host HL-1@530 load-in lighting amps=5;otherEnd=ground
      host LS-1@530 switch-out lighting to=battery;maxAmps=10
      donor BP-2@40 switch-out brake-switch to=battery;maxAmps=2
      donor BC-1@41 high-side-out lighting maxAmps=10
      host RL-1@540 load-in reverse-lamp amps=2;otherEnd=ground
      host RS-1@540 switch-out reverse-lamp to=battery;maxAmps=5
      donor RS-2@42 switch-out reverse-lamp to=battery;maxAmps=5`);
    // The reversing lamp's switch is on the gearbox that leaves.
    expect(summary(pins)).toEqual(["RS-2 > RL-1 direct"]);
    expect(reasons(pins)["TL-2"]).toContain("BL-2");
    expect(reasons(pins)["HL-1"]).toContain("LS-1");
  });
  test("an output is never joined to copper that its own side drives to the other pole; a relay between the two is no join", () => {
    // The key works the relay's coil; the donor's driver to ground would short it.
    const coil = pinsFrom(`
      host KEY-50@4 supply-out starter-request maxAmps=15;alive=crank
      host SR-86@4 load-in starter-relay ohms=85;otherEnd=free;inductive=yes
      donor C1-22 low-side-out starter-relay maxAmps=0.8;clamp=own`);
    expect(summary(coil)).toEqual([]);
    expect(reasons(coil)["SR-86"]).toContain("KEY-50");
    const byHand = (pins: readonly SignalPin[], from: string, to: string) => {
      const at = (name: string) => pins.find((pin) => label(pin) === name) as SignalPin;
      return optionsBetween(at(from), at(to), pins, [])[0];
    };
    expect(byHand(coil, "C1-22", "SR-86")).toMatchObject({ verdict: "manual", reason: { code: "driven-already" } });
    // Once the key's wire goes, nothing drives it.
    const freed = coil.map((pin) => (label(pin) === "KEY-50" ? { ...pin, leaves: true } : pin));
    expect(summary(freed)).toEqual([expect.stringMatching(/^C1-22 > SR-86/)]);
    // A contact to ground under a feed that would come across.
    const lamp = pinsFrom(`
      host OS-1@30 switch-out oil-pressure-warning to=ground;maxAmps=1
      host IP-4@30 load-in oil-pressure-warning amps=0.2;otherEnd=free
      donor C2-1 high-side-out oil-pressure-warning maxAmps=1;clamp=own`);
    expect(summary(lamp)).toEqual([]);
    // A grounded pump behind its own feed: the driver works a relay, which leads the same pole.
    const pump = pinsFrom(`
      host FB-9@18 supply-out ignition-supply maxAmps=10;alive=run
      host FB-2@19 supply-out battery-supply maxAmps=30;alive=permanent
      host FP-1@18 load-in fuel-pump amps=7.5;otherEnd=ground;inductive=yes
      donor C1-30 low-side-out fuel-pump maxAmps=0.5;clamp=own`);
    expect(summary(pump)).toEqual(["C1-30 > FP-1 adapter"]);
  });
  test("what a person asks by a switch the body's computer goes on reading; what works by it is the donor's to work", () => {
    const pins = pinsFrom(`
      host BC-1@50 logic-in starter-request active=low;pull=up
      host SB-1@50 switch-out starter-request to=ground
      host SR-86@52 load-in starter-request amps=0.15;otherEnd=ground
      host KEY-50@52 switch-out starter-request to=battery;maxAmps=5
      donor EC-1 high-side-out starter-request maxAmps=2`);
    expect(summary(pins)).toEqual([expect.stringContaining("EC-1 > SR-86")]);
    expect(reasons(pins)["BC-1"]).toContain("SB-1");
    // Not so an input that another computer of its own serves, or nothing: that is no switch that a person works.
    for (const serves of ["host CC-2@50 high-side-out starter-request maxAmps=1", ""]) {
      const told = pinsFrom(`host BC-1@50 logic-in starter-request active=high;pull=down
        donor EC-1 high-side-out starter-request maxAmps=2
        ${serves}`);
      expect(summary(told)).toEqual([expect.stringContaining("EC-1 > BC-1")]);
    }
  });
  test("a consumer that a switched feed is wired to needs no second one, whatever the two tables call it", () => {
    const pins = pinsFrom(`
      donor RB-1@9 supply-out relay-supply maxAmps=10;alive=relay
      donor SEL-1@9 supply-in ignition-supply amps=1;alive=run
      donor EC-1@10 supply-in ignition-supply amps=1;alive=run
      donor ALT-B@10 supply-out battery-supply maxAmps=90;alive=permanent
      host FB-1 supply-out ignition-supply maxAmps=10;alive=run`);
    expect(summary(pins)).toEqual(["FB-1 > EC-1 direct"]);
    expect(reasons(pins)["SEL-1"]).toContain("RB-1");
    // Once that feed is to be removed it needs another.
    const without = pins.map((pin) => (pin.connector === "RB" ? { ...pin, leaves: true } : pin));
    expect(summary(without)).toEqual(["FB-1 > SEL-1 direct", "FB-1 > EC-1 direct"]);
  });
  test("axle locks stay with the axles that the body stands on", () => {
    const pins = pinsFrom(`
      host AL-1@51 load-in four-wheel-drive amps=1;otherEnd=ground
      host CC-1@51 high-side-out four-wheel-drive maxAmps=8
      donor TC-1@9 high-side-out four-wheel-drive maxAmps=8
      donor TM-1@9 load-in four-wheel-drive otherEnd=free`);
    expect(summary(pins)).toEqual([]);
    expect(reasons(pins)["AL-1"]).toContain("CC-1");
  });
  test("each consumer of an output has its own link", () => {
    const pins = pinsFrom(`
      donor C1-1 logic-in brake-switch active=high;pull=down;maxVolts=18
      donor T1-1 logic-in brake-switch active=high;pull=down;maxVolts=18
      host BS-2 switch-out brake-switch to=battery;maxAmps=8`);
    expect(summary(pins)).toEqual(["BS-2 > C1-1 direct", "BS-2 > T1-1 direct"]);
  });
  test("like numbers are paired, and a number without a partner is told", () => {
    const pins = pinsFrom(`
      donor C1-1#2 load-in lighting amps=1;otherEnd=ground
      host FB-1#1 supply-out lighting maxAmps=5
      host FB-2#2 supply-out lighting maxAmps=5`);
    expect(summary(pins)).toEqual(["FB-2 > C1-1 direct"]);
    expect(
      reasons(
        pinsFrom("donor C1-1#3 load-in lighting amps=1;otherEnd=ground\nhost FB-1#1 supply-out lighting maxAmps=5"),
      )["C1-1"],
    ).toContain("3");
  });
  test("what connected on an output is counted, from circuits and from links made before", () => {
    const pins = pinsFrom(`
      host FB-1@9 supply-out battery-supply maxAmps=10;alive=permanent
      host HORN-1@9 supply-in battery-supply amps=4;alive=permanent
      donor C1-1 supply-in battery-supply amps=5;alive=permanent
      donor C1-2 supply-in battery-supply amps=5;alive=permanent`);
    expect(summary(pins)).toEqual(["FB-1 > C1-1 adapter", "FB-1 > C1-2 adapter"]);
    expect(summary(pins.filter(({ connector }) => connector !== "HORN"))).toEqual([
      "FB-1 > C1-1 direct",
      "FB-1 > C1-2 direct",
    ]);
  });
  test("where no circuit is written, the output's own consumer of the same quantity connected on it too", () => {
    const pins = (limit: number) =>
      pinsFrom(`
      donor C1-30 low-side-out fuel-pump maxAmps=${limit};clamp=own
      donor RLY-85 load-in fuel-pump amps=0.2;otherEnd=battery;inductive=yes
      host FP-1 load-in fuel-pump amps=0.2;otherEnd=battery;inductive=yes`);
    expect(summary(pins(0.5))).toEqual(["C1-30 > FP-1 direct"]);
    expect(summary(pins(0.38))).toEqual(["C1-30 > FP-1 adapter"]);
  });
  test("the feed that fits best is taken, not the first", () => {
    const pins = pinsFrom(`
      host KEY-IG supply-out ignition-supply maxAmps=15;alive=run
      host KEY-15 supply-out ignition-supply maxAmps=15;alive=run-crank
      donor C1-2 supply-in ignition-supply amps=5;alive=run-crank`);
    expect(summary(pins)).toEqual(["KEY-15 > C1-2 direct"]);
    expect(reasons(pins)["KEY-IG"]).toContain("has another provider");
  });
  test("grounds join by role and thickness; a sensor's return never crosses", () => {
    const pins = pinsFrom(`
      donor C1-6~1.5 ground ground role=power
      donor ENG-1~16 ground ground role=power
      donor C1-7 ground sensor-ground
      host IP-11~0.75 ground ground role=chassis
      host G3-1~10 ground ground role=power
      host BAT-N~25 ground ground role=power`);
    expect(summary(pins)).toEqual(["G3-1 > C1-6 direct", "BAT-N > ENG-1 direct"]);
    expect(reasons(pins)["C1-7"]).toContain("own computer");
  });
  test("`other` never pairs; a spare is not listed; an unknown form is", () => {
    const pins = pinsFrom(
      `donor C1-1 load-in other amps=1;otherEnd=ground
host FB-1 supply-out other maxAmps=5
donor C1-2 spare none
donor C1-3 unknown none`,
    );
    expect(summary(pins)).toEqual([]);
    expect(Object.keys(reasons(pins)).sort()).toEqual(["C1-1", "C1-3", "FB-1"]);
  });
  test("bus lines are joined one to one by high and low", () => {
    const pins = pinsFrom(`
      donor C1-26#high can powertrain-data bitrate=500000
      donor C1-27#low can powertrain-data bitrate=500000
      host GW-1#low can powertrain-data
      host GW-2#high can powertrain-data`);
    expect(summary(pins)).toEqual(["C1-26 > GW-2 manual", "C1-27 > GW-1 manual"]);
  });
});

test("airbag circuits are never paired, whatever both sides have", () => {
  const { links, unmatched } = matchSignals(
    pinsFrom("host A-1 load-in airbag otherEnd=free\ndonor B-1 high-side-out airbag maxAmps=2"),
  );
  expect(links).toEqual([]);
  expect(unmatched.map(({ reason }) => reason.code)).toEqual(["airbag", "airbag"]);
});

describe("decisions", () => {
  const pins = pinsFrom(`
    host FB-1 supply-out battery-supply maxAmps=10;alive=permanent
    host FB-2 supply-out battery-supply maxAmps=10;alive=permanent
    donor C1-1 supply-in battery-supply amps=6;alive=permanent
    donor C1-2 supply-in battery-supply amps=6;alive=permanent`);
  const pair = (provider: string, consumer: string) => ({
    providerId: `host ${provider}`,
    consumerId: `donor ${consumer}`,
  });
  test("a joined pair is proposed no more, and its current counts for others", () => {
    const { links } = matchSignals(pins, { joined: [pair("FB-1", "C1-2")], refused: [] });
    expect(links.map(({ provider, consumer }) => `${label(provider)} > ${label(consumer)}`)).toEqual(["FB-2 > C1-1"]);
  });
  test("a refused pair gives way to the next best", () => {
    const { links } = matchSignals(pins, { joined: [], refused: [pair("FB-1", "C1-1")] });
    expect(links[0]?.provider.cavity).toBe("2");
  });
  test("a pair by hand is reckoned with what connected already", () => {
    const [fb1, , c1, c2] = pins as [SignalPin, SignalPin, SignalPin, SignalPin];
    expect(optionsBetween(fb1, c1, pins, [])[0].verdict).toBe("direct");
    expect(optionsBetween(fb1, c1, pins, [{ provider: fb1, consumer: c2 }])[0].verdict).toBe("adapter");
  });
});

test("whatever the pins: every one that is no spare is in a link or told why not, once", () => {
  const arbitrary = fc.array(
    fc.record({
      side: fc.constantFrom("donor", "host"),
      kind: fc.constantFrom(
        "supply-out",
        "supply-in",
        "ground",
        "low-side-out",
        "load-in",
        "logic-in",
        "switch-out",
        "frequency-out",
        "frequency-in",
        "can",
        "shield",
        "spare",
        "unknown",
        "resistive-out",
        "resistive-in",
      ),
      quantity: fc.constantFrom(
        "battery-supply",
        "ground",
        "fuel-pump",
        "engine-speed",
        "powertrain-data",
        "other",
        "none",
      ),
      circuit: fc.constantFrom("", "@1", "@2"),
      index: fc.constantFrom("", "#1", "#2"),
    }),
    { maxLength: 24 },
  );
  fc.assert(
    fc.property(arbitrary, (rows) => {
      const pins = rows.map((row, at) =>
        pinFrom(`${row.side} X-${at}${row.circuit}${row.index} ${row.kind} ${row.quantity}`),
      );
      const { links, unmatched } = matchSignals(pins);
      const linked = new Set(links.flatMap((link) => [link.provider.id, link.consumer.id]));
      const told = unmatched.map(({ pin }) => pin.id);
      expect(new Set(told).size).toBe(told.length);
      for (const pin of pins)
        expect(linked.has(pin.id) || told.includes(pin.id) || pin.form.kind === "spare").toBe(true);
      for (const id of told) expect(linked.has(id)).toBe(false);
      expect(new Set(links.map((link) => link.consumer.id)).size).toBe(links.length);
      for (const { provider, consumer } of links) expect(provider.side).not.toBe(consumer.side);
      for (const { reason, pin } of unmatched) expect(unmatchedText(reason, pin).length).toBeGreaterThan(5);
    }),
    { numRuns: 300 },
  );
});

test("no provider across would have served a consumer better than the one it got, whatever was passed over as alike", () => {
  const rank = { direct: 0, calibration: 1, adapter: 2, manual: 3, impossible: 4 };
  const row = fc.record({
    side: fc.constantFrom("donor", "host"),
    form: fc.constantFrom(
      "supply-out ignition-supply maxAmps=10;alive=run-crank",
      "supply-out ignition-supply maxAmps=4;alive=run-crank",
      "supply-out ignition-supply maxAmps=10;alive=run",
      "supply-in ignition-supply amps=3;alive=run-crank",
      "supply-in ignition-supply amps=3;alive=run",
      "supply-out battery-supply maxAmps=30;alive=permanent",
    ),
    circuit: fc.constantFrom("", "", "@1", "@2"),
  });
  fc.assert(
    fc.property(fc.array(row, { minLength: 4, maxLength: 14 }), (rows) => {
      const pins = rows.map((one, at) => pinFrom(`${one.side} X-${at}${one.circuit} ${one.form}`));
      const { links } = matchSignals(pins);
      for (const [at, link] of links.entries()) {
        const before = links.slice(0, at);
        for (const other of pins) {
          if (other.form.kind !== "supply-out" || other.side === link.consumer.side || other.quantity !== link.quantity)
            continue;
          expect(rank[optionsBetween(other, link.consumer, pins, before)[0].verdict]).toBeGreaterThanOrEqual(
            rank[link.options[0].verdict],
          );
        }
      }
    }),
    { numRuns: 150 },
  );
});

describe("rules of the trade that hold a pair back", () => {
  const verdict = (text: string) => summary(pinsFrom(text));
  const BRAKE = (said: Partial<SignalPin>, of: "input" | "switch") =>
    matchSignals(
      pinsFrom(`
      donor C1-16 logic-in brake-switch active=high;pull=down;maxVolts=18
      host BS-2 switch-out brake-switch to=battery;maxAmps=8`).map((pin) =>
        (of === "input") === (pin.side === "donor") ? { ...pin, ...said } : pin,
      ),
    ).links[0]?.options[0];
  test("a contact that closes does not serve an input that wants one that opens, nor the other way round", () => {
    expect(BRAKE({}, "input")?.verdict).toBe("direct");
    expect(BRAKE({ opensWhenWorked: true }, "input")).toMatchObject({
      verdict: "manual",
      reason: { code: "opposite-contact", opens: "consumer" },
    });
    expect(BRAKE({ opensWhenWorked: true }, "switch")).toMatchObject({
      verdict: "manual",
      reason: { code: "opposite-contact", opens: "provider" },
    });
  });
  test("what a pin table says in words: opening contacts and ballast wires", () => {
    const form = pinFrom("donor C1-1 switch-out brake-switch closedWhen=released").form;
    expect(saidOf("Brake pedal test switch, opens when pressed", form)).toEqual({ opensWhenWorked: true });
    expect(saidOf(null, form)).toEqual({ opensWhenWorked: true });
    expect(saidOf("Clutch switch, closes when pressed", pinFrom("donor C1-1 logic-in clutch-switch").form)).toEqual({});
    expect(saidOf("Ballast wire to coil", form).isBallast).toBe(true);
  });
  test("a ballast wire feeds no computer", () => {
    const [feed, computer] = pinsFrom(`
      host COIL-1 supply-out ignition-supply maxAmps=10;alive=run-crank
      donor C1-2 supply-in ignition-supply amps=4;alive=run-crank`) as [SignalPin, SignalPin];
    expect(optionsBetween(feed, computer, [feed, computer], [])[0].verdict).toBe("direct");
    expect(optionsBetween({ ...feed, isBallast: true }, computer, [feed, computer], [])[0]).toMatchObject({
      verdict: "manual",
      reason: { code: "ballast" },
    });
  });
  test("the solenoid is worked by the starter relay where there is one, and not by the key past it", () => {
    const key = "host KEY-50 supply-out starter-request maxAmps=15;alive=crank";
    const solenoid = "donor ST-50 load-in starter-request amps=12;otherEnd=ground;inductive=yes";
    expect(verdict(`${key}\n${solenoid}`)).toEqual(["KEY-50 > ST-50 direct"]);
    expect(verdict(`${key}\nhost SR-87@50 supply-out start-supply maxAmps=25;alive=crank\n${solenoid}`)).toEqual([
      "SR-87 > ST-50 direct",
    ]);
    const pins = pinsFrom(`${key}\nhost SR-87@50 supply-out start-supply maxAmps=25;alive=crank\n${solenoid}`);
    const [from, , to] = pins as [SignalPin, SignalPin, SignalPin];
    expect(optionsBetween(from, to, pins, [])[0].reason.code).toBe("past-starter-relay");
  });
  test("grounds go to studs and the battery, never to another part's pin; what is on the block has its ground there", () => {
    const table = `
      donor C1-6@E6 ground ground role=power
      donor BLOCK-1@E6 ground ground role=power
      donor C1-8@E8 ground ground role=power
      donor C1-2 logic-in ac-request active=high
      host BCM-11 ground ground role=chassis
      host BCM-1 supply-in ignition-supply amps=1
      host G3-1 ground ground role=power`;
    expect(verdict(table)).toEqual(["G3-1 > BLOCK-1 direct", "G3-1 > C1-8 direct"]);
    expect(reasons(pinsFrom(table))["C1-6"]).toContain("Grounded at BLOCK-1");
    expect(verdict(table.replace("host G3-1 ground ground role=power", ""))).toEqual([]);
  });
  test("a permanent feed that another consumer's fuse protects brings a fuse of its own, sized for what is added", () => {
    const table = `
      host FB-2@11 supply-out battery-supply maxAmps=25;alive=permanent
      host FAN-1@11 supply-in battery-supply amps=11;alive=permanent
      donor C1-1 supply-in battery-supply amps=3;alive=permanent`;
    expect(matchSignals(pinsFrom(table)).links[0]?.options[0]).toMatchObject({
      verdict: "adapter",
      // 3 A at 0.75 of its rating: 4 A, and 5 A is the next that is sold.
      adapters: [{ type: "fuse", amps: 5 }],
      reason: { code: "others-fuse" },
    });
  });
  test("5 V of one computer goes to no sensor of another", () => {
    const table = `
      donor C1-9 reference-out sensor-supply volts=5;maxAmps=0.1
      host SENSOR-1 reference-in sensor-supply amps=0.01`;
    expect(verdict(table)).toEqual([]);
    expect(reasons(pinsFrom(table))["SENSOR-1"]).toContain("own computer alone");
  });
  test("what is to be removed is proposed nowhere, and a pair by hand is refused with the reason", () => {
    const pins = pinsFrom(`
      host KEY-15 supply-out ignition-supply maxAmps=12;alive=run-crank
      donor C1-2 supply-in ignition-supply amps=4;alive=run-crank`).map((pin) =>
      pin.side === "host" ? { ...pin, leaves: true } : pin,
    ) as [SignalPin, SignalPin];
    expect(matchSignals(pins).links).toEqual([]);
    expect(reasons(pins)["KEY-15"]).toContain("to be removed");
    expect(optionsBetween(pins[0], pins[1], pins, [])[0]).toMatchObject({
      verdict: "impossible",
      reason: { code: "leaves" },
    });
  });
  test("refusing a line brings none that does worse", () => {
    const pins = pinsFrom(`
      host KEY-15 supply-out ignition-supply maxAmps=12;alive=run-crank
      host KEY-IG supply-out ignition-supply maxAmps=12;alive=run
      host FB-1 supply-out battery-supply maxAmps=30;alive=permanent
      donor C1-2 supply-in ignition-supply amps=4;alive=run-crank`);
    const [first, , , consumer] = pins as [SignalPin, SignalPin, SignalPin, SignalPin];
    const refused = { joined: [], refused: [{ providerId: first.id, consumerId: consumer.id }] };
    expect(matchSignals(pins).links.map(({ provider }) => label(provider))).toEqual(["KEY-15"]);
    // By a relay it could be fed from the terminal that drops out: nobody asked for that.
    expect(matchSignals(pins, refused).links).toEqual([]);
    const like = pins.map((pin) => (pin.cavity === "IG" ? { ...pin, form: first.form } : pin));
    expect(matchSignals(like, refused).links.map(({ provider }) => label(provider))).toEqual(["KEY-IG"]);
  });
  test("a relay's contact counts at the feed that it takes from: three of 7 A do not all fit behind one of 20 A", () => {
    const pins = pinsFrom(`
      host FB-1 supply-out battery-supply maxAmps=20;alive=permanent
      host FB-2 supply-out battery-supply maxAmps=30;alive=permanent
      donor C1-1 low-side-out fuel-pump maxAmps=0.5;clamp=own
      donor C1-2 low-side-out cooling-fan maxAmps=0.5;clamp=own
      donor C1-3 low-side-out demister maxAmps=0.5;clamp=own
      host P-1 load-in fuel-pump amps=7;otherEnd=ground
      host F-1 load-in cooling-fan amps=7;otherEnd=ground
      host D-1 load-in demister amps=7;otherEnd=ground`);
    const feeds = matchSignals(pins).links.map(({ options: [best] }) => {
      const relay = best.adapters.find((one) => one.type === "relay");
      return relay?.contactFeed == null || relay.contactFeed === "ground" ? null : label(relay.contactFeed);
    });
    // 0.75 of 20 A carries two of them continuously, and the third goes behind the next.
    expect(feeds).toEqual(["FB-1", "FB-1", "FB-2"]);
  });
});

describe("values on a bus", () => {
  const bus = "donor C1-40#high can powertrain-data bitrate=500000;carries=vehicle-speed|coolant-temperature";
  test("what no wire brings and the bus carries comes by a gateway, and a wire goes before it", () => {
    const gauge = "host IP-5 frequency-in vehicle-speed pulsesPerKm=4000";
    expect(summary(pinsFrom(`${bus}\n${gauge}`))).toEqual(["C1-40 > IP-5 adapter"]);
    const wire = "donor C1-9 frequency-out vehicle-speed pulsesPerKm=4000;drive=open-collector";
    expect(summary(pinsFrom(`${bus}\n${wire}\n${gauge};pull=up`))).toEqual(["C1-9 > IP-5 direct"]);
  });
  test("nothing comes of a bus that does not say that it carries it, nor of its low wire", () => {
    const gauge = "host IP-5 frequency-in engine-speed pulsesPerRev=2";
    expect(summary(pinsFrom(`${bus}\n${gauge}`))).toEqual([]);
    expect(summary(pinsFrom(`${bus.replace("#high", "#low")}\nhost IP-5 frequency-in vehicle-speed`))).toEqual([]);
  });
});

test("of two like senders the one that nobody reads is taken; of two like contacts the one that opens as is wanted", () => {
  const gauge = "host IP-2 resistive-in coolant-temperature curve=40:240|100:26";
  const sender = (place: string) => `donor ${place} resistive-out coolant-temperature curve=40:240|100:26`;
  const read = `${sender("CTS-1@4")}\ndonor C2-1@4 resistive-in coolant-temperature`;
  expect(summary(pinsFrom(`${read}\n${sender("SND-1@9")}\n${gauge}`))).toEqual(["SND-1 > IP-2 direct"]);
  const pins = pinsFrom(`
    host SW-1 switch-out brake-switch to=ground;maxAmps=1
    host SW-2 switch-out brake-switch to=ground;maxAmps=1
    donor C1-16 logic-in brake-switch active=low;pull=up`);
  const opening = pins.map((pin) => (pin.cavity === "1" ? pin : { ...pin, opensWhenWorked: true }));
  expect(summary(opening)).toEqual(["SW-2 > C1-16 direct"]);
});
