"use client";

import { functionName } from "@/core/functions";
import type { InventoryItem } from "@/core/slice";
import { inventoryName, listed } from "@/core/words";
import { sortOf } from "@/job/alike";
import { COUNTED, type CountRow } from "@/job/schema";
import { Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { Pictures } from "../pictures/pictures";
import { TapThrough } from "../shell/tap-through";
import type { CountEdits, CountState } from "./inventory-row";

interface Props {
  readonly items: readonly InventoryItem[];
  readonly counts: ReadonlyMap<string, CountRow>;
  readonly edits: CountEdits;
  readonly at: number;
  readonly onMove: (by: number) => void;
  readonly onMark: (state: CountState) => void;
  readonly onMarkAll: (items: readonly InventoryItem[], state: CountState) => void;
  readonly onClose: () => void;
}

const HOTKEYS: Readonly<Record<CountRow["state"], string>> = {
  present: "P",
  missing: "M",
  damaged: "D",
  replaced: "R",
};

/** A letter before a number is a label, not a sort of thing. */
const LEAST_SORT = 4;

/** The inventory one thing at a time: is it there? What is alike at once. */
export function InventoryOneByOne({ items, counts, edits, at, onMove, onMark, onMarkAll, onClose }: Props) {
  const item = items[Math.min(at, items.length - 1)];
  const state = item === undefined ? undefined : counts.get(item.subject)?.state;
  const sort = item === undefined ? "" : sortOf(inventoryName(item.what));
  const alike =
    item === undefined || sort.length < LEAST_SORT
      ? []
      : items.filter(
          (one) =>
            one.kind === item.kind &&
            one.side === item.side &&
            !counts.has(one.subject) &&
            sortOf(inventoryName(one.what)) === sort,
        );
  return (
    <TapThrough
      label="Inventory"
      at={Math.min(at, Math.max(0, items.length - 1))}
      of={items.length}
      onMove={onMove}
      onClose={onClose}
      answers={[
        ...COUNTED.map((key) => ({
          label: key[0]?.toUpperCase() + key.slice(1),
          hotkey: HOTKEYS[key],
          isOn: state === key,
          onTap: () => onMark(key),
        })),
        ...(alike.length > 1
          ? [
              {
                label: `All ${alike.length} present`,
                detail: `every ${sort} not looked at yet`,
                hotkey: "A",
                onTap: () => onMarkAll(alike, "present"),
              },
            ]
          : []),
      ]}
    >
      {item === undefined ? (
        <p className="text-center">Nothing is left on this list.</p>
      ) : (
        <div className="mx-auto max-w-2xl space-y-4">
          <h2 className="text-3xl break-words">{inventoryName(item.what)}</h2>
          <p className="text-ink2">
            {item.side} {item.kind === "other" ? "part" : item.kind}
            {item.place === null ? "" : `, ${item.place}`}
          </p>
          <p>
            {item.neededBy.length === 0
              ? "Nothing kept needs it."
              : `Needed for ${listed(item.neededBy.map(functionName), 4)}.`}
          </p>
          <Pictures subject={item.subject} of={inventoryName(item.what)} />
          <Field label="Note">
            <SavedInput
              key={item.subject}
              value={counts.get(item.subject)?.note ?? ""}
              onSave={(text) => edits.text(item, "note", text, `Note on ${inventoryName(item.what)}`)}
            />
          </Field>
        </div>
      )}
    </TapThrough>
  );
}
