import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import { settingValue } from "../settings";
import type { ChargeBalance, CrankingReport } from "../tables/loads";
import { atElement, atPoint, type Item, type PowerSolution } from "../types";
import { starterMotors } from "./interlock";
import { mostLostOn } from "./most-lost";
import { thickerWire } from "./thicker";
import type { Finding } from "./types";

/** A vehicle should stand this long and start, days; below the second it is a fault. */
const DAYS_TO_STAND = 21;
const DAYS_AT_LEAST = 3;
/** A sound battery at 20 °C stays above this while cranking, V. */
const CRANK_BATTERY_VOLTS = 9.6;
/** Below this it is a fault of the battery, or of the starter that is left with it (contracts/verbs.md), V. */
const CRANK_LEAST_VOLTS = 8.5;
/** More than this lost on the way to a starter and back is a fault of that way (contracts/verbs.md), V. */
const STARTER_LOST_VOLTS = 1.2;
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

function starting(solution: PowerSolution, report: CrankingReport): Finding[] {
  const { starterVolts, amps, batteryVolts, batteryOhms, batteryC, computers } = report;
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
            severity: batteryVolts < CRANK_LEAST_VOLTS ? "fault" : "note",
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
    ...weakStarter(solution, report),
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

/** A starter that turns, and has too little for what the battery has left: its cable, its return or a contact. */
function weakStarter(solution: PowerSolution, { starter, starterVolts, batteryVolts }: CrankingReport): Finding[] {
  const lost = batteryVolts - (starterVolts ?? 0);
  const tooLittle = (starterVolts ?? 0) < CRANK_LEAST_VOLTS && batteryVolts >= CRANK_LEAST_VOLTS;
  const [motor] = starterMotors(solution.model);
  if (starterVolts === null || motor === undefined || starter.from !== "solved") return [];
  if (lost <= STARTER_LOST_VOLTS && !tooLittle) return [];
  const { planned } = motor;
  const part =
    planned.origin.type === "part" ? solution.model.facts.harness.partById.get(planned.origin.partId) : undefined;
  const cable = part?.terminals.find(({ name }) => name === "30" || name === "B")?.pinId ?? part?.terminals[0]?.pinId;
  const most = mostLostOn(solution, "crank", motor.a);
  return [
    {
      ...base,
      code: "cranking",
      what: "starter",
      key: `cranking ${motor.name}`,
      severity: "fault",
      volts: starterVolts,
      lostVolts: lost,
      amps: starter.amps,
      mostLost: most,
      state: "crank",
      node: motor.a,
      pinId: cable ?? null,
      amount:
        lost > STARTER_LOST_VOLTS
          ? { value: lost, limit: STARTER_LOST_VOLTS, unit: "V" }
          : { value: starterVolts, limit: CRANK_LEAST_VOLTS, unit: "V" },
      at: cable == null ? atElement(planned) : atPoint(cavityPoint(solution.model.facts.harness, cable)),
      cures:
        most?.origin.type === "wire"
          ? [thickerWire(most.origin, most.volts, lost - STARTER_LOST_VOLTS, solution.model.facts.units)]
          : [],
    },
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
