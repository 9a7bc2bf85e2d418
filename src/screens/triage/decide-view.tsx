"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { HarnessReport, ReportRow, TriageChoice } from "@/core/slice";
import { CHOICE_WORDS, capital, wireText } from "@/core/words";
import { subjectName } from "@/job/evidence";
import { decideCutOps, reopenCutOps } from "@/job/triage-ops";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { CutPanel } from "./cut-panel";
import { FunctionList } from "./function-list";
import { RemoveFree } from "./remove-free";
import { goingFunctions, inGroups, subjectOf } from "./wire-groups";
import { FILTERS, type Shown, WireList } from "./wire-list";

/** Functions left, wires by connector in the middle, what a decision would do on the right. */
export function DecideView({ wantedFunction }: { wantedFunction: string | null }) {
  const { rows, items, shown, show } = useShownWires(wantedFunction);
  const { selected, select, current, wireIds, guarded, refused, decide, tryRemove, again } = useDecisions(rows);
  const { safe, acceptSafe } = useSafeRemovals(rows);
  const [asking, setAsking] = useState(false);
  const searchField = useRef<HTMLInputElement>(null);
  const order = useMemo(() => items.filter(({ type }) => type !== "section").map(subjectOf), [items]);
  const move = useMove(order, selected, select);
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    "/": () => searchField.current?.focus(),
    e: () => decide("keep"),
    r: tryRemove,
    p: () => decide("park"),
    l: () => decide("lengthen"),
    m: () => decide("move"),
    a: () => setAsking(true),
    Delete: again,
  });
  return (
    <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[212px_minmax(0,1fr)_340px] border border-rule2 bg-sheet max-xl:grid-cols-[200px_minmax(0,1fr)_330px] max-lg:grid-cols-[minmax(0,1fr)] max-lg:grid-rows-[auto_minmax(0,3fr)_minmax(0,2fr)]">
      <FunctionList only={shown.onlyFunction} onOnly={(onlyFunction) => show({ onlyFunction })} />
      <WireList
        rows={rows}
        items={items}
        shown={shown}
        onShow={show}
        selected={selected}
        onSelect={select}
        safe={safe.length}
        onAcceptSafe={() => setAsking(true)}
        searchField={searchField}
      />
      <CutPanel
        key={selected}
        subject={selected}
        row={current}
        wireIds={wireIds}
        guarded={guarded}
        refused={refused}
        onDecide={decide}
        onRemove={tryRemove}
      />
      {asking && <RemoveFree rows={safe} onRemove={acceptSafe} onClose={() => setAsking(false)} />}
    </div>
  );
}

const NO_REPORT: Pick<HarnessReport, "rows" | "functions"> = { rows: [], functions: [] };

/** The wires that filter, function and search let through, under their connectors. */
function useShownWires(wantedFunction: string | null) {
  const job = useJob();
  const [shown, setShown] = useState<Shown>({ filter: "all", search: "", onlyFunction: wantedFunction });
  const show = (part: Partial<Shown>) => setShown((before) => ({ ...before, ...part }));
  useEffect(() => setShown((before) => ({ ...before, onlyFunction: wantedFunction })), [wantedFunction]);
  const { rows, functions } = job.report ?? NO_REPORT;
  const { connectors, branches } = job.document;
  const items = useMemo(() => {
    const { filter, search, onlyFunction } = shown;
    const terms = search
      .toLowerCase()
      .split(/\s+/)
      .filter((term) => term !== "");
    const text = ({ ends, wire }: ReportRow) =>
      [
        wireText(ends),
        wire.circuit,
        `${wire.colourBase ?? ""}/${wire.colourTracer ?? ""}`,
        ...wire.pinIds.map((id) => job.pinById.get(id)?.row.description),
      ]
        .join(" ")
        .toLowerCase();
    const visible = rows
      .filter(FILTERS[filter].test)
      .filter((row) => onlyFunction === null || row.by.includes(onlyFunction) || row.unkept.includes(onlyFunction))
      .filter((row) => terms.length === 0 || terms.every((term) => text(row).includes(term)));
    return inGroups(visible, connectors, branches, goingFunctions(functions));
  }, [rows, functions, shown, job.pinById, connectors, branches]);
  return { rows, items, shown, show };
}

/** What is chosen, and what can be decided of it. */
function useDecisions(rows: readonly ReportRow[]) {
  const job = useJob();
  const [selected, setSelected] = useState<string | null>(null);
  const [refusing, setRefusing] = useState<string | null>(null);
  const current = rows.find((row) => row.wire.id === selected);
  const select = (subject: string) => {
    setSelected(subject);
    setRefusing(null);
  };
  /** The wires of a connector or branch that is decided as a whole. */
  const wholeOf = (subject: string) =>
    rows.filter(
      (row) =>
        `branch:${row.wire.branchId}` === subject ||
        row.wire.pinIds.some((id) => `connector:${job.pinById.get(id)?.connector.id}` === subject),
    );
  const whole = selected === null || current !== undefined ? [] : wholeOf(selected);
  // What is guarded is never decided with others: a connector that has some is not taken out whole.
  const guarded = whole.filter((row) => row.guard !== null);
  const wireIds =
    current === undefined ? whole.flatMap((row) => (row.guard === null ? [row.wire.id] : [])) : [current.wire.id];
  const name = current === undefined ? subjectName(job.document, selected ?? "") : wireText(current.ends);
  const decide = (choice: TriageChoice, override = "") => {
    if (selected === null || (current?.mark === "airbag" && choice !== "keep")) return;
    const subjects =
      current !== undefined ? [selected] : guarded.length > 0 && choice === "remove" ? wireIds : [selected, ...wireIds];
    if (subjects.length === 0) return;
    setRefusing(null);
    job.change(`${capital(CHOICE_WORDS[choice])} ${name}${override === "" ? "" : " against need"}`, (person) =>
      decideCutOps(job.document, { subjects, choice, override, person }),
    );
  };
  /** A removal that stops something kept, or of what is guarded, is refused first; the panel then shows the ways out. */
  const tryRemove = () => {
    if (selected === null || current?.mark === "airbag") return;
    if (current !== undefined && current.guard !== null) {
      setRefusing(selected);
      return;
    }
    void job.askCut(wireIds).then((told) => (told.stops.length > 0 ? setRefusing(selected) : decide("remove")));
  };
  const again = () => selected !== null && job.change(`Decide ${name} anew`, reopenCutOps(job.document, [selected]));
  return {
    selected,
    select,
    current,
    wireIds,
    guarded,
    refused: refusing !== null && refusing === selected,
    decide,
    tryRemove,
    again,
  };
}

/** Wires that nothing kept needs and that nobody has decided of; none that could hurt someone is among them. */
function useSafeRemovals(rows: readonly ReportRow[]) {
  const job = useJob();
  const safe = rows.filter(
    (row) => row.decided === null && row.proposed === "remove" && row.mark === null && row.guard === null,
  );
  const acceptSafe = () =>
    safe.length > 0 &&
    job.change(`Remove ${safe.length} wires that nothing kept needs`, (person) =>
      decideCutOps(job.document, { subjects: safe.map((row) => row.wire.id), choice: "remove", person }),
    );
  return { safe, acceptSafe };
}
