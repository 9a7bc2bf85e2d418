import { fieldOf } from "@/core/forms";
import type { Line } from "@/core/plan";
import type { Adapter } from "@/core/signals";
import { adapterText, cavityLabel, KIND_WORDS } from "@/core/words";

const WIDTH = 420;
const RAIL_Y = 88;

/** Adapters beside the wire, rather than standing in it. */
const BESIDE = new Set(["pull-up", "pull-down", "flyback-diode", "clamp", "can-termination", "dummy-load"]);

/** As high as what is drawn: a plain wire needs little, what stands beside it its whole height. */
function viewBoxOf(adapters: readonly Adapter[]): string {
  if (adapters.length === 0) return `0 ${RAIL_Y - 34} ${WIDTH} 70`;
  const beside = adapters.some(({ type }) => BESIDE.has(type));
  return beside ? `0 0 ${WIDTH} 176` : `0 ${RAIL_Y - 66} ${WIDTH} 150`;
}

/**
 * The link's circuit: the wire from end to end, what stands in it, and what is connected to it towards a supply or
 * ground.
 */
export function ChainDrawing({ line }: { line: Line }) {
  const places = line.adapters.length;
  const sinks = line.provider.form.kind === "low-side-out" || fieldOf(line.provider.form, "to") === "ground";
  const at = (index: number) => 60 + ((WIDTH - 120) * (index + 1)) / (places + 1);
  const broken = line.verdict === "impossible";
  return (
    <svg
      viewBox={viewBoxOf(line.adapters)}
      role="img"
      aria-label={`Circuit from ${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}${places > 0 ? `, with ${line.adapters.map(adapterText).join(", ")}` : ""}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2"
      className="w-full max-w-[460px] font-mono"
    >
      <path d={`M20 ${RAIL_Y}H${WIDTH - 20}`} strokeDasharray={broken ? "5 5" : undefined} />
      {line.adapters.map((adapter, index) =>
        BESIDE.has(adapter.type) ? (
          <Beside
            key={adapterText(adapter)}
            x={at(index)}
            adapter={adapter}
            up={adapter.type === "pull-up" || (adapter.type === "flyback-diode" && sinks)}
          />
        ) : (
          <Box key={adapterText(adapter)} x={at(index)} adapter={adapter} low={index % 2 === 1} />
        ),
      )}
      <circle cx="20" cy={RAIL_Y} r="4.5" fill="var(--sheet)" />
      <circle cx={WIDTH - 20} cy={RAIL_Y} r="4.5" fill="var(--sheet)" />
      <g stroke="none" fill="var(--ink)" fontSize="13" fontWeight="600">
        <text x="10" y={RAIL_Y - 14}>
          {cavityLabel(line.provider)}
        </text>
        <text x={WIDTH - 10} y={RAIL_Y - 14} textAnchor="end">
          {cavityLabel(line.consumer)}
        </text>
      </g>
      <g stroke="none" fill="var(--ink2)" fontSize="13">
        <text x="10" y={RAIL_Y + 24}>
          {KIND_WORDS[line.provider.form.kind]}
        </text>
        <text x={WIDTH - 10} y={RAIL_Y + 24} textAnchor="end">
          {KIND_WORDS[line.consumer.form.kind]}
        </text>
      </g>
    </svg>
  );
}

/** An adapter in the wire: a box with its values over or under it. */
function Box({ x, adapter, low }: { x: number; adapter: Adapter; low: boolean }) {
  const lines = split(adapterText(adapter));
  const top = low ? RAIL_Y + 46 : RAIL_Y - 30 - 16 * (lines.length - 1);
  return (
    <g>
      <rect x={x - 22} y={RAIL_Y - 13} width="44" height="26" fill="var(--sheet)" />
      {adapter.type === "relay" ? (
        <path
          d={`M${x - 12} ${RAIL_Y + 4}L${x + 8} ${RAIL_Y - 7}M${x + 10} ${RAIL_Y + 4}h6M${x - 18} ${RAIL_Y + 4}h6`}
        />
      ) : adapter.type === "blocking-diode" ? (
        <path d={`M${x - 8} ${RAIL_Y - 7}v14l14 -7zM${x + 7} ${RAIL_Y - 8}v16`} />
      ) : (
        <path d={`M${x - 12} ${RAIL_Y}h24`} />
      )}
      <g stroke="none" fill="var(--ink)" fontSize="13">
        {lines.map((text, index) => (
          <text key={text} x={x} y={top + 16 * index} textAnchor="middle">
            {text}
          </text>
        ))}
      </g>
    </g>
  );
}

/**
 * An adapter beside the wire: up to a supply (a pull-up, the flyback diode of a driver that sinks) or down to ground.
 */
function Beside({ x, adapter, up }: { x: number; adapter: Adapter; up: boolean }) {
  const diode = adapter.type.endsWith("diode");
  const lines = split(`${adapterText(adapter)}${diode && up ? " to battery" : ""}`);
  return (
    <g>
      <circle cx={x} cy={RAIL_Y} r="3.5" fill="var(--ink)" />
      {up ? (
        <path d={`M${x} ${RAIL_Y}V60M${x} 28V16H${x + 18}`} />
      ) : (
        <path d={`M${x} ${RAIL_Y}V116M${x} 148V158M${x - 9} 158h18M${x - 5} 163h10`} />
      )}
      <rect x={x - 8} y={up ? 28 : 116} width="16" height="32" fill="var(--sheet)" />
      {diode && <path d={`M${x - 6} ${up ? 50 : 138}h12l-6 -12zM${x - 6} ${up ? 38 : 126}h12`} strokeWidth="1.5" />}
      <g stroke="none" fill="var(--ink)" fontSize="13">
        {lines.map((text, index) => (
          <text key={text} x={x + 16} y={(up ? 42 : 132) + 16 * index}>
            {text}
          </text>
        ))}
      </g>
    </g>
  );
}

/** Two lines at the most meaningful break, so that values stay readable. */
function split(text: string): string[] {
  const at = text.indexOf(", ");
  if (at > 0) return [text.slice(0, at), text.slice(at + 2)];
  const to = text.indexOf(" to ");
  return to > 0 ? [text.slice(0, to), text.slice(to + 1)] : [text];
}
