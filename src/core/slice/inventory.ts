import type { Harness } from "../harness";
import type { PartSide } from "../parts";
import type { Slice } from "./slice";

export type InventoryKind = "connector" | "relay" | "fuse" | "ground" | "sensor" | "other";

/** What an item is called by: a connector or part by its label, a fuse by its box and way. */
export type InventoryName =
  | { readonly type: "connector" | "part"; readonly label: string }
  | { readonly type: "fuse"; readonly part: string; readonly fuse: string; readonly ratedAmps: number };

/** One thing that must be in hand: its place, and whether what is kept needs it. */
export interface InventoryItem {
  /** `connector:`, `part:` or `fuse:` and what it stands for; by it a count is known again. */
  readonly subject: string;
  readonly kind: InventoryKind;
  readonly side: PartSide;
  readonly what: InventoryName;
  /** Where its connector is said to sit. */
  readonly place: string | null;
  /** Functions kept that need a wire on it. */
  readonly neededBy: readonly string[];
}

const KIND_OF: Readonly<Record<string, InventoryKind>> = {
  relay: "relay",
  flasher: "relay",
  "ground-stud": "ground",
  sensor: "sensor",
  sender: "sensor",
};

/**
 * Every connector, relay, fuse, ground and sensor of both harnesses, and every part that the swap adds; the donor's
 * first, in the harness's order.
 */
export function findInventory(harness: Harness, slice: Slice, kept: ReadonlySet<string>): InventoryItem[] {
  const needs = new Map<string, Set<string>>();
  for (const use of slice.uses) {
    for (const pinId of use.wire.pinIds) {
      const own = needs.get(pinId) ?? new Set();
      for (const key of use.by) own.add(key);
      needs.set(pinId, own);
    }
  }
  const neededBy = (pinIds: readonly string[]) =>
    [...new Set(pinIds.flatMap((id) => [...(needs.get(id) ?? [])]))].filter((key) => kept.has(key));
  const pinsOf = new Map<string, string[]>();
  for (const pin of harness.pinById.values())
    pinsOf.set(pin.connectorId, [...(pinsOf.get(pin.connectorId) ?? []), pin.id]);
  const connectors = [...harness.connectorById.values()].map(
    (one): InventoryItem => ({
      subject: `connector:${one.id}`,
      kind: "connector",
      side: one.side,
      what: { type: "connector", label: one.label },
      place: one.place,
      neededBy: neededBy(pinsOf.get(one.id) ?? []),
    }),
  );
  const parts = harness.parts.flatMap((part): InventoryItem[] => {
    const place = harness.connectorById.get(part.connectorIds[0] ?? "")?.place ?? null;
    const pinAt = new Map(part.terminals.map(({ name, pinId }) => [name, pinId]));
    if (part.type === "fuse-box") {
      return part.elements.flatMap((element) => {
        if (element.type !== "fuse") return [];
        const pinId = pinAt.get(element.b);
        return [
          {
            subject: `fuse:${part.id}/${element.id}`,
            kind: "fuse" as const,
            side: part.side,
            what: { type: "fuse" as const, part: part.label, fuse: element.id, ratedAmps: element.amps },
            place,
            neededBy: pinId == null ? [] : neededBy([pinId]),
          },
        ];
      });
    }
    const kind = KIND_OF[part.type] ?? (part.guessed ? undefined : "other");
    return kind === undefined
      ? []
      : [
          {
            subject: `part:${part.id}`,
            kind,
            side: part.side,
            what: { type: "part", label: part.label },
            place,
            neededBy: neededBy(part.terminals.flatMap(({ pinId }) => (pinId === null ? [] : [pinId]))),
          },
        ];
  });
  return [...connectors, ...parts].toSorted((a, b) => SIDE_ORDER[a.side] - SIDE_ORDER[b.side]);
}

/** One side is counted before the other, as one walks around the vehicle. */
const SIDE_ORDER: Readonly<Record<PartSide, number>> = { donor: 0, host: 1, added: 2 };
