import type { BenchWorker } from "./bench.worker";
import { PageWorker } from "./page-worker";

export const benchWorker = new PageWorker<BenchWorker>(
  () => new Worker(new URL("./bench.worker.ts", import.meta.url), { type: "module" }),
);
