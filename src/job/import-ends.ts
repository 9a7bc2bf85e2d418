import type { Side } from "@/core/forms";
import { KnownPlaces, type OtherEnd, readOtherEnds } from "@/core/intake";
import { newCavity, newConnector } from "./new-rows";
import { insertOp, type RowOp, updateOp } from "./ops";
import type { ConnectorRow, JobDocument, PinRow } from "./schema";

/** What a row says of its wire's other end, where no such place is found. */
export interface OpenEnd {
  readonly connector: string;
  readonly cavity: string;
  readonly written: string;
}

interface Tables {
  readonly side: Side;
  /** Rows of the side as they will stand. */
  readonly rows: readonly PinRow[];
  /** Those that the table told. */
  readonly told: readonly PinRow[];
  /** The ids of those that are not in the job yet: what is found is theirs from the start. */
  readonly fresh: ReadonlySet<string>;
  readonly labels: ReadonlyMap<string, string>;
  /** By label. */
  readonly connectors: ReadonlyMap<string, ConnectorRow>;
  /** The first position that is free. */
  readonly position: number;
  readonly makeId: () => string;
}

interface Ends {
  readonly connectorOps: readonly RowOp[];
  readonly ops: readonly RowOp[];
  /** Ends of new rows, by the row's id. */
  readonly endsOf: ReadonlyMap<string, PinRow["ends"]>;
  readonly found: number;
  readonly open: readonly OpenEnd[];
}

/**
 * Looks for the other ends that rows name: those of the table, and those that earlier ones left open. A ground that is
 * named and that no table has becomes a ground stud of one cavity, so that all who name it meet there.
 */
export function endOps({ side, rows, told, fresh, labels, connectors, position, makeId }: Tables): Ends {
  const tellers = rows.filter((row) => row.otherEnd !== null);
  if (tellers.length === 0) return NO_ENDS;
  const ids = new Set(rows.map((row) => row.id));
  const idAt = new Map(rows.map((row) => [placeOf(labels.get(row.connectorId) ?? "", row.cavity), row.id]));
  const places = new KnownPlaces(
    rows.map((row) => ({ connector: labels.get(row.connectorId) ?? "", cavity: row.cavity })),
  );
  const studs = new Studs(side, rows, connectors, position, makeId);
  const pinOf = (end: OtherEnd): PinRow["ends"][number] | null => {
    if ("splice" in end) return { splice: end.splice };
    const pinId = "ground" in end ? studs.of(end.ground) : idAt.get(placeOf(end.connector, end.cavity));
    return pinId === undefined ? null : { pinId };
  };
  const isNew = new Set(told.map((row) => row.id));
  const ops: RowOp[] = [];
  const endsOf = new Map<string, PinRow["ends"]>();
  const open: OpenEnd[] = [];
  let found = 0;
  for (const row of tellers) {
    const stands = row.ends.length > 0 && row.ends.every((end) => "splice" in end || ids.has(end.pinId));
    const isTold = isNew.has(row.id);
    if (stands && (!isTold || row.entered.includes("otherEnd"))) continue;
    const written = row.otherEnd ?? "";
    const ends = readOtherEnds(written, places).map(pinOf);
    const all = ends.some((end) => end === null) ? [] : (ends as PinRow["ends"]);
    if (isTold) {
      found += all.length > 0 ? 1 : 0;
      if (all.length === 0) open.push({ connector: labels.get(row.connectorId) ?? "", cavity: row.cavity, written });
    }
    endsOf.set(row.id, all);
    const op = fresh.has(row.id) ? null : updateOp("pin", row.id, row, { ends: all });
    if (op !== null) ops.push(op);
  }
  return { connectorOps: studs.connectorOps, ops: [...studs.ops, ...ops], endsOf, found, open };
}

/** What a cavity's row becomes when somebody writes where its wire goes. Grounds that no table has are left open. */
export function endsIn(
  { pins, connectors }: Pick<JobDocument, "pins" | "connectors">,
  row: PinRow,
  written: string,
): Pick<PinRow, "otherEnd" | "ends"> {
  if (written === "") return { otherEnd: null, ends: [] };
  const side = connectors.find(({ id }) => id === row.connectorId)?.side;
  const labels = new Map(connectors.flatMap((one) => (one.side === side ? [[one.id, one.label] as const] : [])));
  const places = pins.flatMap((pin) => {
    const connector = labels.get(pin.connectorId);
    return connector === undefined ? [] : [{ connector, cavity: pin.cavity, id: pin.id }];
  });
  const idAt = new Map(places.map((one) => [placeOf(one.connector, one.cavity), one.id]));
  const studAt = new Map(places.map((one) => [one.connector.toUpperCase(), one.id]));
  const ends = readOtherEnds(written, new KnownPlaces(places)).map((end) => {
    if ("splice" in end) return { splice: end.splice };
    const pinId = "ground" in end ? studAt.get(end.ground.toUpperCase()) : idAt.get(placeOf(end.connector, end.cavity));
    return pinId === undefined ? null : { pinId };
  });
  return { otherEnd: written, ends: ends.some((end) => end === null) ? [] : (ends as PinRow["ends"]) };
}

const NO_ENDS: Ends = { connectorOps: [], ops: [], endsOf: new Map(), found: 0, open: [] };
const placeOf = (connector: string, cavity: string) => JSON.stringify([connector, cavity]);

/** Ground studs by name: those that are there, and those that rows speak of for the first time. */
class Studs {
  readonly connectorOps: RowOp[] = [];
  readonly ops: RowOp[] = [];
  private readonly pinIds = new Map<string, string>();

  constructor(
    private readonly side: Side,
    rows: readonly PinRow[],
    private readonly connectors: ReadonlyMap<string, ConnectorRow>,
    private readonly position: number,
    private readonly makeId: () => string,
  ) {
    const labelOf = new Map([...connectors.values()].map((row) => [row.id, row.label.toUpperCase()]));
    for (const { id, connectorId } of rows) {
      const label = labelOf.get(connectorId);
      if (label !== undefined && !this.pinIds.has(label)) this.pinIds.set(label, id);
    }
  }

  of(name: string): string {
    const there = this.pinIds.get(name.toUpperCase());
    if (there !== undefined) return there;
    const at = this.connectorOps.length;
    const connector = newConnector(this.makeId(), this.side, name, this.connectors.size + at);
    this.connectorOps.push(insertOp("connector", connector));
    const pin: PinRow = {
      ...newCavity(this.makeId(), connector.id, "1", this.position + at),
      description: "Ground point that other rows name",
      kind: "ground",
      kindSource: "proposed",
      kindConfidence: 0.9,
      kindWhy: NAMED,
      quantity: "ground",
      quantitySource: "proposed",
      quantityConfidence: 0.9,
      quantityWhy: NAMED,
    };
    this.ops.push(insertOp("pin", pin));
    this.pinIds.set(name.toUpperCase(), pin.id);
    return pin.id;
  }
}

const NAMED = "Rows of the pin table send their wires to it as a ground";
