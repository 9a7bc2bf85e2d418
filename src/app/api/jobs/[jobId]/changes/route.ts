import { readChange } from "@/job/ops";
import { MOST_INT } from "@/job/rows/fields";
import { applyChange, newsSince } from "@/server/changes";
import { pool } from "@/server/pool";
import { answering, changeAnswer, type JobContext, jobIdOf, mutatingBy, noJob, refuse } from "../../../http";

export const dynamic = "force-dynamic";

/** What has changed since a revision. Asked twice a second, so an unchanged job is answered from its revision alone. */
export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const jobId = await jobIdOf(params);
    const since = Number(new URL(request.url).searchParams.get("since"));
    if (!Number.isInteger(since) || since < 0 || since > MOST_INT)
      return refuse(400, { code: "invalid", message: "since is a revision: a whole number from 0." });
    const news = await newsSince(pool(), jobId, since, new URL(request.url).searchParams.get("epoch"));
    return news === null ? noJob() : new Response(news, { headers: { "Content-Type": "application/json" } });
  });
}

export function POST(request: Request, { params }: JobContext): Promise<Response> {
  return mutatingBy(request, readChange, async (change) =>
    changeAnswer(await applyChange(pool(), await jobIdOf(params), change)),
  );
}
