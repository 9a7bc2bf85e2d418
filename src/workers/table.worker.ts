import { expose } from "comlink";
import { readPaper } from "@/formats/paper";
import type { Fault } from "@/job/checked";
import { faultsInOps } from "@/job/ops";

/** Reads tables off the page's own thread: 20,000 rows take longer than a person should feel. */
const api = {
  readPaper,
  /** The first thing that the server would refuse of a change; null where it takes all of it. */
  faultIn: (ops: readonly unknown[]): Fault | null => faultsInOps(ops)[0] ?? null,
};
export type TableWorker = typeof api;

expose(api);
