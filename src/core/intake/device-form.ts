import type { Kind, Quantity, Side } from "../forms";
import type { Reading } from "./concepts";
import { COMPUTER_LAMP, DEVICE_CONCEPTS, DEVICE_FORMS, DEVICES, type Device } from "./data/devices";
import { FAMILIES } from "./data/families";
import type { Place } from "./data/places";

/** A form told by the noun of a row alone. */
export interface DeviceForm {
  readonly device: Device;
  readonly kind: Kind;
  /** 0 … 1. */
  readonly sure: number;
}

/** Concepts that say how, where or which way, not what. */
const SAYS_LITTLE: ReadonlySet<string> = new Set([
  ...DEVICES,
  ...DEVICE_CONCEPTS.flatMap(([, concepts]) => concepts),
  ..."in out to from signal control feed supply ground earth high low main run on positive negative".split(" "),
]);

/**
 * The form of a row of which the purpose is not in the vocabulary but the device is ("PTO lamp" at the instruments is a
 * lamp, whatever PTO is); null where no device is named, where nothing but the device is ("relay"), where the row is a
 * feed or a return, or where a device's place leaves its form open.
 */
export function deviceForm(reading: Reading, place: Place, side: Side): DeviceForm | null {
  const { concepts } = reading;
  if (["ground", "sensorground", "feed", "supply", "return"].some((one) => concepts.has(one))) return null;
  const device = DEVICE_CONCEPTS.find(([, names]) => names.some((one) => concepts.has(one)))?.[0];
  if (device === undefined) return null;
  const isNamed = reading.unknownWords.some(isName) || [...concepts].some((one) => !SAYS_LITTLE.has(one));
  if (!isNamed) return null;
  const isRead = concepts.has("position") || concepts.has("monitor") || concepts.has("in");
  if (isRead && (device === "solenoid" || device === "motor" || device === "relay")) return null;
  if (concepts.has("out") && (device === "switch" || device === "thermistor" || device === "sensor")) return null;
  const form = device === "lamp" && place === "computer" ? COMPUTER_LAMP[side] : DEVICE_FORMS[place]?.[device];
  return form === undefined || form === null ? null : { device, kind: form[0], sure: form[1] };
}

const isName = (word: string) => /[a-z]{2}/.test(word);

/**
 * Whether the device that a row names cannot carry the quantity that other words of it speak of: an "exhaust brake
 * solenoid" is no brake pedal's switch. `explained`: the concepts that the quantity's rule speaks of.
 */
export function contradictsDevice(
  quantity: Quantity,
  concepts: ReadonlySet<string>,
  explained: readonly string[],
): boolean {
  const isSolenoid = ["solenoid", "valve"].some((one) => concepts.has(one) && !explained.includes(one));
  const { type } = FAMILIES[quantity];
  return isSolenoid && !concepts.has("feed") && !concepts.has("supply") && (type === "contact" || type === "sensor");
}
