import { Reckoner, wordParam } from "./reckon";
import { label, type SignalPin, type Way } from "./types";

/** From a ground of one side to one of the other. Power and chassis grounds join; a sensor's return or a screen never does. */
export function groundWays(provider: SignalPin, consumer: SignalPin): Way[] {
  const reckon = new Reckoner();
  const roles = [provider, consumer].map((pin) => wordParam(pin.params, "role") ?? (pin.quantity === "sensor-ground" ? "sensor-return" : "power"));
  reckon.show("roles", roles.join(" → "));
  if (roles.includes("shield")) return [reckon.manual(`A screen is grounded at one end only; choose which end for ${label(consumer)}`)];
  if (roles.includes("sensor-return")) {
    return [reckon.manual(`${label(roles[0] === "sensor-return" ? provider : consumer)} is a sensor's return: it ends at its own computer, and body current must not share it`)];
  }
  return [reckon.way("direct", [], `${label(consumer)} returns to ${label(provider)}; both are power grounds`)];
}
