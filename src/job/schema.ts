import { z } from "zod";
import { KINDS, QUANTITIES, SIDES } from "@/core/forms";
import { WIRE_ENDS, WIRE_ORIGINS } from "@/core/harness";
import { COLOUR_CODES } from "@/core/intake";
import { SETTING_KEYS } from "@/core/power";
import { ADAPTER_TYPES, VERDICTS } from "@/core/signals";
import { TRIAGE } from "@/core/slice";
import { NETLIST_KEYS } from "@/core/state";

/** The one description of the data. Types, SQL columns, the JSON Schema and every validation follow from it. */

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, "an id of letters, digits, - and _");
const label = z.string().trim().min(1, "not empty").max(200);
const text = z.string().max(10_000);
const guess = { confidence: z.number().min(0).max(1), why: text };
const source = z.enum(["given", "proposed", "confirmed"]);
const textMap = z.record(z.string().max(200), text);

/** The schools of converting, one of which a job follows. */
export const APPROACHES = [
  "donor-computer",
  "host-computer",
  "programmable",
  "paired-security",
  "plug-in",
  "merged",
  "universal",
] as const;

export const JobRow = z.strictObject({
  name: label,
  host: label,
  donor: label,
  approach: z.enum(APPROACHES),
  units: z.enum(["metric", "imperial"]),
  /** What must work at the end, in the owner's words. */
  wishes: text,
});

/** A part of a harness with an origin of its own and the one diagram that fits it. */
export const BranchRow = z.strictObject({
  id,
  side: z.enum(SIDES),
  label,
  /** Vehicle, year, trim, gearbox. */
  origin: text,
  diagram: text,
  note: text,
  position: z.int().min(0),
});

/** A face as it is seen from the wire side, row by row from the top left; null where there is no cavity. */
const FaceSchema = z
  .strictObject({
    rows: z.int().min(1).max(40),
    columns: z.int().min(1).max(60),
    /** Distance between cavities, mm. */
    pitchMm: z.number().min(0.5).max(30),
    /** Which edge carries the key or latch, seen from the wire side. */
    keyEdge: z.enum(["top", "bottom", "left", "right"]),
    cells: z.array(label.nullable()).max(2400),
  })
  .refine((face) => face.cells.length === face.rows * face.columns, {
    message: "as many cells as rows × columns",
    path: ["cells"],
  });
export type Face = z.infer<typeof FaceSchema>;

export const GENDERS = ["male", "female"] as const;

export const ConnectorRow = z.strictObject({
  id,
  side: z.enum(SIDES),
  label,
  /** Where it sits on the vehicle, in plain words. */
  place: text.nullable(),
  position: z.int().min(0),
  branchId: id.nullable(),
  /** The half that it plugs into, where it joins two harnesses. */
  mateId: id.nullable(),
  face: FaceSchema.nullable(),
  /** Keying as moulded or counted; two of different keying do not fit. */
  keying: z.string().max(200).nullable(),
  gender: z.enum(GENDERS).nullable(),
  /** Colour of the housing. */
  housing: z.string().max(200).nullable(),
});

export const PinRow = z.strictObject({
  id,
  connectorId: id,
  /** As moulded; `A1` and `a1` are two cavities. */
  cavity: label,
  circuit: z.string().max(200).nullable(),
  colour: text.nullable(),
  colourBase: z.enum(COLOUR_CODES).nullable(),
  colourTracer: z.enum(COLOUR_CODES).nullable(),
  sizeMm2: z.number().positive().max(300).nullable(),
  lengthM: z.number().min(0).max(100).nullable(),
  description: text.nullable(),
  kind: z.enum(KINDS),
  kindConfidence: guess.confidence,
  kindSource: source,
  kindWhy: guess.why,
  quantity: z.enum(QUANTITIES).nullable(),
  quantityConfidence: guess.confidence,
  quantitySource: source,
  quantityWhy: guess.why,
  /** Cylinder, bank or bus-wire number, by which like is paired with like. */
  indexLabel: z.string().max(200).nullable(),
  params: textMap,
  extra: textMap,
  position: z.int().min(0),
});

