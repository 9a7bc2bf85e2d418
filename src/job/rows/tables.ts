import { z } from "zod";
import { APPROACHES, LENGTHENED } from "@/core/approaches";
import { DIAL_UNITS, KINDS, PARAM_GRADES, QUANTITIES, SIDES } from "@/core/forms";
import { COLOUR_CODES } from "@/core/intake";
import { ADAPTER_TYPES, VERDICTS } from "@/core/signals";
import { guess, id, label, MOST_INT, position, source, text, textMap } from "./fields";

export const JobRow = z.strictObject({
  name: label,
  host: label,
  donor: label,
  approach: z.enum(APPROACHES),
  units: z.enum(["metric", "imperial"]),
  /** What must work at the end, in the owner's words. */
  wishes: text,
  lengthens: z.enum(LENGTHENED).nullable(),
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
  position,
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
  position,
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

/** What of a cavity a person can change and a table can bring. */
export const ENTERED_COLUMNS = [
  "circuit",
  "colour",
  "sizeMm2",
  "lengthM",
  "description",
  "otherEnd",
  "part",
  "note",
] as const;

const ToldEndSchema = z.union([z.strictObject({ pinId: id }), z.strictObject({ splice: label })]);

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
  /** How a value of `params` is known, where it was not read from a table. */
  grades: z.record(z.string().max(200), z.enum(PARAM_GRADES)),
  extra: textMap,
  /** Where the table says that its wire goes, as written; and what that was found to be. */
  otherEnd: text.nullable(),
  ends: z.array(ToldEndSchema).max(20),
  /** The part that the row says it is of, where that is not its connector. */
  part: text.nullable(),
  note: text,
  /** Columns that a person changed since a table brought them: a new table asks before it changes them. */
  entered: z.array(z.enum(ENTERED_COLUMNS)).max(ENTERED_COLUMNS.length),
  position,
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
export const READING_UNITS = ["V", "Ω", "A", ...DIAL_UNITS] as const;

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
  /** In which order readings came to the server, since clocks differ; null until it has said so. */
  ordinal: z.int().min(0).max(MOST_INT).nullable(),
});

export type JobRow = z.infer<typeof JobRow>;
export type BranchRow = z.infer<typeof BranchRow>;
export type ConnectorRow = z.infer<typeof ConnectorRow>;
export type PinRow = z.infer<typeof PinRow>;
export type LinkRow = z.infer<typeof LinkRow>;
export type ReadingRow = z.infer<typeof ReadingRow>;
