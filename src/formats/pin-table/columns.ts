import { readColour, slipCost } from "@/core/intake";
import { TABLE_COLUMNS, type TableColumn } from "@/job/import-table";

/** The columns of contracts/pin-table.md, in the order in which they are written. */
export const COLUMNS = [
  "connector",
  "cavity",
  "circuit",
  "colour",
  "size",
  "length",
  "description",
  "kind",
  "quantity",
  "params",
] as const;

/** Columns that are written only where a row has something in them. */
export const MORE_COLUMNS = ["to", "part", "remarks"] as const;

/** Columns that are read to a fact of the row's form: what it draws, its fuse, when it is live. They are written in `params`. */
export const FACT_COLUMNS = ["amps", "load", "fuse", "ohms", "volts", "live"] as const;
export type FactColumn = (typeof FACT_COLUMNS)[number];

export const ALL_COLUMNS = [...COLUMNS, ...MORE_COLUMNS, ...FACT_COLUMNS] as const;
export type Column = (typeof ALL_COLUMNS)[number];

/** How one column of a table is taken: as one of ours, or kept under `extra` by its header. */
export interface ColumnRead {
  readonly header: string;
  readonly column: Column | null;
  /** Unit that the header names: `awg`, `mm2`, `mm`, `cm`, `m`, `ft`, `in`. */
  readonly unit: string | null;
}

/** Header words for each column, the likeliest first: where two headers claim a column, the earlier word wins. */
const SYNONYMS: Readonly<Record<Column, readonly string[]>> = {
  connector: [
    "connector",
    "connector name",
    "connector id",
    "connector no",
    "conn",
    "plug",
    "housing",
    "component",
    "unit",
    "device",
    "module",
    "connector label",
    "stecker",
  ],
  cavity: [
    "cavity",
    "pin",
    "cav",
    "pin no",
    "pin number",
    "pin id",
    "cavity no",
    "terminal",
    "way",
    "position",
    "pos",
    "contact",
    "terminal no",
    "terminal id",
    "no",
    "#",
    "term",
    "kammer",
  ],
  circuit: [
    "circuit",
    "circuit no",
    "circuit number",
    "circuit id",
    "cct",
    "ckt",
    "net",
    "wire no",
    "wire number",
    "wire id",
    "circuit code",
    "stromkreis",
    "leitung",
  ],
  colour: [
    "colour",
    "color",
    "wire colour",
    "wire color",
    "col",
    "clr",
    "cable colour",
    "cable color",
    "colour code",
    "color code",
    "wire col",
    "farbe",
  ],
  size: [
    "size",
    "wire size",
    "gauge",
    "awg",
    "mm2",
    "mm²",
    "csa",
    "cross section",
    "cross sectional area",
    "area",
    "wire gauge",
    "section",
    "sq mm",
    "cross section area",
    "cable size",
    "conductor size",
    "ga",
    "sq",
    "querschnitt",
  ],
  length: ["length", "wire length", "len", "cable length", "länge", "laenge"],
  description: [
    "description",
    "function",
    "signal",
    "desc",
    "signal name",
    "designation",
    "circuit description",
    "circuit function",
    "signal description",
    "pin function",
    "name",
    "purpose",
    "use",
    "what it does",
    "funktion",
    "beschreibung",
    "bezeichnung",
  ],
  kind: ["kind", "form", "signal kind", "electrical form"],
  quantity: ["quantity", "measured quantity"],
  params: ["params", "parameters", "param"],
  to: [
    "to",
    "runs to",
    "goes to",
    "other end",
    "destination",
    "far end",
    "wire to",
    "wire goes to",
    "connected to",
    "connects to",
    "dest",
    "terminates at",
    "ends at",
    "nach",
    "ziel",
  ],
  part: ["part", "component", "part name", "device", "unit", "item", "consumer", "bauteil"],
  remarks: ["remarks", "remark", "note", "notes", "comment", "comments", "bemerkung"],
  amps: ["amps", "current", "draw", "current draw", "amp", "ampere", "load amps", "rated current", "strom", "a"],
  load: ["load", "watts", "power", "wattage", "leistung"],
  fuse: ["fuse", "fuse rating", "fuse amps", "fuse size", "fused", "fuse no", "sicherung"],
  ohms: ["ohms", "resistance", "ohm", "coil resistance", "widerstand"],
  volts: ["volts", "voltage", "spannung"],
  live: ["live", "hot", "hot in", "live in", "live when", "hot when", "key position", "feed state", "switched by"],
};

