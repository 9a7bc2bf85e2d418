import { z } from "zod";
import { BOOK_KEYS } from "@/core/approaches";
import { QUANTITIES, SIDES } from "@/core/forms";
import { SILENT } from "@/core/gateway";
import { WIRE_ENDS, WIRE_ORIGINS } from "@/core/harness";
import { COLOUR_CODES } from "@/core/intake";
import { GAP_WAYS, type GapWay } from "@/core/plan";
import { SETTING_KEYS } from "@/core/power";
import { TRIAGE } from "@/core/slice";
import { NETLIST_KEYS } from "@/core/state";
import { id, label, position, text } from "./fields";

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
  z.strictObject({
    ...spanned,
    type: z.literal("switch"),
    closedIn: z.array(z.enum(NETLIST_KEYS)),
    ohms,
    positions: z.array(label).max(24).optional(),
  }),
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
  /** The name of the splice that it ends at, where it has one. */
  splice: z.string().max(200).nullable(),
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

export const PICTURE_TYPES = ["image/jpeg", "image/png", "image/webp"] as const;
/** Characters of a picture's data: a photograph of 1,800 px as a JPEG has about a third of it. */
export const MOST_PICTURE = 1_500_000;

/** A photograph or scan of a thing, its label or its paper; made small enough by the page that takes it in. */
export const PictureRow = z.strictObject({
  id,
  subject,
  name: label,
  note: text,
  type: z.enum(PICTURE_TYPES),
  width: z.int().min(1).max(20_000),
  height: z.int().min(1).max(20_000),
  /** Base64. */
  data: z
    .string()
    .min(4)
    .max(MOST_PICTURE)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/, "base64"),
  person: label,
});

/** What a person chose to do about a cavity that nothing serves, or that nothing takes. The id is the cavity's. */
export const GapRow = z.strictObject({
  id,
  way: z.enum(Object.keys(GAP_WAYS) as [GapWay, ...GapWay[]]),
  /** What will be seen, or why, in the person's words. */
  note: text,
  person: label,
});

/** What the owner wants beside what the tables tell of, in the owner's words, and the functions that carry it. */
export const WishRow = z.strictObject({
  id,
  says: label,
  /** Keys of the functions by which it is whole. */
  functions: z.array(z.string().max(40)).max(60),
  position,
});

/** A line of the shop's own book, where it differs from what is stated; null leaves that. */
export const PriceRow = z.strictObject({
  id: z.enum(BOOK_KEYS),
  minutes: z.number().min(0).max(100_000).nullable(),
  money: z.number().min(0).max(1e9).nullable(),
  /** How much of it is assumed where nobody has measured. */
  amount: z.number().min(0).max(1000).nullable(),
});

/** Where a value lies within its message, and how its bits are read: as a DBC file writes it. */
const BitPlace = z.strictObject({
  startBit: z.int().min(0).max(511),
  bits: z.int().min(1).max(64),
  order: z.enum(["little", "big"]),
  signed: z.boolean(),
  isFloat: z.boolean(),
  multiplex: z.union([z.literal("selector"), z.int().min(0)]).nullable(),
  isNested: z.boolean(),
  selectedBy: z
    .strictObject({ selector: label, spans: z.array(z.tuple([z.int().min(0), z.int().min(0)])).max(1000) })
    .nullable(),
  choices: z.record(z.string().max(40), z.string().max(1000)),
});

/** A value that travels on a bus: which message has it, how its number is read, and what it means to a wire. */
export const BusSignalRow = z.strictObject({
  id,
  /** The cavity of the bus's high wire. */
  pinId: id,
  file: label,
  message: label,
  /** The message's identifier, without the bit that says that it is an extended one. */
  frame: z.int().min(0).max(0x1fffffff),
  extended: z.boolean(),
  bytes: z.int().min(0).max(64),
  /** Who sends it, as the file has it; null where nobody is said to. */
  sender: z.string().max(200).nullable(),
  /** How often it is sent, ms; null where the file does not say. */
  periodMs: z.number().positive().max(600_000).nullable(),
  name: label,
  quantity: z.enum(QUANTITIES).nullable(),
  unit: z.string().max(200),
  /** Value = raw · factor + shift. */
  factor: z.number(),
  shift: z.number(),
  low: z.number().nullable(),
  high: z.number().nullable(),
  /** Null where the file was read before its places were kept. */
  bitPlace: BitPlace.nullable(),
});

/** How a gateway sends a value on. The id is what it serves: a value of the other bus, or a cavity. */
export const RelayedRow = z.strictObject({
  id,
  /** It is to be sent at all. */
  sent: z.boolean(),
  /** The value of the other bus; null where the only one that fits is taken. */
  sourceId: id.nullable(),
  rateMs: z.number().min(1).max(60_000).nullable(),
  timeoutMs: z.number().min(1).max(600_000).nullable(),
  /** What is sent when the source is silent. */
  silent: z.enum(SILENT),
});

export type WishRow = z.infer<typeof WishRow>;
export type PriceRow = z.infer<typeof PriceRow>;
export type BusSignalRow = z.infer<typeof BusSignalRow>;
export type RelayedRow = z.infer<typeof RelayedRow>;
export type GapRow = z.infer<typeof GapRow>;
export type PictureRow = z.infer<typeof PictureRow>;
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
