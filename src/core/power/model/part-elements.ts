import { cachedBy } from "../../cached-by";
import type { NetElement } from "../../circuit";
import { cavityPoint, type Harness, type HarnessEdge, type HarnessPart } from "../../harness";
import { type CavityFacts, CHASSIS, onEngine, spansOf } from "../../parts";
import type { CavityPoint } from "../../points";
import { type ClosedWhen, neverClosed } from "../../state";
import { BLOCK, BODY } from "../nodes";
import type { PlanElement } from "../plan-element";
import type { PowerFacts, PowerProblem } from "../types";
import { fittedContact } from "./fill-elements";
import { nodeNamesOf } from "./node-names";
import { interlockOf } from "./switch-states";
import { translatePart } from "./translate-part";
import type { Translated } from "./translation";
import type { Elements } from "./wire-elements";

/** Stronger than any fuse on a vehicle: a slip of the keys. */
const ABSURD_FUSE_AMPS = 500;
/** What stands in for it, A. */
const LARGEST_FUSE_AMPS = 100;
/** Sources without resistance would fight each other without bound. */
const LEAST_SOURCE_OHMS = 0.001;

/** Parts as they were translated before. */
const knownParts = cachedBy((_: Harness) => ({
  quiet: new Map<string, Elements>(),
  busy: new Map<string, Elements>(),
}));
/**
 * Parts that take something from the settings: these are translated anew each time, and those of which a fuse is tried
 * otherwise. What is fitted belongs to the harness: both are made together.
 */
const OF_SETTINGS: ReadonlySet<string> = new Set(["battery", "starter", "alternator"]);

/** Cavities on each net of copper. */
const pinsOfNets = cachedBy((harness: Harness) => {
  const nets = new Map<number, string[]>();
  for (const [pinId, node] of harness.nodeOfPin) {
    const net = harness.netOf[node] as number;
    nets.set(net, [...(nets.get(net) ?? []), pinId]);
  }
  return nets;
});

/** The other cavities on a cavity's copper. */
function joinedTo(harness: Harness, own: CavityFacts | undefined): readonly CavityFacts[] {
  const node = own === undefined ? undefined : harness.nodeOfPin.get(own.id);
  const ids = node === undefined ? [] : (pinsOfNets(harness).get(harness.netOf[node] as number) ?? []);
  return ids.flatMap((id) => (id === own?.id ? [] : [harness.pinById.get(id) ?? []].flat()));
}

/** Contacts that lever or clutch works at some cavities, with when each is closed. */
function interlocksOn(harness: Harness, pins: readonly CavityFacts[]): readonly ClosedWhen[] {
  return pins.flatMap((pin): ClosedWhen[] => {
    const part = harness.partAt[harness.nodeOfPin.get(pin.id) ?? -1];
    const own = part?.terminals.find(({ pinId }) => pinId === pin.id)?.name;
    if (part?.type !== "switch" || own === undefined) return [];
    const pinOf = (terminal: string) =>
      harness.pinById.get(part.terminals.find(({ name }) => name === terminal)?.pinId ?? "");
    return part.elements.flatMap((spec): ClosedWhen[] => {
      if (spec.type !== "switch" || (spec.a !== own && spec.b !== own)) return [];
      const closed = interlockOf(
        spec,
        [spec.a, spec.b].flatMap((terminal) => pinOf(terminal) ?? []),
      );
      const other = spec.a === own ? spec.b : spec.a;
      const leadsOn = other === CHASSIS || joinedTo(harness, pinOf(other)).length > 0;
      return closed === null ? [] : [leadsOn ? closed : neverClosed];
    });
  });
}

/** Contacts that were decided to be fitted to an input, each with when it is closed. */
const fittedAt = (facts: PowerFacts, pin: CavityFacts | undefined): readonly ClosedWhen[] =>
  facts.fills.flatMap((fill) =>
    pin === undefined || fill.pinId !== pin.id ? [] : (fittedContact(facts, fill, pin) ?? []),
  );

/** @param edges the harness's edges inside of the part */
export function elementsOfPart(facts: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): Elements {
  if (OF_SETTINGS.has(part.type) || [...facts.tried.fuses.values()].some(({ partId }) => partId === part.id))
    return makeElements(facts, part, edges);
  const known = knownParts(facts.harness)[facts.quiet === true ? "quiet" : "busy"];
  const made = known.get(part.id) ?? makeElements(facts, part, edges);
  known.set(part.id, made);
  return made;
}

