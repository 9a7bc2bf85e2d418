/** A map of which most values are reckoned when they are asked for, and all when it is gone through. */
export class LateMap<V> implements ReadonlyMap<string, V> {
  private whole = false;

  /**
   * @param known    what is known; it is filled in
   * @param find     the value of a key that is not known yet; undefined where there is none
   * @param complete fills in all that is missing
   */
  constructor(private readonly known: Map<string, V>, private readonly find: (key: string) => V | undefined, private readonly complete: (known: Map<string, V>) => void) {}

  get(key: string): V | undefined {
    const known = this.known.get(key);
    if (known !== undefined || this.whole) return known;
    const found = this.find(key);
    if (found !== undefined) this.known.set(key, found);
    return found;
  }

  private all(): Map<string, V> {
    if (!this.whole) { this.complete(this.known); this.whole = true; }
    return this.known;
  }

  get size(): number { return this.all().size; }
  has(key: string): boolean { return this.get(key) !== undefined; }
  forEach(each: (value: V, key: string, map: ReadonlyMap<string, V>) => void): void { for (const [key, value] of this.all()) each(value, key, this); }
  entries() { return this.all().entries(); }
  keys() { return this.all().keys(); }
  values() { return this.all().values(); }
  [Symbol.iterator]() { return this.all()[Symbol.iterator](); }
}
