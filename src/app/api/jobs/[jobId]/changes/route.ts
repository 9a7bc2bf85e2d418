import { readChange } from "@/job/ops";
import { applyChange, editsSince, revisionOf } from "@/server/changes";
import { pool } from "@/server/pool";
import { answering, changeAnswer, type JobContext, mutatingBy, noJob, refuse } from "../../../http";

export const dynamic = "force-dynamic";

/** Edits that one answer carries; whoever is further behind loads the whole job. */
const MOST_EDITS = 100;

/** What has changed since a revision. Asked twice a second, so an unchanged job is answered from its revision alone. */
export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const { jobId } = await params;
    const since = Number(new URL(request.url).searchParams.get("since"));
    if (!Number.isInteger(since) || since < 0)
      return refuse(400, { code: "invalid", message: "since is a revision: a whole number from 0." });
    const revision = await revisionOf(pool(), jobId);
    if (revision === null) return noJob();
    if (revision <= since) return Response.json({ revision, edits: [] });
    if (revision - since > MOST_EDITS) return Response.json({ revision, reload: true, edits: [] });
    return Response.json({ revision, edits: await editsSince(pool(), jobId, since, MOST_EDITS) });
  });
}

export function POST(request: Request, { params }: JobContext): Promise<Response> {
  return mutatingBy(request, readChange, async (change) =>
    changeAnswer(await applyChange(pool(), (await params).jobId, change)),
  );
}
