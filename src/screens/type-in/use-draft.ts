import { useEffect, useState } from "react";
import type { Side } from "@/core/forms";
import { EMPTY_ROW, TYPED_COLUMNS, type TypedRow } from "./typed-rows";

const keyOf = (jobId: string, side: Side) => `pantograph:typed:${jobId}:${side}`;
const FRESH: readonly TypedRow[] = [{ ...EMPTY_ROW, cavity: "1" }];

/** Rows that are being typed, kept in the browser so that a reload loses none. */
export function useDraft(jobId: string, side: Side) {
  const [drafts, setDrafts] = useState<Partial<Record<Side, readonly TypedRow[]>>>({});
  useEffect(() => {
    setDrafts((now) => ({ ...now, [side]: now[side] ?? readDraft(keyOf(jobId, side)) }));
  }, [jobId, side]);
  const rows = drafts[side] ?? FRESH;
  const setRows = (next: readonly TypedRow[]) => {
    setDrafts({ ...drafts, [side]: next });
    try {
      localStorage.setItem(keyOf(jobId, side), JSON.stringify(next));
    } catch {
      // Where nothing can be kept, it is in this page alone.
    }
  };
  return { rows, setRows, clear: () => setRows([{ ...EMPTY_ROW, cavity: "1" }]) };
}

function readDraft(key: string): readonly TypedRow[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    const rows = Array.isArray(kept) ? kept.filter(isRow) : [];
    return rows.length === 0 ? FRESH : rows;
  } catch {
    return FRESH;
  }
}

const isRow = (one: unknown): one is TypedRow =>
  typeof one === "object" &&
  one !== null &&
  TYPED_COLUMNS.every((column) => typeof (one as TypedRow)[column] === "string");
