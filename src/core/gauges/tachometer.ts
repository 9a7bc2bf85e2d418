/** A ratio in lowest terms. */
export interface Ratio {
  readonly num: number;
  readonly den: number;
  readonly value: number;
}

/** Decimals that a count of pulses may have. */
const MOST_DECIMALS = 6;

/** wanted ÷ given in lowest terms; both above 0 (contracts/verbs.md, `gauge`: pulses out over pulses in). */
export function ratioOf(wanted: number, given: number): Ratio {
  let scale = 1;
  const isWhole = (value: number) => Math.abs(value * scale - Math.round(value * scale)) < 1e-9 * scale;
  while (!(isWhole(wanted) && isWhole(given)) && scale < 10 ** MOST_DECIMALS) scale *= 10;
  const [num, den] = [Math.round(wanted * scale), Math.round(given * scale)];
  const common = gcd(num, den);
  return { num: num / common, den: den / common, value: wanted / given };
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

export type Point = readonly [x: number, y: number];

/** Slopes at the points by which a cubic between them rises only where they rise. */
function slopesOf(points: readonly Point[]): number[] {
  const steps = points.slice(1).map(([x, y], at) => {
    const [x0, y0] = points[at] as Point;
    return (y - y0) / (x - x0);
  });
  const slopes = points.map((_, at) => {
    const [before, after] = [steps[at - 1], steps[at]];
    if (before === undefined || after === undefined) return (before ?? after) as number;
    return (before + after) / 2;
  });
  for (const [at, step] of steps.entries()) {
    if (step === 0) {
      slopes[at] = 0;
      slopes[at + 1] = 0;
      continue;
    }
    const [alpha, beta] = [(slopes[at] as number) / step, (slopes[at + 1] as number) / step];
    const size = Math.hypot(alpha, beta);
    if (size <= 3) continue;
    slopes[at] = (3 * alpha * step) / size;
    slopes[at + 1] = (3 * beta * step) / size;
  }
  return slopes;
}

/**
 * y at x by a cubic through the points that rises where they rise: Fritsch & Carlson, “Monotone piecewise cubic
 * interpolation” (SIAM J. Numer. Anal. 17, 1980), with their circle of radius 3. x within the points, which rise in x.
 */
export function monotoneAt(points: readonly Point[], x: number): number {
  const slopes = slopesOf(points);
  const at = Math.max(
    0,
    points.findLastIndex((point, place) => point[0] <= x && place < points.length - 1),
  );
  const [[x0, y0], [x1, y1]] = [points[at] as Point, points[at + 1] as Point];
  const width = x1 - x0;
  const t = (x - x0) / width;
  const [m0, m1] = [slopes[at] as number, slopes[at + 1] as number];
  return (
    y0 * (1 + 2 * t) * (1 - t) ** 2 +
    width * m0 * t * (1 - t) ** 2 +
    y1 * t ** 2 * (3 - 2 * t) +
    width * m1 * t ** 2 * (t - 1)
  );
}

/** Shown speeds that stand in a correction table, rpm. */
const TABLE_STEP = 500;

/** What is true where the tachometer shows each full 500 rpm between the first and the last measured point. */
export function correctionTable(points: readonly Point[]): (readonly [shown: number, true_: number])[] {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined || points.length < 2) return [];
  const table: (readonly [number, number])[] = [];
  for (let shown = TABLE_STEP * Math.ceil(first[0] / TABLE_STEP); shown <= last[0]; shown += TABLE_STEP)
    table.push([shown, monotoneAt(points, shown)]);
  return table;
}
