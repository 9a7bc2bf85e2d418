/**
 * Sparse LDLᵀ of a symmetric matrix whose pattern stays and whose values change: ordered and analysed once, factored many times.
 * After Davis, “Algorithm 849: a concise sparse Cholesky factorization package”, ACM Trans. Math. Softw. 31 (2005); the order
 * is by minimum degree (Tinney & Walker 1967), which leaves the nearly tree-shaped networks of vehicles almost without fill.
 */
export class SparseLdl {
  /** Place of each unknown in the order of elimination, and the unknown at each place. */
  private readonly placeOf: Int32Array;
  private readonly parent: Int32Array;
  private readonly start: Int32Array;
  private readonly rowOf: Int32Array;
  private readonly lower: Float64Array;
  private readonly diagonal: Float64Array;
  /** The matrix in packed columns of its upper triangle, in the order of elimination. */
  private readonly columnStart: Int32Array;
  private readonly columnRow: Int32Array;
  private readonly values: Float64Array;
  private readonly diagonalAt: Int32Array;
  private readonly pairAt: Int32Array;
  private readonly work: Float64Array;
  private readonly pattern: Int32Array;
  private readonly flag: Int32Array;
  private readonly filled: Int32Array;

  /**
   * @param size  unknowns
   * @param pairs the pairs (i, j), i ≠ j, at which the matrix may be other than 0; the same pair may stand several times
   */
  constructor(readonly size: number, pairs: readonly (readonly [number, number])[]) {
    this.placeOf = minimumDegree(size, pairs);
    const columns: number[][] = Array.from({ length: size }, () => []);
    const place = new Map<number, number>();
    for (const [i, j] of pairs) {
      const [a, b] = [this.placeOf[i] as number, this.placeOf[j] as number];
      const [row, column] = a < b ? [a, b] : [b, a];
      const key = row * size + column;
      if (!place.has(key)) {
        place.set(key, -1);
        (columns[column] as number[]).push(row);
      }
    }
    this.columnStart = new Int32Array(size + 1);
    for (let column = 0; column < size; column++) this.columnStart[column + 1] = (this.columnStart[column] as number) + (columns[column] as number[]).length + 1;
    this.columnRow = new Int32Array(this.columnStart[size] as number);
    this.values = new Float64Array(this.columnStart[size] as number);
    this.diagonalAt = new Int32Array(size);
    columns.forEach((rows, column) => {
      let at = this.columnStart[column] as number;
      for (const row of rows) {
        place.set(row * size + column, at);
        this.columnRow[at++] = row;
      }
      this.columnRow[at] = column;
      this.diagonalAt[column] = at;
    });
    this.pairAt = Int32Array.from(pairs, ([i, j]) => {
      const [a, b] = [this.placeOf[i] as number, this.placeOf[j] as number];
      return place.get(Math.min(a, b) * size + Math.max(a, b)) as number;
    });
    this.parent = new Int32Array(size).fill(-1);
    this.flag = new Int32Array(size).fill(-1);
    this.filled = new Int32Array(size);
    this.start = this.analyse();
    this.rowOf = new Int32Array(this.start[size] as number);
    this.lower = new Float64Array(this.start[size] as number);
    this.diagonal = new Float64Array(size);
    this.work = new Float64Array(size);
    this.pattern = new Int32Array(size);
  }

  /** Entries of the factor: what a solution costs. */
  get entries(): number {
    return this.lower.length;
  }

  clear(): void {
    this.values.fill(0);
  }

  /** Adds to a diagonal entry. */
  addDiagonal(unknown: number, value: number): void {
    const at = this.diagonalAt[this.placeOf[unknown] as number] as number;
    this.values[at] = (this.values[at] as number) + value;
  }

  /** Adds to the entry of one of the constructor's pairs, by its place in their list. */
  addPair(pair: number, value: number): void {
    const at = this.pairAt[pair] as number;
    this.values[at] = (this.values[at] as number) + value;
  }

