// `npm run torture`: the attacks that the promise of the README was tried with, in full, with what they found.
import { fuzzing } from "../tests/torture/fuzzing";
import { hugeInputs, imports, largestDocument } from "../tests/torture/imports";
import { diskFull, restoring } from "../tests/torture/keeping";
import { kills } from "../tests/torture/kills";
import { clocks, manyServers, tabs } from "../tests/torture/many";
import { frozen } from "../tests/torture/standing";
import { clean, isClean, type Outcome, World } from "../tests/torture/world";

/** Each with the servers that it takes. */
const ATTACKS: Readonly<Record<string, readonly [servers: number, attack: (world: World) => Promise<Outcome>]>> = {
  "kill-server": [1, (world) => kills(world, "server", 20)],
  "kill-database": [1, (world) => kills(world, "database", 20)],
  fuzz: [1, (world) => fuzzing(world, 2_000)],
  servers: [3, (world) => manyServers(world, 600)],
  "frozen-server": [1, (world) => frozen(world, "server")],
  "frozen-database": [1, (world) => frozen(world, "database")],
  tabs: [1, (world) => tabs(world, 300)],
  clocks: [1, (world) => clocks(world, 60)],
  import: [1, (world) => imports(world)],
  document: [1, largestDocument],
  huge: [1, (world) => hugeInputs(world, 4)],
  "disk-full": [0, diskFull],
  restore: [1, (world) => restoring(world, 6)],
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in ATTACKS));
if (unknown.length > 0) {
  console.error(`There is no attack ${unknown.join(", ")}. There are: ${Object.keys(ATTACKS).join(", ")}`);
  process.exit(1);
}

let failed = 0;
const sums = { lost: 0, half: 0, twice: 0, wrongUndo: 0, apart: 0, faults: 0 };
for (const [name, [servers, attack]] of Object.entries(ATTACKS)) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  const from = performance.now();
  const world = await World.make(name, servers);
  const outcome = await attack(world).catch(
    (error: unknown): Outcome => ({
      attack: name,
      ...clean,
      broken: [`it could not be carried out: ${(error as Error).message}`],
      figures: {},
    }),
  );
  await world.stop();
  if (!isClean(outcome)) failed += 1;
  for (const key of Object.keys(sums) as (keyof typeof sums)[]) sums[key] += outcome[key];
  const figures = Object.entries(outcome.figures).map(([what, value]) => `${what} ${value}`);
  console.log(
    `${isClean(outcome) ? "held  " : "FAILED"} ${outcome.attack} (${((performance.now() - from) / 1000).toFixed(0)} s)`,
  );
  console.log(`       ${told(outcome)}${figures.length > 0 ? `; ${figures.join(", ")}` : ""}`);
  for (const broken of [...outcome.broken, ...outcome.late]) console.log(`       ${broken}`);
}
console.log(`\nIn all: ${told(sums)}; ${failed} of the attacks found something.`);
process.exit(failed === 0 ? 0 : 1);

function told({ lost, half, twice, wrongUndo, apart, faults }: typeof sums): string {
  return `${lost} lost, ${half} half, ${twice} twice, ${wrongUndo} wrong undo, ${apart} apart, ${faults} answers of 500`;
}
