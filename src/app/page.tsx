import type { Metadata } from "next";
import { JobList } from "@/screens/jobs/job-list";
import { DatabaseDown } from "@/screens/shell/database-down";
import { listBin } from "@/server/bin";
import { DatabaseError } from "@/server/errors";
import { listJobs } from "@/server/jobs";
import { pool } from "@/server/pool";
import { needsPassphrase } from "./access";

export const metadata: Metadata = { title: "Jobs" };

export default async function Page() {
  const lists = await Promise.all([listJobs(pool()), listBin(pool())]).catch((error: unknown) => {
    if (error instanceof DatabaseError) return null;
    throw error;
  });
  if (lists === null) return <DatabaseDown />;
  const [jobs, bin] = lists;
  return <JobList jobs={jobs} bin={bin} canLeave={needsPassphrase()} />;
}
