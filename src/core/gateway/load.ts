/** A message that is sent again and again. */
export interface Sent {
  readonly bytes: number;
  readonly extended: boolean;
  /** Null where nobody says how often. */
  readonly periodMs: number | null;
}

/**
 * The longest that a frame of classic CAN can be, in bits, the pause after it included: g + 8·s + 13 bits and as many
 * stuffed ones as can be, ⌊(g + 8·s − 1) / 4⌋, with g = 34 for an identifier of 11 bits and 54 for one of 29.
 * Davis, Burns, Bril & Lukkien, “Controller Area Network (CAN) schedulability analysis” (2007), equations 1 and 2.
 *
 * @param bytes 0 … 8; more belong to frames of another kind, whose data goes at another rate: null
 */
export function frameBits(bytes: number, extended: boolean): number | null {
  if (bytes > 8) return null;
  const under = (extended ? 54 : 34) + 8 * bytes;
  return under + 13 + Math.floor((under - 1) / 4);
}

export interface BusLoad {
  /** Part of the time in which the bus is busy, of the messages whose period is known; null without a bitrate. */
  readonly busy: number | null;
  readonly messages: number;
  /** Messages whose period or length says nothing of the load. */
  readonly unknown: number;
}

/** @param bitrate bit/s; null where it is not known */
export function busLoad(messages: readonly Sent[], bitrate: number | null): BusLoad {
  const bits = messages.map(({ bytes, extended, periodMs }) => {
    const length = frameBits(bytes, extended);
    return periodMs === null || length === null ? null : (1000 * length) / periodMs;
  });
  const known = bits.filter((one) => one !== null);
  return {
    busy: bitrate === null ? null : known.reduce((sum, one) => sum + one, 0) / bitrate,
    messages: messages.length,
    unknown: messages.length - known.length,
  };
}

/** Stub at 1 Mbit/s, m, and the bitrate it is for: ISO 11898-2. */
const STUB = { metres: 0.3, bitrate: 1e6 } as const;

/**
 * The longest branch from a bus's pair to a computer, m: the standard's 0.3 m at 1 Mbit/s, in proportion to the time of a
 * bit at others, since what comes back from its end must have died away within the same part of it. Our own rule, at
 * most 2 m.
 */
export const longestStub = (bitrate: number): number => Math.min(2, (STUB.metres * STUB.bitrate) / bitrate);
