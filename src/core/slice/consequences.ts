import { cachedBy } from "../cached-by";
import { fieldOf } from "../forms";
import { Groups } from "../groups";
import type { Harness, HarnessEdge } from "../harness";
import { cavityPoint, endsOf, pointAt } from "../harness";
import type { CavityPoint, Point, WireEnds } from "../points";
import { liveIn, NETLIST_KEYS, type NetlistKey } from "../state";
import { findBlocks } from "./blocks";
import { conducting } from "./conducting";
import { type CopperOfSize, copperBySize } from "./copper";
import type { Demand } from "./demands";
import type { FunctionNeed, Slice } from "./slice";
import { lastStraps, strapStops } from "./strap-cuts";

/** One thing that a function can no longer do. */
export interface Stop {
  readonly functionKey: string;
  readonly purpose: Demand["purpose"];
  /** What is left without a feed or ground; and, of a signal, both of its ends. */
  readonly at: Point;
  readonly from: Point;
  readonly to: Point;
}

/** What taking wires out would do, told before it is done. */
export interface Consequences {
  /** Kept functions that stop with these and all earlier cuts, and would not without these. */
  readonly stops: readonly Stop[];
  /** Earlier cuts without which these would have stopped less. */
  readonly earlier: readonly string[];
  /** Wires that become the only way of a kept function. */
  readonly lastWays: readonly { readonly wireId: string; readonly functionKey: string }[];
  /** What else is connected where these wires end: at a splice, a ground, a shared cavity. */
  readonly connected: readonly {
    readonly at: Point;
    readonly wires: readonly { readonly wireId: string; readonly ends: WireEnds; readonly by: readonly string[] }[];
  }[];
  /** Connectors that no wire is left on. */
  readonly emptied: readonly string[];
  readonly copper: readonly CopperOfSize[];
}

/**
 * @param cut    ids of the wires to be taken out now
 * @param gone   ids of the wires decided or cut already
 * @param kept   functions that must go on working
 */
export function consequencesOf(
  harness: Harness,
  slice: Slice,
  cut: ReadonlySet<string>,
  gone: ReadonlySet<string>,
  kept: ReadonlySet<string>,
): Consequences {
  const before = without(harness, gone);
  const after = without(harness, new Set([...gone, ...cut]));
  const needs = slice.needs.filter((need) => kept.has(need.def.key));
  const stops = brokenDemands(harness, needs, before, after);
  const alone = without(harness, cut);
  const edgesCut = new Set(harness.wires.filter((wire) => cut.has(wire.id)).map((wire) => wire.edge));
  return {
    stops: [
      ...stops.map(({ need, demand }) => stopOf(harness, need, demand)),
      ...strapStops(harness, needs, gone, new Set([...gone, ...cut])),
    ],
    earlier: stops.some(({ demand }) => alone.any(demand.from, demand.to))
      ? earlierCuts(
          harness,
          slice,
          stops.map(({ demand }) => demand),
          gone,
        )
      : [],
    lastWays: [
      ...lastWays(harness, slice, needs, edgesCut, new Set([...gone, ...cut])),
      ...lastStraps(harness, needs, gone, new Set([...gone, ...cut])),
    ],
    connected: hangingWith(harness, slice, cut, gone, kept),
    emptied: emptiedBy(harness, cut, gone),
    copper: copperBySize(harness.wires.filter((wire) => cut.has(wire.id))),
  };
}

/** What a person would mend first stands first. */
const URGENCY: Readonly<Record<Demand["purpose"], number>> = { feed: 0, return: 1, signal: 2 };

/**
 * Functions kept that do not work with these wires gone, with what each is left without; what never worked is left out.
 */
export function stopsWithout(
  harness: Harness,
  slice: Slice,
  gone: ReadonlySet<string>,
  kept: ReadonlySet<string>,
): Stop[] {
  const needs = slice.needs.filter((need) => kept.has(need.def.key));
  return [
    ...brokenDemands(harness, needs, whole(harness), without(harness, gone)).map(({ need, demand }) =>
      stopOf(harness, need, demand),
    ),
    ...strapStops(harness, needs, new Set(), gone),
  ];
}

/** A cavity that could feed or ground what a cut would leave without. */
export interface OtherFeed {
  readonly at: CavityPoint;
  readonly spare: boolean;
}

/**
 * Cavities that could feed, or ground, what a cut would leave without: live still, and on no wire that goes. Spare ways
 * first.
 */
