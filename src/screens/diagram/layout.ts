import type { ElkExtendedEdge, ElkNode } from "elkjs/lib/elk-api";
import type { CircuitPart, CircuitRun, FunctionCircuit } from "@/core/slice";

/** A link of the plan as the drawing shows it: decided, or only proposed. */
export interface DrawnLink {
  readonly id: string;
  /** Ids of the cavities at its ends. */
  readonly from: string;
  readonly to: string;
  /** Its adapters in words; empty where a wire alone joins the two. */
  readonly chain: string;
  readonly isDecided: boolean;
}

export interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly boxes: readonly DrawnBox[];
  readonly lines: readonly DrawnLine[];
}

export interface DrawnBox {
  readonly id: string;
  /** `joint`: where a link joins the ends of two wires; `open`: an end of which nobody knows where it goes. */
  readonly type: "part" | "splice" | "ground" | "open" | "joint" | "adapter";
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly part: CircuitPart | null;
  /** Lines of text inside. */
  readonly text: readonly string[];
  readonly ports: readonly {
    readonly pinId: string;
    readonly cavity: string;
    readonly x: number;
    readonly y: number;
    readonly isTop: boolean;
    /** What is written at it stands a line further out: the one beside it is too near. */
    readonly isFurther: boolean;
  }[];
}

export interface DrawnLine {
  readonly id: string;
  readonly points: readonly (readonly [x: number, y: number])[];
  readonly run: CircuitRun | null;
  /** Of a link: new copper. */
  readonly link: DrawnLink | null;
  readonly label: { readonly text: string; readonly x: number; readonly y: number } | null;
}

/** Room above and below a part's name, for the labels of its cavities. */
const INSIDE = 44;
const CHAR = 7.9;
const LINE = 18;
const textWidth = (text: string) => text.length * CHAR;

/** A circuit of more is no drawing that anyone reads, and takes seconds to lay out. */
export const MOST_PARTS = 60;

/** With more runs the narrower placing takes longer than anyone waits (30 parts to be drawn within half a second). */
const MOST_RUNS_PACKED = 40;
/** The narrowest drawing: the shortest runs together (network simplex), in time that grows fast with their number. */
const PACKED = { "elk.layered.nodePlacement.strategy": "NETWORK_SIMPLEX" } as const;
/** A third of its time and some 20 % wider, with no more crossings (Brandes & Köpf 2002). */
const QUICKLY = {
  "elk.layered.nodePlacement.strategy": "BRANDES_KOEPF",
  "elk.layered.nodePlacement.bk.fixedAlignment": "BALANCED",
} as const;

/** Words on a run: colour, size, length. */
export type RunText = (run: CircuitRun) => string;
/** Words inside of a part. */
export type PartText = (part: CircuitPart) => readonly string[];

/**
 * The graph to be laid out: battery first and grounds last, so that current runs from top to bottom; wires orthogonal,
 * with room for what is written on each.
 *
 * @param hasAmps a second line is written on each wire
 */
