/**
 * What follows from one object alone is found once for it, and forgotten with it: of a harness, say, which a try leaves
 * as it is.
 */
export function cachedBy<K extends object, V>(find: (of: K) => V): (of: K) => V {
  const known = new WeakMap<K, V>();
  return (of) => {
    const before = known.get(of);
    if (before !== undefined) return before;
    const found = find(of);
    known.set(of, found);
    return found;
  };
}
