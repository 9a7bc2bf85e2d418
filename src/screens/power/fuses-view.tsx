import type { FuseRow, PowerEdit, PowerReport } from "@/core/power";
import {
  amps,
  capital,
  fuseCheckText,
  originText,
  pointText,
  ratedAmps,
  STATE_HEADS,
  sizeWords,
  temperatureText,
  volts,
  wireText,
} from "@/core/words";
import { Button } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { FuseChart } from "./fuse-chart";

/** The tables to build from: every fuse with its wire and load, every relay with who works it. */
export function FusesView({
  report,
  selected,
  onSelect,
}: {
  report: PowerReport;
  selected: string | null;
  onSelect: (key: string) => void;
}) {
  const { units } = useJob().document.job;
  if (report.fuses.length === 0 && report.relays.length === 0)
    return (
      <Empty title="No fuse and no relay yet">
        <p>Place a fuse box in Intake, or let a link's adapter bring one.</p>
      </Empty>
    );
  return (
    <div className="p-3">
      <table className="w-full">
        <caption className="mb-1 text-left text-sm font-bold">Fuses</caption>
        <thead>
          <tr className="border-b border-rule2 text-left text-[13px]">
            <th className="py-1">Fuse</th>
            <th className="px-2 py-1 text-right">Rating</th>
            <th className="px-2 py-1">Circuit</th>
            <th className="px-2 py-1 text-right">Load, peak</th>
            <th className="px-2 py-1 text-right">Margin</th>
            <th className="px-2 py-1">Thinnest wire</th>
            <th className="py-1">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {report.fuses.map((row) => {
            const failing = row.verdict?.checks.filter((check) => !check.holds) ?? [];
            return (
              <tr
                key={row.key}
                className={`keep border-b border-rule align-top ${selected === row.key ? "bg-fill" : ""}`}
              >
                <td className="py-1">
                  <button
                    type="button"
                    aria-pressed={selected === row.key}
                    className="min-h-10 text-left font-semibold underline decoration-rule2"
                    onClick={() => onSelect(row.key)}
                  >
                    {capital(originText(row.origin))}
                  </button>
                </td>
                <td className="px-2 py-2 text-right font-mono font-semibold whitespace-nowrap">
                  {ratedAmps(row.ratedAmps)}
                </td>
                <td className="px-2 py-2 font-mono">
                  {row.circuit ?? <span className="font-sans text-[13px] text-ink2">none</span>}
                </td>
                <td className="px-2 py-2 text-right font-mono whitespace-nowrap">
                  {amps(row.continuousAmps)}
                  <span className="block text-[13px] text-ink2">{amps(row.peakAmps)}</span>
                </td>
                <td
                  className={`px-2 py-2 text-right font-mono whitespace-nowrap ${row.marginAmps < 0 ? "font-bold text-stop" : ""}`}
                  title={`a continuous load may be 0.75 of its rating, ${amps(row.marginAmps + row.continuousAmps)}`}
                >
                  {amps(row.marginAmps)}
                </td>
                <td className="px-2 py-2">
                  {row.wire === null ? (
                    <span className="text-ink2">none</span>
                  ) : (
                    <>
                      <span className="font-mono">{sizeWords(row.wire.origin.sizeMm2, units)}</span>
                      <span className="block text-[13px] text-ink2">
                        {wireText(row.wire.origin)}
                        {row.wire.origin.assumed.includes("size") ? ", size assumed" : ""}
                      </span>
                    </>
                  )}
                </td>
                <td className="py-2 text-[13px]">
                  <span className={`flex items-start gap-1.5 ${failing.length > 0 ? "font-bold text-stop" : ""}`}>
                    <StateMark mark={row.verdict === null ? "open" : failing.length > 0 ? "blocked" : "proven"} />
                    {row.verdict === null
                      ? "no wire known"
                      : failing.length === 0
                        ? "in order"
                        : failing.map((check) => FAILS[check.code]).join(", ")}
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <table className="mt-6 w-full">
        <caption className="mb-1 text-left">
          <span className="text-sm font-bold">Relays</span>{" "}
          <span className="text-[13px] text-ink2">A coil needs the second voltage to pull in when it is warm.</span>
        </caption>
        <thead>
          <tr className="border-b border-rule2 text-left text-[13px]">
            <th className="py-1">Relay</th>
            <th className="px-2 py-1">Coil between</th>
            <th className="px-2 py-1 text-right">Coil, least</th>
            <th className="px-2 py-1 text-right">Contact</th>
            <th className="px-2 py-1">Diode</th>
            <th className="py-1">Pulled in</th>
          </tr>
        </thead>
        <tbody>
          {report.relays.map((row) => (
            <tr key={row.key} className="keep border-b border-rule align-top">
              <td className="py-1.5 font-semibold">{capital(originText(row.origin))}</td>
              <td className="px-2 py-1.5 text-[13px]">{row.coilEnds.map(pointText).join(" and ")}</td>
              <td className="px-2 py-1.5 text-right font-mono whitespace-nowrap">
                {amps(row.coilAmps)}
                <span
                  className={`block text-[13px] ${row.weakest !== null && row.weakest.volts < row.warmPullInVolts ? "font-bold text-stop" : "text-ink2"}`}
                >
                  {row.weakest === null ? "" : `${volts(row.weakest.volts)} of `}
                  {volts(row.warmPullInVolts)}
                </span>
              </td>
              <td
                className={`px-2 py-1.5 text-right font-mono whitespace-nowrap ${row.contactAmps > row.contactRating ? "font-bold text-stop" : ""}`}
              >
                {amps(row.contactAmps)}
                <span className="block text-[13px] text-ink2">of {ratedAmps(row.contactRating)}</span>
              </td>
              <td className="px-2 py-1.5">{row.diode ? "yes" : "none"}</td>
              <td className="py-1.5 text-[13px]">
                {row.pulledIn.length === 0
                  ? "never"
                  : row.pulledIn.map((state) => STATE_HEADS[state].toLowerCase()).join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const FAILS: Readonly<Record<"continuous" | "wire" | "inrush" | "short", string>> = {
  continuous: "load over 0.75 of its rating",
  wire: "rated above its wire",
  inrush: "blows at switch-on",
  short: "wire burns before it blows",
};

/** One fuse beside its wire, over time and current. */
function FuseDetail({
  report,
  selected,
  onTry,
}: {
  report: PowerReport;
  selected: string | null;
  onTry: (edit: PowerEdit) => void;
}) {
  const { units } = useJob().document.job;
  const row: FuseRow | undefined =
    report.fuses.find((one) => one.key === selected) ??
    report.fuses.find((one) => one.verdict?.checks.some((check) => !check.holds)) ??
    report.fuses[0];
  if (row === undefined) return <section aria-label="Fuse" className="p-4" />;
  const { better, origin } = row;
  return (
    <section aria-label="Fuse" className="min-h-0 overflow-auto p-4 print:overflow-visible" tabIndex={0}>
      <h2 className="text-base">
        {capital(originText(row.origin))}, {ratedAmps(row.ratedAmps)}
      </h2>
      {row.wire !== null && (
        <p className="mt-0.5 text-[13px] text-ink2">
          {sizeWords(row.wire.origin.sizeMm2, units)}, {wireText(row.wire.origin)}, air at{" "}
          {temperatureText(row.ambientC, units)}
          {row.verdict === null ? "" : `; rated for ${amps(row.verdict.wireAmps)}`}
        </p>
      )}
      <ul className="my-3 space-y-1">
        {(row.verdict?.checks ?? []).map((check) => (
          <li key={check.code} className={`flex items-start gap-2 ${check.holds ? "" : "font-semibold text-stop"}`}>
            <StateMark mark={check.holds ? "proven" : "blocked"} />
            <span>{capital(fuseCheckText(check, units))}</span>
          </li>
        ))}
      </ul>
      {better !== null && origin.type === "part" && (
        <p className="mb-3">
          <Button
            onClick={() => onTry({ type: "fuse", partId: origin.partId, elementId: origin.elementId, amps: better })}
          >
            Try {ratedAmps(better)}
          </Button>
        </p>
      )}
      {row.thin.length > 0 && (
        <p className="mb-3 text-[13px]">
          <strong>
            {row.thin.length === 1
              ? "Rated for less than the fuse:"
              : `${row.thin.length} wires are rated for less than the fuse:`}
          </strong>{" "}
          {row.thin
            .slice(0, 8)
            .map((wire) => `${wireText(wire.origin)} (${sizeWords(wire.origin.sizeMm2, units)})`)
            .join(", ")}
          {row.thin.length > 8 ? ` and ${row.thin.length - 8} more` : ""}
        </p>
      )}
      <FuseChart row={row} units={units} />
      <p className="mt-2 text-[13px] text-ink2">
        Where the wire's line lies above the dashed one, even the slowest fuse protects it. Wire: heat balance and
        Onderdonk; fuse: heating of its strip, within ISO 8820-3.
      </p>
      {row.loads.length > 0 && (
        <p className="mt-2 text-[13px]">
          <strong>On it:</strong> {row.loads.map(originText).join(", ")}
        </p>
      )}
    </section>
  );
}

FusesView.Detail = FuseDetail;
