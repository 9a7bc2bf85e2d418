// What a fresh machine lacks: Debian packages and node_modules. Plain JavaScript, since nothing is installed yet.
import { execFileSync, spawnSync } from "node:child_process";
import { existsSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), "../..");

const BINARIES = {
  mariadb: { package: "mariadb-server", paths: ["/usr/sbin/mariadbd", "/usr/bin/mariadb-install-db"] },
  chromium: { package: "chromium", paths: ["/usr/bin/chromium"] },
  chromedriver: { package: "chromium-driver", paths: ["/usr/bin/chromedriver"] },
};

/** Installs the Debian packages behind the named binaries where one is missing. */
export function ensureDebian(...names) {
  const missing = names
    .filter((name) => !BINARIES[name].paths.every((file) => existsSync(file)))
    .map((name) => BINARIES[name].package);
  if (missing.length === 0) return;
  if (process.getuid?.() !== 0) {
    console.error(`Missing: ${missing.join(", ")}. Install them as root: apt-get install ${missing.join(" ")}`);
    process.exit(1);
  }
  console.log(`Installing ${missing.join(", ")} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  // The packaged server would start at once; ours has its own data folder, socket and port.
  const policy = "/usr/sbin/policy-rc.d";
  const ownPolicy = !existsSync(policy);
  if (ownPolicy) writeFileSync(policy, "#!/bin/sh\nexit 101\n", { mode: 0o755 });
  try {
    execFileSync("apt-get", ["update", "-qq"], { env, stdio: ["ignore", "ignore", "inherit"] });
    execFileSync("apt-get", ["install", "-y", "-qq", "--no-install-recommends", ...missing], {
      env,
      stdio: ["ignore", "ignore", "inherit"],
    });
  } finally {
    if (ownPolicy) spawnSync("rm", ["-f", policy]);
  }
}

/** `npm ci` where node_modules is missing or older than the lock file. */
export function ensureModules() {
  const stamp = path.join(ROOT, "node_modules/.package-lock.json");
  const lock = path.join(ROOT, "package-lock.json");
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(lock).mtimeMs - 1000) return;
  if (existsSync(stamp) && sameVersions(stamp, lock)) return;
  console.log("Installing packages (npm ci) …");
  execFileSync("npm", ["ci", "--no-audit", "--no-fund", "--include=dev"], {
    cwd: ROOT,
    stdio: ["ignore", "ignore", "inherit"],
  });
}

// A clone gives every file the same new time, so times alone would install again for nothing.
function sameVersions(stamp, lock) {
  const versions = (file) =>
    Object.entries(JSON.parse(readFileSync(file, "utf8")).packages)
      .filter(([name]) => name !== "")
      .map(([name, one]) => [name, one.version, one.optional === true]);
  const installed = new Map(versions(stamp).map(([name, version]) => [name, version]));
  return versions(lock).every(
    ([name, version, optional]) => installed.get(name) === version || (optional && !installed.has(name)),
  );
}
