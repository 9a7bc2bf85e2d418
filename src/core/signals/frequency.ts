import { numberParam } from "../forms";
import { bestFraction } from "./fractions";
import { plain, Reckoner, SUPPLY, wordParam } from "./reckon";
import { dividerFor, pullUp } from "./switched";
import { type Adapter, label, type SignalPin, type Way } from "./types";

const PULSE_KEYS = ["pulsesPerRev", "pulsesPerShaftRev", "pulsesPerKm"] as const;
/** Largest denominator that a scaler of the trade can be set to. */
const MAX_DENOMINATOR = 255;

/** From a pulse output to a pulse input: how often it pulses, then how high it swings. */
export function frequencyWays(provider: SignalPin, consumer: SignalPin): Way[] {
  const reckon = new Reckoner();
  const count = comparePulses(provider, consumer, reckon);
  if (count === null) return [reckon.manual("", [])];
  if (count.ratio === 1) return [toWay(matchSwing(provider, consumer, reckon), reckon, "Pulses agree")];

  const settable = [provider, consumer].find((pin) => pin.params.settable === "yes");
  const ways: Way[] = [];
  if (settable !== undefined) {
    const copper = matchSwing(provider, consumer, reckon);
    const change: Adapter = { type: "calibration", parameter: count.key, from: settable === provider ? count.from : count.to, to: settable === provider ? count.to : count.from };
    const says = `${label(settable)} can be set: ${count.key} ${plain(Number(change.from))} → ${plain(Number(change.to))}`;
    if (copper.type === "manual") ways.push(reckon.manual(copper.why));
    else ways.push(reckon.way(copper.adapters.length === 0 ? "calibration" : "adapter", [change, ...copper.adapters], copper.adapters.length === 0 ? says : `${says}; ${copper.why}`));
  }
  ways.push(scaled(provider, consumer, count.ratio, count.text, reckon));
  return ways;
}

function comparePulses(provider: SignalPin, consumer: SignalPin, reckon: Reckoner): { key: string; from: number; to: number; ratio: number; text: string } | null {
  const given = PULSE_KEYS.filter((key) => numberParam(provider.params, key) !== null);
  const wanted = PULSE_KEYS.filter((key) => numberParam(consumer.params, key) !== null);
  const key = given.find((one) => wanted.includes(one));
  if (key === undefined) {
    if (given.length === 0) reckon.lack(provider, wanted[0] ?? "pulsesPerRev");
    if (wanted.length === 0) reckon.lack(consumer, given[0] ?? "pulsesPerRev");
    if (given.length > 0 && wanted.length > 0) reckon.lack(provider, `${given[0]} against ${wanted[0]}: teeth, final drive or tyre`);
    return null;
  }
  const from = numberParam(provider.params, key) as number;
  const to = numberParam(consumer.params, key) as number;
  const fraction = bestFraction(to / from, MAX_DENOMINATOR);
  const text = `${fraction.numerator}/${fraction.denominator}, error ${plain(fraction.error * 100)} %`;
  reckon.show("pulses", `${plain(from)} : ${plain(to)} ${key} → ${to === from ? "no scaling" : `× ${text}`}`);
  return { key, from, to, ratio: to === from ? 1 : fraction.numerator / fraction.denominator, text };
}

type Swing = { readonly type: "fits"; readonly adapters: readonly Adapter[]; readonly why: string } | { readonly type: "manual"; readonly why: string };

/** Above the supply's highest no level can be meant: such an input waits for the spikes of an ignition coil. */
const spikeVolts = (consumer: SignalPin) => Math.max(numberParam(consumer.params, "highVolts") ?? 0, numberParam(consumer.params, "amplitude") ?? 0);
const wantsCoilSpikes = (consumer: SignalPin) => spikeVolts(consumer) > SUPPLY.highest;
const coilSimulator = (consumer: SignalPin): Adapter => ({ type: "coil-simulator", peakVolts: Math.ceil(1.5 * spikeVolts(consumer)) });
/** Half a watt is the usual part; a spike's energy is small, and it comes some hundred times a second at most. */
const clampAt = (volts: number): Adapter => ({ type: "clamp", volts, watts: 0.5 });

