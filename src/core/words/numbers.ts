/** Formatters by their digits: making one takes a hundred times as long as using it. */
const formats = new Map<string, Intl.NumberFormat>();

function formatter(key: string, options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const known = formats.get(key);
  if (known !== undefined) return known;
  const made = new Intl.NumberFormat("en", { useGrouping: false, ...options });
  formats.set(key, made);
  return made;
}

/** A proper minus, and never −0. */
const signed = (text: string): string => (/^-[0.]*$/.test(text) ? text.slice(1) : text.replace("-", "−"));

/** Rounded to so many digits after the point, zeros kept: `12.0`. */
export const fixed = (value: number, decimals: number): string =>
  signed(
    formatter(`fixed ${decimals}`, { minimumFractionDigits: decimals, maximumFractionDigits: decimals }).format(value),
  );

/** Rounded to so many digits that count, without zeros behind them: `0.5`, `12`. */
export const digits = (value: number, significant = 3): string =>
  signed(formatter(`digits ${significant}`, { maximumSignificantDigits: significant }).format(value));

/** As a meter shows it: `11.4 V`, below a volt `0.17 V`. */
export const volts = (value: number): string => `${fixed(value, Math.abs(value) < 0.995 ? 2 : 1)} V`;

/** A meter shows whole millivolts from ten on. */
const millivolts = (value: number): string => (Math.abs(value) < 9.95 ? digits(value, 2) : fixed(value, 0));

/** A loss or offset, where a hundredth of a volt counts: `240 mV`, `1.2 V`. */
export const smallVolts = (value: number): string =>
  Math.abs(value) < 0.995 ? `${millivolts(1000 * value)} mV` : `${fixed(value, 1)} V`;

/** `8.9 A`, `120 A`; below an ampere `350 mA`, `1.2 mA`. */
export function amps(value: number): string {
  const size = Math.abs(value);
  // Leaks of a tenth of a milliampere decide pull-ups; less is what the solution itself leaves.
  if (size < 0.00005) return "0 A";
  if (size < 0.995) return `${digits(1000 * value, 2)} mA`;
  return `${fixed(value, size < 99.5 ? 1 : 0)} A`;
}

/** What is printed on a fuse, a relay or a table: `7.5 A`, `30 A`. */
export const ratedAmps = (value: number): string => `${digits(value, 3)} A`;
export const ratedVolts = (value: number): string => `${digits(value, 3)} V`;

/** `55 mΩ`, `85 Ω`, `2.2 kΩ`. */
export function ohms(value: number): string {
  const size = Math.abs(value);
  if (size > 0 && size < 1) return `${digits(1000 * value, 2)} mΩ`;
  if (size >= 1e6) return `${digits(value / 1e6)} MΩ`;
  return size >= 1000 ? `${digits(value / 1000)} kΩ` : `${digits(value)} Ω`;
}

export const watts = (value: number): string =>
  value !== 0 && Math.abs(value) < 0.995 ? `${digits(1000 * value, 2)} mW` : `${digits(value, 3)} W`;

/** `0.4 s`, `12 s`; from two minutes on in minutes. The models behind these times are good to a fifth. */
export const seconds = (value: number): string =>
  value < 120
    ? `${digits(value, 2)} s`
    : value < 7200
      ? `${digits(value / 60, 2)} minutes`
      : `${digits(value / 3600, 2)} hours`;
export const hours = (value: number): string => seconds(3600 * value);
export const days = (value: number): string => (value < 10 ? `${fixed(value, 1)} days` : `${digits(value, 2)} days`);
export const percent = (part: number): string => `${digits(100 * part, 2)} %`;

/** `1 wire`, `3 wires`. */
export const count = (many: number, one: string, more = `${one}s`): string => `${many} ${many === 1 ? one : more}`;

/** `a`, `a and b`, `a, b and 3 more` */
export function listed(names: readonly string[], most = 3): string {
  if (names.length <= 1) return names[0] ?? "";
  if (names.length <= most) return `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
  return `${names.slice(0, most - 1).join(", ")} and ${names.length - most + 1} more`;
}

/** `both`, `all 7` */
export const allOf = (many: number): string => (many === 2 ? "both" : `all ${many}`);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** One text of its parts, those left out that do not apply. */
export const sentences = (...parts: readonly (string | false | null)[]): string =>
  parts.filter((part) => part !== false && part !== null).join(" ");
