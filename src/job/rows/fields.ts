import { z } from "zod";

/** Fields that rows of several tables have. */

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, "an id of letters, digits, - and _");
/** The largest number that a whole-number column takes. */
export const MOST_INT = 4_294_967_295;
export const position = z.int().min(0).max(MOST_INT);
export const label = z.string().trim().min(1, "not empty").max(200);
export const text = z.string().max(10_000);
export const guess = { confidence: z.number().min(0).max(1), why: text };
export const source = z.enum(["given", "proposed", "confirmed"]);
export const textMap = z.record(z.string().max(200), text);
