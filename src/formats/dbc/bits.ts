import type { DbcSignal } from "./types";

type Placed = Pick<DbcSignal, "startBit" | "bits" | "order">;

/** Bits of the frame that a signal takes, its highest first; bit n is bit n % 8 of byte ⌊n / 8⌋. */
export function bitsOf({ startBit, bits, order }: Placed): number[] {
  if (order === "little") return Array.from({ length: bits }, (_, at) => startBit + bits - 1 - at);
  const places: number[] = [];
  let bit = startBit;
  for (let at = 0; at < bits; at++) {
    places.push(bit);
    bit = bit % 8 === 0 ? bit + 15 : bit - 1;
  }
  return places;
}

/** How many bytes a frame must have for the signal to be whole. */
export const bytesNeeded = (signal: Placed): number => Math.floor(Math.max(...bitsOf(signal)) / 8) + 1;

/** A signal's raw value; it must lie within the data. */
export function rawValue(signal: DbcSignal, data: Uint8Array): bigint | number {
  let raw = 0n;
  for (const bit of bitsOf(signal)) raw = (raw << 1n) | BigInt(((data[bit >> 3] ?? 0) >> (bit & 7)) & 1);
  if (signal.isFloat) {
    const view = new DataView(new ArrayBuffer(8));
    view.setBigUint64(0, raw);
    return signal.bits === 32 ? view.getFloat32(4) : view.getFloat64(0);
  }
  return signal.signed ? BigInt.asIntN(signal.bits, raw) : raw;
}

/** Raw × factor + offset, in double. */
export const signalValue = (signal: DbcSignal, data: Uint8Array): number =>
  Number(rawValue(signal, data)) * signal.factor + signal.offset;
