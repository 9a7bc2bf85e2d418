import { setTimeout as pause } from "node:timers/promises";
import { heronTables } from "@/demo/heron";
import { Account, loomOps, type Outcome, Page, type World } from "./world";

const PATTERN = heronTables().pins[0] as ReturnType<typeof heronTables>["pins"][number];
/** One that stands still is told within this, ms. */
const TOLD_MS = 10_000;
const FROZEN_FOR_MS = 14_000;

/** The server, or the database, stands still for a while and goes on: it is not gone, and answers nothing. */
export async function frozen(world: World, what: "server" | "database", forMs = FROZEN_FOR_MS): Promise<Outcome> {
  await world.newJob();
  const account = new Account();
  const page = await Page.open(world, "Robin");
  account.change(page, "before", loomOps(PATTERN));
  await page.untilSaved();
  const pids = world.processes(what);
  for (const pid of pids) process.kill(pid, "SIGSTOP");
  const from = performance.now();
  account.change(page, "meanwhile", loomOps(PATTERN));
  while (page.sync.current().connection === "ok" && performance.now() - from < forMs) await pause(20);
  const told = performance.now() - from;
  const looked = page.sync.current();
  await pause(Math.max(0, forMs - told));
  for (const pid of pids) process.kill(pid, "SIGCONT");
  const saved = await page.untilSaved();
  const judged = await account.judge(world, [page]);
  page.close();
  return {
    attack: `${what} frozen`,
    ...judged,
    broken: looked.unsent === 0 ? ["what was not saved looked saved"] : [],
    late: told > TOLD_MS ? [`it was told after ${Math.round(told)} ms`] : [],
    figures: { "told after ms": Math.round(told), "saved after it went on, ms": Math.round(saved) },
  };
}
