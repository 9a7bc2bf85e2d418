import { Undo2 } from "lucide-react";
import type { BinnedJob } from "@/job/edit";
import { Button } from "@/ui/controls";

interface Props {
  readonly bin: readonly BinnedJob[];
  readonly busy: boolean;
  readonly onPutBack: (job: BinnedJob) => void;
  readonly onDelete: (job: BinnedJob) => void;
}

/** Removed jobs, and until when each can be put back. */
export function BinList({ bin, busy, onPutBack, onDelete }: Props) {
  return (
    <section aria-labelledby="bin" className="mt-8">
      <h2 id="bin" className="mb-2 text-base">
        Bin
      </h2>
      <ul className="border border-rule2 bg-sheet">
        {bin.map((job) => (
          <li key={job.id} className="flex flex-wrap items-center gap-2 border-b border-rule px-4 py-2 last:border-b-0">
            <p className="min-w-48 flex-1">
              {job.name}
              <span className="block text-[13px] text-ink2">
                removed {dayOf(job.removedAt)}, kept until {dayOf(job.keptUntil)}
              </span>
            </p>
            <Button disabled={busy} onClick={() => onPutBack(job)}>
              <Undo2 size={16} aria-hidden="true" />
              Put back
            </Button>
            <Button disabled={busy} onClick={() => onDelete(job)}>
              Delete
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const dayOf = (time: string) => (
  <time dateTime={time} suppressHydrationWarning>
    {new Date(time).toLocaleDateString("en-GB", { dateStyle: "medium" })}
  </time>
);
