import type { ColourCode } from "@/core/intake";

/** Insulation as it looks on the bench, for each IEC 60757 code. */
export const INSULATION: Readonly<Record<ColourCode, string>> = {
  BK: "#1b1b1b",
  BN: "#7a4a21",
  RD: "#c8201a",
  OG: "#e8801a",
  YE: "#f0cf1b",
  GN: "#1f8a3b",
  BU: "#1f57b8",
  VT: "#7a3fa0",
  GY: "#8d9496",
  WH: "#ffffff",
  PK: "#ef9fb6",
  GD: "#c9a23a",
  TQ: "#2aa7a5",
  SR: "#c4cacc",
};

/**
 * A wire in its real base colour with its tracer, always beside its written code. A colour that cannot be read is
 * hatched.
 */
export function Wire({
  colour,
  base,
  tracer,
  flip = false,
}: {
  colour: string | null;
  base: ColourCode | null;
  tracer: ColourCode | null;
  flip?: boolean;
}) {
  const code = base === null ? (colour ?? "none") : tracer === null ? base : `${base}/${tracer}`;
  return (
    <span
      className={`inline-flex shrink-0 items-center gap-2 ${flip ? "flex-row-reverse" : ""}`}
      title={colour === null ? "no wire colour in the table" : `written: ${colour}`}
    >
      <svg
        width="52"
        height="16"
        viewBox="0 0 52 16"
        aria-hidden="true"
        className="shrink-0 [print-color-adjust:exact]"
      >
        <path d="M0 8h7M45 8h7" stroke="#b4743a" strokeWidth="3" />
        <rect
          x="7"
          y="1.5"
          width="38"
          height="13"
          rx="2"
          fill={base === null ? "var(--fill)" : INSULATION[base]}
          stroke="var(--ink2)"
          strokeDasharray={base === null ? "3 2" : undefined}
        />
        <path d="M8.5 4h35" stroke="#ffffff" strokeOpacity="0.3" strokeWidth="2" />
        {tracer !== null && <path d="M7 8h38" stroke={INSULATION[tracer]} strokeWidth="4" />}
      </svg>
      <span className="max-w-24 truncate font-mono text-[13px] font-medium">{code}</span>
    </span>
  );
}
