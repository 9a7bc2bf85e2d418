import { history, historyOf } from "@/server/changes";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf } from "../../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  const row = new URL(request.url).searchParams.get("row");
  return answering(request, async () => {
    const jobId = await jobIdOf(params);
    return Response.json({ edits: await (row === null ? history(pool(), jobId) : historyOf(pool(), jobId, row)) });
  });
}
