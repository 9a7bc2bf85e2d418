"use client";

import { useMemo } from "react";
import { namedPositions } from "@/core/parts";
import { GEARBOX_TOPICS, type GearboxItem, gearboxItems, rangeCodes } from "@/core/transmission";
import { cavityLabel, GEARBOX_TOPIC_WORDS, gearboxItemText, gearboxStateText, quantityHead } from "@/core/words";
import { choiceOps } from "@/job/gearbox-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { Plate } from "@/ui/plate";
import { Empty } from "@/ui/states";
import { FactField } from "../facts/fact-field";
import { useJob } from "../shell/job-provider";

/** The gearbox's wiring, topic by topic. */
export function WiringView() {
  const job = useJob();
  const { document, plan, pinById } = job;
  const items = useMemo(() => {
    const pins = signalPinsIn(document);
    return gearboxItems(pins, plan.lines, ({ id }) =>
      /gear ?box.*(cooler|heater)|(cooler|heater).*gear ?box|transmission.*(cooler|heater)|(cooler|heater).*transmission/i.test(
        pinById.get(id)?.row.description ?? "",
      ),
    );
  }, [document, plan.lines, pinById]);
  if (items.length === 0)
    return (
      <Empty title="No gearbox wiring">
        <p>Nothing of a gearbox is in the tables: no range switch, solenoid, reversing lamp or speed sensor.</p>
      </Empty>
    );
  return (
    <div className="space-y-4">
      <RangeCodes />
      {GEARBOX_TOPICS.map((topic) => {
        const own = items.filter((item) => item.topic === topic);
        return own.length === 0 ? null : (
          <section key={topic} aria-label={GEARBOX_TOPIC_WORDS[topic]}>
            <h2 className="font-bold">
              {GEARBOX_TOPIC_WORDS[topic]} <span className="font-mono font-normal text-ink2">{own.length}</span>
            </h2>
            <table className="w-full table-fixed text-left">
              <tbody>
                {own.map((item) => (
                  <Item key={item.pin.id} item={item} />
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
    </div>
  );
}

function Item({ item }: { item: GearboxItem }) {
  const job = useJob();
  const { pin, from, state, driver, tappedBy } = item;
  const text = gearboxItemText(item);
  const bad = driver?.fits === false || tappedBy.length > 1 || state === "missing";
  const load = job.pinById.get(pin.id);
  const asks = driver !== null && driver.fits === null && driver.loadAmps === null;
  return (
    <>
      <tr className="border-t border-rule align-top">
        <td className="w-52 py-1.5 max-lg:w-40">
          {from === null ? (
            <span className="text-ink2">nothing</span>
          ) : (
            <Plate side={from.side} label={cavityLabel(from)} />
          )}
        </td>
        <td className="w-52 py-1.5 max-lg:w-44">
          <Plate side={pin.side} label={cavityLabel(pin)} />
        </td>
        <td className="py-1.5 pr-3">{job.pinById.get(pin.id)?.row.description ?? quantityHead(pin.quantity)}</td>
        <td className={`py-1.5 ${bad ? "font-semibold text-stop" : ""}`}>
          {gearboxStateText(item)}
          {text !== null && <span className="block text-[13px]">{text}</span>}
        </td>
      </tr>
      {asks && load !== undefined && (
        <tr>
          <td colSpan={4} className="pb-2 pl-8">
            <div className="max-w-xl">
              <FactField pin={load} field="amps" />
            </div>
          </td>
        </tr>
      )}
    </>
  );
}

/** What the range switch gives in each range, against what its computer expects. */
function RangeCodes() {
  const job = useJob();
  const contacts = useMemo(() => {
    const parts = job.report?.parts ?? [];
    return parts.flatMap((part) =>
      part.elements.flatMap((element) => {
        const positions = element.type === "switch" ? namedPositions(element) : [];
        if (element.type !== "switch" || positions.length === 0) return [];
        const at = [element.a, element.b].flatMap((terminal) => {
          const pinId = part.terminals.find(({ name }) => name === terminal)?.pinId;
          const view = pinId == null ? undefined : job.pinById.get(pinId);
          return view?.row.quantity === "gear-range" ? [view] : [];
        })[0];
        return at === undefined ? [] : [{ label: at.label, positions }];
      }),
    );
  }, [job.report?.parts, job.pinById]);
  const choice = job.document.choices.find(({ id }) => id === "gearbox");
  const expected = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(choice?.given ?? {}).flatMap(([key, bits]) =>
          key.startsWith("code ") ? [[key.slice(5), bits]] : [],
        ),
      ),
    [choice],
  );
  if (contacts.length === 0)
    return (
      <section aria-label="Range codes">
        <h2 className="font-bold">Range codes</h2>
        <p className="text-[13px] text-ink2">
          In which ranges each contact of the range switch is closed is not known yet: tick it in Harness, on the range
          switch, with a meter at each position of the lever. Then its codes stand here.
        </p>
      </section>
    );
  const codes = rangeCodes(
    contacts.map(({ positions }) => positions),
    expected,
  );
  const toggle = (range: string, nth: number) => {
    const bits = (expected[range] ?? 0) ^ (1 << nth);
    job.change(`Code expected in ${range}`, (person) =>
      choiceOps(
        job.document,
        "gearbox",
        { way: choice?.way ?? "kept", note: choice?.note ?? "", given: { ...choice?.given, [`code ${range}`]: bits } },
        person,
      ),
    );
  };
  return (
    <section aria-label="Range codes">
      <h2 className="font-bold">Range codes</h2>
      <table className="text-left">
        <thead className="text-[13px] text-ink2">
          <tr>
            <th className="py-1 pr-4 font-semibold">Lever</th>
            {contacts.map(({ label }) => (
              <th key={label} className="px-3 font-mono font-semibold">
                {label}
              </th>
            ))}
            <th className="px-3 font-semibold">Computer expects</th>
            <th className="font-semibold" />
          </tr>
        </thead>
        <tbody>
          {codes.map(({ range, closed, twice, expected: wanted, differs }) => (
            <tr key={range} className="border-t border-rule">
              <th className="py-1 font-mono">{range}</th>
              {closed.map((on, nth) => (
                <td key={contacts[nth]?.label} className="px-3">
                  {on ? "closed" : "open"}
                </td>
              ))}
              <td className="px-3">
                {contacts.map(({ label }, nth) => (
                  <label key={label} className="mr-2 inline-flex min-h-10 items-center gap-1">
                    <input
                      type="checkbox"
                      checked={wanted?.[nth] ?? false}
                      onChange={() => toggle(range, nth)}
                      aria-label={`${label} closed in ${range}, as the computer expects`}
                    />
                  </label>
                ))}
              </td>
              <td className="text-stop">
                {twice ? "the same code as another range" : differs ? "not what the computer expects" : ""}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
