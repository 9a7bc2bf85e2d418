import type { Column } from "./columns";

/** One problem of one row, in the contract's shape. */
export interface TableIssue {
  readonly level: "error" | "warning";
  readonly code: IssueCode;
  /** Line of the file, the header's being 1 where the file starts with it. */
  readonly line: number;
  readonly column: Column | string | null;
  readonly found: string | null;
  readonly expected: string;
  readonly message: string;
}

export type IssueCode =
  | "missing-connector"
  | "missing-cavity"
  | "duplicate-cavity"
  | "unreadable-size"
  | "unreadable-length"
  | "unreadable-colour"
  | "unknown-kind"
  | "unknown-quantity"
  | "unknown-param"
  | "param-out-of-range"
  | "too-many-cells"
  | "text-too-long"
  | "empty-table"
  | "repeated-header"
  | "long-header"
  | "preamble"
  | "date-for-label"
  | "unusual-size"
  | "unreadable-fact"
  | "ends-at-itself"
  | "other-end-differs"
  | "end-claimed-twice"
  | "hidden-column"
  | "connector-from-section"
  | "connector-from-preamble"
  | "connector-from-file";

/** Why a table is refused whole. */
export interface TableRefusal {
  readonly code:
    | "no-header"
    | "missing-column"
    | "too-many-rows"
    | "too-large"
    | "not-text"
    | "unclosed-quote"
    | "protected"
    | "damaged";
  readonly message: string;
  readonly line?: number;
  readonly column?: string;
  readonly hint: string;
}

/** Only these are warnings: their rows are taken as they are. */
const WARNINGS: ReadonlySet<IssueCode> = new Set([
  "unreadable-colour",
  "empty-table",
  "repeated-header",
  "long-header",
  "preamble",
  "unusual-size",
  "unreadable-fact",
  "ends-at-itself",
  "other-end-differs",
  "end-claimed-twice",
  "hidden-column",
  "connector-from-section",
  "connector-from-preamble",
  "connector-from-file",
]);

export function tableIssue(
  code: IssueCode,
  at: { line: number; column: string | null; found: string | null; expected: string },
): TableIssue {
  const shown =
    at.found === null || at.found === ""
      ? "nothing"
      : `“${at.found.length > 60 ? `${at.found.slice(0, 59)}…` : at.found}”`;
  const place = at.column === null ? `Line ${at.line}` : `Line ${at.line}, ${at.column}`;
  return {
    level: WARNINGS.has(code) ? "warning" : "error",
    code,
    ...at,
    message: `${place}: found ${shown}, expected ${at.expected}. ${CURE[code]}`,
  };
}

const CURE: Readonly<Record<IssueCode, string>> = {
  "missing-connector": "Write the connector's label in every row.",
  "missing-cavity": "Write the cavity's label as moulded.",
  "duplicate-cavity": "Correct the label, or leave one of the rows out.",
  "unreadable-size": "Write mm² (0.5) or a gauge (20 AWG).",
  "unreadable-length": "Write metres (1.85) or a number with its unit (1850 mm, 6 ft).",
  "unreadable-colour": "It is kept as written; correct it to see the wire's colour.",
  "unknown-kind": "Correct it, or leave the cell empty to have a kind proposed.",
  "unknown-quantity": "Correct it, or leave the cell empty to have a quantity proposed.",
  "unknown-param": "Correct the key, or remove it.",
  "param-out-of-range": "Correct the value, or remove it.",
  "too-many-cells": "Put a text that holds the separator in quotes.",
  "text-too-long": "Shorten it.",
  "empty-table": "There is a header but no row below it.",
  "long-header": "Its column is kept under the beginning of it; shorten it where that is not enough.",
  "date-for-label":
    "In the spreadsheet set the column's format to text and type the label again (5-1, not 5 January), then save and import once more.",
  "unusual-size": "It is taken as it stands; choose the column's unit, or write the unit into the cell.",
  "unreadable-fact": "It is kept beside the row as written; enter the value at the cavity once it is known.",
  "ends-at-itself": "No wire is made of it; correct the cell.",
  "other-end-differs":
    "Both wires are made; look at both ends, then correct the row that is wrong, or write both ends where two wires share the cavity.",
  "end-claimed-twice":
    "Both wires are made; look how many wires are in that cavity, then correct the row that is wrong.",
  "hidden-column": "It is read as the others; leave it out where it should not be.",
  preamble: "These lines are taken for no rows; look whether the table begins where it should.",
  "connector-from-section": "The rows below it are taken to be of that connector.",
  "connector-from-preamble": "All rows are taken to be of the connector that is named above the header.",
  "connector-from-file": "All rows are taken to be of the connector that the file is named after.",
  "repeated-header": "The second column is kept beside the row under its header.",
};
