import type { Kind, ParamGrade, ParamType, UsualOf } from "../forms";
import { paramTypeOf } from "../forms";
import { FIELD_WORDS } from "./forms";
import { digits } from "./numbers";
import { aliveWords } from "./states";

/** Questions by field, and by kind where one kind is asked otherwise. */
const QUESTIONS: Readonly<Record<string, string>> = {
  volts: "At how many volts?",
  maxAmps: "What can this output switch?",
  amps: "How much current does it draw?",
  alive: "When is this live?",
  minVolts: "Down to which voltage does it work?",
  afterRun: "How long does it stay on after the key is off?",
  ohms: "What is its resistance?",
  role: "What kind of ground is it?",
  onOhms: "What is its resistance when it is on?",
  clamp: "Has it a flyback path of its own?",
  to: "Which side does it switch: ground or battery?",
  closedWhen: "When is the contact closed?",
  active: "Is it on when its line is low, or when it is high?",
  pull: "Does the input pull its line up, down, or not at all?",
  pullOhms: "Through which resistance does it pull?",
  pullVolts: "To which voltage does it pull up?",
  lowVolts: "Below which voltage does it read low?",
  highVolts: "Above which voltage does it read high?",
  maxVolts: "What is the highest voltage it stands?",
  otherEnd: "Where does its other end go: battery or ground?",
  inductive: "Has it a coil (relay, valve, motor)?",
  pulsesPerRev: "How many pulses per engine revolution?",
  pulsesPerShaftRev: "How many pulses per shaft revolution?",
  pulsesPerKm: "How many pulses per kilometre?",
  drive: "What kind of stage drives it?",
  amplitude: "How high are its pulses?",
  maxHz: "How fast may the pulses come?",
  pattern: "Which teeth has the wheel (60-2, 36-1, 24)?",
  range: "From which to which voltage does it go?",
  curve: "How does it run over what it measures?",
  ratiometric: "Which supply does it follow?",
  feedVolts: "With how many volts is the gauge fed?",
  hz: "At which frequency does it switch?",
  band: "Narrow or wide band?",
  henries: "What is the inductance of its primary?",
  bitrate: "At which bit rate does it run?",
  terminated: "Is the bus terminated here?",
  messages: "Which messages does it carry?",
  carries: "What does it carry?",
  index: "Which cylinder, bank or number?",
  settable: "Can it be set in the computer?",
};
const OF_KIND: Partial<Record<Kind, Readonly<Record<string, string>>>> = {
  "supply-in": { alive: "When must this be live?" },
  "supply-out": { maxAmps: "What is its fuse, or what can it supply?" },
  "switch-out": { maxAmps: "What can the contact carry?" },
  "reference-out": { maxAmps: "What can it supply?" },
  "analogue-out": { ohms: "What is its output resistance?", curve: "Which voltage does it give at which value?" },
  "analogue-in": { ohms: "What is its input resistance?", curve: "Which voltage does it expect at which value?" },
  "pwm-out": { curve: "Which duty does it give at which value?" },
  "pwm-in": { curve: "Which duty does it expect at which value?" },
  "resistive-out": { curve: "Which resistance has it at which value?" },
  "resistive-in": { curve: "Which resistance does it expect at which value?" },
};

/** The question that a technician is asked for a field: `How much current does it draw?` */
export const questionText = (kind: Kind, field: string): string =>
  OF_KIND[kind]?.[field] ??
  QUESTIONS[field] ??
  `What is its ${FIELD_WORDS[field as keyof typeof FIELD_WORDS] ?? field}?`;

/** How an answer may look, where a number alone would not say it. */
export function exampleText(kind: Kind, field: string): string {
  if (field === "range") return "0.5 to 4.5";
  if (field !== "curve") return "";
  return kind.startsWith("resistive")
    ? "20: 2500, 80: 330"
    : kind.startsWith("pwm")
      ? "40: 20, 110: 80"
      : "20: 1.2, 80: 3.9";
}

