import { label } from "../signals";
import { groupOf, type Line } from "./lines";
import { describeChain } from "./words";

/** What the plan sheet prints of a cavity beside its label. */
export interface SheetPin {
  readonly colour: string | null;
  readonly sizeMm2: number | null;
}

export interface SheetRow {
  readonly group: string;
  readonly quantity: string;
  readonly donor: string;
  readonly donorColour: string;
  readonly donorSizeMm2: number | null;
  readonly adapter: string;
  readonly host: string;
  readonly hostColour: string;
  readonly hostSizeMm2: number | null;
  readonly note: string;
}

export const SHEET_HEADS = ["quantity", "donor cavity", "donor colour", "donor size mm2", "adapter and values", "host cavity", "host colour", "host size mm2", "note"] as const;

/** The pin-to-pin table of all decided links, in the map's order. */
export function sheetRows(lines: readonly Line[], pinOf: (id: string) => SheetPin | undefined): SheetRow[] {
  return lines.filter((line) => line.state === "decided").map((line) => {
    const [donor, host] = line.provider.side === "donor" ? [line.provider, line.consumer] : [line.consumer, line.provider];
    const [donorPin, hostPin] = [pinOf(donor.id), pinOf(host.id)];
    return {
      group: groupOf(line.quantity), quantity: line.quantity ?? "", donor: label(donor), donorColour: donorPin?.colour ?? "", donorSizeMm2: donorPin?.sizeMm2 ?? null,
      adapter: line.adapters.length === 0 ? (line.verdict === "direct" ? "direct" : "by hand") : describeChain(line.adapters),
      host: label(host), hostColour: hostPin?.colour ?? "", hostSizeMm2: hostPin?.sizeMm2 ?? null,
      note: [line.decision?.note ?? "", line.decision?.byHand ? "chosen by hand" : "", line.stale === null ? "" : "decide again"].filter((part) => part !== "").join("; "),
    };
  });
}
