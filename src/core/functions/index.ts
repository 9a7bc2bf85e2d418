import type { Quantity } from "../forms";

/** Something that the vehicle does, told by the quantities that it moves and by the names of the parts that do it. */
export interface FunctionDef {
  readonly key: string;
  readonly name: string;
  readonly set: string;
  readonly quantities: readonly Quantity[];
  /** Parts that belong to it though none of their cavities says so. */
  readonly parts?: RegExp;
  /**
   * Where it comes from: `engine` with the engine, so that the old engine's own is another thing and leaves with it;
   * `body` with the body, so that the donor's stays behind. Nowhere: both vehicles have a part in it.
   */
  readonly home?: "engine" | "body";
  /** Nice to have: where nothing but a computer's cavities is there for it, it is not kept unasked. */
  readonly isAccessory?: true;
}

const define = (set: string, list: readonly Omit<FunctionDef, "set">[]): FunctionDef[] =>
  list.map((one) => ({ ...one, set }));

/** What vehicles do, in the usual sets. */
export const FUNCTIONS: readonly FunctionDef[] = [
  ...define("Engine", [
    {
      key: "engine-running",
      name: "Engine running",
      home: "engine",
      quantities: [
        "crankshaft-position",
        "camshaft-position",
        "injector",
        "ignition-coil",
        "mass-air-flow",
        "manifold-pressure",
        "throttle-position",
        "throttle-motor",
        "accelerator-position",
        "idle-control",
        "knock",
        "oxygen",
        "oxygen-heater",
        "camshaft-phaser",
        "intake-runner",
        "boost-control",
        "exhaust-recirculation",
        "purge-valve",
        "intake-air-temperature",
        "coolant-temperature",
        "exhaust-temperature",
        "main-relay",
        "fuel-pressure",
        "glow-plug",
      ],
      parts: /\bchoke\b|idle cut-?off|carburett?or|distributor|contact breaker|ballast/i,
    },
    { key: "fuel-pump", name: "Fuel pump", quantities: ["fuel-pump"] },
    { key: "cooling-fan", name: "Cooling fan", quantities: ["cooling-fan", "cooling-fan-high"] },
  ]),
  ...define("Charging", [
    {
      key: "charging",
      name: "Charging and its lamp",
      quantities: ["alternator-field", "charge-warning"],
      parts: /alternator/i,
    },
  ]),
  ...define("Starting", [
    {
      key: "starting",
      name: "Starting",
      quantities: ["starter-request", "starter-relay", "start-supply", "park-neutral", "clutch-switch"],
      parts: /^starter\b/i,
    },
  ]),
  ...define("Transmission", [
    {
      key: "transmission",
      name: "Transmission",
      home: "engine",
      quantities: [
        "shift-solenoid",
        "pressure-solenoid",
        "converter-clutch",
        "gear-range",
        "transmission-temperature",
        "transmission-input-speed",
        "transmission-output-speed",
        "shift-mode",
        "reverse-lockout",
      ],
    },
    { key: "four-wheel-drive", isAccessory: true, name: "Four-wheel drive", quantities: ["four-wheel-drive"] },
  ]),
  ...define("Lights", [
    {
      key: "lights",
      home: "body",
      name: "Head, side and tail lamps",
      quantities: ["lighting"],
      parts: /head ?lamp|side ?lamp|tail ?lamp|light switch|dip switch|interior lamp|number plate/i,
    },
    {
      key: "turn-signals",
      home: "body",
      name: "Turn signals and hazard",
      quantities: ["turn-signal", "hazard"],
      parts: /flasher|indicator|hazard/i,
    },
    { key: "brake-lamps", name: "Brake lamps", quantities: ["brake-switch"], parts: /brake (lamp|light)/i },
    { key: "reverse-lamps", name: "Reversing lamps", quantities: ["reverse-lamp"] },
    { key: "panel-lighting", home: "body", name: "Panel lighting", quantities: ["illumination"] },
    { key: "trailer", home: "body", isAccessory: true, name: "Trailer socket", quantities: ["trailer"] },
  ]),
  ...define("Instruments", [
    { key: "tachometer", name: "Tachometer", quantities: ["engine-speed"] },
    { key: "speedometer", name: "Speedometer", quantities: ["vehicle-speed"] },
    { key: "coolant-gauge", name: "Coolant gauge", quantities: ["coolant-temperature"] },
    {
      key: "oil-warning",
      name: "Oil pressure",
      quantities: ["oil-pressure", "oil-pressure-warning", "oil-temperature"],
    },
    { key: "fuel-gauge", name: "Fuel gauge", quantities: ["fuel-level"] },
    { key: "warning-lamps", name: "Warning lamps", quantities: ["malfunction-lamp", "handbrake", "brake-fluid"] },
    { key: "gear-display", isAccessory: true, name: "Gear display", quantities: ["gear-display"] },
  ]),
  ...define("Wipers", [
    { key: "wipers", home: "body", name: "Wipers and washer", quantities: ["wiper", "washer"], parts: /wiper|washer/i },
  ]),
  ...define("Heating", [
    {
      key: "heating",
      home: "body",
      name: "Heater",
      quantities: ["heater-blower", "heater-control", "ambient-temperature"],
      parts: /heater (blower|control)/i,
    },
    { key: "demister", home: "body", isAccessory: true, name: "Demister", quantities: ["demister"] },
    { key: "seat-heating", home: "body", isAccessory: true, name: "Seat heating", quantities: ["seat-heater"] },
  ]),
  ...define("Air conditioning", [
    {
      key: "air-conditioning",
      isAccessory: true,
      name: "Air conditioning",
      quantities: ["ac-request", "ac-clutch", "refrigerant-pressure"],
    },
  ]),
  ...define("Audio", [
    {
      key: "audio",
      home: "body",
      isAccessory: true,
      name: "Audio",
      quantities: ["audio", "aerial"],
      parts: /radio|audio|aerial/i,
    },
  ]),
  ...define("Doors", [
    { key: "doors", home: "body", name: "Doors and locks", quantities: ["door", "lock"] },
    { key: "windows", home: "body", isAccessory: true, name: "Windows", quantities: ["window"] },
    { key: "mirrors", home: "body", isAccessory: true, name: "Mirrors", quantities: ["mirror"] },
  ]),
  ...define("Driving", [
    { key: "cruise", isAccessory: true, name: "Cruise control", quantities: ["cruise-request", "cruise-active"] },
    { key: "horn", home: "body", name: "Horn", quantities: ["horn"], parts: /^horn\b/i },
    {
      key: "steering-assistance",
      isAccessory: true,
      name: "Steering assistance",
      quantities: ["power-steering-pressure"],
    },
  ]),
  ...define("Safety", [
    { key: "restraints", home: "body", name: "Airbags and belts", quantities: ["airbag", "seat-belt"] },
    { key: "anti-lock", name: "Anti-lock brakes", quantities: ["anti-lock", "wheel-speed", "brake-vacuum"] },
  ]),
  ...define("Security and data", [
    { key: "security", name: "Security module", quantities: ["security-data", "key-reader", "security-lamp"] },
    { key: "diagnosis", name: "Diagnosis", quantities: ["diagnostic-data"] },
    { key: "networks", name: "Data networks", quantities: ["powertrain-data", "body-data", "wake-up"] },
  ]),
  ...define("Other", [{ key: "other-equipment", name: "Other equipment", quantities: ["other"] }]),
];