export function circuitGraph(
  circuit: FunctionCircuit,
  links: readonly DrawnLink[],
  runText: RunText,
  partText: PartText,
  hasAmps = false,
): ElkNode {
  const cavities = new Set(circuit.parts.flatMap(({ cavities }) => cavities.map(({ pinId }) => `pin:${pinId}`)));
  const ends = wireEnds(circuit);
  const shown = links
    .filter(({ from, to }) => cavities.has(`pin:${from}`) && cavities.has(`pin:${to}`))
    .map((link) => ({ ...link, from: ends(link.from), to: ends(link.to) }));
  const between = new Set(shown.map(({ from, to }) => [from, to].toSorted().join(" ")));
  // A decided link is in the harness as copper; here it stands with its adapters.
  const runs = circuit.runs.filter(
    (run) => run.type !== "join" || run.id.startsWith("case:") || !between.has([run.from, run.to].toSorted().join(" ")),
  );
  // Edges lead from what stands above to what stands below, whichever way current is told to go.
  const rank = rankOf(circuit);
  const downward = (id: string, from: string, to: string, text: string, rows = 1) =>
    rank(from) <= rank(to) ? edge(id, from, to, text, rows) : edge(id, to, from, text, rows);
  const adapters = shown.filter(({ chain }) => chain !== "");
  const cases = runs.filter(({ to }) => to.startsWith("case:"));
  const edges = [
    ...runs.map((run) => downward(run.id, run.from, run.to, runText(run), hasAmps && run.wire !== null ? 2 : 1)),
    ...shown.flatMap(({ id, from, to, chain }) =>
      chain === ""
        ? [downward(`link:${id}`, from, to, NEW)]
        : [downward(`link:${id}`, from, `adapter:${id}`, NEW), downward(`link:${id} `, `adapter:${id}`, to, "")],
    ),
  ];
  const passed = passedThrough(edges, circuit);
  return {
    id: "root",
    layoutOptions: {
      "elk.algorithm": "layered",
      "elk.direction": "DOWN",
      "elk.partitioning.activate": "true",
      "elk.edgeRouting": "ORTHOGONAL",
      "elk.spacing.nodeNode": "36",
      "elk.spacing.edgeNode": "20",
      "elk.spacing.edgeEdge": "18",
      "elk.layered.spacing.nodeNodeBetweenLayers": "42",
      "elk.layered.spacing.edgeNodeBetweenLayers": "18",
      ...(runs.length > MOST_RUNS_PACKED ? QUICKLY : PACKED),
      "elk.layered.thoroughness": "3",
      // It throws on some graphs with orthogonal edges (elkjs 0.12: every second function of the large sample).
      "elk.layered.crossingMinimization.greedySwitch.type": "OFF",
      "elk.edgeLabels.inline": "false",
      "elk.padding": "[top=12,left=12,bottom=12,right=12]",
    },
    children: [
      ...circuit.parts.map((part) => partNode(part, partText(part), rank(`pin:${part.cavities[0]?.pinId}`), passed)),
      ...circuit.splices.map(({ id }) => ({ id, width: 10, height: 10, layoutOptions: partition(1) })),
      ...circuit.opens.map((id) => ({ id, width: 12, height: 12, layoutOptions: partition(1) })),
      ...cases.map(({ to }) => ({ id: to, width: 34, height: 26, layoutOptions: partition(2) })),
      ...adapters.map(({ id, chain }) => {
        const lines = wrapped(chain);
        return {
          id: `adapter:${id}`,
          width: 20 + Math.max(...lines.map(textWidth)),
          height: 14 + LINE * lines.length,
          layoutOptions: partition(1),
        };
      }),
    ],
    edges: edges.map((one) => ({
      ...one,
      sources: one.sources.map((end) => (passed.has(end) ? `${end}${BELOW}` : end)),
    })),
  };
}

/** The lower of the two places at which a cavity is drawn where wires come to it from above and go on below. */
const BELOW = "~below";

/**
 * Cavities to which some runs lead and from which others lead on, as in a half of an in-line connector: with one place for
 * both the layout leads wires round the part, and through it. A stud is one point.
 */
function passedThrough(edges: readonly ElkExtendedEdge[], { parts }: FunctionCircuit): ReadonlySet<string> {
  const reached = new Set(edges.flatMap(({ targets }) => targets));
  const cavities = new Set(
    parts.flatMap((part) => (part.type === "ground-stud" ? [] : part.cavities.map(({ pinId }) => `pin:${pinId}`))),
  );
  return new Set(edges.flatMap(({ sources }) => sources).filter((end) => cavities.has(end) && reached.has(end)));
}

/** 0 for what stands first, 2 for what stands last, 1 between. */
function rankOf({ parts }: FunctionCircuit): (end: string) => 0 | 1 | 2 {
  const ranks = new Map<string, 0 | 1 | 2>();
  for (const { type, cavities } of parts)
    if (type === "battery" || type === "ground-stud")
      for (const { pinId } of cavities) ranks.set(`pin:${pinId}`, type === "battery" ? 0 : 2);
  return (end) => (end.startsWith("case:") ? 2 : (ranks.get(end) ?? 1));
}

/** Where a link meets a cavity: at the end of the wire that leads there, where it has one. */
function wireEnds({ runs }: FunctionCircuit): (pinId: string) => string {
  const open = new Map(
    runs.flatMap(({ type, from, to }) =>
      type !== "wire"
        ? []
        : to.startsWith("open:")
          ? [[from, to] as const]
          : from.startsWith("open:")
            ? [[to, from] as const]
            : [],
    ),
  );
  return (pinId) => open.get(`pin:${pinId}`) ?? `pin:${pinId}`;
}

/** What is written on copper that is not there yet. */
const NEW = "new";
/** Nothing of a partition stands above anything of one before it. */
const partition = (rank: 0 | 1 | 2) => ({ "elk.partitioning.partition": String(rank) });

const edge = (id: string, from: string, to: string, text: string, rows = 1): ElkExtendedEdge => ({
  id,
  sources: [from],
  targets: [to],
  ...(text === "" ? {} : { labels: [{ id: `${id} text`, text, width: textWidth(text) + 6, height: rows * LINE }] }),
});

