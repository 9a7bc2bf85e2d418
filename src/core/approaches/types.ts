/** The schools of converting, one of which a job follows. */
export const APPROACHES = [
  "donor-computer",
  "host-computer",
  "programmable",
  "paired-security",
  "plug-in",
  "merged",
  "universal",
] as const;
export type Approach = (typeof APPROACHES)[number];

/** What is made longer where the two harnesses do not reach each other: body side, engine side, or neither. */
export const LENGTHENED = ["body", "engine", "computer"] as const;
export type Lengthened = (typeof LENGTHENED)[number];

/** One of the things that stand side by side. */
export interface Choice {
  readonly approach: Approach;
  /** Null: everything reaches. */
  readonly lengthens: Lengthened | null;
}

/** Whose computer runs the engine; how the harnesses meet is another question. */
export const runsBy = (approach: Approach): "donor" | "host" | "programmable" =>
  approach === "host-computer" ? "host" : approach === "programmable" ? "programmable" : "donor";
