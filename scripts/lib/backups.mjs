// Where backups go that nobody names a file for, and the one that is made every so many hours.
import { spawn } from "node:child_process";
import { mkdirSync, readdirSync, rmSync } from "node:fs";
import path from "node:path";
import { ROOT } from "./machine.mjs";

export const backupsFolder = () => process.env.PANTOGRAPH_BACKUPS ?? path.join(ROOT, ".data/backups");

/** How many of those that are made by the clock are kept. */
const KEPT = 14;

/** Makes a backup every `PANTOGRAPH_BACKUP_HOURS`, where that is asked for. */
export function keepBackups(databaseUrl) {
  const hours = Number(process.env.PANTOGRAPH_BACKUP_HOURS ?? 0);
  if (process.env.PANTOGRAPH_BACKUP_HOURS !== undefined && !(hours >= 0.001 && hours <= 24 * 14))
    throw new Error(
      `PANTOGRAPH_BACKUP_HOURS is “${process.env.PANTOGRAPH_BACKUP_HOURS}”\nGive the hours between two backups: a number up to ${24 * 14}.`,
    );
  if (hours === 0) return;
  const make = () => {
    const folder = backupsFolder();
    mkdirSync(folder, { recursive: true });
    const file = path.join(folder, `every-${new Date().toISOString().replace(/[:.]/g, "-")}.jsonl.gz`);
    const tsx = path.join(ROOT, "node_modules/tsx/dist/cli.mjs");
    const child = spawn(process.execPath, [tsx, path.join(ROOT, "scripts/backup.ts"), "backup", file], {
      cwd: ROOT,
      env: { ...process.env, DATABASE_URL: databaseUrl },
      stdio: ["ignore", "ignore", "inherit"],
    });
    child.once("exit", (status) => {
      if (status !== 0) return console.error(`The backup ${file} was not made; the next one is tried in ${hours} h.`);
      const made = readdirSync(folder)
        .filter((name) => name.startsWith("every-"))
        .sort();
      for (const old of made.slice(0, -KEPT)) rmSync(path.join(folder, old), { force: true });
    });
  };
  setInterval(make, hours * 3_600_000).unref();
}
