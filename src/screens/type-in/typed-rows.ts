import { nextCavity } from "@/core/intake";
import { writeTable } from "@/formats/pin-table";

/** Columns of the grid, in the order in which a paper is read. */
export const TYPED_COLUMNS = ["connector", "cavity", "colour", "size", "circuit", "description", "to"] as const;
export type TypedColumn = (typeof TYPED_COLUMNS)[number];
export type TypedRow = Readonly<Record<TypedColumn, string>>;

export const EMPTY_ROW: TypedRow = {
  connector: "",
  cavity: "",
  colour: "",
  size: "",
  circuit: "",
  description: "",
  to: "",
};

/** A ditto mark, as papers have it: the same as above. */
const DITTO = /^(?:"|″|''|do\.?|ditto)$/i;

/** The row that follows: the same connector, the next cavity. */
export const nextRow = (row: TypedRow): TypedRow => ({
  ...EMPTY_ROW,
  connector: row.connector,
  cavity: nextCavity(row.cavity),
});

/** A cell as it was typed; a ditto mark is what stands above it. */
export function typedCell(rows: readonly TypedRow[], at: number, column: TypedColumn, text: string): string {
  return DITTO.test(text.trim()) ? (rows[at - 1]?.[column] ?? "") : text;
}

/** A row of which nothing was typed but what the grid put there itself. */
export const isBlank = ({ connector: _connector, cavity: _cavity, ...rest }: TypedRow) =>
  Object.values(rest).every((text) => text.trim() === "");

/** What was typed as a table like any other, so that it is read and checked as one. */
export const typedTable = (rows: readonly TypedRow[]): string =>
  writeTable([[...TYPED_COLUMNS], ...rows.map((row) => TYPED_COLUMNS.map((column) => row[column].trim()))]);
