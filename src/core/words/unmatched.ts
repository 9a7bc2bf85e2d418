import type { SignalPin, UnmatchedReason } from "../signals";
import { KIND_WORDS, quantityWords } from "./forms";
import { cavityLabel } from "./points";

const ACROSS = { donor: "host", host: "donor" } as const;

/** Why a cavity has no counterpart. */
export function unmatchedText(reason: UnmatchedReason, { side }: Pick<SignalPin, "side">): string {
  switch (reason.code) {
    case "airbag":
      return "An airbag circuit stays as it is: left to those licensed for it, never paired or probed here";
    case "quantity-other":
      return "“Other” does not say what it carries; enter what it is to pair it";
    case "own-side":
    case "bus-own-side":
      return `Connected to ${cavityLabel(reason.partner)} on its own side`;
    case "laid-to":
      return `Joined to ${cavityLabel(reason.partner)} by a wire that was added`;
    case "own-side-none-across":
      return `Connected to ${cavityLabel(reason.partner)} on its own side; the ${ACROSS[side]} has nothing that provides ${quantityWords(reason.quantity)}`;
    case "no-bus-across":
      return `The ${ACROSS[side]} has no ${reason.further ? "further " : ""}${KIND_WORDS[reason.kind]} for ${quantityWords(reason.quantity)}`;
    case "sensor-ground-own-computer":
      return "A sensor ground ends at its own computer";
    case "no-ground-across":
      return "The host's pin table has no ground";
    case "leaves":
      return "Its wire or its connector is to be removed (Triage)";
    case "grounded-at":
      return `Grounded at ${cavityLabel(reason.partner)} on its own side already: that needs the way to the battery`;
    case "reference-own-computer":
      return "A sensor's 5 V comes from its own computer alone";
    case "rest-worse":
      return `${cavityLabel(reason.refused)} was refused for it, and what is left would do worse: pair it by hand`;
    case "ground-unused":
      return "A ground of the host's own; nothing of the donor returns here";
    case "served-by-another":
      return `${cavityLabel(reason.consumer)} has another provider`;
    case "no-consumer-across":
      return `Nothing on the ${ACROSS[side]} needs ${quantityWords(reason.quantity)}`;
    case "no-relay-feed":
      return "Neither side feeds it yet; pair it with a permanent feed, and the relay that its computer works is proposed";
    case "no-provider-with-index":
      return reason.index === null
        ? `No counterpart found for ${quantityWords(reason.quantity)}, or it was refused`
        : `No counterpart found for ${quantityWords(reason.quantity)} ${reason.index}, or it was refused`;
    case "no-provider-on-circuit":
      return `Nothing on its circuit provides ${quantityWords(reason.quantity)}, and nothing on the ${ACROSS[side]} does`;
    case "no-provider":
      return `Nothing on either side provides ${quantityWords(reason.quantity)}`;
    case "kind-unknown":
      return "What it does electrically is not known yet";
    case "screen":
      return "A screen is grounded at one end, on its own side";
    case "quantity-unknown":
      return "What it carries is not known yet";
    case "pairs-with-nothing":
      return `No counterpart found for this kind: ${KIND_WORDS[reason.kind]}`;
  }
}
