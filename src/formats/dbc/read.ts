import { bitsOf, bytesNeeded } from "./bits";
import { type Statement, statementsOf } from "./statements";
import type { Dbc, DbcIssue, DbcIssueCode, DbcMessage, DbcSignal } from "./types";

/** The format's own word for nobody, and for the message that holds what is in none. */
const NOBODY = "Vector__XXX";
const IN_NO_MESSAGE = "VECTOR__INDEPENDENT_SIG_MSG";
const EXTENDED = 0x8000_0000;

const BO = /^\s*BO_\s+(\d+)\s+(\w+)\s*:\s*(\d+)\s+(\w+)\s*$/;
const NUMBER = String.raw`[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?`;
const SG = new RegExp(
  String.raw`^\s*SG_\s+(\w+)\s*(M|m\d+M?)?\s*:\s*(\d+)\|(\d+)@([01])([+-])\s*\(\s*(${NUMBER})\s*,\s*(${NUMBER})\s*\)\s*\[\s*(${NUMBER})\s*\|\s*(${NUMBER})\s*\]\s*"((?:[^"\\]|\\.)*)"\s*(.*?)\s*$`,
);

/** The attribute in which files of this kind say how often a message is sent, ms; 0 is not at all. */
const PERIOD = "GenMsgCycleTime";

/** What is sent more seldom is sent on an event, ms. */
const LONGEST_PERIOD = 600_000;

interface Draft {
  message: Omit<DbcMessage, "signals">;
  readonly line: number;
  readonly signals: { signal: DbcSignal; readonly line: number }[];
}

/** Bytes as text: UTF-8 with or without its mark, else Latin-1. */
export function dbcText(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("latin1").decode(bytes);
  }
}

/**
 * Reads a DBC file: its messages and signals in the file's order, and every fault with its line. What cannot be read is
 * left out, and the rest is read. Null where nothing in it is of such a file.
 */
export function readDbc(text: string): Dbc | null {
  const statements = statementsOf(text);
  if (!statements.some(({ keyword }) => keyword !== "")) return null;
  return new Reader(statements).read();
}

class Reader {
  private readonly issues: DbcIssue[] = [];
  private readonly drafts: Draft[] = [];
  private readonly byId = new Map<number, Draft>();
  /** Signals under a message that could not be read are left out with it. */
  private current: Draft | "left-out" | null = null;

  constructor(private readonly statements: readonly Statement[]) {}

  read(): Dbc {
    for (const statement of this.statements) this.take(statement);
    for (const draft of this.drafts) this.checkSelectors(draft);
    return {
      messages: this.drafts.map(({ message, signals }) => ({
        ...message,
        signals: signals.map(({ signal }) => signal),
      })),
      issues: this.issues.toSorted((one, other) => one.line - other.line),
    };
  }

  private issue(line: number, code: DbcIssueCode, about: string, other?: string): undefined {
    this.issues.push({ line, code, about, ...(other === undefined ? {} : { other }) });
  }

  private take(statement: Statement): undefined {
    const { line, keyword, text, fault } = statement;
    if (keyword === "BO_") return this.takeMessage(line, text);
    if (keyword === "SG_") return this.takeSignal(line, text);
    // A line of no keyword between a message and its signals does not end the message.
    if (keyword === "") return this.issue(line, "unknown-line", text.trim());
    this.current = null;
    if (fault !== null) return this.issue(line, fault, keyword);
    if (keyword === "BA_") this.takePeriod(text);
    if (keyword === "VAL_") this.takeChoices(line, text);
    if (keyword === "SIG_VALTYPE_") this.takeValueType(line, text);
    if (keyword === "SG_MUL_VAL_") this.takeSpans(line, text);
  }

  private takeMessage(line: number, text: string): undefined {
    this.current = "left-out";
    const [, written, name = "", bytes, sender = ""] = BO.exec(text) ?? [];
    if (written === undefined) return this.issue(line, "message-unreadable", text.trim());
    if (name === IN_NO_MESSAGE) return;
    const number = Number(written);
    const extended = number >= EXTENDED;
    const id = extended ? number - EXTENDED : number;
    if (id > (extended ? 0x1fff_ffff : 0x7ff)) return this.issue(line, "message-id", written);
    if (Number(bytes) > 64) return this.issue(line, "message-length", name, bytes);
    const before = this.byId.get(number);
    if (before !== undefined) return this.issue(line, "message-twice", name, before.message.name);
    const message = {
      id,
      extended,
      name,
      bytes: Number(bytes),
      sender: sender === NOBODY ? null : sender,
      periodMs: null,
    };
    const draft: Draft = { message, line, signals: [] };
    this.drafts.push(draft);
    this.byId.set(number, draft);
    this.current = draft;
  }

