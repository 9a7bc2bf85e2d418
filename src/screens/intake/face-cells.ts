import type { Face } from "@/job/schema";
import type { FaceCell } from "@/ui/face-drawing";
import type { PinView } from "../shell/derive";

/** The cells of a connector's face with what its cavities carry; null where the face has none. */
export function faceCells(face: Face, pins: readonly PinView[]): (FaceCell | null)[] {
  const byCavity = new Map(pins.map((pin) => [pin.row.cavity, pin]));
  return face.cells.map((label) => (label === null ? null : cellOf(label, byCavity.get(label))));
}

function cellOf(label: string, pin: PinView | undefined): FaceCell {
  if (pin === undefined) return { cavity: label, pinId: null, base: null, tracer: null, state: "missing" };
  const { row } = pin;
  const wired = row.circuit !== null || row.colour !== null;
  return {
    cavity: label,
    pinId: row.id,
    base: row.colourBase,
    tracer: row.colourTracer,
    state: wired ? "wired" : row.kind === "spare" ? "plugged" : "empty",
  };
}
