"use client";

import type { ReactNode } from "react";
import { functionName } from "@/core/functions";
import { type CutReport, copperTotal } from "@/core/slice";
import { count, lengthText, listed, massText, pointText, sizeWords, stopText, wireText } from "@/core/words";
import { useJob } from "../shell/job-provider";

/**
 * What a cut would do, or does: what stops, what is the last way then, what is reclaimed, what else is connected there.
 */
export function CutEffects({ told, cutAlready }: { told: CutReport; cutAlready: boolean }) {
  return (
    <>
      <Part title={cutAlready ? "What it does" : "If it is removed"}>
        <Stops told={told} />
        <Reclaimed told={told} />
      </Part>
      {told.connected.map((one) => (
        <Part key={pointText(one.at)} title={`Also on ${pointText(one.at)}`}>
          <ul className="space-y-0.5 text-[13px]">
            {one.wires.slice(0, MOST_WIRES).map((wire) => (
              <li key={wire.wireId}>
                <span className="font-mono">{wireText(wire.ends)}</span>{" "}
                <span className="text-ink2">
                  {wire.by.length === 0 ? "nothing kept" : listed(wire.by.map(functionName))}
                </span>
              </li>
            ))}
            {one.wires.length > MOST_WIRES && <li className="text-ink2">{one.wires.length - MOST_WIRES} more</li>}
          </ul>
        </Part>
      ))}
    </>
  );
}

const MOST_WIRES = 12;

function Stops({ told }: { told: CutReport }) {
  return (
    <>
      {told.stops.length === 0 ? (
        <p>Nothing that is kept stops.</p>
      ) : (
        <>
          <p className="font-semibold text-stop">
            {count(byFunction(told).length, "function that is kept stops", "functions that are kept stop")}:
          </p>
          <ul className="space-y-1">
            {byCause(told).map(([cause, keys]) => (
              <li key={cause}>
                {cause}: <strong className="text-stop">{listed(keys.map(functionName), keys.length)}</strong>
              </li>
            ))}
          </ul>
        </>
      )}
      {told.earlier.length > 0 && (
        <p className="mt-1">
          It would not stop but for {told.earlier.length === 1 ? "an earlier cut" : "earlier cuts"}:{" "}
          <Names wireIds={told.earlier} />.
        </p>
      )}
      {told.lastWays.length > 0 && (
        <p className="mt-1">
          Then <Names wireIds={[...new Set(told.lastWays.map((one) => one.wireId))]} /> would be the last way of{" "}
          {listed([...new Set(told.lastWays.map((one) => functionName(one.functionKey)))])}: cutting that too would stop
          it.
        </p>
      )}
    </>
  );
}

function Reclaimed({ told }: { told: CutReport }) {
  const { units } = useJob().document.job;
  const lengths = told.copper.map(({ unmeasured, wires, lengthM, sizeMm2 }) => {
    const length = unmeasured === wires ? "unknown length" : lengthText(lengthM, units);
    return `${length} of ${sizeMm2 === null ? "unknown size" : sizeWords(sizeMm2, units)}`;
  });
  return (
    <p className="mt-1 text-[13px] text-ink2">
      Reclaims {massText(copperTotal(told.copper).kg, units)}, {lengths.join(", ")}.
      {told.emptied.length > 0 ? ` Left empty: ${told.emptied.join(", ")}.` : ""}
    </p>
  );
}

/** The functions that stop for the same reason, under it: one wire can feed most of them. */
function byCause(told: CutReport): [string, string[]][] {
  const groups = new Map<string, string[]>();
  for (const [key, texts] of byFunction(told)) {
    const cause = listed(texts);
    groups.set(cause, [...(groups.get(cause) ?? []), key]);
  }
  return [...groups];
}

/** The ways of the current through a wire, step by step. */
export function Paths({ paths }: { paths: CutReport["paths"] }) {
  return paths.map((path) => (
    <Part
      key={`${path.functionKey} ${path.purpose}`}
      title={`${functionName(path.functionKey)}: ${PURPOSE[path.purpose] ?? path.purpose}`}
    >
      <ol className="flex flex-wrap gap-x-1.5 font-mono text-[13px]">
        {path.steps.map((step, at) => (
          <li key={pointText(step)}>
            {at > 0 && (
              <span aria-hidden="true" className="mr-1.5 text-ink2">
                →
              </span>
            )}
            {pointText(step)}
          </li>
        ))}
      </ol>
    </Part>
  ));
}

const PURPOSE: Readonly<Record<string, string>> = {
  feed: "from the battery through it and back",
  return: "from the battery through it and back",
  signal: "signal",
};

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1 text-[13px] font-bold">{title}</h3>
      {children}
    </div>
  );
}

function Names({ wireIds }: { wireIds: readonly string[] }) {
  const names = new Map((useJob().report?.rows ?? []).map((row) => [row.wire.id, wireText(row.ends)]));
  return <span className="font-mono text-[13px]">{listed(wireIds.map((id) => names.get(id) ?? id))}</span>;
}

/** Why each function stops, function by function. */
export function byFunction(told: CutReport): [string, string[]][] {
  const groups = new Map<string, string[]>();
  for (const stop of told.stops)
    groups.set(stop.functionKey, [...(groups.get(stop.functionKey) ?? []), stopText(stop)]);
  return [...groups];
}
