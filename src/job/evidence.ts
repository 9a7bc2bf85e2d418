import { type FormField, PARAMS_OF, type ParamGrade, readTyped } from "@/core/forms";
import { cavityKey, cavityLabel, FIELD_WORDS, fieldHintText, typedText } from "@/core/words";
import { insertOp, type RowOp } from "./ops";
import { factOp } from "./pin-ops";
import type { FactRow, JobDocument, PinRow } from "./schema";
import { GRADES } from "./schema";
import { formOf } from "./signal-pins";

/** All that is said of one topic of one thing; in conflict where not everyone says the same. */
export interface Topic {
  readonly subject: string;
  readonly topic: string;
  /** The best founded first. */
  readonly facts: readonly FactRow[];
  readonly conflict: boolean;
}

const same = (text: string) => text.trim().toLowerCase();
const rank = (fact: FactRow) => GRADES.indexOf(fact.grade);

/** Facts by what they are about. A conflict is shown, never averaged or settled by the better grade. */
export function topicsOf(facts: readonly FactRow[]): Topic[] {
  const groups = new Map<string, FactRow[]>();
  for (const fact of facts) {
    const name = JSON.stringify([fact.subject, same(fact.topic)]);
    groups.set(name, [...(groups.get(name) ?? []), fact]);
  }
  return [...groups.values()].map((own) => {
    const ordered = own.toSorted((a, b) => rank(b) - rank(a));
    const [first] = ordered as [FactRow];
    return {
      subject: first.subject,
      topic: first.topic,
      facts: ordered,
      conflict: new Set(own.map((fact) => same(fact.says))).size > 1,
    };
  });
}

/**
 * What a subject is called: a cavity, a connector, a part or a branch by what is printed on it; its reference where it
 * is gone.
 */
export function subjectName(document: JobDocument, subject: string): string {
  const [type, id = ""] = [subject.slice(0, subject.indexOf(":")), subject.slice(subject.indexOf(":") + 1)];
  const connector = (wanted: string) => document.connectors.find((row) => row.id === wanted)?.label;
  switch (type) {
    case "pin": {
      const pin = document.pins.find((row) => row.id === id);
      return pin === undefined
        ? subject
        : cavityLabel({ connector: connector(pin.connectorId) ?? "?", cavity: pin.cavity });
    }
    case "connector":
      return connector(id) ?? subject;
    case "part":
      return document.parts.find((row) => row.id === id)?.label ?? connector(id) ?? subject;
    case "branch":
      return document.branches.find((row) => row.id === id)?.label ?? subject;
    default:
      return subject;
  }
}

/**
 * The subject that is called so, on either side; null where nothing is. Branches and connectors come before cavities.
 */
export function findSubject(document: JobDocument, name: string): string | null {
  const wanted = same(name);
  const branch = document.branches.find((row) => same(row.label) === wanted);
  if (branch !== undefined) return `branch:${branch.id}`;
  const connector = document.connectors.find((row) => same(row.label) === wanted);
  if (connector !== undefined) return `connector:${connector.id}`;
  const labels = new Map(document.connectors.map((row) => [row.id, row.label]));
  const pin = document.pins.find((row) =>
    [cavityKey, cavityLabel].some(
      (name) => same(name({ connector: labels.get(row.connectorId) ?? "", cavity: row.cavity })) === wanted,
    ),
  );
  return pin === undefined ? null : `pin:${pin.id}`;
}

/** Fields of a cavity's form as one speaks of them: what is said of these is the cavity's own value. */
export const topicsOfPin = (row: PinRow): readonly string[] =>
  Object.keys(PARAMS_OF[formOf(row).kind]).map((field) => FIELD_WORDS[field as FormField]);

const fieldOfTopic = (row: PinRow, topic: string): string | null =>
  Object.keys(PARAMS_OF[formOf(row).kind]).find((field) => same(FIELD_WORDS[field as FormField]) === same(topic)) ??
  null;

const GRADE_OF_PARAM: Readonly<Record<FactRow["grade"], ParamGrade>> = {
  claimed: "claimed",
  guessed: "guessed",
  read: "read",
  measured: "measured",
  proven: "measured",
};

/** What is to be kept of what someone says; or what is wrong with it. */
export type Said =
  | { readonly ok: true; readonly ops: readonly RowOp[] }
  | { readonly ok: false; readonly fault: string };

/**
 * What someone says of something. Said of a value of a cavity's form it is that value, with its grade; what stood there
 * before is kept beside it as another saying, so that the two are seen to differ.
 */
export function sayOps(document: JobDocument, fact: FactRow, makeId: () => string): Said {
  const said = insertOp("fact", fact);
  const row = document.pins.find(({ id }) => fact.subject === `pin:${id}`);
  const field = row === undefined ? null : fieldOfTopic(row, fact.topic);
  if (row === undefined || field === null) return { ok: true, ops: [said] };
  const { kind } = formOf(row);
  const read = readTyped(kind, field, fact.says);
  if (read === null || !read.ok)
    return { ok: false, fault: read === null ? "The cavity has no such value" : fieldHintText(read.expected) };
  const before = row.params[field];
  const isTold = document.facts.some(
    ({ subject, topic }) => subject === fact.subject && same(topic) === same(fact.topic),
  );
  const earlier =
    before === undefined || before === read.value || isTold
      ? []
      : [
          insertOp("fact", {
            ...fact,
            id: makeId(),
            says: typedText(kind, field, before),
            grade: row.grades[field] === undefined ? "read" : GRADES_OF_EARLIER[row.grades[field] ?? "claimed"],
            origin: row.grades[field] === undefined ? "pin table" : "entered before",
          }),
        ];
  const op = factOp(row, field, read.value, GRADE_OF_PARAM[fact.grade]);
  return { ok: true, ops: [...earlier, said, ...(op === null ? [] : [op])] };
}

const GRADES_OF_EARLIER: Readonly<Record<ParamGrade, FactRow["grade"]>> = {
  guessed: "guessed",
  usual: "guessed",
  claimed: "claimed",
  read: "read",
  measured: "measured",
};

/** A value of a cavity that somebody entered, took as usual or measured where it stands. */
export interface GradedValue {
  readonly pinId: string;
  readonly topic: string;
  readonly says: string;
  readonly grade: ParamGrade;
}

/** Values that people gave cavities, those excepted of which there is a saying of its own. */
export function gradedValues(document: Pick<JobDocument, "pins" | "facts">): GradedValue[] {
  const told = new Set(document.facts.map(({ subject, topic }) => JSON.stringify([subject, same(topic)])));
  return document.pins.flatMap((row) =>
    Object.entries(row.grades).flatMap(([field, grade]): GradedValue[] => {
      const topic = FIELD_WORDS[field as FormField];
      const value = row.params[field];
      if (grade === "guessed" || value === undefined || told.has(JSON.stringify([`pin:${row.id}`, same(topic)])))
        return [];
      return [{ pinId: row.id, topic, says: typedText(formOf(row).kind, field, value), grade }];
    }),
  );
}
