import { stepHistory } from "@/server/changes";
import { pool } from "@/server/pool";
import { changeAnswer, type JobContext, jobIdOf, mutating } from "../../../http";
import { HistoryStep } from "../history-step";

export function POST(request: Request, { params }: JobContext): Promise<Response> {
  return mutating(request, HistoryStep, async ({ person, key, of, ofKey }) =>
    changeAnswer(await stepHistory(pool(), await jobIdOf(params), "undo", person, key, of ?? ofKey ?? null)),
  );
}
