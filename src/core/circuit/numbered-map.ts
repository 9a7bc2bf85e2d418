/** Values by name that are kept by number: a map for those who read it, without one having been filled. */
export class NumberedMap<V> implements ReadonlyMap<string, V> {
  constructor(
    private readonly numbers: ReadonlyMap<string, number>,
    private readonly value: (at: number) => V,
  ) {}

  get(key: string): V | undefined {
    const at = this.numbers.get(key);
    return at === undefined ? undefined : this.value(at);
  }

  get size(): number {
    return this.numbers.size;
  }
  has(key: string): boolean {
    return this.numbers.has(key);
  }
  forEach(each: (value: V, key: string, map: ReadonlyMap<string, V>) => void): void {
    for (const [key, at] of this.numbers) each(this.value(at), key, this);
  }
  keys() {
    return this.numbers.keys();
  }
  *entries(): MapIterator<[string, V]> {
    for (const [key, at] of this.numbers) yield [key, this.value(at)];
  }
  *values(): MapIterator<V> {
    for (const at of this.numbers.values()) yield this.value(at);
  }
  [Symbol.iterator]() {
    return this.entries();
  }
}
