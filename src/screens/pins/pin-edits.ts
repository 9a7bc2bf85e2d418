import { readColour, readLength, readSize } from "@/core/intake";
import type { Units } from "@/core/units";
import { KIND_WORDS, quantityWords } from "@/core/words";
import { describeOp } from "@/job/describe";
import { endsIn } from "@/job/import-ends";
import { withNeighbours } from "@/job/neighbours";
import { enterOp, kindOp, quantityOp } from "@/job/pin-ops";
import type { JobDocument, PinRow } from "@/job/schema";
import type { PinView } from "../shell/derive";
import type { JobContextValue } from "../shell/job-provider";

/** What can be corrected at a cavity. Each takes what was typed, and answers what is wrong with it, or null. */
export interface PinEdits {
  readonly colour: (text: string) => null;
  readonly size: (text: string) => string | null;
  readonly length: (text: string) => string | null;
  readonly circuit: (text: string) => null;
  readonly description: (text: string) => null;
  readonly part: (text: string) => null;
  readonly note: (text: string) => null;
  /** Where its wire goes, as a paper would write it. */
  readonly otherEnd: (text: string) => null;
  readonly kind: (kind: PinRow["kind"]) => void;
  readonly quantity: (quantity: PinRow["quantity"]) => void;
}

export function pinEdits({ row, label }: PinView, document: JobDocument, change: JobContextValue["change"]): PinEdits {
  const { units } = document.job;
  const set = (name: string, to: Partial<PinRow>): null => {
    change(name, [enterOp(row, to)], { quiet: true });
    return null;
  };
  return {
    colour: (text) => {
      const { written = null, base = null, tracer = null } = text === "" ? {} : (readColour(text) ?? {});
      return set(`Colour of ${label}: ${text || "none"}`, { colour: written, colourBase: base, colourTracer: tracer });
    },
    size: (text) => {
      const sizeMm2 = readSizeIn(text, units);
      if (text !== "" && sizeMm2 === null) return "A size such as 0.5 or 20 AWG";
      return set(`Size of ${label}`, { sizeMm2 });
    },
    length: (text) => {
      const lengthM = readLengthIn(text, units);
      if (text !== "" && lengthM === null) return "A length such as 1.85 m or 6 ft";
      return set(`Length of ${label}`, { lengthM });
    },
    circuit: (text) => set(`Circuit of ${label}: ${text || "none"}`, { circuit: text || null }),
    description: (text) => {
      change(`Description of ${label}`, [describeOp(document, row.id, text || null)], { quiet: true });
      return null;
    },
    kind: (kind) =>
      change(`${label} is ${KIND_WORDS[kind]}`, withNeighbours(document, row, kindOp(row, kind)), { quiet: true }),
    quantity: (quantity) =>
      change(
        `${label} carries ${quantityWords(quantity) || "nothing known"}`,
        withNeighbours(document, row, quantityOp(row, quantity)),
        {
          quiet: true,
        },
      ),
    part: (text) => set(`Part of ${label}: ${text || "none"}`, { part: text || null }),
    note: (text) => set(`Note at ${label}`, { note: text }),
    otherEnd: (text) => set(`Other end of ${label}: ${text || "not known"}`, endsIn(document, row, text)),
  };
}

const readSizeIn = (text: string, units: Units): number | null =>
  text === "" ? null : readSize(text, { decimalComma: true, headerUnit: units === "imperial" ? "awg" : null });
const readLengthIn = (text: string, units: Units): number | null =>
  text === "" ? null : readLength(text, { decimalComma: true, headerUnit: units === "imperial" ? "ft" : "m" });
