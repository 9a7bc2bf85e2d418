import type { Filling, GapWay } from "@/core/plan";
import type { SignalPin } from "@/core/signals";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument } from "./schema";

/** By cavity: what a person chose to do about its gap. */
export const gapChoices = ({ gaps }: Pick<JobDocument, "gaps">): ReadonlyMap<string, GapWay> =>
  new Map(gaps.map(({ id, way }) => [id, way]));

/** What people chose to do about gaps, each with its cavity; one whose cavity is gone says nothing. */
export function fillingsOf({ gaps }: Pick<JobDocument, "gaps">, pins: readonly SignalPin[]): Filling[] {
  if (gaps.length === 0) return [];
  const byId = new Map(pins.map((pin) => [pin.id, pin]));
  return gaps.flatMap(({ id, way, person }) => {
    const pin = byId.get(id);
    return pin === undefined ? [] : [{ pin, way, person }];
  });
}

/** Chooses a way for the gaps of these cavities, signed by a person; null opens them again. */
export function gapOps(
  { gaps }: Pick<JobDocument, "gaps">,
  pinIds: readonly string[],
  way: GapWay | null,
  person: string,
): RowOp[] {
  const rows = new Map(gaps.map((row) => [row.id, row]));
  return pinIds.flatMap((id): RowOp[] => {
    const row = rows.get(id);
    if (way === null) return row === undefined ? [] : [deleteOp("gap", row)];
    if (row === undefined) return [insertOp("gap", { id, way, note: "", person })];
    const op = updateOp("gap", id, row, { way, person });
    return op === null ? [] : [op];
  });
}
