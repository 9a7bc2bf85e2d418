"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { type FunctionLine, type Line, notGiven } from "@/core/plan";
import type { Finding, WayProof } from "@/core/power";
import {
  cavityLabel,
  chainText,
  FUNCTION_STATE_WORDS,
  findingTitle,
  findingWhy,
  functionSentence,
  lineText,
  mapFunctionName,
  optionText,
  restsOnText,
  sizeText,
  staleText,
  VERDICT_WORDS,
} from "@/core/words";
import { keepOps } from "@/job/triage-ops";
import { Button, buttonLook } from "@/ui/controls";
import { Lane, StateMark } from "@/ui/marks";
import { Caution } from "@/ui/states";
import { Wire } from "@/ui/wire";
import { CavityPlate } from "../cavity/cavity-plate";
import { CircuitDiagram } from "../diagram/circuit-diagram";
import { MissingFacts } from "../facts/missing-facts";
import { useJob } from "../shell/job-provider";
import { ConflictSection } from "./conflict-section";
import { CureList } from "./cure-list";
import { FUNCTION_MARKS } from "./function-marks";
import { GapSection } from "./gap-section";
import { laneKind, lineState } from "./line-words";
import { OnTheVehicle } from "./on-the-vehicle";
import { Proof } from "./proof";
import { RelaySection } from "./relay-section";
import { type Acceptance, acceptedFunction } from "./use-acceptance";
import { acceptNow, type Decide, decideWay, isByHand, isToDecide } from "./use-decide";
import { alikeGaps, canBeDropped } from "./use-functions";
import { offeredWay, type Proofs } from "./use-proofs";

interface Props {
  readonly told: FunctionLine;
  readonly decide: Decide;
  readonly onOpenLine: (key: string) => void;
  readonly onOther: (pinId: string) => void;
  readonly proofs: Proofs;
  /** What was last seen of it on the vehicle. */
  readonly seen: Acceptance | undefined;
  /** The list beside it is hidden. */
  readonly isWide: boolean;
  readonly onWide: (isWide: boolean) => void;
}

/** A function: who serves whom, what is missing with its field, what can be done, and what stays as it is. */
export function FunctionPane({ told, seen, proofs, decide, onOpenLine, onOther, isWide, onWide }: Props) {
  const job = useJob();
  const name = mapFunctionName(told.key);
  const isWanted = told.state !== "not-wanted";
  const drawn = useMemo(
    () => ({ of: { type: "function", key: told.key } as const, name, lines: told.lines }),
    [told.key, told.lines, name],
  );
  const [isDrawn, setDrawn] = useState(told.lines.length <= MOST_DRAWN);
  const next = told.lines.find(isToDecide);
  const missing = told.lines.flatMap((line) => (line.state === "open" ? line.options[0].missing : []));
  return (
    <section aria-label={name} tabIndex={0} className="min-h-0 overflow-auto">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-4 py-3">
        <h2 className="wide text-xl">{name}</h2>
        <span className={`flex items-center gap-1.5 font-semibold ${told.state === "cannot" ? "text-stop" : ""}`}>
          <StateMark mark={FUNCTION_MARKS[told.state]} />
          {FUNCTION_STATE_WORDS[told.state]}
        </span>
        <span className="flex-1" />
        {canBeDropped(told) && (
          <Button
            hotkey={isWanted ? "X" : undefined}
            onClick={() =>
              job.change(
                `${name}: ${isWanted ? "not wanted" : "wanted again"}`,
                keepOps(job.document, [told.key], !isWanted),
              )
            }
          >
            {isWanted ? "Not wanted" : "Wanted again"}
          </Button>
        )}
        {told.state === "whole" && <OnTheVehicle accepted={acceptedFunction(told)} name={name} seen={seen} />}
        {told.lack?.type === "finding" && <FoundInPlan finding={told.lack.finding} />}
        <p className="w-full text-ink2">{functionSentence(told.lines, told.gaps.length, told.staying, told.relays)}</p>
      </header>
      {told.key === "security" && (
        <div className="px-4 pt-3">
          <Caution>
            Anti-theft parts are planned here for those entitled to the vehicle, with proof of ownership and where the
            law permits. No way around one is given.
          </Caution>
        </div>
      )}
      {isWanted && missing.length > 0 && (
        <div className="border-b border-rule bg-fill px-4 py-3">
          <MissingFacts missing={missing} />
        </div>
      )}
      {isWanted &&
        alikeGaps(told.gaps).map((gaps) => (
          <GapSection
            key={gaps[0].pin.id}
            gaps={gaps}
            isFirst={gaps[0] === told.gaps.find(({ chosen }) => chosen === null)}
            onOther={onOther}
          />
        ))}
      {isWanted && told.conflicts.length > 0 && <ConflictSection conflicts={told.conflicts} />}
      {isWanted && told.relays.length > 0 && <RelaySection told={told} />}
      {told.lines.length > 0 && (
        <ul aria-label={`Links of ${name}`}>
          {told.lines.map((line) => (
            <LinkItem
              key={line.key}
              line={line}
              isNext={line === next}
              proofs={proofs}
              toldAbove={told.lack?.type === "finding" ? told.lack.finding.key : null}
              decide={decide}
              onOpen={() => onOpenLine(line.key)}
            />
          ))}
        </ul>
      )}
      {isWanted && (
        <div className="p-4">
          {isDrawn ? (
            <CircuitDiagram drawn={drawn} isWide={isWide} onWide={onWide} />
          ) : (
            <Button onClick={() => setDrawn(true)}>Draw the circuit</Button>
          )}
        </div>
      )}
      {told.staying > 0 && told.lines.length + told.gaps.length > 0 && (
        <p className="px-4 py-3 text-[13px] text-ink2">
          {told.staying} more {told.staying === 1 ? "cavity stays with its" : "cavities stay with their"} own side.
        </p>
      )}
    </section>
  );
}

