"use client";

import { ChevronLeft, ChevronRight, X } from "lucide-react";
import type { ReactNode } from "react";
import { Kbd } from "@/ui/controls";
import { useKeys } from "./keys";

/** One thing that can be said of what is shown, by a thumb or a key. */
export interface TapAnswer {
  readonly label: string;
  /** What it covers, or why it may be chosen. */
  readonly detail?: string;
  readonly hotkey: string;
  readonly primary?: boolean;
  readonly isOn?: boolean;
  readonly onTap: () => void;
}

interface Props {
  /** What is gone through: `Inventory`. */
  readonly label: string;
  /** The place of what is shown, from 0; and how many there are. */
  readonly at: number;
  readonly of: number;
  readonly onMove: (by: number) => void;
  readonly onClose: () => void;
  readonly answers: readonly TapAnswer[];
  readonly children: ReactNode;
}

/** A list gone through one thing at a time, large, for a tablet in one hand: an answer brings the next by itself. */
export function TapThrough({ label, at, of, onMove, onClose, answers, children }: Props) {
  useKeys({
    ArrowRight: () => onMove(1),
    ArrowLeft: () => onMove(-1),
    Escape: onClose,
    ...Object.fromEntries(answers.map(({ hotkey, onTap }) => [hotkey.toLowerCase(), onTap])),
  });
  return (
    <section
      aria-label={`${label}, one at a time`}
      className="no-print mx-4 mb-4 flex min-h-0 flex-1 flex-col border border-rule2 bg-sheet"
    >
      <div className="flex items-center gap-2 border-b border-rule px-3">
        <Step label="Back" disabled={at <= 0} onClick={() => onMove(-1)}>
          <ChevronLeft size={22} aria-hidden="true" />
        </Step>
        <p className="flex-1 text-center font-mono" role="status">
          {of === 0 ? "none left" : `${at + 1} of ${of}`}
        </p>
        <Step label="Next" disabled={at >= of - 1} onClick={() => onMove(1)}>
          <ChevronRight size={22} aria-hidden="true" />
        </Step>
        <Step label="Back to the table" onClick={onClose}>
          <X size={20} aria-hidden="true" />
        </Step>
      </div>
      <div className="min-h-0 flex-1 overflow-auto p-6 text-lg">{children}</div>
      {of > 0 && (
        <div className="grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] gap-2 border-t border-rule2 p-3">
          {answers.map((answer) => (
            <button
              key={answer.label}
              type="button"
              aria-pressed={answer.isOn}
              className={`min-h-16 border-[1.5px] px-3 py-2 text-base font-semibold ${answer.primary || answer.isOn ? "border-ink bg-ink text-bench" : "border-rule2 bg-sheet"}`}
              onClick={answer.onTap}
            >
              {answer.label} <Kbd>{answer.hotkey}</Kbd>
              {answer.detail !== undefined && <span className="block text-[13px] font-normal">{answer.detail}</span>}
            </button>
          ))}
        </div>
      )}
    </section>
  );
}

function Step({
  label,
  disabled = false,
  onClick,
  children,
}: {
  label: string;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      className="grid size-12 place-items-center disabled:opacity-30"
    >
      {children}
    </button>
  );
}
