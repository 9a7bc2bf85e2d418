import { COLUMN_UNITS, type Column, type ColumnRead } from "@/formats/pin-table";

/** Columns as a person knows them, in the order in which they are offered. */
const COLUMN_WORDS: Readonly<Record<Column, string>> = {
  connector: "connector",
  cavity: "cavity",
  circuit: "circuit",
  colour: "colour",
  size: "size",
  length: "length",
  description: "what it does",
  to: "runs to",
  part: "part",
  amps: "current",
  load: "load",
  fuse: "fuse",
  ohms: "resistance",
  volts: "volts",
  live: "live when",
  remarks: "remarks",
  kind: "kind (our word)",
  quantity: "quantity (our word)",
  params: "values (our words)",
};
const COLUMNS = Object.keys(COLUMN_WORDS) as Column[];
const UNIT_WORDS: Readonly<Record<string, string>> = { mm2: "mm²", awg: "AWG" };

interface Props {
  readonly read: ColumnRead;
  readonly at: number;
  readonly onChange: (column: Column | null, unit: string | null) => void;
}

/** One column's own head, with what it is taken as and the unit of its bare numbers: both can be told otherwise. */
export function ColumnHead({ read, at, onChange }: Props) {
  const { header, column, unit } = read;
  const name = header || `column ${at + 1}`;
  const units = column === null ? undefined : COLUMN_UNITS[column];
  return (
    <div className="min-w-0 py-1">
      <span className="block truncate text-[13px] font-semibold" title={name}>
        {name}
      </span>
      <span className="flex gap-1">
        <select
          aria-label={`${name} is`}
          className={`h-9 min-w-0 flex-1 border border-rule2 bg-sheet text-[13px] ${column === null ? "text-ink2" : ""}`}
          value={column ?? ""}
          onChange={(event) => onChange(COLUMNS.find((one) => one === event.target.value) ?? null, null)}
        >
          <option value="">kept beside the row</option>
          {COLUMNS.map((one) => (
            <option key={one} value={one}>
              {COLUMN_WORDS[one]}
            </option>
          ))}
        </select>
        {units !== undefined && (
          <select
            aria-label={`Unit of ${name}`}
            className="h-9 shrink-0 border border-rule2 bg-sheet text-[13px]"
            value={unit ?? ""}
            onChange={(event) => onChange(column, event.target.value)}
          >
            {unit === null && <option value="">unit?</option>}
            {units.map((one) => (
              <option key={one} value={one}>
                {UNIT_WORDS[one] ?? one}
              </option>
            ))}
          </select>
        )}
      </span>
    </div>
  );
}
