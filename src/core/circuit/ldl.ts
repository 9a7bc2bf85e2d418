/**
 * Sparse LDLᵀ of a symmetric matrix whose pattern stays and whose values change: ordered and analysed once, factored
 * many times. After Davis, “Algorithm 849: a concise sparse Cholesky factorization package”, ACM Trans. Math. Softw. 31
 * (2005); the order is by minimum degree (Tinney & Walker 1967), which leaves the nearly tree-shaped networks of
 * vehicles almost without fill.
 */
export class SparseLdl {
  /** Place of each unknown in the order of elimination. */
  private readonly placeOf: Int32Array;
  /**
   * The matrix in packed columns of its upper triangle, in the order of elimination; the diagonal is the last of its
   * column.
   */
  private readonly columnStart: Int32Array;
  private readonly columnRow: Int32Array;
  private readonly values: Float64Array;
  /** Where the entry of each pair stands among the values; for {@link add}. */
  readonly pairSlots: Int32Array;
  /** L in packed columns: where each starts, the rows in it. */
  private readonly start: Int32Array;
  private readonly rowOf: Int32Array;
  /**
   * The columns in which each row of L has an entry, in an order in which they can be eliminated, and where that entry
   * stands.
   */
  private readonly rowStart: Int32Array;
  private readonly rowColumn: Int32Array;
  private readonly rowSlot: Int32Array;
  private readonly work: Float64Array;

  /**
   * @param size unknowns
   * @param i, j pairs i[n] ≠ j[n] at which the matrix may be other than 0; the same pair may stand several times
   */
  constructor(
    readonly size: number,
    i: Int32Array,
    j: Int32Array,
  ) {
    this.placeOf = minimumDegree(size, i, j);
    this.pairSlots = new Int32Array(i.length);
    const columns: number[][] = Array.from({ length: size }, () => []);
    const [low, high] = [new Int32Array(i.length), new Int32Array(i.length)];
    for (let nth = 0; nth < i.length; nth++) {
      const [a, b] = [this.placeOf[i[nth] as number] as number, this.placeOf[j[nth] as number] as number];
      low[nth] = Math.min(a, b);
      high[nth] = Math.max(a, b);
      (columns[high[nth] as number] as number[]).push(nth);
    }
    this.columnStart = new Int32Array(size + 1);
    const rows: number[] = [];
    /** By row: where it stands in the column that is being laid; those of columns before lie lower. */
    const slotOf = new Int32Array(size).fill(-1);
    columns.forEach((pairs, column) => {
      const start = rows.length;
      for (const nth of pairs) {
        const row = low[nth] as number;
        if ((slotOf[row] as number) < start) {
          slotOf[row] = rows.length;
          rows.push(row);
        }
        this.pairSlots[nth] = slotOf[row] as number;
      }
      rows.push(column);
      this.columnStart[column + 1] = rows.length;
    });
    this.columnRow = Int32Array.from(rows);
    this.values = new Float64Array(rows.length);
    ({
      start: this.start,
      rowOf: this.rowOf,
      rowStart: this.rowStart,
      rowColumn: this.rowColumn,
      rowSlot: this.rowSlot,
    } = analyse(size, this.columnStart, this.columnRow));
    this.work = new Float64Array(size);
  }

  /** Where the entry of an unknown and itself stands among the values. */
  diagonal(i: number): number {
    return (this.columnStart[(this.placeOf[i] as number) + 1] as number) - 1;
  }

  /** Entries of the factor: what a solution costs. */
  get entries(): number {
    return this.rowOf.length;
  }

  clear(): void {
    this.values.fill(0);
  }

  add(slot: number, value: number): void {
    this.values[slot] = (this.values[slot] as number) + value;
  }

  /** Factors the present values; null where a pivot vanishes or is no number. */
  factor(): Factor | null {
    const { size, start, rowOf, rowStart, rowColumn, rowSlot, columnStart, columnRow, values, work } = this;
    const lower = new Float64Array(rowOf.length);
    const diagonal = new Float64Array(size);
    for (let k = 0; k < size; k++) {
      const last = (columnStart[k + 1] as number) - 1;
      for (let at = columnStart[k] as number; at < last; at++) work[columnRow[at] as number] = values[at] as number;
      let pivot = values[last] as number;
      const end = rowStart[k + 1] as number;
      for (let place = rowStart[k] as number; place < end; place++) {
        const i = rowColumn[place] as number;
        const y = work[i] as number;
        work[i] = 0;
        const slot = rowSlot[place] as number;
        for (let at = start[i] as number; at < slot; at++)
          work[rowOf[at] as number] = (work[rowOf[at] as number] as number) - (lower[at] as number) * y;
        const l = y / (diagonal[i] as number);
        pivot -= l * y;
        lower[slot] = l;
      }
      if (!(Math.abs(pivot) > 1e-300)) return null;
      diagonal[k] = pivot;
    }
    return new Factor(this.placeOf, start, rowOf, lower, diagonal);
  }
}

