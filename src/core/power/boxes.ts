import { continuousAmps } from "../wire";
import { settingValue } from "./settings";
import type { PowerSolution } from "./solve";
import { ampsFrom, spansOfModel } from "./spans";

/** A fuse box against what feeds it. */
export interface BoxRow {
  readonly key: string;
  readonly label: string;
  /** Its fuses together, and what flows through them with everything on, A. */
  readonly fuseAmps: number;
  readonly loadAmps: number;
  /** The wires that bring its feeds: the thinnest, and what it bears and carries, A. Null where none is drawn. */
  readonly feed: { readonly name: string; readonly sizeMm2: number; readonly bearsAmps: number; readonly amps: number } | null;
  readonly holds: boolean;
}

/** Each fuse box with the wire that feeds it: what its fuses let through may be more than the feed bears. */
export function boxTable(solution: PowerSolution): BoxRow[] {
  const { model } = solution;
  const spans = spansOfModel(model);
  const { settings } = model.facts;
  const sideOf = new Map(model.facts.harness.wires.map((wire) => [wire.id, wire.side]));
  return model.facts.harness.parts.filter((part) => part.type === "fuse-box").flatMap((part): BoxRow[] => {
    const fuses = model.pieces.flatMap(({ element, place }) => (element.type === "fuse" && place.type === "part" && place.partId === part.id ? [element] : []));
    if (fuses.length === 0) return [];
    const most = (id: string) => Math.max(...(["run", "running"] as const).map((state) => Math.abs(solution.states.get(state)?.amps.get(id) ?? 0)));
    const feeds = [...new Set(fuses.map((fuse) => fuse.a))].flatMap((node) => (spans.at.get(node) ?? []).flatMap((span) => {
      const { place, name } = span.piece;
      if (place.type !== "wire") return [];
      const ambientC = settingValue(settings, sideOf.get(place.wireId) === "donor" ? "engine-bay-c" : "cabin-c");
      const amps = Math.max(...(["run", "running"] as const).map((state) => -ampsFrom(solution, state, span, node)));
      return [{ name, sizeMm2: place.sizeMm2, bearsAmps: continuousAmps(place.sizeMm2, { ambientC }), amps }];
    }));
    const feed = feeds.toSorted((a, b) => a.bearsAmps - a.amps - (b.bearsAmps - b.amps))[0] ?? null;
    return [{ key: part.id, label: part.label, fuseAmps: fuses.reduce((sum, fuse) => sum + fuse.amps, 0), loadAmps: fuses.reduce((sum, fuse) => sum + most(fuse.id), 0), feed, holds: feed === null || feed.amps <= feed.bearsAmps }];
  });
}
