"use client";

import { type ReactNode, useEffect, useState } from "react";
import type { LoadedJob } from "@/job/edit";
import { type PackedJob, unpackedJob } from "@/job/packed";
import { Button } from "@/ui/controls";
import { Logo } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { harnessWorker } from "@/workers/harness-worker";
import { powerWorker } from "@/workers/power-worker";
import { JobProvider } from "./job-provider";
import { JobShell } from "./job-shell";
import { abortedAfter, WHOLE_JOB_MS } from "./line";

type Loading = { readonly state: "loading" | "failed" } | { readonly state: "loaded"; readonly job: LoadedJob };

/** Fetches the job once for all of its screens, and shows them when it is there. */
export function JobLoader({ jobId, name, children }: { jobId: string; name: string; children: ReactNode }) {
  const [loading, setLoading] = useState<Loading>({ state: "loading" });
  const [attempt, setAttempt] = useState(0);
  // Ready when the job is here.
  useEffect(() => {
    harnessWorker.start();
    powerWorker.start();
  }, []);
  useEffect(() => {
    let current = true;
    setLoading({ state: "loading" });
    void fetchJob(jobId).then((job) => {
      if (current) setLoading(job === null ? { state: "failed" } : { state: "loaded", job });
    });
    return () => {
      current = false;
    };
  }, [jobId, attempt]);
  if (loading.state === "loaded")
    return (
      <JobProvider key={jobId} loaded={loading.job}>
        <JobShell>{children}</JobShell>
      </JobProvider>
    );
  return (
    <main className="flex h-dvh flex-col">
      <p className="wide flex h-[52px] items-center gap-2 border-b border-rule2 px-4">
        <Logo />
        Pantograph <span className="font-sans font-normal text-ink2">{name}</span>
      </p>
      {loading.state === "loading" ? (
        <p role="status" className="p-4 text-ink2">
          Opening the job …
        </p>
      ) : (
        <Empty title="The job could not be fetched">
          <p>The server or its database does not answer. Nothing is lost.</p>
          <Button primary onClick={() => setAttempt(attempt + 1)}>
            Try again
          </Button>
        </Empty>
      )}
    </main>
  );
}

async function fetchJob(jobId: string): Promise<LoadedJob | null> {
  // As the page's preload asks for it, so that it is fetched once.
  const { signal } = abortedAfter(WHOLE_JOB_MS);
  const answer = await fetch(`/api/jobs/${jobId}`, { signal }).catch(() => null);
  // An answer that breaks off, or that cannot be read, is none.
  const packed = answer?.ok ? ((await answer.json().catch(() => null)) as PackedJob | null) : null;
  return packed && unpackedJob(packed);
}
