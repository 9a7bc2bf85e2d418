"use client";

import { Popover } from "radix-ui";
import type { ReactNode } from "react";

/** A number that opens to its formula, its inputs and where they come from. An assumed one is dotted underneath. */
export function NumberWithOrigin({
  children,
  assumed,
  label,
  origin,
}: {
  children: ReactNode;
  assumed: boolean;
  label: string;
  origin: ReactNode;
}) {
  return (
    <Popover.Root>
      <Popover.Trigger
        title="Where it comes from"
        className={`font-mono ${assumed ? "border-b-2 border-dotted border-ink2" : "border-b border-rule2"}`}
      >
        {children}
        <span className="hidden-text">, {label}: where it comes from</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          className="z-50 max-w-sm border-[1.5px] border-ink bg-sheet p-3 text-[13px] text-ink"
        >
          {assumed && <p className="mb-1 font-semibold">Assumed in part</p>}
          {origin}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
