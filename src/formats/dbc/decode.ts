import { bytesNeeded, rawValue, signalValue } from "./bits";
import type { Dbc, DbcMessage, DbcSignal } from "./types";

export interface DecodedFrame {
  /** s */
  readonly time: number;
  readonly channel: string;
  readonly id: number;
  /** Null where no message of the file has this identifier. */
  readonly name: string | null;
  readonly values: Readonly<Record<string, number>>;
}

export type LogIssue =
  | { readonly line: number; readonly code: "line-unreadable"; readonly written: string }
  | {
      readonly line: number;
      readonly code: "frame-short";
      readonly message: string;
      readonly bytes: number;
      readonly signals: readonly string[];
    };

const LINE = /^\((\d+(?:\.\d+)?)\)\s+(\S+)\s+([0-9A-Fa-f]{3}|[0-9A-Fa-f]{8})#(R[0-9A-Fa-f]?|(?:[0-9A-Fa-f]{2}){0,64})$/;

/**
 * A log of lines `(seconds) channel ID#DATA` read by a DBC's messages. A signal that a frame is too short for is left out
 * and told of; frames of no message, and remote frames, have no values.
 */
export function decodeLog(
  { messages }: Pick<Dbc, "messages">,
  log: string,
): { readonly frames: readonly DecodedFrame[]; readonly issues: readonly LogIssue[] } {
  const byId = new Map(messages.map((message) => [keyOf(message.id, message.extended), message]));
  const frames: DecodedFrame[] = [];
  const issues: LogIssue[] = [];
  for (const [at, raw] of log.split(/\r\n|\r|\n/).entries()) {
    const written = raw.trim();
    if (written === "") continue;
    const [, time, channel = "", hex = "", data = ""] = LINE.exec(written) ?? [];
    const id = Number.parseInt(hex, 16);
    const extended = hex.length === 8;
    if (time === undefined || id > (extended ? 0x1fff_ffff : 0x7ff)) {
      issues.push({ line: at + 1, code: "line-unreadable", written });
      continue;
    }
    const message = byId.get(keyOf(id, extended)) ?? null;
    const frame = { time: Number(time), channel, id, name: message?.name ?? null };
    if (message === null || data.startsWith("R")) {
      frames.push({ ...frame, values: {} });
      continue;
    }
    const bytes = Uint8Array.from(data.match(/../g) ?? [], (pair) => Number.parseInt(pair, 16));
    const { values, short } = valuesOf(message, bytes);
    frames.push({ ...frame, values });
    if (short.length > 0)
      issues.push({ line: at + 1, code: "frame-short", message: message.name, bytes: bytes.length, signals: short });
  }
  return { frames, issues };
}

const keyOf = (id: number, extended: boolean) => `${extended ? "x" : ""}${id}`;

function valuesOf({ signals }: DbcMessage, data: Uint8Array) {
  const values: Record<string, number> = {};
  const short: string[] = [];
  for (const signal of signals) {
    if (!isThere(signal, signals, data)) continue;
    if (bytesNeeded(signal) > data.length) short.push(signal.name);
    else values[signal.name] = signalValue(signal, data);
  }
  return { values, short };
}

/** Whether a frame carries the signal: always, or where its selector, itself there, has its value. */
function isThere(signal: DbcSignal, signals: readonly DbcSignal[], data: Uint8Array): boolean {
  if (typeof signal.multiplex !== "number") return true;
  const { selectedBy } = signal;
  const selector = signals.find((one) =>
    selectedBy === null ? one.multiplex === "selector" : one.name === selectedBy.selector,
  );
  if (selector === undefined || selector === signal || bytesNeeded(selector) > data.length) return false;
  if (
    !isThere(
      selector,
      signals.filter((one) => one !== signal),
      data,
    )
  )
    return false;
  const value = Number(rawValue(selector, data));
  return selectedBy === null
    ? value === signal.multiplex
    : selectedBy.spans.some(([from, to]) => value >= from && value <= to);
}
