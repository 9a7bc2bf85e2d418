import { type Stop, stopsWithout } from "./consequences";
import { type CopperOfSize, copperBySize } from "./copper";
import { functionName } from "./functions";
import { cavityName, nodeName } from "./problems";
import type { FunctionNeed, Slice, WireUse } from "./slice";
import type { Harness, Wire } from "./types";

export const TRIAGE = ["keep", "remove", "lengthen", "move", "park"] as const;
export type TriageChoice = (typeof TRIAGE)[number];

/** What a person decided of one wire. */
export interface TriageFacts {
  readonly wireId: string;
  readonly choice: TriageChoice;
  /** Why it goes although a kept function needs it; empty where nothing was overridden. */
  readonly override: string;
  readonly done: boolean;
  /** It was cut without having been decided. */
  readonly unplanned: boolean;
}

/** One wire with what is proposed for it, what was decided, and why. */
export interface TriageRow extends WireUse {
  readonly proposed: TriageChoice;
  readonly why: string;
  readonly decided: TriageFacts | null;
}

export interface TriageNumbers {
  readonly wires: number;
  readonly needed: number;
  readonly shared: number;
  readonly free: number;
  readonly parked: number;
  readonly removed: number;
  readonly done: number;
  readonly reclaimed: readonly CopperOfSize[];
  readonly atRisk: readonly string[];
}

export interface Triage {
  readonly rows: readonly TriageRow[];
  readonly numbers: TriageNumbers;
  /** What no longer works with all that is decided or cut. */
  readonly stops: readonly Stop[];
}

/**
 * Each wire's verdict with its reason, and the numbers that are always in view.
 *
 * @param moved by connector: the other place that it goes to
 */
export function triage(harness: Harness, slice: Slice, decisions: readonly TriageFacts[], kept: ReadonlySet<string>, moved: ReadonlyMap<string, string> = new Map()): Triage {
  const byWire = new Map(decisions.map((one) => [one.wireId, one]));
  const rows = slice.uses.map((use): TriageRow => ({ ...use, ...proposal(harness, use, moved), decided: byWire.get(use.wire.id) ?? null }));
  const gone = goneWires(decisions);
  const stops = stopsWithout(harness, slice, gone, kept);
  const chosen = (choice: TriageChoice) => rows.filter((row) => row.decided?.choice === choice);
  const count = (type: WireUse["class"]) => rows.filter((row) => row.class === type).length;
  return {
    rows, stops,
    numbers: {
      wires: rows.length, needed: count("needed") + count("shared"), shared: count("shared"), free: count("free") + count("dead"),
      parked: chosen("park").length, removed: chosen("remove").length, done: rows.filter((row) => row.decided?.done).length,
      reclaimed: copperBySize(chosen("remove").map((row) => row.wire)),
      atRisk: [...new Set(stops.map((stop) => stop.functionKey))],
    },
  };
}

export const goneWires = (decisions: readonly TriageFacts[]): Set<string> => new Set(decisions.filter((one) => one.choice === "remove").map((one) => one.wireId));

function proposal(harness: Harness, use: WireUse, moved: ReadonlyMap<string, string>): { proposed: TriageChoice; why: string } {
  const names = (keys: readonly string[]) => listed(keys.map(functionName));
  if (use.mark === "airbag") return { proposed: "keep", why: "Airbag circuit: left to those licensed for it, and never cut or probed here." };
  const place = use.by.length === 0 ? undefined : use.wire.pinIds.map((id) => moved.get(harness.pinById.get(id)?.connectorId ?? "")).find((one) => one !== undefined);
  if (place !== undefined) return { proposed: "move", why: `Needed by ${names(use.by)}, and its connector goes to another place (${place}): measure whether it reaches, and lengthen it if not.` };
  switch (use.class) {
    case "shared": return { proposed: "keep", why: `Shared by ${names(use.by)}${use.sole.length === 0 ? "; there is a second way" : ""}.` };
    case "needed": return { proposed: "keep", why: `Needed by ${names(use.by)}${use.sole.length === 0 ? "; there is a second way" : ""}${endNote(harness, use.wire)}.` };
    case "free": return use.unkept.length > 0
      ? { proposed: "remove", why: `Only ${names(use.unkept)} ${use.unkept.length === 1 ? "needs" : "need"} it, and ${use.unkept.length === 1 ? "it is" : "they are"} not kept.` }
      : { proposed: "remove", why: "No function has a path through it." };
    case "dead": return { proposed: "remove", why: "Dead: no current can flow, it ends where nothing uses it." };
    case "unknown": return { proposed: "park", why: harness.nodes[use.wire.b]?.type === "open" ? "Its other end is not in the tables: cap it and leave it in the loom until someone knows what hangs there." : "Nobody knows yet what it does: cap it and leave it in the loom until it is known." };
  }
}

