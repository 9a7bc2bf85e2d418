export type EvidenceGrade = "claimed" | "guessed" | "read" | "measured" | "proven";

/** Five grades of evidence that never look alike: how much of the bar is filled, and how its edge is drawn. */
export function Grade({ grade }: { grade: EvidenceGrade }) {
  const frame = {
    width: 26,
    height: 12,
    viewBox: "0 0 26 12",
    fill: "none",
    stroke: "currentColor",
    strokeWidth: 1.6,
    "aria-hidden": true,
    className: "shrink-0",
  } as const;
  const drawing = {
    claimed: <path d="M1 6h24" strokeDasharray="2 3" />,
    guessed: <path d="M1 1h24v10H1z" strokeDasharray="3 2.5" />,
    read: <path d="M1 1h24v10H1z" />,
    measured: (
      <>
        <path d="M1 1h24v10H1z" />
        <path d="M1 1h12v10H1z" fill="currentColor" />
      </>
    ),
    proven: <path d="M1 1h24v10H1z" fill="currentColor" />,
  }[grade];
  return (
    <span className="inline-flex items-center gap-1.5 text-[13px]">
      <svg {...frame}>{drawing}</svg>
      {grade}
    </span>
  );
}
