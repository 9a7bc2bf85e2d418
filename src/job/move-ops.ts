import { nanoid } from "nanoid";
import type { Move } from "@/core/moves";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument, MoveRow, StandInRow } from "./schema";

type Facts = Pick<JobDocument, "moves" | "standIns">;

/** One or two plugs for which others stand in. */
export const addStandInOps = (
  fromIds: readonly string[],
  toIds: readonly string[],
  person: string,
  makeId: () => string = nanoid,
): RowOp[] => [insertOp("stand_in", { id: makeId(), fromIds: [...fromIds], toIds: [...toIds], note: "", person })];

/** Takes an exchange out with all that was decided and ticked of it. */
export const removeStandInOps = ({ moves }: Facts, row: StandInRow): RowOp[] => [
  ...moves.filter(({ standInId }) => standInId === row.id).map((move) => deleteOp("move", move)),
  deleteOp("stand_in", row),
];

const rowOf = ({ moves }: Facts, standInId: string, { from, to }: Pick<Move, "from" | "to">): MoveRow | undefined =>
  moves.find(
    (row) =>
      row.standInId === standInId &&
      (from === null ? row.fromPinId === null && row.toPinId === to?.id : row.fromPinId === from.id),
  );

export const isMoveDone = (document: Facts, standInId: string, move: Move): boolean => {
  const row = rowOf(document, standInId, move);
  // What was ticked is a wire in one cavity: put elsewhere by the plan, it is to be done again.
  return row?.done === true && row.toPinId === (move.to?.id ?? null);
};

/** By a cavity of the old plug, where somebody put it. */
export const chosenMoves = ({ moves }: Facts, standInId: string): ReadonlyMap<string, string | null> =>
  new Map(
    moves.flatMap((row) =>
      row.standInId === standInId && row.byHand && row.fromPinId !== null
        ? [[row.fromPinId, row.toPinId] as const]
        : [],
    ),
  );

/** Ticks a cavity off, or takes the tick back. */
export function tickMoveOps(
  document: Facts,
  standInId: string,
  move: Pick<Move, "from" | "to">,
  done: boolean,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const row = rowOf(document, standInId, move);
  const toPinId = move.to?.id ?? null;
  if (row === undefined)
    return [
      insertOp("move", {
        id: makeId(),
        standInId,
        fromPinId: move.from?.id ?? null,
        toPinId,
        byHand: false,
        done,
        person,
      }),
    ];
  const op = updateOp("move", row.id, row, { done, toPinId, person });
  return op === null ? [] : [op];
}

/** Puts a wire of the old plug into a cavity of the new one by hand; null caps it, undefined leaves it to the plan again. */
export function chooseMoveOps(
  document: Facts,
  standInId: string,
  fromPinId: string,
  toPinId: string | null | undefined,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const row = document.moves.find((one) => one.standInId === standInId && one.fromPinId === fromPinId);
  if (toPinId === undefined) return row === undefined ? [] : [deleteOp("move", row)];
  if (row === undefined)
    return [insertOp("move", { id: makeId(), standInId, fromPinId, toPinId, byHand: true, done: false, person })];
  const op = updateOp("move", row.id, row, { toPinId, byHand: true, done: false, person });
  return op === null ? [] : [op];
}
