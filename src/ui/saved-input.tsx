"use client";

import { useState } from "react";

/** A text that is kept when its field is left or Enter is pressed. */
export function SavedInput({
  value,
  onSave,
  placeholder,
  label,
  numeric = false,
}: {
  value: string;
  onSave: (text: string) => void;
  placeholder?: string;
  label?: string;
  /** A number, to be read down among others. */
  numeric?: boolean;
}) {
  const [text, setText] = useState<string | null>(null);
  return (
    <input
      aria-label={label}
      className={`field ${numeric ? "text-right font-mono" : ""}`}
      inputMode={numeric ? "decimal" : undefined}
      placeholder={placeholder}
      value={text ?? value}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (text !== null && text.trim() !== value) onSave(text.trim());
        setText(null);
      }}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
}
