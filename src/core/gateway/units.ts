/** What a unit measures, and how a number in it becomes one in the quantity's own: SI = gain · number + shift. */
interface Scale {
  readonly measures: string;
  readonly gain: number;
  readonly shift: number;
}

const scale = (measures: string, gain = 1, shift = 0): Scale => ({ measures, gain, shift });

/**
 * Units as files of buses write them. Exact by definition: inch 25.4 mm, mile 1609.344 m, pound-force per square inch
 * 6894.757293168 Pa (NIST SP 811, appendix B); °F = 1.8 · °C + 32.
 */
const UNITS: readonly (readonly [written: RegExp, scale: Scale])[] = [
  [/^(?:°|deg ?)?c$/i, scale("temperature", 1, 273.15)],
  [/^(?:°|deg ?)?f$/i, scale("temperature", 1 / 1.8, 273.15 - 32 / 1.8)],
  [/^k(?:elvin)?$/i, scale("temperature")],
  [/^(?:r\/?min|1\/min|min-1|rpm|u\/min)$/i, scale("turning", 1 / 60)],
  [/^(?:km\/h|kph|kmh)$/i, scale("speed", 1 / 3.6)],
  [/^mph$/i, scale("speed", 1609.344 / 3600)],
  [/^m\/s$/i, scale("speed")],
  [/^pa$/i, scale("pressure")],
  [/^hpa$|^mbar$/i, scale("pressure", 100)],
  [/^kpa$/i, scale("pressure", 1000)],
  [/^mpa$/i, scale("pressure", 1e6)],
  [/^bar$/i, scale("pressure", 1e5)],
  [/^psi$/i, scale("pressure", 6894.757293168)],
  [/^(?:l|litres?|liters?)$/i, scale("volume", 0.001)],
  [/^(?:us ?)?gal$/i, scale("volume", 0.003785411784)],
  [/^v(?:olts?)?$/i, scale("voltage")],
  [/^mv$/i, scale("voltage", 0.001)],
  [/^a(?:mps?)?$/i, scale("current")],
  [/^%$|^percent$/i, scale("part", 0.01)],
  [/^g\/s$/i, scale("flow", 0.001)],
  [/^kg\/h$/i, scale("flow", 1 / 3600)],
  [/^mg\/s$/i, scale("flow", 1e-6)],
  [/^n\.?m$/i, scale("torque")],
  [/^(?:lbf?[ .-]?ft|ft[ .-]?lbf?)$/i, scale("torque", 1.3558179483314)],
  [/^km$/i, scale("length", 1000)],
  [/^mi(?:les?)?$/i, scale("length", 1609.344)],
  [/^m$/, scale("length")],
];

const scaleOf = (unit: string): Scale | null => UNITS.find(([written]) => written.test(unit.trim()))?.[1] ?? null;

/** To = gain · from + shift. */
export interface Conversion {
  readonly gain: number;
  readonly shift: number;
}

export type ConversionFault = "unit-not-told" | "units-differ";

/**
 * How a number in one unit becomes a number in another. Both without one, as of a state or a gear, are taken as they are;
 * one alone without is not known, and of two that measure different things there is no way.
 */
export function conversionOf(from: string, to: string): Conversion | ConversionFault {
  if (from.trim().toLowerCase() === to.trim().toLowerCase()) return { gain: 1, shift: 0 };
  if (from.trim() === "" || to.trim() === "") return "unit-not-told";
  const [one, other] = [scaleOf(from), scaleOf(to)];
  if (one === null || other === null || one.measures !== other.measures) return "units-differ";
  return { gain: one.gain / other.gain, shift: (one.shift - other.shift) / other.gain };
}
