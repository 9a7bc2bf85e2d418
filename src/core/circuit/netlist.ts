import { NETLIST_KEYS, type NetlistKey } from "../state";

/** An element of contracts/netlist.md between named nodes. Volts, amperes, ohms, watts. */
export type NetElement =
  | { readonly id: string; readonly type: "resistor"; readonly a: string; readonly b: string; readonly ohms: number }
  | {
      readonly id: string;
      readonly type: "source";
      readonly a: string;
      readonly b: string;
      readonly volts: number;
      readonly ohms: number;
    }
  | { readonly id: string; readonly type: "current"; readonly a: string; readonly b: string; readonly amps: number }
  | {
      readonly id: string;
      readonly type: "power";
      readonly a: string;
      readonly b: string;
      readonly watts: number;
      readonly minVolts: number;
    }
  | {
      readonly id: string;
      readonly type: "switch";
      readonly a: string;
      readonly b: string;
      readonly closedIn: readonly NetlistKey[];
      readonly ohms: number;
    }
  | {
      readonly id: string;
      readonly type: "fuse";
      readonly a: string;
      readonly b: string;
      readonly amps: number;
      readonly ohms: number;
      readonly blown?: boolean;
    }
  | {
      readonly id: string;
      readonly type: "diode";
      readonly a: string;
      readonly b: string;
      readonly saturationAmps: number;
      readonly emission: number;
    }
  | {
      readonly id: string;
      readonly type: "lamp";
      readonly a: string;
      readonly b: string;
      readonly ratedVolts: number;
      readonly ratedWatts: number;
    }
  | {
      readonly id: string;
      readonly type: "relay";
      readonly coilA: string;
      readonly coilB: string;
      readonly coilOhms: number;
      readonly pullInVolts: number;
      readonly dropOutVolts: number;
      readonly contacts: readonly {
        readonly a: string;
        readonly b: string;
        readonly when: "energised" | "released";
        readonly ohms: number;
      }[];
    };

export const NETLIST_FORMAT = "pantograph-netlist/1";

export interface Netlist {
  readonly format: typeof NETLIST_FORMAT;
  /** The node at 0 V. */
  readonly reference: string;
  readonly state: NetlistKey;
  readonly elements: readonly NetElement[];
}

/** What is wrong with a netlist, the element at which it is, and the way out. */
export interface NetlistFault {
  readonly code:
    | "not-a-netlist"
    | "unknown-type"
    | "bad-field"
    | "unknown-state"
    | "duplicate-id"
    | "one-node"
    | "source-loop"
    | "unused-reference"
    | "stranded-current"
    | "no-convergence"
    | "contradiction";
  readonly element: string | null;
  readonly message: string;
  readonly nodes?: readonly string[];
}

export type NetlistResult =
  | { readonly ok: true; readonly netlist: Netlist }
  | { readonly ok: false; readonly fault: NetlistFault };

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const isState = (value: unknown): value is NetlistKey => NETLIST_KEYS.some((state) => state === value);

type Check = { readonly field: string; readonly test: (value: unknown) => boolean; readonly expected: string };
const node = (field: string): Check => ({
  field,
  test: (value) => typeof value === "string" && value !== "",
  expected: "the name of a node",
});
const over = (field: string, least = 0): Check => ({
  field,
  test: (value) => typeof value === "number" && Number.isFinite(value) && value > least,
  expected: `a number over ${least}`,
});
const from = (field: string, least: number): Check => ({
  field,
  test: (value) => typeof value === "number" && Number.isFinite(value) && value >= least,
  expected: `a number from ${least}`,
});
const any = (field: string): Check => ({
  field,
  test: (value) => typeof value === "number" && Number.isFinite(value),
  expected: "a number",
});

