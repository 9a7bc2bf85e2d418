import { nanoid } from "nanoid";
import type { Quantity, Side } from "@/core/forms";
import type { BusValueAt, RelayChoice, Sent, WireServed } from "@/core/gateway";
import type { Line } from "@/core/plan";
import { pointOf } from "@/core/signals";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { BusSignalRow, JobDocument, PinRow, RelayedRow } from "./schema";

/** What a bus carries, told of the cavity of its high wire: the quantities, and the file that they were read from. */
export function carriesOp(row: PinRow, file: string, quantities: readonly Quantity[]): RowOp | null {
  const carries = [...new Set(quantities)].toSorted().join("|");
  const { carries: _carries, messages: _messages, ...params } = row.params;
  const { carries: _one, messages: _other, ...grades } = row.grades;
  return updateOp("pin", row.id, row, {
    params: { ...params, messages: file, ...(carries === "" ? {} : { carries }) },
    grades: { ...grades, messages: "read", ...(carries === "" ? {} : { carries: "read" }) },
  });
}

/** A value as a file of a bus has it. */
export type ReadValue = Omit<BusSignalRow, "id" | "pinId" | "file">;

const keyOf = ({ extended, frame, name }: Pick<BusSignalRow, "extended" | "frame" | "name">) =>
  `${extended} ${frame} ${name}`;

/**
 * Puts the values of a file in the place of those that the bus had. One of the same message and name stays the same row,
 * so that what was chosen for it stands.
 */
export function busSignalOps(
  { busSignals }: Pick<JobDocument, "busSignals">,
  pinId: string,
  file: string,
  values: readonly ReadValue[],
  makeId: () => string = nanoid,
): RowOp[] {
  const before = new Map(busSignals.filter((row) => row.pinId === pinId).map((row) => [keyOf(row), row]));
  const ops = values.flatMap((value): RowOp[] => {
    const row = before.get(keyOf(value));
    before.delete(keyOf(value));
    if (row === undefined) return [insertOp("bus_signal", { id: makeId(), pinId, file, ...value })];
    const op = updateOp("bus_signal", row.id, row, { file, ...value });
    return op === null ? [] : [op];
  });
  return [...ops, ...[...before.values()].map((row) => deleteOp("bus_signal", row))];
}

/** The values that travel on each bus, with its side; those of a cavity that is gone say nothing. */
export function busValues({
  busSignals,
  pins,
  connectors,
}: Pick<JobDocument, "busSignals" | "pins" | "connectors">): BusValueAt[] {
  if (busSignals.length === 0) return [];
  const sides = new Map(connectors.map(({ id, side }) => [id, side]));
  const sideOf = new Map<string, Side | undefined>(pins.map(({ id, connectorId }) => [id, sides.get(connectorId)]));
  return busSignals.flatMap((row) => {
    const side = sideOf.get(row.pinId);
    return side === undefined ? [] : [{ ...row, side }];
  });
}

/** Messages of one bus, each once. */
export const messagesOn = (
  { busSignals }: Pick<JobDocument, "busSignals">,
  pinId: string,
): readonly (Sent & Pick<BusSignalRow, "message">)[] => [
  ...new Map(
    busSignals.filter((row) => row.pinId === pinId).map((row) => [`${row.extended} ${row.frame}`, row]),
  ).values(),
];

/** Wires that a gateway drives by the map as it stands. */
export const gatewayWires = (lines: readonly Line[]): WireServed[] =>
  lines.flatMap(({ state, consumer, quantity, adapters }) => {
    const gateway = adapters.find((one) => one.type === "can-gateway");
    return state === "refused" || quantity === null || gateway?.type !== "can-gateway" || gateway.output === null
      ? []
      : [{ at: pointOf(consumer), quantity, output: gateway.output }];
  });

export const relayChoices = ({ relayed }: Pick<JobDocument, "relayed">): ReadonlyMap<string, RelayChoice> =>
  new Map(relayed.map((row) => [row.id, row]));

/** Says how one row of the gateway's table is made; `from` is what stands where nobody has said. */
export function relayOps(
  { relayed }: Pick<JobDocument, "relayed">,
  id: string,
  from: Pick<RelayedRow, "silent">,
  to: Partial<Omit<RelayedRow, "id">>,
): RowOp[] {
  const row = relayed.find((one) => one.id === id);
  if (row === undefined)
    return [
      insertOp("relayed", {
        id,
        sent: true,
        sourceId: null,
        rateMs: null,
        timeoutMs: null,
        silent: from.silent,
        ...to,
      }),
    ];
  const op = updateOp("relayed", id, row, to);
  return op === null ? [] : [op];
}
