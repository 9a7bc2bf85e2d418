import type { Harness, Wire } from "../harness";
import { cavityPoint, endsOf, pointAt } from "../harness";
import type { Point, WireEnds } from "../points";
import { type Stop, stopsWithout } from "./consequences";
import { type CopperOfSize, copperBySize } from "./copper";
import { type Guard, guardsOf } from "./guards";
import type { FunctionNeed, Slice, WireUse } from "./slice";

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

/**
 * Why a wire is proposed to be kept, moved, capped or taken out. `by` are keys of functions. Words:
 * core/words/harness.ts.
 */
export type TriageReason =
  | { readonly code: "guarded"; readonly guard: Guard; readonly by: readonly string[] }
  | { readonly code: "moves"; readonly by: readonly string[]; readonly place: string }
  | {
      readonly code: "shared" | "needed";
      readonly by: readonly string[];
      readonly secondWay: boolean;
      readonly endUnknown: boolean;
    }
  | { readonly code: "only-dropped"; readonly by: readonly string[] }
  | { readonly code: "no-path" | "dead" | "end-unknown" | "use-unknown" };

/** One wire with what is proposed for it, what was decided, and why. */
export interface TriageRow extends WireUse {
  /** Why it is never offered nor taken out with others; null where it may be. */
  readonly guard: Guard | null;
  readonly proposed: TriageChoice;
  readonly reason: TriageReason;
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
export function triage(
  harness: Harness,
  slice: Slice,
  decisions: readonly TriageFacts[],
  kept: ReadonlySet<string>,
  moved: ReadonlyMap<string, string> = new Map(),
): Triage {
  const byWire = new Map(decisions.map((one) => [one.wireId, one]));
  const guardOf = guardsOf(harness);
  const rows = slice.uses.map((use): TriageRow => {
    const guard = guardOf(use.wire);
    return { ...use, guard, ...proposal(harness, use, guard, moved), decided: byWire.get(use.wire.id) ?? null };
  });
  const gone = goneWires(decisions);
  const stops = stopsWithout(harness, slice, gone, kept);
  const chosen = (choice: TriageChoice) => rows.filter((row) => row.decided?.choice === choice);
  const count = (type: WireUse["class"]) => rows.filter((row) => row.class === type).length;
  return {
    rows,
    stops,
    numbers: {
      wires: rows.length,
      needed: count("needed") + count("shared"),
      shared: count("shared"),
      free: count("free") + count("dead"),
      parked: chosen("park").length,
      removed: chosen("remove").length,
      done: rows.filter((row) => row.decided?.done).length,
      reclaimed: copperBySize(chosen("remove").map((row) => row.wire)),
      atRisk: [...new Set(stops.map((stop) => stop.functionKey))],
    },
  };
}

export const goneWires = (decisions: readonly TriageFacts[]): Set<string> =>
  new Set(decisions.filter((one) => one.choice === "remove").map((one) => one.wireId));

function proposal(
  harness: Harness,
  { wire, class: what, by, unkept, sole }: WireUse,
  guard: Guard | null,
  moved: ReadonlyMap<string, string>,
): { proposed: TriageChoice; reason: TriageReason } {
  if (guard === "airbag") return { proposed: "keep", reason: { code: "guarded", guard, by } };
  const place =
    by.length === 0
      ? undefined
      : wire.pinIds.map((id) => moved.get(harness.pinById.get(id)?.connectorId ?? "")).find((one) => one !== undefined);
  if (place !== undefined) return { proposed: "move", reason: { code: "moves", by, place } };
  const endUnknown = harness.nodes[wire.b]?.type === "open";
  if (what !== "needed" && what !== "shared" && guard !== null)
    return guard === "end-unknown"
      ? { proposed: "park", reason: { code: "end-unknown" } }
      : { proposed: "keep", reason: { code: "guarded", guard, by: unkept } };
  switch (what) {
    case "shared":
      return { proposed: "keep", reason: { code: "shared", by, secondWay: sole.length === 0, endUnknown: false } };
    case "needed":
      return { proposed: "keep", reason: { code: "needed", by, secondWay: sole.length === 0, endUnknown } };
    case "free":
      return {
        proposed: "remove",
        reason: unkept.length > 0 ? { code: "only-dropped", by: unkept } : { code: "no-path" },
      };
    case "dead":
      return { proposed: "remove", reason: { code: "dead" } };
    case "unknown":
      return { proposed: "park", reason: { code: endUnknown ? "end-unknown" : "use-unknown" } };
  }
}

/** One thing to do at the bench. */
export interface BenchItem {
  readonly row: TriageRow;
  readonly connector: string;
  readonly task: BenchTask;
}

/** What is done to a wire: at its cavity, as far as its other end. */
export interface BenchTask extends WireEnds {
  readonly choice: TriageChoice;
}

/**
 * The decided work in the order in which it is done: connector by connector, along its cavities. Keeping is no work.
 */
export function benchList(harness: Harness, rows: readonly TriageRow[]): BenchItem[] {
  const order = new Map([...harness.connectorById.keys()].map((id, at) => [id, at]));
  const cavities = new Map([...harness.pinById.keys()].map((id, at) => [id, at]));
  const place = (row: TriageRow): readonly [number, number] => {
    const pin = harness.pinById.get(row.wire.pinIds[0] ?? "");
    return [order.get(pin?.connectorId ?? "") ?? order.size, cavities.get(pin?.id ?? "") ?? 0];
  };
  return rows
    .filter((row) => row.decided !== null && row.decided.choice !== "keep")
    .map((row) => ({ row, at: place(row) }))
    .toSorted((x, y) => x.at[0] - y.at[0] || x.at[1] - y.at[1])
    .map(({ row }) => ({
      row,
      connector:
        harness.connectorById.get(harness.pinById.get(row.wire.pinIds[0] ?? "")?.connectorId ?? "")?.label ?? "",
      task: { choice: row.decided?.choice ?? "keep", ...endsOf(harness, row.wire) },
    }));
}

/** A loose end because what it was joined to leaves. */
export interface LooseEnd {
  /** The cavity that leaves; by it the end is known again. */
  readonly pinId: string;
  readonly at: Point;
  readonly carried: "feed" | "ground" | "splice" | "signal";
  /** What else is on the wire that now ends nowhere. */
  readonly connected: readonly Point[];
  readonly functions: readonly string[];
}

/**
 * Each feed, ground, splice and signal that the removed connectors have carried, as long as something is still
 * connected to its other end: cutting the wire between them does not give what is connected there a home. What leaves
 * on both ends leaves no end.
 */
export function looseEnds(
  harness: Harness,
  slice: Slice,
  removedConnectors: ReadonlySet<string>,
  gone: ReadonlySet<string>,
  kept: ReadonlySet<string>,
): LooseEnd[] {
  const wireAt = new Map(harness.wires.map((wire) => [wire.edge, wire]));
  const leaves = (pinId: string) => removedConnectors.has(harness.pinById.get(pinId)?.connectorId ?? "");
  const hangingAt = (end: number, wire: Wire): Point[] => {
    const node = harness.nodes[end];
    if (node?.type === "open") return [pointAt(harness, end)];
    if (node?.type === "cavity") return leaves(node.pinId) ? [] : [cavityPoint(harness, node.pinId)];
    return (harness.edgesAt[end] ?? []).flatMap((at) => {
      const one = wireAt.get(at);
      const pinId = one?.pinIds[0];
      return one === undefined || pinId === undefined || one.id === wire.id || gone.has(one.id) || leaves(pinId)
        ? []
        : [cavityPoint(harness, pinId)];
    });
  };
  return harness.wires.flatMap((wire) =>
    wire.pinIds.filter(leaves).flatMap((pinId): LooseEnd[] => {
      const pin = harness.pinById.get(pinId);
      const other = wire.a === harness.nodeOfPin.get(pinId) ? wire.b : wire.a;
      const connected = hangingAt(other, wire);
      if (connected.length === 0) return [];
      const carried =
        pin?.form.kind === "ground" || pin?.quantity === "sensor-ground"
          ? "ground"
          : pin?.form.kind === "supply-out" || pin?.form.kind === "supply-in"
            ? "feed"
            : harness.nodes[other]?.type === "splice"
              ? "splice"
              : "signal";
      return [
        {
          pinId,
          at: cavityPoint(harness, pinId),
          carried,
          connected,
          functions: (slice.functionsOf[wire.edge] as readonly string[]).filter((key) => kept.has(key)),
        },
      ];
    }),
  );
}

/** Functions that the harness cannot serve even with nothing cut. */
export const incomplete = (needs: readonly FunctionNeed[], kept: ReadonlySet<string>) =>
  needs.filter((need) => kept.has(need.def.key) && need.unmet.length > 0);
