"use client";

import { nanoid } from "nanoid";
import { type ReactNode, useEffect, useState } from "react";
import { functionName } from "@/core/functions";
import { type CutReport, copperTotal, type ReportRow, type TriageChoice } from "@/core/slice";
import {
  cavityLabel,
  lengthText,
  listed,
  massText,
  pointText,
  sizeWords,
  stopText,
  triageText,
  wireText,
} from "@/core/words";
import { subjectName } from "@/job/evidence";
import { insertOp, updateOp } from "@/job/ops";
import { keepOps, recordCutOps, reopenCutOps } from "@/job/triage-ops";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { MARK_WORDS } from "./wire-row";

interface Props {
  /** `wire:` or `connector:` and an id; null while nothing is chosen. */
  readonly subject: string | null;
  readonly row: ReportRow | undefined;
  readonly wireIds: readonly string[];
  /** A removal was tried and stops something kept. */
  readonly refused: boolean;
  readonly onDecide: (choice: TriageChoice, override?: string) => void;
  readonly onRemove: () => void;
}

/** What a decision on one wire or connector would do, before it is made; and the decision. */
export function CutPanel({ subject, row, wireIds, refused, onDecide, onRemove }: Props) {
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

  if (subject === null) {
    return (
      <section aria-label="Consequences" className="p-4 text-ink2">
        <h2 className="text-base text-ink">What a cut would do</h2>
        <p className="mt-2">
          Choose a wire or a connector: here you see the current's path through it, what would stop without it, and what
          else is connected to it. Nothing is decided by looking.
        </p>
      </section>
    );
  }
  const name = row === undefined ? subjectName(job.document, subject) : wireText(row.ends);
  const cut = job.document.cuts.find((one) => one.subject === subject);
  const decided = row?.decided ?? cut;
  const airbag = row?.mark === "airbag";
  return (
    <section aria-label="Consequences" className="min-h-0 overflow-auto p-4" tabIndex={0}>
      <h2 className="text-base break-words">
        {row === undefined ? `${name}, the whole ${subject.startsWith("branch:") ? "branch" : "connector"}` : name}
      </h2>
      {row !== undefined && (
        <p className="mt-0.5 text-[13px] text-ink2">
          {row.wire.side}
          {row.wire.circuit === null ? "" : `, circuit ${row.wire.circuit}`}
          {row.wire.lengthM === null
            ? ", length not known"
            : `, ${lengthText(row.wire.lengthM, job.document.job.units)}`}
        </p>
      )}
      {row !== undefined && <p className="mt-2">{triageText(row.reason)}</p>}
      {row?.mark != null && (
        <div className="mt-3">
          <Caution>
            {row.mark === "airbag"
              ? "Airbag and pretensioner circuits are never cut or probed here. Leave them to those licensed for it, by the maker's procedure."
              : `${MARK_WORDS[row.mark]}: a fault here can cost control of the vehicle. Follow the maker's procedure and local law.`}
          </Caution>
        </div>
      )}
      {!airbag && (
        <div className="mt-3 flex flex-wrap gap-2" role="group" aria-label="Decision">
          <Button hotkey="E" primary={decided?.choice === "keep"} onClick={() => onDecide("keep")}>
            Keep
          </Button>
          <Button hotkey="R" primary={decided?.choice === "remove"} onClick={onRemove}>
            Remove
          </Button>
          {row !== undefined && (
            <>
              <Button hotkey="P" primary={decided?.choice === "park"} onClick={() => onDecide("park")}>
                Cap off
              </Button>
              <Button hotkey="L" primary={decided?.choice === "lengthen"} onClick={() => onDecide("lengthen")}>
                Lengthen
              </Button>
              <Button hotkey="M" primary={decided?.choice === "move"} onClick={() => onDecide("move")}>
                Move
              </Button>
            </>
          )}
        </div>
      )}
      {decided != null && (
        <p className="mt-2 text-[13px]">
          Decided: <strong>{decided.choice}</strong>
          {decided.done ? ", done" : ", not done yet"}
          {decided.override === "" ? "" : `; against need: ${decided.override}`}.{" "}
          <button
            type="button"
            className="min-h-10 underline"
            onClick={() =>
              job.change(
                `Decide ${name} anew`,
                reopenCutOps(job.document, [subject, ...(row === undefined ? wireIds : [])]),
              )
            }
          >
            Decide anew
          </button>
        </p>
      )}
      {cut !== undefined && (
        <div className="mt-2">
          <Field
            label="Note for the bench"
            hint={
              cut.choice === "lengthen"
                ? "by how much, with a joint where"
                : cut.choice === "move"
                  ? "to which cavity or place"
                  : undefined
            }
          >
            <SavedInput
              value={cut.note}
              onSave={(note) =>
                job.change(`Note on ${name}`, [updateOp("cut", cut.id, cut, { note })], { quiet: true })
              }
            />
          </Field>
        </div>
      )}
      {told === null ? (
        <p className="mt-4 text-ink2" role="status">
          Working out what it would do …
        </p>
      ) : (
        <>
          {refused && told.stops.length > 0 && <Refused told={told} wireIds={wireIds} onDecide={onDecide} />}
          {decided?.unplanned === true && told.stops.length > 0 && <Repair row={row} told={told} />}
          <Told told={told} cutAlready={decided?.choice === "remove"} />
          {row !== undefined &&
            told.paths.map((path) => (
              <Part
                key={`${path.functionKey} ${path.purpose}`}
                title={`${functionName(path.functionKey)}: ${PURPOSE[path.purpose] ?? path.purpose}`}
              >
                <ol className="flex flex-wrap gap-x-1.5 font-mono text-[13px]">
                  {path.steps.map((step, at) => (
                    <li key={pointText(step)}>
                      {at > 0 && (
                        <span aria-hidden="true" className="mr-1.5 text-ink2">
                          →
                        </span>
                      )}
                      {pointText(step)}
                    </li>
                  ))}
                </ol>
              </Part>
            ))}
          {row !== undefined && !airbag && decided?.done !== true && (
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
      )}
    </section>
  );
}

const PURPOSE: Readonly<Record<string, string>> = {
  feed: "from the battery through it and back",
  return: "from the battery through it and back",
  signal: "signal",
};

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1 text-[13px] font-bold">{title}</h3>
      {children}
    </div>
  );
}

