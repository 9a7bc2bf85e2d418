/**
 * A small dense system of equations, solved by elimination with row pivots; its room is used again for the next one.
 */
export class SmallLu {
  private readonly matrix: Float64Array;
  private readonly pivotRow: Int32Array;
  private size = 0;

  constructor(most: number) {
    this.matrix = new Float64Array(most * most);
    this.pivotRow = new Int32Array(most);
  }

  /** Begins a matrix of so many rows and columns, each element of which is to be put. */
  begin(size: number): void {
    this.size = size;
  }

  put(row: number, column: number, value: number): void {
    this.matrix[row * this.size + column] = value;
  }

  /**
   * Factors it in its place.
   *
   * @param least the size of a pivot below which the matrix counts as singular
   * @returns whether it is not singular
   */
  factor(least: number): boolean {
    const { matrix, size } = this;
    for (let column = 0; column < size; column++) {
      const best = this.largestBelow(column);
      this.pivotRow[column] = best;
      const pivot = matrix[best * size + column] as number;
      if (!(Math.abs(pivot) > least)) return false;
      if (best !== column) this.swapRows(best, column);
      for (let row = column + 1; row < size; row++) {
        const part = (matrix[row * size + column] as number) / pivot;
        matrix[row * size + column] = part;
        if (part === 0) continue;
        for (let at = column + 1; at < size; at++)
          matrix[row * size + at] = (matrix[row * size + at] as number) - part * (matrix[column * size + at] as number);
      }
    }
    return true;
  }

  /** Solves for a right side, in its place. */
  solve(side: Float64Array): void {
    const { matrix, size } = this;
    for (let row = 0; row < size; row++) {
      const swapped = this.pivotRow[row] as number;
      const value = side[swapped] as number;
      side[swapped] = side[row] as number;
      side[row] = value;
    }
    for (let row = 0; row < size; row++) {
      let value = side[row] as number;
      for (let at = 0; at < row; at++) value -= (matrix[row * size + at] as number) * (side[at] as number);
      side[row] = value;
    }
    for (let row = size - 1; row >= 0; row--) {
      let value = side[row] as number;
      for (let at = row + 1; at < size; at++) value -= (matrix[row * size + at] as number) * (side[at] as number);
      side[row] = value / (matrix[row * size + row] as number);
    }
  }

  private largestBelow(column: number): number {
    const { matrix, size } = this;
    let best = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(matrix[row * size + column] as number) > Math.abs(matrix[best * size + column] as number))
        best = row;
    return best;
  }

  private swapRows(one: number, two: number): void {
    const { matrix, size } = this;
    for (let at = 0; at < size; at++) {
      const kept = matrix[one * size + at] as number;
      matrix[one * size + at] = matrix[two * size + at] as number;
      matrix[two * size + at] = kept;
    }
  }
}
