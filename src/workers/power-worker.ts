import { PageWorker } from "./page-worker";
import type { RemotePowerAnalysis } from "./power.worker";

export type { LaterEffect } from "./power.worker";

/** Solves the plan off the page's own thread. */
export const powerWorker = new PageWorker<RemotePowerAnalysis>(
  () => new Worker(new URL("./power.worker.ts", import.meta.url), { type: "module" }),
);
