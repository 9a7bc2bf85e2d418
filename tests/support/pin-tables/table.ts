/** A table written down before it was read, in the form of ../listed-rows.ts. `since`: what must be right of a hundred rows. */
export type HeldOutTable = readonly [name: string, rows: string, atFirstSight: number, since: number];
