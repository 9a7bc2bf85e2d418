import { type CavityFacts, type Harness, nodeName } from "../../harness";
import { sizeWords, temperatureText } from "../../units";
import { onceFor } from "../once-for";
import { settingValue } from "../settings";
import type { ChargeBalance, CrankingReport } from "../tables/loads";
import type { PowerSolution } from "../types";
import type { Finding } from "./types";

/** A vehicle should stand this long and start, days. */
const DAYS_TO_STAND = 21;
/** A sound battery at 20 °C stays above this while cranking, V. */
const CRANK_BATTERY_VOLTS = 9.6;
/** What a computer should have to spare above its least voltage while cranking, V. */
const CRANK_MARGIN = 1;

export const energyFindings = (solution: PowerSolution, charge: ChargeBalance, crank: CrankingReport): Finding[] => [...drain(charge), ...balance(solution, charge), ...starting(solution, crank), ...terminations(solution.model.facts.harness)];

const base = { node: null, pinId: null, also: [] } as const;

function drain({ daysToHalf, parkedAmps, parkedLoads }: ChargeBalance): Finding[] {
  if (daysToHalf === null || daysToHalf >= DAYS_TO_STAND) return [];
  const names = parkedLoads.slice(0, 3).map((row) => `${row.name} ${(1000 * row.amps).toFixed(0)} mA`).join(", ");
  return [{ ...base, key: "drain", code: "drain", severity: daysToHalf < 3 ? "fault" : "note", title: `Parked, ${(1000 * parkedAmps).toFixed(0)} mA flow: half the battery is gone in ${daysToHalf < 10 ? daysToHalf.toFixed(1) : Math.round(daysToHalf)} days`, why: `Most of it goes into ${names || "small loads"}.`, state: "off", amount: { value: 1000 * parkedAmps, limit: null, unit: "mA" }, where: "battery −", cures: [{ text: "Measure it with a clamp at the negative cable, then take fuses out one by one", edit: null }] }];
}

/** A drawn alternator that gives less than this is joined to nothing, A. */
const CHARGES_AMPS = 0.5;

function balance(solution: PowerSolution, { neededAmps, idleAmps, roadAmps, givenAmps, batteryAmps }: ChargeBalance): Finding[] {
  if (givenAmps < CHARGES_AMPS && batteryAmps < -CHARGES_AMPS) return [uncharged(solution, -batteryAmps)];
  if (neededAmps <= idleAmps) return [];
  const road = neededAmps > roadAmps;
  return [{ ...base, key: "charge", code: "charge", severity: road ? "fault" : "note", title: `With everything on ${neededAmps.toFixed(0)} A are needed, and the alternator gives ${(road ? roadAmps : idleAmps).toFixed(0)} A ${road ? "at most" : "at idle"}`, why: road ? "The battery is drained on the road." : "At idle the battery gives the rest; on the road it is charged again.", state: "running", amount: { value: neededAmps, limit: road ? roadAmps : idleAmps, unit: "A" }, where: "alternator", cures: [{ text: "A stronger alternator, a smaller pulley, or lamps of fewer watts", edit: null }] }];
}

/** A cable of this size carries a usual alternator's current; some metres of it reach the battery. */
const CHARGE_CABLE = { sizeMm2: 16, lengthM: 1.5 } as const;

/** No alternator's output leads to the battery: it runs on what it has. */
function uncharged({ model }: PowerSolution, amps: number): Finding {
  const { harness } = model.facts;
  const pinOf = (type: string, terminal: RegExp) => harness.parts.filter((part) => part.type === type).flatMap((part) => part.terminals.filter(({ name, pinId }) => terminal.test(name) && pinId !== null)).at(-1)?.pinId ?? null;
  const [output, plus] = [pinOf("alternator", /^b\+?$|^30$/i), pinOf("battery", /^(\+|1|30)$/)];
  const hours = (settingValue(model.facts.settings, "battery-ah") * settingValue(model.facts.settings, "battery-charge")) / 100 / amps;
  return {
    ...base, key: "charge", code: "charge", severity: output === null ? "note" : "stop", title: `With the engine running nothing charges the battery: it gives ${amps.toFixed(0)} A`,
    why: `${output === null ? "No alternator is in the tables" : "No wire or link joins the alternator's output to it"}; with everything on it is empty in ${hours < 2 ? `${(60 * hours).toFixed(0)} minutes` : `${hours.toFixed(0)} hours`}, and the engine stops.`,
    state: "running", pinId: output, amount: { value: amps, limit: 0, unit: "A" }, where: output === null ? "battery +" : nodeName(harness, harness.nodeOfPin.get(output) as number),
    cures: [output === null || plus === null ? { text: "Add the alternator and its cable to the harness", edit: null } : { text: `A cable of ${sizeWords(CHARGE_CABLE.sizeMm2, model.facts.units)} from the alternator's output to the battery`, edit: { type: "strap", fromPinId: output, toPinId: plus, ...CHARGE_CABLE } }],
  };
}

