"use client";

import { type ReactNode, useEffect, useRef, useState } from "react";
import type { Line } from "@/core/plan";
import type { WayProof } from "@/core/power";
import { ADAPTER_TYPES, type AdapterType, type LinkOption, parseAdapter } from "@/core/signals";
import { ADAPTER_WORDS, arithmeticText, chainText, lineText, VERDICT_WORDS } from "@/core/words";
import { type Choice, noteOps, reopenOps } from "@/job/decide";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { CavityPlate } from "../cavity/cavity-plate";
import { MissingFacts } from "../facts/missing-facts";
import { useJob } from "../shell/job-provider";
import { AdapterFields } from "./adapter-fields";
import { ChainDrawing } from "./chain-drawing";
import { Proof } from "./proof";
import { acceptNow, type Decide, decideWay, isByHand } from "./use-decide";
import { offeredWay, type Proofs } from "./use-proofs";

interface Props {
  readonly line: Line;
  readonly decide: Decide;
  readonly proofs: Proofs;
  readonly onOther: () => void;
}

/** A line opened in its place: the circuit, the arithmetic, the other ways, and what can be decided. */
export function LineDetail({ line, decide, proofs, onOther }: Props) {
  const option = line.options.find((one) => isChosen(one, line)) ?? line.options[0];
  const told = proofs.get(line.key) ?? [];
  const use = (other: LinkOption) =>
    decideWay(line, other, decide, told[line.options.indexOf(other)]?.verdict === "fails");
  return (
    <section
      ref={useInSight()}
      aria-label="Opened line"
      className="border-b-[1.5px] border-ink bg-fill shadow-[inset_4px_0_0_var(--ink)]"
    >
      <div className="grid grid-cols-[1.25fr_1.1fr_1fr] divide-x divide-rule border-b border-rule max-lg:grid-cols-2">
        <Third title="Circuit">
          <ChainDrawing line={line} />
        </Third>
        <Third title="Arithmetic">
          <MissingFacts missing={option.missing} />
          <Arithmetic option={option} />
        </Third>
        <Third title="Options" last>
          <Options line={line} told={told} onUse={use} />
        </Third>
      </div>
      <div className="space-y-3 p-4">
        <p className="flex flex-wrap items-center gap-3">
          <Ends line={line} />
        </p>
        <p className="max-w-4xl">{lineText(line)}</p>
        {(line.quantity === "security-data" || line.quantity === "key-reader") && (
          <Caution>
            Anti-theft parts are planned here for those entitled to the vehicle, with proof of ownership and where the
            law permits. No way around one is given.
          </Caution>
        )}
        {line.decision !== null && line.state === "decided" && <AdapterFields decision={line.decision} />}
        <div className="flex flex-wrap items-end gap-2">
          <Decisions line={line} decide={decide} offered={offeredWay(line, proofs)} onUse={use} />
          <Button onClick={onOther}>Other counterpart</Button>
          <ByHand line={line} decide={decide} />
          <DecisionNote line={line} />
        </div>
      </div>
    </section>
  );
}

/** The two cavities, each with all that is known of it one key away. */
function Ends({ line: { provider, consumer } }: Pick<Props, "line">) {
  const { pinById } = useJob();
  return [provider, consumer].flatMap(({ id }) => {
    const pin = pinById.get(id);
    return pin === undefined ? [] : [<CavityPlate key={id} pin={pin} />];
  });
}

/** Brings what was opened into sight as a whole, its decisions among it. */
function useInSight() {
  const opened = useRef<HTMLElement>(null);
  // The list has put it in its place only after it is drawn.
  useEffect(() => {
    const timer = setTimeout(() => opened.current?.scrollIntoView({ block: "nearest" }), 50);
    return () => clearTimeout(timer);
  }, []);
  return opened;
}

const isChosen = (option: LinkOption, line: Line) => JSON.stringify(option.adapters) === JSON.stringify(line.adapters);

function Third({ title, last = false, children }: { title: string; last?: boolean; children: ReactNode }) {
  return (
    <div className={`min-w-0 p-4 ${last ? "max-lg:col-span-2 max-lg:border-t max-lg:border-rule" : ""}`}>
      <h3 className="mb-2 text-[13px] font-semibold">{title}</h3>
      {children}
    </div>
  );
}

function Arithmetic({ option }: { option: LinkOption }) {
  return (
    <>
      <dl className="space-y-1 font-mono text-[13px]">
        {option.arithmetic.map(arithmeticText).map((one, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the lines of one reckoning keep their order
          <div key={at} className="break-words">
            <dt className="inline text-ink2">{one.label} </dt>
            <dd className="inline font-medium">{one.text}</dd>
          </div>
        ))}
      </dl>
      {option.arithmetic.length === 0 && (
        <p className="text-[13px] text-ink2">Nothing can be computed from the facts in the pin tables.</p>
      )}
    </>
  );
}

