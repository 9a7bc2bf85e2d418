import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";

/**
 * Imports point one way: core ← job ← formats ← server ← app, core ← screens ← app (docs/architecture.md). Each layer
 * names what it may import; everything else of ours is a fault.
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
/**
 * Inside of core each folder may import those before it, by their public face alone: what a vehicle is, what its wires
 * are, what computes on them, and at the end the words that people read, which no engine knows of.
 */
const CORE_ORDER: readonly string[] = [
  "units",
  "groups",
  "cached-by",
  "state",
  "forms",
  "points",
  "gateway",
  "wire",
  "circuit",
  "intake",
  "parts",
  "functions",
  "harness",
  "compare",
  "slice",
  "gauges",
  "signals",
  "moves",
  "power",
  "plan",
  "benches",
  "transmission",
  "calibration",
  "approaches",
  "proving",
  "words",
];
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
    if (target === null && layer === "core" && !test && !CORE_PACKAGES.includes(specifier))
      faults.push(`${file}: core imports the package ${specifier}`);
    faults.push(...coreFaults(file, specifier, test));
    if (target !== null && target !== layer && !allowed.includes(target) && !test)
      faults.push(`${file}: ${layer} must not import ${target} (${specifier})`);
  }
}

/** Where an import inside of core, or into it, breaks its order or goes past a folder's public face. */
function coreFaults(file: string, specifier: string, test: boolean): string[] {
  const to = resolved(file, specifier);
  if (to === null || to[0] !== "core") return [];
  const [, folder = "", inner] = to;
  const [layer, own = ""] = file.replace(/\.ts$/, "").split(path.sep);
  if (layer === "core" && own === folder) return [];
  const past =
    test || inner === undefined || inner === "index"
      ? []
      : [`${file}: ${specifier} goes past the public face of core/${folder}`];
  if (layer !== "core" || test) return past;
  const [mine, its] = [CORE_ORDER.indexOf(own), CORE_ORDER.indexOf(folder)];
  if (mine < 0 || its < 0)
    return [...past, `${file}: core/${mine < 0 ? own : folder} has no place in the order of core`];
  return its < mine ? past : [...past, `${file}: core/${own} must not import core/${folder}`];
}

function resolved(file: string, specifier: string): string[] | null {
  if (specifier.startsWith("@/")) return specifier.slice(2).split("/");
  return specifier.startsWith(".") ? path.join(path.dirname(file), specifier).split(path.sep) : null;
}

function layerOf(file: string, specifier: string): string | null {
  return resolved(file, specifier)?.[0] ?? null;
}

if (faults.length > 0) {
  console.error(faults.join("\n"));
  process.exit(1);
}
console.log("Imports point one way.");
