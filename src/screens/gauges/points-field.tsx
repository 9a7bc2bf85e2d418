"use client";

import { useState } from "react";
import type { Point } from "@/core/gauges";
import { Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";

/** Points as one writes them: `1000 900, 3000 2800`; null where they cannot be read. */
export function pointsOf(text: string): readonly Point[] | null {
  const points = text
    .split(/[;|\n]|,\s+|,(?=\d+\s)/)
    .map((one) => one.trim())
    .filter((one) => one !== "")
    .map((one) => /^(\d+(?:[.,]\d+)?)\s*(?::|=|→|\s)\s*(\d+(?:[.,]\d+)?)$/.exec(one));
  if (points.some((one) => one === null)) return null;
  return points.map((one) => [Number(one?.[1]?.replace(",", ".")), Number(one?.[2]?.replace(",", "."))] as const);
}

interface Props {
  readonly points: readonly (readonly [number, number])[];
  readonly onSave: (points: readonly Point[] | undefined) => void;
}

/** Measured points, typed as a list; what cannot be read stays in sight with what is wrong. */
export function PointsField({ points, onSave }: Props) {
  const [wrong, setWrong] = useState<string | null>(null);
  const save = (text: string) => {
    const read = pointsOf(text);
    setWrong(read === null ? text : null);
    if (read !== null) onSave(read.length === 0 ? undefined : read);
  };
  return (
    <Field
      label="Measured: shown and true, rpm"
      hint="two numbers a point, for example 1000 950; 3000 2900"
      error={
        wrong === null
          ? null
          : `“${wrong.slice(0, 40)}” cannot be read: write two numbers for each point, points parted by semicolons.`
      }
    >
      <SavedInput value={wrong ?? points.map((point) => point.join(" ")).join("; ")} onSave={save} />
    </Field>
  );
}
