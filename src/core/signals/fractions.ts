export interface Fraction {
  readonly numerator: number;
  readonly denominator: number;
  /** What is left: fraction / value − 1. 0 where the fraction is exact. */
  readonly error: number;
}

/**
 * The best fraction for a positive value with a denominator up to `maxDenominator`, by continued fractions (Khinchin,
 * Continued Fractions, §6: convergents are the best approximations).
 * @throws RangeError unless `value` is positive and finite
 * @example bestFraction(2 / 3, 64) // { numerator: 2, denominator: 3, error: 0 }
 */
export function bestFraction(value: number, maxDenominator: number): Fraction {
  if (!(value > 0 && Number.isFinite(value))) throw new RangeError(`value must be > 0, got ${value}`);
  let [h0, h1, k0, k1] = [0, 1, 1, 0];
  let rest = value;
  for (let step = 0; step < 40; step += 1) {
    const whole = Math.floor(rest + 1e-12);
    const [h2, k2] = [whole * h1 + h0, whole * k1 + k0];
    if (k2 > maxDenominator) break;
    [h0, h1, k0, k1] = [h1, h2, k1, k2];
    const left = rest - whole;
    if (left < 1e-9) break;
    rest = 1 / left;
  }
  if (h1 === 0) [h1, k1] = [1, Math.min(maxDenominator, Math.max(1, Math.round(1 / value)))];
  const error = h1 / k1 / value - 1;
  return { numerator: h1, denominator: k1, error: Math.abs(error) < 1e-12 ? 0 : error };
}