  /** Factors the present values. False where a pivot vanishes or is no number. */
  factor(): boolean {
    const { size, parent, start, rowOf, lower, diagonal, columnStart, columnRow, values, work, pattern, flag, filled } = this;
    filled.fill(0);
    flag.fill(-1);
    for (let k = 0; k < size; k++) {
      work[k] = 0;
      let top = size;
      flag[k] = k;
      for (let at = columnStart[k] as number; at < (columnStart[k + 1] as number); at++) {
        let i = columnRow[at] as number;
        work[i] = (work[i] as number) + (values[at] as number);
        let length = 0;
        for (; flag[i] !== k; i = parent[i] as number) {
          pattern[length++] = i;
          flag[i] = k;
        }
        while (length > 0) pattern[--top] = pattern[--length] as number;
      }
      let pivot = work[k] as number;
      work[k] = 0;
      for (; top < size; top++) {
        const i = pattern[top] as number;
        const y = work[i] as number;
        work[i] = 0;
        const end = (start[i] as number) + (filled[i] as number);
        for (let at = start[i] as number; at < end; at++) work[rowOf[at] as number] = (work[rowOf[at] as number] as number) - (lower[at] as number) * y;
        const l = y / (diagonal[i] as number);
        pivot -= l * y;
        rowOf[end] = k;
        lower[end] = l;
        filled[i] = (filled[i] as number) + 1;
      }
      if (!(Math.abs(pivot) > 1e-300)) return false;
      diagonal[k] = pivot;
    }
    return true;
  }

  /** Solves A·x = b with the last factor; `b` is left as it is. */
  solve(b: Float64Array, x: Float64Array): void {
    const { size, placeOf, start, rowOf, lower, diagonal, filled } = this;
    const y = new Float64Array(size);
    for (let i = 0; i < size; i++) y[placeOf[i] as number] = b[i] as number;
    for (let j = 0; j < size; j++) {
      const value = y[j] as number;
      if (value === 0) continue;
      const end = (start[j] as number) + (filled[j] as number);
      for (let at = start[j] as number; at < end; at++) y[rowOf[at] as number] = (y[rowOf[at] as number] as number) - (lower[at] as number) * value;
    }
    for (let j = 0; j < size; j++) y[j] = (y[j] as number) / (diagonal[j] as number);
    for (let j = size - 1; j >= 0; j--) {
      let value = y[j] as number;
      const end = (start[j] as number) + (filled[j] as number);
      for (let at = start[j] as number; at < end; at++) value -= (lower[at] as number) * (y[rowOf[at] as number] as number);
      y[j] = value;
    }
    for (let i = 0; i < size; i++) x[i] = y[placeOf[i] as number] as number;
  }

  /** Elimination tree and column counts of the factor. */
  private analyse(): Int32Array {
    const { size, parent, flag, columnStart, columnRow } = this;
    const count = new Int32Array(size);
    for (let k = 0; k < size; k++) {
      flag[k] = k;
      for (let at = columnStart[k] as number; at < (columnStart[k + 1] as number); at++) {
        for (let i = columnRow[at] as number; flag[i] !== k; i = parent[i] as number) {
          if (parent[i] === -1) parent[i] = k;
          count[i] = (count[i] as number) + 1;
          flag[i] = k;
        }
      }
    }
    const start = new Int32Array(size + 1);
    for (let k = 0; k < size; k++) start[k + 1] = (start[k] as number) + (count[k] as number);
    return start;
  }
}

/** Each unknown's place in an order that always eliminates one with the fewest neighbours. */
function minimumDegree(size: number, pairs: readonly (readonly [number, number])[]): Int32Array {
  const neighbours: Set<number>[] = Array.from({ length: size }, () => new Set());
  for (const [i, j] of pairs) {
    (neighbours[i] as Set<number>).add(j);
    (neighbours[j] as Set<number>).add(i);
  }
  const placeOf = new Int32Array(size).fill(-1);
  const byDegree: number[][] = [];
  const put = (node: number) => {
    const degree = (neighbours[node] as Set<number>).size;
    byDegree[degree] ??= [];
    (byDegree[degree] as number[]).push(node);
  };
  for (let node = 0; node < size; node++) put(node);
  let least = 0;
  for (let place = 0; place < size; ) {
    const node = byDegree[least]?.pop();
    if (node === undefined) { least += 1; continue; }
    // A node whose degree has changed stands in the lists more than once; only its present degree counts.
    const own = neighbours[node] as Set<number>;
    if (placeOf[node] !== -1 || own.size !== least) continue;
    placeOf[node] = place++;
    const around = [...own];
    for (const one of around) (neighbours[one] as Set<number>).delete(node);
    for (let x = 0; x < around.length; x++) {
      for (let y = x + 1; y < around.length; y++) {
        (neighbours[around[x] as number] as Set<number>).add(around[y] as number);
        (neighbours[around[y] as number] as Set<number>).add(around[x] as number);
      }
    }
    for (const one of around) put(one);
    least = Math.max(0, least - 1);
    own.clear();
  }
  return placeOf;
}
