import type {
  AntiTheftKind,
  CalibrationChange,
  CalibrationFault,
  IdentityFault,
  RecordGap,
  SecurityLoss,
  SecurityNeed,
  SecurityOption,
  SecurityStep,
  SecurityWay,
} from "../calibration";
import { quantityHead } from "./forms";
import { GEARBOX_SWAP_WORDS } from "./gearbox";
import { count, digits, listed } from "./numbers";
import { cavityLabel } from "./points";

export const ANTI_THEFT_WORDS: Readonly<Record<AntiTheftKind, string>> = {
  "resistor-key": "resistor in the key",
  transponder: "transponder in the key, with its reader and paired module",
  "module-in-body": "module in the body network",
  keyless: "keyless modules",
};

export const SECURITY_WAY_WORDS: Readonly<Record<SecurityWay, string>> = {
  "keep-paired": "Keep the donor's paired set",
  "host-beside": "Keep the host's own beside it",
  "set-off": "Set off in calibration by someone entitled",
  programmable: "A programmable computer that has none",
};

const CLOSED: Readonly<Record<Exclude<SecurityOption["closed"], null>, string>> = {
  "no-donor-parts": "the donor has no anti-theft parts that could stay",
  "no-host-parts": "the host has none of its own",
  "host-not-seen": "no anti-theft part of the host is in the tables",
  "not-programmable": "the approach keeps the donor's computer (Scope)",
  "donor-not-seen": "no anti-theft part of the donor is in the tables: say whether it has one",
};
export const securityClosedText = (closed: Exclude<SecurityOption["closed"], null>): string => CLOSED[closed];

export const IDENTITY_PART_WORDS: Readonly<Record<string, string>> = {
  "engine-computer": "engine computer",
  "gearbox-computer": "gearbox computer",
  "security-module": "security module",
  "key-reader": "key reader",
  key: "key",
  "body-module": "body module",
  "steering-lock": "steering lock",
  other: "other part",
};

export function securityNeedText(need: SecurityNeed): string {
  switch (need.code) {
    case "same-set":
      return `${listed(
        need.parts.map((part) => IDENTITY_PART_WORDS[part] ?? part),
        5,
      )} of one set: identities below`;
    case "wires":
      return need.open === 0
        ? `all ${need.all} wires of its module are served`
        : `${need.open} of ${count(need.all, "wire")} of its module to be decided`;
    case "reader-at-lock":
      return "the reader ring goes round the host's lock, no further from the key than it was, or the key is held to it";
    case "host-keys-stay":
      return "the host's key and its own parts stay as they are";
    case "two-keys":
      return "every key of the set, at least two";
    case "entitlement":
      return "proof of who is entitled, and the law's leave";
    case "specialist":
      return "a specialist who reads and changes the calibration";
    case "lead-time":
      return `about ${need.days} days of lead time (assumed)`;
    case "tuning":
      return "a tune for the engine";
  }
}

export const SECURITY_STEP_WORDS: Readonly<Record<SecurityStep, string>> = {
  "entitlement-noted": "Who is entitled stands in the record, with the proof",
  "identities-read": "Identities of computer, module and every key are read and belong together",
  "module-in-place": "The module has a dry place, no further from the computer than its wires reach",
  "reader-in-place": "The reader ring is round the host's lock, and the key reaches it when it is turned",
  "wires-made": "Every wire stands as decided, read by meter",
  "keys-tried": "Every key starts the engine, and it runs on for a minute",
  "host-start-tried": "The host's own key starts it, and it does not start without",
  "stock-image-kept": "The stock image is read, kept twice, and its hash is in the record",
  "specialist-asked": "A specialist is asked, with the identities and the proof",
  "change-written": "The change is written by the one who is entitled, with a supply that holds its volts all the time",
  "started-without": "It starts with the module, the reader and the feed taken away one by one: trials in the record",
  "engine-tuned": "The engine is tuned on the programmable computer",
};

