import { setTimeout as pause } from "node:timers/promises";
import { heronTables } from "@/demo/heron";
import { insertOp, type RowOp, updateOp } from "@/job/ops";
import type { PinRow } from "@/job/schema";
import { randoms } from "../support/harness";
import { readingRow } from "../support/reading";
import { Account, Kept, loomOps, type Outcome, Page, type World } from "./world";

const PATTERN = heronTables().pins[0] as PinRow;

/** Three servers on one database, two people at each, who write on rows of their own and on each other's. */
export async function manyServers(world: World, edits: number, seed = 5): Promise<Outcome> {
  await world.newJob();
  const random = randoms(seed);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const account = new Account();
  const pages = await Promise.all(
    Array.from({ length: 6 }, (_, at) => Page.open(world, `Person ${at}`, { server: at })),
  );
  account.change(pages[0] as Page, "the first loom", loomOps(PATTERN));
  await (pages[0] as Page).untilSaved();
  const from = performance.now();
  const each = Math.ceil(edits / pages.length);
  await Promise.all(
    pages.map(async (page, who) => {
      for (let at = 0; at < each; at += 1) {
        const { pins } = page.sync.current().document;
        const pin = pick(pins);
        const dice = random();
        const name = `${who} ${at}`;
        const ops: (RowOp | null)[] =
          dice < 0.4 || pin === undefined
            ? loomOps(PATTERN)
            : [updateOp("pin", pin.id, pin, dice < 0.7 ? { description: name } : { sizeMm2: 1 + at / 100 })];
        const made = ops.filter((op) => op !== null);
        if (made.length === 0) continue;
        const key = account.change(page, name, made);
        if (random() < 0.15) account.undo(page, key);
        await pause(random() * 30);
      }
    }),
  );
  for (const page of pages) await page.untilSaved();
  const took = performance.now() - from;
  for (let round = 0; round < 3; round += 1) for (const page of pages) await page.sync.work();
  const judged = await account.judge(world, pages);
  for (const page of pages) page.close();
  return {
    attack: `three servers, six people, ${account.made.length} changes`,
    ...judged,
    figures: {
      "changes a second": Math.round((account.made.length / took) * 1000),
      undos: account.takenBack.length,
      "set aside and told": pages.reduce((sum, { sync }) => sum + sync.current().aside.length, 0),
    },
  };
}

/** One person's clock is a year ahead, another's a year behind: neither changes what stands, nor in which order. */
export async function clocks(world: World, rounds: number): Promise<Outcome> {
  await world.newJob();
  const account = new Account();
  const year = 365 * 86_400_000;
  const clock = [year, 0, -year];
  const pages = await Promise.all(
    clock.map((off, at) => Page.open(world, `Person ${at}`, { now: () => Date.now() + off })),
  );
  const order: string[] = [];
  for (let at = 0; at < rounds; at += 1) {
    const page = pages[at % pages.length] as Page;
    const id = `r${at}`;
    const takenAt = new Date(Date.now() + (clock[at % clock.length] ?? 0)).toISOString();
    const reading = readingRow(id, { written: String(at), value: at, person: page.person, takenAt });
    account.change(page, id, [insertOp("reading", reading)]);
    order.push(id);
    await page.untilSaved();
  }
  for (const page of pages) await page.sync.work();
  const stored = (await world.document()).readings.map(({ id }) => id);
  const judged = await account.judge(world, pages);
  for (const page of pages) page.close();
  return {
    attack: `clocks a year ahead and behind, ${rounds} readings`,
    ...judged,
    broken: stored.join() === order.join() ? [] : ["the readings are in another order than they came in"],
    figures: {},
  };
}

/** Tabs of one person, opened, closed and reloaded at any moment, at times in a browser that keeps nothing more. */
export async function tabs(world: World, rounds: number, seed = 3): Promise<Outcome> {
  await world.newJob();
  const random = randoms(seed);
  const account = new Account();
  const store = new Kept();
  const open = () => Page.open(world, "Robin", { store });
  const closed: Page[] = [];
  const pages = [await open(), await open()];
  let [reloads, told, kept] = [0, 0, 0];
  for (let at = 0; at < rounds; at += 1) {
    const nth = Math.floor(random() * pages.length);
    const page = pages[nth] as Page;
    const dice = random();
    if (dice < 0.7) account.change(page, `loom ${at}`, loomOps(PATTERN));
    else if (dice < 0.8) store.isFull = !store.isFull;
    else {
      // Whoever closes a page that says that it alone holds something has been warned, and stays until it is saved.
      if (page.sync.current().onlyHere) {
        told += 1;
        await page.untilSaved();
      }
      kept += page.sync.current().unsent;
      page.close();
      closed.push(page);
      reloads += 1;
      pages[nth] = await open();
    }
    await pause(random() * 40);
  }
  store.isFull = false;
  pages.push(await open());
  for (const page of pages) await page.untilSaved();
  for (let round = 0; round < 3; round += 1) for (const page of pages) await page.sync.work();
  const judged = await account.judge(world, pages);
  for (const page of pages) page.close();
  return {
    attack: `tabs of one person, ${account.made.length} changes`,
    ...judged,
    broken: store.entries.size === 0 ? [] : [`${store.entries.size} saved changes are still kept as unsent`],
    figures: { reloads, "of those with unsent work": kept, "warned of a full store": told },
  };
}
