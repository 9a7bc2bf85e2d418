import { fieldOf } from "../forms";
import { OptionBuilder } from "./option-builder";
import { fuseFor } from "./parts";
import { type LinkOption, pointOf, type SignalPin } from "./types";

/** What is around a pair that a rule may ask for. */
export interface Neighbours {
  /** Pins on the same circuit of the same side, this one left out. */
  readonly onCircuit: (pin: SignalPin) => readonly SignalPin[];
  /** Grounds that have a post or stud of their own. */
  readonly isStud: (pin: SignalPin) => boolean;
  /** The output of the host's starter relay; null where there is none. */
  readonly starterRelay: SignalPin | null;
}

/**
 * Rules of the trade that hold a pair back whatever its forms allow: a wire alone would do harm there. Null where none
 * does. Each has its reason in words (core/words/signals.ts).
 */
export function heldOption(provider: SignalPin, consumer: SignalPin, around: Neighbours): LinkOption | null {
  const builder = new OptionBuilder();
  const leaving = [provider, consumer].find(({ leaves }) => leaves === true);
  if (leaving !== undefined) return builder.option("impossible", [], { code: "leaves", at: pointOf(leaving) });
  if (provider.form.kind === "reference-out" && provider.side !== consumer.side)
    return builder.manual({ code: "reference-own-computer" });
  if (provider.form.kind === "switch-out" && consumer.form.kind === "logic-in") {
    const [gives, wants] = [provider.opensWhenWorked === true, consumer.opensWhenWorked === true];
    if (gives !== wants) return builder.manual({ code: "opposite-contact", opens: gives ? "provider" : "consumer" });
  }
  if (provider.isBallast === true && consumer.form.kind === "supply-in") return builder.manual({ code: "ballast" });
  const { starterRelay } = around;
  if (
    starterRelay !== null &&
    starterRelay.id !== provider.id &&
    provider.side === starterRelay.side &&
    provider.form.kind === "supply-out" &&
    consumer.form.kind === "load-in" &&
    consumer.side !== provider.side &&
    consumer.quantity === "starter-request"
  )
    return builder.manual({ code: "past-starter-relay", relay: pointOf(starterRelay) });
  const rival = shortedBy(provider, consumer, around);
  if (rival !== null) return builder.manual({ code: "driven-already", by: pointOf(rival), at: pointOf(consumer) });
  if (provider.form.kind === "ground" && provider.side === "host" && !around.isStud(provider))
    return builder.manual({ code: "ground-of-another", at: pointOf(provider) });
  return onOthersFuse(provider, consumer, around, builder);
}

/** To which pole an output leads its copper; null where it leads to none, or nobody says. */
function poleOf({ form }: SignalPin): "ground" | "battery" | null {
  if (form.kind === "low-side-out") return "ground";
  if (form.kind === "supply-out" || form.kind === "high-side-out") return "battery";
  const to = form.kind === "switch-out" ? fieldOf(form, "to") : null;
  return to === "ground" || to === "battery" ? to : null;
}

/**
 * What is on the consumer's own copper and stays there, and leads it to the other pole than the provider would: joined
 * by a wire, the two short each other. Where the load lies to the provider's own pole, a relay stands between.
 */
function shortedBy(provider: SignalPin, consumer: SignalPin, around: Neighbours): SignalPin | null {
  const pole = poleOf(provider);
  if (pole === null || (consumer.form.kind !== "load-in" && consumer.form.kind !== "logic-in")) return null;
  if (consumer.form.kind === "load-in" && fieldOf(consumer.form, "otherEnd") === pole) return null;
  return (
    around.onCircuit(consumer).find((pin) => {
      const other = poleOf(pin);
      return pin.leaves !== true && pin.id !== provider.id && other !== null && other !== pole;
    }) ?? null
  );
}

/** A permanent way that the host's own consumer is on already: a fuse of its own at the tap, sized for what is added. */
function onOthersFuse(
  provider: SignalPin,
  consumer: SignalPin,
  around: Neighbours,
  builder: OptionBuilder,
): LinkOption | null {
  if (provider.form.kind !== "supply-out" || consumer.form.kind !== "supply-in") return null;
  if (fieldOf(provider.form, "alive") !== "permanent" || fieldOf(consumer.form, "alive") !== "permanent") return null;
  const other = around.onCircuit(provider).find((pin) => TAKES.has(pin.form.kind));
  const amps = fieldOf(consumer.form, "amps");
  if (other === undefined || amps === null) return null;
  const fuse = fuseFor(amps);
  return builder.option("adapter", [{ type: "fuse", amps: fuse }], {
    code: "others-fuse",
    other: pointOf(other),
    amps: fuse,
  });
}

const TAKES: ReadonlySet<string> = new Set(["supply-in", "load-in"]);