/** The same function of the vehicle that it does not come from: there by default to be dropped. */
const elsewhere = (def: FunctionDef): FunctionDef =>
  def.home === "engine"
    ? { ...def, key: `old-${def.key}`, name: `${def.name} (old engine's)`, set: "Old engine" }
    : { ...def, key: `donor-${def.key}`, name: `${def.name} (donor's)`, set: "Donor's body" };

/** By key of a function that comes with the engine or the body: the other vehicle's. */
export const ELSEWHERE: ReadonlyMap<string, FunctionDef> = new Map(
  FUNCTIONS.flatMap((def) => (def.home === undefined ? [] : [[def.key, elsewhere(def)] as const])),
);

/** Keys of what the other vehicle brings of its own: the old engine's, and the donor's body's. */
export const OF_THE_OTHER: ReadonlySet<string> = new Set([...ELSEWHERE.values()].map(({ key }) => key));

/** All of them, those of the other vehicle after those that the swap is about. */
export const ALL_FUNCTIONS: readonly FunctionDef[] = [...FUNCTIONS, ...ELSEWHERE.values()];

export const FUNCTION_SETS: readonly string[] = [...new Set(ALL_FUNCTIONS.map((one) => one.set))];

const BY_KEY = new Map(ALL_FUNCTIONS.map((one) => [one.key, one]));
export const functionName = (key: string): string => BY_KEY.get(key)?.name ?? key;

/** Contacts of lever and clutch that stand between the key and the starter, and the inputs that watch them. */
export const INTERLOCKS: ReadonlySet<Quantity | null> = new Set<Quantity>(["park-neutral", "clutch-switch"]);

/**
 * What may hurt: circuits that are marked wherever they are shown. Airbag circuits are never offered for cutting or
 * probing.
 */
export type SafetyMark = "airbag" | "anti-lock" | "steering";

export function safetyMarkOf(quantity: Quantity | null, words: string): SafetyMark | null {
  if (quantity === "airbag" || /air ?bag|pretension|\bsrs\b|clock ?spring|squib/i.test(words)) return "airbag";
  if (quantity === "anti-lock" || quantity === "wheel-speed" || /\babs\b|anti.?lock/i.test(words)) return "anti-lock";
  if (quantity === "power-steering-pressure" || /steering (angle|motor|column|rack|torque)|power steering/i.test(words))
    return "steering";
  return null;
}
