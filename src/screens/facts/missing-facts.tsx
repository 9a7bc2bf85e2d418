"use client";

import { PARAMS_OF } from "@/core/forms";
import type { LinkOption } from "@/core/signals";
import { missingText } from "@/core/words";
import { withNeighbours } from "@/job/neighbours";
import { kindOp } from "@/job/pin-ops";
import { formOf } from "@/job/signal-pins";
import { KindChoice } from "../pins/pin-cells";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { FactField } from "./fact-field";

type Missing = LinkOption["missing"][number];

/** Fields in which a fact that is missing can be given. */
function fieldsOf(fact: Missing["fact"], pin: PinView): readonly string[] {
  if (fact === "kind") return [];
  if (fact === "amps-or-ohms") return ["amps", "ohms"];
  const own = (field: string) => Object.hasOwn(PARAMS_OF[formOf(pin.row).kind], field);
  return (typeof fact === "object" ? [fact.wanted, fact.given] : [fact]).filter(own).slice(0, 1);
}

/** Each fact without which nobody can say more, with the field to give it in. */
export function MissingFacts({ missing }: { missing: readonly Missing[] }) {
  const job = useJob();
  if (missing.length === 0) return null;
  return (
    <section aria-label="Missing">
      <h3 className="text-[13px] font-bold">
        Missing <span className="font-mono font-normal">{missing.length}</span>
      </h3>
      {missing.map((one) => {
        const pin = job.pinById.get(one.at.pinId);
        if (pin === undefined) return <p key={JSON.stringify(one)}>{missingText(one)}</p>;
        return (
          <div key={JSON.stringify(one)}>
            {one.fact === "kind" && (
              <div className="border-b border-rule py-2">
                <p className="text-[13px] font-semibold">
                  <span className="font-mono">{pin.label}</span> What does it do electrically?
                </p>
                <KindChoice
                  pin={pin}
                  onChoose={(kind) =>
                    job.change(`What ${pin.label} does`, withNeighbours(job.document, pin.row, kindOp(pin.row, kind)), {
                      quiet: true,
                    })
                  }
                />
              </div>
            )}
            {typeof one.fact === "object" && <p className="pt-2 text-[13px] text-ink2">{missingText(one)}</p>}
            {fieldsOf(one.fact, pin).map((field) => (
              <FactField key={field} named pin={pin} field={field} />
            ))}
          </div>
        );
      })}
    </section>
  );
}
