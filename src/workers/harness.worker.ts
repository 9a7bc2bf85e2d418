import { expose } from "comlink";
import { HarnessDesk } from "@/core/harness";

/** Slices harnesses off the page's own thread. */
expose(new HarnessDesk());
