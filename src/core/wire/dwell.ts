/**
 * How long an ignition coil is charged until its primary carries a current: t = −(L / R) · ln(1 − I · R / U), the rise
 * of current in an inductance behind a resistance.
 *
 * @param henries primary inductance, H, > 0
 * @param ohms    primary resistance with what lies before it, Ω, > 0
 * @param amps    current at the spark, A, > 0 and below `volts / ohms`
 * @param volts   across the coil, V, > 0
 * @returns s
 * @throws RangeError when a value is out of range, or the current is never reached
 * @example dwellSeconds({ henries: 0.005, ohms: 0.5, amps: 7, volts: 14.4 }) // ≈ 0.00278
 */
export function dwellSeconds(coil: {
  readonly henries: number;
  readonly ohms: number;
  readonly amps: number;
  readonly volts: number;
}): number {
  for (const [name, value] of Object.entries(coil))
    if (!(value > 0 && value < Number.POSITIVE_INFINITY)) throw new RangeError(`${name} must be > 0, got ${value}`);
  const { henries, ohms, amps, volts } = coil;
  const share = (amps * ohms) / volts;
  if (share >= 1) throw new RangeError(`amps must be < ${volts / ohms} A, got ${amps}`);
  return -(henries / ohms) * Math.log1p(-share);
}

/** A coil is charged to this share of the current that its resistance allows, where nothing else limits it. */
const SATURATED = 0.95;

/**
 * The same for a coil whose rated current may be more than its resistance lets through: to 95 % of what flows in the
 * end, which is three time constants L / R.
 *
 * @param amps null where only resistance limits it
 */
export function chargeSeconds({
  henries,
  ohms,
  amps,
  volts,
}: {
  readonly henries: number;
  readonly ohms: number;
  readonly amps: number | null;
  readonly volts: number;
}): number {
  const most = (SATURATED * volts) / ohms;
  return dwellSeconds({ henries, ohms, amps: amps === null ? most : Math.min(amps, most), volts });
}