interface OptionsProps {
  readonly line: Line;
  readonly told: readonly (WayProof | null)[];
  readonly onUse: (option: LinkOption) => void;
}

function Options({ line, told, onUse }: OptionsProps) {
  return (
    <ol>
      {line.options.map((option, at) => (
        <li
          key={`${option.verdict} ${chainText(option.adapters)}`}
          className="grid grid-cols-[20px_1fr_auto] items-center gap-2 border-b border-rule py-1.5 text-[13px] last:border-b-0"
        >
          <span className="font-mono">{at + 1}</span>
          <span className="min-w-0">
            {chainText(option.adapters) || VERDICT_WORDS[option.verdict]}
            <span className="block text-ink2">about {option.minutes} min</span>
            <Proof proof={told[at] ?? null} />
          </span>
          {line.state === "decided" && isChosen(option, line) ? (
            <span className="font-semibold">chosen</span>
          ) : (
            <Button onClick={() => onUse(option)} aria-label={`Use adapter ${at + 1}`}>
              Use
            </Button>
          )}
        </li>
      ))}
    </ol>
  );
}

interface DecisionsProps extends Pick<Props, "line" | "decide"> {
  /** Null where each way fails in the solved plan. */
  readonly offered: LinkOption | null;
  readonly onUse: (option: LinkOption) => void;
}

function Decisions({ line, decide, offered, onUse }: DecisionsProps) {
  const job = useJob();
  const { decision } = line;
  return (
    <>
      {line.state !== "decided" && offered !== null && (
        <Button primary hotkey="Y" onClick={() => acceptNow(line, offered, decide)}>
          {isByHand(offered) ? "Decide by hand" : "Accept"}
        </Button>
      )}
      {line.state !== "decided" && offered === null && (
        <Button hotkey="B" onClick={() => decideWay(line, line.options[0], decide, true)}>
          Use all the same, by hand
        </Button>
      )}
      {line.stale && (
        <Button primary onClick={() => onUse(line.options[0])}>
          Use what is proposed now
        </Button>
      )}
      {line.state !== "refused" && (
        <Button hotkey="X" onClick={() => decide.choose(line, "Refuse", { decision: "refused" })}>
          Refuse
        </Button>
      )}
      {decision !== null && (
        <Button onClick={() => job.change("Open the decision again", reopenOps(job.document, decision.id))}>
          Open again
        </Button>
      )}
    </>
  );
}

/** A person's own way across, against what is proposed. */
function ByHand({ line, decide }: Pick<Props, "line" | "decide">) {
  return (
    <>
      <select
        aria-label="Another adapter, by hand"
        className="field w-56"
        value=""
        onChange={(event) => decide.choose(line, "By hand:", byHand(event.target.value as AdapterType))}
      >
        <option value="" disabled>
          Another adapter, by hand
        </option>
        {ADAPTER_TYPES.map((type) => (
          <option key={type} value={type}>
            {ADAPTER_WORDS[type]}
          </option>
        ))}
      </select>
      {line.verdict !== "direct" && (
        <Button
          onClick={() =>
            decide.choose(line, "Wire only, by hand:", {
              verdict: "manual",
              adapters: [],
              byHand: true,
              why: "Wire only, chosen by hand against the proposal",
            })
          }
        >
          Wire only, by hand
        </Button>
      )}
    </>
  );
}

function DecisionNote({ line: { decision } }: Pick<Props, "line">) {
  const job = useJob();
  if (decision === null) return null;
  return (
    <Note
      key={decision.id}
      note={decision.note}
      onSave={(note) => job.change("Note a reason", noteOps(job.document, decision.id, note), { quiet: true })}
    />
  );
}

/** A person's own choice against the proposal; its values are theirs to enter. */
const byHand = (type: AdapterType): Partial<Choice> => ({
  verdict: "manual",
  adapters: [parseAdapter({ type }, () => null)],
  byHand: true,
  why: "Chosen by hand against the proposal",
});

function Note({ note, onSave }: { note: string; onSave: (note: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const save = () => {
    if (typed !== null && typed !== note) onSave(typed);
    setTyped(null);
  };
  return (
    <input
      aria-label="Reason or note"
      className="field min-w-56 flex-1 basis-56"
      placeholder="Reason or note"
      maxLength={10_000}
      value={typed ?? note}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={save}
      onKeyDown={(event) => {
        if (event.key === "Enter") event.currentTarget.blur();
      }}
    />
  );
}
