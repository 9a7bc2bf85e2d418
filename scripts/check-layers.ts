import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";

/**
 * Imports point one way: core ← job ← formats ← server ← app, core ← screens ← app (docs/architecture.md).
 * Each layer names what it may import; everything else of ours is a fault.
 */
const MAY_IMPORT: Readonly<Record<string, readonly string[]>> = {
  core: [],
  job: ["core"],
  formats: ["core", "job"],
  server: ["core", "job", "formats"],
  demo: ["core", "job", "formats"],
  cli: ["core", "job", "formats"],
  workers: ["core", "job", "formats"],
  ui: ["core"],
  screens: ["core", "job", "formats", "ui", "workers"],
  app: ["core", "job", "formats", "server", "ui", "screens"],
};
/** Core is pure: no interface, framework, database or file code. */
const CORE_PACKAGES: readonly string[] = [];

const src = path.join(import.meta.dirname, "../src");
const faults: string[] = [];

for (const file of readdirSync(src, { recursive: true, encoding: "utf8" }).filter((name) => /\.tsx?$/.test(name))) {
  const layer = file.split(path.sep)[0] ?? "";
  const allowed = MAY_IMPORT[layer];
  if (allowed === undefined) continue;
  const text = readFileSync(path.join(src, file), "utf8");
  for (const [, specifier = ""] of text.matchAll(/^(?:(?:import|export)\s[^;"]*?\sfrom|import)\s+"([^"]+)"/gm)) {
    const target = layerOf(file, specifier);
    const test = /\.test\.tsx?$/.test(file);
    if (target === null && layer === "core" && !test && !CORE_PACKAGES.includes(specifier)) faults.push(`${file}: core imports the package ${specifier}`);
    if (target !== null && target !== layer && !allowed.includes(target) && !test) faults.push(`${file}: ${layer} must not import ${target} (${specifier})`);
  }
}

function layerOf(file: string, specifier: string): string | null {
  if (specifier.startsWith("@/")) return specifier.slice(2).split("/")[0] ?? null;
  if (!specifier.startsWith(".")) return null;
  return path.join(path.dirname(file), specifier).split(path.sep)[0] ?? null;
}

if (faults.length > 0) {
  console.error(faults.join("\n"));
  process.exit(1);
}
console.log("Imports point one way.");
