import type { Kind } from "./kinds";
import { isParamValue, type ParamType, paramTypeOf } from "./params";

/** A value as somebody typed it, read to what `params` holds. */
export type TypedValue =
  | { readonly ok: true; readonly value: string }
  /** `expected`: how the field reads. */
  | { readonly ok: false; readonly expected: ParamType };

const PREFIXES: Readonly<Record<string, number>> = { m: 1e-3, k: 1e3, M: 1e6, "": 1 };
const MILE_KM = 1.609344;
const PSI_PA = 6894.757;
const BAR_PA = 1e5;

/**
 * Reads what was typed for a field: a number with or without its unit (`350 mA`, `2.2k`, `4000 per mile`), with a point or
 * comma; a span (`0.5 to 4.5`); points of a curve (`20: 2500, 80: 330`, temperatures in °F and pressures in bar or psi
 * where they say so).
 */
export function readTyped(kind: Kind, field: string, typed: string): TypedValue | null {
  const type = paramTypeOf(kind, field);
  if (type === null) return null;
  const value = read(type, typed.trim());
  return value !== null && isParamValue(type, value) ? { ok: true, value } : { ok: false, expected: type };
}

function read(type: ParamType, text: string): string | null {
  switch (type.type) {
    case "number":
      return number(text, type.unit);
    case "span": {
      const [, from, to] = /^(-?[\d.,]+)\s*(?:v|V)?\s*(?:\.\.|…|to|-|–)\s*(-?[\d.,]+)\s*(?:v|V)?$/.exec(text) ?? [];
      return from === undefined || to === undefined ? null : `${plain(from)}..${plain(to)}`;
    }
    case "curve":
      return curve(text);
    case "word":
      return type.words.find((word) => word === text.toLowerCase()) ?? null;
    case "text":
      return text === "" ? null : text;
  }
}

const plain = (text: string) => String(Number(text.replace(",", ".")));

function number(text: string, unit: string): string | null {
  const [, digits, rest = ""] = /^(-?\d*[.,]?\d+)\s*(.*)$/.exec(text) ?? [];
  if (digits === undefined) return null;
  const value = Number(digits.replace(",", "."));
  const factor = factorOf(rest.trim(), unit);
  return factor === null ? null : String(Number((value * factor).toPrecision(9)));
}

/** What a unit that was typed is of the field's own; null where it is of something else. */
function factorOf(typed: string, unit: string): number | null {
  if (typed === "") return 1;
  if (unit === "pulses")
    return /^(?:pulses?|p)?\s*(?:\/|per)\s*mi(?:le)?$/i.test(typed)
      ? 1 / MILE_KM
      : /^(?:pulses?|p)?(?:\s*(?:\/|per)\s*\w+)?$/i.test(typed)
        ? 1
        : null;
  const names: Readonly<Record<string, RegExp>> = {
    A: /^([mk]?)(?:a|amps?)$/i,
    V: /^([mk]?)(?:v|volts?)$/i,
    Ω: /^([mkM]?)\s*(?:Ω|ω|ohms?|r)?$/,
    H: /^([m]?)(?:h|henr(?:y|ies))$/i,
    Hz: /^([kM]?)hz$/i,
    "bit/s": /^([kM]?)(?:bit\/s|bps|bit|bd|baud)?$/i,
  };
  const prefix = names[unit]?.exec(typed)?.[1];
  if (prefix === undefined) return null;
  return PREFIXES[prefix === "K" ? "k" : prefix] ?? null;
}

/** Points in any of the usual ways: `20:2500|80:330`, `20 °C = 2.5k; 80 °C = 330`. */
function curve(text: string): string | null {
  const points = text
    .split(/[|;\n]|,\s+/)
    .map((point) => point.trim())
    .filter((point) => point !== "")
    .map((point) => {
      const [, x, unit = "", y, prefix = ""] =
        /^(-?\d*[.,]?\d+)\s*(°?\s*[cf]|%|bar|psi|pa|kpa|l)?\s*(?::|=|→|->|\s)\s*(-?\d*[.,]?\d+)\s*([km]?)\s*(?:Ω|ω|ohms?|v)?$/i.exec(
          point,
        ) ?? [];
      if (x === undefined || y === undefined) return null;
      const number = Number(x.replace(",", "."));
      const name = unit.toLowerCase().replace(/[°\s]/g, "");
      const at =
        name === "f"
          ? ((number - 32) * 5) / 9
          : name === "bar"
            ? number * BAR_PA
            : name === "psi"
              ? number * PSI_PA
              : name === "kpa"
                ? number * 1000
                : number;
      const value = Number(y.replace(",", ".")) * (prefix === "k" || prefix === "K" ? 1000 : 1);
      return [Number(at.toPrecision(6)), Number(value.toPrecision(6))] as const;
    });
  if (points.length < 2 || points.some((point) => point === null)) return null;
  return (points as (readonly [number, number])[])
    .toSorted((a, b) => a[0] - b[0])
    .map(([x, y]) => `${x}:${y}`)
    .join("|");
}
