import { type Form, type FormField, fieldOf } from "../forms";
import type { Adapter, AdapterType } from "./adapter";
import type { Arithmetic, Missing, Reason } from "./reasons";
import { type LinkOption, pointOf, type SignalPin, type Verdict } from "./types";

/**
 * The supply that parts are sized for: charging, and the level to which it sags while cranking and while running, V.
 */
export const SUPPLY = { nominal: 12, charging: 14.4, highest: 16, cranking: 6, running: 9 } as const;

/**
 * Working minutes on the bench for each adapter: parts to hand, joints made, checked. Our own estimate, for ranking
 * only.
 */
const MINUTES: Readonly<Record<AdapterType, number>> = {
  "pull-up": 12,
  "pull-down": 12,
  "series-resistor": 10,
  "voltage-divider": 15,
  "level-shifter": 30,
  inverter: 30,
  clamp: 12,
  "flyback-diode": 8,
  "blocking-diode": 10,
  fuse: 15,
  relay: 25,
  "low-side-switch": 40,
  "high-side-switch": 42,
  "dc-converter": 35,
  "reluctor-conditioner": 40,
  "frequency-scaler": 40,
  "pattern-converter": 90,
  "coil-simulator": 35,
  igniter: 30,
  "pwm-filter": 25,
  "analogue-scaler": 40,
  "resistor-network": 30,
  "gauge-driver": 45,
  "second-sender": 45,
  "threshold-switch": 35,
  "lambda-converter": 40,
  "can-gateway": 90,
  "can-termination": 10,
  "security-module": 60,
  loop: 10,
  "dummy-load": 12,
  calibration: 20,
};
/** Working minutes of the wire itself, from cavity to cavity. */
export const JOIN_MINUTES = 6;

/** Working minutes of one adapter: the price by which chains are found. */
export const costOf = (type: AdapterType): number => MINUTES[type];

type FieldValue<F extends FormField> = NonNullable<ReturnType<typeof fieldOf<F>>>;

/** Collects what the facts give, what they lack, and the arithmetic, and makes a {@link LinkOption} of it. */
export class OptionBuilder {
  private readonly missing: Missing[] = [];
  private readonly lines: Arithmetic[] = [];

  /** A value that the rule cannot do without; null, and noted as missing, where it is not given. */
  need<F extends FormField>(pin: SignalPin, field: F): FieldValue<F> | null {
    const value = fieldOf(pin.form as Form, field);
    if (value === null) this.lack(pin, field);
    return value as FieldValue<F> | null;
  }

  lack(pin: SignalPin, fact: Missing["fact"]): void {
    this.missing.push({ at: pointOf(pin), fact });
  }

  show(line: Arithmetic): void {
    this.lines.push(line);
  }

  get lacks(): boolean {
    return this.missing.length > 0;
  }

  option(verdict: Verdict, adapters: readonly Adapter[], reason: Reason): LinkOption {
    const minutes = JOIN_MINUTES + adapters.reduce((sum, adapter) => sum + MINUTES[adapter.type], 0);
    return { verdict, adapters, reason, missing: [...this.missing], arithmetic: [...this.lines], minutes };
  }

  /** The honest answer where a fact is missing, or a person must choose. */
  manual(reason: Reason = { code: "facts-missing" }, adapters: readonly Adapter[] = []): LinkOption {
    return this.option("manual", adapters, reason);
  }
}

/** Rank of verdicts, best first: what needs nothing, then what can be made, then what cannot be told or done. */
export const VERDICT_RANK: Readonly<Record<Verdict, number>> = {
  direct: 0,
  calibration: 1,
  adapter: 2,
  manual: 3,
  impossible: 4,
};

export const rankOptions = (options: readonly LinkOption[]): LinkOption[] =>
  [...options].sort((a, b) => VERDICT_RANK[a.verdict] - VERDICT_RANK[b.verdict] || a.minutes - b.minutes);
