import { useMemo } from "react";
import { type EditNames, wireText } from "@/core/words";
import { useJob } from "../shell/job-provider";

/** What the ids of an edit stand for, as the job has them now. */
export function useEditNames(): EditNames {
  const { pinById, report, plan, document } = useJob();
  return useMemo(() => {
    const pin = (id: string) => pinById.get(id)?.label ?? "a cavity";
    const wires = new Map((report?.rows ?? []).map((row) => [row.wire.id, wireText(row.ends)]));
    const links = new Map(
      plan.lines.map((line) => [
        line.decision?.id ?? `${line.provider.id}-${line.consumer.id}`,
        `${pin(line.provider.id)} to ${pin(line.consumer.id)}`,
      ]),
    );
    const parts = new Map((report?.parts ?? []).map((part) => [part.id, part.label]));
    return {
      pin,
      wire: (id: string) => wires.get(id) ?? "a wire",
      link: (id: string) => links.get(id) ?? "a link",
      part: (id: string) => parts.get(id) ?? "a part",
      units: document.job.units,
    };
  }, [pinById, report, plan, document.job.units]);
}
