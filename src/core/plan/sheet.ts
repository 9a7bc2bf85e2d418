import type { Quantity } from "../forms";
import type { CavityPoint } from "../points";
import { type Adapter, pointOf } from "../signals";
import { type GroupKey, groupOf, type Line } from "./lines";

/** What the plan sheet prints of a cavity beside its label. */
export interface SheetPin {
  readonly colour: string | null;
  readonly sizeMm2: number | null;
}

interface SheetEnd extends SheetPin {
  readonly at: CavityPoint;
}

/** One decided link, pin to pin. */
export interface SheetRow {
  readonly group: GroupKey;
  readonly quantity: Quantity | null;
  readonly donor: SheetEnd;
  readonly host: SheetEnd;
  readonly adapters: readonly Adapter[];
  readonly isDirect: boolean;
  readonly note: string;
  readonly byHand: boolean;
  readonly stale: boolean;
}

/** The pin-to-pin table of all decided links, in the map's order. */
export function sheetRows(lines: readonly Line[], pinOf: (id: string) => SheetPin | undefined): SheetRow[] {
  const end = (pin: Line["provider"]): SheetEnd => {
    const known = pinOf(pin.id);
    return { at: pointOf(pin), colour: known?.colour ?? null, sizeMm2: known?.sizeMm2 ?? null };
  };
  return lines
    .filter((line) => line.state === "decided")
    .map((line) => {
      const [donor, host] =
        line.provider.side === "donor" ? [line.provider, line.consumer] : [line.consumer, line.provider];
      return {
        group: groupOf(line.quantity),
        quantity: line.quantity,
        donor: end(donor),
        host: end(host),
        adapters: line.adapters,
        isDirect: line.verdict === "direct",
        note: line.decision?.note ?? "",
        byHand: line.decision?.byHand ?? false,
        stale: line.stale,
      };
    });
}