function makeElements(facts: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): Elements {
  const { elements: translated, assumed } = translate(facts, part, edges);
  const elements: PlanElement[] = [];
  const problems: PowerProblem[] = [];
  for (const { element: given, elementId, role, closed } of translated) {
    if (given.type === "current") {
      problems.push({ code: "stranded-current", part: part.label, elementId, pinId: null });
      continue;
    }
    const { element, problem } = bounded(tried(facts, part, given, elementId), part, elementId);
    if (problem !== null) problems.push(problem);
    elements.push({
      element,
      origin: {
        type: "part",
        partId: part.id,
        label: part.label,
        elementId,
        kind: element.type,
        role,
        at: role === "awake" ? null : cavityOfElement(facts.harness, part, element, elementId),
      },
      ...(closed === undefined ? {} : { closed }),
    });
  }
  return { elements, problems, assumed };
}

function translate(facts: PowerFacts, part: HarnessPart, edges: readonly HarnessEdge[]): Translated {
  const { harness, settings, quiet = false } = facts;
  const ground = onEngine(part) ? BLOCK : BODY;
  const names = nodeNamesOf(harness).nodeName;
  const nodeOf = (at: number) => (at === harness.chassis ? ground : (names[at] as string));
  const byId = new Map(edges.map((edge) => [edge.id, edge]));
  const terminals = new Map<string, string>();
  for (const element of part.elements) {
    for (const span of spansOf(element)) {
      const edge = byId.get(`part:${part.id}/${span.id}`);
      if (edge !== undefined) terminals.set(span.a, nodeOf(edge.a)).set(span.b, nodeOf(edge.b));
    }
  }
  const pinOf = new Map(
    part.terminals.map(({ name, pinId }) => [name, pinId === null ? undefined : harness.pinById.get(pinId)]),
  );
  return translatePart({
    part,
    node: (terminal) => terminals.get(terminal),
    pin: (terminal) => pinOf.get(terminal),
    isJoined: (terminal) =>
      joinedTo(harness, pinOf.get(terminal)).length > 0 || fittedAt(facts, pinOf.get(terminal)).length > 0,
    interlocks: (terminal) => [
      ...interlocksOn(harness, joinedTo(harness, pinOf.get(terminal))),
      ...fittedAt(facts, pinOf.get(terminal)),
    ],
    settings,
    quiet,
  });
}

/** Of a box with many cavities, the cavity that an element is at; null for a part that is one thing. */
function cavityOfElement(
  harness: Harness,
  part: HarnessPart,
  element: NetElement,
  elementId: string,
): CavityPoint | null {
  if (part.type !== "computer" && part.type !== "assembly") return null;
  const pinOf = (terminal: string) =>
    harness.pinById.get(part.terminals.find(({ name }) => name === terminal)?.pinId ?? "");
  const spec = part.elements.find((one) => one.id === elementId);
  if (spec === undefined || spec.type === "relay") return null;
  const pin = [spec.b, spec.a]
    .map(pinOf)
    .find(
      (one) =>
        one !== undefined && one.form.kind !== "ground" && (element.type !== "lamp" || one.form.kind === "load-in"),
    );
  return pin === undefined ? null : cavityPoint(harness, pin.id);
}

function tried(
  { tried: { fuses } }: PowerFacts,
  part: HarnessPart,
  element: NetElement,
  elementId: string,
): NetElement {
  const amps = fuses.get(`${part.id}/${elementId}`)?.amps;
  return element.type === "fuse" && amps !== undefined ? { ...element, amps, ohms: 0.1 / amps } : element;
}

/** An element within what can be, and what was wrong with it. */
function bounded(
  element: NetElement,
  part: HarnessPart,
  elementId: string,
): { readonly element: NetElement; readonly problem: PowerProblem | null } {
  const pinId = part.terminals.find((terminal) => terminal.pinId !== null)?.pinId ?? null;
  if (element.type === "fuse" && element.amps > ABSURD_FUSE_AMPS) {
    return {
      element: { ...element, amps: LARGEST_FUSE_AMPS, ohms: 0.1 / LARGEST_FUSE_AMPS },
      problem: {
        code: "absurd",
        what: "fuse",
        part: part.label,
        elementId,
        amps: element.amps,
        takenAmps: LARGEST_FUSE_AMPS,
        pinId,
      },
    };
  }
  if (element.type === "source" && element.ohms < LEAST_SOURCE_OHMS) {
    return {
      element: { ...element, ohms: LEAST_SOURCE_OHMS },
      problem: {
        code: "source-without-resistance",
        part: part.label,
        elementId,
        ohms: element.ohms,
        takenOhms: LEAST_SOURCE_OHMS,
        pinId,
      },
    };
  }
  return { element, problem: null };
}
