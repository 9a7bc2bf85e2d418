// `npm run torture [attack …]`: what a fresh machine lacks, then the attacks.
import { ensureDebian, ensureModules } from "./lib/machine.mjs";

ensureDebian("mariadb");
ensureModules();
const { runTsx } = await import("./lib/build.mjs");
try {
  runTsx("scripts/torture.ts", process.argv.slice(2));
} catch {
  // It has said what was found.
  process.exitCode = 1;
}
