import type { Side } from "@/core/forms";
import { type RelayRow, stopsRelay } from "@/core/gateway";
import type { BusSignalRow } from "@/job/schema";
import type { DbcMessage, DbcSignal } from "./types";

/** Who sends, in the file of what a gateway sends. */
const GATEWAY = "Gateway";

/** Where a signal lies in its message, as rows of a job keep it. */
export function bitPlaceOf(signal: DbcSignal): NonNullable<BusSignalRow["bitPlace"]> {
  const { startBit, bits, order, signed, isFloat, multiplex, isNested, selectedBy, choices } = signal;
  return {
    startBit,
    bits,
    order,
    signed,
    isFloat,
    multiplex,
    isNested,
    selectedBy:
      selectedBy === null
        ? null
        : { selector: selectedBy.selector, spans: selectedBy.spans.map(([from, to]) => [from, to]) },
    choices: { ...choices },
  };
}

/** What a gateway sends on one bus. */
export interface SentMessages {
  readonly side: Side;
  /** Each whole, for a frame is sent whole: with the values that nothing serves too. */
  readonly messages: readonly DbcMessage[];
  /** Messages of which it is not known where their values lie: their file has to be read once more. */
  readonly unplaced: readonly string[];
}

/**
 * The messages that a gateway sends, by bus: those of which it serves a value. A row with a fault that stops it serves
 * nothing. A message is sent as often as the most frequent of its values.
 */
export function sentMessages(rows: readonly RelayRow[], busSignals: readonly BusSignalRow[]): SentMessages[] {
  const rates = new Map<string, { readonly side: Side; periodMs: number }>();
  for (const { serves, sent, faults, rateMs } of rows) {
    if (serves.type !== "value" || !sent || faults.some(stopsRelay)) continue;
    const key = messageKey(serves.value);
    const known = rates.get(key);
    if (known === undefined) rates.set(key, { side: serves.value.side, periodMs: rateMs });
    else known.periodMs = Math.min(known.periodMs, rateMs);
  }
  const signals = new Map<string, BusSignalRow[]>();
  for (const row of busSignals)
    if (rates.has(messageKey(row))) signals.set(messageKey(row), [...(signals.get(messageKey(row)) ?? []), row]);
  const found = [...rates].map(([key, rate]) => ({ ...rate, rows: signals.get(key) ?? [] }));
  return (["host", "donor"] as const).flatMap((side) => {
    const own = found.filter((one) => one.side === side);
    const isPlaced = ({ rows: all }: (typeof own)[number]) => all.every(({ bitPlace }) => bitPlace !== null);
    return own.length === 0
      ? []
      : [
          {
            side,
            messages: own.filter(isPlaced).flatMap(({ rows: all, periodMs }) => messageOf(all, periodMs)),
            unplaced: own.filter((one) => !isPlaced(one)).flatMap(({ rows: all }) => all[0]?.message ?? []),
          },
        ];
  });
}

const messageKey = ({ pinId, extended, frame }: Pick<BusSignalRow, "pinId" | "extended" | "frame">) =>
  `${pinId} ${extended} ${frame}`;

function messageOf(rows: readonly BusSignalRow[], periodMs: number): DbcMessage[] {
  const [first] = rows;
  if (first === undefined) return [];
  return [
    {
      id: first.frame,
      extended: first.extended,
      name: first.message,
      bytes: first.bytes,
      sender: GATEWAY,
      periodMs,
      signals: rows.flatMap(({ name, unit, factor, shift, low, high, bitPlace }): DbcSignal[] =>
        bitPlace === null
          ? []
          : [{ name, unit, factor, offset: shift, min: low, max: high, receivers: [], ...bitPlace }],
      ),
    },
  ];
}
