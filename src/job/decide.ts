import { nanoid } from "nanoid";
import type { Decision } from "@/core/plan";
import type { LinkOption, SignalPin } from "@/core/signals";
import { optionText } from "@/core/words";
import { writtenAdapters } from "./links";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument, LinkRow } from "./schema";

/** What a person decides of a pair of cavities; the note is left as it is where none is given. */
export type Choice = Omit<Decision, "id" | "note"> & { readonly note?: string };

/**
 * The operations that carry a choice out. A pair has one row; a consumer has one accepted provider, so that another
 * that was accepted before makes room.
 */
export function decideOps(document: JobDocument, choice: Choice, makeId: () => string = nanoid): RowOp[] {
  const existing = document.links.find(
    (link) => link.providerId === choice.providerId && link.consumerId === choice.consumerId,
  );
  const row: LinkRow = {
    id: existing?.id ?? makeId(),
    providerId: choice.providerId,
    consumerId: choice.consumerId,
    quantity: choice.quantity,
    decision: choice.decision,
    verdict: choice.verdict,
    adapters: writtenAdapters(choice.adapters),
    why: choice.why.slice(0, 10_000),
    byHand: choice.byHand,
    note: choice.note ?? existing?.note ?? "",
  };
  const rivals =
    choice.decision === "accepted"
      ? document.links.filter(
          (link) => link.consumerId === choice.consumerId && link.decision === "accepted" && link.id !== row.id,
        )
      : [];
  const own = existing === undefined ? insertOp("link", row) : updateOp("link", existing.id, existing, row);
  return [...rivals.map((link) => deleteOp("link", link)), ...(own === null ? [] : [own])];
}

/** A way between two cavities that are no line of the map yet. */
export interface Paired {
  readonly provider: SignalPin;
  readonly consumer: SignalPin;
  readonly option: LinkOption;
  readonly byHand: boolean;
}

/** Accepts one of the ways between two cavities, told as it is told today. */
export const acceptWayOps = (document: JobDocument, { provider, consumer, option, byHand }: Paired): RowOp[] =>
  decideOps(document, {
    providerId: provider.id,
    consumerId: consumer.id,
    quantity: consumer.quantity ?? provider.quantity,
    decision: "accepted",
    verdict: option.verdict,
    adapters: option.adapters,
    why: optionText(option, { provider, consumer }),
    byHand,
  });

/** Takes a decision back, so that the pair is proposed again. */
export function reopenOps(document: JobDocument, linkId: string): RowOp[] {
  const link = document.links.find((one) => one.id === linkId);
  return link === undefined ? [] : [deleteOp("link", link)];
}

/** Changes the note of a decided pair. */
export function noteOps(document: JobDocument, linkId: string, note: string): RowOp[] {
  const link = document.links.find((one) => one.id === linkId);
  const op = link && updateOp("link", link.id, link, { note: note.slice(0, 10_000) });
  return op ? [op] : [];
}

/** Changes one value of an adapter of a decided pair; null takes it out. The decision is the person's own from then on. */
export function adapterValueOps(
  document: JobDocument,
  linkId: string,
  at: number,
  key: string,
  value: string | number | null,
): RowOp[] {
  const link = document.links.find((one) => one.id === linkId);
  const adapters = link?.adapters.map((adapter, place) => (place === at ? { ...adapter, [key]: value } : adapter));
  const op = link && adapters && updateOp("link", link.id, link, { adapters, byHand: true });
  return op ? [op] : [];
}