function Told({ told, cutAlready }: { told: CutReport; cutAlready: boolean }) {
  const { units } = useJob().document.job;
  const copper = copperTotal(told.copper);
  return (
    <>
      <Part title={cutAlready ? "What it does" : "If it is removed"}>
        {told.stops.length === 0 ? (
          <p>Nothing that is kept stops.</p>
        ) : (
          <ul className="space-y-1">
            {byFunction(told).map(([key, texts]) => (
              <li key={key}>
                <strong className="text-stop">{functionName(key)} stops</strong>: {listed(texts)}
              </li>
            ))}
          </ul>
        )}
        {told.earlier.length > 0 && (
          <p className="mt-1">
            It would not stop but for {told.earlier.length === 1 ? "an earlier cut" : "earlier cuts"}:{" "}
            <Names wireIds={told.earlier} />.
          </p>
        )}
        {told.lastWays.length > 0 && (
          <p className="mt-1">
            Then <Names wireIds={[...new Set(told.lastWays.map((one) => one.wireId))]} /> would be the last way of{" "}
            {listed([...new Set(told.lastWays.map((one) => functionName(one.functionKey)))])}: cutting that too would
            stop it.
          </p>
        )}
        <p className="mt-1 text-[13px] text-ink2">
          Reclaims {massText(copper.kg, units)},{" "}
          {told.copper
            .map(
              (one) =>
                `${one.unmeasured === one.wires ? "unknown length" : lengthText(one.lengthM, units)} of ${one.sizeMm2 === null ? "unknown size" : `${sizeWords(one.sizeMm2, units)}`}`,
            )
            .join(", ")}
          .{told.emptied.length > 0 ? ` Left empty: ${told.emptied.join(", ")}.` : ""}
        </p>
      </Part>
      {told.hangs.map((hang) => (
        <Part key={pointText(hang.at)} title={`Also on ${pointText(hang.at)}`}>
          <ul className="space-y-0.5 text-[13px]">
            {hang.wires.slice(0, 12).map((wire) => (
              <li key={wire.wireId}>
                <span className="font-mono">{wireText(wire.ends)}</span>{" "}
                <span className="text-ink2">
                  {wire.by.length === 0 ? "nothing kept" : listed(wire.by.map(functionName))}
                </span>
              </li>
            ))}
            {hang.wires.length > 12 && <li className="text-ink2">{hang.wires.length - 12} more</li>}
          </ul>
        </Part>
      ))}
    </>
  );
}

function Names({ wireIds }: { wireIds: readonly string[] }) {
  const names = new Map((useJob().report?.rows ?? []).map((row) => [row.wire.id, wireText(row.ends)]));
  return <span className="font-mono text-[13px]">{listed(wireIds.map((id) => names.get(id) ?? id))}</span>;
}

