import { z } from "zod";
import { SIDES } from "@/core/forms";
import { id, label, text } from "./fields";

/** What is worked out on the benches of gauges, gearbox, security and calibration. */

const points = z.array(z.tuple([z.number(), z.number()])).max(200);
const above = z.number().positive().max(1e9);

/**
 * What somebody entered on the bench of one of the host's instruments; the id is its cavity. What is left out is taken
 * from the facts of its cavities, or asked.
 */
export const BenchRow = z.strictObject({
  id,
  given: z.strictObject({
    /** In the quantity's unit. */
    band: z.tuple([z.number(), z.number()]).optional(),
    series: z.enum(["E24", "E96", "any"]).optional(),
    interpolate: z.enum(["linear", "log"]).optional(),
    /** What the driver is to see: normal and danger, in the quantity's unit. */
    normal: z.number().optional(),
    danger: z.number().optional(),
    /** Mean volts of a bimetal stabiliser; the vehicle's where there is none. */
    stabiliserVolts: above.optional(),
    /** Half the width of the needle, in the quantity's unit. */
    needle: above.optional(),
    /** Measured: what is shown against what is true. */
    points: points.optional(),
    tyre: z.string().max(40).optional(),
    finalDrive: above.optional(),
    pulsesPerShaftRev: above.optional(),
    pulsesPerKm: above.optional(),
    gaugePulsesPerKm: above.optional(),
    revsPerKm: above.optional(),
    gaugePulsesPerRev: above.optional(),
    pulsesPerRev: above.optional(),
    lampWatts: above.optional(),
    exciteAmps: above.optional(),
    /** The cavity that is to drive it, where somebody chose. */
    driverId: id.optional(),
    /** What was chosen where no wire can drive the instrument. */
    way: z.enum(["cable-drive", "new-gauge", "second-sender"]).optional(),
  }),
});

/** What was chosen of several ways, with what it rests on; the id says of what. */
export const CHOICES = ["gearbox", "lockout", "security-way"] as const;
export const ChoiceRow = z.strictObject({
  id: z.enum(CHOICES),
  way: z.string().min(1).max(40),
  given: z.record(z.string().max(40), z.number()),
  note: text,
  person: label,
});

const pinIds = z.array(id).max(12);

/** Connectors for which others stand in: the cavities of the first move into those of the second. */
export const StandInRow = z.strictObject({ id, fromIds: pinIds, toIds: pinIds, note: text, person: label });

/** One cavity's move as somebody decided or did it. */
export const MoveRow = z.strictObject({
  id,
  standInId: id,
  /** Null: added new. */
  fromPinId: id.nullable(),
  /** Null: left empty and sealed. */
  toPinId: id.nullable(),
  /** Somebody chose it; else it is as it was proposed. */
  byHand: z.boolean(),
  done: z.boolean(),
  person: label,
});

export const IDENTITY_PARTS = [
  "engine-computer",
  "gearbox-computer",
  "security-module",
  "key-reader",
  "key",
  "body-module",
  "steering-lock",
  "other",
] as const;

/** What tells one part from another of its kind: its serial and its part, software and calibration numbers. */
export const IdentityRow = z.strictObject({
  id,
  part: z.enum(IDENTITY_PARTS),
  label,
  side: z.enum(SIDES),
  serial: z.string().max(200),
  partNumber: z.string().max(200),
  software: z.string().max(200),
  calibration: z.string().max(200),
  /** The set by which paired parts know each other, as their papers or a reader tell it; empty where nobody knows. */
  pairedSet: z.string().max(200),
  note: text,
  person: label,
});

export const SECURITY_ENTRIES = ["entitled", "read", "changed", "trial"] as const;
export const TRIAL_OUTCOMES = ["runs", "stalls", "no-start"] as const;
export const TRIED_WITHOUT = ["module", "reader", "feed"] as const;

/** The record of anti-theft work: who is entitled, what was read and changed by whom, and what was tried. */
export const SecurityEntryRow = z.strictObject({
  id,
  type: z.enum(SECURITY_ENTRIES),
  /** Who is entitled, who read, who changed, who tried. */
  who: label,
  /** On what proof; what was read; what was changed; what was seen. */
  says: text,
  /** Of the image that was read or changed, as hexadecimal digits. */
  hash: z
    .string()
    .regex(/^([0-9a-f]{32,128})?$/, "hexadecimal digits of a hash")
    .max(128),
  triedWithout: z.enum(TRIED_WITHOUT).nullable(),
  /** Of a trial: what the engine does. */
  outcome: z.enum(TRIAL_OUTCOMES).nullable(),
  takenAt: z.iso.datetime(),
});

/** A change of a computer's calibration as somebody entered it, or what was done of one that the plan asks for. */
export const CalibrationRow = z.strictObject({
  /** Of one that the plan asks for: its key there. */
  id,
  computer: label,
  what: label,
  was: z.string().max(200),
  becomes: z.string().max(200),
  why: text,
  /** Codes that would come otherwise. */
  codes: z.string().max(200),
  /** Software that its definition belongs to; empty where nobody has said. */
  software: z.string().max(200),
  byHand: z.boolean(),
  doneBy: z.string().max(200).nullable(),
  /** The step that proves it, in words. */
  provenBy: z.string().max(200),
  note: text,
});

export type BenchRow = z.infer<typeof BenchRow>;
export type ChoiceRow = z.infer<typeof ChoiceRow>;
export type StandInRow = z.infer<typeof StandInRow>;
export type MoveRow = z.infer<typeof MoveRow>;
export type IdentityRow = z.infer<typeof IdentityRow>;
export type SecurityEntryRow = z.infer<typeof SecurityEntryRow>;
export type CalibrationRow = z.infer<typeof CalibrationRow>;
