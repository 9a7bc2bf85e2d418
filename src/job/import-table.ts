import { nanoid } from "nanoid";
import type { Grades, Kind, Params, Quantity, Side } from "@/core/forms";
import type { CavityChange, Guess, WireColour } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { endOps, type OpenEnd } from "./import-ends";
import { newCavity, newConnector } from "./new-rows";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { ConnectorRow, JobDocument, PinRow } from "./schema";

/** A value with where it comes from: written in a table, or proposed from the description. */
export interface Told<T> extends Guess<T> {
  readonly source: "given" | "proposed";
}

/** A cavity as a table told it; SI units, null for what is not known. */
export interface ImportedPin {
  readonly connector: string;
  readonly cavity: string;
  readonly circuit: string | null;
  readonly colour: WireColour | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly description: string | null;
  readonly kind: Told<Kind>;
  readonly quantity: Told<Quantity | null>;
  /** Cylinder, bank or line number that the row names, for pairing. */
  readonly index: string | null;
  readonly params: Params;
  /** Of `params`, those that were only guessed from words. */
  readonly grades: Grades;
  readonly extra: Readonly<Record<string, string>>;
  /** Where its wire goes, as written. */
  readonly otherEnd: string | null;
  readonly part: string | null;
  readonly note: string;
}

/** What a table may say of a cavity; one that lacks a column says nothing of it. */
export const TABLE_COLUMNS = [
  "circuit",
  "colour",
  "size",
  "length",
  "description",
  "kind",
  "quantity",
  "params",
  "to",
  "part",
  "remarks",
] as const;
export type TableColumn = (typeof TABLE_COLUMNS)[number];

export interface PinDifference {
  readonly connector: string;
  readonly cavity: string;
  readonly columns: readonly CavityChange[];
}

export interface ImportPlan {
  readonly ops: readonly RowOp[];
  readonly added: number;
  readonly same: number;
  readonly changed: readonly PinDifference[];
  /** What a person decided since and the table says otherwise: kept, unless it is agreed to. */
  readonly kept: readonly (PinDifference & { readonly place: string })[];
  /** In the job and not in the table: kept, unless the person removes them. */
  readonly absent: readonly { readonly connector: string; readonly cavity: string; readonly linked: boolean }[];
  /** Rows of the table that say where their wires go: how many ends were found, and what the others say. */
  readonly ends: { readonly found: number; readonly open: readonly OpenEnd[] };
}

export interface ImportOptions {
  /** Columns that the table has; all others of a row that is there already stay as they are. Null: every one. */
  readonly columns?: ReadonlySet<TableColumn> | null;
  readonly removeAbsent?: boolean;
  /** Places (of {@link ImportPlan.kept}) of which the table's word goes before what a person decided. */
  readonly agreed?: ReadonlySet<string>;
  /** Gives ids for new rows; handed in so that a test can repeat a run. */
  readonly makeId?: () => string;
}

/**
 * What importing a table would change, cavity by cavity, and the operations that do it. Of a cavity that is there only
 * the columns that the table has are changed, and none that a person decided: those are told, to be agreed to. Rows that the table no longer has
 * are removed only on request, and never while a decided link uses them. Where rows say where their wires go, those ends are looked for, and those that
 * earlier tables left open with them.
 */
