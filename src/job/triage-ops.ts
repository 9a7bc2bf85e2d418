import { nanoid } from "nanoid";
import type { TriageChoice } from "@/core/slice";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { CutRow, DebtRow, JobDocument, WireRow } from "./schema";

const known = (op: RowOp | null): RowOp[] => (op === null ? [] : [op]);

/** What a person decides of some wires or connectors. */
export interface CutChoice {
  readonly subjects: readonly string[];
  readonly choice: TriageChoice;
  /** Why it goes although a kept function needs it. A debt is opened with these words. */
  readonly override?: string;
  readonly person: string;
}

/**
 * Decides; a new decision on the same subject takes the old one's place, and what was ticked off stays ticked only
 * while the choice stays.
 */
export function decideCutOps(
  document: JobDocument,
  { subjects, choice, override = "", person }: CutChoice,
  makeId: () => string = nanoid,
): RowOp[] {
  const bySubject = new Map(document.cuts.map((row) => [row.subject, row]));
  const cuts = subjects.flatMap((subject) => {
    const row = bySubject.get(subject);
    if (row === undefined)
      return [
        insertOp("cut", {
          id: makeId(),
          subject,
          choice,
          override,
          done: false,
          doneBy: null,
          unplanned: false,
          note: "",
        }),
      ];
    return known(
      updateOp("cut", row.id, row, {
        choice,
        override,
        ...(row.choice === choice ? {} : { done: false, doneBy: null, unplanned: false }),
      }),
    );
  });
  const [first] = subjects;
  const debt =
    override === "" || first === undefined
      ? []
      : [
          insertOp("debt", {
            id: makeId(),
            type: "override",
            subject: first,
            says: override,
            settled: null,
            note: "",
            person,
          }),
        ];
  return [...cuts, ...debt];
}

/** Takes decisions back, so that they are proposals again. */
export const reopenCutOps = (document: JobDocument, subjects: readonly string[]): RowOp[] =>
  document.cuts.filter((row) => subjects.includes(row.subject)).map((row) => deleteOp("cut", row));

/** Ticks a decision off at the bench, or takes the tick back. */
export const doneOps = (row: CutRow, done: boolean, person: string): RowOp[] =>
  known(updateOp("cut", row.id, row, { done, doneBy: done ? person : null }));

/** Records what was cut in fact, planned or not. */
export function recordCutOps(
  document: JobDocument,
  subject: string,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const row = document.cuts.find((one) => one.subject === subject);
  if (row?.choice === "remove") return doneOps(row, true, person);
  const cut: Omit<CutRow, "id"> = {
    subject,
    choice: "remove",
    override: "",
    done: true,
    doneBy: person,
    unplanned: true,
    note: "",
  };
  return row === undefined ? [insertOp("cut", { id: makeId(), ...cut })] : known(updateOp("cut", row.id, row, cut));
}

/** Keeps or drops functions. */
export function keepOps(document: JobDocument, keys: readonly string[], kept: boolean): RowOp[] {
  const rows = new Map(document.kept.map((row) => [row.id, row]));
  return keys.flatMap((key) => {
    const row = rows.get(key);
    return row === undefined
      ? [insertOp("kept_function", { id: key, kept })]
      : known(updateOp("kept_function", key, row, { kept }));
  });
}

/** The row that settles a loose end, where there is one. */
export const looseEndRow = (document: Pick<JobDocument, "debts">, pinId: string): DebtRow | undefined =>
  document.debts.find((row) => row.type === "loose-end" && row.subject === `pin:${pinId}`);

/** Says what became of a loose end; null opens it again. */
export function settleEndOps(
  document: JobDocument,
  end: { readonly pinId: string; readonly name: string },
  settled: DebtRow["settled"],
  note: string,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const row = looseEndRow(document, end.pinId);
  if (row === undefined)
    return [
      insertOp("debt", {
        id: makeId(),
        type: "loose-end",
        subject: `pin:${end.pinId}`,
        says: end.name,
        settled,
        note,
        person,
      }),
    ];
  return known(updateOp("debt", row.id, row, { settled, note, person }));
}

export const openDebtOps = (
  type: DebtRow["type"],
  says: string,
  subject: string | null,
  person: string,
  makeId: () => string = nanoid,
): RowOp[] => [insertOp("debt", { id: makeId(), type, subject, says, settled: null, note: "", person })];

export const settleDebtOps = (row: DebtRow, settled: DebtRow["settled"], note: string, person: string): RowOp[] =>
  known(updateOp("debt", row.id, row, { settled, note, person }));

/** A new wire from where the same can be had, like the one that is to be removed. */
export const feedElsewhereOps = (
  fromPinId: string,
  toPinId: string,
  like: Pick<WireRow, "colour" | "colourBase" | "colourTracer" | "sizeMm2"> | undefined,
  makeId: () => string = nanoid,
): RowOp[] => [
  insertOp("wire", {
    id: makeId(),
    fromPinId,
    endsAt: "cavity",
    splice: null,
    toPinId,
    origin: "added",
    circuit: null,
    colour: like?.colour ?? null,
    colourBase: like?.colourBase ?? null,
    colourTracer: like?.colourTracer ?? null,
    sizeMm2: like?.sizeMm2 ?? null,
    lengthM: null,
    insulation: null,
    stock: "new",
    note: "in place of a wire that is to be removed",
  }),
];
