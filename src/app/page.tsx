import type { Metadata } from "next";
import { JobList } from "@/screens/jobs/job-list";
import { DatabaseDown } from "@/screens/shell/database-down";
import { DatabaseError } from "@/server/errors";
import { listJobs } from "@/server/jobs";
import { pool } from "@/server/pool";

export const metadata: Metadata = { title: "Jobs" };

export default async function Page() {
  const jobs = await listJobs(pool()).catch((error: unknown) => {
    if (error instanceof DatabaseError) return null;
    throw error;
  });
  return jobs === null ? <DatabaseDown /> : <JobList jobs={jobs} />;
}