const AdapterSchema = z
  .object({ type: z.enum(ADAPTER_TYPES) })
  .catchall(z.union([z.string().max(200), z.number(), z.null()]));

export const LinkRow = z.strictObject({
  id,
  providerId: id,
  consumerId: id,
  quantity: z.enum(QUANTITIES).nullable(),
  decision: z.enum(["accepted", "refused"]),
  verdict: z.enum(VERDICTS),
  adapters: z.array(AdapterSchema).max(12),
  why: text,
  /** The person chose it over, or without, what was proposed. */
  byHand: z.boolean(),
  note: text,
});

/** How a reading came here. */
export const READING_SOURCES = ["typed", "instrument"] as const;
export const READING_UNITS = ["V", "Ω", "A"] as const;

export const ReadingRow = z.strictObject({
  id,
  stepKey: z.string().min(1).max(200),
  /** As typed: `12.4`, `0.02`, `OL`. */
  written: z.string().min(1).max(40),
  value: z.number().nullable(),
  outcome: z.enum(["pass", "fail", "stop"]),
  verdict: text,
  /** The step's expectation when it was read; where it differs now, the proof is stale. */
  basis: text,
  /** What `value` and `uncertainty` are in. */
  unit: z.enum(READING_UNITS).nullable(),
  /** What it was read with: the meter and its setting. */
  meter: z.string().max(200).nullable(),
  source: z.enum(READING_SOURCES).nullable(),
  /** ±, in its unit; null where nobody knows, as of readings from before it was asked. */
  uncertainty: z.number().positive().nullable(),
  person: label,
  takenAt: z.iso.datetime({ precision: 3 }),
});

const terminal = z.string().trim().min(1).max(200);
const ohms = z.number().positive().max(1e9);
const spanned = { id: label, a: terminal, b: terminal };

/** An element of contracts/netlist.md with terminals in place of nodes; see core/harness/elements.ts. */
const ElementSchema = z.discriminatedUnion("type", [
  z.strictObject({ ...spanned, type: z.literal("resistor"), ohms, joint: z.boolean() }),
  z.strictObject({
    ...spanned,
    type: z.literal("source"),
    volts: z.number().min(-1000).max(1000),
    ohms: z.number().min(0).max(1e9),
  }),
  z.strictObject({ ...spanned, type: z.literal("current"), amps: z.number().min(-5000).max(5000) }),
  z.strictObject({
    ...spanned,
    type: z.literal("power"),
    watts: z.number().positive().max(100_000),
    minVolts: z.number().positive().max(1000),
  }),
  z.strictObject({ ...spanned, type: z.literal("switch"), closedIn: z.array(z.enum(NETLIST_KEYS)), ohms }),
  z.strictObject({ ...spanned, type: z.literal("fuse"), amps: z.number().positive().max(5000), ohms }),
  z.strictObject({
    ...spanned,
    type: z.literal("diode"),
    saturationAmps: z.number().positive().max(1),
    emission: z.number().min(0.5).max(10),
  }),
  z.strictObject({
    ...spanned,
    type: z.literal("lamp"),
    ratedVolts: z.number().positive().max(1000),
    ratedWatts: z.number().positive().max(10_000),
  }),
  z.strictObject({
    id: label,
    type: z.literal("relay"),
    coilA: terminal,
    coilB: terminal,
    coilOhms: ohms,
    pullInVolts: z.number().positive().max(1000),
    dropOutVolts: z.number().min(0).max(1000),
    contacts: z
      .array(z.strictObject({ a: terminal, b: terminal, when: z.enum(["energised", "released"]), ohms }))
      .max(24),
  }),
]);

export const PART_SIDES = [...SIDES, "added"] as const;

/**
 * A part that a person placed or corrected; its terminals are on cavities. Parts that nobody has touched are guessed
 * and not stored.
 */
export const PartRow = z.strictObject({
  id,
  side: z.enum(PART_SIDES),
  type: label,
  label,
  terminals: z.array(z.strictObject({ name: terminal, pinId: id.nullable() })).max(400),
  elements: z.array(ElementSchema).max(400),
  origin: text,
  diagram: text,
  note: text,
});

