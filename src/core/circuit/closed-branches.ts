import { Groups } from "../groups";
import type { Branch, Branches } from "./branches";
import type { SwitchSetting } from "./setting";

/** Nodes joined by closed branches, by node: the lowest number among those joined, so 0 for the reference's island. */
export type Islands = Int32Array;

/** `island`: nodes that anything closed joins; `solid`: what is closed but diodes. */
export interface Joined {
  readonly island: Islands;
  readonly solid: Islands;
}

/** Which branches are closed in a key state, from one step of the relays to the next, and which nodes they join. */
export class ClosedBranches {
  /** 1 where the branch is there, by branch. */
  readonly closed: Uint8Array;
  /** Nodes joined by what stays as it is while relays move, diodes left out: a forest of parents. */
  private readonly lasting: Groups;
  private readonly blown: readonly number[];
  private readonly contacts: Uint8Array;
  private opened: readonly number[] = [];

  constructor(private readonly branches: Branches) {
    const { list, nodes, relays, fuses } = branches;
    this.closed = new Uint8Array(list.length);
    this.lasting = new Groups(nodes.length);
    this.blown = fuses.filter((at) => {
      const { element } = list[at] as Branch;
      return element.type === "fuse" && element.blown === true;
    });
    this.contacts = new Uint8Array(list.length);
    for (const relay of relays) for (const at of relay.contacts) this.contacts[at] = 1;
  }

  /**
   * Begins with the switches set.
   *
   * @param opened branches that a change has opened
   */
  begin({ isClosed }: SwitchSetting, opened: readonly number[]): void {
    const { closed, contacts, lasting } = this;
    const { list, joins, switches } = this.branches;
    this.opened = opened;
    closed.fill(1);
    for (const at of switches) {
      const { element } = list[at] as Branch;
      if (element.type === "switch" && !isClosed(element)) closed[at] = 0;
    }
    for (const at of this.blown) closed[at] = 0;
    for (const at of opened) closed[at] = 0;
    lasting.part();
    for (let at = 0; at < closed.length; at++)
      if (closed[at] === 1 && joins[at] === 1 && contacts[at] === 0) this.join(lasting, at);
  }

  /** Sets the relays' contacts. */
  step(energised: readonly boolean[]): Joined {
    const { closed } = this;
    const joined = new Groups(this.lasting);
    this.branches.relays.forEach(({ element, contacts }, which) => {
      contacts.forEach((at, nth) => {
        closed[at] =
          (element.contacts[nth]?.when === "energised") === energised[which] && !this.opened.includes(at) ? 1 : 0;
        if (closed[at] === 1) this.join(joined, at);
      });
    });
    const solid = joined.all();
    for (const at of this.branches.diodes) if (closed[at] === 1) this.join(joined, at);
    return { island: joined.all(), solid };
  }

  private join(groups: Groups, at: number): void {
    const branch = this.branches.list[at] as Branch;
    groups.join(branch.a, branch.b);
  }
}
