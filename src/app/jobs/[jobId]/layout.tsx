import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache, type ReactNode } from "react";
import { preload } from "react-dom";
import { id } from "@/job/rows/fields";
import { DatabaseDown } from "@/screens/shell/database-down";
import { JobLoader } from "@/screens/shell/job-loader";
import { DatabaseError } from "@/server/errors";
import { jobName } from "@/server/jobs";
import { pool } from "@/server/pool";

interface Props {
  readonly children: ReactNode;
  readonly params: Promise<{ jobId: string }>;
}

/** The job's name, once per request; "down" while the database does not answer. */
const nameOf = cache(async (jobId: string) =>
  // What is no id is no job's.
  (id.safeParse(jobId).success ? jobName(pool(), jobId) : Promise.resolve(null)).then(
    (name) => ({ name }),
    (error: unknown) => {
      if (error instanceof DatabaseError) return "down" as const;
      throw error;
    },
  ),
);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await nameOf((await params).jobId);
  return { title: found === "down" ? "Job" : (found.name ?? "Job") };
}

/**
 * The page itself carries nothing of the job: it is fetched once, compressed, and kept while the person goes from
 * screen to screen.
 */
export default async function Layout({ children, params }: Props) {
  const { jobId } = await params;
  const found = await nameOf(jobId);
  if (found === "down") return <DatabaseDown />;
  if (found.name === null) notFound();
  // Its fetching begins with the page's own scripts.
  preload(`/api/jobs/${jobId}`, { as: "fetch", crossOrigin: "anonymous" });
  return (
    <JobLoader jobId={jobId} name={found.name}>
      {children}
    </JobLoader>
  );
}
