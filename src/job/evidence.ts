import { cavityKey, cavityLabel } from "@/core/words";
import type { FactRow, JobDocument } from "./schema";
import { GRADES } from "./schema";

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
