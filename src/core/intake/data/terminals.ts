import type { Kind, Quantity } from "../../forms";

/** What a moulded terminal of a part is, whatever its row says of the wire. */
export interface TerminalRule {
  /** The part, by its connector's label in small letters. */
  readonly part: RegExp;
  /** The terminal, by its label in capitals; a row of which the words are no more than that label is read alike. */
  readonly terminal: RegExp;
  readonly kind: Kind;
  readonly quantity: Quantity;
  readonly sure: number;
  /** A single letter that may be no more than a position: it speaks only where the row's own words do not. */
  readonly isWeak?: true;
}

const of = (
  part: RegExp,
  terminal: RegExp,
  kind: Kind,
  quantity: Quantity,
  sure = 0.93,
  isWeak?: true,
): TerminalRule => ({ part, terminal, kind, quantity, sure, ...(isWeak === undefined ? {} : { isWeak }) });

const KEY = /\b(?:ign\w*|key)\.?[ -]?(?:sw\w*|barrel|lock)\b|^key$/;
const DYNAMO = /\b(?:dynamo|generator)\b/;
const REGULATOR = /\bcontrol box\b|\bvolt(?:age)? reg\b|(?<!pressure )\bregulator\b/;
const ALTERNATOR = /\balt(?:ernator)?\b/;
const STARTER = /\bstarter\b(?! (?:relay|rly|switch|button))/;
const COIL = /^(?:ign\w*\.? )?coil$/;
const FLASHER = /\bflasher\b/;
const STABILISER = /\bstabili[sz]er\b/;

/**
 * Terminals of the parts that are moulded alike everywhere: DIN 72552 numbers, and the letters of dynamos, control boxes,
 * alternators and solenoids. The first that fits is taken.
 */
export const TERMINAL_RULES: readonly TerminalRule[] = [
  of(/\bbatt?(?:ery)?\b(?! (?:fuse|box|sensor|isolator))/, /^(?:\+|B\+|POS|30)$/, "supply-out", "battery-supply"),
  of(/\bbatt?(?:ery)?\b(?! (?:fuse|box|sensor|isolator))/, /^(?:-|NEG|31)$/, "ground", "ground"),
  of(KEY, /^(?:BATT?|30|AM1?)$/, "supply-in", "battery-supply"),
  of(KEY, /^(?:IGN?[12]?|15|ON|COIL)$/, "supply-out", "ignition-supply"),
  of(KEY, /^(?:ACCY?|AUX(?:ILIARY)?|75)$/, "supply-out", "accessory-supply"),
  of(KEY, /^(?:ST|START|50|CRANK)$/, "supply-out", "start-supply"),
  of(KEY, /^B$/, "supply-in", "battery-supply", 0.85, true),
  of(KEY, /^I$/, "supply-out", "ignition-supply", 0.8, true),
  of(KEY, /^[AR]$/, "supply-out", "accessory-supply", 0.7, true),
  of(KEY, /^S$/, "supply-out", "start-supply", 0.8, true),
  of(DYNAMO, /^D$/, "supply-out", "battery-supply", 0.88),
  of(DYNAMO, /^(?:F|DF|FLD)$/, "pwm-in", "alternator-field", 0.88),
  of(DYNAMO, /^E$/, "ground", "ground"),
  of(REGULATOR, /^(?:D|D\+)$/, "supply-in", "battery-supply", 0.85),
  of(REGULATOR, /^(?:A1?|B|BAT|B\+|51)$/, "supply-out", "battery-supply", 0.8),
  of(REGULATOR, /^(?:F|DF|FLD|67)$/, "supply-out", "alternator-field", 0.85),
  of(REGULATOR, /^(?:E|31|GND)$/, "ground", "ground"),
  of(REGULATOR, /^(?:IGN?|15)$/, "supply-in", "ignition-supply"),
  of(REGULATOR, /^(?:WL|L|61|IND)$/, "low-side-out", "charge-warning", 0.88),
  of(REGULATOR, /^(?:STA|S)$/, "analogue-in", "charge-warning", 0.6),
  of(ALTERNATOR, /^(?:BAT|B|B\+|30)$/, "supply-out", "battery-supply"),
  of(ALTERNATOR, /^(?:F|DF|FLD)$/, "pwm-in", "alternator-field", 0.88),
  of(ALTERNATOR, /^(?:STA|N)$/, "frequency-out", "charge-warning", 0.6),
  of(ALTERNATOR, /^W$/, "frequency-out", "engine-speed", 0.85),
  of(ALTERNATOR, /^(?:GND|E|31)$/, "ground", "ground"),
  of(ALTERNATOR, /^(?:(?:MAIN|CHARGE|CHARGING) )?(?:OUTPUT|CABLE|OUT)$/, "supply-out", "battery-supply", 0.88),
  of(ALTERNATOR, /^(?:L|61|IND(?:ICATOR)?(?: LAMP)?)$/, "low-side-out", "charge-warning", 0.85),
  of(ALTERNATOR, /^(?:IGN?|15)$/, "supply-in", "ignition-supply", 0.88),
  of(ALTERNATOR, /^(?:S|SENSE)$/, "supply-in", "battery-supply", 0.75),
  of(STARTER, /^(?:S|50|ST)$/, "load-in", "starter-request", 0.93),
  of(STARTER, /^(?:I|R|15A|IGN)$/, "supply-out", "ignition-supply", 0.85),
  of(STARTER, /^(?:BAT|B|B\+|30)$/, "supply-in", "battery-supply"),
  of(STARTER, /^(?:MAIN|BATT?(?:ERY)?) (?:CABLE|FEED)$/, "supply-in", "battery-supply"),
  of(/\bstart(?:er)? (?:relay|rly)\b/, /^S$/, "load-in", "starter-relay", 0.85),
  of(/\bstart(?:er)? (?:relay|rly)\b/, /^I$/, "supply-out", "ignition-supply", 0.8),
  of(STARTER, /^M$/, "supply-out", "start-supply", 0.88),
  of(COIL, /^(?:\+|15|SW)$/, "supply-in", "ignition-supply"),
  of(COIL, /^(?:-|1|CB)$/, "coil-in", "ignition-coil"),
  of(FLASHER, /^(?:B|X|49|\+)$/, "supply-in", "ignition-supply", 0.85),
  of(FLASHER, /^(?:L|49A)$/, "supply-out", "turn-signal", 0.93),
  of(FLASHER, /^(?:P|C|R)$/, "supply-out", "turn-signal", 0.8),
  of(STABILISER, /^(?:B|\+|IN)$/, "supply-in", "ignition-supply", 0.88),
  of(ALTERNATOR, /^FR$/, "pwm-out", "alternator-field", 0.8),
  of(/\b(?:transmission|gearbox|auto ?box)\b/, /^S[1-4]$/, "load-in", "shift-solenoid", 0.75),
  of(STABILISER, /^(?:I|OUT)$/, "supply-out", "ignition-supply", 0.7),
];
