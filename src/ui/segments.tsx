export interface Segment<K extends string> {
  readonly key: K;
  readonly label: string;
  /** How much it would show. */
  readonly count?: number | null;
}

interface Props<K extends string> {
  readonly label: string;
  readonly segments: readonly Segment<K>[];
  readonly value: K | null;
  readonly onChange: (key: K) => void;
}

/** Filters or views of which one is on: one control, with light counts. */
export function Segments<K extends string>({ label, segments, value, onChange }: Props<K>) {
  if (segments.length === 0) return null;
  return (
    <div role="group" aria-label={label} className="flex max-w-full overflow-x-auto rounded-[3px] border border-rule2">
      {segments.map((one) => (
        <button
          key={one.key}
          type="button"
          aria-pressed={one.key === value}
          onClick={() => onChange(one.key)}
          className={`flex h-10 shrink-0 items-center gap-1.5 border-r border-rule px-2.5 text-[13px] max-lg:px-2 whitespace-nowrap last:border-r-0 ${one.key === value ? "bg-ink font-semibold text-bench" : "bg-sheet"}`}
        >
          {one.label}
          {one.count != null && <span className="font-mono font-normal opacity-70">{one.count}</span>}
        </button>
      ))}
    </div>
  );
}
