export type Mark = "open" | "proposed" | "decided" | "proven" | "blocked" | "refused";

/**
 * State marks: dashed square open, square proposed, filled decided, tick proven, barred blocked. A word always stands
 * beside them.
 */
export function StateMark({ mark }: { mark: Mark }) {
  const frame = {
    width: 16,
    height: 16,
    viewBox: "0 0 16 16",
    fill: "none",
    stroke: "currentColor",
    "aria-hidden": true,
    className: "shrink-0",
  } as const;
  switch (mark) {
    case "open":
      return (
        <svg {...frame} strokeWidth="2" strokeDasharray="3 2.5">
          <path d="M2.5 2.5h11v11h-11z" />
        </svg>
      );
    case "proposed":
      return (
        <svg {...frame} strokeWidth="2">
          <path d="M2.5 2.5h11v11h-11z" />
        </svg>
      );
    case "decided":
      return (
        <svg {...frame}>
          <path d="M2 2h12v12H2z" fill="currentColor" stroke="none" />
        </svg>
      );
    case "proven":
      return (
        <svg {...frame} strokeWidth="2.4">
          <path d="M2 8.5l4 4 8-9" />
        </svg>
      );
    case "blocked":
      return (
        <svg {...frame} strokeWidth="2.2">
          <path d="M2.5 2.5h11v11h-11zM2.5 2.5l11 11" />
        </svg>
      );
    case "refused":
      return (
        <svg {...frame} strokeWidth="2.2">
          <path d="M3 8h10" />
        </svg>
      );
  }
}

export function Logo() {
  return (
    <svg
      width="30"
      height="22"
      viewBox="0 0 30 22"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      aria-hidden="true"
    >
      <path d="M3 19L11 3l8 16M11 19L19 3l8 16" />
      <circle cx="15" cy="11" r="2.2" fill="var(--bench)" />
      <circle cx="3" cy="19" r="2" fill="currentColor" />
      <circle cx="27" cy="19" r="2" fill="currentColor" />
    </svg>
  );
}

export type LaneKind = "direct" | "adapter" | "calibration" | "gateway" | "impossible" | "open";

/**
 * What joins donor and host: plain, a box, a dial, a lozenge, broken, or dotted while undecided. The ends are pivots.
 */
export function Lane({ kind }: { kind: LaneKind }) {
  const ends = (
    <>
      <circle cx="6" cy="11" r="4" fill="var(--sheet)" />
      <circle cx="162" cy="11" r="4" fill="var(--sheet)" />
    </>
  );
  const middle = {
    direct: <path d="M10 11H158" />,
    adapter: (
      <>
        <path d="M10 11H66M102 11H158" />
        <path d="M66 3h36v16H66z" fill="var(--sheet)" />
        <path d="M75 11h18" />
      </>
    ),
    calibration: (
      <>
        <path d="M10 11H74M94 11H158" />
        <circle cx="84" cy="11" r="9" fill="var(--sheet)" />
        <path d="M84 11l5-5" />
      </>
    ),
    gateway: (
      <>
        <path d="M10 11H60M108 11H158" />
        <path d="M60 11l12-8h24l12 8-12 8H72z" fill="var(--sheet)" />
      </>
    ),
    impossible: (
      <>
        <path d="M10 11H62M106 11H158" strokeDasharray="5 5" />
        <path d="M76 4l16 14M92 4L76 18" stroke="var(--stop)" />
      </>
    ),
    open: <path d="M10 11H158" strokeDasharray="2 6" />,
  }[kind];
  return (
    <svg
      viewBox="0 0 168 22"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2.4"
      aria-hidden="true"
      className="block w-full max-w-[168px]"
    >
      {middle}
      {ends}
    </svg>
  );
}
