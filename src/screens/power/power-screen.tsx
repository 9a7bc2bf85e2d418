"use client";

import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { useCallback, useEffect, useMemo, useState } from "react";
import { editFaultText, editText, findingTitle } from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { useEditNames } from "./edit-names";
import { FindingDetail } from "./finding-detail";
import { FindingsList } from "./findings-list";
import { FusesView } from "./fuses-view";
import { GivenView } from "./given-view";
import { GroundsView } from "./grounds-view";
import { KeyTable } from "./key-table";
import { LoadsView } from "./loads-view";
import { PathPanel } from "./path-panel";
import { StartingView } from "./starting-view";
import { TryForm } from "./try-form";
import { type Looked, type Trying, useTrying } from "./trying";

const TABS = {
  findings: "Findings",
  keys: "Key table",
  loads: "Loads",
  grounds: "Grounds",
  fuses: "Fuses, relays",
  starting: "Starting",
  given: "Given and assumed",
} as const;
type Tab = keyof typeof TABS;
const isTab = (text: string | null): text is Tab => text !== null && Object.hasOwn(TABS, text);

/** The electrical truth of the plan: what is wrong and why, every feed against the key, and what would change if something else were done. */
export function PowerScreen() {
  const job = useJob();
  const router = useRouter();
  const query = useSearchParams();
  const asked = query.get("tab");
  const wanted = query.get("finding");
  const [tab, setTab] = useState<Tab>(isTab(asked) ? asked : "findings");
  useEffect(() => {
    if (isTab(asked)) setTab(asked);
  }, [asked]);
  const [selected, setSelected] = useState<string | null>(wanted);
  useEffect(() => {
    if (wanted !== null) {
      setSelected(wanted);
      setTab("findings");
    }
  }, [wanted]);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [fuse, setFuse] = useState<string | null>(null);
  const trying = useTrying();
  const { power } = job;
  const finding =
    power?.findings.find((one) => one.key === selected) ?? (tab === "findings" ? power?.findings[0] : undefined);

  const select = useCallback((key: string) => {
    setSelected(key);
    setLooked(null);
  }, []);
  const [tried, rows] = [trying.effect?.report ?? null, trying.rows];
  const shownReport = useMemo(
    () => tried ?? (power !== null && rows !== null ? { ...power, rows } : power),
    [tried, rows, power],
  );
  const show = (one: Tab) => {
    setTab(one);
    setLooked(null);
    router.replace(`/jobs/${job.jobId}/power?tab=${one}`);
  };
  const move = (by: number) => {
    if (tab !== "findings" || power === null) return;
    const at = power.findings.findIndex((one) => one.key === finding?.key);
    const next = power.findings[Math.max(0, Math.min(power.findings.length - 1, at + by))];
    if (next !== undefined) setSelected(next.key);
  };
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    y: () => trying.accept(),
    Escape: () => (looked === null ? trying.discard() : setLooked(null)),
  });

  if (job.pins.length === 0) {
    return (
      <>
        <ScreenHead title="Power" />
        <div className="mx-4 border border-rule2 bg-sheet">
          <Empty title="There is nothing to solve yet">
            <p>The solution is made from both pin tables and the links between them: import them first.</p>
            <Link href={`/jobs/${job.jobId}/import`} className={buttonLook(true)}>
              To the import
            </Link>
          </Empty>
        </div>
      </>
    );
  }
  const wide = tab === "findings" || looked !== null || tab === "fuses";
  return (
    <>
      <ScreenHead title="Power">
        <Segments
          label="View"
          value={tab}
          onChange={show}
          segments={(Object.keys(TABS) as Tab[]).map((key) => ({
            key,
            label: TABS[key],
            count: key === "findings" ? power?.findings.length : undefined,
          }))}
        />
        <span className="flex-1" />
        <span aria-live="polite" className="text-[13px] text-ink2">
          {job.powerStale ? "Solving …" : ""}
        </span>
        <PrintButton landscape={tab === "keys" || tab === "fuses"}>Print</PrintButton>
      </ScreenHead>
      <h2 className="hidden text-lg print:mb-2 print:block">
        {job.document.job.name}, power: {TABS[tab].toLowerCase()}
        {trying.edits.length > 0 ? ", as tried" : ""}
      </h2>
      <TryingStrip trying={trying} />
      {power === null || shownReport === null ? (
        <p role="status" className="mx-4 border border-rule2 bg-sheet p-4 text-ink2">
          Solving the plan in every key position …
        </p>
      ) : (
        <div
          className={`mx-4 mb-4 grid min-h-0 flex-1 border border-rule2 bg-sheet print:mx-0 print:block print:border-0 ${wide ? "grid-cols-[minmax(0,1fr)_minmax(436px,40%)] max-lg:grid-cols-1 max-lg:overflow-auto" : "grid-cols-1"}`}
        >
          <section
            aria-label={TABS[tab]}
            className="min-h-0 overflow-auto border-r border-rule2 max-lg:border-r-0 print:overflow-visible print:border-0"
            tabIndex={0}
          >
            {tab === "findings" && (
              <>
                <FindingsList
                  jobId={job.jobId}
                  units={job.document.job.units}
                  report={trying.effect?.report ?? power}
                  before={trying.effect?.report ? power : null}
                  selected={finding?.key ?? null}
                  onSelect={select}
                />
                <TryForm onTry={trying.add} report={power} />
              </>
            )}
            {tab === "keys" && (
              <KeyTable
                report={shownReport}
                before={trying.rows !== null ? power : null}
                looked={looked}
                onLook={setLooked}
              />
            )}
            {tab === "loads" && (
              <LoadsView
                report={shownReport}
                before={trying.effect?.report ? power : null}
                units={job.document.job.units}
              />
            )}
            {tab === "grounds" && <GroundsView report={shownReport} onLook={setLooked} />}
            {tab === "fuses" && <FusesView report={shownReport} selected={fuse} onSelect={setFuse} />}
            {tab === "starting" && (
              <StartingView report={shownReport} before={trying.effect?.report ? power : null} onTry={trying.add} />
            )}
            {tab === "given" && <GivenView report={power} />}
          </section>
          {looked !== null ? (
            <PathPanel
              key={`${looked.node} ${looked.state}`}
              looked={looked}
              edits={trying.edits}
              effect={trying.effect}
              onClose={() => setLooked(null)}
            />
          ) : tab === "findings" ? (
            <FindingDetail
              key={finding?.key}
              finding={finding ?? null}
              tryingEdits={trying.edits}
              effect={trying.effect}
              onTry={trying.start}
            />
          ) : tab === "fuses" ? (
            <FusesView.Detail report={shownReport} selected={fuse} onTry={trying.start} />
          ) : null}
        </div>
      )}
    </>
  );
}

