import type { NetElement } from "../../circuit";
import { type Harness, type HarnessEdge, type HarnessPart, nodeName, spansOf } from "../../harness";
import { BLOCK, BODY } from "../nodes";
import { onceFor } from "../once-for";
import type { Piece } from "../piece";
import type { PowerFacts, PowerProblem } from "../types";
import type { Laid } from "./lay-wire";
import { type Translated, translatePart } from "./parts";
import { printedOf } from "./printed";

/** Stronger than any fuse on a vehicle: a slip of the keys. */
const ABSURD_FUSE_AMPS = 500;
/** Sources without resistance would fight each other without bound. */
const LEAST_SOURCE_OHMS = 0.001;

export interface LaidPart extends Laid, Omit<Translated, "elements" | "assumed"> {}

/** Parts as they were laid before. */
const laidParts = onceFor((_: Harness) => ({ quiet: new Map<string, LaidPart>(), busy: new Map<string, LaidPart>() }));
/** Parts that take something from the settings: these are laid anew each time, and those of which a fuse is tried otherwise. */
const OF_SETTINGS: ReadonlySet<string> = new Set(["battery", "starter", "alternator"]);

/** @param edges the harness's edges inside of the part */
export function layPart(facts: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): LaidPart {
  if (OF_SETTINGS.has(part.type) || [...facts.tried.fuses.values()].some(({ partId }) => partId === part.id)) return lay(facts, part, edges);
  const known = laidParts(facts.harness)[facts.quiet === true ? "quiet" : "busy"];
  const laid = known.get(part.id) ?? lay(facts, part, edges);
  known.set(part.id, laid);
  return laid;
}

function lay(facts: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): LaidPart {
  const { elements, ...translated } = translate(facts, part, edges);
  const pieces: Piece[] = [];
  const problems: PowerProblem[] = [];
  for (const { element: given, elementId } of elements) {
    const name = elementName(facts.harness, part, given, elementId);
    if (given.type === "current") {
      problems.push({ code: "stranded-current", where: name, message: "It is given as a current that flows whatever the voltage; the plan is solved without it.", cure: "Write it as a load of watts or ohms.", pinId: null });
      continue;
    }
    const { element, problem } = sane(tried(facts, part, given, elementId), part);
    if (problem !== null) problems.push(problem);
    pieces.push({ element, place: { type: "part", partId: part.id, elementId }, name });
  }
  return { ...translated, pieces, problems };
}

function translate({ harness, settings, quiet = false }: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): Translated {
  const ground = onEngine(part) ? BLOCK : BODY;
  const names = printedOf(harness).nodeName;
  const nodeOf = (at: number) => (at === harness.chassis ? ground : (names[at] as string));
  const byId = new Map(edges.map((edge) => [edge.id, edge]));
  const terminals = new Map<string, string>();
  for (const element of part.elements) {
    for (const span of spansOf(element)) {
      const edge = byId.get(`part:${part.id}/${span.id}`);
      if (edge !== undefined) terminals.set(span.a, nodeOf(edge.a)).set(span.b, nodeOf(edge.b));
    }
  }
  const pinOf = new Map(part.terminals.map(({ name, pinId }) => [name, pinId === null ? undefined : harness.pinById.get(pinId)]));
  return translatePart({ part, node: (terminal) => terminals.get(terminal), pin: (terminal) => pinOf.get(terminal), settings, quiet });
}

const ELEMENT_WORDS: Readonly<Partial<Record<NetElement["type"], string>>> = { lamp: "lamp", power: "load", resistor: "input", switch: "driver", diode: "diode" };

/** An element by what one finds on the vehicle: of a box with many cavities, the cavity. */
function elementName(harness: Harness, part: HarnessPart, element: NetElement, elementId: string): string {
  if ((part.type !== "computer" && part.type !== "assembly") || element.type === "relay") return `${part.label} ${elementId}`;
  const pinOf = (terminal: string) => harness.pinById.get(part.terminals.find(({ name }) => name === terminal)?.pinId ?? "");
  const spec = part.elements.find((one) => one.id === elementId);
  const cavity = spec === undefined || spec.type === "relay" ? undefined : [spec.b, spec.a].find((terminal) => { const pin = pinOf(terminal); return pin !== undefined && pin.kind !== "ground" && (element.type !== "lamp" || pin.kind === "load-in"); });
  const at = cavity === undefined ? undefined : harness.nodeOfPin.get(pinOf(cavity)?.id ?? "");
  return at === undefined ? `${part.label} ${elementId}` : `${ELEMENT_WORDS[element.type] ?? element.type} at ${nodeName(harness, at)}`;
}

function tried({ tried: { fuses } }: PowerFacts, part: HarnessPart, element: NetElement, elementId: string): NetElement {
  const amps = fuses.get(`${part.id}/${elementId}`)?.amps;
  return element.type === "fuse" && amps !== undefined ? { ...element, amps, ohms: 0.1 / amps } : element;
}

/** An element within what can be, and what was wrong with it. */
function sane(element: NetElement, part: HarnessPart): { readonly element: NetElement; readonly problem: PowerProblem | null } {
  const problem = (code: PowerProblem["code"], message: string, cure: string): PowerProblem => ({ code, where: part.label, message, cure, pinId: part.terminals.find(({ pinId }) => pinId !== null)?.pinId ?? null });
  if (element.type === "fuse" && element.amps > ABSURD_FUSE_AMPS) {
    return { element: { ...element, amps: 100, ohms: 0.001 }, problem: problem("absurd", `${element.id} is given as a fuse of ${element.amps} A; no vehicle has one. It is solved as 100 A.`, "Correct its rating at the part.") };
  }
  if (element.type === "source" && element.ohms < LEAST_SOURCE_OHMS) {
    return { element: { ...element, ohms: LEAST_SOURCE_OHMS }, problem: problem("source-loop", `Its source ${element.id.split("/").at(-1)} is given ${element.ohms} Ω inside: beside another it would have no bound. 1 mΩ is taken.`, "Give the source its inner resistance at the part.") };
  }
  return { element, problem: null };
}

/** Parts that bolt to the engine or gearbox: their case is at the block's voltage, not the body's. */
const ENGINE_PARTS: ReadonlySet<string> = new Set(["starter", "alternator"]);
const DONOR_ENGINE_PARTS: ReadonlySet<string> = new Set(["sensor", "solenoid", "switch", "ground-stud", "motor", "heater", "sender"]);
const onEngine = ({ type, side }: HarnessPart) => ENGINE_PARTS.has(type) || (side === "donor" && DONOR_ENGINE_PARTS.has(type));
