"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useEffect, useRef, useState } from "react";
import type { Explanation } from "@/core/power";
import { basisOf, CAUTIONS, expectedText, judge, type KeyState, likelyCauses, type Probe, parseReading } from "@/core/proving";
import { plain, plainOhms } from "@/core/signals";
import { insertOp } from "@/job/ops";
import { Button } from "@/ui/controls";
import { NumberWithOrigin } from "@/ui/origin";
import { Plate } from "@/ui/plate";
import { Caution } from "@/ui/states";
import { Wire } from "@/ui/wire";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

const KEY_WORDS = { "battery off": "Battery disconnected", off: "Key off", accessory: "Key to accessory", run: "Key to run", crank: "Key to crank, hold 3 s" } as const;

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
  const causes = failed
    ? likelyCauses(step, judgement, { lines: job.plan.lines, steps: job.steps.map((one) => one.step), outcomes: new Map(job.steps.flatMap((one) => (one.judgement === null || one.stale ? [] : [[one.step.key, one.judgement.outcome] as const]))) })
    : [];

  const keep = (event: FormEvent) => {
    event.preventDefault();
    const read = parseReading(typed, step.expected.unit);
    if (!read.ok) {
      setFault(read.message);
      return;
    }
    setFault(null);
    const made = judge(step, read.value);
    job.change(`Read ${typed.trim()} at ${step.title}`, (person) => [insertOp("reading", {
      id: nanoid(), stepKey: step.key, written: typed.trim().slice(0, 40), value: read.value, outcome: made.outcome, verdict: made.verdict, basis: basisOf(step),
      person, takenAt: new Date().toISOString(),
    })], { quiet: true });
    setTyped("");
    if (made.outcome === "pass") onNext();
  };

  const { nominal } = step.expected;
  return (
    <section tabIndex={0} className="flex min-w-0 flex-col gap-3.5 overflow-auto p-6 max-lg:p-4" aria-label="Step">
      <h2 className="text-2xl leading-tight">{step.title}</h2>
      <Caution>{CAUTIONS[step.caution]}</Caution>
      <div className="grid grid-cols-2 gap-3.5 max-lg:grid-cols-1">
        <ProbeBox name="Red probe" probe={step.red} /><ProbeBox name="Black probe" probe={step.black} />
      </div>
      <div className="grid grid-cols-3 divide-x-[1.5px] divide-ink border-[1.5px] border-ink max-lg:grid-cols-2">
        <div className="p-4"><h3 className="mb-2 text-[13px] font-semibold text-ink2">Meter and key</h3><p className="text-[17px] leading-snug font-semibold">{step.meter}</p><p className="mt-1">{KEY_WORDS[step.keyState]}</p></div>
        <div className="p-4">
          <h3 className="mb-2 text-[13px] font-semibold text-ink2">Expected</h3>
          <p className="text-[44px] leading-none"><NumberWithOrigin label="Expected" assumed={step.why.includes("assumed")} origin={<p>{step.why}</p>}>{nominal === null ? "OL" : step.expected.unit === "Ω" ? plainOhms(nominal) : plain(nominal)}</NumberWithOrigin></p>
          <p className="mt-2 text-[13px] text-ink2">{expectedText(step.expected)}</p>
        </div>
        <form onSubmit={keep} noValidate className="bg-fill p-4 max-lg:col-span-2 max-lg:border-t-[1.5px] max-lg:border-ink">
          <label className="text-[13px] font-semibold text-ink2">You read
            <span className="mt-2 flex items-center gap-2"><input ref={input} value={typed} onChange={(event) => setTyped(event.target.value)} inputMode="text" autoComplete="off" aria-invalid={fault !== null} aria-describedby="reading-state" placeholder={latest?.written ?? "…"} className={`h-12 w-full min-w-0 border-b-2 border-ink bg-transparent font-mono text-[32px] text-ink ${failed ? "placeholder:text-stop" : "placeholder:text-ink2"}`} /><Button type="submit" primary disabled={typed.trim() === ""}>Keep</Button></span>
          </label>
          <p id="reading-state" role="status" className={`mt-2 min-h-5 font-semibold ${fault !== null || failed ? "text-stop" : ""}`}>{fault ?? (stale ? "The plan has changed since it was read: read it again" : judgement === null ? "" : `${judgement.outcome === "pass" ? "Passes" : judgement.outcome === "stop" ? "Stop" : "Fails"}: ${judgement.verdict.replace("Stop: ", "")}`)}</p>
          {latest !== null && <p className="text-[13px] text-ink2">{latest.written} by {latest.person}, <time dateTime={latest.takenAt} suppressHydrationWarning>{new Date(latest.takenAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}</time>{view.attempts > 1 ? `, attempt ${view.attempts}` : ""}</p>}
        </form>
      </div>
      <p><strong>Why.</strong> {step.why.replace(/\.$/, "")}.</p>
      <p><strong>Stop for.</strong> {step.stopFor}</p>
      {failed && step.red.pinId !== null && step.expected.unit === "V" && step.keyState !== "battery off" && <Elements pinId={step.red.pinId} state={step.keyState} volts={judgement.value ?? 0} />}
      {causes.length > 0 && (
        <section aria-label="What explains it">
          <h3 className="mb-1 font-bold">What explains it</h3>
          <ol>
            {causes.map((cause) => (
              <li key={cause.text} className="grid grid-cols-[64px_1fr] items-center gap-3 border-b border-rule py-2 last:border-b-0">
                <span className="h-2.5 bg-rule" aria-hidden="true"><span className="block h-2.5 bg-ink" style={{ width: `${Math.round(cause.share * 100)}%` }} /></span>
                <span><strong className="font-semibold">{cause.text}</strong>{cause.because !== "" && <span className="text-[13px] text-ink2"> {cause.because}</span>}<span className="block text-[13px]">Next: {cause.next}</span></span>
              </li>
            ))}
          </ol>
          <p className="mt-1 text-[13px] text-ink2">Ranked by our own judgement and your other readings; not odds.</p>
        </section>
      )}
    </section>
  );
}

