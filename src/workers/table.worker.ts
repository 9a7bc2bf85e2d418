import { expose } from "comlink";
import { readPinTable } from "@/formats/pin-table";

/** Reads tables off the page's own thread: 20,000 rows take longer than a person should feel. */
const api = { readPinTable };
export type TableWorker = typeof api;

expose(api);
