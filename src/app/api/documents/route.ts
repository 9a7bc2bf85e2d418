import { z } from "zod";
import { breathing } from "@/job/checked";
import { readDocument } from "@/job/document";
import { createJob } from "@/server/jobs";
import { pool } from "@/server/pool";
import { breathe, mutating, refuse } from "../http";

/** Makes a job from a job document's text. */
export function POST(request: Request): Promise<Response> {
  return mutating(request, z.strictObject({ text: z.string() }), async ({ text }) => {
    const result = await breathing(readDocument(text), breathe);
    const [fault] = result.ok ? [] : result.faults;
    if (!result.ok)
      return refuse(422, {
        code: fault?.code ?? "bad-field",
        message: fault?.message ?? "No job document.",
        hint: fault?.hint,
        faults: result.faults,
      });
    return Response.json({ id: await createJob(pool(), result.document) }, { status: 201 });
  });
}
