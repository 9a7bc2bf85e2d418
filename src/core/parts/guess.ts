import type { ElementSpec } from "./elements";
import type { CavityFacts, ConnectorFacts } from "./facts";
import { AMMETER, guessedElements, isGround, RECTIFIER } from "./guessed-elements";

/** What a connector sits on, told from what is printed on it and what its cavities do. */
export interface PartGuess {
  readonly type: string;
  readonly elements: readonly ElementSpec[];
}

/** Words of a label by which a part is known; the first that fits is taken. */
const BY_LABEL: readonly (readonly [RegExp, string])[] = [
  [/\brelay\b/i, "relay"],
  [/flasher/i, "flasher"],
  // "Battery left", "battery positive"; a battery's box, isolator or sensor is not one, and gives nothing of its own.
  [/\bbatter(y|ies)\b(?!\s+(?!left|right|front|rear|main|positive|negative|posts?\b|terminals?\b)[a-z])/i, "battery"],
  [/fuse ?(box|block|board|panel|holder)|^f(b|use)s?\d*$/i, "fuse-box"],
  // Halves that meet. Until the other half is told, what its wires reach is not known: no computer, and no end either.
  [/\bbulk ?head\b|\bfirewall\b|\bin[- ]?line\b/i, "plug"],
  // Fed by a stator's alternating current, it gives what an alternator gives.
  [RECTIFIER, "alternator"],
  // Its alternating current is the rectifier's affair: nothing of it is in a solution of direct current.
  [/\bstator\b/i, "plug"],
  // A control box of dynamo days is the regulator: contacts and coils that nobody's table tells.
  [/^((voltage|charging|dynamo|alternator) )?regulator\b|\b(control|cut-?out) box\b/i, "assembly"],
  [AMMETER, "gauge"],
  // Whatever it controls; a pump's module is the pump.
  [/computer|control (unit|module)/i, "computer"],
  [/splice pack|^sp\d+$/i, "splice-pack"],
  [/\bign(ition)?\.? (sw\b|switch|barrel|lock)|key ?switch|^key$/i, "key-switch"],
  [/\b(earth|ground)\b|^g\d+$|^gnd\d*$/i, "ground-stud"],
  [/alternator|\bdynamo\b|\bgenerator\b/i, "alternator"],
  [/starter(?! cable)/i, "starter"],
  // The button that works a horn, not the horn.
  [/\bhorn (button|push)\b|push ?button/i, "switch"],
  [/\bswitch\b|contact breaker|distributor/i, "switch"],
  [/sender|\bsensor\b|thermistor|meter\b|pedal|lambda/i, "sensor"],
  [/\blamps?\b|headlamp|indicator|bulb/i, "lamp"],
  [/motor|pump|fan\b|blower/i, "motor"],
  [/horn/i, "horn"],
  [/injector|valve|solenoid|\bcoil\b/i, "solenoid"],
  [/heater|heating/i, "heater"],
  [/module|instruments?|cluster|^ip$|radio/i, "computer"],
];

/** Parts that need their own feeds and grounds for anything that they do. */
export const POWERED: ReadonlySet<string> = new Set(["computer"]);

/** A connector of this many cavities, of which nothing else is known, is taken for a computer's. */
const COMPUTER_CAVITIES = 16;

export function guessPart(
  connector: Pick<ConnectorFacts, "label" | "mateId">,
  pins: readonly CavityFacts[],
): PartGuess {
  const type = typeOf(connector, pins);
  return { type, elements: guessedElements(type, pins, connector.label) };
}

function typeOf({ label, mateId }: Pick<ConnectorFacts, "label" | "mateId">, pins: readonly CavityFacts[]): string {
  if (mateId !== null) return "in-line";
  const named = BY_LABEL.find(([pattern]) => pattern.test(label))?.[1];
  if (named === "ground-stud" && !pins.every(isGround)) return "plug";
  if (named !== undefined) return named;
  if (pins.length > 0 && pins.length <= 12 && pins.every((pin) => pin.form.kind === "ground")) return "ground-stud";
  if (pins.filter((pin) => pin.form.kind === "supply-out").length >= 4) return "fuse-box";
  if (pins.length >= COMPUTER_CAVITIES) return "computer";
  return pins.some((pin) => pin.form.kind !== "unknown" && pin.form.kind !== "spare") ? "assembly" : "plug";
}
