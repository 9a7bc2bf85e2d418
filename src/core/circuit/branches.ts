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
  /**
   * How strong a nonlinear branch is: a diode's saturation current, A; a lamp's or a constant power's W; of others 0.
   */
  readonly scale: number;
  /**
   * The voltage by which it bends, V: a diode's emission times the thermal voltage, a lamp's rated volts, a constant
   * power's least; of others 0.
   */
  readonly knee: number;
}

/** Two-ended pieces between numbered nodes; the reference is node 0. */
export interface Branches {
  readonly nodes: readonly string[];
  readonly list: readonly Branch[];
  /** Places of some kinds of branches. */
  readonly currents: readonly number[];
  readonly sources: readonly number[];
  readonly fuses: readonly number[];
  readonly switches: readonly number[];
  readonly diodes: readonly number[];
  /**
   * Whether a branch joins its nodes into one island, by branch: 0 a current, which does not conduct; 2 a diode, which
   * may not.
   */
  readonly joins: Uint8Array;
  readonly relays: readonly RelayBranches[];
}

export interface RelayBranches {
  readonly element: Extract<NetElement, { type: "relay" }>;
  readonly coil: number;
  readonly contacts: readonly number[];
}

/** A netlist as branches, each element and node to be found by its name. */
export interface NamedBranches extends Branches {
  readonly netlist: Pick<Netlist, "reference" | "elements">;
  readonly nodeOf: ReadonlyMap<string, number>;
  /** Place in the list by name. */
  readonly named: ReadonlyMap<string, number>;
}

/**
 * A netlist as branches between numbered nodes: elements in their order, a relay's coil before its contacts; nodes as
 * they come up, the reference first.
 */
export function branchesOf(netlist: Pick<Netlist, "reference" | "elements">): NamedBranches {
  const { reference, elements } = netlist;
  const nodes = [reference];
  const nodeOf = new Map([[reference, 0]]);
  const node = (name: string): number => {
    const known = nodeOf.get(name);
    if (known !== undefined) return known;
    nodeOf.set(name, nodes.length);
    return nodes.push(name) - 1;
  };
  const list: Branch[] = [];
  const named = new Map<string, number>();
  const relays: RelayBranches[] = [];
  const add = (element: NetElement, a: string, b: string, contact = -1): number => {
    const name = contact < 0 ? element.id : `${element.id}#${contact}`;
    named.set(name, list.length);
    // Written out: spreading thousands of them took as long as numbering them.
    const { kind, siemens, emf, scale, knee } = valuesOf(element, contact);
    return list.push({ name, element, contact, a: node(a), b: node(b), kind, siemens, emf, scale, knee }) - 1;
  };
  for (const element of elements) {
    if (element.type !== "relay") {
      add(element, element.a, element.b);
      continue;
    }
    const coil = add(element, element.coilA, element.coilB);
    relays.push({
      element,
      coil,
      contacts: element.contacts.map((contact, at) => add(element, contact.a, contact.b, at)),
    });
  }
  return { ...gathered(nodes, list, relays), netlist, nodeOf, named };
}

type Values = Pick<Branch, "kind" | "siemens" | "emf" | "scale" | "knee">;

const straight = (ohms: number): Values => ({ kind: "linear", siemens: 1 / ohms, emf: 0, scale: 0, knee: 0 });
const bent = (kind: "diode" | "lamp" | "power" | "current", scale: number, knee: number): Values => ({
  kind,
  siemens: 0,
  emf: 0,
  scale,
  knee,
});

function valuesOf(element: NetElement, contact: number): Values {
  switch (element.type) {
    case "resistor":
    case "switch":
    case "fuse":
      return straight(element.ohms);
    case "relay":
      return straight(contact < 0 ? element.coilOhms : (element.contacts[contact]?.ohms as number));
    case "source":
      return {
        kind: element.ohms > 0 ? "emf" : "ideal",
        siemens: element.ohms > 0 ? 1 / element.ohms : 0,
        emf: element.volts,
        scale: 0,
        knee: 0,
      };
    case "current":
      return bent("current", 0, 0);
    case "diode":
      return bent("diode", element.saturationAmps, element.emission * VT);
    case "lamp":
      return bent("lamp", element.ratedWatts, element.ratedVolts);
    case "power":
      return bent("power", element.watts, element.minVolts);
  }
}

/**
 * The branches of a netlist that differs from another's in values alone, numbered as that one is and sharing with it
 * all that is the same; null where something is joined otherwise, and it has to be numbered anew.
 */
