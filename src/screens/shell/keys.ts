"use client";

import { useEffect, useRef } from "react";

/** Key names as typed: `n`, `?`, `Enter`, `Control+z`, `Control+Shift+z`. Command counts as Control. */
export type KeyMap = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/**
 * Works the page's own keys while nobody types in a field and no dialog is open. Keys with Control work in empty fields
 * too, but never undo a person's typing.
 */
export function useKeys(keys: KeyMap): void {
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey) return;
      const control = event.ctrlKey || event.metaKey;
      const name = `${control ? "Control+" : ""}${control && event.shiftKey ? "Shift+" : ""}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;
      const act = latest.current[name];
      if (act === undefined) return;
      const target = event.target as HTMLElement;
      const typing = target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
      if (document.querySelector("[role=dialog]") !== null || (typing && name !== "Control+k")) return;
      // Enter on a button is that button's.
      if ((event.key === "Enter" || event.key === " ") && target.closest("button, a, summary") !== null) return;
      event.preventDefault();
      act(event);
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
