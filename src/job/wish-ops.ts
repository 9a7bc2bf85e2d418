import { nanoid } from "nanoid";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument, WishRow } from "./schema";

/** Adds wishes at the end of the list, with the functions that each is offered. */
export function addWishOps(
  { wishes }: Pick<JobDocument, "wishes">,
  added: readonly Pick<WishRow, "says" | "functions">[],
  makeId: () => string = nanoid,
): RowOp[] {
  const last = Math.max(-1, ...wishes.map(({ position }) => position));
  return added.map((one, at) => insertOp("wish", { id: makeId(), ...one, position: last + 1 + at }));
}

/** Says a wish in other words, or rests it on other functions; nothing where it is so already. */
export function changeWishOps(row: WishRow, to: Partial<Pick<WishRow, "says" | "functions">>): RowOp[] {
  const op = updateOp("wish", row.id, row, to);
  return op === null ? [] : [op];
}

export const removeWishOps = (row: WishRow): RowOp[] => [deleteOp("wish", row)];