/** The pattern of L by the elimination tree (Liu 1990): found once, for it does not depend on values. */
function analyse(size: number, columnStart: Int32Array, columnRow: Int32Array) {
  const parent = new Int32Array(size).fill(-1);
  const seen = new Int32Array(size).fill(-1);
  const rows: number[][] = [];
  const count = new Int32Array(size);
  for (let k = 0; k < size; k++) {
    seen[k] = k;
    let row: number[] = [];
    for (let at = columnStart[k] as number; at < (columnStart[k + 1] as number); at++) {
      const path: number[] = [];
      for (let i = columnRow[at] as number; seen[i] !== k; i = parent[i] as number) {
        if (parent[i] === -1) parent[i] = k;
        path.push(i);
        seen[i] = k;
        count[i] = (count[i] as number) + 1;
      }
      // What lies lower in the tree is eliminated first.
      row = [...path, ...row];
    }
    rows.push(row);
  }
  const start = new Int32Array(size + 1);
  const rowStart = new Int32Array(size + 1);
  for (let k = 0; k < size; k++) {
    start[k + 1] = (start[k] as number) + (count[k] as number);
    rowStart[k + 1] = (rowStart[k] as number) + (rows[k] as number[]).length;
  }
  const filled = Int32Array.from(start);
  const rowOf = new Int32Array(start[size] as number);
  const rowSlot = new Int32Array(rowOf.length);
  rows.forEach((row, k) =>
    row.forEach((i, nth) => {
      const slot = filled[i] as number;
      rowOf[slot] = k;
      rowSlot[(rowStart[k] as number) + nth] = slot;
      filled[i] = slot + 1;
    }),
  );
  return { start, rowOf, rowStart, rowColumn: Int32Array.from(rows.flat()), rowSlot };
}

/** L and D of one factoring, kept as long as someone solves with them. */
export class Factor {
  private readonly y: Float64Array;

  constructor(
    private readonly placeOf: Int32Array,
    private readonly start: Int32Array,
    private readonly rowOf: Int32Array,
    private readonly lower: Float64Array,
    private readonly diagonal: Float64Array,
  ) {
    this.y = new Float64Array(diagonal.length);
  }

  /**
   * (eᵢ − eⱼ)ᵀ·A⁻¹·(eᵢ − eⱼ), what a unit current from i to j sees: Σ y²/d with L·y = eᵢ − eⱼ, for which nothing needs to
   * be solved backward.
   *
   * @param i, j unknowns; −1 for the reference
   */
  between(i: number, j: number): number {
    const { diagonal, y } = this;
    let sum = 0;
    for (let k = this.forwardUnit(i, j); k < y.length; k++) {
      const value = y[k] as number;
      if (value !== 0) sum += value ** 2 / (diagonal[k] as number);
    }
    return sum;
  }

  /** Solves A·x = eᵢ − eⱼ; −1 for the reference. */
  solveUnit(i: number, j: number, x: Float64Array): void {
    const { diagonal, y } = this;
    for (let k = this.forwardUnit(i, j); k < y.length; k++) y[k] = (y[k] as number) / (diagonal[k] as number);
    this.backward(x);
  }

  /** L·y = eᵢ − eⱼ, into y; returns the first place at which that is not 0. */
  private forwardUnit(i: number, j: number): number {
    const { placeOf, start, rowOf, lower, y } = this;
    const [a, b] = [i < 0 ? y.length : (placeOf[i] as number), j < 0 ? y.length : (placeOf[j] as number)];
    y.fill(0);
    if (i >= 0) y[a] = 1;
    if (j >= 0) y[b] = (y[b] as number) - 1;
    const first = Math.min(a, b);
    for (let k = first; k < y.length; k++) {
      const value = y[k] as number;
      if (value === 0) continue;
      const end = start[k + 1] as number;
      for (let at = start[k] as number; at < end; at++)
        y[rowOf[at] as number] = (y[rowOf[at] as number] as number) - (lower[at] as number) * value;
    }
    return first;
  }

  /** Solves A·x = b; `b` is left as it is, and may be `x`. */
  solve(b: Float64Array, x: Float64Array): void {
    const { placeOf, start, rowOf, lower, diagonal, y } = this;
    const size = diagonal.length;
    for (let i = 0; i < size; i++) y[placeOf[i] as number] = b[i] as number;
    for (let j = 0; j < size; j++) {
      const value = y[j] as number;
      if (value === 0) continue;
      const end = start[j + 1] as number;
      for (let at = start[j] as number; at < end; at++)
        y[rowOf[at] as number] = (y[rowOf[at] as number] as number) - (lower[at] as number) * value;
      y[j] = value / (diagonal[j] as number);
    }
    this.backward(x);
  }

  /** Lᵀ·x = y. */
  private backward(x: Float64Array): void {
    const { placeOf, start, rowOf, lower, y } = this;
    const size = y.length;
    for (let j = size - 1; j >= 0; j--) {
      let value = y[j] as number;
      const end = start[j + 1] as number;
      for (let at = start[j] as number; at < end; at++)
        value -= (lower[at] as number) * (y[rowOf[at] as number] as number);
      y[j] = value;
    }
    for (let i = 0; i < size; i++) x[i] = y[placeOf[i] as number] as number;
  }
}

/** Each unknown's place in an order that always eliminates one with the fewest neighbours. */
function minimumDegree(size: number, i: Int32Array, j: Int32Array): Int32Array {
  const neighbours: Set<number>[] = Array.from({ length: size }, () => new Set());
  for (let nth = 0; nth < i.length; nth++) {
    (neighbours[i[nth] as number] as Set<number>).add(j[nth] as number);
    (neighbours[j[nth] as number] as Set<number>).add(i[nth] as number);
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
    if (node === undefined) {
      least += 1;
      continue;
    }
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

/** Takes a step off the voltages of groups 1 … n; returns the largest part of it, NaN where one is no number. */
export function take(x: Float64Array, step: Float64Array): number {
  let least = 0;
  let most = 0;
  let sum = 0;
  for (let at = 0; at < step.length; at++) {
    const value = step[at] as number;
    x[at + 1] = (x[at + 1] as number) - value;
    if (value < least) least = value;
    if (value > most) most = value;
    sum += value;
  }
  return Number.isNaN(sum) ? sum : Math.max(most, -least);
}
