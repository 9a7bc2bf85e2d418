import type { Harness } from "../harness";
import type { Consequences, Stop } from "./consequences";
import type { FunctionNeed } from "./slice";
import { strapsOf } from "./straps";

/** What returns through the engine's block when the last strap is gone. */
export function strapStops(
  harness: Harness,
  needs: readonly FunctionNeed[],
  before: ReadonlySet<string>,
  after: ReadonlySet<string>,
): Stop[] {
  if (strapsOf(harness, before).edges.length === 0 || strapsOf(harness, after).edges.length > 0) return [];
  const block = { type: "engine-block" } as const;
  return needs.flatMap(({ def, returnsByBlock }): Stop[] =>
    returnsByBlock
      ? [{ functionKey: def.key, purpose: "return", at: block, from: block, to: { type: "pole", pole: "minus" } }]
      : [],
  );
}

/** Straps that had company before the cut and have none after it. */
export function lastStraps(
  harness: Harness,
  needs: readonly FunctionNeed[],
  before: ReadonlySet<string>,
  after: ReadonlySet<string>,
): Consequences["lastWays"] {
  const had = strapsOf(harness, before).single;
  const last = [...strapsOf(harness, after).single].filter((at) => !had.has(at));
  const wires = harness.wires.filter(({ edge }) => last.includes(edge));
  return needs.flatMap(({ def, returnsByBlock }) =>
    returnsByBlock ? wires.map(({ id }) => ({ wireId: id, functionKey: def.key })) : [],
  );
}
