import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache, type ReactNode } from "react";
import { DatabaseDown } from "@/screens/shell/database-down";
import { JobProvider } from "@/screens/shell/job-provider";
import { JobShell } from "@/screens/shell/job-shell";
import { DatabaseError } from "@/server/errors";
import { loadJob } from "@/server/jobs";
import { pool } from "@/server/pool";

interface Props {
  readonly children: ReactNode;
  readonly params: Promise<{ jobId: string }>;
}

/** The whole job, once per request; "down" while the database does not answer. */
const load = cache(async (jobId: string) =>
  loadJob(pool(), jobId).catch((error: unknown) => {
    if (error instanceof DatabaseError) return "down" as const;
    throw error;
  }),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const job = await load((await params).jobId);
  return { title: job === null || job === "down" ? "Job" : job.document.job.name };
}

export default async function Layout({ children, params }: Props) {
  const job = await load((await params).jobId);
  if (job === "down") return <DatabaseDown />;
  if (job === null) notFound();
  return (
    <JobProvider loaded={job}>
      <JobShell>{children}</JobShell>
    </JobProvider>
  );
}
