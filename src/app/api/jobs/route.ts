import { z } from "zod";
import { emptyDocument } from "@/job/document";
import { JobRow } from "@/job/schema";
import { createJob, listJobs } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, mutating } from "../http";

export const dynamic = "force-dynamic";

export function GET(request: Request): Promise<Response> {
  return answering(request, async () => Response.json({ jobs: await listJobs(pool()) }));
}

/** Makes an empty job. */
export function POST(request: Request): Promise<Response> {
  return mutating(request, z.strictObject({ job: JobRow }), async ({ job }) =>
    Response.json({ id: await createJob(pool(), emptyDocument(job)) }, { status: 201 }),
  );
}
