/** A value within a message, as a DBC file has it. */
export interface DbcSignal {
  readonly name: string;
  /** As the file writes it: of little-endian signals the lowest bit, of big-endian ones the highest, counted 7…0, 15…8. */
  readonly startBit: number;
  readonly bits: number;
  readonly order: "little" | "big";
  readonly signed: boolean;
  /** Value = raw × factor + offset. */
  readonly factor: number;
  readonly offset: number;
  /** Null where the file gives no limits (`[0|0]`). */
  readonly min: number | null;
  readonly max: number | null;
  readonly unit: string;
  readonly receivers: readonly string[];
  /** It selects which others are there; or it is there where its selector has this value. */
  readonly multiplex: "selector" | number | null;
  /** It is there by a selector and selects others itself. */
  readonly isNested: boolean;
  /** By which signal and in which spans of its value it is there, where the file says so. */
  readonly selectedBy: {
    readonly selector: string;
    readonly spans: readonly (readonly [from: number, to: number])[];
  } | null;
  readonly choices: Readonly<Record<string, string>>;
  /** An IEEE 754 number of 32 or 64 bits in place of a whole one. */
  readonly isFloat: boolean;
}

export interface DbcMessage {
  /** Without the mark of an extended identifier. */
  readonly id: number;
  readonly extended: boolean;
  readonly name: string;
  readonly bytes: number;
  /** Null where nobody is said to send it. */
  readonly sender: string | null;
  /** How often it is sent, ms; null where the file does not say. */
  readonly periodMs: number | null;
  readonly signals: readonly DbcSignal[];
}

export type DbcIssueCode =
  | "message-unreadable"
  | "message-id"
  | "message-length"
  | "message-twice"
  | "signal-unreadable"
  | "signal-without-message"
  | "signal-twice"
  | "signal-bits"
  | "signal-outside"
  | "signals-overlap"
  | "factor-zero"
  | "limits-crossed"
  | "no-selector"
  | "two-selectors"
  | "text-open"
  | "end-missing"
  | "unknown-line"
  | "choices-unreadable"
  | "no-such-signal"
  | "float-bits";

export interface DbcIssue {
  /** The file's first line is 1. */
  readonly line: number;
  readonly code: DbcIssueCode;
  /** What the words name: a message, a signal, what was written. */
  readonly about: string;
  readonly other?: string;
}

export interface Dbc {
  readonly messages: readonly DbcMessage[];
  readonly issues: readonly DbcIssue[];
}
