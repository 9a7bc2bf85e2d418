import { commonBand, valueAt } from "../gauges";
import type { SignalPin } from "../signals";
import type { Instrument } from "./instruments";
import { MOST_SHARE, type SenderGiven, senderBench } from "./sender-bench";

/** One of the two points at which a dial is proved true. */
export interface DialCheck {
  readonly instrument: SignalPin;
  readonly driver: SignalPin;
  readonly quantity: Instrument["quantity"];
  /** What is true, in the quantity's unit. */
  readonly x: number;
  /** What the dial may show. */
  readonly low: number;
  readonly high: number;
  /** What makes it true: a resistor in the sender's place, or what something else reads beside it. */
  readonly by: "resistor" | "computer" | "satellite-speed";
  /** That resistor, Ω; null where none is put in. */
  readonly ohms: number | null;
}

/** Places of the band at which a needle is read: far from its ends, far from each other. */
const SHARES = [0.25, 0.75] as const;
const ENGINE_SPEEDS = [1000, 3000] as const;
const ROAD_SPEEDS = [50, 80] as const;
/** A tachometer may be off by this, or by a twentieth where that is more: our usual, rpm. */
const RPM_OFF = 100;

/**
 * Two points for every dial that is decided. A needle's true value is set by a resistor in its sender's place; where a
 * computer drives it, what that computer itself reads stands beside it.
 */
export function dialChecks(instruments: readonly Instrument[], givenOf: (pinId: string) => SenderGiven): DialCheck[] {
  return instruments.flatMap((instrument): DialCheck[] => {
    const { pin, driver, line, quantity, type } = instrument;
    const given = givenOf(pin.id);
    const isDecided = line?.state === "decided" && (line.provider.id === driver?.id || line.consumer.id === driver?.id);
    if (driver === null || (!isDecided && given.way !== "cable-drive")) return [];
    const at = { instrument: pin, driver, quantity };
    switch (type) {
      case "tachometer":
        return ENGINE_SPEEDS.map((x) => {
          const off = Math.max(RPM_OFF, MOST_SHARE * x);
          return { ...at, x, low: x - off, high: x + off, by: "computer", ohms: null };
        });
      case "speedometer":
        // UN Regulation No. 39: never below, at most a tenth and 4 km/h above.
        return ROAD_SPEEDS.map((x) => ({ ...at, x, low: x, high: 1.1 * x + 4, by: "satellite-speed", ohms: null }));
      case "sender":
        return needleChecks(instrument, given);
      default:
        return [];
    }
  });
}

function needleChecks(instrument: Instrument, given: SenderGiven): DialCheck[] {
  const { pin, driver, line, quantity } = instrument;
  const { gauge, sender, band, interpolate, needle } = senderBench(instrument, given);
  if (driver === null || gauge === null || band === null) return [];
  const types = line?.adapters.map((adapter) => adapter.type) ?? [];
  // The gauge's own sender is its own curve; a driver's value is read off the computer.
  const by = types.includes("gauge-driver") || driver.form.kind !== "resistive-out" ? "computer" : "resistor";
  const curve = types.includes("second-sender") ? gauge : sender;
  if (by === "resistor" && (curve === null || commonBand(curve, gauge) === null)) return [];
  const off = MOST_SHARE * (band[1] - band[0]) + (needle ?? 0);
  return SHARES.map((share): DialCheck => {
    const x = band[0] + share * (band[1] - band[0]);
    return {
      instrument: pin,
      driver,
      quantity,
      x,
      low: x - off,
      high: x + off,
      by,
      ohms: by === "resistor" && curve !== null ? valueAt(curve, x, interpolate) : null,
    };
  });
}
