import { type BookKey, bookOf, type Choice, type Compared, type Computer, STATED } from "@/core/approaches";
import { busValues, relayChoices } from "./bus-ops";
import { gapChoices } from "./gap-ops";
import { decisionsOf } from "./links";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument } from "./schema";
import { signalPinsIn } from "./signal-pins";

/** The job as approaches are compared on it. */
export function comparedOf(document: JobDocument, isKept: (key: string) => boolean): Compared {
  const lengths = new Map(document.pins.map(({ id, lengthM }) => [id, lengthM]));
  return {
    pins: signalPinsIn(document),
    computers: computersOf(document),
    decisions: decisionsOf(document),
    isKept,
    chosen: gapChoices(document),
    busValues: busValues(document),
    relayChoices: relayChoices(document),
    lengthOf: (pinId) => lengths.get(pinId) ?? null,
    book: bookOf(document.prices),
  };
}

/** Computers that somebody placed, each with its connectors. */
function computersOf({ parts, pins, connectors }: Pick<JobDocument, "parts" | "pins" | "connectors">): Computer[] {
  const labelOf = new Map(connectors.map(({ id, label }) => [id, label]));
  const connectorOf = new Map(pins.map(({ id, connectorId }) => [id, labelOf.get(connectorId)]));
  return parts.flatMap(({ type, side, terminals }): Computer[] =>
    type !== "computer" || side === "added"
      ? []
      : [{ side, connectors: [...new Set(terminals.flatMap(({ pinId }) => connectorOf.get(pinId ?? "") ?? []))] }],
  );
}

/** Takes one of the things that stand side by side: one change, taken back as one. */
export function chooseOps({ job }: Pick<JobDocument, "job">, choice: Choice): RowOp[] {
  const op = updateOp("job", "job", job, { approach: choice.approach, lengthens: choice.lengthens });
  return op === null ? [] : [op];
}

/** Writes the shop's own figure over a line of the book; what is stated is not kept, so that it follows the book. */
export function priceOps(
  { prices }: Pick<JobDocument, "prices">,
  key: BookKey,
  field: "minutes" | "money" | "amount",
  value: number,
): RowOp[] {
  const own = STATED[key][field] === value ? null : value;
  const row = prices.find(({ id }) => id === key);
  if (row === undefined)
    return own === null ? [] : [insertOp("price", { id: key, minutes: null, money: null, amount: null, [field]: own })];
  const next = { ...row, [field]: own };
  if (next.minutes === null && next.money === null && next.amount === null) return [deleteOp("price", row)];
  const op = updateOp("price", row.id, row, { [field]: own });
  return op === null ? [] : [op];
}
