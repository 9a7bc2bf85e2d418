import Link from "next/link";
import { memo } from "react";
import { type Finding, type PowerReport, SEVERITIES } from "@/core/power";
import type { Units } from "@/core/units";
import { findingProbe, findingTitle, findingWhy, powerProblemWords, SEVERITY_WORDS } from "@/core/words";
import { buttonLook } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { SEVERITY_MARKS } from "./marks";

interface Props {
  readonly jobId: string;
  readonly units: Units;
  readonly report: PowerReport;
  /** The plan as it is, while something is tried. */
  readonly before: PowerReport | null;
  readonly selected: string | null;
  readonly onSelect: (key: string) => void;
}

/** What is wrong, the gravest first; while something is tried, what goes and what comes. */
export const FindingsList = memo(function FindingsList({ jobId, units, report, before, selected, onSelect }: Props) {
  const now = new Set(report.findings.map((finding) => finding.key));
  const was = new Set((before ?? report).findings.map((finding) => finding.key));
  const all = [
    ...(before?.findings ?? report.findings),
    ...(before === null ? [] : report.findings.filter((finding) => !was.has(finding.key))),
  ];
  const half = report.problems.find((problem) => problem.code === "one-side");
  const missing = half === undefined ? null : powerProblemWords(half, units);
  if (all.length === 0 && missing !== null)
    return (
      <Empty title="One side is missing">
        <p>{missing.message}</p>
        <p>
          <Link className={buttonLook(true)} href={`/jobs/${jobId}/import`}>
            To the import
          </Link>
        </p>
      </Empty>
    );
  if (all.length === 0)
    return (
      <Empty title="Nothing is wrong">
        <p>
          Every consumer has what it needs in every key position, nothing is live that must be dead, and every fuse
          protects its wire, as far as the facts go. Look at what is assumed before you rely on it.
        </p>
      </Empty>
    );
  return (
    <div>
      {missing !== null && (
        <p role="note" className="border-b border-rule px-3 py-2 text-[13px]">
          <strong>{missing.message}</strong> {missing.cure}
        </p>
      )}
      {SEVERITIES.map((severity) => {
        const own = all.filter((finding) => finding.severity === severity);
        if (own.length === 0) return null;
        const { word, means } = SEVERITY_WORDS[severity];
        return (
          <section key={severity} aria-label={word}>
            <h2 className="border-b border-rule px-3 pt-3 pb-1 text-[13px]">
              {word} <span className="font-mono">{own.length}</span>{" "}
              <span className="font-normal text-ink2">{means}</span>
            </h2>
            <ul>
              {own.map((finding) => (
                <Row
                  key={finding.key}
                  units={units}
                  finding={finding}
                  on={finding.key === selected}
                  change={
                    before === null ? null : !now.has(finding.key) ? "goes" : !was.has(finding.key) ? "comes" : null
                  }
                  onSelect={onSelect}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
});

function Row({
  units,
  finding,
  on,
  change,
  onSelect,
}: {
  units: Units;
  finding: Finding;
  on: boolean;
  change: "goes" | "comes" | null;
  onSelect: (key: string) => void;
}) {
  return (
    <li className="keep">
      <button
        type="button"
        aria-pressed={on}
        onClick={() => onSelect(finding.key)}
        className={`grid min-h-11 w-full grid-cols-[26px_minmax(0,1fr)_auto] items-center gap-x-1 border-b border-rule px-3 py-1.5 text-left print:border-b-0 ${on ? "bg-ink text-bench print:bg-transparent print:text-ink" : ""}`}
      >
        <StateMark mark={SEVERITY_MARKS[finding.severity]} />
        <span className={change === "goes" ? "line-through opacity-70" : ""}>
          {findingTitle(finding, units)}
          {finding.also.length > 0 && (
            <span className={`ml-1.5 text-[13px] ${on ? "opacity-80" : "text-ink2"}`}>
              and {finding.also.length} more
            </span>
          )}
        </span>
        {change !== null && <b className="pl-2 text-[13px]">{change}</b>}
      </button>
      <p className="hidden border-b border-rule pb-2 pl-10 text-[13px] print:block">
        {findingWhy(finding, units)}
        {finding.pinId === null ? "" : ` ${findingProbe(finding)}.`}
      </p>
    </li>
  );
}
