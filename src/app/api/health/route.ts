import { pool, reading } from "@/server/pool";
import { answering } from "../http";

export const dynamic = "force-dynamic";

/** Whether the server and its database answer; pages that lost them ask here until they are back. */
export function GET(request: Request): Promise<Response> {
  return answering(request, async () => {
    await reading(() => pool().query("SELECT 1"));
    return Response.json({ ok: true });
  });
}
