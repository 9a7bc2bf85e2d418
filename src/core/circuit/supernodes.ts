import type { Branch, Branches } from "./branches";
import type { NetlistFault } from "./netlist";

/**
 * Nodes that ideal sources tie together move as one: a group, and each node's voltage above its group's, V. The
 * reference's group is 0.
 */
export interface Supernodes {
  readonly group: Int32Array;
  readonly offset: Float64Array;
  readonly groups: number;
}

/** Ties nodes by their ideal sources; a loop of such sources has no solution, or any. */
export function findSupernodes({ nodes, list }: Branches): Supernodes | NetlistFault {
  const ideal = list.filter((branch) => branch.kind === "ideal");
  const group = new Int32Array(nodes.length).fill(-1);
  const offset = new Float64Array(nodes.length);
  const at = new Map<number, Branch[]>();
  for (const branch of ideal) for (const end of [branch.a, branch.b]) at.set(end, [...(at.get(end) ?? []), branch]);
  let groups = 0;
  for (let start = 0; start < nodes.length; start++) {
    if (group[start] !== -1) continue;
    group[start] = groups;
    const queue = [start];
    const used = new Set<Branch>();
    for (let one = queue.pop(); one !== undefined; one = queue.pop()) {
      for (const branch of at.get(one) ?? []) {
        if (used.has(branch)) continue;
        used.add(branch);
        const other = branch.a === one ? branch.b : branch.a;
        if (group[other] !== -1)
          return {
            code: "source-loop",
            element: branch.name,
          };
        group[other] = groups;
        offset[other] = (offset[one] as number) + (branch.a === one ? -branch.emf : branch.emf);
        queue.push(other);
      }
    }
    groups += 1;
  }
  return { group, offset, groups };
}

/**
 * Currents of ideal sources, written into `amps`: what their nodes still lack of Kirchhoff's law, leaf by leaf of the
 * trees that such sources form. A tree that holds the reference is gathered towards it, for the reference lacks
 * whatever the others give.
 */
export function idealCurrents({ nodes, list, sources }: Branches, amps: Float64Array): void {
  const ideal = sources.filter((at) => (list[at] as Branch).kind === "ideal");
  if (ideal.length === 0) return;
  const lack = new Float64Array(nodes.length);
  list.forEach(({ a, b }, at) => {
    lack[a] = (lack[a] as number) + (amps[at] as number);
    lack[b] = (lack[b] as number) - (amps[at] as number);
  });
  const at = new Map<number, Set<number>>();
  for (const one of ideal)
    for (const end of [(list[one] as Branch).a, (list[one] as Branch).b])
      at.set(end, (at.get(end) ?? new Set()).add(one));
  const leaves = [...at].filter(([node, own]) => own.size === 1 && node !== 0).map(([node]) => node);
  for (let node = leaves.pop(); node !== undefined; node = leaves.pop()) {
    const [one] = at.get(node) ?? [];
    if (one === undefined) continue;
    const { a, b } = list[one] as Branch;
    const through = node === a ? -(lack[a] as number) : (lack[b] as number);
    amps[one] = through;
    lack[a] = (lack[a] as number) + through;
    lack[b] = (lack[b] as number) - through;
    const other = node === a ? b : a;
    at.get(node)?.delete(one);
    at.get(other)?.delete(one);
    if (at.get(other)?.size === 1 && other !== 0) leaves.push(other);
  }
}
