"use client";

import Link from "next/link";
import {
  type AntiTheftSide,
  type SecurityOption,
  type SecurityWay,
  type SecurityWire,
  securitySteps,
} from "@/core/calibration";
import {
  ANTI_THEFT_WORDS,
  cavityLabel,
  listed,
  quantityHead,
  SECURITY_LOSS_WORDS,
  SECURITY_STEP_WORDS,
  SECURITY_WAY_WORDS,
  securityClosedText,
  securityNeedText,
} from "@/core/words";
import { choiceOps } from "@/job/gearbox-ops";
import { Button, buttonLook } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Caution } from "@/ui/states";
import { useDecide } from "../map/use-decide";
import { useJob } from "../shell/job-provider";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { IdentityList } from "./identity-list";
import { SecurityRecord } from "./security-record";
import { useSecurity } from "./use-security";

/** The anti-theft parts: which there are, which way is taken, what must belong together, and the record of the work. */
export function SecurityScreen() {
  const { sides, options, wires, way } = useSecurity();
  return (
    <>
      <ScreenHead title="Anti-theft parts">
        <span className="flex-1" />
        <PrintButton>Print the record</PrintButton>
      </ScreenHead>
      <div
        className="mx-4 mb-4 min-h-0 flex-1 space-y-5 overflow-auto border border-rule2 bg-sheet px-4 py-3 print:overflow-visible print:border-0"
        tabIndex={0}
        role="group"
        aria-label="Anti-theft parts"
      >
        <Caution>
          Anti-theft work is for those entitled to it: with proof of ownership, where the law allows it, by the
          maker&rsquo;s procedures or a licensed specialist. Here it is planned and recorded; how a protection is
          defeated stands nowhere.
        </Caution>
        <section aria-label="What there is" className="grid grid-cols-2 gap-6 max-lg:grid-cols-1">
          {sides.map((side) => (
            <Found key={side.side} side={side} />
          ))}
        </section>
        <section aria-label="Ways">
          <h2 className="font-bold">Ways</h2>
          {options.map((option) => (
            <Way
              key={option.way}
              option={option}
              chosen={way === option.way}
              isFirst={way === null && option === options.find(({ closed }) => closed === null)}
            />
          ))}
        </section>
        {way === "keep-paired" && (
          <section aria-label="Wires of the module">
            <h2 className="font-bold">
              Wires of the module <span className="font-mono font-normal text-ink2">{wires.length}</span>
            </h2>
            <table className="w-full table-fixed text-left">
              <tbody>
                {wires.map((wire) => (
                  <ModuleWire key={wire.pin.id} wire={wire} />
                ))}
              </tbody>
            </table>
          </section>
        )}
        {way !== null && <Steps way={way} />}
        <IdentityList />
        <SecurityRecord />
      </div>
    </>
  );
}

/** One wire of the module: who serves it, and where it is proposed the decision itself. */
function ModuleWire({ wire: { pin, line, ownSide } }: { wire: SecurityWire }) {
  const decide = useDecide();
  const { jobId } = useJob();
  const other = line === null ? null : line.consumer.id === pin.id ? line.provider : line.consumer;
  return (
    <tr className="border-t border-rule">
      <td className="w-56 py-1">
        <Plate side={pin.side} label={cavityLabel(pin)} />
      </td>
      <td>{quantityHead(pin.quantity)}</td>
      <td className={ownSide || line?.state === "decided" ? "" : "font-semibold text-stop"}>
        {ownSide
          ? "in the donor's own harness"
          : other === null
            ? "nothing serves it yet"
            : line?.state === "decided"
              ? `decided: ${cavityLabel(other)}`
              : `needs a decision: ${cavityLabel(other)}`}
      </td>
      <td className="w-32 text-right">
        {line?.state === "proposed" && !ownSide && (
          <Button onClick={() => decide.accept(line)}>
            Accept<span className="hidden-text"> {cavityLabel(pin)}</span>
          </Button>
        )}
        {(line?.state === "open" || line?.state === "blocked") && !ownSide && (
          <Link
            href={`/jobs/${jobId}/map?line=${encodeURIComponent(line.key)}`}
            className={`${buttonLook()} print:hidden`}
          >
            Decide in Map
          </Link>
        )}
      </td>
    </tr>
  );
}

