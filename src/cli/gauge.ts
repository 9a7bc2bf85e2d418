import { z } from "zod";
import type { Curve } from "@/core/forms";
import {
  chargeLamp,
  correctionTable,
  curveFault,
  networkErrors,
  networkWatts,
  pulsesPerKm,
  ratioOf,
  rollingMetres,
  type SenderSpec,
  senderNetworks,
  speedometerRatio,
} from "@/core/gauges";
import { curveFaultWords } from "@/core/words";
import { InputError, type ReadFile, UsageError } from "./errors";
import { readFileBytes } from "./files";

export const GAUGE_HELP = `Usage: npm run -s pantograph -- gauge SPEC.json

Prints what makes a gauge show the truth. kind is sender (the best resistor network of each form, with its error over the
band), tachometer (ratio, correction table), speedometer (tyre, final drive and sensor: ratio, error, legal) or charge-lamp.
Example: npm run -s pantograph -- gauge tests/reference/gauge/01.json`;

const above = z.number().positive().max(1e9);
const CurveSpec = z
  .array(z.tuple([z.number(), z.number()]))
  .min(1)
  .max(10_000);
const Spec = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("sender"),
    sender: CurveSpec,
    gauge: CurveSpec,
    interpolate: z.enum(["linear", "log"]).default("linear"),
    band: z.tuple([z.number(), z.number()]),
    series: z.enum(["E24", "E96"]).nullable().default(null),
    volts: above.optional(),
    gaugeOhms: z.number().min(0).max(1e9).optional(),
  }),
  z.object({
    kind: z.literal("tachometer"),
    provider: z.object({ pulsesPerRev: above }),
    gauge: z.object({ pulsesPerRev: above }),
    points: CurveSpec.optional(),
  }),
  z.object({
    kind: z.literal("speedometer"),
    tyre: z.string().optional(),
    finalDrive: above.optional(),
    pulsesPerShaftRev: above.optional(),
    pulsesPerKm: above.optional(),
    gauge: z.union([z.object({ pulsesPerKm: above }), z.object({ revsPerKm: above })]),
  }),
  z.object({ kind: z.literal("charge-lamp"), lampWatts: above, volts: above, exciteAmps: above }),
]);
type SpecOf<K extends z.infer<typeof Spec>["kind"]> = Extract<z.infer<typeof Spec>, { kind: K }>;
type Fail = (place: string, code: string, message: string, hint: string) => never;

export function gauge(args: readonly string[], read: ReadFile): unknown {
  const [file] = args;
  if (file === undefined || args.length !== 1 || file.startsWith("-"))
    throw new UsageError("Name one file, a gauge's specification.");
  const fail: Fail = (place, code, message, hint) => {
    throw new InputError({ code, message, file, column: place, hint });
  };
  const spec = readSpec(new TextDecoder().decode(readFileBytes(file, read)), fail);
  switch (spec.kind) {
    case "sender":
      return senderOf(spec, fail);
    case "tachometer":
      return tachometerOf(spec, fail);
    case "speedometer":
      return speedometerOf(spec, fail);
    case "charge-lamp":
      return chargeLamp(spec.lampWatts, spec.volts, spec.exciteAmps);
  }
}

function readSpec(text: string, fail: Fail): z.infer<typeof Spec> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return fail("", "not-json", `The file is no JSON: ${(error as Error).message}`, "Correct the file where it says.");
  }
  const parsed = Spec.safeParse(json);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  const place = issue?.path.map(String).join(".") ?? "";
  return fail(
    place,
    "bad-field",
    `${place === "" ? "the specification" : place}: ${issue?.message ?? "cannot be read"}.`,
    "Give kind sender, tachometer, speedometer or charge-lamp, with its values above 0.",
  );
}

/** A curve that is strictly monotone; anything else is refused with its place. */
function checked(name: string, curve: Curve, how: SpecOf<"sender">["interpolate"], fail: Fail): Curve {
  const fault = curveFault(curve, how);
  if (fault === null) return curve;
  const { message, hint } = curveFaultWords(name, fault);
  return fail(name, fault.code, message, hint);
}

function senderOf(spec: SpecOf<"sender">, fail: Fail): unknown {
  const { interpolate, band, series, volts, gaugeOhms = 0 } = spec;
  const [from, to] = band;
  if (!(to > from))
    fail("band", "band-empty", "band: it ends where it begins, or before.", "Give [from, to] with to above from.");
  for (const name of ["sender", "gauge"] as const) {
    const curve = checked(name, spec[name], interpolate, fail);
    if (from < (curve[0]?.[0] ?? Number.NaN) || to > (curve.at(-1)?.[0] ?? Number.NaN))
      fail(
        "band",
        "band-outside",
        `band: ${from} … ${to} lies not within the points of ${name}; nothing is extrapolated.`,
        "Give a narrower band, or measure more points.",
      );
  }
  const search: SenderSpec = { sender: spec.sender, gauge: spec.gauge, interpolate, band, series };
  const networks = senderNetworks(search);
  const [best] = networks;
  return {
    networks: networks.map((network) => ({
      ...network,
      watts: volts === undefined ? null : networkWatts(search, network, { volts, gaugeOhms }),
    })),
    errors: best === undefined ? [] : networkErrors(search, best),
  };
}

function tachometerOf({ provider, gauge: shown, points }: SpecOf<"tachometer">, fail: Fail): unknown {
  if (points !== undefined) {
    const curve = checked("points", points, "linear", fail);
    if ((curve[1]?.[1] ?? 0) < (curve[0]?.[1] ?? 0))
      fail(
        "points",
        "not-monotone",
        "points: what is true falls while more is shown.",
        "Give [shown, true], both rising.",
      );
  }
  return {
    ratio: ratioOf(shown.pulsesPerRev, provider.pulsesPerRev),
    ...(points === undefined ? {} : { table: correctionTable(points) }),
  };
}

function speedometerOf(spec: SpecOf<"speedometer">, fail: Fail): unknown {
  const { tyre, finalDrive, pulsesPerShaftRev, gauge: shown } = spec;
  const rollingM = tyre === undefined ? null : rollingMetres(tyre);
  if (tyre !== undefined && rollingM === null)
    fail(
      "tyre",
      "no-tyre",
      `tyre: “${tyre.slice(0, 40)}” is no tyre's code.`,
      "Write it as on its side: 235/70R16 or 7.00-16.",
    );
  const given =
    spec.pulsesPerKm ??
    (rollingM !== null && finalDrive !== undefined && pulsesPerShaftRev !== undefined
      ? pulsesPerKm(rollingM, finalDrive, pulsesPerShaftRev)
      : null);
  if (given === null)
    return fail(
      "pulsesPerKm",
      "pulses-missing",
      "pulsesPerKm: how many pulses come is not told.",
      "Give pulsesPerKm, or tyre, finalDrive and pulsesPerShaftRev.",
    );
  // A turn of a cable counts as one pulse.
  const wanted = "pulsesPerKm" in shown ? shown.pulsesPerKm : shown.revsPerKm;
  const { value, num, den, errorPercent, legal } = speedometerRatio(wanted, given);
  return { rollingM, pulsesPerKm: given, ratio: { num, den, value }, errorPercent, legal };
}
