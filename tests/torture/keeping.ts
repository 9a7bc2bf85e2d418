import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { heronTables } from "@/demo/heron";
import { backUp } from "@/server/backup";
import { restore } from "@/server/restore";
import { Account, clean, loomOps, type Outcome, Page, sameJob, World } from "./world";

const PATTERN = heronTables().pins[0] as ReturnType<typeof heronTables>["pins"][number];

/** Backups are made while people write; one is restored behind their backs, and they go on. */
export async function restoring(world: World, backups: number): Promise<Outcome> {
  await world.newJob();
  const folder = mkdtempSync(path.join(tmpdir(), "pantograph-torture-"));
  try {
    const account = new Account();
    const pages = await Promise.all(["Robin", "Kim"].map((person) => Page.open(world, person)));
    let isOver = false;
    const write = async (page: Page, into: Account) => {
      for (let at = 0; !isOver; at += 1) {
        into.change(page, `loom ${at}`, loomOps(PATTERN));
        while (page.sync.current().unsent > 2) await pause(5);
        await pause(15);
      }
    };
    const writing = pages.map((page) => write(page, account));
    const took: number[] = [];
    for (let at = 0; at < backups; at += 1) {
      await pause(200);
      const from = performance.now();
      await backUp(world.pool, path.join(folder, `${at}.gz`));
      took.push(performance.now() - from);
    }
    isOver = true;
    await Promise.all(writing);
    for (const page of pages) await page.untilSaved();
    const before = await account.judge(world, pages);
    const broken: string[] = [];
    for (let at = 0; at < backups; at += 1) {
      await restore(world.pool, path.join(folder, `${at}.gz`));
      const { pins, connectors } = await world.document();
      if (pins.length !== connectors.length * 5) broken.push(`backup ${at} holds half of a change`);
    }
    // They work on, on what was restored.
    isOver = false;
    const after = new Account();
    for (const page of pages) while (!page.notices.some(({ type }) => type === "restored")) await pause(50);
    const again = pages.map((page) => write(page, after));
    await pause(1_000);
    isOver = true;
    await Promise.all(again);
    for (const page of pages) await page.untilSaved();
    for (let round = 0; round < 3; round += 1) for (const page of pages) await page.sync.work();
    const judged = await after.judge(world, pages);
    for (const page of pages) page.close();
    return {
      attack: `${backups} backups while people write, each restored`,
      ...judged,
      lost: judged.lost + before.lost,
      half: judged.half + before.half,
      broken,
      figures: { changes: account.made.length + after.made.length, "longest backup ms": Math.round(Math.max(...took)) },
    };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The disk of the database fills up, is told, and has room again. Only root can make a disk of its own for that. */
export async function diskFull(): Promise<Outcome> {
  const attack = "the database's disk full";
  const disk = mkdtempSync(path.join(tmpdir(), "pantograph-disk-"));
  const image = `${disk}.img`;
  const did = (command: string, args: readonly string[]) => spawnSync(command, args).status === 0;
  const mounted =
    process.getuid?.() === 0 &&
    did("truncate", ["-s", "600M", image]) &&
    did("mkfs.ext4", ["-q", "-F", image]) &&
    did("mount", ["-o", "loop", image, disk]);
  if (!mounted) {
    for (const one of [disk, image]) rmSync(one, { recursive: true, force: true });
    return { attack, ...clean, figures: { "not tried": "it takes root, to make a small disk" } };
  }
  let world: World | null = null;
  try {
    process.env.PANTOGRAPH_DATA = disk;
    world = await World.make("disk-full");
    await world.newJob();
    const account = new Account();
    const page = await Page.open(world, "Robin");
    account.change(page, "before", loomOps(PATTERN));
    await page.untilSaved();
    const filler = path.join(disk, "filler");
    const { bavail, bsize } = statfsSync(disk);
    const room = 40_000_000;
    writeFileSync(filler, Buffer.alloc(Math.max(0, bavail * bsize - room)));
    const long = { ...PATTERN, description: "x".repeat(9_000) };
    let tries = 0;
    for (; page.sync.current().connection !== "full" && tries < 400; tries += 1) {
      account.change(page, "more", loomOps(long));
      for (let wait = 0; wait < 100 && page.sync.current().unsent > 0; wait += 1) {
        if (page.sync.current().connection === "full") break;
        await pause(20);
      }
    }
    const told = page.sync.current().connection;
    const unsent = page.sync.current().unsent;
    rmSync(filler);
    const saved = await page.untilSaved();
    const judged = await account.judge(world, [page]);
    const same = sameJob(page.sync.current().document, await world.document());
    page.close();
    return {
      attack,
      ...judged,
      apart: judged.apart + (same ? 0 : 1),
      broken: told === "full" ? [] : [`a full disk was told as “${told}”`],
      figures: {
        "changes until it was full": tries,
        "unsent then": unsent,
        "saved after there was room, ms": Math.round(saved),
      },
    };
  } finally {
    await world?.stop();
    delete process.env.PANTOGRAPH_DATA;
    spawnSync("umount", ["-l", disk]);
    for (const one of [disk, image]) rmSync(one, { recursive: true, force: true });
  }
}
