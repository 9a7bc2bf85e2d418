"use client";

import { useState } from "react";
import type { Quantity } from "@/core/forms";
import { dialField, dialUnit, dialWidthField, typedDial, typedDialWidth } from "@/core/words";
import { Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly label: string;
  readonly value: number | null;
  readonly onSave: (value: number | undefined) => void;
  /** Read in the dial's unit; plain numbers where it is left out. */
  readonly quantity?: Quantity;
  /** Counted by km, and by mile where miles are driven. */
  readonly perDistance?: boolean;
  /** A width on the dial, which has no zero point. */
  readonly width?: boolean;
  readonly unit?: string;
  readonly hint?: string;
  readonly error?: string | null;
  /** The least that makes sense; it must be above. */
  readonly above?: number;
}

/** Exactly (NIST SP 811). */
const MILE_KM = 1.609344;

/** One number of a bench, in the unit that stands beside it; what cannot be read is said, and what was there stays. */
export function BenchField({
  label,
  value: given,
  onSave: keep,
  quantity,
  width = false,
  unit,
  hint,
  error,
  above,
  perDistance = false,
}: Props) {
  const { units } = useJob().document.job;
  const [fault, setFault] = useState<string | null>(null);
  const scale = perDistance && units === "imperial" ? MILE_KM : 1;
  const value = given === null ? null : given * scale;
  const onSave = (number: number | undefined) => keep(number === undefined ? undefined : number / scale);
  const shownUnit = quantity === undefined ? (unit ?? "") : dialUnit(quantity, units);
  const written =
    value === null
      ? ""
      : quantity === undefined
        ? String(Number(value.toPrecision(6)))
        : width
          ? dialWidthField(quantity, value, units)
          : dialField(quantity, value, units);
  const read = (text: string): number | null => {
    if (quantity !== undefined) return (width ? typedDialWidth : typedDial)(quantity, text, units);
    const number = Number(text.replace(",", ".").replace(/\s*[a-zA-Z/%Ω]+$/, ""));
    return text.trim() === "" || !Number.isFinite(number) ? null : number;
  };
  const save = (text: string) => {
    if (text === "") {
      setFault(null);
      onSave(undefined);
      return;
    }
    const number = read(text);
    if (number === null) setFault(`“${text.slice(0, 30)}” is no number: write it like ${written || "12.5"}.`);
    else if (above !== undefined && !(number > above)) setFault(`It must be above ${above}.`);
    else {
      setFault(null);
      onSave(number);
    }
  };
  return (
    <Field
      label={`${label}${perDistance ? (units === "imperial" ? " per mile" : " per km") : ""}${shownUnit === "" ? "" : `, ${shownUnit}`}`}
      {...(hint === undefined ? {} : { hint })}
      error={fault ?? error ?? null}
    >
      <SavedInput numeric value={written} onSave={save} />
    </Field>
  );
}
