"use client";

import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { useCallback, useEffect, useMemo, useState } from "react";
import type { PowerReport } from "@/core/power";
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

/**
 * The electrical truth of the plan: what is wrong and why, every feed against the key, and what would change if
 * something else were done.
 */
export function PowerScreen() {
  const job = useJob();
  const trying = useTrying();
  const view = usePowerView(trying);
  const { power } = job;
  const { tab, report } = view;
  if (job.pins.length === 0) return <NothingToSolve jobId={job.jobId} />;
  return (
    <>
      <ScreenHead title="Power">
        <Segments
          label="View"
          value={tab}
          onChange={view.show}
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
      {power === null || report === null ? (
        <p role="status" className="mx-4 border border-rule2 bg-sheet p-4 text-ink2">
          Solving the plan in every key position …
        </p>
      ) : (
        <div
          className={`mx-4 mb-4 grid min-h-0 flex-1 border border-rule2 bg-sheet print:mx-0 print:block print:border-0 ${view.wide ? "grid-cols-[minmax(0,1fr)_minmax(436px,40%)] max-lg:grid-cols-1 max-lg:overflow-auto" : "grid-cols-1"}`}
        >
          <section
            aria-label={TABS[tab]}
            className="min-h-0 overflow-auto border-r border-rule2 max-lg:border-r-0 print:overflow-visible print:border-0"
            tabIndex={0}
          >
            <PowerView view={view} power={power} report={report} trying={trying} />
          </section>
          <Beside view={view} report={report} trying={trying} />
        </div>
      )}
    </>
  );
}

type View = ReturnType<typeof usePowerView>;

/** What is looked at: the view, the finding, the current path, the fuse. A link from elsewhere names its finding. */
function usePowerView(trying: Trying) {
  const { power, jobId } = useJob();
  const router = useRouter();
  const query = useSearchParams();
  const [asked, wanted] = [query.get("tab"), query.get("finding")];
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
  const finding =
    power?.findings.find((one) => one.key === selected) ?? (tab === "findings" ? power?.findings[0] : undefined);
  const select = useCallback((key: string) => {
    setSelected(key);
    setLooked(null);
  }, []);
  const [tried, rows] = [trying.effect?.report ?? null, trying.rows];
  const report = useMemo(
    () => tried ?? (power !== null && rows !== null ? { ...power, rows } : power),
    [tried, rows, power],
  );
  const show = (one: Tab) => {
    setTab(one);
    setLooked(null);
    router.replace(`/jobs/${jobId}/power?tab=${one}`);
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
  const wide = tab === "findings" || looked !== null || tab === "fuses";
  return { tab, show, finding, select, looked, setLooked, fuse, setFuse, report, wide };
}

interface ViewProps {
  readonly view: View;
  /** The plan as it is, and as it would be while something is tried. */
  readonly power: PowerReport;
  readonly report: PowerReport;
  readonly trying: Trying;
}

function PowerView({ view, power, report, trying }: ViewProps) {
  const { jobId, document } = useJob();
  const { units } = document.job;
  const before = trying.effect?.report ? power : null;
  switch (view.tab) {
    case "findings":
      return (
        <>
          <FindingsList
            jobId={jobId}
            units={units}
            report={trying.effect?.report ?? power}
            before={before}
            selected={view.finding?.key ?? null}
            onSelect={view.select}
          />
          <TryForm onTry={trying.add} />
        </>
      );
    case "keys": {
      const was = trying.rows !== null ? power : null;
      return <KeyTable report={report} before={was} looked={view.looked} onLook={view.setLooked} />;
    }
    case "loads":
      return <LoadsView report={report} before={before} units={units} />;
    case "grounds":
      return <GroundsView report={report} onLook={view.setLooked} />;
    case "fuses":
      return <FusesView report={report} selected={view.fuse} onSelect={view.setFuse} />;
    case "starting":
      return <StartingView report={report} before={before} onTry={trying.add} />;
    case "given":
      return <GivenView report={power} />;
  }
}

/** The thing itself beside the list: a current path, a finding, a fuse. */
function Beside({ view, report, trying }: Omit<ViewProps, "power">) {
  const { tab, looked, finding, fuse, setLooked } = view;
  const { edits, effect, start } = trying;
  if (looked !== null) {
    const key = `${looked.node} ${looked.state}`;
    return <PathPanel key={key} looked={looked} edits={edits} effect={effect} onClose={() => setLooked(null)} />;
  }
  if (tab === "findings")
    return (
      <FindingDetail key={finding?.key} finding={finding ?? null} tryingEdits={edits} effect={effect} onTry={start} />
    );
  return tab === "fuses" ? <FusesView.Detail report={report} selected={fuse} onTry={start} /> : null;
}

const NothingToSolve = ({ jobId }: { jobId: string }) => (
  <>
    <ScreenHead title="Power" />
    <div className="mx-4 border border-rule2 bg-sheet">
      <Empty title="There is nothing to solve yet">
        <p>
          Once both pin tables are here, the plan is solved in every key position: what is wrong stands here, the
          gravest first, with its reason and its cures.
        </p>
        <Link href={`/jobs/${jobId}/import`} className={buttonLook(true)}>
          To the import
        </Link>
      </Empty>
    </div>
  </>
);

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