/** A part of a person's own, ready to be placed again. */
export const OwnPartRow = z.strictObject({
  id,
  name: label,
  type: label,
  terminals: z.array(terminal).min(1).max(400),
  elements: z.array(ElementSchema).max(400),
});

export const WIRE_STOCK = ["original", "reclaimed", "new"] as const;

/**
 * A wire: one that the pin tables speak of, which follows them (table-wires.ts) but for its insulation, stock and note;
 * or one that a person added between two cavities.
 */
export const WireRow = z.strictObject({
  id,
  fromPinId: id,
  endsAt: z.enum(WIRE_ENDS),
  toPinId: id.nullable(),
  origin: z.enum(WIRE_ORIGINS),
  circuit: z.string().max(200).nullable(),
  colour: text.nullable(),
  colourBase: z.enum(COLOUR_CODES).nullable(),
  colourTracer: z.enum(COLOUR_CODES).nullable(),
  sizeMm2: z.number().positive().max(300).nullable(),
  lengthM: z.number().min(0).max(100).nullable(),
  insulation: z.string().max(200).nullable(),
  stock: z.enum(WIRE_STOCK),
  note: text,
});

export const COUNTED = ["present", "missing", "damaged", "replaced"] as const;
/** What a row is about: `connector:`, `part:`, `fuse:`, `pin:`, `wire:` or `branch:` and an id. */
const subject = z.string().regex(/^[a-z]+:.{1,200}$/, "what it is about, as connector:ID");

/** What was found of one thing when the harness was counted. */
export const CountRow = z.strictObject({
  id,
  subject,
  state: z.enum(COUNTED),
  note: text,
  foundAt: text,
  goesTo: text,
});

export const GRADES = ["claimed", "guessed", "read", "measured", "proven"] as const;

/** One thing that someone says of something, with the ground on which they say it. */
export const FactRow = z.strictObject({
  id,
  subject,
  topic: label,
  says: label,
  grade: z.enum(GRADES),
  origin: text,
  person: label,
});

export const QuestionRow = z.strictObject({
  id,
  subject: subject.nullable(),
  asks: text.min(1),
  settledBy: text,
  answer: text,
});

const VariantCavity = z.strictObject({
  connector: label,
  cavity: label,
  circuit: z.string().max(200).nullable(),
  colour: text.nullable(),
  sizeMm2: z.number().positive().max(300).nullable(),
  description: text.nullable(),
});

/**
 * Another table of what should be the same harness, and which of the two was found on the bench, by `connector-cavity`.
 */
export const VariantRow = z.strictObject({
  id,
  side: z.enum(SIDES),
  label,
  cavities: z.array(VariantCavity).max(20_000),
  picks: z.record(z.string().max(500), z.enum(["here", "there"])),
});

/** A pair of connectors that could be mated wrongly: it carries a flag, and at installation someone looked. */
export const AlikeRow = z.strictObject({
  id,
  oneId: id,
  twoId: id,
  state: z.enum(["flagged", "checked"]),
  note: text,
  person: label,
});

/** Whether a function must work at the end. The id is the function's key. */
export const KeptRow = z.strictObject({ id, kept: z.boolean() });

/** What was decided of a wire or a connector, and whether it has been done. */
export const CutRow = z.strictObject({
  id,
  subject,
  choice: z.enum(TRIAGE),
  /** Why it goes although a kept function needs it; empty where nothing was overridden. */
  override: text,
  done: z.boolean(),
  doneBy: z.string().max(200).nullable(),
  /** It was cut in fact without having been decided. */
  unplanned: z.boolean(),
  note: text,
});

export const DEBT_TYPES = ["loose-end", "bypass", "temporary-feed", "unplugged", "override"] as const;
export const DEBT_ENDS = ["new-home", "cap", "not-needed", "paid", "signed-off"] as const;

/** What must be settled before the job is closed: a loose end, a jumper, a temporary feed. */
export const DebtRow = z.strictObject({
  id,
  type: z.enum(DEBT_TYPES),
  subject: subject.nullable(),
  says: text.min(1),
  settled: z.enum(DEBT_ENDS).nullable(),
  note: text,
  person: label,
});

