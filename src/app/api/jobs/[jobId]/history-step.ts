import { z } from "zod";
import { ChangeHead } from "@/job/ops";
import { MOST_INT } from "@/job/rows/fields";

/** Who steps back or forward, and the key that makes a repeated send harmless. */
export const HistoryStep = ChangeHead.pick({ person: true, key: true }).extend({
  /** An earlier change of one's own to take back; the latest where left out. */
  of: z.int().positive().max(MOST_INT).optional(),
  /** The same change by the key that it was sent with. */
  ofKey: ChangeHead.shape.key.optional(),
});
