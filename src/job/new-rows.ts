import type { Side } from "@/core/forms";
import type { ConnectorRow, PinRow } from "./schema";

/** A connector of which nobody knows more than its name. */
export const newConnector = (id: string, side: Side, label: string, position: number): ConnectorRow => ({
  id,
  side,
  label,
  place: null,
  position,
  branchId: null,
  mateId: null,
  face: null,
  keying: null,
  gender: null,
  housing: null,
});

/** Where a row says that its wire goes; nothing where it no longer says so. */
export const toldEnds = ({ otherEnd, ends }: Pick<PinRow, "otherEnd" | "ends">): PinRow["ends"] =>
  otherEnd === null ? NO_ENDS : ends;
const NO_ENDS: PinRow["ends"] = [];

/** Why a cavity is what it is, where nobody read it anywhere. */
export const BY_HAND = "Added by hand";
export const CHOSEN = "Chosen by you";

/** A cavity of which nobody knows more than where it is. */
export const newCavity = (id: string, connectorId: string, cavity: string, position: number): PinRow => ({
  id,
  connectorId,
  cavity,
  circuit: null,
  colour: null,
  colourBase: null,
  colourTracer: null,
  sizeMm2: null,
  lengthM: null,
  description: null,
  kind: "unknown",
  kindConfidence: 1,
  kindSource: "confirmed",
  kindWhy: BY_HAND,
  quantity: null,
  quantityConfidence: 1,
  quantitySource: "confirmed",
  quantityWhy: BY_HAND,
  indexLabel: null,
  params: {},
  grades: {},
  extra: {},
  otherEnd: null,
  ends: [],
  part: null,
  note: "",
  entered: [],
  position,
});
