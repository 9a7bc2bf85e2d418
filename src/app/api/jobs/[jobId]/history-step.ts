import { z } from "zod";
import { ChangeHead } from "@/job/ops";

/** Who steps back or forward, and the key that makes a repeated send harmless. */
export const HistoryStep = ChangeHead.pick({ person: true, key: true }).extend({
  /** An earlier change of one's own to take back; the latest where left out. */
  of: z.int().positive().optional(),
});
