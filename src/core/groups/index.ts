export { incidence } from "./incidence";

/**
 * Groups of numbered things that are joined two by two (disjoint sets; paths halved as they are followed, Tarjan & van
 * Leeuwen 1984). A group is called by its lowest number, so that what is joined with 0 is in group 0.
 */
export class Groups {
  private readonly parent: Int32Array;

  /** @param from groups to begin with, one a number or as another has them */
  constructor(from: number | Groups) {
    this.parent = typeof from === "number" ? Int32Array.from({ length: from }, (_, at) => at) : from.parent.slice();
  }

  /** The group of one number: the lowest in it. */
  of(one: number): number {
    const { parent } = this;
    let at = one;
    while (parent[at] !== at) at = parent[at] = parent[parent[at] as number] as number;
    return at;
  }

  /** Joins two; false where they were one group already. */
  join(one: number, two: number): boolean {
    const [a, b] = [this.of(one), this.of(two)];
    if (a === b) return false;
    if (a < b) this.parent[b] = a;
    else this.parent[a] = b;
    return true;
  }

  /** Every number in a group of its own again. */
  part(): void {
    for (let at = 0; at < this.parent.length; at++) this.parent[at] = at;
  }

  /** The group of each number. */
  all(): Int32Array {
    const { parent } = this;
    // Parents are lower than their children: those before a number point to their group already.
    for (let at = 0; at < parent.length; at++) parent[at] = parent[parent[at] as number] as number;
    return parent.slice();
  }
}
