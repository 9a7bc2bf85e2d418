// `npm run backup FILE` and `npm run restore FILE`: everything, with history and bin, out of the database that
// DATABASE_URL names, or the demo's, while people work, and back.
import path from "node:path";
import { backupsFolder } from "./lib/backups.mjs";
import { ensureDebian, ensureModules } from "./lib/machine.mjs";

const [verb, file] = process.argv.slice(2);
if (file === undefined) {
  console.error(`Name the file: npm run ${verb} FILE`);
  process.exit(1);
}
if (!process.env.DATABASE_URL) ensureDebian("mariadb");
ensureModules();
const { startDatabase } = await import("./lib/database.mjs");
const { runTsx } = await import("./lib/build.mjs");
const database = process.env.DATABASE_URL
  ? { url: process.env.DATABASE_URL, stop: async () => {} }
  : await startDatabase("demo");
try {
  // npm changes to the project's folder; the file is meant from where the person stands.
  const chosen = path.resolve(process.env.INIT_CWD ?? process.cwd(), file);
  runTsx("scripts/backup.ts", [verb, chosen, backupsFolder()], { DATABASE_URL: database.url });
} catch {
  // It has said why.
  process.exitCode = 1;
} finally {
  await database.stop();
}
