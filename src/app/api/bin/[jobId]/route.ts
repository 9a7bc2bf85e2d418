import { deleteForGood, putBack } from "@/server/bin";
import { pool } from "@/server/pool";
import { answering, type JobContext, jobIdOf, noJob, strangerRefusal } from "../../http";

/** Puts a removed job back as it was. */
export const POST = (request: Request, context: JobContext) => done(request, context, putBack);

/** Deletes a removed job for good. */
export const DELETE = (request: Request, context: JobContext) => done(request, context, deleteForGood);

const done = (request: Request, { params }: JobContext, work: typeof putBack): Promise<Response> =>
  answering(
    request,
    async () =>
      strangerRefusal(request) ?? ((await work(pool(), await jobIdOf(params))) ? Response.json({ ok: true }) : noJob()),
  );
