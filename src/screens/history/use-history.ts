"use client";

import { useEffect, useState } from "react";
import type { HistoryEntry } from "@/job/edit";
import { useJob } from "../shell/job-provider";

/** The job's changes, asked for anew whenever there is one more; `edits` is null until they are here. */
export function useHistory() {
  const job = useJob();
  const [edits, setEdits] = useState<readonly HistoryEntry[] | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let gone = false;
    fetch(`/api/jobs/${job.jobId}/history`, { cache: "no-store" })
      .then(async (answer) =>
        answer.ok ? ((await answer.json()) as { edits: HistoryEntry[] }) : Promise.reject(new Error("refused")),
      )
      .then(
        (body) => {
          if (!gone) {
            setEdits(body.edits);
            setFailed(false);
          }
        },
        () => {
          if (!gone) setFailed(true);
        },
      );
    return () => {
      gone = true;
    };
  }, [job.jobId, job.revision, job.connection]);
  return { edits, failed };
}
