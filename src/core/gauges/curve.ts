import type { Curve } from "../forms";

/** How a curve runs between its points: y straight in x, or ln y straight in x (a thermistor over a small span). */
export type Interpolation = "linear" | "log";

/** What makes a curve unfit to be read both ways. */
export type CurveFault =
  | { readonly code: "too-few-points" }
  | { readonly code: "not-rising"; readonly at: number; readonly x: number }
  | { readonly code: "not-monotone"; readonly at: number; readonly x: number; readonly y: number }
  | { readonly code: "not-positive"; readonly at: number; readonly y: number };

/**
 * Null where x rises from point to point and y only rises or only falls; `at` is the place of the first point that
 * breaks it. With `log` every y must be above 0.
 */
export function curveFault(curve: Curve, interpolation: Interpolation = "linear"): CurveFault | null {
  if (curve.length < 2) return { code: "too-few-points" };
  const falls = isFalling(curve);
  for (const [at, [x, y]] of curve.entries()) {
    if (interpolation === "log" && !(y > 0)) return { code: "not-positive", at, y };
    const before = curve[at - 1];
    if (before === undefined) continue;
    if (!(x > before[0])) return { code: "not-rising", at, x };
    if (falls ? !(y < before[1]) : !(y > before[1])) return { code: "not-monotone", at, x, y };
  }
  return null;
}

/** A curve as `params` and adapters write it: `20:2500|80:330`. */
export const curveText = (curve: Curve): string => curve.map((point) => point.join(":")).join("|");

const isFalling = (curve: Curve) => (curve[1]?.[1] ?? 0) < (curve[0]?.[1] ?? 0);

/** y at x; null outside of the points, since nothing is extrapolated. x must rise along the curve. */
export function valueAt(curve: Curve, x: number, interpolation: Interpolation = "linear"): number | null {
  const [first, last] = [curve[0], curve.at(-1)];
  if (first === undefined || last === undefined || !(x >= first[0] && x <= last[0])) return null;
  const at = Math.max(
    1,
    curve.findIndex((point) => point[0] >= x),
  );
  const [x0, y0] = curve[at - 1] as readonly [number, number];
  const [x1, y1] = (curve[at] ?? last) as readonly [number, number];
  const part = x1 === x0 ? 0 : (x - x0) / (x1 - x0);
  return interpolation === "log" ? y0 * (y1 / y0) ** part : y0 + part * (y1 - y0);
}

/**
 * x at y of a monotone curve; a y beyond the curve's ends counts as at the nearer end, as a pointer stops there
 * (contracts/verbs.md, `gauge`).
 */
export function inverseAt(curve: Curve, y: number, interpolation: Interpolation = "linear"): number {
  const falls = isFalling(curve);
  const reached = (value: number) => (falls ? value <= y : value >= y);
  // Bisection: the network search asks this some ten million times.
  let [low, high] = [0, curve.length - 1];
  const [x0, y0] = curve[low] as readonly [number, number];
  const [xn, yn] = curve[high] as readonly [number, number];
  if (reached(y0)) return x0;
  if (!reached(yn)) return xn;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (reached((curve[middle] as readonly [number, number])[1])) high = middle;
    else low = middle;
  }
  const [xa, ya] = curve[low] as readonly [number, number];
  const [xb, yb] = curve[high] as readonly [number, number];
  const part = interpolation === "log" ? Math.log(y / ya) / Math.log(yb / ya) : (y - ya) / (yb - ya);
  return xa + part * (xb - xa);
}

/** Where both curves are known: the span of x that lies inside both; null where they do not overlap. */
export function commonBand(one: Curve, other: Curve): readonly [from: number, to: number] | null {
  const from = Math.max(one[0]?.[0] ?? Number.NaN, other[0]?.[0] ?? Number.NaN);
  const to = Math.min(one.at(-1)?.[0] ?? Number.NaN, other.at(-1)?.[0] ?? Number.NaN);
  return to > from ? [from, to] : null;
}

/** 101 even steps over a band, both ends among them. */
export const stepsOver = ([from, to]: readonly [number, number]): number[] =>
  Array.from({ length: 101 }, (_, at) => (at === 100 ? to : from + ((to - from) * at) / 100));
