// `npm run torture`: the attacks that the promise of the README was tried with, in full, with what they found.
import { fuzzing } from "../tests/torture/fuzzing";
import { hugeInputs, imports } from "../tests/torture/imports";
import { diskFull, restoring } from "../tests/torture/keeping";
import { kills } from "../tests/torture/kills";
import { clocks, manyServers, tabs } from "../tests/torture/many";
import { frozen } from "../tests/torture/standing";
import { isClean, type Outcome } from "../tests/torture/world";

const ATTACKS: Readonly<Record<string, () => Promise<Outcome>>> = {
  "kill-server": () => kills("server", 20),
  "kill-database": () => kills("database", 20),
  fuzz: () => fuzzing(2_000),
  servers: () => manyServers(600),
  "frozen-server": () => frozen("server"),
  "frozen-database": () => frozen("database"),
  tabs: () => tabs(300),
  clocks: () => clocks(60),
  import: () => imports(),
  huge: () => hugeInputs(4),
  "disk-full": diskFull,
  restore: () => restoring(6),
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in ATTACKS));
if (unknown.length > 0) {
  console.error(`There is no attack ${unknown.join(", ")}. There are: ${Object.keys(ATTACKS).join(", ")}`);
  process.exit(1);
}

let failed = 0;
const sums = { lost: 0, half: 0, twice: 0, wrongUndo: 0, apart: 0, faults: 0 };
for (const [name, attack] of Object.entries(ATTACKS)) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  const from = performance.now();
  const outcome = await attack().catch(
    (error: unknown): Outcome => ({
      attack: name,
      ...sums,
      ...Object.fromEntries(Object.keys(sums).map((key) => [key, 0])),
      broken: [`it could not be carried out: ${(error as Error).message}`],
      figures: {},
    }),
  );
  if (!isClean(outcome)) failed += 1;
  for (const key of Object.keys(sums) as (keyof typeof sums)[]) sums[key] += outcome[key];
  const figures = Object.entries(outcome.figures).map(([what, value]) => `${what} ${value}`);
  console.log(
    `${isClean(outcome) ? "held  " : "FAILED"} ${outcome.attack} (${((performance.now() - from) / 1000).toFixed(0)} s)`,
  );
  console.log(`       ${told(outcome)}${figures.length > 0 ? `; ${figures.join(", ")}` : ""}`);
  for (const broken of outcome.broken) console.log(`       ${broken}`);
}
console.log(`\nIn all: ${told(sums)}; ${failed} of the attacks found something.`);
process.exit(failed === 0 ? 0 : 1);

function told({ lost, half, twice, wrongUndo, apart, faults }: typeof sums): string {
  return `${lost} lost, ${half} half, ${twice} twice, ${wrongUndo} wrong undo, ${apart} apart, ${faults} answers of 500`;
}
