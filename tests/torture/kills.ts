import { setTimeout as pause } from "node:timers/promises";
import { heronTables } from "@/demo/heron";
import { randoms } from "../support/harness";
import { Account, loomOps, type Outcome, Page, type World } from "./world";

const PATTERN = heronTables().pins[0] as ReturnType<typeof heronTables>["pins"][number];
/** Ended or killed, it is back within this, ms. */
const BACK_MS = 5_000;

/** Kills the server, or the database, again and again while three people write and take back. */
export async function kills(world: World, what: "server" | "database", times: number, seed = 7): Promise<Outcome> {
  await world.newJob();
  const random = randoms(seed);
  const account = new Account();
  const pages = await Promise.all(["Robin", "Kim", "Alex"].map((person) => Page.open(world, person)));
  let isOver = false;
  const writing = pages.map(async (page, who) => {
    for (let at = 0; !isOver; at += 1) {
      const key = account.change(page, `loom ${who} ${at}`, loomOps(PATTERN));
      if (at % 4 === 3) account.undo(page, key);
      while (page.sync.current().unsent > 3) await pause(5);
      await pause(random() * 20);
    }
  });
  const back: number[] = [];
  for (let at = 0; at < times; at += 1) {
    await pause(100 + random() * 900);
    for (const pid of world.processes(what)) process.kill(pid, "SIGKILL");
    back.push(await gone(world).then(() => world.untilWell()));
  }
  isOver = true;
  await Promise.all(writing);
  for (const page of pages) await page.untilSaved();
  // What the last undo left has its turn.
  for (const page of pages) await page.sync.work();
  for (const page of pages) await page.sync.work();
  const judged = await account.judge(world, pages);
  for (const page of pages) page.close();
  const longest = Math.max(...back);
  return {
    attack: `${what} killed ${times} times`,
    ...judged,
    late: longest > BACK_MS ? [`it was away for ${Math.round(longest)} ms`] : [],
    figures: {
      changes: account.made.length,
      undos: account.takenBack.length,
      "longest away ms": Math.round(longest),
    },
  };
}

/** Until nobody answers any more: killing takes a moment. */
async function gone(world: World): Promise<void> {
  for (let tries = 0; tries < 40; tries += 1) {
    const answer = await fetch(`${world.address()}/api/health`, { signal: AbortSignal.timeout(500) }).catch(() => null);
    if (answer?.ok !== true) return;
    await pause(10);
  }
}
