import { answers } from "@/server/pool";
import { answering, OPEN } from "../http";

export const dynamic = "force-dynamic";

/** Whether the server and its database answer; pages that lost them ask here until they are back. */
export function GET(request: Request): Promise<Response> {
  const answer = async () => {
    await answers();
    return Response.json({ ok: true });
  };
  // It says nothing of anybody's work.
  return answering(request, answer, OPEN);
}
