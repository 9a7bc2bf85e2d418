import type { Quantity } from "@/core/forms";
import { type RowOp, updateOp } from "./ops";
import type { PinRow } from "./schema";

/** What a bus carries, told of the cavity of its high wire: the quantities, and the file that they were read from. */
export function carriesOp(row: PinRow, file: string, quantities: readonly Quantity[]): RowOp | null {
  const carries = [...new Set(quantities)].toSorted().join("|");
  const { carries: _carries, messages: _messages, ...params } = row.params;
  const { carries: _one, messages: _other, ...grades } = row.grades;
  return updateOp("pin", row.id, row, {
    params: { ...params, messages: file, ...(carries === "" ? {} : { carries }) },
    grades: { ...grades, messages: "read", ...(carries === "" ? {} : { carries: "read" }) },
  });
}
