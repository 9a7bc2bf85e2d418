import type { HarnessAnalysis } from "@/core/slice";
import { PageWorker } from "./page-worker";

/** Slices harnesses off the page's own thread. */
export const harnessWorker = new PageWorker<HarnessAnalysis>(
  () => new Worker(new URL("./harness.worker.ts", import.meta.url), { type: "module" }),
);
