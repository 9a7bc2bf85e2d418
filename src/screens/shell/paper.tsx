"use client";

import { useEffect, useState } from "react";

export const PAPERS = ["A4", "A3", "Letter"] as const;
export type Paper = (typeof PAPERS)[number];

const KEPT_AS = "pantograph.paper";

/** The paper of this browser's printer, as it was chosen last. */
export function usePaper(): [Paper, (paper: Paper) => void] {
  const [paper, setPaper] = useState<Paper>("A4");
  useEffect(() => setPaper(PAPERS.find((one) => one === localStorage.getItem(KEPT_AS)) ?? "A4"), []);
  const keep = (one: Paper) => {
    localStorage.setItem(KEPT_AS, one);
    setPaper(one);
  };
  return [paper, keep];
}

/** The page's paper for printing; the browser breaks the pages and repeats the table's head on each. */
export function PaperStyle({ paper, landscape = false }: { paper: Paper; landscape?: boolean }) {
  return <style>{`@page { size: ${paper}${landscape ? " landscape" : ""}; margin: 12mm; }`}</style>;
}
