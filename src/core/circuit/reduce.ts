import type { NetElement, Netlist } from "./netlist";

type Resistor = Extract<NetElement, { type: "resistor" }>;
type Step =
  /** A resistor that led nowhere: its end has the voltage of where it hangs. */
  | { readonly type: "leaf"; readonly node: string; readonly at: string; readonly element: Resistor }
  /** Two resistors in series in place of which one stands, from the far end of the first to the far end of the second. */
  | { readonly type: "series"; readonly node: string; readonly first: Resistor; readonly second: Resistor; readonly merged: Resistor };

/** Resistances that differ from the netlist's, by element; infinite where it is open. */
export type Overrides = ReadonlyMap<string, number>;
export const NO_OVERRIDES: Overrides = new Map();

/**
 * A netlist without what needs no equations: resistors that lead nowhere, and nodes where just two resistors meet. Looms are mostly
 * that: wire, plug, wire. What is left is solved, and the rest follows from it exactly.
 */
export class Reduction {
  readonly netlist: Pick<Netlist, "reference" | "elements">;
  private readonly steps: readonly Step[];
  private readonly stepOf = new Map<string, Step>();
  /** Of an element that is gone: the step that it went with. */
  private readonly wentWith = new Map<string, Step>();

  constructor({ reference, elements: all }: Pick<Netlist, "reference" | "elements">) {
    const elements = new Map(all.map((element) => [element.id, element]));
    const at = new Map<string, Set<string>>();
    const touch = (node: string, id: string) => { const own = at.get(node); if (own === undefined) at.set(node, new Set([id])); else own.add(id); };
    const fixed = new Set([reference]);
    for (const element of all) {
      if (element.type !== "relay") { touch(element.a, element.id); touch(element.b, element.id); continue; }
      for (const node of [element.coilA, element.coilB, ...element.contacts.flatMap(({ a, b }) => [a, b])]) { touch(node, element.id); fixed.add(node); }
    }
    const steps: Step[] = [];
    const drop = (element: Resistor) => { elements.delete(element.id); at.get(element.a)?.delete(element.id); at.get(element.b)?.delete(element.id); };
    const queue = [...at.keys()];
    for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
      const ids = at.get(node);
      if (ids === undefined || ids.size === 0 || ids.size > 2 || fixed.has(node)) continue;
      const [first, second] = [...ids].map((id) => elements.get(id) as NetElement);
      if (first?.type !== "resistor" || (second !== undefined && second.type !== "resistor")) continue;
      const a = first.a === node ? first.b : first.a;
      if (second === undefined) {
        // A part of its own that is nothing but resistors is left its last one, so that it is still an island.
        if ((at.get(a)?.size ?? 0) < 2) continue;
        drop(first);
        steps.push({ type: "leaf", node, at: a, element: first });
        queue.push(a);
        continue;
      }
      const b = second.a === node ? second.b : second.a;
      // A loop of two resistors hangs like a leaf; it is rare, and solved.
      if (a === b) continue;
      drop(first);
      drop(second);
      const merged: Resistor = { id: `${first.id}#+${second.id}`, type: "resistor", a, b, ohms: first.ohms + second.ohms };
      elements.set(merged.id, merged);
      touch(a, merged.id);
      touch(b, merged.id);
      steps.push({ type: "series", node, first, second, merged });
    }
    this.netlist = { reference, elements: [...elements.values()] };
    this.steps = steps;
    for (const step of steps) {
      this.stepOf.set(step.node, step);
      if (step.type === "leaf") this.wentWith.set(step.element.id, step);
      else { this.wentWith.set(step.first.id, step); this.wentWith.set(step.second.id, step); }
    }
  }

  /** The element of the reduced netlist that an element's change bears, with its resistance then; null where it bears none: it led nowhere. */
  changed(id: string, overrides: Overrides): { readonly id: string; readonly ohms: number } | null {
    const step = this.wentWith.get(id);
    if (step === undefined) { const ohms = overrides.get(id); return ohms === undefined ? null : { id, ohms }; }
    if (step.type === "leaf") return null;
    return this.changed(step.merged.id, overrides) ?? (this.wentWith.has(step.merged.id) ? null : { id: step.merged.id, ohms: this.ohmsOf(step.merged, overrides) });
  }

  private ohmsOf(resistor: Resistor, overrides: Overrides): number {
    if (overrides.size === 0) return resistor.ohms;
    const own = overrides.get(resistor.id);
    if (own !== undefined) return own;
    const step = this.merging.get(resistor.id);
    return step === undefined ? resistor.ohms : this.ohmsOf(step.first, overrides) + this.ohmsOf(step.second, overrides);
  }

  /** The step that made a resistor out of two. */
  private get merging(): ReadonlyMap<string, Extract<Step, { type: "series" }>> {
    this.made ??= new Map(this.steps.flatMap((step) => (step.type === "series" ? [[step.merged.id, step] as const] : [])));
    return this.made;
  }
  private made: Map<string, Extract<Step, { type: "series" }>> | null = null;

  /** Volts of any node, from those of the reduced netlist's; null where it floats. */
  volts(node: string, known: (node: string) => number | null | undefined, overrides: Overrides = NO_OVERRIDES): number | null | undefined {
    const step = this.stepOf.get(node);
    if (step === undefined) return known(node);
    const at = (other: string) => { const there = known(other); return there === undefined ? this.volts(other, known, overrides) : there; };
    if (step.type === "leaf") return this.ohmsOf(step.element, overrides) === Number.POSITIVE_INFINITY ? null : at(step.at);
    const [first, second] = [this.ohmsOf(step.first, overrides), this.ohmsOf(step.second, overrides)];
    if (first === Number.POSITIVE_INFINITY) return second === Number.POSITIVE_INFINITY ? null : at(step.merged.b);
    if (second === Number.POSITIVE_INFINITY) return at(step.merged.a);
    const [a, b] = [at(step.merged.a), at(step.merged.b)];
    return a === null || b === null || a === undefined || b === undefined ? null : a + ((b - a) * first) / (first + second);
  }

  /** Current of any element, from those of the reduced netlist; undefined for one that there is not. */
  amps(id: string, known: (id: string) => number | undefined): number | undefined {
    const step = this.wentWith.get(id);
    if (step === undefined) return known(id);
    if (step.type === "leaf") return 0;
    const { node, first, merged } = step;
    const through = this.amps(merged.id, known);
    if (through === undefined) return undefined;
    return (id === first.id ? first.b === node : step.second.a === node) ? through : -through;
  }

  /** Currents of the elements that are gone, added to those of the reduced netlist; what stood for two is taken out. */
  expandAmps(amps: Map<string, number>): void {
    for (let nth = this.steps.length - 1; nth >= 0; nth--) {
      const step = this.steps[nth] as Step;
      if (step.type === "leaf") { amps.set(step.element.id, 0); continue; }
      const { node, first, second, merged } = step;
      const through = amps.get(merged.id) ?? 0;
      amps.delete(merged.id);
      amps.set(first.id, first.b === node ? through : -through);
      amps.set(second.id, second.a === node ? through : -through);
    }
  }

  /** Volts of all nodes that are gone, added to those of the reduced netlist, and the islands that they float in. */
  expandVolts(volts: Map<string, number | null>, floating: readonly (readonly string[])[], overrides: Overrides): string[][] {
    const islands = floating.map((island) => [...island]);
    const islandOf = new Map(islands.flatMap((island) => island.map((node) => [node, island] as const)));
    const float = (node: string, beside: string) => {
      volts.set(node, null);
      let island = islandOf.get(beside);
      if (island === undefined) { island = []; islands.push(island); }
      island.push(node);
      islandOf.set(node, island);
    };
    for (let nth = this.steps.length - 1; nth >= 0; nth--) {
      const step = this.steps[nth] as Step;
      const value = this.volts(step.node, (node) => volts.get(node), overrides);
      if (value !== null && value !== undefined) volts.set(step.node, value);
      // Beside what it hangs on, unless it is the hanging itself that is open.
      else if (step.type === "leaf") float(step.node, this.ohmsOf(step.element, overrides) === Number.POSITIVE_INFINITY ? "" : step.at);
      else float(step.node, this.ohmsOf(step.first, overrides) === Number.POSITIVE_INFINITY ? (this.ohmsOf(step.second, overrides) === Number.POSITIVE_INFINITY ? "" : step.merged.b) : step.merged.a);
    }
    return islands;
  }
}
