"use client";

import { useState } from "react";
import type { Line } from "@/core/plan";
import { ADAPTER_TYPES, type AdapterType, parseAdapter, type Way } from "@/core/signals";
import { ADAPTER_WORDS, arithmeticText, chainText, lineText, VERDICT_WORDS, wayText } from "@/core/words";
import { type Choice, noteOps, reopenOps } from "@/job/decide";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { ChainDrawing } from "./chain-drawing";

interface Props {
  readonly line: Line;
  readonly onChoose: (text: string, choice: Partial<Choice>) => void;
  readonly onAccept: () => void;
  readonly onOther: () => void;
}

/** A line opened in its place: the circuit, the arithmetic, the other ways, and what can be decided. */
export function LineDetail({ line, onChoose, onAccept, onOther }: Props) {
  const job = useJob();
  const { decision } = line;
  const way = line.ways.find((one) => JSON.stringify(one.adapters) === JSON.stringify(line.adapters)) ?? line.ways[0];
  const take = (other: Way) =>
    onChoose("Choose", {
      verdict: other.verdict,
      adapters: other.adapters,
      why: wayText(other, line),
      byHand: other.verdict === "manual" || other.verdict === "impossible",
    });
  return (
    <section aria-label="Opened line" className="border-b-[1.5px] border-ink bg-fill shadow-[inset_4px_0_0_var(--ink)]">
      <div className="grid grid-cols-[1.25fr_1.1fr_1fr] divide-x divide-rule border-b border-rule max-lg:grid-cols-2">
        <div className="min-w-0 p-4">
          <h3 className="mb-2 text-[13px] font-semibold">Circuit</h3>
          <ChainDrawing line={line} />
        </div>
        <div className="min-w-0 p-4">
          <h3 className="mb-2 text-[13px] font-semibold">Arithmetic</h3>
          <dl className="space-y-1 font-mono text-[13px]">
            {way.arithmetic.map(arithmeticText).map((one, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the lines of one reckoning keep their order
              <div key={at} className="break-words">
                <dt className="inline text-ink2">{one.label} </dt>
                <dd className="inline font-medium">{one.text}</dd>
              </div>
            ))}
          </dl>
          {way.arithmetic.length === 0 && (
            <p className="text-[13px] text-ink2">Nothing can be computed from the facts in the pin tables.</p>
          )}
          {way.missing.length > 0 && (
            <p className="mt-2 text-[13px]">
              <strong>Missing:</strong> {way.missing.join(", ")}
            </p>
          )}
        </div>
        <div className="min-w-0 p-4 max-lg:col-span-2 max-lg:border-t max-lg:border-rule">
          <h3 className="mb-1 text-[13px] font-semibold">Ways</h3>
          <ol>
            {line.ways.map((one, at) => (
              <li
                key={`${one.verdict} ${chainText(one.adapters)}`}
                className="grid grid-cols-[20px_1fr_auto] items-center gap-2 border-b border-rule py-1.5 text-[13px] last:border-b-0"
              >
                <span className="font-mono">{at + 1}</span>
                <span className="min-w-0">
                  {chainText(one.adapters) || VERDICT_WORDS[one.verdict]}
                  <span className="block text-ink2">about {one.minutes} min</span>
                </span>
                {line.state === "decided" && JSON.stringify(one.adapters) === JSON.stringify(line.adapters) ? (
                  <span className="font-semibold">chosen</span>
                ) : (
                  <Button onClick={() => take(one)} aria-label={`Use adapter ${at + 1}`}>
                    Use
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </div>
      </div>
      <div className="space-y-3 p-4">
        <p className="max-w-4xl">{lineText(line)}</p>
        {line.quantity === "security-data" || line.quantity === "key-reader" ? (
          <Caution>
            Anti-theft parts are planned here for those entitled to the vehicle, with proof of ownership and where the
            law permits. No way around one is given.
          </Caution>
        ) : null}
        <div className="flex flex-wrap items-end gap-2">
          {line.state !== "decided" && (
            <Button primary hotkey="Y" onClick={onAccept}>
              {line.verdict === "manual" || line.verdict === "impossible" ? "Decide by hand" : "Accept"}
            </Button>
          )}
          {line.stale && (
            <Button primary onClick={() => take(line.ways[0])}>
              Use what is proposed now
            </Button>
          )}
          {line.state !== "refused" && (
            <Button hotkey="X" onClick={() => onChoose("Refuse", { decision: "refused" })}>
              Refuse
            </Button>
          )}
          {decision !== null && (
            <Button onClick={() => job.change("Open the decision again", reopenOps(job.document, decision.id))}>
              Open again
            </Button>
          )}
          <Button onClick={onOther}>Other counterpart</Button>
          <select
            aria-label="Another adapter, by hand"
            className="field w-56"
            value=""
            onChange={(event) => onChoose("By hand:", byHand(event.target.value as AdapterType))}
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
          {!(line.verdict === "direct" && line.state === "decided") && line.verdict !== "direct" && (
            <Button
              onClick={() =>
                onChoose("Wire only, by hand:", {
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
          {decision !== null && (
            <Note
              key={decision.id}
              note={decision.note}
              onSave={(note) => job.change("Note a reason", noteOps(job.document, decision.id, note), { quiet: true })}
            />
          )}
        </div>
      </div>
    </section>
  );
}

/** A person's own choice against the proposal; its values are theirs to note. */
const byHand = (type: AdapterType): Partial<Choice> => ({
  verdict: "manual",
  adapters: [parseAdapter({ type }, () => null)],
  byHand: true,
  why: "Chosen by hand against the proposal; note its values",
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
