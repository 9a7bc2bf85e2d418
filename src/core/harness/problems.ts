import { sizeWords, type Units } from "../units";
import { partProblems } from "./library";
import type { CavityFacts, ConnectorFacts, Harness, HarnessEdge, HarnessPart, HarnessProblem } from "./types";

type Named = Pick<Harness, "nodes" | "pinById" | "connectorById">;

/** What is printed at a node: a cavity by connector and label, a splice by its circuit. */
export function nodeName(harness: Named, at: number): string {
  const node = harness.nodes[at];
  switch (node?.type) {
    case "cavity": return cavityName(harness, node.pinId);
    case "open": return `the end of ${cavityName(harness, node.pinId)}'s wire that the tables do not show`;
    case "splice": return `splice ${node.label}`;
    case "terminal": return `terminal ${node.terminal}`;
    case "pole": return node.pole === "plus" ? "battery +" : "battery −";
    default: return "body";
  }
}

export function cavityName({ pinById, connectorById }: Omit<Named, "nodes">, pinId: string): string {
  const pin = pinById.get(pinId);
  return `${connectorById.get(pin?.connectorId ?? "")?.label ?? "?"}-${pin?.cavity ?? "?"}`;
}

/** Halves that do not fit each other: in count, in labels, or in the size of what meets. */
export function mateProblems(half: ConnectorFacts, other: ConnectorFacts, own: readonly CavityFacts[], its: readonly CavityFacts[], units: Units = "metric"): HarnessProblem[] {
  const where = `${half.label} and ${other.label}`;
  const problem = (code: HarnessProblem["code"], message: string, cure: string): HarnessProblem => ({ code, where, message, cure, connectorId: half.id });
  if (half.id === other.id) return [problem("loop", "The connector is said to plug into itself.", "Choose the other half, or none.")];
  const faults: HarnessProblem[] = [];
  if (other.mateId !== null && other.mateId !== half.id) faults.push(problem("mate-twice", `${other.label} is said to plug into another connector as well.`, "A half has one mate: correct one of the two."));
  const labels = new Set(its.map((pin) => pin.cavity));
  const alone = own.filter((pin) => !labels.has(pin.cavity)).map((pin) => pin.cavity);
  if (own.length !== its.length || alone.length > 0) {
    faults.push(problem("unequal-mate", `${own.length} cavities meet ${its.length}${alone.length > 0 ? `; ${alone.slice(0, 6).join(", ")} of ${half.label} ${alone.length === 1 ? "has" : "have"} no opposite` : ""}.`, "Look whether they are two halves of one connector; if so, add the cavities that a table left out."));
  }
  const byLabel = new Map(its.map((pin) => [pin.cavity, pin]));
  const steps = own.flatMap((pin) => {
    const opposite = byLabel.get(pin.cavity);
    return opposite?.sizeMm2 != null && pin.sizeMm2 !== null && opposite.sizeMm2 !== pin.sizeMm2 ? [`${pin.cavity} (${sizeWords(pin.sizeMm2, units)} meets ${sizeWords(opposite.sizeMm2, units)})`] : [];
  });
  if (steps.length > 0) faults.push(problem("conflict", `The two sides differ in size at ${steps.slice(0, 6).join(", ")}.`, "Measure both; the thinner one sets the fuse."));
  return faults;
}

/** What is wrong with a part that a person placed. */
export function partFaults(part: HarnessPart, pins: ReadonlyMap<string, CavityFacts>): HarnessProblem[] {
  const connectorId = part.connectorIds[0] ?? null;
  const names = part.terminals.map((terminal) => terminal.name);
  const twice = [...new Set(names.filter((name, at) => names.indexOf(name) !== at))];
  return [
    ...partProblems({ terminals: names, elements: part.elements }).map((message): HarnessProblem => ({ code: "missing-terminal", where: part.label, message, cure: "Open the part and correct it.", connectorId })),
    ...twice.map((name): HarnessProblem => ({ code: "repeated-terminal", where: part.label, message: `Two of its terminals are called “${name}”.`, cure: "Give each terminal a name of its own.", connectorId })),
    ...part.terminals.filter(({ pinId }) => pinId !== null && !pins.has(pinId)).map(({ name }): HarnessProblem => ({ code: "dangling", where: part.label, message: `Its terminal ${name} was on a cavity that is no longer there.`, cure: "Choose the cavity that it is on now, or none.", connectorId })),
  ];
}

/** Copper that comes back to itself, and wires whose two ends are told differently. */
export function copperProblems(harness: Harness, units: Units = "metric"): HarnessProblem[] {
  return [...ringProblems(harness), ...endProblems(harness, units)];
}

function ringProblems(harness: Harness): HarnessProblem[] {
  const group = harness.nodes.map((_, at) => at);
  const root = (at: number): number => {
    let one = at;
    while (group[one] !== one) one = group[one] = group[group[one] as number] as number;
    return one;
  };
  const faults: HarnessProblem[] = [];
  for (const edge of harness.edges) {
    if (edge.type !== "wire" && edge.type !== "mate") continue;
    const [a, b] = [root(edge.a), root(edge.b)];
    if (a !== b) group[a] = b;
    else faults.push({ code: "loop", where: `${nodeName(harness, edge.a)} to ${nodeName(harness, edge.b)}`, message: `${edge.type === "mate" ? "Plugged together, the copper of" : "With this wire the copper of"} ${circuitAt(harness, edge) ?? "one circuit"} comes back to itself.`, cure: "Put the halves of an in-line connector into branches of their own, or take out the wire that is told twice.", connectorId: connectorAt(harness, edge) });
  }
  return faults;
}

const circuitAt = ({ nodes, pinById }: Harness, edge: HarnessEdge) => {
  const node = nodes[edge.a];
  const circuit = node?.type === "cavity" ? pinById.get(node.pinId)?.circuit : null;
  return circuit == null ? null : `circuit ${circuit}`;
};
const connectorAt = ({ nodes, pinById }: Harness, edge: HarnessEdge) => {
  const node = nodes[edge.a];
  return node?.type === "cavity" ? (pinById.get(node.pinId)?.connectorId ?? null) : null;
};

function endProblems(harness: Harness, units: Units): HarnessProblem[] {
  return harness.wires.flatMap((wire): HarnessProblem[] => {
    const [one, two] = wire.pinIds.map((id) => harness.pinById.get(id));
    if (one === undefined || two === undefined || wire.added) return [];
    const where = `${nodeName(harness, wire.a)} to ${nodeName(harness, wire.b)}`;
    const differs = (what: string, a: string, b: string): HarnessProblem => ({ code: "conflict", where, message: `Circuit ${wire.circuit}: ${what} is told as ${a} at one end and ${b} at the other.`, cure: "Look at both ends. Where both are right there is a joint between them: note it.", connectorId: one.connectorId });
    const colour = (pin: CavityFacts) => `${pin.colourBase ?? "?"}${pin.colourTracer === null ? "" : `/${pin.colourTracer}`}`;
    return [
      ...(one.colourBase !== null && two.colourBase !== null && colour(one) !== colour(two) ? [differs("the colour", colour(one), colour(two))] : []),
      ...(one.sizeMm2 !== null && two.sizeMm2 !== null && one.sizeMm2 !== two.sizeMm2 ? [differs("the size", sizeWords(one.sizeMm2, units), sizeWords(two.sizeMm2, units))] : []),
    ];
  });
}
