"use client";

import { useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { addWayOps } from "@/job/harness-ops";
import type { PartRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly part: HarnessPart;
  readonly onTell: (label: string, elements: PartRow["elements"]) => void;
}

/** A fuse box's ways with what stands in each; one more, and another rating. */
export function FuseWays({ part, onTell }: Props) {
  const elements = part.elements.map((one) => structuredClone(one) as PartRow["elements"][number]);
  const rate = (id: string, typed: string) => {
    const amps = Number(typed.replace(",", "."));
    if (!(amps > 0 && amps <= 500)) return;
    onTell(
      `Fuse ${id} of ${part.label}: ${amps} A`,
      elements.map((one) => (one.type === "fuse" && one.id === id ? { ...one, amps, ohms: 0.1 / amps } : one)),
    );
  };
  return (
    <section aria-label="Ways" className="mt-5">
      <h3 className="mb-1 text-[13px] font-bold">Ways</h3>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] gap-x-4">
        {elements.map((one) =>
          one.type !== "fuse" ? null : (
            <li key={one.id} className="flex items-center gap-2 border-b border-rule py-0.5">
              <span className="w-24 truncate font-mono text-[13px] font-semibold">
                {one.a} → {one.b}
              </span>
              <SavedInput
                numeric
                label={`Fuse of way ${one.b}, A`}
                value={String(one.amps)}
                onSave={(text) => rate(one.id, text)}
              />
              <span className="text-[13px]">A</span>
            </li>
          ),
        )}
      </ul>
      <NewWay part={part} />
    </section>
  );
}

function NewWay({ part }: { part: HarnessPart }) {
  const job = useJob();
  const [way, setWay] = useState("");
  const [amps, setAmps] = useState("10");
  const feeds = part.terminals.map(({ name }) => name);
  const fed = part.elements.find((one) => one.type === "fuse");
  const [feed, setFeed] = useState(fed?.type === "fuse" ? fed.a : (feeds[0] ?? ""));
  const number = Number(amps.replace(",", "."));
  const fault =
    way.trim() === ""
      ? ""
      : feeds.includes(way.trim())
        ? "There is a terminal called so"
        : !(number > 0 && number <= 500)
          ? "A rating in A, up to 500"
          : null;
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (fault !== null) return;
        job.change(
          `Way ${way.trim()} of ${part.label}`,
          addWayOps(job.document, part, { way: way.trim(), feed, amps: number }),
        );
        setWay("");
      }}
    >
      <Field label="Another way" error={fault || null}>
        <input className="field w-24" value={way} onChange={(event) => setWay(event.target.value)} />
      </Field>
      <Field label="fed from">
        <select className="field w-28" value={feed} onChange={(event) => setFeed(event.target.value)}>
          {feeds.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </Field>
      <Field label="fuse, A">
        <input
          className="field w-20"
          inputMode="decimal"
          value={amps}
          onChange={(event) => setAmps(event.target.value)}
        />
      </Field>
      <Button type="submit" disabled={fault !== null}>
        Add it
      </Button>
    </form>
  );
}
