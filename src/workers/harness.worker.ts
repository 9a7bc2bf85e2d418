import { expose } from "comlink";
import { HarnessDesk } from "@/core/slice";

/** Slices harnesses off the page's own thread. */
expose(new HarnessDesk());
