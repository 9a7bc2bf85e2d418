// `npm run demo`: everything from nothing to an address that opens on the sample job. Run again, it keeps the data.
import { ensureDebian, ensureModules } from "./lib/machine.mjs";

ensureDebian("mariadb");
ensureModules();
const { keepDatabase, webPort } = await import("./lib/database.mjs");
const { ensureBuild, keepServer, runTsx } = await import("./lib/build.mjs");
const { ensurePassphrase } = await import("./lib/access.mjs");
const { backupsFolder, keepBackups } = await import("./lib/backups.mjs");

const dev = process.argv.includes("--dev");
const host = process.env.HOST ?? "127.0.0.1";
let database;
let server;
const end = async (status) => {
  await server?.stop();
  await database?.stop();
  process.exit(status);
};
process.on("SIGINT", () => end(0));
process.on("SIGTERM", () => end(0));

async function fail(error) {
  console.error(error.message);
  await end(1);
}

try {
  database = process.env.DATABASE_URL
    ? { url: process.env.DATABASE_URL, stop: async () => {} }
    : await keepDatabase("demo");
  const port = await webPort(host);
  ensurePassphrase(host);
  runTsx("scripts/migrate.ts", [backupsFolder()], { DATABASE_URL: database.url });
  runTsx("scripts/seed.ts", [], { DATABASE_URL: database.url });
  if (!dev) ensureBuild();
  keepBackups(database.url);
  server = await keepServer({ host, port, databaseUrl: database.url, dev, quiet: !dev });
  console.log(`\nPantograph is ready: ${server.addresses.join("  ")}\nCtrl-C stops it; the data stays.`);
} catch (error) {
  await fail(error);
}
