import { cavityChangeText } from "@/core/words";
import type { ImportPlan } from "@/job/import-table";
import { useJob } from "../shell/job-provider";

const MOST = 200;
const More = ({ of }: { of: number }) => (of > MOST ? <li className="py-2 text-ink2">{of - MOST} more</li> : null);
const LIST = "min-h-0 flex-1 overflow-auto px-4 py-2 text-[13px]";
const placeOf = (pin: { readonly connector: string; readonly cavity: string }) => (
  <span className="font-mono font-semibold">
    {pin.connector}-{pin.cavity}
  </span>
);

/** What the table changes of cavities that are in the job. */
export function Changes({ changed }: Pick<ImportPlan, "changed">) {
  const { units } = useJob().document.job;
  return (
    <ul className={LIST} aria-label="What changes in the job">
      {changed.slice(0, MOST).map((pin) => (
        <li key={`${pin.connector} ${pin.cavity}`} className="border-b border-rule py-1.5 break-words">
          {placeOf(pin)}{" "}
          {pin.columns.map((one) => cavityChangeText(one, units)).join("; ") || "only how sure the proposal is"}
        </li>
      ))}
      <More of={changed.length} />
    </ul>
  );
}

interface KeptProps extends Pick<ImportPlan, "kept"> {
  readonly agreed: ReadonlySet<string>;
  readonly onAgree: (agreed: ReadonlySet<string>) => void;
}

/** What people decided since and the table says otherwise: theirs stays, unless somebody ticks the table's. */
export function Kept({ kept, agreed, onAgree }: KeptProps) {
  const { units } = useJob().document.job;
  const toggle = (place: string, isOn: boolean) => {
    const next = new Set(agreed);
    if (isOn) next.add(place);
    else next.delete(place);
    onAgree(next);
  };
  return (
    <ul className={LIST} aria-label="Kept against the table">
      <li className="border-b border-rule py-2 text-ink2">
        These were entered or confirmed in the application since. They stay as they are; tick those for which the table
        is right.
      </li>
      {kept.slice(0, MOST).map((pin) => (
        <li key={pin.place} className="border-b border-rule">
          <label className="flex min-h-10 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={agreed.has(pin.place)}
              onChange={(event) => toggle(pin.place, event.target.checked)}
            />
            <span className="break-words">
              {placeOf(pin)} {pin.columns.map((one) => cavityChangeText(one, units)).join("; ")}
            </span>
          </label>
        </li>
      ))}
      <More of={kept.length} />
    </ul>
  );
}

/** Where wires run to as the rows say it, as far as no such place is found yet. */
export function OpenEnds({ open }: { open: ImportPlan["ends"]["open"] }) {
  return (
    <ul className={LIST} aria-label="Other ends not found">
      <li className="border-b border-rule py-2 text-ink2">
        What a row says is kept and can be searched. Once the table of that connector is imported, the end is found by
        itself.
      </li>
      {open.slice(0, MOST).map((end) => (
        <li key={`${end.connector} ${end.cavity}`} className="border-b border-rule py-1.5 break-words">
          {placeOf(end)} runs to “{end.written}”
        </li>
      ))}
      <More of={open.length} />
    </ul>
  );
}

interface AbsentProps extends Pick<ImportPlan, "absent"> {
  readonly removeAbsent: boolean;
  readonly onRemoveAbsent: (remove: boolean) => void;
}

/** Cavities of the job that the table does not have: kept, as a table may be a part of the whole. */
export function Absent({ absent, removeAbsent, onRemoveAbsent }: AbsentProps) {
  return (
    <ul className={LIST} aria-label="Not in the table">
      <li className="border-b border-rule">
        <label className="flex min-h-10 items-center gap-3 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={removeAbsent}
            onChange={(event) => onRemoveAbsent(event.target.checked)}
          />
          Remove what this table does not have
          {absent.some((pin) => pin.linked) ? ", except cavities that a decision uses" : ""}
        </label>
      </li>
      {absent.slice(0, MOST).map((pin) => (
        <li key={`${pin.connector} ${pin.cavity}`} className="border-b border-rule py-1.5">
          {placeOf(pin)} {pin.linked ? "a decision uses it: it stays" : removeAbsent ? "is removed" : "stays"}
        </li>
      ))}
      <More of={absent.length} />
    </ul>
  );
}
