import { cavityPoint } from "../../harness";
import type { CavityPoint, Point } from "../../points";
import { type Origin, originKey } from "../plan-element";
import type { Item, PowerModel } from "../types";
import type { DeadCause, Finding } from "./types";

/** What a finding speaks of, the place to probe first: cavities, and elements of the netlist by their ids. */
export interface Places {
  readonly cavities: readonly CavityPoint[];
  readonly elements: readonly string[];
}

/** A point of the wiring or what stands for an element, as a finding mentions it. */
type Mention = Point | Origin;

const POINTS: ReadonlySet<string> = new Set<Point["type"]>([
  "cavity",
  "open-end",
  "splice",
  "terminal",
  "pole",
  "body",
  "engine-block",
  "inside",
]);
const isPoint = (mention: Mention): mention is Point => POINTS.has(mention.type);

/**
 * The places of a finding, nearest first: where it is, what its facts name, what else it brings down.
 *
 * @param most cavities; the rest is left out
 */
export function placesOf(model: PowerModel, finding: Finding, most: number): Places {
  const mentions = [...ofItem(finding.at), ...ofFacts(finding), ...finding.also.flatMap(ofItem)];
  const cavities = new Map<string, CavityPoint>();
  const put = (point: CavityPoint) => {
    if (!cavities.has(point.pinId)) cavities.set(point.pinId, point);
  };
  if (finding.pinId !== null) put(cavityPoint(model.facts.harness, finding.pinId));
  for (const mention of mentions) for (const point of cavitiesOf(model, mention)) put(point);
  const keys = new Set(mentions.flatMap((mention) => (isPoint(mention) ? [] : [originKey(mention)])));
  return {
    cavities: [...cavities.values()].slice(0, most),
    elements: model.elements.flatMap(({ element, origin }) => (keys.has(originKey(origin)) ? [element.id] : [])),
  };
}

const ofItem = (item: Item): Mention[] => {
  switch (item.type) {
    case "point":
      return [item.point];
    case "element":
      return [item.origin];
    case "alternator":
      return [];
  }
};

function ofCause(cause: DeadCause | null): Mention[] {
  if (cause === null) return [];
  return [cause.origin, ...(cause.type === "relay-released" ? ofCause(cause.behind) : [])];
}

function ofFacts(finding: Finding): Mention[] {
  switch (finding.code) {
    case "dead-feed":
      return ofCause(finding.cause);
    case "low-volts":
      return finding.mostLost === null ? [] : [finding.mostLost.origin];
    case "back-feed":
      return [...(finding.through === null ? [] : [finding.through]), ...finding.path];
    case "shared-ground":
      return [...finding.joins];
    case "fuse-load":
    case "fuse-wire":
    case "fuse-inrush":
      return finding.wire === null ? [] : [finding.wire];
    case "unfused-wire":
      return [finding.wire];
    case "wire-hot":
      return [finding.weakest];
    case "two-drivers":
      return [finding.against.at];
    case "wrong-live":
      return [...finding.switches];
    case "no-flyback":
      return [finding.load];
    case "cranks-in-gear":
      return [...finding.passed];
    case "drain":
      return finding.loads.map(({ origin }) => origin);
    default:
      return [];
  }
}

function cavitiesOf(model: PowerModel, mention: Mention): CavityPoint[] {
  if (isPoint(mention)) return ofPoint(model, mention);
  switch (mention.type) {
    case "wire":
    case "mate":
    case "link":
      return [...ofPoint(model, mention.from), ...ofPoint(model, mention.to)];
    case "part":
      return mention.at === null ? ofElement(model, mention.partId, mention.elementId) : [mention.at];
    case "assumed-feed":
    case "fill":
      return ofPoint(model, mention.at);
    default:
      return [];
  }
}

function ofPoint({ facts: { harness } }: PowerModel, point: Point): CavityPoint[] {
  switch (point.type) {
    case "cavity":
      return [point];
    case "open-end":
      return [cavityPoint(harness, point.pinId)];
    default:
      return [];
  }
}

/** The cavities between which an element of a part lies. */
function ofElement({ facts: { harness } }: PowerModel, partId: string, elementId: string): CavityPoint[] {
  const part = harness.partById.get(partId);
  const element = part?.elements.find(({ id }) => id === elementId);
  if (part === undefined || element === undefined) return [];
  const ends =
    element.type === "relay"
      ? [element.coilA, element.coilB, ...element.contacts.flatMap(({ a, b }) => [a, b])]
      : [element.a, element.b];
  return ends.flatMap((end) =>
    part.terminals.flatMap(({ name, pinId }) => (name === end && pinId !== null ? [cavityPoint(harness, pinId)] : [])),
  );
}
