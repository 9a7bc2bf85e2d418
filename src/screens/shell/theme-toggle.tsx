"use client";

import { Moon, Sun } from "lucide-react";

/** Day, night, or as the system has it; kept in a cookie, so that the first picture of a page is right already. */
export function ThemeToggle() {
  const toggle = () => {
    const root = document.documentElement;
    const dark =
      root.dataset.theme === "night" ||
      (root.dataset.theme === undefined && matchMedia("(prefers-color-scheme: dark)").matches);
    root.dataset.theme = dark ? "day" : "night";
    // biome-ignore lint/suspicious/noDocumentCookie: the server reads it for the first picture; the Cookie Store is not in every browser
    document.cookie = `theme=${root.dataset.theme}; path=/; max-age=31536000; samesite=strict`;
  };
  return (
    <button
      type="button"
      onClick={toggle}
      aria-label="Change between day and night"
      className="relative grid size-10 place-items-center"
    >
      <Sun size={18} className="in-data-[theme=night]:hidden" />
      <Moon size={18} className="hidden in-data-[theme=night]:block" />
    </button>
  );
}
