import { history } from "@/server/changes";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf } from "../../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => Response.json({ edits: await history(pool(), await jobIdOf(params)) }));
}
