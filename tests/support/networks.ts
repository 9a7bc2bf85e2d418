import type { NetElement, Netlist } from "@/core/circuit";
import { randoms } from "./harness";

/**
 * A vehicle's wiring of about so many nodes: battery, alternator, fuse boxes, a key, relays, loads of every kind,
 * ground studs; each circuit with the wires, joints and contacts that a real one has.
 */
export function vehicleNetlist(nodes: number, seed = 1): Netlist {
  const random = randoms(seed);
  const elements: NetElement[] = [];
  const made = new Set<string>();
  let count = 0;
  const node = (name: string) => {
    made.add(name);
    return name;
  };
  const wire = (a: string, b: string, ohms = 0.002 + 0.03 * random()) =>
    elements.push({ id: `w${++count}`, type: "resistor", a: node(a), b: node(b), ohms });
  elements.push({ id: "battery", type: "source", a: node("battery+"), b: node("battery-"), volts: 12.6, ohms: 0.008 });
  elements.push({ id: "alternator", type: "source", a: node("stator"), b: node("block"), volts: 14.2, ohms: 0.03 });
  elements.push({ id: "charging", type: "switch", a: "stator", b: node("b+"), closedIn: ["running"], ohms: 0.002 });
  wire("b+", "battery+", 0.002);
  wire("battery-", "body", 0.001);
  wire("block", "body", 0.001);
  elements.push({
    id: "starting",
    type: "switch",
    a: "battery+",
    b: node("starter"),
    closedIn: ["crank"],
    ohms: 0.001,
  });
  elements.push({ id: "starter", type: "resistor", a: "starter", b: "block", ohms: 0.06 });
  elements.push({
    id: "key-run",
    type: "switch",
    a: "battery+",
    b: node("run"),
    closedIn: ["run", "running"],
    ohms: 0.008,
  });
  elements.push({
    id: "key-ignition",
    type: "switch",
    a: "battery+",
    b: node("ignition"),
    closedIn: ["run", "crank", "running"],
    ohms: 0.008,
  });
  for (let stud = 0; made.size < nodes; stud++) {
    const ground = `stud ${stud}`;
    wire(ground, stud % 3 === 0 ? "block" : "body", 0.0005);
    const box = `box ${stud}`;
    wire(["battery+", "run", "ignition"][stud % 3] as string, box, 0.003);
    for (let way = 0; way < 8 && made.size < nodes; way++) {
      const name = `${stud}.${way}`;
      elements.push({ id: `fuse ${name}`, type: "fuse", a: box, b: node(`way ${name}`), amps: 20, ohms: 0.006 });
      let feed = `way ${name}`;
      for (const piece of ["plug", "joint", "cavity"]) {
        wire(feed, `${piece} ${name}`);
        feed = `${piece} ${name}`;
      }
      if (way % 4 === 1) {
        elements.push({
          id: `relay ${name}`,
          type: "relay",
          coilA: "ignition",
          coilB: node(`coil ${name}`),
          coilOhms: 85,
          pullInVolts: 7.5,
          dropOutVolts: 2.5,
          contacts: [{ a: feed, b: node(`contact ${name}`), when: "energised", ohms: 0.01 }],
        });
        wire(`coil ${name}`, ground);
        feed = `contact ${name}`;
      }
      if (way % 8 === 3) {
        elements.push({
          id: `diode ${name}`,
          type: "diode",
          a: feed,
          b: node(`after ${name}`),
          saturationAmps: 1e-9,
          emission: 1.8,
        });
        feed = `after ${name}`;
      }
      const end = node(`ground ${name}`);
      switch (way % 4) {
        case 0:
          elements.push({
            id: `load ${name}`,
            type: "lamp",
            a: feed,
            b: end,
            ratedVolts: 13.5,
            ratedWatts: 1.2 + 4 * random(),
          });
          break;
        case 1:
          elements.push({ id: `load ${name}`, type: "power", a: feed, b: end, watts: 2 + 5 * random(), minVolts: 7 });
          break;
        default:
          elements.push({ id: `load ${name}`, type: "resistor", a: feed, b: end, ohms: 30 + 300 * random() });
      }
      wire(end, ground);
    }
  }
  return { format: "pantograph-netlist/1", reference: "battery-", state: "run", elements };
}

/**
 * A small network of any kind: a tree of resistors on the reference, with loops, sources, loads, switches, relays and
 * diodes as asked.
 */
export function randomNetlist(
  random: () => number,
  {
    linear = false,
    diodes = true,
    currents = true,
  }: { readonly linear?: boolean; readonly diodes?: boolean; readonly currents?: boolean } = {},
): Netlist {
  const size = 4 + Math.floor(random() * 20);
  const elements: NetElement[] = [];
  const node = (at: number) => String(at);
  const any = () => node(Math.floor(random() * size));
  const two = (): [string, string] => {
    const a = any();
    for (;;) {
      const b = any();
      if (b !== a) return [a, b];
    }
  };
  for (let at = 1; at < size; at++)
    elements.push({
      id: `tree ${at}`,
      type: "resistor",
      a: node(at),
      b: node(Math.floor(random() * at)),
      ohms: 0.1 + 20 * random(),
    });
  const add = (count: number, make: (id: number, a: string, b: string) => NetElement) => {
    for (let at = 0; at < count; at++) elements.push(make(at, ...two()));
  };
  add(size / 2, (id, a, b) => ({ id: `loop ${id}`, type: "resistor", a, b, ohms: 0.01 + 100 * random() }));
  add(2, (id, a, b) => ({ id: `source ${id}`, type: "source", a, b, volts: 6 + 8 * random(), ohms: 0.01 + random() }));
  if (currents) add(2, (id, a, b) => ({ id: `current ${id}`, type: "current", a, b, amps: random() - 0.5 }));
  if (linear) return { format: "pantograph-netlist/1", reference: "0", state: "run", elements };
  add(3, (id, a, b) => ({ id: `lamp ${id}`, type: "lamp", a, b, ratedVolts: 12, ratedWatts: 1 + 40 * random() }));
  add(2, (id, a, b) => ({
    id: `switch ${id}`,
    type: "switch",
    a,
    b,
    closedIn: random() < 0.5 ? ["run", "running"] : ["crank"],
    ohms: 0.01,
  }));
  add(1, (id, a, b) => ({
    id: `relay ${id}`,
    type: "relay",
    coilA: a,
    coilB: b,
    coilOhms: 60 + 60 * random(),
    pullInVolts: 4,
    dropOutVolts: 1.5,
    contacts: [{ a: any(), b: node(size), when: random() < 0.7 ? "energised" : "released", ohms: 0.01 }],
  }));
  elements.push({ id: "behind", type: "resistor", a: node(size), b: "0", ohms: 5 + 50 * random() });
  if (diodes)
    add(3, (id, a, b) => ({ id: `diode ${id}`, type: "diode", a, b, saturationAmps: 1e-9, emission: 1 + random() }));
  return { format: "pantograph-netlist/1", reference: "0", state: "run", elements };
}
