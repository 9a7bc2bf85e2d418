/** The one description of the data. Types, SQL columns, the JSON Schema and every validation follow from it. */
import { z } from "zod";
import {
  BenchRow,
  CalibrationRow,
  ChoiceRow,
  IdentityRow,
  MoveRow,
  SecurityEntryRow,
  StandInRow,
} from "./rows/benches";
import { BranchRow, ConnectorRow, JobRow, LinkRow, PinRow, ReadingRow } from "./rows/tables";
import {
  AlikeRow,
  BusSignalRow,
  CountRow,
  CutRow,
  DebtRow,
  FactRow,
  GapRow,
  KeptRow,
  OwnPartRow,
  PartRow,
  PictureRow,
  PriceRow,
  QuestionRow,
  RelayedRow,
  SettingRow,
  VariantRow,
  WireRow,
  WishRow,
} from "./rows/work";

export * from "./rows/benches";
export * from "./rows/tables";
export * from "./rows/work";

/**
 * Every table that row operations may touch, with its rows' schema. The names are those of the SQL tables; parents come
 * before what refers to them.
 */
export const TABLES = {
  job: JobRow,
  branch: BranchRow,
  connector: ConnectorRow,
  pin: PinRow,
  link: LinkRow,
  reading: ReadingRow,
  part: PartRow,
  own_part: OwnPartRow,
  wire: WireRow,
  stock_count: CountRow,
  fact: FactRow,
  question: QuestionRow,
  variant: VariantRow,
  alike: AlikeRow,
  kept_function: KeptRow,
  cut: CutRow,
  debt: DebtRow,
  setting: SettingRow,
  picture: PictureRow,
  gap: GapRow,
  wish: WishRow,
  price: PriceRow,
  bus_signal: BusSignalRow,
  relayed: RelayedRow,
  bench: BenchRow,
  choice: ChoiceRow,
  stand_in: StandInRow,
  move: MoveRow,
  identity: IdentityRow,
  security_entry: SecurityEntryRow,
  calibration: CalibrationRow,
} as const;
export type TableName = keyof typeof TABLES;

export const FORMAT = "pantograph-job/1";

/** The migration that gave rows their latest column. Edits are stored with it, and raised to it when they are read. */
export const ROW_SCHEMA = 11;

/**
 * What rows had before some of their columns were there: documents and edits of that time are still read, and say of
 * those what was so then. A migration leaves the same in the rows that it finds, or an undo of an earlier edit would not
 * know them again.
 */
export const BEFORE = {
  job: { lengthens: null },
  connector: { branchId: null, mateId: null, face: null, keying: null, gender: null, housing: null },
  pin: { grades: {}, otherEnd: null, ends: [], part: null, note: "", entered: [] },
  reading: { unit: null, meter: null, source: null, uncertainty: null, ordinal: 0 },
  wire: { endsAt: "cavity", origin: "added", splice: null },
  bus_signal: { bitPlace: null },
} as const satisfies { [T in TableName]?: Partial<z.infer<(typeof TABLES)[T]>> };

const EarlyJob = JobRow.extend({ lengthens: JobRow.shape.lengthens.default(BEFORE.job.lengthens) });
const connector = ConnectorRow.shape;
const EarlyConnector = ConnectorRow.extend({
  branchId: connector.branchId.default(BEFORE.connector.branchId),
  mateId: connector.mateId.default(BEFORE.connector.mateId),
  face: connector.face.default(BEFORE.connector.face),
  keying: connector.keying.default(BEFORE.connector.keying),
  gender: connector.gender.default(BEFORE.connector.gender),
  housing: connector.housing.default(BEFORE.connector.housing),
});
const pin = PinRow.shape;
const EarlyPin = PinRow.extend({
  grades: pin.grades.default(BEFORE.pin.grades),
  otherEnd: pin.otherEnd.default(BEFORE.pin.otherEnd),
  ends: pin.ends.default(BEFORE.pin.ends),
  part: pin.part.default(BEFORE.pin.part),
  note: pin.note.default(BEFORE.pin.note),
  entered: pin.entered.default(BEFORE.pin.entered),
});
const reading = ReadingRow.shape;
const EarlyReading = ReadingRow.extend({
  unit: reading.unit.default(BEFORE.reading.unit),
  meter: reading.meter.default(BEFORE.reading.meter),
  source: reading.source.default(BEFORE.reading.source),
  uncertainty: reading.uncertainty.default(BEFORE.reading.uncertainty),
  ordinal: reading.ordinal.default(BEFORE.reading.ordinal),
});
const EarlyBusSignal = BusSignalRow.extend({
  bitPlace: BusSignalRow.shape.bitPlace.default(BEFORE.bus_signal.bitPlace),
});
const EarlyWire = WireRow.extend({
  endsAt: WireRow.shape.endsAt.default(BEFORE.wire.endsAt),
  origin: WireRow.shape.origin.default(BEFORE.wire.origin),
  splice: WireRow.shape.splice.default(BEFORE.wire.splice),
});
/** Rows of each list of a document; those of another time as they were then. */
export const DOCUMENT_ROWS = {
  connectors: EarlyConnector,
  pins: EarlyPin,
  links: LinkRow,
  readings: EarlyReading,
  branches: BranchRow,
  parts: PartRow,
  ownParts: OwnPartRow,
  wires: EarlyWire,
  counts: CountRow,
  facts: FactRow,
  questions: QuestionRow,
  variants: VariantRow,
  alikes: AlikeRow,
  kept: KeptRow,
  cuts: CutRow,
  debts: DebtRow,
  settings: SettingRow,
  pictures: PictureRow,
  gaps: GapRow,
  wishes: WishRow,
  prices: PriceRow,
  busSignals: EarlyBusSignal,
  relayed: RelayedRow,
  benches: BenchRow,
  choices: ChoiceRow,
  standIns: StandInRow,
  moves: MoveRow,
  identities: IdentityRow,
  securityEntries: SecurityEntryRow,
  calibrations: CalibrationRow,
} as const;
const later = <T extends z.ZodType>(row: T) => z.array(row).default([]);

