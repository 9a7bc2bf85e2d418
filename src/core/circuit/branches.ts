import type { KeyState } from "../harness";
import type { NetElement, Netlist } from "./netlist";

/** Thermal voltage of a diode at 27 °C, V (contracts/netlist.md). */
const VT = 0.0258649258;
/** A lamp is never below this part of its hot resistance. */
const COLD_PART = 0.1;
const LAMP_EXPONENT = 0.55;
/** The part of its rated voltage below which a lamp is at its cold limit: r/R = (v/V)^0.45 = 0.1. */
const COLD_VOLTS = COLD_PART ** (1 / (1 - LAMP_EXPONENT));

/** One two-ended piece of the network. `amps` under `name` is positive from a to b; for a source, out of a. */
export interface Branch {
  readonly name: string;
  readonly element: NetElement;
  /** Place of the contact in a relay; −1 for its coil and for all else. */
  readonly contact: number;
  readonly a: number;
  readonly b: number;
  readonly kind: "linear" | "emf" | "ideal" | "current" | "diode" | "lamp" | "power";
  /** Conductance of linear pieces and of a source's inside, S. */
  readonly siemens: number;
  /** The source's voltage, V. */
  readonly emf: number;
}

export interface Branches {
  readonly nodes: readonly string[];
  readonly nodeOf: ReadonlyMap<string, number>;
  readonly list: readonly Branch[];
  /** Place in the list by name. */
  readonly named: ReadonlyMap<string, number>;
  /** Places of branches that have a resistance, and of currents that flow whatever the voltage. */
  readonly straight: readonly number[];
  readonly currents: readonly number[];
  /** Whether a branch joins its nodes into one island, by branch: 0 a current, which does not conduct; 2 a diode, which may not. */
  readonly joins: Uint8Array;
  readonly relays: readonly { readonly element: Extract<NetElement, { type: "relay" }>; readonly coil: number; readonly contacts: readonly number[] }[];
}

/** A netlist as branches between numbered nodes; the reference is node 0. */
export function branchesOf({ reference, elements }: Pick<Netlist, "reference" | "elements">): Branches {
  const nodes = [reference];
  const nodeOf = new Map([[reference, 0]]);
  const node = (name: string): number => {
    const known = nodeOf.get(name);
    if (known !== undefined) return known;
    nodeOf.set(name, nodes.length);
    return nodes.push(name) - 1;
  };
  const list: Branch[] = [];
  const relays: { element: Extract<NetElement, { type: "relay" }>; coil: number; contacts: number[] }[] = [];
  const add = (element: NetElement, a: string, b: string, kind: Branch["kind"], siemens = 0, emf = 0, contact = -1): number =>
    list.push({ name: contact < 0 ? element.id : `${element.id}#${contact}`, element, contact, a: node(a), b: node(b), kind, siemens, emf }) - 1;
  for (const element of elements) {
    switch (element.type) {
      case "resistor": case "switch": case "fuse": add(element, element.a, element.b, "linear", 1 / element.ohms); break;
      case "source": add(element, element.a, element.b, element.ohms > 0 ? "emf" : "ideal", element.ohms > 0 ? 1 / element.ohms : 0, element.volts); break;
      case "current": case "diode": case "lamp": case "power": add(element, element.a, element.b, element.type); break;
      case "relay": {
        const coil = add(element, element.coilA, element.coilB, "linear", 1 / element.coilOhms);
        relays.push({ element, coil, contacts: element.contacts.map((contact, at) => add(element, contact.a, contact.b, "linear", 1 / contact.ohms, 0, at)) });
      }
    }
  }
  const where = (...kinds: Branch["kind"][]) => list.flatMap(({ kind }, at) => (kinds.includes(kind) ? [at] : []));
  return { nodes, nodeOf, list, straight: where("linear", "emf"), currents: where("current"), named: new Map(list.map(({ name }, at) => [name, at])), joins: Uint8Array.from(list, ({ kind }) => (kind === "current" ? 0 : kind === "diode" ? 2 : 1)), relays };
}

/** Which branches are there in a key state, relays as they stand; 1 where the branch is closed. */
export function closedBranches({ list, relays }: Branches, state: KeyState, energised: readonly boolean[], into: Uint8Array): void {
  for (let at = 0; at < list.length; at++) {
    const { element } = list[at] as Branch;
    into[at] = (element.type === "switch" && !element.closedIn.includes(state)) || (element.type === "fuse" && element.blown === true) ? 0 : 1;
  }
  relays.forEach(({ element, contacts }, which) => {
    contacts.forEach((at, contact) => { into[at] = (element.contacts[contact]?.when === "energised") === energised[which] ? 1 : 0; });
  });
}

/** Current through a nonlinear branch at a voltage, A, and its slope there, S. */
export function currentAt({ element }: Branch, volts: number): readonly [amps: number, siemens: number] {
  switch (element.type) {
    case "diode": {
      const scale = element.emission * VT;
      const power = Math.exp(Math.min(volts / scale, 300));
      return [element.saturationAmps * (power - 1), (element.saturationAmps * power) / scale];
    }
    case "lamp": {
      const { ratedVolts, ratedWatts } = element;
      const rated = ratedWatts / ratedVolts;
      const part = Math.abs(volts) / ratedVolts;
      if (part <= COLD_VOLTS) {
        const siemens = rated / ratedVolts / COLD_PART;
        return [siemens * volts, siemens];
      }
      const amps = rated * part ** LAMP_EXPONENT;
      return [Math.sign(volts) * amps, (LAMP_EXPONENT * amps) / Math.abs(volts)];
    }
    case "power": {
      const { watts, minVolts } = element;
      if (Math.abs(volts) < minVolts) return [(volts * watts) / minVolts ** 2, watts / minVolts ** 2];
      return [watts / volts, -watts / volts ** 2];
    }
    default: throw new Error(`${element.id} is no nonlinear element`);
  }
}

/** A diode's voltage is let to rise by about as much as its current can follow in one step (after Nagel, SPICE2, 1975). */
export function limitedVolts({ element }: Branch, wanted: number, before: number): number {
  if (element.type === "power") {
    // From above, the operating point of the higher voltage is met first.
    return Math.abs(wanted) < 0.5 * Math.abs(before) && Math.abs(before) > element.minVolts ? 0.5 * before : wanted;
  }
  if (element.type !== "diode") return wanted;
  const scale = element.emission * VT;
  const critical = scale * Math.log(scale / (Math.SQRT2 * element.saturationAmps));
  if (wanted <= critical || Math.abs(wanted - before) <= 2 * scale) return wanted;
  if (before > 0) {
    const ratio = 1 + (wanted - before) / scale;
    return ratio > 0 ? before + scale * Math.log(ratio) : critical;
  }
  return scale * Math.log(wanted / scale);
}
