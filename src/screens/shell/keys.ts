"use client";

import { useEffect, useRef } from "react";

/** Key names as typed: `n`, `?`, `Enter`, `Control+z`, `Control+Shift+z`. Command counts as Control. */
export type KeyMap = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** What takes letters: a field, a list, a menu, and whatever is inside of one. */
const TAKES_LETTERS = "input, textarea, select, [contenteditable=true], [role=listbox], [role=combobox], [role=menu]";

/**
 * For this long after a letter went into a field or list, letters are still meant for it, ms: what is typed at normal
 * speed into a list that closed on its first letter must not become commands.
 */
const STILL_TYPING_MS = 700;
/** When a letter last went into a field or list, by the page's clock, ms. */
let typedAt = Number.NEGATIVE_INFINITY;
const isStillTyping = (now: number) => now - typedAt < STILL_TYPING_MS;

if (typeof document !== "undefined") {
  const watch = (event: KeyboardEvent) => {
    const into = event.target instanceof HTMLElement && event.target.closest(TAKES_LETTERS) !== null;
    if (into && event.key.length === 1) typedAt = event.timeStamp;
    // Enter, Escape and Tab end the word.
    else if (/^(Enter|Escape|Tab)$/.test(event.key)) typedAt = Number.NEGATIVE_INFINITY;
  };
  document.addEventListener("keydown", watch, true);
  const end = () => {
    typedAt = Number.NEGATIVE_INFINITY;
  };
  document.addEventListener("pointerdown", end, true);
  // Who leaves a field has ended the word; a list that closed under the typing hand has not.
  document.addEventListener("focusout", ({ target }) => {
    if (target instanceof HTMLElement && target.isConnected && target.matches(TAKES_LETTERS)) end();
  });
}

/**
 * Works the page's own keys while nobody types in a field or list and no dialog is open; Escape leaves any control. Keys
 * with Control work in empty fields too, but never undo a person's typing.
 */
export function useKeys(keys: KeyMap): void {
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey) return;
      const control = event.ctrlKey || event.metaKey;
      const name = `${control ? "Control+" : ""}${control && event.shiftKey ? "Shift+" : ""}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;
      const target = event.target instanceof HTMLElement ? event.target : document.body;
      const typing = target.closest(TAKES_LETTERS) !== null;
      const isLetter = event.key.length === 1 && !control;
      if (document.querySelector("[role=dialog]") !== null) return;
      if (typing && event.key === "Escape") target.blur();
      const act = latest.current[name];
      if (act === undefined || (typing && name !== "Control+k") || (isLetter && isStillTyping(event.timeStamp))) return;
      // Enter on a button is that button's.
      if ((event.key === "Enter" || event.key === " ") && target.closest("button, a, summary") !== null) return;
      event.preventDefault();
      act(event);
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
