import type { Units } from "@/core/units";
import { Plate } from "@/ui/plate";
import type { PinView } from "../shell/derive";
import { ColourCell, DescriptionCell, KindCell, QuantityCell, SizeCell } from "./pin-cells";
import type { PinEdits } from "./pin-edits";

export const PIN_COLUMNS =
  "grid grid-cols-[130px_124px_52px_minmax(150px,1.3fr)_minmax(110px,1fr)_minmax(120px,1fr)] items-center gap-3 px-3";

interface Props {
  readonly pin: PinView;
  readonly selected: boolean;
  readonly units: Units;
  readonly edits: PinEdits;
  readonly onSelect: () => void;
}

/** One cavity in its table; what can be read wrong can be corrected where it stands. */
export function PinLine({ pin, selected, units, edits, onSelect }: Props) {
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
      className={`${PIN_COLUMNS} h-full border-b border-rule ${selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
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
    </div>
  );
}
