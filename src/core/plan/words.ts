import { type Adapter, type AdapterType, plain, plainOhms } from "../signals";

const NAMES: Readonly<Record<AdapterType, string>> = {
  "pull-up": "pull-up", "pull-down": "pull-down", "series-resistor": "series resistor", "voltage-divider": "divider", "level-shifter": "level shifter",
  inverter: "inverter", clamp: "clamp", "flyback-diode": "flyback diode", "blocking-diode": "blocking diode", fuse: "fuse", relay: "relay",
  "low-side-switch": "low-side switch", "high-side-switch": "high-side switch", "dc-converter": "converter", "reluctor-conditioner": "conditioner",
  "frequency-scaler": "pulse scaler", "pattern-converter": "pattern converter", "coil-simulator": "coil simulator", igniter: "igniter",
  "pwm-filter": "filter", "analogue-scaler": "scaler", "resistor-network": "resistor network", "gauge-driver": "gauge driver", "second-sender": "second sender",
  "threshold-switch": "threshold switch", "lambda-converter": "lambda converter", "can-gateway": "gateway", "can-termination": "bus termination",
  "security-module": "security module", loop: "loop", "dummy-load": "dummy load", calibration: "calibration",
};

export const adapterName = (type: AdapterType) => NAMES[type];

/** An adapter with its values as a technician reads them: `pull-up 2.2 kΩ to 12 V`. A value that is not known is `?`. */
export function describeAdapter(adapter: Adapter): string {
  const name = NAMES[adapter.type];
  const number = (key: string) => (typeof adapter[key] === "number" ? plain(adapter[key]) : "?");
  const ohms = (key: string) => (typeof adapter[key] === "number" ? plainOhms(adapter[key]) : "? Ω");
  switch (adapter.type) {
    case "pull-up": return `${name} ${ohms("ohms")} to ${number("volts")} V`;
    case "pull-down": return `${name} ${ohms("ohms")}`;
    case "voltage-divider": return `${name} ${ohms("upperOhms")} / ${ohms("lowerOhms")}`;
    case "level-shifter": case "inverter": case "dc-converter": return `${name} ${number("inVolts")} V → ${number("outVolts")} V`;
    case "flyback-diode": case "blocking-diode": return `${name} ${number("amps")} A`;
    case "fuse": return `${name} ${number("amps")} A`;
    case "relay": return `${name}, coil ${ohms("coilOhms")}, contact ${number("contactAmps")} A from ${adapter.contactFeed ?? "a feed to choose"}`;
    case "low-side-switch": case "high-side-switch": return `${name} ${number("maxAmps")} A`;
    case "frequency-scaler": return `${name} × ${number("ratio")}`;
    case "coil-simulator": return `${name} ${number("peakVolts")} V`;
    case "reluctor-conditioner": return `${name} at ${number("thresholdVolts")} V`;
    case "calibration": return `set ${adapter.parameter}: ${number("from")} → ${number("to")}`;
    case "loop": return `${name} ${adapter.from ?? "?"} – ${adapter.to ?? "?"}`;
    default: return name;
  }
}

export function describeChain(adapters: readonly Adapter[]): string {
  return adapters.map(describeAdapter).join(", then ");
}
