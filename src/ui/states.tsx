import { TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";

/** What can hurt: an amber field with a striped edge, at the step itself. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <div
      role="note"
      aria-label="Caution"
      className="keep grid grid-cols-[44px_1fr] border-[1.5px] border-ink bg-warnfill"
    >
      <span className="hazard [print-color-adjust:exact]" aria-hidden="true" />
      <p className="px-3.5 py-2.5 text-sm">
        <strong>Caution. </strong>
        {children}
      </p>
    </div>
  );
}

/** A place where nothing is yet: what belongs here and how it gets here. */
export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="mx-auto my-10 max-w-md px-4 text-center">
      <h2 className="text-lg">{title}</h2>
      <div className="mt-2 space-y-3 text-ink2">{children}</div>
    </div>
  );
}

/** What went wrong, in words, with the way out. */
export function Trouble({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div role="alert" className="flex gap-3 border-[1.5px] border-stop bg-sheet p-3.5">
      <TriangleAlert size={20} className="mt-0.5 shrink-0 text-stop" aria-hidden="true" />
      <div className="min-w-0">
        <p className="font-semibold text-stop">{title}</p>
        <div className="mt-1 space-y-1 break-words">{children}</div>
      </div>
    </div>
  );
}
