import { removeJob } from "@/server/bin";
import { jobText } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf, noJob, strangerRefusal } from "../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const text = await jobText(pool(), await jobIdOf(params));
    return text === null ? noJob() : new Response(text, { headers: { "Content-Type": "application/json" } });
  });
}

/** Removes it to the bin. */
export function DELETE(request: Request, { params }: JobContext): Promise<Response> {
  return answering(
    request,
    async () =>
      strangerRefusal(request) ??
      ((await removeJob(pool(), await jobIdOf(params))) ? Response.json({ ok: true }) : noJob()),
  );
}