const endNote = (harness: Harness, wire: Wire) => (harness.nodes[wire.b]?.type === "open" ? "; its other end is not in the tables" : "");

/** `a`, `a and b`, `a, b and 3 more` */
export function listed(names: readonly string[], most = 3): string {
  if (names.length <= 1) return names[0] ?? "";
  if (names.length <= most) return `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
  return `${names.slice(0, most - 1).join(", ")} and ${names.length - most + 1} more`;
}

/** One thing to do at the bench. */
export interface BenchItem {
  readonly row: TriageRow;
  readonly connector: string;
  readonly text: string;
}

/** The decided work in the order in which it is done: connector by connector, along its cavities. Keeping is no work. */
export function benchList(harness: Harness, rows: readonly TriageRow[]): BenchItem[] {
  const order = new Map([...harness.connectorById.keys()].map((id, at) => [id, at]));
  const cavities = new Map([...harness.pinById.keys()].map((id, at) => [id, at]));
  const place = (row: TriageRow): readonly [number, number] => {
    const pin = harness.pinById.get(row.wire.pinIds[0] ?? "");
    return [order.get(pin?.connectorId ?? "") ?? order.size, cavities.get(pin?.id ?? "") ?? 0];
  };
  return rows.filter((row) => row.decided !== null && row.decided.choice !== "keep")
    .map((row) => ({ row, at: place(row) }))
    .toSorted((x, y) => x.at[0] - y.at[0] || x.at[1] - y.at[1])
    .map(({ row }) => ({ row, connector: harness.connectorById.get(harness.pinById.get(row.wire.pinIds[0] ?? "")?.connectorId ?? "")?.label ?? "", text: benchText(harness, row) }));
}

function benchText(harness: Harness, { wire, decided }: TriageRow): string {
  const [from, to] = [nodeName(harness, wire.a), harness.nodes[wire.b]?.type === "open" ? "its open end" : nodeName(harness, wire.b)];
  switch (decided?.choice) {
    case "remove": return `Take ${from} out as far as ${to}`;
    case "park": return `Cap ${from}'s wire and fold it back into the loom`;
    case "lengthen": return `Lengthen ${from}'s wire towards ${to}`;
    case "move": return `Move ${from}'s wire to its new cavity`;
    default: return `Keep ${from}`;
  }
}

/** Something that hangs in the air because what it was joined to leaves. */
export interface LooseEnd {
  /** The cavity that leaves; by it the end is known again. */
  readonly pinId: string;
  readonly name: string;
  readonly carried: "feed" | "ground" | "splice" | "signal";
  /** What else is on the wire that now ends nowhere. */
  readonly hangs: readonly string[];
  readonly functions: readonly string[];
}

/**
 * Each feed, ground, splice and signal that the connectors taken out have carried, as long as something still hangs on its
 * other end: cutting the wire between them does not give what hangs there a home. What leaves on both ends leaves no end.
 */
export function looseEnds(harness: Harness, slice: Slice, removedConnectors: ReadonlySet<string>, gone: ReadonlySet<string>, kept: ReadonlySet<string>): LooseEnd[] {
  const wireAt = new Map(harness.wires.map((wire) => [wire.edge, wire]));
  const leaves = (pinId: string) => removedConnectors.has(harness.pinById.get(pinId)?.connectorId ?? "");
  const hangingAt = (end: number, wire: Wire): string[] => {
    const node = harness.nodes[end];
    if (node?.type === "open") return ["an end not in the tables"];
    if (node?.type === "cavity") return leaves(node.pinId) ? [] : [cavityName(harness, node.pinId)];
    return (harness.edgesAt[end] ?? []).flatMap((at) => {
      const one = wireAt.get(at);
      const pinId = one?.pinIds[0];
      return one === undefined || pinId === undefined || one.id === wire.id || gone.has(one.id) || leaves(pinId) ? [] : [cavityName(harness, pinId)];
    });
  };
  return harness.wires.flatMap((wire) => wire.pinIds.filter(leaves).flatMap((pinId): LooseEnd[] => {
    const pin = harness.pinById.get(pinId);
    const other = wire.a === harness.nodeOfPin.get(pinId) ? wire.b : wire.a;
    const hangs = hangingAt(other, wire);
    if (hangs.length === 0) return [];
    const carried = pin?.kind === "ground" || pin?.quantity === "sensor-ground" ? "ground" : pin?.kind === "supply-out" || pin?.kind === "supply-in" ? "feed" : harness.nodes[other]?.type === "splice" ? "splice" : "signal";
    return [{ pinId, name: cavityName(harness, pinId), carried, hangs, functions: (slice.functionsOf[wire.edge] as readonly string[]).filter((key) => kept.has(key)) }];
  }));
}

/** Functions that the harness cannot serve even with nothing cut. */
export const incomplete = (needs: readonly FunctionNeed[], kept: ReadonlySet<string>) => needs.filter((need) => kept.has(need.def.key) && need.unmet.length > 0);
