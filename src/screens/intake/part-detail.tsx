"use client";

import { nanoid } from "nanoid";
import Link from "next/link";
import { useState } from "react";
import { functionName } from "@/core/functions";
import type { HarnessPart } from "@/core/harness";
import { guessedElements, PART_TYPES, partProblems } from "@/core/parts";
import type { WireEnd } from "@/core/slice";
import { capital, elementText, listed, partFaultText, partWords, sizeText, wireEndText } from "@/core/words";
import { addCavityOps, forgetPartOps, mateOps, tellPartOps } from "@/job/harness-ops";
import { insertOp, updateOp } from "@/job/ops";
import type { ConnectorRow, PartRow } from "@/job/schema";
import { formOf } from "@/job/signal-pins";
import { Button, buttonLook, Field } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { SavedInput } from "@/ui/saved-input";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";
import { AddWireDialog } from "./add-wire-dialog";
import { ElementForm } from "./element-form";

/** One part: what it is, its terminals with what hangs on each, its elements, its connectors. */
export function PartDetail({ part, onOpen }: { part: HarnessPart; onOpen: (partId: string) => void }) {
  const job = useJob();
  const [wiring, setWiring] = useState<string | null>(null);
  const connectors = part.connectorIds.flatMap((id) => job.document.connectors.find((row) => row.id === id) ?? []);
  const row = job.document.parts.find((one) => one.id === part.id);
  const tell = (label: string, to: Parameters<typeof tellPartOps>[2]) =>
    job.change(label, tellPartOps(job.document, part, to));
  const setType = (type: string) => {
    const pins = part.terminals.flatMap(({ name, pinId }) => {
      const pin = pinId === null ? undefined : job.pinById.get(pinId);
      return pin === undefined ? [] : [{ ...pin.row, cavity: name, index: pin.row.indexLabel, form: formOf(pin.row) }];
    });
    tell(`${part.label} is a ${partWords(type)}`, {
      type,
      elements:
        type === "computer"
          ? []
          : guessedElements(type, pins, part.label).map(
              (element) => structuredClone(element) as PartRow["elements"][number],
            ),
    });
  };
  const faults = partProblems({ terminals: part.terminals.map((one) => one.name), elements: part.elements });
  return (
    <section aria-label={part.label} tabIndex={0} className="min-h-0 overflow-auto p-4">
      <div className="flex flex-wrap items-end gap-3">
        <h2 className="mr-2 text-lg">{part.label}</h2>
        <label className="block text-[13px] font-semibold">
          <span className="block">It is a</span>
          <select className="field mt-1 block w-44" value={part.type} onChange={(event) => setType(event.target.value)}>
            {[...new Set([...PART_TYPES, part.type])].map((type) => (
              <option key={type} value={type}>
                {partWords(type)}
              </option>
            ))}
          </select>
        </label>
        {part.guessed ? (
          <Button onClick={() => tell(`${part.label} is confirmed as a ${partWords(part.type).toLowerCase()}`, {})}>
            Confirm
          </Button>
        ) : (
          <Button onClick={() => job.change(`Guess ${part.label} anew`, forgetPartOps(job.document, part.id))}>
            Guess it anew
          </Button>
        )}
        <Button
          onClick={() =>
            job.change(`Keep ${part.label} in the library`, [
              insertOp("own_part", {
                id: nanoid(),
                name: part.label,
                type: part.type,
                terminals: part.terminals.map((one) => one.name),
                elements: part.elements.map((one) => structuredClone(one) as PartRow["elements"][number]),
              }),
            ])
          }
        >
          Into my library
        </Button>
        {connectors[0] !== undefined && (
          <Link className={buttonLook()} href={`/jobs/${job.jobId}/faces?connector=${connectors[0].id}`}>
            Face
          </Link>
        )}
      </div>
      <p className="mt-1 text-[13px] text-ink2">
        {part.guessed ? "Guessed from its label and cavities; it waits for your approval." : "Confirmed."}
        {part.type === "plug" ? " Say what it is on: until then nothing can be reckoned through it." : ""}
      </p>
      {faults.map(partFaultText).map((fault) => (
        <p key={fault} role="alert" className="mt-2 text-[13px] font-semibold text-stop">
          {fault}
        </p>
      ))}

      {connectors.map((connector) => (
        <ConnectorFacts key={connector.id} connector={connector} />
      ))}
      {row !== undefined && (
        <div className="mt-3 grid grid-cols-3 gap-3 max-lg:grid-cols-1">
          {(["origin", "diagram", "note"] as const).map((key) => (
            <Field
              key={key}
              label={{ origin: "Origin: vehicle, year, trim", diagram: "The diagram that fits it", note: "Note" }[key]}
            >
              <SavedInput
                value={row[key]}
                onSave={(text) =>
                  job.change(`${capital(key)} of ${part.label}`, [updateOp("part", row.id, row, { [key]: text })], {
                    quiet: true,
                  })
                }
              />
            </Field>
          ))}
        </div>
      )}

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
          {part.terminals.map(({ name, pinId }) => {
            const pin = pinId === null ? undefined : job.pinById.get(pinId);
            const ends = pinId === null ? [] : (job.report?.ends.get(pinId) ?? []);
            const uses = (job.report?.rows ?? [])
              .filter((one) => pinId !== null && one.wire.pinIds.includes(pinId))
              .flatMap((one) => one.by);
            return (
              <tr key={`${name} ${pinId}`} className="border-b border-rule align-top">
                <td className="py-1.5 pr-3">
                  {pin === undefined ? (
                    <span className="font-mono text-[13px]">{name}</span>
                  ) : (
                    <Plate side={pin.connector.side} label={pin.label} />
                  )}
                  <span className="block max-w-56 text-[13px] text-ink2">{pin?.row.description}</span>
                </td>
                <td className="py-1.5 pr-3">
                  {pin !== undefined && (pin.row.colour !== null || pin.row.sizeMm2 !== null) && (
                    <>
                      <Wire colour={pin.row.colour} base={pin.row.colourBase} tracer={pin.row.colourTracer} />
                      <span className="block font-mono text-[13px] text-ink2">
                        {sizeText(pin.row.sizeMm2, job.document.job.units)} {pin.row.circuit ?? ""}
                      </span>
                    </>
                  )}
                </td>
                <td className="max-w-96 py-1.5 pr-3">
                  <EndList
                    ends={ends}
                    self={pinId ?? ""}
                    onOpen={(id) => {
                      const on = job.report?.parts.find((one) =>
                        one.terminals.some((terminal) => terminal.pinId === id),
                      );
                      if (on !== undefined) onOpen(on.id);
                    }}
                  />
                  {pinId !== null && (
                    <button
                      type="button"
                      className="min-h-8 text-[13px] text-ink2 underline"
                      onClick={() => setWiring(pinId)}
                    >
                      add a wire here
                    </button>
                  )}
                </td>
                <td className="py-1.5 text-[13px]">
                  {listed([...new Set(uses)].map(functionName)) || <span className="text-ink2">nothing kept</span>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {connectors[0] !== undefined && <AddCavity connector={connectors[0]} />}

      <h3 className="mt-5 mb-1 text-[13px] font-bold">What goes on inside</h3>
      {part.elements.length === 0 && (
        <p className="text-ink2">
          {part.type === "in-line"
            ? "Each cavity leads into its opposite."
            : part.type === "computer"
              ? "It follows from the forms of its cavities."
              : "Nothing is known of it."}
        </p>
      )}
      <ul className="text-[13px]">
        {part.elements.slice(0, 80).map((element) => (
          <li key={element.id} className="flex items-center gap-2 border-b border-rule py-1">
            <span className="w-28 truncate font-mono font-semibold">{element.id}</span>
            <span className="flex-1">{elementText(element)}</span>
            {part.type !== "computer" && (
              <Button
                className="h-8!"
                onClick={() =>
                  tell(`Remove ${element.id} from ${part.label}`, {
                    elements: part.elements
                      .filter((one) => one !== element)
                      .map((one) => structuredClone(one) as PartRow["elements"][number]),
                  })
                }
                aria-label={`Remove ${element.id}`}
              >
                Remove
              </Button>
            )}
          </li>
        ))}
        {part.elements.length > 80 && <li className="py-1 text-ink2">{part.elements.length - 80} more</li>}
      </ul>
      {part.type !== "computer" && part.terminals.length > 0 && (
        <ElementForm
          part={part}
          onAdd={(element) =>
            tell(`${element.id} in ${part.label}`, {
              elements: [...part.elements.map((one) => structuredClone(one) as PartRow["elements"][number]), element],
            })
          }
        />
      )}
      {wiring !== null && <AddWireDialog from={wiring} onClose={() => setWiring(null)} />}
    </section>
  );
}

/** Where a cavity's wires lead, each cavity a way to go there. */
export function EndList({
  ends,
  self,
  onOpen,
}: {
  ends: readonly WireEnd[];
  self: string;
  onOpen: (pinId: string) => void;
}) {
  const job = useJob();
  if (ends.length === 0) return <span className="text-[13px] text-ink2">no wire</span>;
  return (
    <ul className="space-y-0.5">
      {ends.map((end) => {
        const others = end.pinIds.filter((id) => id !== self);
        const splice = end.to.type === "splice";
        return (
          <li key={`${end.by} ${wireEndText(end)}`} className="text-[13px]">
            {end.by === "mate" && <span className="text-ink2">plugs into </span>}
            {end.by === "join" && <span className="text-ink2">by a link of the plan to </span>}
            {(splice || others.length === 0) && (
              <span className={splice ? "font-mono font-semibold" : "text-ink2"}>
                {wireEndText(end)}
                {others.length > 0 ? ": " : ""}
              </span>
            )}
            {others.slice(0, 10).map((id, at) => (
              <span key={id}>
                {at > 0 ? ", " : ""}
                <button
                  type="button"
                  className="min-h-6 text-left font-mono font-semibold underline decoration-rule2"
                  onClick={() => onOpen(id)}
                >
                  {job.pinById.get(id)?.label ?? id}
                </button>
              </span>
            ))}
            {others.length > 10 && <span className="text-ink2"> and {others.length - 10} more</span>}
          </li>
        );
      })}
    </ul>
  );
}

function ConnectorFacts({ connector }: { connector: ConnectorRow }) {
  const job = useJob();
  const side = job.document.connectors.filter((row) => row.side === connector.side && row.id !== connector.id);
  const mate = job.document.connectors.find((row) => row.id === connector.mateId);
  const count = (id: string) => job.pins.filter((pin) => pin.connector.id === id).length;
  const fits = mate === undefined ? null : count(mate.id) === count(connector.id);
  return (
    <div className="mt-3 grid grid-cols-[1.4fr_1fr_1fr] gap-3 border-t border-rule pt-3 max-lg:grid-cols-1">
      <Field label={`Place of ${connector.label}`}>
        <SavedInput
          value={connector.place ?? ""}
          placeholder="above the driver's left foot"
          onSave={(text) =>
            job.change(
              `Place of ${connector.label}`,
              [updateOp("connector", connector.id, connector, { place: text || null })],
              { quiet: true },
            )
          }
        />
      </Field>
      <Field label="Branch">
        <select
          className="field"
          value={connector.branchId ?? ""}
          onChange={(event) =>
            job.change(`Branch of ${connector.label}`, [
              updateOp("connector", connector.id, connector, { branchId: event.target.value || null }),
            ])
          }
        >
          <option value="">the {connector.side}'s own harness</option>
          {job.document.branches
            .filter((row) => row.side === connector.side)
            .map((row) => (
              <option key={row.id} value={row.id}>
                {row.label}
              </option>
            ))}
        </select>
      </Field>
      <Field
        label="Plugs into, in line"
        hint={
          fits === null ? undefined : fits ? `${count(connector.id)} cavities meet ${count(connector.id)}` : undefined
        }
        error={fits === false ? `${count(connector.id)} cavities meet ${count(mate?.id ?? "")}` : null}
      >
        <select
          className="field"
          value={connector.mateId ?? ""}
          onChange={(event) =>
            job.change(
              event.target.value === "" ? `Part ${connector.label} from its mate` : `Plug ${connector.label} in`,
              mateOps(job.document, connector.id, event.target.value || null),
            )
          }
        >
          <option value="">a part, not another harness</option>
          {side.map((row) => (
            <option key={row.id} value={row.id}>
              {row.label}
            </option>
          ))}
        </select>
      </Field>
    </div>
  );
}

function AddCavity({ connector }: { connector: ConnectorRow }) {
  const job = useJob();
  const [label, setLabel] = useState("");
  const taken = job.pins.some((pin) => pin.connector.id === connector.id && pin.row.cavity === label.trim());
  return (
    <form
      className="mt-2 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (label.trim() === "" || taken) return;
        job.change(`Cavity ${connector.label}-${label.trim()}`, addCavityOps(job.document, connector.id, label.trim()));
        setLabel("");
      }}
    >
      <Field
        label={`A cavity of ${connector.label} that no table has`}
        error={taken ? "There is one of this label already" : null}
      >
        <input className="field w-40" value={label} onChange={(event) => setLabel(event.target.value)} />
      </Field>
      <Button type="submit" disabled={label.trim() === "" || taken}>
        Add it
      </Button>
    </form>
  );
}
