import { heronDocument } from "@/demo/heron";
import type { LoadedJob } from "@/job/edit";
import { LISTS } from "@/job/schema";
import { createJob } from "@/server/jobs";
import { type Answered, fuzz } from "../support/fuzz";
import { clean, type Outcome, World } from "./world";

/** Sound operations of a job, of every table: what is broken is made of them. */
export const soundOps = ({ document }: LoadedJob) =>
  Object.entries(LISTS).flatMap(([table, list]) =>
    (document[list] as { id: string }[]).slice(0, 6).flatMap((row) => {
      const [key = "", value] = Object.entries(row).find(([name]) => name !== "id") ?? [];
      return [
        { op: "insert", table, id: `${row.id}x`, row: { ...row, id: `${row.id}x` } },
        { op: "delete", table, id: row.id, row },
        { op: "update", table, id: row.id, from: { [key]: value }, to: { [key]: value } },
      ];
    }),
  );

/** So many wrong requests to every route. */
export async function fuzzing(requests: number, seed = 12): Promise<Outcome> {
  const world = await World.make("fuzz");
  try {
    await createJob(world.pool, heronDocument(), "spoilt");
    await createJob(world.pool, heronDocument(), "beside");
    const jobOf = async (id: string) => (await (await fetch(`${world.address()}/api/jobs/${id}`)).json()) as LoadedJob;
    const before = JSON.stringify(await jobOf("beside"));
    const answers = await fuzz(world.address(), "spoilt", soundOps(await jobOf("spoilt")), requests, seed);
    const faults = answers.filter(({ status }) => status >= 500);
    const count = (from: number, below: number) =>
      answers.filter(({ status }) => status >= from && status < below).length;
    const told = ({ method, path, status, body }: Answered) => `${status} ${method} ${path} ${body.slice(0, 200)}`;
    return {
      attack: `${requests} wrong requests`,
      ...clean,
      faults: faults.length,
      apart: JSON.stringify(await jobOf("beside")) === before ? 0 : 1,
      broken: faults.slice(0, 5).map(told),
      figures: { taken: count(200, 400), refused: count(400, 500) },
    };
  } finally {
    await world.stop();
  }
}
