import { heronDocument } from "@/demo/heron";
import { createJob, loadJob } from "@/server/jobs";
import { migrate } from "@/server/migrate";
import { pool } from "@/server/pool";

/** Brings the schema up to date and puts the sample job in where it is not yet. What people did in it stays. */
const db = pool();
await migrate(db);
if ((await loadJob(db, "heron")) === null) await createJob(db, heronDocument(), "heron");
await db.end();
