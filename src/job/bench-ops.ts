import type { Instrument } from "@/core/benches";
import { type Adapter, sameChain } from "@/core/signals";
import { decideOps } from "./decide";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { BenchRow, JobDocument } from "./schema";

export type BenchGiven = BenchRow["given"];

export const benchOf = ({ benches }: Pick<JobDocument, "benches">, pinId: string): BenchGiven =>
  benches.find(({ id }) => id === pinId)?.given ?? {};

/** Enters values on the bench of an instrument; one that is undefined is taken out again. */
export function benchOps(document: Pick<JobDocument, "benches">, pinId: string, to: Partial<BenchGiven>): RowOp[] {
  const row = document.benches.find(({ id }) => id === pinId);
  const given = Object.fromEntries(
    Object.entries({ ...row?.given, ...to }).filter(([, value]) => value !== undefined),
  ) as BenchGiven;
  if (row === undefined) return Object.keys(given).length === 0 ? [] : [insertOp("bench", { id: pinId, given })];
  if (Object.keys(given).length === 0) return [deleteOp("bench", row)];
  const op = updateOp("bench", row.id, row, { given });
  return op === null ? [] : [op];
}

/** A bench's answer as the decision of its link; what its own ways have with the same values stays the program's. */
export function acceptBenchOps(
  document: JobDocument,
  { pin, driver, line }: Pick<Instrument, "pin" | "driver" | "line">,
  { adapters, why }: { readonly adapters: readonly Adapter[]; readonly why: string },
): RowOp[] {
  if (driver === null) return [];
  const known =
    line !== null && line.provider.id === driver.id
      ? line.options.find((option) => sameChain(option.adapters, adapters) && option.verdict !== "manual")
      : undefined;
  return decideOps(document, {
    providerId: driver.id,
    consumerId: pin.id,
    quantity: pin.quantity,
    decision: "accepted",
    verdict: known?.verdict ?? (adapters.length === 0 ? "direct" : "adapter"),
    adapters,
    why,
    byHand: known === undefined,
  });
}
