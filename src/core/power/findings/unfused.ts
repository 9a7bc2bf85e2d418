import type { CavityPoint, Point } from "../../points";
import { FUSE_RATINGS } from "../../wire";
import { protectionMap, type ReachedWire } from "../model/protection";
import { voltsAt } from "../solved/flow";
import { wirePlace } from "../tables/fuses";
import { atElement, atPoint, type PowerModel, type PowerSolution } from "../types";
import type { Finding } from "./types";

/** Cables from this size on may go without a fuse between the posts, mm², and this far to a fuse box, m (contracts/verbs.md). */
const CABLE_MM2 = 10;
const TAIL_M = 1.5;

/** Between what a cable needs no fuse. */
const POSTS: ReadonlySet<string> = new Set(["battery", "starter", "alternator", "splice"]);

/** Wires that a source can burn, with nothing on the way that would stop it. */
export function unfusedFindings(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const bare = protectionMap(model).unfused.filter((reached) => !isExcepted(model, reached));
  const byId = new Map(bare.map((reached) => [reached.origin.wireId, reached]));
  const groups = new Map<string, BareGroup>();
  for (const reached of bare) {
    const first = firstOf(reached, byId);
    const group = groups.get(first.feedEnd) ?? { first: [], behind: [] };
    groups.set(first.feedEnd, group);
    (first === reached ? group.first : group.behind).push(reached);
  }
  return [...groups.values()].map((group) => unfusedFinding(solution, group));
}

/** Bare wires that leave one place, and what goes on behind them. */
interface BareGroup {
  readonly first: ReachedWire[];
  readonly behind: ReachedWire[];
}

/** The bare wire nearest to the source on the way to one: a fuse there protects all behind it. */
function firstOf(reached: ReachedWire, bare: ReadonlyMap<string, ReachedWire>): ReachedWire {
  const seen = new Set<string>();
  let first = reached;
  for (let before = first.after; before !== null && !seen.has(before); before = first.after) {
    seen.add(before);
    const wire = bare.get(before);
    if (wire === undefined) break;
    first = wire;
  }
  return first;
}

function unfusedFinding(solution: PowerSolution, { first, behind }: BareGroup): Finding {
  const { model } = solution;
  const all = [...first, ...behind];
  const ampsOf = (reached: ReachedWire) => wirePlace(model, reached.origin).wireAmps;
  const [{ origin, feedEnd }] = first.toSorted((one, two) => ampsOf(one) - ampsOf(two)) as [ReachedWire];
  const { wireAmps, surroundings } = wirePlace(model, origin);
  // The thinnest of all behind it decides.
  const leastAmps = Math.min(...all.map(ampsOf));
  const most = FUSE_RATINGS.findLast((rating) => rating <= leastAmps) ?? null;
  return {
    code: "unfused-wire",
    key: `unfused ${first.map((one) => one.origin.wireId).toSorted()[0]}`,
    // What nobody has measured may be a cable.
    severity: first.every((one) => one.origin.assumed.includes("size")) ? "fault" : "danger",
    wire: origin,
    wires: first.length,
    wireAmps,
    ambientC: surroundings.ambientC,
    state: "off",
    // What a meter shows there with every fuse out.
    amount: { value: voltsAt(solution, "off", feedEnd) ?? 0, limit: null, unit: "V" },
    node: feedEnd,
    pinId: cavityAt(origin.from)?.pinId ?? cavityAt(origin.to)?.pinId ?? null,
    at: cavityAt(origin.from) === null ? atElement({ origin }) : atPoint(origin.from),
    also: all.filter((one) => one.origin !== origin).map(atElement),
    cures: most === null ? [] : [{ code: "fuse-at", amps: most, wires: first.length, wire: origin, edit: null }],
  };
}

const cavityAt = (point: Point): CavityPoint | null => (point.type === "cavity" ? point : null);

/** Cables between posts, and a short tail from one up to a fuse box. A thinner wire is none of these. */
function isExcepted(model: PowerModel, { origin }: ReachedWire): boolean {
  if (origin.sizeMm2 < CABLE_MM2) return false;
  const [from, to] = [origin.from, origin.to].map((point) => partTypeAt(model, point));
  const isPost = (type: string | null | undefined) => type != null && POSTS.has(type);
  if (isPost(from) && isPost(to)) return true;
  return (from === "fuse-box" || to === "fuse-box") && origin.lengthM <= TAIL_M && !origin.assumed.includes("length");
}

/** The kind of part that a wire ends at. Where cables are joined is a post: what leaves it is judged by itself. */
function partTypeAt({ facts: { harness } }: PowerModel, point: Point): string | null {
  if (point.type === "pole") return "battery";
  if (point.type === "splice") return "splice";
  if (point.type !== "cavity" && point.type !== "open-end") return null;
  // The old starter's cable is a post of its own once its starter has gone.
  if (harness.pinById.get(point.pinId)?.quantity === "start-supply") return "starter";
  return harness.partAt[harness.nodeOfPin.get(point.pinId) ?? -1]?.type ?? null;
}
