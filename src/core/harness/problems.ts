import { Groups } from "../groups";
import type { CavityFacts, ConnectorFacts } from "../parts";
import { partProblems } from "../parts";
import type { Point } from "../points";
import { likelyHalves } from "./halves";
import { cavityPoint, endsOf, pointAt } from "./points";
import type { EndsDiffer, Harness, HarnessEdge, HarnessPart, HarnessProblem } from "./types";

/** Halves that do not fit each other: in count, in labels, or in the size of what meets. */
export function mateProblems(
  half: ConnectorFacts,
  other: ConnectorFacts,
  own: readonly CavityFacts[],
  its: readonly CavityFacts[],
): HarnessProblem[] {
  const both = { connectorId: half.id, connector: half.label, other: other.label } as const;
  if (half.id === other.id) return [{ code: "loop", by: "itself", connectorId: half.id, connector: half.label }];
  const faults: HarnessProblem[] = [];
  if (other.mateId !== null && other.mateId !== half.id) faults.push({ code: "mate-twice", ...both });
  const labels = new Set(its.map((pin) => pin.cavity));
  const unopposed = own.filter((pin) => !labels.has(pin.cavity)).map((pin) => pin.cavity);
  if (own.length !== its.length || unopposed.length > 0) {
    faults.push({ code: "unequal-mate", ...both, cavities: own.length, otherCavities: its.length, unopposed });
  }
  const byLabel = new Map(its.map((pin) => [pin.cavity, pin]));
  const sizes = own.flatMap((pin) => {
    const opposite = byLabel.get(pin.cavity);
    return opposite?.sizeMm2 != null && pin.sizeMm2 !== null && opposite.sizeMm2 !== pin.sizeMm2
      ? [{ cavity: pin.cavity, hereMm2: pin.sizeMm2, thereMm2: opposite.sizeMm2 }]
      : [];
  });
  if (sizes.length > 0) faults.push({ code: "conflict", of: "mate", ...both, sizes });
  return faults;
}

/** What is wrong with a part that a person placed. */
export function partFaults(part: HarnessPart, pins: ReadonlyMap<string, CavityFacts>): HarnessProblem[] {
  const connectorId = part.connectorIds[0] ?? null;
  const names = part.terminals.map((terminal) => terminal.name);
  const twice = [...new Set(names.filter((name, at) => names.indexOf(name) !== at))];
  return [
    ...partProblems({ terminals: names, elements: part.elements }).map(
      (fault): HarnessProblem => ({ code: "missing-terminal", part: part.label, fault, connectorId }),
    ),
    ...twice.map(
      (terminal): HarnessProblem => ({ code: "repeated-terminal", part: part.label, terminal, connectorId }),
    ),
    ...part.terminals
      .filter(({ pinId }) => pinId !== null && !pins.has(pinId))
      .map(({ name }): HarnessProblem => ({ code: "dangling", part: part.label, terminal: name, connectorId })),
  ];
}

/** Copper that comes back to itself, and wires whose two ends are told differently. */
export function copperProblems(harness: Harness): HarnessProblem[] {
  return [...ringProblems(harness), ...endProblems(harness)];
}

function ringProblems(harness: Harness): HarnessProblem[] {
  const copper = new Groups(harness.nodes.length);
  const faults: HarnessProblem[] = [];
  for (const edge of harness.edges) {
    if (edge.type !== "wire" && edge.type !== "mate") continue;
    if (!copper.join(edge.a, edge.b))
      faults.push({
        code: "loop",
        by: edge.type,
        circuit: circuitAt(harness, edge),
        from: pointAt(harness, edge.a),
        to: pointAt(harness, edge.b),
        connectorId: connectorAt(harness, edge),
      });
  }
  return faults;
}

const circuitAt = ({ nodes, pinById }: Harness, edge: HarnessEdge) => {
  const node = nodes[edge.a];
  return node?.type === "cavity" ? (pinById.get(node.pinId)?.circuit ?? null) : null;
};
const connectorAt = ({ nodes, pinById }: Harness, edge: HarnessEdge) => {
  const node = nodes[edge.a];
  return node?.type === "cavity" ? (pinById.get(node.pinId)?.connectorId ?? null) : null;
};

