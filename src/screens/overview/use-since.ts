"use client";

import { useEffect, useState } from "react";
import type { HistoryEntry } from "@/job/edit";
import { useHistory } from "../history/use-history";
import { useJob } from "../shell/job-provider";

/** How long the page must be looked at before what it shows counts as seen, ms. */
const SEEN_MS = 4000;

export interface Since {
  /** Changes since this person last looked, the newest first; null until the history is here. */
  readonly edits: readonly HistoryEntry[] | null;
  /** Nobody of this name has looked before, in this browser. */
  readonly isFirst: boolean;
  readonly failed: boolean;
}

/** What changed since this person last saw the overview in this browser. */
export function useSince(): Since {
  const { jobId, person, revision } = useJob();
  const { edits, failed } = useHistory();
  const key = `pantograph.seen.${jobId}.${person}`;
  const [seen, setSeen] = useState<number | null>(null);
  useEffect(() => {
    const kept = Number(localStorage.getItem(key) ?? Number.NaN);
    setSeen(Number.isFinite(kept) ? kept : null);
  }, [key]);
  useEffect(() => {
    const timer = setTimeout(() => localStorage.setItem(key, String(revision)), SEEN_MS);
    return () => clearTimeout(timer);
  }, [key, revision]);
  return {
    edits: edits === null ? null : seen === null ? edits.slice(0, MOST) : edits.filter((edit) => edit.revision > seen),
    isFirst: seen === null,
    failed,
  };
}

const MOST = 6;