export function otherFeeds(harness: Harness, stop: Pick<Stop, "purpose">, gone: ReadonlySet<string>): OtherFeed[] {
  if (stop.purpose === "signal") return [];
  const joined = without(harness, gone);
  const wanted = stop.purpose === "feed" ? "supply-out" : "ground";
  const wired = new Set(
    harness.wires
      .filter((wire) => !gone.has(wire.id))
      .flatMap((wire) => (harness.nodes[wire.b]?.type === "open" ? [] : wire.pinIds)),
  );
  const cutOff = new Set(harness.wires.filter((wire) => gone.has(wire.id)).flatMap((wire) => wire.pinIds));
  return [...harness.pinById.values()]
    .flatMap((pin) => {
      if (cutOff.has(pin.id)) return [];
      const node = harness.nodeOfPin.get(pin.id) as number;
      const stud =
        harness.edgesAt[node]?.some((at) => {
          const edge = harness.edges[at] as HarnessEdge;
          return edge.type === "joint" && (edge.a === harness.chassis || edge.b === harness.chassis);
        }) ?? false;
      const fits = wanted === "ground" ? stud : pin.form.kind === "supply-out" && joined.any(harness.plus, node);
      return fits
        ? [{ at: cavityPoint(harness, pin.id), spare: /spare/i.test(pin.description ?? "") || !wired.has(pin.id) }]
        : [];
    })
    .toSorted((a, b) => Number(b.spare) - Number(a.spare));
}

type Joined = (a: number, b: number) => boolean;

/** Whether two nodes are joined by what conducts when some wires are gone: at all, and in a key position. */
interface Reached {
  readonly any: Joined;
  readonly inKey: (key: NetlistKey) => Joined;
}

function without(harness: Harness, gone: ReadonlySet<string>): Reached {
  const through = conducting(harness);
  const { keys } = contactsOf(harness);
  const joinedIn = (key: NetlistKey | null): Joined => {
    const groups = new Groups(harness.nodes.length);
    harness.edges.forEach((edge, at) => {
      if (through[at] === 0 || (edge.type === "wire" && gone.has(edge.id))) return;
      if (key === null || keys.get(at)?.includes(key) !== false) groups.join(edge.a, edge.b);
    });
    return (a, b) => groups.of(a) === groups.of(b);
  };
  const known = new Map<NetlistKey, Joined>();
  return {
    any: joinedIn(null),
    inKey: (key) => {
      const joined = known.get(key) ?? joinedIn(key);
      known.set(key, joined);
      return joined;
    },
  };
}

const whole = cachedBy((harness: Harness) => without(harness, new Set()));

/** By edge: the key positions in which a contact that the key works is closed. */
const contactsOf = cachedBy((harness: Harness) => {
  const keys = new Map<number, readonly NetlistKey[]>();
  const byElement = new Map(
    harness.parts.flatMap((part) =>
      part.elements.flatMap((element) =>
        element.type === "switch" && part.type === "key-switch"
          ? [[`${part.id} ${element.id}`, element.closedIn] as const]
          : [],
      ),
    ),
  );
  harness.edges.forEach((edge, at) => {
    const closedIn = byElement.get(`${edge.partId} ${edge.elementId}`);
    if (closedIn !== undefined) keys.set(at, closedIn);
  });
  return { keys };
});

/** The key positions in which a demand must be met, as its consumer says; none where nobody says. */
function neededIn(harness: Harness, { purpose, serves }: Demand): readonly NetlistKey[] {
  const pin = harness.pinAt[serves];
  const alive = purpose === "feed" && pin?.form.kind === "supply-in" ? fieldOf(pin.form, "alive") : null;
  return alive === null || alive === "relay" ? [] : NETLIST_KEYS.filter((key) => liveIn(alive).includes(key));
}

/**
 * Demands that are met before and not after: at all, or in a key position in which they must be. A second way that is
 * dead while cranking is no second way for what must be live then.
 */
const brokenDemands = (harness: Harness, needs: readonly FunctionNeed[], before: Reached, after: Reached) =>
  needs
    .flatMap((need) =>
      need.demands
        .filter(
          (demand) =>
            (before.any(demand.from, demand.to) && !after.any(demand.from, demand.to)) ||
            neededIn(harness, demand).some(
              (key) => before.inKey(key)(demand.from, demand.to) && !after.inKey(key)(demand.from, demand.to),
            ),
        )
        .map((demand) => ({ need, demand })),
    )
    .toSorted((x, y) => URGENCY[x.demand.purpose] - URGENCY[y.demand.purpose]);

