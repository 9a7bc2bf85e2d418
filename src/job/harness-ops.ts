import { nanoid } from "nanoid";
import type { Side } from "@/core/forms";
import type { HarnessPart } from "@/core/harness";
import { readColour } from "@/core/intake";
import { fuse, type Part } from "@/core/parts";
import { BY_HAND, CHOSEN, newCavity, newConnector } from "./new-rows";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { BranchRow, ConnectorRow, Face, JobDocument, PartRow, PinRow, WireRow } from "./schema";

const known = (op: RowOp | null): RowOp[] => (op === null ? [] : [op]);

/** Forms of a ready component's terminals, as far as its type tells them: what a pin table would have said. */
function formOf(type: string, terminal: string): Pick<PinRow, "kind" | "quantity"> {
  if (type === "ground-stud") return { kind: "ground", quantity: "ground" };
  if (type === "battery")
    return terminal === "+"
      ? { kind: "supply-out", quantity: "battery-supply" }
      : { kind: "ground", quantity: "ground" };
  if (type === "fuse-box")
    return terminal === "feed"
      ? { kind: "supply-in", quantity: "battery-supply" }
      : { kind: "supply-out", quantity: "battery-supply" };
  return { kind: "unknown", quantity: null };
}

/** A label that no connector of the side has yet: `G5`, else `G5 2`, `G5 3` … */
export function freeLabel(document: Pick<JobDocument, "connectors">, side: Side, label: string): string {
  const taken = new Set(document.connectors.filter((row) => row.side === side).map((row) => row.label));
  let name = label;
  for (let count = 2; taken.has(name); count++) name = `${label} ${count}`;
  return name;
}

/**
 * Places a ready component: the part, its connector and a cavity for each terminal, in one change. Parts that the swap
 * adds stand on the host.
 */
export function placePartOps(
  document: JobDocument,
  part: Part,
  { side, label, place }: { readonly side: PartRow["side"]; readonly label: string; readonly place: string | null },
  makeId: () => string = nanoid,
): RowOp[] {
  const on: Side = side === "donor" ? "donor" : "host";
  const name = freeLabel(document, on, label);
  const connector: ConnectorRow = {
    ...newConnector(makeId(), on, name, document.connectors.filter((row) => row.side === on).length),
    place,
  };
  const start = Math.max(-1, ...document.pins.map((row) => row.position)) + 1;
  const pins = part.terminals.map((terminal, at) => ({
    ...newCavity(makeId(), connector.id, terminal, start + at),
    ...formOf(part.type, terminal),
  }));
  const row: PartRow = {
    id: makeId(),
    side,
    type: part.type,
    label: name,
    terminals: pins.map((pin) => ({ name: pin.cavity, pinId: pin.id })),
    elements: part.elements.map(copyElement),
    origin: "",
    diagram: "",
    note: "",
  };
  return [insertOp("connector", connector), ...pins.map((pin) => insertOp("pin", pin)), insertOp("part", row)];
}

const copyElement = (element: Part["elements"][number]): PartRow["elements"][number] =>
  structuredClone(element) as PartRow["elements"][number];

/**
 * Says that a guessed part is what it was taken for, or of another type; a computer's elements go on following from its
 * pins.
 */
export function tellPartOps(
  document: JobDocument,
  part: HarnessPart,
  to: Partial<Pick<PartRow, "type" | "label" | "elements" | "terminals" | "origin" | "diagram" | "note">>,
  makeId: () => string = nanoid,
): RowOp[] {
  const row = document.parts.find((one) => one.id === part.id);
  if (row !== undefined) return known(updateOp("part", row.id, row, to));
  const type = to.type ?? part.type;
  const elements = type === "computer" ? [] : part.elements.map(copyElement);
  // It keeps the name by which it was known while it was guessed: whoever looks at it goes on looking at it.
  const isFree = !document.parts.some(({ id }) => id === part.id);
  return [
    insertOp("part", {
      id: isFree ? part.id : makeId(),
      side: part.side,
      type,
      label: part.label,
      terminals: part.terminals.map((one) => ({ ...one })),
      elements,
      origin: "",
      diagram: "",
      note: "",
      ...to,
    }),
  ];
}

/** Takes back what was said of a part: it is guessed again. */
export const forgetPartOps = (document: JobDocument, partId: string): RowOp[] =>
  document.parts.filter((row) => row.id === partId).map((row) => deleteOp("part", row));

