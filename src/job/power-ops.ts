import { nanoid } from "nanoid";
import { buildHarness, type HarnessPart, type Wire } from "@/core/harness";
import { CHASSIS, type Part } from "@/core/parts";
import {
  changeOf,
  type PlanChange,
  type PowerEdit,
  type PowerLink,
  type TriedLoad,
  type TriedWire,
} from "@/core/power";
import { type Choice, decideOps } from "./decide";
import { harnessFacts } from "./harness-facts";
import { addWireOps, placePartOps, tellPartOps } from "./harness-ops";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import { enterOp } from "./pin-ops";
import type { JobDocument, PartRow } from "./schema";
import { carryOut } from "./table-wires";
import { decideCutOps } from "./triage-ops";

/** What carrying an edit out needs to know of the plan that it was tried on. */
export interface EditedPlan {
  readonly wires: readonly Pick<Wire, "id" | "pinIds">[];
  readonly parts: readonly HarnessPart[];
  readonly links: readonly PowerLink[];
}

/** The operations that carry a tried edit out on the job, as one change. */
export function editOps(
  document: JobDocument,
  edit: PowerEdit,
  plan: EditedPlan,
  makeId: () => string = nanoid,
): RowOp[] {
  const change = changeOf(edit, { links: plan.links, harness: buildHarness(harnessFacts(document)) });
  return change === null ? [] : changeOps(document, change, plan, makeId);
}

function changeOps(document: JobDocument, change: PlanChange, plan: EditedPlan, makeId: () => string): RowOp[] {
  switch (change.type) {
    case "wires":
      return wireOps(document, change.wireIds, change.to, plan);
    case "link":
      return linkOps(document, change, makeId);
    case "add-wire":
      return addWireOps(
        {
          fromPinId: change.fromPinId,
          toPinId: change.toPinId,
          colour: "BK",
          sizeMm2: change.sizeMm2,
          lengthM: change.lengthM,
          stock: "new",
        },
        makeId,
      );
    case "remove-wire": {
      const added = document.wires.find((row) => row.origin === "added" && `wire:${row.id}` === change.wireId);
      if (added !== undefined) return [deleteOp("wire", added)];
      // One of the harness is marked for removal, and taken out at the bench.
      return decideCutOps(document, { subjects: [change.wireId], choice: "remove", person: "" }, makeId);
    }
    case "refuse-link":
      return refuseOps(document, change, makeId);
    case "add-load":
      return loadOps(document, change, makeId);
    case "fuse":
      return fuseOps(document, change, plan, makeId);
    case "setting": {
      const row = document.settings.find((one) => one.id === change.key);
      const to = { value: change.value, origin: "entered" };
      const op =
        row === undefined ? insertOp("setting", { id: change.key, ...to }) : updateOp("setting", row.id, row, to);
      return op === null ? [] : [op];
    }
  }
}

function fuseOps(
  document: JobDocument,
  { partId, elementId, amps }: Extract<PlanChange, { type: "fuse" }>,
  { parts }: EditedPlan,
  makeId: () => string,
): RowOp[] {
  const part = parts.find((one) => one.id === partId);
  if (part === undefined) return [];
  const elements = part.elements.map((element) =>
    structuredClone(
      element.id === elementId && element.type === "fuse" ? { ...element, amps, ohms: 0.1 / amps } : element,
    ),
  );
  return tellPartOps(document, part, { elements: elements as PartRow["elements"] }, makeId);
}

/** Several edits one after the other, each on the document that those before it made. */
export function editsOps(
  document: JobDocument,
  edits: readonly PowerEdit[],
  plan: EditedPlan,
  makeId: () => string = nanoid,
): RowOp[] {
  let next = document;
  return edits.flatMap((edit) => {
    const ops = editOps(next, edit, plan, makeId);
    next = carryOut(next, ops);
    return ops;
  });
}

/** A wire of the tables has its size at the cavities of both its ends. */
function wireOps(
  document: JobDocument,
  wireIds: readonly string[],
  { sizeMm2, lengthM }: TriedWire,
  { wires }: EditedPlan,
): RowOp[] {
  const to = { ...(sizeMm2 === undefined ? {} : { sizeMm2 }), ...(lengthM === undefined ? {} : { lengthM }) };
  const wanted = new Set(wireIds);
  const added = document.wires.filter((row) => row.origin === "added" && wanted.has(`wire:${row.id}`));
  for (const row of added) wanted.delete(`wire:${row.id}`);
  // A cavity where two of them end is told once.
  const pinIds = new Set(wires.filter((one) => wanted.has(one.id)).flatMap((one) => one.pinIds));
  return [
    ...added.flatMap((row) => updateOp("wire", row.id, row, to) ?? []),
    ...document.pins.filter((row) => pinIds.has(row.id)).flatMap((row) => enterOp(row, to) ?? []),
  ];
}

/** Decides of a pair as it was tried in Power. */
function pairOps(
  document: JobDocument,
  { providerId, consumerId }: { readonly providerId: string; readonly consumerId: string },
  decided: Pick<Choice, "decision" | "verdict" | "adapters" | "why">,
  makeId: () => string,
): RowOp[] {
  const quantity = document.pins.find((row) => row.id === consumerId)?.quantity ?? null;
  return decideOps(document, { providerId, consumerId, quantity, byHand: true, ...decided }, makeId);
}

const linkOps = (
  document: JobDocument,
  { adapters, ...pair }: Extract<PlanChange, { type: "link" }>,
  makeId: () => string,
): RowOp[] => {
  const verdict = adapters.length === 0 ? "direct" : "adapter";
  return pairOps(
    document,
    pair,
    { decision: "accepted", verdict, adapters, why: "Tried in Power and accepted" },
    makeId,
  );
};

const refuseOps = (
  document: JobDocument,
  pair: Extract<PlanChange, { type: "refuse-link" }>,
  makeId: () => string,
): RowOp[] => {
  const why = "Refused after it was solved";
  return pairOps(document, pair, { decision: "refused", verdict: "manual", adapters: [], why }, makeId);
};

function loadOps(
  document: JobDocument,
  { pinId, watts, name, sizeMm2, lengthM }: TriedLoad,
  makeId: () => string,
): RowOp[] {
  const part: Part = {
    type: "motor",
    name,
    terminals: ["1"],
    elements: [{ id: "load", type: "power", a: "1", b: CHASSIS, watts, minVolts: 8 }],
  };
  const placed = placePartOps(document, part, { side: "added", label: name, place: null }, makeId);
  const pin = placed.find((op) => op.table === "pin");
  return pin === undefined
    ? placed
    : [
        ...placed,
        ...addWireOps({ fromPinId: pinId, toPinId: pin.id, colour: "", sizeMm2, lengthM, stock: "new" }, makeId),
      ];
}
