import { type KeyCell, type KeyRow, type KeyVerdict, leastVolts, type PowerState, type Severity } from "@/core/power";
import type { Mark } from "@/ui/marks";

/** Head of a column of the key table. */
export const STATE_HEADS: Readonly<Record<PowerState, string>> = { off: "Off", accessory: "Accessory", run: "Run", crank: "Crank", running: "Running", "run-on": "Just off" };

/** A verdict as shape and word. */
export const VERDICTS: Readonly<Record<KeyVerdict, { readonly mark: Mark; readonly word: string; readonly bad: boolean }>> = {
  alive: { mark: "proven", word: "lives", bad: false },
  dead: { mark: "refused", word: "dead", bad: false },
  also: { mark: "proposed", word: "also lives", bad: false },
  missing: { mark: "blocked", word: "must live", bad: true },
  low: { mark: "blocked", word: "too low", bad: true },
  "back-fed": { mark: "blocked", word: "fed back", bad: true },
  floating: { mark: "blocked", word: "no feed", bad: true },
};

/** Why a cell of the key table has its verdict. */
export function cellWhy({ pin }: Pick<KeyRow, "pin">, { verdict, state, across, needed, idle }: KeyCell): string {
  const key = state === "run-on" ? "off" : state;
  const volts = `${(across ?? 0).toFixed(1)} V`;
  switch (verdict) {
    case "floating": return "Nothing leads here";
    case "alive": return idle ? "Fed; its other side is open now, or live as well" : "Lives, as it must";
    case "missing": return `Must live in ${key}, and is dead`;
    case "low": return `${volts} across it, ${leastVolts(pin, state)} V needed`;
    case "dead": return needed === false ? "Dead, as it must be" : "Dead";
    case "back-fed": return `${volts} with the key off, and it must be dead`;
    case "also": return needed === null ? "Lives here; nobody said when it must" : `Lives in ${key} as well`;
  }
}

export const SEVERITY_WORDS: Readonly<Record<Severity, { readonly mark: Mark; readonly word: string; readonly means: string }>> = {
  danger: { mark: "blocked", word: "Danger", means: "hotter than it bears, or a way not made for it" },
  stop: { mark: "blocked", word: "Engine", means: "the engine does not start, does not run, or does not stop" },
  fault: { mark: "proposed", word: "Fault", means: "another consumer, signal or gauge is outside its limits" },
  note: { mark: "open", word: "Note", means: "within limits, with less to spare than one wants" },
};

export const voltsText = (volts: number | null): string => (volts === null ? "—" : `${Math.abs(volts) < 0.005 ? "0.00" : volts.toFixed(2)}`);
export const ampsText = (amps: number): string => (Math.abs(amps) < 0.0005 ? "0 A" : Math.abs(amps) < 1 ? `${(1000 * amps).toFixed(Math.abs(amps) < 0.01 ? 1 : 0)} mA` : `${amps.toFixed(Math.abs(amps) < 100 ? 1 : 0)} A`);
/** Volts lost, where a tenth of a volt counts: `240 mV`, `1.2 V`. */
export const dropText = (volts: number): string => (Math.abs(volts) < 1 ? `${(1000 * volts).toFixed(0)} mV` : `${volts.toFixed(2)} V`);
