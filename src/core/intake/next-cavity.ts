/**
 * The label of the cavity after one, as moulded labels go on: `12` to `13`, `09` to `10`, `A7` to `A8`, `H` to `J` (I is left
 * out on most faces). Empty where nobody can tell.
 *
 * @param hasI the connector has a cavity I, so that it is not left out
 */
export function nextCavity(label: string, hasI = false): string {
  const number = /^(.*?)(\d+)$/.exec(label);
  if (number !== null) {
    const [, before = "", digits = ""] = number;
    return before + String(Number(digits) + 1).padStart(digits.startsWith("0") ? digits.length : 0, "0");
  }
  const letter = /^(.*?)([A-Ya-y])$/.exec(label);
  if (letter === null) return "";
  const [, before = "", last = ""] = letter;
  const next = String.fromCharCode(last.charCodeAt(0) + 1);
  return before + (!hasI && /i/i.test(next) ? String.fromCharCode(next.charCodeAt(0) + 1) : next);
}
