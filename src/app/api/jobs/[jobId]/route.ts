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
    // The framework drops the header that says how an answer is packed: the server before it, where there is one, puts
    // it back.
    const isPacked = request.headers.get("x-pantograph-takes") === "gzip";
    return new Response(new Uint8Array(isPacked ? body : await unpack(body)), {
      headers: { "Content-Type": "application/json", ...(isPacked ? { "X-Pantograph-Packed": "gzip" } : {}) },
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
