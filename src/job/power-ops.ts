import { nanoid } from "nanoid";
import { CHASSIS, type HarnessPart, type Part, type Wire } from "@/core/harness";
import { BLOCKING_DIODE, type PowerEdit, type PowerLink, plannedRelay } from "@/core/power";
import type { Adapter } from "@/core/signals";
import { decideOps } from "./decide";
import { addWireOps, placePartOps, tellPartOps } from "./harness-ops";
import { applyOps, deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { JobDocument } from "./schema";

/** What carrying an edit out needs to know of the plan that it was tried on. */
export interface EditedPlan {
  readonly wires: readonly Pick<Wire, "id" | "pinIds">[];
  readonly parts: readonly HarnessPart[];
  readonly links: readonly PowerLink[];
}

/** The operations that carry a tried edit out on the job, as one change. */
export function editOps(document: JobDocument, edit: PowerEdit, plan: EditedPlan, makeId: () => string = nanoid): RowOp[] {
  switch (edit.type) {
    case "wire": return wireOps(document, [edit.wireId], edit, plan);
    case "wires": return wireOps(document, edit.wireIds, edit, plan);
    case "relink": return linkOps(document, edit.providerId, edit.consumerId, [], makeId);
    case "relay": return linkOps(document, edit.providerId, edit.consumerId, [plannedRelay(Number(document.pins.find((row) => row.id === edit.consumerId)?.params.amps) || null, edit.contactFeed)], makeId);
    case "diode": case "branch-fuse": {
      const link = plan.links.find((one) => one.id === edit.linkId);
      if (link === undefined) return [];
      return linkOps(document, link.providerId, link.consumerId, edit.type === "diode" ? [...link.adapters, BLOCKING_DIODE] : [{ type: "fuse", amps: edit.amps }, ...link.adapters], makeId);
    }
    case "strap": return addWireOps({ fromPinId: edit.fromPinId, toPinId: edit.toPinId, colour: "BK", sizeMm2: edit.sizeMm2, lengthM: edit.lengthM, stock: "new" }, makeId);
    case "unwire": return document.wires.filter((row) => `wire:${row.id}` === edit.wireId).map((row) => deleteOp("wire", row));
    case "load": return loadOps(document, edit, makeId);
    case "fuse": {
      const part = plan.parts.find((one) => one.id === edit.partId);
      if (part === undefined) return [];
      return tellPartOps(document, part, { elements: part.elements.map((element) => ({ ...(element.id === edit.elementId && element.type === "fuse" ? { ...element, amps: edit.amps, ohms: 0.1 / edit.amps } : structuredClone(element)) })) as never }, makeId);
    }
    case "setting": {
      const row = document.settings.find((one) => one.id === edit.key);
      const op = row === undefined ? insertOp("setting", { id: edit.key, value: edit.value, origin: "entered" }) : updateOp("setting", row.id, row, { value: edit.value, origin: "entered" });
      return op === null ? [] : [op];
    }
  }
}

/** Several edits one after the other, each on the document that those before it made. */
export function editsOps(document: JobDocument, edits: readonly PowerEdit[], plan: EditedPlan, makeId: () => string = nanoid): RowOp[] {
  let next = document;
  return edits.flatMap((edit) => {
    const ops = editOps(next, edit, plan, makeId);
    next = applyOps(next, ops);
    return ops;
  });
}

/** A wire of the tables has its size at the cavities of both its ends. */
function wireOps(document: JobDocument, wireIds: readonly string[], { sizeMm2, lengthM }: { readonly sizeMm2?: number; readonly lengthM?: number }, { wires }: EditedPlan): RowOp[] {
  const to = { ...(sizeMm2 === undefined ? {} : { sizeMm2 }), ...(lengthM === undefined ? {} : { lengthM }) };
  const wanted = new Set(wireIds);
  const added = document.wires.filter((row) => wanted.has(`wire:${row.id}`));
  for (const row of added) wanted.delete(`wire:${row.id}`);
  // A cavity where two of them end is told once.
  const pinIds = new Set(wires.filter((one) => wanted.has(one.id)).flatMap((one) => one.pinIds));
  return [...added.flatMap((row) => updateOp("wire", row.id, row, to) ?? []), ...document.pins.filter((row) => pinIds.has(row.id)).flatMap((row) => updateOp("pin", row.id, row, to) ?? [])];
}

function linkOps(document: JobDocument, providerId: string, consumerId: string, adapters: readonly Adapter[], makeId: () => string): RowOp[] {
  const consumer = document.pins.find((row) => row.id === consumerId);
  return decideOps(document, { providerId, consumerId, quantity: consumer?.quantity ?? null, decision: "accepted", verdict: adapters.length === 0 ? "direct" : "adapter", adapters, why: "Tried in Power, and taken", byHand: true }, makeId);
}

function loadOps(document: JobDocument, { pinId, watts, name, sizeMm2, lengthM }: Extract<PowerEdit, { type: "load" }>, makeId: () => string): RowOp[] {
  const part: Part = { type: "motor", name, terminals: ["1"], elements: [{ id: "load", type: "power", a: "1", b: CHASSIS, watts, minVolts: 8 }] };
  const placed = placePartOps(document, part, { side: "added", label: name, place: null }, makeId);
  const pin = placed.find((op) => op.table === "pin");
  return pin === undefined ? placed : [...placed, ...addWireOps({ fromPinId: pinId, toPinId: pin.id, colour: "", sizeMm2, lengthM, stock: "new" }, makeId)];
}
