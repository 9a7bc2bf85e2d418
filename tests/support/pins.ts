import { type Kind, parseForm, parseParams, type Quantity, type Side } from "@/core/forms";
import type { Decision } from "@/core/plan";
import type { SignalPin } from "@/core/signals";

/**
 * A pin from one line, for tests: `donor C1-12 frequency-out engine-speed pulsesPerRev=2;drive=open-collector`.
 * `@87` after the cavity is its circuit, `#2` its index, `~0.5` its size.
 */
export function pinFrom(line: string): SignalPin {
  const [side, place = "", kind, quantity, params = ""] = line.trim().split(/\s+/);
  const [, connector = "", cavity = "", circuit = null, index = null, size = null] =
    /^(\w+)-([^@#~]+)(?:@(\w+))?(?:#(\w+))?(?:~([\d.]+))?$/.exec(place) ?? [];
  return {
    id: `${side} ${connector}-${cavity}`,
    side: side as Side,
    connector,
    cavity,
    circuit,
    index,
    form: parseForm(kind as Kind, parseParams(params)),
    quantity: quantity === "none" ? null : (quantity as Quantity),
    sizeMm2: size === null ? null : Number(size),
  };
}

export const pinsFrom = (text: string): SignalPin[] => text.trim().split("\n").map(pinFrom);

/** A link that somebody accepted as a wire alone; `more` says what is otherwise. */
export const acceptedLink = (providerId: string, consumerId: string, more: Partial<Decision> = {}): Decision => ({
  id: `${providerId}>${consumerId}`,
  providerId,
  consumerId,
  quantity: "engine-speed",
  decision: "accepted",
  verdict: "direct",
  adapters: [],
  why: "",
  byHand: false,
  note: "",
  ...more,
});
