import { continuousAmps } from "../../wire";
import type { NetSpan } from "../model/spans";
import type { WireOrigin } from "../plan-element";
import { ampsFrom, mostAmps } from "../solved/flow";
import type { PowerSolution } from "../types";
import { ambientOf } from "./fuses";

/** States in which all is switched on that may be. */
const EVERYTHING_ON = ["run", "running"] as const;

/** A fuse box against what feeds it. */
export interface BoxRow {
  readonly key: string;
  readonly label: string;
  /** Its fuses together, and what flows through them with everything on, A. */
  readonly fuseAmps: number;
  readonly loadAmps: number;
  /** The wires that bring its feeds: the thinnest, what it is rated for and carries, A. Null where none is drawn. */
  readonly feed: { readonly origin: WireOrigin; readonly ratedAmps: number; readonly amps: number } | null;
  readonly holds: boolean;
}

/** Each fuse box with the wire that feeds it: what its fuses let through may be more than the feed is rated for. */
export function boxTable(solution: PowerSolution): BoxRow[] {
  const { model } = solution;
  const spans = model.spans;
  const fusesOf = new Map<string, { readonly span: NetSpan; readonly amps: number }[]>();
  for (const span of spans.all) {
    const { element, origin } = span.planned;
    if (element.type !== "fuse" || origin.type !== "part") continue;
    const own = fusesOf.get(origin.partId);
    if (own === undefined) fusesOf.set(origin.partId, [{ span, amps: element.amps }]);
    else own.push({ span, amps: element.amps });
  }
  return model.facts.harness.parts
    .filter((part) => part.type === "fuse-box")
    .flatMap((part): BoxRow[] => {
      const fuses = fusesOf.get(part.id) ?? [];
      if (fuses.length === 0) return [];
      const feeds = [...new Set(fuses.map(({ span }) => span.a))].flatMap((node) =>
        (spans.at.get(node) ?? []).flatMap((span) => {
          const { origin } = span.planned;
          if (origin.type !== "wire") return [];
          const ambientC = ambientOf(model, origin.wireId);
          const amps = Math.max(...EVERYTHING_ON.map((state) => -ampsFrom(solution, state, span, node)));
          return [{ origin, ratedAmps: continuousAmps(origin.sizeMm2, { ambientC }), amps }];
        }),
      );
      const feed = feeds.toSorted((a, b) => a.ratedAmps - a.amps - (b.ratedAmps - b.amps))[0] ?? null;
      return [
        {
          key: part.id,
          label: part.label,
          fuseAmps: fuses.reduce((sum, fuse) => sum + fuse.amps, 0),
          loadAmps: fuses.reduce((sum, fuse) => sum + mostAmps(solution, fuse.span, EVERYTHING_ON), 0),
          feed,
          holds: feed === null || feed.amps <= feed.ratedAmps,
        },
      ];
    });
}
