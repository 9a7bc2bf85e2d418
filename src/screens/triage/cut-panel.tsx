"use client";

import { type ReactNode, useEffect, useState } from "react";
import type { SafetyMark } from "@/core/functions";
import type { CutReport, ReportRow, TriageChoice } from "@/core/slice";
import { CHOICE_WORDS, count, guardName, lengthText, triageText, wireText } from "@/core/words";
import { subjectName } from "@/job/evidence";
import { updateOp } from "@/job/ops";
import type { CutRow } from "@/job/schema";
import { recordCutOps, reopenCutOps } from "@/job/triage-ops";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { CutEffects, Paths } from "./cut-effects";
import { GuardRefused, Refused, Repair } from "./cut-refused";
import { MARK_WORDS } from "./wire-row";

interface Props {
  /** `wire:` or `connector:` and an id; null while nothing is chosen. */
  readonly subject: string | null;
  readonly row: ReportRow | undefined;
  readonly wireIds: readonly string[];
  /** Of a connector or branch: what is decided on wire by wire alone. */
  readonly guarded: readonly ReportRow[];
  /** A removal was tried, and stops something kept or takes what is guarded. */
  readonly refused: boolean;
  readonly onDecide: (choice: TriageChoice, override?: string) => void;
  readonly onRemove: () => void;
}

/** What a decision on one wire or connector would do, before it is made; and the decision. */
export function CutPanel(props: Props) {
  const { subject, row, wireIds } = props;
  const told = useCutReport(wireIds);
  const job = useJob();
  if (subject === null)
    return (
      <section aria-label="Consequences" className="p-4 text-ink2">
        <h2 className="text-base text-ink">What a cut would do</h2>
        <p className="mt-2">
          Choose a wire or a connector: here you see the current's path through it, what would stop without it, and what
          else is connected to it. Nothing is decided by looking.
        </p>
      </section>
    );
  const name = row === undefined ? subjectName(job.document, subject) : wireText(row.ends);
  const cut = job.document.cuts.find((one) => one.subject === subject);
  const decided = row?.decided ?? cut;
  return (
    <section aria-label="Consequences" className="min-h-0 overflow-auto p-4" tabIndex={0}>
      <h2 className="text-base break-words">
        {row === undefined ? `${name}, the whole ${subject.startsWith("branch:") ? "branch" : "connector"}` : name}
      </h2>
      {row !== undefined && <WireFacts row={row} />}
      {props.guarded.length > 0 && <LeftOut guarded={props.guarded} />}
      {row?.mark !== "airbag" && <Choices {...props} chosen={decided?.choice} />}
      {decided != null && (
        <Decided decided={decided} name={name} subjects={[subject, ...(row === undefined ? wireIds : [])]} />
      )}
      {cut !== undefined && <BenchNote cut={cut} name={name} />}
      {told === null ? (
        <p className="mt-4 text-ink2" role="status">
          Working out what it would do …
        </p>
      ) : (
        <Effects {...props} subject={subject} told={told} decided={decided} />
      )}
    </section>
  );
}

/** What taking the wires out would do; null until the worker has said. */
function useCutReport(wireIds: readonly string[]): CutReport | null {
  const job = useJob();
  const [told, setTold] = useState<CutReport | null>(null);
  const asked = wireIds.join();
  useEffect(() => {
    let current = true;
    if (asked !== "") void job.askCut(asked.split(",")).then((answer) => current && setTold(answer));
    return () => {
      current = false;
    };
    // The report changes with everything that bears the answer.
  }, [asked, job.report]);
  return told;
}

/** What a decision on the whole leaves as it is, each with its reason. */
function LeftOut({ guarded }: { guarded: readonly ReportRow[] }) {
  const airbag = guarded.some((row) => row.guard === "airbag");
  return (
    <div className="mt-2 text-[13px]">
      <p className="font-semibold">
        {count(guarded.length, "wire is", "wires are")} left out, and the connector stays: each is decided on by itself.
      </p>
      <ul className="mt-1 space-y-0.5">
        {guarded.slice(0, MOST_LEFT_OUT).map((row) => (
          <li key={row.wire.id}>
            <span className="font-mono">{wireText(row.ends)}</span>{" "}
            <span className="text-ink2">{row.guard === null ? "" : guardName(row.guard)}</span>
          </li>
        ))}
        {guarded.length > MOST_LEFT_OUT && <li className="text-ink2">{guarded.length - MOST_LEFT_OUT} more</li>}
      </ul>
      {airbag && (
        <div className="mt-2">
          <Caution>{cautionOf("airbag")}</Caution>
        </div>
      )}
    </div>
  );
}

