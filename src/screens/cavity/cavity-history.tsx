"use client";

import { useEffect, useState } from "react";
import type { HistoryEntry } from "@/job/edit";
import { useJob } from "../shell/job-provider";

/** Who changed what of a cavity, asked for when it is opened. */
export function CavityHistory({ pinId }: { pinId: string }) {
  const { jobId } = useJob();
  const [isOpen, setOpen] = useState(false);
  const [edits, setEdits] = useState<readonly HistoryEntry[] | "failed" | null>(null);
  useEffect(() => {
    if (!isOpen) return;
    let isGone = false;
    fetch(`/api/jobs/${jobId}/history?row=${encodeURIComponent(pinId)}`, { cache: "no-store" })
      .then(async (answer) => (answer.ok ? ((await answer.json()) as { edits: HistoryEntry[] }).edits : "failed"))
      .catch(() => "failed" as const)
      .then((found) => {
        if (!isGone) setEdits(found as readonly HistoryEntry[] | "failed");
      });
    return () => {
      isGone = true;
    };
  }, [isOpen, jobId, pinId]);
  return (
    <details className="mt-3 border-t border-rule pt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="inline-flex min-h-10 items-center text-[13px] font-bold">History</summary>
      {edits === null ? (
        <p className="text-ink2">Reading the history …</p>
      ) : edits === "failed" ? (
        <p className="text-stop">The history cannot be read just now.</p>
      ) : edits.length === 0 ? (
        <p className="text-ink2">Nobody has changed it.</p>
      ) : (
        <ol>
          {edits.map((edit) => (
            <li key={edit.revision} className="border-b border-rule py-1 text-[13px] break-words">
              {edit.label}
              <span className="block text-ink2">
                {edit.person}, {new Date(edit.madeAt).toLocaleString("en-GB")}
              </span>
            </li>
          ))}
        </ol>
      )}
    </details>
  );
}
