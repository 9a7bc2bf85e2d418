import type { Filling, GapWay } from "@/core/plan";
import type { SignalPin } from "@/core/signals";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument } from "./schema";

/** By cavity: what a person chose to do about its gap. */
export const gapChoices = ({ gaps }: Pick<JobDocument, "gaps">): ReadonlyMap<string, GapWay> =>
  new Map(gaps.map(({ id, way }) => [id, way]));

/**
 * What people chose to fit or to go without, each with its cavity: for gaps, on an instrument's bench, for reverse. One
 * whose cavity is gone says nothing.
 */
export function fillingsOf(
  { gaps, benches, choices }: Pick<JobDocument, "gaps" | "benches" | "choices">,
  pins: readonly SignalPin[],
): Filling[] {
  const byId = new Map(pins.map((pin) => [pin.id, pin]));
  const lockout = choices.find(({ id }) => id === "lockout");
  const bar =
    pins.find(({ quantity }) => quantity === "reverse-lockout") ??
    pins.find(({ quantity }) => quantity === "reverse-lamp");
  const chosen: { readonly pin: SignalPin | undefined; readonly way: GapWay; readonly person: string }[] = [
    ...gaps.map(({ id, way, person }) => ({ pin: byId.get(id), way, person })),
    ...benches.flatMap(({ id, given }) =>
      given.way === undefined ? [] : [{ pin: byId.get(id), way: given.way, person: "" }],
    ),
    ...(lockout === undefined || lockout.way === "open"
      ? []
      : [
          {
            pin: bar,
            way: lockout.way === "by-speed" ? ("speed-lockout" as const) : ("brake-lockout" as const),
            person: lockout.person,
          },
        ]),
  ];
  return chosen.flatMap(({ pin, ...filling }) => (pin === undefined ? [] : [{ pin, ...filling }]));
}

/** Chooses a way for the gaps of these cavities, signed by a person; null opens them again. */
export function gapOps(
  { gaps }: Pick<JobDocument, "gaps">,
  pinIds: readonly string[],
  way: GapWay | null,
  person: string,
): RowOp[] {
  const rows = new Map(gaps.map((row) => [row.id, row]));
  return pinIds.flatMap((id): RowOp[] => {
    const row = rows.get(id);
    if (way === null) return row === undefined ? [] : [deleteOp("gap", row)];
    if (row === undefined) return [insertOp("gap", { id, way, note: "", person })];
    const op = updateOp("gap", id, row, { way, person });
    return op === null ? [] : [op];
  });
}
