import { nanoid } from "nanoid";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { CalibrationRow, IdentityRow, JobDocument, SecurityEntryRow } from "./schema";

/** A part whose identity is to be read, with what is known of it. */
export function addIdentityOps(
  part: IdentityRow["part"],
  known: Pick<IdentityRow, "label" | "side">,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const empty = { serial: "", partNumber: "", software: "", calibration: "", pairedSet: "", note: "" };
  return [insertOp("identity", { id: makeId(), part, ...known, ...empty, person })];
}

export function changeIdentityOps(row: IdentityRow, to: Partial<Omit<IdentityRow, "id">>, person: string): RowOp[] {
  const op = updateOp("identity", row.id, row, { ...to, person });
  return op === null ? [] : [op];
}

export const removeIdentityOps = (row: IdentityRow): RowOp[] => [deleteOp("identity", row)];

/** An entry of the record; what was written is never changed, only added to. */
export const addEntryOps = (entry: Omit<SecurityEntryRow, "id">, makeId: () => string = nanoid): RowOp[] => [
  insertOp("security_entry", { id: makeId(), ...entry }),
];

export type CalibrationValues = Omit<CalibrationRow, "id" | "byHand">;
/** What nobody has said anything of yet. */
export const EMPTY_CALIBRATION = {
  was: "",
  becomes: "",
  why: "",
  codes: "",
  software: "",
  doneBy: null,
  provenBy: "",
  note: "",
} as const satisfies Partial<CalibrationValues>;

/** Changes a line of the calibration list, or keeps what was done of one that the plan asks for. */
export function calibrationOps(
  { calibrations }: Pick<JobDocument, "calibrations">,
  id: string,
  asked: CalibrationValues,
  to: Partial<CalibrationValues>,
): RowOp[] {
  const row = calibrations.find((one) => one.id === id);
  if (row === undefined) return [insertOp("calibration", { id, ...asked, byHand: false, ...to })];
  const op = updateOp("calibration", id, row, to);
  return op === null ? [] : [op];
}

export const addCalibrationOps = (values: CalibrationValues, makeId: () => string = nanoid): RowOp[] => [
  insertOp("calibration", { id: makeId(), ...values, byHand: true }),
];

export const removeCalibrationOps = (row: CalibrationRow): RowOp[] => [deleteOp("calibration", row)];

/** Takes a list from a file in: a line whose id is known changes that one, every other is added. */
export function importCalibrationOps(
  { calibrations }: Pick<JobDocument, "calibrations">,
  lines: readonly (CalibrationValues & { readonly id: string | null })[],
  asked: ReadonlyMap<string, CalibrationValues>,
  makeId: () => string = nanoid,
): RowOp[] {
  const known = new Map(calibrations.map((row) => [row.id, row]));
  const taken = new Set<string>();
  return lines.flatMap(({ id, ...values }): RowOp[] => {
    if (id !== null && taken.has(id)) return addCalibrationOps(values, makeId);
    if (id !== null) taken.add(id);
    const row = id === null ? undefined : known.get(id);
    if (row !== undefined) {
      const op = updateOp("calibration", row.id, row, values);
      return op === null ? [] : [op];
    }
    if (id !== null && asked.has(id)) return [insertOp("calibration", { id, ...values, byHand: false })];
    return addCalibrationOps(values, makeId);
  });
}
