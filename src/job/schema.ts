import { z } from "zod";
import { KINDS, QUANTITIES, SIDES } from "@/core/forms";
import { COLOUR_CODES } from "@/core/intake";
import { ADAPTER_TYPES, VERDICTS } from "@/core/signals";

/** The one description of the data. Types, SQL columns, the JSON Schema and every validation follow from it. */

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, "an id of letters, digits, - and _");
const label = z.string().trim().min(1, "not empty").max(200);
const text = z.string().max(10_000);
const guess = { confidence: z.number().min(0).max(1), why: text };
const source = z.enum(["given", "proposed", "confirmed"]);
const textMap = z.record(z.string().max(200), text);

/** The schools of converting, one of which a job follows. */
export const APPROACHES = ["donor-computer", "host-computer", "programmable", "paired-security", "plug-in", "merged", "universal"] as const;

export const JobRow = z.strictObject({
  name: label,
  host: label,
  donor: label,
  approach: z.enum(APPROACHES),
  units: z.enum(["metric", "imperial"]),
  /** What must work at the end, in the owner's words. */
  wishes: text,
});

export const ConnectorRow = z.strictObject({
  id,
  side: z.enum(SIDES),
  label,
  /** Where it sits on the vehicle, in plain words. */
  place: text.nullable(),
  position: z.int().min(0),
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

const AdapterSchema = z.object({ type: z.enum(ADAPTER_TYPES) }).catchall(z.union([z.string().max(200), z.number(), z.null()]));

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
  person: label,
  takenAt: z.iso.datetime({ precision: 3 }),
});

/** Every table that row operations may touch, with its rows' schema. The names are those of the SQL tables. */
export const TABLES = { job: JobRow, connector: ConnectorRow, pin: PinRow, link: LinkRow, reading: ReadingRow } as const;
export type TableName = keyof typeof TABLES;

export type JobRow = z.infer<typeof JobRow>;
export type ConnectorRow = z.infer<typeof ConnectorRow>;
export type PinRow = z.infer<typeof PinRow>;
export type LinkRow = z.infer<typeof LinkRow>;
export type ReadingRow = z.infer<typeof ReadingRow>;

export const FORMAT = "pantograph-job/1";

/** The whole of a job as a document. It carries no job id: an import makes a job of its own, and exports the same again. */
export const JobDocument = z.strictObject({
  format: z.literal(FORMAT),
  job: JobRow,
  connectors: z.array(ConnectorRow),
  pins: z.array(PinRow),
  links: z.array(LinkRow),
  readings: z.array(ReadingRow),
});
export type JobDocument = z.infer<typeof JobDocument>;

/** Lists of the document by table; `job` is a single row and stands apart. */
export const LISTS = { connector: "connectors", pin: "pins", link: "links", reading: "readings" } as const;
export type ListTable = keyof typeof LISTS;