/**
 * The whole of a job as a document. It carries no job id: an import makes a job of its own, and exports the same again.
 */
export const JobDocument = z.strictObject({
  format: z.literal(FORMAT),
  job: EarlyJob,
  connectors: z.array(DOCUMENT_ROWS.connectors),
  pins: z.array(DOCUMENT_ROWS.pins),
  links: z.array(DOCUMENT_ROWS.links),
  readings: z.array(DOCUMENT_ROWS.readings),
  branches: later(DOCUMENT_ROWS.branches),
  parts: later(DOCUMENT_ROWS.parts),
  ownParts: later(DOCUMENT_ROWS.ownParts),
  wires: later(DOCUMENT_ROWS.wires),
  counts: later(DOCUMENT_ROWS.counts),
  facts: later(DOCUMENT_ROWS.facts),
  questions: later(DOCUMENT_ROWS.questions),
  variants: later(DOCUMENT_ROWS.variants),
  alikes: later(DOCUMENT_ROWS.alikes),
  kept: later(DOCUMENT_ROWS.kept),
  cuts: later(DOCUMENT_ROWS.cuts),
  debts: later(DOCUMENT_ROWS.debts),
  settings: later(DOCUMENT_ROWS.settings),
  pictures: later(DOCUMENT_ROWS.pictures),
  gaps: later(DOCUMENT_ROWS.gaps),
  wishes: later(DOCUMENT_ROWS.wishes),
  prices: later(DOCUMENT_ROWS.prices),
  busSignals: later(DOCUMENT_ROWS.busSignals),
  relayed: later(DOCUMENT_ROWS.relayed),
  benches: later(DOCUMENT_ROWS.benches),
  choices: later(DOCUMENT_ROWS.choices),
  standIns: later(DOCUMENT_ROWS.standIns),
  moves: later(DOCUMENT_ROWS.moves),
  identities: later(DOCUMENT_ROWS.identities),
  securityEntries: later(DOCUMENT_ROWS.securityEntries),
  calibrations: later(DOCUMENT_ROWS.calibrations),
});
export type JobDocument = z.infer<typeof JobDocument>;

/** Lists of the document by table, parents before what refers to them; `job` is a single row and stands apart. */
export const LISTS = {
  branch: "branches",
  connector: "connectors",
  pin: "pins",
  link: "links",
  reading: "readings",
  part: "parts",
  own_part: "ownParts",
  wire: "wires",
  stock_count: "counts",
  fact: "facts",
  question: "questions",
  variant: "variants",
  alike: "alikes",
  kept_function: "kept",
  cut: "cuts",
  debt: "debts",
  setting: "settings",
  picture: "pictures",
  gap: "gaps",
  wish: "wishes",
  price: "prices",
  bus_signal: "busSignals",
  relayed: "relayed",
  bench: "benches",
  choice: "choices",
  stand_in: "standIns",
  move: "moves",
  identity: "identities",
  security_entry: "securityEntries",
  calibration: "calibrations",
} as const;
export type ListTable = keyof typeof LISTS;
export type RowOf<T extends ListTable> = z.infer<(typeof TABLES)[T]>;