  private takeSignal(line: number, text: string): undefined {
    const draft = this.current;
    const found = SG.exec(text);
    if (draft === "left-out") return;
    if (found === null) return this.issue(line, "signal-unreadable", text.trim());
    const [, name = "", mux, start, bits, order, sign, factor, offset, min, max, unit = "", receivers = ""] = found;
    if (draft === null) return this.issue(line, "signal-without-message", name);
    if (![factor, offset, min, max].every((one) => Number.isFinite(Number(one))))
      return this.issue(line, "signal-unreadable", text.trim());
    if (draft.signals.some(({ signal }) => signal.name === name)) return this.issue(line, "signal-twice", name);
    const limits = Number(min) === 0 && Number(max) === 0 ? null : ([Number(min), Number(max)] as const);
    const signal: DbcSignal = {
      name,
      startBit: Number(start),
      bits: Number(bits),
      order: order === "1" ? "little" : "big",
      signed: sign === "-",
      factor: Number(factor),
      offset: Number(offset),
      min: limits?.[0] ?? null,
      max: limits?.[1] ?? null,
      unit: unescaped(unit),
      receivers: receivers.split(/[\s,]+/).filter((one) => one !== "" && one !== NOBODY),
      multiplex: mux === undefined ? null : mux === "M" ? "selector" : Number(/\d+/.exec(mux)?.[0]),
      isNested: mux !== undefined && mux !== "M" && mux.endsWith("M"),
      selectedBy: null,
      choices: {},
      isFloat: false,
    };
    if (signal.bits < 1 || signal.bits > 64) return this.issue(line, "signal-bits", name, bits);
    if (bytesNeeded(signal) > draft.message.bytes) this.issue(line, "signal-outside", name, draft.message.name);
    if (signal.factor === 0) this.issue(line, "factor-zero", name);
    if (limits !== null && limits[0] > limits[1]) this.issue(line, "limits-crossed", name);
    const over = draft.signals.find((other) => overlap(other.signal, signal));
    if (over !== undefined) this.issue(line, "signals-overlap", name, over.signal.name);
    draft.signals.push({ signal, line });
  }

  private takePeriod(text: string): undefined {
    const [, name, id, ms] = /^\s*BA_\s+"(\w+)"\s+BO_\s+(\d+)\s+(\d+(?:\.\d+)?)\s*;/.exec(text) ?? [];
    const draft = name === PERIOD ? this.byId.get(Number(id)) : undefined;
    if (draft !== undefined && Number(ms) > 0 && Number(ms) <= LONGEST_PERIOD)
      draft.message = { ...draft.message, periodMs: Number(ms) };
  }

  /** The signal that a statement names by its message's number and its name. */
  private named(line: number, id: string | undefined, name: string | undefined) {
    const found = this.byId.get(Number(id))?.signals.find(({ signal }) => signal.name === name);
    if (found === undefined && id !== undefined) this.issue(line, "no-such-signal", `${id} ${name ?? ""}`.trim());
    return found;
  }

  private takeChoices(line: number, text: string): undefined {
    const [, id, name, list = ""] = /^\s*VAL_\s+(\d+)\s+(\w+)\s+((?:[^";]|"(?:[^"\\]|\\.)*")*);/.exec(text) ?? [];
    // Values of an environment variable have no message's number.
    if (id === undefined) return;
    const target = this.named(line, id, name);
    const choices = [...list.matchAll(/(-?\d+)\s+"((?:[^"\\]|\\.)*)"/g)];
    const left = list.replace(/(-?\d+)\s+"((?:[^"\\]|\\.)*)"/g, "").trim();
    if (left !== "") this.issue(line, "choices-unreadable", name ?? "", left);
    if (target !== undefined)
      target.signal = {
        ...target.signal,
        choices: Object.fromEntries(
          choices.map(([, value = "", words = ""]) => [String(Number(value)), unescaped(words)]),
        ),
      };
  }

  private takeValueType(line: number, text: string): undefined {
    const [, id, name, type] = /^\s*SIG_VALTYPE_\s+(\d+)\s+(\w+)\s*:?\s*([0-3])\s*;/.exec(text) ?? [];
    const target = this.named(line, id, name);
    if (target === undefined || (type !== "1" && type !== "2")) return;
    if (target.signal.bits !== (type === "1" ? 32 : 64)) return this.issue(line, "float-bits", target.signal.name);
    target.signal = { ...target.signal, isFloat: true };
  }

  private takeSpans(line: number, text: string): undefined {
    const [, id, name, selector = "", list = ""] =
      /^\s*SG_MUL_VAL_\s+(\d+)\s+(\w+)\s+(\w+)\s+([\d\s,-]+);/.exec(text) ?? [];
    const target = this.named(line, id, name);
    const spans = [...list.matchAll(/(\d+)\s*-\s*(\d+)/g)].map(([, from, to]) => [Number(from), Number(to)] as const);
    if (target !== undefined && spans.length > 0) target.signal = { ...target.signal, selectedBy: { selector, spans } };
  }

  private checkSelectors({ message, line, signals }: Draft): void {
    const selectors = signals.filter(({ signal }) => signal.multiplex === "selector");
    const [, second] = selectors;
    if (second !== undefined && signals.every(({ signal }) => signal.selectedBy === null))
      this.issue(second.line, "two-selectors", second.signal.name, message.name);
    const selected = signals.find(
      ({ signal }) => typeof signal.multiplex === "number" && signal.selectedBy === null && selectors.length === 0,
    );
    if (selected !== undefined) this.issue(selected.line ?? line, "no-selector", selected.signal.name, message.name);
  }
}

const unescaped = (text: string) => text.replace(/\\(.)/g, "$1");

/** Two signals of one message that are there together and share a bit. */
function overlap(one: DbcSignal, other: DbcSignal): boolean {
  const [a, b] = [one.multiplex, other.multiplex];
  if (typeof a === "number" && typeof b === "number" && a !== b) return false;
  const taken = new Set(bitsOf(one));
  return bitsOf(other).some((bit) => taken.has(bit));
}
