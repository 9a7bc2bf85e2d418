// Brings the database that DATABASE_URL names to the newest schema; what is there is backed up first, to the folder given.
import { CannotServe } from "@/server/errors";
import { migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";

const pool = makePool(process.env.DATABASE_URL ?? "");
try {
  const ran = await migrate(pool, { backups: process.argv[2] ?? null });
  if (ran.length > 0) console.log(`Brought up to date: ${ran.join(", ")}`);
} catch (error) {
  console.error(error instanceof CannotServe ? error.message : error);
  process.exitCode = 1;
} finally {
  await pool.end();
}
