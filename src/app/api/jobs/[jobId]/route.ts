import { deleteJob, loadJob } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf, noJob, strangerRefusal } from "../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const job = await loadJob(pool(), await jobIdOf(params));
    return job === null ? noJob() : Response.json(job);
  });
}

export function DELETE(request: Request, { params }: JobContext): Promise<Response> {
  return answering(
    request,
    async () =>
      strangerRefusal(request) ??
      ((await deleteJob(pool(), await jobIdOf(params))) ? Response.json({ ok: true }) : noJob()),
  );
}
