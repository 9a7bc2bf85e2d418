import { z } from "zod";
import { ChangeSchema } from "@/job/ops";

/** Who steps back or forward, and the key that makes a repeated send harmless. */
export const HistoryStep = ChangeSchema.pick({ person: true, key: true }).extend({
  /** An earlier change of one's own to take back; the latest where left out. */
  of: z.int().positive().optional(),
});
