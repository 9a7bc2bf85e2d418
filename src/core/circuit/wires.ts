import type { Branch, Branches } from "./branches";

/** Resistors that meet end to end, several together. */
export interface Run {
  /** By branch, in their order. */
  readonly members: readonly number[];
  /** Nodes in the middle: nodes[i] lies between members[i] and members[i + 1]. */
  readonly nodes: readonly number[];
}

/** Resistors of a network as they are taken out of it: which of them still meet at each node. */
export class Wires {
  /** Resistors at each node, packed. */
  private readonly start: Int32Array;
  private readonly at: Int32Array;
  /** How many of them are left. */
  private readonly left: Int32Array;
  /** 1 for nodes at which something else ends, too, and for the reference. */
  private readonly fixed: Uint8Array;
  /** 1 for resistors that lead nowhere or are in a chain. */
  private readonly used: Uint8Array;
  /** 1 for nodes at stubs; 2 for such as lie in the middle of a chain. */
  private readonly gone: Uint8Array;

  constructor(private readonly whole: Branches) {
    const { list, nodes } = whole;
    this.left = new Int32Array(nodes.length);
    this.fixed = new Uint8Array(nodes.length);
    this.fixed[0] = 1;
    this.gone = new Uint8Array(nodes.length);
    this.used = new Uint8Array(list.length);
    for (const { element, a, b } of list) {
      if (element.type !== "resistor") {
        this.fixed[a] = 1;
        this.fixed[b] = 1;
        continue;
      }
      this.left[a] = (this.left[a] as number) + 1;
      this.left[b] = (this.left[b] as number) + 1;
    }
    this.start = new Int32Array(nodes.length + 1);
    for (let node = 0; node < nodes.length; node++)
      this.start[node + 1] = (this.start[node] as number) + (this.left[node] as number);
    this.at = new Int32Array(this.start[nodes.length] as number);
    const filled = this.start.slice();
    list.forEach(({ element, a, b }, which) => {
      if (element.type !== "resistor") return;
      for (const node of [a, b]) {
        this.at[filled[node] as number] = which;
        filled[node] = (filled[node] as number) + 1;
      }
    });
  }

  isGone(node: number): boolean {
    return this.gone[node] !== 0;
  }

  /**
   * Takes out resistors that lead nowhere, the outermost first. A part that is nothing but resistors is left its last
   * one, so that it is still an island.
   */
  prune(): { readonly node: number; readonly at: number; readonly by: number }[] {
    const stubs: { node: number; at: number; by: number }[] = [];
    const isTip = (node: number) => this.fixed[node] === 0 && this.left[node] === 1;
    const queue: number[] = [];
    for (let node = 0; node < this.left.length; node++) if (isTip(node)) queue.push(node);
    for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
      if (!isTip(node)) continue;
      const by = this.next(node);
      const at = this.across(by, node);
      if (isTip(at)) continue;
      this.used[by] = 1;
      this.gone[node] = 1;
      this.left[node] = 0;
      this.left[at] = (this.left[at] as number) - 1;
      stubs.push({ node, at, by });
      if (isTip(at)) queue.push(at);
    }
    return stubs;
  }

  /**
   * Resistors that are left and meet end to end, several together. A loop back to where it began stays two branches.
   */
  runs(): Run[] {
    const size = this.left.length;
    for (let node = 0; node < size; node++) if (this.fixed[node] === 0 && this.left[node] === 2) this.gone[node] = 2;
    const runs: Run[] = [];
    for (let node = 0; node < size; node++) if (this.gone[node] === 0) this.runsFrom(node, runs);
    // Rings that nothing else touches keep one of their nodes.
    for (let node = 0; node < size; node++) {
      if (this.gone[node] !== 2 || this.next(node) < 0) continue;
      this.gone[node] = 0;
      this.runsFrom(node, runs);
    }
    return runs;
  }

  private runsFrom(start: number, runs: Run[]): void {
    const end = this.start[start + 1] as number;
    for (let at = this.start[start] as number; at < end; at++) {
      const first = this.at[at] as number;
      if (this.used[first] === 1) continue;
      const members = [first];
      const nodes: number[] = [];
      this.used[first] = 1;
      let node = this.across(first, start);
      while (this.gone[node] === 2) {
        const member = this.next(node);
        this.used[member] = 1;
        members.push(member);
        nodes.push(node);
        node = this.across(member, node);
      }
      if (node === start && nodes.length > 0) {
        this.gone[nodes.pop() as number] = 0;
        members.pop();
      }
      if (nodes.length > 0) runs.push({ members, nodes });
    }
  }

  /** A resistor at a node that is not used yet; −1 where there is none. */
  private next(node: number): number {
    const end = this.start[node + 1] as number;
    for (let at = this.start[node] as number; at < end; at++)
      if (this.used[this.at[at] as number] === 0) return this.at[at] as number;
    return -1;
  }

  private across(which: number, node: number): number {
    const { a, b } = this.whole.list[which] as Branch;
    return a === node ? b : a;
  }
}
