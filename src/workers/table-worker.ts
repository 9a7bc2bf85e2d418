import { PageWorker } from "./page-worker";
import type { TableWorker } from "./table.worker";

/** Reads tables off the page's own thread. */
export const tableWorker = new PageWorker<TableWorker>(
  () => new Worker(new URL("./table.worker.ts", import.meta.url), { type: "module" }),
);