/** How to measure what is asked, in two lines: the meter and its points, and what to watch. */
const MEASURES: Readonly<Record<string, readonly [string, string]>> = {
  amps: [
    "Meter in series at 10 A, or a clamp round its wire, with the part working; for a coil, 13.5 V divided by its ohms.",
    "Never put a meter's current input across a battery: it is a short.",
  ],
  maxAmps: [
    "Read it in the computer's or the switch's own data, or from the fuse that feeds it.",
    "A driver's limit cannot be measured without risking it: take what it worked in its own vehicle.",
  ],
  alive: [
    "Meter at DC volts, red at this cavity, black at battery negative. Turn the key through every position.",
    "Tick each position with battery voltage; look at crank for as long as it cranks.",
  ],
  minVolts: [
    "Read it in the computer's own data.",
    "Where nobody tells: engine computers start at 6 V, most others at 9 V.",
  ],
  ohms: [
    "Unplugged, meter at ohms across its two terminals; touch the probes first and take that off.",
    "Cold and warm differ: note which it was.",
  ],
  to: [
    "Unplugged, meter at ohms from the cavity to the case, with the switch worked.",
    "0 Ω to the case: it switches ground. Else look for battery voltage at the cavity while it is worked.",
  ],
  closedWhen: [
    "Unplugged, meter at continuity across the contact.",
    "Work it: note where it beeps, and where it stops.",
  ],
  clamp: [
    "Switch its own relay off with a scope or a peak meter at the output.",
    "Above 30 V it has none of its own; at battery voltage there is a diode.",
  ],
  active: [
    "Meter at DC volts at the input, its wire pulled. Join it to ground by 1 kΩ, then to battery by 1 kΩ.",
    "What makes it act is its active level.",
  ],
  pull: [
    "Wire pulled, key on: meter at DC volts from the input to battery negative.",
    "Near 5 V or 12 V: pulled up. Near 0 V with 10 kΩ to battery too: pulled down. Follows the resistor: none.",
  ],
  pulsesPerRev: [
    "Meter at Hz, engine at a known speed: pulses per revolution = Hz × 60 ÷ rpm.",
    "Without an engine: turn it by hand ten revolutions and count the changes.",
  ],
  pulsesPerKm: [
    "Meter at Hz at a steady speed: pulses per km = Hz × 3600 ÷ km/h.",
    "Or push the vehicle one turn of the wheel and count; divide by the tyre's way round.",
  ],
  amplitude: [
    "Meter at AC volts, or a scope, with the pulses coming.",
    "A meter shows about half of a square pulse's height.",
  ],
  drive: [
    "Wire pulled, meter at DC volts with 1 kΩ to battery, then to ground.",
    "Follows the resistor both ways: open collector. Holds its level: push-pull. Rises with speed: a coil, sine.",
  ],
  curve: [
    "Meter at ohms across the sender, in a cup of water with a thermometer: cold, warm, boiling.",
    "Write the points as 20: 2500, 60: 600, 100: 190. For a tank sender: empty, half, full.",
  ],
  range: [
    "Key on, meter at DC volts at the signal: least and most of what it measures.",
    "Usual sensors end at 0.5 V and 4.5 V so that a broken wire is seen.",
  ],
  feedVolts: [
    "Wire pulled, key on: meter at DC volts at the gauge's terminal.",
    "Pulsing is a stabiliser: note its mean.",
  ],
  hz: ["Meter at Hz or duty at the output while it works.", "A fast stage may show as volts only: use a scope."],
  henries: [
    "Unplugged, meter with an inductance range across the primary's two terminals.",
    "Or a scope with a current clamp while it sparks: henries = volts × seconds ÷ amps, over the straight start of the rise.",
  ],
  bitrate: ["Read it in the diagram, or from an adapter that finds it.", "Powertrain buses mostly run at 500 kbit/s."],
  terminated: [
    "Battery off, meter at ohms from high to low: 60 Ω has both ends, 120 Ω one.",
    "Unplug this one and look again: what changes is its own.",
  ],
  otherEnd: [
    "Unplugged, meter at ohms from its other terminal to the case, then to the battery's positive.",
    "0 Ω says where it goes; neither, and it is worked from both sides.",
  ],
};
const NO_MEASURE = [
  "Read it in the part's own data or diagram.",
  "Where nobody tells, look at the same part of another vehicle.",
] as const;

export const measureText = (field: string): readonly [string, string] => MEASURES[field] ?? NO_MEASURE;

