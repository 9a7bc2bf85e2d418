import type { Arithmetic, Ratio } from "../signals";
import { contactFeedWords } from "./adapters";
import { FIELD_WORDS } from "./forms";
import { amps, digits, ohms, percent, ratedAmps, ratedVolts, volts, watts } from "./numbers";
import { cavityLabel } from "./points";
import { aliveWords } from "./states";

export const ratioText = ({ numerator, denominator, error }: Ratio) =>
  `${numerator}/${denominator}, error ${percent(error)}`;
const also = (more: number) => (more > 0 ? ` + ${amps(more)}` : "");

/** A line of the arithmetic: what is compared, and its numbers. */
export function arithmeticText(line: Arithmetic): { readonly label: string; readonly text: string } {
  switch (line.type) {
    case "roles":
      return { label: "grounds", text: `${line.provider} → ${line.consumer}` };
    case "live-in":
      return {
        label: "live",
        text: `${line.given === null ? "not known" : aliveWords[line.given]} → needed ${line.wanted === null ? "in run, perhaps crank" : aliveWords[line.wanted]}`,
      };
    case "load-unknown":
      return { label: "other loads", text: "one of unknown current" };
    case "current":
      return {
        label: "current",
        text: `${amps(line.amps)}${also(line.alsoAmps)} against ${ratedAmps(line.limitAmps)}`,
      };
    case "voltage":
      return { label: "voltage", text: `${ratedVolts(line.given)} → ${ratedVolts(line.wanted)}` };
    case "contact":
      return {
        label: "contact",
        text: `${amps(line.amps)}${line.ratingAmps === null ? "" : ` ≤ 0.75 × ${ratedAmps(line.ratingAmps)}`}${line.from === null ? "" : `, from ${contactFeedWords(line.from)}`}`,
      };
    case "no-contact-feed":
      return { label: "contact", text: "no permanent feed in the pin table is strong enough" };
    case "coil-from":
      return { label: "coil", text: `${amps(line.amps)}, from ${line.from.map(cavityLabel).join(" and ")}` };
    case "coil-load":
      return { label: "coil", text: `${amps(line.amps)}${also(line.alsoAmps)} against ${ratedAmps(line.limitAmps)}` };
    case "path":
      return { label: "path", text: `switches to ${line.pole}; load's other end at ${line.otherEnd}` };
    case "flyback":
      return {
        label: "flyback",
        text: `load inductive: ${line.inductive ?? "not known"}; driver's flyback path: ${line.clamp ?? "not known"}`,
      };
    case "drive":
      return { label: "output stage", text: `${line.given} → ${line.wanted}` };
    case "sink-limit":
      return { label: "sink limit", text: `${amps(line.amps)} (assumed) → R ≥ ${ohms(line.leastOhms)}` };
    case "threshold":
      return {
        label: "threshold",
        text: `${ratedVolts(line.volts)}${line.assumed ? " (assumed)" : ""} at ${ratedVolts(line.supplyVolts)} supply`,
      };
    case "leakage":
      return { label: "leakage", text: `${amps(line.amps)} (assumed) → R ≤ ${ohms(line.mostOhms)}` };
    case "resistor-chosen":
      return {
        label: "chosen",
        text: `${ohms(line.ohms)} E24 to ${ratedVolts(line.volts)}${line.watts === null ? "" : `, ${watts(line.watts)} while charging`}`,
      };
    case "sense":
      return {
        label: "level",
        text: `closed gives ${line.pole === "ground" ? "0 V" : "battery voltage"}; input is active ${line.active}`,
      };
    case "level":
      return {
        label: "level",
        text: `up to ${ratedVolts(line.highestVolts)} against ${ratedVolts(line.maxVolts)}; at least ${ratedVolts(line.lowestVolts)} against ${line.highVolts === null ? "no stated threshold" : ratedVolts(line.highVolts)}`,
      };
    case "pulses":
      return {
        label: "pulses",
        text: `${digits(line.given)} : ${digits(line.wanted)} ${FIELD_WORDS[line.field]} → ${line.ratio === null ? "no scaling" : `× ${ratioText(line.ratio)}`}`,
      };
    case "ranges":
      return {
        label: "range",
        text: `${digits(line.given.from)} to ${digits(line.given.to)} V → ${digits(line.wanted.from)} to ${digits(line.wanted.to)} V`,
      };
    case "curve-error":
      return {
        label: "curves",
        text: `apart by up to ${percent(line.part)} of the span; the same up to ${percent(line.limit)}`,
      };
    case "patterns":
      return { label: "tooth pattern", text: `${line.given} → ${line.wanted}` };
    case "dwell":
      return {
        label: "dwell",
        text: `${digits(line.henries * 1000)} mH behind ${ohms(line.ohms)} to ${line.amps === null ? "95 % of its current" : amps(line.amps)} at ${volts(line.volts)}: ${digits(line.seconds * 1000)} ms; longer while cranking`,
      };
    case "series-least":
      return { label: "series resistor", text: `R ≥ ${ohms(line.ohms)}; then ${amps(line.amps)} flow` };
    case "conditioner":
      return {
        label: "conditioner",
        text: `sine${line.amplitudeVolts === null ? "" : ` of ${ratedVolts(line.amplitudeVolts)}`} to a square wave`,
      };
    case "spikes":
      return { label: "spikes", text: `${ratedVolts(line.volts)} against a limit of ${ratedVolts(line.limitVolts)}` };
    case "swing":
      return {
        label: "swing",
        text: `${ratedVolts(line.volts)} against a threshold of ${ratedVolts(line.highVolts)} and a limit of ${ratedVolts(line.maxVolts)}`,
      };
  }
}
