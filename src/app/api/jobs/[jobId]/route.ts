import { promisify } from "node:util";
import { gunzip } from "node:zlib";
import { removeJob } from "@/server/bin";
import { jobPacked } from "@/server/jobs";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf, noJob, strangerRefusal } from "../../http";

export const dynamic = "force-dynamic";

export function GET(request: Request, { params }: JobContext): Promise<Response> {
  return answering(request, async () => {
    const body = await jobPacked(pool(), await jobIdOf(params));
    if (body === null) return noJob();
    const isPacked = /\bgzip\b/.test(request.headers.get("accept-encoding") ?? "");
    return new Response(isPacked ? new Uint8Array(body) : new Uint8Array(await unpack(body)), {
      headers: {
        "Content-Type": "application/json",
        Vary: "Accept-Encoding",
        ...(isPacked ? { "Content-Encoding": "gzip" } : {}),
      },
    });
  });
}
const unpack = promisify(gunzip);

/** Removes it to the bin. */
export function DELETE(request: Request, { params }: JobContext): Promise<Response> {
  return answering(
    request,
    async () =>
      strangerRefusal(request) ??
      ((await removeJob(pool(), await jobIdOf(params))) ? Response.json({ ok: true }) : noJob()),
  );
}
