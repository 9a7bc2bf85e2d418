import { type GroundRow, originKey, type PowerReport, type ReturnRow, type ReturnVerdict } from "@/core/power";
import type { KeyPosition } from "@/core/state";
import {
  amps,
  capital,
  cavityKey,
  cavityLabel,
  findingTitle,
  findingWhy,
  fixed,
  groundText,
  originText,
  STATE_HEADS,
} from "@/core/words";
import { StateMark } from "@/ui/marks";
import { useJob } from "../shell/job-provider";
import type { Looked } from "./trying";

const STATES: readonly KeyPosition[] = ["off", "run", "crank", "running"];
/** Of a ground every millivolt counts, and rows line up under one another. */
const millivolts = (value: number | null | undefined) =>
  value === null || value === undefined ? "not connected" : `${fixed(1000 * value, 0)} mV`;

/**
 * Each stud with what returns through it and how far it lies off; sensor returns and computers' grounds apart; what is
 * missing.
 */
export function GroundsView({ report, onLook }: { report: PowerReport; onLook: (looked: Looked) => void }) {
  const { units } = useJob().document.job;
  const missing = report.findings.filter((finding) => finding.code === "ground-missing");
  const loose = report.grounds.filter((row) => row.returns.length === 0);
  return (
    <div className="p-4">
      {missing.length === 0 && (
        <p className="mb-3 flex items-center gap-2 text-[13px]">
          <StateMark mark="proven" />
          <span>No strap is missing: engine block, body and battery negative are joined by cables.</span>
        </p>
      )}
      {missing.map((finding) => (
        <p key={finding.key} role="alert" className="mb-3 border-[1.5px] border-stop p-3">
          <strong className="text-stop">{findingTitle(finding, units)}.</strong> {findingWhy(finding, units)}
        </p>
      ))}
      <Studs rows={report.grounds} />
      {loose.length > 0 && (
        <p className="mt-2 text-[13px] text-ink2">
          Nothing returns through {loose.map((row) => row.label).join(", ")}.
        </p>
      )}
      <Returns rows={report.returns} onLook={onLook} />
    </div>
  );
}

const StateHeads = () =>
  STATES.map((state) => (
    <th key={state} className="px-2 py-1 text-right">
      {STATE_HEADS[state]}
    </th>
  ));

function Studs({ rows }: { rows: readonly GroundRow[] }) {
  return (
    <table className="w-full">
      <caption className="mb-1 text-left text-sm font-bold">
        Ground studs: offset from battery negative, and what returns through them
      </caption>
      <thead>
        <tr className="border-b border-rule2 text-left text-[13px]">
          <th className="py-1">Stud</th>
          <StateHeads />
          <th className="py-1 pl-4">Returns, largest first</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Stud key={row.key} row={row} />
        ))}
      </tbody>
    </table>
  );
}

function Returns({ rows, onLook }: { rows: readonly ReturnRow[]; onLook: (looked: Looked) => void }) {
  return (
    <table className="mt-6 w-full">
      <caption className="mb-1 text-left text-sm font-bold">
        Computers' grounds and sensor grounds: offset from battery negative
      </caption>
      <thead>
        <tr className="border-b border-rule2 text-left text-[13px]">
          <th className="py-1">Cavity</th>
          <th className="py-1">Role</th>
          <th className="py-1">Verdict</th>
          <StateHeads />
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <ReturnLine key={row.at.pinId} row={row} onLook={onLook} />
        ))}
      </tbody>
    </table>
  );
}

function ReturnLine({ row, onLook }: { row: ReturnRow; onLook: (looked: Looked) => void }) {
  const { at } = row;
  const label = cavityLabel(at);
  const node = `${at.side} ${cavityKey(at)}`;
  return (
    <tr className="border-b border-rule">
      <td className="py-1 font-mono font-semibold">{label}</td>
      <td className="py-1 pr-3 whitespace-nowrap">
        {row.role === "sensor-ground" ? "sensor ground" : "computer ground"}
      </td>
      <td className="py-1 text-[13px]">
        <Verdict verdict={row.verdict} />
      </td>
      {STATES.map((state) => (
        <td key={state} className="px-2 text-right whitespace-nowrap">
          <button
            type="button"
            className="min-h-10 font-mono underline decoration-rule2"
            onClick={() => onLook({ node, state, label })}
          >
            {millivolts(row.volts[state])}
          </button>
        </td>
      ))}
    </tr>
  );
}

/** A verdict with its number and its limit beside it. */
function Verdict({ verdict }: { verdict: ReturnVerdict }) {
  const bad = verdict.code === "shared" || verdict.code === "off" || verdict.code === "floats";
  return (
    <span className={`flex items-center gap-1.5 ${bad ? "font-bold text-stop" : "text-ink2"}`}>
      <StateMark mark={bad ? "blocked" : "proven"} />
      {capital(groundText(verdict))}
    </span>
  );
}

function Stud({ row }: { row: GroundRow }) {
  const most = row.returns.filter((one) => Math.max(...STATES.map((state) => Math.abs(one.amps[state] ?? 0))) > 0.005);
  return (
    <tr className="keep border-b border-rule align-top">
      <td className="py-1.5 font-semibold">
        {row.label}
        <span className="block text-[13px] font-normal text-ink2">{row.side}</span>
      </td>
      {STATES.map((state) => (
        <td key={state} className="px-2 py-1.5 text-right font-mono whitespace-nowrap">
          {millivolts(row.volts[state])}
          <span className="block text-[13px] text-ink2">{amps(Math.abs(row.amps[state] ?? 0))}</span>
        </td>
      ))}
      <td className="py-1.5 pl-4">
        <ul className="space-y-0.5">
          {most.slice(0, 8).map((one) => (
            <li key={originKey(one.origin)} className="flex gap-3 text-[13px]">
              <span className="min-w-0 flex-1">{capital(originText(one.origin))}</span>
              <span className="font-mono whitespace-nowrap">
                {amps(Math.abs(one.amps.running ?? 0))}{" "}
                <span className="text-ink2">crank {amps(Math.abs(one.amps.crank ?? 0))}</span>
              </span>
            </li>
          ))}
          {most.length > 8 && <li className="text-[13px] text-ink2">{most.length - 8} more</li>}
        </ul>
      </td>
    </tr>
  );
}
