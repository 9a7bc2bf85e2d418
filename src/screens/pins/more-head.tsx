import { count } from "@/core/words";
import { TOLD_AS, type ToldAs, tellExtra } from "@/job/tell-extra";
import { useJob } from "../shell/job-provider";
import type { MoreColumn } from "./pin-line";
import { usePinSide } from "./pin-side";

const WORDS: Readonly<Record<ToldAs, string>> = {
  circuit: "circuit",
  colour: "colour",
  size: "size",
  length: "length",
  description: "what it does",
  to: "runs to",
  part: "part",
  remarks: "note",
  amps: "current",
  ohms: "resistance",
  volts: "volts",
  live: "live when",
};

/** The head of a column that a paper brought along; one that nobody has told yet can be told here what it is. */
export function MoreHead({ column: { head, extra } }: { column: MoreColumn }) {
  const job = useJob();
  const side = usePinSide();
  if (extra === null) return <span role="columnheader">{head}</span>;
  const tell = (as: ToldAs) => {
    const { ops, unread } = tellExtra(job.document, side, extra, as);
    job.change(
      `“${extra}” is ${WORDS[as]}${unread === 0 ? "" : `; ${count(unread, "cell")} could not be read so`}`,
      ops,
    );
  };
  return (
    <span role="columnheader" className="flex min-w-0 items-center gap-1">
      <span className="min-w-0 truncate" title={head}>
        {head}
      </span>
      <select
        aria-label={`“${head}” is`}
        title="Say what this column is"
        className="h-8 w-8 shrink-0 border border-rule2 bg-sheet"
        value=""
        onChange={(event) => tell(event.target.value as ToldAs)}
      >
        <option value="">is …</option>
        {TOLD_AS.map((one) => (
          <option key={one} value={one}>
            {WORDS[one]}
          </option>
        ))}
      </select>
    </span>
  );
}
