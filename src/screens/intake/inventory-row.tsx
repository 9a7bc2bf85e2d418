import { functionName } from "@/core/functions";
import type { InventoryItem } from "@/core/slice";
import { inventoryName, listed } from "@/core/words";
import { COUNTED, type CountRow } from "@/job/schema";
import { ChoiceCell, TextCell } from "@/ui/cell";
import { type Mark, StateMark } from "@/ui/marks";

export const INVENTORY_COLUMNS =
  "grid grid-cols-[minmax(170px,1.3fr)_130px_minmax(120px,1fr)_minmax(120px,1fr)_minmax(140px,1.2fr)] items-center gap-3 px-3";

export type CountState = CountRow["state"] | "open";
const STATES: readonly { readonly key: CountState; readonly words: string }[] = [
  ...COUNTED.map((key) => ({ key, words: key })),
  { key: "open", words: "not looked at" },
];

export interface CountEdits {
  /** The same of several at once, as one change. */
  readonly all: (items: readonly InventoryItem[], state: CountState) => void;
  readonly state: (item: InventoryItem, state: CountState) => void;
  readonly text: (item: InventoryItem, field: "foundAt" | "goesTo" | "note", text: string, label: string) => void;
}

interface Props {
  readonly item: InventoryItem;
  readonly row: CountRow | undefined;
  readonly edits: CountEdits;
}

/** One thing that must be in hand: what it is, whether it was found, and where it goes. */
export function InventoryRow({ item, row, edits }: Props) {
  const name = inventoryName(item.what);
  const state = row?.state ?? "not looked at";
  const text = (field: "foundAt" | "goesTo" | "note", label: string, usual = "") => {
    const value = row?.[field] ?? "";
    const show = value === "" ? <span className="text-ink2">{usual}</span> : <span className="truncate">{value}</span>;
    const save = (written: string) => {
      edits.text(item, field, written, label);
      return null;
    };
    return (
      <span role="cell">
        <TextCell label={label} value={value} usual={usual} show={show} onSave={save} />
      </span>
    );
  };
  return (
    <>
      <What item={item} state={row?.state} />
      <span role="cell">
        <ChoiceCell
          label={`${name} was found`}
          value={state}
          show={state}
          choices={STATES}
          onChoose={(key) => edits.state(item, key)}
        />
      </span>
      {text("foundAt", `Where ${name} was found`, item.place ?? "")}
      {text("goesTo", `Where ${name} goes`)}
      {text("note", `Note on ${name}`)}
    </>
  );
}

function What({ item, state }: { item: InventoryItem; state: CountRow["state"] | undefined }) {
  const name = inventoryName(item.what);
  return (
    <span role="cell" className="flex min-w-0 items-center gap-2">
      <StateMark mark={markOf(state)} />
      <span className="min-w-0">
        <strong className="block truncate font-semibold" title={name}>
          {name}
        </strong>
        <span className="block truncate text-[13px] text-ink2">
          {item.side} {item.kind === "other" ? "part" : item.kind}
          {item.place === null ? "" : `, ${item.place}`}
          {item.neededBy.length > 0 ? `; for ${listed(item.neededBy.map(functionName), 2)}` : ""}
        </span>
      </span>
    </span>
  );
}

function markOf(state: CountRow["state"] | undefined): Mark {
  if (state === undefined) return "open";
  return state === "present" || state === "replaced" ? "proven" : "blocked";
}
