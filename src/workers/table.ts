import { type Remote, wrap } from "comlink";
import type { TableWorker } from "./table.worker";

let worker: Remote<TableWorker> | null = null;

/** The page's one table worker, started at its first use. */
export function tableWorker(): Remote<TableWorker> {
  worker ??= wrap<TableWorker>(new Worker(new URL("./table.worker.ts", import.meta.url), { type: "module" }));
  return worker;
}
