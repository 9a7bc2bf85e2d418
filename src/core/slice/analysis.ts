import { type ConfusablePair, findConfusablePairs, type Shape } from "../compare";
import type { Harness, HarnessEdge, HarnessFacts, HarnessPart, HarnessProblem } from "../harness";
import { buildHarness, endsOf, pointAt } from "../harness";
import type { Point, WireEnds } from "../points";
import { type CircuitOf, circuitOf, type FunctionCircuit } from "./circuit";
import { type Consequences, consequencesOf, type OtherFeed, otherFeeds, type Stop } from "./consequences";
import { findInventory, type InventoryItem } from "./inventory";
import { pathPoints, pathsThrough } from "./paths";
import { type Slice, sliceByChoice } from "./slice";
import {
  type BenchTask,
  benchList,
  goneWires,
  incomplete,
  type LooseEnd,
  looseEnds,
  type TriageFacts,
  type TriageNumbers,
  type TriageRow,
  triage,
} from "./triage";

/** What people have decided, as the report takes it. */
export interface Decisions {
  /** Functions that somebody kept or dropped, by key. */
  readonly functions: readonly (readonly [key: string, kept: boolean])[];
  readonly cuts: readonly TriageFacts[];
  readonly removedConnectors: readonly string[];
  /** Connectors that go to another place, with that place. */
  readonly moved?: readonly (readonly [connectorId: string, place: string])[];
}

export interface ReportRow extends TriageRow {
  readonly ends: WireEnds;
  /** The connector under which it is listed. */
  readonly connectorId: string;
}

/** Everything about the harness that screens show; plain data, so that it can come from a worker. */
export interface HarnessReport {
  readonly rows: readonly ReportRow[];
  readonly numbers: TriageNumbers;
  readonly stops: readonly Stop[];
  readonly functions: readonly {
    readonly key: string;
    readonly name: string;
    readonly set: string;
    readonly kept: boolean;
    /** Whether it is kept where nobody has said. */
    readonly keptByDefault: boolean;
    readonly wires: number;
    readonly unmet: readonly WireEnds[];
  }[];
  readonly bench: readonly { readonly wireId: string; readonly connector: string; readonly task: BenchTask }[];
  readonly looseEnds: readonly LooseEnd[];
  readonly problems: readonly HarnessProblem[];
  readonly inventory: readonly InventoryItem[];
  readonly parts: readonly HarnessPart[];
  /** By cavity: where its wires lead. */
  readonly ends: ReadonlyMap<string, readonly WireEnd[]>;
}

/** Where a wire at a cavity leads: to another cavity, or to a splice with all that is on it. */
export interface WireEnd {
  /** `join`: by a link of the plan. */
  readonly by: "wire" | "mate" | "join";
  readonly to: Point;
  /** Cavities there; at a splice every one of them, this one among them. */
  readonly pinIds: readonly string[];
}

/** What one wire or connector's removal would do, with the ways out and the paths that are in it. */
export interface CutReport extends Consequences {
  readonly feeds: readonly OtherFeed[];
  readonly paths: readonly {
    readonly functionKey: string;
    readonly purpose: string;
    readonly steps: readonly Point[];
  }[];
}

/** Keeps a harness between questions: building it costs more than most answers. */
export class HarnessAnalysis {
  private harness: Harness | null = null;
  private slice: Slice | null = null;
  private ends: ReadonlyMap<string, readonly WireEnd[]> | null = null;
  private chosen = "";

  load(facts: HarnessFacts): void {
    this.harness = buildHarness(facts);
    this.slice = null;
    this.ends = null;
  }

  report({ functions, cuts, removedConnectors, moved = [] }: Decisions): HarnessReport {
    const { harness, slice, keys } = this.sliced(functions);
    const done = triage(harness, slice, cuts, keys, new Map(moved));
    const gone = goneWires(cuts);
    const short = new Map(incomplete(slice.needs, keys).map((need) => [need.def.key, need.unmet]));
    return {
      rows: done.rows.map((row) => ({
        ...row,
        ends: endsOf(harness, row.wire),
        connectorId: harness.pinById.get(row.wire.pinIds[0] ?? "")?.connectorId ?? "",
      })),
      numbers: done.numbers,
      stops: done.stops,
      problems: harness.problems,
      functions: slice.needs.map(({ def, edges }) => ({
        key: def.key,
        name: def.name,
        set: def.set,
        kept: keys.has(def.key),
        keptByDefault: slice.keptByDefault.has(def.key),
        wires: edges.filter((at) => harness.edges[at]?.type === "wire").length,
        unmet: (short.get(def.key) ?? [])
          .slice(0, 6)
          .map((demand): WireEnds => ({ from: pointAt(harness, demand.from), to: pointAt(harness, demand.to) })),
      })),
      bench: benchList(harness, done.rows).map(({ row, connector, task }) => ({
        wireId: row.wire.id,
        connector,
        task,
      })),
      looseEnds: looseEnds(harness, slice, new Set(removedConnectors), gone, keys),
      inventory: findInventory(harness, slice, keys),
      parts: harness.parts,
      ends: this.endsNow(harness),
    };
  }