export interface NewWire {
  readonly fromPinId: string;
  readonly toPinId: string;
  readonly colour: string;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly stock: WireRow["stock"];
}

export function addWireOps({ colour: written, ...wire }: NewWire, makeId: () => string = nanoid): RowOp[] {
  const colour = written.trim() === "" ? null : readColour(written);
  return [
    insertOp("wire", {
      id: makeId(),
      ...wire,
      endsAt: "cavity",
      splice: null,
      origin: "added",
      circuit: null,
      colour: colour?.written ?? null,
      colourBase: colour?.base ?? null,
      colourTracer: colour?.tracer ?? null,
      insulation: null,
      note: "",
    }),
  ];
}

/** Adds a cavity to a connector, and to the part that was said to be on it. */
export function addCavityOps(
  document: JobDocument,
  connectorId: string,
  cavity: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const pin = newCavity(makeId(), connectorId, cavity, Math.max(-1, ...document.pins.map((row) => row.position)) + 1);
  const own = new Set(document.pins.flatMap((row) => (row.connectorId === connectorId ? [row.id] : [])));
  const part = document.parts.find((row) => row.terminals.some(({ pinId }) => pinId !== null && own.has(pinId)));
  if (part === undefined) return [insertOp("pin", pin)];
  const terminals = [...part.terminals, { name: freeTerminal(part, cavity), pinId: pin.id }];
  return [insertOp("pin", pin), ...known(updateOp("part", part.id, part, { terminals }))];
}

function freeTerminal({ terminals }: Pick<PartRow, "terminals">, name: string): string {
  const taken = new Set(terminals.map((one) => one.name));
  let free = name;
  for (let count = 2; taken.has(free); count++) free = `${name} (${count})`;
  return free;
}

/** A way more of a fuse box: its cavity, its terminal and the fuse that feeds it. */
export function addWayOps(
  document: JobDocument,
  part: HarnessPart,
  { way, feed, amps }: { readonly way: string; readonly feed: string; readonly amps: number },
  makeId: () => string = nanoid,
): RowOp[] {
  const [connectorId] = part.connectorIds;
  if (connectorId === undefined) return [];
  const position = Math.max(-1, ...document.pins.map((row) => row.position)) + 1;
  const pin = { ...newCavity(makeId(), connectorId, way, position), ...formOf("fuse-box", way) };
  const terminals = [...part.terminals.map((one) => ({ ...one })), { name: way, pinId: pin.id }];
  const elements = [...part.elements.map(copyElement), copyElement(fuse(`F${way}`, feed, way, amps))];
  return [insertOp("pin", pin), ...tellPartOps(document, part, { terminals, elements }, makeId)];
}

/**
 * Another name for a part, and for its connector where it has one of its own. Null where a connector of the side is
 * called so already.
 */
export function renameOps(document: JobDocument, part: HarnessPart, name: string): RowOp[] | null {
  const connectors = document.connectors.filter(({ id }) => part.connectorIds.includes(id));
  const [only, more] = connectors;
  const row = document.parts.find(({ id }) => id === part.id);
  const own = more === undefined ? only : undefined;
  const isTaken = document.connectors.some((one) => one !== own && one.side === own?.side && one.label === name);
  if (own !== undefined && isTaken) return null;
  return [
    ...(own === undefined ? [] : known(updateOp("connector", own.id, own, { label: name }))),
    ...(row === undefined ? [] : known(updateOp("part", row.id, row, { label: name }))),
  ];
}

/** Another connector is of the same part: its cavities become terminals of it. */
export function joinConnectorOps(
  document: JobDocument,
  part: HarnessPart,
  connectorId: string,
  makeId: () => string = nanoid,
): RowOp[] {
  const connector = document.connectors.find(({ id }) => id === connectorId);
  if (connector === undefined) return [];
  const before = document.parts.filter(({ id }) => id === connectorId);
  const terminals = part.terminals.map((one) => ({ ...one }));
  for (const row of document.pins)
    if (row.connectorId === connectorId)
      terminals.push({ name: freeTerminal({ terminals }, `${connector.label}-${row.cavity}`), pinId: row.id });
  return [...before.map((row) => deleteOp("part", row)), ...tellPartOps(document, part, { terminals }, makeId)];
}

/** Nothing of the cavity was read in a table. */
const isByHand = ({ kindWhy, quantityWhy, description, entered }: PinRow) =>
  [kindWhy, quantityWhy].every((why) => why === BY_HAND || why === CHOSEN) &&
  (description === null || entered.includes("description"));

