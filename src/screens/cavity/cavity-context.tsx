"use client";

import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { useKeys } from "../shell/keys";

interface OpenCavity {
  /** The cavity whose pane is open; null where none is. */
  readonly pinId: string | null;
  readonly open: (pinId: string) => void;
  readonly close: () => void;
}

const CavityContext = createContext<OpenCavity>({ pinId: null, open: () => {}, close: () => {} });

/** The pane of one cavity, to be opened from wherever the cavity is named. */
export const useCavity = () => useContext(CavityContext);

/**
 * The cavity that a person is at: where the focus is, in the row that is selected, or in what is opened in its place.
 */
function cavityInSight(): string | null {
  const nearest = (element: Element | null) => element?.closest<HTMLElement>("[data-pin]")?.dataset.pin ?? null;
  const within = (selector: string) =>
    document.querySelector<HTMLElement>(`${selector}[data-pin], ${selector} [data-pin]`)?.dataset.pin ?? null;
  return (
    nearest(document.activeElement) ??
    within("main [aria-selected=true]") ??
    within("main [aria-current=true]") ??
    within("main section") ??
    null
  );
}

export function CavityProvider({ children }: { children: ReactNode }) {
  const [pinId, setPinId] = useState<string | null>(null);
  const close = useCallback(() => setPinId(null), []);
  useKeys({
    i: () => setPinId((now) => (now === null ? cavityInSight() : null)),
    ...(pinId === null ? {} : { Escape: close }),
  });
  const value = useMemo(() => ({ pinId, open: setPinId, close }), [pinId, close]);
  return <CavityContext value={value}>{children}</CavityContext>;
}
