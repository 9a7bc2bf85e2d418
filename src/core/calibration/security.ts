import type { Side } from "../forms";
import type { Line } from "../plan";
import type { SignalPin } from "../signals";

/** Kinds of anti-theft parts, by what they know the key by. */
export type AntiTheftKind = "resistor-key" | "transponder" | "module-in-body" | "keyless";

/** What of it one side has, found in its tables. */
export interface AntiTheftPart {
  readonly side: Side;
  readonly kind: AntiTheftKind;
  /** The connector or part that its cavities belong to. */
  readonly connector: string;
  readonly pins: readonly SignalPin[];
}

/** What is known of one side: parts found, none as somebody said, or nothing seen and nobody asked. */
export interface AntiTheftSide {
  readonly side: "donor" | "host";
  readonly state: "found" | "none" | "not-seen";
  readonly parts: readonly AntiTheftPart[];
}

/** A cavity with the words of its table. */
export type Described = (pin: SignalPin) => string;

const RESISTOR_KEY = /\bresist(or|ance)\b.*\bkey\b|\bkey\b.*\bresist(or|ance)\b|\bkey (pellet|code)\b/i;
const KEYLESS = /\bkeyless\b|\bpassive entry\b|\bkey ?fob\b.*\b(receiver|aerial|antenna)\b|\binside aerial\b/i;
const IMMOBILISER = /\bimmobili[sz]er\b|\banti-?theft\b|\bsecurity\b/i;

function kindOf(pin: SignalPin, words: string): AntiTheftKind | null {
  if (RESISTOR_KEY.test(words)) return "resistor-key";
  if (KEYLESS.test(words)) return "keyless";
  if (pin.quantity === "key-reader") return "transponder";
  if (pin.quantity === "security-data") return pin.form.kind === "can" ? "module-in-body" : "transponder";
  if (pin.quantity === "body-data" && IMMOBILISER.test(words)) return "module-in-body";
  return null;
}

/**
 * The anti-theft parts of both sides as their tables show them. What they do not show is asked: nobody is taken to have
 * none.
 *
 * @param told sides of which somebody said that they have none
 */
export function antiTheftSides(
  pins: readonly SignalPin[],
  describe: Described,
  told: ReadonlySet<Side>,
): readonly [AntiTheftSide, AntiTheftSide] {
  const of = (side: "donor" | "host"): AntiTheftSide => {
    const parts = new Map<string, AntiTheftPart & { pins: SignalPin[] }>();
    for (const pin of pins) {
      if (pin.side !== side) continue;
      const kind = kindOf(pin, describe(pin));
      if (kind === null) continue;
      const key = `${pin.connector} ${kind}`;
      const known = parts.get(key);
      if (known === undefined) parts.set(key, { side, kind, connector: pin.connector, pins: [pin] });
      else known.pins.push(pin);
    }
    const found = [...parts.values()];
    return { side, state: found.length > 0 ? "found" : told.has(side) ? "none" : "not-seen", parts: found };
  };
  return [of("donor"), of("host")];
}

export const SECURITY_WAYS = ["keep-paired", "host-beside", "set-off", "programmable"] as const;
export type SecurityWay = (typeof SECURITY_WAYS)[number];

/** What a way needs, as a code with a word of what it is about. */
export type SecurityNeed =
  | {
      readonly code: "same-set";
      readonly parts: readonly ("engine-computer" | "security-module" | "key-reader" | "key")[];
    }
  | { readonly code: "wires"; readonly open: number; readonly all: number }
  | {
      readonly code: "reader-at-lock" | "host-keys-stay" | "two-keys" | "entitlement" | "specialist" | "tuning";
    }
  | { readonly code: "lead-time"; readonly days: number };

export type SecurityLoss =
  | "host-key-alone"
  | "no-immobiliser"
  | "two-keys-to-carry"
  | "donor-lamp-lit"
  | "maker-diagnosis";

/** One way to deal with the anti-theft parts. */
export interface SecurityOption {
  readonly way: SecurityWay;
  /** Why it is not open; null where it is. */
  readonly closed: "no-donor-parts" | "no-host-parts" | "host-not-seen" | "not-programmable" | "donor-not-seen" | null;
  readonly needs: readonly SecurityNeed[];
  readonly loses: readonly SecurityLoss[];
  /** Lamps and starts that it governs. */
  readonly governs: readonly SignalPin[];
}

