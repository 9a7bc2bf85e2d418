/** Sizes that wire for vehicles is made in: mm² (ISO 6722-1, and what went before), and even AWG numbers with their odd neighbours in use. */
const USUAL_MM2: ReadonlySet<number> = new Set([
  0.08, 0.13, 0.14, 0.17, 0.2, 0.22, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6, 0.7, 0.75, 0.8, 0.85, 1, 1.2, 1.25, 1.5, 2, 2.5, 3,
  3.5, 4, 4.5, 5, 6, 7, 8, 8.5, 10, 12, 15, 16, 20, 25, 30, 35, 40, 50, 60, 70, 85, 95, 100, 120,
]);
const USUAL_AWG: ReadonlySet<number> = new Set([
  0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 18, 19, 20, 21, 22, 24, 26, 28, 30,
]);

/**
 * A bare number that is no usual size in its column's unit, with what it may be instead; null for one that is, or that
 * says its own unit.
 *
 * @param unit `awg` or `mm2`, the column's
 */
export function oddSize(written: string, unit: string | null): string | null {
  const text = written.trim().replace(",", ".");
  if (!/^\d*\.?\d+$/.test(text)) return null;
  const value = Number(text);
  const isGauge = Number.isInteger(value) && USUAL_AWG.has(value);
  // Under a head that says gauges a number with a decimal point is mm² all the same (contracts/pin-table.md).
  if (unit === "awg") {
    if (Number.isInteger(value)) return isGauge ? null : "a gauge that wire is made in";
    return USUAL_MM2.has(value) ? null : "a gauge, or a size in mm² that wire is made in";
  }
  if (USUAL_MM2.has(value)) return null;
  return isGauge ? `a size in mm² that wire is made in; is it ${value} AWG?` : "a size in mm² that wire is made in";
}
