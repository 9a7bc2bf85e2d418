"use client";

import { nanoid } from "nanoid";
import { useEffect, useMemo, useState } from "react";
import { type ConfusablePair, HARMS, type Harm } from "@/core/compare";
import { capital, HARM_WORDS } from "@/core/words";
import { insertOp, updateOp } from "@/job/ops";
import type { AlikeRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { ConfusableList, pairKey } from "./confusable-list";
import { ConfusableOneByOne } from "./confusable-one-by-one";
import { PairDetail, PrintedFlags } from "./confusable-pair";

const WORST: readonly Harm[] = [...HARMS].reverse().filter((harm) => harm !== "none");

/** Pairs that could be plugged into each other's place, the most dangerous first. */
export function ConfusableScreen() {
  const { pairs, told, tell } = useConfusable();
  const [harm, setHarm] = useState<Harm | "all">("all");
  const [selected, setSelected] = useState<string | null>(null);
  const [isOneByOne, setOneByOne] = useState(false);
  const [flagged, setFlagged] = useState<ConfusablePair | null>(null);
  const visible = useMemo(() => pairs?.filter((pair) => harm === "all" || pair.harm === harm) ?? null, [pairs, harm]);
  const current = visible?.find((pair) => pairKey(pair) === selected) ?? visible?.[0];
  const move = (by: number) => {
    const at = (current === undefined ? 0 : (visible?.indexOf(current) ?? 0)) + by;
    const next = visible?.[Math.max(0, Math.min(visible.length - 1, at))];
    if (next !== undefined) setSelected(pairKey(next));
  };
  const flag = (pair: ConfusablePair) => {
    setFlagged(pair);
    if (!told.has(pairKey(pair))) tell(pair, "flagged", `Flag on ${pair.labels.join(" and ")}`);
  };
  const check = (pair: ConfusablePair | undefined) =>
    pair !== undefined && tell(pair, "checked", `${pair.labels.join(" and ")} checked at installation`);
  useKeys({
    o: () => setOneByOne(!isOneByOne),
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    c: () => check(current),
  });
  const many = (one: Harm) => (pairs ?? []).filter((pair) => pair.harm === one).length;
  const checked = (pairs ?? []).filter((pair) => told.get(pairKey(pair))?.state === "checked").length;
  return (
    <>
      <ScreenHead title="Confusable connectors">
        <Segments
          label="Show"
          value={harm}
          onChange={setHarm}
          segments={[
            { key: "all", label: "All", count: pairs?.length ?? 0 },
            ...WORST.map((key) => ({ key, label: capital(HARM_WORDS[key]), count: many(key) })),
          ]}
        />
        <span className="flex-1" />
        <span className="text-ink2">{checked} checked</span>
        <Button onClick={() => setOneByOne(!isOneByOne)}>{isOneByOne ? "Table" : "One at a time"}</Button>
      </ScreenHead>
      {isOneByOne ? (
        <ConfusableOneByOne
          pairs={visible ?? []}
          told={told}
          current={current}
          onMove={move}
          onTell={(pair, state) => tell(pair, state, `${pair.labels.join(" and ")}: ${state}`)}
          onClose={() => setOneByOne(false)}
        />
      ) : (
        <div className="no-print mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[380px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[260px_minmax(0,1fr)]">
          <ConfusableList pairs={visible} told={told} current={current} onSelect={setSelected} />
          {current === undefined ? (
            <div />
          ) : (
            <PairDetail pair={current} onFlag={() => flag(current)} onCheck={() => check(current)} />
          )}
        </div>
      )}
      <PrintedFlags pair={flagged} />
    </>
  );
}

/** The pairs as the worker finds them, with what people have said of each. */
function useConfusable() {
  const job = useJob();
  const { connectors, pins, links, alikes } = job.document;
  const [pairs, setPairs] = useState<readonly ConfusablePair[] | null>(null);
  useEffect(() => {
    let current = true;
    void job.askConfusablePairs().then((found) => current && setPairs(found));
    return () => {
      current = false;
    };
  }, [connectors, pins, links]);
  const told = useMemo(() => new Map(alikes.map((row) => [`${row.oneId} ${row.twoId}`, row])), [alikes]);
  const tell = (pair: ConfusablePair, state: AlikeRow["state"], label: string) =>
    job.change(label, (person) => {
      const row = told.get(pairKey(pair));
      const [oneId, twoId] = pair.ids;
      return row === undefined
        ? [insertOp("alike", { id: nanoid(), oneId, twoId, state, note: "", person })]
        : [updateOp("alike", row.id, row, { state, person })];
    });
  return { pairs, told, tell };
}