export function planImport(
  document: JobDocument,
  side: Side,
  pins: readonly ImportedPin[],
  options: ImportOptions = {},
): ImportPlan {
  const { columns = null, removeAbsent = false, agreed = new Set(), makeId = nanoid } = options;
  const connectors = new Map(document.connectors.filter((row) => row.side === side).map((row) => [row.label, row]));
  const known = pinsByPlace(document, connectors);
  // Connectors first, so that no cavity is ever without its own.
  const connectorOps: RowOp[] = [];
  const ops: RowOp[] = [];
  const changed: PinDifference[] = [];
  const kept: ImportPlan["kept"][number][] = [];
  const seen = new Set<string>();
  const after: PinRow[] = [];
  const fresh = new Set<string>();
  let [added, same] = [0, 0];
  let position = Math.max(-1, ...[...known.values()].map((row) => row.position)) + 1;

  for (const pin of pins) {
    let connector = connectors.get(pin.connector);
    if (connector === undefined) {
      connector = newConnector(makeId(), side, pin.connector, connectors.size);
      connectors.set(pin.connector, connector);
      connectorOps.push(insertOp("connector", connector));
    }
    const place = placeKey(connector.id, pin.cavity);
    seen.add(place);
    const row = known.get(place);
    if (row === undefined) {
      const made = { ...newCavity(makeId(), connector.id, pin.cavity, position), ...factsOf(pin) };
      ops.push(insertOp("pin", made));
      after.push(made);
      fresh.add(made.id);
      position += 1;
      added += 1;
      continue;
    }
    const { facts, against } = mergeFacts(row, pin, columns, agreed.has(place));
    const op = updateOp("pin", row.id, row, facts);
    after.push({ ...row, ...facts });
    const at = { connector: pin.connector, cavity: pin.cavity };
    if (against !== null && against.length > 0) kept.push({ place, ...at, columns: against });
    if (op === null) same += 1;
    else {
      ops.push(op);
      changed.push({ ...at, columns: differences(op) });
    }
  }

  const linked = new Set([
    ...document.links.flatMap((link) => [link.providerId, link.consumerId]),
    ...addedWireEnds(document),
  ]);
  const gone = [...known].filter(([place]) => !seen.has(place)).map(([, row]) => row);
  const leaving = removeAbsent ? gone.filter((row) => !linked.has(row.id)) : [];
  const staying = removeAbsent ? gone.filter((row) => linked.has(row.id)) : gone;
  const labels = new Map([...document.connectors, ...connectors.values()].map((row) => [row.id, row.label]));
  const ends = endOps({ side, rows: [...after, ...staying], told: after, fresh, labels, connectors, position, makeId });
  return {
    ops: [
      ...connectorOps,
      ...ends.connectorOps,
      ...withEnds(ops, ends.endsOf),
      ...ends.ops,
      ...leaving.map((row) => deleteOp("pin", row)),
    ],
    added,
    same,
    changed,
    kept,
    absent: gone.map((row) => ({
      connector: labels.get(row.connectorId) ?? "",
      cavity: row.cavity,
      linked: linked.has(row.id),
    })),
    ends: { found: ends.found, open: ends.open },
  };
}

/** New rows with their ends, so that each is written once. */
const withEnds = (ops: readonly RowOp[], endsOf: ReadonlyMap<string, PinRow["ends"]>): RowOp[] =>
  ops.map((op) => {
    const ends = op.op === "insert" ? endsOf.get(op.id) : undefined;
    return op.op === "insert" && ends !== undefined ? { ...op, row: { ...op.row, ends } } : op;
  });

/** Cavities that people's own wires end at. */
export const addedWireEnds = ({ wires }: Pick<JobDocument, "wires">): string[] =>
  wires.flatMap((wire) => (wire.origin === "added" ? [wire.fromPinId, wire.toPinId ?? wire.fromPinId] : []));

const placeKey = (connectorId: string, cavity: string) => JSON.stringify([connectorId, cavity]);

function pinsByPlace(document: JobDocument, connectors: ReadonlyMap<string, ConnectorRow>): Map<string, PinRow> {
  const ids = new Set([...connectors.values()].map((row) => row.id));
  return new Map(
    document.pins.filter((row) => ids.has(row.connectorId)).map((row) => [placeKey(row.connectorId, row.cavity), row]),
  );
}

type Facts = Omit<PinRow, "id" | "connectorId" | "cavity" | "position" | "ends" | "entered">;

function factsOf(pin: ImportedPin): Facts {
  return {
    circuit: pin.circuit,
    colour: pin.colour?.written ?? null,
    colourBase: pin.colour?.base ?? null,
    colourTracer: pin.colour?.tracer ?? null,
    sizeMm2: pin.sizeMm2,
    lengthM: pin.lengthM,
    description: pin.description,
    kind: pin.kind.value,
    kindConfidence: pin.kind.confidence,
    kindSource: pin.kind.source,
    kindWhy: intakeReasonText(pin.kind.why),
    quantity: pin.quantity.value,
    quantityConfidence: pin.quantity.confidence,
    quantitySource: pin.quantity.source,
    quantityWhy: intakeReasonText(pin.quantity.why),
    indexLabel: pin.index,
    params: { ...pin.params },
    grades: { ...pin.grades },
    extra: { ...pin.extra },
    otherEnd: pin.otherEnd,
    part: pin.part,
    note: pin.note,
  };
}

