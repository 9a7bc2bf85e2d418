/** Rolling circumference over outer diameter (ETRTO), and the aspect where a code gives none. */
const RADIAL = { rolls: 3.05, aspect: 0.82 } as const;
const DIAGONAL = { rolls: 2.99, aspect: 0.98 } as const;
const INCH_MM = 25.4;

/**
 * The way that a tyre rolls in one turn, m; null where the code is none. A section is in millimetres, or in inches where
 * it is below 50.
 *
 * @example rollingMetres("235/70R16") // 3.05 × (16 in + 2 × 235 mm × 0.70) = 2.243
 */
export function rollingMetres(code: string): number | null {
  const found =
    /^\s*(\d{1,3}(?:[.,]\d+)?)\s*(?:\/\s*(\d{2,3}))?\s*([A-Z]{0,2}R|-|D|B)\s*(\d{1,2}(?:[.,]\d+)?)\s*[A-Z]?\b/i.exec(
      code,
    );
  if (found === null) return null;
  const [, section = "", aspect, build = "", rim = ""] = found;
  const { rolls, aspect: usual } = /R$/i.test(build) ? RADIAL : DIAGONAL;
  const width = Number(section.replace(",", "."));
  const sectionMm = width < 50 ? width * INCH_MM : width;
  const rimMm = Number(rim.replace(",", ".")) * INCH_MM;
  const share = aspect === undefined ? usual : Number(aspect) / 100;
  if (!(sectionMm > 0 && rimMm > 0 && share > 0)) return null;
  return (rolls * (rimMm + 2 * sectionMm * share)) / 1000;
}

export interface SpeedometerRatio {
  /** Pulses that the gauge wants over those that are given. */
  readonly value: number;
  /** The nearest fraction with both terms up to 99. */
  readonly num: number;
  readonly den: number;
  /** (shown ÷ true − 1) · 100 with that fraction. */
  readonly errorPercent: number;
  /** It never shows less than the true speed. */
  readonly legal: boolean;
}

const MOST_TERM = 99;

/** @param wanted pulses per km of the gauge, above 0; @param given pulses per km of the sensor, above 0 */
export function speedometerRatio(wanted: number, given: number): SpeedometerRatio {
  const value = wanted / given;
  let best = { num: 1, den: 1, off: Number.POSITIVE_INFINITY };
  for (let den = 1; den <= MOST_TERM; den++) {
    const num = Math.min(MOST_TERM, Math.max(1, Math.round(value * den)));
    const off = Math.abs(num / den - value);
    // Of equal ones the smaller terms, which come first.
    if (off < best.off - 1e-15) best = { num, den, off };
  }
  const errorPercent = (best.num / best.den / value - 1) * 100;
  return { value, num: best.num, den: best.den, errorPercent, legal: errorPercent >= -1e-9 };
}

/** Pulses per km of a sensor on the output shaft. */
export const pulsesPerKm = (rollingM: number, finalDrive: number, pulsesPerShaftRev: number): number =>
  (1000 / rollingM) * finalDrive * pulsesPerShaftRev;