/** A specialist's usual lead time for a calibration, days: our estimate. */
const LEAD_DAYS = 10;

/** Cavities of the donor's anti-theft parts, each with the line that serves it; null where nothing does yet. */
export interface SecurityWire {
  readonly pin: SignalPin;
  readonly line: Line | null;
  /** Its own side serves it. */
  readonly ownSide: boolean;
}

/** Every wire that the donor's paired parts need, and whether it is served. */
export function securityWires(
  parts: readonly AntiTheftPart[],
  pins: readonly SignalPin[],
  lines: readonly Line[],
): SecurityWire[] {
  const donor = parts.filter(({ side }) => side === "donor");
  // The engine computer has a cavity for the data among a hundred others: the module is what reads the key.
  const readers = donor.filter((part) => part.pins.some(({ quantity }) => quantity === "key-reader"));
  const own = (readers.length > 0 ? readers : donor).map(({ connector }) => connector);
  return pins
    .filter((pin) => pin.side === "donor" && own.includes(pin.connector) && pin.form.kind !== "spare")
    .map((pin) => ({
      pin,
      line:
        lines.find(
          ({ provider, consumer, state }) => state !== "refused" && (provider.id === pin.id || consumer.id === pin.id),
        ) ?? null,
      ownSide:
        pin.circuit !== null &&
        pins.some((one) => one.id !== pin.id && one.side === pin.side && one.circuit === pin.circuit),
    }));
}

/** Lamps and starts that anti-theft parts have a say in. */
const governed = (pins: readonly SignalPin[]): readonly SignalPin[] =>
  pins.filter(
    ({ quantity, form }) =>
      quantity === "security-lamp" ||
      ((quantity === "starter-relay" || quantity === "starter-request") && form.kind.endsWith("-out")),
  );

/**
 * Which ways are open, with what each needs, loses and governs. Nothing here says how a protection is defeated: where it
 * is set off, that is a calibration change by somebody entitled, with a record of its own.
 */
export function securityOptions(
  [donor, host]: readonly [AntiTheftSide, AntiTheftSide],
  wires: readonly SecurityWire[],
  pins: readonly SignalPin[],
  isProgrammable: boolean,
): SecurityOption[] {
  const open = wires.filter(({ line, ownSide }) => !ownSide && line?.state !== "decided").length;
  const hasReader = donor.parts.some(({ kind }) => kind === "transponder");
  const closedFor = (state: AntiTheftSide["state"]): SecurityOption["closed"] =>
    isProgrammable
      ? "no-donor-parts"
      : state === "found"
        ? null
        : state === "none"
          ? "no-donor-parts"
          : "donor-not-seen";
  const governs = governed(pins);
  return [
    {
      way: "keep-paired",
      closed: closedFor(donor.state),
      needs: [
        { code: "same-set", parts: ["engine-computer", "security-module", "key-reader", "key"] },
        { code: "wires", open, all: wires.length },
        ...(hasReader ? [{ code: "reader-at-lock" as const }] : []),
        { code: "two-keys" },
      ],
      loses: host.state === "found" ? ["two-keys-to-carry"] : ["host-key-alone"],
      governs,
    },
    {
      way: "host-beside",
      closed: host.state === "found" ? null : host.state === "none" ? "no-host-parts" : "host-not-seen",
      needs: [{ code: "host-keys-stay" }, ...(donor.state === "found" ? [{ code: "entitlement" as const }] : [])],
      loses: donor.state === "found" ? ["donor-lamp-lit"] : [],
      governs: governs.filter(({ side }) => side === "host"),
    },
    {
      way: "set-off",
      closed: closedFor(donor.state),
      needs: [{ code: "entitlement" }, { code: "specialist" }, { code: "lead-time", days: LEAD_DAYS }],
      loses: ["no-immobiliser", "maker-diagnosis"],
      governs,
    },
    {
      way: "programmable",
      closed: isProgrammable ? null : "not-programmable",
      needs: [{ code: "tuning" }],
      loses: ["no-immobiliser", "maker-diagnosis"],
      governs: governs.filter(({ side }) => side !== "donor"),
    },
  ];
}

/** What is done for a way, in its order; each is ticked off once it is. */
export type SecurityStep =
  | "identities-read"
  | "module-in-place"
  | "reader-in-place"
  | "wires-made"
  | "keys-tried"
  | "host-start-tried"
  | "entitlement-noted"
  | "stock-image-kept"
  | "specialist-asked"
  | "change-written"
  | "started-without"
  | "engine-tuned";