function matchSwing(provider: SignalPin, consumer: SignalPin, reckon: Reckoner): Swing {
  const drive = reckon.needWord(provider, "drive");
  if (drive === null) return { type: "manual", why: "" };
  const fast = numberParam(provider.params, "maxHz");
  const bears = numberParam(consumer.params, "maxHz");
  if (fast !== null && bears !== null && fast > bears) return { type: "manual", why: `${label(provider)} pulses at up to ${plain(fast)} Hz and ${label(consumer)} follows to ${plain(bears)} Hz` };
  const spikes = numberParam(provider.params, "amplitude");
  if (wantsCoilSpikes(consumer) && spikes !== null && spikes >= spikeVolts(consumer)) return spikesAsTheyAre(provider, consumer, spikes, reckon);
  if (wantsCoilSpikes(consumer)) {
    return { type: "fits", adapters: [coilSimulator(consumer)], why: `${label(consumer)} waits for spikes of ${plain(spikeVolts(consumer))} V, as a coil's negative terminal gives; ${label(provider)} is ${drive}` };
  }
  switch (drive) {
    case "open-collector": case "contact": return openSwing(provider, consumer, drive, reckon);
    case "push-pull": return drivenSwing(provider, consumer, reckon);
    case "sine": {
      const amplitude = numberParam(provider.params, "amplitude");
      reckon.show("conditioner", `sine${amplitude === null ? "" : ` of ${plain(amplitude)} V`} to a square wave`);
      return { type: "fits", adapters: [conditioner(provider, consumer)], why: `${label(provider)} gives a sine, and ${label(consumer)} reads levels` };
    }
    default: return { type: "manual", why: `The drive “${drive}” of ${label(provider)} is not known here` };
  }
}

/** A coil's own terminal into an instrument made for one: right as it is, unless its spikes are beyond what the input stands. */
function spikesAsTheyAre(provider: SignalPin, consumer: SignalPin, spikes: number, reckon: Reckoner): Swing {
  const maxVolts = reckon.need(consumer, "maxVolts");
  if (maxVolts === null) return { type: "manual", why: `${label(provider)} gives spikes of ${plain(spikes)} V` };
  reckon.show("spikes", `${plain(spikes)} V against a limit of ${plain(maxVolts)} V`);
  if (spikes <= maxVolts) return { type: "fits", adapters: [], why: `spikes of ${plain(spikes)} V, which ${label(consumer)} stands` };
  return { type: "fits", adapters: [clampAt(maxVolts)], why: `spikes of ${plain(spikes)} V are cut at the ${plain(maxVolts)} V that ${label(consumer)} stands` };
}

/** A quarter of the amplitude stays clear of noise and is still crossed at a fraction of full speed. */
function conditioner(provider: SignalPin, consumer: SignalPin): Adapter {
  const amplitude = numberParam(provider.params, "amplitude");
  return { type: "reluctor-conditioner", thresholdVolts: amplitude === null ? null : Number((amplitude / 4).toPrecision(3)), outVolts: outVoltsFor(consumer) };
}

/** A made output swings to 12 V unless the input stands less. */
function outVoltsFor(consumer: SignalPin): number {
  const maxVolts = numberParam(consumer.params, "maxVolts");
  return maxVolts !== null && maxVolts < SUPPLY.nominal ? 5 : SUPPLY.nominal;
}