/** With less than this no starter turns: that is a finding of its feed, not of the battery, A. */
const TURNS_AMPS = 10;

function starting(solution: PowerSolution, crank: CrankingReport): Finding[] {
  const found: Finding[] = [];
  if (crank.starterVolts === null || crank.amps < TURNS_AMPS || !solution.states.has("crank")) return found;
  if (crank.batteryVolts < CRANK_BATTERY_VOLTS) {
    found.push({ ...base, key: "cranking battery", code: "cranking", severity: crank.batteryVolts < 8 ? "stop" : "note", title: `The battery falls to ${crank.batteryVolts.toFixed(1)} V while cranking at ${temperatureText(crank.batteryC, solution.model.facts.units)}`, why: `${crank.amps.toFixed(0)} A through ${(1000 * crank.batteryOhms).toFixed(1)} mΩ of its own.`, state: "crank", amount: { value: crank.batteryVolts, limit: CRANK_BATTERY_VOLTS, unit: "V" }, where: "battery +", cures: [{ text: "A battery of more cold cranking current", edit: { type: "setting", key: "battery-cca", value: 720 } }] });
  }
  for (const computer of crank.computers) {
    if (computer.volts === null || computer.volts < computer.leastVolts || computer.volts >= computer.leastVolts + CRANK_MARGIN) continue;
    found.push({ ...base, key: `cranking ${computer.label}`, code: "cranking", severity: "note", title: `${computer.label} keeps ${computer.volts.toFixed(1)} V while cranking, ${(computer.volts - computer.leastVolts).toFixed(1)} V to spare`, why: `It needs ${computer.leastVolts} V; a colder or older battery takes that.`, state: "crank", amount: { value: computer.volts, limit: computer.leastVolts, unit: "V" }, where: computer.label, cures: [] });
  }
  return found;
}

/** What a bus of two wires has at each end, Ω. */
const TERMINATOR_OHMS = 120;

/** Buses that are not ended at two places, as far as their cavities say. */
const terminations = onceFor((harness: Harness): Finding[] => {
  const byNet = new Map<number, CavityFacts[]>();
  for (const [pinId, at] of harness.nodeOfPin) {
    const pin = harness.pinById.get(pinId);
    if (pin?.kind === "can") byNet.set(harness.netOf[at] as number, [...(byNet.get(harness.netOf[at] as number) ?? []), pin]);
  }
  const found = new Map<string, Finding>();
  for (const pins of byNet.values()) {
    if (pins.length < 2 || pins.some((pin) => pin.params.terminated === undefined)) continue;
    const ended = pins.filter((pin) => pin.params.terminated === "yes");
    if (ended.length === 2) continue;
    const ohms = ended.length === 0 ? Number.POSITIVE_INFINITY : TERMINATOR_OHMS / ended.length;
    const [first] = pins as [CavityFacts];
    const key = `bus ${pins.map((pin) => pin.connectorId).toSorted().join()}`;
    const where = nodeName(harness, harness.nodeOfPin.get(first.id) as number);
    found.set(key, { ...base, key, code: "bus-termination", severity: ended.length === 0 ? "stop" : "fault", pinId: first.id, title: `The bus at ${where} has ${ended.length === 0 ? "no termination" : ended.length === 1 ? "one termination" : `${ended.length} terminations`}`, why: `Across the pair a meter reads ${Number.isFinite(ohms) ? `${ohms} Ω` : "no end"} with the battery off; two of ${TERMINATOR_OHMS} Ω make 60 Ω.`, state: "off", amount: { value: Number.isFinite(ohms) ? ohms : 1e6, limit: 60, unit: "Ω" }, where, cures: [{ text: ended.length < 2 ? `${TERMINATOR_OHMS} Ω across the pair at the end that has none` : "Take one termination out", edit: null }] });
  }
  return [...found.values()];
});
