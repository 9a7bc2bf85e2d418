"use client";

interface Props {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** The true value at which the needle is looked at, dragged or moved by the arrow keys. */
export function TrueSlider({ label, from, to, step, value, onChange }: Props) {
  return (
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
  );
}
