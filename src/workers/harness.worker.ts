import { expose } from "comlink";
import { HarnessAnalysis } from "@/core/slice";

/** Slices harnesses off the page's own thread. */
expose(new HarnessAnalysis());
