import type { BusLoad, BusValueAt, Conversion, RelayFault, RelayOrigin, RelayRow, Silent } from "../gateway";
import { quantityHead } from "./forms";
import { count, digits, listed, percent } from "./numbers";
import { cavityLabel } from "./points";

export const SILENT_WORDS: Readonly<Record<Silent, string>> = {
  stop: "stop sending",
  "not-available": "send “not available”",
  zero: "send zero",
  hold: "hold the last value",
};

export const RELAY_ORIGIN_WORDS: Readonly<Record<RelayOrigin, string>> = {
  chosen: "set by you",
  file: "by the file",
  assumed: "assumed",
};

/** What a gateway puts out at a wire. */
export const WIRE_OUTPUT_WORDS: Readonly<Record<string, string>> = {
  pulses: "as pulses",
  duty: "as a duty",
  switched: "as a switched output",
};

/** A message's identifier as a log has it. */
export const frameText = ({ frame, extended }: Pick<BusValueAt, "frame" | "extended">): string =>
  frame
    .toString(16)
    .toUpperCase()
    .padStart(extended ? 8 : 3, "0");

/** What a row of the gateway's table serves, by its name. */
export const relayName = ({ serves }: Pick<RelayRow, "serves">): string =>
  serves.type === "value" ? serves.value.name : cavityLabel(serves.at);

/** `× 1.8 + 32`; where nothing is changed, that it is sent as it is. */
export function conversionText({ gain, shift }: Conversion): string {
  if (gain === 1 && Math.abs(shift) < 1e-9) return "as it is";
  const by = gain === 1 ? "" : `× ${digits(gain, 5)}`;
  const moved = Math.abs(shift) < 1e-9 ? "" : `${shift < 0 ? "−" : "+"} ${digits(Math.abs(shift), 5)}`;
  return [by, moved].filter((one) => one !== "").join(" ");
}

const span = ([low, high]: readonly [number, number]) => `${digits(low, 4)} … ${digits(high, 4)}`;

/** What is wrong in a row of the gateway's table, and what to do. */
export function relayFaultText(fault: RelayFault): string {
  switch (fault.code) {
    case "no-source":
      return `Nothing on the other bus carries ${quantityHead(fault.quantity).toLowerCase()}: give it from a sensor, or do not send it.`;
    case "several-sources":
      return `${listed(fault.names)} carry it: choose one.`;
    case "unit-not-told":
      return `One of the two has no unit (“${fault.from}” to “${fault.to}”): what the number means is not known. Look at both values in a log.`;
    case "units-differ":
      return `“${fault.from}” does not become “${fault.to}”: choose another source.`;
    case "clipped":
      return `The source says ${span(fault.from)}, and the host's message takes ${span(fault.to)}: what is beyond is cut off.`;
    case "slower-than-expected":
      return `Sent each ${digits(fault.rateMs)} ms, expected each ${digits(fault.periodMs)} ms: the host takes it for missing.`;
    case "timeout-too-short":
      return `The source is sent each ${digits(fault.periodMs)} ms: after ${digits(fault.timeoutMs)} ms it is taken for silent though it is not.`;
    case "loop":
      return `A loop: ${fault.through.join(" → ")}. Do not send one of them.`;
    case "holds-old-value":
      return "The last value stays though its source is gone: an engine that overheats would still look cool.";
  }
}

/** How busy a bus is, and how much of that is known. */
export function busLoadText({ busy, messages, unknown }: BusLoad): string {
  const known = messages - unknown;
  if (busy === null) return "load not known: the bitrate is missing";
  if (known === 0)
    return `load not known: no file tells how often ${count(messages, "message")} ${messages === 1 ? "is" : "are"} sent`;
  return `${percent(busy)} busy${unknown === 0 ? "" : ` with ${known} of ${messages} messages; how often the others are sent is not known`}`;
}

/** What a meter shows across the pair with the battery off, by how many ends are terminated, and how many nobody knows of. */
export function terminationText(ended: number, unknown: number, one: number): string {
  const wanted = `${digits(one / 2)} Ω with two ends terminated`;
  if (unknown > 0)
    return `across the pair with the battery off measure ${wanted}, ${digits(one)} Ω with one; of ${count(unknown, "connector")} it is not known`;
  const shown = ended === 0 ? "an open pair" : `${digits(one / ended)} Ω`;
  return `across the pair with the battery off ${shown}${ended === 2 ? "" : `, where ${wanted} is wanted`}`;
}
