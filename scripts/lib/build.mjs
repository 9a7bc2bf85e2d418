import { execFileSync, spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { networkInterfaces } from "node:os";
import path from "node:path";
import { ROOT } from "./machine.mjs";

const env = () => ({ ...process.env, NEXT_TELEMETRY_DISABLED: "1" });
const next = path.join(ROOT, "node_modules/next/dist/bin/next");

/** Builds the application where its sources have changed since the last build. */
export function ensureBuild() {
  const stamp = path.join(ROOT, ".next/pantograph-sources");
  const now = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === now) return;
  console.log("Building …");
  execFileSync(process.execPath, [next, "build"], {
    cwd: ROOT,
    env: { ...env(), NODE_ENV: "production" },
    stdio: ["ignore", "ignore", "inherit"],
  });
  writeFileSync(stamp, now);
}

function sourcesHash() {
  const hash = createHash("sha1");
  const visit = (file) => {
    if (statSync(file).isDirectory()) for (const name of readdirSync(file).sort()) visit(path.join(file, name));
    else if (!/\.test\.tsx?$/.test(file)) hash.update(path.relative(ROOT, file)).update(readFileSync(file));
  };
  for (const name of ["src", "next.config.ts", "postcss.config.mjs", "package-lock.json", "tsconfig.json"])
    visit(path.join(ROOT, name));
  return hash.digest("hex");
}

/** Starts the web server and waits until it answers; it ends with this process. */
export async function startServer({ host, port, databaseUrl, dev = false, quiet = true }) {
  const child = spawn(process.execPath, [path.join(ROOT, "scripts/serve.mjs")], {
    cwd: ROOT,
    env: {
      ...env(),
      NODE_ENV: dev ? "development" : "production",
      DATABASE_URL: databaseUrl,
      HOST: host,
      PORT: String(port),
    },
    stdio: ["ignore", quiet ? "ignore" : "inherit", "inherit", "ipc"],
  });
  const isUp = await new Promise((resolve) => {
    child.once("message", () => resolve(true));
    child.once("exit", () => resolve(false));
    setTimeout(() => resolve(false), 60_000).unref();
  });
  if (!isUp) {
    child.kill("SIGKILL");
    throw new Error("The web server did not start.");
  }
  const address = `http://${host}:${port}`;
  // Asked for the first time, what answers has yet to be loaded.
  await fetch(`${address}/api/health`).catch(() => null);
  const stop = () =>
    new Promise((resolve) => {
      if (child.exitCode !== null || child.signalCode !== null) return resolve();
      child.once("exit", () => resolve());
      child.kill("SIGTERM");
    });
  return { address, child, stop };
}

/** The web server, begun anew when it ends by itself or is killed, until `stop`. */
export async function keepServer(options) {
  let ending = false;
  let server;
  const begin = async () => {
    server = await startServer(options);
    server.child.once("exit", () => {
      if (ending) return;
      console.log("The web server has ended; it is started again.");
      setTimeout(again, 300);
    });
  };
  const again = () =>
    begin().catch((error) => {
      console.error(`${error.message} It is tried again in 5 s.`);
      if (!ending) setTimeout(again, 5_000);
    });
  await begin();
  const stop = async () => {
    ending = true;
    await server.stop();
  };
  return { address: server.address, addresses: addressesOf(options), child: () => server.child, stop };
}

/** By what it is opened: where it listens on all of the machine's addresses, each of them. */
function addressesOf({ host, port }) {
  if (host !== "0.0.0.0" && host !== "::") return [`http://${host}:${port}`];
  return Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ family }) => family === "IPv4")
    .map(({ address }) => `http://${address}:${port}`);
}

/** Runs a TypeScript file of the project to its end; throws where it failed, which it has told itself. */
export function runTsx(file, args = [], env = {}) {
  const { status } = spawnSync(
    process.execPath,
    [path.join(ROOT, "node_modules/tsx/dist/cli.mjs"), path.join(ROOT, file), ...args],
    { cwd: ROOT, env: { ...process.env, ...env }, stdio: "inherit" },
  );
  if (status !== 0) throw new Error("Nothing was started.");
}
