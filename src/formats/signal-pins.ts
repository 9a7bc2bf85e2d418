import { parseForm, type Side } from "@/core/forms";
import { KNOWN_FROM } from "@/core/intake";
import { type SignalPin, saidOf } from "@/core/signals";
import type { Told } from "@/job/import-table";
import type { TablePin } from "./pin-table";

/** A guess below {@link KNOWN_FROM} counts as not known, for people and for the matcher alike. */
const believed = <T, U>(told: Pick<Told<T>, "value" | "confidence">, unknown: U): T | U =>
  told.confidence >= KNOWN_FROM ? told.value : unknown;

/** A table's rows as the matcher takes them; ids are `side:line`. */
export function signalPinsOf(pins: readonly TablePin[], side: Side): SignalPin[] {
  return pins.map((pin) => ({
    ...saidOf(pin.description, parseForm(believed(pin.kind, "unknown"), pin.params)),
    id: `${side}:${pin.line}`,
    side,
    connector: pin.connector,
    cavity: pin.cavity,
    circuit: pin.circuit,
    index: pin.index,
    sizeMm2: pin.sizeMm2,
    form: parseForm(believed(pin.kind, "unknown"), pin.params),
    quantity: believed(pin.quantity, null),
  }));
}
