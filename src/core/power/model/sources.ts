import { fieldOf } from "../../forms";
import type { HarnessPart } from "../../harness";
import type { CavityFacts } from "../../parts";
import { type Settings, settingValue } from "../settings";
import type { PowerFacts, PowerModel } from "../types";
import type { NetSpan } from "./spans";

/** A battery's voltage at rest: an output that states less than that would charge nothing, V. */
export const AT_REST_VOLTS = 12.6;
/**
 * By how much an alternator's regulated voltage falls from a tenth of its rated current to all of it, V (our estimate;
 * regulators hold 0.2 to 0.4 V).
 */
const DROOP_VOLTS = 0.3;

/** The resistance behind an alternator's regulated voltage, Ω. */
export const alternatorOhms = (ratedAmps: number): number => DROOP_VOLTS / (0.9 * ratedAmps);

/** An alternator's rated current, A: as somebody said, else as its cavities state, else a usual one. */
export function ratedAmps(settings: Settings, pins: readonly (CavityFacts | undefined)[]): number {
  const usual = settingValue(settings, "alternator-a");
  if (settings.get("alternator-a")?.origin != null) return usual;
  // A lamp's or sense terminal states its own few amperes.
  const stated = Math.max(0, ...pins.map((pin) => (pin === undefined ? 0 : (fieldOf(pin.form, "maxAmps") ?? 0))));
  return stated > 10 ? stated : usual;
}

/** Its regulated voltage, V: as somebody said, else as its output's cavity states, else a usual one. */
export function regulatedVolts(settings: Settings, output: CavityFacts | undefined): number {
  const stated = output === undefined ? 0 : (fieldOf(output.form, "volts") ?? 0);
  return settings.get("alternator-v")?.origin == null && stated > AT_REST_VOLTS
    ? stated
    : settingValue(settings, "alternator-v");
}

/** The same of a part of the harness. */
export const ratedAmpsOf = (
  { harness, settings }: Pick<PowerFacts, "harness" | "settings">,
  part: HarnessPart,
): number =>
  ratedAmps(
    settings,
    part.terminals.map(({ pinId }) => (pinId === null ? undefined : harness.pinById.get(pinId))),
  );

/** A source of the netlist with the part that it stands for; null for a battery that no table shows. */
interface Source {
  readonly span: NetSpan;
  readonly part: HarnessPart | null;
}

export function sourcesOf({ net, spans, facts }: PowerModel): Source[] {
  return net.sources.map((at) => {
    const span = spans.all[at] as NetSpan;
    const { origin } = span.planned;
    return { span, part: origin.type === "part" ? (facts.harness.partById.get(origin.partId) ?? null) : null };
  });
}

export const isBattery = ({ part }: Source): boolean => part === null || part.type === "battery";

/** The element that lifts an alternator's lamp terminal: it feeds the lamp and the field, not the vehicle. */
export const EXCITER = "exciter";

/** Alternators that charge, by their main output. */
export const alternatorsOf = (model: PowerModel): (Source & { readonly part: HarnessPart })[] =>
  sourcesOf(model).flatMap(({ span, part }) =>
    part?.type === "alternator" && span.planned.origin.type === "part" && span.planned.origin.elementId !== EXCITER
      ? [{ span, part }]
      : [],
  );
