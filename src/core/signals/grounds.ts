import { type FormOf, fieldOf } from "../forms";
import { OptionBuilder } from "./option-builder";
import { type LinkOption, pointOf, type SignalPin } from "./types";

type Ground = SignalPin & { readonly form: FormOf<"ground"> };

const roleOf = (pin: Ground) =>
  fieldOf(pin.form, "role") ?? (pin.quantity === "sensor-ground" ? "sensor-return" : "power");

/**
 * From a ground of one side to one of the other. Power and chassis grounds join; a sensor ground or a screen never
 * does.
 */
export function groundOptions(provider: Ground, consumer: Ground): LinkOption[] {
  const builder = new OptionBuilder();
  const roles = [roleOf(provider), roleOf(consumer)] as const;
  builder.show({ type: "roles", provider: roles[0], consumer: roles[1] });
  if (roles.includes("shield")) return [builder.manual({ code: "screen-one-end" })];
  if (roles.includes("sensor-return"))
    return [
      builder.manual({ code: "sensor-ground-apart", at: pointOf(roles[0] === "sensor-return" ? provider : consumer) }),
    ];
  return [builder.option("direct", [], { code: "power-grounds" })];
}
