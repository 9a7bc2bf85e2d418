import type { FormField, Side } from "../forms";
import type { CavityChange, Device, FormReason, IntakeReason, Place, QuantityReason } from "../intake";
import type { Units } from "../units";
import { FIELD_WORDS, KIND_WORDS, quantityHead, quantityWords } from "./forms";
import { lengthText, sizeWords } from "./measures";
import { cavityLabel } from "./points";

/** What a newer table changes of a cavity: `size: 0.5 mm² → 0.75 mm²`. */
export function cavityChangeText(change: CavityChange, units: Units): string {
  switch (change.column) {
    case "circuit":
    case "colour":
    case "description":
    case "part":
    case "note":
      return became(change.column, change.from, change.to);
    case "otherEnd":
      return became("runs to", change.from, change.to);
    case "sizeMm2":
      return became("size", change.from && sizeWords(change.from, units), change.to && sizeWords(change.to, units));
    case "lengthM":
      return became("length", lengthText(change.from, units), lengthText(change.to, units));
    case "kind":
      return became("what it is", KIND_WORDS[change.from], KIND_WORDS[change.to]);
    case "quantity":
      return became("what it carries", quantityWords(change.from), quantityWords(change.to));
    case "params":
      return eachValue(change.from, change.to, (key) => FIELD_WORDS[key as FormField] ?? key);
    case "extra":
      return eachValue(change.from, change.to, (header) => header);
  }
}

const became = (name: string, from: string | 0 | null, to: string | 0 | null) =>
  `${name}: ${from || "nothing"} → ${to || "nothing"}`;

function eachValue(
  from: Readonly<Record<string, string | undefined>>,
  to: Readonly<Record<string, string | undefined>>,
  nameOf: (key: string) => string,
): string {
  return [...new Set([...Object.keys(from), ...Object.keys(to)])]
    .filter((key) => from[key] !== to[key])
    .map((key) => became(nameOf(key), from[key] ?? null, to[key] ?? null))
    .join("; ");
}

/**
 * Why a cavity is taken for what it is: `engine speed at the computer: made by the engine computer from its pickup`.
 */
export function intakeReasonText(reason: IntakeReason): string {
  switch (reason.code) {
    case "given":
      return "Written in the table";
    case "not-read-yet":
      return "Not read yet";
    case "said-unknown":
      return "The description says that it is not known here";
    case "dash-alone":
      return "A dash alone may be a sign or nothing";
    case "moulded-terminal":
      return `Terminal ${reason.terminal} of such a part is that everywhere`;
    case "other-end":
      return `Its wire's other end is ${cavityLabel(reason)}`;
    case "pickup-fed":
      return "There is a feed beside it in the plug: a pickup with electronics inside";
    case "pickup-unfed":
      return "Two wires and no feed: a coil that makes its own voltage";
    case "device":
      return `${DEVICE_WORDS[reason.device]} at ${PLACE_WORDS[reason.place]}; what it is for is not known${howReadText(reason)}`;
    case "said-not-connected":
      return "The description says that nothing is connected";
    case "spare-carries-nothing":
      return "A spare cavity carries nothing";
    case "no-description":
      return "There is no description";
    case "no-known-word":
      return `No word of “${clipped(reason.description)}” is known`;
    case "no-quantity-named":
      return `“${clipped(reason.description)}” does not say what it carries`;
    case "named-screen":
      return "Named as a screen or drain wire";
    case "screened-signal":
      return "The screened signal";
    case "battery-negative":
      return "The battery's negative";
    case "relay-coil":
      return "A relay's coil";
    case "relay-contact":
      return "A relay's switched contact";
    case "relay-feed":
      return "The feed of a relay's contact";
    case "key-switch-feed":
      return "What comes to a key switch is its feed";
    case "switch-feed":
      return "The feed of a switch; what it is fed from is not said";
    case "fuse-box-way":
      return "A way of the fuse box; what it feeds is not understood";
    case "load-negative":
      return "The negative of a part with its own feed";
    case "worked-in-ground":
      return "The side of a valve or injector that its driver leads to ground";
    case "relay-purpose-untold":
      return "What this relay works is not said";
    case "form":
      return `${quantityHead(reason.quantity)} at ${PLACE_WORDS[reason.place]}: ${formReasonText(reason.form, reason.side)}${howReadText(reason)}`;
    default:
      return `${QUANTITY_REASON_WORDS[reason.code]}${howReadText(reason)}`;
  }
}

function formReasonText(reason: FormReason, side: Side): string {
  const words = FORM_REASON_WORDS[reason];
  return typeof words === "string" ? words : words(side);
}

const clipped = (text: string) => (text.length > 40 ? `${text.slice(0, 39)}…` : text);

const howReadText = ({
  notUnderstood,
  readAs,
}: Pick<Extract<IntakeReason, { code: "device" }>, "notUnderstood" | "readAs">) =>
  [
    "",
    ...(readAs.length === 0
      ? []
      : [readAs.map(({ written, word }, at) => `“${written}” ${at === 0 ? "read " : ""}as ${word}`).join(", ")]),
    ...(notUnderstood.length === 0 ? [] : [`not understood: ${notUnderstood.slice(0, 3).join(", ")}`]),
  ].join("; ");

