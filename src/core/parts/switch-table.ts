import { NETLIST_KEYS, type NetlistKey } from "../state";
import { CONTACT_OHMS, type ElementSpec } from "./elements";

type SwitchSpec = Extract<ElementSpec, { type: "switch" }>;

/** Positions of a key switch as one turns it; what is closed in run is closed while the engine runs. */
export const KEY_COLUMNS = ["off", "accessory", "run", "crank"] as const satisfies readonly NetlistKey[];

/** A switch as a table of terminals against positions: which are joined with its common terminal in which. */
export interface SwitchTable {
  /** The terminal that the others are joined with; null where it has no contact yet. */
  readonly common: string | null;
  /** A key's own, or those that somebody named. */
  readonly positions: readonly string[];
  /** By terminal, the positions in which it is joined with the common one. */
  readonly joined: ReadonlyMap<string, ReadonlySet<string>>;
  /** Elements that such a table does not hold: lamps, diodes, contacts between two other terminals. */
  readonly others: readonly ElementSpec[];
}

const isSwitch = (element: ElementSpec): element is SwitchSpec => element.type === "switch";

/**
 * A part's contacts as a table. The common terminal is the one that most of them have at one end, of equals the first.
 *
 * @param isKey its positions are those of the vehicle's key
 */
export function switchTable(elements: readonly ElementSpec[], isKey: boolean): SwitchTable {
  const contacts = elements.filter(isSwitch);
  const counts = new Map<string, number>();
  for (const { a, b } of contacts) for (const end of [a, b]) counts.set(end, (counts.get(end) ?? 0) + 1);
  const common = [...counts].toSorted(([, one], [, two]) => two - one)[0]?.[0] ?? null;
  const own = contacts.filter(({ a, b }) => a === common || b === common);
  const positions = isKey ? KEY_COLUMNS : [...new Set(own.flatMap((one) => one.positions ?? [ALWAYS]))];
  const joined = new Map<string, Set<string>>();
  for (const one of own) {
    const terminal = one.a === common ? one.b : one.a;
    const closed = isKey ? KEY_COLUMNS.filter((key) => one.closedIn.includes(key)) : (one.positions ?? [ALWAYS]);
    joined.set(terminal, new Set([...(joined.get(terminal) ?? []), ...closed]));
  }
  return { common, positions, joined, others: elements.filter((one) => !own.some((contact) => contact === one)) };
}

/** What a switch of which nobody has named the positions has: it is worked. */
export const ALWAYS = "on";

/** The positions that somebody named, without the one that stands for all while nobody has. */
export const namedPositions = ({ positions = [] }: Pick<SwitchSpec, "positions">): readonly string[] =>
  positions.filter((one) => one !== ALWAYS);

/**
 * The contacts of a table as elements, behind those that it does not hold. A switch that is not the key's is worked
 * when its function asks for it, whatever the key: its own positions ride along.
 */
export function switchElements({ common, joined, others }: SwitchTable, isKey: boolean): ElementSpec[] {
  if (common === null) return [...others];
  const taken = new Set(others.map(({ id }) => id));
  const contacts = [...joined].flatMap(([terminal, positions]): ElementSpec[] => {
    if (positions.size === 0 || terminal === common) return [];
    let id = terminal;
    for (let count = 2; taken.has(id); count++) id = `${terminal} ${count}`;
    taken.add(id);
    const contact = { id, type: "switch", a: common, b: terminal, ohms: CONTACT_OHMS } as const;
    if (!isKey) return [{ ...contact, closedIn: NETLIST_KEYS, positions: [...positions] }];
    const closed = KEY_COLUMNS.filter((key) => positions.has(key));
    return [
      {
        ...contact,
        closedIn: NETLIST_KEYS.filter(
          (key) => closed.includes(key as never) || (key === "running" && positions.has("run")),
        ),
      },
    ];
  });
  return [...others, ...contacts];
}

/** The table with another terminal joined, or no longer joined, with the common one in a position. */
export function ticked(table: SwitchTable, terminal: string, position: string, isJoined: boolean): SwitchTable {
  const positions = new Set(table.joined.get(terminal));
  if (isJoined) positions.add(position);
  else positions.delete(position);
  return { ...table, joined: new Map([...table.joined, [terminal, positions]]) };
}
