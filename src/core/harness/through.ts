import type { EdgeType, HarnessEdge } from "./types";

/** Wire only: what carries a signal as it is. */
export const COPPER: ReadonlySet<EdgeType> = new Set(["wire", "mate", "join"]);
/** One piece with a pole: copper, and what inside of parts never opens. */
export const SOLID: ReadonlySet<EdgeType> = new Set(["wire", "mate", "join", "joint", "assumed"]);
/** Copper and what current goes on through; loads and sources are where a demand ends. */
export const CONDUCTS: ReadonlySet<EdgeType> = new Set(["wire", "mate", "join", "joint", "path", "assumed"]);

/** By edge: 1 where it is of one of these types. */
export function letThrough(edges: readonly HarnessEdge[], types: ReadonlySet<EdgeType>): Uint8Array {
  const through = new Uint8Array(edges.length);
  for (let at = 0; at < edges.length; at++) if (types.has((edges[at] as HarnessEdge).type)) through[at] = 1;
  return through;
}
