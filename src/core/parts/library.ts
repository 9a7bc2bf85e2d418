import { NETLIST_KEYS } from "../state";
import {
  CHASSIS,
  CONTACT_OHMS,
  coil,
  contact,
  diode,
  type ElementSpec,
  fuse,
  joint,
  lamp,
  motor,
  relay,
  terminalsOf,
} from "./elements";
import type { PartFault } from "./facts";

/**
 * A ready component: its terminals and what goes on between them. Values are those of a common part, and assumed until
 * someone reads its plate.
 */
export interface Part {
  readonly type: string;
  readonly name: string;
  readonly terminals: readonly string[];
  readonly elements: readonly ElementSpec[];
}

/** A part whose terminals are those that its elements name; a case that bolts to the vehicle is no terminal to wire. */
function part(type: string, name: string, elements: readonly ElementSpec[], more: readonly string[] = []): Part {
  const terminals = [...new Set([...elements.flatMap(terminalsOf), ...more])].filter(
    (terminal) => terminal !== CHASSIS,
  );
  return { type, name, terminals, elements };
}

const contact30 = (b: string, when: "energised" | "released") => ({ a: "30", b, when, ohms: CONTACT_OHMS });
const MAKE = [contact30("87", "energised")];
const CHANGE_OVER = [contact30("87", "energised"), contact30("87a", "released")];

const MAX_WAYS = 48;

/**
 * A fuse box of one feed and n fused ways, each of the same rating until it is read.
 *
 * @param ways 1 … 48
 * @throws RangeError out of that range
 */
export function fuseBox(ways: number, amps = 10): Part {
  if (!(Number.isInteger(ways) && ways >= 1 && ways <= MAX_WAYS))
    throw new RangeError(`a fuse box has 1 … ${MAX_WAYS} ways, got ${ways}`);
  return part(
    "fuse-box",
    `Fuse box, ${ways} ways`,
    Array.from({ length: ways }, (_, at) => fuse(`F${at + 1}`, "feed", String(at + 1), amps)),
  );
}

/**
 * Terminals that are one piece of metal: a splice pack.
 *
 * @param ways 2 … 48
 * @throws RangeError out of that range
 */
export function splicePack(ways: number): Part {
  if (!(Number.isInteger(ways) && ways >= 2 && ways <= MAX_WAYS))
    throw new RangeError(`a splice pack has 2 … ${MAX_WAYS} ways, got ${ways}`);
  return part(
    "splice-pack",
    `Splice pack, ${ways} ways`,
    Array.from({ length: ways - 1 }, (_, at) => joint(`J${at + 1}`, "1", String(at + 2))),
  );
}

export function groundStud(rings: number): Part {
  if (!(Number.isInteger(rings) && rings >= 1 && rings <= MAX_WAYS))
    throw new RangeError(`a ground stud takes 1 … ${MAX_WAYS} rings, got ${rings}`);
  return part(
    "ground-stud",
    rings === 1 ? "Ground stud" : `Ground stud, ${rings} rings`,
    Array.from({ length: rings }, (_, at) => joint(`J${at + 1}`, String(at + 1), CHASSIS)),
  );
}

/** The library that every job starts with; a person's own parts come beside it. */
export const LIBRARY: readonly Part[] = [
  part("battery", "Battery", [{ id: "cell", type: "source", a: "+", b: "-", volts: 12.6, ohms: 0.008 }]),
  part("alternator", "Alternator with lamp and regulator terminals", [
    { id: "stator", type: "source", a: "B+", b: CHASSIS, volts: 14.2, ohms: 0.02 },
    coil("field", "D+", CHASSIS, 12),
    coil("sense", "S", CHASSIS, 1000),
  ]),
  part("starter", "Starter with solenoid", [coil("motor", "30", CHASSIS, 0.06), coil("solenoid", "50", CHASSIS, 1.2)]),
  part("key-switch", "Key switch, four positions", [
    contact("accessory", "30", "ACC", ["accessory", "run", "running"]),
    contact("ignition", "30", "15", ["run", "crank", "running"]),
    contact("drops", "30", "IG", ["run", "running"]),
    contact("start", "30", "50", ["crank"]),
  ]),
  fuseBox(4),
  fuseBox(8),
  fuseBox(12),
  part("relay", "Relay, 4 pins", [relay("K", MAKE)]),
  part("relay", "Relay, 4 pins, diode across the coil", [relay("K", MAKE), diode("D", "85", "86")]),
  part("relay", "Relay, 5 pins", [relay("K", CHANGE_OVER)]),
  part("relay", "Relay, 5 pins, diode across the coil", [relay("K", CHANGE_OVER), diode("D", "85", "86")]),
  part("flasher", "Flasher", [contact("beat", "49", "49a", ["run", "running"])]),
  part("lamp", "Lamp", [lamp("filament", "1", "2", 5)]),
  part("lamp", "Bulb with two filaments", [lamp("main", "56a", "31", 60), lamp("dip", "56b", "31", 55)]),
  part("motor", "Motor", [motor("winding", "1", "2", 60)]),
  part("motor", "Blower, two speeds", [motor("slow", "1", "3", 90), motor("fast", "2", "3", 180)]),
  part("motor", "Wiper motor with park switch", [
    motor("slow", "53", "31", 45),
    motor("fast", "53b", "31", 60),
    contact("park", "53a", "53e"),
  ]),
  part("horn", "Horn", [coil("diaphragm", "1", "2", 2.4)]),
  part("solenoid", "Solenoid valve", [coil("winding", "1", "2", 22)]),
  part("sender", "Resistive sender, case to ground", [coil("track", "1", CHASSIS, 100)]),
  part("sensor", "Sensor, three wires", [coil("feed", "1", "3", 1000), coil("signal", "2", "3", 10_000)]),
  part("gauge", "Gauge", [coil("movement", "1", "2", 70)]),
  part("switch", "Switch", [contact("contact", "1", "2", NETLIST_KEYS)]),
  part("switch", "Switch, case to ground", [contact("contact", "1", CHASSIS, NETLIST_KEYS)]),
  part("heater", "Heater element", [coil("element", "1", "2", 1)]),
  part("computer", "Computer; declare its pins", []),
  groundStud(1),
  groundStud(4),
  splicePack(4),
  splicePack(8),
];

/** What is wrong with a part as someone wrote it; empty where it is sound. */
export function partProblems(part: Pick<Part, "terminals" | "elements">): PartFault[] {
  const terminals = new Set([...part.terminals, CHASSIS]);
  const missing = part.elements.flatMap((element) =>
    terminalsOf(element)
      .filter((terminal) => !terminals.has(terminal))
      .map(
        (terminal): PartFault => ({ code: "unknown-terminal", element: element.id, terminal, known: [...terminals] }),
      ),
  );
  const ids = part.elements.map((element) => element.id);
  const twice = [...new Set(ids.filter((id, at) => ids.indexOf(id) !== at))].map(
    (element): PartFault => ({ code: "repeated-element", element }),
  );
  const shorted = part.elements
    .filter((element) => element.type !== "relay" && element.a === element.b)
    .map((element): PartFault => ({ code: "shorted-element", element: element.id }));
  return [...missing, ...twice, ...shorted];
}
