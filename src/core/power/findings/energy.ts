import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import { settingValue } from "../settings";
import type { ChargeBalance, CrankingReport } from "../tables/loads";
import { atPoint, type Item, type PowerSolution } from "../types";
import type { Finding } from "./types";

/** A vehicle should stand this long and start, days; below the second it is a fault. */
const DAYS_TO_STAND = 21;
const DAYS_AT_LEAST = 3;
/** A sound battery at 20 °C stays above this while cranking, V. */
const CRANK_BATTERY_VOLTS = 9.6;
/** Below this it is the battery that keeps the engine from starting, V. */
const CRANK_LEAST_VOLTS = 8;
/** What a computer should have to spare above its least voltage while cranking, V. */
const CRANK_MARGIN = 1;

export const energyFindings = (solution: PowerSolution, charge: ChargeBalance, crank: CrankingReport): Finding[] => [
  ...drain(charge),
  ...balance(solution, charge),
  ...starting(solution, crank),
  ...terminations(solution.model.facts.harness),
];

const base = { node: null, pinId: null, also: [] } as const;
const pole = (which: "plus" | "minus"): Item => atPoint({ type: "pole", pole: which });

function drain({ daysToHalf, parkedAmps, parkedLoads }: ChargeBalance): Finding[] {
  if (daysToHalf === null || daysToHalf >= DAYS_TO_STAND) return [];
  return [
    {
      ...base,
      code: "drain",
      key: "drain",
      severity: daysToHalf < DAYS_AT_LEAST ? "fault" : "note",
      amps: parkedAmps,
      daysToHalf,
      loads: parkedLoads.slice(0, 3).map(({ origin, amps }) => ({ origin, amps })),
      state: "off",
      amount: { value: 1000 * parkedAmps, limit: null, unit: "mA" },
      at: pole("minus"),
      cures: [{ code: "measure-drain", edit: null }],
    },
  ];
}

/** A drawn alternator that supplies less than this is joined to nothing, A. */
const CHARGES_AMPS = 0.5;

function balance(
  solution: PowerSolution,
  { neededAmps, idleAmps, roadAmps, givenAmps, batteryAmps }: ChargeBalance,
): Finding[] {
  if (givenAmps < CHARGES_AMPS && batteryAmps < -CHARGES_AMPS) return [uncharged(solution, -batteryAmps)];
  if (neededAmps <= idleAmps) return [];
  const road = neededAmps > roadAmps;
  const limit = road ? roadAmps : idleAmps;
  return [
    {
      ...base,
      code: "charge",
      what: road ? "road" : "idle",
      key: "charge",
      severity: road ? "fault" : "note",
      neededAmps,
      givenAmps: limit,
      state: "running",
      amount: { value: neededAmps, limit, unit: "A" },
      at: { type: "alternator" },
      cures: [{ code: "stronger-alternator", edit: null }],
    },
  ];
}

/** A cable of this size carries a usual alternator's current; some metres of it reach the battery. */
const CHARGE_CABLE = { sizeMm2: 16, lengthM: 1.5 } as const;

/** No alternator's output leads to the battery: it runs on what it has. */
function uncharged({ model }: PowerSolution, amps: number): Finding {
  const { harness, settings } = model.facts;
  const pinOf = (type: string, terminal: RegExp) =>
    harness.parts
      .filter((part) => part.type === type)
      .flatMap((part) => part.terminals.filter(({ name, pinId }) => terminal.test(name) && pinId !== null))
      .at(-1)?.pinId ?? null;
  const [output, plus] = [pinOf("alternator", /^b\+?$|^30$/i), pinOf("battery", /^(\+|1|30)$/)];
  const hours = (settingValue(settings, "battery-ah") * settingValue(settings, "battery-charge")) / 100 / amps;
  return {
    ...base,
    code: "charge",
    what: "none",
    key: "charge",
    severity: output === null ? "note" : "stop",
    amps,
    hours,
    hasAlternator: output !== null,
    state: "running",
    pinId: output,
    amount: { value: amps, limit: 0, unit: "A" },
    at: output === null ? pole("plus") : atPoint(cavityPoint(harness, output)),
    cures: [
      output === null || plus === null
        ? { code: "add-alternator", edit: null }
        : {
            code: "charge-cable",
            sizeMm2: CHARGE_CABLE.sizeMm2,
            edit: { type: "strap", fromPinId: output, toPinId: plus, ...CHARGE_CABLE },
          },
    ],
  };
}

