import type { NetElement, Netlist } from "./netlist";
import type { Solution } from "./network";

type Resistor = Extract<NetElement, { type: "resistor" }>;
type Step =
  /** A resistor that led nowhere: its end has the voltage of where it hangs. */
  | { readonly type: "leaf"; readonly node: string; readonly at: string; readonly id: string }
  /** Two resistors in series in place of which one stands, from the far end of the first to the far end of the second. */
  | { readonly type: "series"; readonly node: string; readonly first: Resistor; readonly second: Resistor; readonly merged: Resistor };

export interface Reduced {
  readonly netlist: Netlist;
  /** The solution of the whole from that of the reduced netlist. */
  expand(solution: Solution): Solution;
}

/**
 * A netlist without what needs no equations: resistors that lead nowhere and nodes where just two resistors meet. Vehicles' looms are
 * mostly that: wire, plug, wire. What is left is solved, and the rest follows from it exactly.
 *
 * @param kept nodes that are left as they are
 */
export function reduceNetlist(netlist: Netlist, kept: ReadonlySet<string>): Reduced {
  const elements = new Map(netlist.elements.map((element) => [element.id, element]));
  const at = new Map<string, Set<string>>();
  const touch = (node: string, id: string) => { const own = at.get(node); if (own === undefined) at.set(node, new Set([id])); else own.add(id); };
  const fixed = new Set([...kept, netlist.reference]);
  for (const element of netlist.elements) {
    if (element.type !== "relay") { touch(element.a, element.id); touch(element.b, element.id); continue; }
    for (const node of [element.coilA, element.coilB, ...element.contacts.flatMap(({ a, b }) => [a, b])]) { touch(node, element.id); fixed.add(node); }
  }
  const steps: Step[] = [];
  const resistors = (node: string): Resistor[] | null => {
    const own = [...(at.get(node) ?? [])].map((id) => elements.get(id) as NetElement);
    return own.every((element): element is Resistor => element.type === "resistor") ? own : null;
  };
  const drop = (element: Resistor) => { elements.delete(element.id); at.get(element.a)?.delete(element.id); at.get(element.b)?.delete(element.id); };
  const far = (element: Resistor, node: string) => (element.a === node ? element.b : element.a);
  const queue = [...at.keys()];
  let count = 0;
  for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
    const degree = at.get(node)?.size ?? 0;
    if (fixed.has(node) || degree === 0 || degree > 2) continue;
    const own = resistors(node);
    const [first, second] = own ?? [];
    if (first === undefined) continue;
    if (second === undefined) {
      drop(first);
      steps.push({ type: "leaf", node, at: far(first, node), id: first.id });
      queue.push(far(first, node));
      continue;
    }
    const [a, b] = [far(first, node), far(second, node)];
    // A loop of two resistors hangs like a leaf; it is rare, and solved.
    if (a === b) continue;
    drop(first);
    drop(second);
    const merged: Resistor = { id: `series ${count++}`, type: "resistor", a, b, ohms: first.ohms + second.ohms };
    elements.set(merged.id, merged);
    touch(a, merged.id);
    touch(b, merged.id);
    steps.push({ type: "series", node, first, second, merged });
  }
  return { netlist: { ...netlist, elements: [...elements.values()] }, expand: (solution) => expand(solution, steps) };
}

function expand(solution: Solution, steps: readonly Step[]): Solution {
  const volts = new Map(solution.volts);
  const amps = new Map(solution.amps);
  const islandOf = new Map<string, string[]>();
  const floating = solution.floating.map((island) => [...island]);
  for (const island of floating) for (const node of island) islandOf.set(node, island);
  const float = (node: string, beside: string) => {
    volts.set(node, null);
    let island = islandOf.get(beside);
    // A whole part that floats may have been reduced to nothing.
    if (island === undefined) { island = [beside]; floating.push(island); islandOf.set(beside, island); volts.set(beside, null); }
    island.push(node);
    islandOf.set(node, island);
  };
  for (const step of steps.toReversed()) {
    if (step.type === "leaf") {
      const known = volts.get(step.at);
      amps.set(step.id, 0);
      if (known === null || known === undefined) float(step.node, step.at);
      else volts.set(step.node, known);
      continue;
    }
    const { node, first, second, merged } = step;
    const [a, b] = [volts.get(merged.a), volts.get(merged.b)];
    const through = amps.get(merged.id) ?? 0;
    amps.delete(merged.id);
    amps.set(first.id, first.b === node ? through : -through);
    amps.set(second.id, second.a === node ? through : -through);
    if (a === null || b === null || a === undefined || b === undefined) float(node, merged.a);
    else volts.set(node, a + ((b - a) * first.ohms) / merged.ohms);
  }
  return { ...solution, volts, amps, floating };
}
