"use client";

import { useState } from "react";

/** A text that is kept when its field is left or Enter is pressed. */
export function SavedInput({
  value,
  onSave,
  placeholder,
  label,
}: {
  value: string;
  onSave: (text: string) => void;
  placeholder?: string;
  label?: string;
}) {
  const [text, setText] = useState<string | null>(null);
  return (
    <input
      aria-label={label}
      className="field"
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