function partNode(part: CircuitPart, text: readonly string[], rank: 0 | 1 | 2, passed: ReadonlySet<string>): ElkNode {
  const width = Math.max(...text.map(textWidth), part.cavities.length * 34) + 22;
  return {
    id: part.id,
    width,
    height: INSIDE + LINE * text.length,
    ports: part.cavities.flatMap(({ pinId, cavity }) =>
      (passed.has(`pin:${pinId}`) ? ["", BELOW] : [""]).map((place) => ({
        id: `pin:${pinId}${place}`,
        width: 8,
        height: 8,
        labels: [{ id: `port ${pinId}${place}`, text: cavity, width: textWidth(cavity), height: LINE }],
      })),
    ),
    layoutOptions: {
      "elk.portConstraints": "FREE",
      "elk.portLabels.placement": "[INSIDE]",
      "elk.nodeSize.constraints": "[MINIMUM_SIZE, PORTS, PORT_LABELS]",
      "elk.nodeSize.minimum": `(${width},${INSIDE + LINE * text.length})`,
      "elk.spacing.portPort": "52",
      ...partition(rank),
    },
  };
}

/** A chain of adapters a line each. */
const wrapped = (chain: string): string[] =>
  chain.split(", then ").flatMap((one) => one.match(/.{1,28}(?:\s|$)/g) ?? [one]);

const isJoin = (id: string, runById: ReadonlyMap<string, CircuitRun>) =>
  id.startsWith("link:") || runById.get(id)?.type === "join";

/** From the middle of a ground's sign to its name, and what is left behind it, px. */
const GROUND_NAME_GAP = 28;

/** Room for volts beside a cavity, px. */
const VOLTS_WIDTH = 66;

/** Of cavities so near each other that what is written at them would overlap, every second one is written further out. */
function staggered<P extends { readonly x: number; readonly isTop: boolean }>(
  ports: readonly P[],
): (P & { readonly isFurther: boolean })[] {
  const further = new Set<P>();
  for (const isTop of [true, false]) {
    const side = ports.filter((port) => port.isTop === isTop).toSorted((a, b) => a.x - b.x);
    for (const [at, port] of side.entries()) {
      const before = side[at - 1];
      if (before !== undefined && port.x - before.x < VOLTS_WIDTH && !further.has(before)) further.add(port);
    }
  }
  return ports.map((port) => ({ ...port, isFurther: further.has(port) }));
}

/** What was laid out, as it is drawn. */
export function drawnCircuit(
  laid: ElkNode,
  circuit: FunctionCircuit,
  links: readonly DrawnLink[],
  partText: PartText,
): Drawn {
  const partById = new Map(circuit.parts.map((part) => [part.id, part]));
  const runById = new Map(circuit.runs.map((run) => [run.id, run]));
  const linkById = new Map(links.map((link) => [link.id, link]));
  const joined = new Set(
    (laid.edges ?? []).flatMap(({ id, sources, targets }) => (isJoin(id, runById) ? [...sources, ...targets] : [])),
  );
  const boxes = (laid.children ?? []).map((node): DrawnBox => {
    const { id, x = 0, y = 0, width = 0, height = 0 } = node;
    const part = partById.get(id) ?? null;
    const adapter = linkById.get(id.replace(/^adapter:/, ""));
    const cavityOf = new Map(part?.cavities.map(({ pinId, cavity }) => [`pin:${pinId}`, cavity]));
    return {
      id,
      type:
        part !== null
          ? part.type === "ground-stud"
            ? "ground"
            : "part"
          : id.startsWith("case:")
            ? "ground"
            : id.startsWith("adapter:")
              ? "adapter"
              : id.startsWith("open:")
                ? joined.has(id)
                  ? "joint"
                  : "open"
                : "splice",
      x,
      y,
      width,
      height,
      part,
      text: part !== null ? partText(part) : adapter === undefined ? [] : wrapped(adapter.chain),
      ports: staggered(
        (node.ports ?? []).map((port) => ({
          pinId: port.id.slice("pin:".length).replace(BELOW, ""),
          cavity: cavityOf.get(port.id.replace(BELOW, "")) ?? "",
          x: x + (port.x ?? 0) + (port.width ?? 0) / 2,
          y: y + (port.y ?? 0) + (port.height ?? 0) / 2,
          isTop: (port.y ?? 0) <= 0,
        })),
      ),
    };
  });
  const lines = (laid.edges ?? []).flatMap((one): DrawnLine[] => {
    const [section] = one.sections ?? [];
    if (section === undefined) return [];
    const [label] = one.labels ?? [];
    return [
      {
        id: one.id,
        points: [section.startPoint, ...(section.bendPoints ?? []), section.endPoint].map(
          ({ x, y }) => [x, y] as const,
        ),
        run: runById.get(one.id) ?? null,
        link: linkById.get(one.id.trim().replace(/^link:/, "")) ?? null,
        label: label === undefined ? null : { text: label.text ?? "", x: label.x ?? 0, y: label.y ?? 0 },
      },
    ];
  });
  // A ground's name stands beside its sign, past what was laid out.
  const named = boxes.flatMap(({ type, x, width, text, ports }) =>
    type === "ground" ? [(ports[0]?.x ?? x + width / 2) + GROUND_NAME_GAP + textWidth(text.join(" "))] : [],
  );
  return { width: Math.max(laid.width ?? 0, ...named), height: laid.height ?? 0, boxes, lines };
}
