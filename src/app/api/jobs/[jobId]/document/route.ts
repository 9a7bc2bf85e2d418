import { writeDocument } from "@/job/document";
import { loadJob } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, download, type JobContext, jobIdOf, noJob } from "../../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const job = await loadJob(pool(), await jobIdOf(params));
    return job === null
      ? noJob()
      : download(writeDocument(job.document), `${job.document.job.name}.pantograph.json`, "application/json");
  });
}
