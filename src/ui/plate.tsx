import type { Side } from "@/core/forms";

/** A cavity's label: the donor's plate is round at its outer end, the host's square with a heavy outer edge. */
export function Plate({ side, label }: { side: Side | "battery"; label: string }) {
  const shape =
    side === "donor"
      ? "rounded-l-full rounded-r-[2px] pl-3.5 pr-2"
      : side === "host"
        ? "rounded-[2px] border-r-[6px] pl-2 pr-2.5"
        : "rounded-[2px] border-double border-[3px] px-2";
  return (
    <span
      className={`inline-block max-w-52 border-[1.5px] align-middle leading-tight break-words border-ink bg-sheet py-0.5 font-mono text-[13px] font-semibold ${shape}`}
      title={side === "battery" ? label : `${side}: ${label}`}
    >
      {side !== "battery" && <span className="hidden-text">{side} cavity </span>}
      <span className="line-clamp-3">
        <Unbroken label={label} />
      </span>
    </span>
  );
}

/** A long name may wrap, but never between its last word and the cavity. */
function Unbroken({ label }: { label: string }) {
  const at = label.lastIndexOf(" ") + 1;
  const tail = label.slice(at);
  return (
    <>
      {label.slice(0, at)}
      <span className={tail.length > 24 ? "break-all" : "whitespace-nowrap"}>{tail}</span>
    </>
  );
}
