import { nanoid } from "nanoid";
import { gapOps } from "./gap-ops";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { ChoiceRow, JobDocument } from "./schema";
import { openDebtOps, settleDebtOps } from "./triage-ops";

type Facts = Pick<JobDocument, "gaps" | "debts">;

const loopDebt = ({ debts }: Facts, pinId: string) =>
  debts.find(({ type, subject, settled }) => type === "bypass" && subject === `pin:${pinId}` && settled === null);

/**
 * Closes an interlock's input by a loop. Signed with what keeps the driver safe instead it stands; unsigned it is a
 * temporary fix, open until it is undone or signed.
 *
 * @param keepsSafe what keeps the driver safe instead; empty: nobody has signed yet
 */
export function loopInterlockOps(
  document: Facts,
  pin: { readonly id: string; readonly label: string },
  keepsSafe: string,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const closed = gapOps(document, [pin.id], "loop", person);
  const debt = loopDebt(document, pin.id);
  if (keepsSafe.trim() !== "") {
    const row = document.gaps.find(({ id }) => id === pin.id);
    const note = keepsSafe.trim().slice(0, 10_000);
    const signed =
      row === undefined
        ? closed.map((op) => (op.op === "insert" ? { ...op, row: { ...op.row, note } } : op))
        : [updateOp("gap", row.id, row, { way: "loop", note, person })].filter((op) => op !== null);
    return [...signed, ...(debt === undefined ? [] : settleDebtOps(debt, "signed-off", note, person))];
  }
  return [
    ...closed,
    ...(debt === undefined
      ? openDebtOps("bypass", `Interlock input ${pin.label} is closed by a loop`, `pin:${pin.id}`, person, makeId)
      : []),
  ];
}

/** Takes the loop out again, and what was owed for it. */
export function openInterlockOps(document: Facts, pinId: string, person: string): RowOp[] {
  const debt = loopDebt(document, pinId);
  return [
    ...gapOps(document, [pinId], null, person),
    ...(debt === undefined ? [] : settleDebtOps(debt, "paid", "undone", person)),
  ];
}

/** Chooses one of several ways, with the numbers that it rests on; null takes the choice back. */
export function choiceOps(
  { choices }: Pick<JobDocument, "choices">,
  id: ChoiceRow["id"],
  to: Pick<ChoiceRow, "way" | "given" | "note"> | null,
  person: string,
): RowOp[] {
  const row = choices.find((one) => one.id === id);
  if (to === null) return row === undefined ? [] : [deleteOp("choice", row)];
  if (row === undefined) return [insertOp("choice", { id, ...to, person })];
  const op = updateOp("choice", id, row, { ...to, person });
  return op === null ? [] : [op];
}
