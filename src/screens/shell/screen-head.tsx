import type { ReactNode } from "react";

/** A screen's title with its filters and actions in one line, wrapping where there is no room. */
export function ScreenHead({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="no-print flex flex-wrap items-center gap-2 px-4 py-2.5">
      <h1 className="mr-2.5 text-xl">{title}</h1>
      {children}
    </div>
  );
}
