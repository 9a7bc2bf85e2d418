import type { SenderNetwork } from "@/core/gauges";
import { ohms } from "@/core/words";

/** The resistors as they are soldered: at the gauge's end of the sender's wire, where it is dry and cool. */
export function NetworkDrawing({ network }: { network: SenderNetwork }) {
  const { form, seriesOhms, parallelOhms } = network;
  // Where the other resistor leads to ground: before the series one, seen from the gauge, or behind it.
  const acrossAt =
    form === "series-then-parallel" ? 118 : form === "parallel-then-series" || form === "parallel" ? 262 : null;
  return (
    <svg
      viewBox="0 0 424 140"
      role="img"
      aria-label={`Gauge, ${seriesOhms === null ? "no resistor in series" : `${ohms(seriesOhms)} in series`}, ${parallelOhms === null ? "none across" : `${ohms(parallelOhms)} to ground`}, sender`}
      className="w-full max-w-[430px] font-mono"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2"
    >
      <circle cx="40" cy="44" r="24" />
      <path d="M40 44L54 30" strokeWidth="3" />
      <text x="40" y="88" textAnchor="middle" stroke="none" fill="var(--ink)" fontSize="13">
        gauge
      </text>
      <path d={seriesOhms === null ? "M64 44H340" : "M64 44H160M220 44H340"} />
      {seriesOhms !== null && <Resistor x={160} y={44} text={ohms(seriesOhms)} />}
      {parallelOhms !== null && acrossAt !== null && (
        <>
          <circle cx={acrossAt} cy="44" r="4" fill="var(--ink)" />
          <path d={`M${acrossAt} 44V54M${acrossAt} 102V114`} />
          <rect x={acrossAt - 9} y="54" width="18" height="48" fill="var(--sheet)" />
          <text x={acrossAt + 14} y="82" stroke="none" fill="var(--ink)" fontSize="13" fontWeight="600">
            {ohms(parallelOhms)}
          </text>
          <Ground x={acrossAt} />
        </>
      )}
      <path d="M340 44V58M340 98V114" />
      <rect x="331" y="58" width="18" height="40" fill="var(--sheet)" />
      <path d="M322 100L358 56" />
      <text x="362" y="84" stroke="none" fill="var(--ink)" fontSize="13">
        sender
      </text>
      <Ground x={340} />
    </svg>
  );
}

const Resistor = ({ x, y, text }: { x: number; y: number; text: string }) => (
  <>
    <rect x={x} y={y - 9} width="60" height="18" fill="var(--sheet)" />
    <text x={x + 30} y={y - 16} textAnchor="middle" stroke="none" fill="var(--ink)" fontSize="13" fontWeight="600">
      {text}
    </text>
  </>
);
const Ground = ({ x }: { x: number }) => (
  <path d={`M${x - 12} 114H${x + 12}M${x - 8} 120H${x + 8}M${x - 4} 126H${x + 4}`} />
);