function openSwing(provider: SignalPin, consumer: SignalPin, drive: string, reckon: Reckoner): Swing {
  const pull = reckon.needWord(consumer, "pull");
  const what = drive === "contact" ? "a contact to ground" : "an open collector";
  if (pull === null) return { type: "manual", why: `${label(provider)} is ${what}: whether ${label(consumer)} pulls up decides` };
  const [pullVolts, high] = [numberParam(consumer.params, "pullVolts"), numberParam(consumer.params, "highVolts")];
  if (pull === "up" && pullVolts !== null && high !== null && pullVolts < high) return { type: "manual", why: `${label(consumer)} pulls up to ${plain(pullVolts)} V and switches at ${plain(high)} V: one of them is wrong` };
  const [spikes, maxVolts] = [numberParam(provider.params, "amplitude"), numberParam(consumer.params, "maxVolts")];
  const cut = spikes !== null && maxVolts !== null && spikes > maxVolts ? [clampAt(maxVolts)] : [];
  const cutWhy = cut.length === 0 ? "" : `; its ${plain(spikes ?? 0)} V are cut at ${plain(maxVolts ?? 0)} V`;
  if (pull === "up") return { type: "fits", adapters: cut, why: `${what} into an input that pulls up${cutWhy}` };
  if (pull === "down") return { type: "manual", why: `${label(consumer)} pulls down, so that ${what} cannot lift it` };
  const resistor = pullUp(consumer, SUPPLY.running, reckon);
  if (resistor === null) return { type: "manual", why: `No pull-up reaches ${consumer.params.highVolts} V at a supply of ${SUPPLY.running} V; a level shifter must be chosen` };
  return { type: "fits", adapters: [...cut, resistor], why: `${what} into an input with no pull-up: ${plain(Number(resistor.ohms))} Ω to ${resistor.volts} V${cutWhy}` };
}

function drivenSwing(provider: SignalPin, consumer: SignalPin, reckon: Reckoner): Swing {
  const amplitude = reckon.need(provider, "amplitude");
  const high = reckon.need(consumer, "highVolts");
  const maxVolts = reckon.need(consumer, "maxVolts");
  if (amplitude === null || high === null || maxVolts === null) return { type: "manual", why: "" };
  reckon.show("swing", `${plain(amplitude)} V against a threshold of ${plain(high)} V and a limit of ${plain(maxVolts)} V`);
  if (amplitude > maxVolts) {
    const divider = dividerFor(amplitude, maxVolts);
    const divided = amplitude * Number(divider.ratio);
    if (divided >= high) return { type: "fits", adapters: [divider], why: `${plain(amplitude)} V is more than ${plain(maxVolts)} V; divided it is ${plain(divided)} V, above ${plain(high)} V` };
    return { type: "fits", adapters: [{ type: "level-shifter", inVolts: amplitude, outVolts: maxVolts }], why: `${plain(amplitude)} V is more than ${plain(maxVolts)} V, and a divider would fall below ${plain(high)} V` };
  }
  if (amplitude < high) {
    return { type: "fits", adapters: [{ type: "level-shifter", inVolts: amplitude, outVolts: Math.min(maxVolts, SUPPLY.nominal) }], why: `${plain(amplitude)} V does not reach the threshold of ${plain(high)} V` };
  }
  return { type: "fits", adapters: [], why: `swing of ${plain(amplitude)} V between ${plain(high)} V and ${plain(maxVolts)} V` };
}

function toWay(swing: Swing, reckon: Reckoner, start: string): Way {
  if (swing.type === "manual") return reckon.manual([start, swing.why].filter((part) => part !== "").join(". "));
  return reckon.way(swing.adapters.length === 0 ? "direct" : "adapter", swing.adapters, `${start}; ${swing.why}`);
}

/** A scaler's input takes open collectors and squares, and its output swings as the consumer needs: no other step beside it. */
function scaled(provider: SignalPin, consumer: SignalPin, ratio: number, text: string, reckon: Reckoner): Way {
  const drive = wordParam(provider.params, "drive");
  if (drive === null) {
    if (!reckon.lacks) reckon.lack(provider, "drive");
    return reckon.manual(`Pulses differ by ${text}`);
  }
  const chain: Adapter[] = [];
  if (drive === "sine") chain.push(conditioner(provider, consumer));
  chain.push({ type: "frequency-scaler", ratio, outVolts: outVoltsFor(consumer) });
  if (wantsCoilSpikes(consumer)) chain.push(coilSimulator(consumer));
  return reckon.way("adapter", chain, `Pulses differ: × ${text}${wantsCoilSpikes(consumer) ? `; ${label(consumer)} waits for coil spikes of ${plain(spikeVolts(consumer))} V` : ""}`);
}
