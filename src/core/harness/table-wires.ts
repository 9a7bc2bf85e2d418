import type { Side } from "../forms";
import type { CavityFacts } from "../parts";
import type { WireFacts } from "./types";

/** What a pin table says of a cavity's wire; `carries` is false where it says that the cavity is spare. */
export type ToldCavity = Pick<
  CavityFacts,
  "id" | "connectorId" | "circuit" | "colour" | "colourBase" | "colourTracer" | "sizeMm2" | "lengthM"
> & { readonly carries: boolean };

interface TableConnector {
  readonly id: string;
  readonly side: Side;
  readonly branchId: string | null;
}

/**
 * The wires that pin tables speak of, by the circuits of each branch of each side: a circuit of two cavities is one
 * wire between them; of more, a wire from each to their splice; of one, a wire of which the other end is not shown, as
 * is that of a cavity with a colour or a size and no circuit. A wire has the id of the cavity that it starts at, so
 * that what is decided of it outlives a new import.
 */
export function tableWires(cavities: readonly ToldCavity[], connectors: readonly TableConnector[]): WireFacts[] {
  const connectorById = new Map(connectors.map((one) => [one.id, one]));
  const circuits = new Map<string, ToldCavity[]>();
  const alone: ToldCavity[] = [];
  for (const cavity of cavities) {
    const connector = connectorById.get(cavity.connectorId);
    if (connector === undefined) continue;
    if (cavity.circuit === null) {
      if (cavity.carries && (cavity.colour !== null || cavity.sizeMm2 !== null)) alone.push(cavity);
      continue;
    }
    const name = JSON.stringify([connector.side, connector.branchId, cavity.circuit]);
    const members = circuits.get(name);
    if (members === undefined) circuits.set(name, [cavity]);
    else members.push(cavity);
  }
  return [...alone.map((one) => wireOf(one, "open")), ...[...circuits.values()].flatMap(circuitWires)];
}

function circuitWires(members: readonly ToldCavity[]): WireFacts[] {
  const [first, second] = members as [ToldCavity, ToldCavity?];
  if (second === undefined) return [wireOf(first, "open")];
  return members.length === 2 ? [wireBetween(first, second)] : members.map((one) => wireOf(one, "splice"));
}

const wireOf = (
  { id, circuit, colour, colourBase, colourTracer, sizeMm2, lengthM }: ToldCavity,
  endsAt: "splice" | "open",
): WireFacts => ({
  id,
  fromPinId: id,
  endsAt,
  toPinId: null,
  circuit,
  colour,
  colourBase,
  colourTracer,
  sizeMm2,
  lengthM,
  origin: "table",
});

/**
 * A wire between two cavities is as thick as the thinner is said to be, and as long as the longer: tables give each end
 * its own row.
 */
function wireBetween(one: ToldCavity, two: ToldCavity): WireFacts {
  const { colour, colourBase, colourTracer } = one.colour === null ? two : one;
  return {
    ...wireOf(one, "open"),
    endsAt: "cavity",
    toPinId: two.id,
    colour,
    colourBase,
    colourTracer,
    sizeMm2: least(one.sizeMm2, two.sizeMm2),
    lengthM: most(one.lengthM, two.lengthM),
  };
}

const least = (a: number | null, b: number | null) => (b === null ? a : a === null ? b : Math.min(a, b));
const most = (a: number | null, b: number | null) => (b === null ? a : a === null ? b : Math.max(a, b));