/** With less than this no starter turns: that is a finding of its feed, not of the battery, A. */
const TURNS_AMPS = 10;
/** Cold cranking current of a battery a size up, A. */
const NEXT_BATTERY_CCA = 720;

function starting(
  solution: PowerSolution,
  { starterVolts, amps, batteryVolts, batteryOhms, batteryC, computers }: CrankingReport,
): Finding[] {
  if (starterVolts === null || amps < TURNS_AMPS || !solution.states.has("crank")) return [];
  const battery: Finding[] =
    batteryVolts >= CRANK_BATTERY_VOLTS
      ? []
      : [
          {
            ...base,
            code: "cranking",
            what: "battery",
            key: "cranking battery",
            severity: batteryVolts < CRANK_LEAST_VOLTS ? "stop" : "note",
            volts: batteryVolts,
            amps,
            ohms: batteryOhms,
            batteryC,
            state: "crank",
            amount: { value: batteryVolts, limit: CRANK_BATTERY_VOLTS, unit: "V" },
            at: pole("plus"),
            cures: [
              {
                code: "bigger-battery",
                coldAmps: NEXT_BATTERY_CCA,
                edit: { type: "setting", key: "battery-cca", value: NEXT_BATTERY_CCA },
              },
            ],
          },
        ];
  return [
    ...battery,
    ...computers.flatMap(({ at, volts, leastVolts }): Finding[] => {
      if (volts === null || volts < leastVolts || volts >= leastVolts + CRANK_MARGIN) return [];
      return [
        {
          ...base,
          code: "cranking",
          what: "computer",
          key: `cranking ${at.pinId}`,
          severity: "note",
          volts,
          neededVolts: leastVolts,
          state: "crank",
          amount: { value: volts, limit: leastVolts, unit: "V" },
          at: atPoint(at),
          cures: [],
        },
      ];
    }),
  ];
}

/** What a bus of two wires has at each end, Ω. */
const TERMINATOR_OHMS = 120;

/** Buses that are not ended at two places, as far as their cavities say. */
const terminations = cachedBy((harness: Harness): Finding[] => {
  const byNet = new Map<number, CavityFacts[]>();
  for (const [pinId, at] of harness.nodeOfPin) {
    const pin = harness.pinById.get(pinId);
    if (pin?.form.kind === "can")
      byNet.set(harness.netOf[at] as number, [...(byNet.get(harness.netOf[at] as number) ?? []), pin]);
  }
  const found = new Map<string, Finding>();
  for (const pins of byNet.values()) {
    if (pins.length < 2 || pins.some((pin) => fieldOf(pin.form, "terminated") === null)) continue;
    const ended = pins.filter((pin) => fieldOf(pin.form, "terminated") === "yes").length;
    if (ended === 2) continue;
    const ohms = ended === 0 ? null : TERMINATOR_OHMS / ended;
    const [first] = pins as [CavityFacts];
    const key = `bus ${pins
      .map((pin) => pin.connectorId)
      .toSorted()
      .join()}`;
    found.set(key, {
      ...base,
      code: "bus-termination",
      key,
      severity: ended === 0 ? "stop" : "fault",
      ended,
      ohms,
      pinId: first.id,
      state: "off",
      amount: { value: ohms ?? 1e6, limit: TERMINATOR_OHMS / 2, unit: "Ω" },
      at: atPoint(cavityPoint(harness, first.id)),
      cures: [{ code: ended < 2 ? "add-terminator" : "remove-terminator", ohms: TERMINATOR_OHMS, edit: null }],
    });
  }
  return [...found.values()];
});
