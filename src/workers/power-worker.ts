import { type Remote, wrap } from "comlink";
import type { PowerDesk } from "@/core/power";

let worker: Remote<PowerDesk> | null = null;

/** The page's one power worker, started at its first use. */
export function powerWorker(): Remote<PowerDesk> {
  worker ??= wrap<PowerDesk>(new Worker(new URL("./power.worker.ts", import.meta.url), { type: "module" }));
  return worker;
}
