import type { ButtonHTMLAttributes, ReactNode } from "react";

export function Kbd({ children }: { children: ReactNode }) {
  return (
    <kbd
      aria-hidden="true"
      className="rounded-[3px] border border-b-2 border-current px-1.5 font-mono text-[13px] font-medium max-lg:hidden print:hidden"
    >
      {children}
    </kbd>
  );
}

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { primary?: boolean; hotkey?: string };

export const buttonLook = (primary = false) =>
  `inline-flex h-10 shrink-0 items-center justify-center gap-2 rounded-[3px] border-[1.5px] border-ink px-3.5 text-sm font-semibold whitespace-nowrap disabled:border-rule2 disabled:bg-fill disabled:text-ink2 ${primary ? "bg-ink text-bench" : "bg-sheet text-ink"}`;

export function Button({ primary = false, hotkey, children, className = "", ...rest }: ButtonProps) {
  return (
    <button type="button" {...rest} className={`${buttonLook(primary)} ${className}`}>
      {children}
      {hotkey !== undefined && <Kbd>{hotkey}</Kbd>}
    </button>
  );
}

/** A filter that is on or off; emphasis by inversion. */
export function Chip({ on, children, ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { on: boolean }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      {...rest}
      className={`inline-flex h-10 items-center gap-1.5 rounded-[3px] border px-2.5 text-[13px] whitespace-nowrap ${on ? "border-ink bg-ink text-bench" : "border-rule2 bg-sheet"}`}
    >
      {children}
    </button>
  );
}

export function Field({
  label,
  hint,
  error,
  children,
}: {
  label: string;
  hint?: string;
  error?: string | null;
  children: ReactNode;
}) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="block">
      <span className="mb-1 block text-[13px] font-semibold">{label}</span>
      {children}
      {hint !== undefined && <span className="mt-1 block text-[13px] text-ink2">{hint}</span>}
      {error != null && (
        <span role="alert" className="mt-1 block text-[13px] font-semibold text-stop">
          {error}
        </span>
      )}
    </label>
  );
}
