import type { InventoryItem } from "@/core/slice";
import { inventoryName } from "@/core/words";
import type { CountRow } from "@/job/schema";

interface Props {
  readonly items: readonly InventoryItem[];
  readonly counts: ReadonlyMap<string, CountRow>;
  readonly name: string;
}

/** The list as it is carried to the vehicle: all of it, with room to write. */
export function PrintedInventory({ items, counts, name }: Props) {
  return (
    <table className="hidden w-full border-collapse text-left text-[9pt] print:table">
      <caption className="pb-2 text-left">
        <strong className="wide text-base">Inventory: {name}</strong>
      </caption>
      <thead>
        <tr className="border-y-[1.5px] border-ink">
          {["What", "Kind", "Found", "Where it was found", "Where it goes", "Note"].map((head) => (
            <th key={head} className="py-1 pr-2">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {items.map((item) => {
          const row = counts.get(item.subject);
          return (
            <tr key={item.subject} className="border-b border-rule">
              <td className="py-1 pr-2 font-semibold">{inventoryName(item.what)}</td>
              <td className="pr-2">
                {item.side} {item.kind === "other" ? "part" : item.kind}
              </td>
              <td className="pr-2">{row?.state ?? "______"}</td>
              <td className="pr-2">{row?.foundAt || item.place}</td>
              <td className="pr-2">{row?.goesTo}</td>
              <td>{row?.note}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