export function withValues(like: NamedBranches, elements: readonly NetElement[]): NamedBranches | null {
  const before = like.netlist.elements;
  if (elements.length !== before.length) return null;
  const list = like.list.slice();
  for (let nth = 0; nth < elements.length; nth++) {
    const [element, was] = [elements[nth] as NetElement, before[nth] as NetElement];
    if (element === was) continue;
    // A relay's branches stand in its list as well; what has its place in values alone is enough.
    if (
      element.type === "relay" ||
      was.type === "relay" ||
      element.type !== was.type ||
      element.id !== was.id ||
      element.a !== was.a ||
      element.b !== was.b
    ) {
      if (JSON.stringify(element) !== JSON.stringify(was)) return null;
      continue;
    }
    const at = like.named.get(element.id) as number;
    const values = valuesOf(element, -1);
    if (values.kind !== (like.list[at] as Branch).kind) return null;
    list[at] = { ...(like.list[at] as Branch), ...values, element };
  }
  return { ...like, netlist: { ...like.netlist, elements }, list };
}

/** A branch between other nodes. */
export const placed = (
  { name, element, contact, kind, siemens, emf, scale, knee }: Branch,
  a: number,
  b: number,
): Branch => ({
  name,
  element,
  contact,
  a,
  b,
  kind,
  siemens,
  emf,
  scale,
  knee,
});

/** Branches with what is asked of them all again and again. */
export function gathered(
  nodes: readonly string[],
  list: readonly Branch[],
  relays: readonly RelayBranches[],
): Branches {
  const [currents, sources, fuses, switches, diodes] = [[], [], [], [], []] as [
    number[],
    number[],
    number[],
    number[],
    number[],
  ];
  const joins = new Uint8Array(list.length);
  for (let at = 0; at < list.length; at++) {
    const {
      element: { type },
    } = list[at] as Branch;
    if (type === "current") currents.push(at);
    else if (type === "source") sources.push(at);
    else if (type === "fuse") fuses.push(at);
    else if (type === "switch") switches.push(at);
    else if (type === "diode") diodes.push(at);
    joins[at] = type === "current" ? 0 : type === "diode" ? 2 : 1;
  }
  return { nodes, list, currents, sources, fuses, switches, diodes, joins, relays };
}

/** Current through a nonlinear branch at a voltage, A, and its slope there, S. */
export function currentAt({ kind, scale, knee }: Branch, volts: number): readonly [amps: number, siemens: number] {
  switch (kind) {
    case "diode": {
      const power = Math.exp(Math.min(volts / knee, 300));
      return [scale * (power - 1), (scale * power) / knee];
    }
    case "lamp": {
      const rated = scale / knee;
      const part = Math.abs(volts) / knee;
      if (part <= COLD_VOLTS) {
        const siemens = rated / knee / COLD_PART;
        return [siemens * volts, siemens];
      }
      const amps = rated * part ** LAMP_EXPONENT;
      return [Math.sign(volts) * amps, (LAMP_EXPONENT * amps) / Math.abs(volts)];
    }
    case "power": {
      if (Math.abs(volts) < knee) return [(volts * scale) / knee ** 2, scale / knee ** 2];
      return [scale / volts, -scale / volts ** 2];
    }
    default:
      throw new Error(`a ${kind} branch is a straight line`);
  }
}

/**
 * A diode's voltage is let to rise by about as much as its current can follow in one step (after Nagel, SPICE2, 1975).
 */
export function limitedVolts({ kind, scale, knee }: Branch, wanted: number, before: number): number {
  if (kind === "power") {
    // From above, the operating point of the higher voltage is met first.
    return Math.abs(wanted) < 0.5 * Math.abs(before) && Math.abs(before) > knee ? 0.5 * before : wanted;
  }
  if (kind !== "diode") return wanted;
  const critical = knee * Math.log(knee / (Math.SQRT2 * scale));
  if (wanted <= critical || Math.abs(wanted - before) <= 2 * knee) return wanted;
  if (before > 0) {
    const ratio = 1 + (wanted - before) / knee;
    return ratio > 0 ? before + knee * Math.log(ratio) : critical;
  }
  return knee * Math.log(wanted / knee);
}

/**
 * Whether a load of constant power that rests at v, below its least voltage m, has an upper operating point as well.
 * Seen from the load the network is a source of E = v + v·W·R/m² behind R; the upper point is the higher root of V² −
 * E·V + R·W, and must not be below m.
 *
 * @param volts  at which the load rests, V, from 0 to its least voltage
 * @param behind what the load sees of the network, Ω, > 0
 */
export function hasUpper({ scale: watts, knee: minVolts }: Branch, volts: number, behind: number): boolean {
  const open = volts + (volts * watts * behind) / minVolts ** 2;
  const root = open ** 2 - 4 * behind * watts;
  return root >= 0 && (open + Math.sqrt(root)) / 2 >= minVolts;
}
