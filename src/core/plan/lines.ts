import type { Quantity } from "../forms";
import {
  type Adapter,
  type LinkOption,
  matchSignals,
  optionsBetween,
  type SignalPin,
  sameChain,
  type Unmatched,
  type Verdict,
} from "../signals";

/** What a person decided of a pair, as it is kept. */
export interface Decision {
  readonly id: string;
  readonly providerId: string;
  readonly consumerId: string;
  readonly quantity: Quantity | null;
  readonly decision: "accepted" | "refused";
  readonly verdict: Verdict;
  readonly adapters: readonly Adapter[];
  /** The reason as it was told when it was decided: a record, which nothing reads. */
  readonly why: string;
  readonly byHand: boolean;
  readonly note: string;
}

/**
 * `proposed` awaits a yes; `open` needs a choice or a fact; `blocked` has no way; `decided` and `refused` are a
 * person's.
 */
export type LineState = "proposed" | "open" | "blocked" | "decided" | "refused";

/** One line of the map: a chain from a provider to a consumer. */
export interface Line {
  readonly key: string;
  readonly quantity: Quantity | null;
  readonly provider: SignalPin;
  readonly consumer: SignalPin;
  readonly state: LineState;
  readonly verdict: Verdict;
  readonly adapters: readonly Adapter[];
  /** Every way across that is known now, the best first. */
  readonly options: readonly [LinkOption, ...LinkOption[]];
  readonly decision: Decision | null;
  /** The facts have changed since the decision, and it would no longer be proposed. */
  readonly stale: boolean;
}

export interface PlanLines {
  readonly lines: readonly Line[];
  readonly unmatched: readonly Unmatched[];
}

/** Proposals joined with what people have decided, in the order of the groups of {@link GROUPS}. */
export function deriveLines(pins: readonly SignalPin[], decisions: readonly Decision[]): PlanLines {
  const byId = new Map(pins.map((pin) => [pin.id, pin]));
  const accepted = decisions.filter((one) => one.decision === "accepted");
  const refused = decisions.filter((one) => one.decision === "refused");
  const matching = matchSignals(pins, { joined: accepted, refused });

  const joined = accepted.flatMap((one) => {
    const [provider, consumer] = [byId.get(one.providerId), byId.get(one.consumerId)];
    return provider && consumer ? [{ provider, consumer }] : [];
  });
  const lines: Line[] = [
    ...decisions.flatMap((decision) => {
      const [provider, consumer] = [byId.get(decision.providerId), byId.get(decision.consumerId)];
      return provider && consumer
        ? [decidedLine(decision, provider, consumer, optionsBetween(provider, consumer, pins, joined))]
        : [];
    }),
    ...matching.links.map((link): Line => {
      const [best] = link.options;
      return {
        key: `${link.provider.id}>${link.consumer.id}`,
        quantity: link.quantity,
        provider: link.provider,
        consumer: link.consumer,
        options: link.options,
        state: openState(best.verdict),
        verdict: best.verdict,
        adapters: best.adapters,
        decision: null,
        stale: false,
      };
    }),
  ];
  const order = new Map(pins.map((pin, at) => [pin.id, at]));
  const rank = (line: Line) => quantityRank(line.quantity) * 1e6 + (order.get(donorOf(line).id) ?? 0);
  return { lines: lines.sort((a, b) => rank(a) - rank(b)), unmatched: matching.unmatched };
}

const donorOf = (line: Line) => (line.provider.side === "donor" ? line.provider : line.consumer);

function openState(verdict: Verdict): LineState {
  if (verdict === "impossible") return "blocked";
  return verdict === "manual" ? "open" : "proposed";
}

function decidedLine(
  decision: Decision,
  provider: SignalPin,
  consumer: SignalPin,
  options: readonly [LinkOption, ...LinkOption[]],
): Line {
  const stillThere = options.some(
    (option) => option.verdict === decision.verdict && sameChain(option.adapters, decision.adapters),
  );
  const stale = decision.decision === "accepted" && !decision.byHand && !stillThere;
  return {
    key: `${provider.id}>${consumer.id}`,
    quantity: decision.quantity,
    provider,
    consumer,
    options,
    decision,
    stale,
    state: decision.decision === "accepted" ? "decided" : "refused",
    verdict: decision.verdict,
    adapters: decision.adapters,
  };
}

/** The map's groups, in the order in which a job is worked. What is in none belongs to the last. */
export type GroupKey =
  | "power"
  | "starting"
  | "instruments"
  | "fuel-cooling"
  | "controls"
  | "transmission"
  | "security-data"
  | "else";

export const GROUPS: readonly { readonly key: GroupKey; readonly quantities: readonly Quantity[] }[] = [
  {
    key: "power",
    quantities: [
      "battery-supply",
      "ignition-supply",
      "accessory-supply",
      "start-supply",
      "relay-supply",
      "sensor-supply",
      "ground",
      "sensor-ground",
      "main-relay",
    ],
  },
  {
    key: "starting",
    quantities: [
      "starter-request",
      "starter-relay",
      "park-neutral",
      "clutch-switch",
      "alternator-field",
      "charge-warning",
      "glow-plug",
    ],
  },
  {
    key: "instruments",
    quantities: [
      "engine-speed",
      "vehicle-speed",
      "coolant-temperature",
      "oil-temperature",
      "oil-pressure",
      "oil-pressure-warning",
      "fuel-level",
      "malfunction-lamp",
      "cruise-active",
      "gear-display",
      "illumination",
    ],
  },
  {
    key: "fuel-cooling",
    quantities: [
      "fuel-pump",
      "fuel-pressure",
      "cooling-fan",
      "cooling-fan-high",
      "ac-request",
      "ac-clutch",
      "refrigerant-pressure",
    ],
  },
  {
    key: "controls",
    quantities: [
      "accelerator-position",
      "brake-switch",
      "cruise-request",
      "shift-mode",
      "power-steering-pressure",
      "brake-vacuum",
    ],
  },
  {
    key: "transmission",
    quantities: [
      "reverse-lamp",
      "reverse-lockout",
      "gear-range",
      "shift-solenoid",
      "pressure-solenoid",
      "converter-clutch",
      "transmission-temperature",
      "transmission-input-speed",
      "transmission-output-speed",
      "four-wheel-drive",
    ],
  },
  {
    key: "security-data",
    quantities: [
      "security-data",
      "key-reader",
      "security-lamp",
      "wake-up",
      "diagnostic-data",
      "body-data",
      "powertrain-data",
    ],
  },
  { key: "else", quantities: [] },
];

/** Place of a quantity in the order of the groups; what is in none comes last. */
function quantityRank(quantity: Quantity | null): number {
  const at = quantity === null ? -1 : GROUPED.indexOf(quantity);
  return at < 0 ? GROUPED.length : at;
}

const GROUPED: readonly Quantity[] = GROUPS.flatMap((group) => group.quantities);

export function groupOf(quantity: Quantity | null): GroupKey {
  return GROUPS.find((group) => quantity !== null && group.quantities.includes(quantity))?.key ?? "else";
}
