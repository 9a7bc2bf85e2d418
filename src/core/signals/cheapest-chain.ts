/** One step of a chain: what it costs, and what the wire carries behind it. */
export interface ChainStep<Carried, Part> {
  readonly part: Part;
  /** Any number above 0; of two chains the one of the smaller sum is the cheaper. */
  readonly cost: number;
  readonly carried: Carried;
}

export interface Chain<Carried, Part> {
  readonly parts: readonly Part[];
  readonly cost: number;
  /** What arrives at the end. */
  readonly carried: Carried;
}

interface Asked<Carried, Part> {
  readonly start: Carried;
  /** Every step that may follow; `before` are the parts that stand already. */
  readonly stepsFrom: (carried: Carried, before: readonly Part[]) => readonly ChainStep<Carried, Part>[];
  readonly isAccepted: (carried: Carried) => boolean;
  /** The same text for what is the same on a wire. */
  readonly keyOf: (carried: Carried) => string;
  /** How many parts a chain may have. */
  readonly mostParts: number;
  /** How many chains are wanted. */
  readonly wanted: number;
}

/**
 * The cheapest chains of adapters from what a provider gives to what a consumer accepts, cheapest first (Dijkstra 1959, carried
 * on to the k cheapest: what is on the wire may be reached `wanted` times by the same others, each time at the next higher
 * price). A chain ends where it is accepted, and comes by nothing twice that it has left already.
 */
export function cheapestChains<Carried, Part>(asked: Asked<Carried, Part>): Chain<Carried, Part>[] {
  const { start, stepsFrom, isAccepted, keyOf, mostParts, wanted } = asked;
  const found: Chain<Carried, Part>[] = [];
  const reached = new Map<string, number>();
  const open: (Chain<Carried, Part> & { readonly keys: readonly string[] })[] = [
    { parts: [], cost: 0, carried: start, keys: [keyOf(start)] },
  ];
  while (open.length > 0 && found.length < wanted) {
    // A few dozen at most: a heap would be no faster.
    const cheapest = open.reduce((best, one, at) => (one.cost < (open[best]?.cost ?? 0) ? at : best), 0);
    const [here] = open.splice(cheapest, 1);
    if (here === undefined) break;
    // Who came by the same, in whatever order, may go on alike.
    const key = JSON.stringify([here.keys.at(-1), here.keys.toSorted()]);
    const times = reached.get(key) ?? 0;
    if (times >= wanted) continue;
    reached.set(key, times + 1);
    if (isAccepted(here.carried)) {
      found.push({ parts: here.parts, cost: here.cost, carried: here.carried });
      continue;
    }
    if (here.parts.length >= mostParts) continue;
    for (const { part, cost, carried } of stepsFrom(here.carried, here.parts)) {
      const next = keyOf(carried);
      if (!here.keys.includes(next))
        open.push({ parts: [...here.parts, part], cost: here.cost + cost, carried, keys: [...here.keys, next] });
    }
  }
  return found;
}
