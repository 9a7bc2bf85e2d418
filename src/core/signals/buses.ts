import { type FormOf, fieldOf, type Kind } from "../forms";
import type { Adapter } from "./adapter";
import { OptionBuilder } from "./option-builder";
import type { LinkOption, SignalPin } from "./types";

type Bus = SignalPin & { readonly form: FormOf<"can" | "lin" | "serial"> };

/** A bus is ended at both of its ends by this, Ω (ISO 11898-2). */
export const TERMINATION_OHMS = 120;

/**
 * From a bus to a bus. Wire only joins two networks where bitrate and messages are the same and both ends are
 * terminated; networks of two vehicles are kept apart by a gateway, since each answers to its own identifiers.
 */
export function busOptions(one: Bus, other: Bus): LinkOption[] {
  const builder = new OptionBuilder();
  if (one.quantity === "security-data" && !sameText(one, other, "messages")) {
    const part: Adapter = { type: "security-module", part: null };
    return [builder.option("adapter", [part], { code: "own-partner" })];
  }
  const [fromBitrate, toBitrate] = [builder.need(one, "bitrate"), builder.need(other, "bitrate")];
  const [from, to] = [builder.need(one, "messages"), builder.need(other, "messages")];
  const isCan = one.form.kind === "can";
  const gateway: Adapter = { type: "can-gateway", fromBitrate, toBitrate, output: null };
  const bitratesDiffer = fromBitrate !== null && toBitrate !== null && fromBitrate !== toBitrate;
  const messagesDiffer = from !== null && to !== null && from !== to;
  if (bitratesDiffer || messagesDiffer) {
    const reason = bitratesDiffer
      ? ({ code: "bus-differs", what: "bitrate", given: String(fromBitrate), wanted: String(toBitrate) } as const)
      : ({ code: "bus-differs", what: "messages", given: from ?? "", wanted: to ?? "" } as const);
    return [isCan ? new OptionBuilder().option("adapter", [gateway], reason) : builder.manual(reason)];
  }
  if (fromBitrate === null || toBitrate === null || from === null || to === null) return [builder.manual()];
  if (!isCan) return [builder.option("direct", [], { code: "bus-same", bitrate: fromBitrate, open: 0 })];
  const ended = [builder.need(one, "terminated"), builder.need(other, "terminated")];
  if (ended.includes(null)) return [builder.manual()];
  const open = ended.filter((end) => end === "no").length;
  const terminators = Array.from(
    { length: open },
    (): Adapter => ({ type: "can-termination", ohms: TERMINATION_OHMS }),
  );
  const reason = { code: "bus-same", bitrate: fromBitrate, open } as const;
  return [open === 0 ? builder.option("direct", [], reason) : builder.option("adapter", terminators, reason)];
}

const sameText = (one: Bus, other: Bus, field: "messages") => {
  const [from, to] = [fieldOf(one.form, field), fieldOf(other.form, field)];
  return from !== null && from === to;
};

/** What a gateway puts out at a wire, by what the wire's consumer reads. */
const GATEWAY_OUTPUT: Readonly<Partial<Record<Kind, string>>> = {
  "frequency-in": "pulses",
  "pwm-in": "duty",
  "analogue-in": "duty",
  "resistive-in": "duty",
  "logic-in": "switched",
  "load-in": "switched",
};

/** Whether the value travels on the bus (`carries`: quantities, one beside the other). */
export const carriesQuantity = ({ form, index }: SignalPin, quantity: string): boolean =>
  index !== "low" && (fieldOf(form, "carries") ?? "").split(/[|,\s]+/).some((one) => one === quantity);

/** From a value on a CAN bus to a wire: a gateway that puts it out, and behind it what makes of that the wire's own form. */
export function gatewayOptions(
  provider: SignalPin & { readonly form: FormOf<"can"> },
  consumer: SignalPin,
): LinkOption[] {
  const builder = new OptionBuilder();
  const output = GATEWAY_OUTPUT[consumer.form.kind];
  if (output === undefined || consumer.quantity === null || !carriesQuantity(provider, consumer.quantity))
    return [builder.manual({ code: "no-method", provider: provider.form.kind, consumer: consumer.form.kind })];
  const bitrate = fieldOf(provider.form, "bitrate");
  const gateway: Adapter = { type: "can-gateway", fromBitrate: bitrate, toBitrate: null, output };
  const curve = fieldOf(consumer.form, "curve");
  const behind: readonly Adapter[] =
    consumer.form.kind === "resistive-in"
      ? [{ type: "gauge-driver", curve: curve === null ? null : curve.map((point) => point.join(":")).join("|") }]
      : consumer.form.kind === "analogue-in"
        ? [{ type: "pwm-filter", hz: null, cutoffHz: null, outMinVolts: null, outMaxVolts: null }]
        : [];
  return [builder.option("adapter", [gateway, ...behind], { code: "bus-carries", output })];
}
