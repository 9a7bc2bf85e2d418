import { heronDocument } from "@/demo/heron";
import { linnetDocument } from "@/demo/linnet";
import { ridgewayDocument } from "@/demo/ridgeway";
import { isKept } from "@/server/bin";
import { createJob } from "@/server/jobs";
import { pool } from "@/server/pool";

/** Puts the sample jobs in where they are not yet. What people did in them stays, and what they removed stays removed. */
const db = pool();
if (!(await isKept(db, "ridgeway"))) await createJob(db, ridgewayDocument(), "ridgeway");
if (!(await isKept(db, "linnet"))) await createJob(db, linnetDocument(), "linnet");
if (!(await isKept(db, "heron"))) await createJob(db, heronDocument(), "heron");
await db.end();
