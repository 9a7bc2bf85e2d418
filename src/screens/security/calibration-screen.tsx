"use client";

import { useRef, useState } from "react";
import { calibrationFaults } from "@/core/calibration";
import { calibrationFaultText, count } from "@/core/words";
import { calibrationIssueText, readCalibration, writeCalibration } from "@/formats/calibration-csv";
import {
  addCalibrationOps,
  calibrationOps,
  EMPTY_CALIBRATION,
  importCalibrationOps,
  removeCalibrationOps,
} from "@/job/security-ops";
import { Button } from "@/ui/controls";
import { saveFile } from "@/ui/save-file";
import { SavedInput } from "@/ui/saved-input";
import { Empty, Trouble } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { type CalibrationEntry, useCalibration, valuesOf } from "./use-security";

/** Every change that the plan asks of a computer's calibration, gathered from all stages. */
export function CalibrationScreen() {
  const job = useJob();
  const entries = useCalibration();
  const faults = calibrationFaults(entries, job.document.identities);
  const [issues, setIssues] = useState<readonly string[]>([]);
  const done = entries.filter(({ doneBy }) => doneBy !== null).length;
  const add = () =>
    job.change(
      "A calibration change",
      addCalibrationOps({
        ...EMPTY_CALIBRATION,
        computer: entries[0]?.computer ?? "engine computer",
        what: "what is changed",
      }),
    );
  return (
    <>
      <ScreenHead title="Calibration list">
        <span className="text-[13px]">
          {count(entries.length, "change")}, {done} done
        </span>
        <span className="flex-1" />
        <Button onClick={add}>Add a change</Button>
        <ReadFile entries={entries} onIssues={setIssues} />
        <Button
          disabled={entries.length === 0}
          onClick={() => saveFile(`${job.document.job.name} calibration.csv`, writeCalibration(entries), "text/csv")}
        >
          Save as CSV
        </Button>
        <PrintButton landscape>Print the list</PrintButton>
      </ScreenHead>
      <div
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet px-4 py-3 print:overflow-visible print:border-0"
        tabIndex={0}
        role="group"
        aria-label="Calibration list"
      >
        {issues.length > 0 && (
          <Trouble title={`${count(issues.length, "line")} of the file could not be read; the rest was`}>
            {issues.map((text) => (
              <p key={text}>{text}</p>
            ))}
          </Trouble>
        )}
        {faults.map((fault) => (
          <p
            key={JSON.stringify(fault)}
            role="alert"
            className={fault.code === "no-identity" ? "text-[13px]" : "font-semibold text-stop"}
          >
            {calibrationFaultText(fault)}
          </p>
        ))}
        {entries.length === 0 ? (
          <Empty title="Nothing is asked of a calibration">
            <p>
              Links by calibration, parts that are lived without, tyres, another gearbox and the anti-theft way put
              their changes here; others are added by hand or from a file.
            </p>
          </Empty>
        ) : (
          <table className="mt-2 w-full text-left">
            <thead className="text-[13px] text-ink2">
              <tr className="border-b-[1.5px] border-rule2">
                <th className="w-28 py-1 pr-3 font-semibold">Computer</th>
                <th className="font-semibold">What</th>
                <th className="w-24 font-semibold">Old</th>
                <th className="w-24 font-semibold">New</th>
                <th className="w-32 font-semibold">Codes otherwise</th>
                <th className="w-28 font-semibold">For software</th>
                <th className="w-32 font-semibold">Proven by</th>
                <th className="w-28 font-semibold">Done by</th>
                <th className="no-print w-16" />
              </tr>
            </thead>
            <tbody>
              {entries.map((entry) => (
                <Line key={entry.id} entry={entry} />
              ))}
            </tbody>
          </table>
        )}
      </div>
    </>
  );
}

function Line({ entry }: { entry: CalibrationEntry }) {
  const job = useJob();
  const { id, asked } = entry;
  const own = asked === null ? entry : valuesOf(asked);
  const set = (what: string, to: Parameters<typeof calibrationOps>[3]) => {
    const { computer, what: name, was, becomes, why, codes, software, doneBy, provenBy, note } = own;
    job.change(
      `${entry.what}: ${what}`,
      calibrationOps(
        job.document,
        id,
        { computer, what: name, was, becomes, why, codes, software, doneBy, provenBy, note },
        to,
      ),
      { quiet: true },
    );
  };
  const field = (key: "computer" | "what" | "was" | "becomes" | "codes" | "software" | "provenBy", head: string) => (
    <SavedInput
      label={`${head}, ${entry.what}`}
      value={entry[key]}
      onSave={(text) => {
        if ((key === "computer" || key === "what") && text === "") return;
        set(`${head.toLowerCase()} ${text}`, { [key]: text });
      }}
    />
  );
  return (
    <tr className="border-t border-rule align-top" data-change={id}>
      <td className="py-1 pr-1.5">
        {asked === null ? field("computer", "Computer") : <span className="font-mono">{entry.computer}</span>}
      </td>
      <td className="pr-1.5">
        {asked === null ? field("what", "What") : <strong>{entry.what}</strong>}
        {entry.why !== "" && <span className="block text-[13px] text-ink2">{entry.why}</span>}
      </td>
      <td className="pr-1.5">{field("was", "Old")}</td>
      <td className="pr-1.5">{field("becomes", "New")}</td>
      <td className="pr-1.5">{field("codes", "Codes")}</td>
      <td className="pr-1.5">{field("software", "Software")}</td>
      <td className="pr-1.5">{field("provenBy", "Proven by")}</td>
      <td>
        {entry.doneBy === null ? (
          <Button onClick={() => set("done", { doneBy: job.person === "" ? "done" : job.person })}>
            Done<span className="hidden-text">: {entry.what}</span>
          </Button>
        ) : (
          <span className="inline-flex min-h-10 items-center">
            {entry.doneBy} <Button onClick={() => set("not done", { doneBy: null })}>undo</Button>
          </span>
        )}
      </td>
      <td className="no-print">
        {asked === null && (
          <Button onClick={() => job.change(`${entry.what} removed`, removeCalibrationOps(rowOf(entry)))}>
            Remove<span className="hidden-text">: {entry.what}</span>
          </Button>
        )}
      </td>
    </tr>
  );
}

const rowOf = ({ asked: _, ...row }: CalibrationEntry) => row;

function ReadFile({
  entries,
  onIssues,
}: {
  entries: readonly CalibrationEntry[];
  onIssues: (issues: readonly string[]) => void;
}) {
  const job = useJob();
  const input = useRef<HTMLInputElement>(null);
  const read = async (file: File | undefined) => {
    if (file === undefined) return;
    const { lines, issues } = readCalibration(await file.text());
    onIssues(issues.map(calibrationIssueText));
    const asked = new Map(
      entries.flatMap((entry) => (entry.asked === null ? [] : [[entry.id, valuesOf(entry.asked)] as const])),
    );
    const ops = importCalibrationOps(job.document, lines, asked);
    if (ops.length > 0) job.change(`Calibration list from ${file.name}`, ops);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        aria-label="Calibration file"
        className="hidden-text"
        tabIndex={-1}
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
      <Button onClick={() => input.current?.click()}>Read a CSV</Button>
    </>
  );
}
