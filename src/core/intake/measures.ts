import { awgToMm2, FOOT_M } from "../units";

/** How a number of a table is to be taken where the cell itself does not say. */
export interface MeasureHints {
  /** Decimal commas are read (tables separated by semicolons or tabs). */
  readonly decimalComma: boolean;
  /** What the header says of its unit: `awg`, `mm2`, `mm`, `cm`, `m`, `ft`, `in`. */
  readonly headerUnit: string | null;
}

const INCH_M = 0.0254;
const UNIT_M: Readonly<Record<string, number>> = {
  m: 1,
  mtr: 1,
  metre: 1,
  metres: 1,
  meter: 1,
  meters: 1,
  cm: 0.01,
  mm: 0.001,
  ft: FOOT_M,
  foot: FOOT_M,
  feet: FOOT_M,
  "'": FOOT_M,
  in: INCH_M,
  inch: INCH_M,
  inches: INCH_M,
  '"': INCH_M,
};

/** The least and greatest wire a vehicle holds, mm²: beyond them the cell is a slip of the pen. */
const AREA_MM2 = { min: 0.03, max: 300 } as const;
const LENGTH_M = { min: 0, max: 100 } as const;

/** A wire size in mm², or null where the text is none. A bare number is mm², or AWG where the header says so. */
export function readSize(written: string, hints: MeasureHints): number | null {
  const text = plainNumber(written.toLowerCase().trim(), hints);
  const aught = /^(?:awg\s*)?(0{1,4}|[1-4]\/0)(?:\s*(awg|ga|gauge))?$/.exec(text);
  if (aught && (aught[2] !== undefined || text.startsWith("awg") || hints.headerUnit === "awg")) {
    const zeros = aught[1]?.includes("/") ? Number(aught[1][0]) : (aught[1]?.length ?? 1);
    return round4(awgToMm2(1 - zeros));
  }
  const gauge = /^(?:(\d{1,2})\s*[- ]?\s*(?:awg|ga|gauge|swg)\.?|(?:awg|ga|#)\s*(\d{1,2}))$/.exec(text);
  if (gauge && !text.includes("swg")) return sizeOfGauge(Number(gauge[1] ?? gauge[2]));
  const area = /^(\d*\.?\d+)\s*(mm2|mm\^2|mm²|sq\.?\s?mm|sqmm|qmm|mmq|mm)?$/.exec(text);
  if (!area) return null;
  const value = Number(area[1]);
  if (area[2] === undefined && hints.headerUnit === "awg" && /^\d+$/.test(area[1] ?? "") && value <= 30)
    return sizeOfGauge(value);
  return value >= AREA_MM2.min && value <= AREA_MM2.max ? value : null;
}

const sizeOfGauge = (gauge: number) => (gauge <= 40 ? round4(awgToMm2(gauge)) : null);

/**
 * A length in m, or null where the text is none. `1850mm`, `6ft`, `72in`, `6ft 2in`, a bare number in the header's unit
 * or m.
 */
export function readLength(written: string, hints: MeasureHints): number | null {
  const text = plainNumber(written.toLowerCase().trim().replace(/[”″]/g, '"').replace(/[’′]/g, "'"), hints);
  const feetAndInches = /^(\d+)\s*(?:ft|feet|foot|')\s*(\d*\.?\d+)\s*(?:in|inch|inches|")?$/.exec(text);
  if (feetAndInches) return withinLength(Number(feetAndInches[1]) * FOOT_M + Number(feetAndInches[2]) * INCH_M);
  const single = /^(\d*\.?\d+)\s*([a-z]+|'|")?\.?$/.exec(text);
  if (!single) return null;
  const unit = single[2] ?? hints.headerUnit ?? "m";
  const metres = Object.hasOwn(UNIT_M, unit) ? UNIT_M[unit] : undefined;
  return metres === undefined ? null : withinLength(Number(single[1]) * metres);
}

const withinLength = (metres: number) => (metres >= LENGTH_M.min && metres <= LENGTH_M.max ? round4(metres) : null);
const plainNumber = (text: string, hints: MeasureHints) =>
  hints.decimalComma ? text.replace(/^(\d*),(\d+)/, "$1.$2") : text;
/** Tables are written to a tenth of a millimetre at best; more digits would only be noise of the conversion. */
const round4 = (value: number) => Math.round(value * 1e4) / 1e4;