/** Which fields of a row a column of a table speaks of. */
const FIELDS: Readonly<Record<Exclude<TableColumn, "kind" | "quantity" | "params">, readonly (keyof Facts)[]>> = {
  circuit: ["circuit"],
  colour: ["colour", "colourBase", "colourTracer"],
  size: ["sizeMm2"],
  length: ["lengthM"],
  description: ["description"],
  to: ["otherEnd"],
  part: ["part"],
  remarks: ["note"],
};
const FIELD_COLUMNS = Object.keys(FIELDS) as (keyof typeof FIELDS)[];

/**
 * The row with what the table says of it, and what the table says against what a person decided.
 * @param columns those that the table has; null for every one
 */
function mergeFacts(
  row: PinRow,
  pin: ImportedPin,
  columns: ReadonlySet<TableColumn> | null,
  isAgreed: boolean,
): { readonly facts: Partial<PinRow>; readonly against: readonly CavityChange[] } {
  const told = factsOf(pin);
  const has = (column: TableColumn) => columns === null || columns.has(column);
  const facts: Record<string, unknown> = {};
  const refused: Record<string, unknown> = {};
  for (const column of FIELD_COLUMNS) {
    if (!has(column)) continue;
    const fields = FIELDS[column];
    const isEntered = fields.some((field) => (row.entered as readonly string[]).includes(field));
    for (const field of fields) (isEntered && !isAgreed ? refused : facts)[field] = told[field];
  }
  for (const what of ["kind", "quantity"] as const) {
    // A kind is proposed from the description: a table of lengths alone has nothing new to propose it from, nor has
    // one whose description a person has put their own in place of.
    const isFromWords = has("description") && (isAgreed || !row.entered.includes("description"));
    if (told[`${what}Source`] === "proposed" ? !isFromWords : !has(what)) continue;
    const isConfirmed = row[`${what}Source`] === "confirmed";
    if (isConfirmed && (told[`${what}Source`] === "proposed" || !isAgreed)) {
      if (told[`${what}Source`] === "given") refused[what] = told[what];
      continue;
    }
    for (const field of [what, `${what}Confidence`, `${what}Source`, `${what}Why`] as const) facts[field] = told[field];
    if (what === "quantity") facts.indexLabel = told.indexLabel;
  }
  const merged = mergeParams(row, told, columns === null || columns.has("params"), isAgreed);
  facts.params = merged.params;
  facts.grades = merged.grades;
  if (Object.keys(merged.refused).length > 0) refused.params = { ...merged.params, ...merged.refused };
  facts.extra = columns === null ? told.extra : { ...row.extra, ...told.extra };
  if (isAgreed) facts.entered = row.entered.filter((field) => !(field in facts));
  const against = updateOp("pin", row.id, row, refused as Partial<PinRow>);
  return { facts: facts as Partial<PinRow>, against: against === null ? [] : differences(against) };
}

/** Values that somebody entered, took as usual or measured stay; what was read or guessed goes by the newer table. */
function mergeParams(row: PinRow, told: Facts, isWhole: boolean, isAgreed: boolean) {
  const params: Record<string, string> = {};
  const grades: Record<string, PinRow["grades"][string]> = {};
  const refused: Record<string, string> = {};
  const isDecided = (key: string) => row.grades[key] !== undefined && row.grades[key] !== "guessed";
  for (const [key, value] of Object.entries(row.params)) {
    const grade = row.grades[key];
    if (isWhole && !isDecided(key)) continue;
    params[key] = value;
    if (grade !== undefined) grades[key] = grade;
  }
  for (const [key, value] of Object.entries(told.params)) {
    const grade = told.grades[key];
    // A guess goes before nothing but a guess.
    if (grade === "guessed" && key in params && row.grades[key] !== "guessed") continue;
    if (isDecided(key) && params[key] !== value && !isAgreed) {
      refused[key] = value;
      continue;
    }
    if (isDecided(key) && params[key] === value) continue;
    params[key] = value;
    if (grade === undefined) delete grades[key];
    else grades[key] = grade;
  }
  return { params, grades, refused };
}

/** Columns that a person reads; confidence and reason go along unseen. */
const SHOWN: readonly CavityChange["column"][] = [
  "circuit",
  "colour",
  "sizeMm2",
  "lengthM",
  "description",
  "kind",
  "quantity",
  "params",
  "extra",
  "otherEnd",
  "part",
  "note",
];

const differences = (op: RowOp): CavityChange[] =>
  op.op !== "update"
    ? []
    : SHOWN.flatMap((column) =>
        column in op.to ? [{ column, from: op.from[column], to: op.to[column] } as CavityChange] : [],
      );