const FIELDS: Readonly<Record<NetElement["type"], readonly Check[]>> = {
  resistor: [node("a"), node("b"), over("ohms")],
  source: [node("a"), node("b"), any("volts"), from("ohms", 0)],
  current: [node("a"), node("b"), any("amps")],
  power: [node("a"), node("b"), over("watts"), over("minVolts")],
  switch: [
    node("a"),
    node("b"),
    {
      field: "closedIn",
      test: (value) => Array.isArray(value) && value.every(isState),
      expected: `a list of ${NETLIST_KEYS.join(", ")}`,
    },
    over("ohms"),
  ],
  fuse: [
    node("a"),
    node("b"),
    over("amps"),
    over("ohms"),
    { field: "blown", test: (value) => value === undefined || typeof value === "boolean", expected: "true or false" },
  ],
  diode: [node("a"), node("b"), over("saturationAmps"), over("emission")],
  lamp: [node("a"), node("b"), over("ratedVolts"), over("ratedWatts")],
  relay: [
    node("coilA"),
    node("coilB"),
    over("coilOhms"),
    over("pullInVolts"),
    from("dropOutVolts", 0),
    { field: "contacts", test: Array.isArray, expected: "a list of contacts" },
  ],
};
const CONTACT: readonly Check[] = [
  node("a"),
  node("b"),
  { field: "when", test: (value) => value === "energised" || value === "released", expected: "energised or released" },
  over("ohms"),
];

/**
 * Checks a netlist as it was parsed from JSON. Unknown fields are passed over: a later version may add some. The first fault is
 * told with its element; loops of ideal sources and stranded currents show only when it is solved.
 */
export function readNetlist(json: unknown): NetlistResult {
  const fail = (code: NetlistFault["code"], element: string | null, message: string): NetlistResult => ({
    ok: false,
    fault: { code, element, message },
  });
  if (!isRecord(json) || json.format !== NETLIST_FORMAT)
    return fail("not-a-netlist", null, `The format should be “${NETLIST_FORMAT}”.`);
  if (typeof json.reference !== "string" || json.reference === "")
    return fail("bad-field", null, "`reference` should be the name of the node at 0 V.");
  if (!isState(json.state))
    return fail("unknown-state", null, `There is no state “${String(json.state)}”: choose ${NETLIST_KEYS.join(", ")}.`);
  if (!Array.isArray(json.elements)) return fail("bad-field", null, "`elements` should be a list.");
  const ids = new Set<string>();
  const touched = new Set<string>();
  for (const [at, element] of json.elements.entries()) {
    if (!isRecord(element)) return fail("bad-field", null, `elements[${at}] is no element.`);
    const { id, type } = element;
    if (typeof id !== "string" || id === "" || id.includes("#"))
      return fail(
        "bad-field",
        typeof id === "string" ? id : null,
        `elements[${at}]: the id should be a text without “#”.`,
      );
    if (ids.has(id)) return fail("duplicate-id", id, `Two elements are called “${id}”.`);
    ids.add(id);
    const checks =
      typeof type === "string" && Object.hasOwn(FIELDS, type) ? FIELDS[type as NetElement["type"]] : undefined;
    if (checks === undefined) return fail("unknown-type", id, `“${id}” is of the unknown type “${String(type)}”.`);
    const wrong = checks.find(({ field, test }) => !test(element[field]));
    if (wrong !== undefined)
      return fail(
        "bad-field",
        id,
        `“${id}”: ${wrong.field} should be ${wrong.expected}, found ${JSON.stringify(element[wrong.field]) ?? "nothing"}.`,
      );
    const pairs: [unknown, unknown][] = type === "relay" ? [[element.coilA, element.coilB]] : [[element.a, element.b]];
    if (type === "relay") {
      if ((element.dropOutVolts as number) > (element.pullInVolts as number))
        return fail("bad-field", id, `“${id}”: dropOutVolts should not be above pullInVolts.`);
      for (const [which, contact] of (element.contacts as unknown[]).entries()) {
        if (!isRecord(contact)) return fail("bad-field", id, `“${id}”: contact ${which} is no contact.`);
        const bad = CONTACT.find(({ field, test }) => !test(contact[field]));
        if (bad !== undefined)
          return fail(
            "bad-field",
            id,
            `“${id}”, contact ${which}: ${bad.field} should be ${bad.expected}, found ${JSON.stringify(contact[bad.field]) ?? "nothing"}.`,
          );
        pairs.push([contact.a, contact.b]);
      }
    }
    for (const [a, b] of pairs) {
      if (a === b) return fail("one-node", id, `Both ends of “${id}” are on the node “${String(a)}”.`);
      touched.add(a as string).add(b as string);
    }
  }
  if (!touched.has(json.reference))
    return fail("unused-reference", null, `No element touches the reference “${json.reference}”.`);
  return { ok: true, netlist: json as unknown as Netlist };
}
