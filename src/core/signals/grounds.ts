import { type FormOf, fieldOf } from "../forms";
import { pointOf, type SignalPin, type Way } from "./types";
import { WayBuilder } from "./way-builder";

type Ground = SignalPin & { readonly form: FormOf<"ground"> };

const roleOf = (pin: Ground) =>
  fieldOf(pin.form, "role") ?? (pin.quantity === "sensor-ground" ? "sensor-return" : "power");

/** From a ground of one side to one of the other. Power and chassis grounds join; a sensor ground or a screen never does. */
export function groundWays(provider: Ground, consumer: Ground): Way[] {
  const builder = new WayBuilder();
  const roles = [roleOf(provider), roleOf(consumer)] as const;
  builder.show({ type: "roles", provider: roles[0], consumer: roles[1] });
  if (roles.includes("shield")) return [builder.manual({ code: "screen-one-end" })];
  if (roles.includes("sensor-return"))
    return [
      builder.manual({ code: "sensor-ground-apart", at: pointOf(roles[0] === "sensor-return" ? provider : consumer) }),
    ];
  return [builder.way("direct", [], { code: "power-grounds" })];
}
