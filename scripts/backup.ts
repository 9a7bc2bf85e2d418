// What `npm run backup FILE` and `npm run restore FILE` do, on the database that DATABASE_URL names.
import path from "node:path";
import { backUp } from "@/server/backup";
import { asDatabaseError, CannotServe, DatabaseError } from "@/server/errors";
import { fileTime, migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";
import { restore } from "@/server/restore";

const [verb, file = "", folder = ""] = process.argv.slice(2);
const pool = makePool(process.env.DATABASE_URL ?? "");
const told = ({ jobs, rows }: { jobs: number; rows: number }) =>
  `${jobs} ${jobs === 1 ? "job" : "jobs"}, ${rows} rows with their history`;
try {
  if (verb === "restore") {
    await migrate(pool, { backups: folder });
    const before = path.join(folder, `before-restore-${fileTime()}.jsonl.gz`);
    await backUp(pool, before);
    console.log(`${file}: ${told(await restore(pool, file))} restored. What was there before lies in ${before}`);
  } else console.log(`${file}: ${told(await backUp(pool, file))}.`);
} catch (error) {
  const known = asDatabaseError(error);
  if (known instanceof DatabaseError && known.fault === "unfit")
    console.error("There is nothing to back up: this database was never used by this application, or lets us not in.");
  else if (known instanceof DatabaseError)
    console.error(`The database does not answer, or its disk is full: ${known.message}`);
  else console.error(error instanceof CannotServe ? error.message : error);
  process.exitCode = 1;
} finally {
  await pool.end();
}