function Found({ side }: { side: AntiTheftSide }) {
  const job = useJob();
  const { choice } = useSecurity();
  const key = `none ${side.side}`;
  const tell = (none: boolean) =>
    job.change(
      `${side.side}: ${none ? "no anti-theft parts" : "not known whether it has anti-theft parts"}`,
      (person) =>
        choiceOps(
          job.document,
          "security-way",
          {
            way: choice?.way ?? "open",
            note: choice?.note ?? "",
            given: { ...choice?.given, [key]: none ? 1 : 0 },
          },
          person,
        ),
    );
  return (
    <div>
      <h2 className="font-bold">{side.side === "donor" ? "The donor" : "The host"}</h2>
      {side.parts.map((part) => (
        <p key={`${part.connector} ${part.kind}`} className="border-t border-rule py-1">
          <Plate side={part.side} label={part.connector} /> {ANTI_THEFT_WORDS[part.kind]}
          <span className="block text-[13px] text-ink2">
            {listed(
              part.pins.map((pin) => cavityLabel(pin)),
              6,
            )}
          </span>
        </p>
      ))}
      {side.state === "not-seen" && (
        <p className="border-t border-rule py-1">
          Its tables show none. Has it a resistor or a chip in its key, a module that must know the key, or none at all?
          Look for a ring round the lock, a lamp with a key or a lock, and a module at the column.{" "}
          <Button onClick={() => tell(true)}>It has none</Button>
        </p>
      )}
      {side.state === "none" && (
        <p className="border-t border-rule py-1">
          None, as somebody said. <Button onClick={() => tell(false)}>Not known after all</Button>
        </p>
      )}
    </div>
  );
}

/** What is done for the way taken, ticked off in its order. */
function Steps({ way }: { way: SecurityWay }) {
  const job = useJob();
  const { choice } = useSecurity();
  return (
    <section aria-label="Steps">
      <h2 className="font-bold">Steps</h2>
      {securitySteps(way).map((step) => {
        const key = `done ${step}`;
        const done = choice?.given[key] === 1;
        return (
          <label key={step} className="flex min-h-10 items-center gap-3 border-t border-rule">
            <input
              type="checkbox"
              className="size-5"
              checked={done}
              onChange={() =>
                job.change(`${SECURITY_STEP_WORDS[step]}: ${done ? "not done" : "done"}`, (person) =>
                  choiceOps(
                    job.document,
                    "security-way",
                    { way, note: choice?.note ?? "", given: { ...choice?.given, [key]: done ? 0 : 1 } },
                    person,
                  ),
                )
              }
            />
            <span className={done ? "text-ink2" : ""}>{SECURITY_STEP_WORDS[step]}</span>
          </label>
        );
      })}
    </section>
  );
}

function Way({ option, chosen, isFirst }: { option: SecurityOption; chosen: boolean; isFirst: boolean }) {
  const job = useJob();
  const { choice } = useSecurity();
  const { way, closed, needs, loses, governs } = option;
  const choose = () =>
    job.change(`Anti-theft parts: ${SECURITY_WAY_WORDS[way]}`, (person) =>
      choiceOps(job.document, "security-way", { way, note: choice?.note ?? "", given: choice?.given ?? {} }, person),
    );
  return (
    <div className="flex items-start gap-4 border-t border-rule py-2" data-way={way}>
      <div className={`min-w-0 flex-1 ${closed === null ? "" : "text-ink2"}`}>
        <p>
          <strong>{SECURITY_WAY_WORDS[way]}</strong>
          {chosen && " · decided"}
        </p>
        {closed === null ? (
          <>
            <p className="text-[13px]">Needs {needs.map(securityNeedText).join("; ")}.</p>
            {loses.length > 0 && (
              <p className="text-[13px]">Then {loses.map((loss) => SECURITY_LOSS_WORDS[loss]).join("; ")}.</p>
            )}
            {governs.length > 0 && (
              <p className="text-[13px] text-ink2">
                Governs{" "}
                {listed(
                  governs.map((pin) => `${cavityLabel(pin)} (${quantityHead(pin.quantity).toLowerCase()})`),
                  6,
                )}
                .
              </p>
            )}
          </>
        ) : (
          <p className="text-[13px]">Not open: {securityClosedText(closed)}.</p>
        )}
      </div>
      {closed === null && !chosen && (
        <Button primary={isFirst} onClick={choose}>
          Take this way
        </Button>
      )}
    </div>
  );
}
