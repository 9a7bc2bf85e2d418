import type { Side } from "../forms";
import type { SignalPin } from "./types";

export const connectorKey = ({ side, connector }: Pick<SignalPin, "side" | "connector">) => `${side} ${connector}`;

export function studConnectors(pins: readonly SignalPin[]): ReadonlySet<string> {
  const studs = new Set(pins.filter(({ form }) => form.kind === "ground").map(connectorKey));
  for (const pin of pins)
    if (pin.form.kind !== "ground" && pin.form.kind !== "spare" && !/^batter(y|ies)\b/i.test(pin.connector))
      studs.delete(connectorKey(pin));
  return studs;
}

export const otherSide = (side: Side): Side => (side === "donor" ? "host" : "donor");

/** Pins of one quantity and direction; those of a side that go with an index are found once for all that ask. */
export class Mates {
  private readonly found = new Map<string, readonly SignalPin[]>();

  constructor(readonly pins: readonly SignalPin[]) {}

  of(side: Side, index: string | null): readonly SignalPin[] {
    const key = `${side} ${JSON.stringify(index)}`;
    const known = this.found.get(key);
    if (known !== undefined) return known;
    const own = this.pins.filter(
      (pin) => pin.side === side && (index === null || pin.index === null || pin.index === index),
    );
    this.found.set(key, own);
    return own;
  }
}

export const sameIndex = (a: SignalPin, b: SignalPin) => a.index === null || b.index === null || a.index === b.index;

export function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key);
  if (list === undefined) map.set(key, [value]);
  else list.push(value);
}
