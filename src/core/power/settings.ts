/** What the solution takes as given beside the harness. Values that nobody has said are assumed, and told as such. */
export const SETTINGS = {
  "battery-c": { unit: "°C", low: -40, high: 70, usual: 20 },
  "battery-ah": { unit: "Ah", low: 5, high: 400, usual: 60 },
  "battery-cca": { unit: "A", low: 50, high: 2000, usual: 540 },
  "battery-charge": { unit: "%", low: 10, high: 100, usual: 90 },
  "battery-health": { unit: "%", low: 20, high: 110, usual: 75 },
  "starter-kw": { unit: "kW", low: 0.2, high: 10, usual: 1.4 },
  "engine-bay-c": { unit: "°C", low: -40, high: 120, usual: 60 },
  "cabin-c": { unit: "°C", low: -40, high: 85, usual: 40 },
  "alternator-a": { unit: "A", low: 5, high: 400, usual: 90 },
  "alternator-v": {
    unit: "V",
    low: 12.5,
    high: 15.5,
    usual: 14.2,
  },
  "alternator-idle": {
    unit: "%",
    low: 10,
    high: 100,
    usual: 45,
  },
  "joint-ohms": { unit: "mΩ", low: 0.1, high: 100, usual: 1 },
  "wires-together": {
    unit: "wires",
    low: 1,
    high: 60,
    usual: 4,
  },
} as const;
export type SettingKey = keyof typeof SETTINGS;
export const SETTING_KEYS = Object.keys(SETTINGS) as SettingKey[];

export interface Setting {
  readonly key: SettingKey;
  readonly value: number;
  /** Where the value is from; null where it is assumed. */
  readonly origin: string | null;
  /** What was said, where it lies outside of its range and the usual value is taken instead. */
  readonly refused?: number;
}

export type Settings = ReadonlyMap<SettingKey, Setting>;

/** All settings, those that someone said over the usual ones. */
export function settingsOf(
  said: readonly { readonly key: SettingKey; readonly value: number; readonly origin: string }[],
): Settings {
  const all = new Map<SettingKey, Setting>(
    SETTING_KEYS.map((key) => [key, { key, value: SETTINGS[key].usual, origin: null }]),
  );
  for (const one of said) {
    const { low, high, usual } = SETTINGS[one.key];
    all.set(
      one.key,
      one.value >= low && one.value <= high
        ? { ...one }
        : { key: one.key, value: usual, origin: null, refused: one.value },
    );
  }
  return all;
}

export const settingValue = (settings: Settings, key: SettingKey): number =>
  settings.get(key)?.value ?? SETTINGS[key].usual;

/** What a battery is rated at, °C (EN 50342-1: cold cranking at −18 °C, 7.5 V after 10 s). */
const COLD_C = -18;
const COLD_VOLTS = 7.5;
/**
 * Its resistance falls by this part for each kelvin warmer. Makers' curves lie between 1.2 and 2 %: the least, for a
 * battery at 20 °C is known only by its test at −18 °C, and is not to look better than it is.
 */
const RESISTANCE_PER_K = 0.012;
/** Thin acid conducts worse: an empty battery has this part more than a full one (our estimate). */
const EMPTY_MORE = 0.5;
/**
 * Open voltage of a 12 V lead-acid battery: empty, and what a full charge adds, V; per kelvin below 25 °C a little
 * less.
 */
const EMPTY_VOLTS = 11.9;
const CHARGE_VOLTS = 0.8;
const VOLTS_PER_K = 0.0015;

/**
 * A battery as a source behind its resistance, V and Ω. The cold cranking test of EN 50342-1 gives a new and full one's:
 * R = (12.7 V − 7.5 V) / I at −18 °C. From there to the temperature, the charge, and the part of its rated cold cranking
 * current that it still has (which is what a battery tester shows).
 */
export function batterySource(settings: Settings): { readonly volts: number; readonly ohms: number } {
  const celsius = settingValue(settings, "battery-c");
  const charge = settingValue(settings, "battery-charge") / 100;
  const cold = (EMPTY_VOLTS + CHARGE_VOLTS - COLD_VOLTS) / settingValue(settings, "battery-cca");
  return {
    volts: EMPTY_VOLTS + CHARGE_VOLTS * charge - VOLTS_PER_K * (25 - celsius),
    ohms:
      (cold * Math.exp(-RESISTANCE_PER_K * (celsius - COLD_C)) * (1 + EMPTY_MORE * (1 - charge))) /
      (settingValue(settings, "battery-health") / 100),
  };
}

/** What a starter has left of the battery's voltage at its rated current, V. */
export const CRANKING_VOLTS = 10;
/** The part of a starter's electrical power that is on its shaft at its rated power (our estimate; 50 to 60 %). */
const STARTER_EFFICIENCY = 0.55;

/**
 * A warm starter's current, A: what its cavity states, else from its rated power, I = P / (10 V · 0.55).
 * @param stated what its cavity states, A; 0 where it states nothing
 */
export const starterAmps = (settings: Settings, stated: number): number =>
  stated > 0 ? stated : (1000 * settingValue(settings, "starter-kw")) / (CRANKING_VOLTS * STARTER_EFFICIENCY);

/**
 * By how much more current a starter takes from a cold engine than from a warm one at 20 °C: oil about twice as stiff
 * at −18 °C (our estimate).
 */
export const coldTorque = (celsius: number): number => Math.exp(0.018 * Math.max(0, 20 - celsius));
