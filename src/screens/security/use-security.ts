import { useMemo } from "react";
import {
  antiTheftSides,
  type CalibrationChange,
  calibrationChanges,
  SECURITY_WAYS,
  type SecurityWay,
  securityOptions,
  securityWires,
} from "@/core/calibration";
import { GEARBOX_SWAPS, swapItems } from "@/core/transmission";
import { calibrationValueText, calibrationWhatText, calibrationWhyText } from "@/core/words";
import { fillingsOf } from "@/job/gap-ops";
import type { CalibrationRow } from "@/job/schema";
import { type CalibrationValues, EMPTY_CALIBRATION } from "@/job/security-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { useInstruments } from "../gauges/use-instruments";
import { useJob } from "../shell/job-provider";

/** The anti-theft parts of both sides, and the ways open to them. */
export function useSecurity() {
  const { document, plan, pinById } = useJob();
  const choice = document.choices.find(({ id }) => id === "security-way");
  return useMemo(() => {
    const pins = signalPinsIn(document);
    const told = new Set((["donor", "host"] as const).filter((side) => choice?.given[`none ${side}`] === 1));
    const sides = antiTheftSides(pins, ({ id }) => pinById.get(id)?.row.description ?? "", told);
    const wires = securityWires(sides[0].parts, pins, plan.lines);
    const isProgrammable = document.job.approach === "programmable";
    return {
      sides,
      wires,
      options: securityOptions(sides, wires, pins, isProgrammable),
      way: SECURITY_WAYS.find((one) => one === choice?.way) ?? (null as SecurityWay | null),
      choice,
    };
  }, [document, plan.lines, pinById, choice]);
}

/** A line of the calibration list: asked for by the plan, or entered by hand. */
export interface CalibrationEntry extends CalibrationRow {
  /** What asks for it; null for one that somebody entered. */
  readonly asked: CalibrationChange | null;
}

export const valuesOf = (change: CalibrationChange): CalibrationValues => ({
  ...EMPTY_CALIBRATION,
  computer: change.computer === "" ? "engine computer" : change.computer,
  what: calibrationWhatText(change),
  was: calibrationValueText(change.was),
  becomes: calibrationValueText(change.becomes),
  why: calibrationWhyText(change),
});

/** Every change that is asked of a calibration, from all stages, with what people said and did of it. */
export function useCalibration(): readonly CalibrationEntry[] {
  const { document, plan } = useJob();
  const instruments = useInstruments();
  const { way } = useSecurity();
  return useMemo(() => {
    const pins = signalPinsIn(document);
    const swap =
      GEARBOX_SWAPS.find((one) => one === document.choices.find(({ id }) => id === "gearbox")?.way) ?? "kept";
    const given = new Map(document.benches.map((row) => [row.id, row.given]));
    const changes = calibrationChanges({
      lines: plan.lines,
      fillings: fillingsOf(document, pins),
      dials: instruments.flatMap(({ pin, driver, type }) =>
        type === "speedometer"
          ? [{ pin, driver, tyre: given.get(pin.id)?.tyre ?? null, finalDrive: given.get(pin.id)?.finalDrive ?? null }]
          : [],
      ),
      swap,
      swapItems: swapItems(swap, pins),
      security: way,
      engineComputer: pins.find(({ side, quantity }) => side === "donor" && quantity === "injector")?.connector ?? null,
    });
    const rows = new Map(document.calibrations.map((row) => [row.id, row]));
    const asked = changes.map((change): CalibrationEntry => {
      const row = rows.get(change.key);
      const plan = valuesOf(change);
      // What the plan asks is as the plan has it now; people's part of the line is theirs.
      return { id: change.key, byHand: false, ...plan, ...(row ?? {}), why: plan.why, what: plan.what, asked: change };
    });
    const keys = new Set(changes.map(({ key }) => key));
    return [
      ...asked,
      ...document.calibrations.filter((row) => !keys.has(row.id)).map((row) => ({ ...row, asked: null })),
    ];
  }, [document, plan.lines, instruments, way]);
}
