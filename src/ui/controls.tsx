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

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { primary?: boolean; hotkey?: string | undefined };

/** What one does most likely next is filled, once on a screen; every other action is a word that is underlined. */
export const buttonLook = (primary = false) =>
  `inline-flex h-10 shrink-0 items-center justify-center gap-2 text-sm font-semibold whitespace-nowrap disabled:text-ink2 ${primary ? "filled rounded-[3px] bg-ink px-3.5 text-bench disabled:bg-fill" : "px-1.5 text-ink underline decoration-rule2 decoration-[1.5px] underline-offset-[6px] hover:decoration-ink disabled:no-underline"}`;

/** An action. On paper there is nothing to press. */
export function Button({ primary = false, hotkey, children, className = "", ...rest }: ButtonProps) {
  return (
    <button type="button" {...rest} className={`${buttonLook(primary)} print:hidden ${className}`}>
      {children}
      {hotkey !== undefined && <Kbd>{hotkey}</Kbd>}
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
