import { SIDES } from "@/core/forms";
import { pinTableCsv } from "@/formats/plan-csv";
import { loadJob } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, download, type JobContext, jobIdOf, noJob, refuse } from "../../../http";

export const dynamic = "force-dynamic";

/** One side's pin table as CSV: `?side=donor` or `?side=host`. */
export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const wanted = new URL(request.url).searchParams.get("side");
    const side = SIDES.find((one) => one === wanted);
    if (side === undefined) return refuse(400, { code: "invalid", message: "side is donor or host." });
    const job = await loadJob(pool(), await jobIdOf(params));
    return job === null
      ? noJob()
      : download(pinTableCsv(job.document, side), `${job.document.job.name}-${side}.csv`, "text/csv");
  });
}
