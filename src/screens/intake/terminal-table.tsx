"use client";

import { useState } from "react";
import { assumedFields } from "@/core/forms";
import { functionName } from "@/core/functions";
import type { HarnessPart } from "@/core/harness";
import { listed, sizeText } from "@/core/words";
import { formOf } from "@/job/signal-pins";
import { Wire } from "@/ui/wire";
import { CavityPlate } from "../cavity/cavity-plate";
import { FactField } from "../facts/fact-field";
import { useNeededFields } from "../facts/needed-fields";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { AddWireDialog } from "./add-wire-dialog";
import { EndList } from "./end-list";

interface Props {
  readonly part: HarnessPart;
  readonly onOpen: (partId: string) => void;
}

/** A part's terminals, each with its wire, where that leads, and what needs it. */
export function TerminalTable({ part, onOpen }: Props) {
  const [wiring, setWiring] = useState<string | null>(null);
  return (
    <>
      <h3 className="mt-5 mb-1 text-[13px] font-bold">
        {part.type === "ground-stud" || part.type === "splice-pack"
          ? "What is connected to it"
          : "Terminals and where they lead"}
      </h3>
      <table className="w-full border-collapse text-left">
        <thead className="text-[13px] text-ink2">
          <tr className="border-y border-rule2">
            <th className="py-1.5 pr-3 font-semibold">Terminal</th>
            <th className="pr-3 font-semibold">Wire</th>
            <th className="pr-3 font-semibold">Leads to</th>
            <th className="font-semibold">Needed by</th>
          </tr>
        </thead>
        <tbody>
          {part.terminals.map(({ name, pinId }) => (
            <TerminalRow key={`${name} ${pinId}`} name={name} pinId={pinId} onOpen={onOpen} onWire={setWiring} />
          ))}
        </tbody>
      </table>
      {wiring !== null && <AddWireDialog from={wiring} onClose={() => setWiring(null)} />}
    </>
  );
}

interface RowProps extends Pick<Props, "onOpen"> {
  readonly name: string;
  readonly pinId: string | null;
  readonly onWire: (pinId: string) => void;
}

function TerminalRow({ name, pinId, onOpen, onWire }: RowProps) {
  const job = useJob();
  const pin = pinId === null ? undefined : job.pinById.get(pinId);
  const uses = (job.report?.rows ?? [])
    .filter((one) => pinId !== null && one.wire.pinIds.includes(pinId))
    .flatMap((one) => one.by);
  const openPartOf = (id: string) => {
    const on = job.report?.parts.find((one) => one.terminals.some((terminal) => terminal.pinId === id));
    if (on !== undefined) onOpen(on.id);
  };
  return (
    <tr className="border-b border-rule align-top">
      <td className="py-1.5 pr-3">
        {pin === undefined ? <span className="font-mono text-[13px]">{name}</span> : <CavityPlate pin={pin} />}
        <span className="block max-w-56 text-[13px] text-ink2">{pin?.row.description}</span>
        {pin !== undefined && <TerminalFacts pin={pin} />}
      </td>
      <td className="py-1.5 pr-3">{pin !== undefined && <TerminalWire pin={pin} />}</td>
      <td className="max-w-96 py-1.5 pr-3">
        <EndList
          ends={pinId === null ? [] : (job.report?.ends.get(pinId) ?? [])}
          self={pinId ?? ""}
          onOpen={openPartOf}
        />
        {pinId !== null && (
          <button type="button" className="min-h-8 text-[13px] text-ink2 underline" onClick={() => onWire(pinId)}>
            add a wire here
          </button>
        )}
      </td>
      <td className="py-1.5 text-[13px]">
        {listed([...new Set(uses)].map(functionName)) || <span className="text-ink2">nothing kept</span>}
      </td>
    </tr>
  );
}

/** Values of the cavity that the map or the solution lacks, given here; what was just given stays until it is closed. */
function TerminalFacts({ pin }: { pin: PinView }) {
  const needed = useNeededFields(pin);
  const lacking = [...new Set([...needed, ...assumedFields(formOf(pin.row))])];
  const [opened, setOpened] = useState<readonly string[] | null>(null);
  if (lacking.length === 0 && opened === null) return null;
  return (
    <div className="max-w-72">
      <button
        type="button"
        aria-expanded={opened !== null}
        className="min-h-8 text-[13px] text-ink2 underline"
        onClick={() => setOpened(opened === null ? lacking : null)}
      >
        {lacking.length === 0 ? "nothing is lacking now" : `${lacking.length} not known yet`}
      </button>
      {opened?.map((field) => (
        <FactField key={field} pin={pin} field={field} />
      ))}
    </div>
  );
}

function TerminalWire({ pin: { row } }: { pin: PinView }) {
  const { units } = useJob().document.job;
  if (row.colour === null && row.sizeMm2 === null) return null;
  return (
    <>
      <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />
      <span className="block font-mono text-[13px] text-ink2">
        {sizeText(row.sizeMm2, units)} {row.circuit ?? ""}
      </span>
    </>
  );
}
