import { type Remote, wrap } from "comlink";
import type { HarnessDesk } from "@/core/harness";

let worker: Remote<HarnessDesk> | null = null;

/** The page's one harness worker, started at its first use. */
export function harnessWorker(): Remote<HarnessDesk> {
  worker ??= wrap<HarnessDesk>(new Worker(new URL("./harness.worker.ts", import.meta.url), { type: "module" }));
  return worker;
}
