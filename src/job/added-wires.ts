import type { AddedWire } from "@/core/plan";
import type { CavityPoint } from "@/core/points";
import type { JobDocument } from "./schema";

/** The wires that people added, each with its two cavities as they are printed. */
export function addedWires({
  wires,
  pins,
  connectors,
}: Pick<JobDocument, "wires" | "pins" | "connectors">): AddedWire[] {
  const added = wires.filter((wire) => wire.origin === "added" && wire.toPinId !== null);
  if (added.length === 0) return [];
  const connectorById = new Map(connectors.map((row) => [row.id, row]));
  const points = new Map(
    pins.flatMap((pin): [string, CavityPoint][] => {
      const connector = connectorById.get(pin.connectorId);
      if (connector === undefined) return [];
      const { side, label } = connector;
      return [[pin.id, { type: "cavity", pinId: pin.id, side, connector: label, cavity: pin.cavity }]];
    }),
  );
  return added.flatMap(({ id, fromPinId, toPinId, colour, sizeMm2, lengthM, stock }) => {
    const [from, to] = [points.get(fromPinId), points.get(toPinId ?? "")];
    return from === undefined || to === undefined ? [] : [{ id, from, to, colour, sizeMm2, lengthM, stock }];
  });
}