/**
 * Takes a part out that people placed: with its connectors, their cavities and the wires that people laid to them. What a
 * pin table brought, or a decision uses, is not taken out here: null.
 */
export function takeOutOps(document: JobDocument, part: HarnessPart): RowOp[] | null {
  const connectors = document.connectors.filter(({ id }) => part.connectorIds.includes(id));
  const ids = new Set(connectors.map(({ id }) => id));
  const pins = document.pins.filter((row) => ids.has(row.connectorId));
  const pinIds = new Set(pins.map(({ id }) => id));
  const isOfTable = pins.some((row) => !isByHand(row));
  const isUsed =
    document.links.some((link) => pinIds.has(link.providerId) || pinIds.has(link.consumerId)) ||
    document.pins.some((row) => !pinIds.has(row.id) && row.ends.some((end) => "pinId" in end && pinIds.has(end.pinId)));
  if (isOfTable || isUsed) return null;
  const touches = ({ fromPinId, toPinId }: WireRow) =>
    pinIds.has(fromPinId) || (toPinId !== null && pinIds.has(toPinId));
  return [
    ...document.wires.filter((wire) => wire.origin === "added" && touches(wire)).map((row) => deleteOp("wire", row)),
    ...document.parts.filter(({ id }) => id === part.id).map((row) => deleteOp("part", row)),
    ...connectors.filter((row) => row.mateId !== null).flatMap((row) => mateOps(document, row.id, null)),
    ...pins.map((row) => deleteOp("pin", row)),
    ...connectors.map((row) => deleteOp("connector", { ...row, mateId: null })),
  ];
}

/** Says which half a connector plugs into; both halves say it of each other, and whoever was there before is let go. */
export function mateOps(document: JobDocument, connectorId: string, mateId: string | null): RowOp[] {
  return document.connectors.flatMap((row) => {
    const wanted =
      row.id === connectorId
        ? mateId
        : row.id === mateId
          ? connectorId
          : row.mateId === connectorId || (mateId !== null && row.mateId === mateId)
            ? null
            : row.mateId;
    return known(updateOp("connector", row.id, row, { mateId: wanted }));
  });
}

export const NUMBERINGS = {
  rows: "along rows",
  columns: "down columns",
  serpentine: "there and back",
} as const;
export type Numbering = keyof typeof NUMBERINGS;

/**
 * A face with cavities set in order of their table, as seen from the wire side from the top left. Cells beyond the last
 * stay empty.
 */
export function layFace(
  cavities: readonly string[],
  rows: number,
  columns: number,
  numbering: Numbering,
): Face["cells"] {
  const cells: (string | null)[] = Array.from({ length: rows * columns }, () => null);
  cavities.slice(0, cells.length).forEach((cavity, at) => {
    const row = numbering === "columns" ? at % rows : Math.floor(at / columns);
    const along = numbering === "columns" ? Math.floor(at / rows) : at % columns;
    const column = numbering === "serpentine" && row % 2 === 1 ? columns - 1 - along : along;
    cells[row * columns + column] = cavity;
  });
  return cells;
}

/** The face that is shown until someone enters the real one: one row up to four cavities, else two. */
export function assumedFace(cavities: readonly string[]): Face {
  const rows = cavities.length <= 4 ? 1 : cavities.length <= 48 ? 2 : 4;
  const columns = Math.max(1, Math.ceil(cavities.length / rows));
  return { rows, columns, pitchMm: 5, keyEdge: "top", cells: layFace(cavities, rows, columns, "rows") };
}

export const branchOps = {
  add: (document: JobDocument, side: Side, label: string, makeId: () => string = nanoid): RowOp[] => [
    insertOp("branch", {
      id: makeId(),
      side,
      label,
      origin: "",
      diagram: "",
      note: "",
      position: document.branches.length,
    }),
  ],
  change: (row: BranchRow, to: Partial<BranchRow>): RowOp[] => known(updateOp("branch", row.id, row, to)),
  /** The branch's connectors go back to the side's own harness. */
  remove: (document: JobDocument, row: BranchRow): RowOp[] => [
    ...document.connectors
      .filter((one) => one.branchId === row.id)
      .flatMap((one) => known(updateOp("connector", one.id, one, { branchId: null }))),
    deleteOp("branch", row),
  ],
};
