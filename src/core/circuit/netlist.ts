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

/** What a field of a netlist should have been. */
export type Expectation =
  | {
      readonly type:
        | "node"
        | "number"
        | "states"
        | "boolean"
        | "contacts"
        | "when"
        | "list"
        | "element"
        | "contact"
        | "id";
    }
  | { readonly type: "over" | "from"; readonly least: number }
  | { readonly type: "at-most"; readonly field: string };

/** What is wrong with a netlist, and the element at which it is. Words: core/words/circuit.ts. */
export type NetlistFault = { readonly element: string | null; readonly nodes?: readonly string[] } & (
  | { readonly code: "not-a-netlist" | "duplicate-id" | "source-loop" | "stranded-current" | "no-convergence" }
  | { readonly code: "unknown-state"; readonly found: string }
  | { readonly code: "unknown-type"; readonly found: string }
  | { readonly code: "one-node"; readonly node: string }
  | { readonly code: "unused-reference"; readonly reference: string }
  | {
      readonly code: "bad-field";
      /** Its place in the list of elements, where it has no name; of a relay the contact's place. */
      readonly index: number | null;
      readonly contact: number | null;
      readonly field: string | null;
      readonly expected: Expectation;
      /** As JSON; null where it is missing. */
      readonly found: string | null;
    }
);

export type NetlistResult =
  | { readonly ok: true; readonly netlist: Netlist }
  | { readonly ok: false; readonly fault: NetlistFault };

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const isState = (value: unknown): value is NetlistKey => NETLIST_KEYS.some((state) => state === value);

type Check = { readonly field: string; readonly test: (value: unknown) => boolean; readonly expected: Expectation };
const isNumber = (value: unknown): value is number => typeof value === "number" && Number.isFinite(value);
const node = (field: string): Check => ({
  field,
  test: (value) => typeof value === "string" && value !== "",
  expected: { type: "node" },
});
const over = (field: string, least = 0): Check => ({
  field,
  test: (value) => isNumber(value) && value > least,
  expected: { type: "over", least },
});
const from = (field: string, least: number): Check => ({
  field,
  test: (value) => isNumber(value) && value >= least,
  expected: { type: "from", least },
});
const any = (field: string): Check => ({ field, test: isNumber, expected: { type: "number" } });

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
      expected: { type: "states" },
    },
    over("ohms"),
  ],
  fuse: [
    node("a"),
    node("b"),
    over("amps"),
    over("ohms"),
    {
      field: "blown",
      test: (value) => value === undefined || typeof value === "boolean",
      expected: { type: "boolean" },
    },
  ],
  diode: [node("a"), node("b"), over("saturationAmps"), over("emission")],
  lamp: [node("a"), node("b"), over("ratedVolts"), over("ratedWatts")],
  relay: [
    node("coilA"),
    node("coilB"),
    over("coilOhms"),
    over("pullInVolts"),
    from("dropOutVolts", 0),
    { field: "contacts", test: Array.isArray, expected: { type: "contacts" } },
  ],
};
const CONTACT: readonly Check[] = [
  node("a"),
  node("b"),
  { field: "when", test: (value) => value === "energised" || value === "released", expected: { type: "when" } },
  over("ohms"),
];

/**
 * Checks a netlist as it was parsed from JSON. Unknown fields are passed over: a later version may add some. The first
 * fault is told with its element; loops of ideal sources and stranded currents show only when it is solved.
 */
export function readNetlist(json: unknown): NetlistResult {
  const fault = isRecord(json) && json.format === NETLIST_FORMAT ? netlistFault(json) : whole("not-a-netlist");
  return fault === null ? { ok: true, netlist: json as unknown as Netlist } : { ok: false, fault };
}

const whole = (code: "not-a-netlist"): NetlistFault => ({ code, element: null });

interface FieldPlace {
  readonly element?: string | null;
  readonly index?: number;
  readonly contact?: number;
  readonly field?: string;
}

const badField = (place: FieldPlace, expected: Expectation, found: unknown): NetlistFault => ({
  code: "bad-field",
  element: place.element ?? null,
  index: place.index ?? null,
  contact: place.contact ?? null,
  field: place.field ?? null,
  expected,
  found: JSON.stringify(found) ?? null,
});

function netlistFault({ reference, state, elements }: Record<string, unknown>): NetlistFault | null {
  if (typeof reference !== "string" || reference === "")
    return badField({ field: "reference" }, { type: "node" }, reference);
  if (!isState(state)) return { code: "unknown-state", element: null, found: String(state) };
  if (!Array.isArray(elements)) return badField({ field: "elements" }, { type: "list" }, elements);
  const ids = new Set<string>();
  const touched = new Set<string>();
  for (const [index, element] of elements.entries()) {
    const fault = elementFault(element, index, ids, touched);
    if (fault !== null) return fault;
  }
  return touched.has(reference) ? null : { code: "unused-reference", element: null, reference };
}

function elementFault(element: unknown, index: number, ids: Set<string>, touched: Set<string>): NetlistFault | null {
  if (!isRecord(element)) return badField({ index }, { type: "element" }, element);
  const { id, type } = element;
  if (typeof id !== "string" || id === "" || id.includes("#"))
    return badField({ element: typeof id === "string" ? id : null, index, field: "id" }, { type: "id" }, id);
  if (ids.has(id)) return { code: "duplicate-id", element: id };
  ids.add(id);
  const checks =
    typeof type === "string" && Object.hasOwn(FIELDS, type) ? FIELDS[type as NetElement["type"]] : undefined;
  if (checks === undefined) return { code: "unknown-type", element: id, found: String(type) };
  const wrong = checks.find(({ field, test }) => !test(element[field]));
  if (wrong !== undefined) return badField({ element: id, field: wrong.field }, wrong.expected, element[wrong.field]);
  const pairs = type === "relay" ? relayEnds(element, id) : [[element.a, element.b] as const];
  if (!Array.isArray(pairs)) return pairs as NetlistFault;
  for (const [a, b] of pairs) {
    if (a === b) return { code: "one-node", element: id, node: String(a) };
    touched.add(a as string).add(b as string);
  }
  return null;
}

/** The ends of a relay's coil and contacts, or what is wrong with them. */
function relayEnds(relay: Record<string, unknown>, id: string): (readonly [unknown, unknown])[] | NetlistFault {
  const { coilA, coilB, dropOutVolts, pullInVolts, contacts } = relay;
  if ((dropOutVolts as number) > (pullInVolts as number))
    return badField({ element: id, field: "dropOutVolts" }, { type: "at-most", field: "pullInVolts" }, dropOutVolts);
  const ends: (readonly [unknown, unknown])[] = [[coilA, coilB]];
  for (const [contact, one] of (contacts as unknown[]).entries()) {
    if (!isRecord(one)) return badField({ element: id, contact }, { type: "contact" }, one);
    const bad = CONTACT.find(({ field, test }) => !test(one[field]));
    if (bad !== undefined) return badField({ element: id, contact, field: bad.field }, bad.expected, one[bad.field]);
    ends.push([one.a, one.b]);
  }
  return ends;
}
