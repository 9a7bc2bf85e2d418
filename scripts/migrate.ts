// Brings the database that DATABASE_URL names to the newest schema.
import { migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";

const pool = makePool(process.env.DATABASE_URL ?? "");
const ran = await migrate(pool);
if (ran.length > 0) console.log(`Brought up to date: ${ran.join(", ")}`);
await pool.end();
