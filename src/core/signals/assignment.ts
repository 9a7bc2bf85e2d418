/**
 * Shares out scarce outputs: to each consumer at most one provider and the other way round, as many as can be served at
 * all, and of those ways the one of least cost. Shortest augmenting paths with potentials (Kuhn 1955, Munkres 1957; in
 * the form of Jonker & Volgenant 1987), n·m·min(n, m) steps.
 *
 * @param costs by consumer and provider; null where the pair cannot be
 * @returns by consumer: the provider's place, or null
 */
export function assign(costs: readonly (readonly (number | null)[])[]): (number | null)[] {
  const consumers = costs.length;
  const providers = costs[0]?.length ?? 0;
  if (consumers === 0 || providers === 0) return costs.map(() => null);
  // To be served by nobody costs more than any number of pairs together, so that all who can be served are.
  const most = costs.flat().reduce<number>((sum, cost) => sum + Math.abs(cost ?? 0), 1);
  const columns = providers + consumers;
  const costAt = (row: number, column: number) => (column < providers ? (costs[row]?.[column] ?? 3 * most) : 2 * most);
  return new Hungarian(consumers, columns, costAt)
    .solve()
    .map((column, row) => (column < providers && costs[row]?.[column] != null ? column : null));
}

/** What an assignment costs, and how many it serves. */
export function costOfAssignment(
  costs: readonly (readonly (number | null)[])[],
  chosen: readonly (number | null)[],
): { readonly served: number; readonly cost: number } {
  const own = chosen.flatMap((column, row) => (column === null ? [] : (costs[row]?.[column] ?? [])));
  return { served: own.length, cost: own.reduce((sum, one) => sum + one, 0) };
}

/** Rows are no more than columns; places count from 1, with 0 for nobody. */
class Hungarian {
  private readonly rowPrice: number[];
  private readonly columnPrice: number[];
  /** By column: the row that has it. */
  private readonly owner: number[];

  constructor(
    private readonly rows: number,
    private readonly columns: number,
    private readonly costAt: (row: number, column: number) => number,
  ) {
    this.rowPrice = new Array<number>(rows + 1).fill(0);
    this.columnPrice = new Array<number>(columns + 1).fill(0);
    this.owner = new Array<number>(columns + 1).fill(0);
  }

  solve(): number[] {
    for (let row = 1; row <= this.rows; row++) this.place(row);
    const chosen = new Array<number>(this.rows).fill(0);
    for (let column = 1; column <= this.columns; column++) {
      const row = this.owner[column] ?? 0;
      if (row > 0) chosen[row - 1] = column - 1;
    }
    return chosen;
  }

  /** The cheapest chain of changes that gives one row more a column. */
  private place(row: number): void {
    const { columns, owner, rowPrice, columnPrice } = this;
    const least = new Array<number>(columns + 1).fill(Number.POSITIVE_INFINITY);
    const from = new Array<number>(columns + 1).fill(0);
    const done = new Array<boolean>(columns + 1).fill(false);
    owner[0] = row;
    let at = 0;
    do {
      done[at] = true;
      const here = owner[at] ?? 0;
      let [step, next] = [Number.POSITIVE_INFINITY, 0];
      for (let column = 1; column <= columns; column++) {
        if (done[column]) continue;
        const cost = this.costAt(here - 1, column - 1) - (rowPrice[here] ?? 0) - (columnPrice[column] ?? 0);
        if (cost < (least[column] ?? 0)) {
          least[column] = cost;
          from[column] = at;
        }
        if ((least[column] ?? 0) < step) [step, next] = [least[column] ?? 0, column];
      }
      for (let column = 0; column <= columns; column++)
        if (done[column]) {
          rowPrice[owner[column] ?? 0] = (rowPrice[owner[column] ?? 0] ?? 0) + step;
          columnPrice[column] = (columnPrice[column] ?? 0) - step;
        } else least[column] = (least[column] ?? 0) - step;
      at = next;
    } while ((owner[at] ?? 0) !== 0);
    while (at !== 0) {
      const before = from[at] ?? 0;
      owner[at] = owner[before] ?? 0;
      at = before;
    }
  }
}