const QUANTITY_REASON_WORDS: Readonly<Record<QuantityReason, string>> = {
  "own-words": "Read from its description",
  "with-label": "Read together with the connector's name",
  "ground-point": "A ground point",
  "sensor-return": "The ground of a sensor is its return to the computer",
  "sensor-feed": "A sensor's 12 V, most often live with the ignition",
  "sensor-reference": "A sensor's supply is its reference voltage",
  "part-feed": "The feed of a part, most often live with the ignition",
};

const DEVICE_WORDS: Readonly<Record<Device, string>> = {
  relay: "A relay",
  solenoid: "A solenoid or valve",
  motor: "A motor",
  lamp: "A lamp or buzzer",
  switch: "A switch",
  thermistor: "A temperature",
  gauge: "A gauge",
  level: "A level",
  sensor: "A sensor",
};

const PLACE_WORDS: Readonly<Record<Place, string>> = {
  computer: "a computer",
  instruments: "the instruments",
  "key-switch": "the ignition switch",
  "fuse-box": "a fuse box",
  relay: "a relay",
  "ground-stud": "a ground stud",
  battery: "the battery",
  regulator: "the regulator",
  ammeter: "the ammeter",
  alternator: "the alternator",
  starter: "the starter",
  diagnostic: "the diagnostic socket",
  "in-line": "an in-line connector",
  switch: "a switch",
  sensor: "a sensor",
  lamp: "a lamp",
  actuator: "a part that is worked",
  "throttle-body": "the throttle body",
  gearbox: "the gearbox",
  unknown: "a connector of which it is not known what it is on",
};

const FORM_REASON_WORDS: Readonly<Record<FormReason, string | ((side: Side) => string)>> = {
  "a-contact": "a contact",
  "a-key-position-output": "a key position's output",
  "a-lamp": "a lamp",
  "a-lamp-drive": "a lamp's drive",
  "a-lamp-in-the-instruments": "a lamp in the instruments",
  "a-lamp-or-display": "a lamp or display",
  "a-return-to-ground": "a return to ground",
  "a-single-wire-line": "a single-wire line",
  "a-tool-line": "a tool's line",
  "a-way-of-the-fuse-box": "a way of the fuse box",
  "an-odd-place-for-it": "an odd place for it",
  "contact-on-this-side": (side) => `the contact is on the ${side}'s side`,
  "driven-from-this-side": "driven from this side",
  "drives-a-lamp": "drives a lamp",
  "drives-the-lamps": "drives the lamps",
  "feeds-the-tool-that-is-plugged-in": "feeds the tool that is plugged in",
  "it-gives-the-supply": "it gives the supply",
  "it-is-fed-here": "it is fed here",
  "its-position-is-read-back": "its position is read back",
  "made-by-the-engine-computer-from-its-pickup": "made by the engine computer from its pickup",
  "made-on-this-side": (side) => `made on the ${side}'s side`,
  "most-likely-fed-here": "most likely fed here",
  "most-often-read-which-way-it-goes-is-not-said": "most often read; which way it goes is not said",
  "named-as-can": "named as CAN",
  "named-as-lin": "named as LIN",
  "read-by-the-instruments": "read by the instruments",
  "read-on-this-side": (side) => `read on the ${side}'s side`,
  "said-to-be-an-output": "said to be an output",
  "said-to-come-in": "said to come in",
  "said-to-go-out": "said to go out",
  "switched-on-by-it": "switched on by it",
  "the-box-own-feed": "the box's own feed",
  "the-computer-drives-it": "the computer drives it",
  "the-computer-feeds-it": "the computer feeds it",
  "the-computer-gives-the-reference": "the computer gives the reference",
  "the-computer-reads-a-contact": "the computer reads a contact",
  "the-computer-reads-it": "the computer reads it",
  "the-contact-feed": "the contact's feed",
  "the-engine-harness-takes-the-feeds": "the engine's harness takes the feeds",
  "the-instrument-reads-it": "the instrument reads it",
  "the-key-works-the-starter": "the key works the starter",
  "the-lamp-drive": "the lamp's drive",
  "the-part-is-fed": "the part is fed",
  "the-part-is-worked": "the part is worked",
  "the-part-reports-it": "the part reports it",
  "the-regulator-input": "the regulator's input",
  "the-regulator-sinks-the-lamp": "the regulator sinks the lamp",
  "the-relay-coil": "the relay's coil",
  "the-relay-coil-in-the-box": "the relay's coil in the box",
  "the-relay-switched-contact": "the relay's switched contact",
  "the-sensor-takes-the-reference": "the sensor takes the reference",
  "the-solenoid-coil": "the solenoid's coil",
  "the-starter-cable": "the starter's cable",
  "the-switch-feed": "the switch's feed",
  "the-switch-own-feed": "the switch's own feed",
  "the-usual-form-of-such-data": "the usual form of such data",
  "the-vehicle-gives-the-feeds": "the vehicle gives the feeds",
  "which-way-it-goes-is-not-said": "which way it goes is not said",
  "worked-on-this-side": "worked on this side",
  "works-a-relay": "works a relay",
};
