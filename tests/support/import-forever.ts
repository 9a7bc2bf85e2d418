import { nanoid } from "nanoid";
import { heronTables } from "@/demo/heron";
import { newConnector } from "@/job/new-rows";
import { insertOp } from "@/job/ops";
import type { PinRow } from "@/job/schema";
import { applyChange } from "@/server/changes";
import { makePool } from "@/server/pool";

/**
 * Imports table after table into the job named on the command line, until it is killed; a line for each that is done.
 */
const pool = makePool(process.env.DATABASE_URL ?? "");
const jobId = process.argv[2] ?? "";
const pattern = heronTables().pins[0] as PinRow;

for (let revision = 0; ; revision += 1) {
  const id = nanoid();
  const pins = Array.from({ length: 300 }, (_, at) =>
    insertOp("pin", { ...pattern, id: nanoid(), connectorId: id, cavity: String(at) }),
  );
  await applyChange(pool, jobId, {
    key: nanoid(),
    person: "killed",
    base: revision,
    label: "import",
    ops: [insertOp("connector", newConnector(id, "donor", id, revision)), ...pins],
  });
  console.log(revision);
}
