import { type Remote, wrap } from "comlink";
import type { RemoteDesk } from "./power.worker";

export type { LaterEffect } from "./power.worker";

let worker: Remote<RemoteDesk> | null = null;

/** The page's one power worker, started at its first use. */
export function powerWorker(): Remote<RemoteDesk> {
  worker ??= wrap<RemoteDesk>(new Worker(new URL("./power.worker.ts", import.meta.url), { type: "module" }));
  return worker;
}