/** The removal is not made; these are the ways out. */
function Refused({
  told,
  wireIds,
  onDecide,
}: {
  told: CutReport;
  wireIds: readonly string[];
  onDecide: Props["onDecide"];
}) {
  const job = useJob();
  const [why, setWhy] = useState("");
  const [feed, setFeed] = useState(told.feeds[0]?.at.pinId ?? "");
  const stopped = byFunction(told);
  const [first] = told.stops;
  const refeed = () => {
    const from = told.feeds.find((one) => one.at.pinId === feed);
    if (from === undefined || first?.at.type !== "cavity") return;
    const wire = job.report?.rows.find((row) => row.wire.id === wireIds[0])?.wire;
    const target = first.at.pinId;
    job.change(`Feed ${job.pinById.get(target)?.label ?? "it"} from ${cavityLabel(from.at)}`, [
      insertOp("wire", {
        id: nanoid(),
        fromPinId: from.at.pinId,
        endsAt: "cavity",
        toPinId: target,
        origin: "added",
        circuit: null,
        colour: wire?.colour ?? null,
        colourBase: wire?.colourBase ?? null,
        colourTracer: wire?.colourTracer ?? null,
        sizeMm2: wire?.sizeMm2 ?? null,
        lengthM: null,
        insulation: null,
        stock: "new",
        note: "in place of a wire that is to be removed",
      }),
    ]);
  };
  return (
    <div role="alert" className="mt-3 border-[1.5px] border-stop p-3">
      <p className="font-semibold text-stop">
        Refused: {listed(stopped.map(([key]) => functionName(key)))} would stop.
      </p>
      <p className="mt-1">{listed(told.stops.map(stopText))}. What you can do:</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => onDecide("keep")}>Keep it</Button>
        <Button
          className="h-auto! min-h-10 shrink! justify-start! py-1 text-left whitespace-normal!"
          onClick={() =>
            job.change(
              `Drop ${listed(stopped.map(([key]) => functionName(key).toLowerCase()))}`,
              keepOps(
                job.document,
                stopped.map(([key]) => key),
                false,
              ),
            )
          }
        >
          Drop{" "}
          {listed(
            stopped.map(([key]) => functionName(key).toLowerCase()),
            2,
          )}
        </Button>
      </div>
      {told.feeds.length > 0 && first?.at.type === "cavity" && (
        <div className="mt-2 flex items-end gap-2">
          <label className="min-w-0 flex-1 text-[13px] font-semibold">
            {first.purpose === "return" ? "Ground it elsewhere" : "Feed it from elsewhere"}
            <select className="field mt-1" value={feed} onChange={(event) => setFeed(event.target.value)}>
              {told.feeds.map((one) => (
                <option key={one.at.pinId} value={one.at.pinId}>
                  {cavityLabel(one.at)}
                  {one.spare ? " (free)" : ""}
                </option>
              ))}
            </select>
          </label>
          <Button onClick={refeed}>Add the wire</Button>
        </div>
      )}
      <form
        className="mt-2 flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (why.trim() !== "") onDecide("remove", why.trim());
        }}
      >
        <label className="min-w-0 flex-1 text-[13px] font-semibold">
          Or remove it all the same, because
          <input className="field mt-1" value={why} onChange={(event) => setWhy(event.target.value)} />
        </label>
        <Button type="submit" disabled={why.trim() === ""}>
          Override
        </Button>
      </form>
    </div>
  );
}

/** A wrong cut: what mends it. */
function Repair({ row, told }: { row: ReportRow | undefined; told: CutReport }) {
  const { units } = useJob().document.job;
  if (row === undefined) return null;
  const { wire } = row;
  return (
    <div role="alert" className="mt-3 border-[1.5px] border-stop p-3">
      <p className="font-semibold text-stop">
        This cut stopped {listed(byFunction(told).map(([key]) => functionName(key)))}.
      </p>
      <p className="mt-1">
        Mend it: join the two ends of <span className="font-mono">{wireText(row.ends)}</span> with a crimped and sealed
        butt joint for {wire.sizeMm2 === null ? "its size (measure it)" : `${sizeWords(wire.sizeMm2, units)}`}, or lay a
        new wire of that size{wire.lengthM === null ? "" : `, ${lengthText(wire.lengthM, units)} long`}. Keep the joint
        away from bends, clips and heat, and prove it by its resistance. Then choose Keep.
      </p>
    </div>
  );
}

function byFunction(told: CutReport): [string, string[]][] {
  const groups = new Map<string, string[]>();
  for (const stop of told.stops)
    groups.set(stop.functionKey, [...(groups.get(stop.functionKey) ?? []), stopText(stop)]);
  return [...groups];
}
