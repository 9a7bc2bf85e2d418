"use client";

import Link from "next/link";
import { useState } from "react";
import { isProposed, type Probe, type Step } from "@/core/proving";
import {
  CAUTIONS,
  digits,
  expectedText,
  meterText,
  ohms,
  probeLabel,
  probeWhere,
  standingText,
  stepKey,
  stepStop,
  stepTitle,
  stepWhy,
} from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { NumberWithOrigin } from "@/ui/origin";
import { Plate } from "@/ui/plate";
import { Caution } from "@/ui/states";
import { Wire } from "@/ui/wire";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { LikelyCauses } from "./likely-causes";
import { OneCrank } from "./one-crank";
import { ReadingForm } from "./reading-form";

interface Props {
  readonly view: StepView;
  readonly onNext: () => void;
  readonly onGo: (stepKey: string) => void;
}

/**
 * One step, to be read from two metres: what, where, how, what to expect, what was read, and what explains a failure.
 */
export function StepPanel({ view, onNext, onGo }: Props) {
  const { step } = view;
  const judgement = view.stale ? null : view.judgement;
  const standing = standingText(step);
  const why = stepWhy(step, useJob().document.job.units);
  return (
    <section tabIndex={0} className="flex min-w-0 flex-col gap-3.5 overflow-auto p-6 max-lg:p-4" aria-label="Step">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-2xl leading-tight">{stepTitle(step)}</h2>
        {standing !== null && <span className="font-semibold text-ink2">{standing}</span>}
      </div>
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
        <Expected step={step} why={why} />
        <Reading view={view} onNext={onNext} onGo={onGo} />
      </div>
      <p>
        <strong>Why.</strong> {why}.
      </p>
      <p>
        <strong>Stop.</strong> {stepStop(step)}
      </p>
      {judgement !== null && judgement.outcome !== "pass" && <LikelyCauses step={step} judgement={judgement} />}
    </section>
  );
}

/** Where the reading is typed; or why it is not the time for it. */
function Reading({ view, onNext, onGo }: Props) {
  const { step, gate } = view;
  if (isProposed(step)) return <ProposedOnly lineKey={step.lineKey} />;
  if (gate !== null) return <NotYet gate={gate} onGo={() => onGo(gate.key)} />;
  return (
    <div className="bg-fill p-4 max-lg:col-span-2 max-lg:border-t-[1.5px] max-lg:border-ink">
      <ReadingForm view={view} onPass={onNext} />
      {step.keyState === "crank" && <CrankTogether />}
    </div>
  );
}

/** All that is read while cranking, in one crank. */
function CrankTogether() {
  const { steps } = useJob();
  const [open, setOpen] = useState(false);
  const cranked = steps.filter(({ step, gate }) => step.keyState === "crank" && gate === null && !isProposed(step));
  if (cranked.length < 2) return null;
  return (
    <>
      <Button className="mt-1 -ml-1.5" onClick={() => setOpen(true)}>
        Read {cranked.length} in one crank
      </Button>
      {open && <OneCrank views={cranked} onClose={() => setOpen(false)} />}
    </>
  );
}

/** A link that nobody has accepted is not made. */
function ProposedOnly({ lineKey }: { lineKey: string | null }) {
  const { jobId } = useJob();
  return (
    <div className="bg-fill p-4 max-lg:col-span-2 max-lg:border-t-[1.5px] max-lg:border-ink">
      <h3 className="mb-2 text-[13px] font-semibold text-ink2">Proposed only</h3>
      <p>Nobody has accepted this link yet: it is not made, and cannot be read.</p>
      <p className="mt-3">
        <Link
          className={`-ml-1.5 ${buttonLook()}`}
          href={`/jobs/${jobId}/map?line=${encodeURIComponent(lineKey ?? "")}`}
        >
          To its link
        </Link>
      </p>
    </div>
  );
}

/** What must be proven before this may be read. */
function NotYet({ gate, onGo }: { gate: Step; onGo: () => void }) {
  return (
    <div className="bg-fill p-4 max-lg:col-span-2 max-lg:border-t-[1.5px] max-lg:border-ink">
      <h3 className="mb-2 text-[13px] font-semibold text-ink2">Not yet</h3>
      <p>
        Before it: <strong>{stepTitle(gate)}</strong>
      </p>
      <p className="mt-1 text-[13px] text-ink2">
        {gate.group === "before-power"
          ? "Nothing is connected to the battery before what can be read without it is proven."
          : "Nobody cranks before the feeds and grounds are proven with the key in run."}
      </p>
      <p className="mt-3">
        <Button onClick={onGo}>Go to it</Button>
      </p>
    </div>
  );
}

function Expected({ step, why }: { step: Step; why: string }) {
  const { nominal, unit } = step.expected;
  return (
    <div className="p-4">
      <h3 className="mb-2 text-[13px] font-semibold text-ink2">Expected</h3>
      <p className="text-[44px] leading-none">
        <NumberWithOrigin
          label="Expected"
          assumed={(step.basis.type === "wires" && step.basis.assumed) || step.basis.type === "usual-coil"}
          origin={<p>{why}.</p>}
        >
          {nominal === null
            ? step.expected.openIsRight
              ? "OL"
              : expectedText(step.expected)
            : unit === "Ω"
              ? ohms(nominal)
              : digits(nominal)}
        </NumberWithOrigin>
      </p>
      <p className="mt-2 text-[13px] text-ink2">{expectedText(step.expected)}</p>
    </div>
  );
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
