// `npm test`: what a fresh machine lacks, then lint, types, unit, database and browser tests; ends with `N passed, N failed`.
import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, openSync, readFileSync, rmSync } from "node:fs";
import path from "node:path";
import { ensureDebian, ensureModules, ROOT } from "./lib/machine.mjs";

ensureDebian("mariadb", "chromium", "chromedriver");
ensureModules();
const { startDatabase } = await import("./lib/database.mjs");
const { ensureBuild } = await import("./lib/build.mjs");

const output = path.join(ROOT, "test-output");
rmSync(output, { recursive: true, force: true });
mkdirSync(output, { recursive: true });
let [passed, failed] = [0, 0];
const bin = (name) => path.join(ROOT, "node_modules/.bin", name);

/** One check without tests of its own: passes or fails as a whole. */
function check(name, command, args) {
  const { status } = spawnSync(command, args, { cwd: ROOT, stdio: "inherit" });
  console.log(`${name}: ${status === 0 ? "good" : "FAILED"}`);
  if (status === 0) passed += 1;
  else failed += 1;
}

const reportOf = (project) => path.join(output, `${project}.json`);
const vitestArgs = (project) => [
  "run",
  "--project",
  project,
  "--reporter=default",
  "--reporter=json",
  `--outputFile=${reportOf(project)}`,
];

function count(project, status) {
  const counts = existsSync(reportOf(project)) ? JSON.parse(readFileSync(reportOf(project), "utf8")) : null;
  passed += counts?.numPassedTests ?? 0;
  failed += counts?.numFailedTests ?? 0;
  // A file that cannot even be loaded fails no test of its own.
  if (status !== 0 && (counts?.numFailedTests ?? 0) === 0) failed += 1;
}

function vitest(project, env = {}) {
  const { status } = spawnSync(bin("vitest"), vitestArgs(project), {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, ...env },
  });
  count(project, status);
}

/** The same beside other work: what it says is shown when it has ended. */
function vitestBeside(project, env = {}) {
  const log = path.join(output, `${project}.log`);
  const child = spawn(bin("vitest"), vitestArgs(project), {
    cwd: ROOT,
    stdio: ["ignore", openSync(log, "w"), openSync(log, "a")],
    env: { ...process.env, ...env },
  });
  const ended = new Promise((resolve) => child.once("exit", resolve));
  return async () => {
    const status = await ended;
    process.stdout.write(readFileSync(log));
    count(project, status);
  };
}

const database = await startDatabase(`test-${process.pid}`, 34306);
try {
  // Tests of the database wait more than they work, those of units need one processor, and so does each check: all beside
  // each other take little more than half of the time.
  const databaseTests = vitestBeside("database", {
    DATABASE_URL: database.url,
    TEST_DB_SOCKET: database.socket,
    TEST_DB_PID: String(database.pid),
  });
  const unitTests = vitestBeside("unit");
  check("lint", bin("biome"), ["check", "--error-on-warnings"]);
  check("layers", bin("tsx"), ["scripts/check-layers.ts"]);
  check("words", bin("tsx"), ["scripts/check-words.ts"]);
  check("types", bin("tsc"), ["--noEmit"]);
  ensureBuild();
  await databaseTests();
  await unitTests();
  vitest("browser", { DATABASE_URL: database.url });
  vitest("reach", { DATABASE_URL: database.url });
} catch (error) {
  console.error(error.message);
  failed += 1;
} finally {
  await database.stop();
  rmSync(database.folder, { recursive: true, force: true });
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