const STEPS: Readonly<Record<SecurityWay, readonly SecurityStep[]>> = {
  "keep-paired": [
    "entitlement-noted",
    "identities-read",
    "module-in-place",
    "reader-in-place",
    "wires-made",
    "keys-tried",
  ],
  "host-beside": ["entitlement-noted", "host-start-tried"],
  "set-off": [
    "entitlement-noted",
    "identities-read",
    "specialist-asked",
    "stock-image-kept",
    "change-written",
    "started-without",
  ],
  programmable: ["wires-made", "engine-tuned"],
};
export const securitySteps = (way: SecurityWay): readonly SecurityStep[] => STEPS[way];

/** A part's identity as it was read off it. */
export interface Identity {
  readonly id: string;
  readonly part: string;
  readonly label: string;
  readonly side: Side;
  readonly serial: string;
  readonly partNumber: string;
  readonly software: string;
  readonly calibration: string;
  readonly pairedSet: string;
}

/** What does not belong together, or is not known yet. */
export type IdentityFault =
  | { readonly code: "missing"; readonly part: string }
  | { readonly code: "set-unknown"; readonly label: string }
  | {
      readonly code: "sets-differ";
      readonly one: string;
      readonly other: string;
      readonly oneSet: string;
      readonly otherSet: string;
    }
  | { readonly code: "twice"; readonly one: string; readonly other: string; readonly serial: string };

const PAIRED = ["engine-computer", "security-module", "key"] as const;

/** Whether the parts that must know each other are one set; asked of the donor's where its paired set is kept. */
export function identityFaults(identities: readonly Identity[], way: SecurityWay | null): IdentityFault[] {
  const faults: IdentityFault[] = [];
  const bySerial = new Map<string, Identity>();
  for (const one of identities) {
    if (one.serial === "") continue;
    const key = `${one.part} ${one.serial.toLowerCase()}`;
    const before = bySerial.get(key);
    if (before !== undefined) faults.push({ code: "twice", one: before.label, other: one.label, serial: one.serial });
    else bySerial.set(key, one);
  }
  if (way !== "keep-paired") return faults;
  const donor = identities.filter(({ side, part }) => side === "donor" && PAIRED.some((kind) => kind === part));
  for (const part of PAIRED) if (!donor.some((one) => one.part === part)) faults.push({ code: "missing", part });
  for (const { label, pairedSet } of donor) if (pairedSet === "") faults.push({ code: "set-unknown", label });
  const [first, ...others] = donor.filter(({ pairedSet }) => pairedSet !== "");
  for (const other of others)
    if (first !== undefined && other.pairedSet.toLowerCase() !== first.pairedSet.toLowerCase())
      faults.push({
        code: "sets-differ",
        one: first.label,
        other: other.label,
        oneSet: first.pairedSet,
        otherSet: other.pairedSet,
      });
  return faults;
}

/** Steps of the record that must be there before the anti-theft parts count as dealt with. */
export type RecordGap = "no-entitlement" | "no-reading" | "no-hash" | "no-change" | "no-trial" | "trial-failed";

export interface SecurityEntry {
  readonly type: "entitled" | "read" | "changed" | "trial";
  readonly hash: string;
  readonly outcome: "runs" | "stalls" | "no-start" | null;
}

/** What a record lacks, by the way that was chosen: a change asks for entitlement, the stock image's hash and a trial. */
export function recordGaps(entries: readonly SecurityEntry[], way: SecurityWay | null): RecordGap[] {
  const has = (type: SecurityEntry["type"]) => entries.some((entry) => entry.type === type);
  const gaps: RecordGap[] = [];
  if (way === null) return gaps;
  if (way !== "programmable" && !has("entitled")) gaps.push("no-entitlement");
  if (way === "set-off") {
    if (!has("read")) gaps.push("no-reading");
    if (!entries.some(({ type, hash }) => type === "read" && hash !== "")) gaps.push("no-hash");
    if (!has("changed")) gaps.push("no-change");
    const trials = entries.filter(({ type }) => type === "trial");
    if (trials.length === 0) gaps.push("no-trial");
    else if (trials.at(-1)?.outcome !== "runs") gaps.push("trial-failed");
  }
  return gaps;
}