/** The solved plan says that it will not do: why, and its cures, each solved before it is offered. */
function FoundInPlan({ finding }: { finding: Finding }) {
  const { jobId, document } = useJob();
  const { units } = document.job;
  return (
    <section aria-label="Found in the solved plan" className="w-full text-[13px]">
      <p>
        <strong className="text-stop">{findingTitle(finding, units)}.</strong> {findingWhy(finding, units)}{" "}
        <Link href={`/jobs/${jobId}/power?finding=${encodeURIComponent(finding.key)}`} className={buttonLook()}>
          Path and readings
        </Link>
      </p>
      <CureList finding={finding} isFirst />
    </section>
  );
}

/** A function of so many links is drawn at once; one of more when it is asked for. */
const MOST_DRAWN = 4;

interface LinkItemProps {
  readonly line: Line;
  /** The key works on this one. */
  readonly isNext: boolean;
  readonly proofs: Proofs;
  /** The finding that stands in the head already. */
  readonly toldAbove: string | null;
  readonly decide: Decide;
  readonly onOpen: () => void;
}

/** One link of it, donor left and host right; its ways open in their place. */
function LinkItem({ line, isNext, proofs, toldAbove, decide, onOpen }: LinkItemProps) {
  const [isShown, setShown] = useState(false);
  const state = lineState(line);
  const offered = offeredWay(line, proofs);
  const told = proofs.get(line.key) ?? [];
  const proof = told[line.options.indexOf(offered ?? line.options[0])] ?? null;
  const found = proof?.findings[0];
  const [donor, host] =
    line.provider.side === "donor" ? [line.provider, line.consumer] : [line.consumer, line.provider];
  const toDecide = isToDecide(line);
  const rests = line.state === "refused" ? null : restsOnText(notGiven(line));
  return (
    <li className="border-b border-rule px-4 py-2.5">
      <div className="grid grid-cols-[minmax(0,1fr)_140px_minmax(0,1fr)] items-center gap-3">
        <End id={donor.id} />
        <span className="flex flex-col items-center">
          <Lane kind={laneKind(line)} />
          <span className="narrow line-clamp-2 text-center text-[13px] leading-tight">
            {line.state === "refused" ? "refused" : chainText((toDecide ? offered : line)?.adapters ?? line.adapters)}
          </span>
        </span>
        <End id={host.id} isHost />
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-3">
        <span className={`flex items-center gap-1.5 font-semibold ${state.bad ? "text-stop" : ""}`}>
          <StateMark mark={state.mark} />
          {state.word}
        </span>
        <span className="min-w-0 flex-1 basis-72 text-[13px] text-ink2">
          {staleText(line) ?? (offered === null || !toDecide ? lineText(line) : optionText(offered, line))}
          {offered !== null && !isShown && <Proof proof={proof} />}
          {rests !== null && <span className="block">{rests}</span>}
        </span>
        {toDecide && offered !== null && (
          <Button hotkey={isNext ? "Y" : undefined} onClick={() => acceptNow(line, offered, decide)}>
            {line.stale ? "Use what is proposed now" : isByHand(offered) ? "Decide by hand" : "Accept"}
            <span className="hidden-text"> {nameOf(line)}</span>
          </Button>
        )}
        {toDecide && offered === null && (
          <Button hotkey={isNext ? "B" : undefined} onClick={() => decideWay(line, line.options[0], decide, true)}>
            Use all the same, by hand<span className="hidden-text"> {nameOf(line)}</span>
          </Button>
        )}
        {line.options.length > 1 && (
          <Button aria-expanded={isShown} onClick={() => setShown(!isShown)}>
            {isShown ? "Hide ways" : `${line.options.length} ways`}
            <span className="hidden-text"> of {nameOf(line)}</span>
          </Button>
        )}
        <Button onClick={onOpen}>
          Circuit<span className="hidden-text"> of {nameOf(line)}</span>
        </Button>
      </div>
      {offered === null && proof !== null && (
        <div className="text-[13px]">
          {!isShown && <Proof proof={proof} />}
          {found !== undefined && found.key !== toldAbove && <CureList finding={found} isFirst={isNext} />}
        </div>
      )}
      {isShown && <Ways line={line} told={told} decide={decide} />}
    </li>
  );
}

