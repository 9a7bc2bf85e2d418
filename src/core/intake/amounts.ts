/** An amount as a table's cell says it. `unit`: A, W, Ω or V; null where the cell gives a number alone. */
export interface Amount {
  readonly value: number;
  readonly unit: "A" | "W" | "Ω" | "V" | null;
}

const UNITS: readonly (readonly [RegExp, Exclude<Amount["unit"], null>, number])[] = [
  [/^ma(?:mps?)?$/, "A", 1e-3],
  [/^a(?:mps?|mperes?)?$/, "A", 1],
  [/^(?:w|watts?)$/, "W", 1],
  [/^(?:k|kω|kohms?|kr|kilohms?)$/, "Ω", 1e3],
  [/^(?:ω|ohms?|r)$/, "Ω", 1],
  [/^mv$/, "V", 1e-3],
  [/^v(?:olts?|dc)?$/, "V", 1],
];

/**
 * Reads `10A`, `5 W`, `350 mA`, `2.4 Ω`, `2k2`, `12`; a decimal comma where the table has one. Null for anything else,
 * spans and estimates among them: they say no one value.
 *
 * @example readAmount("350 mA", false) // { value: 0.35, unit: "A" }
 */
export function readAmount(written: string, decimalComma: boolean): Amount | null {
  const text = written.toLowerCase().normalize("NFKC").trim();
  const coded = /^(\d+)([kr])(\d+)\s*(?:ω|ohms?)?$/.exec(text);
  if (coded !== null) return amount(Number(`${coded[1]}.${coded[3]}`) * (coded[2] === "k" ? 1e3 : 1), "Ω");
  const plain = decimalComma ? text.replace(/^(\d*),(\d+)/, "$1.$2") : text;
  const [, number, unit = ""] = /^(\d*\.?\d+)\s*([a-zω]*)\.?$/.exec(plain) ?? [];
  if (number === undefined) return null;
  if (unit === "") return amount(Number(number), null);
  const known = UNITS.find(([pattern]) => pattern.test(unit));
  return known === undefined ? null : amount(Number(number) * known[2], known[1]);
}

/** Products of decimals are rounded to what a table can mean. */
const amount = (value: number, unit: Amount["unit"]): Amount => ({ value: Number(value.toPrecision(9)), unit });
