import type { Quantity } from "../forms";
import type { UnmatchedReason } from "./reasons";
import type { SignalPin } from "./types";

/** A cavity without a counterpart. */
export interface Unmatched {
  readonly pin: SignalPin;
  readonly reason: UnmatchedReason;
}

/** Why a consumer that nothing serves has no provider. */
export function noProviderReason(
  quantity: Quantity,
  consumer: SignalPin,
  providers: readonly SignalPin[],
): UnmatchedReason {
  if (quantity === "relay-supply") return { code: "no-relay-feed" };
  if (providers.some((provider) => provider.side !== consumer.side))
    return { code: "no-provider-with-index", quantity, index: consumer.index };
  return { code: providers.length > 0 ? "no-provider-on-circuit" : "no-provider", quantity };
}

/** Why a cavity was not looked at. */
export function unreadReason({ form: { kind }, quantity }: SignalPin): UnmatchedReason {
  if (kind === "unknown") return { code: "kind-unknown" };
  if (kind === "shield") return { code: "screen" };
  return quantity === null ? { code: "quantity-unknown" } : { code: "pairs-with-nothing", kind };
}
