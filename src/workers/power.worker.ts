import { expose } from "comlink";
import { PowerDesk } from "@/core/power";

/** Solves the plan off the page's own thread. */
expose(new PowerDesk());
