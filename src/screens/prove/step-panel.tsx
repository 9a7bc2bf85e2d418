"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useEffect, useRef, useState } from "react";
import type { ElementFault } from "@/core/power";
import {
  basisOf,
  type Judgement,
  judge,
  likelyCauses,
  type Probe,
  parseReading,
  readingUncertainty,
  type Step,
} from "@/core/proving";
import {
  CAUTIONS,
  causeWords,
  digits,
  expectedText,
  meterText,
  ohms,
  probeLabel,
  probeWhere,
  readFaultText,
  stepKey,
  stepStop,
  stepTitle,
  stepWhy,
  uncertaintyText,
  verdictText,
} from "@/core/words";
import { insertOp } from "@/job/ops";
import { Button } from "@/ui/controls";
import { NumberWithOrigin } from "@/ui/origin";
import { Plate } from "@/ui/plate";
import { Caution } from "@/ui/states";
import { Wire } from "@/ui/wire";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

/** One step, to be read from two metres: what, where, how, what to expect, what was read, and what explains a failure. */
export function StepPanel({ view, onNext }: { view: StepView; onNext: () => void }) {
  const job = useJob();
  const { step, latest, stale } = view;
  const [typed, setTyped] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus(), []);

  const judgement = stale ? null : view.judgement;
  const failed = judgement !== null && judgement.outcome !== "pass";

  const keep = (event: FormEvent) => {
    event.preventDefault();
    const read = parseReading(typed, step.expected.unit);
    if (!read.ok) {
      setFault(readFaultText(read.fault));
      return;
    }
    setFault(null);
    const made = judge(step, read.value);
    job.change(
      `Read ${typed.trim()} at ${stepTitle(step)}`,
      (person) => [
        insertOp("reading", {
          id: nanoid(),
          stepKey: step.key,
          written: typed.trim().slice(0, 40),
          value: read.value,
          outcome: made.outcome,
          verdict: verdictText(made, step),
          basis: basisOf(step),
          unit: step.expected.unit,
          meter: meterText(step),
          source: "typed",
          uncertainty: readingUncertainty(typed, step.expected.unit),
          person,
          takenAt: new Date().toISOString(),
        }),
      ],
      { quiet: true },
    );
    setTyped("");
    if (made.outcome === "pass") onNext();
  };

  const { nominal } = step.expected;
  const why = stepWhy(step, job.document.job.units);
  return (
    <section tabIndex={0} className="flex min-w-0 flex-col gap-3.5 overflow-auto p-6 max-lg:p-4" aria-label="Step">
      <h2 className="text-2xl leading-tight">{stepTitle(step)}</h2>
      <Caution>{CAUTIONS[step.caution]}</Caution>
      <div className="grid grid-cols-2 gap-3.5 max-lg:grid-cols-1">
        <ProbeBox name="Red probe" probe={step.red} />
        <ProbeBox name="Black probe" probe={step.black} />
      </div>
      <div className="grid grid-cols-3 divide-x-[1.5px] divide-ink border-[1.5px] border-ink max-lg:grid-cols-2">
        <div className="p-4">
          <h3 className="mb-2 text-[13px] font-semibold text-ink2">Meter and key</h3>
          <p className="text-[17px] leading-snug font-semibold">{meterText(step)}</p>
          <p className="mt-1">{stepKey(step)}</p>
        </div>
        <div className="p-4">
          <h3 className="mb-2 text-[13px] font-semibold text-ink2">Expected</h3>
          <p className="text-[44px] leading-none">
            <NumberWithOrigin
              label="Expected"
              assumed={step.basis.type === "wires" && step.basis.assumed}
              origin={<p>{why}.</p>}
            >
              {nominal === null ? "OL" : step.expected.unit === "Ω" ? ohms(nominal) : digits(nominal)}
            </NumberWithOrigin>
          </p>
          <p className="mt-2 text-[13px] text-ink2">{expectedText(step.expected)}</p>
        </div>
        <form
          onSubmit={keep}
          noValidate
          className="bg-fill p-4 max-lg:col-span-2 max-lg:border-t-[1.5px] max-lg:border-ink"
        >
          <label className="text-[13px] font-semibold text-ink2">
            You read
            <span className="mt-2 flex items-center gap-2">
              <input
                ref={input}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                inputMode="text"
                autoComplete="off"
                aria-invalid={fault !== null}
                aria-describedby="reading-state"
                placeholder={latest?.written ?? "…"}
                className={`h-12 w-full min-w-0 border-b-2 border-ink bg-transparent font-mono text-[32px] text-ink ${failed ? "placeholder:text-stop" : "placeholder:text-ink2"}`}
              />
              <Button type="submit" primary disabled={typed.trim() === ""}>
                Keep
              </Button>
            </span>
          </label>
          <p
            id="reading-state"
            role="status"
            className={`mt-2 min-h-5 font-semibold ${fault !== null || failed ? "text-stop" : ""}`}
          >
            {fault ??
              (stale
                ? "The plan has changed since it was read: read it again"
                : judgement === null
                  ? ""
                  : `${judgement.outcome === "pass" ? "Passes" : judgement.outcome === "stop" ? "Stop" : "Fails"}: ${verdictText({ ...judgement, outcome: "fail" }, step)}`)}
          </p>
          {latest !== null && (
            <p className="text-[13px] text-ink2">
              {latest.written} {uncertaintyText(latest.uncertainty, latest.unit)} by {latest.person},{" "}
              <time dateTime={latest.takenAt} suppressHydrationWarning>
                {new Date(latest.takenAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
              </time>
              {view.attempts > 1 ? `, attempt ${view.attempts}` : ""}
            </p>
          )}
        </form>
      </div>
      <p>
        <strong>Why.</strong> {why}.
      </p>
      <p>
        <strong>Stop.</strong> {stepStop(step)}
      </p>
      {failed && <Causes step={step} judgement={judgement} />}
    </section>
  );
}

/** What may be behind a reading that fails: by the plan's structure, the other readings, and each single fault that the solved plan finds for it. */
function Causes({ step, judgement }: { step: Step; judgement: Judgement }) {
  const job = useJob();
  const faults = useElementFaults(step, judgement.value);
  const outcomes = new Map(
    job.steps.flatMap((one) =>
      one.judgement === null || one.stale ? [] : [[one.step.key, one.judgement.outcome] as const],
    ),
  );
  const causes = likelyCauses(step, judgement, {
    lines: job.plan.lines,
    steps: job.steps.map((one) => one.step),
    outcomes,
    faults: faults ?? [],
  });
  if (causes.length === 0) return null;
  return (
    <section aria-label="Likely causes">
      <h3 className="mb-1 font-bold">Likely causes</h3>
      <ol>
        {causes.map((cause) => {
          const { text, because, next } = causeWords(cause, step);
          return (
            <li
              key={text}
              className="grid grid-cols-[64px_1fr] items-center gap-3 border-b border-rule py-2 last:border-b-0"
            >
              <span className="h-2.5 bg-rule" aria-hidden="true">
                <span className="block h-2.5 bg-ink" style={{ width: `${Math.round(cause.share * 100)}%` }} />
              </span>
              <span>
                <strong className="font-semibold">{text}</strong>
                {because !== "" && <span className="text-[13px] text-ink2"> {because}</span>}
                <span className="block text-[13px]">Next: {next}</span>
              </span>
            </li>
          );
        })}
      </ol>
      <p role="status" className="mt-1 text-[13px] text-ink2">
        {faults === null
          ? "Solving each single fault …"
          : "Ranked by our own judgement, your other readings and the solved plan; not odds."}
      </p>
    </section>
  );
}

/** Single faults that would give this reading by the solved plan; null until it has answered. Only volts against the battery are solved. */
function useElementFaults({ red, expected, keyState }: Step, value: number | null): readonly ElementFault[] | null {
  const { askFaults, power } = useJob();
  const pinId = red.at.type === "cavity" && expected.unit === "V" ? red.at.pinId : null;
  const [found, setFound] = useState<readonly ElementFault[] | null>(null);
  useEffect(() => {
    let current = true;
    if (pinId === null || keyState === "battery-off") {
      setFound([]);
      return;
    }
    void askFaults(pinId, keyState, value ?? 0).then((answer) => current && setFound(answer));
    return () => {
      current = false;
    };
  }, [pinId, keyState, value, askFaults, power]);
  return found;
}

/** A relay's socket is of neither harness, as the battery's posts are. */
const sideOf = ({ at }: Probe) => (at.type === "cavity" ? at.side : "battery");

function ProbeBox({ name, probe }: { name: string; probe: Probe }) {
  const view = useJob().pinById.get(probe.at.type === "cavity" ? probe.at.pinId : "");
  return (
    <div className="min-w-0 border-[1.5px] border-ink px-3.5 py-2.5">
      <p className="font-bold">{name}</p>
      <p className="my-1.5 flex flex-wrap items-center gap-x-2.5 gap-y-1">
        <Plate side={sideOf(probe)} label={probeLabel(probe)} />
        {view !== undefined && (
          <Wire colour={view.row.colour} base={view.row.colourBase} tracer={view.row.colourTracer} />
        )}
      </p>
      <p className="text-[13px] break-words text-ink2">{probeWhere(probe)}</p>
    </div>
  );
}
