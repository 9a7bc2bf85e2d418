import { Search } from "lucide-react";
import type { RefObject } from "react";

interface Props {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly field?: RefObject<HTMLInputElement | null>;
}

/** The one field that a list is searched by. */
export function SearchField({ label, placeholder, value, onChange, field }: Props) {
  return (
    <label className="relative min-w-32 flex-1">
      <span className="hidden-text">{label}</span>
      <Search size={16} className="absolute top-3 left-2.5 text-ink2" aria-hidden="true" />
      <input
        ref={field}
        type="search"
        className="field pl-8"
        placeholder={placeholder}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
