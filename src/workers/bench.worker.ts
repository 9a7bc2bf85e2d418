import { expose } from "comlink";
import { senderNetworks } from "@/core/gauges";

/** Searches networks off the page's own thread: every pair of E96 takes longer than a person should feel. */
const api = { senderNetworks };
export type BenchWorker = typeof api;

expose(api);
