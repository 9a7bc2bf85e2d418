import type { Quantity } from "../forms";
import { FUNCTIONS } from "../functions";
import { FEEDS } from "./connected-loads";
import type { SignalPin } from "./types";

/**
 * What a body does with its own wiring, whatever engine is in it: lamps, wipers, doors, all that brakes light, and the
 * locks of the axles that it stands on.
 */
const OF_THE_BODY: ReadonlySet<Quantity> = new Set<Quantity>([
  "brake-switch",
  "four-wheel-drive",
  ...FUNCTIONS.flatMap(({ home, quantities }) => (home === "body" ? quantities : [])),
]);

/** What a person asks by a switch of the body: its computer goes on reading it, whatever engine is in it. */
const ASKED: ReadonlySet<Quantity> = new Set<Quantity>(["starter-request", "clutch-switch", "reverse-lockout"]);
const isAsked = ({ form }: SignalPin, { form: contact }: SignalPin, quantity: Quantity): boolean =>
  ASKED.has(quantity) && form.kind === "logic-in" && contact.kind === "switch-out";

/**
 * The provider of its own side that a consumer stays with. The donor keeps what it serves itself; the host's engine
 * leaves, so the donor serves what it can, but for what the host's body is wired to serve.
 *
 * @param home what serves it on its own side, as far as circuits or the quantity tell
 * @param wired what is wired to it there
 */
export function stayingWith(
  quantity: Quantity,
  consumer: SignalPin,
  home: SignalPin | undefined,
  wired: SignalPin | undefined,
): SignalPin | undefined {
  if (consumer.side === "donor") return home;
  if (wired === undefined) return undefined;
  return FEEDS.has(quantity) || OF_THE_BODY.has(quantity) || isAsked(consumer, wired, quantity) ? wired : undefined;
}

/** Feeds that something switches: what one table calls an ignition feed another calls a relay's. */
const SWITCHED: ReadonlySet<Quantity> = new Set<Quantity>(["ignition-supply", "accessory-supply", "relay-supply"]);
const isSwitched = ({ quantity }: SignalPin): boolean => quantity !== null && SWITCHED.has(quantity);

/** The switched feed that a consumer of one is wired to on its own side, whichever its table calls it. */
export const switchedFeedOf = (consumer: SignalPin, onCircuit: readonly SignalPin[]): SignalPin | undefined =>
  isSwitched(consumer)
    ? onCircuit.find((pin) => pin.form.kind === "supply-out" && isSwitched(pin) && pin.leaves !== true)
    : undefined;

/**
 * The feed that a wire which somebody laid brings to a consumer of one, whatever both are called.
 *
 * @param across what is on the circuit of the same name on the other side
 */
export const laidFeedOf = ({ form, isLaid }: SignalPin, across: readonly SignalPin[]): SignalPin | undefined =>
  form.kind === "supply-in" && isLaid === true
    ? across.find((pin) => pin.leaves !== true && pin.form.kind === "supply-out")
    : undefined;