function endProblems(harness: Harness): HarnessProblem[] {
  return harness.wires.flatMap((wire): HarnessProblem[] => {
    const [one, two] = wire.pinIds.map((id) => harness.pinById.get(id));
    if (one === undefined || two === undefined || wire.added) return [];
    const conflict = (differs: EndsDiffer): HarnessProblem => ({
      code: "conflict",
      of: "wire",
      circuit: wire.circuit,
      differs,
      ...endsOf(harness, wire),
      connectorId: one.connectorId,
    });
    const colour = (pin: CavityFacts) =>
      `${pin.colourBase ?? "?"}${pin.colourTracer === null ? "" : `/${pin.colourTracer}`}`;
    return [
      ...(one.colourBase !== null && two.colourBase !== null && colour(one) !== colour(two)
        ? [conflict({ what: "colour", one: colour(one), two: colour(two) })]
        : []),
      ...(one.sizeMm2 !== null && two.sizeMm2 !== null && one.sizeMm2 !== two.sizeMm2
        ? [conflict({ what: "size", oneMm2: one.sizeMm2, twoMm2: two.sizeMm2 })]
        : []),
    ];
  });
}

/** Rows that contradict each other about where a wire goes. The wires of both are there: one of them is to be taken out. */
export function toldEndProblems(harness: Harness): HarnessProblem[] {
  const claims = new Map<string, CavityFacts[]>();
  const faults: HarnessProblem[] = [];
  const at = (pinId: string) => cavityPoint(harness, pinId);
  for (const pin of harness.pinById.values())
    for (const end of pin.ends) {
      const other = "pinId" in end ? harness.pinById.get(end.pinId) : undefined;
      if (other === undefined) continue;
      const { connectorId } = pin;
      if (other === pin) faults.push({ code: "ends-at-itself", at: at(pin.id), connectorId });
      else if (other.ends.length === 0 && !isMeetingPoint(harness, other))
        claims.set(other.id, [...(claims.get(other.id) ?? []), pin]);
      else if (other.ends.length > 0 && !other.ends.some((its) => "pinId" in its && its.pinId === pin.id))
        faults.push({
          code: "other-end-differs",
          at: at(pin.id),
          names: at(other.id),
          says: other.ends.map((its) => ("pinId" in its ? at(its.pinId) : splicePoint(harness, other, its.splice))),
          connectorId,
        });
    }
  for (const [pinId, by] of claims)
    if (by.length > 1)
      faults.push({
        code: "end-claimed-twice",
        at: at(pinId),
        by: by.map((pin) => at(pin.id)),
        connectorId: by[0]?.connectorId ?? null,
      });
  return faults;
}

/** What one side's papers leave open: ends in no table, and halves of which nobody has said that they meet. */
export function openProblems(
  connectors: readonly ConnectorFacts[],
  pinsOf: ReadonlyMap<string, readonly CavityFacts[]>,
): HarnessProblem[] {
  return [
    ...connectors.flatMap((connector): HarnessProblem[] => {
      const ends = (pinsOf.get(connector.id) ?? []).flatMap(({ cavity, openEnd }) =>
        openEnd === undefined ? [] : [{ cavity, written: openEnd }],
      );
      return ends.length === 0
        ? []
        : [{ code: "ends-not-found", connector: connector.label, ends, connectorId: connector.id }];
    }),
    ...likelyHalves(connectors, pinsOf).map(
      ([one, other]): HarnessProblem => ({
        code: "halves-not-told",
        connector: one.label,
        other: other.label,
        connectorId: one.id,
      }),
    ),
  ];
}

const splicePoint = ({ connectorById }: Harness, pin: CavityFacts, splice: string): Point => ({
  type: "splice",
  side: connectorById.get(pin.connectorId)?.side ?? "host",
  circuit: splice,
});

/** Many wires may meet at a ground stud or a battery's post. */
const isMeetingPoint = ({ partAt, nodeOfPin }: Harness, pin: CavityFacts) =>
  MEETING.has(partAt[nodeOfPin.get(pin.id) ?? -1]?.type ?? "");
const MEETING: ReadonlySet<string> = new Set(["ground-stud", "battery", "splice-pack", "starter"]);
