import {
  type Curve,
  type Form,
  type FormField,
  type Kind,
  type Known,
  PARAMS_OF,
  type ParamProblem,
  type ParamType,
  type Quantity,
  type Source,
  type Span,
} from "../forms";
import type { Verdict } from "../signals";
import { capital, digits } from "./numbers";
import { aliveWords } from "./states";

/** Electrical forms as the trade calls them. */
export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  "supply-out": "feed",
  "supply-in": "feed needed",
  ground: "ground",
  "low-side-out": "output, switches to ground",
  "high-side-out": "output, switches battery voltage",
  "switch-out": "switch contact",
  "logic-in": "switch input",
  "load-in": "load",
  "frequency-out": "pulse output",
  "frequency-in": "pulse input",
  "analogue-out": "voltage signal",
  "analogue-in": "voltage input",
  "resistive-out": "resistive sender",
  "resistive-in": "resistive input",
  "pwm-out": "pulse-width output",
  "pwm-in": "pulse-width input",
  "reference-out": "5 V sensor supply",
  "reference-in": "5 V supply needed",
  "reluctor-out": "reluctor pickup",
  "reluctor-in": "reluctor input",
  "hall-out": "hall pickup",
  "hall-in": "hall input",
  "knock-out": "knock sensor",
  "knock-in": "knock input",
  "lambda-out": "oxygen sensor",
  "lambda-in": "oxygen sensor input",
  "injector-out": "injector driver",
  "injector-in": "injector",
  "coil-out": "ignition coil driver",
  "coil-in": "ignition coil",
  "motor-out": "motor driver",
  "motor-in": "motor",
  can: "CAN bus",
  lin: "LIN bus",
  serial: "serial line",
  shield: "screen",
  spare: "spare",
  unknown: "not known",
};

const QUANTITY_EXCEPTIONS: Partial<Record<Quantity, string>> = {
  "ac-request": "A/C request",
  "ac-clutch": "A/C clutch",
  "park-neutral": "park/neutral",
  "malfunction-lamp": "engine warning lamp",
  "anti-lock": "anti-lock brakes",
  "exhaust-recirculation": "exhaust gas recirculation",
  "sensor-supply": "5 V sensor supply",
  "start-supply": "crank feed",
  "battery-supply": "permanent feed",
  "ignition-supply": "ignition feed",
  "accessory-supply": "accessory feed",
  "relay-supply": "main relay feed",
};

/** What a cavity carries: `engine speed`; empty where nobody knows. */
export const quantityWords = (quantity: Quantity | null): string =>
  quantity === null ? "" : (QUANTITY_EXCEPTIONS[quantity] ?? quantity.replaceAll("-", " "));

/** The same at the head of a row. */
export const quantityHead = (quantity: Quantity | null): string =>
  quantity === null ? "Not known" : capital(quantityWords(quantity));

/** A form's values as one asks for them. */
export const FIELD_WORDS: Readonly<Record<FormField, string>> = {
  index: "number (cylinder, bank)",
  settable: "can be set",
  volts: "voltage",
  maxAmps: "rated current",
  amps: "current",
  alive: "when it is live",
  minVolts: "least voltage",
  afterRun: "run-on time",
  ohms: "resistance",
  henries: "inductance of the primary",
  role: "kind of ground",
  onOhms: "resistance when on",
  clamp: "flyback path",
  to: "where the contact leads",
  closedWhen: "when it is closed",
  active: "active level",
  pull: "pull resistor",
  pullOhms: "pull resistor",
  pullVolts: "pull voltage",
  lowVolts: "low threshold",
  highVolts: "high threshold",
  maxVolts: "highest voltage allowed",
  otherEnd: "where its other end goes",
  inductive: "inductive or not",
  pulsesPerRev: "pulses per engine revolution",
  pulsesPerShaftRev: "pulses per shaft revolution",
  pulsesPerKm: "pulses per kilometre",
  drive: "kind of output stage",
  amplitude: "amplitude",
  maxHz: "highest frequency",
  pattern: "tooth pattern",
  range: "voltage range",
  curve: "curve",
  ratiometric: "supply it follows",
  feedVolts: "gauge feed voltage",
  hz: "frequency",
  band: "narrow or wide band",
  bitrate: "bit rate",
  terminated: "terminated here",
  messages: "messages",
  carries: "what it carries",
};

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  direct: "Wire only",
  adapter: "Adapter",
  calibration: "Calibration",
  manual: "Your choice",
  impossible: "Not possible",
};

export const SOURCE_WORDS: Readonly<Record<Source, string>> = { given: "given", usual: "usual", assumed: "assumed" };

/** One value of a form as one reads it. */
export interface FormFact {
  readonly name: string;
  readonly text: string;
  readonly source: Source;
}

/** What is known of a form, value by value: `rated current 15 A`. */
export function formFacts(form: Form): FormFact[] {
  const types = PARAMS_OF[form.kind] as Readonly<Record<string, { readonly type: string; readonly unit?: string }>>;
  return Object.entries(form).flatMap(([field, known]): FormFact[] => {
    if (field === "kind") return [];
    const { value, source } = known as unknown as Known<number | string | Span | Curve>;
    return [{ name: FIELD_WORDS[field as FormField], text: valueText(value, types[field]?.unit), source }];
  });
}

function valueText(value: number | string | Span | Curve, unit = ""): string {
  // Coils are spoken of in millihenries.
  if (typeof value === "number" && unit === "H") return `${digits(value * 1000)} mH`;
  if (typeof value === "number") return unit === "pulses" ? digits(value, 6) : `${digits(value, 4)} ${unit}`.trim();
  if (typeof value === "string") return aliveWords[value as keyof typeof aliveWords] ?? value.replaceAll("-", " ");
  if (Array.isArray(value)) return value.map(([x, y]) => `${digits(x, 4)}: ${digits(y, 4)}`).join(", ");
  const { from, to } = value as Span;
  return `${digits(from, 4)} to ${digits(to, 4)}`;
}

/** What was expected of a parameter in a table, by the names that tables use. */
export function paramExpectedText(problem: ParamProblem): string {
  if (problem.code === "unknown-param")
    return problem.known === null ? "a known parameter" : `one of ${problem.known.join(", ")}`;
  return `${problem.key} to be ${[...new Set(problem.allowed.map(paramTypeText))].join(", or ")}`;
}

function paramTypeText(type: ParamType): string {
  switch (type.type) {
    case "number":
      return `a number from ${type.min} to ${type.max} ${type.unit}`;
    case "word":
      return type.words.join(" or ");
    case "span":
      return "a span such as 0.5..4.5";
    case "curve":
      return "points such as 20:2500|80:330";
    case "text":
      return "a value";
  }
}