/** Above everything while something is tried: what it is, what it would change, and the two ways on. */
function TryingStrip({ trying }: { trying: Trying }) {
  const names = useEditNames();
  const { edits, effect } = trying;
  if (edits.length === 0) return null;
  return (
    <section
      aria-label="Tried"
      title={trying.took === null ? undefined : `volts after ${Math.round(trying.took)} ms`}
      className="no-print mx-4 mb-2.5 flex flex-wrap items-center gap-3 border-[1.5px] border-ink bg-fill px-3 py-2"
    >
      <strong className="wide">What if</strong>
      <ul className="min-w-56 flex-1">
        {edits.map((edit) => (
          <li key={JSON.stringify(edit)} className="text-balance font-semibold">
            {editText(edit, names)}
          </li>
        ))}
      </ul>
      <p aria-live="polite" className="min-w-52 flex-[2]">
        {effect === null ? (
          "Solving …"
        ) : effect.fault !== null ? (
          <span role="alert" className="font-semibold text-stop">
            {editFaultText(effect.fault, names.units)}
          </span>
        ) : (
          <>
            <strong className="font-mono">{effect.gone.length}</strong>{" "}
            {effect.gone.length === 1 ? "finding goes" : "findings go"},{" "}
            <strong className={`font-mono ${effect.come.length > 0 ? "text-stop" : ""}`}>{effect.come.length}</strong>{" "}
            {effect.come.length === 1 ? "comes" : "come"}
            {effect.come.length > 0 && (
              <span className="block text-[13px]">
                {effect.come
                  .slice(0, 2)
                  .map((one) => findingTitle(one, names.units))
                  .join("; ")}
                {effect.come.length > 2 ? " …" : ""}
              </span>
            )}
          </>
        )}
      </p>
      <Button primary hotkey="Y" disabled={effect === null || effect.fault !== null} onClick={trying.accept}>
        Accept
      </Button>
      <Button hotkey="Esc" onClick={trying.discard}>
        Discard
      </Button>
    </section>
  );
}
