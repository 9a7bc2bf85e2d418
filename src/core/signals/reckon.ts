import { numberParam, type Params } from "../forms";
import { type Adapter, type AdapterType, label, type Reckoning, type SignalPin, type Verdict, type Way } from "./types";

/** The supply that parts are sized for: charging, and the level to which it sags while cranking and while running, V. */
export const SUPPLY = { nominal: 12, charging: 14.4, highest: 16, cranking: 6, running: 9 } as const;

/** Working minutes on the bench for each adapter: parts to hand, joints made, checked. Our own estimate, for ranking only. */
const MINUTES: Readonly<Record<AdapterType, number>> = {
  "pull-up": 12, "pull-down": 12, "series-resistor": 10, "voltage-divider": 15, "level-shifter": 30, inverter: 30, clamp: 12, "flyback-diode": 8,
  "blocking-diode": 10, fuse: 15, relay: 25, "low-side-switch": 40, "high-side-switch": 42, "dc-converter": 35, "reluctor-conditioner": 40,
  "frequency-scaler": 40, "pattern-converter": 90, "coil-simulator": 35, igniter: 30, "pwm-filter": 25, "analogue-scaler": 40, "resistor-network": 30,
  "gauge-driver": 45, "second-sender": 45, "threshold-switch": 35, "lambda-converter": 40, "can-gateway": 90, "can-termination": 10,
  "security-module": 60, loop: 10, "dummy-load": 12, calibration: 20,
};
const JOIN_MINUTES = 6;

/** Collects what the facts give, what they lack, and the arithmetic, and makes a {@link Way} of it. */
export class Reckoner {
  private readonly missing: string[] = [];
  private readonly lines: Reckoning[] = [];

  /** A number that the rule cannot do without; null, and noted as missing, where it is not given. */
  need(pin: SignalPin, key: string): number | null {
    const value = numberParam(pin.params, key);
    if (value === null) this.lack(pin, key);
    return value;
  }

  needWord(pin: SignalPin, key: string): string | null {
    const value = wordParam(pin.params, key);
    if (value === null) this.lack(pin, key);
    return value;
  }

  lack(pin: SignalPin, key: string): void {
    this.missing.push(`${key} of ${label(pin)}`);
  }

  show(label: string, text: string): void {
    this.lines.push({ label, text });
  }

  get lacks(): boolean {
    return this.missing.length > 0;
  }

  way(verdict: Verdict, adapters: readonly Adapter[], why: string): Way {
    const minutes = JOIN_MINUTES + adapters.reduce((sum, adapter) => sum + MINUTES[adapter.type], 0);
    return { verdict, adapters, why, missing: [...this.missing], reckoning: [...this.lines], minutes };
  }

  /** The honest answer where a fact is missing. */
  manual(why = "", adapters: readonly Adapter[] = []): Way {
    const missing = this.missing.length === 0 ? "" : `Missing: ${this.missing.join(", ")}`;
    return this.way("manual", adapters, [why, missing].filter((part) => part !== "").join(". ") || "A person must choose");
  }
}

export function wordParam(params: Params, key: string): string | null {
  const value = params[key];
  return value === undefined || value === "" ? null : value;
}

/** Numbers as people read them in a reason: up to three digits, no trailing zeros. */
export function plain(value: number): string {
  const rounded = Math.abs(value) >= 100 ? Math.round(value * 10) / 10 : Number(value.toPrecision(3));
  return String(rounded).replace("-", "−");
}

export function plainOhms(ohms: number): string {
  return ohms >= 1000 ? `${plain(ohms / 1000)} kΩ` : `${plain(ohms)} Ω`;
}

/** Rank of verdicts, best first: what needs nothing, then what can be made, then what cannot be told or done. */
export const VERDICT_RANK: Readonly<Record<Verdict, number>> = { direct: 0, calibration: 1, adapter: 2, manual: 3, impossible: 4 };

export const rankWays = (ways: readonly Way[]): Way[] =>
  [...ways].sort((a, b) => VERDICT_RANK[a.verdict] - VERDICT_RANK[b.verdict] || a.minutes - b.minutes);