/** A cavity with its wire and what its paper says. */
function End({ id, isHost = false }: { id: string; isHost?: boolean }) {
  const { pinById, document } = useJob();
  const pin = pinById.get(id);
  if (pin === undefined) return <span />;
  const { colour, colourBase, colourTracer, sizeMm2, description } = pin.row;
  return (
    <span className={`min-w-0 ${isHost ? "text-right" : ""}`}>
      <span className={`flex flex-wrap items-center gap-x-2 ${isHost ? "flex-row-reverse" : ""}`}>
        <CavityPlate pin={pin} />
        <Wire colour={colour} base={colourBase} tracer={colourTracer} flip={isHost} />
        <span className="font-mono text-[13px] text-ink2">{sizeText(sizeMm2, document.job.units)}</span>
      </span>
      <span className="block truncate text-[13px] text-ink2" title={description ?? ""}>
        {description}
      </span>
    </span>
  );
}

const nameOf = ({ provider, consumer }: Line) => `${cavityLabel(provider)} to ${cavityLabel(consumer)}`;

/** The ways across, the cheapest first, each with why and its time. */
function Ways({ line, told, decide }: { line: Line; told: readonly (WayProof | null)[]; decide: Decide }) {
  return (
    <ol className="mt-1 border-t border-rule">
      {line.options.map((option, at) => (
        <li
          key={`${option.verdict} ${chainText(option.adapters)}`}
          className="grid grid-cols-[20px_minmax(0,1fr)_64px_auto] items-center gap-2 border-b border-rule text-[13px] last:border-b-0"
        >
          <span className="font-mono">{at + 1}</span>
          <span className="py-1.5">
            <span className="font-semibold">{chainText(option.adapters) || VERDICT_WORDS[option.verdict]}</span>
            <span className="block text-ink2">{optionText(option, line)}</span>
            <Proof proof={told[at] ?? null} />
          </span>
          <span className="text-right font-mono">{option.minutes} min</span>
          <Button onClick={() => decideWay(line, option, decide, told[at]?.verdict === "fails")}>
            {told[at]?.verdict === "fails" ? "Use all the same" : "Use"}
          </Button>
        </li>
      ))}
    </ol>
  );
}
