import { ChangeSchema } from "@/job/ops";

/** Who steps back or forward, and the key that makes a repeated send harmless. */
export const HistoryStep = ChangeSchema.pick({ person: true, key: true });
