import { useMemo } from "react";
import { type PowerEdit, SETTINGS } from "@/core/power";
import { lengthText, sizeWords, type Units } from "@/core/units";
import { useJob } from "../shell/job-provider";

/** Names that an edit's ids stand for. */
export interface EditNames {
  readonly pin: (id: string) => string;
  readonly wire: (id: string) => string;
  readonly link: (id: string) => string;
  readonly part: (id: string) => string;
  readonly units: Units;
}

export function useEditNames(): EditNames {
  const { pinById, report, plan, document } = useJob();
  return useMemo(() => {
    const pin = (id: string) => pinById.get(id)?.label ?? "a cavity";
    const wires = new Map((report?.rows ?? []).map((row) => [row.wire.id, row.name]));
    const links = new Map(plan.lines.map((line) => [line.decision?.id ?? `${line.provider.id}-${line.consumer.id}`, `${pin(line.provider.id)} to ${pin(line.consumer.id)}`]));
    const parts = new Map((report?.parts ?? []).map((part) => [part.id, part.label]));
    return { pin, wire: (id: string) => wires.get(id) ?? "a wire", link: (id: string) => links.get(id) ?? "a link", part: (id: string) => parts.get(id) ?? "a part", units: document.job.units };
  }, [pinById, report, plan, document.job.units]);
}

/** An edit as one says it: what is done, and where. It names the change in the history too. */
export function editText(edit: PowerEdit, names: EditNames): string {
  const size = (mm2: number) => sizeWords(mm2, names.units);
  switch (edit.type) {
    case "wire": return `${[...(edit.sizeMm2 === undefined ? [] : [size(edit.sizeMm2)]), ...(edit.lengthM === undefined ? [] : [lengthText(edit.lengthM, names.units)])].join(", ")} from ${names.wire(edit.wireId)}`;
    case "wires": return `${size(edit.sizeMm2)} for ${edit.wireIds.length} wires, ${edit.wireIds.slice(0, 2).map(names.wire).join(", ")}${edit.wireIds.length > 2 ? " …" : ""}`;
    case "relink": return `${names.pin(edit.consumerId)} from ${names.pin(edit.providerId)}`;
    case "relay": return `${names.pin(edit.consumerId)} through a relay: coil on ${names.pin(edit.providerId)}, contact from ${edit.contactFeed}`;
    case "diode": return `Diode in the link ${names.link(edit.linkId)}`;
    case "branch-fuse": return `Fuse of ${edit.amps} A in the link ${names.link(edit.linkId)}`;
    case "strap": return `Wire of ${size(edit.sizeMm2)}, ${lengthText(edit.lengthM, names.units)}, from ${names.pin(edit.fromPinId)} to ${names.pin(edit.toPinId)}`;
    case "unwire": return `Without the wire from ${names.wire(edit.wireId)}`;
    case "load": return `${edit.name}, ${edit.watts} W more at ${names.pin(edit.pinId)}`;
    case "fuse": return `${edit.amps} A in ${names.part(edit.partId)} ${edit.elementId}`;
    case "setting": return `${SETTINGS[edit.key].name} ${edit.value} ${SETTINGS[edit.key].unit}`;
  }
}