const stopOf = (harness: Harness, { def }: FunctionNeed, { purpose, serves, from, to }: Demand): Stop => ({
  functionKey: def.key,
  purpose,
  at: pointAt(harness, serves),
  from: pointAt(harness, from),
  to: pointAt(harness, to),
});

/** Earlier cuts in the blocks that the demand went through: it was they that left one way only. */
function earlierCuts(harness: Harness, slice: Slice, demands: readonly Demand[], gone: ReadonlySet<string>): string[] {
  const blocks = new Set(demands.flatMap((demand) => slice.blocks.between(demand.from, demand.to) ?? []));
  const conducting = new Map([...slice.conductors].map((edge, at) => [edge, at]));
  return harness.wires
    .filter(
      (wire) => gone.has(wire.id) && blocks.has(slice.blocks.blockOf[conducting.get(wire.edge) as number] as number),
    )
    .map((wire) => wire.id);
}

/** Wires that had company before the cut and have none after it (second cuts that would then stop a function). */
function lastWays(
  harness: Harness,
  slice: Slice,
  needs: readonly FunctionNeed[],
  cut: ReadonlySet<number>,
  gone: ReadonlySet<string>,
): Consequences["lastWays"] {
  const place = new Map([...slice.conductors].map((edge, at) => [edge, at]));
  const touched = new Set(
    [...cut]
      .flatMap((edge) => {
        const at = place.get(edge);
        return at === undefined ? [] : [slice.blocks.blockOf[at] as number];
      })
      .filter((block) => (slice.blocks.edgesOf[block]?.length ?? 0) > 1),
  );
  if (touched.size === 0) return [];
  const left = [...slice.conductors].filter((at) => !gone.has((harness.edges[at] as HarnessEdge).id));
  const blocks = findBlocks({
    nodes: harness.nodes.length,
    a: left.map((at) => (harness.edges[at] as HarnessEdge).a),
    b: left.map((at) => (harness.edges[at] as HarnessEdge).b),
  });
  const wireOf = new Map(harness.wires.map((wire) => [wire.edge, wire.id]));
  const found = new Map<string, { wireId: string; functionKey: string }>();
  for (const need of needs) {
    for (const demand of need.demands) {
      if (!(slice.blocks.between(demand.from, demand.to) ?? []).some((block) => touched.has(block))) continue;
      for (const block of blocks.between(demand.from, demand.to) ?? []) {
        const own = blocks.edgesOf[block] as readonly number[];
        const edge = left[own[0] as number] as number;
        const wireId = wireOf.get(edge);
        if (
          own.length > 1 ||
          wireId === undefined ||
          !touched.has(slice.blocks.blockOf[place.get(edge) as number] as number)
        )
          continue;
        found.set(`${wireId} ${need.def.key}`, { wireId, functionKey: need.def.key });
      }
    }
  }
  return [...found.values()];
}

function hangingWith(
  harness: Harness,
  slice: Slice,
  cut: ReadonlySet<string>,
  gone: ReadonlySet<string>,
  kept: ReadonlySet<string>,
): Consequences["connected"] {
  const ends = new Set(harness.wires.filter((wire) => cut.has(wire.id)).flatMap((wire) => [wire.a, wire.b]));
  const wireAt = new Map(harness.wires.map((wire) => [wire.edge, wire]));
  return [...ends].flatMap((end) => {
    const wires = (harness.edgesAt[end] ?? []).flatMap((at) => {
      const wire = wireAt.get(at);
      return wire === undefined || cut.has(wire.id) || gone.has(wire.id)
        ? []
        : [
            {
              wireId: wire.id,
              ends: endsOf(harness, wire),
              by: (slice.functionsOf[at] as readonly string[]).filter((key) => kept.has(key)),
            },
          ];
    });
    return wires.length === 0 ? [] : [{ at: pointAt(harness, end), wires }];
  });
}

function emptiedBy(harness: Harness, cut: ReadonlySet<string>, gone: ReadonlySet<string>): string[] {
  const left = new Map<string, number>();
  const touched = new Set<string>();
  for (const wire of harness.wires) {
    for (const pinId of wire.pinIds) {
      const connectorId = harness.pinById.get(pinId)?.connectorId ?? "";
      if (cut.has(wire.id)) touched.add(connectorId);
      else if (!gone.has(wire.id)) left.set(connectorId, (left.get(connectorId) ?? 0) + 1);
    }
  }
  return [...touched].filter((id) => !left.has(id)).flatMap((id) => harness.connectorById.get(id)?.label ?? []);
}