/** Elements of the solved plan whose single fault would bring this reading about. */
function Elements({ pinId, state, volts }: { pinId: string; state: Exclude<KeyState, "battery off">; volts: number }) {
  const job = useJob();
  const [found, setFound] = useState<readonly Explanation[] | null>(null);
  useEffect(() => {
    let current = true;
    void job.askExplain(pinId, state, volts).then((answer) => current && setFound(answer));
    return () => { current = false; };
  }, [pinId, state, volts, job.power]);
  if (found === null) return <p role="status" className="text-ink2">Looking for what would explain it …</p>;
  return (
    <section aria-label="Elements that would explain it">
      <h3 className="mb-1 font-bold">Elements that would explain it</h3>
      {found.length === 0 ? <p className="text-[13px]">No single open or poor joint on its path gives {volts.toFixed(2)} V: look for two faults, crossed cavities or another feed.</p> : (
        <ul>{found.map((one) => <li key={one.name} className="grid grid-cols-[minmax(0,1fr)_auto] gap-3 border-b border-rule py-1.5 last:border-b-0"><span><strong className="font-semibold">{one.name}</strong> {one.fault === "resistance" ? `with ${plainOhms(one.ohms ?? 0)}` : FAULT_WORDS[one.fault]}</span><span className="font-mono text-[13px]">{one.volts === null ? "floats" : `${one.volts.toFixed(2)} V`}</span></li>)}</ul>
      )}
      <p className="mt-1 text-[13px] text-ink2">Each solved through the plan: what the meter would show with this one fault.</p>
    </section>
  );
}

const FAULT_WORDS = { open: "open", blown: "blown or missing", "stuck-open": "not closing", resistance: "" } as const;

function ProbeBox({ name, probe }: { name: string; probe: Probe }) {
  const view = useJob().pinById.get(probe.pinId ?? "");
  return (
    <div className="min-w-0 border-[1.5px] border-ink px-3.5 py-2.5">
      <p className="font-bold">{name}</p>
      <p className="my-1.5 flex flex-wrap items-center gap-x-2.5 gap-y-1"><Plate side={probe.side} label={probe.label} />{view !== undefined && <Wire colour={view.row.colour} base={view.row.colourBase} tracer={view.row.colourTracer} />}</p>
      <p className="text-[13px] break-words text-ink2">{probe.where}</p>
    </div>
  );
}
