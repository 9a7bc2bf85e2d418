import { afterAll, beforeAll, expect, test } from "vitest";
import { imports } from "../torture/imports";
import { diskFull, restoring } from "../torture/keeping";
import { kills } from "../torture/kills";
import { clocks, manyServers, tabs } from "../torture/many";
import { frozen } from "../torture/standing";
import { clean, type Outcome, World } from "../torture/world";

/** The attacks of `npm run torture`, each in short. */
let world: World;
beforeAll(async () => {
  world = await World.make("short", 3);
});
afterAll(async () => world?.stop());

/** What must never be. Times are held where the machine is quiet, in the full form. */
const found = ({ attack: _attack, figures: _figures, late: _late, ...counts }: Outcome) => counts;
const { late: _late, ...nothing } = clean;

test.each<readonly [string, () => Promise<Outcome>]>([
  ["the server killed", () => kills(world, "server", 2)],
  ["the database killed", () => kills(world, "database", 2)],
  ["three servers, six people", () => manyServers(world, 60)],
  ["the server frozen", () => frozen(world, "server", 9_000)],
  ["tabs of one person", () => tabs(world, 40)],
  ["clocks ahead and behind", () => clocks(world, 9)],
  ["backups while people write", () => restoring(world, 2)],
  ["a table that comes in", () => imports(world, 4_000)],
  ["a full disk", diskFull],
])("%s: nothing is lost, half, twice, apart, or taken back wrongly", async (_, attack) => {
  expect(found(await attack())).toEqual(nothing);
});
