"use client";

import { type FormEvent, useState } from "react";
import { recordGaps } from "@/core/calibration";
import { recordGapText, SECURITY_ENTRY_WORDS, TRIAL_OUTCOME_WORDS, TRIED_WITHOUT_WORDS } from "@/core/words";
import { SECURITY_ENTRIES, type SecurityEntryRow, TRIAL_OUTCOMES, TRIED_WITHOUT } from "@/job/schema";
import { addEntryOps } from "@/job/security-ops";
import { Button, Field } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { useJob } from "../shell/job-provider";
import { useSecurity } from "./use-security";

/** Who is entitled, what was read and changed by whom and when, and the trials: written once, never altered. */
export function SecurityRecord() {
  const job = useJob();
  const { securityEntries } = job.document;
  const { way } = useSecurity();
  const gaps = recordGaps(securityEntries, way);
  return (
    <section aria-label="Record">
      <h2 className="font-bold">
        Record <span className="font-mono font-normal text-ink2">{securityEntries.length}</span>
      </h2>
      {gaps.length > 0 && (
        <p role="alert" className="text-[13px] font-semibold">
          Still lacks {gaps.map(recordGapText).join("; ")}.
        </p>
      )}
      <ul>
        {securityEntries.map((entry) => (
          <Entry key={entry.id} entry={entry} />
        ))}
      </ul>
      <AddEntry />
    </section>
  );
}

function Entry({ entry }: { entry: SecurityEntryRow }) {
  return (
    <li className="border-t border-rule py-1">
      <strong>{SECURITY_ENTRY_WORDS[entry.type]}</strong> {entry.who},{" "}
      <time dateTime={entry.takenAt}>
        {new Date(entry.takenAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
      </time>
      {entry.type === "trial" && entry.triedWithout !== null && entry.outcome !== null && (
        <>
          : {TRIED_WITHOUT_WORDS[entry.triedWithout]} it {TRIAL_OUTCOME_WORDS[entry.outcome]}
        </>
      )}
      {entry.says !== "" && <span className="block text-[13px]">{entry.says}</span>}
      {entry.hash !== "" && <span className="block font-mono text-[13px] break-all">image {entry.hash}</span>}
    </li>
  );
}

const SAYS = {
  entitled: "On what proof (a note; no picture of papers is asked for)",
  read: "What was read, from which part",
  changed: "What was changed",
  trial: "What was seen",
} as const;

function AddEntry() {
  const job = useJob();
  const [type, setType] = useState<SecurityEntryRow["type"]>("entitled");
  const [who, setWho] = useState("");
  const [says, setSays] = useState("");
  const [hash, setHash] = useState("");
  const [without, setWithout] = useState<(typeof TRIED_WITHOUT)[number]>("module");
  const [outcome, setOutcome] = useState<(typeof TRIAL_OUTCOMES)[number]>("runs");
  const [fault, setFault] = useState<string | null>(null);
  const add = (event: FormEvent) => {
    event.preventDefault();
    const digits = hash
      .trim()
      .toLowerCase()
      .replace(/[\s:-]/g, "");
    if (digits !== "" && !/^[0-9a-f]{32,128}$/.test(digits)) {
      setFault("A hash has 32 to 128 digits from 0 to 9 and a to f: copy it whole from the tool that made it.");
      return;
    }
    if (type !== "trial" && says.trim() === "") {
      setFault(`Write ${SAYS[type].toLowerCase()}.`);
      return;
    }
    setFault(null);
    job.change(`Record: ${SECURITY_ENTRY_WORDS[type].toLowerCase()}`, (person) =>
      addEntryOps({
        type,
        who: who.trim() === "" ? person : who.trim(),
        says: says.trim(),
        hash: digits,
        triedWithout: type === "trial" ? without : null,
        outcome: type === "trial" ? outcome : null,
        takenAt: new Date().toISOString(),
      }),
    );
    setSays("");
    setHash("");
  };
  return (
    <form onSubmit={add} className="no-print mt-2 max-w-3xl space-y-2 border-t border-rule pt-2">
      <Segments
        label="Kind of entry"
        segments={SECURITY_ENTRIES.map((key) => ({ key, label: SECURITY_ENTRY_WORDS[key] }))}
        value={type}
        onChange={setType}
      />
      {type === "trial" && (
        <div className="flex flex-wrap gap-3">
          <Segments
            label="Taken away"
            segments={TRIED_WITHOUT.map((key) => ({ key, label: TRIED_WITHOUT_WORDS[key] }))}
            value={without}
            onChange={setWithout}
          />
          <Segments
            label="What it does"
            segments={TRIAL_OUTCOMES.map((key) => ({ key, label: TRIAL_OUTCOME_WORDS[key] }))}
            value={outcome}
            onChange={setOutcome}
          />
        </div>
      )}
      <div className="grid grid-cols-[200px_minmax(0,1fr)] gap-3 max-lg:grid-cols-1">
        <Field label="Who">
          <input
            className="field"
            value={who}
            placeholder={job.person}
            onChange={(event) => setWho(event.target.value)}
          />
        </Field>
        <Field label={SAYS[type]}>
          <input className="field" value={says} onChange={(event) => setSays(event.target.value)} />
        </Field>
      </div>
      {(type === "read" || type === "changed") && (
        <Field label={type === "read" ? "Hash of the stock image" : "Hash of the changed image"}>
          <input className="field font-mono" value={hash} onChange={(event) => setHash(event.target.value)} />
        </Field>
      )}
      {fault !== null && (
        <p role="alert" className="font-semibold text-stop">
          {fault}
        </p>
      )}
      <Button type="submit">Add to the record</Button>
    </form>
  );
}