/** A value that the electrical solution takes as given: the battery's, the air's. The id is its key. */
export const SettingRow = z.strictObject({
  id: z.enum(SETTING_KEYS),
  value: z.number().min(-100).max(10_000),
  origin: text,
});

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
} as const;
export type TableName = keyof typeof TABLES;

export type JobRow = z.infer<typeof JobRow>;
export type ConnectorRow = z.infer<typeof ConnectorRow>;
export type PinRow = z.infer<typeof PinRow>;
export type LinkRow = z.infer<typeof LinkRow>;
export type ReadingRow = z.infer<typeof ReadingRow>;
export type BranchRow = z.infer<typeof BranchRow>;
export type PartRow = z.infer<typeof PartRow>;
export type OwnPartRow = z.infer<typeof OwnPartRow>;
export type WireRow = z.infer<typeof WireRow>;
export type CountRow = z.infer<typeof CountRow>;
export type FactRow = z.infer<typeof FactRow>;
export type QuestionRow = z.infer<typeof QuestionRow>;
export type VariantRow = z.infer<typeof VariantRow>;
export type AlikeRow = z.infer<typeof AlikeRow>;
export type KeptRow = z.infer<typeof KeptRow>;
export type CutRow = z.infer<typeof CutRow>;
export type DebtRow = z.infer<typeof DebtRow>;
export type SettingRow = z.infer<typeof SettingRow>;

export const FORMAT = "pantograph-job/1";

/**
 * What rows had before some of their columns were there: documents and edits of that time are still read, and say of
 * those what was so then.
 */
export const BEFORE = {
  connector: { branchId: null, mateId: null, face: null, keying: null, gender: null, housing: null },
  reading: { unit: null, meter: null, source: null, uncertainty: null },
  wire: { endsAt: "cavity", origin: "added" },
} as const satisfies { [T in TableName]?: Partial<z.infer<(typeof TABLES)[T]>> };

const connector = ConnectorRow.shape;
const EarlyConnector = ConnectorRow.extend({
  branchId: connector.branchId.default(BEFORE.connector.branchId),
  mateId: connector.mateId.default(BEFORE.connector.mateId),
  face: connector.face.default(BEFORE.connector.face),
  keying: connector.keying.default(BEFORE.connector.keying),
  gender: connector.gender.default(BEFORE.connector.gender),
  housing: connector.housing.default(BEFORE.connector.housing),
});
const reading = ReadingRow.shape;
const EarlyReading = ReadingRow.extend({
  unit: reading.unit.default(BEFORE.reading.unit),
  meter: reading.meter.default(BEFORE.reading.meter),
  source: reading.source.default(BEFORE.reading.source),
  uncertainty: reading.uncertainty.default(BEFORE.reading.uncertainty),
});
const EarlyWire = WireRow.extend({
  endsAt: WireRow.shape.endsAt.default(BEFORE.wire.endsAt),
  origin: WireRow.shape.origin.default(BEFORE.wire.origin),
});
const later = <T extends z.ZodType>(row: T) => z.array(row).default([]);

/**
 * The whole of a job as a document. It carries no job id: an import makes a job of its own, and exports the same again.
 */
export const JobDocument = z.strictObject({
  format: z.literal(FORMAT),
  job: JobRow,
  connectors: z.array(EarlyConnector),
  pins: z.array(PinRow),
  links: z.array(LinkRow),
  readings: z.array(EarlyReading),
  branches: later(BranchRow),
  parts: later(PartRow),
  ownParts: later(OwnPartRow),
  wires: later(EarlyWire),
  counts: later(CountRow),
  facts: later(FactRow),
  questions: later(QuestionRow),
  variants: later(VariantRow),
  alikes: later(AlikeRow),
  kept: later(KeptRow),
  cuts: later(CutRow),
  debts: later(DebtRow),
  settings: later(SettingRow),
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
} as const;
export type ListTable = keyof typeof LISTS;
export type RowOf<T extends ListTable> = z.infer<(typeof TABLES)[T]>;
