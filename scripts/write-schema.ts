import { writeFileSync } from "node:fs";
import { documentJsonSchema } from "@/job/document";

/** Publishes the job document's JSON Schema, generated from the Zod schema in src/job/schema.ts. */
writeFileSync("docs/pantograph-job-1.schema.json", `${JSON.stringify(documentJsonSchema(), null, 2)}\n`);
