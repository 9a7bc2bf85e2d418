import { answers } from "@/server/pool";
import { answering } from "../http";

export const dynamic = "force-dynamic";

/** Whether the server and its database answer; pages that lost them ask here until they are back. */
export function GET(request: Request): Promise<Response> {
  return answering(request, async () => {
    await answers();
    return Response.json({ ok: true });
  });
}
