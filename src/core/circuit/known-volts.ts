import type { Branches } from "./branches";
import type { Supernodes } from "./supernodes";

/** As many sets of voltages are kept; a network's states and relay steps are a few dozen. */
const MOST = 200;

/** What a set of closed branches is called by. */
export interface Step {
  /** Of the switches' setting. */
  readonly setting: string;
  /** By relay. */
  readonly energised: readonly boolean[];
}

/**
 * Voltages found before, by the state and the relays that they were found for: where the next solution begins. One that
 * begins near its end needs a step or two in place of ten; where it ends does not depend on it.
 */
export class KnownVolts {
  private readonly found = new Map<string, Float64Array>();

  constructor(
    private readonly branches: Branches,
    private readonly supernodes: Supernodes,
  ) {}

  at(name: string): Float64Array | undefined {
    return this.found.get(name);
  }

  keep(name: string, x: Float64Array): void {
    const known = this.found.get(name);
    if (known !== undefined) known.set(x);
    else if (this.found.size < MOST) this.found.set(name, x.slice());
  }

  /**
   * Takes over what was found for a network much like this one: nodes of the same name begin where they stood there.
   */
  follow({ found, branches, supernodes }: KnownVolts): void {
    if (branches.nodes === this.branches.nodes) {
      for (const [name, volts] of found) this.found.set(name, volts.slice());
      return;
    }
    const groupOf = new Map(branches.nodes.map((name, node) => [name, node]));
    const from = new Int32Array(this.supernodes.groups).fill(-1);
    this.branches.nodes.forEach((name, node) => {
      const known = groupOf.get(name);
      if (known !== undefined && this.supernodes.offset[node] === 0 && supernodes.offset[known] === 0)
        from[this.supernodes.group[node] as number] = supernodes.group[known] as number;
    });
    for (const [name, volts] of found) {
      const own = new Float64Array(from.length);
      for (let group = 0; group < own.length; group++) {
        const there = from[group] as number;
        if (there >= 0) own[group] = volts[there] as number;
      }
      this.found.set(name, own);
    }
  }

  /** What a step is called here, and in networks like this one. */
  name({ setting, energised }: Step): string {
    return [
      setting,
      "|",
      ...this.branches.relays.flatMap(({ element }, which) => (energised[which] ? [element.id] : [])),
    ].join("\n");
  }
}
