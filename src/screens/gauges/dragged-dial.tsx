"use client";

import type { ComponentProps } from "react";
import { dialText } from "@/core/words";
import { Dial } from "./charts";

interface Props extends ComponentProps<typeof Dial> {
  /** What is dragged, to whoever cannot see it. */
  readonly label: string;
  /** Where it may be dragged; the whole dial where it is left out. */
  readonly band?: readonly [from: number, to: number];
  readonly step: number;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** The dial at a true value that is dragged, or moved by the arrow keys. */
export function DraggedDial({ label, band, step, value, onChange, ...dial }: Props) {
  const [from, to] = band ?? dial.dial;
  return (
    <div>
      <h3 className="text-[13px] font-bold">At {dialText(dial.quantity, value, dial.units)} true</h3>
      <Dial {...dial} />
      <input
        type="range"
        aria-label={label}
        className="no-print h-10 w-full accent-[var(--ink)]"
        min={from}
        max={to}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </div>
  );
}
