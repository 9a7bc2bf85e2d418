import { floats } from "../../circuit";
import type { KeyPosition } from "../../state";
import { type KeyCell, type KeyRow, type KeyVerdict, TROUBLE } from "./keys";

/**
 * The cells of a key table alone, row by row and state by state: what a try changes of it. Copied between threads in a
 * tenth of the time that the table itself takes, for nothing of it has to be looked at.
 */
export interface PackedCells {
  /** The states of every row: one that a try leaves without a solution is missing. */
  readonly states: readonly KeyPosition[];
  /** NaN where it floats. */
  readonly volts: Float64Array;
  readonly across: Float64Array;
  /** Place in {@link VERDICTS}, plus that in {@link NEEDED} times {@link NEED}, plus {@link IDLE} where it is idle. */
  readonly code: Uint8Array;
}

const VERDICTS: readonly KeyVerdict[] = ["alive", "dead", "missing", "low", "back-fed", "floating", "also", "untold"];
const NEEDED: readonly (boolean | null)[] = [null, false, true];
const NEED = 8;
const IDLE = 128;

export function packCells(rows: readonly KeyRow[]): PackedCells {
  const cells = rows.flatMap((row) => row.cells);
  return {
    states: rows[0]?.cells.map((cell) => cell.state) ?? [],
    volts: floats(cells, (cell) => cell.volts ?? Number.NaN),
    across: floats(cells, (cell) => cell.across ?? Number.NaN),
    code: Uint8Array.from(
      cells,
      (cell) => VERDICTS.indexOf(cell.verdict) + NEED * NEEDED.indexOf(cell.needed) + (cell.idle ? IDLE : 0),
    ),
  };
}

/**
 * A table with other cells in it.
 *
 * @param rows the table of the plan as it is: a try leaves its rows as they are, whatever becomes of their states
 * @throws RangeError when the cells are not those of such a table
 */
export function unpackCells(rows: readonly KeyRow[], { states, volts, across, code }: PackedCells): KeyRow[] {
  if (rows.length * states.length !== volts.length)
    throw new RangeError(`${volts.length} cells do not fill ${rows.length} rows of ${states.length} states`);
  const known = (value: number) => (Number.isNaN(value) ? null : value);
  return rows.map((row, nth): KeyRow => {
    const cells = states.map((state, which): KeyCell => {
      const at = nth * states.length + which;
      const own = code[at] as number;
      return {
        state,
        volts: known(volts[at] as number),
        across: known(across[at] as number),
        needed: NEEDED[Math.floor((own % IDLE) / NEED)] as boolean | null,
        verdict: VERDICTS[own % NEED] as KeyVerdict,
        idle: own >= IDLE,
      };
    });
    return { ...row, cells, trouble: cells.some((cell) => TROUBLE.has(cell.verdict)) };
  });
}
