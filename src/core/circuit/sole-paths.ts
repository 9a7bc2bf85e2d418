import { incidence } from "../groups";

/**
 * The branches that are the only path to a part of a network, seen from its reference: its bridges (Tarjan, “A note on
 * finding the bridges of a graph”, Information Processing Letters 2, 1974). What lies behind one stands in a row in the
 * order in which a walk in depth meets the groups.
 */
export class SolePaths {
  /** By group: its place in the walk; and the last place of those behind it. */
  private readonly place: Int32Array;
  private readonly lastBehind: Int32Array;
  /** By branch: the group behind it, or −1 for one that is not the only path. */
  private readonly behind: Int32Array;

  /**
   * @param groups their number; the reference is 0
   * @param from, to ends of each branch
   * @param closed 1 where the branch is there
   */
  constructor(groups: number, from: Int32Array, to: Int32Array, closed: Uint8Array) {
    const { first, edgeAt } = incidence(groups, from, to);
    const [place, low, last] = [0, 1, 2].map(() => new Int32Array(groups).fill(-1)) as [
      Int32Array,
      Int32Array,
      Int32Array,
    ];
    const cursor = first.slice(0, groups);
    const entry = new Int32Array(groups).fill(-1);
    this.behind = new Int32Array(from.length).fill(-1);
    let met = 0;
    for (let start = 0; start < groups; start++) {
      if (place[start] !== -1) continue;
      const way = [start];
      place[start] = low[start] = met++;
      while (way.length > 0) {
        const at = way[way.length - 1] as number;
        const next = cursor[at] as number;
        if (next < (first[at + 1] as number)) {
          cursor[at] = next + 1;
          const branch = edgeAt[next] as number;
          const other = (from[branch] === at ? to[branch] : from[branch]) as number;
          if (closed[branch] === 0 || branch === entry[at] || other === at) continue;
          if (place[other] === -1) {
            place[other] = low[other] = met++;
            entry[other] = branch;
            way.push(other);
          } else low[at] = Math.min(low[at] as number, place[other] as number);
          continue;
        }
        way.pop();
        last[at] = met - 1;
        const above = way[way.length - 1];
        if (above === undefined) continue;
        low[above] = Math.min(low[above] as number, low[at] as number);
        if ((low[at] as number) > (place[above] as number)) this.behind[entry[at] as number] = at;
      }
    }
    this.place = place;
    this.lastBehind = last;
  }

  /** Whether a branch is the only path to a part. */
  has(branch: number): boolean {
    return this.behind[branch] !== -1;
  }

  /** Whether a group is in the part to which a branch is the only path. */
  leadsTo(branch: number, group: number): boolean {
    const root = this.behind[branch] as number;
    if (root === -1) return false;
    const at = this.place[group] as number;
    return at >= (this.place[root] as number) && at <= (this.lastBehind[root] as number);
  }
}
