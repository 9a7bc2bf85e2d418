import { heronDocument } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { createJob, loadJob } from "@/server/jobs";
import { migrate } from "@/server/migrate";
import { pool } from "@/server/pool";

/** Brings the schema up to date and puts the sample jobs in where they are not yet. What people did in them stays. */
const db = pool();
await migrate(db);
if ((await loadJob(db, "ridgeway")) === null) await createJob(db, ridgewayDocument(), "ridgeway");
if ((await loadJob(db, "heron")) === null) await createJob(db, heronDocument(), "heron");
await db.end();