const USUAL_WORDS: Readonly<Record<UsualOf, string>> = {
  "lamp-1w2": "dash lamp, 1.2 W",
  "lamp-5w": "lamp, 5 W",
  "lamp-21w": "lamp, 21 W",
  "lamp-55w": "headlamp, 55 W",
  led: "LED lamp",
  "small-relay": "relay coil",
  "fuel-pump": "injection pump",
  "carburettor-pump": "carburettor pump",
  fan: "fan",
  "large-fan": "large fan",
  horn: "horn",
  valve: "small valve",
  "oil-control-valve": "oil control valve",
  "oxygen-heater": "sensor heater",
  "glow-plug": "glow plug, warm",
  "starter-solenoid": "starter solenoid",
  blower: "blower, full speed",
  wiper: "wiper motor",
  "rear-window": "rear window heater",
  "compressor-clutch": "compressor clutch",
  "gearbox-solenoid": "gearbox solenoid",
  "memory-feed": "memory feed",
  "small-computer": "small computer",
  "engine-computer": "engine computer",
  instruments: "instruments",
  "lamp-driver": "lamp or relay driver",
  "valve-driver": "valve driver",
  "heater-driver": "heater driver",
  "signal-contact": "signal contact",
  "small-switch": "small switch",
  "lighting-switch": "lighting switch",
  fuse: "its fuse",
  "cylinders-3": "coil of a three-cylinder",
  "cylinders-4": "coil of a four-cylinder",
  "cylinders-6": "coil of a six-cylinder",
  "cylinders-8": "coil of an eight-cylinder",
  "turns-637-4": "637 turns a km, 4 pulses a turn",
  "turns-637-8": "637 turns a km, 8 pulses a turn",
  "turns-621-8": "1,000 turns a mile, 8 pulses a turn",
  "battery-level": "battery level",
  "logic-level": "5 V logic",
  "any-12v-input": "12 V input",
  "weak-pull": "weak",
  "strong-pull": "strong",
  "ntc-2500": "2.5 kΩ at 20 °C, falling",
  "fuel-10-180": "tank, 10 Ω empty to 180 Ω full",
  "fuel-240-33": "tank, 240 Ω empty to 33 Ω full",
  "fuel-0-90": "tank, 0 Ω empty to 90 Ω full",
  "sensor-span": "sensor",
  "whole-span": "whole range",
  "injector-high": "high-resistance injector",
  "injector-low": "low-resistance injector",
  "coil-electronic": "electronic ignition coil",
  "coil-ballast": "coil with ballast",
  "coil-points": "coil with points",
  "fast-bus": "powertrain bus",
  "middle-bus": "usual",
  "slow-bus": "slow",
  "works-to": "most computers",
  "cranks-to": "engine computer while cranking",
  stabilised: "stabilised gauges",
  "pump-frequency": "valves and pumps",
  "lamp-frequency": "lamps",
};
export const usualText = (of: UsualOf): string => USUAL_WORDS[of];

export const PARAM_GRADE_WORDS: Readonly<Record<ParamGrade, string>> = {
  guessed: "guessed from the paper's words",
  usual: "usual value",
  claimed: "entered",
  read: "read in a paper",
  measured: "measured",
};

const WORDS: Readonly<Record<string, string>> = {
  own: "its own",
  none: "none",
  low: "when low",
  high: "when high",
  up: "up",
  down: "down",
  ground: "ground",
  battery: "battery",
  free: "neither",
  yes: "yes",
  no: "no",
  power: "power ground",
  chassis: "chassis ground",
  "sensor-return": "sensor ground",
  shield: "screen",
};

/** A word of a closed list as it is chosen: `open collector`. */
export const choiceText = (word: string): string =>
  WORDS[word] ?? aliveWords[word as keyof typeof aliveWords] ?? word.replaceAll("-", " ");

/** A value of `params` as it is typed into its field: `20: 2500, 80: 330`. */
export function typedText(kind: Kind, field: string, value: string): string {
  switch (paramTypeOf(kind, field)?.type) {
    case "curve":
      return value
        .split("|")
        .map((point) =>
          point
            .split(":")
            .map(Number)
            .map((one) => String(Number(one?.toPrecision(4))))
            .join(": "),
        )
        .join(", ");
    case "span":
      return value.replace("..", " to ");
    case "word":
      return choiceText(value);
    default:
      return value;
  }
}

/** What a field takes, where what was typed is none of it. */
export function fieldHintText(type: ParamType): string {
  switch (type.type) {
    case "number":
      return `Give a number from ${digits(type.min, 6)} to ${digits(type.max, 9)} ${type.unit === "pulses" ? "" : type.unit}`.trim();
    case "span":
      return "Give the least and the most, as 0.5 to 4.5";
    case "curve":
      return "Give two points or more, as 20: 2500, 80: 330";
    case "word":
      return `Choose one of ${type.words.map(choiceText).join(", ")}`;
    case "text":
      return "Give a text";
  }
}

/** The unit behind a field, empty where it has none. */
export const unitOfField = (kind: Kind, field: string): string => {
  const type = paramTypeOf(kind, field);
  return type?.type === "number" && type.unit !== "pulses" ? type.unit : "";
};
