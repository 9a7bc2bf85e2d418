import type { APPROACHES } from "@/job/schema";

export type Approach = (typeof APPROACHES)[number];

/** The schools, each with what it is and what it costs in parts, hours, wires and risk, in a sentence. */
export const APPROACH_WORDS: Readonly<Record<Approach, { readonly name: string; readonly says: string }>> = {
  "donor-computer": {
    name: "Keep the donor's computer",
    says: "The engine runs as its maker meant it; the body's gauges and switches are adapted to it. Few parts, many wires to understand, and security must be solved.",
  },
  "host-computer": {
    name: "Keep the host's computer",
    says: "The body stays as it is and the engine's sensors are converted to what it expects. Few body wires, but every conversion is a risk to how the engine runs.",
  },
  programmable: {
    name: "Programmable computer",
    says: "A free computer with a harness of its own. Most parts cost and tuning hours, fewest unknown wires, no security module.",
  },
  "paired-security": {
    name: "Donor's computer with its paired security module",
    says: "Module, key reader and keys come along as a set. More wires to carry over, no calibration touched.",
  },
  "plug-in": {
    name: "Plug-in interface",
    says: "A box between both harnesses, so that neither is cut. Two connectors to find and the neatest way back.",
  },
  merged: {
    name: "Merged harness",
    says: "Both harnesses opened and joined into one. Least weight and joints, most hours, no way back.",
  },
  universal: {
    name: "Universal harness",
    says: "A new harness on a new fuse box for engine and body. Everything new and known, everything to be routed and crimped.",
  },
};
