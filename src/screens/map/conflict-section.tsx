"use client";

import type { Conflict } from "@/core/plan";
import { conflictCure, conflictTitle, count } from "@/core/words";
import { gapOps } from "@/job/gap-ops";
import { deleteOp, type RowOp } from "@/job/ops";
import type { JobDocument } from "@/job/schema";
import { Button } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

/** Decisions that cannot all stand, with the smallest change that ends it. */
export function ConflictSection({ conflicts }: { conflicts: readonly Conflict[] }) {
  const job = useJob();
  return (
    <section aria-label="Decisions that contradict each other" className="border-b border-rule px-4 py-3 text-[13px]">
      {conflicts.map((conflict) => {
        const title = conflictTitle(conflict);
        const end = () => job.change(`Mended: ${title}`, (person) => endOps(job.document, conflict, person));
        return (
          <div key={title} className="flex flex-wrap items-center gap-x-3">
            <p className="min-w-0 flex-1 basis-80">
              <strong className="text-stop">{title}.</strong> {conflictCure(conflict)}.
            </p>
            <Button onClick={end}>{endText(conflict)}</Button>
          </div>
        );
      })}
    </section>
  );
}

const endText = (conflict: Conflict): string =>
  conflict.type === "filled-and-linked"
    ? "Open the gap again"
    : `Take back ${conflict.refuse.length === 1 ? "that link" : count(conflict.refuse.length, "link")}`;

/** A link that is taken back is as if nobody had decided it: it may be proposed otherwise. */
function endOps(document: JobDocument, conflict: Conflict, person: string): RowOp[] {
  if (conflict.type === "filled-and-linked") return gapOps(document, [conflict.pin.id], null, person);
  const ids = new Set(conflict.refuse.flatMap(({ decision }) => decision?.id ?? []));
  return document.links.filter(({ id }) => ids.has(id)).map((row) => deleteOp("link", row));
}