/** Case, dots, underscores and a unit in brackets do not matter: `Wire_Size (AWG)` is `wire size` in AWG. */
function plainHeader(header: string): { name: string; unit: string | null } {
  const lower = header.toLowerCase().trim();
  const bracket = /[([{]\s*([^)\]}]+?)\s*[)\]}]/.exec(lower)?.[1] ?? null;
  const name = lower
    .replace(/[([{].*?[)\]}]/g, " ")
    .replace(/^#$/, "\u0000")
    .replace(/[._#:/-]+/g, " ")
    .replace(/\s+/g, " ")
    .trim()
    .replace("\u0000", "#");
  const trailing = /^(length|size|len|wire length|wire size|csa|gauge) (mm2|mm²|mm|cm|m|ft|in|inch|awg)$/.exec(name);
  return trailing ? { name: trailing[1] as string, unit: trailing[2] as string } : { name, unit: bracket };
}

/** Units of cells that say none, by the head's own word: `watts` under which a load stands. */
function unitOf(column: Column, name: string, unit: string | null): string | null {
  if (column === "load")
    return unit === "w" || /watt|power|leistung/.test(name) ? "W" : unit === "a" || unit === "amps" ? "A" : null;
  const said =
    unit
      ?.replace("²", "2")
      .replace(/^(metres?|meters?)$/, "m")
      .replace(/^(feet|foot)$/, "ft")
      .replace(/^inch(es)?$/, "in") ?? null;
  if (column === "size") return said === "awg" || /awg|gauge|^ga$/.test(name) ? "awg" : "mm2";
  return column === "length" && said !== null && ["mm", "cm", "m", "ft", "in"].includes(said) ? said : null;
}

/** What a person says of columns, by their head in small letters: one of ours with its unit, or null for none of them. */
export type ToldColumns = ReadonlyMap<string, { readonly column: Column; readonly unit: string | null } | null>;

/** Units that a column's cells may be in where they do not say one. */
export const COLUMN_UNITS: Partial<Record<Column, readonly string[]>> = {
  size: ["mm2", "awg"],
  length: ["mm", "cm", "m", "ft", "in"],
  load: ["W", "A"],
};

/** The one column whose word a head misspells ("Colr", "Lenght"); null where none or several are as near. */
function misspeltColumn(name: string): Column | null {
  const near = ALL_COLUMNS.filter((column) =>
    SYNONYMS[column].some((word) => {
      const longest = Math.max(word.length, name.length);
      // A slip is one letter or two: a head that is longer is no such word, and may be a whole file without line ends.
      if (longest < 5 || Math.abs(word.length - name.length) > 2) return false;
      return slipCost(name, word) <= (longest >= 6 ? 1.5 : 1);
    }),
  );
  return near.length === 1 ? (near[0] ?? null) : null;
}

/**
 * Tells what each header means. A column that is not known, or is claimed twice, keeps its header and goes to `extra`.
 * @param told what a person says of some: it goes before what their words say
 */
export function readHeaders(headers: readonly string[], told: ToldColumns = new Map()): ColumnRead[] {
  const plain = headers.map(plainHeader);
  const saidOf = (header: string) => told.get(header.trim().toLowerCase());
  const owner = new Map<Column, number>();
  headers.forEach((header, at) => {
    const said = saidOf(header);
    if (said != null && !owner.has(said.column)) owner.set(said.column, at);
  });
  for (const column of ALL_COLUMNS) {
    for (const word of SYNONYMS[column]) {
      const at = plain.findIndex(
        (header, index) =>
          header.name === word && saidOf(headers[index] ?? "") === undefined && ![...owner.values()].includes(index),
      );
      if (at >= 0 && !owner.has(column)) owner.set(column, at);
    }
  }
  headers.forEach((header, at) => {
    if (saidOf(header) !== undefined || [...owner.values()].includes(at)) return;
    const column = misspeltColumn(plain[at]?.name ?? "");
    if (column !== null && !owner.has(column)) owner.set(column, at);
  });
  const columnAt = new Map([...owner].map(([column, at]) => [at, column]));
  return headers.map((header, at) => {
    const column = columnAt.get(at) ?? null;
    return {
      header: header.trim(),
      column,
      unit:
        column === null
          ? null
          : (saidOf(header)?.unit ?? unitOf(column, plain[at]?.name ?? "", plain[at]?.unit ?? null)),
    };
  });
}

/** Heads that say neither number nor colour of a wire: the cells tell. */
const OF_A_WIRE: ReadonlySet<string> = new Set(["wire", "wires", "cable", "lead", "core", "conductor"]);
/** So many cells are looked at, and so much of them has to read as colours. */
const CELLS_READ = 40;
const COLOURS_FROM = 0.8;

/**
 * The same columns, with one that is headed *wire* and holds colours taken as the colour where no other is.
 * @param records below the head
 * @param told what a person says of some columns: it goes before what their cells say
 */
export function withColours(
  columns: readonly ColumnRead[],
  records: readonly { readonly cells: readonly string[] }[],
  told: ToldColumns = new Map(),
): readonly ColumnRead[] {
  if (columns.some(({ column }) => column === "colour")) return columns;
  const at = columns.findIndex(({ header, column }, index) => {
    if (column !== null || told.has(header.toLowerCase()) || !OF_A_WIRE.has(plainHeader(header).name)) return false;
    const cells = records.flatMap(({ cells: all }) => all[index]?.trim() || []).slice(0, CELLS_READ);
    const colours = cells.filter((cell) => readColour(cell).base !== null);
    return colours.length > 2 && colours.length >= COLOURS_FROM * cells.length;
  });
  return columns.map((read, index) => (index === at ? { ...read, column: "colour" } : read));
}

/**
 * The same table with one column taken otherwise; whoever had that meaning before gives it up.
 * @param unit of its bare numbers; null for what its head says
 */
export function assignColumn(
  columns: readonly ColumnRead[],
  at: number,
  column: Column | null,
  unit: string | null = null,
): ColumnRead[] {
  return columns.map((read, index) => {
    if (index === at)
      return {
        ...read,
        column,
        unit:
          column === null
            ? null
            : (unit ?? unitOf(column, plainHeader(read.header).name, plainHeader(read.header).unit)),
      };
    return column !== null && read.column === column ? { ...read, column: null, unit: null } : read;
  });
}

/** What of a cavity a table with these columns speaks of. Facts in columns of their own come as values of its form. */
export const tableColumns = (columns: readonly ColumnRead[]): ReadonlySet<TableColumn> =>
  new Set(TABLE_COLUMNS.filter((name) => columns.some(({ column }) => column === name)));
