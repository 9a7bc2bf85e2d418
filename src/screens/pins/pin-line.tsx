import type { Units } from "@/core/units";
import { Plate } from "@/ui/plate";
import type { PinView } from "../shell/derive";
import { ColourCell, DescriptionCell, KindCell, QuantityCell, SizeCell } from "./pin-cells";
import type { PinEdits } from "./pin-edits";

/** What papers bring beside the usual columns: where wires run, parts, remarks, and whatever nobody has told yet. */
export interface MoreColumn {
  readonly key: string;
  readonly head: string;
  readonly of: (row: PinView["row"]) => string;
  /** A column of a paper that has not been told what it is: its own head. */
  readonly extra: string | null;
}

const USUAL_COLUMNS = "130px 124px 52px minmax(150px,1.3fr) minmax(110px,1fr) minmax(120px,1fr)";
const USUAL_WIDTH = 756;
const MORE_WIDTH = 130;
export const PIN_GRID = "grid items-center gap-3 px-3";
/** The columns of a line with so many more. */
export const pinColumns = (more: number) => ({
  gridTemplateColumns: `${USUAL_COLUMNS}${` ${MORE_WIDTH}px`.repeat(more)}`,
  minWidth: USUAL_WIDTH + more * (MORE_WIDTH + 12),
});

interface Props {
  readonly pin: PinView;
  readonly selected: boolean;
  readonly units: Units;
  readonly edits: PinEdits;
  readonly onSelect: () => void;
  readonly more: readonly MoreColumn[];
}

/** One cavity in its table; what can be read wrong can be corrected where it stands. */
export function PinLine({ pin, selected, units, edits, onSelect, more }: Props) {
  const { row, label, connector } = pin;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys select; see the shortcuts sheet
    <div
      role="row"
      tabIndex={-1}
      data-pin={row.id}
      aria-selected={selected}
      onClick={onSelect}
      onFocus={onSelect}
      style={pinColumns(more.length)}
      className={`${PIN_GRID} h-full border-b border-rule ${selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <span role="cell">
        <Plate side={connector.side} label={label} />
      </span>
      <span role="cell">
        <ColourCell pin={pin} edits={edits} />
      </span>
      <span role="cell">
        <SizeCell pin={pin} edits={edits} units={units} />
      </span>
      <span role="cell" className="min-w-0">
        <DescriptionCell pin={pin} edits={edits} />
      </span>
      <span role="cell" className="min-w-0 text-[13px]">
        <QuantityCell pin={pin} edits={edits} />
      </span>
      <span role="cell" className="min-w-0 text-[13px]">
        <KindCell pin={pin} edits={edits} />
      </span>
      {more.map(({ key, of }) => (
        <span role="cell" key={key} className="line-clamp-2 min-w-0 text-[13px] break-words" title={of(row)}>
          {of(row)}
        </span>
      ))}
    </div>
  );
}
