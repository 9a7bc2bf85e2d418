"use client";

import { useMemo } from "react";
import { bookOf } from "@/core/approaches";
import { fieldOf } from "@/core/forms";
import { LOCKOUT_KMH, type Lockout, lockoutFault, lockouts } from "@/core/transmission";
import { cavityLabel, LOCKOUT_WORDS, lockoutFaultText, lockoutText } from "@/core/words";
import { choiceOps } from "@/job/gearbox-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { BenchField } from "../gauges/bench-field";
import { useJob } from "../shell/job-provider";

/** Reverse barred while the vehicle rolls forward: by speed, or by the brake pedal; both priced. */
export function LockoutView() {
  const job = useJob();
  const { document } = job;
  const choice = document.choices.find(({ id }) => id === "lockout");
  const [onKmh, offKmh] = [choice?.given.onKmh ?? LOCKOUT_KMH.on, choice?.given.offKmh ?? LOCKOUT_KMH.off];
  const pins = useMemo(() => signalPinsIn(document), [document]);
  const tap = pins.find(
    (pin) =>
      pin.quantity === "vehicle-speed" && fieldOf(pin.form, "pulsesPerKm") !== null && pin.form.kind.endsWith("-out"),
  );
  const solenoid = pins.find(({ quantity }) => quantity === "reverse-lockout");
  const fault = lockoutFault(onKmh, offKmh);
  const ways = lockouts(tap === undefined ? null : fieldOf(tap.form, "pulsesPerKm"), onKmh, offKmh);
  const save = (to: { way?: string; given?: Record<string, number> }) =>
    job.change("Reverse lockout", (person) =>
      choiceOps(
        document,
        "lockout",
        { way: to.way ?? choice?.way ?? "open", given: { ...choice?.given, ...to.given }, note: choice?.note ?? "" },
        person,
      ),
    );
  return (
    <div className="max-w-4xl space-y-3">
      <p>
        {solenoid === undefined
          ? "No reverse lockout is in the tables. A gearbox that has one bars reverse until its solenoid is worked; without a feed it may never let it in."
          : "The gearbox has a reverse lockout:"}{" "}
        {solenoid !== undefined && <Plate side={solenoid.side} label={cavityLabel(solenoid)} />}
      </p>
      <p className="text-[13px]">
        Speed is taken at{" "}
        {tap === undefined ? (
          "nothing yet: no speed output with pulses per km is in the tables"
        ) : (
          <Plate side={tap.side} label={cavityLabel(tap)} />
        )}
        .
      </p>
      <div className="grid max-w-md grid-cols-2 gap-3">
        <BenchField
          label="Barred from"
          quantity="vehicle-speed"
          above={0}
          value={onKmh}
          onSave={(value) => save({ given: { onKmh: value ?? LOCKOUT_KMH.on } })}
        />
        <BenchField
          label="Let in below"
          quantity="vehicle-speed"
          above={0}
          value={offKmh}
          onSave={(value) => save({ given: { offKmh: value ?? LOCKOUT_KMH.off } })}
          error={fault === null ? null : lockoutFaultText(fault)}
        />
      </div>
      {ways.map((way) => (
        <Way
          key={way.way}
          way={way}
          chosen={choice?.way === way.way}
          onChoose={() => save({ way: way.way })}
          disabled={fault !== null && way.way === "by-speed"}
        />
      ))}
    </div>
  );
}

function Way({
  way,
  chosen,
  onChoose,
  disabled,
}: {
  way: Lockout;
  chosen: boolean;
  onChoose: () => void;
  disabled: boolean;
}) {
  const { prices } = useJob().document;
  const book = bookOf(prices);
  const parts = way.parts.reduce((sum, part) => sum + book[`adapter-${part}`].money, 0);
  return (
    <section aria-label={LOCKOUT_WORDS[way.way]} className="flex items-start gap-4 border-t border-rule pt-2">
      <div className="min-w-0 flex-1">
        <h2 className="font-bold">
          {LOCKOUT_WORDS[way.way]} {chosen && <span className="font-normal">· decided</span>}
        </h2>
        <p>{lockoutText(way)}</p>
      </div>
      <p className="font-mono text-[13px] whitespace-nowrap">
        {way.minutes} min · {way.joints} joints · parts {Math.round(parts)}
      </p>
      {!chosen && (
        <Button disabled={disabled} onClick={onChoose}>
          Use
        </Button>
      )}
    </section>
  );
}