export const SECURITY_LOSS_WORDS: Readonly<Record<SecurityLoss, string>> = {
  "host-key-alone": "the host's own key alone no longer starts it",
  "no-immobiliser": "no immobiliser is left: insurance and law may ask for one",
  "two-keys-to-carry": "two keys to carry, or both in one",
  "donor-lamp-lit": "the donor's computer still asks for its own partner, so this alone does not let it start",
  "maker-diagnosis": "the maker's diagnosis may refuse or overwrite it",
};

export function identityFaultText(fault: IdentityFault): string {
  switch (fault.code) {
    case "missing":
      return `The ${IDENTITY_PART_WORDS[fault.part] ?? fault.part} of the donor is not in the list yet.`;
    case "set-unknown":
      return `To which set ${fault.label} belongs is not known yet: read it, or take it from the papers of the donor.`;
    case "sets-differ":
      return `${fault.one} belongs to set ${fault.oneSet}, ${fault.other} to set ${fault.otherSet}: they do not know each other, and it will not start.`;
    case "twice":
      return `${fault.one} and ${fault.other} have one serial, ${fault.serial}: one of them was written wrong.`;
  }
}

const GAPS: Readonly<Record<RecordGap, string>> = {
  "no-entitlement": "who is entitled, and on what proof",
  "no-reading": "what was read before anything was changed",
  "no-hash": "the hash of the stock image",
  "no-change": "what was changed, by whom and when",
  "no-trial": "a trial that it still starts with the part taken away",
  "trial-failed": "a trial that runs: the last one did not",
};
export const recordGapText = (gap: RecordGap): string => GAPS[gap];

export const SECURITY_ENTRY_WORDS = {
  entitled: "Entitled",
  read: "Read",
  changed: "Changed",
  trial: "Trial",
} as const;
export const TRIED_WITHOUT_WORDS = {
  module: "without the module",
  reader: "without the reader",
  feed: "without the module's feed",
} as const;
export const TRIAL_OUTCOME_WORDS = {
  runs: "starts and runs on",
  stalls: "starts and stalls",
  "no-start": "does not start",
} as const;

/** What is changed in a calibration, in words. */
export function calibrationWhatText({ what }: Pick<CalibrationChange, "what">): string {
  switch (what.code) {
    case "parameter":
      return what.parameter === ""
        ? "A number that its link names"
        : what.parameter.replace(/([A-Z])/g, " $1").toLowerCase();
    case "not-fitted":
      return `${quantityHead(what.pin.quantity)} not fitted`;
    case "tyre":
      return `Tyre and final drive${what.tyre === null ? "" : ` (${what.tyre})`}`;
    case "gearbox":
      return `Gearbox: ${quantityHead(what.pins[0].quantity).toLowerCase()} (${listed(
        what.pins.map((pin) => cavityLabel(pin)),
        6,
      )}) as with the new gearbox`;
    case "security-off":
      return "Anti-theft function set off";
  }
}

/** Why, and what asks for it. */
export function calibrationWhyText({ askedBy, what }: CalibrationChange): string {
  switch (askedBy.type) {
    case "link":
      return `link ${cavityLabel(askedBy.line.provider)} to ${cavityLabel(askedBy.line.consumer)}`;
    case "gap":
      return `${cavityLabel(askedBy.filling.pin)} is lived without, and would set a code`;
    case "gauge":
      return `speed at ${cavityLabel(askedBy.pin)}`;
    case "gearbox":
      return what.code === "gearbox" ? GEARBOX_SWAP_WORDS[what.swap].toLowerCase() : "another gearbox";
    case "security":
      return "the way chosen for the anti-theft parts";
  }
}

export const calibrationValueText = (value: number | null): string => (value === null ? "" : digits(value, 6));

export function calibrationFaultText(fault: CalibrationFault): string {
  switch (fault.code) {
    case "twice":
      return `${fault.what} of ${fault.computer} is changed ${fault.ids.length} times${fault.agree ? ", to the same value: one line is enough" : ", to different values: keep one"}.`;
    case "no-identity":
      return `Which software and calibration ${fault.computer} has is not known yet: read its identity before anything is changed.`;
    case "other-software":
      return `The definition of this change belongs to software ${fault.definition}, and ${fault.computer} has ${fault.computerHas}: it would write to the wrong place.`;
  }
}
