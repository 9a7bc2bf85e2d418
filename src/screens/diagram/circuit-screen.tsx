"use client";

import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useMemo } from "react";
import type { Line } from "@/core/plan";
import { buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { CircuitDiagram } from "./circuit-diagram";
import type { DrawnThing } from "./use-diagram";

/** All that goes through a cavity, a connector, or a part (a fuse box, a relay, a ground), drawn as a circuit. */
export function CircuitScreen() {
  const { jobId, report } = useJob();
  const thing = useThing();
  return (
    <>
      <ScreenHead title={thing === null ? "Circuit" : `Circuit of ${thing.name}`} />
      <div className="min-h-0 flex-1 overflow-auto px-4 pb-4" tabIndex={0} role="group" aria-label="Circuit">
        {report === null ? (
          <p className="p-3 text-[13px] text-ink2">The harness is being sliced …</p>
        ) : thing === null ? (
          <div className="border border-rule2 bg-sheet">
            <Empty title="It is not in this job">
              <p>The cavity, connector or part that the address names is not there any more.</p>
              <Link href={`/jobs/${jobId}/harness`} className={buttonLook(true)}>
                To the harness
              </Link>
            </Empty>
          </div>
        ) : (
          <CircuitDiagram key={thing.name} drawn={thing} isWide />
        )}
      </div>
    </>
  );
}

/** What the address names; null where there is no such thing. */
function useThing(): DrawnThing | null {
  const address = useSearchParams();
  const { pins, pinById, plan, report, document } = useJob();
  const [pinId, connectorId, partId] = [address.get("pin"), address.get("connector"), address.get("part")];
  return useMemo(() => {
    const named = (): { readonly name: string; readonly pinIds: readonly string[] } | null => {
      if (pinId !== null) {
        const pin = pinById.get(pinId);
        return pin === undefined ? null : { name: pin.label, pinIds: [pinId] };
      }
      if (connectorId !== null) {
        const own = pins.filter(({ connector }) => connector.id === connectorId);
        const label = document.connectors.find(({ id }) => id === connectorId)?.label;
        return label === undefined ? null : { name: label, pinIds: own.map(({ row }) => row.id) };
      }
      const part = report?.parts.find(({ id }) => id === partId);
      return part === undefined
        ? null
        : { name: part.label, pinIds: part.terminals.flatMap(({ pinId: at }) => at ?? []) };
    };
    const told = named();
    if (told === null) return null;
    const own = new Set(told.pinIds);
    const isOwn = ({ provider, consumer }: Line) => own.has(provider.id) || own.has(consumer.id);
    const lines = plan.lines.filter((line) => line.state !== "refused" && isOwn(line));
    // What a link joins to it has a way to the battery too, where it is only proposed as well.
    const pinIds = [
      ...new Set([...told.pinIds, ...lines.flatMap(({ provider, consumer }) => [provider.id, consumer.id])]),
    ];
    return { of: { type: "through", pinIds }, name: told.name, lines };
  }, [pinId, connectorId, partId, pins, pinById, plan.lines, report?.parts, document.connectors]);
}
