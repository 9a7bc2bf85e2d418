import { heronDocument } from "@/demo/heron";
import type { LoadedJob } from "@/job/edit";
import { LISTS } from "@/job/schema";
import { type Answered, fuzz } from "../support/fuzz";
import { clean, type Outcome, type World } from "./world";

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
export async function fuzzing(world: World, requests: number, seed = 12): Promise<Outcome> {
  const beside = await world.newJob(heronDocument());
  const spoilt = await world.newJob(heronDocument());
  const before = JSON.stringify(await world.loaded(beside));
  const answers = await fuzz(world.address(), spoilt, soundOps(await world.loaded(spoilt)), requests, seed);
  const faults = answers.filter(({ status }) => status >= 500);
  const count = (from: number, below: number) =>
    answers.filter(({ status }) => status >= from && status < below).length;
  const told = ({ method, path, status, body }: Answered) => `${status} ${method} ${path} ${body.slice(0, 200)}`;
  return {
    attack: `${requests} wrong requests`,
    ...clean,
    faults: faults.length,
    apart: JSON.stringify(await world.loaded(beside)) === before ? 0 : 1,
    broken: faults.slice(0, 5).map(told),
    figures: { taken: count(200, 400), refused: count(400, 500) },
  };
}
