"use client";

import { identityFaults } from "@/core/calibration";
import { IDENTITY_PART_WORDS, identityFaultText } from "@/core/words";
import { IDENTITY_PARTS, type IdentityRow } from "@/job/schema";
import { addIdentityOps, changeIdentityOps, removeIdentityOps } from "@/job/security-ops";
import { Button } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { useSecurity } from "./use-security";

const COLUMNS = [
  ["label", "Called"],
  ["serial", "Serial"],
  ["partNumber", "Part number"],
  ["software", "Software"],
  ["calibration", "Calibration"],
  ["pairedSet", "Paired set"],
] as const satisfies readonly (readonly [keyof IdentityRow, string])[];

/** Serials, part and software numbers and keys that must belong together, and what does not. */
export function IdentityList() {
  const job = useJob();
  const { identities } = job.document;
  const { way } = useSecurity();
  const faults = identityFaults(identities, way);
  return (
    <section aria-label="Identities">
      <h2 className="font-bold">
        Identities that must belong together{" "}
        <span className="font-mono font-normal text-ink2">{identities.length}</span>
      </h2>
      {faults.map((fault) => (
        <p
          key={JSON.stringify(fault)}
          role="alert"
          className={fault.code === "sets-differ" || fault.code === "twice" ? "font-semibold text-stop" : "text-[13px]"}
        >
          {identityFaultText(fault)}
        </p>
      ))}
      {identities.length > 0 && (
        <table className="w-full text-left">
          <thead className="text-[13px] text-ink2">
            <tr className="border-b-[1.5px] border-rule2">
              <th className="py-1 font-semibold">Part</th>
              {COLUMNS.map(([key, head]) => (
                <th key={key} className="font-semibold">
                  {head}
                </th>
              ))}
              <th />
            </tr>
          </thead>
          <tbody>
            {identities.map((row) => (
              <tr key={row.id} className="border-t border-rule">
                <td className="pr-2">
                  {IDENTITY_PART_WORDS[row.part]}
                  <span className="block text-[13px] text-ink2">{row.side}</span>
                </td>
                {COLUMNS.map(([key, head]) => (
                  <td key={key} className="py-1 pr-1.5 font-mono">
                    <SavedInput
                      label={`${head} of ${row.label}`}
                      value={row[key]}
                      onSave={(text) => {
                        if (key === "label" && text === "") return;
                        job.change(
                          `${row.label}: ${head.toLowerCase()} ${text}`,
                          (person) => changeIdentityOps(row, { [key]: text }, person),
                          { quiet: true },
                        );
                      }}
                    />
                  </td>
                ))}
                <td className="no-print">
                  <Button onClick={() => job.change(`${row.label} removed`, removeIdentityOps(row))}>
                    Remove<span className="hidden-text"> {row.label}</span>
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Add />
    </section>
  );
}

function Add() {
  const job = useJob();
  const { identities } = job.document;
  const add = (part: IdentityRow["part"]) => {
    const name = IDENTITY_PART_WORDS[part] ?? part;
    const like = identities.filter((row) => row.part === part).length;
    const label =
      part === "engine-computer"
        ? engineConnector(job.document.pins, job.document.connectors)
        : `${name}${like === 0 ? "" : ` ${like + 1}`}`;
    job.change(`Identity of ${label}`, (person) => addIdentityOps(part, { label, side: "donor" }, person));
  };
  return (
    <div className="no-print mt-1 flex flex-wrap items-center gap-1">
      <span className="text-[13px] text-ink2">Add</span>
      {IDENTITY_PARTS.map((part) => (
        <Button key={part} onClick={() => add(part)}>
          {IDENTITY_PART_WORDS[part]}
        </Button>
      ))}
    </div>
  );
}

/** What the engine computer's plug is called, so that the calibration list knows it again. */
function engineConnector(
  pins: readonly { readonly quantity: string | null; readonly connectorId: string }[],
  connectors: readonly { readonly id: string; readonly label: string; readonly side: string }[],
): string {
  const donor = new Map(connectors.filter(({ side }) => side !== "host").map(({ id, label }) => [id, label]));
  const pin = pins.find(({ quantity, connectorId }) => quantity === "injector" && donor.has(connectorId));
  return (pin && donor.get(pin.connectorId)) ?? "engine computer";
}
