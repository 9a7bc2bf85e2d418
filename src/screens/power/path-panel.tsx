"use client";

import { X } from "lucide-react";
import type { Effect, PowerEdit } from "@/core/power";
import { stateWords } from "@/core/words";
import { useJob } from "../shell/job-provider";
import { PathDrawing } from "./path-drawing";
import { type Looked, usePath } from "./trying";

/** The current path of one cell of a table. */
export function PathPanel({
  looked,
  edits,
  effect,
  onClose,
}: {
  looked: Looked;
  edits: readonly PowerEdit[];
  effect: Effect | null;
  onClose: () => void;
}) {
  const job = useJob();
  const { path, before } = usePath(looked, edits, effect);
  return (
    <section
      aria-label="Current path"
      className="min-h-0 overflow-auto p-4 max-lg:border-t max-lg:border-rule2 print:overflow-visible"
      tabIndex={0}
    >
      <div className="mb-2 flex items-start gap-2">
        <h2 className="min-w-0 flex-1 text-base break-words">
          {looked.label}, {stateWords[looked.state]}
          {before !== null ? ", as it would be" : ""}
        </h2>
        <button
          type="button"
          aria-label="Close the path"
          onClick={onClose}
          className="no-print grid size-10 shrink-0 place-items-center"
        >
          <X size={18} aria-hidden="true" />
        </button>
      </div>
      {path === null ? (
        <p role="status" className="text-ink2">
          Drawing …
        </p>
      ) : (
        <PathDrawing path={path} before={before} units={job.document.job.units} />
      )}
    </section>
  );
}