  /** A circuit, for its drawing. */
  circuit(functions: Decisions["functions"], of: CircuitOf, alsoPinIds: readonly string[]): FunctionCircuit {
    const { harness, slice } = this.sliced(functions);
    return circuitOf(harness, slice, of, alsoPinIds);
  }

  consequences({ functions, cuts }: Decisions, wireIds: readonly string[]): CutReport {
    const { harness, slice, keys } = this.sliced(functions);
    const cut = new Set(wireIds);
    const gone = goneWires(cuts.filter((one) => !cut.has(one.wireId)));
    const told = consequencesOf(harness, slice, cut, gone, keys);
    const [first] = told.stops;
    const edge = harness.wireById.get(wireIds[0] ?? "")?.edge;
    const paths = wireIds.length === 1 && edge !== undefined ? pathsThrough(harness, slice, edge) : [];
    return {
      ...told,
      feeds: first === undefined ? [] : otherFeeds(harness, first, new Set([...gone, ...cut])).slice(0, 12),
      paths: paths.map(({ functionKey, purpose, legs }) => ({
        functionKey,
        purpose,
        steps: pathPoints(harness, legs),
      })),
    };
  }

  confusablePairs(shapes: readonly Shape[]): ConfusablePair[] {
    return this.harness === null
      ? []
      : findConfusablePairs(this.harness, new Map(shapes.map((shape) => [shape.connectorId, shape])));
  }

  private endsNow(harness: Harness): ReadonlyMap<string, readonly WireEnd[]> {
    this.ends ??= wireEndsOf(harness);
    return this.ends;
  }

  private sliced(functions: Decisions["functions"]) {
    if (this.harness === null) throw new Error("load the harness before asking about it");
    const name = functions.join(" ");
    if (this.slice === null || this.chosen !== name) {
      this.slice = sliceByChoice(this.harness, new Map(functions));
      this.chosen = name;
    }
    return { harness: this.harness, slice: this.slice, keys: this.slice.kept };
  }
}

function wireEndsOf(harness: Harness): Map<string, readonly WireEnd[]> {
  const atSplice = new Map<number, string[]>();
  const cavityAt = (at: number) => {
    const node = harness.nodes[at];
    return node?.type === "cavity" || node?.type === "open" ? node.pinId : null;
  };
  const members = (splice: number): string[] => {
    const known = atSplice.get(splice);
    if (known !== undefined) return known;
    const found = (harness.edgesAt[splice] ?? []).flatMap((one) => {
      const edge = harness.edges[one] as HarnessEdge;
      return cavityAt(edge.a === splice ? edge.b : edge.a) ?? [];
    });
    atSplice.set(splice, found);
    return found;
  };
  return new Map(
    [...harness.nodeOfPin].map(([pinId, node]) => [
      pinId,
      (harness.edgesAt[node] ?? []).flatMap((one): WireEnd[] => {
        const edge = harness.edges[one] as HarnessEdge;
        if (edge.type !== "wire" && edge.type !== "mate" && edge.type !== "join") return [];
        const other = edge.a === node ? edge.b : edge.a;
        const kind = harness.nodes[other]?.type;
        if (kind === "splice") return [{ by: edge.type, to: pointAt(harness, other), pinIds: members(other) }];
        if (kind === "open") {
          const joined = (harness.edgesAt[other] ?? []).flatMap((at) => {
            const join = harness.edges[at] as HarnessEdge;
            return join.type === "join" ? (cavityAt(join.a === other ? join.b : join.a) ?? []) : [];
          });
          return [{ by: joined.length > 0 ? "join" : edge.type, to: pointAt(harness, other), pinIds: joined }];
        }
        return [
          {
            by: edge.type,
            to: pointAt(harness, other),
            pinIds: cavityAt(other) === null ? [] : [cavityAt(other) as string],
          },
        ];
      }),
    ]),
  );
}
