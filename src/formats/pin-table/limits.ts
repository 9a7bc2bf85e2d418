export const MAX_ROWS = 20_000;
/** Longest text of one cell; the database's columns hold as much. */
export const MAX_CELL = 10_000;
export const MAX_LABEL = 200;
/** Longest header under which a column is kept, with room for a number that tells like ones apart. */
export const MAX_HEADER = 190;
