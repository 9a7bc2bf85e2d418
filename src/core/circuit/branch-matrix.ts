import type { Branch } from "./branches";
import { type Factor, SparseLdl } from "./ldl";
import { integers } from "./packing";

/**
 * The conductance matrix of a network, in its order of elimination: it knows where each branch stands in it. What joins
 * a group with itself, forces a current or is an ideal source is not in it.
 */
export class BranchMatrix {
  private readonly ldl: SparseLdl;
  /** Where a branch stands: at the diagonal of each end, and at their pair; −1 for the reference. */
  private readonly fromSlot: Int32Array;
  private readonly toSlot: Int32Array;
  private readonly pairSlot: Int32Array;

  /**
   * @param from   group at the one end of each branch, the reference being 0; `to` at the other
   * @param groups how many there are, the reference counted
   */
  constructor(list: readonly Branch[], from: Int32Array, to: Int32Array, groups: number) {
    const stamped = integers(list, ({ kind }, at) =>
      kind !== "current" && kind !== "ideal" && from[at] !== to[at] ? 1 : 0,
    );
    const pairs: number[] = [];
    for (let at = 0; at < list.length; at++) if (stamped[at] === 1 && from[at] !== 0 && to[at] !== 0) pairs.push(at);
    const ldl = new SparseLdl(
      groups - 1,
      integers(pairs, (at) => (from[at] as number) - 1),
      integers(pairs, (at) => (to[at] as number) - 1),
    );
    const diagonals = (ends: Int32Array) =>
      integers(list, (_, at) => (stamped[at] === 1 && ends[at] !== 0 ? ldl.diagonal((ends[at] as number) - 1) : -1));
    this.ldl = ldl;
    this.fromSlot = diagonals(from);
    this.toSlot = diagonals(to);
    this.pairSlot = new Int32Array(list.length).fill(-1);
    pairs.forEach((at, nth) => {
      this.pairSlot[at] = ldl.pairSlots[nth] as number;
    });
  }

  clear(): void {
    this.ldl.clear();
  }

  /** Adds a branch's conductance, S. */
  stamp(at: number, siemens: number): void {
    const { ldl } = this;
    const from = this.fromSlot[at] as number;
    const to = this.toSlot[at] as number;
    const pair = this.pairSlot[at] as number;
    if (from >= 0) ldl.add(from, siemens);
    if (to >= 0) ldl.add(to, siemens);
    if (pair >= 0) ldl.add(pair, -siemens);
  }

  /** Adds a conductance from a group to the reference, S. */
  hold(group: number, siemens: number): void {
    this.ldl.add(this.ldl.diagonal(group - 1), siemens);
  }

  /** Null where the matrix is singular. */
  factor(): Factor | null {
    return this.ldl.factor();
  }
}
