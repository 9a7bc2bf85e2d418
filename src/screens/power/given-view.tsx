"use client";

import { Download } from "lucide-react";
import Link from "next/link";
import { type ReactNode, useState } from "react";
import { type PowerProblem, type PowerReport, SETTING_KEYS, SETTINGS, type SettingKey } from "@/core/power";
import { assumptionText, capital, digits, powerProblemWords, SETTING_WORDS, temperatureText } from "@/core/words";
import { editsOps } from "@/job/power-ops";
import { Button } from "@/ui/controls";
import { saveFile } from "@/ui/save-file";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { LackingValues } from "./lacking-values";

/** What may come from a cavity of the alternator's, as the solution took it. */
const STATED: Readonly<Partial<Record<SettingKey, (report: PowerReport) => number>>> = {
  "alternator-a": ({ charge }) => charge.roadAmps,
  "alternator-v": ({ charge }) => charge.regulatedVolts,
};

/** What the solution rests on: values that were given, values that are assumed, and what is wrong in the facts. */
export function GivenView({ report }: { report: PowerReport }) {
  const { units } = useJob().document.job;
  return (
    <div className="grid grid-cols-2 gap-8 p-4 max-lg:grid-cols-1">
      <section>
        <h2 className="mb-1 text-sm">Given</h2>
        <p className="mb-2 text-[13px] text-ink2">A value that nobody gave is assumed, and dotted.</p>
        <dl>
          {SETTING_KEYS.map((key) => (
            <Setting key={key} of={key} report={report} />
          ))}
        </dl>
        <NetlistButton elements={report.elements} />
        <LackingValues />
      </section>
      <div>
        <Problems problems={report.problems} />
        <section className="mt-6">
          <h2 className="mb-1 text-sm">Assumed</h2>
          <ul>
            {report.assumptions.map((one) => (
              <li
                key={JSON.stringify(one)}
                className="grid grid-cols-[minmax(0,1fr)_auto] gap-3 border-b border-rule py-1.5"
              >
                <span>{capital(assumptionText(one, units))}.</span>
                <span className="font-mono text-[13px] text-ink2">{one.count}×</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function Setting({ of: key, report }: { of: SettingKey; report: PowerReport }) {
  const job = useJob();
  const { units } = job.document.job;
  const { unit, usual, low, high } = SETTINGS[key];
  const { name, why } = SETTING_WORDS[key];
  const row = job.document.settings.find((one) => one.id === key);
  // What a cavity states of the alternator stands before the usual one.
  const taken = STATED[key]?.(report);
  const stated = taken !== undefined && row === undefined && taken !== usual ? taken : null;
  const value = row?.value ?? stated ?? usual;
  const save = (written: string) => {
    const given = Number(written.replace(",", "."));
    if (written.trim() === "" || !Number.isFinite(given) || given < low || given > high)
      return `Give a number from ${digits(low, 6)} to ${digits(high, 6)} ${unit}.`;
    job.change(
      `${name} ${given} ${unit}`,
      editsOps(job.document, [{ type: "setting", key, value: given }], { wires: [], parts: [], links: [] }),
      { quiet: true },
    );
    return null;
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_150px] items-center gap-3 border-b border-rule py-1">
      <dt>
        {name}
        <span className="block text-[13px] text-ink2">
          {stated !== null ? "as its cavity states" : row === undefined ? `assumed: ${why}` : row.origin}
          {unit === "°C" && units === "imperial" ? ` (${temperatureText(value, "imperial")})` : ""}
        </span>
      </dt>
      <dd className="flex items-center gap-2">
        <SettingInput name={name} value={value} assumed={row === undefined && stated === null} onSave={save} />
        <span className="w-12 text-[13px]">{unit}</span>
      </dd>
    </div>
  );
}

function NetlistButton({ elements }: { elements: number }) {
  const job = useJob();
  const download = async () => {
    const netlist = await job.askNetlist();
    saveFile(`${job.document.job.name}.netlist.json`, JSON.stringify(netlist, null, 1), "application/json");
  };
  return (
    <p className="mt-4">
      <Button onClick={() => void download()}>
        <Download size={16} aria-hidden="true" />
        Netlist ({elements} elements)
      </Button>
    </p>
  );
}

function Problems({ problems }: { problems: readonly PowerProblem[] }) {
  return (
    <section>
      <h2 className="mb-1 text-sm">
        Contradictions and values out of range <span className="font-mono">{problems.length}</span>
      </h2>
      {problems.length === 0 ? (
        <p className="text-ink2">Nothing in the facts contradicts itself.</p>
      ) : (
        <ul className="space-y-2">
          {problems.map((problem) => (
            <ProblemLine key={JSON.stringify(problem)} problem={problem} />
          ))}
        </ul>
      )}
    </section>
  );
}

function ProblemLine({ problem }: { problem: PowerProblem }) {
  const job = useJob();
  const { where, message, cure } = powerProblemWords(problem, job.document.job.units);
  const place: ReactNode =
    problem.pinId === null ? (
      capital(where)
    ) : (
      <Link className="underline" href={`/jobs/${job.jobId}/pins?pin=${encodeURIComponent(problem.pinId)}`}>
        {where}
      </Link>
    );
  return (
    <li className="border border-rule p-2.5">
      <p className="font-semibold">{place}</p>
      <p>{message}</p>
      <p className="text-[13px] text-ink2">{cure}</p>
    </li>
  );
}

function SettingInput({
  name,
  value,
  assumed,
  onSave,
}: {
  name: string;
  value: number;
  assumed: boolean;
  onSave: (written: string) => string | null;
}) {
  const [fault, setFault] = useState<string | null>(null);
  return (
    <span className={`block flex-1 ${assumed ? "border-b-2 border-dotted border-ink2" : ""}`}>
      <SavedInput numeric label={name} value={String(value)} onSave={(written) => setFault(onSave(written))} />
      {fault !== null && (
        <span role="alert" className="block text-[13px] font-semibold text-stop">
          {fault}
        </span>
      )}
    </span>
  );
}
