import type { Kind, ParamGrade, Quantity } from "@/core/forms";
import { CHOSEN } from "./new-rows";
import { type RowOp, updateOp } from "./ops";
import { ENTERED_COLUMNS, type PinRow } from "./schema";

/** What a person enters of a cavity; it is noted as theirs, so that a new table asks before it changes it. Null where nothing changes. */
export function enterOp(row: PinRow, to: Partial<PinRow>): RowOp | null {
  const own = ENTERED_COLUMNS.filter((column) => column in to && to[column] !== row[column]);
  return updateOp("pin", row.id, row, {
    ...to,
    entered: ENTERED_COLUMNS.filter((column) => row.entered.includes(column) || own.includes(column)),
  });
}

/** One value of a cavity's form with the ground on which it is known; taken out where it is null. */
export function factOp(row: PinRow, field: string, value: string | null, grade: ParamGrade): RowOp | null {
  const params = { ...row.params };
  const grades = { ...row.grades };
  if (value === null) {
    delete params[field];
    delete grades[field];
  } else {
    params[field] = value;
    grades[field] = grade;
  }
  return updateOp("pin", row.id, row, { params, grades });
}

/** A person says what a cavity does electrically. */
export const kindOp = (row: PinRow, kind: Kind): RowOp | null =>
  updateOp("pin", row.id, row, { kind, kindSource: "confirmed", kindConfidence: 1, kindWhy: CHOSEN });

/** A person says what a cavity carries. */
export const quantityOp = (row: PinRow, quantity: Quantity | null): RowOp | null =>
  updateOp("pin", row.id, row, {
    quantity,
    quantitySource: "confirmed",
    quantityConfidence: 1,
    quantityWhy: CHOSEN,
  });

/** The person agrees with what was proposed: it counts as confirmed from now on. */
export const confirmOp = (row: PinRow): RowOp | null =>
  updateOp("pin", row.id, row, {
    kindSource: "confirmed",
    kindConfidence: 1,
    quantitySource: "confirmed",
    quantityConfidence: 1,
  });