const MOST_LEFT_OUT = 6;

function WireFacts({ row }: { row: ReportRow }) {
  const { units } = useJob().document.job;
  const { side, circuit, lengthM } = row.wire;
  return (
    <>
      <p className="mt-0.5 text-[13px] text-ink2">
        {side}
        {circuit === null ? "" : `, circuit ${circuit}`}
        {lengthM === null ? ", length not known" : `, ${lengthText(lengthM, units)}`}
      </p>
      <p className="mt-2">{triageText(row.reason)}</p>
      {row.mark !== null && (
        <div className="mt-3">
          <Caution>{cautionOf(row.mark)}</Caution>
        </div>
      )}
    </>
  );
}

const cautionOf = (mark: SafetyMark) =>
  mark === "airbag"
    ? "Airbag and pretensioner circuits are never cut or probed here. Leave them to those licensed for it, by the maker's procedure."
    : `${MARK_WORDS[mark]}: a fault here can cost control of the vehicle. Follow the maker's procedure and local law.`;

function Choices({
  row,
  chosen,
  onDecide,
  onRemove,
}: Pick<Props, "row" | "onDecide" | "onRemove"> & { chosen: TriageChoice | undefined }) {
  const button = (choice: TriageChoice, hotkey: string, label: ReactNode, act = () => onDecide(choice)) => (
    <Button hotkey={hotkey} primary={chosen === choice} onClick={act}>
      {label}
    </Button>
  );
  return (
    <div className="mt-3 flex flex-wrap gap-2" role="group" aria-label="Decision">
      {button("keep", "E", "Keep")}
      {button("remove", "R", "Remove", onRemove)}
      {row !== undefined && (
        <>
          {button("park", "P", "Cap off")}
          {button("lengthen", "L", "Lengthen")}
          {button("move", "M", "Move")}
        </>
      )}
    </div>
  );
}

type Decision = Pick<CutRow, "choice" | "done" | "override" | "unplanned">;

function Decided({ decided, name, subjects }: { decided: Decision; name: string; subjects: readonly string[] }) {
  const job = useJob();
  return (
    <p className="mt-2 text-[13px]">
      Decided: <strong>{CHOICE_WORDS[decided.choice].toLowerCase()}</strong>
      {decided.done ? ", done" : ", not done yet"}
      {decided.override === "" ? "" : `; against need: ${decided.override}`}.{" "}
      <button
        type="button"
        className="min-h-10 underline"
        onClick={() => job.change(`Decide ${name} anew`, reopenCutOps(job.document, subjects))}
      >
        Decide anew
      </button>
    </p>
  );
}

const NOTE_HINTS: { readonly [C in TriageChoice]?: string } = {
  lengthen: "by how much, with a joint where",
  move: "to which cavity or place",
};

function BenchNote({ cut, name }: { cut: CutRow; name: string }) {
  const job = useJob();
  return (
    <div className="mt-2">
      <Field label="Note for the bench" hint={NOTE_HINTS[cut.choice]}>
        <SavedInput
          value={cut.note}
          onSave={(note) => job.change(`Note on ${name}`, [updateOp("cut", cut.id, cut, { note })], { quiet: true })}
        />
      </Field>
    </div>
  );
}

function Effects({
  subject,
  row,
  wireIds,
  refused,
  onDecide,
  told,
  decided,
}: Props & { subject: string; told: CutReport; decided: Decision | null | undefined }) {
  const job = useJob();
  const stops = told.stops.length > 0;
  return (
    <>
      {refused && stops && <Refused told={told} guard={row?.guard ?? null} wireIds={wireIds} onDecide={onDecide} />}
      {refused && !stops && row?.guard != null && <GuardRefused guard={row.guard} onDecide={onDecide} />}
      {decided?.unplanned === true && stops && <Repair row={row} told={told} />}
      <CutEffects told={told} cutAlready={decided?.choice === "remove"} />
      {row !== undefined && <Paths paths={told.paths} />}
      {row !== undefined && row.mark !== "airbag" && decided?.done !== true && (
        <p className="mt-4">
          <Button
            onClick={() =>
              job.change(`${wireText(row.ends)} was cut`, (person) => recordCutOps(job.document, subject, person))
            }
          >
            It was cut already
          </Button>
        </p>
      )}
    </>
  );
}
