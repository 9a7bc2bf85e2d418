import { describe, expect, test } from "vitest";
import { ADAPTER_VALUE_WORDS, adapterFaultText } from "../words";
import { ADAPTER_TYPES, type Adapter, adapterFault, adapterFields } from "./adapter";

describe("values that a person gives an adapter", () => {
  const scaler: Adapter = { type: "frequency-scaler", ratio: null, outVolts: null };
  const pullUp: Adapter = { type: "pull-up", ohms: 2200, volts: 12 };
  const window: Adapter = { type: "threshold-switch", onAt: 95, offAt: null, maxAmps: null };
  test.each([
    [scaler, "ratio", 1.5, null],
    [scaler, "ratio", 0, "not-above-zero"],
    [scaler, "ratio", -1, "not-above-zero"],
    [scaler, "ratio", Number.NaN, "no-number"],
    [{ type: "analogue-scaler", gain: 2, offsetVolts: 0 } as Adapter, "offsetVolts", -2.5, null],
    [{ type: "analogue-scaler", gain: 2, offsetVolts: 0 } as Adapter, "gain", 0, "zero"],
    [window, "offAt", 90, null],
    [window, "offAt", 95, "same-levels"],
    // 12² ÷ 220 Ω are 0.65 W, 12² ÷ 470 Ω 0.31 W.
    [pullUp, "ohms", 220, "too-hot"],
    [pullUp, "ohms", 470, null],
    [{ ...pullUp, volts: 5 } as Adapter, "ohms", 220, null],
  ])("%j: %s %d: %s", (adapter, key, value, code) => {
    const fault = adapterFault(adapter as Adapter, key as string, value as number);
    expect(fault?.code ?? null).toBe(code);
    if (fault !== null) expect(adapterFaultText(fault).length).toBeGreaterThan(8);
  });
  test("every value of every type has a name with its unit", () => {
    for (const type of ADAPTER_TYPES)
      for (const { key } of adapterFields(type)) expect(ADAPTER_VALUE_WORDS[key], `${type} ${key}`).toBeDefined();
  });
});
